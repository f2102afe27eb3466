import { OwnSecrets } from '@hold-fast/contract/people';
import { zodResolver } from '@hookform/resolvers/zod';
import { useForm } from 'react-hook-form';
import { useChooseSecrets } from '../../data/people';
import { Button } from '../../ui/Button';
import { FormLine } from '../../ui/FormLine';
import { peopleWords } from '../../words/people';
import { NotTaken } from '../FormPage';

const says = peopleWords.own;

/**
 * The passphrase and PIN somebody chooses for themselves.
 * @param begin whether they came in by a passphrase that another knows: both are chosen then
 */
export function SecretsForm({ begin = false, onKept }: { begin?: boolean; onKept?: () => void }) {
  const choose = useChooseSecrets();
  const { control, handleSubmit, reset } = useForm<OwnSecrets>({
    defaultValues: { passphrase: '', newPassphrase: null, newPin: null },
    resolver: zodResolver(OwnSecrets),
  });
  const send = handleSubmit((chosen) =>
    choose.mutate(chosen, {
      onSuccess: () => {
        reset();
        onKept?.();
      },
    }),
  );
  const asItIs = begin ? {} : { placeholder: says.asItIs };
  return (
    <>
      <NotTaken error={choose.error} />
      <FormLine
        control={control}
        name="passphrase"
        label={begin ? says.given : says.passphrase}
        secureTextEntry
        autoComplete="current-password"
      />
      <FormLine
        control={control}
        name="newPassphrase"
        orNone
        label={says.newPassphrase}
        hint={says.newPassphraseHint}
        secureTextEntry
        autoComplete="new-password"
        {...asItIs}
      />
      <FormLine
        control={control}
        name="newPin"
        orNone
        label={says.newPin}
        hint={says.newPinHint}
        inputMode="numeric"
        maxLength={8}
        secureTextEntry
        autoComplete="off"
        {...asItIs}
      />
      <Button says={says.keep} onPress={() => void send()} busy={choose.isPending} />
    </>
  );
}
