import { fireEvent, render, screen } from '@testing-library/react-native';
import { Words } from '../ui/Words';
import { Caught } from './Caught';

let broken = true;
function Page() {
  if (broken) throw new Error('nothing to draw');
  return <Words>Drawn</Words>;
}
const at = (path: string) => (
  <Caught at={path}>
    <Page />
  </Caught>
);

describe('a page that fails', () => {
  beforeEach(() => {
    broken = true;
    // React writes what it caught.
    jest.spyOn(console, 'error').mockImplementation(() => undefined);
  });

  it('says what is safe, and is tried again', () => {
    render(at('/bench/1'));
    expect(screen.getByText('This page failed')).toBeTruthy();
    expect(screen.getByText('nothing to draw')).toBeTruthy();
    fireEvent.press(screen.getByText('Try again'));
    expect(screen.getByText('This page failed')).toBeTruthy();
    broken = false;
    fireEvent.press(screen.getByText('Try again'));
    expect(screen.getByText('Drawn')).toBeTruthy();
  });

  it('says so where going there is what failed', () => {
    broken = false;
    render(at('/bench'));
    broken = true;
    screen.rerender(at('/stores'));
    expect(screen.getByText('This page failed')).toBeTruthy();
  });

  it('is left behind by going elsewhere', () => {
    render(at('/bench/1'));
    broken = false;
    screen.rerender(at('/bench'));
    expect(screen.getByText('Drawn')).toBeTruthy();
  });
});
