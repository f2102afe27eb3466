import type { Thing } from '@hold-fast/core/inspection/inspected';
import { lapsedSays } from '../inspect/findings';
import { MEASURANDS } from '@hold-fast/core/measurand/measurand';
import type { Job } from '@hold-fast/core/job/job';
import type { Person } from '@hold-fast/contract/people';
import { decisionsOn, type DecisionKind } from '@hold-fast/core/evidence/decidable';
import { inspectEnd } from '@hold-fast/core/inspection/inspectEnd';
import { PARTS, type End } from '@hold-fast/core/ends';
import { decidedBy, type Bar } from '@hold-fast/core/procedure/signOff';
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
import { Decide } from './Decide';
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
  const [deciding, setDeciding] = useState<DecisionKind | null>(null);
  const item = 'subject' in bar ? itemAt(job, bar) : null;
  const thing = decidedBy(bar).length > 0 ? thingOf(bar) : null;
  const decisions = thing
    ? decisionsOn(job, thing).filter(({ decision }) => decidedBy(bar).includes(decision))
    : [];
  const made = decisions.find(({ decision }) => decision === deciding);
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
      {item?.lapsed ? <Words ink="soft">{lapsedSays(item.lapsed)}</Words> : null}
      <View style={styles.ways}>
        {waysTo(bar).map(({ says: named, to }) => (
          <Button
            key={to}
            kind="quiet"
            says={named}
            onPress={() => router.navigate(atJob(job.id, to ?? undefined))}
          />
        ))}
        {made === undefined
          ? decisions.map(({ decision }) => (
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
      {made && thing ? (
        <Decide
          job={job}
          {...thing}
          decision={made.decision}
          lead={made.takesLead}
          person={person}
          onDone={() => setDeciding(null)}
        />
      ) : null}
    </Note>
  );
}

const DECISION_SAYS: Readonly<Record<DecisionKind, string>> = {
  'accepted-unproven': jobWords.openBars.aLeadAcceptsIt,
  'customer-refused': jobWords.openBars.theCustomerRefuses,
  'seen-wrong': jobWords.openBars.itWasSeenWrong,
  'kept-sheet': jobWords.openBars.aLeadKeepsTheOld,
};

/** What a bar is about; of what stands for a whole end, its rotor. */
const thingOf = (bar: Bar): Thing | null =>
  'end' in bar ? { end: bar.end, subject: 'subject' in bar ? bar.subject : 'rotor' } : null;

const itemAt = (job: Job, { end, subject }: Thing) =>
  inspectEnd(job, end).items.find((each) => each.subject === subject) ?? null;

interface Way {
  says: string;
  /** Null is the job itself. */
  to: InJob | null;
}

type BarOf<C extends Bar['code']> = Extract<Bar, { code: C }>;

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
/** Where each bar is put right; what is answered on the page of the sign-off itself, or where all of its kind stand together, has no way here. */
const WAYS: { readonly [C in Bar['code']]: (bar: BarOf<C>) => Way[] } = {
  away: atTheJob,
  'stay-unsaid': none,
  'lever-side-unconfirmed': none,
  'cut-off-untested': none,
  'cut-off-failed': none,
  unswept: ({ end }) => [{ says: says.measureE, to: `${end}/radial` }],
  'bite-not-risen': ({ end }) => [{ says: says.bedItIn, to: `${end}/bed-in` }],
  'reckoned-against': ({ end, of }) => [{ says: says.lookAtTheSum, to: `${end}/reckon-${of}` }],
  'lever-untested': ({ end }) => [{ says: says.testTheLeverForAir, to: `${end}/lever` }],
  'bubbles-last': (bar) => [logTheBleed(bar)],
  'bleed-unrecorded': (bar) =>
    bar.lacks === 'fluid'
      ? [{ says: says.bookTheFluidOff, to: `${bar.end}/fluid` }]
      : [logTheBleed(bar)],
  'stand-untested': none,
  'sheet-revised': ({ end }) => [{ says: says.takeTheNewSheet, to: `${end}/identify` }],
  'refused-before': workOn,
  'replace-open': workOn,
  'unproven-open': (bar) => [seeAgain(bar), ...fitNew(bar)],
  'watch-untold': none,
  'work-open': () => [{ says: says.onWithThePlan, to: 'step' }],
  'torque-unproven': ({ end, fastener }) => [
    { says: says.tightenIt, to: `${end}/bolts?fastener=${fastener}` },
  ],
  'check-open': none,
  'notice-open': atTheJob,
  unseconded: atTheJob,
  'still-tagged': workOn,
  'do-not-ride': workOn,
};

const waysTo = (bar: Bar) => (WAYS[bar.code] as (bar: Bar) => Way[])(bar);

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
