import type { ReckonedOf } from '@hold-fast/core/procedure/reckons';
import type { Unswept } from '@hold-fast/core/mount/radial';
import type { LeverSign } from '@hold-fast/core/lever/sign';
import type { Held, Lack } from '@hold-fast/core/evidence/readings';
import type { Forecast } from '@hold-fast/core/forecast/forecast';
import type { InputError } from '@hold-fast/core/inputError';
import type { Finding } from '@hold-fast/core/inspection/findings';
import type { Bar } from '@hold-fast/core/procedure/signOff';
import type { RunoutMeaning } from '@hold-fast/core/runout/meaning';
import type { ClickSetting } from '@hold-fast/core/torque/wrench';
import type { PadSign } from '@hold-fast/core/wear/padPattern';
import type { Reason } from '@hold-fast/core/wear/verdict';
import type { VerdictWords } from '../catalogue/verdicts';
import { calendarDay } from '../days';
import { format } from '../format';
import { placeIn } from '../placeIn';
import { sentences } from './sentences';
import { things } from './things';

const { mm, nm, percent, list } = format;
const { end, finding, work, brakeState, fastener, check, flaw, cure, riderSubject } = things;
const clock = (oClock: number) => `${format.tenths(oClock)} Uhr`;
const { thingAt } = sentences;
const place = placeIn(things, sentences);

function meaning(shape: RunoutMeaning): string {
  switch (shape.code) {
    case 'straight':
      return 'Gerade: nichts zu erklären.';
    case 'lone-peak':
      return `Eine Stelle ist verbogen, bei ${clock(shape.oClock)}, ${mm(Math.abs(shape.heightMm))} mm ${shape.bend === 'away' ? 'zur Messuhr hin' : 'von der Messuhr weg'}. ${shape.bend === 'away' ? 'Von der Messuhr weg' : 'Zur Messuhr hin'} biegen, in kleinen Schritten, sauber, mit der Richtgabel.`;
    case 'tilted':
      return `Die ganze Scheibe sitzt schief, am höchsten bei ${clock(shape.highAtOClock)}${shape.tiltDegrees === null ? '' : `, ${mm(shape.tiltDegrees)}°`}. Schmutz oder Grat darunter, ungleiche Schrauben oder eine verbogene Nabenfläche: reinigen und neu aufsetzen, bevor etwas gebogen wird.`;
    case 'saddle':
      return `Wie ein Sattel verzogen, Kämme bei ${clock(shape.crestsAtOClock[0])} und ${clock(shape.crestsAtOClock[1])}: Das macht Hitze. Die Kämme richten, oder ersetzen.`;
    case 'mixed':
      return `Keine einzelne Ursache. Nach dem größten Kamm richten, bei ${clock(shape.crestAtOClock)}.`;
  }
}

function leverSign(sign: LeverSign): string {
  switch (sign.code) {
    case 'sinks':
      return `sinkt ${mm(sign.byMm, 1)} mm unter gehaltenem Zug: ein Leck oder eine Dichtung, die durchlässt`;
    case 'to-the-bar':
      return 'kommt bis an den Lenker';
    case 'firms-when-pumped':
      return `wird beim Pumpen ${mm(sign.byMm, 1)} mm kürzer: Luft, oder zurückgerollte Kolben`;
    case 'soft':
      return `ist nach dem Druckpunkt weich: mindestens ${mm(sign.airMl)} mL Luft`;
    case 'long-and-firm':
      return 'geht weit und ist am Ende fest: verschlissene Beläge oder zurückgerollte Kolben, nichts zum Entlüften';
  }
}

function forecastSays(made: Forecast, at: (x: number) => string): string {
  if (made.ok)
    return `Erreicht seine Grenze ${at(made.at)}, früh ${at(made.early)}, spät ${at(made.late)}.`;
  switch (made.code) {
    case 'one-reading':
      return 'Eine Messung: Eine Vorhersage braucht zwei Besuche.';
    case 'no-run':
      return 'Keine Strecke zwischen den Messungen: zu früh, um etwas zu sagen.';
    case 'not-wearing':
      return 'Kein Verschleiß zu sehen: zu früh, um etwas zu sagen.';
    case 'too-early':
      return 'Der Verschleiß liegt in der Unsicherheit des Messzeugs: zu früh, um etwas zu sagen.';
  }
}

