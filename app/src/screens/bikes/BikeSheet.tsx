import { router } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { useBike } from '../../data/queries';
import { JobTag } from '../../ui/JobTag';
import { Page, Section } from '../../ui/Page';
import { Row } from '../../ui/Row';
import { Failed, Loading } from '../../ui/Standing';
import { size, space } from '../../ui/tokens';
import { VerdictMark } from '../../ui/VerdictMark';
import { Words } from '../../ui/Words';
import { exactDay, near } from '../../words/days';
import { ThicknessChart } from './ThicknessChart';

/** A bike: whose it is, its jobs with their seals, and how its parts wore. */
export function BikeSheet({ bikeId }: { bikeId: string }) {
  const query = useBike(bikeId);
  if (query.error && !query.data)
    return <Failed error={query.error} onRetry={() => void query.refetch()} />;
  if (!query.data) return <Loading />;
  const { bike, customer, jobs, wear } = query.data;
  const facts = [
    bike.maker,
    bike.serial,
    bike.motor ? 'has a motor' : null,
    bike.systemMassKg ? `${bike.systemMassKg} kg laden` : null,
    bike.terrain,
    bike.wet ? 'ridden in the wet' : null,
    bike.kmPerWeek ? `${bike.kmPerWeek} km a week` : null,
  ].filter(Boolean);
  return (
    <Page over={customer.name} title={bike.name}>
      {facts.length > 0 || customer.phone ? (
        <Section>
          {facts.length > 0 ? <Words ink="soft">{facts.join(' · ')}</Words> : null}
          {customer.phone ? <Words>{`Phone ${customer.phone}`}</Words> : null}
        </Section>
      ) : null}
      <Section label="Thickness over time">
        {wear.length === 0 ? (
          <Words ink="soft">
            Nothing measured yet. Every visit adds a point to each part’s line.
          </Words>
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
      <Words kind="label" level={2} style={styles.jobs}>
        Jobs
      </Words>
      {jobs.map((job) => (
        <Row
          key={job.id}
          mark={<VerdictMark word={job.seal ? 'holds' : null} of={size.smallMark} />}
          title={job.complaint}
          says={
            job.sealedAt && job.seal
              ? `Sealed ${exactDay(job.sealedAt)}, ${job.seal.slice(0, 12)}…`
              : `On the Bench, promised ${near(job.promisedAt)}`
          }
          aside={<JobTag tag={job.tag} />}
          onPress={() => router.navigate(`/bench/${job.id}`)}
        />
      ))}
    </Page>
  );
}

const styles = StyleSheet.create({
  charts: { flexDirection: 'row', flexWrap: 'wrap', gap: space.m },
  jobs: { padding: space.l, paddingBottom: space.xs },
});
