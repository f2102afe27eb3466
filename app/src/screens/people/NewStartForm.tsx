import { NewStart, type PersonOfShop } from '@hold-fast/contract/people';
import { zodResolver } from '@hookform/resolvers/zod';
import { useForm } from 'react-hook-form';
import { useNewStart } from '../../data/people';
import { Button } from '../../ui/Button';
import { FormLine } from '../../ui/FormLine';
import { peopleWords } from '../../words/people';
import { NotTaken } from '../FormPage';

/** A passphrase for one sign-in, in place of what was forgotten. */
export function NewStartForm({ person }: { person: PersonOfShop }) {
  const give = useNewStart(person.id);
  const { control, handleSubmit } = useForm<NewStart>({
    defaultValues: { version: person.version, passphrase: '' },
    resolver: zodResolver(NewStart),
  });
  const send = handleSubmit((start) => give.mutate(start));
  return (
    <>
      <NotTaken error={give.error} />
      <FormLine
        control={control}
        name="passphrase"
        label={peopleWords.firstPassphrase}
        hint={peopleWords.firstPassphraseHint}
        autoCapitalize="none"
        autoComplete="off"
      />
      <Button
        kind="plain"
        says={peopleWords.giveNewStart}
        onPress={() => void send()}
        busy={give.isPending}
      />
    </>
  );
}
