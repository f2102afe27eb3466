import { endSays } from '../../bikes/thirdBrake';
import { axleOf } from '@hold-fast/core/kit/brakes';
import { BLEED_METHODS, type BleedMethod } from '@hold-fast/core/fluid/bleedMethods';
import { toldOf } from '@hold-fast/core/job/told';
import type { Identified, Job } from '@hold-fast/core/job/job';
import { bleedEvents, planOf } from '@hold-fast/core/job/visit';
import type { End } from '@hold-fast/core/ends';
import { bleedStands, BUBBLES, type Bubbles } from '@hold-fast/core/fluid/bleedRun';
import {
  fillsFor,
  USUAL_HOSE_MM,
  USUAL_SYRINGE,
  volumesOf,
  type Volumes,
} from '@hold-fast/core/fluid/volumes';
import { bleedFor } from '@hold-fast/core/plan/recommended';
import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { BleedTube } from '../../../instruments/BleedTube';
import { append, entryOf } from '../../../data/jobWrites';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { Halves } from '../../../ui/Halves';
import { Note } from '../../../ui/Note';
import { Page, Section } from '../../../ui/Page';
import { pressedOnce } from '../../../ui/pressedOnce';
import { color, size, space } from '../../../ui/tokens';
import { useColumn } from '../../../ui/useWide';
import { Words } from '../../../ui/Words';
import { planWords } from '../../../words/planWords';
import { words } from '../../../words/words';
import { WithBrake } from '../JobFrame';
import { numberOf } from '../../../ui/numberOf';
import { OnFrom } from './OnFrom';
import { provingWords } from '../../../words/proving';
import { atJob } from '../../routes';

/** A bleed as a run of cycles: what was seen in each, when it may stop, and what comes next when it does not help. */
export function BleedRun({ jobId, end }: { jobId: string; end: End }) {
  return (
    <WithBrake jobId={jobId} end={end} title={provingWords.bleedRun.bleed}>
      {(job, identified) => <Run job={job} end={end} identified={identified} />}
    </WithBrake>
  );
}

function Run({ job, end, identified }: { job: Job; end: End; identified: Identified }) {
  const { brake } = identified.sheet.body;
  const axle = axleOf(job.bike, end);
  const cycles = toldOf(job, 'bleed-cycle', end);
  const planned = planOf(job)?.bleed[end] ?? bleedFor(axle, brake.port).way;
  const first = cycles[0]?.method ?? planned;
  const stands = bleedStands(first, bleedEvents(job, end));
  const going: BleedMethod =
    stands.code === 'go-on' || stands.code === 'prove'
      ? stands.method
      : stands.code === 'escalate'
        ? stands.to
        : (cycles.at(-1)?.method ?? first);
  const [method, setMethod] = useState<BleedMethod | null>(null);
  const [others, setOthers] = useState(false);
  const [colour, setColour] = useState(cycles.at(-1)?.colour ?? '');
  const [ml, setMl] = useState('');
  const [length, setLength] = useState(String(USUAL_HOSE_MM[axle]));
  const lengthMm = numberOf(length);
  const volumes =
    lengthMm !== null && lengthMm > 0 ? volumesOf(identified.sheet.body.hose, lengthMm) : null;
  const says = planWords.bleed(stands);
  const column = useColumn();

  const cycle = (bubbles: Bubbles) => {
    append(
      job.id,
      entryOf<'bleed-cycle'>({
        kind: 'bleed-cycle',
        end,
        method: method ?? going,
        bubbles,
        colour: colour.trim(),
        ml: Math.round((numberOf(ml) ?? 0) * 10) / 10,
      }),
    );
    setMethod(null);
  };
  return (
    <Page
      tag={job.tag}
      over={provingWords.bleedRun.brakeCycle(endSays(job.bike, end), cycles.length + 1)}
      title={says.title}
      foot={<OnFrom job={job} />}
    >
      <Halves>
        <>
          <Section>
            {volumes ? (
              <BleedTube
                heldMl={volumes.systemMl}
                movedMl={cycles.reduce((sum, each) => sum + each.ml, 0)}
                cycles={cycles}
                cleanToGo={stands.code === 'go-on' ? stands.cleanToGo : 0}
                width={column}
              />
            ) : null}
            <Words kind="strong">{says.says}</Words>
            {stands.code === 'look-for-leak' ? (
              <Note kind="refusal" title={provingWords.bleedRun.doNotRideUntilIt}>
                {provingWords.bleedRun.recordWhatYouFindUnder}
              </Note>
            ) : null}
            <Button
              kind="quiet"
              says={
                cycles.length === 0
                  ? provingWords.bleedRun.testTheLeverForAir
                  : provingWords.bleedRun.testTheLever
              }
              onPress={() => router.navigate(atJob(job.id, `${end}/lever`))}
            />
            {stands.code === 'escalate' ? (
              <Button
                kind="quiet"
                says={provingWords.bleedRun.putItIntoThePlan}
                onPress={() => router.navigate(atJob(job.id, 'plan'))}
              />
            ) : null}
          </Section>
          <Section label={provingWords.bleedRun.thisCycleBubbles}>
            <View style={styles.bubbles}>
              {BUBBLES.map((bubbles) => (
                <View key={bubbles} style={styles.half}>
                  <Button
                    kind="plain"
                    says={planWords.bubbles[bubbles]}
                    of={provingWords.bleedRun.bubbles}
                    onPress={pressedOnce(() => cycle(bubbles))}
                  />
                </View>
              ))}
            </View>
            <View style={styles.bubbles}>
              <View style={styles.half}>
                <Field
                  label={provingWords.bleedRun.colour}
                  value={colour}
                  maxLength={40}
                  onChangeText={setColour}
                />
              </View>
              <View style={styles.half}>
                <Field
                  label={provingWords.bleedRun.movedMl}
                  value={ml}
                  inputMode="decimal"
                  onChangeText={setMl}
                  error={
                    ml && numberOf(ml) === null ? provingWords.bleedRun.aNumberSuchAs9 : undefined
                  }
                />
              </View>
            </View>
            {others ? (
              <Choice
                label={provingWords.bleedRun.method}
                options={BLEED_METHODS.map((value) => ({
                  value,
                  says: planWords.step[value].does,
                }))}
                chosen={[method ?? going]}
                onChoose={(chosen) => {
                  setMethod(chosen);
                  setOthers(false);
                }}
              />
            ) : (
              <Button
                kind="quiet"
                says={provingWords.bleedRun.byAnotherMethod(
                  words.inSentence(planWords.step[method ?? going].does),
                )}
                onPress={() => setOthers(true)}
              />
            )}
          </Section>
        </>
        <>
          <FluidNeeded job={job} end={end} length={length} onLength={setLength} volumes={volumes} />
          <RunSoFar jobId={job.id} cycles={cycles} />
        </>
      </Halves>
    </Page>
  );
}

