import { endSays } from '../../bikes/thirdBrake';
import { toldOf } from '@hold-fast/core/job/told';
import type { Job } from '@hold-fast/core/job/job';
import {
  choicesFor,
  DECIDERS,
  DEVIATIONS,
  type Decider,
  type Deviation,
  type DeviationChoice,
} from '@hold-fast/core/deviation/deviations';
import type { End } from '@hold-fast/core/ends';
import { useState } from 'react';
import { append, entryOf } from '../../../data/jobWrites';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
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
import { focusFault } from '../../../ui/focusFault';
import { Wrong } from '../../../ui/Wrong';

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
              each.by || 'you',
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

function Write({ job, end, first }: { job: Job; end: End; first: Deviation | null }) {
  const [deviation, setDeviation] = useState(first);
  const [what, setWhat] = useState('');
  const [measured, setMeasured] = useState('');
  const [choice, setChoice] = useState<DeviationChoice | null>(null);
  // Who answers for it is asked, and never taken for granted.
  const [decidedBy, setDecidedBy] = useState<Decider | null>(null);
  const [who, setWho] = useState('');
  const [riskTold, setRiskTold] = useState(false);
  const [tried, setTried] = useState(false);
  const ready = deviation && choice && what.trim() && decidedBy && who.trim() && riskTold;
  const record = () => {
    setTried(true);
    focusFault();
    if (ready)
      append(
        job.id,
        entryOf<'deviation'>({
          kind: 'deviation',
          end,
          deviation,
          words: what.trim(),
          measured: measured.trim(),
          choice,
          decidedBy,
          who: who.trim(),
          riskTold: true,
        }),
      );
  };
  return (
    <Section label={provingWords.tellDeviation.anotherOne}>
      <Choice
        label={provingWords.tellDeviation.whatItIs}
        options={DEVIATIONS.map((value) => ({ value, says: planWords.deviation[value] }))}
        chosen={deviation ? [deviation] : []}
        onChoose={(chosen) => {
          setDeviation(chosen);
          setChoice(null);
          setRiskTold(false);
        }}
      />
      {deviation ? (
        <>
          <Field
            label={provingWords.tellDeviation.whatIsSeen}
            value={what}
            maxLength={300}
            onChangeText={setWhat}
            error={tried && !what.trim() ? provingWords.tellDeviation.writeWhatIsSeenIt : undefined}
          />
          <Field
            label={provingWords.tellDeviation.measuredLabel}
            value={measured}
            maxLength={120}
            onChangeText={setMeasured}
            hint={provingWords.tellDeviation.whereAndHowFarWith}
          />
          <Choice
            label={provingWords.tellDeviation.whatBecomesOfIt}
            options={choicesFor(deviation).map((value) => ({
              value,
              says: planWords.choice[value].says,
            }))}
            chosen={choice ? [choice] : []}
            onChoose={(chosen) => {
              setChoice(chosen);
              setRiskTold(false);
            }}
          />
          {tried && !choice ? (
            <Wrong says={provingWords.tellDeviation.chooseWhatBecomesOfIt} />
          ) : null}
        </>
      ) : null}
      {choice ? (
        <>
          <Note kind="caution" title={provingWords.tellDeviation.readThisOut}>
            {planWords.choice[choice].risk}
          </Note>
          <Words kind="label">{provingWords.tellDeviation.whoDecides}</Words>
          <Choice
            label={provingWords.tellDeviation.whoDecides}
            options={DECIDERS.map((value) => ({ value, says: planWords.decider[value] }))}
            chosen={decidedBy ? [decidedBy] : []}
            onChoose={(chosen) => {
              setDecidedBy(chosen);
              // What was typed stays; the customer's name goes with the customer alone.
              if (chosen === 'customer') setWho(job.customer.name);
              else if (who === job.customer.name) setWho('');
            }}
          />
          <Field
            label={provingWords.tellDeviation.name}
            value={who}
            maxLength={80}
            onChangeText={setWho}
            error={
              tried && !(decidedBy && who.trim())
                ? provingWords.tellDeviation.writeWhoDecided
                : undefined
            }
          />
          <Choice
            label={provingWords.tellDeviation.theRisk}
            many
            options={[{ value: true, says: provingWords.tellDeviation.theRiskWasReadOut }]}
            chosen={riskTold ? [true] : []}
            onChoose={() => setRiskTold(!riskTold)}
          />
          {tried && !riskTold ? (
            <Wrong says={provingWords.tellDeviation.readTheRiskOutFirst} />
          ) : null}
          <Button
            kind="plain"
            says={provingWords.tellDeviation.recordTheDecision}
            onPress={record}
          />
        </>
      ) : null}
      <Words kind="small">{provingWords.tellDeviation.aModifiedStructuralPartIs}</Words>
    </Section>
  );
}
