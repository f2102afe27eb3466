import type { LookOver } from '../inspection/inspected';
import type { End } from '../ends';
import { areasOf, ruleOf, type Area, type Finding } from '../inspection/findings';
import { fault, type EntryBase, type Kind } from './entry';

/** One area looked over by eye and hand, with everything found there; nothing found is worth saying too. */
export interface LookOverEntry extends EntryBase {
  kind: 'look-over';
  end: End;
  area: Area;
  found: Finding[];
  words: string;
  /** Findings of earlier looks that were seen wrong; the words say why. */
  takesBack: Finding[];
}

declare module './job' {
  interface Facts {
    lookedOver: (LookOver & By)[];
  }
}

export const lookOver: Kind<LookOverEntry> = {
  kind: 'look-over',
  whose: 'bench',
  registers: [],
  fault: (job, { end, area, found, takesBack, words }) => {
    const sheet = job.identified[end]?.sheet.body;
    if (sheet && !areasOf(sheet.brake.actuation).includes(area))
      return fault('invalid-input', 'area', 'no-such-area');
    if ([...found, ...takesBack].some((finding) => ruleOf(finding).area !== area))
      return fault('invalid-input', 'found', 'wrong-area');
    if (takesBack.some((finding) => found.includes(finding)))
      return fault('invalid-input', 'takesBack', 'found-again');
    if (takesBack.length > 0 && words === '') return fault('invalid-input', 'words', 'say-why');
    if (takesBack.some((finding) => ruleOf(finding).doNotRide))
      return fault('invalid-input', 'takesBack', 'lead-only');
    return null;
  },
  add: (facts, { id, at, end, area, found, words, takesBack = [] }, _known, { seq, by }) => ({
    ...facts,
    lookedOver: [
      ...facts.lookedOver,
      { id, seq, end, area, found: [...new Set(found)], words, takesBack, at, by },
    ],
  }),
};
