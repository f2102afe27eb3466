import { toldOf } from '@hold-fast/core/job/told';
import type { Job } from '@hold-fast/core/job/job';
import { visitOf } from '@hold-fast/core/job/visit';
import {
  coolFor,
  likelyRotorC,
  pullEnergyJ,
  PULLS,
  trackKg,
  USUAL_MASS_KG,
  USUAL_PULL,
  WITNESS_RINGS,
  type WitnessRing,
} from '@hold-fast/core/bedding/pulls';
import type { End } from '@hold-fast/core/ends';
import { beddingTooEarly } from '@hold-fast/core/plan/visit';
import { useEffect, useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { append, entryOf } from '../../../data/writes';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { Halves } from '../../../ui/Halves';
import { Note } from '../../../ui/Note';
import { Page, Section } from '../../../ui/Page';
import { color, size, space } from '../../../ui/tokens';
import { useAwake } from '../../../ui/useAwake';
import { useKeys } from '../../../ui/useKeys';
import { Words } from '../../../ui/Words';
import { planWords } from '../../../words/planWords';
import { words } from '../../../words/words';
import { WithJob } from '../JobFrame';
import { numberOf } from '../../../ui/numberOf';
import { OnFrom } from './OnFrom';
import { provingWords } from '../../../words/proving';

const USUAL_ROTOR_MM = 160;

/** Bedding in: pulls counted with one big target or a key, the heat they make, and the ring they leave. */
export function BedIn({ jobId, end }: { jobId: string; end: End }) {
  return <WithJob jobId={jobId}>{(job) => <Pulling job={job} end={end} />}</WithJob>;
}

function useNow(every: number): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), every);
    return () => clearInterval(timer);
  }, [every]);
  return now;
}

function Pulling({ job, end }: { job: Job; end: End }) {
  const now = useNow(1000);
  useAwake(true);
  const [from, setFrom] = useState<string>(String(USUAL_PULL.fromKmh));
  const [to, setTo] = useState<string>(String(USUAL_PULL.toKmh));
  const pulls = toldOf(job, 'bedding-pull', end);
  const witness = toldOf(job, 'witness', end).at(-1);
  const wanted = PULLS[job.rules.beddingIn];
  const massKg = job.bike.systemMassKg ?? USUAL_MASS_KG;
  const rotorMm = job.identified[end]?.sheet.body.rotor.sizeMm ?? null;
  const rotorKg = trackKg(rotorMm ?? USUAL_ROTOR_MM);
  const [fromKmh, toKmh] = [numberOf(from), numberOf(to)];
  const sound =
    fromKmh !== null &&
    toKmh !== null &&
    fromKmh >= 5 &&
    fromKmh <= 60 &&
    toKmh >= 1 &&
    toKmh < fromKmh;
  const nextJ = sound ? pullEnergyJ(massKg, fromKmh, toKmh) : 0;
  const rotorC = likelyRotorC(
    pulls.map((pull) => ({
      atMs: Date.parse(pull.at),
      energyJ: pullEnergyJ(massKg, pull.fromKmh, pull.toKmh),
    })),
    rotorKg,
    now,
  );
  const cool = coolFor(rotorC, nextJ, rotorKg);
  const early = beddingTooEarly(visitOf(job), end);
  const pull = () => {
    if (sound && !early)
      append(job.id, entryOf<'bedding-pull'>({ kind: 'bedding-pull', end, fromKmh, toKmh }));
  };
  const isPulled = { says: words.keys.pulled, act: pull };
  useKeys({ Enter: isPulled, ' ': isPulled, ArrowRight: isPulled });
  const last = pulls.at(-1);
  return (
    <Page
      tag={job.tag}
      over={provingWords.bedIn.brake(
        words.end[end],
        words.inSentence(planWords.bedding[job.rules.beddingIn]),
      )}
      title={provingWords.bedIn.bedIn}
      foot={<OnFrom job={job} />}
    >
      <Halves>
        <>
          <Pressable
            role="button"
            aria-label={provingWords.bedIn.countAPullOfMade(pulls.length, wanted)}
            onPress={pull}
            disabled={!sound || early}
            style={({ pressed }) => [styles.target, pressed && styles.pressed]}
          >
            <Words kind="giant" style={styles.centred}>{`${pulls.length}`}</Words>
            <Words kind="title" style={styles.centred}>
              {pulls.length < wanted
                ? provingWords.bedIn.ofPullsTouchForEach(wanted)
                : provingWords.bedIn.ofLookAtTheRing(wanted)}
            </Words>
          </Pressable>
          {early ? (
            <Note kind="caution" title={provingWords.bedIn.notYet}>
              {provingWords.bedIn.theStandTestAndA}
            </Note>
          ) : null}
          <View style={styles.heat}>
            <View style={styles.half}>
              <Words kind="label">{provingWords.bedIn.likelyRotor}</Words>
              <Words kind="reading">{words.format.temperature(rotorC)}</Words>
            </View>
            <View style={styles.half}>
              <Words kind="label">{provingWords.bedIn.aPull}</Words>
              <Words kind="reading">
                {sound ? provingWords.bedIn.kj(words.format.fixed(nextJ / 1000, 1)) : '–'}
              </Words>
            </View>
            <View style={styles.half}>
              <Words kind="label">{provingWords.bedIn.letItCool}</Words>
              <Words kind="reading" ink={cool > 0 ? 'rustText' : 'ink'}>
                {cool > 0 ? `${cool} s` : provingWords.bedIn.noNeed}
              </Words>
            </View>
          </View>
          {cool > 0 ? (
            <Section>
              <Note kind="caution">{provingWords.bedIn.rideOnWithoutBrakingNever}</Note>
            </Section>
          ) : null}
        </>
        <>
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
                  label={provingWords.bedIn.fromKmH}
                  value={from}
                  inputMode="decimal"
                  onChangeText={setFrom}
                />
              </View>
              <View style={styles.half}>
                <Field
                  label={provingWords.bedIn.toKmH}
                  value={to}
                  inputMode="decimal"
                  onChangeText={setTo}
                />
              </View>
            </View>
            {sound ? null : (
              <Words kind="small" ink="rustText" role="alert">
                {provingWords.bedIn.from5To60Km}
              </Words>
            )}
            <Words kind="small">
              {provingWords.bedIn.anEstimateKgOnA(
                massKg,
                job.bike.systemMassKg === null ? provingWords.bedIn.massAssumed : '',
                rotorMm ?? USUAL_ROTOR_MM,
                rotorMm === null ? provingWords.bedIn.assumed : '',
              )}
            </Words>
          </Section>
        </>
      </Halves>
    </Page>
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
  centred: { textAlign: 'center' },
  heat: { flexDirection: 'row', gap: space.m, paddingHorizontal: space.l, paddingBottom: space.m },
});
