import { GAUGE_DEFAULTS } from '@hold-fast/core/gauge/gauge';
import { InputError } from '@hold-fast/core/inputError';
import { USUAL_RULES } from '@hold-fast/core/rules/shopRules';
import { PAD_PLACES, padVerdict, type PadPlace, type PadVerdict } from '@hold-fast/core/wear/pads';
import { useRules } from '../../data/counterQueries';
import { Note } from '../../ui/Note';
import { numberOf } from '../../ui/numberOf';
import { Section } from '../../ui/Page';
import { Words } from '../../ui/Words';
import { capital } from '../../words/capital';
import { reckonerWords } from '../../words/reckoner';
import { verdictWords } from '../../words/verdictWords';
import { words } from '../../words/words';
import { schoolSays } from '../bench/inspect/findings';
import { KeyedFields } from './KeyedFields';
import { ReckonerPage } from './ReckonerPage';
import { useKeyed } from './useKeyed';

const USUAL = {
  'inner-leading': '3.40',
  'inner-trailing': '3.38',
  'outer-leading': '3.30',
  'outer-trailing': '3.28',
  newMm: '4.00',
  plateMm: '1.80',
};
const SIDES = ['inner', 'outer'] as const;
const OF_THE_PAIR = ['newMm', 'plateMm'] as const;

/** What each school makes of a pair of pads, plates and all. It judges no pads: a whole sitting with a gauge does. */
export function PadsReckoner() {
  const [keyed, key] = useKeyed('pads', USUAL);
  const rules = useRules().data?.rules ?? USUAL_RULES;
  const reckoned = reckon(keyed, rules);
  const { pads } = reckonerWords;
  const labels = Object.fromEntries(
    PAD_PLACES.map((place) => [place, capital(words.padPlace[place])]),
  ) as Record<PadPlace, string>;
  return (
    <ReckonerPage of="pads" sum={reckoned.ok ? keyed : null}>
      <Section label={pads.schools}>
        {reckoned.ok ? (
          reckoned.verdict.schools.map((each) => (
            <Words key={each.school} testID={`school-${each.school}`}>
              {pads.school(
                capital(words.school[each.school]),
                schoolSays(each),
                each.school === reckoned.verdict.decidedBy,
              )}
            </Words>
          ))
        ) : (
          <Note kind="refusal" title={reckoned.says} />
        )}
      </Section>
      <Section label={pads.read}>
        {SIDES.map((side) => (
          <KeyedFields
            key={side}
            names={[`${side}-leading`, `${side}-trailing`]}
            labels={labels}
            keyed={keyed}
            onKey={key}
          />
        ))}
        <KeyedFields names={OF_THE_PAIR} labels={pads.of} keyed={keyed} onKey={key} />
      </Section>
      <Section>
        <Words kind="small">{pads.howItIsJudged}</Words>
      </Section>
    </ReckonerPage>
  );
}

/** Which gauge it was is asked at the job; here it counts as one in calibration. */
const NO_DUE_DAY = '9999-12-31';

type Reckoned = { ok: true; verdict: PadVerdict } | { ok: false; says: string };

function reckon(keyed: typeof USUAL, rules: typeof USUAL_RULES): Reckoned {
  const read = PAD_PLACES.map((place) => [place, numberOf(keyed[place])] as const);
  const [newTotalMm, plateMm] = OF_THE_PAIR.map((name) => numberOf(keyed[name]));
  if (read.some(([, mm]) => mm === null) || newTotalMm == null || plateMm == null)
    return { ok: false, says: reckonerWords.pads.numbers };
  const kind = 'digital-caliper';
  try {
    const verdict = padVerdict(
      {
        gauge: { kind, ...GAUGE_DEFAULTS[kind], calibrationDueOn: NO_DUE_DAY },
        zeroErrorMm: 0,
        measuredOn: '',
        basis: 'total',
        readings: Object.fromEntries(read.map(([place, mm]) => [place, [mm!]])),
      },
      { newTotalMm, plateMm, plateAssumed: false, figures: rules.figures },
      rules.schools,
      null,
    );
    return { ok: true, verdict };
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return { ok: false, says: verdictWords.inputError(error.code, error.numbers) };
  }
}
