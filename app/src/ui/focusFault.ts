/** Puts the focus into the first field that is marked wrong, once it is marked: what has to be mended is where one types. */
export function focusFault(): void {
  if (typeof document === 'undefined') return;
  requestAnimationFrame(() =>
    document
      .querySelector<HTMLElement>('main [aria-invalid=true], [role=main] [aria-invalid=true]')
      ?.focus(),
  );
}
