import type { Role } from '@hold-fast/contract/roles';

/** The people of the invented workshop, with the sign-ins that `./start` shows. Everybody here is made up. */
export const PEOPLE: readonly {
  name: string;
  role: Role;
  passphrase: string;
  pin: string;
  apprentice?: true;
}[] = [
  { name: 'Ingrith Sula', role: 'owner', passphrase: 'slack water at noon', pin: '4471' },
  { name: 'Teodor Vane', role: 'lead', passphrase: 'three knots astern', pin: '2208' },
  { name: 'Maren Okafor', role: 'mechanic', passphrase: 'salt on the chain', pin: '1593' },
  { name: 'Joss Tarrel', role: 'mechanic', passphrase: 'ferry leaves at six', pin: '7316' },
  {
    name: 'Ebbe Solvang',
    role: 'mechanic',
    passphrase: 'coil the long rope',
    pin: '8850',
    apprentice: true,
  },
  { name: 'Pia Lindqvane', role: 'counter', passphrase: 'ring the brass bell', pin: '6042' },
];
