import type {
  Bike,
  BikeChange,
  BikePage,
  Customer,
  FoundBike,
  ThicknessPoint,
} from '@hold-fast/contract/bikes';
import { isCopyOf } from '@hold-fast/core/notice/label';
import { insert, run, select, selectOne, type Queryable } from '../platform/database';
import { hasWord, startOf, tagOf, wordOf } from './wordStore';

export const BIKE_COLUMNS = `b.id, b.customer_id AS customerId, b.name, b.maker, b.serial, b.motor,
  b.system_mass_kg AS systemMassKg, b.terrain, b.wet, b.km_per_week AS kmPerWeek,
  b.fork_material AS forkMaterial, b.frame_material AS frameMaterial, b.front_brake AS frontBrake,
  b.rear_brake AS rearBrake, b.third_brake AS thirdBrake, b.third_place AS thirdPlace,
  b.shared_lever AS sharedLever, b.further_brakes AS furtherBrakes`;

type BikeRow = Omit<Bike, 'motor' | 'wet'> & { motor: number; wet: number };

export const bikeOf = <Row extends BikeRow>(row: Row) => ({
  ...row,
  motor: row.motor === 1,
  wet: row.wet === 1,
});

const FOUND = `SELECT b.id AS bikeId, b.name AS bikeName, b.maker, b.serial, b.motor, c.id AS customerId,
  c.name AS customerName, (SELECT MAX(j.tag) FROM job j WHERE j.bike_id = b.id) AS lastTag,
  (SELECT MAX(j.id) FROM job j WHERE j.bike_id = b.id AND j.status = 'open') AS openJobId
  FROM bike b JOIN customer c ON c.id = b.customer_id`;

type FoundRow = Omit<FoundBike, 'motor'> & { motor: number };
const foundOf = (row: FoundRow): FoundBike => ({ ...row, motor: row.motor === 1 });

const PAGE = 50;

/** Bikes by name, after the one named by `after` (name and id). */
export async function bikesPage(
  on: Queryable,
  after: { name: string; id: string } | null,
): Promise<FoundBike[]> {
  const rows = after
    ? await select<FoundRow>(
        on,
        `${FOUND} WHERE (b.name, b.id) > (?, ?) ORDER BY b.name, b.id LIMIT ${PAGE}`,
        [after.name, after.id],
      )
    : await select<FoundRow>(on, `${FOUND} ORDER BY b.name, b.id LIMIT ${PAGE}`);
  return rows.map(foundOf);
}

export const BIKES_A_PAGE = PAGE;

/** Bikes that are shown of a search. */
const FOUND_AT_ONCE = 20;

/**
 * Bikes that have every word as the start of a word in their customer, name, maker or serial, or a word as a tag of theirs. The
 * longest word leads, the others are looked up at what it finds. Whose tag it is comes first: a tag is read off the bike at hand.
 */
export async function findBikes(on: Queryable, words: readonly string[]): Promise<FoundBike[]> {
  const [longest = '', ...others] = [...words].sort((a, b) => b.length - a.length);
  const has = others
    .map(
      () =>
        `AND (${hasWord('x.bike_id')} OR (SELECT t.id FROM job t WHERE t.bike_id = x.bike_id AND t.tag = ?) IS NOT NULL)`,
    )
    .join(' ');
  const rest = others.flatMap((word) => [startOf(word), tagOf(word)]);
  const rows = await select<FoundRow>(
    on,
    `${FOUND} JOIN
       ((SELECT DISTINCT x.bike_id FROM bike_word x WHERE x.word LIKE ? ${has} LIMIT ${FOUND_AT_ONCE})
         UNION (SELECT x.bike_id FROM job x WHERE x.tag = ? ${has})) found ON found.bike_id = b.id
     ORDER BY (SELECT MAX(t.tag = ?) FROM job t WHERE t.bike_id = b.id) DESC, bikeName, bikeId`,
    [startOf(longest), ...rest, tagOf(longest), ...rest, tagOf(longest)],
  );
  return rows.map(foundOf);
}

export async function addCustomer(on: Queryable, customer: Customer, at: Date): Promise<void> {
  await insert(on, 'customer', {
    id: customer.id,
    name: customer.name,
    phone: customer.phone,
    created_at: at,
  });
}

/** What is written of a bike, as its row holds it. */
const columnsOf = (bike: Bike) => ({
  customer_id: bike.customerId,
  name: bike.name,
  maker: bike.maker,
  serial: bike.serial,
  motor: bike.motor,
  system_mass_kg: bike.systemMassKg,
  terrain: bike.terrain,
  wet: bike.wet,
  km_per_week: bike.kmPerWeek,
  fork_material: bike.forkMaterial,
  frame_material: bike.frameMaterial,
  front_brake: bike.frontBrake,
  rear_brake: bike.rearBrake,
  third_brake: bike.thirdBrake,
  third_place: bike.thirdPlace,
  shared_lever: bike.sharedLever,
  further_brakes: bike.furtherBrakes,
});

