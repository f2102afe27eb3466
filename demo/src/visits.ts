import type { End } from '@hold-fast/core/ends';
import type { Intake } from '@hold-fast/core/job/job';
import { USUAL_USE } from '@hold-fast/core/kit/bike';
import type { EntryOf } from '@hold-fast/core/job/kinds';
import type { Bike, Customer } from '@hold-fast/contract/bikes';
import type { Symptom } from '@hold-fast/core/trouble/symptoms';
import type { SheetName } from './library';

type Four = [number, number, number, number];

/** One thing done on a visit, told briefly; the seeder turns it into entries. */
export type Deed =
  | {
      do: 'identify';
      end: End;
      sheet: SheetName;
      stamped?: { limitMm: number; atLimitIsWorn: boolean | null };
    }
  | {
      do: 'rotor';
      end: End;
      gauge: string;
      zero: number | null;
      ridge: boolean | null;
      lip?: number;
      points: number[];
    }
  | {
      do: 'pads';
      end: End;
      gauge: string;
      zero: number | null;
      basis: 'total' | 'friction';
      four: Four;
    }
  | ({ do: 'fit'; end: End; part: 'rotor' | 'pads'; description: string } & Partial<
      Pick<
        EntryOf<'fitting'>,
        'condition' | 'compound' | 'construction' | 'stampedLimit' | 'cameOffFor' | 'rebedding'
      >
    >)
  | { do: 'turn'; end: End; points: number[]; radius?: number }
  | { do: 'gaps'; end: End; corners: Four; span?: number; atMid: boolean }
  | {
      do: 'lever';
      end: End;
      reach: number;
      bite: number;
      firm: number;
      sunk?: number;
      pumped?: number;
    }
  | { do: 'face'; end: End; gap: number; spacing: number }
  | {
      do: 'look';
      end: End;
      area: EntryOf<'look-over'>['area'];
      found?: EntryOf<'look-over'>['found'];
      words?: string;
    }
  | {
      do: 'tighten';
      end: End;
      fastener: EntryOf<'tightening'>['fastener'];
      wrench: string;
      setNm: number;
      treatment: EntryOf<'tightening'>['treatment'];
    }
  | { do: 'fill'; end: End; container: string; ml: number; colour: string }
  | { do: 'test'; test: EntryOf<'test'>['test']; end: End | null }
  | {
      do: 'plan';
      front?: EntryOf<'plan-choice'>['procedures']['front'];
      rear?: EntryOf<'plan-choice'>['procedures']['rear'];
      agreed: EntryOf<'plan-choice'>['agreed'];
      words: string;
    };

export interface Visit {
  bike: string;
  /** Days before today it was taken in, and the hour of the day (UTC). */
  daysAgo: number;
  hour: number;
  by: string;
  complaint: string;
  symptoms: Symptom[];
  frontLever: 'left' | 'right' | null;
  odometerKm: number | null;
  minutes: number;
  /** What was asked besides; nobody asked where it is left out. */
  asked?: Partial<Omit<Intake, 'comebackOf'>>;
  /** Hour of the day it was promised for, and how many days after it was taken in. */
  promised: { afterDays: number; hour: number };
  deeds: Deed[];
  /** Signed off by whoever took it in; false leaves it on the Bench. */
  signed: boolean;
}

type DemoBike = Omit<Bike, 'id' | 'customerId'> & { customer: string };

export const CUSTOMERS: Record<string, Omit<Customer, 'id'>> = {
  post: { name: 'Harbour post', phone: '0555 0140' },
  nurses: { name: 'District nurses', phone: '0555 0162' },
  ferry: { name: 'Ferry crew, North Sound', phone: '0555 0119' },
  club: { name: 'Youth downhill club', phone: '0555 0177' },
  tandem: { name: 'Marit & Oyelaran', phone: '0555 0183' },
  market: { name: 'Quay fish market', phone: '0555 0151' },
  lightkeeper: { name: 'Asta Brunholm', phone: null },
};

const everyday = {
  ...USUAL_USE,
  forkMaterial: 'aluminium',
  frameMaterial: 'aluminium',
  maker: '',
  serial: '',
  motor: false,
  terrain: 'rolling',
  wet: true,
} as const;

