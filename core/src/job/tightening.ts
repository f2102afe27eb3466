import type { PassMarkEntry } from './passMark';
import type { End } from '../ends';
import { InputError } from '../inputError';
import { crowfootGain, windowAtWrench, type Crowfoot } from '../torque/crowfoot';
import { askedOf, canBeTorque, fastenerRule, rowOf, type FastenerId } from '../torque/fasteners';
import type { ThreadTreatment } from '../torque/thread';
import type { TorqueWindow } from '../torque/window';
import { clickSetting, type Wrench } from '../torque/wrench';
import { fault, type EntryBase, type EntryFault, type Kept, type Kind } from './entry';
import type { By, Facts, Job } from './job';

/** A window read at the bench, N·m, and where it stood. */
export interface ReadWindow {
  loNm: number;
  hiNm: number;
  origin: 'stamped' | 'sheet';
  source: string;
  /** A lead's words why it counts and not the sheet's row, where the two have nothing in common. */
  overSheet?: string;
}

/** A torque step begun: the wrench, what it is set to (N·m), and what is on the thread. */
export interface TighteningEntry extends EntryBase {
  kind: 'tightening';
  end: End;
  fastener: FastenerId;
  wrenchId: string;
  setNm: number;
  treatment: ThreadTreatment;
  /** A window read off the part or the maker's sheet in hand, where the spec sheet has none. */
  asked: ReadWindow | null;
  crowfoot: Crowfoot | null;
}

/** What a tightening was judged by when it was begun: the wrench as it stood, and what was asked. */
interface KnownTightening {
  wrench: Wrench & { id: string; name: string; toleranceAssumed: boolean };
  boltCount: number;
  window: TorqueWindow;
  /** What is asked for on the thread. */
  treatmentAsked: ThreadTreatment;
  /** The sheet's row that a lead set aside for what was read; null where none was. */
  setAside?: TorqueWindow | null;
}

/** What of a registered wrench a tightening rests on. */
export const wrenchAsKnown = (wrench: KnownTightening['wrench']): KnownTightening['wrench'] => ({
  id: wrench.id,
  name: wrench.name,
  kind: wrench.kind,
  maxNm: wrench.maxNm,
  markNm: wrench.markNm,
  tolerance: wrench.tolerance,
  toleranceAssumed: wrench.toleranceAssumed,
  calibrationDueOn: wrench.calibrationDueOn,
  uses: wrench.uses,
});

type Known = KnownTightening & { retired: boolean };
type AskedOf = Pick<KnownTightening, 'boltCount' | 'window' | 'treatmentAsked' | 'setAside'>;

/**
 * What is asked of the fastener of a tightening: what was read at the bench, else the sheet's row or the shop's. A print on
 * the part is met with the sheet's row, and not instead of it; where the two have nothing in common, a lead says which counts.
 */
export function askedFor(
  job: Pick<Job, 'identified'>,
  { end, fastener, asked }: Pick<TighteningEntry, 'end' | 'fastener' | 'asked'>,
  byLead: boolean,
): AskedOf | EntryFault {
  const sheet = job.identified[end]?.sheet.body;
  if (!sheet) return fault('invalid-input', 'end', 'not-identified');
  const row = askedOf(fastener, sheet.torque);
  if (!asked)
    return row
      ? { boltCount: row.boltCount, window: row.window, treatmentAsked: row.thread, setAside: null }
      : fault('invalid-input', 'fastener', 'not-on-sheet');
  const { count, thread } = fastenerRule(fastener);
  const { loNm, hiNm, origin, overSheet = '' } = asked;
  for (const [field, value] of Object.entries({ loNm, hiNm }))
    if (!canBeTorque(fastener, value)) return fault('wrench-refused', `asked.${field}`, 'slip');
  const read: TorqueWindow = { loNm, hiNm, origin, tag: null, namedNm: null };
  const onSheet = rowOf(fastener, sheet.torque)?.window;
  const both = onSheet ? common(onSheet, read) : read;
  if (both === null && overSheet === '')
    return fault('wrench-refused', 'asked', 'no-common-window', { ...onSheet });
  if (both === null && !byLead) return fault('wrench-refused', 'asked.overSheet', 'lead-decides');
  return {
    boltCount: row?.boltCount ?? count,
    window: both ?? read,
    treatmentAsked: row?.thread ?? thread,
    setAside: both === null ? onSheet! : null,
  };
}

