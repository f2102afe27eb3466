import { ENDS, type End } from '../ends';
import { changesAt, type ChangedJob } from '../evidence/changes';
import type { Touch } from '../evidence/touch';
import { batchesPutIn, type BatchedJob, type BatchPutIn } from '../stock/batches';
import type { NewPart } from '../stock/stock';
import { bare, isBetween, isCopyOf, isSerial } from './label';

/** The longest lot that a notice can name, letters. */
export const LONGEST_LOT = 60;

/**
 * A maker's recall or bulletin. Whom it meets is told by the bike's maker and serial, by the brake's sheet or by a lot of fluid or
 * parts; what is given has to fit all together, and at least one of the three is given.
 */
export interface Notice {
  id: string;
  version: number;
  title: string;
  /** What it says is to be done. */
  words: string;
  /** Who issued it, and its number. */
  source: string;
  /** Until it is done nobody rides. */
  doNotRide: boolean;
  /** Empty for any. */
  maker: string;
  /** First and last serial; empty for no bound. */
  serialFrom: string;
  serialTo: string;
  sheetId: string | null;
  /** Empty for any. */
  lot: string;
}

/** A notice as a job begins with it: what the registers know of the bike's earlier visits. */
export interface NoticeAtJob extends Notice {
  /** An earlier visit went by its sheet. */
  sheetBefore: boolean;
  /** An earlier visit put its lot in, or another workshop by a passport of the bike. */
  lotBefore: boolean;
  /** Where in the order of everything written such a passport was taken in last; 0 where none was. */
  broughtAt: number;
  /** An earlier visit said what was done about it, and what was put on or in since was signed for: it meets what comes after. */
  answeredBefore: boolean;
}

/** Why a notice cannot be written so, as the field and a code; null where it can. */
export function noticeFault(
  notice: Pick<Notice, 'maker' | 'serialFrom' | 'serialTo' | 'sheetId' | 'lot'>,
): {
  field: 'maker' | 'lot' | 'serialTo';
  code: 'meets-nobody' | 'maker-of-serials' | 'range-reversed';
} | null {
  const { maker, serialFrom, serialTo, sheetId, lot } = notice;
  const noName = (['maker', 'lot'] as const).find((field) => notice[field] && !bare(notice[field]));
  if (noName) return { field: noName, code: 'meets-nobody' };
  if (!maker && !sheetId && !lot)
    return { field: 'maker', code: serialFrom || serialTo ? 'maker-of-serials' : 'meets-nobody' };
  if ((serialFrom || serialTo) && !maker) return { field: 'maker', code: 'maker-of-serials' };
  return serialFrom && serialTo && !isBetween(serialFrom, '', serialTo)
    ? { field: 'serialTo', code: 'range-reversed' }
    : null;
}

/** What of a notice says whom it meets, and what they may not do. */
type Reach = Pick<Notice, 'doNotRide' | 'maker' | 'serialFrom' | 'serialTo' | 'sheetId' | 'lot'>;

/** Whether a notice that is written anew lets go of somebody it met, or lets them ride: of that somebody says why [D]. */
export const isNarrower = (was: Reach, now: Reach): boolean =>
  (was.doNotRide && !now.doNotRide) ||
  (now.maker !== '' && !isCopyOf(was.maker, now.maker)) ||
  (now.serialFrom !== '' && !(was.serialFrom && isBetween(was.serialFrom, now.serialFrom, ''))) ||
  (now.serialTo !== '' && !(was.serialTo && isBetween(was.serialTo, '', now.serialTo))) ||
  (now.sheetId !== null && now.sheetId !== was.sheetId) ||
  (now.lot !== '' && !isCopyOf(was.lot, now.lot));

/**
 * Whether a bike is among those a notice names by maker and serial. One of that maker whose
 * serial nobody wrote down may be: it is met, so that somebody looks. One whose maker nobody wrote down is not, or every notice
 * would stop it [D].
 */
export function meetsBike(
  { maker, serialFrom, serialTo }: Pick<Notice, 'maker' | 'serialFrom' | 'serialTo'>,
  bike: { maker: string; serial: string },
): boolean {
  if (maker === '') return true;
  if (!isCopyOf(maker, bike.maker)) return false;
  return !isSerial(bike.serial) || isBetween(bike.serial, serialFrom, serialTo);
}

/** The notices that meet a bike as its last visit left it. */
export const noticesOfBike = (
  notices: readonly NoticeAtJob[],
  bike: Parameters<typeof meetsBike>[1],
): NoticeAtJob[] =>
  notices.filter(
    (notice) =>
      meetsBike(notice, bike) &&
      (notice.sheetId === null || notice.sheetBefore) &&
      (notice.lot === '' || notice.lotBefore) &&
      !notice.answeredBefore,
  );

/** What of a job says which notices meet it. */
interface NoticedJob extends ChangedJob, BatchedJob {
  notices: readonly NoticeAtJob[];
  bike: ChangedJob['bike'] & Parameters<typeof meetsBike>[1];
  identified: Readonly<Record<End, { seq: number; sheet: { sheetId: string } } | null>>;
  /** By the sheet that each brake was told to be of when the bike was last here. */
  identifiedBefore: Readonly<Partial<Record<End, { sheetId: string }>>>;
  filled: readonly { seq: number; end: End; lot: string }[];
  fittings: ChangedJob['fittings'] & BatchedJob['fittings'];
  /** What was told of a notice names it as it was read. */
  told: readonly (BatchedJob['told'][number] & { noticeId?: string; noticeVersion?: number })[];
}

