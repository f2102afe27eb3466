import type { FoundBike } from '@hold-fast/contract/bikes';
import { fireEvent, screen } from '@testing-library/react-native';
import { FormProvider, useForm } from 'react-hook-form';
import { client, keys } from '../../../data/client';
import { clearApp, showScreen } from '../../../testing/showScreen';
import { blankWritten, type Draft } from './drafts';
import { TheirBikes } from './TheirBikes';

const POST: FoundBike = {
  bikeId: 'a',
  bikeName: 'Post trike 7',
  maker: 'Gunnel Works',
  serial: 'GW-7-0311',
  motor: false,
  customerId: 'post',
  customerName: 'Harbour post',
  lastTag: 408,
  openJobId: null,
};

const onChosen = jest.fn();
const onAnother = jest.fn();

function Form({ name }: { name: string }) {
  const form = useForm<Draft['written']>({ defaultValues: blankWritten(name) });
  return (
    <FormProvider {...form}>
      <TheirBikes onChosen={onChosen} onAnother={onAnother} />
    </FormProvider>
  );
}

/** The form of a customer by this name, where the shop knows these bikes. */
function show(name: string, known: readonly FoundBike[]): void {
  for (const search of ['', name.trim()])
    client.setQueryData(keys.bikes(search), {
      pages: [{ items: known, after: null }],
      pageParams: [null],
    });
  showScreen(<Form name={name} />);
}

beforeEach(() => {
  clearApp();
  jest.clearAllMocks();
});

it('names the bikes of somebody known by that name, whatever its letters, with the tag each was last on', () => {
  show(' harbour POST ', [POST]);
  expect(screen.getByText('Is it one of theirs?')).toBeTruthy();
  expect(screen.getByText(/last tag 0408/)).toBeTruthy();
  fireEvent.press(screen.getByText('Post trike 7'));
  expect(onChosen).toHaveBeenCalledWith(POST);
  fireEvent.press(screen.getByText('Another bike of Harbour post'));
  expect(onAnother).toHaveBeenCalledWith(POST);
});

it('says nothing of a name that only begins alike, or of too few letters to look for', () => {
  show('Harbour', [POST]);
  expect(screen.queryByText('Is it one of theirs?')).toBeNull();
  screen.unmount();
  show('HP', [POST]);
  expect(screen.queryByText('Is it one of theirs?')).toBeNull();
});

it('of two people by one name, says whose each bike might be and takes neither for the customer', () => {
  show('Harbour post', [
    POST,
    { ...POST, bikeId: 'b', bikeName: 'Night trike', customerId: 'other' },
  ]);
  expect(screen.getByText('Night trike')).toBeTruthy();
  expect(screen.queryByText('Another bike of Harbour post')).toBeNull();
});
