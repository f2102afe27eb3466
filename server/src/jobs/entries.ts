import type { Entry, EntryKind, EntryOf, SentEntry, ToldKind } from '@hold-fast/contract/entries';
import type { Person } from '@hold-fast/contract/people';
import { mayFill } from '@hold-fast/core/fluid/container';
import { suits } from '@hold-fast/core/gauge/suits';
import { InputError } from '@hold-fast/core/inputError';
import { checksAt, visitOf } from '@hold-fast/contract/visit';
import {
  backFault,
  beddingTooEarly,
  doFault,
  doneWith,
  planAt,
  skipFault,
} from '@hold-fast/core/plan/visit';
import { suitsBrake } from '@hold-fast/core/procedure/procedures';
import { ENDS, type End } from '@hold-fast/core/ends';
import { crowfootGain, windowAtWrench } from '@hold-fast/core/torque/crowfoot';
import { askedOf, fastenerRule } from '@hold-fast/core/torque/fasteners';
import { passesOf } from '@hold-fast/core/torque/sequence';
import { clickSetting } from '@hold-fast/core/torque/wrench';
import { areasOf, ruleOf } from '@hold-fast/core/inspection/findings';
import { judgeSitting, kitAt } from '@hold-fast/core/inspection/inspectEnd';
import { placesOf, type Measurand } from '@hold-fast/core/inspection/measurand';
import { plausibleReading } from '@hold-fast/core/inspection/plausible';
import { compoundAdvice } from '@hold-fast/core/kit/compound';
import { inTransaction, insert, type Transaction } from '../platform/database';
import { takeOnce } from '../platform/once';
import { Refusal, refuseField } from '../platform/refusal';
import { dayOf, type Shop } from '../platform/shop';
import { sheetRevision } from '../sheets/store';
import {
  countClicks,
  gaugeById,
  holdContainer,
  holdStock,
  noteOpened,
  wrenchById,
} from '../stores/store';
import { loadJob } from './job';
import { judgeAgain } from './judgements';
import { countWrite, fillsOf, holdJob, measurementsOf, tighteningsOf, verdictsOf } from './store';

/** What a recorder works with: the job's transaction, and who appends which place in the order. */
interface Recording {
  shop: Shop;
  transaction: Transaction;
  jobId: string;
  seq: number;
  personId: string;
}

const HAS_POINTS: ReadonlySet<string> = new Set(['rotor', 'runout']);
/** The ways each thing's numbers can be taken. */
const BASES: Record<Measurand, readonly EntryOf<'measurement'>['basis'][]> = {
  rotor: [null],
  pads: ['total', 'friction'],
  runout: [null],
  clearance: [null],
  lever: ['travel', 'from-bar'],
  'mount-face': [null],
};

type Recorders = { [K in EntryKind]: (entry: EntryOf<K>, recording: Recording) => Promise<void> };

/**
 * Appends an entry to a job, once however often it arrives, and judges again what it may have changed.
 * @throws Refusal `not-found`, `job-sealed`, `id-reused`, or what the entry's own rules refuse.
 */
export async function appendEntry(
  shop: Shop,
  person: Person,
  jobId: string,
  { entry, appWord }: SentEntry,
): Promise<void> {
  await inTransaction(shop.pool, async (transaction) => {
    const job = await holdJob(transaction, jobId);
    if (!job) throw new Refusal('not-found');
    const seq = await takeOnce(transaction, {
      id: entry.id,
      body: { jobId, entry },
      personId: person.id,
      at: shop.now(),
    });
    if (seq === null) return;
    if (job.status === 'sealed') throw new Refusal('job-sealed');

    const record = RECORDERS[entry.kind] as (entry: Entry, recording: Recording) => Promise<void>;
    await record(entry, { shop, transaction, jobId, seq, personId: person.id });
    await countWrite(transaction, jobId);
    await judgeAgain(shop, transaction, jobId);
    await compareWithApp(shop, transaction, jobId, entry, appWord);
  });
}

