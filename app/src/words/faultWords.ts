import { kindOf, type FieldFault, type Problem } from '@hold-fast/contract/problem';
import type { EntryFault } from '@hold-fast/core/job/entry';
import type { InputError } from '@hold-fast/core/inputError';
import type { Facts } from './catalogue/faults';
import { faults } from './en/faults';
import { inUse } from './language';
import { verdictWords } from './verdictWords';
import { words } from './words';

export const faultWords = inUse('faults', faults);

const sentenceOf = (named: string, facts: Facts): string | null => {
  const sentence = (
    faultWords.fault as Readonly<Record<string, string | ((facts: Facts) => string)>>
  )[named];
  return sentence === undefined
    ? null
    : typeof sentence === 'function'
      ? sentence(facts)
      : sentence;
};

/** What is wrong with one field, in words; its code where nobody has any for it. */
export function fieldSays({ path, code, facts = {} }: FieldFault): string {
  const field = path.split('.').at(-1) ?? '';
  return (
    sentenceOf(`${path} ${code}`, facts) ??
    sentenceOf(`${field} ${code}`, facts) ??
    sentenceOf(code, facts) ??
    code
  );
}

/** What a code of ours says; null of what is none. */
export const codeSays = (code: string | undefined): string | null => sentenceOf(code ?? '', {});

/** What a schema found in a field: a code of ours, or the sentence already made of the library’s. */
export const messageSays = (message: string | undefined): string | undefined =>
  codeSays(message) ?? message;

/** What the schema library finds, in the words of the catalogue. */
export const issueSays = (issue: { code: string }): string =>
  sentenceOf(issue.code, issue as unknown as Facts) ?? issue.code;

/** Why an entry is not taken, in words; null where nobody has any for it. */
export function faultSays({ refusal, field, code, facts = {} }: EntryFault): string | null {
  const named = sentenceOf(`${field ?? ''} ${code}`, facts) ?? sentenceOf(code, facts);
  if (named !== null) return named;
  if (refusal === 'reading-refused')
    return verdictWords.inputError(code as InputError['code'], facts as Record<string, number>);
  if (refusal === 'container-refused' && code in words.containerRefusal)
    return faultWords.containerRefused(
      words.containerRefusal[code as keyof typeof words.containerRefusal],
    );
  return refusal === 'fitting-refused' ? faultWords.organicOnly : null;
}

/** Why the server did not take something, in words. */
export function problemSays(problem: Problem): string {
  const { type, title, fields, facts = {} } = problem;
  const [first] = fields ?? [];
  const code = first?.code ?? facts.code;
  const says =
    typeof code === 'string'
      ? faultSays({
          refusal: type.split(':').at(-1) as EntryFault['refusal'],
          field: first?.path.replace(/^entry\./, '') ?? null,
          code,
          facts: { ...first?.facts, ...facts },
        })
      : null;
  const kind = kindOf(problem);
  if (says !== null) return says;
  if (first) return fieldSays(first);
  const whole = kind && faultWords.problem[kind];
  return typeof whole === 'function' ? whole(facts) : (whole ?? title);
}
