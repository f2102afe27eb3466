/** What is wrong: a field that says so, or answers with what is missing said above them. */
const FAULTS = ['[aria-invalid=true]', '[role=alert] + [role=radiogroup] [role=radio]'].flatMap(
  (fault) => [`main ${fault}`, `[role=main] ${fault}`],
);

/** Puts the focus into the first field that is marked wrong, once it is marked: what has to be mended is where one types. */
export function focusFault(): void {
  if (typeof document === 'undefined') return;
  requestAnimationFrame(() => {
    const first = document.querySelector<HTMLElement>(FAULTS.join());
    first?.focus();
    first?.scrollIntoView({ block: 'center' });
  });
}
