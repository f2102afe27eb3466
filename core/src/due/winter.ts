import { addDays } from 'date-fns/addDays';
import { formatISO } from 'date-fns/formatISO';
import { parseISO } from 'date-fns/parseISO';

/** So shortly before the end of a winter a look is one after it [D], days. */
const AS_GOOD_AS_AFTER_DAYS = 30;

/**
 * The day after the winter that comes next, on which a rotor is looked at whatever its year says: salt and wet grit wear it as a
 * year of dry roads does not. Source [P]: after a hard winter, common practice.
 * @param today `yyyy-mm-dd`
 * @param ends the first day that is winter no more, `mm-dd`, the shop's own
 * @returns `yyyy-mm-dd`
 */
export function afterWinter(today: string, ends: string): string {
  const counts = formatISO(addDays(parseISO(today), AS_GOOD_AS_AFTER_DAYS), {
    representation: 'date',
  });
  const year = Number(today.slice(0, 4));
  // Two years on at the most: the winter of this year is as good as over, the next has its end.
  const comes = [year, year + 1, year + 2].map((each) => `${each}-${ends}`);
  return comes.find((day) => day > counts)!;
}
