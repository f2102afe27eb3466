import type { BroughtReadings } from '@hold-fast/contract/bikes';
import { dayIn } from '@hold-fast/core/job/day';
import type { ReadingRow } from '@hold-fast/contract/readingTable';
import { v7 as uuid } from 'uuid';
import { insert, select, selectOne, type Queryable } from '../platform/database';
import type { RowRequest } from '../platform/rowsIn';

/** As many days of what was brought are shown of a bike: the newest. */
const DAYS_SHOWN = 30;

/** Whether a reading came in before. */
export async function isBrought(
  on: Queryable,
  bikeId: string,
  { takenAt, end, part, place, valueMm }: ReadingRow,
): Promise<boolean> {
  const found = await selectOne(
    on,
    `SELECT id FROM brought_reading
      WHERE bike_id = ? AND taken_at = ? AND brake_end = ? AND part = ? AND place = ? AND value_mm = ?`,
    [bikeId, new Date(takenAt), end, part, place, valueMm],
  );
  return found !== null;
}

/** Whether a reading was taken here: a table of this shop that comes back brings nothing. */
export async function isOurs(
  on: Queryable,
  bikeId: string,
  { takenAt, end, part, place, valueMm }: ReadingRow,
): Promise<boolean> {
  const found = await selectOne(
    on,
    `SELECT r.id FROM job j JOIN measurement m ON m.job_id = j.id JOIN reading r ON r.measurement_id = m.id
      WHERE j.bike_id = ? AND m.brake_end = ? AND m.part = ? AND r.at = ? AND r.place = ? AND r.value_mm = ? LIMIT 1`,
    [bikeId, end, part, new Date(takenAt), place, valueMm],
  );
  return found !== null;
}

export async function addBrought(
  on: Queryable,
  bikeId: string,
  { takenAt, end, part, place, valueMm, gauge, replaced }: ReadingRow,
  { at, personId }: RowRequest,
): Promise<void> {
  await insert(on, 'brought_reading', {
    id: uuid(),
    bike_id: bikeId,
    taken_at: new Date(takenAt),
    brake_end: end,
    part,
    place,
    value_mm: valueMm,
    gauge,
    replaced,
    at,
    by_person: personId,
  });
}

/** Every reading that was brought of a bike, as it came. */
export async function broughtReadings(
  on: Queryable,
  bikeId: string,
): Promise<
  Pick<ReadingRow, 'takenAt' | 'end' | 'part' | 'place' | 'valueMm' | 'gauge' | 'replaced'>[]
> {
  const rows = await select<
    Omit<ReadingRow, 'takenAt' | 'replaced'> & { takenAt: Date; replaced: number }
  >(
    on,
    `SELECT taken_at AS takenAt, brake_end AS end, part, place, value_mm AS valueMm, gauge, replaced
       FROM brought_reading WHERE bike_id = ? ORDER BY taken_at, id`,
    [bikeId],
  );
  return rows.map(({ takenAt, replaced, ...row }) => ({
    ...row,
    takenAt: takenAt.toISOString(),
    replaced: replaced === 1,
  }));
}

/** What was brought of a bike, a day of the shop's, part and gauge together, the newest first; what was corrected where it was taken is left out. */
export async function broughtOfBike(
  on: Queryable,
  bikeId: string,
  timeZone: string,
): Promise<BroughtReadings[]> {
  const rows = await select<
    Omit<BroughtReadings, 'mm' | 'takenAt'> & { valueMm: number; takenAt: Date }
  >(
    on,
    `SELECT b.brake_end AS end, b.part, b.gauge, p.name AS \`by\`, b.taken_at AS takenAt, b.value_mm AS valueMm
       FROM brought_reading b JOIN person p ON p.id = b.by_person
      WHERE b.bike_id = ? AND NOT b.replaced ORDER BY b.taken_at, b.brake_end DESC, b.part DESC, b.place`,
    [bikeId],
  );
  const together = new Map<string, BroughtReadings>();
  for (const { valueMm, takenAt, ...row } of rows) {
    const at = takenAt.toISOString();
    const key = [dayIn(timeZone, at), row.end, row.part, row.gauge, row.by].join('\n');
    const mm = [...(together.get(key)?.mm ?? []), valueMm];
    together.set(key, { ...row, takenAt: at, mm });
  }
  return [...together.values()].reverse().slice(0, DAYS_SHOWN);
}
