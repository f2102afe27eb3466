import type { FoundBike } from '@hold-fast/contract/bikes';
import { useDeferredValue } from 'react';
import { useFormContext, useWatch } from 'react-hook-form';
import { useBikes } from '../../../data/counterQueries';
import { Button } from '../../../ui/Button';
import { Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { checkInWords } from '../../../words/checkIn';
import type { Draft } from './drafts';
import { FoundRow } from './FoundRow';

const { isItOneOf, withoutHistory, anotherBikeOf } = checkInWords.checkIn;

/** Shorter names are not looked for. */
const FEWEST_LETTERS = 3;

/** What whoever brings a bike has brought before. The same bike written down anew would come without what was found on it. */
export function TheirBikes({
  onChosen,
  onAnother,
}: {
  onChosen: (bike: FoundBike) => void;
  /** It is none of them, and of whoever brought this one; null where that is said already. */
  onAnother: ((beside: FoundBike) => void) | null;
}) {
  const { control } = useFormContext<Draft['written']>();
  const name = useDeferredValue(useWatch({ control, name: 'customerName' }).trim());
  const found = useBikes(name.length < FEWEST_LETTERS ? '' : name);
  const theirs = (found.data ?? []).filter(({ customerName }) => isSame(customerName, name));
  const [first, ...others] = theirs;
  if (!first) return null;
  const isOnes = others.every(({ customerId }) => customerId === first.customerId);
  return (
    <>
      <Section label={isItOneOf}>
        <Words ink="soft">{withoutHistory}</Words>
      </Section>
      {theirs.map((bike) => (
        <FoundRow key={bike.bikeId} bike={bike} onChosen={onChosen} />
      ))}
      {onAnother && isOnes ? (
        <Section>
          <Button
            kind="quiet"
            says={anotherBikeOf(first.customerName)}
            onPress={() => onAnother(first)}
          />
        </Section>
      ) : null}
    </>
  );
}

const isSame = (one: string, other: string) => one.toLowerCase() === other.toLowerCase();
