import type { Identified, Job, Tightened } from '@hold-fast/contract/jobs';
import type { TorqueRow } from '@hold-fast/contract/sheets';
import type { Wrench } from '@hold-fast/contract/stores';
import type { End } from '@hold-fast/core/ends';
import { nextTurn, PASS_SHARE, PASSES, type Pass } from '@hold-fast/core/torque/sequence';
import { THREAD_TREATMENTS, type ThreadTreatment } from '@hold-fast/core/torque/thread';
import { clickSetting, wrenchInCalibration } from '@hold-fast/core/torque/wrench';
import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, useWindowDimensions, View } from 'react-native';
import { useWrenches } from '../../data/queries';
import { append, entryOf, useSendEntry } from '../../data/writes';
import { BoltCircle } from '../../instruments/BoltCircle';
import { Button, Buttons } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Note } from '../../ui/Note';
import { Page, Section } from '../../ui/Page';
import { Row } from '../../ui/Row';
import { Failed, Loading } from '../../ui/Standing';
import { color, space } from '../../ui/tokens';
import { useKeys } from '../../ui/useKeys';
import { VerdictMark } from '../../ui/VerdictMark';
import { Words } from '../../ui/Words';
import { words } from '../../words/words';
import { BackToJob, WithBrake } from './JobFrame';

/** Passes that are confirmed bolt by bolt; the others are confirmed as a whole. */
const BOLT_BY_BOLT: ReadonlySet<Pass> = new Set(['full']);

/** What holds the rotor, tightened evenly: the wrench, its setting, the thread, and every pass confirmed. */
export function RotorBolts({ jobId, end }: { jobId: string; end: End }) {
  const [afresh, setAfresh] = useState(false);
  return (
    <WithBrake jobId={jobId} end={end} title="Rotor bolts">
      {(job, identified) => {
        const row = identified.sheet.body.torque[0];
        if (!row)
          return (
            <Page
              tag={job.tag}
              over={`${end} brake`}
              title="Rotor bolts"
              foot={<BackToJob jobId={jobId} />}
            >
              <Note kind="caution">
                This spec sheet has no torque for the rotor. Find the maker’s value first.
              </Note>
            </Page>
          );
        const tightened = job.tightened
          .filter((t) => t.end === end && t.fastener === row.fastener)
          .at(-1);
        if (!tightened || afresh)
          return (
            <ChooseWrench
              job={job}
              end={end}
              row={row}
              identified={identified}
              onBegun={() => setAfresh(false)}
            />
          );
        return (
          <Passes
            job={job}
            end={end}
            row={row}
            tightened={tightened}
            onAfresh={() => setAfresh(true)}
          />
        );
      }}
    </WithBrake>
  );
}

const nameOfRow = (row: TorqueRow) =>
  row.fastener === 'rotor-lockring' ? 'Rotor lockring' : 'Rotor bolts';
const asked = ({ window }: TorqueRow) =>
  `Asked ${words.format.nm(window.loNm)} to ${words.format.nm(window.hiNm)} N·m, ${words.origin[window.origin]}` +
  (window.namedNm === null
    ? ''
    : `: it names ${words.format.nm(window.namedNm)}, the spread is our choice`);

interface ChooseProps {
  job: Job;
  end: End;
  row: TorqueRow;
  identified: Identified;
  onBegun: () => void;
}

function ChooseWrench({ job, end, row, onBegun }: ChooseProps) {
  const wrenches = useWrenches();
  const [treatment, setTreatment] = useState<ThreadTreatment>(row.thread);
  const send = useSendEntry<'tightening'>(job.id);
  const today = new Date().toISOString().slice(0, 10);
  if (wrenches.error)
    return <Failed error={wrenches.error} onRetry={() => void wrenches.refetch()} />;
  if (!wrenches.data) return <Loading />;

  const begin = (wrench: Wrench, setNm: number) =>
    send.mutate(
      { kind: 'tightening', end, fastener: row.fastener, wrenchId: wrench.id, setNm, treatment },
      { onSuccess: onBegun },
    );
  return (
    <Page
      tag={job.tag}
      over={`${end} brake · ${nameOfRow(row).toLowerCase()}`}
      title="Which wrench?"
      foot={<BackToJob jobId={job.id} />}
    >
      {send.error ? <Note kind="refusal">{send.error.message}</Note> : null}
      <Section label="On the thread">
        <Choice
          label="On the thread"
          options={THREAD_TREATMENTS.map((value) => ({ value, says: words.thread[value] }))}
          chosen={[treatment]}
          onChoose={setTreatment}
        />
        {treatment === row.thread ? (
          <Words kind="small">{`The sheet asks for it: ${words.thread[row.thread].toLowerCase()}.`}</Words>
        ) : (
          <Note kind="caution">
            {`The sheet asks for ${words.thread[row.thread].toLowerCase()}. Another treatment changes the clamp load at the same torque; it is recorded.`}
          </Note>
        )}
      </Section>
      <Section>
        <Words kind="strong">{asked(row)}</Words>
      </Section>
      {wrenches.data.map((wrench) => {
        const answer = clickSetting(row.window, wrench);
        const sound = wrenchInCalibration(wrench, today);
        const tolerance = `±${words.format.percent(wrench.tolerance)}${wrench.toleranceAssumed ? ' assumed' : ''}`;
        return (
          <Row
            key={wrench.id}
            title={wrench.name}
            says={`${tolerance} · ${words.setting(answer)}${sound ? '' : ' · out of calibration: the tightening stays unproven'}`}
            mark={answer.code === 'set' ? undefined : <VerdictMark word={null} />}
            aside={
              answer.code === 'set' ? (
                <Words kind="reading">{words.format.nm(answer.setNm)}</Words>
              ) : undefined
            }
            disabled={answer.code !== 'set' || send.isPending}
            onPress={() => answer.code === 'set' && begin(wrench, answer.setNm)}
          />
        );
      })}
    </Page>
  );
}

