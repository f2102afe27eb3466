import { useEffect } from 'react';
import type { UseFormReturn } from 'react-hook-form';
import type { Draft, Drafts } from './drafts';

/** Keeps a check-in in this tab as it is written; nothing is kept before anything is. */
export function useKept(
  draft: Draft,
  drafts: Drafts,
  { subscribe, getValues }: Pick<UseFormReturn<Draft['written']>, 'subscribe' | 'getValues'>,
): void {
  useEffect(() => {
    const keep = () => drafts.keep({ ...draft, written: getValues(), open: true });
    // Come back to, it stands on the screen again.
    if (drafts.has(draft)) keep();
    const stop = subscribe({ formState: { values: true }, callback: keep });
    return () => {
      stop();
      drafts.shut();
    };
  }, [draft, drafts, subscribe, getValues]);
}
