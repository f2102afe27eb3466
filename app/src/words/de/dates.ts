import { format } from 'date-fns/format';
import { de as locale } from 'date-fns/locale/de';
import type { DateWords } from '../catalogue/dates';

export const dates: DateWords = {
  heading: (day) => format(day, 'EEEE, d. MMMM', { locale }),
  weekday: (day) => format(day, 'EEEEEE', { locale }),
  full: (day) => format(day, 'd. MMM yyyy', { locale }),
  hour: (moment) => format(moment, 'HH:mm', { locale }),
  tomorrow: 'morgen',
  yesterday: 'gestern',
};
