/** How one brake stands while it is worked on. Where a value means "set right", its opposite is left by work, not by riding. */
export interface BrakeState {
  wheel: 'on' | 'off';
  rotor: 'on' | 'off';
  caliper: 'tight' | 'loose' | 'off';
  pads: 'in' | 'out';
  between: 'nothing' | 'spacer' | 'block';
  pistons: 'home' | 'advanced';
  /** Swabbed since dirt could reach them: they may go home. */
  pistonsClean: boolean;
  hoseAtCaliper: 'joined' | 'open';
  hoseAtLever: 'joined' | 'open';
  /** An olive, or a banjo's seals, is spent once its joint was opened; a barb once the hose was cut. */
  sealAtLever: 'sound' | 'spent' | 'renewed';
  sealAtCaliper: 'sound' | 'spent' | 'renewed';
  barb: 'sound' | 'spent' | 'renewed';
  leverClamp: 'tight' | 'loose' | 'off';
  port: 'shut' | 'open';
  nipple: 'shut' | 'open';
  system: 'sound' | 'opened' | 'bled';
  /** Fluid ran out of it further than a top-up reaches: only a flush makes it whole. */
  drained: boolean;
  cable: 'joined' | 'open';
  /** Hood and bar tape: peeled while the lever of a drop bar is worked at, on again once the brake is proven. */
  tape: 'on' | 'peeled';
  aligned: boolean;
  torqued: boolean;
  rotorTorqued: boolean;
  boltsChecked: boolean;
  held: boolean;
  standTested: boolean;
  /** Ridden with care, soft pulls and hard ones. */
  ridden: boolean;
  bedded: boolean;
}

/** Where the bike or the part stands for a step. */
export const PLACES = ['level', 'nose-up', 'on-bench', 'on-ground', 'riding'] as const;
export type Place = (typeof PLACES)[number];

/** What is on the hands; fluid and dirt are washed off before pads or the track are touched. */
export type Hands = 'clean' | 'dirty' | 'fluid';

/** A brake that came in whole and was not worked on; it was not tested on this visit either. */
export const WHOLE: Readonly<BrakeState> = {
  wheel: 'on',
  rotor: 'on',
  caliper: 'tight',
  pads: 'in',
  between: 'nothing',
  pistons: 'advanced',
  pistonsClean: false,
  hoseAtCaliper: 'joined',
  hoseAtLever: 'joined',
  sealAtLever: 'sound',
  sealAtCaliper: 'sound',
  barb: 'sound',
  leverClamp: 'tight',
  port: 'shut',
  nipple: 'shut',
  system: 'sound',
  drained: false,
  cable: 'joined',
  tape: 'on',
  aligned: true,
  torqued: true,
  rotorTorqued: true,
  boltsChecked: false,
  held: false,
  standTested: false,
  ridden: false,
  bedded: true,
};

/** What a brake that was worked on must be when the bike goes out. */
export const READY: Readonly<Wanted> = {
  wheel: 'on',
  rotor: 'on',
  caliper: 'tight',
  pads: 'in',
  between: 'nothing',
  pistons: 'advanced',
  hoseAtCaliper: 'joined',
  hoseAtLever: 'joined',
  sealAtLever: ['sound', 'renewed'],
  sealAtCaliper: ['sound', 'renewed'],
  barb: ['sound', 'renewed'],
  leverClamp: 'tight',
  port: 'shut',
  nipple: 'shut',
  system: ['sound', 'bled'],
  drained: false,
  cable: 'joined',
  tape: 'on',
  aligned: true,
  torqued: true,
  rotorTorqued: true,
  standTested: true,
  bedded: true,
};

/** Values a brake must have; several where any of them will do. */
export type Wanted = { [K in keyof BrakeState]?: BrakeState[K] | readonly BrakeState[K][] };

/** What it must be where the shop may not ride it: its rider tries it with care, and beds it in. */
export const LEFT_TO_RIDER: Readonly<Wanted> = (({ bedded: _, ...rest }) => rest)(READY);

/** A brake that is closed up and tight, proven or not. */
export const CLOSED: Readonly<Wanted> = (({ standTested: _, bedded: __, tape: ___, ...rest }) =>
  rest)(READY);

/** A brake that may be ridden on: whole, tight and firm. */
export const RIDEABLE: Readonly<Wanted> = {
  wheel: 'on',
  rotor: 'on',
  rotorTorqued: true,
  caliper: 'tight',
  torqued: true,
  pads: 'in',
  between: 'nothing',
  pistons: 'advanced',
  hoseAtCaliper: 'joined',
  hoseAtLever: 'joined',
  leverClamp: 'tight',
  port: 'shut',
  nipple: 'shut',
  system: ['sound', 'bled'],
  drained: false,
  cable: 'joined',
};

/** A caliper that was just centred and is held by nothing yet: its bolts follow at once [P]. */
export const isJustCentred = ({ aligned, caliper }: BrakeState): boolean =>
  aligned && caliper === 'loose';

/** The first thing of a brake that is not as wanted, or null. */
export function unmet(state: BrakeState, wanted: Wanted): keyof BrakeState | null {
  // Asked hundreds of thousands of times for one plan: no arrays are made on the way.
  for (const key in wanted) {
    const name = key as keyof BrakeState;
    const want: unknown = wanted[name];
    const value = state[name];
    if (want !== value && !(Array.isArray(want) && want.includes(value))) return name;
  }
  return null;
}
