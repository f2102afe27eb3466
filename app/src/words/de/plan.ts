import { FIXED_GAP_MM } from '@hold-fast/core/cable/cable';
import { SINK_TEST_SECONDS } from '@hold-fast/core/lever/lever';
import { RADIAL_TARGET_MM } from '@hold-fast/core/mount/radial';
import { komma } from './komma';
import { METHODS_FAILED, type BleedStands } from '@hold-fast/core/fluid/bleedRun';
import type { StepRefusal } from '@hold-fast/core/job/planStep';
import type { StepId } from '@hold-fast/core/procedure/steps';
import type { PlanWords } from '../catalogue/plan';
import { parts } from './parts';
import { things } from './things';
import { verdicts } from './verdicts';

const step: PlanWords['step'] = {
  'wash-hands': {
    does: 'Hände und Werkbank waschen',
    why: 'Flüssigkeit oder Schmutz auf Belägen und Reibfläche ist Öl auf der Bremse.',
  },
  'wheel-out': { does: 'Laufrad ausbauen', why: 'Scheibe nach oben ablegen, aus dem Weg.' },
  'wheel-in': {
    does: 'Laufrad einsetzen',
    why: 'Zwischen den Belägen ist nichts mehr. Ganz einsetzen, dann drehen.',
  },
  'pads-out': {
    does: 'Beläge herausnehmen und eintüten',
    why: 'Clip, Stift, Beläge mit ihrer Feder. Ab hier kein Hebelzug.',
  },
  'pads-back': {
    does: 'Beläge wieder einsetzen',
    why: 'Feder sitzt, Stift drin, Clip auf dem Ende.',
  },
  'swab-pistons': {
    does: 'Um die Kolben herum auswischen',
    why: 'Sonst geht Schmutz mit zwischen Kolben und Dichtung.',
  },
  'pistons-home': {
    does: 'Kolben zurückdrücken',
    why: 'Gleichmäßig, mit Kunststoff. Nur saubere.',
  },
  'block-in': {
    does: 'Entlüftungsblock einsetzen und verstiften',
    why: 'Die Form dieses Sattels; er hält die Kolben zurück.',
  },
  'block-out': {
    does: 'Entlüftungsblock herausnehmen',
    why: 'Zuerst die Anschlüsse zu. Er muss heraus, bevor das Rad dreht.',
  },
  'spacer-in': {
    does: 'Belag-Abstandhalter einsetzen',
    why: 'Er hält die Beläge, solange der Anschluss am Hebel offen ist.',
  },
  'spacer-out': {
    does: 'Belag-Abstandhalter herausnehmen',
    why: 'Er muss heraus, bevor das Rad dreht.',
  },
  'pump-firm': {
    does: 'Hebel pumpen, bis er fest ist',
    why: 'Der erste Zug geht weit. Leichte Züge, dann urteilen.',
  },
  'lever-loosen': { does: 'Hebelschelle lösen', why: 'Damit sich der Hebel neigen lässt.' },
  'lever-tighten': {
    does: 'Hebelschelle anziehen',
    why: 'Beide Spalte der Schelle enden gleich; ungleiche brechen.',
  },
  'caliper-loosen': {
    does: 'Sattel lockern',
    why: 'Nur, bis er sich bewegt, und hinsehen: Oft setzt er sich von selbst.',
  },
  'caliper-off': {
    does: 'Sattel von der Aufnahme nehmen',
    why: 'Schrauben zurück in ihr Loch. Aufhängen, nicht baumeln lassen.',
  },
  'caliper-on': {
    does: 'Sattel lose ansetzen',
    why: 'Frische Schraubensicherung, oder was das Datenblatt verlangt.',
  },
  'bleed-kit-on': {
    does: 'Becher auf den Hebel, Spritze an den Sattel',
    why: 'Nur von Hand. Lappen um den Hebel; Spritze ohne Blasen, Spitze nass.',
  },
  'bleed-kit-off': {
    does: 'Nippel zu, Spritze ab, Anschluss randvoll, Becher ab',
    why: 'Zu, bevor etwas abkommt. O-Ring auf die Schraube, Kappe auf den Nippel.',
  },
  'top-up-cup-on': {
    does: 'Hebel waagrecht, Becher drauf',
    why: 'Adapter und Becher nur von Hand: Das Gewinde ist Kunststoff.',
  },
  'top-up-cup-off': {
    does: 'Becher ab, Anschluss randvoll und zu',
    why: 'Ein niedriger Stand schließt Luft ein. Der O-Ring kann im Anschluss geblieben sein.',
  },
  inspect: {
    does: 'Bremse prüfen',
    why: 'Beläge, Scheibe, Sattel auf Risse, Schlauch, Lecks, Schrauben.',
  },
  'clean-caliper': {
    does: 'Sattel ausreinigen',
    why: 'Mit Licht hindurchsehen: Sand oder ein Haar genügt.',
  },
  'clean-rotor': {
    does: 'Reibfläche reinigen und anschleifen',
    why: 'Gleichmäßig matt, frisches Papier und Tuch für die Scheibe, dann noch einmal reinigen.',
  },
  'clean-pads': {
    does: 'Beläge reinigen und anschleifen',
    why: 'Ein Versuch; getränkte Beläge werden ersetzt.',
  },
  'measure-after-cleaning': {
    does: 'Beläge und Scheibe noch einmal messen',
    why: 'Der spätere Wert zählt: Die Kur selbst kann sie verwerfen.',
  },
  'push-pistons-out': {
    does: 'Kolben herausholen, höchstens 3\u00a0mm',
    why: 'Ein Spreizer hält die freien, während der klemmende kommt.',
  },
  'exercise-pistons': {
    does: 'Kolben schmieren und gängig machen',
    why: '3- bis 12-mal hinein und heraus, bis sie sich gleich bewegen; was das Datenblatt sagt, oder nichts.',
  },
  'strip-brake': {
    does: 'Alte Bremse abbauen',
    why: 'Alten Zug oder Schlauch behalten, um den neuen einzuziehen.',
  },
  'sponge-test-before': {
    does: 'Hebel auf Luft prüfen, wie er hereinkam',
    why: 'Damit bekannt ist, was das Entlüften geändert hat. Mit Grund ausgelassen, wo er sich nicht ziehen lässt.',
  },
  'peel-tape': {
    does: 'Griffgummi und Lenkerband abziehen',
    why: 'Nur bis zum Hebel und seiner Verbindung; zeichnen, wo der Hebel sitzt.',
  },
  'dress-mount': {
    does: 'Auflageflächen nacharbeiten',
    why: 'Nur Grat und Lack, bis gerade Metall erscheint. Kein Wackeln, gleicher Spalt.',
  },
  'adapter-on': { does: 'Adapter anbauen', why: 'Sein Zeichen „up“ nach oben.' },
  'cable-out': {
    does: 'Zug herausnehmen',
    why: 'Klemmschraube lösen; ausgefranst, geknickt und verrostet sind Gründe für einen neuen.',
  },
  'new-housing': {
    does: 'Neue Zughülle ablängen und einbauen',
    why: 'Rechtwinklig, aufgeweitet, an jedem Ende eine Endkappe.',
  },
  'new-cable-in': {
    does: 'Neuen Zug einziehen und klemmen',
    why: 'Endkappe auf das Ende.',
  },
  'rotor-off': {
    does: 'Scheibe abnehmen',
    why: 'Alte Schrauben eine nach der anderen, über Kreuz.',
  },
  'clean-hub-face': {
    does: 'Nabenfläche reinigen',
    why: 'Schmutz unter der Scheibe liest sich als Schiefe.',
  },
  'new-brake-on': {
    does: 'Neue Bremse anbauen, Sattel lose, Hebel lose',
    why: 'Schlauch verlegen: nichts scheuert, innen am Bein.',
  },
  'open-at-lever': {
    does: 'Verbindung am Hebel öffnen',
    why: 'Sie zeigt nach oben, höher als die Flüssigkeit dahinter.',
  },
  'open-at-caliper': {
    does: 'Verbindung am Sattel öffnen',
    why: 'Wanne darunter; Schlauch verschließen.',
  },
  'new-caliper-on': {
    does: 'Neuen Sattel lose ansetzen',
    why: 'Er kann einen anderen Block, Stiftschlüssel und Nippelschlüssel brauchen.',
  },
  'route-new-hose': {
    does: 'Neuen Schlauch verlegen',
    why: 'Mit dem alten einziehen; an einer scharfen Öffnung ummanteln.',
  },
  'cup-on-caliper': {
    does: 'Becher und Spritze an den Sattel',
    why: 'Beide Anschlüsse sitzen am Sattel. Nur von Hand; Lappen darum, Spritze ohne Blasen.',
  },
  'straighten-fins': {
    does: 'Kühlrippen richten',
    why: 'Beläge draußen, mit flacher Zange, in kleinen Schritten: Verbogene streifen das Rad.',
  },
  'reroute-hose': {
    does: 'Schlauch anders verlegen oder ummanteln',
    why: 'Innen am Bein, alle 150 bis 250 mm eine Führung, nichts scheuert, Lenker beidseits voll eingeschlagen.',
  },
  'new-cable-caliper-on': {
    does: 'Neuen Sattel lose ansetzen',
    why: 'Gleicher Zugweg wie der Hebel: lang und kurz passen nicht zusammen.',
  },
  'new-cable-lever-on': {
    does: 'Neuen Hebel anbauen',
    why: 'Gleicher Zugweg wie der Sattel: lang und kurz passen nicht zusammen.',
  },
  'rebuild-caliper': {
    does: 'Sattel zerlegen und neu abdichten',
    why: 'Entleert, Schlauch gespült; jede Dichtung neu, Bohrungen ansehen: riefige werden ersetzt. Nass zusammen, mit seiner eigenen Flüssigkeit.',
  },
  'rebuild-lever': {
    does: 'Hebel zerlegen und neu abdichten',
    why: 'Entleert, Schlauch gespült; jede Dichtung neu, Bohrung ansehen: eine riefige wird ersetzt. Nass zusammen, mit seiner eigenen Flüssigkeit. Wo das Datenblatt es nicht erlaubt, ein anderer Hebel.',
  },
  'new-lever-on': {
    does: 'Neuen Hebel lose anbauen',
    why: 'Gleiche Spalte an der Schelle; Paste oder Fett nach dem Lenker.',
  },
  'hose-over': {
    does: 'Schlauch an den anderen Hebel führen',
    why: 'Beide Schläuche sind ab. Nie nur die Worte: Der Fahrer wird noch einmal nach der Seite gefragt.',
  },
  'olive-at-caliper': {
    does: 'Mutter und neue Olive für das Sattelende',
    why: 'Eine gequetschte Olive wird nie wieder verwendet; ein gekürztes Ende bekommt auch eine neue Stützhülse.',
  },
  'new-banjo-seals': {
    does: 'Neue Dichtungen beidseits des Ringanschlusses',
    why: 'Bei lockerer Schraube den Schlauch auf seinen geradesten Abgang drehen; dann anziehen und auf Feuchte sehen.',
  },
  'adjust-hub': {
    does: 'Das Spiel aus der Nabe nehmen',
    why: 'Eine wackelnde Nabe sieht aus wie eine krumme Scheibe und ein Sattel, der nicht mittig sitzt.',
  },
  'tension-spokes': {
    does: 'Speichen spannen, Gebrochenes ersetzen',
    why: 'Ein loses Laufrad bewegt sich unter der Bremse: Nichts, was daran gemessen wird, wird geglaubt.',
  },
  'seat-axle': {
    does: 'Die Achse setzen, schließen, auf ihr Drehmoment bringen',
    why: 'Zuerst sitzt das Rad ganz in den Ausfallenden. Ohne Datenblatt 10 bis 15 N·m für eine Steckachse, aus dem Gedächtnis; ein Schnellspanner lässt seinen Abdruck in der Hand.',
  },
  'retorque-bolts': {
    does: 'Jede Schraube auf ihr Drehmoment bringen',
    why: 'Scheibe und Adapter hier, der Sattel, sobald er zentriert ist. Eine rundgedrehte, gelängte oder fehlende Schraube wird erneuert.',
  },
  'washers-on': {
    does: 'Die gewählten Scheiben unterlegen',
    why: 'Unter beiden Schrauben gleich, die dickste zuerst.',
  },
  'radial-check-after': {
    does: 'e noch einmal messen',
    why: `Unterlegscheiben drin, Sattel angelegt: ${komma(RADIAL_TARGET_MM.least)} bis ${komma(RADIAL_TARGET_MM.most)} mm innerhalb des Scheibenrands.`,
  },
  'join-off-frame': {
    does: 'Schlauch und Sattel neben dem Rahmen verbinden',
    why: 'Schlauch bis zum Anschlag, Mutter gerade von Hand angesetzt: Später ist dafür kein Platz.',
  },
  'route-inside': {
    does: 'Schlauch durch den Rahmen ziehen',
    why: 'Von der Sattelseite, mit dem alten Schlauch oder Magnet; gegen Klappern ummanteln.',
  },
  'cut-hose': {
    does: 'Am Hebel abmessen und rechtwinklig kürzen',
    why: 'Bis jetzt lang lassen: Lenker beidseits voll einschlagen.',
  },
  'new-barb': {
    does: 'Neue Stützhülse einpressen',
    why: 'Schlauch fest klemmen; die Stützhülse dieser Schlauchart.',
  },
  'new-olive': {
    does: 'Hülle, Mutter und neue Olive aufschieben',
    why: 'Eine gequetschte Olive wird nie wieder verwendet.',
  },
  'join-at-caliper': {
    does: 'Schlauch am Sattel verbinden',
    why: 'Schlauch bis zum Anschlag, Mutter gerade von Hand angesetzt.',
  },
  'lever-off-bar': {
    does: 'Hebel vom Lenker nehmen',
    why: 'Die Zeichen am Lenker sagen, wohin er zurückkommt; Schlauch abkleben und zeichnen.',
  },
  'lever-on-bar': {
    does: 'Hebel auf seine Zeichen zurück',
    why: 'Schlauch in seiner Rille, Schelle lose, bis die Bremse entlüftet ist.',
  },
  'join-at-lever': {
    does: 'Schlauch am Hebel verbinden',
    why: 'Gegen den Schlüssel stillhalten; Hahnenfuß, wo der Drehmomentschlüssel nicht hinkommt.',
  },
  'push-up': {
    does: 'Flüssigkeit vom Sattel hochdrücken',
    why: 'Becher nach vorn geneigt, Stößel heraus, Nippel eine halbe Drehung, langsam. Zwei saubere Durchgänge.',
  },
  'gravity-down': {
    does: 'Flüssigkeit aus dem Becher fallen lassen',
    why: 'Schlauch von unten nach oben klopfen; den Becher nie leer laufen lassen.',
  },
  'two-syringes': {
    does: 'Hinunter, dann hinauf drücken, bis keine Blase kommt',
    why: 'Zum Schluss: beide Ventile zu, das Sattelende zuerst.',
  },
  'caliper-burp': {
    does: 'Sattel stoßweise entlüften',
    why: 'Druck halten, Nippel kurz auf und zu, pumpen, noch einmal.',
  },
  'lever-tilt': {
    does: 'Nippel zu, Hebel neigen und klopfen',
    why: 'Waagrecht, 45° nach vorn, 25° zurück, bis keine Blase kommt.',
  },
  'top-up': {
    does: 'Am Hebel nachfüllen',
    why: 'Klopfen, kurze Züge, aufhören, wenn keine Blase kommt.',
  },
  'rotor-on': {
    does: 'Scheibe wieder aufsetzen, Schrauben handfest',
    why: 'Pfeil nach vorn, frische Schraubensicherung auf gebrauchte Schrauben.',
  },
  'new-rotor-on': {
    does: 'Neue Scheibe aufsetzen, Schrauben handfest',
    why: 'Pfeil nach vorn, Schrift nach außen, nur an den Armen anfassen.',
  },
  'torque-rotor': {
    does: 'Scheibe anziehen',
    why: 'Über Kreuz: anlegen, halb, voll, prüfen.',
  },
  'wind-back-adjusters': {
    does: 'Belagsteller zurückdrehen',
    why: 'Neue Beläge schleifen sonst.',
  },
  'new-pads-in': {
    does: 'Neue Beläge einsetzen',
    why: 'Feder sitzt, Stift drin, Clip auf dem Ende. Immer ein Paar.',
  },
  'throttle-back': {
    does: 'Gasgriff mit seiner Endscheibe wieder anbauen',
    why: 'Er muss vor jeder Fahrt frei zuspringen.',
  },
  'set-levers': {
    does: 'Hebel einstellen',
    why: 'Griffweite, Druckpunkt und Winkel gleich, wenn der Fahrer nichts anderes will.',
  },
  'true-rotor': {
    does: 'Scheibe richten',
    why: 'Sauber, mit der Richtgabel, in kleinen Schritten.',
  },
  'bearing-play': {
    does: 'Lagerspiel am Boden einstellen',
    why: 'Rad drin, Lenker gerade, Vorderbremse gezogen, wippen; dann die Vorbauschrauben anziehen.',
  },
  'runout-check': {
    does: 'Scheibe mit der Messuhr abfahren',
    why: 'Eine langsame Umdrehung vorwärts.',
  },
  'radial-check': {
    does: 'Prüfen, dass die Beläge die ganze Reibfläche bestreichen',
    why: 'Weder über ihren Rand noch auf die Arme.',
  },
  'fixed-pad-gap': {
    does: 'Spalt des festen Belags einstellen',
    why: `${komma(FIXED_GAP_MM.least)} bis ${komma(FIXED_GAP_MM.most)} mm, vor dem Spiel des Zugs.`,
  },
  'cable-slack': {
    does: 'Spiel des Zugs wegnehmen',
    why: 'Am Einsteller. Belagverschleiß gleichen die Belagsteller aus, nicht der Arm.',
  },
  'sponge-test': {
    does: 'Hebel auf Luft prüfen',
    why: 'Rad drin, nach dem Pumpen. Die andere Bremse ist der nächste Maßstab.',
  },
  align: {
    does: 'Sattel zentrieren',
    why: 'Hebel fest halten und abwechselnd anziehen; auf die letzte Drehung achten.',
  },
  'torque-caliper': {
    does: 'Sattel anziehen',
    why: 'Vierteldrehungen abwechselnd; nach der letzten die Spalte noch einmal ansehen.',
  },
  'hard-pull': {
    does: `Hebel ${SINK_TEST_SECONDS} s fest halten`,
    why: 'Eine Verbindung knapp über handfest ist nicht dicht: Das beweist es. Papiertuch darum.',
  },
  'bolt-check': {
    does: 'Jede Schraube namentlich prüfen',
    why: 'Scheibe, Sattel, Hebelschelle, Verbindungen; auch Kappen und Clips.',
  },
  'stand-test': {
    does: 'Am Ständer prüfen',
    why: 'Kein Schleifen, kein Leck, das Rad hält an. Hebelseite wie vereinbart.',
  },
  'wrap-tape': {
    does: 'Lenker umwickeln, Griffgummis zurück',
    why: `Erst jetzt: Die Verbindung blieb ${SINK_TEST_SECONDS} s fest gehalten trocken.`,
  },
  'careful-ride': {
    does: 'Vorsichtig fahren',
    why: 'Sanfte Züge, dann kräftige, an sicherer Stelle.',
  },
  'bed-in': {
    does: 'Einbremsen',
    why: 'Zehn gleichmäßige Bremsungen bis Schritttempo; nie schleifen, nie blockieren, kein Stehen auf heißer Bremse.',
  },
  'witness-ring': {
    does: 'Tragbild-Ring ansehen',
    why: 'Ein gleichmäßig mattgrauer Ring über die ganze Belagbreite.',
  },
  'stop-test-before': {
    does: 'Bremsprobe vor der Arbeit',
    why: 'Mindestens drei Fahrten, gleiche Stelle und gleicher Fahrer wie danach.',
  },
  'stop-test-after': {
    does: 'Bremsprobe nach der Arbeit',
    why: 'Gleicher Fahrer, gleiche Reifen und Fahrbahn wie davor.',
  },
};

