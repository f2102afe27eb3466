import { useWatch } from 'react-hook-form';
import { Choice } from '../../../ui/Choice';
import { FormChoice, FormNumber, FormTick } from '../../../ui/FormLine';
import { Section } from '../../../ui/Page';
import { storeFormWords } from '../../../words/storeForms';
import { OriginOf, Value } from './Origin';
import { UNWRITTEN_LIMIT, type OfSheet } from './OfSheet';

/** Its rotor, and the limit. */
export function RotorFields({ control, setValue }: OfSheet) {
  const limit = useWatch({ control, name: 'rotor.limit' });
  return (
    <Section label={storeFormWords.sheetForm.rotor}>
      <FormChoice
        control={control}
        name="rotor.hold"
        label={storeFormWords.sheetForm.heldBy}
        options={[
          { value: 'six-bolt', says: storeFormWords.sheetForm.sixBolts },
          { value: 'lockring', says: storeFormWords.sheetForm.splinedLockring },
        ]}
      />
      <FormChoice
        control={control}
        name="rotor.construction"
        label={storeFormWords.sheetForm.construction}
        options={[
          { value: 'one-piece', says: storeFormWords.sheetForm.onePiece },
          { value: 'two-piece', says: storeFormWords.sheetForm.twoPieces },
        ]}
      />
      <Value
        control={control}
        name="rotor.newMm"
        label={storeFormWords.sheetForm.thicknessWhenNewMm}
      />
      <Value control={control} name="rotor.sizeMm" label={storeFormWords.sheetForm.sizeMm} />
      <FormTick
        control={control}
        name="rotor.organicOnly"
        label={storeFormWords.sheetForm.markedForOrganicPadsOnly}
      />
      <Choice
        label={storeFormWords.sheetForm.rotorLimitKnown}
        many
        options={[{ value: true, says: storeFormWords.sheetForm.theSheetGivesALimit }]}
        chosen={limit ? [true] : []}
        onChoose={() => setValue('rotor.limit', limit ? null : UNWRITTEN_LIMIT)}
      />
      {limit ? (
        <>
          <FormNumber
            control={control}
            name="rotor.limit.limitMm"
            label={storeFormWords.sheetForm.rotorLimitMm}
            wrong={storeFormWords.sheetForm.writeTheLimit}
          />
          <FormChoice
            control={control}
            name="rotor.limit.atLimitIsWorn"
            label={storeFormWords.sheetForm.howTheMakerWordsIt}
            options={[
              { value: true, says: storeFormWords.sheetForm.replaceAtItOrLess },
              { value: false, says: storeFormWords.sheetForm.replaceBelowIt },
              { value: null, says: storeFormWords.sheetForm.notSaidAtItIs },
            ]}
          />
          <OriginOf
            control={control}
            name="rotor.limit"
            label={storeFormWords.sheetForm.whereTheLimitComesFrom}
          />
        </>
      ) : null}
    </Section>
  );
}
