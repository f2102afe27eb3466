import type { Fitted } from '@hold-fast/core/job/job';
import { router } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { RINGS } from '@hold-fast/contract/roles';
import { brakeTypeAt, hasDisc, endsOf } from '@hold-fast/core/kit/brakes';
import { useBike } from '../../data/counterQueries';
import { useSession } from '../../data/session';
import { Button } from '../../ui/Button';
import { JobTag } from '../../ui/JobTag';
import { Note } from '../../ui/Note';
import { AgainstAdvice } from '../AgainstAdvice';
import { Page, Section } from '../../ui/Page';
import { Row } from '../../ui/Row';
import { Failed, Loading } from '../../ui/Standing';
import { size, space } from '../../ui/tokens';
import { VerdictMark } from '../../ui/VerdictMark';
import { Words } from '../../ui/Words';
import { calendarDay, exactDay, near } from '../../words/days';
import { dueWords } from '../../words/due';
import { words } from '../../words/words';
import { capital } from '../../words/capital';
import { lifeSays } from '../lifeSays';
import { NoticeNotes } from '../bench/job/NoticeNotes';
import { ReckonedHere } from './ReckonedHere';
import { Brought } from './Brought';
import { Corrected } from './Corrected';
import { ThicknessChart } from './ThicknessChart';
import { bikesWords } from '../../words/bikes';
import { passportWords } from '../../words/passport';
import { atBike, atJob } from '../routes';

