import {
  FAMILIES,
  fluidNamed,
  gradesOf,
  type Family,
  type Fluid,
} from '@hold-fast/core/fluid/families';
import type { Ref } from 'react';
import type { View } from 'react-native';
import { Choice } from '../../ui/Choice';
import { storeFormWords } from '../../words/storeForms';

/** Every fluid there is: the families without grades by themselves first, then the grades of the others. */
const FLUIDS: readonly { family: Family; grade: string | null }[] = [
  ...FAMILIES.filter((family) => gradesOf(family).length === 0).map((family) => ({
    family,
    grade: null,
  })),
  ...FAMILIES.flatMap((family) => gradesOf(family).map((grade: string) => ({ family, grade }))),
];

const NONE = 'none';

/** Which fluid, by family and grade in one: no grade is ever the one that nobody named. Of a blend its name is still to be written. */
export function FluidChoice({
  label,
  fluid,
  none,
  onChoose,
  ref,
}: {
  label: string;
  /** Null for none; undefined where nobody has said yet. */
  fluid: Fluid | null | undefined;
  /** What stands for none, where there may be none. */
  none?: string;
  onChoose: (fluid: Fluid | null) => void;
  ref?: Ref<View>;
}) {
  const held = fluid && ('grade' in fluid ? fluid.grade : fluid.family);
  return (
    <Choice<string>
      {...(ref ? { ref } : {})}
      label={label}
      options={[
        ...(none ? [{ value: NONE, says: none }] : []),
        ...FLUIDS.map(({ family, grade }) => ({
          value: grade ?? family,
          says: storeFormWords.containerForm.fluidOf(family, grade),
        })),
      ]}
      chosen={fluid === undefined ? [] : [held ?? NONE]}
      onChoose={(chosen) => {
        const named = FLUIDS.find(({ family, grade }) => (grade ?? family) === chosen);
        onChoose(named ? fluidNamed(named.family, named.grade ?? '') : null);
      }}
    />
  );
}
