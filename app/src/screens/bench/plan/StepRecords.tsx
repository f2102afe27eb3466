import type { End } from '@hold-fast/core/ends';
import type { Job } from '@hold-fast/core/job/job';
import { stepRule, type StepId } from '@hold-fast/core/procedure/steps';
import { router } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Button } from '../../../ui/Button';
import { space } from '../../../ui/tokens';
import { VerdictMark } from '../../../ui/VerdictMark';
import { Words } from '../../../ui/Words';
import { planningWords } from '../../../words/planning';
import { capturesOf } from './capture';
import { atJob, type AtEnd } from '../../routes';

/** What a step is recorded with, the word on what was measured for it, and where something unlooked-for is written down. */
export function StepRecords({ job, step, end }: { job: Job; step: StepId; end: End }) {
  const to = (where: AtEnd) => () => router.navigate(atJob(job.id, `${end}/${where}`));
  return (
    <>
      {capturesOf(job, step, end).map((capture) => (
        <View key={capture.to} style={styles.capture}>
          <View style={styles.recorded}>
            {capture.word ? <VerdictMark word={capture.word} /> : null}
            <Words ink="soft" style={styles.says}>
              {capture.recorded ?? planningWords.stepFace.nothingRecordedForThisStep}
            </Words>
          </View>
          <Button kind="plain" says={capture.says} onPress={to(capture.to)} />
        </View>
      ))}
      <View style={styles.found}>
        {stepRule(step).records.includes('deviation') ? (
          <Button
            kind="quiet"
            says={planningWords.stepFace.notAsTheMakerMeant}
            onPress={to('deviation')}
          />
        ) : null}
        <Button kind="quiet" says={planningWords.stepFace.iFoundSomething} onPress={to('look')} />
        <Button
          kind="quiet"
          says={planningWords.stepFace.itWillNotGo}
          onPress={to('deviation?what=will-not-go')}
        />
      </View>
    </>
  );
}

const styles = StyleSheet.create({
  capture: { gap: space.s },
  recorded: { flexDirection: 'row', alignItems: 'center', gap: space.s },
  says: { flex: 1, minWidth: 0 },
  found: { flexDirection: 'row', flexWrap: 'wrap', columnGap: space.xl },
});
