import { spongeTest, USUAL_OWN_GIVE_ML, type TrappedAir } from '@hold-fast/core/air/spongeTest';
import { InputError } from '@hold-fast/core/inputError';
import type { Figures } from '@hold-fast/core/rules/figures';
import { USUAL_RULES } from '@hold-fast/core/rules/shopRules';
import { useRules } from '../../data/counterQueries';
import { Note } from '../../ui/Note';
import { numberOf } from '../../ui/numberOf';
import { Section } from '../../ui/Page';
import { Words } from '../../ui/Words';
import { reckonerWords } from '../../words/reckoner';
import { verdictWords } from '../../words/verdictWords';
import { words } from '../../words/words';
import { KeyedFields } from './KeyedFields';
import { ReckonerPage } from './ReckonerPage';
import { useKeyed } from './useKeyed';

const USUAL = {
  biteMm: '10',
  firmMm: '25',
  leverRatio: '5',
  boreMm: '10',
  ownGiveMl: String(USUAL_OWN_GIVE_ML),
};
const NAMES = ['biteMm', 'firmMm', 'leverRatio', 'boreMm', 'ownGiveMl'] as const;

/** How much air a spongy lever holds at least, by what it pushes after the bite. It proves no brake: a test in a job does. */
export function AirReckoner() {
  const [keyed, key] = useKeyed('air', USUAL);
  const { figures } = useRules().data?.rules ?? USUAL_RULES;
  const reckoned = reckon(keyed, figures);
  const { air } = reckonerWords;
  return (
    <ReckonerPage of="air" sum={reckoned.ok ? keyed : null}>
      <Section>
        {reckoned.ok ? <Answer {...reckoned.air} /> : <Note kind="refusal" title={reckoned.says} />}
      </Section>
      <Section>
        <KeyedFields names={NAMES} labels={air} keyed={keyed} onKey={key} />
      </Section>
      <Section>
        <Words kind="small">{air.howItIsReckoned}</Words>
      </Section>
    </ReckonerPage>
  );
}

function Answer({ airMl, readOut, pushedMl, pistonMm }: TrappedAir) {
  const { air } = reckonerWords;
  return (
    <>
      <Words kind="title">{readOut === null ? air.nothingToSay : air.readOut[readOut]}</Words>
      {airMl === null ? null : <Words kind="giant">{air.ml(words.format.fixed(airMl, 2))}</Words>}
      <Words>{air.pushed(words.format.fixed(pistonMm, 2), words.format.fixed(pushedMl, 3))}</Words>
    </>
  );
}

type Reckoned = { ok: true; air: TrappedAir } | { ok: false; says: string };

function reckon(keyed: typeof USUAL, figures: Figures): Reckoned {
  const values = NAMES.map((name) => [name, numberOf(keyed[name])] as const);
  if (values.some(([, value]) => value === null))
    return { ok: false, says: reckonerWords.air.numbers };
  try {
    const test = Object.fromEntries(values) as Record<(typeof NAMES)[number], number>;
    return { ok: true, air: spongeTest({ ...test, figures }) };
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return { ok: false, says: verdictWords.inputError(error.code, error.numbers) };
  }
}
