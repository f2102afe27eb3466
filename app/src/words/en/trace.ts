import type { TraceWords } from '../catalogue/trace';
import { format } from '../format';

export const trace: TraceWords = {
  title: 'Trace',
  says: 'A bad lot, a wrench out of calibration, a faulty batch: every bike it reached, to ring them all.',
  by: 'Where it came from',
  of: {
    lot: 'Fluid lot',
    container: 'Container',
    wrench: 'Wrench',
    gauge: 'Gauge',
    batch: 'Part batch',
    mechanic: 'Mechanic',
    sheet: 'Spec sheet',
  },
  name: {
    lot: 'Lot, as printed',
    container: 'Its label',
    wrench: 'Its name',
    gauge: 'Its name',
    batch: 'Batch, as printed',
    mechanic: 'Their name',
    sheet: 'Its title',
  },
  find: 'Trace it',
  none: 'It reached nobody',
  noneSays:
    'Nothing of that name was used in these days. Mind the spelling: it is looked for whole.',
  reached: (count, more) =>
    `${count}${more ? ' and more' : ''} ${format.plural(count, 'visit', 'visits')}`,
  ml: (ml) => `${ml} mL`,
  brought: 'put in elsewhere, by its passport',
  csv: 'Save as CSV',
  writeAll: (count) => format.plural(count, 'Write to them', `Write to these ${count}`),
  writeSays: 'The same words to each of them. Where no number is written, ring or go there.',
  draft: (what) =>
    `Please do not ride your bike until we have looked at its brakes: ${what}. Ring us today.`,
  sentTo: (count, of) => `Sent to ${count} of ${of}`,
  notSent: (names) => `Not sent, no number: ${names}.`,
  changed: (what, was, now) => `${what}: ${was} then, ${now} by the sheet of today`,
  columns: {
    tag: 'Tag',
    day: 'Day',
    customer: 'Customer',
    phone: 'Phone',
    bike: 'Bike',
    what: 'What',
  },
};
