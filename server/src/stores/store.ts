import type {
  Container,
  ContainerInStore,
  FilledFrom,
  Gauge,
  GaugeInStore,
  StockInStore,
  StockLine,
  StockMove,
  WasteCan,
  Wrench,
  WrenchInStore,
} from '@hold-fast/contract/stores';
import type { Fluid } from '@hold-fast/contract/sheets';
import type { Page } from '@hold-fast/contract/jobs';
import { fluidNamed, nameOf } from '@hold-fast/core/fluid/families';
import { insert, run, select, selectOne, type Queryable } from '../platform/database';
import { madeInto, pageOf } from '../platform/page';

const GAUGE = `SELECT id, name, kind, resolution_mm AS resolutionMm, uncertainty_mm AS uncertaintyMm,
  uncertainty_assumed AS uncertaintyAssumed, anvils, calibration_due_on AS calibrationDueOn,
  feed_serial AS feedSerial, retired, version, uses FROM gauge`;
const WRENCH = `SELECT id, name, kind, feed_serial AS feedSerial, retired, version, max_nm AS maxNm, mark_nm AS markNm, tolerance,
  tolerance_assumed AS toleranceAssumed, calibration_due_on AS calibrationDueOn, uses FROM wrench`;
const CONTAINER = `SELECT c.id, c.label, c.family, c.fluid_name AS fluidName, c.lot, c.size_ml AS sizeMl,
  c.opened_on AS openedOn, c.printed_use_by AS printedUseBy, c.months_after_opening AS monthsAfterOpening,
  c.looks AS \`condition\`, c.written_off AS writtenOff, c.written_off_reason AS writtenOffReason,
  c.wrong_fluid AS wrongFluid,
  c.version, c.size_ml - c.used_ml AS remainingMl
  FROM container c`;

type GaugeRow = Omit<GaugeInStore, 'uncertaintyAssumed' | 'retired'> & {
  uncertaintyAssumed: number;
  retired: number;
};
type WrenchRow = Omit<WrenchInStore, 'toleranceAssumed' | 'retired'> & {
  toleranceAssumed: number;
  retired: number;
};
type ContainerRow = Omit<ContainerInStore, 'fluid' | 'writtenOff' | 'wrongFluid'> & {
  family: Fluid['family'];
  fluidName: string;
  writtenOff: number;
  wrongFluid: number;
};

const gaugeOf = (row: GaugeRow): GaugeInStore => ({
  ...row,
  retired: row.retired === 1,
  uncertaintyAssumed: row.uncertaintyAssumed === 1,
});
const wrenchOf = (row: WrenchRow): WrenchInStore => ({
  ...row,
  retired: row.retired === 1,
  toleranceAssumed: row.toleranceAssumed === 1,
});

function containerOf({ family, fluidName, ...row }: ContainerRow): ContainerInStore {
  const fluid = fluidNamed(family, fluidName);
  return {
    ...row,
    fluid,
    writtenOff: row.writtenOff === 1,
    wrongFluid: row.wrongFluid === 1,
  };
}

export async function gaugesPage(on: Queryable, after: string | null): Promise<Page<GaugeInStore>> {
  const list = { rows: GAUGE, key: 'name', keyOf: 'SELECT a.name FROM gauge a WHERE a.id = ?' };
  return madeInto(await pageOf<GaugeRow>(on, list, after), gaugeOf);
}

export async function gaugeById(on: Queryable, id: string): Promise<GaugeInStore | null> {
  const row = await selectOne<GaugeRow>(on, `${GAUGE} WHERE id = ?`, [id]);
  return row && gaugeOf(row);
}

export async function wrenchesPage(
  on: Queryable,
  after: string | null,
): Promise<Page<WrenchInStore>> {
  const list = { rows: WRENCH, key: 'name', keyOf: 'SELECT a.name FROM wrench a WHERE a.id = ?' };
  return madeInto(await pageOf<WrenchRow>(on, list, after), wrenchOf);
}

export async function wrenchById(on: Queryable, id: string): Promise<WrenchInStore | null> {
  const row = await selectOne<WrenchRow>(on, `${WRENCH} WHERE id = ?`, [id]);
  return row && wrenchOf(row);
}

