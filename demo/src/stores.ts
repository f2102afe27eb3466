import type { Container, Gauge, StockLine, Wrench } from '@hold-fast/contract/stores';
import { addDays, formatISO } from 'date-fns';

type Nameless<T> = Omit<T, 'id'>;
/** Read by eye unless it says what it is called on the feed. */
type RegisteredWrench = Omit<Wrench, 'id' | 'kind' | 'feedSerial' | 'retired'> &
  Partial<Pick<Wrench, 'kind' | 'feedSerial'>>;
type Registered = Omit<Gauge, 'id' | 'feedSerial' | 'retired'> & Partial<Pick<Gauge, 'feedSerial'>>;

/** The workshop's gauges, wrenches and fluid as they stand on `today`, some of them not as they should be. */
export function stores(today: Date): {
  gauges: Registered[];
  wrenches: RegisteredWrench[];
  containers: Nameless<Container>[];
  stock: (Nameless<StockLine> & { count: number; batch: string })[];
} {
  const day = (days: number) => formatISO(addDays(today, days), { representation: 'date' });
  const sound = {
    condition: 'clear',
    writtenOff: false,
    writtenOffReason: '',
    wrongFluid: false,
    monthsAfterOpening: null,
  } as const;
  return {
    gauges: [
      {
        name: 'G1 micrometer',
        kind: 'outside-micrometer',
        resolutionMm: 0.01,
        uncertaintyMm: 0.01,
        uncertaintyAssumed: false,
        anvils: 'point',
        calibrationDueOn: day(200),
      },
      {
        name: 'G2 thickness gauge',
        feedSerial: 'TG-0107',
        kind: 'thickness-gauge',
        resolutionMm: 0.01,
        uncertaintyMm: 0.03,
        uncertaintyAssumed: true,
        anvils: 'point',
        calibrationDueOn: day(95),
      },
      {
        name: 'G3 vernier',
        kind: 'vernier-caliper',
        resolutionMm: 0.05,
        uncertaintyMm: 0.06,
        uncertaintyAssumed: true,
        anvils: 'flat',
        calibrationDueOn: day(40),
      },
      {
        name: 'G4 caliper',
        kind: 'digital-caliper',
        resolutionMm: 0.01,
        uncertaintyMm: 0.03,
        uncertaintyAssumed: true,
        anvils: 'flat',
        calibrationDueOn: day(-12),
      },
      {
        name: 'G5 dial',
        feedSerial: 'DI-0042',
        kind: 'dial-indicator',
        resolutionMm: 0.01,
        uncertaintyMm: 0.02,
        uncertaintyAssumed: true,
        anvils: 'point',
        calibrationDueOn: day(120),
      },
      {
        name: 'G6 feelers',
        kind: 'feeler-gauges',
        resolutionMm: 0.01,
        uncertaintyMm: 0.02,
        uncertaintyAssumed: true,
        anvils: 'flat',
        calibrationDueOn: day(160),
      },
      {
        name: 'G7 steel rule',
        kind: 'rule',
        resolutionMm: 0.5,
        uncertaintyMm: 0.5,
        uncertaintyAssumed: true,
        anvils: 'flat',
        calibrationDueOn: day(300),
      },
    ],
    wrenches: [
      {
        name: 'W1 small',
        maxNm: 10,
        markNm: 0.1,
        tolerance: 0.06,
        toleranceAssumed: true,
        calibrationDueOn: day(60),
        uses: 1180,
      },
      {
        name: 'W2 bench',
        maxNm: 10,
        markNm: 0.1,
        tolerance: 0.04,
        toleranceAssumed: false,
        calibrationDueOn: day(210),
        uses: 2340,
      },
      {
        name: 'W3 old',
        maxNm: 12,
        markNm: 0.25,
        tolerance: 0.04,
        toleranceAssumed: true,
        calibrationDueOn: day(-30),
        uses: 4870,
      },
      {
        name: 'W4 large',
        maxNm: 60,
        markNm: 0.5,
        tolerance: 0.04,
        toleranceAssumed: false,
        calibrationDueOn: day(130),
        uses: 610,
      },
      {
        name: 'W5 digital',
        kind: 'reading',
        feedSerial: 'TW-0311',
        maxNm: 20,
        markNm: 0.01,
        tolerance: 0.04,
        toleranceAssumed: false,
        calibrationDueOn: day(150),
        uses: 320,
      },
    ],
    containers: [
      {
        label: 'Bottle A',
        fluid: { family: 'mineral', blend: 'Selkie 10' },
        lot: 'K22-118',
        sizeMl: 500,
        openedOn: day(-150),
        printedUseBy: null,
        ...sound,
      },
      {
        label: 'Tin B',
        fluid: { family: 'glycol', grade: 'DOT 5.1' },
        lot: 'R7-0304',
        sizeMl: 250,
        openedOn: day(-140),
        printedUseBy: null,
        ...sound,
      },
      {
        label: 'Tin C',
        fluid: { family: 'glycol', grade: 'DOT 5.1' },
        lot: 'R7-0391',
        sizeMl: 250,
        openedOn: day(-20),
        printedUseBy: day(500),
        ...sound,
      },
      {
        label: 'Ampoule D',
        fluid: { family: 'mineral', blend: 'Selkie 10' },
        lot: 'K22-097',
        sizeMl: 20,
        openedOn: null,
        printedUseBy: null,
        ...sound,
      },
      {
        label: 'Bottle E',
        fluid: { family: 'mineral', blend: 'Selkie 10' },
        lot: 'K21-450',
        sizeMl: 500,
        openedOn: day(-300),
        printedUseBy: null,
        ...sound,
        writtenOff: true,
        writtenOffReason: 'Left open by the grinder: bits in it',
        wrongFluid: false,
      },
      {
        label: 'Bottle F',
        fluid: { family: 'mineral', blend: 'Harbour Blue' },
        lot: 'PB-66',
        sizeMl: 100,
        openedOn: day(-60),
        printedUseBy: null,
        ...sound,
      },
      {
        label: 'Tin G',
        fluid: { family: 'glycol', grade: 'DOT 4' },
        lot: 'D4-1180',
        sizeMl: 250,
        openedOn: day(-5),
        printedUseBy: day(400),
        ...sound,
      },
    ],
    stock: SHELF.map(([part, description, fits, count, reorderAt, priceCents, batch]) => ({
      part,
      description,
      fits,
      reorderAt,
      priceCents,
      count,
      batch,
    })),
  };
}

