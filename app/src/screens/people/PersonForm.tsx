import type { ComponentProps } from 'react';
import { peopleWords } from '../../words/people';
import { FormPage } from '../FormPage';

/** The frame of a form about somebody. */
export function PersonForm(form: Omit<ComponentProps<typeof FormPage>, 'over' | 'back'>) {
  return (
    <FormPage
      {...form}
      over={peopleWords.ofTheShop}
      back={{ says: peopleWords.back, to: '/people' }}
    />
  );
}