/** What two windows have in common, or null. */
function common(one: TorqueWindow, other: TorqueWindow): TorqueWindow | null {
  const loNm = Math.max(one.loNm, other.loNm);
  const hiNm = Math.min(one.hiNm, other.hiNm);
  return loNm <= hiNm ? { ...one, loNm, hiNm, namedNm: null } : null;
}

/**
 * The window a tightening is held against now: the one it was set by, and what the sheet the brake is now judged by asks.
 * Null where the two have nothing in common.
 */
export function windowNow(
  job: Pick<Facts, 'identified'>,
  {
    end,
    fastener,
    window,
    setAside,
  }: Pick<Facts['tightened'][number], 'end' | 'fastener' | 'window' | 'setAside'>,
): TorqueWindow | null {
  const row = rowOf(fastener, job.identified[end]?.sheet.body.torque ?? []);
  if (!row || isSame(row.window, window) || (setAside && isSame(row.window, setAside)))
    return window;
  return window.origin === 'shop' ? row.window : common(row.window, window);
}

const isSame = (one: TorqueWindow, other: TorqueWindow) =>
  one.loNm === other.loNm && one.hiNm === other.hiNm;

/** A fastener as it was tightened, whatever it lacks. */
interface TightenedFacts
  extends
    By,
    KnownTightening,
    Pick<TighteningEntry, 'id' | 'end' | 'fastener' | 'setNm' | 'treatment' | 'crowfoot'> {
  /** Its place in the order in which the shop took all entries. */
  seq: number;
  /** Where in that order a bolt was last turned: what it moves is moved till then. */
  turnedSeq: number;
  /** Where the window was read, when it was read at the bench. */
  askedSource: string;
  /** A lead's words why what was read counts and not the sheet's row; empty where the two agree. */
  overSheet?: string;
  gaps: { oneMm: number; otherMm: number } | null;
  marks: Omit<Kept<PassMarkEntry>, 'tighteningId'>[];
}

declare module './job' {
  interface Facts {
    tightened: TightenedFacts[];
  }
}

export const tightening: Kind<TighteningEntry, Known> = {
  kind: 'tightening',
  whose: 'bench',
  registers: ['wrenches'],
  fault: (_job, { crowfoot, setNm }, { window, wrench, retired }) => {
    if (retired) return fault('invalid-input', 'wrenchId', 'retired');
    try {
      if (crowfoot) crowfootGain(crowfoot);
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      return fault('wrench-refused', 'crowfoot', error.code);
    }
    const setting = clickSetting(windowAtWrench(window, crowfoot), wrench);
    if (setting.code !== 'set')
      return fault('wrench-refused', 'wrenchId', setting.code, { ...setting });
    return wrench.kind === 'click' && (setNm < setting.loNm || setNm > setting.hiNm)
      ? fault('wrench-refused', 'setNm', 'outside-window', { ...setting })
      : null;
  },
  add: (facts, entry, { retired: _retired, ...known }, { seq, by }) => {
    const { id, at, end, fastener, setNm, treatment, asked, crowfoot } = entry;
    const tightened = {
      ...known,
      id,
      seq,
      turnedSeq: seq,
      end,
      fastener,
      setNm,
      treatment,
      askedSource: asked?.source ?? '',
      overSheet: asked?.overSheet ?? '',
      crowfoot,
      gaps: null,
      marks: [],
      at,
      by,
    };
    return { ...facts, tightened: [...facts.tightened, tightened] };
  },
};