function reason(why: Reason): string {
  switch (why.code) {
    case 'damaged':
      return `${finding[why.finding as Finding] ?? why.finding}: ersetzen, wie dick auch immer`;
    case 'worn':
      return why.atLimitIsWorn
        ? `${mm(why.thicknessMm)} bei ${place(why.place)} hat ${mm(why.limitMm)} erreicht oder unterschritten`
        : `${mm(why.thicknessMm)} bei ${place(why.place)} liegt unter ${mm(why.limitMm)}`;
    case 'too-few-points':
      return `${why.have} von mindestens ${why.need} Punkten gemessen`;
    case 'upper-bounds':
      return 'flache Backen können einen Rand überbrücken: Die Werte sind das Höchste, was es sein kann';
    case 'doubt-reaches-limit':
      return `${mm(why.thicknessMm)} weniger die Unsicherheit ${mm(why.doubtMm)} ist ${mm(why.thicknessMm - why.doubtMm)}, und das lässt ${mm(why.limitMm)} nicht hinter sich`;
    case 'gauge-out-of-calibration':
      return why.dueOn === null
        ? 'das Messzeug hat keine Kalibrierung'
        : `die Kalibrierung des Messzeugs endete ${calendarDay(why.dueOn)}`;
    case 'no-zero-check':
      return 'keine Nullprüfung';
    case 'new-thickness-unknown':
      return 'die Dicke im Neuzustand ist nicht bekannt';
    case 'limit-from-memory':
      return 'die Grenze ist aus dem Gedächtnis';
    case 'plate-assumed':
      return 'die Dicke der Trägerplatte ist nur angenommen';
    case 'missing-number':
      return `keine Zahl: ${place(why.place)}`;
    case 'little-left':
      return `${percent(why.shareLeft)} des Verschleißwegs übrig`;
    case 'due-before-service':
      return `die Grenze kann vor dem nächsten Service erreicht sein (${why.unit === 'km' ? `früh ${format.distance(why.early)}, Service bei ${format.distance(why.nextService)}` : 'nach den Tagen der Messungen'})`;
    case 'runout':
      return `gut reicht bis ${mm(why.goodMm)} mit der Unsicherheit ${mm(why.doubtMm)} dazu, beobachten bis ${mm(why.watchMm)}, richten bis ${mm(why.trueMm)}`;
    case 'runout-unknown':
      return 'der Schlag der Scheibe wurde nicht gemessen';
    case 'runout-unproven':
      return 'der Schlag der Scheibe ist nicht bewiesen';
    case 'zero-late':
      return 'die Null wurde erst nach dem ersten Wert geprüft';
    case 'readings-differ':
      return `die Werte bei ${place(why.place)} unterscheiden sich um ${mm(why.spreadMm)}, mehr als die doppelte Unsicherheit ${mm(why.doubtMm)}`;
    case 'points-bunched':
      return `zwei Punkte liegen ${Math.round(why.degrees)}° auseinander, und höchstens ${why.mostDegrees}° sagen, was dazwischen ist`;
    case 'thicker-than-new':
      return `${mm(why.thicknessMm)} bei ${place(why.place)} ist dicker als neu (${mm(why.newMm)})`;
    case 'thinner-than-plate':
      return `${mm(why.thicknessMm)} bei ${place(why.place)} ist dünner als die Platte allein (${mm(why.plateMm)})`;
    case 'lever-facts-from-memory':
      return 'Hebelübersetzung oder Durchmesser ist aus dem Gedächtnis';
    case 'lever-in-doubt':
      return why.place === 'sunk'
        ? `er sank ${mm(why.byMm, 1)} mm, mit der Unsicherheit ${mm(why.doubtMm, 1)} vielleicht mehr als ${mm(why.mostMm, 1)}`
        : `${mm(why.byMm, 1)} mm Weg können mit der Unsicherheit ${mm(why.doubtMm, 1)} den Lenker bei ${mm(why.mostMm, 1)} erreichen`;
    case 'air-in-doubt':
      return `mit der Unsicherheit des Lineals können es ${mm(why.airMl)} mL Luft sein`;
    case 'lever-came-back':
      return `er kam beim Halten ${mm(why.byMm, 1)} mm zurück: Eines von beiden wurde falsch abgelesen`;
    case 'rubs':
      return `es schleift: ${mm(why.marginMm)} mm Spielraum${why.cure ? `; ${cure[why.cure]}` : ''}`;
    case 'margin-in-doubt':
      return `der Spielraum ${mm(why.marginMm)} liegt in der Unsicherheit der Fühlerlehren ${mm(why.doubtMm)}`;
    case 'runs-clear':
      return `${mm(why.marginMm)} mm Spielraum an der engsten Stelle`;
    case 'mount-angle':
      return `${mm(why.angleDegrees)}° aus dem Winkel, nachgearbeitet ab ${mm(why.mostDegrees, 1)}°`;
    case 'angle-in-doubt':
      return `bis zu ${mm(why.angleDegrees)}° mit der Unsicherheit der Fühlerlehren, nachgearbeitet ab ${mm(why.mostDegrees, 1)}°`;
    case 'lever':
      return `er ${leverSign(why.sign)}`;
    case 'lever-facts-unknown':
      return 'das Datenblatt nennt Hebelübersetzung und Durchmesser nicht';
    case 'bite-misread':
      return 'Druckpunkt falsch abgelesen, oder die Nachgiebigkeit der Bremse ist zu groß: kein Urteil';
    case 'give-assumed':
      return 'die Nachgiebigkeit der Bremse ist nur angenommen: Die Prüfung darf verwerfen, nicht bestehen lassen';
    case 'lever-firm':
      return `greift bei ${mm(why.biteMm, 1)} mm, fest bei ${mm(why.firmMm, 1)} mm`;
    case 'clears-limit':
      return `${mm(why.thicknessMm)} weniger die Unsicherheit ${mm(why.doubtMm)} lässt ${mm(why.limitMm)} hinter sich`;
  }
}

