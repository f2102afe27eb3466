import type { BikeMet, Notice, NoticeKept } from '@hold-fast/contract/notices';
import type { Page } from '@hold-fast/contract/jobs';
import { isOfLots, meetsBike, type NoticeAtJob } from '@hold-fast/core/notice/notice';
import { lotsCopied, makersCopied } from '../platform/copied';
import {
  insert,
  placesFor,
  run,
  select,
  selectOne,
  type Queryable,
  type Value,
} from '../platform/database';
import { A_PAGE, madeInto, pageOf } from '../platform/page';
import { NOT_TAKEN_BACK } from '../platform/takenBack';

const COLUMNS = `n.id, n.version, n.title, n.words, n.source, n.do_not_ride AS doNotRide, n.maker,
  n.serial_from AS serialFrom, n.serial_to AS serialTo, n.sheet_id AS sheetId, n.lot`;
const KEPT = `SELECT ${COLUMNS}, n.withdrawn, n.withdrawn_because AS withdrawnBecause, n.written_at AS writtenAt,
    p.name AS writtenBy, c.changed_at AS narrowedAt, cp.name AS narrowedBy, JSON_VALUE(c.became, '$.because') AS because
  FROM notice n JOIN person p ON p.id = n.written_by
  LEFT JOIN store_change c ON c.what = 'notice' AND c.thing_id = n.id AND c.version =
    (SELECT MAX(version) FROM store_change WHERE what = 'notice' AND thing_id = n.id AND JSON_VALUE(became, '$.because') <> '')
  LEFT JOIN person cp ON cp.id = c.changed_by`;

type KeptRow = Omit<NoticeKept, 'doNotRide' | 'withdrawn' | 'writtenAt' | 'narrowed'> & {
  doNotRide: number;
  withdrawn: number;
  writtenAt: Date;
} & (
    | { narrowedAt: Date; narrowedBy: string; because: string }
    | { narrowedAt: null; narrowedBy: null; because: null }
  );
const keptOf = ({ narrowedAt, narrowedBy, because, ...row }: KeptRow): NoticeKept => ({
  ...row,
  narrowed: narrowedAt && { at: narrowedAt.toISOString(), by: narrowedBy!, because: because! },
  doNotRide: row.doNotRide === 1,
  withdrawn: row.withdrawn === 1,
  writtenAt: row.writtenAt.toISOString(),
});

/** Every notice, the newest first. */
export async function noticesPage(on: Queryable, after: string | null): Promise<Page<NoticeKept>> {
  const list = {
    rows: KEPT,
    key: 'n.id',
    keyOf: 'SELECT id FROM notice WHERE id = ?',
    descending: true,
  };
  return madeInto(await pageOf<KeptRow>(on, list, after), keptOf);
}

export async function noticeById(on: Queryable, id: string): Promise<NoticeKept | null> {
  const row = await selectOne<KeptRow>(on, `${KEPT} WHERE n.id = ?`, [id]);
  return row && keptOf(row);
}

/** The notice, held until the transaction ends. */
export async function holdNotice(on: Queryable, id: string): Promise<NoticeKept | null> {
  await select(on, 'SELECT id FROM notice WHERE id = ? FOR UPDATE', [id]);
  return noticeById(on, id);
}

const columnsOf = (notice: Notice, at: Date, personId: string) => ({
  title: notice.title,
  words: notice.words,
  source: notice.source,
  do_not_ride: notice.doNotRide,
  maker: notice.maker,
  serial_from: notice.serialFrom,
  serial_to: notice.serialTo,
  sheet_id: notice.sheetId,
  lot: notice.lot,
  withdrawn: notice.withdrawn,
  withdrawn_because: notice.withdrawnBecause,
  written_at: at,
  written_by: personId,
});

