import type { DayRow } from '@hold-fast/contract/day';
import { nameOf } from '@hold-fast/core/fluid/families';
import { wantedOfDay } from '@hold-fast/core/workday/wanted';
import { useContainers, useStock } from '../../data/queries';
import { Note } from '../../ui/Note';
import { Section } from '../../ui/Page';
import { Words } from '../../ui/Words';
import { capital } from '../../words/capital';
import { dayWords } from '../../words/day';
import { planWords } from '../../words/planWords';

/** What the day’s plans take of the shelf, and what there is not enough of. */
export function WantedOfDay({ day, jobs }: { day: string; jobs: readonly DayRow[] }) {
  const stock = useStock();
  const containers = useContainers();
  if (!stock.data || !containers.data) return null;
  const { parts, short, fluids } = wantedOfDay(
    jobs,
    { parts: stock.data, containers: containers.data },
    day,
  );
  const shortFluids = fluids.filter(({ ml, onShelfMl }) => ml > onShelfMl);
  const fluidSays = fluids.map(({ asked, ml, onShelfMl }) =>
    dayWords.fluid(nameOf(asked.fluid), ml, Math.round(onShelfMl)),
  );
  const isShort = short.length > 0 || shortFluids.length > 0;
  return (
    <Section label={dayWords.forTheDay}>
      {parts.length === 0 && fluids.length === 0 ? (
        <Words ink="soft">{dayWords.nothingWanted}</Words>
      ) : null}
      {parts.map(({ part, pieces }) => (
        <Words key={part}>{dayWords.pieces(planWords.part[part], pieces)}</Words>
      ))}
      {fluidSays.map((says) => (
        <Words key={says}>{says}</Words>
      ))}
      {isShort ? (
        <Note kind="caution" title={dayWords.short}>
          {[
            ...short.map(({ part, wanted, onShelf }) =>
              dayWords.shortOf(capital(planWords.part[part]), wanted, onShelf),
            ),
            ...shortFluids.map(({ asked, ml, onShelfMl }) =>
              dayWords.fluid(nameOf(asked.fluid), ml, Math.round(onShelfMl)),
            ),
          ].join('. ')}
        </Note>
      ) : null}
    </Section>
  );
}
