type Kept = Pick<Storage, 'getItem' | 'setItem' | 'removeItem'> & {
  /** Whether it is still there when the page is loaded anew. */
  lasts: (key: string) => boolean;
};

/**
 * What spares somebody a tap, and hurts nobody when it is gone: kept by the browser, and where it forbids that or has no
 * room, in memory until the page is loaded anew. Evidence is never kept here.
 */
function rememberedIn(where: 'localStorage' | 'sessionStorage'): Kept {
  const memory = new Map<string, string>();
  /** The browser's answer, or `otherwise` where asking it fails. */
  const asked = <T>(ask: (storage: Storage) => T, otherwise: T): T => {
    try {
      return ask(globalThis[where]);
    } catch {
      return otherwise;
    }
  };
  return {
    getItem: (key) => memory.get(key) ?? asked((storage) => storage.getItem(key), null),
    setItem: (key, value) => {
      const kept = asked((storage) => {
        storage.setItem(key, value);
        return true;
      }, false);
      if (kept) memory.delete(key);
      else memory.set(key, value);
    },
    lasts: (key) => !memory.has(key) && asked((storage) => storage.getItem(key), null) !== null,
    removeItem: (key) => {
      memory.delete(key);
      asked((storage) => storage.removeItem(key), undefined);
    },
  };
}

/** On this device, for whoever uses it. */
export const onDevice = rememberedIn('localStorage');
/** In this tab, until it is closed. */
export const inTab = rememberedIn('sessionStorage');
