const failed = new Set<() => void>();

/** Notes code that did not come. @param again readies it to be asked for once more */
export const didNotCome = (again: () => void): void => void failed.add(again);

/** Has what did not come asked for once more when it is shown the next time. */
export function askAnew(): void {
  for (const again of failed) again();
  failed.clear();
}
