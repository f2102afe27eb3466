import type { BikePage } from '@hold-fast/contract/bikes';
import { Section } from '../../ui/Page';
import { Words } from '../../ui/Words';
import { bikesWords } from '../../words/bikes';
import { capital } from '../../words/capital';
import { words } from '../../words/words';

/** What calculators were told of a bike at its visits: measured once, and there the next time. */
export function ReckonedHere({ reckoned }: { reckoned: BikePage['reckoned'] }) {
  if (reckoned.length === 0) return null;
  return (
    <Section label={bikesWords.reckoned.label}>
      {reckoned.map(({ end, tag, what }) => (
        <Words key={`${end} ${what.of}`}>
          {bikesWords.reckoned.at(capital(words.end[end]), saysOf(what), tag)}
        </Words>
      ))}
    </Section>
  );
}

function saysOf(what: BikePage['reckoned'][number]['what']): string {
  const { reckoned } = bikesWords;
  const mm = (value: number | null) => (value === null ? null : words.format.keyed(String(value)));
  switch (what.of) {
    case 'fit':
      return reckoned.fit(mm(what.rotor.sizeMm)!, mm(what.largestMm));
    case 'hose':
      return reckoned.hose(mm(what.presentMm)!, what.then);
    case 'levers':
      return reckoned.levers(
        words.format.list(what.biased.map((each) => words.pairMeasure[each])),
        what.why,
      );
    case 'cable':
      return reckoned.cable(mm(what.fixedGapMm), mm(what.armMm));
    case 'stops':
      return reckoned.stops(what.before.length, what.after.length);
  }
}
