import { LEADS, type Person } from '@hold-fast/contract/people';
import type { Request, Response } from 'express';
import { rateLimit } from 'express-rate-limit';
import { Refusal, refuseField } from '../platform/refusal';
import { secretMatches } from '../platform/secrets';
import type { StoredPerson } from './store';

const QUARTER_OF_AN_HOUR_MS = 15 * 60 * 1000;

/** Refuses further tries after so many refused ones in a quarter of an hour, counted apart for every `key`. */
export function limitTries(
  most: number,
  refusedStatus: number,
  key: (request: Request, response: Response) => string,
) {
  return rateLimit({
    windowMs: QUARTER_OF_AN_HOUR_MS,
    limit: most,
    standardHeaders: 'draft-8',
    legacyHeaders: false,
    skipSuccessfulRequests: true,
    requestWasSuccessful: (_request, response) => response.statusCode !== refusedStatus,
    keyGenerator: key,
    handler: () => {
      throw new Refusal('too-many-tries');
    },
  });
}

/** @throws Refusal `wrong-pin` unless the PIN is this person's. */
export async function checkPin(person: StoredPerson | null, pin: string): Promise<void> {
  if (!(await secretMatches(person?.pinHash ?? null, pin)))
    throw refuseField('wrong-pin', 'pin', 'wrong-pin', 'That is not the PIN of this person.');
}

/** Whether this person may accept what was not proven. */
export function isLead(person: Pick<Person, 'role'>): boolean {
  return LEADS.includes(person.role);
}
