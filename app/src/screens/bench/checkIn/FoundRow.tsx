import type { FoundBike } from '@hold-fast/contract/bikes';
import { router } from 'expo-router';
import { Row } from '../../../ui/Row';
import { checkInWords } from '../../../words/checkIn';
import { words } from '../../../words/words';
import { atJob } from '../../routes';

/** A bike that is known, to be chosen; of one that is in the shop, the way to its job. */
export function FoundRow({
  bike,
  onChosen,
}: {
  bike: FoundBike;
  onChosen: (bike: FoundBike) => void;
}) {
  return (
    <Row
      title={bike.bikeName}
      says={[bike.customerName, bike.maker, bike.serial, whereIs(bike)].filter(Boolean).join(' · ')}
      onPress={() => (bike.openJobId ? router.navigate(atJob(bike.openJobId)) : onChosen(bike))}
    />
  );
}

/** On which tag a bike is here, or was last. */
function whereIs({ lastTag, openJobId }: FoundBike): string | null {
  if (lastTag === null) return null;
  const { hereOn, lastTag: wasOn } = checkInWords.checkIn;
  return (openJobId ? hereOn : wasOn)(words.tagNumber(lastTag));
}