function fault(what: StepRefusal): string {
  switch (what.code) {
    case 'needs':
      return `Noch nicht: ${things.brakeState[what.of]}.`;
    case 'rule':
      return `Verweigert von einer Regel der Werkbank: ${verdicts.benchRule[what.rule]}.`;
    case 'hands':
      return 'Zuerst die Hände waschen.';
    case 'part-unrecorded':
      return `Zuerst aus dem Regal nehmen oder sagen, woher es kam: ${parts.part[what.part]}. Das alte wird nie wieder verwendet.`;
    case 'other-end-open':
      return `Noch nicht: Die Bremse ${things.end[what.end]} ist nicht ganz und bewiesen.`;
    case 'other-end-not':
      return `Noch nicht: Die Bremse ${things.end[what.end]} ist nicht so weit, wie es hier nötig ist. Zuerst ihren Schritt.`;
    case 'do-not-ride':
      return 'Auf diesem Rad steht „Nicht fahren“: Es wird weder geprüft noch gefahren. Arbeit und ein weiterer Blick heben es auf.';
    case 'material-unknown':
      return `Woraus ist ${what.axle === 'front' ? 'die Gabel' : 'der Rahmen'}? Zuerst beim Rad eintragen: Carbon bekommt keine Feile.`;
    case 'carbon-unanswered':
      return 'Carbon bekommt keine Feile vor dem schriftlichen Wort des Herstellers: ihn als Abweichung fragen und die Antwort anhängen.';
    case 'may-not-ride':
      return 'Der Kunde will nicht, dass die Werkstatt damit fährt: auslassen, mit diesem Grund, und ihm sagen, dass er es vorsichtig ausprobiert.';
    case 'fit-unchecked':
      return `Zuerst prüfen, ob die größere Scheibe ${things.end[what.end]} passt: vorher wird nichts davon begonnen.`;
    case 'fit-refused':
      return `Die verlangte Scheibe passt ${things.end[what.end]} nicht: eine andere wählen oder dies auslassen.`;
    case 'largest-unknown':
      return `Niemand weiß, welche Scheibe ${what.axle === 'front' ? 'die Gabel' : 'der Rahmen'} höchstens erlaubt: den Hersteller fragen und aufschreiben.`;
    case 'hose-too-short':
      return `Um ${what.missingMm} mm zu kurz: nicht schneiden. Auslassen und den Schlauch erneuern.`;
    case 'levers-apart':
      return `Beide Hebel sitzen noch nicht gleich: ${what.measures.map((each) => things.pairMeasure[each]).join(', ')}. Einstellen und neu messen, oder aufschreiben, was der Fahrer wollte.`;
    case 'pull-unknown':
      return `Langer oder kurzer Zugweg? Zuerst Hebel und Sattel ${things.end[what.end]} ansehen.`;
    case 'pull-mismatch':
      return `Hebel und Sattel ${things.end[what.end]} wollen verschiedene Zugwege: eines davon gehört zu etwas anderem.`;
    case 'gap-unmeasured':
      return 'Zuerst den Spalt des festen Belags messen und einstellen: er darf nicht anliegen.';
    case 'number-missing':
      return `Zuerst die Zahl nehmen: ${what.number === 'radial' ? 'wie weit die Beläge innerhalb des Rands liegen' : things.subject[what.number]}, nach der Arbeit. Oder auslassen, mit dem Grund.`;
    case 'lever-untested':
      return `Die Bremse ${things.end[what.end]} wurde geöffnet und ihr Hebel hat seitdem keine Zahl: zuerst auf Luft prüfen.`;
    case 'bolt-open':
      return `Zuerst auf sein Drehmoment bringen: ${things.fastener[what.fastener]}, ${things.end[what.end]}.`;
    case 'stand-untested':
      return `Nicht gefahren, bevor die Bremse ${things.end[what.end]} nach der Arbeit und dem letzten Drehmoment am Ständer probiert ist: Sie dreht frei, und nichts schleift.`;
    case 'cut-off-untested':
      return `Vor der Fahrt: sehen, dass der Hebel der Bremse ${things.end[what.end]} den Motor abschaltet.`;
    case 'not-planned':
      return 'Das steht nicht mehr im Plan.';
    case 'set-up':
      return 'Spätere Schritte brauchen es: Es kann nicht ausgelassen werden.';
    case 'no-way':
      return 'Ohne das lässt sich die Bremse nicht fertig machen: Es kann nicht ausgelassen werden.';
  }
}

