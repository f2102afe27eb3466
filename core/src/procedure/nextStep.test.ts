import { nextStep, type EndProgress } from './nextStep';

type Progress = Omit<EndProgress, 'end'>;

const fresh: Progress = {
  identified: false,
  checkOpen: false,
  rotor: false,
  pads: false,
  boltsOpen: false,
  planOpen: false,
};
const done: Progress = {
  identified: true,
  checkOpen: false,
  rotor: true,
  pads: true,
  boltsOpen: false,
  planOpen: false,
};

it.each<[string, Progress, Progress, string, string | null]>([
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
])('%s', (_, front, rear, step, end) =>
  expect(
    nextStep([
      { end: 'front', ...front },
      { end: 'rear', ...rear },
    ]),
  ).toEqual({ step, end }),
);

it('knows the ends with a disc alone: a third one is asked for, and a rear that has none is not', () => {
  const front = { end: 'front', ...done } as const;
  const third = { end: 'third', ...fresh } as const;
  expect(nextStep([front, third])).toEqual({ step: 'identify', end: 'third' });
  expect(nextStep([front])).toEqual({ step: 'sign-off', end: null });
});
