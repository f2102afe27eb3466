import type { RunoutBands } from '../runout/bands';
import type { PistonLubricant } from '../kit/pistonLubricant';
import { BEDDING_SCHOOLS, type BeddingSchool } from '../bedding/pulls';
import type { Part } from '../ends';
import type { Bike } from '../kit/bike';
import type { ProcedureId } from '../procedure/procedures';
import { figure, type Figures } from './figures';
import { USUAL_CURRENCY, USUAL_MANNER, type Manner } from './manner';
import { RUNOUT_POINTS, USUAL_RUNOUT_BANDS } from '../runout/runout';
import { NOTHING_LAID, type TroubleLaid } from '../trouble/laid';
import { PAD_SCHOOLS, type PadSchool } from '../wear/pads';
import { ROTOR_POINTS } from '../wear/rotor';

/** What the owner lays down for the shop. The guard band is not among them: it cannot be switched off. */
export interface ShopRules {
  /** Schools of judging pads in force, at least one; the one that bites first decides. */
  schools: readonly PadSchool[];
  rotorPoints: number;
  runoutPoints: number;
  runoutBands: RunoutBands;
  /** When a part is looked at next, days. */
  serviceDays: Readonly<Record<Part, number>>;
  /** The first day that is winter no more, `mm-dd`; null where there is none. */
  winterEnds: string | null;
  /** How things are said in the shop, unless a person chose otherwise. */
  manner: Manner;
  /** The shop's money, by the letters of ISO 4217. */
  currency: string;
  beddingIn: BeddingSchool;
  /** What goes on pistons where the sheet is silent. */
  pistonLubricant: PistonLubricant;
  /** What an hour at the bench costs the customer, in hundredths of the shop's money. */
  labourPerHourCents: number;
  /** Numbers that the shop lays down in place of the usual ones. */
  figures: Figures;
  /** Minutes of a procedure on its own that the shop charges in place of the typical ones. */
  minutes: Readonly<Partial<Record<ProcedureId, number>>>;
  /** What the shop lays down of causes and signs. */
  trouble: TroubleLaid;
  /** When the shop opens and closes, `hh:mm` by its clock, and on which days of the week, 1 for Monday. */
  opensAt: string;
  closesAt: string;
  openDays: readonly number[];
  /** What is put on a bill for the state, percent, and whether the shop's prices hold it already. */
  taxPercent: number;
  pricesWithTax: boolean;
  /** Where the shop is, by the IANA time zone database: calibration and use-by go by its days. */
  timeZone: string;
  /** What the shop is called, as customers read it; empty where it is not said. */
  name: string;
}

/** Until the owner lays down others: all schools [D], six points [P], rotor yearly and after winter [P], which
 * ends with February [D], pads every three months [D], ten pulls
 * and the system's own fluid [P], 60 euros an hour, open on working days from eight to five, no tax of its own, days by UTC [D]. */
export const USUAL_RULES: ShopRules = {
  schools: PAD_SCHOOLS,
  rotorPoints: ROTOR_POINTS.usual,
  runoutPoints: RUNOUT_POINTS.usual,
  runoutBands: USUAL_RUNOUT_BANDS,
  serviceDays: { rotor: 365, pads: 91 },
  winterEnds: '03-01',
  manner: USUAL_MANNER,
  currency: USUAL_CURRENCY,
  beddingIn: BEDDING_SCHOOLS[0],
  pistonLubricant: 'own-fluid',
  labourPerHourCents: 6000,
  figures: {},
  minutes: {},
  trouble: NOTHING_LAID,
  opensAt: '08:00',
  closesAt: '17:00',
  openDays: [1, 2, 3, 4, 5],
  taxPercent: 0,
  pricesWithTax: true,
  timeZone: 'UTC',
  name: '',
};

/** Whether a bike's pads are used hard: down steep hills, or down hills in the wet [D]. */
const isUsedHard = ({ terrain, wet }: Pick<Bike, 'terrain' | 'wet'>): boolean =>
  terrain === 'steep' || (terrain === 'hilly' && wet);

/** In how many days a part of a bike is looked at again. */
export const serviceDaysOf = (
  rules: Pick<ShopRules, 'serviceDays' | 'figures'>,
  part: Part,
  bike: Pick<Bike, 'terrain' | 'wet'>,
): number =>
  part === 'pads' && isUsedHard(bike)
    ? Math.min(rules.serviceDays.pads, figure(rules.figures, 'pads-used-hard').value)
    : rules.serviceDays[part];
