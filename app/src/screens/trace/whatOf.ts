import type { TraceRow } from '@hold-fast/contract/trace';
import { capital } from '../../words/capital';
import { traceWords } from '../../words/trace';
import { words } from '../../words/words';

/**
 * What was done with it there: bolts, parts, kinds of entry, millilitres, and the ends; what another workshop put in, which only a passport
 * says; of a sheet, what would be judged otherwise now.
 */
export function whatOf({ ends, codes, changes, ml, brought }: TraceRow): string {
  if (changes.length > 0)
    return words.format.list(
      changes.map(({ end, part, was, now }) =>
        traceWords.changed(
          `${words.end[end]} ${words.subject[part]}`,
          words.standing({ word: was }),
          words.standing({ word: now }),
        ),
      ),
    );
  const names: Readonly<Partial<Record<string, string>>> = {
    ...words.entryKind,
    ...words.subject,
    ...words.part,
    ...words.fastener,
  };
  const what = [
    ...codes.map((code) => names[code] ?? code),
    ...(ml === null ? [] : [traceWords.ml(words.format.fixed(ml, 0))]),
  ];
  const here = [
    capital(words.format.list(ends.map((end) => words.end[end]))),
    words.format.list(what),
  ];
  return [here.filter(Boolean).join(': '), brought ? traceWords.brought : '']
    .filter(Boolean)
    .join(' · ');
}
