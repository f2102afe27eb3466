type Stood<S extends { outcome: string }> = S & { outcome: Exclude<S['outcome'], 'taken-back'> };

/** The steps of a plan that stand, in order: one that was taken back is gone, with what took it back. */
export function standingSteps<S extends { outcome: string }>({
  stepped,
}: {
  stepped: readonly S[];
}): Stood<S>[] {
  const standing: Stood<S>[] = [];
  for (const step of stepped)
    if (step.outcome === 'taken-back') standing.pop();
    else standing.push(step as Stood<S>);
  return standing;
}
