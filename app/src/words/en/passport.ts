import type { PassportWords } from '../catalogue/passport';
import { capital } from '../capital';

export const passport: PassportWords = {
  title: 'Passport',
  back: 'The bike',
  how: 'What another workshop sealed of this bike, as its file says it. It is kept and shown here; a do-not-ride of theirs hangs on the bike here too, and a maker’s notice of a lot they put in meets it.',
  choose: 'Choose a passport file',
  noPassport: 'This is no passport of a bike. Nothing was read.',
  noSerial: 'One of them has no serial: see for yourself that it is this bike.',
  unaltered: 'Nothing was altered since it was written',
  provesNothing:
    'Its seals say no more than that. Who wrote it they do not say: nothing in it passes anything here. Measure and look yourself.',
  take: 'Take it in',
  taken: (at, by) => `Taken in ${at} by ${by}`,
  doNotRide: (thing) => `Do not ride: ${thing}`,
  againstAdvice: (thing, said) => `${capital(thing)}, ridden against advice: “${said}”`,
  noVisits: 'It brings no visit.',
  visit: (day, tag) => `Visit ${tag}, signed ${day}`,
  out: 'To take elsewhere',
  write: 'This bike’s passport, as a file',
};
