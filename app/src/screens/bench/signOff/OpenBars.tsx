import type { Subject, Thing } from '@hold-fast/core/inspection/inspected';
import { MEASURANDS } from '@hold-fast/core/measurand/measurand';
import type { Job } from '@hold-fast/core/job/job';
import type { Person } from '@hold-fast/contract/people';
import { isAcceptable, isRefusable } from '@hold-fast/core/evidence/decidable';
import { inspectEnd, type InspectionItem } from '@hold-fast/core/inspection/inspectEnd';
import { PARTS, type End } from '@hold-fast/core/ends';
import { type Bar } from '@hold-fast/core/procedure/signOff';
import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '../../../ui/Button';
import { Note } from '../../../ui/Note';
import { space } from '../../../ui/tokens';
import { Words } from '../../../ui/Words';
import { verdictWords } from '../../../words/verdictWords';
import { words } from '../../../words/words';
import { WorkDone } from '../inspect/WorkDone';
import { StayAsked } from '../job/StayAsked';
import { jobWords } from '../../../words/job';
import { Decide, type Decision } from './Decide';
import { atJob, type InJob } from '../../routes';

/** What is to be checked by name at one end, together: it is done on one screen. */
export function OpenChecks({ job, end, bars }: { job: Job; end: End; bars: readonly Bar[] }) {
  const open = bars.flatMap((bar) => (bar.code === 'check-open' && bar.end === end ? [bar] : []));
  if (open.length === 0) return null;
  const named = (failed: boolean) =>
    open.filter((bar) => bar.failed === failed).map(({ check }) => words.check[check]);
  const failed = named(true);
  const unticked = named(false);
  return (
    <Note
      kind={failed.length > 0 ? 'refusal' : 'caution'}
      title={jobWords.openBars.toCheckByName(open.length, words.end[end])}
    >
      {failed.length > 0 ? <Words>{jobWords.openBars.notInOrder(failed.join('; '))}</Words> : null}
      {unticked.length > 0 ? <Words>{`${unticked.join('; ')}.`}</Words> : null}
      <Button
        kind="quiet"
        says={jobWords.openBars.checkByName(words.end[end])}
        onPress={() => router.navigate(atJob(job.id, `${end}/check`))}
      />
    </Note>
  );
}

/** One thing that bars the sign-off, with every way to put it right. */
export function OpenBar({ job, bar, person }: { job: Job; bar: Bar; person: Person }) {
  const [deciding, setDeciding] = useState<Decision | null>(null);
  const item = 'subject' in bar ? itemAt(job, bar.end, bar.subject) : null;
  if (bar.code === 'stay-unsaid') return <StayAsked job={job} since={bar.since} />;
  const grave = bar.code === 'do-not-ride' || bar.code === 'still-tagged';
  return (
    <Note kind={bar.code === 'do-not-ride' ? 'refusal' : 'caution'}>
      <Words>{verdictWords.bar(bar)}</Words>
      {(item?.held ?? []).map((held) => (
        <Words key={held.sittingId} ink="soft">
          {verdictWords.held(held)}
        </Words>
      ))}
      {item?.lapsed ? (
        <Words ink="soft">
          {jobWords.openBars.changedSinceItWasProven(words.touched[item.lapsed.touch])}
        </Words>
      ) : null}
      <View style={styles.ways}>
        {waysTo(bar).map(({ says, to }) => (
          <Button
            key={to}
            kind="quiet"
            says={says}
            onPress={() => router.navigate(atJob(job.id, to ?? undefined))}
          />
        ))}
        {deciding === null
          ? decisionsOn(bar, item).map((decision) => (
              <Button
                key={decision}
                kind="quiet"
                says={DECISION_SAYS[decision]}
                onPress={() => setDeciding(decision)}
              />
            ))
          : null}
      </View>
      {'subject' in bar && (grave || bar.code === 'replace-open') ? (
        <WorkDone jobId={job.id} end={bar.end} works={item?.work ?? []} />
      ) : null}
      {deciding !== null && 'end' in bar ? (
        <Decide
          job={job}
          end={bar.end}
          subject={'subject' in bar ? bar.subject : 'rotor'}
          decision={deciding}
          lead={grave || deciding === 'accepted-unproven' || deciding === 'kept-sheet'}
          person={person}
          onDone={() => setDeciding(null)}
        />
      ) : null}
    </Note>
  );
}

