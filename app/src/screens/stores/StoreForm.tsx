import type { ComponentProps } from 'react';
import { Columns } from '../../ui/Columns';
import { storeFormWords } from '../../words/storeForms';
import { FormPage } from '../FormPage';

type Props = Omit<ComponentProps<typeof FormPage>, 'back' | 'says'> & { says?: string };

/** The frame of a form in Stores: at the counter its parts stand beside each other. */
export function StoreForm({ says, children, ...form }: Props) {
  const { stores, save } = storeFormWords.storeForm;
  return (
    <FormPage {...form} back={{ says: stores, to: '/stores' }} says={says ?? save}>
      <Columns>{children}</Columns>
    </FormPage>
  );
}
