import { Controller, useWatch } from 'react-hook-form';
import { Field } from '../../../ui/Field';
import { FormLine } from '../../../ui/FormLine';
import { Section } from '../../../ui/Page';
import { storeFormWords } from '../../../words/storeForms';
import { FluidChoice } from '../FluidChoice';
import { OriginOf } from './Origin';
import type { OfSheet } from './OfSheet';

/** The fluid it asks for. */
export function FluidFields({ control, setValue }: OfSheet) {
  const fluid = useWatch({ control, name: 'fluid' });
  const isBlend = fluid !== null && 'blend' in fluid.fluid;
  return (
    <Section label={storeFormWords.sheetForm.fluid}>
      <FluidChoice
        label={storeFormWords.sheetForm.fluid}
        none={storeFormWords.sheetForm.notAsked}
        fluid={fluid && fluid.fluid}
        onChoose={(chosen) =>
          setValue(
            'fluid',
            chosen && { fluid: chosen, alsoNamedBlends: [], origin: 'sheet', tag: null },
          )
        }
      />
      {isBlend ? (
        <FormLine
          control={control}
          name="fluid.fluid.blend"
          label={storeFormWords.sheetForm.blendByItsName}
          maxLength={60}
          hint={storeFormWords.sheetForm.everyMakersMineralFluidIs}
        />
      ) : null}
      {isBlend ? (
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
