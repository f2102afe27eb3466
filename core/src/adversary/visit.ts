import { addDays } from 'date-fns/addDays';
import { parseISO } from 'date-fns/parseISO';
import { NOTHING_MET } from '../fluid/met';
import type { Subject } from '../inspection/inspected';
import { atEachEnd, type End } from '../ends';
import { dayIn } from '../job/day';
import { foldAll, foldOn, type Folded } from '../job/fold';
import { NOTHING_SAID, type Job, type JobBase } from '../job/job';
import { USUAL_USE } from '../kit/bike';
import { leversOf } from '../kit/brakes';
import { faultOf, type EntryKind, type EntryOf, type KnownOf, type Logged } from '../job/kinds';
import { gaugeAsKnown, type KnownGauge } from '../job/measurement';
import { askedFor } from '../job/tightening';
import { inspectEnd, type InspectionItem } from '../inspection/inspectEnd';
import { PRACTICE_SHEET } from '../practice/sheet';
import { doRefusal } from '../job/planStep';
import { visitOf } from '../job/visit';
import { planAt } from '../plan/visit';
import type { ProcedureId } from '../procedure/procedures';
import { stepRule, type StepId } from '../procedure/steps';
import { USUAL_RULES } from '../rules/shopRules';
import type { SheetRevision, SpecSheet } from '../sheet/sheet';
import type { FastenerId } from '../torque/fasteners';
import { passesOf, type Pass } from '../torque/sequence';
import type { EntryFault, Place } from '../job/entry';

// A visit as a shop would take it in: every entry has to pass the job's own rules first. For tests and for the adversary.

export const SHEET: SpecSheet = PRACTICE_SHEET;

export const revision = (body: SpecSheet = SHEET, number = 1): SheetRevision => ({
  id: `sheet ${body.title} ${number}`,
  sheetId: `sheet ${body.title}`,
  revision: number,
  body,
});

const GAUGE: KnownGauge = {
  name: 'G1',
  kind: 'thickness-gauge',
  resolutionMm: 0.01,
  uncertaintyMm: 0.03,
  anvils: 'point',
  calibrationDueOn: '2027-01-01',
  retired: false,
};
export const GAUGES = {
  point: GAUGE,
  worse: { ...GAUGE, name: 'G2', uncertaintyMm: 0.06 },
  overdue: { ...GAUGE, name: 'G3', calibrationDueOn: '2026-11-24' },
  dial: { ...GAUGE, name: 'G4', kind: 'dial-indicator', uncertaintyMm: 0.02 },
  feelers: { ...GAUGE, name: 'G5', kind: 'feeler-gauges', uncertaintyMm: 0.02 },
  rule: { ...GAUGE, name: 'G6', kind: 'rule', resolutionMm: 0.5, uncertaintyMm: 0.5 },
} satisfies Record<string, KnownGauge>;

export const WRENCH = {
  id: 'wrench',
  name: 'W1',
  kind: 'click' as 'click' | 'reading',
  maxNm: 10,
  markNm: 0.1,
  tolerance: 0.04,
  toleranceAssumed: false,
  calibrationDueOn: '2027-01-01',
  uses: 0,
};

const BASE: JobBase = {
  id: 'job',
  tag: 412,
  status: 'open',
  version: 1,
  revision: 1,
  complaint: 'Weak',
  symptoms: [],
  frontLever: 'left',
  odometerKm: null,
  promisedAt: '2026-11-26T11:00:00.000Z',
  minutes: 30,
  ...NOTHING_SAID,
  checkedIn: { at: '2026-11-25T08:00:00.000Z', by: 'Maren' },
  bike: {
    id: 'bike',
    customerId: 'customer',
    name: 'Post trike',
    maker: '',
    serial: '',
    motor: false,
    ...USUAL_USE,
    forkMaterial: 'aluminium',
    frameMaterial: 'aluminium',
  },
  customer: { id: 'customer', name: 'Harbour post' },
  rules: USUAL_RULES,
  rulesVersion: 0,
  earlierFittings: [],
  earlierBatches: [],
  earlierThickness: [],
  metBefore: atEachEnd(() => NOTHING_MET),
  newestSheets: {},
  tags: [],
  againstAdvice: [],
  notices: [],
  modifiedBefore: atEachEnd(() => false),
  stampedBefore: [],
  identifiedBefore: {},
  comeback: null,
  amended: [],
  sealed: null,
};

const idOf = (count: number) => `0190a000-0000-7000-8000-${String(count).padStart(12, '0')}`;

