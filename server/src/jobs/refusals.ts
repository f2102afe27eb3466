import type { EntryFault } from '@hold-fast/core/job/entry';
import { Refusal } from '../platform/refusal';

/** A core's fault as the refusal that is sent: its code and its numbers; the words are the screen's. */
export function refusalOf({ refusal, field, code, facts = {} }: EntryFault): Refusal {
  if (field === null) return new Refusal(refusal, { facts: { code, ...facts } });
  return new Refusal(refusal, {
    fields: [{ path: `entry.${field}`, code }],
    facts: { code, ...facts },
  });
}
