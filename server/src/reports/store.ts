import { readSealed } from '@hold-fast/contract/recordRead';
import { shownOf, type Report, type ReportLink } from '@hold-fast/contract/report';
import { addressesIn } from '../platform/addresses';
import { rulesInForce } from '../shopRules/store';
import { BESIDE, WITHHELD, withheldOf } from '../records/store';
import { insert, select, selectOne, type Queryable, type Transaction } from '../platform/database';

/** The report of a job’s own record; null where there is no such record, or it is an amendment. */
export async function reportOf(on: Queryable, recordId: string): Promise<Report | null> {
  const row = await selectOne<
    Pick<Report, 'recordId' | 'number' | 'seal' | 'sealedBy'> & {
      sealedAt: Date;
      canonical: string;
      jobId: string;
      salt: string | null;
      said: unknown;
    }
  >(
    on,
    `SELECT s.id AS recordId, s.number, s.seal, s.sealed_at AS sealedAt, p.name AS sealedBy,
            s.canonical, s.job_id AS jobId, ${WITHHELD}
       FROM sealed_record s JOIN person p ON p.id = s.sealed_by ${BESIDE}
      WHERE s.id = ? AND s.nth = 0`,
    [recordId],
  );
  if (!row) return null;
  const { canonical, jobId, sealedAt, salt, said, ...report } = row;
  const held = readSealed(canonical, withheldOf({ salt, said }));
  if (!held || !('record' in held)) return null;
  const later = await select<{ id: string; canonical: string }>(
    on,
    'SELECT id, canonical FROM sealed_record WHERE job_id = ? AND nth > 0 ORDER BY nth',
    [jobId],
  );
  const { bike } = held.record;
  return {
    ...report,
    shop: (await rulesInForce(on)).rules.name,
    // Both as they were called that day.
    customerName: held.record.customer.name,
    bikeName: bike.name,
    third: { thirdBrake: bike.thirdBrake, thirdPlace: bike.thirdPlace },
    sealedAt: sealedAt.toISOString(),
    record: shownOf(held.record),
    amendments: later.flatMap(({ id, canonical: text }) => {
      const read = readSealed(text, null);
      return read && 'amendment' in read
        ? [{ id, words: read.amendment.words, takesBack: read.amendment.takesBack }]
        : [];
    }),
    dues: await select<Report['dues'][number]>(
      on,
      `SELECT brake_end AS end, what AS \`of\`, DATE_FORMAT(shown_on, '%Y-%m-%d') AS \`on\`
         FROM due WHERE job_id = ? ORDER BY shown_on, brake_end, what`,
      [jobId],
    ),
  };
}

/** The links of one report, the newest first. */
export const linksOf = (on: Queryable, recordId: string): Promise<ReportLink[]> =>
  addressesIn(on, 'report_link', 'a.record_id = ?', [recordId]);

/** What an address shows: its record, and whether it was withdrawn; null where there is no such address. */
export function linkTo(
  on: Queryable,
  token: string,
): Promise<{ recordId: string; withdrawn: number } | null> {
  return selectOne(
    on,
    `SELECT record_id AS recordId, withdrawn_at IS NOT NULL AS withdrawn FROM report_link WHERE token = ?`,
    [token],
  );
}

export async function addLink(
  on: Transaction,
  link: { id: string; recordId: string; token: string; at: Date; personId: string },
): Promise<void> {
  await insert(on, 'report_link', {
    id: link.id,
    record_id: link.recordId,
    token: link.token,
    made_at: link.at,
    made_by: link.personId,
  });
}
