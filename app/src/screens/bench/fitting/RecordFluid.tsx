import { endSays } from '../../bikes/thirdBrake';
import type { Job } from '@hold-fast/core/job/job';
import { familyRule, nameOf } from '@hold-fast/core/fluid/families';
import type { AskedFluid } from '@hold-fast/core/fluid/compatibility';
import type { End } from '@hold-fast/core/ends';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { mayFillAt } from '@hold-fast/core/job/fill';
import { useContainers } from '../../../data/queries';
import { today } from '../../../data/today';
import { useTake } from '../../../data/jobWrites';
import { ContainerLevel } from '../../../instruments/ContainerLevel';
import { Button } from '../../../ui/Button';
import { Field } from '../../../ui/Field';
import { Halves } from '../../../ui/Halves';
import { Note } from '../../../ui/Note';
import { Page, Section } from '../../../ui/Page';
import { Row } from '../../../ui/Row';
import { Empty, Failed, Loading } from '../../../ui/Standing';
import { size, space } from '../../../ui/tokens';
import { VerdictMark } from '../../../ui/VerdictMark';
import { Words } from '../../../ui/Words';
import { calendarDay } from '../../../words/days';
import { words } from '../../../words/words';
import { BackToJob, WithBrake } from '../JobFrame';
import { numberOf } from '../../../ui/numberOf';
import { OnFrom } from '../prove/OnFrom';
import { jobWords } from '../../../words/job';
import { SumsHere } from '../../reckoner/SumsHere';
import { containerSays } from './containerSays';
import { DrawFluid } from './DrawFluid';
import { markOf, Recalled } from './Recalled';

/** Fluid that goes into a brake: from which container, how much, and what it looked like. */
export function RecordFluid({
  jobId,
  end,
  ml,
}: {
  jobId: string;
  end: End;
  /** What was worked out to be needed, as text; empty when nothing was. */
  ml: string;
}) {
  return (
    <WithBrake jobId={jobId} end={end} title={jobWords.recordFluid.recordFluid}>
      {(job, identified) => {
        const fluid = identified.sheet.body.fluid;
        if (!fluid)
          return (
            <Page
              tag={job.tag}
              over={jobWords.recordFluid.brake(endSays(job.bike, end))}
              title={jobWords.recordFluid.recordFluid}
              foot={<BackToJob jobId={jobId} />}
            >
              <Note kind="caution">{jobWords.recordFluid.thisSpecSheetAsksFor}</Note>
            </Page>
          );
        return <ChooseContainer job={job} end={end} asked={fluid} needed={ml} />;
      }}
    </WithBrake>
  );
}

function ChooseContainer({
  job,
  end,
  asked,
  needed,
}: {
  job: Job;
  end: End;
  asked: AskedFluid;
  needed: string;
}) {
  const containers = useContainers();
  const [chosenId, setChosenId] = useState<string | null>(null);
  const day = today();
  if (containers.error)
    return <Failed error={containers.error} onRetry={() => void containers.refetch()} />;
  if (!containers.data) return <Loading />;
  const chosen = containers.data.find(({ id }) => id === chosenId);
  if (chosen)
    return (
      <DrawFluid
        job={job}
        end={end}
        container={chosen}
        needed={needed}
        onOther={() => setChosenId(null)}
      />
    );

  const judged = containers.data
    .map((container) => ({ container, state: mayFillAt(job, end, container, null, day)! }))
    .sort((a, b) => Number(b.state.ok) - Number(a.state.ok));
  return (
    <Page
      tag={job.tag}
      over={jobWords.recordFluid.brakeAsked(endSays(job.bike, end), nameOf(asked.fluid))}
      title={jobWords.recordFluid.whichContainer}
      foot={<OnFrom job={job} />}
    >
      <SumsHere job={job} end={end} at="fluid" />
      <Halves>
        <Booked job={job} end={end} asked={asked} />
        <>
          {judged.map(({ container, state }) => (
            <Row
              key={container.id}
              mark={
                <VerdictMark
                  word={markOf(job, [container.lot], state.ok ? 'holds' : 'replace')}
                  of={size.smallMark}
                />
              }
              title={`${container.label}, ${nameOf(container.fluid)}`}
              says={
                state.ok
                  ? containerSays(container)
                  : jobWords.recordFluid.refused(
                      words.containerRefusal[state.code],
                      state.code === 'expired' && state.useBy ? ` ${calendarDay(state.useBy)}` : '',
                      container.writtenOffReason ? `. ${container.writtenOffReason}` : '',
                    )
              }
              aside={
                <ContainerLevel
                  {...container}
                  says={jobWords.recordFluid.ml(container.remainingMl)}
                />
              }
              figure={<Recalled job={job} lots={[container.lot]} />}
              disabled={!state.ok}
              onPress={() => setChosenId(container.id)}
            />
          ))}
          {judged.length === 0 ? (
            <Empty
              title={jobWords.recordFluid.noContainerInStores}
              says={jobWords.recordFluid.fluidIsBookedOffThe}
            />
          ) : null}
        </>
      </Halves>
    </Page>
  );
}

