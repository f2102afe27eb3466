import type { Hands, Place } from './state';
import { STEP_IDS, stepRule, type StepId, type Tool } from '../procedure/steps';
import type { End } from '../ends';
import { figure, type Figures } from '../rules/figures';

/** Change-over minutes between steps, as the shop lays them down. */
export interface ChangeOvers {
  /** The bike or part is moved: level, nose up, bench, ground. */
  place: number;
  /** To a ride, or back from it. */
  ride: number;
  tool: number;
  /** To the other end of the bike. */
  end: number;
  /** Gloves off, hands and bench wiped. */
  wash: number;
}
export const changeOversOf = (figures: Figures): ChangeOvers => ({
  place: figure(figures, 'change-place').value,
  ride: figure(figures, 'change-ride').value,
  tool: figure(figures, 'change-tool').value,
  end: figure(figures, 'change-end').value,
  wash: figure(figures, 'change-wash').value,
});
export const CHANGE_OVERS: Readonly<ChangeOvers> = changeOversOf({});

/** Where bench, hands and tool were left by the last step. */
export interface Bench {
  place: Place;
  hands: Hands;
  tool: Tool | null;
  end: End | null;
  /** The ride that was just made, when one does for both ends. */
  ride: StepId | null;
}
export const FRESH_BENCH: Readonly<Bench> = {
  place: 'level',
  hands: 'clean',
  tool: null,
  end: null,
  ride: null,
};

/** What it takes to turn to a step: minutes of change-overs, and how many there are. */
export function turnTo(
  bench: Bench,
  { place, tool, end }: { place: Place | null; tool: Tool; end: End },
  table: ChangeOvers = CHANGE_OVERS,
): { minutes: number; count: number } {
  let minutes = 0;
  let count = 0;
  const add = (takes: number) => {
    minutes += takes;
    count += 1;
  };
  if (place && place !== bench.place)
    add(place === 'riding' || bench.place === 'riding' ? table.ride : table.place);
  if (needsTool(tool) && tool !== bench.tool && bench.tool !== null) add(table.tool);
  if (bench.end !== null && end !== bench.end) add(table.end);
  return { minutes, count };
}

/** Steps that one ride of the bike does for both ends. */
export const ONE_RIDE: readonly StepId[] = STEP_IDS.filter((id) =>
  stepRule(id).acts.includes('one-ride'),
);

/** What a step itself takes, minutes: nothing when the ride just made did it for this end as well. */
export function takes({ ride, end: last }: Bench, step: StepId, end: End): number {
  return ride === step && last !== end ? 0 : stepRule(step).minutes;
}

/** Bare hands take up no tool, and none is laid down for them. */
export function needsTool(tool: Tool): boolean {
  return tool !== 'none' && tool !== 'hands';
}
