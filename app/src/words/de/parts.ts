import type { PartWords } from '../catalogue/parts';

export const parts: PartWords = {
  part: {
    pads: 'Belagpaar',
    clip: 'Sicherungsclip',
    rotor: 'Scheibe',
    'rotor-bolts': 'Scheibenschrauben',
    olive: 'Olive dieser Schlauchart',
    barb: 'Stützhülse dieser Schlauchart',
    'banjo-seals': 'Dichtungspaar für den Ringanschluss',
    hose: 'Schlauch',
    caliper: 'Sattel',
    'caliper-seals': 'Dichtungssatz für den Sattel',
    lever: 'Hebel',
    'lever-seals': 'Dichtungssatz für den Hebel',
    bolts: 'Schrauben',
    washers: 'Unterlegscheiben',
    adapter: 'Adapter',
    'inner-cable': 'Innenzug',
    housing: 'Zughülle und Endkappen',
    'brake-set': 'Bremse komplett (Hebel, Schlauch und Sattel)',
    'end-washer': 'Endscheibe des Gasgriffs',
    'bar-tape': 'Lenkerband',
  },
  lubricant: {
    'own-fluid': 'die Flüssigkeit des Systems',
    'maker-grease': 'das Fett des Herstellers',
    nothing: 'nichts',
  },
  bedding: { 'ten-pulls': 'Zehn gleichmäßige Bremsungen', 'two-runs': 'Zwei Abfahrten' },
  goes: { shelf: 'Ins Regal, als gebraucht', customer: 'Zurück an den Kunden', scrap: 'Weg' },
};
