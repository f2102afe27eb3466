import type { Look } from '../inspection/session';
import { fault, type EntryBase, type Kind } from './entry';
import { changeSitting } from './sitting';

/** What only whoever measures can say: a ridge felt, the wheel at the rotor's mid reading. */
export interface LookEntry extends EntryBase, Look {
  kind: 'look';
  measurementId: string;
}

export const look: Kind<LookEntry> = {
  kind: 'look',
  whose: 'bench',
  registers: [],
  fault: (job, { measurementId, subject }) => {
    const sitting = job.measured.find(({ id }) => id === measurementId);
    if (!sitting) return fault('invalid-input', 'measurementId', 'unknown');
    return sitting.part === (subject === 'ridge' ? 'rotor' : 'clearance')
      ? null
      : fault('invalid-input', 'subject', 'wrong-part');
  },
  add: (facts, { measurementId, subject, seen }) =>
    changeSitting(facts, measurementId, (sitting) => ({
      ...sitting,
      looks: [...sitting.looks, { subject, seen }],
    })),
};