type Fields<K extends EntryKind> = Omit<EntryOf<K>, 'kind' | 'id' | 'at'>;

export class Visit {
  readonly entries: Logged[] = [];
  #count = 0;
  #folded: Folded | null = null;
  #foldedOf = 0;

  /** When what is sent next is made. */
  at = '2026-11-25T09:00:00.000Z';

  #who: Omit<Place, 'seq'> = { by: 'Maren' };

  constructor(readonly base: JobBase = BASE) {}

  /** The day on which what is sent next is made, where the shop is. */
  get today(): string {
    return dayIn(this.base.rules.timeZone, this.at);
  }

  /** From now on it is a day later. */
  nextDay(): this {
    this.at = addDays(parseISO(this.at), 1).toISOString();
    return this;
  }

  /** From now on somebody else writes. */
  as(who: Omit<Place, 'seq'>): this {
    this.#who = who;
    return this;
  }

  static with(change: Partial<JobBase>): Visit {
    return new Visit({ ...BASE, ...change });
  }

  get job(): Job {
    let folded = this.#folded ?? foldAll(this.base, []);
    for (const logged of this.entries.slice(this.#foldedOf))
      folded = foldOn(folded, logged, this.base.revision);
    this.#foldedOf = this.entries.length;
    this.#folded = folded;
    return folded.job;
  }

  get bars(): Job['bars'] {
    return this.job.bars;
  }

  /** What bars the sign-off, by name, once each. */
  get barred(): string[] {
    return [...new Set(this.bars.map(({ code }) => code))];
  }

  item(subject: Subject, end: End = 'front'): InspectionItem | null {
    return inspectEnd(this.job, end).items.find((each) => each.subject === subject) ?? null;
  }

  word(subject: Subject, end: End = 'front'): string | null {
    return this.item(subject, end)?.word ?? null;
  }

  /** Sends an entry as a shop takes it. @returns what refuses it, or null */
  send<K extends EntryKind>(
    kind: K,
    fields: Fields<K>,
    known: KnownOf<K> = null as KnownOf<K>,
  ): EntryFault | null {
    const id = idOf(++this.#count);
    const entry = { kind, id, at: this.at, ...fields } as unknown as EntryOf<K>;
    const fault = faultOf<K>(this.job, entry, known);
    if (fault === null)
      this.entries.push({ entry, known, seq: this.#count, ...this.#who } as unknown as Logged);
    return fault;
  }

  get last(): string {
    return this.entries.at(-1)!.entry.id;
  }

  identify(body: SpecSheet = SHEET, change: Partial<Fields<'identification'>> = {}): this {
    const sheet = revision(body);
    const fields = { end: 'front', sheetRevisionId: sheet.id, stampedLimit: null } as const;
    this.send('identification', { ...fields, ...change }, { sheet });
    return this;
  }

  /** Measures something whole: what is read at each place, in order; several numbers are repeats. */
  measure(
    part: EntryOf<'measurement'>['part'],
    readings: readonly (readonly [string, ...number[]])[],
    how: Partial<Fields<'measurement'>> & { gauge?: KnownGauge } = {},
  ): this {
    const { gauge = GAUGES.point, ...change } = how;
    const fields: Fields<'measurement'> = {
      end: 'front',
      part,
      gaugeId: gauge.name,
      basis: part === 'pads' ? 'total' : part === 'lever' ? 'travel' : null,
      pointCount: part === 'rotor' ? 6 : part === 'runout' ? 8 : null,
      ...change,
    };
    this.send('measurement', fields, { gauge: gaugeAsKnown(gauge) });
    const measurementId = this.last;
    if (part === 'rotor') this.send('look', { measurementId, subject: 'ridge', seen: false });
    if (part === 'clearance')
      this.send('look', { measurementId, subject: 'at-mid-reading', seen: true });
    for (const [place, ...values] of readings)
      for (const valueMm of values) this.read(measurementId, place, valueMm);
    return this;
  }

  read(
    measurementId: string,
    place: string,
    valueMm: number,
    change: Partial<Fields<'reading'>> = {},
  ): EntryFault | null {
    const typed = String(valueMm);
    return this.send('reading', {
      measurementId,
      place,
      valueMm,
      typed,
      via: 'keys',
      replaces: null,
      words: '',
      ...change,
    });
  }

  /** A rotor read at these points of six, spread round the track where there are three. */
  rotor(mm: readonly number[], gauge: KnownGauge = GAUGES.point): this {
    const at = (i: number) => String(mm.length === 3 ? 2 * i + 1 : i + 1);
    return this.measure('rotor', [['zero', 0], ...mm.map((each, i) => [at(i), each] as const)], {
      gauge,
    });
  }

  pads(mm: number, how: Parameters<Visit['measure']>[2] = {}): this {
    return this.measure(
      'pads',
      [
        ['zero', 0],
        ['inner-leading', mm],
        ['inner-trailing', mm],
        ['outer-leading', mm],
        ['outer-trailing', mm],
      ],
      how,
    );
  }

  lever(firm = 27, sunk = firm, end: End = 'front'): this {
    return this.measure(
      'lever',
      [
        ['reach', 60],
        ['bite', 20],
        ['firm', firm],
        ['sunk', sunk],
      ],
      { gauge: GAUGES.rule, end },
    );
  }

  runout(tirMm: number, how: Parameters<Visit['measure']>[2] = {}): this {
    const turn = Array.from({ length: 8 }, (_, i) => [String(i + 1), i === 1 ? tirMm : 0] as const);
    return this.measure('runout', turn, { gauge: GAUGES.dial, ...how });
  }

  gaps(mm = 0.3): this {
    return this.measure(
      'clearance',
      [
        ['left-leading', mm],
        ['left-trailing', mm],
        ['right-leading', mm],
        ['right-trailing', mm],
      ],
      { gauge: GAUGES.feelers },
    );
  }

  look(
    area: EntryOf<'look-over'>['area'],
    found: EntryOf<'look-over'>['found'] = [],
    change: Partial<Fields<'look-over'>> = {},
  ): EntryFault | null {
    return this.send('look-over', {
      end: 'front',
      area,
      found,
      words: '',
      takesBack: [],
      ...change,
    });
  }

  fit(
    change: Partial<Fields<'fitting'>> = {},
    known: KnownOf<'fitting'> = null,
  ): EntryFault | null {
    return this.send(
      'fitting',
      {
        end: 'front',
        part: 'rotor',
        description: 'From the shelf',
        condition: 'new',
        compound: null,
        organicOnly: false,
        construction: null,
        newMm: null,
        stampedLimit: null,
        cameOffFor: null,
        rebedding: null,
        ...change,
      },
      known,
    );
  }

  fill(family: 'glycol' | 'mineral' = 'mineral', end: End = 'front'): EntryFault | null {
    const fluid =
      family === 'mineral'
        ? ({ family, blend: 'Selkie 10' } as const)
        : ({ family, grade: 'DOT 4' } as const);
    const container = {
      label: 'Bottle',
      lot: 'L1',
      fluid,
      sizeMl: 100,
      remainingMl: 100,
      openedOn: null,
      printedUseBy: null,
      monthsAfterOpening: null,
      condition: 'clear' as const,
      writtenOff: false,
    };
    const fields = { end, containerId: 'bottle', ml: 10, colour: '' };
    return this.send('fill', fields, { container });
  }

  /** Chooses the work of the front; what it bleeds, by the usual way. */
  plan(...front: ProcedureId[]): EntryFault | null {
    return this.send('plan-choice', {
      procedures: { front, rear: [] },
      bleed: { front: 'push-up', rear: 'push-up' },
      again: [],
      agreed: 'agreed',
      words: '',
    });
  }

  /** Says of a step of the plan that it was done, left out or taken back. @returns what refuses it, or null */
  step(
    step: EntryOf<'plan-step'>['step'],
    outcome: EntryOf<'plan-step'>['outcome'] = 'done',
    end: End | null = step === 'wash-hands' ? null : 'front',
  ): EntryFault | null {
    const after = this.job.stepped.at(-1)?.id ?? null;
    const reason = outcome === 'skipped' ? 'Not now' : '';
    return this.send('plan-step', { step, end, outcome, reason, after });
  }

  /** What a step of the plan takes comes with the bike. */
  bringPartsOf(step: StepId): this {
    for (const part of stepRule(step).parts)
      this.send('part-brought', {
        end: 'front',
        part,
        pieces: 1,
        from: 'The bag',
        fits: 'It does',
        checked: 'Looked',
        batch: '',
      });
    return this;
  }

  /** Works at the front by the plan of a procedure, up to a step and with it; what its torque does is brought to it. */
  workUpTo(procedure: ProcedureId, last: StepId): this {
    this.plan(procedure);
    for (let did = null; did !== last;) {
      const { step, end } = planAt(visitOf(this.job))!.steps[0]!;
      if (step !== 'wash-hands') this.bringPartsOf(step);
      const open = doRefusal(this.job, step, end);
      if (open?.code === 'bolt-open') this.tighten(open.fastener);
      const fault = this.step(step, 'done', end);
      if (fault) throw new Error(`${step}: ${fault.code}`);
      did = step;
    }
    return this;
  }

  repair(work: EntryOf<'repair'>['work'], end: End = 'front'): this {
    this.send('repair', { end, work, words: 'Done' });
    return this;
  }

  test(
    test: EntryOf<'test'>['test'],
    outcome: 'passed' | 'failed' = 'passed',
    words = '',
    at: End = 'front',
  ): this {
    this.send('test', { test, end: test === 'lever-side' ? null : at, outcome, words });
    return this;
  }

  /** Waits for the rider, with the bike here or out of the shop. */
  wait(away: boolean): this {
    this.send('waits', { for: 'customer', asked: 'The rider', askAgainOn: '2026-12-01', away });
    return this;
  }

  /** Waits no more. @param away whether the bike was out of the shop meanwhile */
  goOn(away: boolean): this {
    this.send('waits', { for: 'nothing', asked: '', askAgainOn: null, away });
    return this;
  }

  /** Where the bike was since a day of work. @param backBefore the first that was done after it was back */
  stay(since: string, out = false, backBefore: string | null = null): this {
    this.send('stay', { since, out, backBefore });
    return this;
  }

  /** Each lever seen to cut the motor. */
  cutOffs(): this {
    for (const end of leversOf(this.base.bike)) this.test('cut-off', 'passed', '', end);
    return this;
  }

  decide(
    decision: EntryOf<'decision'>['decision'],
    subject: Subject,
    change: Partial<Fields<'decision'>> = {},
  ): this {
    this.send('decision', {
      end: 'front',
      subject,
      decision,
      words: 'Because',
      rulesVersion: 0,
      byLead: true,
      keeps: null,
      ...change,
    });
    return this;
  }

  /** Begins a tightening. @returns what refuses it, or null */
  begin(
    fastener: EntryOf<'tightening'>['fastener'],
    change: Partial<Fields<'tightening'>> & { wrench?: typeof WRENCH; byLead?: boolean } = {},
  ): EntryFault | null {
    const { wrench = WRENCH, byLead = false, ...rest } = change;
    const fields: Fields<'tightening'> = {
      end: 'front',
      fastener,
      wrenchId: wrench.id,
      setNm: fastener === 'caliper-post' ? 7 : 5,
      treatment: 'medium-threadlocker',
      asked: null,
      crowfoot: null,
      ...rest,
    };
    const asked = askedFor(this.job, fields, byLead);
    if ('refusal' in asked) return asked;
    return this.send('tightening', fields, { ...asked, wrench, retired: false });
  }

  /** Turns every bolt of the last tightening through these passes. @returns which fastener it is of, or null where none was begun */
  turn(passes: readonly Pass[]): FastenerId | null {
    const last = this.job.tightened.at(-1);
    if (!last) return null;
    for (const pass of passes)
      this.send('pass-mark', {
        tighteningId: last.id,
        pass,
        bolt: null,
        measuredNm: null,
        via: 'keys',
      });
    return last.fastener;
  }

  /** Tightens a fastener through every pass. */
  tighten(...of: Parameters<Visit['begin']>): this {
    if (this.begin(...of) === null) this.turn(passesOf(of[0] === 'caliper-post' ? 2 : 6));
    return this;
  }

  edit(frontLever: 'left' | 'right'): this {
    const { complaint, symptoms, odometerKm, promisedAt, minutes } = this.job;
    const held = { ...NOTHING_SAID, complaint, symptoms, odometerKm, promisedAt, minutes };
    this.send('edit', {
      was: { ...held, frontLever: this.job.frontLever },
      became: { ...held, frontLever },
    });
    return this;
  }

  cycle(bubbles: 'none' | 'few' | 'many'): this {
    const fields = { end: 'front', method: 'gravity-down', bubbles, colour: '', ml: 5 } as const;
    this.send('bleed-cycle', fields);
    return this;
  }

  /** Ticks everything that is asked for by name. */
  tickAll(): this {
    for (const bar of this.bars)
      if (bar.code === 'check-open')
        this.send('ticked', { end: bar.end, check: bar.check, outcome: 'passed', words: '' });
    return this;
  }
}

/** A visit with its front brake identified and the lever side confirmed: nothing bars it yet. */
export const identified = (change: Partial<JobBase> = {}): Visit =>
  Visit.with(change).identify().test('lever-side');
