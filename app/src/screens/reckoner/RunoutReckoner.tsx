import { GAUGE_DEFAULTS } from '@hold-fast/core/gauge/gauge';
import { InputError } from '@hold-fast/core/inputError';
import { USUAL_RULES } from '@hold-fast/core/rules/shopRules';
import {
  plausibleRunoutReading,
  RUNOUT_POINTS,
  RUNOUT_PROVEN_POINTS,
  runoutVerdict,
  type RunoutVerdict,
} from '@hold-fast/core/runout/runout';
import { RunoutRing } from '../../instruments/RunoutRing';
import { useRules } from '../../data/counterQueries';
import { Field } from '../../ui/Field';
import { Note } from '../../ui/Note';
import { signedNumberOf } from '../../ui/numberOf';
import { Section } from '../../ui/Page';
import { size } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { reckonerWords } from '../../words/reckoner';
import { verdictWords } from '../../words/verdictWords';
import { runoutSays, sumsOf } from '../bench/inspect/findings';
import { ReckonerPage } from './ReckonerPage';
import { useKeyed } from './useKeyed';

const USUAL = { readings: '0 0.04 0.08 0.10 0.08 0.04 0 -0.04' };

/** What a turn of the dial says: from low to high, and whether the rotor sits tilted or is bent. It judges no rotor. */
export function RunoutReckoner() {
  const [keyed, key] = useKeyed('runout', USUAL);
  const rules = useRules().data?.rules ?? USUAL_RULES;
  const reckoned = reckon(keyed.readings, rules);
  const { runout } = reckonerWords;
  return (
    <ReckonerPage of="runout" sum={reckoned.ok ? keyed : null}>
      <Section>
        {reckoned.ok ? (
          <>
            <Words kind="title">{runoutSays(reckoned.verdict)}</Words>
            <RunoutRing
              readings={reckoned.readings}
              current={null}
              over=""
              keyed=""
              open=""
              bare
              width={size.figure}
            />
            {sumsOf({ ok: true, measurand: 'runout', verdict: reckoned.verdict }, rules).map(
              (line) => (
                <Words key={line}>{line}</Words>
              ),
            )}
          </>
        ) : (
          <Note kind="refusal" title={reckoned.says} />
        )}
      </Section>
      <Section>
        <Field
          label={runout.readings}
          hint={runout.readingsHint(RUNOUT_POINTS.fewest, RUNOUT_POINTS.most)}
          value={keyed.readings}
          onChangeText={key('readings')}
          multiline
          {...(reckoned.ok ? {} : { error: reckoned.says })}
        />
      </Section>
      <Section>
        <Words kind="small">{runout.howItIsJudged(RUNOUT_PROVEN_POINTS)}</Words>
      </Section>
    </ReckonerPage>
  );
}

/** Which gauge it was is asked at the job; here it counts as one in calibration. */
const NO_DUE_DAY = '9999-12-31';

type Reckoned =
  | { ok: true; readings: number[]; verdict: RunoutVerdict }
  | { ok: false; says: string };

function reckon(text: string, rules: typeof USUAL_RULES): Reckoned {
  const read = text.split(/\s+/).filter(Boolean).map(signedNumberOf);
  const { fewest, most } = RUNOUT_POINTS;
  if (read.includes(null) || read.length < fewest || read.length > most)
    return { ok: false, says: reckonerWords.runout.numbers(fewest, most) };
  const kind = 'dial-indicator';
  try {
    const readings = (read as number[]).map(plausibleRunoutReading);
    const verdict = runoutVerdict(
      {
        gauge: { kind, ...GAUGE_DEFAULTS[kind], calibrationDueOn: NO_DUE_DAY },
        measuredOn: '',
        pointCount: readings.length,
        readingsMm: readings,
        radiusMm: null,
      },
      rules.runoutBands,
    );
    return { ok: true, readings, verdict };
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return { ok: false, says: verdictWords.inputError(error.code, error.numbers) };
  }
}