export const BIKES: Record<string, DemoBike> = {
  trike: {
    ...everyday,
    customer: 'post',
    name: 'Post trike 7',
    furtherBrakes: 'Parking latch on the left lever',
    maker: 'Gunnel Works',
    serial: 'GW-7-0311',
    systemMassKg: 182,
    terrain: 'hilly',
    kmPerWeek: 240,
  },
  nurse: {
    ...everyday,
    customer: 'nurses',
    name: 'Nurse’s commuter',
    maker: 'Ostrel',
    serial: 'OS-2291',
    motor: true,
    systemMassKg: 121,
    kmPerWeek: 130,
  },
  tandem: {
    ...everyday,
    customer: 'tandem',
    name: 'Tandem',
    thirdBrake: 'drum',
    thirdPlace: 'second-rear',
    furtherBrakes: 'The drum is worked by the stoker',
    maker: 'Haaf',
    serial: 'HF-0088',
    systemMassKg: 176,
    terrain: 'hilly',
    kmPerWeek: 90,
  },
  downhill: {
    ...everyday,
    customer: 'club',
    name: 'Club downhill 3',
    maker: 'Brannock',
    serial: 'BR-3-17',
    systemMassKg: 84,
    terrain: 'steep',
    kmPerWeek: 40,
  },
  handcycle: {
    ...everyday,
    customer: 'ferry',
    name: 'Hand-cycle',
    maker: 'Gunnel Works',
    serial: 'GW-H-02',
    systemMassKg: 98,
    kmPerWeek: 60,
  },
  mate: {
    ...everyday,
    customer: 'ferry',
    name: 'Mate’s commuter',
    maker: 'Ostrel',
    serial: 'OS-1874',
    systemMassKg: 104,
    kmPerWeek: 75,
  },
  pilot: {
    ...everyday,
    customer: 'ferry',
    name: 'Pilot’s gravel bike',
    forkMaterial: 'carbon',
    frameMaterial: 'aluminium',
    maker: 'Ostrel',
    serial: 'OS-3306',
    systemMassKg: 92,
    kmPerWeek: 85,
  },
  downhill5: {
    ...everyday,
    customer: 'club',
    name: 'Club downhill 5',
    maker: 'Brannock',
    serial: 'BR-5-02',
    systemMassKg: 88,
    terrain: 'steep',
    kmPerWeek: 35,
  },
  night: {
    ...everyday,
    customer: 'nurses',
    name: 'Night nurse’s e-bike',
    maker: 'Ostrel',
    serial: 'OS-2302',
    motor: true,
    systemMassKg: 128,
    kmPerWeek: 110,
  },
  cargo: {
    ...everyday,
    customer: 'market',
    name: 'Fish market cargo',
    maker: 'Gunnel Works',
    serial: 'GW-C-19',
    systemMassKg: 210,
    terrain: 'hilly',
    kmPerWeek: 120,
  },
  trike4: {
    ...everyday,
    customer: 'post',
    name: 'Post trike 4',
    thirdBrake: 'disc',
    thirdPlace: 'right-front',
    sharedLever: 'front-third',
    maker: 'Gunnel Works',
    serial: 'GW-7-0298',
    systemMassKg: 178,
    terrain: 'hilly',
    kmPerWeek: 230,
  },
  district: {
    ...everyday,
    customer: 'nurses',
    name: 'District nurse’s shopper',
    maker: 'Ostrel',
    serial: 'OS-1420',
    motor: true,
    systemMassKg: 116,
    kmPerWeek: 70,
  },
  keeper: {
    ...everyday,
    customer: 'lightkeeper',
    name: 'Lightkeeper’s tourer',
    forkMaterial: 'steel',
    frameMaterial: 'steel',
    maker: 'Haaf',
    serial: 'HF-0140',
    systemMassKg: 112,
    terrain: 'hilly',
    kmPerWeek: 55,
  },
};

const handOver: Deed[] = [
  { do: 'test', test: 'lever-side', end: null },
  { do: 'test', test: 'lever-feel', end: 'front' },
  { do: 'test', test: 'lever-feel', end: 'rear' },
];

const around = (thinnest: number): number[] =>
  [0.03, 0.02, 0, 0.01, 0.03, 0.01].map((more) => Math.round((thinnest + more) * 100) / 100);

