import { endSays } from '../../bikes/thirdBrake';
import { nameOf } from '@hold-fast/core/fluid/families';
import type { Subject } from '@hold-fast/core/inspection/inspected';
import { MEASURANDS } from '@hold-fast/core/measurand/measurand';
import { AgainstAdvice } from '../../AgainstAdvice';
import { toldOf } from '@hold-fast/core/job/told';
import type { Job, Measured } from '@hold-fast/core/job/job';
import { standingSteps } from '@hold-fast/core/evidence/stepped';
import { isWorkOpen } from '@hold-fast/core/job/visit';
import { unsaidSince } from '@hold-fast/core/job/stay';
import { waitOf } from '@hold-fast/core/job/waits';
import { nextStep } from '@hold-fast/core/procedure/nextStep';
import { brakeTypeAt, hasDisc, discsOf, endsOf } from '@hold-fast/core/kit/brakes';
import type { End } from '@hold-fast/core/ends';
import { countingMarks } from '@hold-fast/core/torque/proof';
import { nextTurn, passesOf } from '@hold-fast/core/torque/sequence';
import { inspectEnd, kitAt, type InspectionItem } from '@hold-fast/core/inspection/inspectEnd';
import { WORDS } from '@hold-fast/core/wear/verdict';
import { router } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { WearRule } from '../../../instruments/WearRule';
import { tableOf } from '@hold-fast/core/trouble/engine';
import { checkAskedFor } from '@hold-fast/core/trouble/follow';
import { today } from '../../../data/today';
import { useTroubleTable } from '../../../data/trouble';
import { troubleWords } from '../../../words/trouble';
import { Button, Buttons } from '../../../ui/Button';
import { Note } from '../../../ui/Note';
import { Page, Section } from '../../../ui/Page';
import { Row } from '../../../ui/Row';
import { space } from '../../../ui/tokens';
import { useWide } from '../../../ui/useWide';
import { VerdictMark, WORD_INK } from '../../../ui/VerdictMark';
import { Words } from '../../../ui/Words';
import { exactDay } from '../../../words/days';
import { verdictWords } from '../../../words/verdictWords';
import { words } from '../../../words/words';
import { standingAt, WithJob } from '../JobFrame';
import { SumsHere } from '../../reckoner/SumsHere';
import { AskedFor } from './AskedFor';
import { NoticeAnswers } from './NoticeAnswers';
import { SecondLooks } from './SecondLooks';
import { StayAsked } from './StayAsked';
import { WaitSection } from './WaitSection';
import { capital } from '../../../words/capital';
import { itemSays, judgementNumber, reasonsOf } from '../inspect/findings';
import { jobWords } from '../../../words/job';
import { atBike, atJob, type AtEnd, type InJob } from '../../routes';

const RULE_WIDTH = 316;

/** A job: what was asked, what was found at each end, what was done, and what comes next. */
export function JobSheet({ jobId }: { jobId: string }) {
  return (
    <WithJob jobId={jobId} stands="job">
      {(job) => <Sheet job={job} />}
    </WithJob>
  );
}

