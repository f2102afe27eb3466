import { InputError } from '@hold-fast/core/inputError';
import {
  boltLength,
  BOLTS,
  engagementMm,
  THREADED_IN,
  type BoltSize,
  type ThreadedIn,
} from '@hold-fast/core/torque/engagement';
import { Choice } from '../../ui/Choice';
import { numberOf } from '../../ui/numberOf';
import { Section } from '../../ui/Page';
import { Words } from '../../ui/Words';
import { capital } from '../../words/capital';
import { reckonerWords } from '../../words/reckoner';
import { verdictWords } from '../../words/verdictWords';
import { words } from '../../words/words';
import { KeyedFields } from './KeyedFields';
import { ReckonerPage } from './ReckonerPage';
import { oneOf, useKeyed } from './useKeyed';

const SIZES = Object.keys(BOLTS) as BoltSize[];
const USUAL = { bolt: 'M6', threadedIn: 'aluminium', through: '12', depth: '' };

/** How much thread a bolt needs, and how long it may be. */
export function ThreadReckoner() {
  const [keyed, key] = useKeyed('thread', USUAL);
  const { through, depth } = keyed;
  const bolt = oneOf(SIZES, keyed.bolt);
  const threadedIn = oneOf(THREADED_IN, keyed.threadedIn);
  return (
    <ReckonerPage of="thread" sum={keyed}>
      <Section label={reckonerWords.thread.aBoltInItsThread}>
        <Words kind="label">{reckonerWords.thread.bolt}</Words>
        <Choice
          label={reckonerWords.thread.bolt}
          options={SIZES.map((value) => ({ value, says: value }))}
          chosen={[bolt]}
          onChoose={key('bolt')}
        />
        <Words kind="label">{reckonerWords.thread.threadedIn}</Words>
        <Choice
          label={reckonerWords.thread.threadedIn}
          options={THREADED_IN.map((value) => ({ value, says: capital(words.material[value]) }))}
          chosen={[threadedIn]}
          onChoose={key('threadedIn')}
        />
        <KeyedFields
          names={['through', 'depth']}
          labels={{
            through: reckonerWords.thread.passesThrough,
            depth: reckonerWords.thread.holeIsDeep,
          }}
          keyed={keyed}
          onKey={key}
        />
        <Words>{lengthSays(bolt, threadedIn, through, depth)}</Words>
        <Words kind="small">
          {reckonerWords.thread.needs(
            words.format.keyed(String(engagementMm(bolt, threadedIn))),
            BOLTS[bolt].tap,
          )}
        </Words>
      </Section>
    </ReckonerPage>
  );
}

function lengthSays(bolt: BoltSize, threadedIn: ThreadedIn, through: string, depth: string) {
  const throughMm = numberOf(through);
  const depthMm = numberOf(depth);
  if (throughMm === null || (depth.trim() !== '' && depthMm === null))
    return reckonerWords.thread.numbersOfMm;
  try {
    const { leastMm, mostMm } = boltLength(bolt, threadedIn, throughMm, depthMm);
    const mm = (value: number) => words.format.keyed(String(value));
    return mostMm === null
      ? reckonerWords.thread.atLeast(mm(leastMm))
      : reckonerWords.thread.between(mm(leastMm), mm(mostMm));
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return verdictWords.inputError(error.code, error.numbers);
  }
}