/** A correction of a bike or of a customer, from one version to the next. */
interface Corrected<T> {
  id: string;
  version: number;
  was: T;
  became: T;
  at: Date;
  personId: string;
}

export async function changeBike(
  on: Queryable,
  { id, version, was, became, at, personId, words }: Corrected<Bike> & { words: string },
): Promise<void> {
  const columns = columnsOf(became);
  await run(
    on,
    `UPDATE bike SET ${Object.keys(columns)
      .map((column) => `${column} = ?`)
      .join(', ')}, version = version + 1 WHERE id = ?`,
    [...Object.values(columns), became.id],
  );
  await insert(on, 'bike_change', {
    id,
    bike_id: became.id,
    version,
    was: JSON.stringify(was),
    became: JSON.stringify(became),
    words,
    changed_at: at,
    changed_by: personId,
  });
}

/** The customer, held until the transaction ends. */
export async function holdCustomer(
  on: Queryable,
  id: string,
): Promise<(Customer & { version: number }) | null> {
  await select(on, 'SELECT id FROM customer WHERE id = ? FOR UPDATE', [id]);
  return customerById(on, id);
}

export async function changeCustomer(
  on: Queryable,
  { id, version, was, became, at, personId }: Corrected<Customer>,
): Promise<void> {
  await run(on, 'UPDATE customer SET name = ?, phone = ?, version = version + 1 WHERE id = ?', [
    became.name,
    became.phone,
    became.id,
  ]);
  await insert(on, 'customer_change', {
    id,
    customer_id: became.id,
    version,
    was: JSON.stringify(was),
    became: JSON.stringify(became),
    changed_at: at,
    changed_by: personId,
  });
}

/** Whether a bike of theirs is in the shop. */
export async function hasOpenJob(on: Queryable, customerId: string): Promise<boolean> {
  const row = await selectOne<{ id: string }>(
    on,
    "SELECT j.id FROM bike b JOIN job j ON j.bike_id = b.id WHERE b.customer_id = ? AND j.status = 'open' LIMIT 1",
    [customerId],
  );
  return row !== null;
}

export async function isErased(on: Queryable, customerId: string): Promise<boolean> {
  return (
    (await selectOne(on, 'SELECT id FROM erasure WHERE customer_id = ?', [customerId])) !== null
  );
}

/** Erases what is written of a customer, and keeps that it was; `nobody` stands where the names were. */
export async function addErasure(
  on: Queryable,
  erasure: { id: string; customerId: string; because: string; at: Date; personId: string },
  nobody: string,
): Promise<void> {
  await insert(on, 'erasure', {
    id: erasure.id,
    customer_id: erasure.customerId,
    because: erasure.because,
    at: erasure.at,
    by_person: erasure.personId,
  });
  await run(on, 'CALL erase_customer(?, ?, ?, ?)', [
    erasure.customerId,
    nobody,
    erasure.at,
    erasure.personId,
  ]);
}

export async function addBike(on: Queryable, bike: Bike, at: Date): Promise<void> {
  await insert(on, 'bike', { id: bike.id, ...columnsOf(bike), created_at: at });
}

export async function bikeById(
  on: Queryable,
  id: string,
): Promise<(Bike & { version: number }) | null> {
  const row = await selectOne<BikeRow & { version: number }>(
    on,
    `SELECT ${BIKE_COLUMNS}, b.version FROM bike b WHERE b.id = ?`,
    [id],
  );
  return row && bikeOf(row);
}

/** The bike, held until the transaction ends: two corrections wait for each other. */
export async function holdBike(
  on: Queryable,
  id: string,
): Promise<(Bike & { version: number }) | null> {
  await select(on, 'SELECT id FROM bike WHERE id = ? FOR UPDATE', [id]);
  return bikeById(on, id);
}

/** The bike that has this serial, however it was copied off the frame, by its id; null where none has it, and for no serial at all. */
export async function bikeOfSerial(on: Queryable, serial: string): Promise<string | null> {
  const rows = await select<{ id: string; serial: string }>(
    on,
    'SELECT b.id, b.serial FROM bike_word w JOIN bike b ON b.id = w.bike_id WHERE w.word = ? ORDER BY b.id',
    [wordOf(serial)],
  );
  return rows.find((row) => isCopyOf(row.serial, serial))?.id ?? null;
}

/** Customers of exactly this name, however many. */
export function customersNamed(
  on: Queryable,
  name: string,
): Promise<{ id: string; phone: string | null }[]> {
  return select(on, 'SELECT id, phone FROM customer WHERE name = ? ORDER BY id LIMIT 20', [name]);
}