function inputError(
  code: InputError['code'],
  numbers: Readonly<Record<string, number>> = {},
): string {
  const n = (name: string, decimals = 2) => mm(numbers[name] ?? 0, decimals);
  switch (code) {
    case 'empty':
      return 'Zuerst den Wert eingeben.';
    case 'not-a-number':
      return 'Nur Ziffern, mit Punkt oder Komma, wenn gewünscht.';
    case 'not-positive':
      return 'Das muss über null sein.';
    case 'negative':
      return 'Eine Dicke kann nicht negativ sein.';
    case 'too-many-digits':
      return `Eine Ziffer zu viel: Dieses Messzeug zeigt ${numbers.decimals ?? 2} Nachkommastellen. Löschen, was zum nächsten Wert gehört.`;
    case 'too-few-digits':
      return 'Die Ziffern nach der gedachten 1 sind nicht vollständig. Beide eingeben, oder die ganze Zahl.';
    case 'implausible':
      return `So dick ist hier kein Teil. Es müssen ${n('leastMm', 1)} bis ${n('mostMm', 1)} mm sein.`;
    case 'zero-error-too-large':
      return `Das ist kein Nullfehler (höchstens ${n('mostMm')}). Das Messzeug schließen, die Ambosse reinigen und noch einmal ablesen.`;
    case 'thicker-than-new':
      return `${n('thicknessMm')} ist dicker als neu (${n('newMm')}). Falsches Datenblatt, oder ein Rand unter den Backen?`;
    case 'thinner-than-plate':
      return `${n('thicknessMm')} ist dünner als die Platte allein (${n('plateMm')}). Nur der Reibbelag, oder das falsche Datenblatt?`;
    case 'new-not-above-limit':
      return `Das Datenblatt ist falsch: neu (${n('newMm')}) liegt nicht über der Grenze (${n('limitMm')}).`;
    case 'window-upside-down':
      return 'Das kleinere Drehmoment muss unter dem größeren liegen.';
    case 'too-few-points':
      return `${numbers.have ?? 0} von ${numbers.need ?? 0} nötigen.`;
    case 'too-many-points':
      return `Zu viele Punkte: höchstens ${numbers.most ?? 0}.`;
    case 'not-farther':
      return `Der Punkt bei ${numbers.atM ?? 0} m liegt nicht weiter als der davor.`;
    case 'too-steep':
      return `${numbers.gradePercent ?? 0} % bei ${numbers.atM ?? 0} m: steiler als jede Straße. Sieh dir dort die Höhen an.`;
    case 'too-large':
      return 'Die Datei ist zu groß für eine Spur.';
    case 'not-a-track':
      return 'Das ist keine Spur: gewünscht ist eine GPX-Datei mit Punkten.';
    case 'no-heights':
      return 'Die Spur hat keine Höhen. Nimm ein Gerät, das sie aufzeichnet, oder gib Punkte ein.';
    case 'track-gap':
      return `Die Spur hat nach ${numbers.atM ?? 0} m eine Lücke von ${numbers.gapM ?? 0} m. Schneide sie dort und lies einen Teil.`;
    case 'firm-before-bite':
      return `Der feste Zug (${n('firmMm', 1)}) muss weiter gehen als der Druckpunkt (${n('biteMm', 1)}).`;
    case 'beyond-reach':
      return `${n('readMm', 1)} mm bis zum Lenker ist mehr als die Griffweite (${n('reachMm', 1)}).`;
    case 'points-back':
      return 'Der Hahnenfuß zeigt hinter den Griff zurück: Keine Einstellung leistet das.';
    case 'sizes-reversed':
      return 'Die größte Größe liegt unter der kleinsten.';
    case 'same-spot':
      return 'Führung und Anschluss können nicht an einer Stelle sein.';
    case 'beyond-a-turn':
      return 'Über eine Umdrehung: der Lenker dreht höchstens 180° nach jeder Seite, eine Richtung 360°.';
    case 'too-shallow':
      return 'Das Loch ist zu flach für das Gewinde, das diese Schraube braucht.';
    case 'out-of-range':
      return `Es muss ${n('least', 0)} bis ${n('most', 0)} sein.`;
    case 'bite-past-bar':
      return `Ein Druckpunkt bei ${n('biteMm', 1)} mm liegt hinter dem Lenker: Die Griffweite ist ${n('reachMm', 1)} mm.`;
    case 'not-slower':
      return 'Eine Bremsung muss langsamer enden, als sie begann.';
    case 'no-such-point':
      return 'Diesen Punkt gibt es auf dieser Scheibe nicht.';
    case 'not-a-date':
      return 'Das ist kein Datum.';
  }
}

