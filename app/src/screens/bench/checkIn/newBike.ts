import { Bike, type Customer } from '@hold-fast/contract/bikes';
import { USUAL_USE, type BrakeType } from '@hold-fast/core/kit/bike';
import { z } from 'zod';
import type { WrittenBike } from '../../bikes/BikeFields';

/** A customer and a bike that nobody knows yet, as the form holds them. */
export interface NewBike extends Omit<WrittenBike, 'motor' | 'thirdBrake'> {
  /** Null until somebody says: of a bike with a motor each lever's cut-off is tried. */
  motor: boolean | null;
  /** Null until somebody says: one that nobody speaks of is judged by nobody. */
  thirdBrake: BrakeType | null;
  customerName: string;
  phone: string | null;
}

/** Nothing written yet, of a customer by this name. */
export const blankBike = (customerName: string): NewBike => ({
  ...USUAL_USE,
  customerName,
  phone: null,
  name: '',
  maker: '',
  serial: '',
  motor: null,
  thirdBrake: null,
});

/** Of what else a form holds, the bike alone. */
const TheBike = z.object(Bike.omit({ id: true, customerId: true }).shape);

/** What the form makes: the customer and the bike, by their ids. */
export function madeOf(
  written: NewBike,
  ids: { customer: string; bike: string },
): { customer: Customer; bike: Bike } {
  return {
    customer: { id: ids.customer, name: written.customerName, phone: written.phone },
    bike: { ...TheBike.parse(written), id: ids.bike, customerId: ids.customer },
  };
}