/** The gauge, held until the transaction ends: a change is made from one version of it. */
export async function holdGauge(on: Queryable, id: string): Promise<GaugeInStore | null> {
  await select(on, 'SELECT id FROM gauge WHERE id = ? FOR UPDATE', [id]);
  return gaugeById(on, id);
}

/** The wrench, held until the transaction ends. */
export async function holdWrench(on: Queryable, id: string): Promise<WrenchInStore | null> {
  await select(on, 'SELECT id FROM wrench WHERE id = ? FOR UPDATE', [id]);
  return wrenchById(on, id);
}

export async function countClicks(on: Queryable, wrenchId: string, clicks: number): Promise<void> {
  await run(on, 'UPDATE wrench SET uses = uses + ? WHERE id = ?', [clicks, wrenchId]);
}

export async function containersPage(
  on: Queryable,
  after: string | null,
): Promise<Page<ContainerInStore>> {
  const keyOf = 'SELECT a.label FROM container a WHERE a.id = ?';
  const list = { rows: CONTAINER, key: 'c.label', keyOf };
  return madeInto(await pageOf<ContainerRow>(on, list, after), containerOf);
}

/** The container, held until the transaction ends, so that two mechanics cannot take the same last mL. */
export async function holdContainer(on: Queryable, id: string): Promise<ContainerInStore | null> {
  await select(on, 'SELECT id FROM container WHERE id = ? FOR UPDATE', [id]);
  return containerById(on, id);
}

/** Notes that a sealed container is opened, as a change of it: a form that was read before would seal it again. */
export async function noteOpened(on: Queryable, containerId: string, day: string): Promise<void> {
  await run(
    on,
    'UPDATE container SET opened_on = ?, version = version + 1 WHERE id = ? AND opened_on IS NULL',
    [day, containerId],
  );
}

/** What calls itself so on the feed, and the unit it has to be set to. */
export async function deviceOnFeed(
  on: Queryable,
  serial: string,
): Promise<{ id: string; unit: 'mm' | 'Nm' } | null> {
  const row = await selectOne<{ id: string; unit: 'mm' | 'Nm' }>(
    on,
    `SELECT id, 'mm' AS unit FROM gauge WHERE feed_serial = ?
      UNION ALL SELECT id, 'Nm' FROM wrench WHERE feed_serial = ? LIMIT 1`,
    [serial, serial],
  );
  return row;
}

/** How many instruments are registered on the feed. */
export async function devicesOnFeed(on: Queryable): Promise<number> {
  const row = await selectOne<{ devices: number }>(
    on,
    `SELECT (SELECT COUNT(*) FROM gauge WHERE feed_serial IS NOT NULL)
          + (SELECT COUNT(*) FROM wrench WHERE feed_serial IS NOT NULL) AS devices`,
  );
  return row!.devices;
}

const gaugeColumns = (gauge: Gauge) => ({
  name: gauge.name,
  kind: gauge.kind,
  resolution_mm: gauge.resolutionMm,
  uncertainty_mm: gauge.uncertaintyMm,
  uncertainty_assumed: gauge.uncertaintyAssumed,
  anvils: gauge.anvils,
  calibration_due_on: gauge.calibrationDueOn,
  feed_serial: gauge.feedSerial,
  retired: gauge.retired,
});

export async function addGauge(on: Queryable, gauge: Gauge): Promise<void> {
  await insert(on, 'gauge', { id: gauge.id, ...gaugeColumns(gauge) });
}

/** Changes a gauge and keeps what it was. Readings taken with it keep the gauge as it stood. */
export async function changeGauge(
  on: Queryable,
  { was, gauge, at, personId }: { was: GaugeInStore; gauge: Gauge; at: Date; personId: string },
): Promise<void> {
  const columns = gaugeColumns(gauge);
  await run(
    on,
    `UPDATE gauge SET ${Object.keys(columns)
      .map((column) => `${column} = ?`)
      .join(', ')}, version = version + 1 WHERE id = ?`,
    [...Object.values(columns), gauge.id],
  );
  await insert(on, 'gauge_change', {
    gauge_id: gauge.id,
    version: was.version + 1,
    was: JSON.stringify(was),
    became: JSON.stringify(gauge),
    changed_at: at,
    changed_by: personId,
  });
}