const seen = (found: readonly Finding[]) =>
  found.length > 0 ? `, ${list(found.map((f) => finding[f]))}` : '';

function bar(what: Bar): string {
  switch (what.code) {
    case 'away':
      return 'Es steht geschrieben, dass das Rad außer Haus ist: sagen, wann es zurück ist, dann neu beweisen, was bewiesen war.';
    case 'stay-unsaid':
      return `Niemand hat gesagt, ob das Rad seit der Arbeit vom ${calendarDay(what.since)} hier war.`;
    case 'do-not-ride':
      return `Nicht fahren: ${thingAt(what.end, what.subject)}${seen(what.found)}. Arbeit und ein weiterer Blick heben es auf, oder das Wort einer Leitung.`;
    case 'lever-untested':
      return `Die Bremse ${end[what.end]} wurde geöffnet, und ihr Hebel hat seither keine Zahl: auf Luft prüfen.`;
    case 'bubbles-last':
      return `Der letzte Durchgang ${end[what.end]} zeigte viele Blasen: weiter entlüften, bis sie aufhören.`;
    case 'bleed-unrecorded':
      return what.lacks === 'fluid'
        ? `Die Bremse ${end[what.end]} wurde entlüftet: die Flüssigkeit aus ihrem Behälter ausbuchen, damit ihre Charge bekannt ist.`
        : `Die Bremse ${end[what.end]} wurde entlüftet: eintragen, was an Blasen zu sehen war, Durchgang für Durchgang.`;
    case 'stand-untested':
      return `Die Bremse ${end[what.end]} am Ständer probieren: Sie dreht frei, und nichts schleift.`;
    case 'sheet-revised':
      return `Das Datenblatt der Bremse ${end[what.end]} wurde seither geändert: das neue nehmen, oder eine Leitung sagt, warum nicht.`;
    case 'refused-before':
      return `${thingAt(what.end, what.subject)}: Bei einem früheren Besuch wollte der Kunde es nicht ersetzt haben. Die Arbeit tun, oder aufschreiben, dass es wieder abgelehnt wird.`;
    case 'replace-open':
      return `${thingAt(what.end, what.subject)}: Die Arbeit muss getan werden.`;
    case 'unproven-open':
      return `${thingAt(what.end, what.subject)}: nicht bewiesen.`;
    case 'watch-untold':
      return `Dem Kunden sagen, was zu beobachten ist: ${thingAt(what.end, what.subject)}.`;
    case 'torque-unproven':
      return `${fastener[what.fastener]} ${end[what.end]}: Drehmoment nicht bewiesen, ${list(what.flaws.map((f) => flaw[f]))}.`;
    case 'check-open':
      return what.failed
        ? `Bremse ${end[what.end]}: „${check[what.check]}“ war bei der Schlussprüfung nicht in Ordnung.`
        : `Bremse ${end[what.end]}: „${check[what.check]}“ bei der Schlussprüfung abhaken.`;
    case 'still-tagged':
      return `Ein früherer Besuch hinterließ an diesem Rad ein Fahrverbot: ${thingAt(what.end, what.subject)}${seen(what.found)}. Noch einmal ansehen, oder die Arbeit tun.`;
    case 'work-open':
      return `Arbeit ${end[what.end]} wurde begonnen und ist nicht fertig: ${brakeState[what.of]}.`;
    case 'lever-side-unconfirmed':
      return 'Mit dem Fahrer klären, welcher Hebel auf die vordere Bremse wirkt.';
    case 'cut-off-untested':
      return `Prüfen, dass der Hebel der Bremse ${end[what.end]} den Motor abschaltet.`;
    case 'cut-off-failed':
      return `Der Hebel der Bremse ${end[what.end]} hat den Motor nicht abgeschaltet.`;
    case 'notice-open':
      return `Eine Mitteilung des Herstellers betrifft dieses Rad: „${what.title}“. Sagen, was dazu getan wurde${what.doNotRide ? '; das tut eine Leitung, denn sie sagt: nicht fahren' : ''}.`;
    case 'unseconded':
      return `An der Bremse ${end[what.end]} hat ein Lehrling gearbeitet: Jemand anderes sieht es sich an, mit Namen.`;
    case 'reckoned-against':
      return `Bremse ${end[what.end]}: ${against[what.of]}`;
    case 'bite-not-risen':
      return `Die Bremse ${end[what.end]} griff beim Einbremsen nicht besser: Sieh nach Öl oder einer alten Schicht, brems weiter ein und fühl noch einmal.`;
    case 'unswept':
      return `Bremse ${end[what.end]}: ${unswept[what.why]}`;
  }
}

