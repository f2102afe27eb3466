import { Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { storeFormWords } from '../../../words/storeForms';
import { Value } from './Origin';
import type { OfSheet } from './OfSheet';

/** What of the lever the test for air needs. */
export function LeverFields({ control }: OfSheet) {
  return (
    <Section label={storeFormWords.sheetForm.leverForTheSpongeTest}>
      <Value
        control={control}
        name="lever.ratio"
        label={storeFormWords.sheetForm.bladeTravelPerPistonTravel}
      />
      <Value
        control={control}
        name="lever.boreMm"
        label={storeFormWords.sheetForm.masterCylinderBoreMm}
      />
      <Value
        control={control}
        name="lever.ownGiveMl"
        label={storeFormWords.sheetForm.aSoundBrakesOwnGive}
      />
      <Words kind="small">{storeFormWords.sheetForm.withoutItsOwnGiveThe}</Words>
    </Section>
  );
}
