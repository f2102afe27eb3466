import type { Identified, Job, Tightened } from '@hold-fast/core/job/job';
import {
  askedFor,
  wrenchAsKnown,
  type ReadWindow as ReadTorque,
} from '@hold-fast/core/job/tightening';
import { brakeAt } from '@hold-fast/core/job/visit';
import type { WrenchInStore } from '@hold-fast/contract/stores';
import type { End } from '@hold-fast/core/ends';
import { fastenersOf } from '@hold-fast/core/procedure/hold';
import { clampLoadOf } from '@hold-fast/core/torque/clampLoad';
import { windowAtWrench, type Crowfoot } from '@hold-fast/core/torque/crowfoot';
import {
  askedOf,
  FASTENER_IDS,
  fastenerRule,
  type FastenerId,
  type TorqueAsked,
} from '@hold-fast/core/torque/fasteners';
import { countingMarks, FULL_PASSES, markStands } from '@hold-fast/core/torque/proof';
import { nextTurn, PASS_SHARE, passesOf, type Pass } from '@hold-fast/core/torque/sequence';
import type { TorqueWindow } from '@hold-fast/core/torque/window';
import { THREAD_TREATMENTS, type ThreadTreatment } from '@hold-fast/core/torque/thread';
import { clickSetting, wrenchInCalibration } from '@hold-fast/core/torque/wrench';
import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, useWindowDimensions, View } from 'react-native';
import { useFeed } from '../../data/feed';
import { useIsLead } from '../../data/session';
import { useWrenches } from '../../data/queries';
import { today } from '../../data/today';
import { append, entryOf, useTake } from '../../data/writes';
import { BoltCircle } from '../../instruments/BoltCircle';
import { Button, Buttons } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Note } from '../../ui/Note';
import { Page, Section } from '../../ui/Page';
import { Row } from '../../ui/Row';
import { Failed, Loading } from '../../ui/Standing';
import { color, size, space } from '../../ui/tokens';
import { useKeys } from '../../ui/useKeys';
import { useWide } from '../../ui/useWide';
import { VerdictMark } from '../../ui/VerdictMark';
import { Words } from '../../ui/Words';
import { words } from '../../words/words';
import { CrowfootFields } from './CrowfootFields';
import { capital } from '../../words/capital';
import { BackToJob, WithBrake } from './JobFrame';
import { FeedNote } from './measuring/FeedNote';
import { numberOf } from '../../ui/numberOf';

/** Passes that are confirmed bolt by bolt; the others are confirmed as a whole. */
const BOLT_BY_BOLT: ReadonlySet<Pass> = new Set(['full']);

interface TorqueProps {
  jobId: string;
  end: End;
  /** What holds the rotor when none is named. */
  fastener: FastenerId | null;
}

/** One fastener, tightened evenly: the wrench, its setting, the thread, and every pass confirmed. */
export function Torque({ jobId, end, fastener }: TorqueProps) {
  const [afresh, setAfresh] = useState(false);
  return (
    <WithBrake jobId={jobId} end={end} title="Torque">
      {(job, identified) => {
        const named = fastener ?? fastenersOf('rotor', brakeAt(job, end))[0]!;
        const tightened = job.tightened
          .filter((each) => each.end === end && each.fastener === named)
          .at(-1);
        return tightened && !afresh ? (
          <Passes job={job} end={end} tightened={tightened} onAfresh={() => setAfresh(true)} />
        ) : (
          <Prepare
            key={named}
            job={job}
            end={end}
            fastener={named}
            identified={identified}
            onBegun={() => setAfresh(false)}
          />
        );
      }}
    </WithBrake>
  );
}

const to = (job: Job, end: End, fastener: FastenerId) =>
  router.navigate(`/bench/${job.id}/${end}/bolts?fastener=${fastener}` as '/bench');

function askedSays({ window }: Pick<TorqueAsked, 'window'>, source = ''): string {
  const { loNm, hiNm, namedNm, origin, tag } = window;
  const spread =
    namedNm === null ? '' : `: it names ${words.format.nm(namedNm)}, the spread is our choice`;
  const whose = source
    ? `“${source}”`
    : `${words.origin[origin]}${tag && namedNm === null ? `, ${words.tag[tag]}` : ''}`;
  return `Asked ${words.format.nm(loNm)} to ${words.format.nm(hiNm)} N·m, ${whose}${spread}`;
}

interface PrepareProps {
  job: Job;
  end: End;
  fastener: FastenerId;
  identified: Identified;
  onBegun: () => void;
}