const RECORDERS: Recorders = {
  identification: async (entry, recording) => {
    if (!(await sheetRevision(recording.transaction, entry.sheetRevisionId)))
      throw refuseField(
        'invalid-input',
        'entry.sheetRevisionId',
        'unknown',
        'There is no such spec sheet.',
      );
    await recordFact('identification', entry, recording, {
      job_id: recording.jobId,
      brake_end: entry.end,
      sheet_revision_id: entry.sheetRevisionId,
      stamped_limit_mm: entry.stampedLimit?.limitMm ?? null,
      stamped_at_is_worn: entry.stampedLimit?.atLimitIsWorn ?? null,
    });
  },

  measurement: async (entry, recording) => {
    const gauge = await gaugeById(recording.transaction, entry.gaugeId);
    if (!gauge)
      throw refuseField('invalid-input', 'entry.gaugeId', 'unknown', 'There is no such gauge.');
    if (gauge.retired || !suits(gauge.kind, entry.part))
      throw refuseField(
        'invalid-input',
        'entry.gaugeId',
        gauge.retired ? 'retired' : 'unsuited',
        gauge.retired ? 'This gauge is retired.' : 'This kind of gauge is not good enough here.',
      );
    if (HAS_POINTS.has(entry.part) !== (entry.pointCount !== null))
      throw refuseField(
        'invalid-input',
        'entry.pointCount',
        'wrong-part',
        'A rotor has points; the others have named places.',
      );
    if (!BASES[entry.part].includes(entry.basis))
      throw refuseField(
        'invalid-input',
        'entry.basis',
        'wrong-part',
        'Pads are taken total or friction, a lever by travel or from the bar; nothing else is.',
      );
    await recordFact('measurement', entry, recording, {
      job_id: recording.jobId,
      brake_end: entry.end,
      part: entry.part,
      gauge_id: gauge.id,
      resolution_mm: gauge.resolutionMm,
      uncertainty_mm: gauge.uncertaintyMm,
      anvils: gauge.anvils,
      calibration_due_on: gauge.calibrationDueOn,
      basis: entry.basis,
      point_count: entry.pointCount,
    });
  },

  reading: async (entry, recording) => {
    const measurement = await measurementOf(entry.measurementId, recording);
    refuseWrongPlace(entry, measurement);
    await recordFact('reading', entry, recording, {
      measurement_id: entry.measurementId,
      place: entry.place,
      value_mm: entry.valueMm,
      typed: entry.typed,
      via: entry.via,
      replaces: entry.replaces,
    });
    await refuseImpossible(entry, measurement, recording);
  },

  look: async (entry, recording) => {
    const { part } = await measurementOf(entry.measurementId, recording);
    if (part !== (entry.subject === 'ridge' ? 'rotor' : 'clearance'))
      throw refuseField(
        'invalid-input',
        'entry.subject',
        'wrong-part',
        'A ridge is felt on a rotor, and the mid reading counts for gaps.',
      );
    await recordFact('look', entry, recording, {
      measurement_id: entry.measurementId,
      subject: entry.subject,
      seen: entry.seen,
    });
  },

  'look-over': async (entry, recording) => {
    const sheet = (await jobOf(recording)).identified[entry.end]?.sheet.body;
    if (sheet && !areasOf(sheet.brake.actuation).includes(entry.area))
      throw refuseField(
        'invalid-input',
        'entry.area',
        'no-such-area',
        'This brake has no such part.',
      );
    if (entry.found.some((finding) => ruleOf(finding).area !== entry.area))
      throw refuseField('invalid-input', 'entry.found', 'wrong-area', 'That is not found there.');
    await recordFact('look_over', entry, recording, {
      job_id: recording.jobId,
      brake_end: entry.end,
      area: entry.area,
      found: JSON.stringify([...new Set(entry.found)]),
      words: entry.words,
    });
  },

  fitting: async (entry, recording) => {
    const job = await jobOf(recording);
    const kit = kitAt(job, entry.end);
    if (entry.part === 'pads' && entry.condition !== 'found') {
      const sheetSays = job.identified[entry.end]?.sheet.body.rotor.organicOnly ?? false;
      const organicOnly = kit.rotor ? kit.rotor.organicOnly : sheetSays;
      const advice = compoundAdvice(
        { organicOnly, bedded: kit.bedded },
        entry.compound ?? 'unknown',
      );
      if (advice.code === 'refused')
        throw refuseField(
          'fitting-refused',
          'entry.compound',
          advice.why,
          'The rotor is marked for organic pads only.',
        );
      if (advice.code === 'change' && entry.rebedding === null)
        throw refuseField(
          'fitting-refused',
          'entry.rebedding',
          'compound-change',
          'The rotor was bedded with another compound: say what is done about it.',
        );
    }
    await recordFact('fitting', entry, recording, {
      job_id: recording.jobId,
      brake_end: entry.end,
      part: entry.part,
      description: entry.description,
      fitted_as: entry.condition,
      compound: entry.compound,
      organic_only: entry.organicOnly,
      construction: entry.construction,
      new_mm: entry.newMm,
      stamped_limit_mm: entry.stampedLimit?.limitMm ?? null,
      stamped_at_is_worn: entry.stampedLimit?.atLimitIsWorn ?? null,
      came_off_for: entry.cameOffFor,
      rebedding: entry.rebedding,
    });
  },

  tightening: async (entry, recording) => {
    const { transaction, jobId } = recording;
    const row = await torqueRowOf(entry, recording);
    const wrench = await wrenchById(transaction, entry.wrenchId);
    if (!wrench)
      throw refuseField('invalid-input', 'entry.wrenchId', 'unknown', 'There is no such wrench.');
    if (wrench.retired)
      throw refuseField('invalid-input', 'entry.wrenchId', 'retired', 'This wrench is retired.');
    try {
      if (entry.crowfoot) crowfootGain(entry.crowfoot);
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      throw refuseField(
        'wrench-refused',
        'entry.crowfoot',
        error.code,
        'This crowfoot points back past the grip.',
      );
    }
    const setting = clickSetting(windowAtWrench(row.window, entry.crowfoot), wrench);
    if (setting.code !== 'set')
      throw new Refusal('wrench-refused', {
        fields: [
          {
            path: 'entry.wrenchId',
            code: setting.code,
            message: 'This wrench cannot prove this bolt.',
          },
        ],
        facts: { ...setting },
      });
    if (wrench.kind === 'click' && (entry.setNm < setting.loNm || entry.setNm > setting.hiNm))
      throw new Refusal('wrench-refused', {
        fields: [
          {
            path: 'entry.setNm',
            code: 'outside-window',
            message: `Set it between ${setting.loNm} and ${setting.hiNm} N·m.`,
          },
        ],
        facts: { ...setting },
      });
    await recordFact('tightening', entry, recording, {
      job_id: jobId,
      brake_end: entry.end,
      fastener: entry.fastener,
      bolt_count: row.boltCount,
      lo_nm: row.window.loNm,
      hi_nm: row.window.hiNm,
      named_nm: row.window.namedNm,
      origin: row.window.origin,
      tag: row.window.tag,
      wrench_id: wrench.id,
      max_nm: wrench.maxNm,
      mark_nm: wrench.markNm,
      tolerance: wrench.tolerance,
      calibration_due_on: wrench.calibrationDueOn,
      uses_before: wrench.uses,
      wrench_kind: wrench.kind,
      set_nm: entry.setNm,
      treatment: entry.treatment,
      treatment_asked: row.thread,
      asked_source: entry.asked?.source ?? '',
      crowfoot: entry.crowfoot === null ? null : JSON.stringify(entry.crowfoot),
    });
  },

  'pass-mark': async (entry, recording) => {
    const { transaction, jobId } = recording;
    const tightening = (await tighteningsOf(transaction, jobId)).find(
      ({ id }) => id === entry.tighteningId,
    );
    if (!tightening)
      throw refuseField(
        'invalid-input',
        'entry.tighteningId',
        'unknown',
        'There is no such torque step on this job.',
      );
    if (entry.bolt !== null && entry.bolt > tightening.boltCount)
      throw refuseField(
        'invalid-input',
        'entry.bolt',
        'no-such-bolt',
        `There are ${tightening.boltCount} bolts.`,
      );
    if (!passesOf(tightening.boltCount).includes(entry.pass))
      throw refuseField(
        'invalid-input',
        'entry.pass',
        'no-such-pass',
        'A single bolt goes straight from snug to full.',
      );
    if (entry.measuredNm !== null && (tightening.wrench.kind === 'click' || entry.bolt === null))
      throw refuseField(
        'invalid-input',
        'entry.measuredNm',
        'not-measured',
        'A click wrench shows no number, and a reading belongs to one bolt.',
      );
    await recordFact('pass_mark', entry, recording, {
      tightening_id: entry.tighteningId,
      pass: entry.pass,
      bolt: entry.bolt,
      measured_nm: entry.measuredNm,
      via: entry.via,
    });
    // Snug is by fingers; every other turn is a use of the wrench.
    if (entry.pass !== 'snug')
      await countClicks(
        transaction,
        tightening.wrench.id,
        entry.bolt === null ? tightening.boltCount : 1,
      );
  },

  'clamp-gaps': async (entry, recording) => {
    const tightening = (await tighteningsOf(recording.transaction, recording.jobId)).find(
      ({ id }) => id === entry.tighteningId,
    );
    if (!tightening || !fastenerRule(tightening.fastener).clamp)
      throw refuseField(
        'invalid-input',
        'entry.tighteningId',
        tightening ? 'no-clamp' : 'unknown',
        tightening ? 'This fastener holds no clamp.' : 'There is no such torque step on this job.',
      );
    await recordFact('clamp_gaps', entry, recording, {
      tightening_id: entry.tighteningId,
      one_mm: entry.oneMm,
      other_mm: entry.otherMm,
    });
  },

  'part-taken': async (entry, recording) => {
    const { transaction } = recording;
    const line = await holdStock(transaction, entry.stockId);
    if (!line)
      throw refuseField('invalid-input', 'entry.stockId', 'unknown', 'There is no such part.');
    if (line.count < entry.pieces)
      throw new Refusal('stock-refused', {
        fields: [
          {
            path: 'entry.pieces',
            code: 'not-enough',
            message: `The shelf holds ${line.count} of ${line.description}.`,
          },
        ],
        facts: { count: line.count },
      });
    await recordFact('part_taken', entry, recording, {
      job_id: recording.jobId,
      brake_end: entry.end,
      stock_id: entry.stockId,
      pieces: entry.pieces,
      batch: entry.batch || line.lastBatch,
    });
  },

  'fluid-back': async (entry, recording) => {
    const { transaction, jobId } = recording;
    const fill = (await fillsOf(transaction, jobId)).find(({ id }) => id === entry.fillId);
    if (!fill)
      throw refuseField(
        'invalid-input',
        'entry.fillId',
        'unknown',
        'There is no such fluid on this job.',
      );
    if (fill.family !== 'mineral')
      throw refuseField(
        'container-refused',
        'entry.fillId',
        'not-poured-back',
        'Only clean mineral fluid may go back; the rest is waste.',
      );
    await holdContainer(transaction, fill.containerId);
    if (entry.ml > fill.ml - fill.backMl)
      throw refuseField(
        'invalid-input',
        'entry.ml',
        'more-than-taken',
        `No more than ${fill.ml - fill.backMl} mL of it can be left.`,
      );
    await recordFact('fluid_back', entry, recording, { fill_id: entry.fillId, ml: entry.ml });
  },

  waste: (entry, recording) =>
    recordFact('waste', entry, recording, {
      job_id: recording.jobId,
      brake_end: entry.end,
      family: entry.family,
      ml: entry.ml,
    }),

  'bleed-cycle': tell,
  ticked: async (entry, recording) => {
    const job = await jobOf(recording);
    if (!checksAt(job, entry.end).some(({ check }) => check === entry.check))
      throw refuseField(
        'invalid-input',
        'entry.check',
        'not-asked',
        'Nothing that was done here asks for this.',
      );
    await tell(entry, recording);
  },
  deviation: tell,
  'bedding-pull': async (entry, recording) => {
    if (beddingTooEarly(visitOf(await jobOf(recording)), entry.end))
      throw new Refusal('step-refused', { facts: { code: 'rule', rule: 8 } });
    await tell(entry, recording);
  },
  witness: tell,
  'customer-answer': tell,
  'part-brought': tell,
  'taken-back': async (entry, recording) => {
    const { told } = await jobOf(recording);
    if (!told.some(({ id }) => id === entry.of))
      throw refuseField(
        'invalid-input',
        'entry.of',
        'unknown',
        'There is nothing of this id to take back.',
      );
    await recordFact('told', entry, recording, {
      job_id: recording.jobId,
      kind: entry.kind,
      body: '{}',
      takes_back: entry.of,
    });
  },

  'plan-choice': async (entry, recording) => {
    const job = await jobOf(recording);
    for (const end of ENDS) {
      const actuation = job.identified[end]?.sheet.body.brake.actuation;
      const wrong = actuation && entry.procedures[end].find((id) => !suitsBrake(id, actuation));
      if (wrong)
        throw refuseField(
          'invalid-input',
          `entry.procedures.${end}`,
          'unsuited',
          `A brake of this kind has no ${wrong}.`,
        );
    }
    const { procedures, bleed } = entry;
    const visit = visitOf(job);
    const early = entry.again.find(
      ({ end, procedure }) =>
        !procedures[end].includes(procedure) || !doneWith(visit, end).includes(procedure),
    );
    if (early)
      throw refuseField(
        'invalid-input',
        'entry.again',
        'not-done-yet',
        'Only what was chosen and is done can be done once more.',
      );
    const again = entry.again.map((each) => ({ ...each, after: visit.steps.length }));
    if (
      planAt({ ...visit, chosen: { procedures, bleed }, again: [...visit.again, ...again] }) ===
      null
    )
      throw refuseField(
        'invalid-input',
        'entry.procedures',
        'no-plan',
        'These cannot be done in one visit: they undo each other.',
      );
    await recordFact('plan_choice', entry, recording, {
      job_id: recording.jobId,
      procedures: JSON.stringify(procedures),
      bleed: JSON.stringify(bleed),
      again: JSON.stringify(entry.again),
      agreed: entry.agreed,
      words: entry.words,
    });
  },

  'plan-step': async (entry, recording) => {
    const job = await jobOf(recording);
    if ((job.stepped.at(-1)?.id ?? null) !== entry.after) throw new Refusal('step-overtaken');
    const { step, end, outcome } = entry;
    const visit = visitOf(job);
    const fault =
      outcome === 'done'
        ? doFault(visit, step, end)
        : outcome === 'skipped'
          ? skipFault(visit, step, end)
          : backFault(visit, step, end);
    if (fault) throw new Refusal('step-refused', { facts: { ...fault } });
    if (outcome === 'skipped' && entry.reason === '')
      throw refuseField('step-refused', 'entry.reason', 'empty', 'Write why it is left out.');
    await recordFact('plan_step', entry, recording, {
      job_id: recording.jobId,
      step,
      brake_end: end,
      outcome,
      reason: entry.reason,
      after_step: entry.after,
    });
  },

  fill: async (entry, recording) => {
    const { transaction, shop, jobId } = recording;
    const asked = (await sheetOf(entry.end, recording)).fluid;
    if (!asked)
      throw refuseField(
        'container-refused',
        'entry.end',
        'no-fluid-asked',
        'The spec sheet of this brake asks for no fluid.',
      );
    const container = await holdContainer(transaction, entry.containerId);
    if (!container)
      throw refuseField(
        'invalid-input',
        'entry.containerId',
        'unknown',
        'There is no such container.',
      );
    const today = dayOf(shop.now());
    const state = mayFill(container, asked, entry.ml, today);
    if (!state.ok)
      throw new Refusal('container-refused', {
        fields: [
          {
            path: state.code === 'not-enough' ? 'entry.ml' : 'entry.containerId',
            code: state.code,
            message: `This container is refused: ${state.code}.`,
          },
        ],
        facts: { ...state },
      });
    await recordFact('fill', entry, recording, {
      job_id: jobId,
      brake_end: entry.end,
      container_id: entry.containerId,
      ml: entry.ml,
      colour: entry.colour,
    });
    await noteOpened(transaction, entry.containerId, today);
  },

  test: async (entry, recording) => {
    if ((entry.test === 'lever-feel') !== (entry.end !== null))
      throw refuseField(
        'invalid-input',
        'entry.end',
        'wrong-end',
        'Only the lever’s feel is tested end by end.',
      );
    await recordFact('test', entry, recording, {
      job_id: recording.jobId,
      test: entry.test,
      brake_end: entry.end,
      outcome: entry.outcome,
    });
  },
};

