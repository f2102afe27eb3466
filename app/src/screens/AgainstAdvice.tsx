import type { Advice } from '@hold-fast/core/job/job';
import { Note } from '../ui/Note';
import { Section } from '../ui/Page';
import { Words } from '../ui/Words';
import { capital } from '../words/capital';
import { exactDay } from '../words/days';
import { words } from '../words/words';

/** What the customer would not have replaced at an earlier visit, in their words: the bike is ridden against advice. */
export function AgainstAdvice({ advice }: { advice: readonly Advice[] }) {
  if (advice.length === 0) return null;
  return (
    <Section>
      <Note kind="caution" title={words.againstAdvice.riddenAgainstAdvice}>
        {advice.map(({ end, subject, words: said, tag, at }) => (
          <Words key={`${end} ${subject} ${tag}`}>
            {words.againstAdvice.notReplacedAtVisit(
              capital(words.thingAt(end, subject)),
              words.tagNumber(tag),
              exactDay(at),
              said,
            )}
          </Words>
        ))}
      </Note>
    </Section>
  );
}
