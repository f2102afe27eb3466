import type { TrustWords } from '../catalogue/trust';

export const trust: TrustWords = {
  over: 'Telefone im Netz der Werkstatt',
  title: 'Der Werkstatt einmal vertrauen',
  open: 'Ein Telefon hereinlassen',
  notOnNetwork:
    'Die Werkstatt ist nicht im Netz: nur dieser Rechner erreicht sie. Starte sie mit ./start --lan, dann können Telefone herein.',
  photograph: 'Mit dem Telefon fotografieren',
  fingerprint: 'Was das Telefon finden muss',
  compare:
    'Der Fingerabdruck (SHA-256) des Wurzelzertifikats der Werkstatt. Telefon und Theke müssen denselben zeigen.',
  otherwise:
    'Zeigt die Theke einen anderen? Dann steht jemand dazwischen: nimm das Zertifikat wieder weg und sag es dem, der die Werkstatt führt.',
  step: (nth) => `Schritt ${nth} von 3`,
  takeRoot:
    'Hol das Wurzelzertifikat der Werkstatt. Es bürgt für die Adresse dieser Werkstatt und für nichts sonst.',
  getRoot: 'Zertifikat holen',
  letTrust: [
    'Android: Einstellungen, Sicherheit, Mehr, Zertifikat installieren, CA-Zertifikat; die geholte Datei wählen.',
    'iPhone: Einstellungen, Profil geladen, Installieren; dann Allgemein, Info, Zertifikatsvertrauen, und einschalten.',
    'Ein Rechner: Einstellungen des Browsers, Zertifikate, Zertifizierungsstellen, Importieren, für Webseiten.',
  ],
  openShop: 'Die Werkstatt öffnen',
};
