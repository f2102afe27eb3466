import { NOTHING_SAID } from '@hold-fast/core/job/job';
import { v7 as uuid, v4 } from 'uuid';
import { Customer, CustomerCorrection } from './bikes';
import { CheckIn } from './checkIn';
import { Entry, SentEntry } from './entries';
import { Day, Id, Instant, text, words } from './fields';
import { kindOf, PROBLEM_KINDS, PROBLEM_PREFIX } from './problem';
import { SpecSheetBody } from './sheets';
import { Decision, SignOff } from './signOff';
import { Container, Gauge, Wrench } from './stores';

const at = '2026-11-25T09:00:00.000Z';
const id = uuid();
const other = uuid();

/** One sound entry of every kind. */
const ENTRIES = [
  {
    kind: 'identification',
    id,
    at,
    end: 'front',
    sheetRevisionId: other,
    stampedLimit: { limitMm: 1.5, atLimitIsWorn: null },
    stampAgainMm: 1.5,
  },
  {
    kind: 'measurement',
    id,
    at,
    end: 'rear',
    part: 'rotor',
    gaugeId: other,
    basis: null,
    pointCount: 6,
  },
  {
    kind: 'reading',
    id,
    at,
    measurementId: other,
    place: '3',
    valueMm: 1.47,
    typed: '147',
    via: 'feed',
    replaces: null,
    words: '',
  },
  {
    kind: 'look-over',
    id,
    at,
    end: 'rear',
    area: 'leaks',
    found: ['leak-at-banjo'],
    words: '',
    takesBack: [],
  },
  { kind: 'look', id, at, measurementId: other, subject: 'ridge', seen: true },
  {
    kind: 'fitting',
    id,
    at,
    end: 'front',
    part: 'pads',
    description: 'Tolve oval, organic',
    condition: 'used',
    compound: 'organic',
    organicOnly: false,
    construction: null,
    newMm: null,
    stampedLimit: null,
    stampAgainMm: null,
    cameOffFor: null,
    rebedding: 'strip-and-bed-in',
    usedPartId: null,
  },
  {
    kind: 'tightening',
    id,
    at,
    end: 'front',
    fastener: 'rotor-bolts',
    wrenchId: other,
    setNm: 6,
    treatment: 'dry',
    asked: { loNm: 5, hiNm: 7, origin: 'stamped', source: 'On the spider', overSheet: '' },
    crowfoot: { leverMm: 200, extensionMm: 30, angleDegrees: 45 },
  },
  {
    kind: 'pass-mark',
    id,
    at,
    tighteningId: other,
    pass: 'full',
    bolt: 4,
    measuredNm: 6.02,
    via: 'feed',
  },
  { kind: 'clamp-gaps', id, at, tighteningId: other, oneMm: 1.2, otherMm: 1.1 },
  { kind: 'part-taken', id, at, end: 'rear', stockId: other, pieces: 2, batch: 'B-1' },
  { kind: 'fluid-back', id, at, fillId: other, ml: 4 },
  { kind: 'waste', id, at, end: 'rear', family: 'glycol', ml: 20 },
  {
    kind: 'bleed-cycle',
    id,
    at,
    end: 'rear',
    method: 'caliper-burp',
    bubbles: 'few',
    colour: 'amber',
    ml: 8.5,
  },
  { kind: 'ticked', id, at, end: 'rear', check: 'pad-spring', outcome: 'passed', words: '' },
  {
    kind: 'deviation',
    id,
    at,
    end: 'front',
    deviation: 'mount-by-make',
    words: 'Proud at the upper lug',
    measured: '0.4 mm',
    choice: 'warranty-part',
    decidedBy: 'maker',
    who: 'By letter',
    riskTold: true,
  },
  { kind: 'bedding-pull', id, at, end: 'front', fromKmh: 25, toKmh: 5 },
  { kind: 'witness', id, at, end: 'front', ring: 'even' },
  {
    kind: 'customer-answer',
    id,
    at,
    answer: 'refused',
    lines: [{ end: 'front', procedure: 'change-rotor' }],
    who: 'Harbour post',
    how: 'by-phone',
    words: 'Not now',
  },
  {
    kind: 'part-brought',
    id,
    at,
    end: 'rear',
    part: 'olive',
    pieces: 1,
    from: 'In the hose’s bag',
    fits: '',
    checked: '',
    batch: 'TB-4',
  },
  { kind: 'part-off', id, at, end: 'rear', part: 'pads', goes: 'shelf' },
  { kind: 'second-look', id, at, end: 'rear', words: 'Bolts and joint' },
  { kind: 'notice-answer', id, at, noticeId: other, noticeVersion: 1, words: 'Blade changed' },
  {
    kind: 'maker-answer',
    id,
    at,
    end: 'rear',
    deviationId: other,
    allows: true,
    words: 'To bare laminate',
    photoId: null,
  },
  { kind: 'taken-back', id, at, of: other },
  {
    kind: 'plan-step',
    id,
    at,
    step: 'wheel-out',
    end: 'front',
    outcome: 'taken-back',
    reason: '',
    after: other,
  },
  { kind: 'fill', id, at, end: 'rear', containerId: other, ml: 7.5, colour: '' },
  { kind: 'test', id, at, test: 'lever-feel', end: 'front', outcome: 'passed', words: '' },
] as const;

