import { endSays } from '../../bikes/thirdBrake';
import type { End } from '@hold-fast/core/ends';
import type { Job, Tightened } from '@hold-fast/core/job/job';
import { fastenerRule } from '@hold-fast/core/torque/fasteners';
import { countingMarks, FULL_PASSES, markStands } from '@hold-fast/core/torque/proof';
import { nextTurn, passesOf, type Pass } from '@hold-fast/core/torque/sequence';
import { useState } from 'react';
import { StyleSheet, useWindowDimensions, View } from 'react-native';
import { useFeed } from '../../../data/feed';
import { append, entryOf } from '../../../data/jobWrites';
import { BoltCircle } from '../../../instruments/BoltCircle';
import { Field } from '../../../ui/Field';
import { Note } from '../../../ui/Note';
import { numberOf } from '../../../ui/numberOf';
import { Page } from '../../../ui/Page';
import { size, space } from '../../../ui/tokens';
import { useKeys } from '../../../ui/useKeys';
import { Words } from '../../../ui/Words';
import { capital } from '../../../words/capital';
import { jobWords } from '../../../words/job';
import { words } from '../../../words/words';
import { FeedNote } from '../measuring/FeedNote';
import { askedSays } from './askedSays';
import { Gaps } from './Gaps';
import { Outcome } from './Outcome';
import { PassFoot } from './PassFoot';
import { actionOf, instructionOf } from './passSays';
import { Progress } from './Progress';
import { SetTo } from './SetTo';

/** Passes that are confirmed bolt by bolt; the others are confirmed as a whole. */
const BOLT_BY_BOLT: ReadonlySet<Pass> = new Set(['full']);

interface PassesProps {
  job: Job;
  end: End;
  tightened: Tightened;
  onAfresh: () => void;
}

/** Every pass, confirmed: one fastener brought to its torque evenly. */
export function Passes({ job, end, tightened, onAfresh }: PassesProps) {
  const { boltCount, wrench, fastener, crowfoot } = tightened;
  const { width, height } = useWindowDimensions();
  const [keyed, setKeyed] = useState('');
  const [told, setTold] = useState<string | null>(null);
  const marks = countingMarks(tightened);
  const turn = nextTurn(boltCount, marks);
  const passes = passesOf(boltCount);
  const pass = turn.done ? passes.at(-1)! : turn.pass;
  const reads = wrench.kind === 'reading' && FULL_PASSES.has(pass) && !turn.done;
  const whole = !reads && (!BOLT_BY_BOLT.has(pass) || boltCount === 1);

  const confirm = () => {
    if (turn.done || reads) return;
    mark(null, 'keys', whole ? null : turn.bolt);
  };
  const mark = (measuredNm: number | null, via: 'keys' | 'feed', bolt: number | null) => {
    append(
      job.id,
      entryOf<'pass-mark'>({
        kind: 'pass-mark',
        tighteningId: tightened.id,
        pass,
        bolt,
        measuredNm,
        via,
      }),
    );
  };
  const takeReading = (measuredNm: number, via: 'keys' | 'feed') => {
    if (turn.done || !reads) return;
    const stands = markStands(tightened, { pass, bolt: turn.bolt, measuredNm });
    mark(measuredNm, via, turn.bolt);
    setKeyed('');
    setTold(
      stands === 'in'
        ? null
        : stands === 'under'
          ? jobWords.torque.boltAtIsUnderIts(turn.position + 1, words.format.nm(measuredNm))
          : jobWords.torque.boltAtWentPastIts(turn.position + 1, words.format.nm(measuredNm)),
    );
  };
  const feed = useFeed(wrench.id, (shown) => takeReading(Number(shown), 'feed'));
  const typed = numberOf(keyed);
  const takeTyped = () => {
    if (typed !== null && typed > 0) takeReading(typed, 'keys');
  };
  const isTight = { says: words.keys.tight, act: confirm };
  useKeys({
    Enter: reads ? { says: words.keys.take, act: takeTyped } : isTight,
    ' ': isTight,
    ArrowRight: isTight,
  });
  const name = capital(words.fastener[fastener]);
  const over = tightened.flaws.includes('over-torqued');
  return (
    <Page
      tag={job.tag}
      over={jobWords.torque.brakePassOf(
        endSays(job.bike, end),
        passes.indexOf(pass) + 1,
        passes.length,
      )}
      title={turn.done ? jobWords.torque.done(name) : jobWords.torque.pass(name, words.pass[pass])}
      under={<Progress passes={passes} done={turn.done ? passes.length : passes.indexOf(pass)} />}
      foot={
        <PassFoot
          state={turn.done ? 'done' : over ? 'over' : reads ? 'reads' : 'clicks'}
          planned={job.planned.length > 0}
          typedNm={typed}
          says={actionOf(pass, whole, boltCount)}
          onAfresh={onAfresh}
          onTyped={takeTyped}
          onConfirm={confirm}
          jobId={job.id}
        />
      }
    >
      <View style={styles.work}>
        {turn.done ? (
          <Outcome tightened={tightened} />
        ) : (
          <SetTo
            figures={job.rules.figures}
            tightened={tightened}
            pass={pass}
            reads={reads}
            bolt={turn.position + 1}
          />
        )}
        <Words ink="soft" style={styles.centred}>
          {`${askedSays(tightened, tightened.askedSource)} · ${wrench.name}, ±${words.format.percent(wrench.tolerance)}${crowfoot ? jobWords.torque.crowfootMmAt(crowfoot.extensionMm, crowfoot.angleDegrees) : ''}`}
        </Words>
        {told ? <Note kind="refusal" title={told} /> : null}
        <BoltCircle
          boltCount={boltCount}
          pass={pass}
          marks={marks}
          next={turn}
          whole={whole}
          width={Math.min(width - 48, Math.max(200, height - (reads ? 590 : 470)), 340)}
        />
        {reads && !over ? (
          <View style={styles.keyed}>
            <Field
              label={jobWords.torque.whatTheWrenchShowsN}
              value={keyed}
              inputMode="decimal"
              onChangeText={setKeyed}
              onSubmitEditing={takeTyped}
              {...(feed.live ? { hint: jobWords.torque.itIsOnTheFeed } : {})}
            />
            <FeedNote notice={feed.notice} />
          </View>
        ) : null}
        {!turn.done && !reads && (
          <Words>
            <Words kind="strong">
              {instructionOf(
                pass,
                turn.position,
                turn.across,
                boltCount,
                fastener,
                job.rules.figures,
              )}
            </Words>
            {` ${words.thread[tightened.treatment]}. ${boltCount === 1 ? '' : jobWords.torque.bringThemHomeTogetherNever}`}
          </Words>
        )}
        {turn.done && fastenerRule(fastener).clamp ? (
          <Gaps job={job} tightened={tightened} />
        ) : null}
      </View>
    </Page>
  );
}

const styles = StyleSheet.create({
  work: { padding: space.l, gap: space.m, alignItems: 'center' },
  keyed: { alignSelf: 'stretch', gap: space.s, maxWidth: size.list, width: '100%' },
  centred: { textAlign: 'center' },
});