/** What was booked off for this end: the clean rest of mineral goes back, what was drained into the waste can. */
function Booked({ job, end, asked }: { job: Job; end: End; asked: AskedFluid }) {
  const fills = job.filled.filter((fill) => fill.end === end);
  const wasted = job.wasted.filter((each) => each.end === end);
  const pouring = useTake<'fluid-back'>(job);
  const draining = useTake<'waste'>(job);
  const last = fills.at(-1);
  if (!last)
    return (
      <Section label={jobWords.recordFluid.bookedOffForThisBrake}>
        <Words ink="soft">{jobWords.recordFluid.nothingYetPickTheContainer}</Words>
      </Section>
    );
  const refused = pouring.refused ?? draining.refused;
  return (
    <Section label={jobWords.recordFluid.bookedOffForThisBrake}>
      {refused ? <Note kind="refusal">{refused}</Note> : null}
      {fills.map((fill) => (
        <Words key={fill.id} kind="strong">
          {jobWords.recordFluid.mlLot(
            fill.ml,
            fill.fluid,
            fill.label,
            fill.lot,
            fill.backMl > 0 ? jobWords.recordFluid.mlBack(fill.backMl) : '',
          )}
        </Words>
      ))}
      {wasted.length > 0 ? (
        <Words>
          {jobWords.recordFluid.mlDrainedIntoTheWaste(wasted.reduce((sum, { ml }) => sum + ml, 0))}
        </Words>
      ) : null}
      {familyRule(last.family).pouredBack ? (
        <Millilitres
          label={jobWords.recordFluid.cleanRestPouredBackMl}
          says={jobWords.recordFluid.bookItBack}
          onTake={(ml) => pouring.take({ kind: 'fluid-back', fillId: last.id, ml }, null)}
        />
      ) : (
        <Words kind="small">{jobWords.recordFluid.glycolAndSiliconeAreNever}</Words>
      )}
      <Millilitres
        label={jobWords.recordFluid.drainedMl}
        says={jobWords.recordFluid.intoTheCan}
        onTake={(ml) => draining.take({ kind: 'waste', end, family: asked.fluid.family, ml }, null)}
      />
    </Section>
  );
}

/** An amount and the key that books it; taken, the line is empty again. */
function Millilitres({
  label,
  says,
  onTake,
}: {
  label: string;
  says: string;
  onTake: (ml: number) => boolean;
}) {
  const [text, setText] = useState('');
  const ml = numberOf(text);
  return (
    <View style={styles.line}>
      <View style={styles.field}>
        <Field label={label} value={text} inputMode="decimal" onChangeText={setText} />
      </View>
      <Button
        kind="plain"
        says={says}
        disabled={!ml}
        onPress={() => {
          if (onTake(ml!)) setText('');
        }}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', gap: space.s, alignItems: 'flex-end' },
  field: { flex: 1, minWidth: 0 },
});
