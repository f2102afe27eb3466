import type { ContainerInStore } from '@hold-fast/contract/stores';
import type { End } from '@hold-fast/core/ends';
import { nameOf } from '@hold-fast/core/fluid/families';
import { containerAsKnown, mayFillAt } from '@hold-fast/core/job/fill';
import type { Job } from '@hold-fast/core/job/job';
import { zodResolver } from '@hookform/resolvers/zod';
import { useForm, useWatch } from 'react-hook-form';
import { z } from 'zod';
import { useTake } from '../../../data/jobWrites';
import { today } from '../../../data/today';
import { Button } from '../../../ui/Button';
import { FormLine } from '../../../ui/FormLine';
import { Note } from '../../../ui/Note';
import { numberOf } from '../../../ui/numberOf';
import { Page, Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { jobWords } from '../../../words/job';
import { words } from '../../../words/words';
import { endSays } from '../../bikes/thirdBrake';
import { containerSays } from './containerSays';
import { Recalled } from './Recalled';

const says = jobWords.recordFluid;

/** What is written of fluid that leaves a container; `refusalOf` says why that much may not. */
const drawn = (refusalOf: (ml: number) => string | null) =>
  z.object({
    ml: z.string().superRefine((text, { addIssue }) => {
      const ml = numberOf(text);
      const wrong =
        ml === null ? says.howManyMlANumber : ml === 0 ? says.moreThanNothingHasTo : refusalOf(ml);
      if (wrong) addIssue(wrong);
    }),
    colour: z.string().trim(),
  });

interface Props {
  job: Job;
  end: End;
  container: ContainerInStore;
  /** What was worked out to be needed, as text; empty when nothing was. */
  needed: string;
  onOther: () => void;
}

/** How much left this container for the brake, and what colour came out. */
export function DrawFluid({ job, end, container, needed, onOther }: Props) {
  const { take, refused } = useTake<'fill'>(job);
  const day = today();
  const refusalOf = (ml: number): string | null => {
    const state = mayFillAt(job, end, container, ml, day)!;
    return state.ok
      ? null
      : says.refusedMlRemain(words.containerRefusal[state.code], state.remainingMl);
  };
  const { control, handleSubmit } = useForm({
    mode: 'onChange',
    resolver: zodResolver(drawn(refusalOf)),
    // What was worked out is not what was drawn: that is read off the syringe.
    defaultValues: { ml: '', colour: '' },
  });
  const amount = numberOf(useWatch({ control, name: 'ml' }));
  const confirm = handleSubmit(({ ml, colour }) => {
    const taken = take(
      { kind: 'fill', end, containerId: container.id, ml: numberOf(ml)!, colour },
      { container: containerAsKnown(container) },
    );
    if (taken) onOther();
  });
  return (
    <Page
      tag={job.tag}
      over={says.brakeFluid(endSays(job.bike, end), nameOf(container.fluid))}
      title={container.label}
      foot={
        <>
          <Button
            says={amount && !refusalOf(amount) ? says.bookMlOff(amount) : says.bookItOff}
            onPress={() => void confirm()}
          />
          <Button kind="plain" says={says.anotherContainer} onPress={onOther} />
        </>
      }
    >
      {refused ? <Note kind="refusal">{refused}</Note> : null}
      <Recalled job={job} lots={[container.lot]} />
      <Section>
        <Words ink="soft">{says.mlRemain(containerSays(container), container.remainingMl)}</Words>
        {needed ? <Words>{says.workedOut(needed)}</Words> : null}
        <FormLine
          control={control}
          name="ml"
          label={says.usedMl}
          inputMode="decimal"
          onSubmitEditing={() => void confirm()}
          hint={says.whatLeftTheContainerAlso}
        />
        <FormLine
          control={control}
          name="colour"
          label={says.colourThatCameOut}
          maxLength={40}
          hint={says.aDyeUnlikeTheSheets}
        />
        <Note kind="caution" title={says.glovesAndGlasses}>
          {says.drainedFluidIsNeverPoured}
        </Note>
      </Section>
    </Page>
  );
}
