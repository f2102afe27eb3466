import { Pictures } from './Pictures';
import { bikesWords } from '../../../words/bikes';
import type { End } from '@hold-fast/core/ends';
import { discsOf } from '@hold-fast/core/kit/brakes';
import type { Job } from '@hold-fast/core/job/job';
import { minutesTaken } from '@hold-fast/core/job/handsOn';
import { router } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { space } from '../../../ui/tokens';
import { Button } from '../../../ui/Button';
import { Note } from '../../../ui/Note';
import { Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { capital } from '../../../words/capital';
import { exactDay, near } from '../../../words/days';
import { jobWords } from '../../../words/job';
import { planWords } from '../../../words/planWords';
import { billWords } from '../../../words/bill';
import { words } from '../../../words/words';
import { atJob } from '../../routes';

/** The rider's own words, and the symptoms picked with them. */
export function Complaint({ job }: { job: Job }) {
  return (
    <>
      <Words kind="strong">{job.complaint}</Words>
      {job.symptoms.length > 0 ? (
        <Words ink="soft">
          {job.symptoms.map((symptom) => words.symptom[symptom]).join(' · ')}
        </Words>
      ) : null}
    </>
  );
}

/** What a job was taken in for: in the rider's words, with all that was asked at the counter. */
export function AskedFor({ job, onChange }: { job: Job; onChange: () => void }) {
  return (
    <>
      <Section
        label={jobWords.jobSheet.askedFor}
        aside={
          job.sealed ? undefined : (
            <Button kind="quiet" says={jobWords.jobSheet.change} onPress={onChange} />
          )
        }
      >
        <Complaint job={job} />
        {job.sealed || job.symptoms.length === 0 ? null : (
          <View style={styles.behind}>
            {discsOf(job.bike).map((end) => (
              <Button
                key={end}
                kind="quiet"
                says={jobWords.jobSheet.whatIsBehindIt(words.end[end])}
                onPress={() => router.navigate(atJob(job.id, `${end}/trouble`))}
              />
            ))}
          </View>
        )}
        <Words ink="soft">{capital(factsOf(job))}</Words>
        <Words ink="soft">{saidOf(job).join(' · ')}</Words>
        <Pictures job={job} end={null} area="as-it-came-in" offered={!job.sealed} />
        <View style={styles.behind}>
          <Button
            kind="quiet"
            says={billWords.title}
            onPress={() => router.navigate(atJob(job.id, 'bill'))}
          />
          <Button
            kind="quiet"
            says={jobWords.trail.title}
            onPress={() => router.navigate(atJob(job.id, 'trail'))}
          />
        </View>
      </Section>
      <ComebackNote job={job} />
    </>
  );
}

/** The visit it comes back from: what was planned there, and how each thing was left. */
function ComebackNote({ job }: { job: Job }) {
  const { comeback } = job;
  if (!comeback) return null;
  const { tag, complaint, sealed, procedures, left } = comeback;
  const listed = (each: { end: End }, what: string) =>
    `${words.inSentence(what)} ${words.end[each.end]}`;
  const procedureSays = planWords.procedure as Readonly<Record<string, string>>;
  const subjectSays = words.subject as Readonly<Record<string, string>>;
  const wordSays = words.word as Readonly<Record<string, string>>;
  return (
    <Note kind="caution" title={jobWords.jobSheet.comesBackFrom(tag)}>
      <Words>
        {sealed
          ? jobWords.jobSheet.wasAskedFor(complaint, sealed.by, exactDay(sealed.at))
          : jobWords.jobSheet.stillOpen(complaint)}
      </Words>
      {procedures.length > 0 ? (
        <Words>
          {jobWords.jobSheet.wasDone(
            words.format.list(
              procedures.map((each) =>
                listed(each, procedureSays[each.procedure] ?? each.procedure),
              ),
            ),
          )}
        </Words>
      ) : null}
      {left.length > 0 ? (
        <Words>
          {jobWords.jobSheet.wasLeft(
            left
              .map(
                (each) =>
                  `${listed(each, subjectSays[each.subject] ?? each.subject)} ${wordSays[each.word] ?? each.word}`,
              )
              .join('; '),
          )}
        </Words>
      ) : null}
      {sealed ? (
        <Button
          kind="quiet"
          says={jobWords.jobSheet.itsRecord}
          onPress={() => router.navigate(`/ledger/${sealed.recordId}`)}
        />
      ) : null}
    </Note>
  );
}

/** What somebody said at the counter, and how long it is at the bench. */
function saidOf(job: Job): string[] {
  const { mayRide, oldPartsBack, ringAboveCents, cameAlong, damage, bike } = job;
  const taken = minutesTaken(job.worked);
  return [
    cameAlong.length > 0
      ? jobWords.jobSheet.cameAlong(
          words.format.list(cameAlong.map((what) => words.cameAlong[what])),
        )
      : null,
    damage ? jobWords.jobSheet.damaged(damage) : null,
    mayRide === null ? null : mayRide ? jobWords.jobSheet.mayRide : jobWords.jobSheet.mayNotRide,
    oldPartsBack ? jobWords.jobSheet.oldPartsBack : null,
    ringAboveCents === null
      ? null
      : jobWords.jobSheet.ringAbove(words.format.money(ringAboveCents)),
    bike.thirdBrake === 'none'
      ? null
      : capital(bikesWords.bikeSheet.thirdAt(bikesWords.bikeSheet.thirdPlace[bike.thirdPlace])),
    bike.sharedLever === 'none'
      ? null
      : capital(
          bikesWords.bikeSheet.oneLeverFor(bikesWords.bikeSheet.sharedLever[bike.sharedLever]),
        ),
    bike.furtherBrakes ? jobWords.jobSheet.alsoBraked(bike.furtherBrakes) : null,
    taken > 0
      ? jobWords.jobSheet.minutesTaken(
          taken,
          job.minutes === null ? '' : jobWords.jobSheet.ofPlanned(job.minutes),
        )
      : null,
  ].filter((said) => said !== null);
}

function factsOf(job: Job): string {
  const { bike } = job;
  return [
    job.frontLever
      ? jobWords.jobSheet.leverWorksTheFront(words.side[job.frontLever])
      : jobWords.jobSheet.leverSideNotConfirmed,
    bike.motor ? jobWords.jobSheet.hasAMotor : null,
    bike.systemMassKg ? jobWords.jobSheet.kgLaden(bike.systemMassKg) : null,
    bike.terrain && words.terrain[bike.terrain],
    bike.wet ? jobWords.jobSheet.riddenInTheWet : null,
    bike.kmPerWeek ? jobWords.jobSheet.kmAWeek(bike.kmPerWeek) : null,
    job.odometerKm === null ? null : jobWords.jobSheet.kmRidden(job.odometerKm),
    job.sealed ? null : jobWords.jobSheet.promised(near(job.promisedAt)),
  ]
    .filter(Boolean)
    .join(' · ');
}

const styles = StyleSheet.create({
  behind: { flexDirection: 'row', flexWrap: 'wrap', columnGap: space.l },
});
