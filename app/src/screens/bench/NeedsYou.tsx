import { router } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import type { Problem } from '@hold-fast/contract/problem';
import { outbox, pictures } from '../../data/client';
import { useNeedsYou, usePictures } from '../../data/queries';
import { Button } from '../../ui/Button';
import { Note } from '../../ui/Note';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { problemSays } from '../../words/faultWords';
import { words } from '../../words/words';
import { atJob } from '../routes';

/** Something the server did not take, and what can be done about it. */
interface NotTaken {
  id: string;
  jobId: string;
  says: string;
  problem: Problem;
  sendAgain: () => void;
  dealtWith: () => void;
}

/** What the server did not take, entries before pictures. @param withBike whether each says of which bike it is */
function useNotTaken(withBike: boolean): NotTaken[] {
  const entries = useNeedsYou().map(({ entry: { id }, jobId, about, problem }) => {
    const bike = [about.tag && words.tagNumber(about.tag), about.bike].filter(Boolean).join(' · ');
    return {
      id,
      jobId,
      says: withBike ? `${bike}: ${words.about(about)}` : words.about(about),
      problem,
      sendAgain: () => outbox.sendAgain(id),
      dealtWith: () => outbox.dealtWith(id),
    };
  });
  const refused = usePictures().flatMap(({ id, jobId, bike, end, area, problem }) => {
    if (!problem) return [];
    const says =
      end === null || area === 'as-it-came-in'
        ? words.needsYou.pictureAsItCame
        : words.needsYou.picture(words.area[area], words.end[end]);
    return {
      id,
      jobId,
      says: withBike && bike ? `${bike}: ${says}` : says,
      problem,
      sendAgain: () => void pictures.sendAgain(id),
      dealtWith: () => void pictures.dealtWith(id),
    };
  });
  return [...entries, ...refused];
}

/**
 * What the server did not take, each named by job, place and number with the reason, until somebody has dealt with it.
 * @param jobId those of one job; left out, of all
 */
export function NeedsYou({ jobId }: { jobId?: string }) {
  const all = useNotTaken(jobId === undefined).filter(
    (each) => jobId === undefined || each.jobId === jobId,
  );
  if (all.length === 0) return null;
  return (
    <Note
      kind="refusal"
      title={
        all.length === 1 ? words.needsYou.needsYou : words.needsYou.needsYouEntries(all.length)
      }
    >
      {all.map(({ id, jobId: of, says, problem, sendAgain, dealtWith }) => (
        <View key={id} style={styles.each} testID="needs-you">
          <Words kind="strong">{says}</Words>
          <Words>{words.needsYou.notTaken(problemSays(problem))}</Words>
          <View style={styles.ways}>
            {jobId === undefined ? (
              <Button
                kind="quiet"
                says={words.needsYou.toTheJob}
                onPress={() => router.navigate(atJob(of))}
              />
            ) : null}
            <Button kind="quiet" says={words.needsYou.sendAgain} onPress={sendAgain} />
            <Button kind="quiet" says={words.needsYou.itIsDealtWith} onPress={dealtWith} />
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
