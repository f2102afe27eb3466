import { atEachEnd, type End } from '@hold-fast/core/ends';
import { metAt, type WetJob } from '@hold-fast/core/evidence/wet';
import { nameOf } from '@hold-fast/core/fluid/families';
import { readStamp } from '@hold-fast/core/inspection/inspectEnd';
import { NOTHING_MET } from '@hold-fast/core/fluid/met';
import { dayIn } from '@hold-fast/core/job/day';
import type { JobBase } from '@hold-fast/core/job/job';
import type { EntryKind, EntryOf, KnownOf } from '@hold-fast/core/job/kinds';
import { NEW_PARTS } from '@hold-fast/core/stock/stock';
import { thicknessOfBike } from '../bikes/store';
import { placesFor, type Queryable, select } from '../platform/database';
import { NOT_TAKEN_BACK } from '../platform/takenBack';

// What the visits before one say of its bike, for the job to start from.

/** What the visits before this one measured of rotors and pads, by the shop's days; an upper bound says no wear. */
export async function earlierThickness(
  on: Queryable,
  bikeId: string,
  tag: number,
  timeZone: string,
): Promise<JobBase['earlierThickness']> {
  return (await thicknessOfBike(on, bikeId)).flatMap(({ end, part, points }) =>
    points.flatMap((point) =>
      point.tag < tag && !point.upperBound
        ? [
            {
              end,
              part,
              life: point.life,
              visit: {
                day: dayIn(timeZone, point.measuredOn),
                odometerKm: point.odometerKm,
                mm: point.leastMm,
                doubtMm: point.doubtMm,
              },
            },
          ]
        : [],
    ),
  );
}

/** The batches that the visits before this one put in, and those that passports brought by then, oldest first. */
export const batchesByVisits = (
  on: Queryable,
  bikeId: string,
  tag: number,
): Promise<JobBase['earlierBatches']> =>
  select(
    on,
    `SELECT p.seq, p.job_id AS jobId, p.brake_end AS end, p.part, p.batch
       FROM job j JOIN batch_put_in p ON p.job_id = j.id WHERE j.bike_id = ? AND j.tag < ?
      UNION ALL SELECT l.seq, l.passport_id, l.brake_end, l.part, l.lot
       FROM lot_brought l JOIN job j ON j.id = l.job_id
      WHERE l.bike_id = ? AND j.tag <= ? AND l.part IN ${placesFor(NEW_PARTS)} ORDER BY seq, batch`,
    [bikeId, tag, bikeId, tag, ...NEW_PARTS],
  );

interface WetRow {
  id: string;
  seq: number;
  kind: EntryKind;
  body: Record<string, unknown>;
  known: unknown;
}

/** What the brakes of a bike have met by all its visits before one. */
export async function metByVisits(
  on: Queryable,
  bike: WetJob['bike'] & { id: string },
  beforeTag: number,
): Promise<JobBase['metBefore']> {
  const rows = await select<WetRow>(
    on,
    `SELECT e.id, e.seq, e.kind, e.body, e.known FROM entry e JOIN job j ON j.id = e.job_id
      WHERE j.bike_id = ? AND j.tag < ? AND e.kind IN ('fill', 'plan-step', 'repair', 'decision') AND ${NOT_TAKEN_BACK} ORDER BY e.seq`,
    [bike.id, beforeTag],
  );
  const of = <K extends EntryKind>(kind: K) =>
    rows.flatMap((row) =>
      row.kind === kind
        ? [{ ...row, ...(row.body as Omit<EntryOf<K>, 'kind' | 'id' | 'at'>) }]
        : [],
    );
  const visits: WetJob = {
    id: '',
    bike,
    identified: atEachEnd(() => null),
    stepped: of('plan-step') as unknown as WetJob['stepped'],
    repaired: of('repair') as unknown as WetJob['repaired'],
    decided: of('decision') as unknown as WetJob['decided'],
    filled: of('fill').map(({ seq, end, known }) => {
      const { fluid } = (known as KnownOf<'fill'>).container;
      return { seq, end, family: fluid.family, fluid: nameOf(fluid) };
    }),
    fittings: [],
    neverFitted: [],
    neverRepaired: [],
    takenOff: [],
    bled: [],
    tightened: [],
    edited: [],
    away: [],
  };
  return atEachEnd((end) => metAt(NOTHING_MET, visits, end));
}

