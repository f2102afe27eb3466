import { screen } from '@testing-library/react-native';
import { FormProvider, useForm } from 'react-hook-form';
import { clearApp, showScreen } from '../../../testing/showScreen';
import { blankVisit, type VisitForm } from './visitForm';
import { VisitFields } from './VisitFields';
import type { EarlierVisit } from './AskedFields';

function Form({ earlier }: { earlier: readonly EarlierVisit[] }) {
  const form = useForm<VisitForm>({ defaultValues: blankVisit('') });
  return (
    <FormProvider {...form}>
      <VisitFields promised={[]} earlier={earlier} />
    </FormProvider>
  );
}

beforeEach(clearApp);

const visit = (tag: number, odometerKm?: number | null): EarlierVisit => ({
  id: String(tag),
  tag,
  complaint: 'It squeals',
  odometerKm,
});

it('says what the odometer stood at when it was last read, beside where it is read again', () => {
  showScreen(<Form earlier={[visit(9, null), visit(8), visit(7, 12_040), visit(6, 9000)]} />);
  expect(screen.getByText(/At the last visit 12,040 km\./)).toBeTruthy();
});

it('says nothing of it where nobody read it', () => {
  showScreen(<Form earlier={[visit(9, null)]} />);
  expect(screen.queryByText(/At the last visit/)).toBeNull();
});