/** A bike: whose it is, its jobs with their seals, and how its parts wore. */
export function BikeSheet({ bikeId }: { bikeId: string }) {
  const query = useBike(bikeId);
  const mayRing = RINGS.includes(useSession().data?.person?.role ?? 'mechanic');
  if (query.error && !query.data)
    return <Failed error={query.error} onRetry={() => void query.refetch()} />;
  if (!query.data) return <Loading />;
  const {
    bike,
    customer,
    jobs,
    wear,
    brought,
    fittings,
    doNotRide,
    againstAdvice,
    changes,
    notices,
    reckoned,
    dues,
  } = query.data;
  const facts = [
    bike.maker,
    bike.serial,
    bike.motor ? bikesWords.bikeSheet.hasAMotor : null,
    bike.systemMassKg ? bikesWords.bikeSheet.kgLaden(bike.systemMassKg) : null,
    bike.terrain && words.terrain[bike.terrain],
    bike.wet ? bikesWords.bikeSheet.riddenInTheWet : null,
    bike.kmPerWeek ? bikesWords.bikeSheet.kmAWeek(bike.kmPerWeek) : null,
    bike.forkMaterial && bikesWords.bikeSheet.forkOf(words.material[bike.forkMaterial]),
    bike.frameMaterial && bikesWords.bikeSheet.frameOf(words.material[bike.frameMaterial]),
    ...endsOf(bike)
      .filter((end) => !hasDisc(bike, end))
      .map((end) =>
        bikesWords.bikeSheet.notDisc(words.end[end], words.brakeType[brakeTypeAt(bike, end)]),
      ),
    bike.thirdBrake === 'none'
      ? null
      : bikesWords.bikeSheet.thirdAt(bikesWords.bikeSheet.thirdPlace[bike.thirdPlace]),
    bike.sharedLever === 'none'
      ? null
      : bikesWords.bikeSheet.oneLeverFor(bikesWords.bikeSheet.sharedLever[bike.sharedLever]),
    bike.furtherBrakes ? bikesWords.bikeSheet.alsoBraked(bike.furtherBrakes) : null,
  ].filter(Boolean);
  return (
    <Page over={customer.name} title={bike.name}>
      {doNotRide ? (
        <Section>
          <Note kind="refusal" title={bikesWords.bikeSheet.doNotRide}>
            <Words>{bikesWords.bikeSheet.foundAtVisitAndNo(doNotRide.tag)}</Words>
            <Button
              kind="quiet"
              says={bikesWords.bikeSheet.whatWasFound}
              onPress={() => router.navigate(atJob(doNotRide.jobId, 'found'))}
            />
          </Note>
        </Section>
      ) : null}
      <NoticeNotes notices={notices} bike={bike} />
      <AgainstAdvice advice={againstAdvice} />
      {facts.length > 0 || customer.phone ? (
        <Section>
          {facts.length > 0 ? <Words ink="soft">{facts.join(' · ')}</Words> : null}
          {customer.phone ? <Words>{bikesWords.bikeSheet.phone(customer.phone)}</Words> : null}
        </Section>
      ) : null}
      <Section>
        <Button
          kind="quiet"
          says={bikesWords.bikeSheet.correct}
          onPress={() => router.navigate(atBike(bike.id, 'correct'))}
        />
        <Button
          kind="quiet"
          says={passportWords.title}
          onPress={() => router.navigate(atBike(bike.id, 'passport'))}
        />
        {mayRing ? (
          <Button
            kind="quiet"
            says={bikesWords.correct.correctCustomer}
            onPress={() => router.navigate(atBike(bike.id, 'customer'))}
          />
        ) : null}
        <Corrected changes={changes} customer={customer} />
      </Section>
      <Section label={bikesWords.bikeSheet.thicknessOverTime}>
        {wear.length === 0 ? (
          <Words ink="soft">{bikesWords.bikeSheet.nothingMeasuredYetEveryVisit}</Words>
        ) : (
          <View style={styles.charts}>
            {[...wear]
              .sort((a, b) => b.part.localeCompare(a.part) || a.end.localeCompare(b.end))
              .map((line) => (
                <ThicknessChart key={`${line.end} ${line.part}`} wear={line} />
              ))}
          </View>
        )}
      </Section>
      <Brought brought={brought} />
      {dues.length > 0 ? (
        <Section label={dueWords.atBike}>
          {dues.map(({ end, of, shownOn, because, days }) => (
            <Words key={`${end} ${of}`}>
              {`${capital(dueWords.of[of])}, ${words.end[end]}: ${calendarDay(shownOn)}. ${dueWords.because[because](days)}`}
            </Words>
          ))}
        </Section>
      ) : null}
      <ReckonedHere reckoned={reckoned} />
      {fittings.length > 0 ? (
        <Section label={bikesWords.bikeSheet.fittedNewestFirst}>
          {[...fittings].reverse().map((fitted) => (
            <Words key={fitted.id}>
              {`${capital(words.thingAt(fitted.end, fitted.part))}: ${lifeSays(fitted, nextOf(fitted, fittings)?.at ?? null)}`}
            </Words>
          ))}
        </Section>
      ) : null}
      <Words kind="label" level={2} style={styles.jobs}>
        {bikesWords.bikeSheet.jobs}
      </Words>
      {jobs.map((job) => (
        <Row
          key={job.id}
          mark={
            <VerdictMark
              word={job.notRepaired ? 'replace' : job.seal ? 'holds' : null}
              of={size.smallMark}
            />
          }
          title={job.complaint || bikesWords.bikeSheet.nothingSaid}
          says={
            job.sealedAt && job.seal
              ? job.notRepaired
                ? bikesWords.bikeSheet.closedNotRepaired(exactDay(job.sealedAt))
                : bikesWords.bikeSheet.sealed(exactDay(job.sealedAt), job.seal.slice(0, 12))
              : bikesWords.bikeSheet.onTheBenchPromised(near(job.promisedAt))
          }
          aside={<JobTag tag={job.tag} />}
          onPress={() => router.navigate(atJob(job.id))}
        />
      ))}
    </Page>
  );
}

/** The part that took this one's place. */
function nextOf(fitted: Fitted, all: readonly Fitted[]): Fitted | undefined {
  return all.find(
    ({ end, part, seq, condition }) =>
      end === fitted.end && part === fitted.part && seq > fitted.seq && condition !== 'found',
  );
}

const styles = StyleSheet.create({
  charts: { flexDirection: 'row', flexWrap: 'wrap', gap: space.m },
  jobs: { padding: space.l, paddingBottom: space.xs },
});
