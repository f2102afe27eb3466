import type { End, Part } from '../ends';
import { kitAt } from '../inspection/inspectEnd';
import { compoundAdvice } from '../kit/compound';
import type { FittedPart } from '../kit/kit';
import { fault, type EntryBase, type Kind } from './entry';

/** What is done about a compound that the rotor was not bedded with; schools differ. */
export const REBEDDINGS = ['new-rotor', 'strip-and-bed-in', 'ridden-as-is'] as const;
export type Rebedding = (typeof REBEDDINGS)[number];

/** A part fitted, or found on the bike. A new or used one closes the old one's life; its verdict stays with it. */
export interface FittingEntry extends EntryBase, FittedPart {
  kind: 'fitting';
  end: End;
  part: Part;
  rebedding: Rebedding | null;
}

export const fitting: Kind<FittingEntry> = {
  kind: 'fitting',
  whose: 'bench',
  fault: (job, { end, part, condition, compound, rebedding }) => {
    if (part !== 'pads' || condition === 'found') return null;
    const kit = kitAt(job, end);
    const sheetSays = job.identified[end]?.sheet.body.rotor.organicOnly ?? false;
    const organicOnly = kit.rotor ? kit.rotor.organicOnly : sheetSays;
    const advice = compoundAdvice({ organicOnly, bedded: kit.bedded }, compound ?? 'unknown');
    if (advice.code === 'refused') return fault('fitting-refused', 'compound', advice.why);
    return advice.code === 'change' && rebedding === null
      ? fault('fitting-refused', 'rebedding', 'compound-change')
      : null;
  },
  add: (facts, { kind: _kind, ...fitted }, _known, { seq, by }) => ({
    ...facts,
    fittings: [...facts.fittings, { ...fitted, seq, jobId: facts.id, by }],
  }),
};
