import type { Actuation } from '../kit/actuation';
import type { FastenerId } from '../torque/fasteners';

/** What is held by fasteners on a brake; which ones they are, the brake says. */
export type Hold =
  | 'caliper'
  /** The adapter of a mount that cannot do without one. */
  | 'mount'
  /** The adapter of a bigger rotor. */
  | 'adapter'
  | 'rotor'
  | 'lever'
  | 'hose-at-lever'
  | 'hose-at-caliper'
  | 'cable'
  /** The wheel on its axle. */
  | 'wheel';

/** What of a brake says which fasteners it has. */
export interface FastenedBrake {
  actuation: Actuation;
  mount: 'post' | 'flat' | 'is';
  hold: 'six-bolt' | 'lockring';
  /** The hose sits on the caliper with a banjo, and not with a nut. */
  banjo: boolean;
  /** Its sheet gives the axle a torque; a quick release has none, and is looked at by name. */
  axle: boolean;
}

/** The fasteners that hold a thing on a brake; none where it has no such thing. An IS mount carries a post-mount caliper on its adapter. */
export function fastenersOf(
  hold: Hold,
  { actuation, mount, hold: rotor, banjo, axle }: FastenedBrake,
): FastenerId[] {
  switch (hold) {
    case 'caliper':
      return [mount === 'flat' ? 'caliper-flat' : 'caliper-post'];
    case 'mount':
      return mount === 'is' ? ['adapter-is'] : [];
    case 'adapter':
      return ['adapter-is'];
    case 'wheel':
      return axle ? ['axle'] : [];
    case 'rotor':
      return [rotor === 'lockring' ? 'rotor-lockring' : 'rotor-bolts'];
    case 'lever':
      return ['lever-clamp'];
    case 'hose-at-lever':
      return actuation === 'hydraulic' ? ['hose-nut-lever'] : [];
    case 'hose-at-caliper':
      return actuation === 'hydraulic' ? [banjo ? 'banjo-bolt' : 'hose-nut-caliper'] : [];
    case 'cable':
      return actuation === 'hydraulic' ? [] : ['pinch-bolt'];
  }
}
