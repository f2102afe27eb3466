import { PAD_SCHOOLS } from '@hold-fast/core/wear/pads';
import { useWatch } from 'react-hook-form';
import { Choice } from '../../../ui/Choice';
import { FormChoice, FormMany, FormNumber } from '../../../ui/FormLine';
import { Words } from '../../../ui/Words';
import { storeFormWords } from '../../../words/storeForms';
import { words } from '../../../words/words';
import { OriginOf } from './Origin';
import { UNWRITTEN_LIMIT, type OfSheet } from './OfSheet';

const LIMITS = ['total', 'friction'] as const;

/** What its maker lays down of worn pads: limits in place of the shop's, and the schools it goes by. */
export function PadLimits({ control, setValue }: OfSheet) {
  const limits = useWatch({ control, name: 'pads.limits' });
  return (
    <>
      {LIMITS.map((school) => (
        <PadLimit
          key={school}
          control={control}
          school={school}
          given={limits[school] !== undefined}
          onGiven={(given) => {
            const { [school]: _was, ...others } = limits;
            setValue(
              'pads.limits',
              given
                ? {
                    ...others,
                    [school]: UNWRITTEN_LIMIT,
                  }
                : others,
            );
          }}
        />
      ))}
      <Words kind="label">{storeFormWords.sheetForm.schoolsOfTheMaker}</Words>
      <FormMany
        control={control}
        name="pads.schools"
        label={storeFormWords.sheetForm.schoolsOfTheMaker}
        options={PAD_SCHOOLS.map((value) => ({ value, says: words.school[value] }))}
      />
    </>
  );
}

function PadLimit({
  control,
  school,
  given,
  onGiven,
}: {
  control: OfSheet['control'];
  school: (typeof LIMITS)[number];
  given: boolean;
  onGiven: (given: boolean) => void;
}) {
  const label = storeFormWords.sheetForm.padLimit[school];
  return (
    <>
      <Choice
        label={label}
        many
        options={[{ value: true, says: label }]}
        chosen={given ? [true] : []}
        onChoose={() => onGiven(!given)}
      />
      {given ? (
        <>
          <FormNumber
            control={control}
            name={`pads.limits.${school}.limitMm`}
            label={label}
            wrong={storeFormWords.sheetForm.writeTheLimit}
          />
          <FormChoice
            control={control}
            name={`pads.limits.${school}.atLimitIsWorn`}
            label={storeFormWords.sheetForm.howTheMakerWordsIt}
            options={[
              { value: true, says: storeFormWords.sheetForm.replaceAtItOrLess },
              { value: false, says: storeFormWords.sheetForm.replaceBelowIt },
              { value: null, says: storeFormWords.sheetForm.notSaidAtItIs },
            ]}
          />
          <OriginOf
            control={control}
            name={`pads.limits.${school}`}
            label={storeFormWords.sheetForm.whereTheLimitComesFrom}
          />
        </>
      ) : null}
    </>
  );
}
