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
import { jobWords } from '../../words/job';

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
    <WithBrake jobId={jobId} end={end} title={jobWords.torque.torque}>
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
    namedNm === null ? '' : jobWords.torque.itNamesTheSpreadIs(words.format.nm(namedNm));
  const whose = source
    ? `“${source}”`
    : `${words.origin[origin]}${tag && namedNm === null ? `, ${words.tag[tag]}` : ''}`;
  return jobWords.torque.askedToNM(loNm, hiNm, whose, spread);
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
      over={jobWords.torque.brake(words.end[end], words.fastener[fastener])}
      title={jobWords.torque.whichWrench}
      aside={
        <Button kind="quiet" says={jobWords.torque.otherBolt} onPress={() => setOthers(!others)} />
      }
      foot={<BackToJob jobId={job.id} />}
    >
      {others ? (
        <Section label={jobWords.torque.whichFastener}>
          <Choice
            label={jobWords.torque.whichFastener}
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
          <Section label={jobWords.torque.torque}>
            {window ? (
              <Words kind="strong">{askedSays({ window }, read?.source)}</Words>
            ) : fault === 'not-on-sheet' ? (
              <Words>{jobWords.torque.nobodyGivesATorqueFor}</Words>
            ) : (
              <NoCommonWindow
                sheet={row!.window}
                read={read!}
                isLead={isLead}
                onDecide={(overSheet) => setRead({ ...read!, overSheet })}
              />
            )}
            {'refusal' in asked || !asked.setAside ? null : (
              <Words kind="small">
                {jobWords.torque.theSheetsIsSetAside(
                  spreadOf(asked.setAside),
                  read!.overSheet ?? '',
                )}
              </Words>
            )}
            {window?.tag === 'M' ? (
              <Note kind="caution">{jobWords.torque.fromMemoryItMayBe}</Note>
            ) : null}
            {read && row ? (
              <Button
                kind="quiet"
                says={jobWords.torque.goByTheSheetsRow}
                onPress={() => setRead(null)}
              />
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
                says={jobWords.torque.readItOffThePart}
                onPress={() => setReading(true)}
              />
            )}
          </Section>
          <Section label={jobWords.torque.onTheThread}>
            <Choice
              label={jobWords.torque.onTheThread}
              options={THREAD_TREATMENTS.map((value) => ({ value, says: words.thread[value] }))}
              chosen={[treatment]}
              onChoose={setTreatment}
            />
            {treatment === asks ? (
              <Words kind="small">{`${row?.window.origin === 'sheet' ? jobWords.torque.theSheetAsksForIt : jobWords.torque.usualHere}: ${words.inSentence(words.thread[asks])}.`}</Words>
            ) : (
              <Note kind="caution">
                {jobWords.torque.isAskedForAnotherTreatment(
                  words.thread[asks],
                  load
                    ? jobWords.torque.aboutInsteadOfKnOf(
                        kilonewton(load.loadN),
                        kilonewton(load.askedN),
                        words.format.percent(load.shareOfProof),
                      )
                    : '',
                )}
              </Note>
            )}
            {load?.warn ? (
              <Note kind="refusal" title={jobWords.torque.nearWhatTheBoltCan}>
                {jobWords.torque.wipeTheThreadCleanOr}
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
                  const tolerance = `±${words.format.percent(wrench.tolerance)}${wrench.toleranceAssumed ? jobWords.torque.assumed : ''}`;
                  const says =
                    answer.code === 'set' && wrench.kind === 'reading'
                      ? jobWords.torque.showsEachBoltToProves(
                          words.format.nm(answer.loNm),
                          words.format.nm(answer.hiNm),
                        )
                      : words.setting(answer);
                  return (
                    <Row
                      key={wrench.id}
                      title={wrench.name}
                      says={`${tolerance} · ${says}${sound ? '' : jobWords.torque.outOfCalibrationTheTightening}`}
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
      <Note kind="refusal" title={jobWords.torque.theyHaveNoTorqueIn}>
        {jobWords.torque.theSheetAsksForFor(
          spreadOf(sheet),
          read.source,
          spreadOf(read),
          isLead ? jobWords.torque.aLeadMaySayWhy : jobWords.torque.aLeadSignedInHere,
        )}
      </Note>
      {isLead ? (
        <>
          <Field
            label={jobWords.torque.whyItCountsAndThe}
            value={why}
            maxLength={200}
            onChangeText={setWhy}
          />
          <Button
            kind="plain"
            says={jobWords.torque.goByIt}
            disabled={why.trim() === ''}
            onPress={() => onDecide(why.trim())}
          />
        </>
      ) : null}
    </>
  );
}

const spreadOf = ({ loNm, hiNm }: { loNm: number; hiNm: number }) => words.torques(loNm, hiNm);

const kilonewton = (loadN: number) => words.format.fixed(loadN / 1000, 1);

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
            label={jobWords.torque.fromNM}
            value={lo}
            inputMode="decimal"
            onChangeText={setLo}
            error={tried && !loNm ? jobWords.torque.nMAboveZero : undefined}
          />
        </View>
        <View style={styles.half}>
          <Field
            label={jobWords.torque.toLabel}
            value={hi}
            inputMode="decimal"
            onChangeText={setHi}
            error={
              upside
                ? words.inputError('window-upside-down')
                : tried && !hiNm
                  ? jobWords.torque.nMAboveZero
                  : undefined
            }
          />
        </View>
      </View>
      <Choice
        label={jobWords.torque.whereItStands}
        options={[
          { value: 'sheet', says: jobWords.torque.makersSheet },
          { value: 'stamped', says: jobWords.torque.onThePart },
        ]}
        chosen={[origin]}
        onChoose={setOrigin}
      />
      <Field
        label={jobWords.torque.whichSheetOrWhereOn}
        value={source}
        maxLength={120}
        onChangeText={setSource}
        error={tried && !source.trim() ? jobWords.torque.writeWhereItStandsIt : undefined}
      />
      <Button kind="plain" says={jobWords.torque.goByThis} onPress={take} />
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
          ? jobWords.torque.boltAtIsUnderIts(turn.position + 1, words.format.nm(measuredNm))
          : jobWords.torque.boltAtWentPastIts(turn.position + 1, words.format.nm(measuredNm)),
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
      over={jobWords.torque.brakePassOf(words.end[end], passes.indexOf(pass) + 1, passes.length)}
      title={turn.done ? jobWords.torque.done(name) : jobWords.torque.pass(name, words.pass[pass])}
      under={<Progress passes={passes} done={turn.done ? passes.length : passes.indexOf(pass)} />}
      foot={
        // Two sets of buttons: a press too many on the last bolt must not begin anew.
        <Buttons key={turn.done ? 'done' : 'turning'}>
          {turn.done ? (
            <>
              <Button kind="plain" says={jobWords.torque.doItAgain} onPress={onAfresh} />
              {job.planned.length > 0 ? (
                <Button grow says={jobWords.torque.onWithThePlan} onPress={toStep} />
              ) : (
                <Button grow says={jobWords.torque.backToTheJob} onPress={toJob} />
              )}
            </>
          ) : over ? (
            <>
              <Button kind="plain" says={jobWords.torque.job} onPress={toJob} />
              <Button grow says={jobWords.torque.tightenAnew} onPress={onAfresh} />
            </>
          ) : reads ? (
            <>
              <Button kind="plain" says={jobWords.torque.job} onPress={toJob} />
              <Button
                grow
                says={
                  typed
                    ? jobWords.torque.takeNM(words.format.nm(typed))
                    : jobWords.torque.keyWhatItShows
                }
                disabled={!typed}
                onPress={takeTyped}
              />
            </>
          ) : (
            <>
              <Button kind="plain" says={jobWords.torque.job} onPress={toJob} />
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
              ? jobWords.torque.byHandNoWrenchYet
              : reads
                ? jobWords.torque.boltTurnItTo(turn.position + 1)
                : pass === 'verify'
                  ? jobWords.torque.checkEveryBoltAt
                  : wrench.kind === 'reading'
                    ? jobWords.torque.turnToAbout
                    : jobWords.torque.setTheWrenchTo}
          </Words>
        )}
        {!turn.done && (
          <View style={styles.setting}>
            <Words kind="giant">
              {share === null
                ? words.pass.snug
                : reads
                  ? `${words.format.nm(atWrench.loNm)}–${words.format.nm(atWrench.hiNm)}`
                  : words.format.nm(setNm * share)}
            </Words>
            {share === null ? null : (
              <Words kind="title" ink="soft">
                {['N·m', words.format.torqueBeside(setNm * share)].filter(Boolean).join(' · ')}
              </Words>
            )}
          </View>
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
              {instructionOf(pass, turn.position, turn.across, boltCount, fastener)}
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
      <Words kind="label">{jobWords.torque.theClampsGaps}</Words>
      {gaps ? (
        <Words>
          {jobWords.torque.andMm(
            words.format.fixed(gaps.oneMm, 1),
            words.format.fixed(gaps.otherMm, 1),
          )}
        </Words>
      ) : null}
      <View style={styles.pair}>
        <View style={styles.half}>
          <Field
            label={jobWords.torque.upperGapMm}
            value={one}
            inputMode="decimal"
            onChangeText={setOne}
          />
        </View>
        <View style={styles.half}>
          <Field
            label={jobWords.torque.lowerGapMm}
            value={other}
            inputMode="decimal"
            onChangeText={setOther}
          />
        </View>
      </View>
      <Button
        kind="plain"
        says={jobWords.torque.recordTheGaps}
        disabled={oneMm === null || otherMm === null}
        onPress={take}
      />
    </View>
  );
}

function actionOf(pass: Pass, whole: boolean, boltCount: number): string {
  if (!whole) return jobWords.torque.itClicked;
  if (boltCount === 1) return pass === 'snug' ? jobWords.torque.snug : jobWords.torque.itClicked;
  return pass === 'snug' ? jobWords.torque.allFingerTight : jobWords.torque.allClicked;
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
        ? jobWords.torque.startTheLockringByHand
        : jobWords.torque.startItSquareByHand
      : jobWords.torque.turnItUntilItClicks;
  if (pass === 'snug') return jobWords.torque.allBoltsFingerTightIn;
  if (pass === 'half')
    return boltCount === 2
      ? jobWords.torque.quarterTurnsOneAndThe
      : jobWords.torque.everyBoltToHalfIn;
  if (pass === 'verify') return jobWords.torque.onceMoreRoundInThe;
  if (boltCount === 2) return jobWords.torque.boltQuarterTurnsOneAnd(position + 1);
  return jobWords.torque.bolt(
    position + 1,
    across ? jobWords.torque.straightAcrossFromTheLast : '.',
  );
}

function Outcome({ tightened }: { tightened: Tightened }) {
  const { flaws, setNm, wrench } = tightened;
  return flaws.length === 0 ? (
    <Note
      title={
        wrench.kind === 'reading'
          ? jobWords.torque.provenBoltByBolt
          : jobWords.torque.provenAtNM(setNm)
      }
    >
      {jobWords.torque.everyPassConfirmedWith(wrench.name)}
    </Note>
  ) : (
    <Note kind="caution" title={jobWords.torque.doneAndUnproven}>
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
