import type { Fitted } from '@hold-fast/core/job/job';
import { capital } from '../words/capital';
import { exactDay } from '../words/days';
import { words } from '../words/words';

/** "Tolve 180, new, 3 May 2026 to 25 November 2026. Stamped 1.50." */
export function lifeSays(fitted: Fitted, until: string | null): string {
  const facts = [
    fitted.compound && words.compoundOf[fitted.compound],
    fitted.organicOnly ? words.life.organicPadsOnly : null,
    fitted.construction && words.construction[fitted.construction],
    fitted.newMm === null ? null : words.life.newMm(words.format.fixed(fitted.newMm, 2)),
    fitted.stampedLimit && words.life.stampedMm(words.format.fixed(fitted.stampedLimit.limitMm, 2)),
    fitted.cameOffFor && words.life.cameOffLastTime(cameOff(fitted.cameOffFor)),
    fitted.rebedding && words.inSentence(words.rebedding[fitted.rebedding]),
  ].filter(Boolean);
  const span = until
    ? words.life.to(exactDay(fitted.at), exactDay(until))
    : words.life.since(exactDay(fitted.at));
  return `${fitted.description}, ${words.fittedAs[fitted.condition]}, ${span}.${facts.length ? ` ${capital(facts.join(', '))}.` : ''}`;
}

const cameOff = (why: NonNullable<Fitted['cameOffFor']>) =>
  why === 'worn' || why === 'changed' ? words.cameOff[why] : words.finding[why];
