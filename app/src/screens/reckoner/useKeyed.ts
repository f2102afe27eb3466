import { router, useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { onDevice } from '../../ui/remembered';
import type { Calculator } from '../../words/catalogue/reckoner';

/**
 * What is keyed into a calculator: what the address says, else what was keyed last on this device, else the usual. Both
 * follow what is keyed, so that an address can be handed on and a calculator comes back as it was left.
 */
export function useKeyed<Keyed extends Record<string, string>>(
  calculator: Calculator,
  usual: Keyed,
): [Keyed, (name: keyof Keyed) => (text: string) => void] {
  const address = useLocalSearchParams();
  const at = `hold-fast.reckoner.${calculator}`;
  const [keyed, setKeyed] = useState(() => {
    const kept = keptOn(at);
    return Object.fromEntries(
      Object.entries(usual).map(([name, text]) => {
        const told = address[name];
        return [name, typeof told === 'string' ? told : (kept[name] ?? text)];
      }),
    ) as Keyed;
  });
  const key = (name: keyof Keyed) => (text: string) => {
    const now = { ...keyed, [name]: text };
    setKeyed(now);
    onDevice.setItem(at, JSON.stringify(now));
    router.setParams(now);
  };
  return [keyed, key];
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
