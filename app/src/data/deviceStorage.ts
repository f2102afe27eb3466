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
