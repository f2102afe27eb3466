import { endsOf } from '@hold-fast/core/kit/brakes';
import type { Subject } from '@hold-fast/core/inspection/inspected';
import type { Job } from '@hold-fast/core/job/job';
import { isWorkOpen } from '@hold-fast/core/job/visit';
import { inspectEnd, type InspectionItem } from '@hold-fast/core/inspection/inspectEnd';
import { WORKS, type Work } from '@hold-fast/core/inspection/work';
import { ENDS, type End } from '@hold-fast/core/ends';
import { WORDS, type Word } from '@hold-fast/core/wear/verdict';
import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Buttons } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { Page, Section } from '../../../ui/Page';
import { Row } from '../../../ui/Row';
import { Empty } from '../../../ui/Standing';
import { font, space } from '../../../ui/tokens';
import { useWide } from '../../../ui/useWide';
import { VerdictMark, WORD_INK } from '../../../ui/VerdictMark';
import { Words } from '../../../ui/Words';
import { verdictWords } from '../../../words/verdictWords';
import { words } from '../../../words/words';
import { capital } from '../../../words/capital';
import { DoNotRide } from '../job/DoNotRide';
import { itemSays, judgementNumber, sumsOf } from './findings';
import { inInchesFor } from './inInchesFor';
import { WithJob } from '../JobFrame';
import { jobWords } from '../../../words/job';
import { atJob, type JobPage } from '../../routes';

type Version = 'bench' | 'rider';

/** What an inspection of the bike came to: everything found, ranked by what matters, and what to do about it. */
export function Found({ jobId }: { jobId: string }) {
  const [version, setVersion] = useState<Version>('bench');
  return (
    <WithJob jobId={jobId} banner={false}>
      {(job) => {
        const ends = endsOf(job.bike).map((end) => ({ end, ...inspectEnd(job, end) }));
        const items = ranked(ends.flatMap((each) => each.items));
        return (
          <Page
            tag={job.tag}
            over={`${job.customer.name} · ${job.bike.name}`}
            title={jobWords.found.whatWasFound}
            foot={
              <Buttons>
                <Button
                  kind="plain"
                  says={jobWords.found.job}
                  onPress={() => router.navigate(atJob(job.id))}
                />
                {job.sealed ? null : <WayOn job={job} items={items} />}
              </Buttons>
            }
          >
            {version === 'bench' ? <DoNotRide job={job} /> : null}
            <Section>
              <Choice<Version>
                label={jobWords.found.forWhom}
                options={[
                  { value: 'bench', says: jobWords.found.atTheBench },
                  { value: 'rider', says: jobWords.found.forTheRider },
                ]}
                chosen={[version]}
                onChoose={setVersion}
              />
            </Section>
            {items.length === 0 ? (
              <Empty
                title={jobWords.found.nothingInspectedYet}
                says={jobWords.found.everyMeasurementAndEveryLook}
                action={{
                  says: jobWords.found.beginAtTheFront,
                  onPress: () => router.navigate(atJob(job.id, 'front/rotor')),
                }}
              />
            ) : version === 'bench' ? (
              <ForBench job={job} items={items} ends={ends} />
            ) : (
              <ForRider job={job} items={items} ends={ends} />
            )}
          </Page>
        );
      }}
    </WithJob>
  );
}

/** What is wrong is planned first, or gone on with; the rest is signed. */
function WayOn({ job, items }: { job: Job; items: readonly InspectionItem[] }) {
  const open = items.some(({ word, doNotRide }) => word === 'replace' || doNotRide);
  const planned = ENDS.some((end) => isWorkOpen(job, end));
  const [says, to]: [string, JobPage] = planned
    ? [jobWords.found.onWithThePlan, 'step']
    : open || items.some(({ work }) => work.length > 0)
      ? [jobWords.found.planTheWork, 'plan']
      : [jobWords.found.signOff, 'sign-off'];
  return <Button grow says={says} onPress={() => router.navigate(atJob(job.id, to))} />;
}

interface Shown {
  job: Job;
  items: readonly InspectionItem[];
  ends: readonly { end: End; notInspected: readonly Subject[] }[];
}

function ForBench({ job, items, ends }: Shown) {
  const wide = useWide();
  const grave = items.filter(({ doNotRide }) => doNotRide);
  const groups: [string, InspectionItem[]][] = [
    [jobWords.found.doNotRide, grave],
    ...[...WORDS]
      .reverse()
      .map((word): [string, InspectionItem[]] => [
        GROUP[word],
        items.filter((item) => item.word === word && !item.doNotRide),
      ]),
  ];
  return (
    <View style={wide && styles.beside}>
      <View style={wide && styles.half}>
        {groups
          .filter(([, group]) => group.length > 0)
          .map(([label, group]) => (
            <View key={label}>
              <Words kind="label" level={2} style={styles.group}>
                {label}
              </Words>
              {group.map((item) => (
                <ItemRow key={`${item.end} ${item.subject}`} job={job} item={item} />
              ))}
            </View>
          ))}
      </View>
      <View style={wide && styles.half}>
        <WorkList items={items} />
        <NotInspected ends={ends} />
      </View>
    </View>
  );
}