function Sheet({ job }: { job: Job }) {
  const wide = useWide();
  const go = (to: InJob) => () => router.navigate(atJob(job.id, to));
  const table = useTroubleTable(job.rules.trouble);
  const next = nextOf(job);
  const asked = next.step === 'trouble' && next.end ? checkAskedFor(job, next.end, table) : null;
  const does = asked ? words.inSentence(troubleWords.check[asked]) : words.step[next.step];
  const nextWords = next.end ? `${does}, ${words.end[next.end]}` : jobWords.jobSheet.signOff;
  const carryOn = go(wayOn(job, next));
  // There is nothing to measure on a bike that is not here.
  const wait = waitOf(job);
  const isAway = wait?.away === true;
  const since = unsaidSince(job, today());

  return (
    <Page
      tag={job.tag}
      over={job.customer.name}
      title={job.bike.name}
      aside={
        <Button
          kind="quiet"
          says={jobWords.jobSheet.bike}
          onPress={() => router.navigate(atBike(job.bike.id))}
        />
      }
      foot={
        job.sealed ? undefined : (
          <Buttons>
            {next.end ? (
              <Button kind="plain" says={jobWords.jobSheet.signOff} onPress={go('sign-off')} />
            ) : null}
            {next.end && isAway ? null : (
              <Button
                grow
                says={next.end ? jobWords.jobSheet.carryOn(nextWords) : jobWords.jobSheet.signOff}
                onPress={carryOn}
              />
            )}
          </Buttons>
        )
      }
    >
      {job.sealed ? (
        <Note
          kind={job.sealed.notRepaired ? 'refusal' : 'plain'}
          title={jobWords.jobSheet.sealedAsRecord(job.sealed.number)}
        >
          {(job.sealed.notRepaired
            ? jobWords.jobSheet.closedBySeal
            : jobWords.jobSheet.signedOffBySeal)(
            job.sealed.by,
            exactDay(job.sealed.at),
            job.sealed.seal.slice(0, 16),
          )}
        </Note>
      ) : null}
      {job.sealed ? null : <AgainstAdvice advice={job.againstAdvice} />}
      {job.sealed || job.tags.length === 0 ? null : (
        <Note kind="refusal" title={jobWords.jobSheet.taggedDoNotRide}>
          {job.tags.map((tag) => (
            <Words key={`${tag.end} ${tag.subject}`}>
              {jobWords.jobSheet.workAndAnotherLookLift(
                capital(words.thingAt(tag.end, tag.subject)),
                tag.found.length > 0
                  ? `, ${words.format.list(tag.found.map((f) => words.finding[f]))}`
                  : '',
                tag.foundAfter !== null
                  ? jobWords.jobSheet.filledAtJobFromA(tag.tag)
                  : tag.jobId === job.id
                    ? ''
                    : jobWords.jobSheet.foundAtJob(tag.tag),
              )}
            </Words>
          ))}
        </Note>
      )}
      <AskedFor job={job} onChange={go('edit')} />
      {job.sealed ? null : <NoticeAnswers job={job} />}
      {job.sealed ? null : <SecondLooks job={job} />}
      {job.sealed || wait || since === null ? null : <StayAsked job={job} since={since} />}
      {job.sealed ? null : <WaitSection job={job} />}
      <Row
        mark={<VerdictMark word={null} />}
        title={jobWords.jobSheet.plan}
        word={
          job.planned.length > 0
            ? undefined
            : { says: jobWords.jobSheet.nothingPlanned, ink: 'soft' }
        }
        says={
          job.planned.length === 0
            ? jobWords.jobSheet.whatIsToBeDone
            : standingSteps(job).length === 0
              ? jobWords.jobSheet.laidDownNothingDoneYet
              : jobWords.jobSheet.stepsDoneOrLeftOut(standingSteps(job).length)
        }
        {...(job.sealed ? {} : { onPress: go(job.planned.length > 0 ? 'step' : 'plan') })}
        testID="plan"
      />
      <FoundRow job={job} onPress={go('found')} />
      <View style={wide && styles.beside}>
        {endsOf(job.bike).map((end) =>
          hasDisc(job.bike, end) ? (
            <EndOfJob key={end} job={job} end={end} go={go} half={wide} />
          ) : (
            <Section key={end}>
              <Words ink="soft">
                {jobWords.jobSheet.leftAlone(
                  capital(words.end[end]),
                  words.brakeType[brakeTypeAt(job.bike, end)],
                )}
              </Words>
            </Section>
          ),
        )}
      </View>
    </Page>
  );
}

/** How many of the things that were looked at stand how, the gravest first; leads to all of them. */
function FoundRow({ job, onPress }: { job: Job; onPress: () => void }) {
  const items = endsOf(job.bike).flatMap((end) => inspectEnd(job, end).items);
  const counted = [...WORDS]
    .reverse()
    .map((word) => ({ word, count: items.filter((item) => item.word === word).length }))
    .filter(({ count }) => count > 0);
  return (
    <Row
      mark={<VerdictMark word={counted[0]?.word ?? null} />}
      title={jobWords.jobSheet.whatWasFound}
      word={
        items.length === 0 ? { says: jobWords.jobSheet.nothingInspected, ink: 'soft' } : undefined
      }
      says={
        items.length === 0
          ? undefined
          : capital(counted.map(({ word, count }) => `${count} ${words.counted[word]}`).join(', '))
      }
      onPress={onPress}
      testID="found"
    />
  );
}