const wrenchColumns = (wrench: Wrench) => ({
  name: wrench.name,
  kind: wrench.kind,
  max_nm: wrench.maxNm,
  mark_nm: wrench.markNm,
  tolerance: wrench.tolerance,
  tolerance_assumed: wrench.toleranceAssumed,
  calibration_due_on: wrench.calibrationDueOn,
  uses: wrench.uses,
  feed_serial: wrench.feedSerial,
  retired: wrench.retired,
});

const containerColumns = (container: Container) => ({
  label: container.label,
  family: container.fluid.family,
  fluid_name: nameOf(container.fluid),
  lot: container.lot,
  size_ml: container.sizeMl,
  opened_on: container.openedOn,
  printed_use_by: container.printedUseBy,
  months_after_opening: container.monthsAfterOpening,
  looks: container.condition,
  written_off: container.writtenOff,
  written_off_reason: container.writtenOffReason,
  wrong_fluid: container.wrongFluid,
});

export async function addWrench(on: Queryable, wrench: Wrench): Promise<void> {
  await insert(on, 'wrench', { id: wrench.id, ...wrenchColumns(wrench) });
}

export async function addContainer(on: Queryable, container: Container): Promise<void> {
  await insert(on, 'container', { id: container.id, ...containerColumns(container) });
}

interface Change<T> {
  was: T & { id: string; version: number };
  became: T;
  at: Date;
  personId: string;
}

/** Changes a wrench and keeps what it was. Bolts set with it keep the wrench as it stood. */
export function changeWrench(on: Queryable, change: Change<Wrench>): Promise<void> {
  return changeThing(on, 'wrench', change, wrenchColumns(change.became));
}

/** Changes a container and keeps what it was. */
export function changeContainer(on: Queryable, change: Change<Container>): Promise<void> {
  return changeThing(on, 'container', change, containerColumns(change.became));
}

async function changeThing(
  on: Queryable,
  what: 'wrench' | 'container' | 'stock_line',
  { was, became, at, personId }: Change<object>,
  columns: Record<string, string | number | boolean | null>,
): Promise<void> {
  await run(
    on,
    `UPDATE ${what} SET ${Object.keys(columns)
      .map((column) => `${column} = ?`)
      .join(', ')}, version = version + 1 WHERE id = ?`,
    [...Object.values(columns), was.id],
  );
  await insert(on, 'store_change', {
    what,
    thing_id: was.id,
    version: was.version + 1,
    was: JSON.stringify(was),
    became: JSON.stringify(became),
    changed_at: at,
    changed_by: personId,
  });
}

const STOCK = `SELECT l.id, l.version, l.part, l.description, l.fits, l.reorder_at AS reorderAt, l.price_cents AS priceCents,
  l.pieces AS count,
  (SELECT JSON_ARRAYAGG(b.batch ORDER BY b.came_seq DESC) FROM stock_batch b WHERE b.stock_id = l.id AND b.pieces > 0) AS batches
  FROM stock_line l`;

type StockRow = Omit<StockInStore, 'batches'> & { batches: string[] | null };
const stockOf = ({ batches, ...row }: StockRow): StockInStore => ({
  ...row,
  batches: batches ?? [],
});

export async function stockPage(on: Queryable, after: string | null): Promise<Page<StockInStore>> {
  const keyOf = 'SELECT a.part, a.description FROM stock_line a WHERE a.id = ?';
  const list = { rows: STOCK, key: 'l.part, l.description', keyOf };
  return madeInto(await pageOf<StockRow>(on, list, after), stockOf);
}

export async function stockById(on: Queryable, id: string): Promise<StockInStore | null> {
  const row = await selectOne<StockRow>(on, `${STOCK} WHERE l.id = ?`, [id]);
  return row && stockOf(row);
}

/** The kind of part, held until the transaction ends, so that two mechanics cannot take the same last one. */
export async function holdStock(on: Queryable, id: string): Promise<StockInStore | null> {
  await select(on, 'SELECT id FROM stock_line WHERE id = ? FOR UPDATE', [id]);
  return stockById(on, id);
}

/** Whether the shelf has this kind of part, by the name it goes by. */
export async function isInStock(
  on: Queryable,
  { part, description }: Pick<StockLine, 'part' | 'description'>,
): Promise<boolean> {
  const row = await selectOne(on, 'SELECT id FROM stock_line WHERE part = ? AND description = ?', [
    part,
    description,
  ]);
  return row !== null;
}

type Changeable = Pick<StockLine, 'fits' | 'reorderAt' | 'priceCents'>;