/** A yearly service of the post trike: both ends measured with the thickness gauge. */
function trikeService(
  daysAgo: number,
  odometerKm: number,
  front: number,
  rear: number,
  pads: number,
): Visit {
  return {
    bike: 'trike',
    daysAgo,
    hour: 9,
    by: 'Maren Okafor',
    complaint: 'Regular service',
    symptoms: [],
    frontLever: 'left',
    odometerKm,
    minutes: 40,
    promised: { afterDays: 0, hour: 16 },
    deeds: [
      { do: 'identify', end: 'front', sheet: 'tolve' },
      {
        do: 'rotor',
        end: 'front',
        gauge: 'G2 thickness gauge',
        zero: 0,
        ridge: front < 1.7,
        points: around(front),
      },
      {
        do: 'pads',
        end: 'front',
        gauge: 'G2 thickness gauge',
        zero: 0,
        basis: 'total',
        four: [pads, pads, pads, pads],
      },
      { do: 'identify', end: 'rear', sheet: 'tolve' },
      {
        do: 'rotor',
        end: 'rear',
        gauge: 'G2 thickness gauge',
        zero: 0,
        ridge: rear < 1.7,
        points: around(rear),
      },
      ...handOver,
    ],
    signed: true,
  };
}

/** The visits of the invented workshop, oldest first: five services of one trike, and a day's work on the Bench. */
export const VISITS: readonly Visit[] = [
  trikeService(255, 0, 1.8, 1.8, 3.9),
  {
    ...trikeService(200, 2150, 1.72, 1.75, 3.7),
    deeds: [
      ...trikeService(200, 2150, 1.72, 1.75, 3.7).deeds.slice(0, 5),
      { do: 'fill', end: 'rear', container: 'Ampoule D', ml: 20, colour: 'pale green' },
      ...handOver,
    ],
  },
  {
    bike: 'mate',
    daysAgo: 170,
    hour: 10,
    by: 'Joss Tarrel',
    complaint: 'Front drags after the winter',
    symptoms: ['constant-drag'],
    frontLever: 'right',
    odometerKm: 3100,
    minutes: 30,
    promised: { afterDays: 1, hour: 17 },
    deeds: [
      { do: 'identify', end: 'front', sheet: 'tolve' },
      {
        do: 'rotor',
        end: 'front',
        gauge: 'G1 micrometer',
        zero: 0,
        ridge: false,
        points: around(1.74),
      },
      {
        do: 'pads',
        end: 'front',
        gauge: 'G2 thickness gauge',
        zero: 0,
        basis: 'total',
        four: [3.6, 3.6, 3.5, 3.5],
      },
      ...handOver,
    ],
    signed: true,
  },
  trikeService(146, 4100, 1.66, 1.7, 3.6),
  trikeService(101, 5750, 1.6, 1.66, 3.6),
  trikeService(58, 7350, 1.55, 1.62, 3.5),
  {
    bike: 'keeper',
    daysAgo: 30,
    hour: 13,
    by: 'Joss Tarrel',
    complaint: 'Rear rattles over the causeway; rotor swapped for a new one',
    symptoms: ['knock'],
    frontLever: 'left',
    odometerKm: 5200,
    minutes: 45,
    promised: { afterDays: 1, hour: 12 },
    deeds: [
      { do: 'identify', end: 'rear', sheet: 'pellan' },
      {
        do: 'rotor',
        end: 'rear',
        gauge: 'G1 micrometer',
        zero: 0,
        ridge: true,
        points: around(1.38),
      },
      { do: 'fit', end: 'rear', part: 'rotor', description: 'Pellan two-piece, 160, new' },
      {
        do: 'rotor',
        end: 'rear',
        gauge: 'G1 micrometer',
        zero: 0,
        ridge: false,
        points: around(1.59).map((t) => Math.min(t, 1.6)),
      },
      {
        do: 'tighten',
        end: 'rear',
        fastener: 'rotor-lockring',
        wrench: 'W4 large',
        setNm: 40,
        treatment: 'grease',
      },
      ...handOver,
    ],
    signed: true,
  },
  {
    bike: 'trike',
    daysAgo: 0,
    hour: 7,
    by: 'Maren Okafor',
    complaint: 'Front rotor, pads both ends',
    symptoms: ['scrape', 'weak'],
    frontLever: 'left',
    odometerKm: 8750,
    minutes: 60,
    promised: { afterDays: 0, hour: 11 },
    deeds: [
      {
        do: 'identify',
        end: 'front',
        sheet: 'tolve',
        stamped: { limitMm: 1.5, atLimitIsWorn: true },
      },
      {
        do: 'rotor',
        end: 'front',
        gauge: 'G2 thickness gauge',
        zero: 0,
        ridge: true,
        lip: 1.8,
        points: [1.52, 1.5, 1.47, 1.49, 1.51, 1.48],
      },
      {
        do: 'pads',
        end: 'front',
        gauge: 'G2 thickness gauge',
        zero: 0,
        basis: 'total',
        four: [3.4, 3.45, 3.5, 3.5],
      },
      { do: 'identify', end: 'rear', sheet: 'tolve' },
      {
        do: 'rotor',
        end: 'rear',
        gauge: 'G3 vernier',
        zero: 0,
        ridge: true,
        points: [1.6, 1.6, 1.6, 1.65, 1.6, 1.65],
      },
    ],
    signed: false,
  },
  {
    bike: 'nurse',
    daysAgo: 0,
    hour: 8,
    by: 'Joss Tarrel',
    complaint: 'Squeals in the wet',
    symptoms: ['squeal', 'wet-noise'],
    frontLever: 'right',
    odometerKm: 6120,
    minutes: 30,
    promised: { afterDays: 0, hour: 13 },
    deeds: [
      { do: 'identify', end: 'front', sheet: 'tolve' },
      {
        do: 'rotor',
        end: 'front',
        gauge: 'G2 thickness gauge',
        zero: null,
        ridge: false,
        points: around(1.68),
      },
      { do: 'identify', end: 'rear', sheet: 'tolve' },
      {
        do: 'rotor',
        end: 'rear',
        gauge: 'G2 thickness gauge',
        zero: 0.01,
        ridge: false,
        points: around(1.71),
      },
      {
        do: 'pads',
        end: 'rear',
        gauge: 'G2 thickness gauge',
        zero: 0.01,
        basis: 'total',
        four: [3.6, 3.6, 3.65, 3.6],
      },
    ],
    signed: false,
  },
  {
    bike: 'tandem',
    daysAgo: 0,
    hour: 8,
    by: 'Maren Okafor',
    complaint: 'Bleed rear, glycol',
    symptoms: ['spongy'],
    frontLever: 'left',
    odometerKm: 11_400,
    minutes: 25,
    promised: { afterDays: 0, hour: 16 },
    deeds: [
      { do: 'identify', end: 'front', sheet: 'sund' },
      {
        do: 'rotor',
        end: 'front',
        gauge: 'G1 micrometer',
        zero: 0,
        ridge: false,
        points: around(1.83),
      },
      {
        do: 'pads',
        end: 'front',
        gauge: 'G2 thickness gauge',
        zero: 0,
        basis: 'total',
        four: [3.9, 3.9, 3.8, 3.8],
      },
      { do: 'identify', end: 'rear', sheet: 'sund' },
      {
        do: 'rotor',
        end: 'rear',
        gauge: 'G1 micrometer',
        zero: 0,
        ridge: false,
        points: around(1.72),
      },
      {
        do: 'pads',
        end: 'rear',
        gauge: 'G2 thickness gauge',
        zero: 0,
        basis: 'total',
        four: [3.7, 3.7, 3.75, 3.7],
      },
      { do: 'plan', rear: ['bleed-push-up'], agreed: 'agreed', words: 'Before the Sunday ride' },
    ],
    signed: false,
  },
  {
    bike: 'downhill',
    asked: { mayRide: false },
    daysAgo: 0,
    hour: 8,
    by: 'Joss Tarrel',
    complaint: 'Service all pistons',
    symptoms: ['one-sided', 'slow-return'],
    frontLever: 'left',
    odometerKm: null,
    minutes: 50,
    promised: { afterDays: 0, hour: 17 },
    deeds: [],
    signed: false,
  },
  {
    bike: 'handcycle',
    daysAgo: 0,
    hour: 8,
    by: 'Joss Tarrel',
    complaint: 'Lever to the bar',
    symptoms: ['lever-to-bar'],
    frontLever: null,
    odometerKm: null,
    minutes: 25,
    promised: { afterDays: 1, hour: 12 },
    deeds: [],
    signed: false,
  },
  {
    bike: 'district',
    daysAgo: 0,
    hour: 8,
    by: 'Joss Tarrel',
    complaint: 'Hydraulic brake behind, the cable one is too weak on the quay',
    symptoms: ['weak'],
    frontLever: 'left',
    odometerKm: 3410,
    minutes: 90,
    promised: { afterDays: 2, hour: 12 },
    deeds: [
      { do: 'identify', end: 'front', sheet: 'generic-cable' },
      { do: 'identify', end: 'rear', sheet: 'generic-cable' },
      {
        do: 'plan',
        front: ['set-up-cable'],
        rear: ['cable-to-hydraulic'],
        agreed: 'not-asked',
        words: '',
      },
    ],
    signed: false,
  },
];