/** What may be left out of an entry, because its absence says the usual thing. */
const HAVE_A_USUAL_VALUE = new Set([
  'part-brought batch',
  'identification stampAgainMm',
  'fitting stampAgainMm',
  'reading words',
  'ticked words',
  'test words',
  'look-over takesBack',
  ...ENTRIES.map(({ kind }) => `${kind} kind`),
  'fill colour',
  'reading via',
  'look-over words',
  ...['condition', 'compound', 'organicOnly', 'construction', 'newMm', 'stampedLimit'].map(
    (key) => `fitting ${key}`,
  ),
  'fitting cameOffFor',
  'fitting usedPartId',
  'part-brought fits',
  'part-brought checked',
  'fitting rebedding',
  'tightening asked',
  'tightening crowfoot',
  'pass-mark measuredNm',
  'pass-mark via',
  'part-taken batch',
  'bleed-cycle colour',
  'deviation measured',
  'customer-answer words',
  'plan-step reason',
]);

const faults = (
  schema: {
    safeParse(input: unknown): {
      success: boolean;
      error?: { issues: { path: PropertyKey[]; code: string }[] };
    };
  },
  input: unknown,
) =>
  (schema.safeParse(input).error?.issues ?? []).map(({ path, code }) =>
    `${path.join('.')} ${code}`.trim(),
  );

// RFC 9562, appendices A and B [S]: a value of each version; ids here are of the seventh.
it.each([
  ['1', 'c232ab00-9414-11ec-b3c8-9f6bdeced846', false],
  ['3', '5df41881-3aed-3515-88a7-2f4a814cf09e', false],
  ['4', '919108f7-52d1-4320-9bac-f847db4148a8', false],
  ['5', '2ed6657d-e927-568b-95e1-2665a8aea6a2', false],
  ['6', '1ec9414c-232a-6b00-b3c8-9f6bdeced846', false],
  ['7', '017f22e2-79b0-7cc3-98c4-dc0c0c07398f', true],
  ['8', '2489e9ad-2ee2-8e00-8ec9-32d5f69181c0', false],
])('published: a UUID of version %s, %s, is an id: %s', (_version, id, is) =>
  expect(Id.safeParse(id).success).toBe(is),
);

describe.each(ENTRIES)('an entry of kind $kind', (entry) => {
  it('is taken as it is', () => expect(Entry.parse(entry)).toEqual(entry));

  it('is refused with a key nobody knows', () =>
    expect(faults(Entry, { ...entry, verdict: 'holds' })).toEqual(['unrecognized_keys']));

  it('needs an id that sorts by time, and an instant', () => {
    expect(faults(Entry, { ...entry, id: v4() })).toEqual(['id invalid_format']);
    expect(faults(Entry, { ...entry, at: 'yesterday' })).toEqual(['at invalid_format']);
  });

  it.each(Object.keys(entry).filter((key) => !HAVE_A_USUAL_VALUE.has(`${entry.kind} ${key}`)))(
    'is refused without %s',
    (key) => {
      const { [key as keyof typeof entry]: _, ...rest } = entry;
      expect(faults(Entry, rest).length).toBeGreaterThan(0);
    },
  );
});

