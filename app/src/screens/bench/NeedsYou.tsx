import { router } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { outbox } from '../../data/client';
import { useNeedsYou } from '../../data/queries';
import { Button } from '../../ui/Button';
import { Note } from '../../ui/Note';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { problemSays } from '../../words/faultWords';
import { words } from '../../words/words';

/**
 * Entries that the server did not take, each named by job, place and number with the reason, until somebody has dealt with it.
 * @param jobId those of one job; left out, of all
 */
export function NeedsYou({ jobId }: { jobId?: string }) {
  const all = useNeedsYou().filter((each) => jobId === undefined || each.jobId === jobId);
  if (all.length === 0) return null;
  return (
    <Note
      kind="refusal"
      title={
        all.length === 1 ? words.needsYou.needsYou : words.needsYou.needsYouEntries(all.length)
      }
    >
      {all.map(({ entry: { id }, jobId: of, about, problem }) => (
        <View key={id} style={styles.each} testID="needs-you">
          <Words kind="strong">
            {jobId === undefined
              ? `${[about.tag && words.tagNumber(about.tag), about.bike].filter(Boolean).join(' · ')}: ${words.about(about)}`
              : words.about(about)}
          </Words>
          <Words>{words.needsYou.notTaken(problemSays(problem))}</Words>
          <View style={styles.ways}>
            {jobId === undefined ? (
              <Button
                kind="quiet"
                says={words.needsYou.toTheJob}
                onPress={() => router.navigate(`/bench/${of}`)}
              />
            ) : null}
            <Button
              kind="quiet"
              says={words.needsYou.sendAgain}
              onPress={() => outbox.sendAgain(id)}
            />
            <Button
              kind="quiet"
              says={words.needsYou.itIsDealtWith}
              onPress={() => outbox.dealtWith(id)}
            />
          </View>
        </View>
      ))}
    </Note>
  );
}

const styles = StyleSheet.create({
  each: { gap: space.hair },
  ways: { flexDirection: 'row', flexWrap: 'wrap', columnGap: space.xl },
});
