import { learned, tableOf, type Table } from '@hold-fast/core/trouble/engine';
import { NOTHING_LAID, type TroubleLaid } from '@hold-fast/core/trouble/laid';
import { useMemo } from 'react';
import { useTroubleCounts, useRules } from './counterQueries';

/** The shop's table of causes and signs with its own outcomes; as it ships while neither is known here. */
export function useTroubleTable(laid?: TroubleLaid): Table {
  const rules = useRules().data?.rules.trouble;
  const counts = useTroubleCounts().data;
  const inForce = laid ?? rules ?? NOTHING_LAID;
  return useMemo(
    () => learned(counts?.counting === inForce.counting ? counts.counts : {}, tableOf(inForce)),
    [counts, inForce],
  );
}