function Prepare({ job, end, fastener, identified, onBegun }: PrepareProps) {
  const wide = useWide();
  const wrenches = useWrenches();
  const row = askedOf(fastener, identified.sheet.body.torque);
  const usual = fastenerRule(fastener);
  const [treatment, setTreatment] = useState<ThreadTreatment>(row?.thread ?? usual.thread);
  const [reading, setReading] = useState(row === null);
  const [read, setRead] = useState<ReadTorque | null>(null);
  const [crowfoot, setCrowfoot] = useState<Crowfoot | null>(null);
  const [others, setOthers] = useState(false);
  const { take, refused } = useTake<'tightening'>(job);
  const isLead = useIsLead();
  const day = today();
  if (wrenches.error)
    return <Failed error={wrenches.error} onRetry={() => void wrenches.refetch()} />;
  if (!wrenches.data) return <Loading />;

  const asked = askedFor(job, { end, fastener, asked: read }, isLead);
  const fault = 'refusal' in asked ? asked.code : null;
  const window = 'refusal' in asked ? null : asked.window;
  const middle = window && (window.namedNm ?? (window.loNm + window.hiNm) / 2);
  const asks = row?.thread ?? usual.thread;
  const load = middle === null ? null : clampLoadOf(fastener, middle, treatment, asks);
  const begin = (wrench: WrenchInStore, setNm: number) => {
    if ('refusal' in asked) return;
    const fresh = { end, fastener, wrenchId: wrench.id, setNm, treatment, asked: read, crowfoot };
    const known = { ...asked, wrench: wrenchAsKnown(wrench), retired: wrench.retired };
    if (take({ kind: 'tightening', ...fresh }, known)) onBegun();
  };
  return (
    <Page
      tag={job.tag}
      over={`${words.end[end]} brake · ${words.fastener[fastener]}`}
      title="Which wrench?"
      aside={<Button kind="quiet" says="Other bolt" onPress={() => setOthers(!others)} />}
      foot={<BackToJob jobId={job.id} />}
    >
      {others ? (
        <Section label="Which fastener">
          <Choice
            label="Which fastener"
            options={FASTENER_IDS.filter((id) => fastenerRule(id).usual !== null).map((value) => ({
              value,
              says: capital(words.fastener[value]),
            }))}
            chosen={[fastener]}
            onChoose={(other) => {
              setOthers(false);
              to(job, end, other);
            }}
          />
        </Section>
      ) : null}
      {refused ? <Note kind="refusal">{refused}</Note> : null}
      <View style={wide && styles.beside}>
        <View style={wide && styles.half}>
          <Section label="Torque">
            {window ? (
              <Words kind="strong">{askedSays({ window }, read?.source)}</Words>
            ) : fault === 'not-on-sheet' ? (
              <Words>
                Nobody gives a torque for it. Read it off the part or the maker’s sheet.
              </Words>
            ) : (
              <NoCommonWindow
                sheet={row!.window}
                read={read!}
                isLead={isLead}
                onDecide={(overSheet) => setRead({ ...read!, overSheet })}
              />
            )}
            {'refusal' in asked || !asked.setAside ? null : (
              <Words kind="small">{`The sheet’s ${spreadOf(asked.setAside)} is set aside: “${read!.overSheet}”.`}</Words>
            )}
            {window?.tag === 'M' ? (
              <Note kind="caution">
                From memory: it may be recorded and proves nothing. Find the maker’s value.
              </Note>
            ) : null}
            {read && row ? (
              <Button kind="quiet" says="Go by the sheet’s row" onPress={() => setRead(null)} />
            ) : null}
            {reading ? (
              <ReadWindow
                onRead={(asked) => {
                  setRead(asked);
                  setReading(false);
                }}
              />
            ) : (
              <Button
                kind="quiet"
                says="Read it off the part or the maker’s sheet"
                onPress={() => setReading(true)}
              />
            )}
          </Section>
          <Section label="On the thread">
            <Choice
              label="On the thread"
              options={THREAD_TREATMENTS.map((value) => ({ value, says: words.thread[value] }))}
              chosen={[treatment]}
              onChoose={setTreatment}
            />
            {treatment === asks ? (
              <Words kind="small">{`${row?.window.origin === 'sheet' ? 'The sheet asks for it' : 'Usual here'}: ${words.thread[asks].toLowerCase()}.`}</Words>
            ) : (
              <Note kind="caution">
                {`${words.thread[asks]} is asked for. Another treatment changes the clamp load at the same torque${load ? `: about ${kilonewton(load.loadN)} instead of ${kilonewton(load.askedN)} kN, ${words.format.percent(load.shareOfProof)} of the proof load of an 8.8 bolt (K from memory)` : ''}. It is recorded.`}
              </Note>
            )}
            {load?.warn ? (
              <Note kind="refusal" title="Near what the bolt can bear">
                Wipe the thread clean, or use what is asked for.
              </Note>
            ) : null}
          </Section>
          <CrowfootFields
            crowfoot={crowfoot}
            onChange={setCrowfoot}
            offered={usual.drive.includes('crowfoot')}
          />
        </View>
        <View style={wide && styles.half}>
          {window === null
            ? null
            : wrenches.data
                .filter(({ retired }) => !retired)
                .map((wrench) => {
                  const answer = clickSetting(windowAtWrench(window, crowfoot), wrench);
                  const sound = wrenchInCalibration(wrench, day);
                  const tolerance = `±${words.format.percent(wrench.tolerance)}${wrench.toleranceAssumed ? ' assumed' : ''}`;
                  const says =
                    answer.code === 'set' && wrench.kind === 'reading'
                      ? `shows each bolt; ${words.format.nm(answer.loNm)} to ${words.format.nm(answer.hiNm)} proves it`
                      : words.setting(answer);
                  return (
                    <Row
                      key={wrench.id}
                      title={wrench.name}
                      says={`${tolerance} · ${says}${sound ? '' : ' · out of calibration: the tightening stays unproven'}`}
                      mark={answer.code === 'set' ? undefined : <VerdictMark word={null} />}
                      aside={
                        answer.code === 'set' ? (
                          <Words kind="reading">{words.format.nm(answer.setNm)}</Words>
                        ) : undefined
                      }
                      disabled={answer.code !== 'set'}
                      onPress={() => answer.code === 'set' && begin(wrench, answer.setNm)}
                    />
                  );
                })}
        </View>
      </View>
    </Page>
  );
}

