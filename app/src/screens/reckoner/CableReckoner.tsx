import {
  CABLE_PULLS,
  cableStands,
  type CableSetUp,
  type CableStands,
} from '@hold-fast/core/cable/cable';
import { InputError } from '@hold-fast/core/inputError';
import { CableFigure } from '../../instruments/CableFigure';
import { Choice } from '../../ui/Choice';
import { Halves } from '../../ui/Halves';
import { Note } from '../../ui/Note';
import { numberOf } from '../../ui/numberOf';
import { Section } from '../../ui/Page';
import { size } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { reckonerWords } from '../../words/reckoner';
import { verdictWords } from '../../words/verdictWords';
import { keptOf, keyedFrom, useAtBrake } from './atBrake';
import { KeyedFields } from './KeyedFields';
import { ReckonerPage } from './ReckonerPage';
import { oneOf, useKeyed } from './useKeyed';

const PULLS = ['unknown', ...CABLE_PULLS] as const;
const USUAL = { leverPull: 'long', caliperPull: 'long', fixedGapMm: '0.15', armMm: '22' };
type Keyed = typeof USUAL;

/** A cable brake's set-up: whether lever and caliper want the same pull, the fixed pad's gap, how far the arm goes. */
export function CableReckoner() {
  const kept = keptOf(useAtBrake(), 'cable');
  const [keyed, key] = useKeyed(
    'cable',
    USUAL,
    kept
      ? {
          leverPull: kept.leverPull ?? 'unknown',
          caliperPull: kept.caliperPull ?? 'unknown',
          armMm: keyedFrom(kept.armMm),
        }
      : {},
  );
  const reckoned = reckon(keyed);
  const { cable } = reckonerWords;
  return (
    <ReckonerPage
      of="cable"
      what={
        reckoned.ok && Object.values(reckoned.setUp).some((known) => known !== null)
          ? { kind: 'reckoned', what: { of: 'cable', ...reckoned.setUp } }
          : null
      }
    >
      <Halves>
        <>
          {reckoned.ok ? (
            <Answer {...reckoned} />
          ) : (
            <Section>
              <Note kind="refusal" title={cable.numbers} />
            </Section>
          )}
          <Section>
            <Words kind="small">{cable.howItIsDone}</Words>
          </Section>
        </>
        <Section>
          {(['leverPull', 'caliperPull'] as const).map((name) => (
            <PullChoice key={name} label={cable[name]} text={keyed[name]} onChoose={key(name)} />
          ))}
          <KeyedFields
            names={['fixedGapMm', 'armMm']}
            labels={cable}
            keyed={keyed}
            onKey={key}
            errors={reckoned.ok ? {} : reckoned.at}
          />
        </Section>
      </Halves>
    </ReckonerPage>
  );
}

interface PullProps {
  label: string;
  text: string;
  onChoose: (text: string) => void;
}

function PullChoice({ label, text, onChoose }: PullProps) {
  return (
    <>
      <Words kind="label">{label}</Words>
      <Choice
        label={label}
        options={PULLS.map((value) => ({ value, says: reckonerWords.cable.pulls[value] }))}
        chosen={[oneOf(PULLS, text)]}
        onChoose={onChoose}
      />
    </>
  );
}

function Answer({ setUp, stands }: { setUp: CableSetUp; stands: CableStands }) {
  const { cable } = reckonerWords;
  return (
    <Section>
      <Note
        kind={
          stands.pull === 'mismatch' ? 'refusal' : stands.pull === 'match' ? 'plain' : 'caution'
        }
        title={cable.pull[stands.pull]}
      />
      <CableFigure gapMm={setUp.fixedGapMm} armMm={setUp.armMm} width={size.figure} />
      <Words kind="title">{cable.gap[stands.gap]}</Words>
    </Section>
  );
}

type Reckoned =
  | { ok: true; setUp: CableSetUp; stands: CableStands }
  | { ok: false; at: Partial<Record<keyof Keyed, string>> };

function reckon(keyed: Keyed): Reckoned {
  const pull = (name: 'leverPull' | 'caliperPull') => {
    const chosen = oneOf(PULLS, keyed[name]);
    return chosen === 'unknown' ? null : chosen;
  };
  const setUp: CableSetUp = {
    leverPull: pull('leverPull'),
    caliperPull: pull('caliperPull'),
    fixedGapMm: numberOf(keyed.fixedGapMm),
    armMm: numberOf(keyed.armMm),
  };
  for (const name of ['fixedGapMm', 'armMm'] as const)
    if (setUp[name] === null && keyed[name].trim() !== '')
      return { ok: false, at: { [name]: verdictWords.inputError('not-a-number', {}) } };
  try {
    return { ok: true, setUp, stands: cableStands(setUp) };
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return { ok: false, at: { [error.field]: verdictWords.inputError(error.code, error.numbers) } };
  }
}