function recordFact(
  table: string,
  entry: Pick<Entry, 'id' | 'at'>,
  { transaction, seq, personId }: Recording,
  columns: Parameters<typeof insert>[2],
): Promise<void> {
  return insert(transaction, table, {
    id: entry.id,
    seq,
    ...columns,
    at: new Date(entry.at),
    by_person: personId,
  });
}

/** Keeps what was told as it was told. */
function tell(entry: EntryOf<ToldKind>, recording: Recording): Promise<void> {
  const { kind, id: _id, at: _at, ...body } = entry;
  return recordFact('told', entry, recording, {
    job_id: recording.jobId,
    kind,
    body: JSON.stringify(body),
    takes_back: null,
  });
}

async function measurementOf(id: string, { transaction, jobId }: Recording) {
  const found = (await measurementsOf(transaction, jobId)).find(
    (measurement) => measurement.id === id,
  );
  if (!found)
    throw refuseField(
      'invalid-input',
      'entry.measurementId',
      'unknown',
      'There is no such measurement on this job.',
    );
  return found;
}

type Sitting = Awaited<ReturnType<typeof measurementOf>>;

function refuseWrongPlace(entry: EntryOf<'reading'>, measurement: Sitting): void {
  if (!placesOf(measurement.part, measurement.pointCount).includes(entry.place))
    throw refuseField(
      'reading-refused',
      'entry.place',
      'no-such-point',
      `There is no place "${entry.place}" on this part.`,
    );
  const corrected = measurement.readings.find(({ id }) => id === entry.replaces);
  if (entry.replaces !== null && corrected?.place !== entry.place)
    throw refuseField(
      'reading-refused',
      'entry.replaces',
      'unknown',
      'There is no such reading at this place to correct.',
    );
}

