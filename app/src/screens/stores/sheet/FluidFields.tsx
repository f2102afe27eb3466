import { FAMILIES, gradesOf, usualOf } from '@hold-fast/core/fluid/families';
import { Controller, useWatch } from 'react-hook-form';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { FormChoice, FormLine } from '../../../ui/FormLine';
import { Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { capital } from '../../../words/capital';
import { storeFormWords } from '../../../words/storeForms';
import { words } from '../../../words/words';
import { OriginOf } from './Origin';
import type { OfSheet } from './OfSheet';

/** The fluid it asks for. */
export function FluidFields({ control, setValue }: OfSheet) {
  const fluid = useWatch({ control, name: 'fluid' });
  const grades: readonly string[] = fluid ? gradesOf(fluid.fluid.family) : [];
  return (
    <Section label={storeFormWords.sheetForm.fluid}>
      <Choice
        label={storeFormWords.sheetForm.fluidFamily}
        options={[
          { value: 'none', says: storeFormWords.sheetForm.notAsked },
          ...FAMILIES.map((value) => ({ value, says: capital(words.family[value]) })),
        ]}
        chosen={[fluid?.fluid.family ?? 'none']}
        onChoose={(family) =>
          setValue(
            'fluid',
            family === 'none'
              ? null
              : {
                  fluid: usualOf(family),
                  alsoNamedBlends: [],
                  origin: 'sheet',
                  tag: null,
                },
          )
        }
      />
      {grades.length > 1 ? (
        <FormChoice
          control={control}
          name="fluid.fluid.grade"
          label={storeFormWords.sheetForm.grade}
          options={grades.map((value) => ({ value, says: value }))}
        />
      ) : (
        grades.map((grade) => <Words key={grade}>{grade}</Words>)
      )}
      {fluid && grades.length === 0 ? (
        <FormLine
          control={control}
          name="fluid.fluid.blend"
          label={storeFormWords.sheetForm.blendByItsName}
          maxLength={60}
          hint={storeFormWords.sheetForm.everyMakersMineralFluidIs}
        />
      ) : null}
      {fluid && grades.length === 0 ? (
        <Controller
          control={control}
          name="fluid.alsoNamedBlends"
          render={({ field }) => (
            <Field
              label={storeFormWords.sheetForm.alsoNamed}
              hint={storeFormWords.sheetForm.alsoNamedHint}
              defaultValue={field.value.join(', ')}
              onChangeText={(text) =>
                field.onChange(
                  text
                    .split(',')
                    .map((blend) => blend.trim())
                    .filter(Boolean),
                )
              }
            />
          )}
        />
      ) : null}
      {fluid ? (
        <OriginOf
          control={control}
          name="fluid"
          label={storeFormWords.sheetForm.whereTheFluidComesFrom}
        />
      ) : null}
    </Section>
  );
}
