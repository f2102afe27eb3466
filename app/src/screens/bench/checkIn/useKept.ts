import { useEffect } from 'react';
import type { UseFormReturn } from 'react-hook-form';
import type { Draft, Drafts } from './drafts';

/** Keeps a check-in in this tab as it is written; nothing is kept before anything is. */
export function useKept(
  draft: Draft,
  fresh: boolean,
  drafts: Drafts,
  { subscribe, getValues }: Pick<UseFormReturn<Draft['written']>, 'subscribe' | 'getValues'>,
): void {
  useEffect(() => {
    const keep = () => drafts.keep({ ...draft, fresh, written: getValues(), open: true });
    if (fresh !== draft.fresh) keep();
    const stop = subscribe({ formState: { values: true }, callback: keep });
    return () => {
      stop();
      drafts.shut();
    };
  }, [draft, fresh, drafts, subscribe, getValues]);
}
