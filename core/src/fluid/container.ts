import { addMonths } from 'date-fns/addMonths';
import { formatISO } from 'date-fns/formatISO';
import { isValid } from 'date-fns/isValid';
import { parseISO } from 'date-fns/parseISO';
import { InputError } from '../inputError';
import { compatibility, type AskedFluid, type Compatibility } from './compatibility';
import { familyRule, nameOf, type Fluid } from './families';
import { NOTHING_MET, otherFamilyIn, type Met } from './met';

/** How the fluid looks. Cloudy, dark, or with bits in it: discarded, whatever its date [P]. */
export const CONDITIONS = ['clear', 'cloudy', 'dark', 'bits'] as const;
export type Condition = (typeof CONDITIONS)[number];

export interface FluidContainer {
  fluid: Fluid;
  sizeMl: number;
  remainingMl: number;
  /** Day it was opened, `yyyy-mm-dd`; null while sealed. */
  openedOn: string | null;
  /** Last day printed on it, `yyyy-mm-dd`; null when none is. */
  printedUseBy: string | null;
  /** Months after opening, when the shop changed the default; null follows the family’s rule. */
  monthsAfterOpening: number | null;
  condition: Condition;
  writtenOff: boolean;
}

/**
 * Last day the container may be used, `yyyy-mm-dd`: the printed day or so many months after opening,
 * whichever is earlier; null when neither is known.
 * @throws InputError `not-a-date`.
 */
export function lastUsableDay(
  container: Pick<FluidContainer, 'fluid' | 'openedOn' | 'printedUseBy' | 'monthsAfterOpening'>,
): string | null {
  const { openedOn, printedUseBy } = container;
  const days = printedUseBy === null ? [] : [isoDay(printedUseBy, 'printedUseBy')];
  if (openedOn !== null) {
    const opened = parseISO(isoDay(openedOn, 'openedOn'));
    const last = addMonths(opened, monthsOpened(container));
    days.push(formatISO(last, { representation: 'date' }));
  }
  return days.sort()[0] ?? null;
}

export type ContainerRefusal =
  | Exclude<Compatibility, { ok: true }>['code']
  /** What is in the brake is of another family: they may not meet. */
  | 'other-family-inside'
  | 'written-off'
  | 'spoiled'
  | 'expired'
  | 'empty'
  | 'not-enough';

export type ContainerState =
  | { ok: true }
  | { ok: false; code: ContainerRefusal; useBy: string | null; remainingMl: number };

/**
 * Whether `takeMl` of a container may go into a brake today; the first reason that refuses it, the one
 * that could hurt the brake first.
 * @param asked what the brake asks for
 * @param takeMl mL to be taken, above zero; null asks about the container before an amount is known
 * @param today `yyyy-mm-dd`
 * @param met what the brake's parts have met; nothing where the container alone is asked about
 */
export function mayFill(
  container: FluidContainer,
  asked: AskedFluid,
  takeMl: number | null,
  today: string,
  met: Met = NOTHING_MET,
): ContainerState {
  const lastDay = lastUsableDay(container);
  const refuse = (code: ContainerRefusal): ContainerState => ({
    ok: false,
    code,
    useBy: lastDay,
    remainingMl: container.remainingMl,
  });
  const match = compatibility(asked, container.fluid);
  if (!match.ok) return refuse(match.code);
  if (otherFamilyIn(met, container.fluid.family)) return refuse('other-family-inside');
  if (container.writtenOff) return refuse('written-off');
  if (container.condition !== 'clear') return refuse('spoiled');
  if (lastDay !== null && today > lastDay) return refuse('expired');
  if (container.remainingMl <= 0) return refuse('empty');
  if (takeMl !== null && takeMl > container.remainingMl) return refuse('not-enough');
  return { ok: true };
}

function isoDay(day: string, field: string): string {
  if (!/^\d{4}-\d{2}-\d{2}$/.test(day) || !isValid(parseISO(day)))
    throw new InputError('not-a-date', field);
  return day;
}

/** No fluid is kept so long, sealed or not, months [D]: a day beyond is a slip of the pen. */
const LONGEST_KEPT_MONTHS = 120;

/**
 * Which day of a container cannot be as it is written, or null: opened on a day to come it would keep for longer than it does; a printed day
 * too far off would be none. What is written off or spoiled goes nowhere, and finding it so is not held up by its days.
 * @param today `yyyy-mm-dd`
 */
export function containerDayFault(
  {
    openedOn,
    printedUseBy,
    condition,
    writtenOff,
  }: Pick<FluidContainer, 'openedOn' | 'printedUseBy' | 'condition' | 'writtenOff'>,
  today: string,
): { field: 'openedOn' | 'printedUseBy'; code: 'not-yet' | 'too-far' } | null {
  if (writtenOff || condition !== 'clear') return null;
  if (openedOn !== null && openedOn > today) return { field: 'openedOn', code: 'not-yet' };
  const last = addMonths(parseISO(today), LONGEST_KEPT_MONTHS);
  return printedUseBy !== null && printedUseBy > formatISO(last, { representation: 'date' })
    ? { field: 'printedUseBy', code: 'too-far' }
    : null;
}

/** So many months a container keeps once it is opened. */
const monthsOpened = ({
  fluid,
  monthsAfterOpening,
}: Pick<FluidContainer, 'fluid' | 'monthsAfterOpening'>) =>
  monthsAfterOpening ?? familyRule(fluid.family).monthsAfterOpening;

/** What of a container decides where its fluid may go, and for how long. */
export interface ContainerFacts extends Omit<FluidContainer, 'remainingMl'> {
  lot: string;
  /** It was found to hold another fluid than its label says. */
  wrongFluid: boolean;
}

/**
 * Whether a change makes a container better than it stood: taken back from the write-off or the quarantine, clear again,
 * good for longer, from when it is opened on too, or with no last day; or another fluid, lot or size altogether. That takes a lead [D].
 * @throws InputError as lastUsableDay
 */
export function easesContainer(was: ContainerFacts, became: ContainerFacts): boolean {
  const [before, after] = [lastUsableDay(was), lastUsableDay(became)];
  return (
    (was.writtenOff && !became.writtenOff) ||
    (was.wrongFluid && !became.wrongFluid) ||
    (was.condition !== 'clear' && became.condition === 'clear') ||
    (before !== null && (after === null || after > before)) ||
    monthsOpened(became) > monthsOpened(was) ||
    was.fluid.family !== became.fluid.family ||
    nameOf(was.fluid) !== nameOf(became.fluid) ||
    was.lot !== became.lot ||
    was.sizeMl !== became.sizeMl
  );
}
