import { Opening } from '@hold-fast/contract/opening';
import { USUAL_RULES } from '@hold-fast/core/rules/shopRules';
import { zodResolver } from '@hookform/resolvers/zod';
import { useState } from 'react';
import { Controller, useForm } from 'react-hook-form';
import { v7 as uuid } from 'uuid';
import { useOpenShop } from '../../data/session';
import { Button } from '../../ui/Button';
import { Columns } from '../../ui/Columns';
import { FormLine } from '../../ui/FormLine';
import { Page, Section } from '../../ui/Page';
import { Words } from '../../ui/Words';
import { mannerWords } from '../../words/manners';
import { openingWords as says } from '../../words/opening';
import { MannerChoices } from './MannerChoices';
import { NotTaken } from '../FormPage';

/** The first page of a shop that nobody has opened yet: what it is called, how things are said there, and who owns it. */
export function OpenFromNothing() {
  const open = useOpenShop();
  const [id] = useState(() => uuid());
  const { control, handleSubmit } = useForm<Opening>({
    defaultValues: {
      id,
      name: '',
      timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone,
      manner: USUAL_RULES.manner,
      currency: USUAL_RULES.currency,
      owner: '',
      passphrase: '',
      pin: '',
    },
    resolver: zodResolver(Opening),
  });
  const send = handleSubmit((opening) => open.mutate(opening));
  return (
    <Page
      over={says.over}
      title={says.title}
      foot={<Button says={says.open} onPress={() => void send()} busy={open.isPending} />}
    >
      <NotTaken error={open.error} />
      <Section>
        <Words>{says.begins}</Words>
      </Section>
      <Columns>
        <Section label={says.theShop}>
          <FormLine control={control} name="name" label={says.name} maxLength={80} />
          <FormLine control={control} name="timeZone" label={says.timeZone} autoCapitalize="none" />
          <FormLine
            control={control}
            name="currency"
            label={mannerWords.currency}
            hint={mannerWords.currencyHint}
            maxLength={3}
            autoCapitalize="characters"
          />
        </Section>
        <Section label={says.you}>
          <FormLine
            control={control}
            name="owner"
            label={says.owner}
            maxLength={80}
            autoCapitalize="words"
            autoComplete="username"
          />
          <FormLine
            control={control}
            name="passphrase"
            label={says.passphrase}
            hint={says.passphraseHint}
            secureTextEntry
            autoComplete="new-password"
          />
          <FormLine
            control={control}
            name="pin"
            label={says.pin}
            hint={says.pinHint}
            inputMode="numeric"
            maxLength={8}
            secureTextEntry
            autoComplete="off"
          />
        </Section>
        <Controller
          control={control}
          name="manner"
          render={({ field }) => <MannerChoices manner={field.value} onChoose={field.onChange} />}
        />
      </Columns>
    </Page>
  );
}
