import { format } from 'date-fns/format';
import { enGB as locale } from 'date-fns/locale/en-GB';
import type { DateWords } from '../catalogue/dates';

export const dates: DateWords = {
  heading: (day) => format(day, 'EEEE d MMMM', { locale }),
  weekday: (day) => format(day, 'EEE', { locale }),
  full: (day) => format(day, 'd MMM yyyy', { locale }),
  hour: (moment) => format(moment, 'HH:mm', { locale }),
  tomorrow: 'tomorrow',
  yesterday: 'yesterday',
};
