import { fireEvent, screen } from '@testing-library/react-native';
import { client, keys } from '../data/client';
import { inTab } from '../remembered';
import { clearApp, showScreen } from '../testing/showScreen';
import { FormLine } from '../ui/FormLine';
import { useKeptForm } from './useKeptForm';

interface Thing {
  id: string;
  name: string;
}

let made = 0;
function ThingForm({ of = 'thing', name = 'Vernier' }: { of?: string; name?: string }) {
  const { control } = useKeptForm<Thing>(of, { defaultValues: { id: `id ${++made}`, name } });
  return (
    <>
      <FormLine control={control} name="id" label="Id" />
      <FormLine control={control} name="name" label="Name" />
    </>
  );
}

const here = (name: string) =>
  client.setQueryData(keys.session, { person: { id: name, name, role: 'mechanic' } });
const value = (label: string) => screen.getByLabelText(label).props.value as string;
const write = (text: string) => fireEvent.changeText(screen.getByLabelText('Name'), text);

/** The page loaded anew: nothing is taken off the screen, it is gone. */
function reload(again: React.ReactElement) {
  const kept = Object.entries(KEYS()).map(([key, text]) => [key, text] as const);
  screen.unmount();
  for (const [key, text] of kept) inTab.setItem(key, text);
  showScreen(again);
}
const KEYS = () =>
  Object.fromEntries(
    ['Maren Okafor', 'Ebbe Solvang'].flatMap((by) =>
      ['thing', 'other'].flatMap((of) => {
        const key = `hold-fast.form.${by}.${of}`;
        const text = inTab.getItem(key);
        return text === null ? [] : [[key, text]];
      }),
    ),
  );

beforeEach(() => {
  clearApp();
  sessionStorage.clear();
  here('Maren Okafor');
});

it('has what was half written after the page was loaded anew, under the id it is sent as', () => {
  showScreen(<ThingForm />);
  const id = value('Id');
  write('Vernier, long');
  reload(<ThingForm />);
  expect([value('Name'), value('Id')]).toEqual(['Vernier, long', id]);
});

it('keeps nothing of a form that was only opened, and nothing once it is left', () => {
  showScreen(<ThingForm />);
  expect(KEYS()).toEqual({});
  write('x');
  expect(Object.keys(KEYS())).toHaveLength(1);
  screen.unmount();
  expect(KEYS()).toEqual({});
});

it('begins afresh where somebody else has changed the thing meanwhile', () => {
  showScreen(<ThingForm />);
  write('Vernier, long');
  reload(<ThingForm name="Vernier, blue" />);
  expect(value('Name')).toBe('Vernier, blue');
});

it('is nobody else’s, and no other form’s', () => {
  showScreen(<ThingForm />);
  write('Vernier, long');
  reload(<ThingForm of="other" />);
  expect(value('Name')).toBe('Vernier');
  here('Ebbe Solvang');
  reload(<ThingForm />);
  expect(value('Name')).toBe('Vernier');
});

it('begins afresh where what was kept cannot be read', () => {
  inTab.setItem('hold-fast.form.Maren Okafor.thing', '{');
  showScreen(<ThingForm />);
  expect(value('Name')).toBe('Vernier');
});
