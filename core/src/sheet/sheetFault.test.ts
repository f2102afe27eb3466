import { FASTENER_IDS, fastenerRule } from '../torque/fasteners';
import { sheetFault } from './sheetFault';

type Checked = Parameters<typeof sheetFault>[0];
const SOUND: Checked = {
  rotor: { newMm: 1.8, sizeMm: 180, limit: { limitMm: 1.5 } },
  pads: { newTotalMm: 4, plateMm: 1.8, limits: {} },
  torque: [{ fastener: 'caliper-post', window: { loNm: 6, hiNm: 8, namedNm: null } }],
};
const rotor = (change: Partial<Checked['rotor']>) =>
  sheetFault({ ...SOUND, rotor: { ...SOUND.rotor, ...change } });
const pads = (change: Partial<Checked['pads']>) =>
  sheetFault({ ...SOUND, pads: { ...SOUND.pads, ...change } });
const torque = (loNm: number, hiNm: number, namedNm: number | null = null) =>
  sheetFault({
    ...SOUND,
    torque: [{ fastener: 'caliper-post', window: { loNm, hiNm, namedNm } }],
  });
const said = (fault: ReturnType<typeof sheetFault>) =>
  fault && `${fault.path.join('.')} ${fault.code}`;

it('a sheet that says little, or all of it soundly, can be judged by', () => {
  expect(sheetFault(SOUND)).toBeNull();
  expect(pads({ limits: { total: { limitMm: 3 }, friction: { limitMm: 0.5 } } })).toBeNull();
  expect(
    sheetFault({
      rotor: { newMm: null, sizeMm: null, limit: null },
      pads: { newTotalMm: null, plateMm: null, limits: {} },
      torque: [],
    }),
  ).toBeNull();
});

// A point that slipped by a place would let every worn part of the model pass.
it.each([
  [rotor({ limit: { limitMm: 0.15 } }), 'rotor.limit.limitMm slip'],
  [rotor({ limit: { limitMm: 3.001 } }), 'rotor.limit.limitMm slip'],
  [rotor({ newMm: 18 }), 'rotor.newMm slip'],
  [rotor({ sizeMm: 18 }), 'rotor.sizeMm slip'],
  [pads({ plateMm: 0.18 }), 'pads.plateMm slip'],
  [pads({ newTotalMm: 40 }), 'pads.newTotalMm slip'],
  [pads({ limits: { total: { limitMm: 0.3 } } }), 'pads.limits.total.limitMm slip'],
  [pads({ limits: { friction: { limitMm: 0.15 } } }), 'pads.limits.friction.limitMm slip'],
  [torque(0.6, 0.8), 'torque.0.window.loNm slip'],
  [torque(6, 80), 'torque.0.window.hiNm slip'],
  [torque(6, 8, 0.7), 'torque.0.window.namedNm slip'],
  [torque(54, 66, 60), 'torque.0.window.namedNm slip'],
])('a slip of the point is refused: %j', (fault, what) => expect(said(fault)).toBe(what));

it.each([
  [rotor({ newMm: 1.5 }), 'rotor.newMm new-is-worn'],
  [pads({ newTotalMm: 3, limits: { total: { limitMm: 3 } } }), 'pads.newTotalMm new-is-worn'],
  [pads({ newTotalMm: 2, plateMm: 2 }), 'pads.newTotalMm no-friction'],
  [
    pads({ plateMm: 2.4, limits: { total: { limitMm: 2.4 } } }),
    'pads.limits.total.limitMm no-friction',
  ],
  [torque(6.1, 6), 'torque.0.window.hiNm upside-down'],
  [torque(6, 8, 10), 'torque.0.window.namedNm named-outside'],
  [sheetFault({ ...SOUND, torque: [...SOUND.torque, ...SOUND.torque] }), 'torque.1.fastener twice'],
])('what contradicts itself is refused: %j', (fault, what) => expect(said(fault)).toBe(what));

it('what the trade usually asks of a fastener can stand on a sheet', () => {
  const usual = FASTENER_IDS.flatMap((fastener) => {
    const window = fastenerRule(fastener).usual;
    return window ? [{ fastener, window: { ...window, namedNm: null } }] : [];
  });
  expect(usual.length).toBeGreaterThan(10);
  expect(sheetFault({ ...SOUND, torque: usual })).toBeNull();
});
