/** The shop's day, `yyyy-mm-dd`, as its server counts it: by UTC. */
export function today(): string {
  return new Date().toISOString().slice(0, 10);
}
