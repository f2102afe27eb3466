import { InputError } from '@hold-fast/core/inputError';
import {
  compareStops,
  FEWEST_RUNS,
  RUNS_ASKED,
  type StopRun,
  type StopsCompared,
} from '@hold-fast/core/stop/stops';
import { Choice } from '../../ui/Choice';
import { Halves } from '../../ui/Halves';
import { Note } from '../../ui/Note';
import { numberOf } from '../../ui/numberOf';
import { Section } from '../../ui/Page';
import { Words } from '../../ui/Words';
import { reckonerWords } from '../../words/reckoner';
import { verdictWords } from '../../words/verdictWords';
import { words } from '../../words/words';
import { keptOf, useAtBrake, type AtBrake } from './atBrake';
import { ReckonerPage } from './ReckonerPage';
import { StopRuns } from './StopRuns';
import { oneOf, useKeyed } from './useKeyed';

const BRAKES = ['both', 'one'] as const;
const WHEN = ['before', 'after'] as const;
type When = (typeof WHEN)[number];
const USUAL = { before: '25 7.6,25 7.9,25 7.4', after: '25 6.1,25 6.4,25 6.0', brakes: 'both' };
const LOCKED = 'L';

/** Runs as the address holds them: speed and distance, and a mark where the wheel locked. */
const readRuns = (text: string): StopRun[] =>
  text.split(',').flatMap((each) => {
    const [fromKmh, distanceM, locked] = each.trim().split(/\s+/);
    const [speed, distance] = [numberOf(fromKmh ?? ''), numberOf(distanceM ?? '')];
    return speed && distance
      ? [{ fromKmh: speed, distanceM: distance, locked: locked === LOCKED }]
      : [];
  });
const runsText = (runs: readonly StopRun[]) =>
  runs
    .map(({ fromKmh, distanceM, locked }) => `${fromKmh} ${distanceM}${locked ? ` ${LOCKED}` : ''}`)
    .join(',');

/** Stops before the work and after it, on equal terms: whether a difference is shown, and how large. */
export function StopsReckoner() {
  const at = useAtBrake();
  const [keyed, key] = useKeyed('stops', USUAL, knownOf(at));
  const runs = { before: readRuns(keyed.before), after: readRuns(keyed.after) };
  const brakes = oneOf(BRAKES, keyed.brakes);
  const some = runs.before.length + runs.after.length > 0;
  const { stops } = reckonerWords;
  return (
    <ReckonerPage
      of="stops"
      what={some ? { kind: 'reckoned', what: { of: 'stops', ...runs, brakes } } : null}
    >
      <Halves>
        <>
          <Compared {...runs} />
          {at?.job.bike.motor ? <CutOffs at={at} /> : null}
          <Section>
            <Words kind="small">{stops.howItIsDone}</Words>
          </Section>
        </>
        <>
          {WHEN.map((when) => (
            <StopRuns
              key={when}
              when={when}
              runs={runs[when]}
              onRuns={(now) => key(when)(runsText(now))}
            />
          ))}
          <Section>
            <Words kind="label">{stops.brakes}</Words>
            <Choice
              label={stops.brakes}
              options={BRAKES.map((value) => ({ value, says: stops.with[value] }))}
              chosen={[brakes]}
              onChoose={key('brakes')}
            />
          </Section>
        </>
      </Halves>
    </ReckonerPage>
  );
}

/** The runs written down last: those before the work still stand after it. */
function knownOf(at: AtBrake | null): Partial<typeof USUAL> {
  const kept = keptOf(at, 'stops');
  return kept
    ? { before: runsText(kept.before), after: runsText(kept.after), brakes: kept.brakes }
    : {};
}

function Compared(runs: Record<When, StopRun[]>) {
  const { stops } = reckonerWords;
  const compared = compare(runs);
  if (!compared)
    return (
      <Section>
        <Note title={stops.threeEach(FEWEST_RUNS, RUNS_ASKED)} />
      </Section>
    );
  const m = (value: number) => words.format.fixed(value, 1);
  const { before, after, differenceM, fromM, toM, shown } = compared;
  return (
    <Section label={stops.says}>
      <Words kind="title">{stops.shown[shown]}</Words>
      <Words kind="giant">{stops.metres(m(Math.abs(differenceM)))}</Words>
      <Words>{stops.between(m(fromM), m(toM))}</Words>
      <Words>
        {stops.medians(
          m(before.medianM),
          m(after.medianM),
          words.format.fixed(before.decelerationMs2, 2),
          words.format.fixed(after.decelerationMs2, 2),
        )}
      </Words>
    </Section>
  );
}

/** Whether each lever was seen to cut the motor: a stop against a motor that pushes tells nothing of the brake. */
function CutOffs({ at: { job } }: { at: AtBrake }) {
  const open = job.bars.filter(
    ({ code }) => code === 'cut-off-untested' || code === 'cut-off-failed',
  );
  return (
    <Section label={reckonerWords.stops.motor}>
      {open.length === 0 ? <Words>{reckonerWords.stops.bothCut}</Words> : null}
      {open.map((bar) => (
        <Note key={JSON.stringify(bar)} kind="caution" title={verdictWords.bar(bar)} />
      ))}
    </Section>
  );
}

function compare({ before, after }: Record<When, StopRun[]>): StopsCompared | null {
  try {
    return compareStops(before, after);
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return null;
  }
}
