import { endSays } from '../../bikes/thirdBrake';
import type { Job } from '@hold-fast/core/job/job';
import {
  areasOf,
  cureOf,
  findingsAt,
  ruleOf,
  type Area,
  type Finding,
} from '@hold-fast/core/inspection/findings';
import {
  findingsAt as standingFindingsAt,
  standingLookOver,
} from '@hold-fast/core/inspection/inspectEnd';
import { areCuredBetween, changesAt } from '@hold-fast/core/evidence/changes';
import { PARTS, type End } from '@hold-fast/core/ends';
import { FITTING } from '@hold-fast/core/inspection/work';
import { brakesOf } from '@hold-fast/core/job/visit';
import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { append, entryOf } from '../../../data/jobWrites';
import { Button, Buttons } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { Note } from '../../../ui/Note';
import { Page, Section } from '../../../ui/Page';
import { space } from '../../../ui/tokens';
import { Words } from '../../../ui/Words';
import { words } from '../../../words/words';
import { capital } from '../../../words/capital';
import { WithBrake } from '../JobFrame';
import { Pictures } from '../job/Pictures';
import { WorkDone } from './WorkDone';
import { jobWords } from '../../../words/job';
import { atJob } from '../../routes';
import { SayWhat } from '../../SayWhat';

const NOTHING = 'nothing';

/** What eye and hand find at one end, area by area; "nothing found" is worth saying too. */
export function LookOver({ jobId, end }: { jobId: string; end: End }) {
  return (
    <WithBrake jobId={jobId} end={end} title={jobWords.lookOver.lookItOver}>
      {(job, identified) => (
        <Page
          tag={job.tag}
          over={jobWords.lookOver.brake(endSays(job.bike, end))}
          title={jobWords.lookOver.lookItOver}
          foot={
            <Buttons>
              <Button
                kind="plain"
                says={jobWords.lookOver.job}
                onPress={() => router.navigate(atJob(job.id))}
              />
              <Button
                grow
                says={jobWords.lookOver.whatWasFound}
                onPress={() => router.navigate(atJob(job.id, 'found'))}
              />
            </Buttons>
          }
        >
          {areasOf(identified.sheet.body.brake.actuation).map((area) => (
            <AreaLook key={area} job={job} end={end} area={area} />
          ))}
          <Section>
            <Words ink="soft">{jobWords.lookOver.anAreaYouDidNot}</Words>
          </Section>
        </Page>
      )}
    </WithBrake>
  );
}

function AreaLook({ job, end, area }: { job: Job; end: End; area: Area }) {
  const last = standingLookOver(job, end, area);
  const standing = standingFindingsAt(job, end, area).map(({ finding }) => finding);
  const [note, setNote] = useState<string | null>(null);
  /** Findings that are to be taken back as seen wrong, once somebody wrote why. */
  const [wrong, setWrong] = useState<readonly Finding[]>([]);
  const say = (
    found: readonly Finding[],
    text = last?.words ?? '',
    takesBack: readonly Finding[] = [],
  ) =>
    append(
      job.id,
      entryOf<'look-over'>({
        kind: 'look-over',
        end,
        area,
        found: [...found],
        words: text.trim(),
        takesBack: [...takesBack],
      }),
    );
  const toggle = (finding: Finding | typeof NOTHING) => {
    const gone = finding === NOTHING ? standing : standing.filter((each) => each === finding);
    const left = standing.filter((each) => !gone.includes(each));
    if (finding !== NOTHING && gone.length === 0) return say([...standing, finding]);
    say(left);
    // What the look did not answer is asked about.
    const after = gone.filter((each) => !isCured(job, end, each));
    setWrong(after.filter((each) => !ruleOf(each).doNotRide));
  };
  const grave = standing.filter((finding) => ruleOf(finding).doNotRide);
  const brake = brakesOf(job)[end];
  const works = [...new Set(standing.flatMap((finding) => cureOf(finding, brake.actuation)))];
  // What was found stays to be seen, also where the brake turned out to be of another kind.
  const found = [...new Set([...findingsAt(area, brake), ...standing])];
  return (
    <Section label={capital(words.area[area])}>
      <Choice
        label={capital(words.area[area])}
        many
        options={[
          { value: NOTHING, says: jobWords.lookOver.nothingFound },
          ...found.map((finding) => ({
            value: finding,
            says: capital(words.finding[finding]),
          })),
        ]}
        chosen={standing.length > 0 ? standing : last ? [NOTHING] : []}
        onChoose={toggle}
      />
      {grave.length > 0 ? (
        <Note kind="refusal" title={jobWords.lookOver.doNotRide}>
          {jobWords.lookOver.workAndAnotherLookLift(
            capital(words.format.list(grave.map((each) => words.finding[each]))),
          )}
        </Note>
      ) : null}
      {wrong.length > 0 ? (
        <SeenWrong
          findings={wrong}
          onKeep={(why) => {
            say(
              standing.filter((each) => !wrong.includes(each)),
              why,
              wrong,
            );
            setWrong([]);
          }}
        />
      ) : null}
      <Pictures job={job} end={end} area={area} offered={last !== null} />
      {standing.length > 0 ? <WorkDone jobId={job.id} end={end} works={works} /> : null}
      {PARTS.filter((part) => works.includes(FITTING[part])).map((part) => (
        <Button
          key={part}
          kind="quiet"
          says={jobWords.openBars.recordTheNew(words.part[part])}
          onPress={() => router.navigate(atJob(job.id, `${end}/fit-${part}`))}
        />
      ))}
      {last && standing.length > 0 ? (
        note === null ? (
          <Button
            kind="quiet"
            says={
              last.words ? jobWords.lookOver.change(last.words) : jobWords.lookOver.writeWhereAndHow
            }
            of={words.area[area]}
            onPress={() => setNote(last.words)}
          />
        ) : (
          <View style={styles.note}>
            <Field
              label={jobWords.lookOver.whereAndHow}
              value={note}
              maxLength={300}
              onChangeText={setNote}
              autoFocus
            />
            <Button
              kind="plain"
              says={jobWords.lookOver.keepIt}
              onPress={() => {
                say(standing, note);
                setNote(null);
              }}
            />
          </View>
        )
      ) : null}
    </Section>
  );
}

/** Whether work that can cure a finding was done since it was found: a look after that is an answer. */
function isCured(job: Job, end: End, finding: Finding): boolean {
  const { area } = ruleOf(finding);
  const { actuation } = brakesOf(job)[end];
  const found = standingFindingsAt(job, end, area).find((each) => each.finding === finding);
  const changes = changesAt(job, end);
  return (
    found !== undefined &&
    areCuredBetween(changes, [found.seq, Infinity], cureOf(finding, actuation))
  );
}

/** A finding that is not found any more and was not mended stays, unless somebody writes why it was seen wrong. */
function SeenWrong({
  findings,
  onKeep,
}: {
  findings: readonly Finding[];
  onKeep: (why: string) => void;
}) {
  return (
    <Note kind="caution" title={jobWords.lookOver.itStaysAsItWas}>
      <Words>
        {jobWords.lookOver.aLookThatDoesNot(
          capital(words.format.list(findings.map((each) => words.finding[each]))),
        )}
      </Words>
      <SayWhat
        label={jobWords.lookOver.whyItWasSeenWrong}
        says={jobWords.lookOver.takeItBack}
        onSay={onKeep}
      />
    </Note>
  );
}

const styles = StyleSheet.create({ note: { gap: space.s } });
