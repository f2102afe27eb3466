/** Who works at which bike of today’s Bench, in their order; those that are not here have no place yet. */
export const PLACED: readonly { bike: string; by: string; afterDays: number }[] = [
  { bike: 'tandem', by: 'Maren Okafor', afterDays: 0 },
  { bike: 'trike', by: 'Maren Okafor', afterDays: 0 },
  { bike: 'nurse', by: 'Joss Tarrel', afterDays: 0 },
  { bike: 'downhill', by: 'Joss Tarrel', afterDays: 0 },
  { bike: 'handcycle', by: 'Maren Okafor', afterDays: 1 },
  { bike: 'district', by: 'Joss Tarrel', afterDays: 1 },
];