function EndOfJob({
  job,
  end,
  go,
  half,
}: {
  job: Job;
  end: End;
  go: (to: InJob) => () => void;
  half: boolean;
}) {
  const identified = job.identified[end];
  const open = !job.sealed;
  const press = (to: AtEnd) => (open ? { onPress: go(`${end}/${to}`) } : {});
  const limit = identified?.limit;
  const inspection = inspectEnd(job, end);
  const looked = inspection.items.filter(({ subject }) => !isMeasured(subject));
  const bolts = lastOfEach(job.tightened.filter((tightened) => tightened.end === end));
  const fills = job.filled.filter((fill) => fill.end === end);
  const fluidAsked = identified?.sheet.body.fluid;

  return (
    <View style={half && styles.half}>
      <Words kind="label" level={2} style={styles.end}>
        {endSays(job.bike, end)}
      </Words>
      <Row
        title={identified ? identified.sheet.body.title : jobWords.jobSheet.brake}
        word={identified ? undefined : { says: jobWords.jobSheet.notIdentified, ink: 'soft' }}
        says={
          identified && limit
            ? jobWords.jobSheet.rotorLimit(
                identified.sheet.body.source,
                words.format.fixed(limit.limitMm, 2),
                words.origin[limit.origin],
              )
            : jobWords.jobSheet.pickItsSpecSheetIt
        }
        {...press('identify')}
      />
      {identified?.newerRevision ? (
        <Note
          kind="caution"
          title={jobWords.jobSheet.theSheetHasANewer(identified.newerRevision.revision)}
        >
          {jobWords.jobSheet.thisJobKeepsRevisionWhich(identified.sheet.revision)}
        </Note>
      ) : null}
      <Row
        title={jobWords.jobSheet.fitted}
        says={kitSays(job, end)}
        {...(identified ? press('kit') : {})}
      />
      {MEASURANDS.map((subject) => (
        <ItemRow
          key={subject}
          job={job}
          end={end}
          subject={subject}
          item={inspection.items.find((item) => item.subject === subject) ?? null}
          drawn={half}
          {...press(subject)}
        />
      ))}
      <LookedOverRow
        items={looked}
        missed={inspection.notInspected.filter((subject) => !isMeasured(subject)).length}
        {...press('look')}
      />
      <Row
        mark={
          <VerdictMark
            word={
              bolts.length === 0
                ? null
                : bolts.every(({ flaws }) => flaws.length === 0)
                  ? 'holds'
                  : 'unproven'
            }
          />
        }
        title={jobWords.jobSheet.torque}
        word={boltsWord(bolts)}
        says={bolts.map(boltsSay).join(' ') || undefined}
        {...press('bolts')}
      />
      {toldOf(job, 'deviation', end).map((told) => (
        <Row
          key={told.id}
          mark={<VerdictMark word="unproven" />}
          title={jobWords.jobSheet.deviation}
          says={jobWords.jobSheet.decidedBy(
            told.words,
            told.measured ? `, ${told.measured}` : '',
            told.who,
          )}
          {...press('deviation')}
        />
      ))}
      <Row
        mark={<VerdictMark word={fills.length > 0 ? 'holds' : null} />}
        title={jobWords.jobSheet.fluid}
        word={fills.length > 0 ? undefined : { says: jobWords.jobSheet.noneUsed, ink: 'soft' }}
        says={
          fills.length > 0
            ? fills
                .map((fill) => jobWords.jobSheet.mlLot(fill.ml, fill.fluid, fill.label, fill.lot))
                .join('; ')
            : fluidAsked
              ? jobWords.jobSheet.sheetAsks(nameOf(fluidAsked.fluid))
              : identified
                ? jobWords.jobSheet.theSheetAsksForNone
                : jobWords.jobSheet.itsSpecSheetSaysWhich
        }
        {...(fluidAsked ? press('fluid') : {})}
      />
      <SumsHere job={job} end={end} />
    </View>
  );
}