/** Part, what it says on the packet, what it fits, how many, when to order again, price, batch. */
const SHELF: readonly (readonly [
  StockLine['part'],
  string,
  string,
  number,
  number,
  number,
  string,
])[] = [
  ['pads', 'Ostrel T organic', 'Tolve oval', 6, 4, 1900, 'OT-2231'],
  ['pads', 'Ostrel T metallic', 'Tolve oval', 3, 2, 2300, 'OT-2240'],
  ['pads', 'Brannock semi-metallic', 'Sund long', 4, 2, 2600, 'BR-118'],
  ['pads', 'Haaf P organic', 'Pellan square', 2, 2, 2100, 'HP-77'],
  ['rotor', 'Tolve 180, six-bolt', '180 mm six-bolt', 3, 2, 3400, 'R18-03'],
  ['rotor', 'Sund 203, six-bolt', '203 mm six-bolt', 2, 1, 4800, 'R20-11'],
  ['rotor', 'Pellan 160, two-piece', '160 mm splined', 1, 1, 6200, 'R16-07'],
  ['rotor-bolts', 'Coated bolts, six', 'M5', 8, 4, 650, 'CB-9'],
  ['clip', 'Pin clips', 'all pad pins', 20, 10, 40, 'C-4'],
  ['olive', 'T olive', '5 mm hose', 12, 6, 150, 'TO-31'],
  ['olive', 'S olive', '5.5 mm hose', 1, 6, 170, 'SO-12'],
  ['olive', 'P olive', '5 mm hose', 6, 4, 150, 'PO-2'],
  ['barb', 'T barb', '5 mm hose', 10, 6, 210, 'TB-31'],
  ['barb', 'S barb', '5.5 mm hose', 5, 4, 230, 'SB-12'],
  ['hose', 'Hose, by the drum', '5 mm', 4, 2, 2900, 'H-5-88'],
  ['inner-cable', 'Inner cable, stainless', 'cable brakes', 9, 5, 450, 'IC-60'],
  ['housing', 'Compressionless housing, 2 m', 'cable brakes', 5, 3, 980, 'CH-19'],
  ['adapter', 'Adapter, post, one size up', 'post mount', 2, 1, 2400, 'AD-180'],
  ['barb', 'P barb', '5 mm hose', 4, 4, 210, 'PB-2'],
  ['bar-tape', 'Cork tape, pair', '', 4, 2, 1600, 'CT-5'],
  ['end-washer', 'Throttle end washer', 'hand throttles', 3, 2, 60, 'EW-1'],
];
