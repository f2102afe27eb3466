import { InputError } from '@hold-fast/core/inputError';
import { washersFor, WASHERS_MM } from '@hold-fast/core/mount/radial';
import { Field } from '../../ui/Field';
import { Note } from '../../ui/Note';
import { numberOf, signedNumberOf } from '../../ui/numberOf';
import { Section } from '../../ui/Page';
import { Words } from '../../ui/Words';
import { reckonerWords } from '../../words/reckoner';
import { verdictWords } from '../../words/verdictWords';
import { words } from '../../words/words';
import { ReckonerPage } from './ReckonerPage';
import { useKeyed } from './useKeyed';
import type { Written } from './WriteDown';

const USUAL = { e: '2.3', fitted: '', stock: WASHERS_MM.join(' ') };

/** Which washers bring the pads to where they sweep the whole track, and nothing but it. */
export function WashersReckoner() {
  const [keyed, key] = useKeyed('washers', USUAL);
  const answer = reckon(keyed);
  return (
    <ReckonerPage of="washers" what={answer.written}>
      <Section>
        {answer.ok ? (
          <Words kind="title">{answer.says}</Words>
        ) : (
          <Note kind="refusal" title={answer.says} />
        )}
      </Section>
      <Section>
        <Field
          label={reckonerWords.washers.eMm}
          value={keyed.e}
          hint={reckonerWords.washers.eSays}
          onChangeText={key('e')}
        />
        <Field
          label={reckonerWords.washers.fittedMm}
          value={keyed.fitted}
          hint={reckonerWords.washers.fittedSays}
          onChangeText={key('fitted')}
        />
        <Field
          label={reckonerWords.washers.stockMm}
          value={keyed.stock}
          hint={reckonerWords.washers.stockSays}
          onChangeText={key('stock')}
        />
      </Section>
      <Section>
        <Words kind="small">{reckonerWords.washers.howItIsChosen}</Words>
      </Section>
    </ReckonerPage>
  );
}

interface Reckoned {
  ok: boolean;
  says: string;
  /** e as it was measured, with the washers it was measured with. */
  written: Written | null;
}

function reckon({ e, fitted, stock }: typeof USUAL): Reckoned {
  const eMm = signedNumberOf(e);
  const [fittedMm, stockMm] = [fitted, stock].map((text) =>
    text.split(/\s+/).filter(Boolean).map(numberOf),
  ) as [(number | null)[], (number | null)[]];
  if (eMm === null || fittedMm.includes(null) || stockMm.includes(null))
    return { ok: false, says: reckonerWords.washers.numbers, written: null };
  try {
    const washers = fittedMm.filter((mm) => mm !== null);
    const choice = washersFor(
      eMm,
      washers,
      stockMm.filter((mm) => mm !== null && mm > 0) as number[],
    );
    const mm = (value: number) => words.format.keyed(String(value));
    return {
      ok: choice.code !== 'another-adapter' && choice.code !== 'out-of-stock',
      says: reckonerWords.washers.choice(choice, mm),
      written: { kind: 'radial', eMm, washersMm: washers },
    };
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return { ok: false, says: verdictWords.inputError(error.code, error.numbers), written: null };
  }
}
