import { MATERIALS } from '../kit/bike';
import { FACE_CAUSES, faceWay } from './faceWay';

// Common practice [P]; 0.2 degrees is our choice [D].
describe('what is done about a mount face', () => {
  it('nothing up to 0.2 degrees, whatever it is of', () => {
    for (const material of [...MATERIALS, null])
      for (const cause of FACE_CAUSES)
        expect(faceWay(0.2, material, cause)).toEqual({ code: 'leave' });
  });

  it('burr and paint come off metal; parent metal never does here, and is told as a deviation', () => {
    for (const material of ['aluminium', 'steel', 'titanium'] as const) {
      expect(faceWay(0.21, material, 'burr-or-paint')).toEqual({ code: 'dress' });
      expect(faceWay(0.21, material, 'parent-metal')).toEqual({ code: 'deviation' });
    }
  });

  it('no file on carbon, on what nobody knows, or before somebody saw what lifts it', () => {
    const stops = (material: 'carbon' | 'steel' | null, cause: 'burr-or-paint' | 'unknown') =>
      faceWay(1, material, cause);
    expect(stops('carbon', 'burr-or-paint')).toEqual({ code: 'stop', because: 'carbon' });
    expect(stops(null, 'burr-or-paint')).toEqual({ code: 'stop', because: 'material-unknown' });
    expect(stops('steel', 'unknown')).toEqual({ code: 'stop', because: 'cause-unknown' });
  });
});
