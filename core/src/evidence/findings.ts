import type { LookOver, Subject } from '../inspection/inspected';
import type { End } from '../ends';
import { cureOf, ruleOf, type Area, type Finding } from '../inspection/findings';
import type { FittedPart } from '../kit/kit';
import type { Actuation } from '../kit/actuation';
import { areCuredBetween, changedSince, type Change } from './changes';
import { RENEWED_BY } from './lapse';

/** A finding that nothing has answered yet. */
export interface StandingFinding {
  finding: Finding;
  /** Where it was found last, in the order of everything written. */
  seq: number;
  lookOverId: string | null;
  /** A later look that did not find it, and was no answer. */
  lesserLook: string | null;
}

/** A decision on what was found or read, as far as it can be an answer. */
export interface SaidWrong {
  seq: number;
  end: End;
  subject: Subject;
  byLead: boolean;
}

/** What an area is called where it is decided upon: rotor, pads and lever count with what is measured of them. */
export interface Seen {
  end: End;
  area: Area;
  /** How the brake is pulled: what cures a finding goes by it. */
  actuation: Actuation;
  looks: readonly LookOver[];
  changes: readonly Change[];
  /** What was fitted there last, for rotor and pads: its individual begins with it and brings its past. */
  individual: (Pick<FittedPart, 'condition' | 'cameOffFor'> & { seq: number }) | null;
  saidWrong: readonly SaidWrong[];
}

/** What a used rotor brings with it of why it once came off. */
const BRINGS: Readonly<Record<NonNullable<FittedPart['cameOffFor']>, Finding | null>> = {
  worn: null,
  changed: null,
  crack: 'crack',
  'deep-scoring': 'deep-scoring',
  'overheating-colours': 'overheating-colours',
  'loose-rivets': 'loose-rivets',
  'bent-beyond-truing': 'bent-beyond-truing',
};

/**
 * What was found in an area and nothing has answered. A finding is answered by all the work that cures it and a look
 * after that; by another individual; or by words that it was seen wrong, which of a do-not-ride are a lead's. A look that
 * merely finds nothing leaves it as it was [D].
 */
export function standingFindings(seen: Seen): StandingFinding[] {
  const { area, individual, changes } = seen;
  const standing = new Map<Finding, StandingFinding>();
  const since = individual?.seq ?? 0;
  const past = individual && individual.condition === 'used' && individual.cameOffFor;
  const brought = past && area === 'rotor' ? BRINGS[past] : null;
  if (individual && brought)
    standing.set(brought, {
      finding: brought,
      seq: individual.seq,
      lookOverId: null,
      lesserLook: null,
    });
  const looks = seen.looks.filter((look) => look.end === seen.end && look.area === area);
  for (const look of looks) {
    if (look.seq <= since) continue;
    for (const [finding, was] of standing) {
      if (look.found.includes(finding)) continue;
      const { doNotRide } = ruleOf(finding);
      const cured = areCuredBetween(changes, [was.seq, look.seq], cureOf(finding, seen.actuation));
      const takenBack = look.takesBack.includes(finding) && !doNotRide;
      if (cured || takenBack) standing.delete(finding);
      else standing.set(finding, { ...was, lesserLook: look.id });
    }
    for (const finding of look.found)
      standing.set(finding, { finding, seq: look.seq, lookOverId: look.id, lesserLook: null });
  }
  const renewed = RENEWED_BY[area];
  return [...standing.values()].filter(({ finding, seq }) => {
    if (renewed && changedSince(changes, seq, [renewed])) return false;
    const { doNotRide } = ruleOf(finding);
    return !seen.saidWrong.some((said) => said.seq > seq && (said.byLead || !doNotRide));
  });
}