function stays(setUp: StepId | 'wash-hands'): string {
  switch (setUp) {
    case 'wheel-out':
      return 'Das Laufrad bleibt draußen';
    case 'pads-out':
      return 'Die Beläge bleiben draußen';
    case 'caliper-off':
      return 'Der Sattel bleibt ab';
    case 'lever-loosen':
      return 'Der Hebel bleibt lose';
    default:
      return 'Es bleibt dran';
  }
}

function bleed(stands: BleedStands): { title: string; says: string } {
  switch (stands.code) {
    case 'go-on':
      return {
        title: step[stands.method].does,
        says:
          stands.cleanToGo === 1
            ? 'Noch ein sauberer Durchgang, dann entscheidet der Hebel.'
            : 'Bis zwei Durchgänge nacheinander keine Blase zeigen.',
      };
    case 'prove':
      return {
        title: 'Zweimal sauber',
        says: 'Schließen und den Hebel auf Luft prüfen: Er entscheidet.',
      };
    case 'done':
      return {
        title: 'Entlüftet',
        says: 'Zwei saubere Durchgänge, und der Hebel hat sich als gut bewiesen.',
      };
    case 'escalate':
      return {
        title: 'Noch nicht gut',
        says: `Der Hebel ist noch weich. Als Nächstes: ${step[stands.to].does}.`,
      };
    case 'look-for-leak':
      return {
        title: 'Nach einem Leck suchen',
        says: `${METHODS_FAILED} Verfahren haben nicht geholfen: Es liegt nicht mehr an Luft. Jede Verbindung trocknen, ${SINK_TEST_SECONDS} s fest halten, Papiertuch darum.`,
      };
  }
}