interface NoCommonWindowProps {
  sheet: TorqueWindow;
  read: ReadTorque;
  isLead: boolean;
  onDecide: (overSheet: string) => void;
}

/** The part and the sheet ask for torques that have nothing in common: nobody guesses, a lead decides. */
function NoCommonWindow({ sheet, read, isLead, onDecide }: NoCommonWindowProps) {
  const [why, setWhy] = useState('');
  return (
    <>
      <Note kind="refusal" title="They have no torque in common">
        {`The sheet asks for ${spreadOf(sheet)}, “${read.source}” for ${spreadOf(read)}. Ask the maker. ${
          isLead
            ? 'A lead may say why it counts all the same.'
            : 'A lead, signed in here, may say which counts.'
        }`}
      </Note>
      {isLead ? (
        <>
          <Field
            label="Why it counts and the sheet does not"
            value={why}
            maxLength={200}
            onChangeText={setWhy}
          />
          <Button
            kind="plain"
            says="Go by it"
            disabled={why.trim() === ''}
            onPress={() => onDecide(why.trim())}
          />
        </>
      ) : null}
    </>
  );
}

const spreadOf = ({ loNm, hiNm }: { loNm: number; hiNm: number }) =>
  `${words.format.nm(loNm)} to ${words.format.nm(hiNm)} N·m`;

const kilonewton = (loadN: number) => (loadN / 1000).toFixed(1);

/** A window read off the part or the maker’s sheet in hand, with where it stood. */
function ReadWindow({ onRead }: { onRead: (asked: ReadTorque) => void }) {
  const [lo, setLo] = useState('');
  const [hi, setHi] = useState('');
  const [source, setSource] = useState('');
  const [origin, setOrigin] = useState<'stamped' | 'sheet'>('sheet');
  const [tried, setTried] = useState(false);
  const loNm = numberOf(lo);
  const hiNm = numberOf(hi);
  const upside = loNm !== null && hiNm !== null && loNm > hiNm;
  const take = () => {
    setTried(true);
    if (loNm && hiNm && !upside && source.trim())
      onRead({ loNm, hiNm, origin, source: source.trim() });
  };
  return (
    <>
      <View style={styles.pair}>
        <View style={styles.half}>
          <Field
            label="From, N·m"
            value={lo}
            inputMode="decimal"
            onChangeText={setLo}
            error={tried && !loNm ? 'N·m, above zero.' : undefined}
          />
        </View>
        <View style={styles.half}>
          <Field
            label="To, N·m"
            value={hi}
            inputMode="decimal"
            onChangeText={setHi}
            error={
              upside
                ? words.inputError('window-upside-down')
                : tried && !hiNm
                  ? 'N·m, above zero.'
                  : undefined
            }
          />
        </View>
      </View>
      <Choice
        label="Where it stands"
        options={[
          { value: 'sheet', says: 'Maker’s sheet' },
          { value: 'stamped', says: 'On the part' },
        ]}
        chosen={[origin]}
        onChoose={setOrigin}
      />
      <Field
        label="Which sheet, or where on the part"
        value={source}
        maxLength={120}
        onChangeText={setSource}
        error={
          tried && !source.trim() ? 'Write where it stands: it goes into the record.' : undefined
        }
      />
      <Button kind="plain" says="Go by this" onPress={take} />
    </>
  );
}

