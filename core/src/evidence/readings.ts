import type { Sitting } from '../inspection/inspected';
import type { Measurand } from '../measurand/measurand';
import { isEvidence, measurandRule } from '../measurand/measurands';
import type { Standard } from '../inspection/standard';
import type { Judgement } from '../inspection/judge';
import { judge } from '../inspection/judge';
import { standingReadings, valuesAt } from '../inspection/session';
import { canMend, lapsedSince, type Change, type Lapse } from './changes';
import type { SaidWrong } from './findings';
import { SYSTEM } from './touch';

/** What a later sitting lacks to answer one that condemned. */
export type Lack =
  /** Places that condemned and were not read again. */
  | { code: 'places'; places: string[] }
  /** It proves nothing by itself. */
  | { code: 'incomplete' }
  /** Its gauge is the worse one. */
  | { code: 'doubt-larger' }
  /** Nobody wrote why the first was wrong. */
  | { code: 'words' }
  /** The two differ by more than both doubts: a lead's word is asked for. */
  | { code: 'lead' }
  /** Nothing was done that could have cured it. */
  | { code: 'work' };

/** A sitting that condemned, which nothing has answered, and what the best later one lacks; none came where that is null. */
export interface Held {
  sittingId: string;
  seq: number;
  /** Places that condemned, with what was read there, mm. */
  places: { place: string; readMm: number }[];
  doNotRide: boolean;
  lacks: Lack[] | null;
}

export interface Measured {
  part: Measurand;
  /** Sittings at the individual that is on now, in order. */
  sittings: readonly Sitting[];
  changes: readonly Change[];
  saidWrong: readonly SaidWrong[];
  /** What it is judged by, damage apart: that is found by looking. */
  standard: Standard;
  judged: (sitting: Sitting) => Judgement;
}

const wordOf = (judgement: Judgement) => (judgement.ok ? judgement.verdict.word : 'unproven');
const condemns = (judgement: Judgement) => judgement.ok && judgement.verdict.word === 'replace';
const sinks = (judgement: Judgement) => judgement.ok && judgement.verdict.doNotRide === true;

/** Places of a sitting that condemn by themselves, with the least that was read there. */
function condemningPlaces(sitting: Sitting, standard: Standard): Held['places'] {
  const places = new Set(standingReadings(sitting.readings).map(({ place }) => place));
  return [...places].filter(isEvidence).flatMap((place) => {
    const alone = {
      ...sitting,
      readings: sitting.readings.filter((each) => each.place === place || !isEvidence(each.place)),
    };
    const judgement = judge(sitting.part, alone, standard);
    return condemns(judgement)
      ? [{ place, readMm: Math.min(...valuesAt(sitting.readings, place)) }]
      : [];
  });
}

/**
 * Sittings that condemned and that nothing has answered. A worn part is answered by a counter-measurement: every place
 * that condemned read again in a sitting that proves the part, with no worse a gauge, and words why the first was wrong;
 * a lead's where the two differ by more than both doubts. A lever that failed is answered by the same test whole and good
 * after work that can cure it, or with a lead's words. Wobble goes by either [D].
 */
export function heldSittings(measured: Measured): Held[] {
  const { part, sittings, changes, saidWrong, standard } = measured;
  if (sittings.length < 2) return [];
  const judged = sittings.map((sitting) => ({
    sitting,
    judgement: measured.judged(sitting),
  }));
  return judged.slice(0, -1).flatMap(({ sitting, judgement }, i): Held[] => {
    if (!condemns(judgement)) return [];
    const places = measurandRule(part).condemnsByPlace ? condemningPlaces(sitting, standard) : [];
    const doNotRide = sinks(judgement);
    const later = judged.slice(i + 1).map((other) => ({
      ...other,
      lacks: lacksOf(part, { sitting, places, doNotRide }, other, { changes, saidWrong }),
    }));
    if (later.some(({ lacks }) => lacks.length === 0)) return [];
    const best = later.reduce((one, other) =>
      other.lacks.length < one.lacks.length ? other : one,
    );
    return [
      {
        sittingId: sitting.id,
        seq: sitting.seq,
        places,
        doNotRide,
        lacks: best.lacks,
      },
    ];
  });
}

function lacksOf(
  part: Measurand,
  first: { sitting: Sitting; places: Held['places']; doNotRide: boolean },
  second: { sitting: Sitting; judgement: Judgement },
  { changes, saidWrong }: Pick<Measured, 'changes' | 'saidWrong'>,
): Lack[] {
  const lacks: Lack[] = [];
  const { sitting: before } = first;
  const { sitting: after, judgement } = second;
  const proves = ['holds', 'watch'].includes(wordOf(judgement));
  const missing = first.places
    .map(({ place }) => place)
    .filter((place) => valuesAt(after.readings, place).length === 0);
  if (missing.length > 0) lacks.push({ code: 'places', places: missing });
  if (!proves) lacks.push({ code: 'incomplete' });
  // A lever that sinks is mended by work on its system alone.
  const cures = first.doNotRide ? SYSTEM : measurandRule(part).mendedBy;
  const worked = changes.some(
    (change) =>
      canMend(change, before.end) &&
      change.seq > before.seq &&
      change.seq < after.seq &&
      change.touches.some((each) => cures.includes(each)),
  );
  if (worked) return lacks;
  const said = saidWrong.filter(({ seq }) => seq > after.seq);
  if (part === 'lever') {
    if (!said.some(({ byLead }) => byLead)) lacks.push({ code: 'work' });
    return lacks;
  }
  if (after.gauge.uncertaintyMm > before.gauge.uncertaintyMm) lacks.push({ code: 'doubt-larger' });
  const bothDoubts = before.gauge.uncertaintyMm + after.gauge.uncertaintyMm;
  const differs = first.places.some(({ place, readMm }) =>
    valuesAt(after.readings, place).some((mm) => mm - readMm > bothDoubts + 1e-9),
  );
  if (said.length === 0) lacks.push({ code: 'words' });
  else if ((differs || part === 'runout') && !said.some(({ byLead }) => byLead))
    lacks.push({ code: 'lead' });
  return lacks;
}

/** What changed since a sitting, so that it says nothing of the brake as it is; null where it still does. */
export function lapsedBy(
  sitting: Pick<Sitting, 'part' | 'seq'>,
  changes: readonly Change[],
): Lapse | null {
  return lapsedSince(changes, sitting.seq, measurandRule(sitting.part).lapses);
}
