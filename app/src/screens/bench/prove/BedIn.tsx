import { endSays } from '../../bikes/thirdBrake';
import { pullRefusal } from '@hold-fast/core/job/beddingPull';
import { toldOf } from '@hold-fast/core/job/told';
import type { Job } from '@hold-fast/core/job/job';
import {
  isPull,
  PLAUSIBLE_PULL,
  PULLS,
  USUAL_PULL,
  WITNESS_RINGS,
  type WitnessRing,
} from '@hold-fast/core/bedding/pulls';
import type { End } from '@hold-fast/core/ends';
import { useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { append, entryOf } from '../../../data/jobWrites';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { Halves } from '../../../ui/Halves';
import { Note } from '../../../ui/Note';
import { Page, Section } from '../../../ui/Page';
import { pressedOnce } from '../../../ui/pressedOnce';
import { color, size, space } from '../../../ui/tokens';
import { useAwake } from '../../../ui/useAwake';
import { useKeys } from '../../../ui/useKeys';
import { Words } from '../../../ui/Words';
import { planWords } from '../../../words/planWords';
import { words } from '../../../words/words';
import { WithJob } from '../JobFrame';
import { numberOf } from '../../../ui/numberOf';
import { bedded, BeddingHeat } from './BeddingHeat';
import { NotYet } from '../plan/NotYet';
import { OnFrom } from './OnFrom';
import { provingWords } from '../../../words/proving';
import { Wrong } from '../../../ui/Wrong';

/** Bedding in: pulls counted with one big target or a key, the heat they make, and the ring they leave. */
export function BedIn({ jobId, end }: { jobId: string; end: End }) {
  return <WithJob jobId={jobId}>{(job) => <Pulling job={job} end={end} />}</WithJob>;
}

function Pulling({ job, end }: { job: Job; end: End }) {
  useAwake(true);
  const [from, setFrom] = useState(inUnit(USUAL_PULL.fromKmh));
  const [to, setTo] = useState(inUnit(USUAL_PULL.toKmh));
  const pulls = toldOf(job, 'bedding-pull', end);
  const witness = toldOf(job, 'witness', end).at(-1);
  const wanted = PULLS[job.rules.beddingIn];
  const { massKg, sizeMm, shownMm } = bedded(job, end);
  const [fromKmh, toKmh] = [kmhOf(from), kmhOf(to)];
  const sound = fromKmh !== null && toKmh !== null && isPull(fromKmh, toKmh);
  const notYet = pullRefusal(job, end);
  const off = !sound || notYet !== null;
  const pull = () => {
    if (!off)
      append(job.id, entryOf<'bedding-pull'>({ kind: 'bedding-pull', end, fromKmh, toKmh }));
  };
  const isPulled = { says: words.keys.pulled, act: pull };
  useKeys({ Enter: isPulled, ' ': isPulled, ArrowRight: isPulled });
  const last = pulls.at(-1);
  return (
    <Page
      tag={job.tag}
      over={provingWords.bedIn.brake(
        endSays(job.bike, end),
        words.inSentence(planWords.bedding[job.rules.beddingIn]),
      )}
      title={provingWords.bedIn.bedIn}
      foot={<OnFrom job={job} />}
    >
      <Halves>
        <>
          <Pressable
            role="button"
            onPress={pressedOnce(pull)}
            disabled={off}
            style={({ pressed }) => [styles.target, pressed && styles.pressed, off && styles.off]}
          >
            <Words kind="giant" style={styles.centred}>{`${pulls.length}`}</Words>
            <Words kind="title" style={styles.centred}>
              {pulls.length >= wanted
                ? provingWords.bedIn.ofLookAtTheRing(wanted)
                : notYet
                  ? provingWords.bedIn.ofPullsNotYet(wanted)
                  : provingWords.bedIn.ofPullsTouchForEach(wanted)}
            </Words>
          </Pressable>
          {notYet ? (
            <View style={styles.notYet}>
              <NotYet jobId={job.id} why={notYet} />
            </View>
          ) : null}
          <BeddingHeat job={job} end={end} next={sound ? { fromKmh, toKmh } : null} />
        </>
        <>
          <Bite jobId={job.id} end={end} rose={toldOf(job, 'bite', end).at(-1)?.rose ?? null} />
          <Ring jobId={job.id} end={end} ring={witness?.ring ?? null} />
          <Section
            label={provingWords.bedIn.howHard}
            aside={
              last ? (
                <Button
                  kind="quiet"
                  says={provingWords.bedIn.takeTheLastBack}
                  onPress={() =>
                    append(job.id, entryOf<'taken-back'>({ kind: 'taken-back', of: last.id }))
                  }
                />
              ) : undefined
            }
          >
            <View style={styles.pair}>
              <View style={styles.half}>
                <Field
                  label={provingWords.bedIn.from(words.format.speedUnit)}
                  value={from}
                  inputMode="decimal"
                  onChangeText={setFrom}
                />
              </View>
              <View style={styles.half}>
                <Field
                  label={provingWords.bedIn.to(words.format.speedUnit)}
                  value={to}
                  inputMode="decimal"
                  onChangeText={setTo}
                />
              </View>
            </View>
            {sound ? null : <Wrong says={plausible()} />}
            <Words kind="small">
              {provingWords.bedIn.anEstimateKgOnA(
                massKg,
                job.bike.systemMassKg === null ? provingWords.bedIn.massAssumed : '',
                shownMm,
                sizeMm === null ? provingWords.bedIn.assumed : '',
              )}
            </Words>
          </Section>
        </>
      </Halves>
    </Page>
  );
}

/** A speed as it is written, in whole ones of the unit speeds are said in. */
const inUnit = (kmh: number): string => String(Math.round(kmh / words.format.unitKm));

/** A speed as it was written, km/h to a tenth; null for what is none. */
function kmhOf(text: string): number | null {
  const speed = numberOf(text);
  return speed === null ? null : Math.round(speed * words.format.unitKm * 10) / 10;
}

function plausible(): string {
  const { least, most } = PLAUSIBLE_PULL.fromKmh;
  const { unitKm, speedUnit } = words.format;
  return provingWords.bedIn.fromTo(Math.ceil(least / unitKm), Math.floor(most / unitKm), speedUnit);
}

/** Whether the bite rose: a full set that brings none has oil or an old layer behind it. */
function Bite({ jobId, end, rose }: { jobId: string; end: End; rose: boolean | null }) {
  const says = provingWords.bedIn;
  return (
    <Section label={says.didTheBiteRise}>
      <Choice
        label={says.didTheBiteRise}
        options={[
          { value: true, says: says.itRose },
          { value: false, says: says.itDidNot },
        ]}
        chosen={rose === null ? [] : [rose]}
        onChoose={(felt) => append(jobId, entryOf<'bite'>({ kind: 'bite', end, rose: felt }))}
      />
      {rose === false ? (
        <Note kind="refusal" title={says.lookForOil}>
          {says.feltAgain}
        </Note>
      ) : null}
    </Section>
  );
}

/** The ring that bedding in leaves, and what it says. */
function Ring({ jobId, end, ring }: { jobId: string; end: End; ring: WitnessRing | null }) {
  return (
    <Section label={provingWords.bedIn.theRingItLeaves}>
      <Choice
        label={provingWords.bedIn.witnessRing}
        options={WITNESS_RINGS.map((value) => ({ value, says: planWords.ring[value] }))}
        chosen={ring ? [ring] : []}
        onChoose={(seen) => append(jobId, entryOf<'witness'>({ kind: 'witness', end, ring: seen }))}
      />
      {ring === 'off-the-edge' ? (
        <Note kind="refusal" title={provingWords.bedIn.backToTheRadialCheck}>
          {provingWords.bedIn.thePadsSweepOverThe}
        </Note>
      ) : null}
      {ring === 'patchy' ? <Note kind="caution">{provingWords.bedIn.morePullsIfAFull}</Note> : null}
    </Section>
  );
}

const styles = StyleSheet.create({
  half: { flex: 1, minWidth: 0 },
  pair: { flexDirection: 'row', gap: space.s },
  target: {
    minHeight: 220,
    margin: space.l,
    alignItems: 'center',
    justifyContent: 'center',
    gap: space.s,
    borderRadius: size.radius,
    borderWidth: size.heavyLine,
    borderColor: color.brass,
    backgroundColor: color.raised,
  },
  pressed: { backgroundColor: color.sunk },
  notYet: { marginHorizontal: space.l, marginBottom: space.l },
  off: { borderColor: color.hairline, backgroundColor: color.sunk },
  centred: { textAlign: 'center' },
});
