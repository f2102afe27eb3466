import { ACTUATIONS } from '@hold-fast/core/kit/actuation';
import { PISTON_LUBRICANTS } from '@hold-fast/core/kit/pistonLubricant';
import { useWatch } from 'react-hook-form';
import { FormChoice, FormLine } from '../../../ui/FormLine';
import { Section } from '../../../ui/Page';
import { partWords } from '../../../words/partWords';
import { storeFormWords } from '../../../words/storeForms';
import { words } from '../../../words/words';
import type { OfSheet } from './OfSheet';

/** Which brake it is. */
export function BrakeFields({ control }: OfSheet) {
  const cable = useWatch({ control, name: 'brake.actuation' }) === 'cable';
  return (
    <Section label={storeFormWords.sheetForm.whichBrake}>
      <FormLine
        control={control}
        name="title"
        label={storeFormWords.sheetForm.title}
        maxLength={80}
      />
      <FormLine
        control={control}
        name="source"
        label={storeFormWords.sheetForm.makersSheetAndItsRevision}
        maxLength={120}
        hint={storeFormWords.sheetForm.everyValueComesFromIt}
      />
      <FormChoice
        control={control}
        name="brake.actuation"
        label={storeFormWords.sheetForm.actuation}
        options={ACTUATIONS.map((value) => ({
          value,
          says: words.actuation[value],
        }))}
      />
      <FormChoice
        control={control}
        name="brake.mount"
        label={storeFormWords.sheetForm.mount}
        options={(['post', 'flat', 'is'] as const).map((value) => ({
          value,
          says: words.mount[value],
        }))}
      />
      <FormChoice
        control={control}
        name="brake.pistons"
        label={storeFormWords.sheetForm.pistons}
        options={[1, 2, 4, 6].map((value) => ({ value, says: String(value) }))}
      />
      {cable ? (
        <FormChoice
          control={control}
          name="brake.sides"
          label={storeFormWords.sheetForm.pushesFrom}
          options={[
            { value: 'one-sided', says: storeFormWords.sheetForm.oneSide },
            { value: 'two-sided', says: storeFormWords.sheetForm.bothSides },
            { value: null, says: storeFormWords.sheetForm.notKnown },
          ]}
        />
      ) : (
        <>
          <FormLine
            control={control}
            name="brake.port"
            label={storeFormWords.sheetForm.bleedPorts}
            maxLength={60}
          />
          <FormChoice
            control={control}
            name="brake.pistonLubricant"
            label={storeFormWords.sheetForm.onThePistons}
            options={[
              ...PISTON_LUBRICANTS.map((value) => ({
                value,
                says: storeFormWords.sheetForm.pistonsLubricant(partWords.lubricant[value]),
              })),
              { value: null, says: storeFormWords.sheetForm.pistonsTheSheetIsSilent },
            ]}
          />
        </>
      )}
    </Section>
  );
}
