import { notifyManager } from '@tanstack/react-query';

/** A browser's storage, which the app keeps its outbox in. */
class MemoryStorage implements Storage {
  readonly [name: string]: unknown;

  get length(): number {
    return Object.keys(this).length;
  }
  key(index: number): string | null {
    return Object.keys(this)[index] ?? null;
  }
  getItem(key: string): string | null {
    return (this[key] as string | undefined) ?? null;
  }
  setItem(key: string, value: string): void {
    (this as Record<string, string>)[key] = value;
  }
  removeItem(key: string): void {
    delete (this as Record<string, unknown>)[key];
  }
  clear(): void {
    for (const key of Object.keys(this)) this.removeItem(key);
  }
}

Object.assign(globalThis, {
  localStorage: new MemoryStorage(),
  sessionStorage: new MemoryStorage(),
});

// Keys and the return of the connection are heard on the window, which the native test environment does not have whole.
const deaf = () => undefined;
Object.assign(globalThis, { addEventListener: deaf, removeEventListener: deaf });

// What a query has to say is heard where it was said, inside the test's own act.
notifyManager.setScheduler((tell) => tell());

jest.mock('expo-router', () => ({
  router: { navigate: jest.fn(), replace: jest.fn(), setParams: jest.fn() },
  usePathname: () => '/bench',
  useLocalSearchParams: () => ({}),
}));