const DECISION_SAYS: Readonly<Record<Decision, string>> = {
  'accepted-unproven': jobWords.openBars.aLeadAcceptsIt,
  'customer-refused': jobWords.openBars.theCustomerRefuses,
  'seen-wrong': jobWords.openBars.itWasSeenWrong,
  'kept-sheet': jobWords.openBars.aLeadKeepsTheOld,
};

const itemAt = (job: Job, end: End, subject: Subject) =>
  inspectEnd(job, end).items.find((each) => each.subject === subject) ?? null;

/** What may be decided about a thing that bars the sign-off. */
function decisionsOn(bar: Bar, item: InspectionItem | null): Decision[] {
  const answerable = item !== null && (item.held.length > 0 || item.found.length > 0);
  switch (bar.code) {
    case 'unproven-open':
      return item && isAcceptable(item) ? ['accepted-unproven'] : [];
    case 'replace-open':
      return [
        ...(item && isRefusable(item) ? (['customer-refused'] as const) : []),
        ...(answerable ? (['seen-wrong'] as const) : []),
      ];
    case 'refused-before':
      return ['customer-refused', ...(answerable || item ? (['seen-wrong'] as const) : [])];
    case 'do-not-ride':
      return answerable ? ['seen-wrong'] : [];
    case 'still-tagged':
      return ['seen-wrong'];
    case 'sheet-revised':
      return ['kept-sheet'];
    default:
      return [];
  }
}

interface Way {
  says: string;
  /** Null is the job itself. */
  to: InJob | null;
}

/** Where what bars the sign-off can be put right. */
function waysTo(bar: Bar): Way[] {
  switch (bar.code) {
    case 'torque-unproven':
      return [
        { says: jobWords.openBars.tightenIt, to: `${bar.end}/bolts?fastener=${bar.fastener}` },
      ];
    case 'work-open':
      return [{ says: jobWords.openBars.onWithThePlan, to: 'step' }];
    case 'lever-untested':
      return [{ says: jobWords.openBars.testTheLeverForAir, to: `${bar.end}/lever` }];
    case 'reckoned-against':
      return [{ says: jobWords.openBars.lookAtTheSum, to: `${bar.end}/reckon-${bar.of}` }];
    case 'bite-not-risen':
      return [{ says: jobWords.openBars.bedItIn, to: `${bar.end}/bed-in` }];
    case 'unswept':
      return [{ says: jobWords.openBars.measureE, to: `${bar.end}/radial` }];
    case 'bleed-unrecorded':
      return bar.lacks === 'fluid'
        ? [{ says: jobWords.openBars.bookTheFluidOff, to: `${bar.end}/fluid` }]
        : [{ says: jobWords.openBars.logTheBleed, to: `${bar.end}/bleed` }];
    case 'bubbles-last':
      return [{ says: jobWords.openBars.logTheBleed, to: `${bar.end}/bleed` }];
    case 'away':
    case 'notice-open':
    case 'unseconded':
      return [{ says: jobWords.openBars.atTheJob, to: null }];
    case 'sheet-revised':
      return [{ says: jobWords.openBars.takeTheNewSheet, to: `${bar.end}/identify` }];
    case 'still-tagged':
    case 'do-not-ride':
    case 'refused-before':
    case 'replace-open':
      return [{ says: jobWords.openBars.planTheWork, to: 'plan' }, ...fitNew(bar), seeAgain(bar)];
    case 'unproven-open':
      return [seeAgain(bar), ...fitNew(bar)];
    default:
      return [];
  }
}

/** What wears is put right by a new one, and that is written down by itself. */
function fitNew({ end, subject }: Thing): Way[] {
  const part = PARTS.find((each) => each === subject);
  return part
    ? [{ says: jobWords.openBars.recordTheNew(words.part[part]), to: `${end}/fit-${part}` }]
    : [];
}

/** A later look counts: measured again, or looked over. */
function seeAgain({ end, subject }: Thing): Way {
  const measurand = MEASURANDS.find((each) => each === subject);
  return measurand
    ? { says: jobWords.openBars.measureAgain(words.subject[subject]), to: `${end}/${measurand}` }
    : { says: jobWords.openBars.lookItOver, to: `${end}/look` };
}

const styles = StyleSheet.create({
  ways: { flexDirection: 'row', flexWrap: 'wrap', columnGap: space.xl },
});
