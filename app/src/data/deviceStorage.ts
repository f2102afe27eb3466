/** Keeps nothing and says so: what stands in where the browser forbids keeping things. */
const FORBIDDEN: Storage = {
  length: 0,
  key: () => null,
  getItem: () => null,
  removeItem: () => undefined,
  clear: () => undefined,
  setItem: () => {
    throw new Error('This browser keeps nothing.');
  },
};

/** The storage of this device; asking for it fails where the browser forbids it. */
export function deviceStorage(): Storage {
  try {
    return globalThis.localStorage ?? FORBIDDEN;
  } catch {
    return FORBIDDEN;
  }
}

/** Forgets what this tab holds of whoever worked in it: what is half keyed or half written is left to nobody else. */
export function forgetTab(): void {
  try {
    globalThis.sessionStorage.clear();
  } catch {
    // Where the browser forbids it, nothing was kept.
  }
}