describe('numbers', () => {
  const of = <K extends (typeof ENTRIES)[number]['kind']>(kind: K) =>
    ENTRIES.find((entry) => entry.kind === kind)!;
  const reading = of('reading');
  const tightening = of('tightening');
  const fill = of('fill');

  it.each([Number.NaN, Number.POSITIVE_INFINITY, '1.47', null, 1.47001])(
    'a reading of %p is refused',
    (valueMm) => expect(faults(Entry, { ...reading, valueMm }).length).toBe(1),
  );
  it('a window upside down, a pull that does not slow down, a choice that is not offered', () => {
    const asked = { loNm: 7, hiNm: 5, origin: 'sheet', source: 'x' };
    expect(faults(Entry, { ...tightening, asked })).toEqual(['asked custom']);
    expect(faults(Entry, { ...of('bedding-pull'), toKmh: 25 })).toEqual(['toKmh custom']);
    expect(faults(Entry, { ...of('deviation'), choice: 'leave-as-found' })).toEqual([
      'choice custom',
    ]);
  });

  it.each([0, -6, 501])('a torque of %p N·m is refused', (setNm) =>
    expect(faults(Entry, { ...tightening, setNm })).toHaveLength(1),
  );
  it.each([0, -1, 5001, 7.555])('a fill of %p mL is refused', (ml) =>
    expect(faults(Entry, { ...fill, ml })).toHaveLength(1),
  );
  it.each(['0', '25', 'middle', ''])('a place named %p is refused', (place) =>
    expect(faults(Entry, { ...reading, place })).toHaveLength(1),
  );
  it('keeps what was keyed, but not a novel', () =>
    expect(faults(Entry, { ...reading, typed: 'x'.repeat(13) })).toEqual(['typed too_big']));
});

it('an entry of a kind nobody knows is refused', () =>
  expect(faults(SentEntry, { entry: { kind: 'wish', id, at }, appWord: null })).toEqual([
    'entry.kind invalid_union',
  ]));

describe('people’s input', () => {
  it('trims names and refuses empty ones', () => {
    expect(Customer.parse({ id, name: '  Harbour post ', phone: null }).name).toBe('Harbour post');
    expect(faults(Customer, { id, name: '   ', phone: null })).toEqual(['name too_small']);
  });

  it.each([
    ['+44 1534 000000', true],
    ['0555 0140', true],
    ['0555/0140-2', true],
    ['ask Pia', false],
    ['=1+1', false],
  ])('phone %p: %p', (phone, taken) =>
    expect(Customer.safeParse({ id, name: 'A', phone }).success).toBe(taken),
  );

  it.each([
    ['1234', true],
    ['12345678', true],
    ['123', false],
    ['12a4', false],
    ['123456789', false],
  ])('PIN %p: %p', (pin, taken) =>
    expect(SignOff.safeParse({ id, pin, toldOf: [] }).success).toBe(taken),
  );

  it('a decision needs words', () =>
    expect(
      faults(Decision, {
        id,
        end: 'front',
        subject: 'rotor',
        decision: 'customer-refused',
        words: ' ',
        personName: 'A',
        pin: '1234',
      }),
    ).toEqual(['words too_small']));

  it('a check-in names an existing customer by id, or brings a new one', () => {
    const visit = {
      id,
      bike: other,
      complaint: 'Rubs',
      symptoms: [],
      frontLever: null,
      odometerKm: null,
      promisedAt: at,
      minutes: null,
      ...NOTHING_SAID,
    };
    expect(CheckIn.safeParse({ ...visit, customer: other }).success).toBe(true);
    expect(
      CheckIn.safeParse({ ...visit, customer: { id: other, name: 'A', phone: null } }).success,
    ).toBe(true);
    expect(CheckIn.safeParse({ ...visit, customer: 'the post' }).success).toBe(false);
  });
});

