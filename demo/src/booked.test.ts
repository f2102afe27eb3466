import { PROCEDURE_IDS, procedureRule, suitsBrake } from '@hold-fast/core/procedure/procedures';
import { doFault, planAt, type Visit } from '@hold-fast/core/plan/visit';
import { atEachEnd, ENDS } from '@hold-fast/core/ends';
import { INSPECTIONS } from './inspections';
import { SHEETS } from './library';
import { BIKES, VISITS } from './visits';

const ofEach = <T>(value: T) => atEachEnd(() => value);
/** What seals a joint, which has to be written down before it is used. */
const SEALS = ['olive', 'barb', 'caliper-seals', 'lever-seals'] as const;

/** Ends of jobs on today’s Bench whose brake is known. */
const BOOKED = [...VISITS, ...INSPECTIONS]
  .filter(({ signed }) => !signed)
  .flatMap(({ bike, deeds }) =>
    deeds.flatMap((deed) =>
      deed.do === 'identify'
        ? [{ bike, end: deed.end, actuation: SHEETS[deed.sheet].brake.actuation }]
        : [],
    ),
  );

describe('every procedure runs from a booked job', () => {
  it.each(PROCEDURE_IDS)('%s: every step of its plan may be done, to the end', (procedure) => {
    const booked = BOOKED.find(({ actuation }) => suitsBrake(procedure, actuation))!;
    expect(BIKES[booked.bike]).toBeDefined();
    let visit: Visit = {
      chosen: {
        procedures: {
          front: [],
          rear: [],
          [booked.end]: [procedure],
          ...(procedureRule(procedure).bothEnds ? { front: [procedure], rear: [procedure] } : {}),
        },
        bleed: { front: 'gravity-down', rear: 'push-up', third: 'push-up' },
        brakes: ofEach({ actuation: booked.actuation, banjo: false }),
      },
      steps: [],
      again: [],
      parts: [...ENDS.flatMap((end) => SEALS.map((part) => ({ end, part, pieces: 2 })))],
    };
    const plan = planAt(visit)!;
    expect(plan.steps.length).toBeGreaterThan(1);
    for (const { step, end } of plan.steps) {
      expect([step, doFault(visit, step, end)]).toEqual([step, null]);
      visit = { ...visit, steps: [...visit.steps, { step, end, outcome: 'done' }] };
    }
    expect(planAt(visit)!.steps).toEqual([]);
  });
});
