import type { ZodType } from 'zod';
import { Refusal } from './refusal';

/**
 * What came in, checked by its schema.
 * @throws Refusal `invalid-input` naming every field at fault.
 */
export function parse<T>(schema: ZodType<T>, input: unknown): T {
  const result = schema.safeParse(input);
  if (result.success) return result.data;
  throw new Refusal('invalid-input', {
    fields: result.error.issues.flatMap((issue) => {
      const path = issue.path.join('.');
      if (issue.code === 'unrecognized_keys')
        return issue.keys.map((key) => ({
          path: [path, key].filter(Boolean).join('.'),
          code: 'unknown-key',
          message: `There is no field "${key}" here.`,
        }));
      return [{ path, code: issue.code, message: issue.message }];
    }),
  });
}