interface PassesProps {
  job: Job;
  end: End;
  tightened: Tightened;
  onAfresh: () => void;
}

function Passes({ job, end, tightened, onAfresh }: PassesProps) {
  const { boltCount, wrench, setNm, fastener, crowfoot } = tightened;
  const { width, height } = useWindowDimensions();
  const [keyed, setKeyed] = useState('');
  const [told, setTold] = useState<string | null>(null);
  const marks = countingMarks(tightened);
  const turn = nextTurn(boltCount, marks);
  const passes = passesOf(boltCount);
  const pass = turn.done ? passes.at(-1)! : turn.pass;
  const reads = wrench.kind === 'reading' && FULL_PASSES.has(pass) && !turn.done;
  const whole = !reads && (!BOLT_BY_BOLT.has(pass) || boltCount === 1);
  const share = PASS_SHARE[pass];
  const atWrench = windowAtWrench(tightened.window, crowfoot);

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
          ? `Bolt ${turn.position + 1} at ${words.format.nm(measuredNm)} is under its window: turn it further.`
          : `Bolt ${turn.position + 1} at ${words.format.nm(measuredNm)} went past its window. Take it out, look at it, and tighten anew.`,
    );
  };
  const feed = useFeed(wrench.id, (shown) => takeReading(Number(shown), 'feed'));
  const typed = numberOf(keyed);
  const takeTyped = () => {
    if (typed !== null && typed > 0) takeReading(typed, 'keys');
  };
  const toStep = () => router.navigate(`/bench/${job.id}/step` as '/bench');
  const toJob = () => router.navigate(`/bench/${job.id}`);
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
      over={`${words.end[end]} brake · pass ${passes.indexOf(pass) + 1} of ${passes.length}`}
      title={turn.done ? `${name}, done` : `${name}, ${words.pass[pass]} pass`}
      under={<Progress passes={passes} done={turn.done ? passes.length : passes.indexOf(pass)} />}
      foot={
        // Two sets of buttons: a press too many on the last bolt must not begin anew.
        <Buttons key={turn.done ? 'done' : 'turning'}>
          {turn.done ? (
            <>
              <Button kind="plain" says="Do it again" onPress={onAfresh} />
              {job.planned.length > 0 ? (
                <Button grow says="On with the plan" onPress={toStep} />
              ) : (
                <Button grow says="Back to the job" onPress={toJob} />
              )}
            </>
          ) : over ? (
            <>
              <Button kind="plain" says="Job" onPress={toJob} />
              <Button grow says="Tighten anew" onPress={onAfresh} />
            </>
          ) : reads ? (
            <>
              <Button kind="plain" says="Job" onPress={toJob} />
              <Button
                grow
                says={typed ? `Take ${words.format.nm(typed)} N·m` : 'Key what it shows'}
                disabled={!typed}
                onPress={takeTyped}
              />
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
        ) : (
          <Words kind="label">
            {share === null
              ? 'By hand, no wrench yet'
              : reads
                ? `Bolt ${turn.position + 1}: turn it to`
                : pass === 'verify'
                  ? 'Check every bolt at'
                  : wrench.kind === 'reading'
                    ? 'Turn to about'
                    : 'Set the wrench to'}
          </Words>
        )}
        {!turn.done && (
          <View style={styles.setting}>
            <Words kind="giant">
              {share === null
                ? 'snug'
                : reads
                  ? `${words.format.nm(atWrench.loNm)}–${words.format.nm(atWrench.hiNm)}`
                  : words.format.nm(setNm * share)}
            </Words>
            {share === null ? null : (
              <Words kind="title" ink="soft">
                N·m
              </Words>
            )}
          </View>
        )}
        <Words ink="soft" style={styles.centred}>
          {`${askedSays(tightened, tightened.askedSource)} · ${wrench.name}, ±${words.format.percent(wrench.tolerance)}${crowfoot ? `, crowfoot ${crowfoot.extensionMm} mm at ${crowfoot.angleDegrees}°` : ''}`}
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
              label="What the wrench shows, N·m"
              value={keyed}
              inputMode="decimal"
              onChangeText={setKeyed}
              onSubmitEditing={takeTyped}
              {...(feed.live ? { hint: 'It is on the feed: a reading lands here by itself.' } : {})}
            />
            <FeedNote notice={feed.notice} />
          </View>
        ) : null}
        {!turn.done && !reads && (
          <Words>
            <Words kind="strong">
              {instructionOf(pass, turn.position, turn.across, boltCount, fastener)}
            </Words>
            {` ${words.thread[tightened.treatment]}. ${boltCount === 1 ? '' : 'Bring them home together, never one alone.'}`}
          </Words>
        )}
        {turn.done && fastenerRule(fastener).clamp ? (
          <Gaps job={job} tightened={tightened} />
        ) : null}
      </View>
    </Page>
  );
}

