import type { FrameWords } from '../catalogue/frame';

export const frame: FrameWords = {
  app: 'Hold Fast',
  notKept:
    'Nicht genommen: Dieses Gerät hat keinen Platz dafür oder darf nichts aufheben. Platz schaffen oder der Seite das Aufheben erlauben, dann noch einmal nehmen.',
  sayWhy:
    'Damit steht es besser da. Schreiben, warum der Wert davor falsch war, oder daneben noch einmal messen.',
  skip: 'Zur Seite springen',
  keys: {
    title: 'Tasten dieser Ansicht',
    none: 'Diese Ansicht hat keine eigenen Tasten.',
    digits: '0 bis 9, Punkt, Komma: die Zahl tippen',
    close: 'Schließen',
    take: 'die Zahl nehmen',
    erase: 'löschen, oder zurück zur letzten Zahl',
    nextPlace: 'die nächste Stelle',
    placeBefore: 'die Stelle davor',
    openPlace: 'die erste offene Stelle',
    hold: 'das Halten beginnen, oder danach weiter',
    stepDone: 'der Schritt ist getan',
    stepBack: 'den letzten Schritt zurücknehmen',
    pulled: 'die Bremsung ist gemacht',
    tight: 'diese Schraube ist so weit',
    ridgeFelt: 'ein Rand ist zu fühlen',
    noRidge: 'kein Rand',
    help: 'diese Tasten zeigen',
    named: {
      ' ': 'Leertaste',
      ArrowRight: '→',
      ArrowLeft: '←',
      Escape: 'Esc',
      Backspace: '⌫',
    },
  },
  noEnd: {
    aBikeHasAFront:
      'Ein Rad hat eine Bremse vorn und eine hinten; diese Adresse nennt keine von beiden.',
    toTheJob: 'Zum Auftrag',
  },
  pickJob: {
    pickABike: 'Ein Rad wählen',
    itsJobOpensHereWhat:
      'Hier öffnet sich sein Auftrag: was verlangt war, was gefunden wurde und was als Nächstes kommt.',
  },
  pickBike: {
    pickABike: 'Ein Rad wählen',
    itsJobsItsSealsAnd:
      'Hier öffnen sich seine Aufträge, seine Siegel und der Verschleiß seiner Teile.',
  },
  pickRecord: {
    pickARecord: 'Einen Eintrag wählen',
    itsTextItsSealAnd: 'Hier öffnen sich sein Text, sein Siegel und das Siegel davor.',
  },
  againstAdvice: {
    riddenAgainstAdvice: 'Gegen Rat gefahren',
    notReplacedAtVisit: (capital, tag, at, said) =>
      `${capital}: beim Besuch ${tag} nicht ersetzt, ${at}. „${said}“`,
  },
  caught: {
    thisPageFailed: 'Diese Seite ist ausgefallen',
    whatWasRecordedIsKept:
      'Was aufgezeichnet wurde, bleibt erhalten. Noch einmal versuchen; fällt sie wieder aus, zurück zur Werkbank gehen und denen Bescheid geben, die den Server der Werkstatt betreuen.',
    tryAgain: 'Noch einmal',
  },
  noSuchPage: {
    thisAddressLeadsNowhereIt:
      'Diese Adresse führt nirgends hin: Sie ist vertippt, oder was sie nannte, gibt es nicht mehr. Nichts Aufgezeichnetes ist davon berührt.',
    toTheBench: 'Zur Werkbank',
    thereIsNoSuchPage: 'Diese Seite gibt es nicht',
  },
  frame: {
    newerVersion:
      'Eine neuere Fassung ist da: sie kommt, wenn du wieder an der Werkbank bist und alles gesendet ist.',
    lightAuto: 'Licht: automatisch',
    lightDark: 'Licht: dunkel',
    lightDay: 'Licht: Tag',
    holdFast: 'HOLD\nFAST',
    oneEntryKeptOnThis: 'Ein Eintrag auf diesem Gerät ist nicht lesbar',
    entriesKeptOnThisDevice: (count) => `${count} Einträge auf diesem Gerät sind nicht lesbar`,
    itIsSetAsideAnd:
      'Er ist beiseitegelegt und wurde nicht gesendet; alles andere geht weiter. Durchsehen, was auf diesem Gerät zuletzt gemessen wurde, und nachholen, was fehlt.',
    itIsDealtWith: 'Das ist erledigt',
    notSentKeptHereFor: (mine) =>
      `${mine} nicht gesendet: bleiben hier aufgehoben. Trotzdem abmelden`,
    signOut: 'Abmelden',
    mannerOf: (person) => `${person}: Sprache und Einheiten`,
    oneEntryIs: '1 Eintrag ist',
    entriesAre: (count) => `${count} Einträge sind`,
    keptHereAndWillBe: (mine) =>
      `${mine} hier aufgehoben und gesendet, sobald der Server antwortet.`,
    somebodyElsesKeptHereUntil: (others) =>
      `${others} von jemand anderem hier aufgehoben, bis sich die Person an diesem Gerät anmeldet.`,
  },
  bench: {
    oneBike: '1 Rad',
    bikes: (bikes) => `${bikes} Räder`,
    noBikeIsIn: 'Kein Rad ist da',
    bikesThatAreCheckedIn: 'Hier stehen die angenommenen Räder, das zuerst versprochene oben.',
    theDay: 'Tag',
    checkInABike: 'Ein Rad annehmen',
    doNotRide: 'Nicht fahren',
    riddenAgainstAdvice: 'Gegen Rat gefahren',
    waitsFor: { part: 'ein Teil', customer: 'den Kunden', maker: 'den Hersteller' },
    waits: (what, day, away) =>
      `${away ? 'außer Haus, ' : ''}wartet auf ${what}, wieder fragen ${day}`,
    next: (next) => `dann: ${next}`,
    notInspected: 'nicht geprüft',
    by: (when) => `bis ${when}`,
  },
  doNotRide: {
    doNotRide: 'Nicht fahren',
  },
  needsYou: {
    needsYou: 'Braucht dich',
    needsYouEntries: (value) => `Braucht dich: ${value} Einträge`,
    pictureAsItCame: 'Bild vom Rad, wie es kam',
    picture: (area, end) => `Bild: ${area}, ${end}`,
    notTaken: (problem) => `Nicht angenommen: ${problem}`,
    toTheJob: 'Zum Auftrag',
    sendAgain: 'Noch einmal senden',
    itIsDealtWith: 'Das ist erledigt',
  },
  pinTried: {
    once: 'einmal',
    yourPinWasTried: 'Deine PIN wurde ausprobiert',
    wronglyWhereIsSignedIn: (tries, by, at) =>
      `Falsch, ${tries}, wo ${by} angemeldet ist; zuletzt ${at}.`,
    times: (tries) => `${tries}-mal`,
    seen: 'Gesehen',
  },
  signIn: {
    yourSessionEnded: 'Die Anmeldung ist abgelaufen',
    brakeWorkMeasuredAndRecorded: 'Bremsarbeit, gemessen und aufgezeichnet',
    holdFast: 'Hold Fast',
    signInAgainAndCarry: 'Neu anmelden und weitermachen: Nichts Eingegebenes ist verloren.',
    yourName: 'Dein Name',
    writeYourName: 'Deinen Namen eintragen.',
    passphrase: 'Kennsatz',
    writeYourPassphrase: 'Deinen Kennsatz eintragen.',
    signIn: 'Anmelden',
    holdFastNeverReplacesThe:
      'Hold Fast ersetzt nie das Datenblatt des Herstellers, örtliche Vorschriften oder eine Fachkraft. Was es nicht als gut beweisen kann, sagt es.',
  },
  formLine: {
    aNumberOrEmptyWhen: 'Eine Zahl, oder leer, wenn sie nicht bekannt ist.',
  },
  jobTag: {
    tag: (tag) => `Zettel ${tag}`,
    back: (tag, to) => `Zurück: ${tag}, ${to}`,
  },
  screenName: {
    holdFast: 'Hold Fast',
  },
  shown: {
    loading: 'Wird geladen',
    thisCouldNotBeShown: 'Das ließ sich nicht zeigen',
    tryAgain: 'Noch einmal',
  },
  jobFrame: {
    job: 'Auftrag',
    bench: 'Werkbank',
    brake: (end) => `Bremse ${end}`,
    thisJobIsSignedOff:
      'Dieser Auftrag ist unterschrieben und versiegelt. Nichts darin ändert sich mehr.',
    identifyTheBrake: (end) => `Bremse ${end} bestimmen`,
    theLimitTorquesAndFluid:
      'Grenze, Drehmomente und Flüssigkeit kommen aus dem Datenblatt der Bremse. Zuerst dieses wählen.',
    backToTheJob: 'Zurück zum Auftrag',
  },
  bikeList: {
    tables: 'Tabellen',
    find: 'Suchen',
    findBy: 'Kunde, Rad, Zettel, Hersteller oder Seriennummer',
    noSuchBike: 'Kein solches Rad',
    noBikeYet: 'Noch kein Rad',
    fewerLettersFindMoreA:
      'Weniger Buchstaben finden mehr. Ein neues Rad wird bei der Annahme aufgeschrieben.',
    bikesStandHereOnceThey: 'Räder stehen hier, sobald sie angenommen wurden.',
    checkInABike: 'Ein Rad annehmen',
  },
  life: {
    organicPadsOnly: 'nur organische Beläge',
    newMm: (newMm) => `neu ${newMm} mm`,
    stampedMm: (limitMm) => `eingeprägt ${limitMm} mm`,
    cameOffLastTime: (cameOffFor) => `zuletzt abgenommen: ${cameOffFor}`,
    to: (at, until) => `${at} bis ${until}`,
    since: (at) => `seit ${at}`,
  },
  outbox: {
    dealWithIt: 'Ein Eintrag dieses Auftrags wurde nicht angenommen. Zuerst diesen erledigen.',
    mineFirst:
      'Dieses Gerät hält noch Einträge dieses Auftrags zurück. Sie gehen vor: noch einmal versuchen, wenn der Server antwortet.',
    somebodyElsesFirst:
      'Dieses Gerät hält noch Einträge dieses Auftrags von jemand anderem zurück. Sie gehen vor: Die Person meldet sich hier an.',
  },
  keypad: {
    erase: 'löschen',
    why: 'warum',
    again: 'nochmal',
    skip: 'auslassen',
    back: 'zurück',
    next: 'weiter',
  },
  field: {
    sealed: 'ungeöffnet',
    none: 'keine',
  },
  noConnection:
    'Keine Verbindung zum Server der Werkstatt. Nichts ist verloren: noch einmal versuchen.',
};
