import { sumsAt } from '@hold-fast/core/job/sum';
import { router, useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { onDevice } from '../../remembered';
import { useAtBrake } from './atBrake';
import type { Calculator } from '../../words/catalogue/reckoner';

/**
 * What is keyed into a calculator: what the address says; else, at a brake, what is known of it and nothing besides; else what was
 * keyed last on this device, else the usual. The address follows what is keyed, so that it can be handed on, and a calculator on its
 * own comes back as it was left.
 * @param known of the brake in hand
 */
export function useKeyed<Keyed extends Record<string, string>>(
  calculator: Calculator,
  usual: Keyed,
  known: Partial<Keyed> = {},
): [
  Keyed,
  (name: keyof Keyed) => (text: string) => void,
  (several: Partial<Record<keyof Keyed, string>>) => void,
] {
  const address = useLocalSearchParams();
  const at = useAtBrake();
  const atBrake = at !== null;
  const on = `hold-fast.reckoner.${calculator}`;
  const [keyed, setKeyed] = useState(() => {
    // At a brake it begins with what was written down there, and with what is known of it.
    const sum = at && sumsAt(at.job, at.end).find((each) => each.calculator === calculator);
    const begins = at ? { ...known, ...sum?.keyed } : { ...usual, ...keptOn(on) };
    return Object.fromEntries(
      Object.keys(usual).map((name) => {
        const told = address[name];
        return [name, typeof told === 'string' ? told : (begins[name] ?? '')];
      }),
    ) as Keyed;
  });
  const keyAll = (several: Partial<Record<keyof Keyed, string>>) => {
    const now = { ...keyed, ...several };
    setKeyed(now);
    if (!atBrake) onDevice.setItem(on, JSON.stringify(now));
    router.setParams(now);
  };
  const key = (name: keyof Keyed) => (text: string) =>
    keyAll({ [name]: text } as Partial<Record<keyof Keyed, string>>);
  return [keyed, key, keyAll];
}

function keptOn(at: string): Partial<Record<string, string>> {
  try {
    return JSON.parse(onDevice.getItem(at) ?? '{}') as Partial<Record<string, string>>;
  } catch {
    // What was kept spares a tap, no more: unreadable, it is as if nothing was.
    return {};
  }
}

/** The one of these that a text names, or the first: an address may say anything. */
export function oneOf<T extends string>(these: readonly T[], text: string): T {
  return these.find((each) => each === text) ?? these[0]!;
}