const GROUP: Record<Word, string> = {
  replace: jobWords.found.workNow,
  unproven: jobWords.found.notProven,
  watch: jobWords.found.watch,
  holds: jobWords.found.holds,
};

function ItemRow({ job, item }: { job: Job; item: InspectionItem }) {
  const [open, setOpen] = useState(false);
  const sitting = job.measured.find(({ id }) => id === item.sittingId) ?? null;
  const inches = inInchesFor(item.judgement);
  const sums = item.judgement
    ? [...sumsOf(item.judgement, job.rules), ...(inches ? [inches] : [])]
    : [];
  const number = item.judgement && sitting ? judgementNumber(item.judgement, sitting.gauge) : null;
  const settle =
    item.settle.length > 0
      ? jobWords.found.toSettleIt(item.settle.map((way) => words.settle[way]).join('; '))
      : '';
  return (
    <Row
      mark={<VerdictMark word={item.word} />}
      title={capital(words.thingAt(item.end, item.subject))}
      word={{ says: words.standing(item), ink: WORD_INK[item.word] }}
      says={itemSays(item, sitting?.gauge ?? null) + settle}
      aside={number ? <Words kind="reading">{number}</Words> : undefined}
      figure={
        open ? (
          <View style={styles.sums}>
            {sums.map((line) => (
              <Words key={line} ink="soft">
                {line}
              </Words>
            ))}
            {sitting ? (
              <Words kind="small">
                {jobWords.found.mmReadings(
                  sitting.gaugeName,
                  words.format.fixed(sitting.gauge.uncertaintyMm, 2),
                  sitting.readings.length,
                  sitting.by ? `, ${sitting.by}` : '',
                )}
              </Words>
            ) : null}
          </View>
        ) : undefined
      }
      {...(sums.length > 0 ? { onPress: () => setOpen(!open) } : {})}
      testID={`found-${item.end}-${item.subject}`}
    />
  );
}

function WorkList({ items }: { items: readonly InspectionItem[] }) {
  const works = WORKS.flatMap((work): [Work, End[]][] => {
    const at = ENDS.filter((end) =>
      items.some((item) => item.end === end && item.work.includes(work)),
    );
    return at.length > 0 ? [[work, at]] : [];
  });
  if (works.length === 0) return null;
  return (
    <Section label={jobWords.found.recommendedWork}>
      {works.map(([work, at]) => (
        <Words
          key={work}
        >{`${capital(words.work[work])}: ${words.format.list(at.map((end) => words.end[end]))}.`}</Words>
      ))}
    </Section>
  );
}

function NotInspected({ ends }: Pick<Shown, 'ends'>) {
  return (
    <Section label={jobWords.found.notInspected}>
      {ends.map(({ end, notInspected }) => (
        <Words key={end} ink="soft">
          {notInspected.length === 0
            ? jobWords.found.everythingWasLookedAt(capital(words.end[end]))
            : `${capital(words.end[end])}: ${words.format.list(notInspected.map((subject) => words.subject[subject]))}.`}
        </Words>
      ))}
      <Words kind="small">{jobWords.found.neitherGoodNorBadThe}</Words>
    </Section>
  );
}

/** The same in plain words, for somebody who rides and does not wrench. */
function ForRider({ items, ends }: Shown) {
  const grave = items.some(({ doNotRide }) => doNotRide);
  const missed = ends.flatMap(({ end, notInspected }) =>
    notInspected.map((subject) => verdictWords.rider.subject(end, subject)),
  );
  return (
    <>
      {grave ? (
        <Section>
          <View style={styles.please} role="alert">
            <Words kind="huge" ink="rustText" style={styles.head}>
              {jobWords.found.pleaseDoNotRideThis}
            </Words>
            <Words>{jobWords.found.whatWasFoundCouldMake}</Words>
          </View>
        </Section>
      ) : null}
      {items.map((item) => (
        <Row
          key={`${item.end} ${item.subject}`}
          mark={<VerdictMark word={item.word} />}
          title={capital(verdictWords.rider.subject(item.end, item.subject))}
          says={verdictWords.rider.says(item)}
        />
      ))}
      <Section>
        <Words ink="soft">
          {missed.length > 0
            ? jobWords.found.notLookedAtThisTime(words.format.list(missed))
            : jobWords.found.everythingOnBothBrakesWas}
        </Words>
        <Words kind="small">{jobWords.found.theMakersSheetAndLocal}</Words>
      </Section>
    </>
  );
}

function ranked(items: readonly InspectionItem[]): InspectionItem[] {
  const rank = ({ doNotRide, word }: InspectionItem) =>
    (doNotRide ? WORDS.length : 0) + WORDS.indexOf(word);
  return [...items].sort((a, b) => rank(b) - rank(a));
}

const styles = StyleSheet.create({
  beside: { flexDirection: 'row', alignItems: 'flex-start' },
  half: { flex: 1, minWidth: 0 },
  please: { gap: space.s },
  head: { fontFamily: font.head },
  group: { padding: space.l, paddingBottom: space.xs },
  sums: { gap: space.xs, paddingTop: space.xs },
});
