import { useEffect } from 'react';

/** Keeps the screen awake while `on`, where the browser can. */
export function useAwake(on: boolean): void {
  useEffect(() => {
    if (!on) return;
    const asked = wakeLock();
    return () => {
      void asked.then((lock) => lock?.release());
    };
  }, [on]);
}

async function wakeLock(): Promise<{ release: () => Promise<void> } | null> {
  try {
    return (await navigator.wakeLock?.request('screen')) ?? null;
  } catch {
    return null;
  }
}