const stockColumns = (line: Changeable) => ({
  fits: line.fits,
  reorder_at: line.reorderAt,
  price_cents: line.priceCents,
});

export async function addStockLine(on: Queryable, line: StockLine): Promise<void> {
  const { id, part, description } = line;
  await insert(on, 'stock_line', { id, part, description, ...stockColumns(line) });
}

/** Changes what is written of a kind of part and keeps what it was. What jobs took keeps it as it stood. */
export function changeStockLine(on: Queryable, change: Change<Changeable>): Promise<void> {
  return changeThing(on, 'stock_line', change, stockColumns(change.became));
}

export async function moveStock(
  on: Queryable,
  { id, stockId, pieces, batch, why }: StockMove,
  { seq, at, personId }: { seq: number; at: Date; personId: string },
): Promise<void> {
  await insert(on, 'stock_move', {
    id,
    seq,
    stock_id: stockId,
    pieces,
    batch,
    why,
    at,
    by_person: personId,
  });
}

/** What stands in each waste can: all that was drained since it was last handed over. */
export async function wasteCans(on: Queryable): Promise<WasteCan[]> {
  const rows = await select<{ family: WasteCan['family']; ml: number; handedOverAt: Date | null }>(
    on,
    'SELECT family, CAST(ml AS DOUBLE) AS ml, handed_over_at AS handedOverAt FROM waste_can ORDER BY family',
  );
  return rows.map((row) => ({ ...row, handedOverAt: row.handedOverAt?.toISOString() ?? null }));
}

export async function handWasteOver(
  on: Queryable,
  handed: { id: string; seq: number; family: WasteCan['family']; at: Date; personId: string },
): Promise<void> {
  await insert(on, 'waste_handed_over', {
    id: handed.id,
    seq: handed.seq,
    family: handed.family,
    at: handed.at,
    by_person: handed.personId,
  });
}

export async function containerById(on: Queryable, id: string): Promise<ContainerInStore | null> {
  const row = await selectOne<ContainerRow>(on, `${CONTAINER} WHERE c.id = ?`, [id]);
  return row && containerOf(row);
}

const FILLED = `SELECT f.id, f.at, f.brake_end AS end, f.ml, j.id AS jobId, j.tag, b.id AS bikeId, b.name AS bikeName,
  c.name AS customerName
  FROM fill f JOIN job j ON j.id = f.job_id JOIN bike b ON b.id = j.bike_id JOIN customer c ON c.id = b.customer_id`;

/** Where fluid of a container went, the last first. */
export async function filledFrom(
  on: Queryable,
  containerId: string,
  after: string | null,
): Promise<Page<FilledFrom>> {
  const list = {
    rows: FILLED,
    where: { sql: 'f.container_id = ?', values: [containerId] },
    key: 'f.seq',
    keyOf: 'SELECT a.seq FROM fill a WHERE a.id = ?',
    descending: true,
  };
  const page = await pageOf<Omit<FilledFrom, 'at'> & { at: Date }>(on, list, after);
  return madeInto(page, (row) => ({ ...row, at: row.at.toISOString() }));
}

/** Hangs a do-not-ride on every bike that fluid of a container went into, each end once, at its last filling. */
export async function quarantine(on: Queryable, containerId: string, at: Date): Promise<void> {
  await run(
    on,
    `INSERT INTO bike_tag (id, bike_id, job_id, brake_end, subject, found, raised_at, container_id, raised_seq)
     SELECT UUID(), j.bike_id, f.job_id, f.brake_end, 'fluid', '["fluid-wrong"]', ?, f.container_id,
            (SELECT MAX(w.seq) FROM accepted_write w)
       FROM fill f JOIN job j ON j.id = f.job_id
      WHERE f.container_id = ? AND f.seq = (SELECT MAX(l.seq) FROM fill l JOIN job k ON k.id = l.job_id
            WHERE l.container_id = f.container_id AND k.bike_id = j.bike_id AND l.brake_end = f.brake_end)`,
    [at, containerId],
  );
}

/** Takes a container's do-not-rides off again: its fluid was the right one after all. */
export async function endQuarantine(on: Queryable, containerId: string, at: Date): Promise<void> {
  await run(on, 'UPDATE bike_tag SET lifted_at = ? WHERE container_id = ? AND lifted_at IS NULL', [
    at,
    containerId,
  ]);
}
