/** What of a bike decides what is asked of its brakes. */
interface AskedBike {
  motor: boolean;
}

/** Whether a correction makes less be asked of a bike: without a motor nobody tries its cut-offs. That takes a lead [D]. */
export const easesBike = (was: AskedBike, became: AskedBike): boolean => was.motor && !became.motor;
