import {
  BRAKE_TYPES,
  MATERIALS,
  SHARED_LEVERS,
  TERRAINS,
  THIRD_PLACES,
  type BrakeType,
  type SharedLever,
  type ThirdPlace,
} from '@hold-fast/core/kit/bike';
import { z } from 'zod';
import { BIKE_COLUMNS, BikeRow, type BikeColumn } from './bikeRows';
import { oneOf, truth, wholeNumber, type TableOf } from './table';

// Customers and their bikes as a table: what its columns hold.

const brake = oneOf(BRAKE_TYPES).transform((type): BrakeType => type ?? 'disc');
/** What the cells of each column come to, and how they are written. */
const COLUMNS = {
  customer: z.string(),
  phone: z.string().transform((said) => said || null),
  bike: z.string(),
  maker: z.string(),
  serial: z.string(),
  motor: truth(true),
  mass_kg: wholeNumber,
  terrain: oneOf(TERRAINS),
  wet: truth(true),
  km_per_week: wholeNumber,
  fork: oneOf(MATERIALS),
  frame: oneOf(MATERIALS),
  front_brake: brake,
  rear_brake: brake,
  third_brake: oneOf(BRAKE_TYPES),
  third_place: oneOf(THIRD_PLACES).transform((place): ThirdPlace => place ?? 'right-front'),
  shared_lever: oneOf(SHARED_LEVERS).transform((shared): SharedLever => shared ?? 'none'),
  further_brakes: z.string(),
} satisfies Record<BikeColumn, z.ZodType>;
const Cells = z.object(COLUMNS).refine((cells) => !hasBike(cells) || cells.third_brake !== null, {
  path: ['third_brake'],
  message: 'third-unsaid',
});
/** A row that says nothing of a bike is of a customer alone. */
function hasBike({ bike, serial, maker }: { bike: string; serial: string; maker: string }) {
  return bike !== '' || serial !== '' || maker !== '';
}
/** The column that a field of a row comes from. */
const COLUMN_OF: Readonly<Record<string, BikeColumn>> = {
  'customer.name': 'customer',
  'customer.phone': 'phone',
  'bike.name': 'bike',
  'bike.systemMassKg': 'mass_kg',
  'bike.kmPerWeek': 'km_per_week',
  'bike.forkMaterial': 'fork',
  'bike.frameMaterial': 'frame',
  'bike.frontBrake': 'front_brake',
  'bike.rearBrake': 'rear_brake',
  'bike.thirdBrake': 'third_brake',
  'bike.thirdPlace': 'third_place',
  'bike.sharedLever': 'shared_lever',
  'bike.furtherBrakes': 'further_brakes',
};

export const BIKES: TableOf<BikeColumn, BikeRow> = {
  columns: BIKE_COLUMNS,
  needed: ['customer'],
  cells: Cells,
  row: (line, cells: z.output<typeof Cells>) => {
    const { customer, phone, bike, maker, serial, motor, terrain, wet, ...rest } = cells;
    return {
      line,
      customer: { name: customer, phone },
      bike: hasBike(cells)
        ? {
            name: bike,
            maker,
            serial,
            motor,
            systemMassKg: rest.mass_kg,
            terrain,
            wet,
            kmPerWeek: rest.km_per_week,
            forkMaterial: rest.fork,
            frameMaterial: rest.frame,
            frontBrake: rest.front_brake,
            rearBrake: rest.rear_brake,
            thirdBrake: rest.third_brake,
            thirdPlace: rest.third_place,
            sharedLever: rest.shared_lever,
            furtherBrakes: rest.further_brakes,
          }
        : null,
    };
  },
  schema: BikeRow,
  columnOf: COLUMN_OF,
};
