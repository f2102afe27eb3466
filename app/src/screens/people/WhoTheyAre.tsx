import type { Role } from '@hold-fast/contract/roles';
import type { Control, FieldPath, FieldValues } from 'react-hook-form';
import { FormChoice, FormLine } from '../../ui/FormLine';
import { peopleWords } from '../../words/people';

/** Who somebody is and what they may: the fields of their account. */
export function WhoTheyAre<
  T extends FieldValues & { name: string; role: Role; apprentice: boolean },
>({ control, roles, own = false }: { control: Control<T>; roles: readonly Role[]; own?: boolean }) {
  return (
    <>
      <FormLine
        control={control}
        name={'name' as FieldPath<T>}
        label={peopleWords.name}
        maxLength={80}
        autoCapitalize="words"
        autoComplete="off"
      />
      {own ? null : (
        <>
          <FormChoice
            control={control}
            name={'role' as FieldPath<T>}
            label={peopleWords.role}
            options={roles.map((role) => ({ value: role, says: peopleWords.roles[role] }))}
            wrong={peopleWords.sayWhichRole}
          />
          <FormChoice
            control={control}
            name={'apprentice' as FieldPath<T>}
            label={peopleWords.whoLooks}
            options={[
              { value: false, says: peopleWords.nobodyLooks },
              { value: true, says: peopleWords.apprenticeSays },
            ]}
            wrong={peopleWords.sayWhoLooks}
          />
        </>
      )}
    </>
  );
}
