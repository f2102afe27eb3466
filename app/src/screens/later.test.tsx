import { act, fireEvent, render, screen } from '@testing-library/react-native';
import { router } from 'expo-router';
import '../testing/patience';
import { Words } from '../ui/Words';
import { Caught } from './Caught';
import { later } from './later';

jest.mock('expo-router', () => ({
  usePathname: () => '/stores',
  router: { navigate: jest.fn() },
}));

const Stores = () => <Words>What is on the shelf</Words>;

/** What the bundler says of a file that did not come. */
const notLoaded = () =>
  Object.assign(new Error('Loading module http://shop/beyond.js failed.'), {
    name: 'AsyncRequireError',
  });

describe('a screen whose code comes later', () => {
  beforeEach(() => {
    // React writes what it caught.
    jest.spyOn(console, 'error').mockImplementation(() => undefined);
  });

  it('says that there is no connection where it did not come, and asks for it anew when it is tried again', async () => {
    const load = jest.fn<Promise<typeof Stores>, []>().mockRejectedValueOnce(notLoaded());
    load.mockRejectedValueOnce(notLoaded()).mockResolvedValue(Stores);
    const Screen = later(load);
    render(
      <Caught at="/stores">
        <Screen />
      </Caught>,
    );
    expect(await screen.findByText(/No connection to the shop’s server/)).toBeTruthy();
    expect(screen.queryByText(/http/)).toBeNull();
    expect(load).toHaveBeenCalledTimes(1);
    await act(async () => fireEvent.press(screen.getByText('Try again')));
    expect(await screen.findByText('This page failed')).toBeTruthy();
    expect(load).toHaveBeenCalledTimes(2);
    await act(async () => fireEvent.press(screen.getByText('Try again')));
    expect(await screen.findByText('What is on the shelf')).toBeTruthy();
    expect(load).toHaveBeenCalledTimes(3);
  });

  it('says what else is wrong with it as it is', async () => {
    const Screen = later(() => Promise.reject(new Error('nothing to draw')));
    render(
      <Caught at="/stores">
        <Screen />
      </Caught>,
    );
    expect(await screen.findByText('nothing to draw')).toBeTruthy();
    fireEvent.press(screen.getByText('To the Bench'));
    expect(router.navigate).toHaveBeenCalledWith('/bench');
  });
});
