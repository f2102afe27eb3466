import type { Comeback } from '@hold-fast/core/job/job';
import { ENDS } from '@hold-fast/core/ends';
import { z } from 'zod';
import { selectOne, type Queryable } from '../platform/database';

/** What of a sealed record is told again at a comeback; records of every format have it. */
const Told = z.object({
  planned: z
    .array(z.object({ procedures: z.partialRecord(z.enum(ENDS), z.array(z.string())) }))
    .catch([]),
  inspection: z
    .array(z.object({ end: z.enum(ENDS), subject: z.string(), word: z.string() }))
    .catch([]),
});

interface Row {
  jobId: string;
  tag: number;
  complaint: string;
  recordId: string | null;
  number: number;
  at: Date;
  by: string;
  record: unknown;
}

/** The visit that a job comes back from, with what its record says was to be done and how each thing was left. */
export async function comebackAt(on: Queryable, jobId: string): Promise<Comeback | null> {
  const row = await selectOne<Row>(
    on,
    `SELECT j.id AS jobId, j.tag, j.complaint, s.id AS recordId, s.number, s.sealed_at AS at, p.name AS \`by\`,
            JSON_EXTRACT(s.canonical, '$.record') AS record
       FROM job j LEFT JOIN sealed_record s ON s.job_id = j.id AND s.nth = 0 LEFT JOIN person p ON p.id = s.sealed_by
      WHERE j.id = ?`,
    [jobId],
  );
  if (!row) return null;
  const { recordId, number, at, by, record, ...visit } = row;
  if (recordId === null) return { ...visit, sealed: null, procedures: [], left: [] };
  const { planned, inspection } = Told.parse(
    typeof record === 'string' ? JSON.parse(record) : record,
  );
  const chosen = planned.at(-1)?.procedures;
  return {
    ...visit,
    sealed: { recordId, number, at: at.toISOString(), by },
    procedures: ENDS.flatMap((end) =>
      (chosen?.[end] ?? []).map((procedure) => ({ end, procedure })),
    ),
    left: inspection.map(({ end, subject, word }) => ({ end, subject, word })),
  };
}
