import type { BikeRow } from '@hold-fast/contract/bikeRows';
import type { Bike } from '@hold-fast/contract/bikes';
import type { TakenReading } from '@hold-fast/contract/readingCsv';
import type { StockRow } from '@hold-fast/contract/stockRows';
import type { Withheld } from '@hold-fast/core/job/withheld';
import { select, selectOne, type Queryable } from '../platform/database';
import { broughtReadings } from '../bikes/broughtStore';
import { BESIDE, WITHHELD, withheldOf } from '../records/store';

/** Rows that are read and sent at a time: none is kept longer. */
export const ROWS_AT_A_TIME = 1000;

/** A customer with one bike of theirs, or with none. */
export type ExportedBike = Omit<BikeRow, 'line'> & { key: string };

/** Customers with their bikes by both ids, after a place in that order; a customer without a bike stands alone. */
export async function bikeRowsAfter(
  on: Queryable,
  after: string | null,
  most: number = ROWS_AT_A_TIME,
): Promise<ExportedBike[]> {
  const [customerId = '', bikeId = ''] = after?.split(' ') ?? [];
  const rows = await select<
    Omit<Bike, 'motor' | 'wet' | 'id'> & {
      id: string | null;
      motor: number;
      wet: number;
      customerName: string;
      phone: string | null;
    }
  >(
    on,
    `SELECT c.id AS customerId, c.name AS customerName, c.phone, b.id, b.name, b.maker, b.serial, b.motor,
            b.system_mass_kg AS systemMassKg, b.terrain, b.wet, b.km_per_week AS kmPerWeek,
            b.fork_material AS forkMaterial, b.frame_material AS frameMaterial,
            b.front_brake AS frontBrake, b.rear_brake AS rearBrake, b.third_brake AS thirdBrake,
            b.third_place AS thirdPlace, b.shared_lever AS sharedLever, b.further_brakes AS furtherBrakes
       FROM customer c LEFT JOIN bike b ON b.customer_id = c.id
      ${after === null ? '' : bikeId === '' ? 'WHERE c.id > ?' : 'WHERE c.id >= ? AND (c.id > ? OR b.id > ?)'}
      ORDER BY c.id, b.id LIMIT ${most}`,
    after === null ? [] : bikeId === '' ? [customerId] : [customerId, customerId, bikeId],
  );
  return rows.map(({ id, customerId: of, customerName, phone, motor, wet, ...bike }) => ({
    key: `${of} ${id ?? ''}`,
    customer: { name: customerName, phone },
    bike: id === null ? null : { ...bike, motor: motor === 1, wet: wet === 1 },
  }));
}

/** A reading as it was taken. */
export type ExportedReading = TakenReading & { key: string };

export async function readingRowsAfter(
  on: Queryable,
  after: string | null,
): Promise<ExportedReading[]> {
  const rows = await select<
    Omit<ExportedReading, 'takenAt' | 'replaced'> & { takenAt: Date; replaced: number }
  >(
    on,
    `SELECT r.id AS \`key\`, r.at AS takenAt, j.tag, c.name AS customer, b.name AS bike, b.serial, m.brake_end AS end, m.part, r.place,
            r.value_mm AS valueMm, g.name AS gauge,
            EXISTS (SELECT 1 FROM reading later WHERE later.replaces = r.id) AS replaced
       FROM reading r JOIN measurement m ON m.id = r.measurement_id JOIN job j ON j.id = m.job_id
       JOIN bike b ON b.id = j.bike_id JOIN customer c ON c.id = b.customer_id
       JOIN gauge g ON g.id = m.gauge_id
      ${after ? 'WHERE r.id > ?' : ''} ORDER BY r.id LIMIT ${ROWS_AT_A_TIME}`,
    after ? [after] : [],
  );
  return rows.map(({ takenAt, replaced, ...row }) => ({
    ...row,
    takenAt: takenAt.toISOString(),
    replaced: replaced === 1,
  }));
}

