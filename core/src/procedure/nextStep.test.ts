import { nextStep, type EndProgress } from './nextStep';

const fresh: EndProgress = {
  identified: false,
  checkOpen: false,
  rotor: false,
  pads: false,
  boltsOpen: false,
  planOpen: false,
};
const done: EndProgress = {
  identified: true,
  checkOpen: false,
  rotor: true,
  pads: true,
  boltsOpen: false,
  planOpen: false,
};

it.each<[string, EndProgress, EndProgress, string, string | null]>([
  ['identify the front first', fresh, fresh, 'identify', 'front'],
  [
    'what the complaint asks for comes before measuring',
    { ...fresh, identified: true, checkOpen: true },
    fresh,
    'trouble',
    'front',
  ],
  ['then its rotor', { ...fresh, identified: true }, fresh, 'rotor', 'front'],
  ['then its pads', { ...done, pads: false }, fresh, 'pads', 'front'],
  ['then the rear', done, fresh, 'identify', 'rear'],
  ['bolts once begun come first', fresh, { ...done, boltsOpen: true }, 'rotor-bolts', 'rear'],
  ['what is planned comes before measuring', fresh, { ...fresh, planOpen: true }, 'plan', 'rear'],
  [
    'and after bolts once begun',
    { ...done, boltsOpen: true, planOpen: true },
    done,
    'rotor-bolts',
    'front',
  ],
  ['then sign off', done, done, 'sign-off', null],
])('%s', (_, front, rear, step, end) => expect(nextStep({ front, rear })).toEqual({ step, end }));