/**
 * Ends at which a visit before this one wrote a modified structural part down, by looking or by what was decided, and no lead has
 * said since that it was seen wrong.
 */
export async function modifiedByVisits(
  on: Queryable,
  bikeId: string,
  beforeTag: number,
): Promise<JobBase['modifiedBefore']> {
  const rows = await select<{ end: End }>(
    on,
    `SELECT DISTINCT JSON_VALUE(e.body, '$.end') AS end FROM entry e JOIN job j ON j.id = e.job_id
      WHERE j.bike_id = ? AND j.tag < ?
        AND ((e.kind = 'look-over' AND JSON_CONTAINS(e.body, '"mount-modified"', '$.found'))
          OR (e.kind = 'deviation' AND (JSON_VALUE(e.body, '$.choice') = 'modified-adapter'
            OR (JSON_VALUE(e.body, '$.deviation') = 'modified-part' AND JSON_VALUE(e.body, '$.choice') <> 'warranty-part'))))
        AND ${NOT_TAKEN_BACK}
        AND NOT EXISTS (SELECT 1 FROM entry d JOIN job dj ON dj.id = d.job_id
          WHERE dj.bike_id = j.bike_id AND d.seq > e.seq AND d.kind = 'decision'
            AND JSON_VALUE(d.body, '$.decision') = 'seen-wrong' AND JSON_VALUE(d.body, '$.subject') = 'mount'
            AND JSON_VALUE(d.body, '$.byLead') = 1 AND JSON_VALUE(d.body, '$.end') = JSON_VALUE(e.body, '$.end'))`,
    [bikeId, beforeTag],
  );
  return atEachEnd((at) => rows.some(({ end }) => end === at));
}

/** What the visits before this one read of the stamps of a bike's rotors when they identified its brakes, oldest first. */
export async function stampedByVisits(
  on: Queryable,
  bikeId: string,
  beforeTag: number,
): Promise<JobBase['stampedBefore']> {
  type Body = Pick<EntryOf<'identification'>, 'end' | 'stampAgainMm'> & {
    stampedLimit: NonNullable<EntryOf<'identification'>['stampedLimit']>;
  };
  const rows = await select<{ seq: number; body: Body }>(
    on,
    `SELECT e.seq, e.body FROM entry e JOIN job j ON j.id = e.job_id
      WHERE j.bike_id = ? AND j.tag < ? AND e.kind = 'identification'
        AND JSON_VALUE(e.body, '$.stampedLimit.limitMm') IS NOT NULL ORDER BY e.seq`,
    [bikeId, beforeTag],
  );
  return rows.map(({ seq, body: { end, stampedLimit, stampAgainMm = null } }) => ({
    seq,
    end,
    stamp: readStamp(stampedLimit, stampAgainMm),
  }));
}

/** The sheet that each brake of a bike was last told to be of by the visits before this one. */
export async function identifiedByVisits(
  on: Queryable,
  bikeId: string,
  beforeTag: number,
): Promise<JobBase['identifiedBefore']> {
  const rows = await select<{ end: End; sheetId: string; tag: number }>(
    on,
    `SELECT i.brake_end AS end, r.sheet_id AS sheetId, j.tag
       FROM identification i JOIN job j ON j.id = i.job_id
            JOIN spec_sheet_revision r ON r.id = i.sheet_revision_id
      WHERE j.bike_id = ? AND j.tag < ? ORDER BY i.seq`,
    [bikeId, beforeTag],
  );
  return Object.fromEntries(rows.map(({ end, ...told }) => [end, told]));
}