/** Both gaps of a clamp: equal, or the step fails. */
function Gaps({ job, tightened }: { job: Job; tightened: Tightened }) {
  const [one, setOne] = useState('');
  const [other, setOther] = useState('');
  const [oneMm, otherMm] = [numberOf(one), numberOf(other)];
  const { gaps } = tightened;
  const take = () => {
    if (oneMm !== null && otherMm !== null)
      append(
        job.id,
        entryOf<'clamp-gaps'>({ kind: 'clamp-gaps', tighteningId: tightened.id, oneMm, otherMm }),
      );
  };
  return (
    <View style={styles.keyed}>
      <Words kind="label">The clamp’s gaps</Words>
      {gaps ? <Words>{`${gaps.oneMm.toFixed(1)} and ${gaps.otherMm.toFixed(1)} mm.`}</Words> : null}
      <View style={styles.pair}>
        <View style={styles.half}>
          <Field label="Upper gap, mm" value={one} inputMode="decimal" onChangeText={setOne} />
        </View>
        <View style={styles.half}>
          <Field label="Lower gap, mm" value={other} inputMode="decimal" onChangeText={setOther} />
        </View>
      </View>
      <Button
        kind="plain"
        says="Record the gaps"
        disabled={oneMm === null || otherMm === null}
        onPress={take}
      />
    </View>
  );
}

function actionOf(pass: Pass, whole: boolean, boltCount: number): string {
  if (!whole) return 'It clicked';
  if (boltCount === 1) return pass === 'snug' ? 'Snug' : 'It clicked';
  return pass === 'snug' ? 'All finger-tight' : 'All clicked';
}

function instructionOf(
  pass: Pass,
  position: number,
  across: boolean,
  boltCount: number,
  fastener: FastenerId,
): string {
  if (boltCount === 1)
    return pass === 'snug'
      ? fastener === 'rotor-lockring'
        ? 'Start the lockring by hand: it cross-threads.'
        : 'Start it square, by hand.'
      : 'Turn it until it clicks.';
  if (pass === 'snug') return 'All bolts finger-tight, in the order shown.';
  if (pass === 'half')
    return boltCount === 2
      ? 'Quarter turns, one and the other, to half.'
      : 'Every bolt to half, in the order shown.';
  if (pass === 'verify')
    return 'Once more round in the same order: each must click without moving.';
  if (boltCount === 2) return `Bolt ${position + 1}, quarter turns, one and the other.`;
  return `Bolt ${position + 1}${across ? ', straight across from the last.' : '.'}`;
}

function Outcome({ tightened }: { tightened: Tightened }) {
  const { flaws, setNm, wrench } = tightened;
  return flaws.length === 0 ? (
    <Note
      title={
        wrench.kind === 'reading'
          ? 'Proven, bolt by bolt'
          : `Proven at ${words.format.nm(setNm)} N·m`
      }
    >{`Every pass confirmed with ${wrench.name}.`}</Note>
  ) : (
    <Note kind="caution" title="Done, and unproven">
      {capital(flaws.map((flaw) => words.flaw[flaw]).join('; '))}
    </Note>
  );
}

function Progress({ passes, done }: { passes: readonly Pass[]; done: number }) {
  return (
    <View style={styles.progress} aria-hidden>
      {passes.map((pass, i) => (
        <View
          key={pass}
          style={[styles.part, i < done && styles.partDone, i === done && styles.partHere]}
        />
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  beside: { flexDirection: 'row', alignItems: 'flex-start' },
  pair: { flexDirection: 'row', gap: space.s },
  half: { flex: 1, minWidth: 0 },
  work: { padding: space.l, gap: space.m, alignItems: 'center' },
  keyed: { alignSelf: 'stretch', gap: space.s, maxWidth: size.list, width: '100%' },
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
