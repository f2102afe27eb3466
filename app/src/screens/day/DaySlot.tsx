import type { OpenRow } from '@hold-fast/contract/day';
import { Pressable, StyleSheet, View } from 'react-native';
import { JobTag } from '../../ui/JobTag';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { DragRow } from './Dragging';

interface Props {
  job: OpenRow;
  when: string;
  notes: readonly string[];
  late: string | null;
  open: boolean;
  onOpen: () => void;
}

/** A job in a day’s list: touched, it says where else it can go; by its grip it is dragged there. */
export function DaySlot({ job, when, notes, late, open, onOpen }: Props) {
  return (
    <DragRow jobId={job.jobId} bikeName={job.bikeName}>
      <Pressable
        role="button"
        aria-expanded={open}
        onPress={onOpen}
        style={styles.press}
        testID={`day-${job.jobId}`}
      >
        <View style={styles.text}>
          <Words kind="strong">{when}</Words>
          <Words>{job.bikeName}</Words>
          <Words kind="small">{[job.customerName, ...notes].join(' · ')}</Words>
          {late ? (
            <Words kind="strong" ink="rustText">
              {late}
            </Words>
          ) : null}
        </View>
        <JobTag tag={job.tag} />
      </Pressable>
    </DragRow>
  );
}

const styles = StyleSheet.create({
  press: { flex: 1, minWidth: 0, flexDirection: 'row', gap: space.s, paddingVertical: space.s },
  text: { flex: 1, minWidth: 0 },
});
