import type { Job } from '@hold-fast/core/job/job';
import type { Planned } from '@hold-fast/core/job/planChoice';
import type { Stepped } from '@hold-fast/core/job/planStep';
import type { Told } from '@hold-fast/core/job/told';
import { standingSteps } from '@hold-fast/core/evidence/stepped';
import { answersOf, isWorkOpen, planOf, visitOf } from '@hold-fast/core/job/visit';
import { dayWorkOf } from '@hold-fast/core/workday/dayJob';
import { procedureRule } from '@hold-fast/core/procedure/procedures';
import { USUAL_RULES } from '@hold-fast/core/rules/shopRules';
import { v7 as uuid } from 'uuid';

const at = '2026-11-25T09:00:00.000Z';
const by = 'Maren Okafor';
const choice = (seq: number, change: Partial<Planned> = {}): Planned => ({
  id: uuid(),
  seq,
  procedures: { front: ['align'], rear: [], third: [] },
  bleed: { front: 'gravity-down', rear: 'push-up', third: 'push-up' },
  again: [],
  agreed: 'not-asked',
  words: '',
  at,
  by,
  ...change,
});
const step = (seq: number, name: Stepped['step'], change: Partial<Stepped> = {}): Stepped => ({
  id: uuid(),
  seq,
  step: name,
  end: 'front',
  outcome: 'done',
  reason: '',
  after: null,
  at,
  by,
  ...change,
});
const job = (change: Partial<Job>) =>
  ({
    identified: { front: null, rear: null },
    planned: [],
    stepped: [],
    taken: [],
    told: [],
    rules: USUAL_RULES,
    ...change,
  }) as unknown as Job;

describe('a job as core looks at it', () => {
  it('goes by the last choice, and by the steps that were not taken back', () => {
    const visit = visitOf(
      job({
        planned: [
          choice(1),
          choice(2, { procedures: { front: [], rear: ['change-pads'], third: [] } }),
        ],
        stepped: [
          step(3, 'wheel-out'),
          step(4, 'pads-out'),
          step(5, 'pads-out', { outcome: 'taken-back' }),
          step(6, 'inspect', { outcome: 'skipped', reason: 'Done yesterday' }),
        ],
      }),
    );
    expect(visit.chosen?.procedures).toEqual({ front: [], rear: ['change-pads'], third: [] });
    expect(visit.steps.map(({ step: name, outcome }) => [name, outcome])).toEqual([
      ['wheel-out', 'done'],
      ['inspect', 'skipped'],
    ]);
  });

  it('keeps of a plan what is for the brake as it is identified now, and names what fell', () => {
    const brakeOf = (actuation: 'cable' | 'hydraulic') =>
      ({ sheet: { body: { brake: { actuation, mount: 'post' }, torque: [] } } }) as never;
    const planned = [
      choice(1, {
        procedures: { front: ['change-pads', 'renew-cable'], rear: ['set-up-cable'], third: [] },
        again: [{ end: 'rear', procedure: 'set-up-cable' }],
      }),
    ];
    const by = (front: 'cable' | 'hydraulic', rear: 'cable' | 'hydraulic') =>
      job({
        planned,
        identified: { front: brakeOf(front), rear: brakeOf(rear), third: null },
      });
    expect(planOf(by('cable', 'cable'))).toMatchObject({
      procedures: planned[0]!.procedures,
      fell: [],
    });
    const anew = by('hydraulic', 'hydraulic');
    expect(planOf(anew)).toMatchObject({
      procedures: { front: ['change-pads'], rear: [], third: [] },
      fell: [
        { end: 'front', procedure: 'renew-cable' },
        { end: 'rear', procedure: 'set-up-cable' },
      ],
    });
    expect(visitOf(anew)).toMatchObject({
      chosen: { procedures: { front: ['change-pads'], rear: [] } },
      again: [],
    });
    expect(isWorkOpen(anew, 'rear')).toBe(true);
    expect(isWorkOpen(anew, 'third')).toBe(false);
    // The day, too, counts what there is to do.
    const day = (of: Job) => dayWorkOf({ ...of, minutes: null }).minutes;
    expect(day(anew)).toBe(procedureRule('change-pads').minutes);
  });

  it('counts what was chosen once more from the steps that stood before it', () => {
    const stepped = [
      step(2, 'caliper-loosen'),
      step(3, 'align'),
      step(4, 'align', { outcome: 'taken-back' }),
      step(6, 'align'),
    ];
    const again = choice(5, { again: [{ end: 'front', procedure: 'align' }] });
    expect(visitOf(job({ planned: [choice(1), again], stepped })).again).toEqual([
      { end: 'front', procedure: 'align', after: 1 },
    ]);
    expect(standingSteps({ stepped }).map(({ seq }) => seq)).toEqual([2, 6]);
  });

  it('has the parts from the shelf and those that came from elsewhere', () => {
    const told = {
      kind: 'part-brought',
      end: 'rear',
      part: 'barb',
      pieces: 2,
      from: 'Bag',
      seq: 3,
    };
    const visit = visitOf(
      job({
        taken: [
          {
            id: uuid(),
            seq: 1,
            end: 'front',
            stockId: uuid(),
            part: 'olive',
            description: 'T olive',
            pieces: 1,
            batch: 'TO-31',
            batches: ['TO-31'],
            at,
            by,
          },
        ],
        told: [{ id: uuid(), at, by, ...told } as Told],
      }),
    );
    expect(visit.parts).toEqual([
      { end: 'front', part: 'olive', pieces: 1 },
      { end: 'rear', part: 'barb', pieces: 2 },
    ]);
  });

  it('takes an agreement to a plan for one to every line of it, the later answer last', () => {
    const agreed = choice(1, { agreed: 'agreed', at: '2026-11-25T10:00:00.000Z' });
    const refused = {
      kind: 'customer-answer',
      id: uuid(),
      seq: 2,
      at: '2026-11-25T09:30:00.000Z',
      by,
      answer: 'refused',
      lines: [{ end: 'front', procedure: 'align' }],
      who: 'Harbour post',
      how: 'by-phone',
      words: '',
    } as Told;
    expect(
      answersOf(job({ planned: [agreed], told: [refused] })).map((each) => each.answer),
    ).toEqual(['refused', 'agreed']);
  });
});
