import { InputError } from '@hold-fast/core/inputError';
import { inchesFromMm, micrometres } from '@hold-fast/core/units/length';
import { wearShare, wordOfPlace, type Word } from '@hold-fast/core/wear/verdict';
import { WearRule } from '../../instruments/WearRule';
import { Note } from '../../ui/Note';
import { numberOf } from '../../ui/numberOf';
import { Section } from '../../ui/Page';
import { size } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { reckonerWords } from '../../words/reckoner';
import { verdictWords } from '../../words/verdictWords';
import { words } from '../../words/words';
import { KeyedFields } from './KeyedFields';
import { ReckonerPage } from './ReckonerPage';
import { useKeyed } from './useKeyed';

const USUAL = { readMm: '1.56', doubtMm: '0.03', limitMm: '1.50', newMm: '1.80' };
const NAMES = ['readMm', 'doubtMm', 'limitMm', 'newMm'] as const;

/** What one thickness says against its limit, with the gauge's doubt. It judges no part: a whole sitting does. */
export function WearReckoner() {
  const [keyed, key] = useKeyed('wear', USUAL);
  const reckoned = reckon(keyed);
  const { wear } = reckonerWords;
  return (
    <ReckonerPage of="wear" sum={reckoned.ok ? keyed : null}>
      {reckoned.ok ? (
        <Section>
          <Words kind="title">{wear.says[reckoned.word]}</Words>
          <WearRule
            newMm={reckoned.newMm}
            limitMm={reckoned.limitMm}
            origin={null}
            leastMm={reckoned.readMm}
            doubtMm={reckoned.doubtMm}
            word={reckoned.word}
            width={size.figure}
          />
          <Words>
            {wear.least(
              words.format.fixed(reckoned.readMm - reckoned.doubtMm, 3),
              words.format.fixed(inchesFromMm(reckoned.readMm), 4),
            )}
          </Words>
          {reckoned.share === null ? null : (
            <Words>{wear.left(words.format.percent(reckoned.share))}</Words>
          )}
        </Section>
      ) : (
        <Section>
          <Note kind="refusal" title={reckoned.says} />
        </Section>
      )}
      <Section>
        <KeyedFields names={NAMES} labels={wear} keyed={keyed} onKey={key} />
      </Section>
      <Section>
        <Words kind="small">{wear.howItIsJudged}</Words>
      </Section>
    </ReckonerPage>
  );
}

type Reckoned =
  | {
      ok: true;
      readMm: number;
      doubtMm: number;
      limitMm: number;
      newMm: number | null;
      word: Word;
      share: number | null;
    }
  | { ok: false; says: string };

function reckon(keyed: typeof USUAL): Reckoned {
  const { numbers } = reckonerWords.wear;
  const [readMm, doubtMm, limitMm, newMm] = NAMES.map((name) => numberOf(keyed[name]));
  const unread = newMm === null && keyed.newMm.trim() !== '';
  if (readMm == null || doubtMm == null || limitMm == null || unread)
    return { ok: false, says: numbers };
  try {
    const limit = { limitMm, atLimitIsWorn: null, origin: 'shop', tag: null } as const;
    const share = newMm == null ? null : wearShare(readMm, limitMm, newMm);
    const thicknessUm = micrometres(readMm);
    const at = {
      place: '',
      thicknessUm,
      leastUm: thicknessUm,
      doubtUm: micrometres(doubtMm),
      spreadUm: 0,
      mostSpreadUm: 0,
    };
    const word = wordOfPlace(at, limit, newMm ?? null, false);
    return { ok: true, readMm, doubtMm, limitMm, newMm: newMm ?? null, word, share };
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return { ok: false, says: verdictWords.inputError(error.code, error.numbers) };
  }
}
