import type { PracticeWords } from '../catalogue/practice';

export const practice: PracticeWords = {
  title: 'Übungsbank',
  band: 'Übung: erfunden, steht in keinem Buch',
  says: 'Ein Fahrer, eine Klage und eine Bremse, die noch niemand gesehen hat. Ansehen, messen, urteilen, die Ursache nennen, planen und unterschreiben; dann liegt die Wahrheit daneben.',
  grade: { 1: 'Erste Stufe', 2: 'Zweite Stufe', 3: 'Dritte Stufe' },
  gradeSays: {
    1: 'Eine klare Ursache.',
    2: 'Zeichen, die täuschen, oder nichts zu tun.',
    3: 'Zwei Ursachen zugleich, oder Zahlen zu nah an der Grenze.',
  },
  case: {
    'post-trike': {
      title: 'Das Postdreirad',
      says: '„An jedem Briefkasten kreischt es und bremst kaum.“',
    },
    'fresh-pads': {
      title: 'Beläge von letzter Woche',
      says: '„Neue Beläge, selbst eingebaut. Jetzt quietscht es und zieht schlechter als vorher.“',
    },
    'pumped-lever': {
      title: 'Der gepumpte Hebel',
      says: '„Wie ein Schwamm. Nach dreimal Ziehen geht es.“',
    },
    'long-lever': {
      title: 'Der lange Hebel',
      says: '„Er kommt bis an den Lenker, ist dort aber fest.“',
    },
    'once-a-turn': { title: 'Einmal pro Umdrehung', says: '„Zss, zss, zss, bei jeder Umdrehung.“' },
    'drags-since-pads': {
      title: 'Schwer zu schieben',
      says: '„Seit den neuen Belägen schiebt es sich schwer, immer.“',
    },
    'knock-when-rocked': {
      title: 'Das Klopfen',
      says: '„Mit gezogener Bremse wippe ich, und etwas klopft.“',
    },
    'heavy-cable': {
      title: 'Das Hafenrad',
      says: '„Lang, schwer, und er kommt nicht von selbst zurück.“',
    },
    'oil-on-the-fork': {
      title: 'Eine dunkle Spur',
      says: '„An der Gabel ist etwas nass. Halte ich an der Ampel, kriecht er zum Lenker.“',
    },
    'one-pad-works': {
      title: 'Eine halbe Bremse',
      says: '„Ein Belag ist fast weg, der andere wie neu.“',
    },
    'rubs-after-transport': {
      title: 'Von der Fähre',
      says: '„Es stand zwischen zwei anderen. Jetzt schleift es.“',
    },
    'faint-knock': {
      title: 'Ein leises Ticken',
      says: '„Mit gezogener Bremse gewippt tickt es. Ist das schlimm?“',
    },
    'pulses-at-the-lights': {
      title: 'Pulst an der Ampel',
      says: '„Bei leichtem Bremsen kommt und geht es im Hebel.“',
    },
    'after-the-pass': {
      title: 'Nach dem langen Berg',
      says: '„Den Berg hinunter, immer mit Bremse. Seither schwach.“',
    },
    'new-rotor-scrapes': {
      title: 'Die neue Scheibe',
      says: '„Gestern neue Scheibe. Sie schleift einmal pro Umdrehung.“',
    },
    'dog-hair': {
      title: 'Der Hundeanhänger',
      says: '„Es schleift, und ein wenig bremst es immer.“',
    },
    'long-and-soft': { title: 'Lang und weich', says: '„Bis zum Lenker, und weich dazu.“' },
    'night-shift': {
      title: 'Die Nachtschwester',
      says: '„Etwas schwammig. Ich brauche es heute um neun, also bitte schnell.“',
    },
    'swollen-seals': {
      title: 'Jemand hat nachgefüllt',
      says: '„Ein Freund hat nachgefüllt. Jetzt kommt der Hebel langsam zurück.“',
    },
    'cleaned-twice': {
      title: 'Zweimal gereinigt',
      says: '„Schon zweimal gereinigt. Nach einer Woche quietscht es wieder.“',
    },
  },
  drawnTitle: (number) => `Gezogene Bremse ${number}`,
  drawnSays: (symptoms) => `Geklagt wird über: ${symptoms}.`,
  draw: 'Noch eine Bremse',
  drawOne: 'Eine ziehen',
  seed: 'Ihre Nummer',
  seedWanted: 'Eine ganze Zahl von 1 bis 999 999 999.',
  hardness: 'Wie schwer',
  noSuchCase: 'Eine Übungsbremse dieses Namens gibt es nicht.',
  allCases: 'Alle Übungsbremsen',
  notTried: 'nicht versucht',
  begun: 'begonnen',
  standing: { 'made-fast': 'festgemacht', 'half-way': 'auf halbem Weg', adrift: 'treibt' },
  at: { look: 'Sehen', name: 'Nennen', plan: 'Planen', end: 'Zeichnen', truth: 'Wahrheit' },
  theySay: 'Der Fahrer sagt',
  brakeKind: { hydraulic: 'Hydraulische Scheibenbremse', cable: 'Seilzug-Scheibenbremse' },
  lookAt: 'Was siehst du an?',
  lookHint: 'Jedes kostet seine Minuten. Geh weiter, wenn du genug weißt.',
  spent: (minutes, taps) => `${minutes} min an der Bank · ${taps} Griffe`,
  found: 'Was es zeigt',
  notThere: (signs) => `Nicht da: ${signs}.`,
  numbersSayNeither: 'Die Zahlen sagen weder ja noch nein.',
  readings: {
    rotor: 'Rund um die Scheibe, mm',
    pads: 'Beide Beläge mit Träger, mm',
    runout: 'Rund um die Scheibe an der Uhr, mm',
    clearance: 'Die vier Spalte, mm',
    lever: 'Am Hebel, mm',
    'mount-face': 'Unter einem Auge, andere Schraube angelegt, mm',
  },
  limits: {
    rotor: (limit, fresh) =>
      `Grenze des Blatts ${limit}, dort gilt sie als verschlissen. Neu ${fresh}.`,
    pads: (fresh, plate, total, friction) =>
      `Neu ${fresh} mit einem Träger von ${plate}. Verschlissen unter ${total} im Ganzen oder ${friction} Reibbelag.`,
    runout: (good, watch, straighten) =>
      `Bis ${good} gut, bis ${watch} beobachten, bis ${straighten} richten.`,
    face: (degrees) => `Über ${degrees} Grad wird geplant.`,
  },
  howDoesItStand: 'Wie steht es? Urteile vor den Regeln.',
  youSaid: (word) => `Du sagtest: ${word}.`,
  rulesSay: 'Die Regeln sagen',
  nameIt: 'Was steckt dahinter?',
  nameHint: 'Eine Ursache, oder zwei, wo eine nicht alles erklärt.',
  planIt: 'Was ist zu tun?',
  planHint: 'Alles Nötige, und nichts darüber.',
  nothingToDo: 'Nichts gewählt: Die Bremse geht, wie sie ist.',
  endIt: 'Die Arbeit ist wie geplant getan. Unterschreibst du?',
  endHint: 'Eine Unterschrift sagt: Diese Bremse darf gefahren werden.',
  sign: 'Unterschreiben',
  holdBack: 'Zurückhalten: nicht fahren',
  on: {
    name: 'Weiter: Ursache nennen',
    plan: 'Weiter: Arbeit planen',
    end: 'Weiter: Unterschrift',
  },
  back: 'Noch einmal hinsehen',
  truth: 'Die Wahrheit',
  signedWrong: 'Du hast eine Bremse unterschrieben, die nicht gefahren werden darf.',
  signedWrongSays:
    'Was sie von der Straße nimmt, stand nicht im Plan. An einem echten Rad fährt jemand damit.',
  heldForNothing: 'Sie wurde zurückgehalten, und nichts verbot die Fahrt.',
  heldForNothingSays: 'Sicher, aber der Fahrer geht zu Fuß. Sag lieber, was noch zu beweisen ist.',
  causes: 'Die Ursache',
  how: { named: 'genannt', missed: 'übersehen', wrong: 'das war es nicht' },
  wasToSee: 'Was zu sehen war',
  sees: {
    found: 'gefunden',
    misread: 'angesehen, zu nah an der Grenze',
    'not-looked': 'nicht gesucht',
  },
  judged: 'Geurteilt',
  judgedAs: (rules, said) =>
    said === null
      ? `Die Regeln sagen ${rules}; du sagtest nichts.`
      : `Die Regeln sagen ${rules}; du sagtest ${said}.`,
  work: 'Die Arbeit',
  works: { planned: 'geplant', missed: 'ausgelassen', beside: 'nicht nötig' },
  noWork: 'Es war nichts zu tun.',
  time: 'Was es kostete',
  timeSays: (minutes, taps, engineMinutes) =>
    `${minutes} min an der Bank und ${taps} Griffe. Nach Auskunft je Minute sind es ${engineMinutes} min.`,
  engineWay: 'Nach Auskunft je Minute',
  instead: 'Bei jeder deiner Prüfungen',
  insteadOf: (made, engine) =>
    engine === null
      ? `${made}: Da lohnte nichts mehr seine Minuten.`
      : engine === made
        ? `${made}: dieselbe.`
        : `${made}: Es wäre „${engine}“ gewesen.`,
  again: 'Von vorn',
};
