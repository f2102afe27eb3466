import { useWatch } from 'react-hook-form';
import { Choice } from '../../../ui/Choice';
import { FormLine } from '../../../ui/FormLine';
import { Section } from '../../../ui/Page';
import { storeFormWords } from '../../../words/storeForms';
import { Value } from './Origin';
import type { OfSheet } from './OfSheet';

/** Its hose. */
export function HoseFields({ control, setValue }: OfSheet) {
  const hose = useWatch({ control, name: 'hose' });
  return (
    <Section label={storeFormWords.sheetForm.hose}>
      <Choice
        label={storeFormWords.sheetForm.hoseKnown}
        many
        options={[{ value: true, says: storeFormWords.sheetForm.theSheetSaysWhichHose }]}
        chosen={hose ? [true] : []}
        onChoose={() =>
          setValue(
            'hose',
            hose ? null : { boreMm: null, barb: '', olive: '', banjoSeals: '', kitMl: null },
          )
        }
      />
      {hose ? (
        <>
          <Value control={control} name="hose.boreMm" label={storeFormWords.sheetForm.boreMm} />
          <FormLine
            control={control}
            name="hose.barb"
            label={storeFormWords.sheetForm.barb}
            maxLength={40}
          />
          <FormLine
            control={control}
            name="hose.olive"
            label={storeFormWords.sheetForm.olive}
            maxLength={40}
          />
          <FormLine
            control={control}
            name="hose.banjoSeals"
            label={storeFormWords.sheetForm.banjoSeals}
            maxLength={40}
          />
          <Value
            control={control}
            name="hose.kitMl"
            label={storeFormWords.sheetForm.caliperAndLeverHoldMl}
          />
        </>
      ) : null}
    </Section>
  );
}
