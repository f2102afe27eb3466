import { COMPOUNDS } from '@hold-fast/core/kit/compound';
import { Controller } from 'react-hook-form';
import { Choice } from '../../../ui/Choice';
import { FormLine, FormTick } from '../../../ui/FormLine';
import { Section } from '../../../ui/Page';
import { storeFormWords } from '../../../words/storeForms';
import { words } from '../../../words/words';
import { Value } from './Origin';
import type { OfSheet } from './OfSheet';
import { PadLimits } from './PadLimits';

/** Its pads. */
export function PadFields({ control, setValue, ...form }: OfSheet) {
  return (
    <Section label={storeFormWords.sheetForm.pads}>
      <FormLine
        control={control}
        name="pads.shape"
        label={storeFormWords.sheetForm.shape}
        maxLength={40}
      />
      <Value
        control={control}
        name="pads.newTotalMm"
        label={storeFormWords.sheetForm.padAndPlateWhenNew}
      />
      <Value
        control={control}
        name="pads.plateMm"
        label={storeFormWords.sheetForm.backingPlateMm}
      />
      <FormTick
        control={control}
        name="pads.plateAssumed"
        label={storeFormWords.sheetForm.thePlateIsAssumedNot}
      />
      <Controller
        control={control}
        name="pads.compounds"
        render={({ field }) => (
          <Choice
            label={storeFormWords.sheetForm.compoundsItComesIn}
            many
            options={COMPOUNDS.filter((value) => value !== 'unknown').map((value) => ({
              value,
              says: words.compound[value],
            }))}
            chosen={field.value}
            onChoose={(value) =>
              field.onChange(
                field.value.includes(value)
                  ? field.value.filter((each) => each !== value)
                  : [...field.value, value],
              )
            }
          />
        )}
      />
      <PadLimits {...form} control={control} setValue={setValue} />
      <FormTick
        control={control}
        name="pads.finned"
        label={storeFormWords.sheetForm.finnedHandedLeftAndRight}
      />
    </Section>
  );
}
