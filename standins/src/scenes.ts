import type { Scene } from '@hold-fast/contract/feed';

const STANDIN_KINDS = ['thickness-gauge', 'dial-indicator', 'torque-wrench'] as const;
export type StandinKind = (typeof STANDIN_KINDS)[number];

/** The scenes each stand-in can play. */
export const PLAYS: Readonly<Record<StandinKind, readonly Scene[]>> = {
  'thickness-gauge': ['steady', 'worn-rotor', 'wavy-rotor', 'shaky-hand', 'inches', 'dropped-line'],
  'dial-indicator': ['steady', 'worn-rotor', 'wavy-rotor', 'shaky-hand', 'inches', 'dropped-line'],
  'torque-wrench': ['steady', 'light-hand', 'firm-hand', 'too-much', 'shaky-hand', 'dropped-line'],
};

/** What a stand-in shows, press by press. */
interface Showing {
  value: number;
  unit: 'mm' | 'in' | 'Nm';
  /** The line drops right after this reading was sent, before its answer. */
  drops: boolean;
}

/** Closed anvils, six points of a rotor, closed anvils again, and the four numbers of a pair of pads. */
const WORN = [0, 1.52, 1.5, 1.47, 1.49, 1.51, 1.48, 0, 3.3, 3.2, 3.6, 3.6];
const SOUND = [0, 1.74, 1.75, 1.73, 1.74, 1.75, 1.74, 0, 3.7, 3.7, 3.75, 3.7];
const TURN = 12;

/** A rotor that sits tilted, with a little heat in it: first harmonic 0.11, second 0.03 mm. */
const wavy = (press: number) => {
  const angle = (2 * Math.PI * press) / TURN;
  return 0.11 * Math.cos(angle - 1) + 0.03 * Math.cos(2 * angle);
};

const SHAKE_MM = 0.04;
const SHAKE_NM = 0.8;
const MM_PER_INCH = 25.4;

/** N·m a hand reaches, and how much it varies from bolt to bolt. */
const REACHED: Partial<Record<Scene, number>> = {
  'light-hand': 5.4,
  'firm-hand': 7,
  'too-much': 9,
};
const VARIES_NM = [0, 0.1, -0.1, 0.05];

function wrenchShows(scene: Scene, press: number, chance: number): number {
  const shake = scene === 'shaky-hand' ? (chance - 0.5) * 2 * SHAKE_NM : 0;
  return (REACHED[scene] ?? 6) + VARIES_NM[press % VARIES_NM.length]! + shake;
}

/**
 * What a gauge or a wrench shows at the n-th press (from 0) of a scene.
 * @param chance a number from 0 to 1: the hand's shake
 */
export function showing(kind: StandinKind, scene: Scene, press: number, chance: number): Showing {
  const drops = scene === 'dropped-line' && press % 3 === 2;
  if (kind === 'torque-wrench')
    return { value: wrenchShows(scene, press, chance), unit: 'Nm', drops };
  const dial = kind === 'dial-indicator';
  const steady = dial ? wavy(press) * 0.3 : SOUND[press % SOUND.length]!;
  const shown = { value: steady, unit: 'mm' as const, drops };
  switch (scene) {
    case 'worn-rotor':
      return { ...shown, value: dial ? wavy(press) * 4 : WORN[press % WORN.length]! };
    case 'wavy-rotor':
      return { ...shown, value: dial ? wavy(press) : 1.7 + wavy(press) };
    case 'shaky-hand':
      return { ...shown, value: steady + (chance - 0.5) * 2 * SHAKE_MM };
    case 'inches':
      return { ...shown, value: steady / MM_PER_INCH, unit: 'in' };
    default:
      return shown;
  }
}
