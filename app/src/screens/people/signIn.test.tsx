import { USUAL_MANNER } from '@hold-fast/core/rules/manner';
import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { client, keys } from '../../data/client';
import { signOut } from '../../data/session';
import { clearApp, showScreen } from '../../testing/showScreen';
import { SignIn } from './SignIn';

const PERSON = {
  id: '0190a000-0000-7000-8000-000000000001',
  name: 'Maren Okafor',
  role: 'mechanic',
};
const IN_GERMAN = { manner: { ...USUAL_MANNER, language: 'de' }, own: true, currency: 'EUR' };
const AS_IT_WAS = { manner: USUAL_MANNER, own: false, currency: 'EUR' };

/** What the server answers to the sign-in, and to the question how things are said; null where it is lost on the way. */
function answering(said: object | null): void {
  globalThis.fetch = jest.fn((_path: string, { method }: RequestInit) =>
    method === 'GET' && said === null
      ? Promise.reject(new Error('lost'))
      : Promise.resolve({
          ok: true,
          headers: new Headers(),
          status: 200,
          json: () => Promise.resolve(method === 'POST' ? PERSON : { person: PERSON, said }),
        }),
  ) as unknown as typeof fetch;
}

async function signInAs(session: object): Promise<unknown> {
  showScreen(<SignIn />);
  client.setQueryData(keys.session, session);
  const [name, passphrase] = screen.getAllByDisplayValue('');
  fireEvent.changeText(name!, PERSON.name);
  fireEvent.changeText(passphrase!, 'salt on the chain');
  fireEvent.press(screen.getByText('Sign in'));
  await waitFor(() => expect(client.getQueryData(keys.session)).toMatchObject({ person: PERSON }));
  await waitFor(() =>
    expect((client.getQueryData(keys.session) as { ended?: boolean }).ended).toBeUndefined(),
  );
  return client.getQueryData(keys.session);
}

beforeEach(clearApp);

it('takes up how things are said to whoever signs in', async () => {
  answering(IN_GERMAN);
  expect(await signInAs({ person: null })).toEqual({ person: PERSON, said: IN_GERMAN });
});

it('changes no word under what was keyed before the session ended', async () => {
  answering(IN_GERMAN);
  expect(await signInAs({ person: PERSON, said: AS_IT_WAS, ended: true })).toEqual({
    person: PERSON,
    said: AS_IT_WAS,
  });
});

it('is signed in also where the network is lost right after', async () => {
  answering(null);
  expect(await signInAs({ person: null })).toEqual({ person: PERSON });
});

it('waits for the last word of who signed out: its answer would take the new cookie away', async () => {
  answering(IN_GERMAN);
  const asks = jest.mocked(globalThis.fetch);
  const otherwise = asks.getMockImplementation()!;
  let gone = (): void => undefined;
  asks.mockImplementation((path, init) =>
    init?.method === 'DELETE'
      ? new Promise((resolve) => (gone = () => resolve({ status: 204 } as Response)))
      : otherwise(path, init),
  );
  signOut();
  const signedIn = signInAs({ person: null });
  await new Promise((resolve) => setTimeout(resolve, 50));
  expect(asks.mock.calls.map(([, init]) => init!.method)).toEqual(['DELETE']);
  gone();
  expect(await signedIn).toMatchObject({ person: PERSON });
});
