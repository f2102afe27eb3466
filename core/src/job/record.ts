import { handsOn } from './handsOn';
import { ENDS, type End } from '../ends';
import { endsOf, saidOfThird } from '../kit/brakes';
import type { Finding } from '../inspection/findings';
import { isSameThing, type Thing } from '../inspection/inspected';
import { inspectEnd, type InspectionItem } from '../inspection/inspectEnd';
import type { Json } from '../seal/canonical';
import { barsAtSigning, watchedItems } from './bars';
import { noticesMet } from '../notice/notice';
import { intakeOf, NOTHING_SAID, type Fitted, type Job } from './job';
import type { NotRepaired } from './notRepaired';

/** Version of what is sealed. Documented in docs/formats/job-record.md; a record of another version is read as it is. */
export const RECORD_FORMAT = 'hold-fast/job-record/19';

/** Who signed, and what they said to the customer. */
export interface Signed {
  /** Its number in the chain. */
  number: number;
  /** ISO 8601, UTC. */
  at: string;
  by: string;
  /** What they told of; only what is watched is kept of it. */
  toldOf: readonly Thing[];
  /** The job is closed and its bike leaves as it is; null where it was signed off. */
  notRepaired: NotRepaired | null;
}

/**
 * What is sealed of a job: every field named here, and nothing that a job may come to hold besides. Both sides of what was
 * answered stand in it, and what nobody looked at is said outright.
 */