function setting(answer: ClickSetting): string {
  switch (answer.code) {
    case 'set':
      return `auf ${nm(answer.setNm)} stellen (${nm(answer.loNm)} bis ${nm(answer.hiNm)} beweist es)`;
    case 'window-too-narrow':
      return 'seine Toleranz ist breiter als das Fenster: Er kann diese Schraube nicht beweisen';
    case 'outside-scale':
      return `nur von ${nm(answer.leastNm)} bis ${nm(answer.mostNm)} N·m brauchbar`;
  }
}

function padSign(sign: PadSign): string {
  const which = (pad: 'inner' | 'outer') => (pad === 'inner' ? 'Innerer' : 'Äußerer');
  return sign.code === 'one-side-ahead'
    ? `${which(sign.thinner)} Belag ${mm(sign.differenceMm)} dünner: Ein Kolben klemmt, oder der Sattel sitzt nicht mittig.`
    : `${which(sign.pad)} Belag läuft um ${mm(sign.differenceMm)} zum ${sign.thinner === 'leading' ? 'einlaufenden' : 'auslaufenden'} Ende zu: Der Sattel sitzt schräg, oder seine Aufnahme ist nicht rechtwinklig.`;
}

const lack = (what: Lack): string => {
  switch (what.code) {
    case 'places':
      return `nicht noch einmal gemessen bei ${list(what.places.map(place))}`;
    case 'incomplete':
      return 'die spätere beweist für sich nichts';
    case 'doubt-larger':
      return 'das spätere Messzeug ist das schlechtere';
    case 'words':
      return 'niemand schrieb, warum die erste falsch war';
    case 'lead':
      return 'die beiden unterscheiden sich um mehr als beide Unsicherheiten: Das Wort einer Leitung fehlt';
    case 'work':
      return 'nichts wurde getan, was es beheben könnte: Das Wort einer Leitung fehlt';
  }
};