/** Refuses a slip, and a reading that contradicts the sheet; the transaction takes it back. */
async function refuseImpossible(
  entry: EntryOf<'reading'>,
  measurement: Sitting,
  recording: Recording,
): Promise<void> {
  try {
    plausibleReading(measurement.part, entry.place, entry.valueMm);
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    throw readingRefused(error.code, error.numbers);
  }
  if (entry.place === 'zero') return;
  const judgement = judgeSitting(
    await jobOf(recording),
    await measurementOf(measurement.id, recording),
  );
  if (judgement && !judgement.ok && judgement.field === entry.place)
    throw readingRefused(judgement.code, judgement.numbers);
}

function readingRefused(code: string, facts: Readonly<Record<string, number>>): Refusal {
  return new Refusal('reading-refused', {
    fields: [{ path: 'entry.valueMm', code, message: `This reading cannot be right: ${code}.` }],
    facts: { code, ...facts },
  });
}

async function jobOf({ transaction, jobId }: Recording) {
  return (await loadJob(transaction, jobId))!;
}

async function sheetOf(end: End, recording: Recording) {
  const identified = (await jobOf(recording)).identified[end];
  if (!identified)
    throw refuseField(
      'invalid-input',
      'entry.end',
      'not-identified',
      'Identify this brake first: pick its spec sheet.',
    );
  return identified.sheet.body;
}