/** Whether a notice is about this bike and one of its brakes, whatever lot it names. */
const isAbout = ({ bike, identified }: NoticedJob, notice: NoticeAtJob): boolean =>
  meetsBike(notice, bike) &&
  (notice.sheetId === null ||
    notice.sheetBefore ||
    ENDS.some((end) => identified[end]?.sheet.sheetId === notice.sheetId));

/** The notices that meet a job's bike, its brakes or what was put in, now or at an earlier visit. */
export const noticesMet = (job: NoticedJob): NoticeAtJob[] =>
  job.notices.filter(
    (notice) =>
      isAbout(job, notice) &&
      (notice.lot === '' || notice.lotBefore || putIn(job, notice.lot).length > 0) &&
      (!notice.answeredBefore || metAnew(job, notice) > 0),
  );

/** Whether a notice names one of these lots. */
export const isOfLots = ({ lot }: Pick<Notice, 'lot'>, lots: readonly string[]): boolean =>
  lot !== '' && lots.some((each) => isCopyOf(each, lot));

/** The notices that would meet a job once something of these lots went in: said before it does, and no answer to them. */
export const noticesOfLots = (job: NoticedJob, lots: readonly string[]): NoticeAtJob[] =>
  job.notices.filter((notice) => isOfLots(notice, lots) && isAbout(job, notice));

/** Where in the order of everything written something of a lot was put in at this visit. */
const putIn = (job: NoticedJob, lot: string): number[] => [
  ...job.filled.flatMap((fill) => (isCopyOf(fill.lot, lot) ? [fill.seq] : [])),
  ...batchesPutIn(job).flatMap(({ batch, seq }) => (isCopyOf(batch, lot) ? [seq] : [])),
];

/** Where something of a notice’s lot went in, each place once, as far as it is known of what: of fluid of before nobody wrote it [D]. */
export function placesOfLot(
  job: NoticedJob & { earlierBatches: readonly Omit<BatchPutIn, 'seq'>[] },
  { lot }: Pick<Notice, 'lot'>,
): { end: End; part: NewPart | 'fluid' }[] {
  if (lot === '') return [];
  const put = [
    ...job.filled.map((fill) => ({ end: fill.end, part: 'fluid' as const, batch: fill.lot })),
    ...job.earlierBatches,
    ...batchesPutIn(job),
  ].filter(({ batch }) => isCopyOf(batch, lot));
  return [
    ...new Map(put.map(({ end, part }) => [`${end} ${part}`, { end, part }] as const)).values(),
  ];
}

/** The brakes that a notice names the model of. */
export const endsOfSheet = (
  { identified, identifiedBefore }: Pick<NoticedJob, 'identified' | 'identifiedBefore'>,
  { sheetId }: Pick<Notice, 'sheetId'>,
): End[] =>
  ENDS.filter(
    (end) =>
      sheetId !== null &&
      (identified[end]?.sheet.sheetId ?? identifiedBefore[end]?.sheetId) === sheetId,
  );

/** Whether a notice meets a bike only because nobody wrote down its serial. */
export const isSerialUnknown = (
  { serialFrom, serialTo }: Pick<Notice, 'serialFrom' | 'serialTo'>,
  { serial }: { serial: string },
): boolean => (serialFrom !== '' || serialTo !== '') && !isSerial(serial);

/** What a sheet is of: another one of these is another of what the notice names, till it is told to be of another sheet [D]. */
const OF_A_SHEET: readonly Touch[] = ['caliper-changed', 'lever-changed'];

/** Where in that order a brake of a sheet was last put on at this visit: told where there was none of it before, or a part of it changed. */
const putOn = (job: NoticedJob, sheetId: string): number[] =>
  ENDS.flatMap((end) => {
    const [now, before] = [job.identified[end], job.identifiedBefore[end]?.sheetId];
    if ((now?.sheet.sheetId ?? before) !== sheetId) return [];
    const changed = changesAt(job, end).filter(
      (each) => each.end === end && each.touches.some((touch) => OF_A_SHEET.includes(touch)),
    );
    return [...(now && before !== sheetId ? [now] : []), ...changed].map(({ seq }) => seq);
  });

/**
 * Where in that order this visit last put on or in what a notice names: its lot, or a brake of its sheet. 0 where it did not: what was said
 * of what is there already says nothing of what comes after [D].
 */
function metAnew(job: NoticedJob, { sheetId, lot }: NoticeAtJob): number {
  if (lot !== '') return Math.max(0, ...putIn(job, lot));
  return sheetId === null ? 0 : Math.max(0, ...putOn(job, sheetId));
}

/** The notices that meet a job and nobody has said yet what was done about them, or about what was put on or in since. */
export const openNotices = (job: NoticedJob) =>
  noticesMet(job).filter(
    (notice) =>
      !job.told.some(
        (told) =>
          told.kind === 'notice-answer' &&
          told.noticeId === notice.id &&
          told.noticeVersion === notice.version &&
          told.seq > Math.max(metAnew(job, notice), notice.broughtAt),
      ),
  );