const held = ({ places, lacks }: Held): string => {
  const read = places.map(({ place: at, readMm }) => `${mm(readMm)} bei ${place(at)}`);
  const before =
    read.length > 0 ? `Vorher gemessen: ${list(read)}.` : 'Vorher hat es nicht bestanden.';
  return `${before} Das gilt weiter: ${list((lacks ?? []).map(lack))}.`;
};

const against: Record<ReckonedOf, string> = {
  fit: 'die Scheibe, die dran ist, passt hier nicht, oder niemand weiß, welche höchstens erlaubt ist.',
  hose: 'der Schlauch ist zu kurz: bei einem Sturz reißt er heraus.',
  levers: 'die Hebel sitzen nicht gleich.',
  cable: 'Hebel und Sattel wollen verschiedene Zugwege.',
  stops: 'die Bremswege waren nicht gut.',
};

const unswept: Record<Unswept, string> = {
  outside:
    'Die Beläge liegen neben ihrem Platz auf der Reibfläche. Unterlegen und e noch einmal messen.',
  'off-the-edge':
    'Der Tragbild-Ring läuft über den Rand. e neu messen, dann den Ring noch einmal ansehen.',
  moved: 'Seit e gemessen wurde, ist der Sattel bewegt worden. Noch einmal messen.',
  unmeasured: 'e wurde für einen Schritt gemessen und zurückgenommen. Messen.',
};

const benchRule: VerdictWords['benchRule'] = {
  1: 'kein Hebelzug ohne Beläge, wenn nichts die Kolben hält, und kein kräftiger bei loser Schelle',
  2: 'keine Beläge und keine Scheibe in Reichweite offener Flüssigkeit',
  3: 'der Nippel ist zu, bevor der Hebel losgelassen wird und bevor eine Spritze abkommt',
  4: 'Block, Abstandhalter und Werkzeug sind heraus, bevor das Rad dreht',
  5: 'alles Geöffnete ist zu',
  6: 'eine geöffnete Verbindung bekommt neue Dichtungen, ein gekürzter Schlauch eine neue Stützhülse',
  7: 'Kolben zurück vor neuen Belägen',
  8: 'zentriert vor dem letzten Anziehen und gleich danach angezogen, angezogen vor der Prüfung am Ständer, diese vor jeder Fahrt, Einbremsen zuletzt',
  9: 'Hände und Werkbank sauber zwischen Flüssigkeit und Belägen',
};

const rider: VerdictWords['rider'] = {
  subject: (at, about) => `${riderSubject[about]} ${end[at]}`,
  says: ({ word, doNotRide, found, work: does }) => {
    const saw = found.length > 0 ? ` Gesehen: ${list(found.map((f) => finding[f]))}.` : '';
    const helps = does.length > 0 ? ` Was hilft: ${list(does.map((w) => work[w]))}.` : '';
    if (doNotRide) return `Damit könnte die Bremse versagen. Bitte nicht fahren.${saw}${helps}`;
    switch (word) {
      case 'replace':
        return `Am Ende: Das muss jetzt gemacht werden.${saw}${helps}`;
      case 'unproven':
        return `Wir konnten heute nicht beweisen, dass es gut ist, also sagen wir es auch nicht.${saw}${helps}`;
      case 'watch':
        return does.length > 0
          ? `Nicht über der Grenze, und auch nicht richtig.${saw}${helps}`
          : `Nicht über der Grenze, und nahe daran. Beim nächsten Mal sehen wir wieder hin.${saw}`;
      case 'holds':
        return 'Gut.';
    }
  },
};

export const verdicts: VerdictWords = {
  torques: (loNm, hiNm) => format.torques(loNm, hiNm, 'bis'),
  meaning,
  leverSign,
  forecastSays,
  reason,
  inputError,
  bar,
  benchRule,
  setting,
  padSign,
  held,
  rider,
};
