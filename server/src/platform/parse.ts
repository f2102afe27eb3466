import type { FieldFault } from '@hold-fast/contract/problem';
import type { ZodType, z } from 'zod';
import { Refusal } from './refusal';

/**
 * What came in, checked by its schema.
 * @throws Refusal `invalid-input` naming every field at fault.
 */
export function parse<T>(schema: ZodType<T>, input: unknown): T {
  const result = schema.safeParse(input);
  if (result.success) return result.data;
  throw new Refusal('invalid-input', { fields: result.error.issues.flatMap(faultsOf) });
}

/** What a schema found, by field and code: a rule of ours says its own, one of the library's is named by the library. */
export function faultsOf(issue: z.core.$ZodIssue): FieldFault[] {
  const path = issue.path.join('.');
  if (issue.code === 'unrecognized_keys')
    return issue.keys.map((key) => ({
      path: [path, key].filter(Boolean).join('.'),
      code: 'unknown-key',
    }));
  const facts =
    issue.code === 'custom'
      ? (issue.params ?? {})
      : Object.fromEntries(Object.entries(issue).filter(([name]) => FACTS.has(name)));
  return [
    {
      path,
      code: issue.code === 'custom' ? issue.message : issue.code,
      ...(Object.keys(facts).length > 0 ? { facts } : {}),
    },
  ];
}

/** What an issue says beside its code that helps to put it right. */
const FACTS: ReadonlySet<string> = new Set(['minimum', 'maximum', 'divisor', 'origin', 'format']);
