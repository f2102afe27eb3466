import { pressedOnce } from './pressedOnce';

let time = 1000;
const act = jest.fn();
/** So much later, and so far to the right. */
const press = (afterMs: number, dx: number, how: object) => {
  time += afterMs;
  pressedOnce(act)({ nativeEvent: { timeStamp: time, clientX: 100 + dx, clientY: 40, ...how } });
};
const finger = { detail: 1, pointerType: 'touch' };

beforeEach(() => {
  act.mockClear();
  press(5000, 500, finger);
  act.mockClear();
});

it('the second of a double press is none, where the browser counts it', () => {
  press(1000, 0, { detail: 1, pointerType: 'mouse' });
  press(100, 0, { detail: 2, pointerType: 'mouse' });
  expect(act).toHaveBeenCalledTimes(1);
});

it('nor where the browser counts each touch as the first, by time and place; told of a pointer or not', () => {
  for (const how of [finger, { detail: 1 }]) {
    act.mockClear();
    press(1000, 0, how);
    press(200, 3, how);
    press(200, 6, how);
    expect(act).toHaveBeenCalledTimes(1);
  }
});

it('a press elsewhere, or later, is another one', () => {
  press(1000, 0, finger);
  press(200, 60, finger);
  press(400, 60, finger);
  expect(act).toHaveBeenCalledTimes(3);
});

it('a mouse and a key are taken at their word', () => {
  press(1000, 0, { detail: 1, pointerType: 'mouse' });
  press(100, 0, { detail: 1, pointerType: 'mouse' });
  press(100, 0, { detail: 0, pointerType: '' });
  press(100, 0, { detail: 0, pointerType: '' });
  expect(act).toHaveBeenCalledTimes(4);
});