/** Every cycle so far, and the last one taken back. */
function RunSoFar({
  jobId,
  cycles,
}: {
  jobId: string;
  cycles: ReturnType<typeof toldOf<'bleed-cycle'>>;
}) {
  const last = cycles.at(-1);
  if (cycles.length === 0) return null;
  return (
    <Section
      label={provingWords.bleedRun.theRunSoFar}
      aside={
        last ? (
          <Button
            kind="quiet"
            says={provingWords.bleedRun.takeTheLastBack}
            onPress={() =>
              append(jobId, entryOf<'taken-back'>({ kind: 'taken-back', of: last.id }))
            }
          />
        ) : undefined
      }
    >
      {cycles.map((each, i) => (
        <View key={each.id} style={styles.cycle}>
          <Words kind="smallReading">{i + 1}</Words>
          <Words style={styles.half}>
            {`${planWords.step[each.method].does}${each.colour ? `, ${each.colour}` : ''}`}
          </Words>
          <Words kind="strong">{words.inSentence(planWords.bubbles[each.bubbles])}</Words>
          <Words kind="smallReading">{each.ml > 0 ? provingWords.bleedRun.ml(each.ml) : ''}</Words>
        </View>
      ))}
    </Section>
  );
}

interface NeededProps {
  job: Job;
  end: End;
  length: string;
  onLength: (length: string) => void;
  volumes: Volumes | null;
}

/** How much to lay out, by the hose and the kit: the flush, and how often the syringe is filled. */
function FluidNeeded({ job, end, length, onLength, volumes }: NeededProps) {
  const fills = job.filled.filter((fill) => fill.end === end);
  return (
    <Section label={provingWords.bleedRun.fluid}>
      <Field
        label={provingWords.bleedRun.hoseLengthMm}
        value={length}
        inputMode="numeric"
        onChangeText={onLength}
        error={volumes ? undefined : provingWords.bleedRun.aLengthInMillimetres}
      />
      {volumes ? (
        <Words>
          {provingWords.bleedRun.hoseMlSystemAFlush(
            words.format.fixed(volumes.hoseMl, 1),
            words.format.fixed(volumes.systemMl, 1),
            Math.ceil(volumes.flushMl),
            fillsFor(volumes.flushMl),
            USUAL_SYRINGE.capacityMl,
            volumes.assumed ? provingWords.bleedRun.boreOrKitAreAssumed : '',
          )}
        </Words>
      ) : null}
      <Words ink="soft">
        {fills.length > 0
          ? fills
              .map(({ ml, fluid, lot, backMl }) =>
                provingWords.bleedRun.mlLot(
                  ml,
                  fluid,
                  lot,
                  backMl > 0 ? provingWords.bleedRun.back(backMl) : '',
                ),
              )
              .join('; ')
          : provingWords.bleedRun.nothingBookedOffYet}
      </Words>
      <Button
        kind="quiet"
        says={provingWords.bleedRun.theFluidInItIs}
        onPress={() => router.navigate(atJob(job.id, `${end}/look`))}
      />
      <Button
        kind="plain"
        says={provingWords.bleedRun.bookFluidOffOrBack}
        onPress={() =>
          router.navigate(
            atJob(
              job.id,
              volumes ? `${end}/fluid?ml=${Math.ceil(volumes.flushMl)}` : `${end}/fluid`,
            ),
          )
        }
      />
    </Section>
  );
}

const styles = StyleSheet.create({
  half: { flex: 1, minWidth: 0 },
  bubbles: { flexDirection: 'row', gap: space.s },
  cycle: {
    flexDirection: 'row',
    gap: space.m,
    paddingVertical: space.xs,
    borderTopWidth: size.line,
    borderColor: color.hairline,
  },
});