function ItemRow({
  drawn,
  job,
  end,
  subject,
  item,
  onPress,
}: {
  /** With its wear rule, where there is room. */
  drawn: boolean;
  job: Job;
  end: End;
  subject: Subject;
  item: InspectionItem | null;
  onPress?: () => void;
}) {
  const sitting = job.measured.find(({ id }) => id === item?.sittingId) ?? null;
  const decision = job.decided
    .filter((made) => made.stands && made.end === end && made.subject === subject)
    .at(-1);
  const decided = decision
    ? ` ${words.decided[decision.decision]}, ${decision.by}: ${words.quoted(decision.words)}`
    : '';
  const { judgement } = item ?? {};
  const rotor = judgement?.ok && judgement.measurand === 'rotor' ? judgement.verdict : null;
  const why =
    judgement && item?.word === 'unproven'
      ? jobWords.jobSheet.unproven(reasonsOf(judgement).map(verdictWords.reason).join('; '))
      : '';
  const number = judgement && sitting ? judgementNumber(judgement, sitting.gauge) : null;
  return (
    <Row
      mark={<VerdictMark word={item?.word ?? null} />}
      title={capital(words.subject[subject])}
      figure={
        drawn && rotor?.thinnest ? (
          <WearRule
            newMm={rotor.newMm}
            limitMm={rotor.limit.limitMm}
            origin={rotor.limit.origin}
            leastMm={rotor.thinnest.thicknessMm}
            doubtMm={rotor.thinnest.doubtMm}
            word={rotor.word}
            upperBound={rotor.upperBounds}
            width={RULE_WIDTH}
          />
        ) : undefined
      }
      word={
        item
          ? { says: words.standing(item), ink: WORD_INK[item.word] }
          : { says: jobWords.jobSheet.notInspected, ink: 'soft' }
      }
      says={item ? itemSays(item, sitting?.gauge ?? null) + why + decided : undefined}
      aside={number ? <Words kind="reading">{number}</Words> : undefined}
      {...(onPress ? { onPress } : {})}
      testID={`${end}-${subject}`}
    />
  );
}

/** All that is looked over by eye and hand, in one row: the worst of it, or how much of it was looked at. */
function LookedOverRow({
  items,
  missed,
  onPress,
}: {
  items: readonly InspectionItem[];
  missed: number;
  onPress?: () => void;
}) {
  const [worst] = items;
  const found = items.filter(({ word }) => word !== 'holds');
  const rest =
    missed > 0 ? jobWords.jobSheet.areasNotLookedAt(missed) : jobWords.jobSheet.everyAreaLookedAt;
  return (
    <Row
      mark={<VerdictMark word={worst?.word ?? null} />}
      title={jobWords.jobSheet.lookedOver}
      word={
        worst
          ? { says: words.standing(worst), ink: WORD_INK[worst.word] }
          : { says: jobWords.jobSheet.notInspected, ink: 'soft' }
      }
      says={
        items.length === 0
          ? undefined
          : `${found.map((item) => `${capital(words.subject[item.subject])}: ${itemSays(item, null)}`).join(' ')} ${rest}`.trim()
      }
      {...(onPress ? { onPress } : {})}
    />
  );
}

function isMeasured(subject: Subject): boolean {
  return (MEASURANDS as readonly string[]).includes(subject);
}

