import { daysAfter } from '@hold-fast/core/due/due';
import { router } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { dayWords } from '../../words/day';
import type { Moves } from './moves';
import { atJob } from '../routes';

interface Props {
  jobId: string;
  moves: Moves;
  /** Whose day it stands on, and with what; null without a place. */
  among: { personId: string; jobs: readonly { jobId: string }[] } | null;
}

/** Where a job can go from where it stands, by a touch each: nothing here wants a drag. */
export function MovePanel({ jobId, moves, among }: Props) {
  const { day, mechanics, place } = moves;
  const at = among ? among.jobs.findIndex((each) => each.jobId === jobId) : -1;
  const put = (personId: string, before: string | null, on = day) =>
    place(jobId, { day: on, personId, before });
  return (
    <View style={styles.panel}>
      {among ? (
        <View style={styles.keys}>
          <Button
            kind="plain"
            says={dayWords.earlier}
            disabled={at <= 0}
            onPress={() => put(among.personId, among.jobs[at - 1]!.jobId)}
          />
          <Button
            kind="plain"
            says={dayWords.later}
            disabled={at >= among.jobs.length - 1}
            onPress={() => put(among.personId, among.jobs[at + 2]?.jobId ?? null)}
          />
        </View>
      ) : null}
      <Words kind="label">{among ? dayWords.withWhom : dayWords.place}</Words>
      <Choice
        label={among ? dayWords.withWhom : dayWords.place}
        options={mechanics.map(({ id, name }) => ({ value: id, says: name }))}
        chosen={among ? [among.personId] : []}
        onChoose={(personId) => {
          if (personId !== among?.personId) put(personId, null);
        }}
      />
      <View style={styles.keys}>
        {among ? (
          <>
            <Button
              kind="quiet"
              says={dayWords.nextDay}
              onPress={() => put(among.personId, null, daysAfter(day, 1))}
            />
            <Button kind="quiet" says={dayWords.takeOff} onPress={() => place(jobId, null)} />
          </>
        ) : null}
        <Button
          kind="quiet"
          says={dayWords.openJob}
          onPress={() => router.navigate(atJob(jobId))}
        />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  panel: { gap: space.s, paddingVertical: space.s },
  keys: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
});
