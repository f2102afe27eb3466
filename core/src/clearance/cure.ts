/** `none`: nothing rubs. `neither`: no centring can cure it: true or refit the rotor, or reset the pistons. */
export type ClearanceCure = 'none' | 'centre' | 'square' | 'neither';