/** "Rotor: Tolve 180, new. Pads: organic, found on the bike." */
function kitSays(job: Job, end: End): string {
  const { rotor, pads, bedded } = kitAt(job, end);
  const told = [
    rotor ? jobWords.jobSheet.rotor(rotor.description, words.fittedAs[rotor.condition]) : null,
    pads
      ? jobWords.jobSheet.pads(
          [pads.description, pads.compound && words.compoundOf[pads.compound]]
            .filter(Boolean)
            .join(', '),
          words.fittedAs[pads.condition],
        )
      : null,
  ].filter(Boolean);
  if (told.length === 0) return jobWords.jobSheet.nothingWrittenDownOfRotor;
  const layer =
    bedded === 'none'
      ? jobWords.jobSheet.notBeddedInYet
      : jobWords.jobSheet.beddedWithPads(words.compoundOf[bedded]);
  return jobWords.jobSheet.rotorAndPads(
    told.join(' '),
    bedded === 'unknown' ? jobWords.jobSheet.beddedWithNobodyKnowsWhat : layer,
  );
}

type Bolts = Job['tightened'][number];

/** Each fastener's last tightening. */
function lastOfEach(tightened: readonly Bolts[]): Bolts[] {
  return tightened.filter(
    (each, i) => !tightened.slice(i + 1).some(({ fastener }) => fastener === each.fastener),
  );
}

/** The torque step that was begun last at an end. */
function wayOn(job: Job, { step, end }: ReturnType<typeof nextStep>): InJob {
  if (step === 'plan') return 'step';
  if (end === null || step === 'sign-off') return 'sign-off';
  return `${end}/${step === 'rotor-bolts' ? boltsInHand(job, end) : step}`;
}

function boltsInHand(job: Job, end: End): AtEnd {
  const last = job.tightened.filter((tightened) => tightened.end === end).at(-1);
  return last ? `bolts?fastener=${last.fastener}` : 'bolts';
}

function boltsWord(bolts: readonly Bolts[]) {
  if (bolts.length === 0) return { says: jobWords.jobSheet.notDone, ink: 'soft' } as const;
  if (bolts.some(({ flaws }) => flaws.includes('passes-open')))
    return { says: jobWords.jobSheet.begun, ink: 'ochreText' } as const;
  return bolts.every(({ flaws }) => flaws.length === 0)
    ? ({ says: jobWords.jobSheet.proven, ink: 'kelpText' } as const)
    : ({ says: jobWords.jobSheet.unprovenWord, ink: 'fogText' } as const);
}

function boltsSay(bolts: Bolts): string {
  const passes = passesOf(bolts.boltCount);
  const turn = nextTurn(bolts.boltCount, countingMarks(bolts));
  const wrench = jobWords.jobSheet.nMAskedTo(
    capital(words.fastener[bolts.fastener]),
    bolts.setNm,
    bolts.wrench.name,
    bolts.window.loNm,
    bolts.window.hiNm,
    words.inSentence(words.thread[bolts.treatment]),
  );
  if (!turn.done)
    return jobWords.jobSheet.passOfIsOpen(wrench, passes.indexOf(turn.pass) + 1, passes.length);
  const flaws = bolts.flaws.map((flaw) => words.flaw[flaw]).join('; ');
  return flaws ? jobWords.jobSheet.torqueUnproven(wrench, flaws) : `${wrench}.`;
}

function nextOf(job: Job) {
  const table = tableOf(job.rules.trouble);
  const progress = (end: End) => {
    const bolts = job.tightened.filter((tightened) => tightened.end === end).at(-1);
    return {
      end,
      identified: job.identified[end] !== null,
      checkOpen: checkAskedFor(job, end, table) !== null,
      rotor: hasReadings(standingAt(job, end, 'rotor')),
      pads: hasReadings(standingAt(job, end, 'pads')),
      planOpen: isWorkOpen(job, end),
      boltsOpen: bolts?.flaws.includes('passes-open') ?? false,
    };
  };
  return nextStep(discsOf(job.bike).map(progress));
}

function hasReadings(measured: Measured | null): boolean {
  return (
    measured !== null && measured.readings.some(({ place }) => place !== 'zero' && place !== 'lip')
  );
}

const styles = StyleSheet.create({
  beside: { flexDirection: 'row', flexWrap: 'wrap' },
  half: { flex: 1, minWidth: 330 },
  end: { paddingHorizontal: space.l, paddingTop: space.m },
});
