import type {
  Container,
  ContainerInStore,
  Gauge,
  GaugeInStore,
  Wrench,
} from '@hold-fast/contract/stores';
import type { Fluid } from '@hold-fast/contract/sheets';
import { nameOf } from '@hold-fast/core/fluid/families';
import { insert, run, select, selectOne, type Asked } from '../platform/database';

const GAUGE = `SELECT id, name, kind, resolution_mm AS resolutionMm, uncertainty_mm AS uncertaintyMm,
  uncertainty_assumed AS uncertaintyAssumed, anvils, calibration_due_on AS calibrationDueOn,
  feed_serial AS feedSerial, retired, version,
  (SELECT COUNT(*) FROM reading r JOIN measurement m ON m.id = r.measurement_id WHERE m.gauge_id = gauge.id) AS uses
  FROM gauge`;
const WRENCH = `SELECT id, name, max_nm AS maxNm, mark_nm AS markNm, tolerance,
  tolerance_assumed AS toleranceAssumed, calibration_due_on AS calibrationDueOn, uses FROM wrench`;
const CONTAINER = `SELECT c.id, c.label, c.family, c.fluid_name AS fluidName, c.lot, c.size_ml AS sizeMl,
  c.opened_on AS openedOn, c.printed_use_by AS printedUseBy, c.months_after_opening AS monthsAfterOpening,
  c.looks AS \`condition\`, c.written_off AS writtenOff, c.written_off_reason AS writtenOffReason,
  c.size_ml - COALESCE((SELECT SUM(f.ml) FROM fill f WHERE f.container_id = c.id), 0) AS remainingMl
  FROM container c`;

type GaugeRow = Omit<GaugeInStore, 'uncertaintyAssumed' | 'retired'> & {
  uncertaintyAssumed: number;
  retired: number;
};
type WrenchRow = Omit<Wrench, 'toleranceAssumed'> & { toleranceAssumed: number };
type ContainerRow = Omit<ContainerInStore, 'fluid' | 'writtenOff'> & {
  family: Fluid['family'];
  fluidName: string;
  writtenOff: number;
};

const gaugeOf = (row: GaugeRow): GaugeInStore => ({
  ...row,
  retired: row.retired === 1,
  uncertaintyAssumed: row.uncertaintyAssumed === 1,
});
const wrenchOf = (row: WrenchRow): Wrench => ({
  ...row,
  toleranceAssumed: row.toleranceAssumed === 1,
});

function containerOf({ family, fluidName, ...row }: ContainerRow): ContainerInStore {
  const fluid = (
    family === 'mineral' ? { family, blend: fluidName } : { family, grade: fluidName }
  ) as Fluid;
  return { ...row, fluid, writtenOff: row.writtenOff === 1 };
}

export async function gauges(on: Asked): Promise<GaugeInStore[]> {
  return (await select<GaugeRow>(on, `${GAUGE} ORDER BY name LIMIT 200`)).map(gaugeOf);
}

export async function gaugeById(on: Asked, id: string): Promise<GaugeInStore | null> {
  const row = await selectOne<GaugeRow>(on, `${GAUGE} WHERE id = ?`, [id]);
  return row && gaugeOf(row);
}

export async function wrenches(on: Asked): Promise<Wrench[]> {
  return (await select<WrenchRow>(on, `${WRENCH} ORDER BY name LIMIT 200`)).map(wrenchOf);
}

export async function wrenchById(on: Asked, id: string): Promise<Wrench | null> {
  const row = await selectOne<WrenchRow>(on, `${WRENCH} WHERE id = ?`, [id]);
  return row && wrenchOf(row);
}

export async function countClicks(on: Asked, wrenchId: string, clicks: number): Promise<void> {
  await run(on, 'UPDATE wrench SET uses = uses + ? WHERE id = ?', [clicks, wrenchId]);
}

export async function containers(on: Asked): Promise<ContainerInStore[]> {
  return (await select<ContainerRow>(on, `${CONTAINER} ORDER BY c.label LIMIT 500`)).map(
    containerOf,
  );
}

/** The container, held until the transaction ends, so that two mechanics cannot take the same last mL. */
export async function holdContainer(on: Asked, id: string): Promise<ContainerInStore | null> {
  await select(on, 'SELECT id FROM container WHERE id = ? FOR UPDATE', [id]);
  const row = await selectOne<ContainerRow>(on, `${CONTAINER} WHERE c.id = ?`, [id]);
  return row && containerOf(row);
}

export async function noteOpened(on: Asked, containerId: string, day: string): Promise<void> {
  await run(on, 'UPDATE container SET opened_on = ? WHERE id = ? AND opened_on IS NULL', [
    day,
    containerId,
  ]);
}

/** The gauge that calls itself so on the feed. */
export async function gaugeOnFeed(on: Asked, serial: string): Promise<GaugeInStore | null> {
  const row = await selectOne<GaugeRow>(on, `${GAUGE} WHERE feed_serial = ?`, [serial]);
  return row && gaugeOf(row);
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

export async function addGauge(on: Asked, gauge: Gauge): Promise<void> {
  await insert(on, 'gauge', { id: gauge.id, ...gaugeColumns(gauge) });
}

/** Changes a gauge and keeps what it was. Readings taken with it keep the gauge as it stood. */
export async function changeGauge(
  on: Asked,
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

export async function addWrench(on: Asked, wrench: Wrench): Promise<void> {
  await insert(on, 'wrench', {
    id: wrench.id,
    name: wrench.name,
    max_nm: wrench.maxNm,
    mark_nm: wrench.markNm,
    tolerance: wrench.tolerance,
    tolerance_assumed: wrench.toleranceAssumed,
    calibration_due_on: wrench.calibrationDueOn,
    uses: wrench.uses,
  });
}

export async function addContainer(on: Asked, container: Container): Promise<void> {
  await insert(on, 'container', {
    id: container.id,
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
  });
}
