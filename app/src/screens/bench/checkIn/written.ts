import { Bike, Customer } from '@hold-fast/contract/bikes';
import { CheckIn } from '@hold-fast/contract/checkIn';
import { BRAKE_TYPES } from '@hold-fast/core/kit/bike';
import { z } from 'zod';
import { checkInWords } from '../../../words/checkIn';
import { needed } from '../../needed';
import { moneyCents } from './visitForm';

// What the server would refuse of a check-in, said before it is sent.

const { checkIn, visitFields } = checkInWords;

/** What may stand in a field; `wrong` is said of what may not. */
const held = <T>(may: (written: T) => boolean, wrong: string) =>
  z.custom<T>((written) => may(written as T), wrong);

/** A visit as its form holds it. */
export const WrittenVisit = z.looseObject({
  complaint: needed(visitFields.writeWhatTheRiderSays, CheckIn.shape.complaint),
  odometerKm: held<number | null>(
    (km) => CheckIn.shape.odometerKm.safeParse(km).success,
    visitFields.digitsOnly,
  ),
  ringAbove: held<string>((text) => moneyCents(text) !== undefined, visitFields.aNumberOfMoney),
});

/** A visit of a bike that nobody knows yet, with the bike and its customer. */
export const WrittenWithBike = WrittenVisit.extend({
  ...Bike.omit({ id: true, customerId: true }).shape,
  name: needed(checkIn.giveTheBikeAName, Bike.shape.name),
  motor: z.boolean(checkIn.sayWhetherItHasAMotor),
  thirdBrake: z.enum(BRAKE_TYPES, checkIn.sayWhetherItHasAThird),
  customerName: needed(checkIn.writeTheCustomersName, Customer.shape.name),
  phone: held<string | null>(
    (phone) => Customer.shape.phone.safeParse(phone).success,
    checkIn.digitsSpacesAndALeading,
  ),
});