/** Whether a notice of the same words of the same bikes is there, withdrawn or not. */
export async function isWritten(
  on: Queryable,
  notice: Pick<Notice, 'title' | 'source' | 'maker' | 'serialFrom' | 'serialTo' | 'lot'>,
): Promise<boolean> {
  const row = await selectOne(
    on,
    'SELECT id FROM notice WHERE title = ? AND source = ? AND maker = ? AND serial_from = ? AND serial_to = ? AND lot = ? LIMIT 1',
    [notice.title, notice.source, notice.maker, notice.serialFrom, notice.serialTo, notice.lot],
  );
  return row !== null;
}

export async function addNotice(
  on: Queryable,
  notice: Notice,
  at: Date,
  personId: string,
): Promise<void> {
  await insert(on, 'notice', { id: notice.id, ...columnsOf(notice, at, personId) });
}

/** Writes a notice anew, and keeps what stood before. */
export async function changeNotice(
  on: Queryable,
  {
    was,
    notice,
    because,
    at,
    by,
  }: { was: NoticeKept; notice: Notice; because: string; at: Date; by: string },
): Promise<void> {
  const columns = columnsOf(notice, at, by);
  await run(
    on,
    `UPDATE notice SET ${Object.keys(columns)
      .map((column) => `${column} = ?`)
      .join(', ')}, version = version + 1 WHERE id = ?`,
    [...Object.values(columns), notice.id],
  );
  await insert(on, 'store_change', {
    what: 'notice',
    thing_id: notice.id,
    version: was.version + 1,
    was: JSON.stringify(was),
    became: JSON.stringify({ ...notice, because }),
    changed_at: at,
    changed_by: by,
  });
}

type AtJobRow = {
  [
    F in Exclude<keyof NoticeAtJob, 'answeredBefore' | 'lotBefore' | 'broughtAt'>
  ]: NoticeAtJob[F] extends boolean ? number : NoticeAtJob[F];
} & { answeredAt: number | null };

/** A lot that went in before a tag, and where in the order of everything written a passport brought it; 0 of what went in here. */
interface LotBefore {
  lot: string;
  broughtAt: number;
}

/** One that was taken in at that visit brought its lots by then. */
const lotsBefore = (on: Queryable, bikeId: string, tag: string): Promise<LotBefore[]> =>
  select(
    on,
    `SELECT c.lot, 0 AS broughtAt FROM job j JOIN fill f ON f.job_id = j.id JOIN container c ON c.id = f.container_id
        WHERE j.bike_id = ? AND j.tag < ?
      UNION SELECT t.batch, 0 FROM job j JOIN batch_put_in t ON t.job_id = j.id WHERE j.bike_id = ? AND j.tag < ?
      UNION SELECT b.lot, b.seq FROM lot_brought b JOIN job j ON j.id = b.job_id WHERE b.bike_id = ? AND j.tag <= ?`,
    [bikeId, tag, bikeId, tag, bikeId, tag],
  );

const BY_SHEET = `EXISTS (SELECT 1 FROM job sj JOIN identification i ON i.job_id = sj.id
  JOIN spec_sheet_revision r ON r.id = i.sheet_revision_id WHERE sj.bike_id = %bike AND sj.tag < %tag AND r.sheet_id = n.sheet_id)`;
const BY_LOT = `(EXISTS (SELECT 1 FROM job fj JOIN fill f ON f.job_id = fj.id JOIN container c ON c.id = f.container_id
    WHERE fj.bike_id = k.id AND c.lot IN %lots)
  OR EXISTS (SELECT 1 FROM job tj JOIN batch_put_in t ON t.job_id = tj.id WHERE tj.bike_id = k.id AND t.batch IN %lots)
  OR EXISTS (SELECT 1 FROM lot_brought b WHERE b.bike_id = k.id AND b.lot IN %lots))`;
/** A visit that was left unrepaired signed for nothing: what it put on or in nobody answered for. */
const LEFT_SINCE = `EXISTS (SELECT 1 FROM job uj JOIN sealed_record s ON s.job_id = uj.id
  WHERE uj.bike_id = %bike AND uj.tag < %tag AND uj.tag >= j.tag AND JSON_TYPE(JSON_EXTRACT(s.canonical, '$.record.notRepaired')) = 'OBJECT')`;
