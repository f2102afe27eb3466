import { z } from 'zod';
import { Bike, Customer } from './bikes';
import { Id } from './fields';
import { ROWS_A_REQUEST } from './rowsIn';

/** A customer, and one bike of theirs; a row of a customer alone has none. */
export const BikeRow = z.strictObject({
  /** The line of the table it stands on, the names of the columns on the first. */
  line: z.int().min(2),
  customer: Customer.omit({ id: true }),
  bike: Bike.omit({ id: true, customerId: true }).nullable(),
});
export type BikeRow = z.infer<typeof BikeRow>;

export const BikeImport = z.strictObject({
  id: Id,
  /** What would be done, or do it. */
  mode: z.enum(['preview', 'take']),
  rows: z.array(BikeRow).min(1).max(ROWS_A_REQUEST),
});
export type BikeImport = z.infer<typeof BikeImport>;

/** The columns of a table of customers and bikes, in their order. */
export const BIKE_COLUMNS = [
  'customer',
  'phone',
  'bike',
  'maker',
  'serial',
  'motor',
  'mass_kg',
  'terrain',
  'wet',
  'km_per_week',
  'fork',
  'frame',
  'front_brake',
  'rear_brake',
  'third_brake',
  'third_place',
  'shared_lever',
  'further_brakes',
] as const;
export type BikeColumn = (typeof BIKE_COLUMNS)[number];
