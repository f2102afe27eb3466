import { endSays } from '../../bikes/thirdBrake';
import { leversOf } from '@hold-fast/core/kit/brakes';
import type { Job } from '@hold-fast/core/job/job';
import { checksAt } from '@hold-fast/core/job/visit';
import type { End } from '@hold-fast/core/ends';
import { StyleSheet, View } from 'react-native';
import { append, entryOf } from '../../../data/jobWrites';
import { Note } from '../../../ui/Note';
import { Page, Section } from '../../../ui/Page';
import { color, size, space } from '../../../ui/tokens';
import { VerdictMark } from '../../../ui/VerdictMark';
import { capital } from '../../../words/capital';
import { jobWords } from '../../../words/job';
import { words } from '../../../words/words';
import { WithJob } from '../JobFrame';
import { TestChoice } from '../signOff/TestChoice';
import { YesNo } from '../signOff/YesNo';
import { HasNone } from './HasNone';
import { OnFrom } from './OnFrom';
import { provingWords } from '../../../words/proving';

const MARK = { open: null, passed: 'holds', failed: 'replace' } as const;

/** Every bolt, cap and clip of one end by name: what was opened is ticked shut. */
export function FinalCheck({ jobId, end }: { jobId: string; end: End }) {
  return <WithJob jobId={jobId}>{(job) => <Names job={job} end={end} />}</WithJob>;
}

function Names({ job, end }: { job: Job; end: End }) {
  const checks = checksAt(job, end);
  const open = checks.filter(({ stands }) => stands !== 'passed').length;
  return (
    <Page
      tag={job.tag}
      over={provingWords.finalCheck.brakeOf(
        endSays(job.bike, end),
        checks.length - open,
        checks.length,
      )}
      title={provingWords.finalCheck.checkByName}
      foot={<OnFrom job={job} />}
    >
      {checks.length === 0 ? (
        <Note>{provingWords.finalCheck.nothingWasOpenedOrLoosened}</Note>
      ) : null}
      {checks.map(({ check, stands }) => (
        <View key={check} style={styles.check}>
          <VerdictMark word={MARK[stands]} />
          <View style={styles.says}>
            <YesNo
              says={words.check[check]}
              chosen={stands === 'open' ? null : stands}
              asksWords={stands === 'failed'}
              onSay={(outcome, done) =>
                append(
                  job.id,
                  entryOf<'ticked'>({ kind: 'ticked', end, check, outcome, words: done }),
                )
              }
            />
            {stands === 'passed' ? null : <HasNone job={job} end={end} check={check} />}
          </View>
        </View>
      ))}
      {job.bike.motor ? (
        <Section label={provingWords.finalCheck.theMotor}>
          {leversOf(job.bike).map((each) => (
            <TestChoice
              key={each}
              job={job}
              test="cut-off"
              end={each}
              says={jobWords.signOff.eachLeverCutsTheMotor(capital(words.end[each]))}
            />
          ))}
        </Section>
      ) : null}
    </Page>
  );
}

const styles = StyleSheet.create({
  check: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: space.m,
    minHeight: size.touch,
    paddingHorizontal: space.l,
    paddingVertical: space.s,
    borderBottomWidth: size.line,
    borderColor: color.hairline,
  },
  says: { flex: 1, minWidth: 0 },
});