/** The bike and the tag its visits lie before, put where the fragments above name them. */
const of = (fragment: string, bike: string, tag: string) =>
  fragment.replaceAll('%bike', bike).replaceAll('%tag', tag);

/** Tags beyond any there is. */
const ANY_TAG = '4294967295';

/**
 * Makers' notices in force, with what the visits of this bike before a tag say of them as they now read: what one that is not
 * sealed said is said again.
 */
export async function noticesAt(
  on: Queryable,
  { bike, beforeTag }: { bike: { id: string }; beforeTag: number | null },
): Promise<NoticeAtJob[]> {
  const before = beforeTag === null ? ANY_TAG : String(beforeTag);
  const rows = await select<AtJobRow>(
    on,
    `SELECT ${COLUMNS}, n.sheet_id IS NOT NULL AND ${of(BY_SHEET, 'k.id', before)} AS sheetBefore,
            (SELECT MAX(e.seq) FROM job j JOIN entry e ON e.job_id = j.id
              WHERE j.bike_id = k.id AND j.tag < ${before} AND j.status = 'sealed' AND e.kind = 'notice-answer'
                AND JSON_VALUE(e.body, '$.noticeId') = CAST(n.id AS CHAR)
                AND JSON_VALUE(e.body, '$.noticeVersion') = n.version
                AND ${NOT_TAKEN_BACK} AND NOT ${of(LEFT_SINCE, 'k.id', before)}) AS answeredAt
       FROM notice n JOIN bike k ON k.id = ?
      WHERE n.withdrawn = FALSE
      ORDER BY n.id`,
    [bike.id],
  );
  const lots = rows.some(({ lot }) => lot !== '') ? await lotsBefore(on, bike.id, before) : [];
  return rows.map(({ doNotRide, sheetBefore, answeredAt, ...row }) => {
    const itsLots = lots.filter(({ lot }) => isOfLots(row, [lot]));
    const broughtAt = Math.max(0, ...itsLots.map((each) => each.broughtAt));
    return {
      ...row,
      doNotRide: doNotRide === 1,
      sheetBefore: sheetBefore === 1,
      lotBefore: itsLots.length > 0,
      broughtAt,
      answeredBefore: (answeredAt ?? 0) > broughtAt,
    };
  });
}

/** The bikes a notice meets, by what is written of them and of their visits; `after` is the id of the last one looked at. */
export async function bikesMet(
  on: Queryable,
  notice: NoticeKept,
  after: string | null,
): Promise<Page<BikeMet>> {
  const where: string[] = [];
  const values: Value[] = [];
  if (notice.maker) {
    const makers = await makersCopied(on, notice.maker);
    where.push(`k.maker IN ${placesFor(makers)}`);
    values.push(...makers);
  }
  if (notice.sheetId) where.push(of(BY_SHEET, 'k.id', ANY_TAG));
  if (notice.lot) {
    const lots = await lotsCopied(on, notice.lot);
    where.push(BY_LOT.replaceAll('%lots', placesFor(lots)));
    values.push(...lots, ...lots, ...lots);
  }
  if (after) {
    where.push('k.id > ?');
    values.push(after);
  }
  const rows = await select<BikeMet>(
    on,
    `SELECT k.id AS bikeId, k.name AS bikeName, k.maker, k.serial, c.name AS customerName, c.phone
       FROM notice n JOIN bike k JOIN customer c ON c.id = k.customer_id
      WHERE n.id = ? AND ${where.join(' AND ')} ORDER BY k.id LIMIT ${A_PAGE}`,
    [notice.id, ...values],
  );
  return {
    items: rows.filter((bike) => meetsBike(notice, bike)),
    after: rows.length === A_PAGE ? rows.at(-1)!.bikeId : null,
  };
}
