import { tagNumber } from '../tagNumber';
import { YEARS } from '@hold-fast/contract/years';
import type { Facts, FaultWords } from '../catalogue/faults';

const MET_OTHER =
  'In der Bremse ist noch eine andere Flüssigkeitsfamilie: im selben Plan neu abdichten, oder das passende Datenblatt wählen.';
const NO_SUCH_WORK = ({ procedure }: Facts) =>
  `Bei einer Bremse dieser Art gibt es diese Arbeit nicht: ${String(procedure)}.`;

export const faults: FaultWords = {
  fault: {
    'gaugeId unknown': 'Dieses Messzeug gibt es nicht.',
    'wrenchId unknown': 'Diesen Schlüssel gibt es nicht.',
    'containerId unknown': 'Diesen Behälter gibt es nicht.',
    'stockId unknown': 'Dieses Teil gibt es nicht.',
    'sheetRevisionId unknown': 'Dieses Datenblatt gibt es nicht.',
    'gaugeId retired': 'Dieses Messzeug ist ausgemustert.',
    'gaugeId unsuited': 'Diese Art Messzeug ist hier nicht gut genug.',
    'pointCount wrong-part': 'Eine Scheibe hat Punkte; die anderen haben benannte Stellen.',
    'basis wrong-part':
      'Beläge werden ganz oder als Reibbelag gemessen, ein Hebel nach Weg oder vom Lenker; sonst nichts.',
    'measurementId unknown': 'Diese Messung gibt es in diesem Auftrag nicht.',
    'no-such-point': ({ place }) => `Die Stelle „${String(place)}“ gibt es an diesem Teil nicht.`,
    'replaces unknown': 'An dieser Stelle gibt es keinen solchen Wert zu berichtigen.',
    'subject wrong-part':
      'Ein Rand wird an einer Scheibe gefühlt, und die mittlere Stelle gilt für Spalte.',
    'no-such-area': 'Diese Bremse hat kein solches Teil.',
    'wrong-area': 'Das findet sich dort nicht.',
    'compound-change':
      'Die Scheibe wurde mit einer anderen Mischung eingebremst: sagen, was deswegen geschieht.',
    'not-identified': 'Zuerst diese Bremse bestimmen: ihr Datenblatt wählen.',
    'not-on-sheet':
      'Niemand gibt für diese Verschraubung ein Drehmoment an: am Teil oder im Blatt des Herstellers ablesen.',
    'wrenchId retired': 'Dieser Schlüssel ist ausgemustert.',
    'points-back': 'Dieser Hahnenfuß zeigt hinter den Griff zurück.',
    'window-too-narrow': 'Dieser Schlüssel kann diese Schraube nicht beweisen.',
    'outside-scale': 'Dieser Schlüssel kann diese Schraube nicht beweisen.',
    'outside-window': ({ loNm, hiNm }) =>
      `Zwischen ${String(loNm)} und ${String(hiNm)} N·m einstellen.`,
    'tighteningId unknown': 'Dieses Anziehen gibt es in diesem Auftrag nicht.',
    'no-such-bolt': ({ boltCount }) => `Es sind ${String(boltCount)} Schrauben.`,
    'no-such-pass': 'Eine einzelne Schraube geht vom Anlegen gleich auf voll.',
    'not-measured': 'Ein Klickschlüssel zeigt keine Zahl, und ein Wert gehört zu einer Schraube.',
    'no-clamp': 'Diese Verschraubung hält keine Schelle.',
    'passes-first': 'Die Spalte werden gemessen, wenn jeder Durchgang getan ist.',
    'gaps-were-unequal': 'Ungleiche Spalte sind aufgezeichnet: die Schelle lösen und neu anziehen.',
    'pieces not-enough': ({ count, description }) =>
      `Im Regal: ${String(count)} × ${String(description)}.`,
    'no-fluid-asked': 'Das Datenblatt dieser Bremse verlangt keine Flüssigkeit.',
    'fillId unknown': 'Diese Flüssigkeit gibt es in diesem Auftrag nicht.',
    'not-poured-back': 'Nur sauberes Mineralöl darf zurück; der Rest ist Altflüssigkeit.',
    'more-than-taken': ({ left }) => `Mehr als ${String(left)} mL davon können nicht übrig sein.`,
    'not-asked': 'Nichts, was hier getan wurde, verlangt das.',
    'not-by-words':
      'Der Beweis ist ihr Drehmoment, oder die Antwort des Herstellers: Worte allein sind keiner.',
    'of answer-first': 'Was daraus folgte, ist offen: erst beantworten, dann zurücknehmen.',
    'of failed-check':
      'Was nicht in Ordnung war, wird in Ordnung gebracht und nicht zurückgenommen.',
    'of unknown': 'Nichts mit dieser Kennung ist zurückzunehmen.',
    'procedures.front unsuited': NO_SUCH_WORK,
    'procedures.rear unsuited': NO_SUCH_WORK,
    'procedures.third unsuited': NO_SUCH_WORK,
    'not-done-yet': 'Nur was gewählt wurde und getan ist, kann noch einmal getan werden.',
    'say-why': 'Damit steht es besser da: schreiben, warum falsch war, was vorher da stand.',
    'found-again': 'Was wieder gefunden wird, wird nicht zurückgenommen.',
    'lead-only': 'Ein Fahrverbot nimmt eine Leitung zurück, mit Worten.',
    'no-common-window':
      'Die Prägung auf dem Teil und das Datenblatt haben kein Drehmoment gemeinsam: den Hersteller fragen.',
    'lead-decides': 'Welches der beiden gilt, sagt eine Leitung.',
    'procedures.front other-family-inside': MET_OTHER,
    'procedures.rear other-family-inside': MET_OTHER,
    'procedures.third other-family-inside': MET_OTHER,
    'asks-less': 'Hiermit würde von diesem Rad weniger verlangt: Das sagt eine Leitung.',
    'customerId unknown': 'Diesen Kunden gibt es nicht.',
    'serial-taken':
      'Ein anderes Rad hat diese Nummer: es suchen, oder die Nummer noch einmal ansehen.',
    slip: 'So wenig oder so viel misst hier nichts: Steht das Komma an seiner Stelle?',
    'new-is-worn': 'Neu ist es nicht dicker als seine Grenze.',
    'no-friction': 'Die Trägerplatte allein ist so dick: Zu verschleißen bliebe nichts.',
    'upside-down': 'Das Höchste ist weniger als das Mindeste.',
    'named-outside': 'Der eine Wert liegt außerhalb seiner Spanne.',
    'meets-nobody': 'Sie träfe kein Rad: Hersteller, Datenblatt oder Charge angeben.',
    'maker-of-serials': 'Wessen Seriennummern? Den Hersteller angeben.',
    'range-reversed': 'Die letzte Seriennummer kommt vor der ersten.',
    'not-this-bikes': 'Das ist kein früherer Besuch dieses Rads.',
    'of-area': 'Ein Bild ist von einer Stelle an einer Bremse, oder vom Rad, wie es kam.',
    'no-disc':
      'Das Rad ist an diesem Ende ohne Scheibe eingetragen: Seine Bremse bleibt unberührt.',
    'notice-rewritten': 'Die Mitteilung wurde inzwischen neu geschrieben: noch einmal lesen.',
    'second-pair': 'Der zweite Blick kommt von jemand anderem als einem Lehrling.',
    'words lead-only': 'Sie sagt, nicht zu fahren: Eine Leitung sagt, was getan wurde.',
    'passport altered':
      'Er wurde verändert, nachdem er geschrieben war. Nichts davon wird aufgenommen.',
    'passport record-altered': ({ number }) =>
      `Sein Protokoll ${String(number)} wurde verändert, nachdem es versiegelt war. Nichts davon wird aufgenommen.`,
    'passport other-bike': ({ serial }) =>
      `Es ist der Pass eines anderen Rades: Seriennummer ${String(serial)}.`,
    'passport no-visit': 'Das Rad erst annehmen: was mitkommt, hängt an einem Besuch.',
    'customer open-job': 'Ein Rad von ihnen ist in der Werkstatt. Erst den Auftrag abschließen.',
    'why-no-more': 'Schreiben, warum sie nicht mehr gilt.',
    'why-fewer': 'Schreiben, warum sie weniger betrifft als bisher oder fahren lässt.',
    outside: ({ least, most }) => `Es muss zwischen ${String(least)} und ${String(most)} liegen.`,
    'material-unknown':
      'Woraus ist das, worauf sie sitzt? Zuerst beim Rad eintragen: Carbon bekommt keine Feile.',
    'carbon-unanswered':
      'Carbon bekommt keine Feile vor dem schriftlichen Wort des Herstellers: ihn als Abweichung fragen und die Antwort anhängen.',
    'photoId unknown': 'Von diesem Ende gibt es kein solches Bild.',
    'off-already': 'Es steht schon als abgenommen da.',
    'goes not-alive': 'Es kam verurteilt ab: Es geht nicht ins Regal.',
    'goes measure-first': 'Zuerst messen: Ein gebrauchtes Teil liegt mit seinem Messwert im Regal.',
    'usedPartId unknown': 'Dieses gebrauchte Teil gibt es nicht.',
    'used-already': 'Es ist wieder an einem Rad oder weggeworfen.',
    'past-differs':
      'Ein gebrauchtes Teil behält seine Vergangenheit: so nehmen, wie es im Regal steht.',
    'say-how-it-fits':
      'Die Packung sagt nicht, dass es an diese Bremse passt: schreiben, wie es sich zeigte.',
    'always-fitted': 'Das hat jede Bremse.',
    'say-why-none': 'Schreiben, warum diese Bremse keines hat.',
    'no-plan': 'Das geht nicht in einem Besuch: Es hebt sich gegenseitig auf.',
    'wrong-end': 'Nur das Hebelgefühl wird Ende für Ende geprüft.',
    'reason empty': 'Schreiben, warum es ausgelassen wird.',
    'customer unknown': 'Diesen Kunden gibt es nicht.',
    'bike unknown': 'Dieser Kunde hat kein solches Rad.',
    'name taken': 'Ein anderes hat diesen Namen.',
    'feedSerial taken': 'Ein anderes hat diesen Namen an der Leitung.',
    taken: 'Ein anderes hat diesen Titel.',
    'not-a-picture': 'Das ist kein ganzes Bild.',
    'wrong-pin': 'Das ist nicht die PIN dieser Person.',
    'wrong-passphrase': 'Das ist nicht die Passphrase, mit der du dich angemeldet hast.',
    'same-as-before': 'Wähle eine andere als die, die du bekommen hast.',
    'pin-plain': 'Nicht immer dieselbe Ziffer und keine Reihe von Ziffern.',
    'own-account': 'Dein eigenes Konto ändert jemand anderes.',
    'last-owner': 'Mindestens ein Inhaber muss sich anmelden können.',
    'name locked':
      'Dieses Konto ist gesperrt. Wer die Werkstatt führt, kann es öffnen; was du geschrieben hast, wartet auf diesem Gerät.',
    'name at-the-machine':
      'Eine Werkstatt wird an dem Rechner eröffnet, auf dem sie läuft, unter http://localhost.',
    'newPin required': 'Wähle auch deine PIN.',
    'newPassphrase required': 'Wähle auch deine eigene Passphrase.',
    'new-not-above-limit': 'Neu muss dicker sein als die Grenze.',
    'thinner-than-plate': 'Der Belag muss im Neuzustand dicker sein als seine Platte.',
    'window-upside-down': 'Das kleinere Drehmoment darf nicht über dem größeren liegen.',
    'not-slower': 'Es muss langsamer werden.',
    'not-offered': 'Das steht hier nicht zur Wahl.',
    'doubt-under-step':
      'Schon sein Anzeigeschritt lässt mehr offen: mindestens der Schritt geteilt durch 1,73.',
    'points-on-vernier': 'Ein Nonius hat lange Backen und keine Spitzen.',
    'clicks-go-back':
      'Er hat inzwischen öfter geklickt. Zurück geht die Zahl nur mit einer neuen Kalibrierung: angeben, bis zu welchem Tag.',
    'under-assumed':
      'Weniger, als ohne Schein angenommen wird. Sagt es einer, „angenommen“ abwählen.',
    'wrong-fluid-kept': 'Ein Behälter mit falscher Flüssigkeit wird ausgebucht.',
    'no-pieces': 'Mehr oder weniger als keines.',
    twice: 'Jedes einmal.',
    'bands-overlap': 'Jedes Band muss über dem vorigen enden.',
    'no-time': 'Eine Uhrzeit wie 08:30.',
    'no-month-day': 'Ein Monat und ein Tag wie 03-01.',
    'closes-before-it-opens': 'Sie schließt, bevor sie öffnet.',
    'no-mechanic': 'Niemand an der Werkbank heißt so.',
    'day-full': 'Mehr Aufträge fasst der Tag nicht.',
    'no-time-zone': 'Keine Zeitzone mit diesem Namen.',
    'no-currency': 'Drei Buchstaben einer Währung, etwa EUR.',
    'year-out-of-range': `Ein Jahr von ${YEARS.from} bis ${YEARS.to}.`,
    unwritable: 'Ein Zeichen darin lässt sich nicht schreiben.',
    'too-fine': 'Mindestens 0,001 mm, oder nichts.',
    'pictures-of-job':
      'Die Bilder dieses Auftrags sind zusammen zu groß. Nichts wurde gespeichert; die vorhandenen bleiben.',
    'disk-full':
      'Die Platte des Rechners der Werkstatt ist voll. Nichts wurde gespeichert und nichts ist verloren; dort Platz schaffen, dann geht es weiter.',
    'not-json': 'Was gesendet wurde, ist kein JSON.',
    unreadable: 'Die Anfrage ließ sich nicht lesen.',
    'rows-refused': 'Einige Zeilen sind verweigert, also wurde nichts aufgenommen.',
    'yes-or-no': 'yes oder no, ja oder nein.',
    'third-unsaid': () =>
      'Angeben, was die dritte Bremse ist, oder none: Eine Scheibe, von der niemand spricht, sieht sich niemand an.',
    'none-of': ({ codes }) => `Eines von ${String(codes)}, oder nichts.`,
    'whole-number': 'Eine ganze Zahl, oder nichts.',
    'which-customer':
      'Mehrere Kunden heißen so: Schreib die Telefonnummer dessen dazu, der gemeint ist.',
    'no-such-bike':
      'Kein Rad hier hat diese Nummer, oder diesen Namen bei diesem Kunden: Nimm erst das Rad auf.',
    'which-bike':
      'Schreib die Nummer des Rades dazu, das gemeint ist: Sein Name allein sagt es nicht.',
    'not-yet': 'Dieser Tag kommt erst noch.',
    'calibrationDueOn too-far': 'So lange gilt keine Kalibrierung: Ihr Jahr noch einmal ansehen.',
    'printedUseBy too-far':
      'So lange hält keine Flüssigkeit: Das aufgedruckte Jahr noch einmal ansehen.',
    'openedOn not-yet': 'Der Tag, an dem es geöffnet wurde, kommt erst noch.',
    millimetres: 'Millimeter, wie 1,62.',
    'no-such-reading': 'Nichts dieser Art misst so viel: Sieh nach Teil, Stelle und Einheit.',
    'table empty': 'Es steht keine Zeile darin.',
    'table too-many-rows': ({ most }) =>
      `Sie hat mehr als ${String(most)} Zeilen: Nimm sie in Teilen auf.`,
    'table column-missing': ({ column }) => `Sie hat keine Spalte „${String(column)}“.`,
    'table column-twice': ({ column }) => `Zwei ihrer Spalten heißen „${String(column)}“.`,
    'table broken-quotes': ({ line }) =>
      `Ein Anführungszeichen wird nicht geschlossen, etwa in Zeile ${String(line)}.`,
    'no-phone': 'Von diesem Kunden steht keine Telefonnummer da.',
    'unknown-key': 'Dieses Feld gibt es hier nicht.',
    invalid_type: 'Das fehlt oder ist von falscher Art.',
    invalid_value: 'Das steht nicht zur Wahl.',
    invalid_format: 'Das ist nicht geschrieben, wie es sein muss.',
    invalid_union: 'Das ist nicht geschrieben, wie es sein muss.',
    not_multiple_of: 'Das hat mehr Nachkommastellen, als aufgehoben werden.',
    too_small: ({ minimum, origin }) =>
      origin === 'string' || origin === 'array'
        ? Number(minimum) === 1
          ? 'Das darf nicht leer sein.'
          : `Mindestens ${String(minimum)}.`
        : `Es muss mindestens ${String(minimum)} sein.`,
    too_big: ({ maximum, origin }) =>
      origin === 'string'
        ? `Höchstens ${String(maximum)} Zeichen.`
        : `Es darf höchstens ${String(maximum)} sein.`,
  },
  problem: {
    'invalid-input': 'Etwas darin kann nicht stimmen.',
    'not-signed-in':
      'Du bist nicht angemeldet. Anmelden und noch einmal senden; nichts wurde gespeichert.',
    'wrong-sign-in': 'Dieser Name und dieser Kennsatz gehören nicht zusammen.',
    'wrong-pin': 'Das ist nicht die PIN dieser Person.',
    'too-many-tries': ({ seconds }) =>
      seconds === undefined
        ? 'Zu viele falsche Versuche. Eine Viertelstunde warten.'
        : `Zu viele falsche Versuche. ${String(seconds)} s warten, dann noch einmal.`,
    'not-allowed': 'Deine Rolle darf das nicht.',
    'choose-secrets': 'Wähle zuerst deine eigene Passphrase und PIN.',
    'not-encrypted':
      'Über das Netz spricht die Werkstatt nur verschlüsselt. Öffne ihre Adresse mit https.',
    'other-person': 'Hier ist jemand anderes angemeldet. Das wartet auf die Person, der es gehört.',
    'cross-site': 'Das kam von einer anderen Seite und wurde nicht getan.',
    'not-found': 'Das gibt es hier nicht.',
    withdrawn: 'Die Werkstatt hat diese Adresse zurückgezogen. Frag dort nach einer neuen.',
    'id-reused': 'Diese Kennung wurde für etwas anderes verwendet. Nichts wurde gespeichert.',
    'version-conflict':
      'Jemand anderes hat das inzwischen geändert. Beide Fassungen sind aufgehoben: eine wählen.',
    'job-sealed':
      'Dieser Auftrag ist unterschrieben und versiegelt. Nichts darin ändert sich mehr.',
    'bike-here': ({ tag }) =>
      `Dieses Rad ist schon hier, an Zettel ${tagNumber(Number(tag))}: dort weitermachen.`,
    'reading-refused': 'Dieser Wert kann nicht stimmen.',
    'container-refused': 'Dieser Behälter darf für diese Bremse nicht verwendet werden.',
    'wrench-refused': 'Dieser Schlüssel kann diese Schraube nicht.',
    'stock-refused': 'Das gibt das Regal nicht her.',
    'fitting-refused': 'Dieses Teil darf so nicht verbaut werden.',
    'step-refused': 'Dieser Schritt kann so nicht getan oder ausgelassen werden.',
    'step-overtaken':
      'Jemand anderes ist mit diesem Plan weitergegangen. Nachsehen, wo er jetzt steht.',
    'nothing-to-decide': 'Ein solches Urteil gibt es nicht zu entscheiden.',
    'sign-off-refused': 'Dieser Auftrag darf noch nicht unterschrieben werden.',
    'too-large': 'Das ist zu groß.',
    unavailable:
      'Die Datenbank ist nicht erreichbar. Nichts wurde gespeichert; gleich noch einmal versuchen.',
    fault: 'Bei uns ist etwas schiefgegangen. Nichts wurde gespeichert.',
  },
  containerRefused: (why) => `Verweigert: ${why}.`,
  organicOnly: 'Die Scheibe ist nur für organische Beläge gekennzeichnet.',
};