/** Bikes of a customer that go by this name. */
export function bikesNamed(
  on: Queryable,
  customerId: string,
  name: string,
): Promise<{ id: string; serial: string }[]> {
  return select(on, 'SELECT id, serial FROM bike WHERE customer_id = ? AND name = ?', [
    customerId,
    name,
  ]);
}

/** Corrections of a bike, newest first. */
export async function changesOfBike(on: Queryable, bikeId: string): Promise<BikeChange[]> {
  const rows = await select<Omit<BikeChange, 'at'> & { at: Date }>(
    on,
    `SELECT h.id, h.was, h.became, h.words, h.changed_at AS at, p.name AS \`by\`
       FROM bike_change h JOIN person p ON p.id = h.changed_by WHERE h.bike_id = ? ORDER BY h.version DESC`,
    [bikeId],
  );
  return rows.map((row) => ({ ...row, at: row.at.toISOString() }));
}

export function customerById(
  on: Queryable,
  id: string,
): Promise<(Customer & { version: number }) | null> {
  return selectOne(on, 'SELECT id, name, phone, version FROM customer WHERE id = ?', [id]);
}

/** A bike's jobs, newest first. */
export async function jobsOfBike(on: Queryable, bikeId: string): Promise<BikePage['jobs']> {
  const rows = await select<
    Omit<BikePage['jobs'][number], 'promisedAt' | 'sealedAt' | 'notRepaired'> & {
      notRepaired: number;
      promisedAt: Date;
      sealedAt: Date | null;
    }
  >(
    on,
    `SELECT j.id, j.tag, j.status, j.complaint, j.odometer_km AS odometerKm, j.promised_at AS promisedAt, s.sealed_at AS sealedAt, s.seal,
            JSON_VALUE(s.canonical, '$.record.notRepaired.words') IS NOT NULL AS notRepaired
       FROM job j LEFT JOIN sealed_record s ON s.job_id = j.id AND s.nth = 0
      WHERE j.bike_id = ? ORDER BY j.tag DESC`,
    [bikeId],
  );
  return rows.map((row) => ({
    ...row,
    promisedAt: row.promisedAt.toISOString(),
    sealedAt: row.sealedAt?.toISOString() ?? null,
    notRepaired: row.notRepaired === 1,
  }));
}

export type WearLine = Omit<BikePage['wear'][number], 'outlook'>;

/**
 * The least thickness that each visit's last sitting found, oldest first, with the part's life it belongs to: every
 * part fitted at that end begins a new one.
 */
export async function thicknessOfBike(on: Queryable, bikeId: string): Promise<WearLine[]> {
  const rows = await select<
    Omit<ThicknessPoint, 'measuredOn' | 'upperBound'> & {
      at: Date;
      upperBound: number;
      end: 'front' | 'rear';
      part: 'rotor' | 'pads';
    }
  >(
    on,
    `SELECT m.id AS measurementId, m.job_id AS jobId, m.at, m.brake_end AS end, m.part, j.odometer_km AS odometerKm,
            j.tag, v.least_mm AS leastMm, v.doubt_mm AS doubtMm, v.limit_mm AS limitMm, v.upper_bound AS upperBound,
            (SELECT COUNT(*) FROM fitting f JOIN job fj ON fj.id = f.job_id
              WHERE fj.bike_id = j.bike_id AND f.fitted_as <> 'found' AND f.brake_end = m.brake_end AND f.part = m.part AND f.seq < m.seq) AS life
       FROM measurement m
       JOIN job j ON j.id = m.job_id
       JOIN verdict v ON v.measurement_id = m.id
      WHERE j.bike_id = ? AND m.part IN ('rotor', 'pads') AND v.least_mm IS NOT NULL
        AND v.seq = (SELECT MAX(n.seq) FROM verdict n WHERE n.measurement_id = m.id)
      ORDER BY m.brake_end, m.part DESC, m.seq`,
    [bikeId],
  );
  const groups = new Map<string, WearLine>();
  for (const { end, part, at, upperBound, ...row } of rows) {
    const group = groups.get(`${end} ${part}`) ?? { end, part, points: [] };
    groups.set(`${end} ${part}`, group);
    const point = { ...row, measuredOn: at.toISOString(), upperBound: upperBound === 1 };
    const previous = group.points.at(-1);
    if (previous?.jobId === point.jobId && previous.life === point.life) group.points.pop();
    group.points.push(point);
  }
  return [...groups.values()];
}

/** The visit that hung the last do-not-ride on the bike that nothing has lifted since. */
export function openDoNotRide(
  on: Queryable,
  bikeId: string,
): Promise<{ tag: number; jobId: string } | null> {
  return selectOne(
    on,
    `SELECT j.tag, j.id AS jobId FROM bike_tag t JOIN job j ON j.id = t.job_id
      WHERE t.bike_id = ? AND t.lifted_at IS NULL AND t.sort = 'do-not-ride' ORDER BY j.tag DESC LIMIT 1`,
    [bikeId],
  );
}
