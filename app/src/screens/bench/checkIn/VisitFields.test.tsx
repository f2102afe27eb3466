import { fireEvent, screen } from '@testing-library/react-native';
import { FormProvider, useForm, useWatch } from 'react-hook-form';
import { Text } from 'react-native';
import { clearApp, showScreen } from '../../../testing/showScreen';
import { blankVisit, type VisitForm } from './visitForm';
import { words } from '../../../words/words';
import { VisitFields } from './VisitFields';
import type { EarlierVisit } from './AskedFields';

function Form({
  earlier = [],
  km = null,
}: {
  earlier?: readonly EarlierVisit[];
  km?: number | null;
}) {
  const form = useForm<VisitForm>({ defaultValues: { ...blankVisit(''), odometerKm: km } });
  const keptKm = useWatch({ control: form.control, name: 'odometerKm' });
  return (
    <FormProvider {...form}>
      <Text>{`kept ${keptKm}`}</Text>
      <Text onPress={() => form.setValue('odometerKm', 9000)}>take theirs</Text>
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

describe('an odometer that is read in miles', () => {
  beforeEach(() => {
    jest.replaceProperty(words.format, 'distanceUnit', 'mi');
    jest.replaceProperty(words.format, 'unitKm', 1.609344);
  });
  afterEach(() => jest.restoreAllMocks());

  // [S] NIST SP 811 (2008), Appendix B.8: a mile is 1.609 344 km.
  it.each([
    ['3240', 5214],
    ['3,240', 5214],
    ['12 040', 19_377],
    ['', null],
    ['3.24', Number.NaN],
    ['12,0', Number.NaN],
  ])('%j is kept as %p km', (written, km) => {
    showScreen(<Form />);
    fireEvent.changeText(screen.getByLabelText('Miles ridden'), written);
    expect(screen.getByText(`kept ${km}`)).toBeTruthy();
    expect(screen.getByLabelText('Miles ridden').props.value).toBe(written);
  });

  it('shows what is set from elsewhere, over what was typed', () => {
    showScreen(<Form />);
    fireEvent.changeText(screen.getByLabelText('Miles ridden'), '3240');
    fireEvent.press(screen.getByText('take theirs'));
    expect(screen.getByLabelText('Miles ridden').props.value).toBe('5592');
  });

  it('stands in miles, and left alone stays as it was to the kilometre', () => {
    showScreen(<Form km={5001} />);
    expect(screen.getByLabelText('Miles ridden').props.value).toBe('3107');
    expect(screen.getByText('kept 5001')).toBeTruthy();
  });
});
