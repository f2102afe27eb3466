import type { End, Part } from '../ends';
import { kitAt } from '../inspection/inspectEnd';
import { compoundAdvice, type Rebedding } from '../kit/compound';
import { isOrganicOnly, type FittedPart } from '../kit/kit';
import type { UsedPart } from '../kit/usedPart';
import { fault, type EntryBase, type EntryFault, type Kind } from './entry';

/** A part fitted, or found on the bike. A new or used one closes the old one's life; its verdict stays with it. */
export interface FittingEntry extends EntryBase, FittedPart {
  kind: 'fitting';
  end: End;
  part: Part;
  rebedding: Rebedding | null;
  /** The used part off the shelf that it is; null for any other. */
  usedPartId?: string | null;
}

/** What the shelf says of the used part; null where it has none of that id. */
type Known = { used: UsedPart | null } | null;

/** Whether a stamp says of its own value that it is worn; nothing said is worn. */
const isWornAt = (stamp: FittedPart['stampedLimit']) => stamp?.atLimitIsWorn ?? true;

/**
 * Why a used part off the shelf cannot be fitted as it is written, or null: its past comes along unchanged, or stricter where a mark is
 * seen now that nobody wrote down [D].
 */
function usedFault(entry: FittingEntry, used: UsedPart | null): EntryFault | null {
  if (!entry.usedPartId) return null;
  if (!used || used.part !== entry.part) return fault('invalid-input', 'usedPartId', 'unknown');
  if (used.gone) return fault('fitting-refused', 'usedPartId', 'used-already');
  const same =
    entry.condition === 'used' &&
    entry.description === used.description &&
    entry.compound === used.compound &&
    entry.construction === used.construction &&
    entry.newMm === used.newMm &&
    (entry.organicOnly || !used.organicOnly) &&
    (entry.stampedLimit?.limitMm ?? null) === (used.stampedLimit?.limitMm ?? null) &&
    (isWornAt(entry.stampedLimit) || !isWornAt(used.stampedLimit));
  return same ? null : fault('fitting-refused', 'usedPartId', 'past-differs');
}

declare module './job' {
  interface Facts {
    /** Everything fitted to this bike up to now, also at earlier visits. */
    fittings: Fitted[];
  }
}

export const fitting: Kind<FittingEntry, Known> = {
  kind: 'fitting',
  whose: 'bench',
  registers: ['usedParts'],
  fault: (job, entry, known) => {
    const { end, part, condition, compound, rebedding } = entry;
    const past = usedFault(entry, known?.used ?? null);
    if (past) return past;
    if (part !== 'pads' || condition === 'found') return null;
    const kit = kitAt(job, end);
    const sheetSays = job.identified[end]?.sheet.body.rotor.organicOnly ?? false;
    const rotor = { organicOnly: isOrganicOnly(kit, sheetSays), bedded: kit.bedded };
    const advice = compoundAdvice(rotor, compound ?? 'unknown');
    if (advice.code === 'refused') return fault('fitting-refused', 'compound', advice.why);
    return advice.code === 'change' && rebedding === null
      ? fault('fitting-refused', 'rebedding', 'compound-change')
      : null;
  },
  add: (facts, { kind: _kind, ...fitted }, known, { seq, by }) => ({
    ...facts,
    fittings: [
      ...facts.fittings,
      { ...fitted, batches: known?.used?.batches ?? [], seq, jobId: facts.id, by },
    ],
  }),
};
