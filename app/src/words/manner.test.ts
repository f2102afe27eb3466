import { inForce, keepManner } from './manner';

describe('another manner on this device', () => {
  it('wants the page anew where something would be said otherwise', () => {
    expect(keepManner({ ...inForce, manner: { ...inForce.manner, torque: 'lbf·in' } })).toBe(true);
    expect(keepManner({ ...inForce, currency: 'SEK' })).toBe(true);
  });

  it('does not where the same is somebody’s own choice now: who pressed something meanwhile would press it in vain', () => {
    expect(keepManner({ ...inForce, own: !inForce.own })).toBe(false);
  });
});