export function recordOf(job: Job, signed: Signed): Record<string, Json> {
  // A bike of two brakes has nothing to say of a third, but what was found at one that was struck off its page since.
  const at = ENDS.filter(
    (end) =>
      endsOf(job.bike).includes(end) ||
      job.identified[end] !== null ||
      inspectEnd(job, end).items.length > 0,
  );
  const atEnds = <T>(of: (end: End) => T) =>
    Object.fromEntries(at.map((end) => [end, of(end)])) as Partial<Record<End, T>>;
  const ends = at.map((end) => ({ end, ...inspectEnd(job, end) }));
  const record = {
    format: RECORD_FORMAT,
    id: job.id,
    tag: job.tag,
    ...intakeOf(job),
    comeback: job.comeback && { jobId: job.comeback.jobId, tag: job.comeback.tag },
    checkedIn: { at: job.checkedIn.at, by: job.checkedIn.by },
    bike: {
      id: job.bike.id,
      customerId: job.bike.customerId,
      name: job.bike.name,
      maker: job.bike.maker,
      serial: job.bike.serial,
      motor: job.bike.motor,
      systemMassKg: job.bike.systemMassKg,
      terrain: job.bike.terrain,
      wet: job.bike.wet,
      kmPerWeek: job.bike.kmPerWeek,
      forkMaterial: job.bike.forkMaterial,
      frameMaterial: job.bike.frameMaterial,
      frontBrake: job.bike.frontBrake,
      rearBrake: job.bike.rearBrake,
      ...saidOfThird(job.bike),
      furtherBrakes: job.bike.furtherBrakes,
    },
    customer: { id: job.customer.id, name: job.customer.name },
    rules: { version: job.rulesVersion, ...rulesOf(job) },
    identified: atEnds((end) => identifiedAt(job, end)),
    measured: job.measured.map((each) => ({
      id: each.id,
      seq: each.seq,
      end: each.end,
      part: each.part,
      gaugeId: each.gaugeId,
      gaugeName: each.gaugeName,
      gauge: {
        kind: each.gauge.kind,
        resolutionMm: each.gauge.resolutionMm,
        uncertaintyMm: each.gauge.uncertaintyMm,
        anvils: each.gauge.anvils,
        calibrationDueOn: each.gauge.calibrationDueOn,
      },
      basis: each.basis,
      pointCount: each.pointCount,
      measuredOn: each.measuredOn,
      readings: each.readings.map(
        ({ id, place, valueMm, replaces, words = '', at = '', by = '' }) => ({
          id,
          place,
          valueMm,
          replaces,
          words,
          at,
          by,
        }),
      ),
      looks: each.looks.map(({ subject, seen }) => ({ subject, seen })),
      superseded: each.superseded,
      verdict: each.verdict && {
        sheetRevisionId: each.verdict.sheetRevisionId,
        rule: each.verdict.rule,
        judgement: each.verdict.judgement,
      },
      at: each.at,
      by: each.by,
    })),
    lookedOver: job.lookedOver.map(({ id, seq, end, area, found, words, takesBack, at, by }) => ({
      id,
      seq,
      end,
      area,
      found,
      words,
      takesBack,
      at,
      by,
    })),
    photos: job.photos.map(({ id, end, area, sha256, at, by }) => ({
      id,
      end,
      area,
      sha256,
      at,
      by,
    })),
    fittings: job.fittings.map(fittedAs),
    neverFitted: job.neverFitted.map(({ takenBack, ...each }) => ({
      ...fittedAs(each),
      takenBack,
    })),
    tightened: job.tightened.map((each) => ({
      id: each.id,
      seq: each.seq,
      end: each.end,
      fastener: each.fastener,
      boltCount: each.boltCount,
      window: {
        loNm: each.window.loNm,
        hiNm: each.window.hiNm,
        namedNm: each.window.namedNm,
        origin: each.window.origin,
        tag: each.window.tag,
      },
      askedSource: each.askedSource,
      setAside: each.setAside
        ? { loNm: each.setAside.loNm, hiNm: each.setAside.hiNm, words: each.overSheet ?? '' }
        : null,
      wrench: {
        id: each.wrench.id,
        name: each.wrench.name,
        kind: each.wrench.kind,
        maxNm: each.wrench.maxNm,
        markNm: each.wrench.markNm,
        tolerance: each.wrench.tolerance,
        toleranceAssumed: each.wrench.toleranceAssumed,
        calibrationDueOn: each.wrench.calibrationDueOn,
        uses: each.wrench.uses,
      },
      setNm: each.setNm,
      treatment: each.treatment,
      treatmentAsked: each.treatmentAsked,
      crowfoot: each.crowfoot,
      gaps: each.gaps,
      marks: each.marks.map(({ id, pass, bolt, measuredNm, via, at, by }) => ({
        id,
        pass,
        bolt,
        measuredNm,
        via,
        at,
        by,
      })),
      flaws: each.flaws,
      at: each.at,
      by: each.by,
    })),
    filled: job.filled.map((each) => ({
      id: each.id,
      seq: each.seq,
      end: each.end,
      containerId: each.containerId,
      label: each.label,
      fluid: each.fluid,
      family: each.family,
      lot: each.lot,
      ml: each.ml,
      backMl: each.backMl,
      colour: each.colour,
      at: each.at,
      by: each.by,
    })),
    wasted: job.wasted.map(({ id, end, family, ml, at, by }) => ({ id, end, family, ml, at, by })),
    taken: job.taken.map(
      ({ id, end, stockId, part, description, pieces, batch, batches, at, by }) => ({
        id,
        end,
        stockId,
        part,
        description,
        pieces,
        batch,
        batches: [...batches],
        at,
        by,
      }),
    ),
    // Each kind of what is told has fields of its own, by its entry's schema.
    told: job.told,
    takenBack: job.takenBack.map(({ of, at, by }) => ({ of, at, by })),
    repaired: job.repaired.map(repairedAs),
    neverRepaired: job.neverRepaired.map(({ takenBack, ...each }) => ({
      ...repairedAs(each),
      takenBack,
    })),
    tested: job.tested.map(({ id, seq, test, end, outcome, words, at, by }) => ({
      id,
      seq,
      test,
      end,
      outcome,
      words,
      at,
      by,
    })),
    decided: job.decided.map((each) => ({
      id: each.id,
      seq: each.seq,
      end: each.end,
      subject: each.subject,
      decision: each.decision,
      words: each.words,
      byLead: each.byLead,
      keeps: each.keeps,
      stands: each.stands,
      at: each.at,
      by: each.by,
    })),
    planned: job.planned.map(({ id, seq, procedures, bleed, again, agreed, words, at, by }) => ({
      id,
      seq,
      procedures: atEnds((end) => procedures[end]),
      bleed: atEnds((end) => bleed[end]),
      again,
      agreed,
      words,
      at,
      by,
    })),
    stepped: job.stepped.map(({ id, seq, step, end, outcome, reason, after, at, by }) => ({
      id,
      seq,
      step,
      end,
      outcome,
      reason,
      after,
      at,
      by,
    })),
    edited: job.edited.map(({ seq, was, became, at, by }) => ({
      seq,
      was: intakeOf({ ...NOTHING_SAID, ...was }),
      became: intakeOf({ ...NOTHING_SAID, ...became }),
      at,
      by,
    })),
    takenOff: job.takenOff.map(({ id, seq, end, part, goes, at, by }) => ({
      id,
      seq,
      end,
      part,
      goes,
      at,
      by,
    })),
    byApprentice: job.byApprentice.map(({ id, seq }) => ({ id, seq })),
    handsOn: handsOn(job.worked),
    notices: noticesMet(job).map(({ id, version, title, source, doNotRide }) => ({
      id,
      version,
      title,
      source,
      doNotRide,
    })),
    tags: job.tags.map(({ end, subject, found, tag, jobId, foundAfter }) => ({
      end,
      subject,
      found,
      tag,
      jobId,
      foundAfter,
    })),
    againstAdvice: job.againstAdvice.map(({ end, subject, words, tag, jobId, at }) => ({
      end,
      subject,
      words,
      tag,
      jobId,
      at,
    })),
    modifiedBefore: atEnds((end) => job.modifiedBefore[end]),
    metBefore: atEnds((end) => metOf(job, end)),
    inspection: ends.flatMap(({ items }) => items.map(itemOf)),
    notInspected: ends.flatMap(({ end, notInspected }) =>
      notInspected.map((subject) => ({ end, subject })),
    ),
    signedOff: {
      number: signed.number,
      at: signed.at,
      by: signed.by,
      toldOf: watchedItems(job)
        .filter((item) => signed.toldOf.some((told) => isSameThing(told, item)))
        .map(({ end, subject }) => ({ end, subject })),
    },
    notRepaired: signed.notRepaired && {
      words: signed.notRepaired.words,
      takenBy: signed.notRepaired.takenBy,
      open: barsAtSigning(job, signed).map(({ code }) => code),
    },
  };
  return record as unknown as Record<string, Json>;
}

