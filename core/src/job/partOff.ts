import type { End, Part } from '../ends';
import { inspectEnd, kitAt, stampAt } from '../inspection/inspectEnd';
import { isOrganicOnly } from '../kit/kit';
import type { Goes, UsedPart } from '../kit/usedPart';
import { fault, type EntryBase, type Kept, type Kind } from './entry';
import { batchesOn } from './batches';
import type { Job } from './job';

/** A rotor or pads that come off, and where they go; written down while they are still the ones that are judged. */
export interface PartOffEntry extends EntryBase {
  kind: 'part-off';
  end: End;
  part: Part;
  goes: Goes;
}

declare module './job' {
  interface Facts {
    /** Parts that came off, and where they went. */
    takenOff: (Kept<PartOffEntry> & { seq: number })[];
  }
}

export const partOff: Kind<PartOffEntry> = {
  kind: 'part-off',
  whose: 'bench',
  registers: ['usedParts'],
  fault: (job, { end, part, goes }) => {
    if (isOff(job, end, part)) return fault('invalid-input', 'part', 'off-already');
    if (goes !== 'shelf') return null;
    const asUsed = usedPartOf(job, end, part);
    return typeof asUsed === 'string' ? fault('invalid-input', 'goes', asUsed) : null;
  },
  add: (facts, { id, end, part, goes, at }, _known, { seq, by }) => ({
    ...facts,
    takenOff: [...facts.takenOff, { id, end, part, goes, seq, at, by }],
  }),
};

/** Whether the part that was on last is written down as off. That another never was on says that it is on. */
export function isOff(
  job: Pick<Job, 'id' | 'fittings' | 'neverFitted' | 'takenOff'>,
  end: End,
  part: Part,
): boolean {
  const here = (each: { end: End; part: Part }) => each.end === end && each.part === part;
  const said = job.neverFitted.findLast(here)?.takenBack ?? 0;
  const on = Math.max(kitAt(job, end)[part]?.newest ?? 0, said);
  return job.takenOff.some((off) => here(off) && off.seq > on);
}

/**
 * A part as it would lie on the shelf: what is known of it, with its reading. Why not, where it came off condemned, or where nobody
 * measured it: a used part brings its past along [D].
 */
export function usedPartOf(
  job: Omit<Job, 'bars'>,
  end: End,
  part: Part,
): Omit<UsedPart, 'id' | 'at' | 'by' | 'gone'> | 'not-alive' | 'measure-first' {
  const item = inspectEnd(job, end).items.find(({ subject }) => subject === part);
  if (item?.word === 'replace' || item?.doNotRide) return 'not-alive';
  const { judgement } = item ?? {};
  const least =
    !judgement?.ok || item?.lapsed || item?.unmeasured
      ? null
      : judgement.measurand === 'rotor'
        ? judgement.verdict.thinnest
        : judgement.measurand === 'pads' && judgement.verdict.thinnest
          ? {
              thicknessMm: judgement.verdict.thinnest.measuredMm,
              doubtMm: judgement.verdict.thinnest.doubtMm,
            }
          : null;
  if (!item || !least) return 'measure-first';
  const kit = kitAt(job, end);
  const own = kit[part];
  const sheet = job.identified[end]!.sheet.body;
  return {
    part,
    description: own?.description ?? sheet.title,
    compound: own?.compound ?? null,
    organicOnly: part === 'rotor' && isOrganicOnly(kit, sheet.rotor.organicOnly),
    construction: own?.construction ?? (part === 'rotor' ? sheet.rotor.construction : null),
    newMm: own?.newMm ?? (part === 'rotor' ? sheet.rotor.newMm : sheet.pads.newTotalMm),
    stampedLimit: part === 'rotor' ? stampAt(job, end) : null,
    leastMm: least.thicknessMm,
    doubtMm: least.doubtMm,
    word: item.word as UsedPart['word'],
    batches: batchesOn(job, end, part),
    tag: job.tag,
    bikeName: job.bike.name,
  };
}