export const plan: PlanWords = {
  step,
  procedure: {
    inspect: 'Prüfen',
    'clean-caliper': 'Sattel ausreinigen',
    'straighten-fins': 'Kühlrippen richten',
    'strip-track': 'Reibfläche abziehen, neu einbremsen',
    'clean-pads-and-rotor': 'Beläge und Scheibe reinigen',
    'dress-mount': 'Auflageflächen nacharbeiten',
    'service-pistons': 'Kolben warten',
    'fit-hydraulic': 'Hydraulische Bremse anbauen',
    'cable-to-hydraulic': 'Von Zug auf Hydraulik',
    'change-caliper': 'Sattel wechseln',
    'change-lever': 'Hebel wechseln',
    'reseal-caliper': 'Sattel neu abdichten',
    'reseal-lever': 'Hebel neu abdichten',
    'renew-hose': 'Schlauch erneuern',
    'renew-hose-inside': 'Schlauch im Rahmen erneuern',
    'lever-off-bar': 'Rennlenker: Hebel ab, neu wickeln',
    'shorten-hose': 'Schlauch kürzen',
    'reroute-hose': 'Schlauch anders verlegen',
    'remake-at-lever': 'Verbindung am Hebel erneuern',
    'remake-at-caliper': 'Verbindung am Sattel erneuern',
    'swap-sides': 'Hebelseiten tauschen',
    'bleed-push-up': 'Entlüften: hochdrücken',
    'bleed-gravity': 'Entlüften: fallen lassen',
    'bleed-burp': 'Entlüften: Sattel stoßweise',
    'bleed-tilt': 'Entlüften: stoßweise, dann Hebel neigen',
    'bleed-two-syringes': 'Entlüften: zwei Spritzen',
    'top-up': 'Am Hebel nachfüllen',
    'go-up-a-size': 'Größere Scheibe',
    'change-rotor': 'Scheibe wechseln',
    'refit-rotor': 'Unter der Scheibe reinigen',
    'radial-check': 'Radiale Prüfung und Unterlegscheiben',
    'reset-pads': 'Kolben und Belagsteller zurückstellen',
    'change-pads': 'Beläge wechseln',
    'renew-cable': 'Zug erneuern',
    'set-up-cable': 'Zugbremse einstellen',
    'true-rotor': 'Scheibe richten',
    'adjust-hub': 'Spiel aus der Nabe nehmen',
    'tension-spokes': 'Speichen spannen',
    'seat-axle': 'Achse setzen',
    'tighten-bolts': 'Jede Schraube anziehen',
    'tighten-lever': 'Hebelschelle anziehen',
    align: 'Sattel zentrieren',
    'set-levers': 'Hebel einstellen',
    'bed-in': 'Einbremsen',
    'final-check': 'Nur Schlussprüfung',
  },
  tool: {
    none: 'nichts',
    hands: 'bloße Hände',
    'pin-key': 'Stiftschlüssel und Spitzzange',
    'pad-tool': 'Belag-Abstandhalter mit zwei Enden',
    'piston-holder': 'Kolbenhalter oder Kunststoffhebel',
    block: 'der Entlüftungsblock dieses Sattels',
    gauge: 'Dickenmesser',
    dial: 'Messuhr',
    'torque-wrench': 'Drehmomentschlüssel, wo nötig mit Hahnenfuß',
    'rotor-tool': 'T25 oder Verschlussringwerkzeug',
    'hex-5': 'Innensechskant 4 und 5 mm',
    'bleed-kit': 'Entlüftungsbesteck für diesen Anschluss',
    'hose-cutter': 'Schlauchschneider mit Hülsenpresse',
    'spanner-8': 'Gabelschlüssel 8 mm',
    'cable-cutter': 'Zug- und Hüllenschneider',
    'centring-cards': 'zwei dünne Karten, oder weiße Karte und Lampe',
    file: 'feine Flachfeile und rechtwinkliger Klotz',
    'hub-tools': 'Nabenwerkzeug',
    'spoke-key': 'Speichenschlüssel',
    abrasive: 'flacher Klotz',
    rule: 'Lineal und Wasserwaage',
  },
  consumable: {
    isopropyl: 'Isopropanol, mindestens 90 %',
    'lint-free-cloth': 'fusselfreies Tuch',
    gloves: 'Handschuhe',
    glasses: 'Brille',
    swabs: 'Tupfer',
    'own-fluid-or-grease': 'die Flüssigkeit des Systems, oder was das Datenblatt sagt',
    threadlocker: 'Schraubensicherung mittelfest',
    'brake-cleaner': 'Bremsenreiniger',
    'abrasive-paper': 'Papier 60 bis 120, frisch für die Scheibe',
    mask: 'Maske',
    rags: 'Lappen',
    bag: 'Tüte für die Beläge',
    tape: 'Band und Binder',
    'paste-or-grease': 'Carbonpaste oder Fett, je nach Lenker',
    grease: 'Fett',
    'seal-paint': 'Lack, um blankes Metall zu versiegeln',
  },
  caution: {
    'gloves-and-glasses': 'Handschuhe und Brille: Hier ist Flüssigkeit.',
    ventilate: 'Fenster auf: Reiniger und Staub. Keine Druckluft.',
    'rotor-sharp-and-hot': 'Die Scheibe ist scharf und kann heiß sein.',
    'fingers-off-turning-rotor': 'Finger weg von der drehenden Scheibe.',
    'no-air-on-pistons': 'Keine Druckluft auf Kolben.',
    'glycol-off-paint': 'Glykol löst Lack: sofort Wasser.',
    'mineral-off-pads': 'Mineralöl verdirbt Beläge: sie und die Scheibe davon fernhalten.',
    'waste-to-recycling': 'Altflüssigkeit kommt in den Altbehälter.',
    'torque-by-sheet': 'Drehmoment nach dem Datenblatt des Herstellers.',
    'damage-to-maker': 'Vermuteter Schaden geht an eine Fachkraft oder den Hersteller.',
    'no-lever-pads-out': 'Ohne Beläge kein Hebelzug: Die Kolben kommen heraus.',
    'three-mm-at-most': 'Nicht weiter als 3 mm: Danach fallen sie heraus.',
    'nipple-shut-before-lever': 'Den Hebel nie loslassen, solange der Nippel offen ist.',
    'motor-off': 'Motor aus, Akku heraus, bevor Hände hineingehen.',
    'hub-motor-plug': 'Der Stecker eines Nabenmotors geht vor dem Rad ab.',
    'structural-metal':
      'Grundmaterial nur mit dem Planfräser; Carbon nur auf schriftliches Wort des Herstellers.',
    'local-law': 'Örtliche Vorschriften über E-Bikes und Bremsen gehen vor.',
  },
  place: {
    level: 'Rad waagrecht im Ständer',
    'nose-up': 'Rad so gedreht, dass der Schlauch durchweg steigt',
    'on-bench': 'auf der Werkbank',
    'on-ground': 'Rad am Boden',
    riding: 'draußen, Ausrüstung geprüft',
  },
  alignment: {
    squeeze:
      'Ziehen: nur lockern, bis er sich bewegt, hinsehen; Hebel fest halten, abwechselnd anziehen.',
    shims:
      'Karten: zwei gleich dünne beidseits der Scheibe, Hebel halten, Vierteldrehungen abwechselnd; langsames Drehen trägt sie heraus.',
    'centring-tool':
      'Zentrierwerkzeug über die Scheibe: pumpen, anziehen, und heraus damit, bevor das Rad dreht.',
    'by-eye':
      'Nach Auge: Licht oder weiße Karte dahinter, beidseits gleiche Streifen, nach und nach anziehen, nach der letzten Drehung noch einmal hinsehen.',
  },
  alignmentWhy: {
    'pistons-uneven': 'sich die Kolben ungleich bewegen',
    'rotor-wavy': 'die Scheibe wellig ist',
    sound: 'Kolben und Scheibe als gesund gesehen wurden',
    'not-known': 'niemand Kolben und Schlag angesehen hat',
    'pads-tapered':
      'die Beläge keilförmig verschlissen sind: darauf gezogen, nimmt der Sattel ihre Schräge an',
  },
  alignmentFirst: {
    'dress-mount': 'Zuerst die Auflageflächen abrichten: auf ihnen hält kein Ausrichten.',
    'true-rotor':
      'Zuerst die Scheibe richten oder neu auflegen: sie braucht mehr, als die Spalte haben.',
  },
  alignmentOnBalls:
    'Die Kugelscheiben nehmen die Drehung auf: beide Schrauben lockern, bis sie sich setzen, dann anziehen.',
  bubbles: { none: 'Keine', few: 'Wenige', many: 'Viele' },
  ring: {
    even: 'Gleichmäßig, volle Breite',
    patchy: 'Fleckig',
    'off-the-edge': 'Über den Rand',
  },
  deviation: {
    'mount-by-make': 'Aufnahme ab Werk falsch',
    'modified-part': 'Ein Teil wurde verändert',
    'will-not-go': 'Es geht nicht: fest, rundgedreht, ausgerissen',
    'customer-refusal': 'Der Kunde lehnt Arbeit ab',
    other: 'Etwas anderes',
  },
  choice: {
    heat: {
      says: 'Wärme, mit Vorsicht',
      risk: 'Wärme verdirbt Dichtungen, Flüssigkeit, Carbon und Motor, und was heiß war, wird erneuert. Es kann trotzdem festsitzen.',
    },
    extractor: {
      says: 'Ausbohren oder Ausdreher',
      risk: 'Das Gewinde kann mitgehen; dann ist es ein Einsatz oder ein anderes Teil. Die Schraube wird in jedem Fall erneuert.',
    },
    insert: {
      says: 'Gewindeeinsatz',
      risk: 'Ein tragendes Gewinde wird nur repariert, wo sein Hersteller es erlaubt, und von jemandem, der es oft tut. Sonst wird das Teil ersetzt.',
    },
    'warranty-part': {
      says: 'Teil auf Gewährleistung',
      risk: 'Das Rad bleibt von der Straße, bis das Teil da ist.',
    },
    'modified-adapter': {
      says: 'Angepasster Adapter',
      risk: 'Ein passend gemachter Adapter trägt den Sattel: Bewegt er sich oder reißt er, versagt diese Bremse ohne Vorwarnung. Der Hersteller hat ihn nicht freigegeben.',
    },
    'ask-maker': {
      says: 'Zuerst den Hersteller fragen',
      risk: 'Nichts besteht, bevor der Hersteller schriftlich antwortet.',
    },
    'leave-as-found': {
      says: 'Lassen, wie es ist',
      risk: 'Es bleibt, wie es ist, und kann schlimmer werden: Die Bremse kann schwach oder laut werden oder versagen. Die Aufzeichnung sagt, dass es abgelehnt wurde.',
    },
    'not-ridden': { says: 'Nicht gefahren', risk: 'Das Rad geht zu Fuß hinaus, mit Zettel.' },
  },
  decider: {
    customer: 'Der Kunde',
    lead: 'Eine Leitung der Werkstatt',
    maker: 'Der Hersteller, schriftlich',
  },
  answer: { agreed: 'Einverstanden', refused: 'Abgelehnt', postponed: 'Verschoben' },
  fault,
  stays,
  bleed,
};
