export interface DateWords {
  /** "Tuesday 24 November". */
  heading: (day: Date) => string;
  /** "Tue". */
  weekday: (day: Date) => string;
  /** "29 Jun 2028". */
  full: (day: Date) => string;
  /** "14:05". */
  hour: (moment: Date) => string;
  tomorrow: string;
  yesterday: string;
}
