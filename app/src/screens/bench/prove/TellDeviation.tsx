import { endSays } from '../../bikes/thirdBrake';
import { toldOf } from '@hold-fast/core/job/told';
import type { Job } from '@hold-fast/core/job/job';
import {
  CHOICES,
  choicesFor,
  DECIDERS,
  DEVIATIONS,
  type Deviation,
  type DeviationChoice,
} from '@hold-fast/core/deviation/deviations';
import type { End } from '@hold-fast/core/ends';
import { zodResolver } from '@hookform/resolvers/zod';
import { useWatch } from 'react-hook-form';
import { z } from 'zod';
import { append, entryOf } from '../../../data/jobWrites';
import { Button } from '../../../ui/Button';
import { FormChoice, FormLine, FormTick } from '../../../ui/FormLine';
import { Note } from '../../../ui/Note';
import { Page, Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { exactDay } from '../../../words/days';
import { planWords } from '../../../words/planWords';
import { words } from '../../../words/words';
import { WithJob } from '../JobFrame';
import { Pictures } from '../job/Pictures';
import { MakerAnswer } from './MakerAnswer';
import { OnFrom } from './OnFrom';
import { provingWords } from '../../../words/proving';
import { needed } from '../../needed';
import { useKeptForm } from '../../useKeptForm';

/** Something that is not as its maker meant it: what, how far, a picture, the choices with their risk, and who decided. */
export function TellDeviation({
  jobId,
  end,
  what = null,
}: {
  jobId: string;
  end: End;
  what?: Deviation | null;
}) {
  return <WithJob jobId={jobId}>{(job) => <Telling job={job} end={end} what={what} />}</WithJob>;
}

function Telling({ job, end, what }: { job: Job; end: End; what: Deviation | null }) {
  const told = toldOf(job, 'deviation', end);
  return (
    <Page
      tag={job.tag}
      over={provingWords.tellDeviation.brake(endSays(job.bike, end))}
      title={provingWords.tellDeviation.notAsTheMakerMeant}
      foot={<OnFrom job={job} />}
    >
      {told.map((each) => (
        <Section key={each.id} label={planWords.deviation[each.deviation]}>
          <Words kind="strong">{each.words}</Words>
          {each.measured ? (
            <Words>{provingWords.tellDeviation.measured(each.measured)}</Words>
          ) : null}
          <Words>
            {provingWords.tellDeviation.decidedByRiskReadOut(
              planWords.choice[each.choice].says,
              each.who,
              words.inSentence(planWords.decider[each.decidedBy]),
              each.by || provingWords.you,
              exactDay(each.at),
            )}
          </Words>
        </Section>
      ))}
      <Section label={provingWords.tellDeviation.pictures}>
        <Pictures job={job} end={end} area="mount" offered />
      </Section>
      {told
        .filter(({ choice }) => choice === 'ask-maker')
        .map((asked) => (
          <MakerAnswer key={asked.id} job={job} asked={asked} />
        ))}
      <Write key={told.length} job={job} end={end} first={told.length === 0 ? what : null} />
    </Page>
  );
}

const says = provingWords.tellDeviation;

/** What is written of a deviation; nothing is sent of one that is not decided, with its risk read out. */
const Written = z.object({
  deviation: z.enum(DEVIATIONS),
  words: needed(says.writeWhatIsSeenIt),
  measured: z.string().trim(),
  choice: z.enum(CHOICES, says.chooseWhatBecomesOfIt),
  decidedBy: z.enum(DECIDERS, says.sayWhoDecides),
  who: needed(says.writeWhoDecided),
  riskTold: z.literal(true, says.readTheRiskOutFirst),
});
type Written = z.infer<typeof Written>;

function Write({ job, end, first }: { job: Job; end: End; first: Deviation | null }) {
  const { control, handleSubmit, setValue, getValues } = useKeptForm<Written>(
    `deviation ${job.id} ${end} ${toldOf(job, 'deviation', end).length}`,
    {
      resolver: zodResolver(Written),
      // Who answers for it is asked, and never taken for granted.
      defaultValues: {
        deviation: first,
        words: '',
        measured: '',
        choice: null,
        decidedBy: null,
        who: '',
        riskTold: null,
      },
    },
  );
  const [deviation, choice] = useWatch({ control, name: ['deviation', 'choice'] }) as [
    Deviation | null,
    DeviationChoice | null,
  ];
  const unset = (...names: ('choice' | 'riskTold')[]) => {
    for (const name of names) setValue(name, null as never);
  };
  const record = handleSubmit((written) =>
    append(job.id, entryOf<'deviation'>({ kind: 'deviation', end, ...written })),
  );
  return (
    <Section label={says.anotherOne}>
      <FormChoice
        control={control}
        name="deviation"
        label={says.whatItIs}
        options={DEVIATIONS.map((value) => ({ value, says: planWords.deviation[value] }))}
        onChosen={() => unset('choice', 'riskTold')}
      />
      {deviation ? (
        <>
          <FormLine control={control} name="words" label={says.whatIsSeen} maxLength={300} />
          <FormLine
            control={control}
            name="measured"
            label={says.measuredLabel}
            maxLength={120}
            hint={says.whereAndHowFarWith}
          />
          <FormChoice
            control={control}
            name="choice"
            label={says.whatBecomesOfIt}
            options={choicesFor(deviation).map((value) => ({
              value,
              says: planWords.choice[value].says,
            }))}
            onChosen={() => unset('riskTold')}
          />
        </>
      ) : null}
      {choice ? (
        <>
          <Note kind="caution" title={says.readThisOut}>
            {planWords.choice[choice].risk}
          </Note>
          <Words kind="label">{says.whoDecides}</Words>
          <FormChoice
            control={control}
            name="decidedBy"
            label={says.whoDecides}
            options={DECIDERS.map((value) => ({ value, says: planWords.decider[value] }))}
            onChosen={(chosen) => {
              // What was typed stays; the customer's name goes with the customer alone.
              if (chosen === 'customer') setValue('who', job.customer.name);
              else if (getValues('who') === job.customer.name) setValue('who', '');
            }}
          />
          <FormLine control={control} name="who" label={says.name} maxLength={80} />
          <FormTick control={control} name="riskTold" label={says.theRiskWasReadOut} />
          <Button kind="plain" says={says.recordTheDecision} onPress={() => void record()} />
        </>
      ) : null}
      <Words kind="small">{says.aModifiedStructuralPartIs}</Words>
    </Section>
  );
}
