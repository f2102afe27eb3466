import type { Facts } from './job';

/** The facts with one sitting changed. */
export function changeSitting(
  facts: Facts,
  id: string,
  to: (sitting: Facts['measured'][number]) => Facts['measured'][number],
): Facts {
  return {
    ...facts,
    measured: facts.measured.map((sitting) => (sitting.id === id ? to(sitting) : sitting)),
  };
}
