import type { PeopleWords } from '../catalogue/people';

export const people: PeopleWords = {
  title: 'Leute',
  ofTheShop: 'Leute der Werkstatt',
  none: 'Noch niemand, dessen Konto du betreust.',
  add: 'Jemanden aufnehmen',
  addTitle: 'Jemand Neues',
  locked: 'gesperrt',
  apprentice: 'in Ausbildung',
  choosing: 'hat noch keine eigene Passphrase und PIN',
  signedIn: (count) =>
    count === 1 ? 'an einem Gerät angemeldet' : `an ${count} Geräten angemeldet`,
  noSuchPerson: 'Niemand dieses Namens, dessen Konto du betreust.',
  save: 'Sichern',
  back: 'Leute',
  name: 'Name',
  role: 'Rolle',
  roles: {
    owner: 'Inhaber: alles, und die Konten aller',
    lead: 'Leitung: nimmt an, was nicht bewiesen ist, betreut Lager und Werkbank',
    mechanic: 'Werkstatt: misst, arbeitet und unterschreibt',
    counter: 'Theke: nimmt an, bietet an und gibt heraus',
  },
  apprenticeSays: 'In Ausbildung: jemand anderes sieht sich die Arbeit vor der Unterschrift an',
  lock: 'Gesperrt: meldet sich nirgends an, unterschreibt nichts',
  firstPassphrase: 'Passphrase für die erste Anmeldung',
  firstPassphraseHint:
    'Zehn Zeichen oder mehr. Die eigene, und die PIN, wird beim Hereinkommen gewählt.',
  yourOwn:
    'Das ist dein eigenes Konto: den Namen änderst du hier, was du darfst, ändert ein anderer Inhaber.',
  newStart: 'Passphrase oder PIN vergessen',
  newStartSays:
    'Gibt eine Passphrase für eine Anmeldung. Überall abgemeldet, die PIN gilt nicht mehr, beides wird neu gewählt. Was unterschrieben ist, bleibt es.',
  giveNewStart: 'Diese Passphrase geben',
  given: (name) => `Sag ${name} die Passphrase: sie steht nirgends.`,
  sessions: 'Angemeldet an',
  noSession: 'Gerade nirgends.',
  device: { phone: 'Telefon', computer: 'Rechner', tablet: 'Tablet der Werkbank' },
  session: (device, address, since) => `${device}, ${address}, seit ${since}`,
  end: 'Beenden',
  changes: 'Was geändert wurde',
  change: {
    corrected: 'Berichtigt',
    'new-start': 'Passphrase für eine Anmeldung gegeben',
    chosen: 'Eigene Passphrase oder PIN gewählt',
  },
  was: (name, role, apprentice, locked) =>
    `vorher: ${[name, role, apprentice ? 'in Ausbildung' : '', locked ? 'gesperrt' : ''].filter(Boolean).join(', ')}`,
  changedBy: (at, by) => `${at}, ${by}`,
  own: {
    title: 'Deine Passphrase und PIN',
    welcome: (name) => `Willkommen, ${name}`,
    begin:
      'Jemand anderes kennt die Passphrase, mit der du hereingekommen bist. Wähle deine eigene und die PIN, mit der du Bremsen unterschreibst: niemand sonst sieht sie je.',
    open: 'Passphrase oder PIN ändern',
    passphrase: 'Deine Passphrase jetzt',
    given: 'Die Passphrase, die du bekommen hast',
    newPassphrase: 'Neue Passphrase',
    newPassphraseHint: 'Zehn Zeichen oder mehr: am besten ein paar Wörter.',
    newPin: 'Neue PIN',
    newPinHint: 'Vier bis acht Ziffern. Sie unterschreibt deine Arbeit.',
    asItIs: 'bleibt, wie sie ist',
    keep: 'So behalten',
    kept: 'Behalten. Deine anderen Geräte sind abgemeldet, wo die Passphrase neu ist.',
    signOut: 'Abmelden',
  },
};
