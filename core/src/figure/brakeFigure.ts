import { isFor, type BrakeKind, type ForWhich } from '../kit/traits';
import { WHOLE, type BrakeState } from '../plan/state';
import { stepRule, type StepId } from '../procedure/steps';
import type { SpecSheet } from '../sheet/sheet';
import { SEEN_IN, type SeenKey, type StepFigure } from './views';

/** What of a brake decides how it looks. */
export interface FigureBrake extends BrakeKind {
  mount: SpecSheet['brake']['mount'];
  pistons: number;
  sides: SpecSheet['brake']['sides'];
  hold: SpecSheet['rotor']['hold'];
}

/** A brake nobody identified is drawn as the usual one [D]. */
export const USUAL_FIGURE: Readonly<FigureBrake> = {
  actuation: 'hydraulic',
  banjo: false,
  mount: 'post',
  pistons: 2,
  sides: null,
  hold: 'six-bolt',
};

/** Which brakes have it. */
const HAD_BY: Readonly<Record<SeenKey, ForWhich>> = {
  wheel: 'every-brake',
  rotor: 'every-brake',
  rotorTorqued: 'every-brake',
  bedded: 'every-brake',
  caliper: 'every-brake',
  aligned: 'every-brake',
  pads: 'every-brake',
  between: 'every-brake',
  pistons: 'every-brake',
  pistonsClean: 'every-brake',
  leverClamp: 'every-brake',
  tape: 'every-brake',
  port: 'every-brake',
  nipple: 'every-brake',
  system: 'every-brake',
  drained: 'every-brake',
  sealAtLever: 'every-brake',
  sealAtCaliper: 'every-brake',
  barb: 'every-brake',
  hoseAtCaliper: ['hydraulic'],
  hoseAtLever: ['hydraulic'],
  cable: ['cable', 'cable-pulled-hydraulic'],
};

/** One step of one brake as it is drawn: the brake as it will be, and what makes the difference. */
export interface BrakeFigure {
  shows: StepFigure;
  before: BrakeState;
  after: BrakeState;
  /** What of the state is seen here and is changed by the step. */
  changed: SeenKey[];
  /** What of it is seen here and stays. */
  stays: SeenKey[];
}

/** The brake at a step: where one looks, how it stands after it, and what the step changes of it. */
export function figureOf(step: StepId, before: BrakeState, brake: BrakeKind): BrakeFigure {
  const { shows, sets } = stepRule(step);
  const after = { ...before, ...sets };
  const all: readonly SeenKey[] = SEEN_IN[shows.view];
  const seen = all.filter((key) => isFor(HAD_BY[key], brake));
  return {
    shows,
    before,
    after,
    changed: seen.filter((key) => after[key] !== before[key]),
    stays: seen.filter((key) => after[key] === before[key]),
  };
}

/** A brake at which a step can be done: whole but for what the step needs otherwise. */
export function stateFor(step: StepId): BrakeState {
  const wanted = Object.entries(stepRule(step).needs).map(([key, want]: [string, unknown]) => [
    key,
    Array.isArray(want) ? (want as unknown[])[0] : want,
  ]);
  const named = Object.fromEntries(wanted) as Partial<BrakeState>;
  return { ...WHOLE, ...entailed(named), ...named };
}

/** What must be so where nobody names it: pads come out past a wheel that is out, and a joint is renewed while it is open. */
function entailed({
  rotor,
  pads,
  between,
  sealAtLever,
  barb,
  sealAtCaliper,
}: Partial<BrakeState>): Partial<BrakeState> {
  const open = (seal: BrakeState['barb'] | undefined) => seal !== undefined && seal !== 'sound';
  return {
    ...(rotor === 'off' ? { wheel: 'off', rotorTorqued: false } : {}),
    ...(pads === 'out' || between === 'spacer' ? { wheel: 'off' } : {}),
    ...(between === 'block' ? { wheel: 'off', pads: 'out' } : {}),
    ...(open(sealAtLever) || open(barb) ? { hoseAtLever: 'open' } : {}),
    ...(open(sealAtCaliper) ? { hoseAtCaliper: 'open' } : {}),
  };
}

/** A brake that has this step: the usual one where it is for every kind. */
export function brakeWith(step: StepId): FigureBrake {
  const kinds: FigureBrake[] = [
    USUAL_FIGURE,
    { ...USUAL_FIGURE, banjo: true },
    { ...USUAL_FIGURE, actuation: 'cable', sides: 'one-sided' },
    { ...USUAL_FIGURE, actuation: 'cable-pulled-hydraulic' },
  ];
  return kinds.find((kind) => isFor(stepRule(step).on, kind)) ?? USUAL_FIGURE;
}
