import { BIKE_COLUMNS, type BikeColumn, type BikeRow } from './bikeRows';
import { BIKES } from './bikeTable';
import { textOf } from './csv';
import { readText } from './readText';
import type { ReadTable } from './table';

// Customers and their bikes as a table: what is sent out can be taken in again.

/** Reads a table of customers and bikes. */
export const readBikeTable = (text: string): ReadTable<BikeRow> => readText(text, BIKES);

type Out = Omit<BikeRow, 'line'>;
const yes = (is: boolean) => (is ? 'yes' : 'no');

/** Rows as a table that {@link readBikeTable} reads again; cells that a spreadsheet would run are marked as text. */
export function bikeTable(rows: readonly Out[], withNames: boolean): string {
  return textOf(
    BIKE_COLUMNS,
    rows.map(({ customer, bike }) => {
      const cells: Record<BikeColumn, string | number | null> = {
        customer: customer.name,
        phone: customer.phone,
        bike: bike?.name ?? '',
        maker: bike?.maker ?? '',
        serial: bike?.serial ?? '',
        motor: bike ? yes(bike.motor) : '',
        mass_kg: bike?.systemMassKg ?? '',
        terrain: bike?.terrain ?? '',
        wet: bike ? yes(bike.wet) : '',
        km_per_week: bike?.kmPerWeek ?? '',
        fork: bike?.forkMaterial ?? '',
        frame: bike?.frameMaterial ?? '',
        front_brake: bike?.frontBrake ?? '',
        rear_brake: bike?.rearBrake ?? '',
        third_brake: bike?.thirdBrake ?? '',
        third_place: bike?.thirdPlace ?? '',
        shared_lever: bike?.sharedLever ?? '',
        further_brakes: bike?.furtherBrakes ?? '',
      };
      return BIKE_COLUMNS.map((name) => cells[name]);
    }),
    withNames,
  );
}