async function torqueRowOf(entry: EntryOf<'tightening'>, recording: Recording) {
  const row = askedOf(entry.fastener, (await sheetOf(entry.end, recording)).torque);
  const { asked } = entry;
  if (asked) {
    const { drive, count, thread } = fastenerRule(entry.fastener);
    return {
      drive: row?.drive ?? drive,
      boltCount: row?.boltCount ?? count,
      thread: row?.thread ?? thread,
      window: {
        loNm: asked.loNm,
        hiNm: asked.hiNm,
        origin: asked.origin,
        tag: null,
        namedNm: null,
      },
    };
  }
  if (!row)
    throw refuseField(
      'invalid-input',
      'entry.fastener',
      'not-on-sheet',
      'Nobody gives a torque for this fastener: read it off the part or the maker’s sheet.',
    );
  return row;
}

/** The server's verdict is the record; one the app saw differently is a fault to look into. */
async function compareWithApp(
  shop: Shop,
  transaction: Transaction,
  jobId: string,
  entry: Entry,
  appWord: SentEntry['appWord'],
): Promise<void> {
  if (appWord === null || (entry.kind !== 'reading' && entry.kind !== 'look')) return;
  const judged = (await verdictsOf(transaction, jobId)).get(entry.measurementId);
  const word = judged?.judgement.ok ? judged.judgement.word : null;
  if (word !== appWord)
    shop.log.error(
      { jobId, measurementId: entry.measurementId, word, appWord },
      'the app judged differently',
    );
}
