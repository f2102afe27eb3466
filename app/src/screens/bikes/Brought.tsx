import type { BikePage } from '@hold-fast/contract/bikes';
import { Section } from '../../ui/Page';
import { Words } from '../../ui/Words';
import { bikesWords } from '../../words/bikes';
import { capital } from '../../words/capital';
import { exactDay } from '../../words/days';
import { words } from '../../words/words';

/** Readings that came in from a table: what they were, and that they prove nothing here. */
export function Brought({ brought }: Pick<BikePage, 'brought'>) {
  if (brought.length === 0) return null;
  const { title, provesNothing, readBy } = bikesWords.brought;
  return (
    <Section label={title}>
      <Words ink="soft">{provesNothing}</Words>
      {brought.map(({ end, part, takenAt, mm, gauge, by }) => (
        <Words key={`${end} ${part} ${takenAt} ${gauge} ${by}`}>
          {`${capital(words.thingAt(end, part))}, ${exactDay(takenAt)}: ${mm.map((value) => words.format.mm(value)).join(' · ')} mm. ${readBy(gauge, by)}`}
        </Words>
      ))}
    </Section>
  );
}
