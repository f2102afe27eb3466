import type { BenchJob } from '@hold-fast/contract/jobs';
import { StyleSheet, View } from 'react-native';
import { PageTop } from '../../ui/PageTop';
import { Loading } from '../../ui/Standing';
import { color } from '../../ui/tokens';
import type { WayBack } from '../../ui/wayBack';
import { Words } from '../../ui/Words';

/** A job's page as far as its row at the Bench knows it, while the page itself is on its way: its head, and nothing that judges. */
export const JobToCome = ({ job, back }: { job: BenchJob; back: WayBack | null }) => (
  <View style={styles.page}>
    <PageTop
      tag={job.tag}
      back={back}
      over={job.customerName}
      name={
        <Words kind="head" numberOfLines={2}>
          {job.bikeName}
        </Words>
      }
    />
    <Loading />
  </View>
);

const styles = StyleSheet.create({ page: { flex: 1, backgroundColor: color.paper } });