interface PassesProps {
  job: Job;
  end: End;
  row: TorqueRow;
  tightened: Tightened;
  onAfresh: () => void;
}

function Passes({ job, end, row, tightened, onAfresh }: PassesProps) {
  const { boltCount, marks, wrench, setNm } = tightened;
  const { width, height } = useWindowDimensions();
  const turn = nextTurn(boltCount, marks);
  const pass = turn.done ? 'verify' : turn.pass;
  const whole = !BOLT_BY_BOLT.has(pass) || boltCount === 1;
  const share = PASS_SHARE[pass];

  const confirm = () => {
    if (turn.done) return;
    append(
      job.id,
      entryOf<'pass-mark'>({
        kind: 'pass-mark',
        tighteningId: tightened.id,
        pass,
        bolt: whole ? null : turn.bolt,
      }),
    );
  };
  const toJob = () => router.navigate(`/bench/${job.id}`);
  useKeys({ Enter: confirm, ' ': confirm, ArrowRight: confirm });
  const title = turn.done
    ? `${nameOfRow(row)}, done`
    : `${nameOfRow(row)}, ${words.pass[pass]} pass`;
  return (
    <Page
      tag={job.tag}
      over={`${end} brake · pass ${PASSES.indexOf(pass) + 1} of ${PASSES.length}`}
      title={title}
      under={<Progress done={turn.done ? PASSES.length : PASSES.indexOf(pass)} />}
      foot={
        // Two sets of buttons: a press too many on the last bolt must not begin anew.
        <Buttons key={turn.done ? 'done' : 'turning'}>
          {turn.done ? (
            <>
              <Button kind="plain" says="Do it again" onPress={onAfresh} />
              <Button grow says="Back to the job" onPress={toJob} />
            </>
          ) : (
            <>
              <Button kind="plain" says="Job" onPress={toJob} />
              <Button grow says={actionOf(pass, whole, boltCount)} onPress={confirm} />
            </>
          )}
        </Buttons>
      }
    >
      <View style={styles.work}>
        {turn.done ? (
          <Outcome tightened={tightened} />
        ) : share === null ? (
          <Words kind="label">By hand, no wrench yet</Words>
        ) : (
          <Words kind="label">
            {pass === 'verify' ? 'Check every bolt at' : 'Set the wrench to'}
          </Words>
        )}
        {!turn.done && (
          <View style={styles.setting}>
            <Words kind="giant">{share === null ? 'snug' : words.format.nm(setNm * share)}</Words>
            {share === null ? null : (
              <Words kind="title" ink="soft">
                N·m
              </Words>
            )}
          </View>
        )}
        <Words ink="soft" style={styles.centred}>
          {`${asked(row)} · ${wrench.name}, ±${words.format.percent(wrench.tolerance)}`}
        </Words>
        <BoltCircle
          boltCount={boltCount}
          pass={pass}
          marks={marks}
          next={turn}
          whole={whole}
          width={Math.min(width - 48, Math.max(200, height - 470), 340)}
        />
        {!turn.done && (
          <Words>
            <Words kind="strong">
              {instructionOf(pass, turn.position, turn.across, boltCount)}
            </Words>
            {` ${words.thread[tightened.treatment]}. ${boltCount === 1 ? '' : 'Bring them home together, never one alone.'}`}
          </Words>
        )}
      </View>
    </Page>
  );
}

function actionOf(pass: Pass, whole: boolean, boltCount: number): string {
  if (!whole) return 'It clicked';
  if (boltCount === 1) return pass === 'snug' ? 'Snug' : 'It clicked';
  return pass === 'snug' ? 'All finger-tight' : 'All clicked';
}

function instructionOf(pass: Pass, position: number, across: boolean, boltCount: number): string {
  if (boltCount === 1)
    return pass === 'snug'
      ? 'Start the lockring by hand: it cross-threads.'
      : 'Turn the lockring until it clicks.';
  if (pass === 'snug') return 'All bolts finger-tight, in the order shown.';
  if (pass === 'half') return 'Every bolt to half, in the order shown.';
  if (pass === 'verify')
    return 'Once more round in the same order: each must click without moving.';
  return `Bolt ${position + 1}${across ? ', straight across from the last.' : '.'}`;
}

function Outcome({ tightened }: { tightened: Tightened }) {
  const { flaws, setNm, wrench } = tightened;
  return flaws.length === 0 ? (
    <Note
      title={`Proven at ${words.format.nm(setNm)} N·m`}
    >{`Every pass confirmed with ${wrench.name}.`}</Note>
  ) : (
    <Note kind="caution" title="Done, and unproven">
      {flaws.map((flaw) => words.flaw[flaw]).join('; ')}
    </Note>
  );
}

function Progress({ done }: { done: number }) {
  return (
    <View style={styles.progress} aria-hidden>
      {PASSES.map((pass, i) => (
        <View
          key={pass}
          style={[styles.part, i < done && styles.partDone, i === done && styles.partHere]}
        />
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  work: { padding: space.l, gap: space.m, alignItems: 'center' },
  setting: { flexDirection: 'row', alignItems: 'baseline', gap: space.s },
  centred: { textAlign: 'center' },
  progress: {
    flexDirection: 'row',
    gap: space.xs,
    paddingHorizontal: space.l,
    paddingTop: space.s,
  },
  part: { flex: 1, height: space.xs, backgroundColor: color.sunk },
  partDone: { backgroundColor: color.brass },
  partHere: { backgroundColor: color.ochre },
});
