import { areGapsEqual } from '../torque/proof';
import { passesOf, type PassMark } from '../torque/sequence';
import { fault, type EntryBase, type Kind } from './entry';

/** One bolt confirmed in a pass, or the whole pass. */
export interface PassMarkEntry extends EntryBase, PassMark {
  kind: 'pass-mark';
  tighteningId: string;
  via: 'keys' | 'feed';
}

export const passMark: Kind<PassMarkEntry> = {
  kind: 'pass-mark',
  whose: 'bench',
  registers: ['wrenches'],
  fault: (job, { tighteningId, bolt, pass, measuredNm }) => {
    const tightened = job.tightened.find(({ id }) => id === tighteningId);
    if (!tightened) return fault('invalid-input', 'tighteningId', 'unknown');
    const { boltCount, wrench } = tightened;
    if (bolt !== null && bolt > boltCount)
      return fault('invalid-input', 'bolt', 'no-such-bolt', { boltCount });
    if (!passesOf(boltCount).includes(pass)) return fault('invalid-input', 'pass', 'no-such-pass');
    return measuredNm !== null && (wrench.kind === 'click' || bolt === null)
      ? fault('invalid-input', 'measuredNm', 'not-measured')
      : null;
  },
  add: (facts, { tighteningId, id, pass, bolt, measuredNm, via, at }, _known, { seq, by }) => ({
    ...facts,
    tightened: facts.tightened.map((each) =>
      each.id === tighteningId
        ? {
            ...each,
            turnedSeq: seq,
            // Equal gaps of a clamp that is turned on are felt again; unequal ones are answered by loosening it alone.
            gaps: each.gaps && areGapsEqual(each.gaps) ? null : each.gaps,
            marks: [...each.marks, { id, pass, bolt, measuredNm, via, at, by }],
          }
        : each,
    ),
  }),
};
