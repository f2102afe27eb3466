import { fireEvent, render, screen } from '@testing-library/react-native';
import { View } from 'react-native';
import { useSwipe } from './useSwipe';

const swiped: string[] = [];
function Surface() {
  const swipe = useSwipe({ left: () => swiped.push('left'), right: () => swiped.push('right') });
  return <View testID="surface" {...swipe} />;
}
const at = (pageX: number, pageY: number, timeStamp: number, fingers = 1) => ({
  nativeEvent: { changedTouches: [{ pageX, pageY }], touches: Array(fingers).fill({}) },
  timeStamp,
});

it.each([
  ['a swipe to the left', [300, 400], [150, 420], 200, ['left']],
  ['a swipe to the right', [100, 400], [240, 400], 500, ['right']],
  ['a touch that trembles', [200, 400], [240, 400], 200, []],
  ['scrolling that slants', [200, 400], [290, 480], 200, []],
  ['a slow drag', [300, 400], [150, 400], 2500, []],
] as const)('%s', (_, [x, y], [toX, toY], tookMs, heard) => {
  swiped.length = 0;
  render(<Surface />);
  const surface = screen.getByTestId('surface');
  fireEvent(surface, 'touchStart', at(x, y, 1000));
  fireEvent(surface, 'touchEnd', at(toX, toY, 1000 + tookMs));
  expect(swiped).toEqual(heard);
});

it('takes two fingers that make the page larger for no swipe', () => {
  swiped.length = 0;
  render(<Surface />);
  const surface = screen.getByTestId('surface');
  fireEvent(surface, 'touchStart', at(200, 400, 1000));
  fireEvent(surface, 'touchStart', at(180, 400, 1010, 2));
  fireEvent(surface, 'touchEnd', at(60, 400, 1200, 1));
  fireEvent(surface, 'touchEnd', at(320, 400, 1210, 0));
  expect(swiped).toEqual([]);
});