const metOf = ({ metBefore }: Job, end: End) => ({
  lever: metBefore[end].lever,
  hose: metBefore[end].hose,
  caliper: metBefore[end].caliper,
});

const repairedAs = ({ id, seq, end, work, words, at, by }: Job['repaired'][number]) => ({
  id,
  seq,
  end,
  work,
  words,
  at,
  by,
});

const fittedAs = (each: Fitted) => ({
  id: each.id,
  seq: each.seq,
  jobId: each.jobId,
  end: each.end,
  part: each.part,
  description: each.description,
  condition: each.condition,
  compound: each.compound,
  organicOnly: each.organicOnly,
  construction: each.construction,
  newMm: each.newMm,
  stampedLimit: each.stampedLimit,
  stampAgainMm: each.stampAgainMm ?? null,
  cameOffFor: each.cameOffFor,
  rebedding: each.rebedding,
  usedPartId: each.usedPartId ?? null,
  batches: [...(each.batches ?? [])],
  at: each.at,
  by: each.by,
});

function rulesOf({ rules }: Job) {
  return {
    schools: rules.schools,
    rotorPoints: rules.rotorPoints,
    runoutPoints: rules.runoutPoints,
    runoutBands: {
      goodMm: rules.runoutBands.goodMm,
      watchMm: rules.runoutBands.watchMm,
      trueMm: rules.runoutBands.trueMm,
    },
    serviceDays: { rotor: rules.serviceDays.rotor, pads: rules.serviceDays.pads },
    figures: rules.figures,
    minutes: rules.minutes,
    lengthUnit: rules.manner.length,
    beddingIn: rules.beddingIn,
    pistonLubricant: rules.pistonLubricant,
    timeZone: rules.timeZone,
  };
}

function identifiedAt({ identified }: Job, end: End) {
  const found = identified[end];
  return (
    found && {
      id: found.id,
      seq: found.seq,
      sheet: {
        id: found.sheet.id,
        sheetId: found.sheet.sheetId,
        revision: found.sheet.revision,
        body: found.sheet.body,
      },
      stampedLimit: found.stampedLimit,
      limit: found.limit && {
        limitMm: found.limit.limitMm,
        atLimitIsWorn: found.limit.atLimitIsWorn,
        origin: found.limit.origin,
        tag: found.limit.tag,
      },
      at: found.at,
      by: found.by,
    }
  );
}

/** How a thing stood when it was sealed: its word, what was found and not answered, what condemned before and what changed since. */
function itemOf(item: InspectionItem) {
  return {
    end: item.end,
    subject: item.subject,
    word: item.word,
    doNotRide: item.doNotRide,
    sittingId: item.sittingId,
    lookOverId: item.lookOverId,
    found: item.found satisfies readonly Finding[],
    lesserLooks: item.lesserLooks,
    words: item.words,
    held: item.held.map(({ sittingId, seq, places, doNotRide, lacks }) => ({
      sittingId,
      seq,
      places: places.map(({ place, readMm }) => ({ place, readMm })),
      doNotRide,
      lacks,
    })),
    lapsed: item.lapsed && { seq: item.lapsed.seq, touch: item.lapsed.touch, by: item.lapsed.by },
    unbelieved: item.unbelieved,
    unmeasured: item.unmeasured,
    settle: item.settle,
    work: item.work,
  };
}
