import type { Container, Gauge, Wrench } from '@hold-fast/contract/stores';
import { addDays, formatISO } from 'date-fns';

type Nameless<T> = Omit<T, 'id'>;
/** Read by eye unless it says what it is called on the feed. */
type Registered = Omit<Gauge, 'id' | 'feedSerial' | 'retired'> & Partial<Pick<Gauge, 'feedSerial'>>;

/** The workshop's gauges, wrenches and fluid as they stand on `today`, some of them not as they should be. */
export function stores(today: Date): {
  gauges: Registered[];
  wrenches: Nameless<Wrench>[];
  containers: Nameless<Container>[];
} {
  const day = (days: number) => formatISO(addDays(today, days), { representation: 'date' });
  const sound = {
    condition: 'clear',
    writtenOff: false,
    writtenOffReason: '',
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
      },
      {
        label: 'Bottle F',
        fluid: { family: 'mineral', blend: 'Petrel Blue' },
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
  };
}
