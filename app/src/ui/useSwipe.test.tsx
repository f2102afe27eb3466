import { fireEvent, render, screen } from '@testing-library/react-native';
import { View } from 'react-native';
import { useSwipe } from './useSwipe';

const swiped: string[] = [];
function Surface() {
  const swipe = useSwipe({ left: () => swiped.push('left'), right: () => swiped.push('right') });
  return <View testID="surface" {...swipe} />;
}
const at = (pageX: number, pageY: number, timestamp: number) => ({
  nativeEvent: { changedTouches: [{ pageX, pageY }], timestamp },
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
