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
        {answersTo(bar)
          .ways(bar)
          .map(({ says: named, to }) => (
            <Button
              key={to}
              kind="quiet"
              says={named}
              onPress={() => router.navigate(atJob(job.id, to ?? undefined))}
            />
          ))}
        {deciding === null
          ? answersTo(bar)
              .decisions(item)
              .map((decision) => (
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

interface Way {
  says: string;
  /** Null is the job itself. */
  to: InJob | null;
}

type BarOf<C extends Bar['code']> = Extract<Bar, { code: C }>;

/** What answers a bar: where it can be put right, and what may be decided about the thing. */
interface Answers<C extends Bar['code']> {
  ways: (bar: BarOf<C>) => Way[];
  decisions: (item: InspectionItem | null) => Decision[];
}

const none = () => [];
const says = jobWords.openBars;
const atTheJob = (): Way[] => [{ says: says.atTheJob, to: null }];
const logTheBleed = ({ end }: { end: End }): Way => ({
  says: says.logTheBleed,
  to: `${end}/bleed`,
});
const workOn = (bar: Thing): Way[] => [
  { says: says.planTheWork, to: 'plan' },
  ...fitNew(bar),
  seeAgain(bar),
];
/** It was measured, or seen: that can have been wrong. */
const seenWrong = (item: InspectionItem | null): Decision[] =>
  item !== null && (item.held.length > 0 || item.found.length > 0) ? ['seen-wrong'] : [];

/** Every bar with what answers it; what is answered on the page of the sign-off itself, or where all of its kind stand together, has no way here. */
const ANSWERS: { readonly [C in Bar['code']]: Answers<C> } = {
  away: { ways: atTheJob, decisions: none },
  'stay-unsaid': { ways: none, decisions: none },
  'lever-side-unconfirmed': { ways: none, decisions: none },
  'cut-off-untested': { ways: none, decisions: none },
  'cut-off-failed': { ways: none, decisions: none },
  unswept: {
    ways: ({ end }) => [{ says: says.measureE, to: `${end}/radial` }],
    decisions: none,
  },
  'bite-not-risen': {
    ways: ({ end }) => [{ says: says.bedItIn, to: `${end}/bed-in` }],
    decisions: none,
  },
  'reckoned-against': {
    ways: ({ end, of }) => [{ says: says.lookAtTheSum, to: `${end}/reckon-${of}` }],
    decisions: none,
  },
  'lever-untested': {
    ways: ({ end }) => [{ says: says.testTheLeverForAir, to: `${end}/lever` }],
    decisions: none,
  },
  'bubbles-last': { ways: (bar) => [logTheBleed(bar)], decisions: none },
  'bleed-unrecorded': {
    ways: (bar) =>
      bar.lacks === 'fluid'
        ? [{ says: says.bookTheFluidOff, to: `${bar.end}/fluid` }]
        : [logTheBleed(bar)],
    decisions: none,
  },
  'stand-untested': { ways: none, decisions: none },
  'sheet-revised': {
    ways: ({ end }) => [{ says: says.takeTheNewSheet, to: `${end}/identify` }],
    decisions: () => ['kept-sheet'],
  },
  'refused-before': {
    ways: workOn,
    decisions: (item) => ['customer-refused', ...(item ? (['seen-wrong'] as const) : [])],
  },
  'replace-open': {
    ways: workOn,
    decisions: (item) => [
      ...(item && isRefusable(item) ? (['customer-refused'] as const) : []),
      ...seenWrong(item),
    ],
  },
  'unproven-open': {
    ways: (bar) => [seeAgain(bar), ...fitNew(bar)],
    decisions: (item) => (item && isAcceptable(item) ? ['accepted-unproven'] : []),
  },
  'watch-untold': { ways: none, decisions: none },
  'work-open': { ways: () => [{ says: says.onWithThePlan, to: 'step' }], decisions: none },
  'torque-unproven': {
    ways: ({ end, fastener }) => [
      { says: says.tightenIt, to: `${end}/bolts?fastener=${fastener}` },
    ],
    decisions: none,
  },
  'check-open': { ways: none, decisions: none },
  'notice-open': { ways: atTheJob, decisions: none },
  unseconded: { ways: atTheJob, decisions: none },
  'still-tagged': { ways: workOn, decisions: () => ['seen-wrong'] },
  'do-not-ride': { ways: workOn, decisions: seenWrong },
};

const answersTo = (bar: Bar) => ANSWERS[bar.code] as unknown as Answers<Bar['code']>;

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
