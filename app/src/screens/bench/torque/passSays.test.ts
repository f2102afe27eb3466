import { instructionOf } from './passSays';

// Said to somebody with the wrench in hand: which bolts, how far, in which order.

const said = (boltCount: number, figures = {}) =>
  instructionOf('half', 0, false, boltCount, 'rotor-bolts', figures);

it('names the share of the second pass, as the shop has laid it down', () => {
  expect(said(6)).toBe('Every bolt to 50 % of the full torque, in the order shown.');
  expect(said(6, { 'half-pass': 0.6 })).toContain('60 % of the full torque');
  expect(said(2, { 'half-pass': 0.6 })).toBe(
    'Quarter turns, one and the other, to 60 % of the full torque.',
  );
});

it('has one bolt started by hand and run home at once, whatever the share', () => {
  expect(instructionOf('snug', 0, false, 1, 'rotor-lockring', {})).toMatch(/lockring by hand/);
  expect(said(1, { 'half-pass': 0.6 })).toBe('Turn it until it clicks.');
});