/** A kind of part with what is left of it, and the batch that came last. */
export type ExportedStock = Omit<StockRow, 'line'> & { key: string };

export function stockRowsAfter(on: Queryable, after: string | null): Promise<ExportedStock[]> {
  return select(
    on,
    `SELECT s.id AS \`key\`, s.part, s.description, s.fits, s.pieces AS count, s.reorder_at AS reorderAt,
            s.price_cents AS priceCents, s.last_batch AS batch
       FROM stock_line s ${after ? 'WHERE s.id > ?' : ''} ORDER BY s.id LIMIT ${ROWS_AT_A_TIME}`,
    after ? [after] : [],
  );
}

/** Everything that is written of a customer: who they are and were, their bikes, the records of their own visits, and what was written to them. */
export interface CustomerFile {
  format: 'hold-fast/customer/1';
  customer: { name: string; phone: string | null };
  changes: { was: unknown; became: unknown; at: Date }[];
  bikes: {
    name: string;
    maker: string;
    serial: string;
    changes: { was: unknown; became: unknown; at: Date }[];
    /** Readings that came in from tables. */
    brought: Omit<TakenReading, 'tag' | 'customer' | 'bike' | 'serial'>[];
    /** Each with its text as it was sealed, so that its seal can be worked out again. */
    records: {
      number: number;
      sealedAt: Date;
      prev: string | null;
      seal: string;
      canonical: string;
      /** The words whose digests the text holds. */
      withheld: Withheld | null;
    }[];
    messages: { at: Date; phone: string; about: string; words: string }[];
  }[];
}

type RecordRow = Omit<CustomerFile['bikes'][number]['records'][number], 'withheld'> & {
  salt: string | null;
  said: unknown;
};

const CHANGES = 'SELECT was, became, changed_at AS at FROM';

/** Null where there is no such customer. */
export async function customerFile(on: Queryable, id: string): Promise<CustomerFile | null> {
  const customer = await selectOne<CustomerFile['customer']>(
    on,
    'SELECT name, phone FROM customer WHERE id = ?',
    [id],
  );
  if (!customer) return null;
  const bikes = await select<{ id: string; name: string; maker: string; serial: string }>(
    on,
    // Theirs now, and what was theirs before.
    `SELECT b.id, b.name, b.maker, b.serial FROM bike b WHERE b.customer_id = ?
        OR b.id IN (SELECT h.bike_id FROM bike_change h WHERE JSON_VALUE(h.was, '$.customerId') = ?)
      ORDER BY b.id`,
    [id, id],
  );
  const file: CustomerFile = {
    format: 'hold-fast/customer/1',
    customer,
    changes: await select(on, `${CHANGES} customer_change WHERE customer_id = ? ORDER BY version`, [
      id,
    ]),
    bikes: [],
  };
  for (const { id: bikeId, ...bike } of bikes)
    file.bikes.push({
      ...bike,
      changes: await select(on, `${CHANGES} bike_change WHERE bike_id = ? ORDER BY version`, [
        bikeId,
      ]),
      brought: await broughtReadings(on, bikeId),
      records: (
        await select<RecordRow>(
          on,
          `SELECT s.number, s.sealed_at AS sealedAt, s.prev, s.seal, s.canonical, ${WITHHELD}
           FROM job j JOIN sealed_record s ON s.job_id = j.id ${BESIDE} WHERE j.bike_id = ? AND EXISTS (
                  SELECT 1 FROM sealed_record own WHERE own.job_id = j.id AND own.nth = 0
                     AND JSON_VALUE(own.canonical, '$.record.customer.id') = ?)
          ORDER BY s.number`,
          [bikeId, id],
        )
      ).map(({ salt, said, ...record }) => ({ ...record, withheld: withheldOf({ salt, said }) })),
      messages: await select(
        on,
        'SELECT at, phone, about, words FROM message WHERE bike_id = ? AND customer_id = ? ORDER BY at, id',
        [bikeId, id],
      ),
    });
  return file;
}
