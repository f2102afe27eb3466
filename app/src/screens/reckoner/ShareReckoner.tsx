import { InputError } from '@hold-fast/core/inputError';
import { frontShare, tipsAtG, type Balance } from '@hold-fast/core/stop/stops';
import { Note } from '../../ui/Note';
import { numberOf, signedNumberOf } from '../../ui/numberOf';
import { Section } from '../../ui/Page';
import { Words } from '../../ui/Words';
import { reckonerWords } from '../../words/reckoner';
import { verdictWords } from '../../words/verdictWords';
import { words } from '../../words/words';
import { KeyedFields } from './KeyedFields';
import { ReckonerPage } from './ReckonerPage';
import { useKeyed } from './useKeyed';

const USUAL = {
  wheelbaseM: '1.15',
  aheadM: '0.55',
  highM: '1.1',
  slopeDegrees: '0',
  decelerationG: '0.25',
};
const NAMES = Object.keys(USUAL) as (keyof typeof USUAL)[];

/** How much of the load the front wheel carries while braking, and where the rear one lifts. */
export function ShareReckoner() {
  const [keyed, key] = useKeyed('share', USUAL);
  const reckoned = reckon(keyed);
  const { share } = reckonerWords;
  return (
    <ReckonerPage of="share" sum={reckoned.ok ? keyed : null}>
      <Section>
        {reckoned.ok ? (
          <>
            <Words kind="giant">{words.format.percent(reckoned.front)}</Words>
            <Words>{share.onTheFront}</Words>
            <Words ink="soft">{share.lifts(words.format.fixed(reckoned.tipsG, 2))}</Words>
          </>
        ) : (
          <Note kind="refusal" title={reckoned.says} />
        )}
      </Section>
      <Section>
        <KeyedFields
          names={NAMES}
          labels={share}
          keyed={keyed}
          onKey={key}
          errors={reckoned.ok ? {} : reckoned.at}
        />
      </Section>
      <Section>
        <Words kind="small">{share.howItIsReckoned}</Words>
      </Section>
    </ReckonerPage>
  );
}

type Reckoned =
  | { ok: true; front: number; tipsG: number }
  | { ok: false; says: string; at: Partial<Record<keyof typeof USUAL, string>> };

function reckon(keyed: typeof USUAL): Reckoned {
  const values = NAMES.map(
    (name) => [name, (name === 'slopeDegrees' ? signedNumberOf : numberOf)(keyed[name])] as const,
  );
  const unread = values.find(([, value]) => value === null);
  if (unread) {
    const says = verdictWords.inputError('not-a-number', {});
    return { ok: false, says: reckonerWords.share.numbers, at: { [unread[0]]: says } };
  }
  const { decelerationG, ...balance } = Object.fromEntries(values) as unknown as Balance & {
    decelerationG: number;
  };
  try {
    return { ok: true, front: frontShare(balance, decelerationG), tipsG: tipsAtG(balance) };
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    const says = verdictWords.inputError(error.code, error.numbers);
    return { ok: false, says, at: { [error.field]: says } };
  }
}
