import { NOTHING_DONE, type PracticeRun } from '@hold-fast/core/practice/debrief';
import { WORKS } from '@hold-fast/core/inspection/work';
import { MEASURANDS } from '@hold-fast/core/measurand/measurand';
import { CAUSE_IDS } from '@hold-fast/core/trouble/causes';
import { CHECK_IDS } from '@hold-fast/core/trouble/signs';
import { WORDS } from '@hold-fast/core/wear/verdict';
import { useState } from 'react';
import { onDevice } from '../../remembered';

const keyOf = (name: string) => `hold-fast.practice.${name}`;

/** How far somebody came with a practice brake on this device. It is kept nowhere else. */
export function practiceRun(name: string): PracticeRun {
  try {
    const kept = JSON.parse(onDevice.getItem(keyOf(name)) ?? '{}') as Partial<PracticeRun>;
    const of = <T>(all: readonly T[], some: unknown): T[] =>
      Array.isArray(some) ? some.filter((each: T): each is T => all.includes(each)) : [];
    const judged = MEASURANDS.flatMap((measurand) => {
      const word = kept.judged?.[measurand];
      return word && WORDS.includes(word) ? [[measurand, word]] : [];
    });
    return {
      checks: of(CHECK_IDS, kept.checks),
      judged: Object.fromEntries(judged) as PracticeRun['judged'],
      named: of(CAUSE_IDS, kept.named),
      works: of(WORKS, kept.works),
      ended: of(['signed', 'held-back'] as const, [kept.ended])[0] ?? null,
      taps: Number.isSafeInteger(kept.taps) ? kept.taps! : 0,
    };
  } catch {
    return NOTHING_DONE;
  }
}

/** A practice brake in hand: what was done, what is done next, and from the start. */
export function usePractice(name: string) {
  const [run, setRun] = useState(() => practiceRun(name));
  const keep = (now: PracticeRun) => {
    setRun(now);
    onDevice.setItem(keyOf(name), JSON.stringify(now));
  };
  return {
    run,
    /** Every touch counts, also one that only looks again. */
    act: (change: Partial<Omit<PracticeRun, 'taps'>> = {}) =>
      keep({ ...run, ...change, taps: run.taps + 1 }),
    restart: () => keep(NOTHING_DONE),
  };
}
