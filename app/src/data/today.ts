import type { RulesInForce } from '@hold-fast/contract/shopRules';
import { dayIn } from '@hold-fast/core/job/day';
import { USUAL_RULES } from '@hold-fast/core/rules/shopRules';
import { client, keys } from './client';
import { shopNow } from '../shopClock';

/** The shop's day, `yyyy-mm-dd`, as its server counts it: by the clock of its own time zone. */
export function today(): string {
  const { timeZone } = client.getQueryData<RulesInForce>(keys.rules)?.rules ?? USUAL_RULES;
  return dayIn(timeZone, shopNow().toISOString());
}
