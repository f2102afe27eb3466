import type { TraceWords } from '../catalogue/trace';

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
  },
  name: {
    lot: 'Lot, as printed',
    container: 'Its label',
    wrench: 'Its name',
    gauge: 'Its name',
    batch: 'Batch, as printed',
    mechanic: 'Their name',
  },
  find: 'Trace it',
  none: 'It reached nobody',
  noneSays:
    'Nothing of that name was used in these days. Mind the spelling: it is looked for whole.',
  reached: (count, more) => `${count}${more ? ' and more' : ''} visits`,
  ml: (ml) => `${ml} mL`,
  csv: 'Save as CSV',
  columns: {
    tag: 'Tag',
    day: 'Day',
    customer: 'Customer',
    phone: 'Phone',
    bike: 'Bike',
    what: 'What',
  },
};