describe('stores and sheets', () => {
  it('refuses a gauge without doubt, a wrench of more than ±20 %, a container of no size', () => {
    const gauge = {
      id,
      name: 'G',
      kind: 'thickness-gauge',
      resolutionMm: 0.01,
      uncertaintyMm: 0,
      uncertaintyAssumed: true,
      anvils: 'point',
      calibrationDueOn: null,
    };
    const wrench = {
      id,
      name: 'W',
      maxNm: 10,
      markNm: 0.1,
      tolerance: 0.21,
      toleranceAssumed: true,
      calibrationDueOn: null,
      uses: 0,
    };
    const container = {
      id,
      label: 'C',
      fluid: { family: 'mineral', blend: 'Selkie 10' },
      lot: 'L',
      sizeMl: 0,
      openedOn: null,
      printedUseBy: null,
      monthsAfterOpening: null,
      condition: 'clear',
      writtenOff: false,
      writtenOffReason: '',
      wrongFluid: false,
    };
    expect(faults(Gauge, { ...gauge, feedSerial: 'a b', retired: false })).toEqual([
      'uncertaintyMm too_small',
      'feedSerial invalid_format',
      'uncertaintyMm custom',
    ]);
    expect(faults(Wrench, { ...wrench, kind: 'click', feedSerial: null, retired: false })).toEqual([
      'tolerance too_big',
    ]);
    expect(faults(Container, container)).toEqual(['sizeMl too_small']);
    expect(
      Container.safeParse({ ...container, sizeMl: 10, fluid: { family: 'glycol', grade: 'DOT 5' } })
        .success,
    ).toBe(false);
  });

  it('needs every value of a sheet to say who laid it down', () =>
    expect(
      faults(SpecSheetBody.shape.rotor, {
        hold: 'six-bolt',
        construction: 'one-piece',
        newMm: 1.8,
        limit: { limitMm: 1.5, atLimitIsWorn: true },
      }),
    ).toEqual(['limit.origin invalid_value', 'limit.tag invalid_value']));
});

describe('problems', () => {
  it('are known by their type', () => {
    for (const kind of PROBLEM_KINDS)
      expect(kindOf({ type: PROBLEM_PREFIX + kind, title: '', status: 400 })).toBe(kind);
    expect(kindOf({ type: 'about:blank', title: '', status: 400 })).toBeNull();
  });
});

describe('what cannot be written, or is no time of a workshop', () => {
  it.each([
    ['half a letter', '\ud83d'],
    ['the other half', 'a\ude00'],
    ['a nought', 'a\u0000b'],
    ['an escape', '\u001b[2J'],
  ])('%s is refused', (_, written) => {
    expect(words(20).safeParse(written).success).toBe(false);
    expect(text(20).safeParse(written).success).toBe(false);
  });

  it('a whole one, a tab and a new line are taken', () =>
    expect(words(40).parse('Bürste 😀\tund\nso')).toBe('Bürste 😀\tund\nso'));

  it.each(['0000-01-01', '1999-12-31', '2101-01-01', '9999-12-31'])(
    '%s is no day of a workshop',
    (day) => {
      expect(Day.safeParse(day).success).toBe(false);
      expect(Instant.safeParse(`${day}T00:00:00Z`).success).toBe(false);
    },
  );
  it.each(['2000-01-01', '2100-12-31'])('%s is', (day) =>
    expect(Day.safeParse(day).success).toBe(true),
  );
});

describe('a correction of a customer', () => {
  const correction = { id, version: 1, name: 'Harbour post', phone: '+47 0555 0140' };
  it.each([
    [{}, true],
    [{ phone: null }, true],
    [{ phone: 'call me' }, false],
    [{ name: ' ' }, false],
    [{ version: 0 }, false],
  ])('%j is taken: %s', (change, taken) =>
    expect(CustomerCorrection.safeParse({ ...correction, ...change }).success).toBe(taken),
  );
});
