import { useEffect, useState } from 'react';
import {
  useForm,
  type DefaultValues,
  type FieldValues,
  type UseFormProps,
  type UseFormReturn,
} from 'react-hook-form';
import { v7 as uuid } from 'uuid';
import { whoIsHere } from '../data/client';
import { inTab } from '../remembered';

interface Kept<T> {
  /** What the form began with. */
  from: string;
  written: T;
  sentAs: string;
}

/** What a form of a new thing begins with: null, or nothing, where somebody has yet to say. */
export type Begun<T> = { [K in keyof T]?: T[K] | null };

/** What a form begins with, but for the id that each beginning gives itself. */
const begunWith = ({ id: _, ...rest }: Record<string, unknown>): string => JSON.stringify(rest);

function keptAs<T>(key: string): Kept<T> | null {
  try {
    return JSON.parse(inTab.getItem(key) ?? 'null') as Kept<T> | null;
  } catch {
    // Written by an older version: it is as if nothing was.
    return null;
  }
}

/**
 * A form whose half-written answers are there again after the page was loaded anew, for whoever wrote them and under the id they are
 * sent as: what arrived once is not made a second time. Left or sent, they are gone. They come back to what they were begun from
 * alone: a thing that somebody else has changed meanwhile is begun afresh. Not for secrets.
 * @param of what is written, so that two forms never share it
 */
export function useKeptForm<Written extends FieldValues, Sent = Written>(
  of: string,
  props: Omit<UseFormProps<Written, unknown, Sent>, 'defaultValues'> & {
    defaultValues: DefaultValues<Written> | Begun<Written>;
  },
): UseFormReturn<Written, unknown, Sent> & { sentAs: string } {
  const [key] = useState(() => `hold-fast.form.${whoIsHere().by}.${of}`);
  const [from] = useState(() => begunWith(props.defaultValues as Record<string, unknown>));
  const [kept] = useState(() => {
    const before = keptAs<DefaultValues<Written>>(key);
    return before?.from === from ? before : null;
  });
  const [sentAs] = useState(() => kept?.sentAs ?? uuid());
  const form = useForm<Written, unknown, Sent>({
    ...props,
    defaultValues: kept ? kept.written : (props.defaultValues as DefaultValues<Written>),
  });
  const { subscribe } = form;
  useEffect(() => {
    const stop = subscribe({
      formState: { values: true },
      callback: ({ values: written }) =>
        inTab.setItem(key, JSON.stringify({ from, written, sentAs })),
    });
    return () => {
      stop();
      inTab.removeItem(key);
    };
  }, [key, from, sentAs, subscribe]);
  return { ...form, sentAs };
}
