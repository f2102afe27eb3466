import type { Page } from '@hold-fast/contract/jobs';
import type { UsedPart } from '@hold-fast/core/kit/usedPart';
import { insert, run, select, selectOne, type Queryable } from '../platform/database';
import { madeInto, pageOf } from '../platform/page';

const USED = `SELECT u.id, u.part, u.description, u.compound, u.organic_only AS organicOnly, u.construction,
    u.new_mm AS newMm, u.stamped_limit AS stampedLimit, u.least_mm AS leastMm, u.doubt_mm AS doubtMm, u.word,
    (SELECT JSON_ARRAYAGG(t.batch ORDER BY t.batch) FROM used_part_batch t WHERE t.used_part_id = u.id) AS batches, j.tag,
    b.name AS bikeName, u.at, p.name AS \`by\`, u.fitted_by IS NOT NULL OR u.scrapped_because <> '' AS gone
  FROM used_part u JOIN job j ON j.id = u.job_id JOIN bike b ON b.id = j.bike_id JOIN person p ON p.id = u.by_person`;

type Row = Omit<UsedPart, 'organicOnly' | 'batches' | 'at' | 'gone'> & {
  organicOnly: number;
  batches: string[] | null;
  at: Date;
  gone: number;
};
const usedOf = (row: Row): UsedPart => ({
  ...row,
  organicOnly: row.organicOnly === 1,
  batches: row.batches ?? [],
  at: row.at.toISOString(),
  gone: row.gone === 1,
});

/** Used parts that lie on the shelf, the newest first. */
export async function usedPartsPage(on: Queryable, after: string | null): Promise<Page<UsedPart>> {
  const list = {
    rows: USED,
    where: { sql: "u.fitted_by IS NULL AND u.scrapped_because = ''", values: [] },
    key: 'u.id',
    keyOf: 'SELECT id FROM used_part WHERE id = ?',
    descending: true,
  };
  return madeInto(await pageOf<Row>(on, list, after), usedOf);
}

/** The used part, held until the transaction ends: one is fitted once. */
export async function holdUsedPart(on: Queryable, id: string): Promise<UsedPart | null> {
  await select(on, 'SELECT id FROM used_part WHERE id = ? FOR UPDATE', [id]);
  const row = await selectOne<Row>(on, `${USED} WHERE u.id = ?`, [id]);
  return row && usedOf(row);
}

export async function addUsedPart(
  on: Queryable,
  part: Omit<UsedPart, 'at' | 'by' | 'gone' | 'tag' | 'bikeName'>,
  { jobId, at, personId }: { jobId: string; at: Date; personId: string },
): Promise<void> {
  await insert(on, 'used_part', {
    id: part.id,
    part: part.part,
    description: part.description,
    compound: part.compound,
    organic_only: part.organicOnly,
    construction: part.construction,
    new_mm: part.newMm,
    stamped_limit: part.stampedLimit && JSON.stringify(part.stampedLimit),
    least_mm: part.leastMm,
    doubt_mm: part.doubtMm,
    word: part.word,
    job_id: jobId,
    at,
    by_person: personId,
  });
  // Two ways to write one batch are one batch here, capitals or not.
  for (const batch of part.batches)
    await run(on, 'INSERT IGNORE INTO used_part_batch (used_part_id, batch) VALUES (?, ?)', [
      part.id,
      batch,
    ]);
}

export const usedPartFitted = (on: Queryable, id: string, fittingId: string) =>
  run(on, 'UPDATE used_part SET fitted_by = ? WHERE id = ?', [fittingId, id]);

/** Puts a used part back on the shelf that was only said to be fitted. */
export const usedPartNeverFitted = (on: Queryable, fittingId: string) =>
  run(on, 'UPDATE used_part SET fitted_by = NULL WHERE fitted_by = ?', [fittingId]);

export const scrapUsedPart = (on: Queryable, id: string, because: string) =>
  run(on, 'UPDATE used_part SET scrapped_because = ? WHERE id = ?', [because, id]);
