import { toldOf, type Job } from '@hold-fast/contract/jobs';
import { answersOf, visitOf } from '@hold-fast/contract/visit';
import { nameOf } from '@hold-fast/core/fluid/families';
import { fluidWanted } from '@hold-fast/core/plan/fluidWanted';
import { ANSWERS, answerTo, priceOf, quoteLines, type Answer } from '@hold-fast/core/plan/quote';
import { shortOf } from '@hold-fast/core/stock/stock';
import { inspectEnd } from '@hold-fast/core/inspection/inspectEnd';
import { layOut } from '@hold-fast/core/plan/layOut';
import type { Plan } from '@hold-fast/core/plan/planner';
import { bleedFor, proceduresFor } from '@hold-fast/core/plan/recommended';
import { staysFor } from '@hold-fast/core/plan/stays';
import { doneWith, type Visit } from '@hold-fast/core/plan/visit';
import {
  BLEEDS,
  PROCEDURE_IDS,
  suitsBrake,
  type ProcedureId,
} from '@hold-fast/core/procedure/procedures';
import { ENDS, type End } from '@hold-fast/core/ends';
import { STEPS } from '@hold-fast/core/procedure/steps';
import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useNaivePlan, usePlan } from '../../../data/planner';
import { useContainers, useStock } from '../../../data/queries';
import { today } from '../../../data/today';
import { append, entryOf } from '../../../data/writes';
import { Button, Buttons } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { Note } from '../../../ui/Note';
import { Page, Section } from '../../../ui/Page';
import { color, size, space } from '../../../ui/tokens';
import { useWide } from '../../../ui/useWide';
import { Words } from '../../../ui/Words';
import { exactDay } from '../../../words/days';
import { planWords } from '../../../words/planWords';
import { words } from '../../../words/words';
import { capital } from '../../../words/capital';
import { WithJob } from '../JobFrame';

type Procedures = Record<End, ProcedureId[]>;
type Again = { end: End; procedure: ProcedureId }[];

/** What is to be done at each end, and the one list of steps it comes to. */
export function PlanScreen({ jobId }: { jobId: string }) {
  return (
    <WithJob jobId={jobId}>{(job) => <Planning key={job.planned.length} job={job} />}</WithJob>
  );
}

function Planning({ job }: { job: Job }) {
  const wide = useWide();
  const standing = job.planned.at(-1) ?? null;
  const bleedOf = (end: End) => bleedFor(end, job.identified[end]?.sheet.body.brake.port ?? '');
  const recommended = (end: End): ProcedureId[] => {
    const sheet = job.identified[end]?.sheet.body;
    if (!sheet) return [];
    const works = inspectEnd(job, end).items.flatMap(({ work }) => work);
    return proceduresFor(works, sheet.brake.actuation, bleedOf(end).way);
  };
  const [procedures, setProcedures] = useState<Procedures>(
    () => standing?.procedures ?? { front: recommended('front'), rear: recommended('rear') },
  );
  const [bleed, setBleed] = useState(
    () => standing?.bleed ?? { front: bleedOf('front').way, rear: bleedOf('rear').way },
  );
  const [again, setAgain] = useState<Again>([]);
  const [agreed, setAgreed] = useState<'agreed' | 'not-asked'>('not-asked');
  const [saying, setSaying] = useState('');

  const none = ENDS.every((end) => procedures[end].length === 0);
  const stands = visitOf(job);
  const visit: Visit = {
    ...stands,
    chosen: none ? null : { procedures, bleed },
    again: [...stands.again, ...again.map((each) => ({ ...each, after: stands.steps.length }))],
  };
  const answer = usePlan(visit);
  const plan = answer.data ?? null;
  const naive = useNaivePlan(job.stepped.length === 0 ? visit.chosen : null);
  const same =
    standing !== null &&
    again.length === 0 &&
    JSON.stringify([standing.procedures, standing.bleed]) === JSON.stringify([procedures, bleed]);
  const impossible =
    !none && answer.data !== undefined && !answer.isPlaceholderData && plan === null;

  const lay = () => {
    append(
      job.id,
      entryOf<'plan-choice'>({
        kind: 'plan-choice',
        procedures,
        bleed,
        again: again.filter(({ end, procedure }) => procedures[end].includes(procedure)),
        agreed,
        words: saying.trim(),
      }),
    );
    router.navigate(`/bench/${job.id}/step` as '/bench');
  };
  return (
    <Page
      tag={job.tag}
      over={`${job.customer.name} · ${job.bike.name}`}
      title="Plan the work"
      foot={
        <Buttons>
          <Button kind="plain" says="Job" onPress={() => router.navigate(`/bench/${job.id}`)} />
          {same ? (
            <Button
              grow
              says={job.stepped.length > 0 ? 'Go on with it' : 'To the first step'}
              onPress={() => router.navigate(`/bench/${job.id}/step` as '/bench')}
            />
          ) : (
            <Button
              grow
              says={standing ? 'Change the plan' : 'This is the plan'}
              disabled={none || plan === null}
              onPress={lay}
            />
          )}
        </Buttons>
      }
    >
      <View style={wide && styles.beside}>
        <View style={wide && styles.half}>
          {ENDS.map((end) => (
            <EndChoice
              key={end}
              end={end}
              job={job}
              chosen={procedures[end]}
              recommended={recommended(end)}
              onChoose={(chosen) => setProcedures({ ...procedures, [end]: chosen })}
              bleed={bleed[end]}
              why={bleedOf(end).why}
              onBleed={(way) => setBleed({ ...bleed, [end]: way })}
              over={doneWith(stands, end)}
              again={again.flatMap((each) => (each.end === end ? [each.procedure] : []))}
              onAgain={(procedure) =>
                setAgain(
                  again.some((each) => each.end === end && each.procedure === procedure)
                    ? again.filter((each) => each.end !== end || each.procedure !== procedure)
                    : [...again, { end, procedure }],
                )
              }
            />
          ))}
          <Section label="The customer">
            {standing ? (
              <Words ink="soft">
                {`Laid down by ${standing.by || 'you'}, ${exactDay(standing.at)}: ${AGREED[standing.agreed]}${standing.words ? `, “${standing.words}”` : ''}. A change is asked for again.`}
              </Words>
            ) : null}
            {same ? null : (
              <>
                <Choice
                  label="What the customer said"
                  options={[
                    { value: 'agreed', says: 'Agreed to all of it' },
                    { value: 'not-asked', says: 'Not asked yet' },
                  ]}
                  chosen={[agreed]}
                  onChoose={setAgreed}
                />
                <Field
                  label="The customer’s words"
                  value={saying}
                  maxLength={300}
                  onChangeText={setSaying}
                />
              </>
            )}
          </Section>
          {same ? <Quote job={job} /> : null}
        </View>
        <View style={wide && styles.half}>
          {none ? (
            <Section>
              <Words ink="soft">Choose what is to be done; the list comes by itself.</Words>
            </Section>
          ) : answer.error ? (
            <Section>
              <Note kind="refusal" title="The plan could not be made">
                <Words>{answer.error.message}</Words>
              </Note>
            </Section>
          ) : impossible ? (
            <Section>
              <Note kind="refusal" title="No way to do this in one visit">
                <Words>What was chosen undoes itself. Leave one of them out.</Words>
              </Note>
            </Section>
          ) : plan ? (
            <PlanList job={job} plan={plan} naive={naive.data ?? null} />
          ) : null}
        </View>
      </View>
    </Page>
  );
}

const AGREED = { agreed: 'agreed to', 'not-asked': 'the customer was not asked' } as const;
const WHY = {
  bladder: 'syringe ports on both',
  rear: 'first choice for a rear brake',
  front: 'first choice for a front brake',
} as const;

interface EndChoiceProps {
  end: End;
  job: Job;
  chosen: readonly ProcedureId[];
  recommended: readonly ProcedureId[];
  onChoose: (chosen: ProcedureId[]) => void;
  bleed: (typeof BLEEDS)[number];
  why: keyof typeof WHY;
  onBleed: (way: (typeof BLEEDS)[number]) => void;
  /** What is done and may be done once more. */
  over: readonly ProcedureId[];
  again: readonly ProcedureId[];
  onAgain: (procedure: ProcedureId) => void;
}

function EndChoice({
  end,
  job,
  chosen,
  recommended,
  onChoose,
  bleed,
  why,
  onBleed,
  over,
  again,
  onAgain,
}: EndChoiceProps) {
  const [all, setAll] = useState(false);
  const sheet = job.identified[end]?.sheet.body;
  if (!sheet)
    return (
      <Section label={words.end[end]}>
        <Button
          kind="quiet"
          says={`Identify the ${words.end[end]} brake first`}
          onPress={() => router.navigate(`/bench/${job.id}/${end}/identify`)}
        />
      </Section>
    );
  const suited = PROCEDURE_IDS.filter((id) => suitsBrake(id, sheet.brake.actuation));
  const shown = all
    ? suited
    : suited.filter((id) => USUAL.includes(id) || chosen.includes(id) || recommended.includes(id));
  return (
    <Section
      label={words.end[end]}
      aside={
        <Button
          kind="quiet"
          says={all ? 'Fewer' : 'All procedures'}
          label={`${all ? 'Fewer' : 'All'} procedures, ${words.end[end]}`}
          onPress={() => setAll(!all)}
        />
      }
    >
      {recommended.length > 0 ? (
        <Words kind="small">
          {`The inspection recommends: ${words.format.list(recommended.map((id) => planWords.procedure[id].toLowerCase()))}.`}
        </Words>
      ) : null}
      <Choice
        label={`Work at the ${words.end[end]}`}
        many
        options={shown.map((id) => ({ value: id, says: planWords.procedure[id] }))}
        chosen={chosen}
        onChoose={(id) =>
          onChoose(
            chosen.includes(id)
              ? chosen.filter((each) => each !== id)
              : PROCEDURE_IDS.filter((each) => each === id || chosen.includes(each)),
          )
        }
      />
      {over.length > 0 ? (
        <>
          <Words kind="small">Done. Choose what has to be done once more:</Words>
          <Choice
            label={`Once more at the ${words.end[end]}`}
            many
            options={over.map((id) => ({
              value: id,
              says: `Again: ${planWords.procedure[id].toLowerCase()}`,
            }))}
            chosen={again}
            onChoose={onAgain}
          />
        </>
      ) : null}
      {sheet.brake.actuation === 'hydraulic' && all ? (
        <>
          <Words kind="small">
            {`Where a joint is opened, bled by: ${WHY[why]} is ${planWords.step[bleedFor(end, sheet.brake.port).way].does.toLowerCase()}.`}
          </Words>
          <Choice
            label={`Way to bleed, ${words.end[end]}`}
            options={BLEEDS.map((way) => ({ value: way, says: planWords.step[way].does }))}
            chosen={[bleed]}
            onChoose={onBleed}
          />
        </>
      ) : null}
    </Section>
  );
}

/** The lines of the quote, each with what the customer said to it; a change of the plan brings lines nobody answered. */
function Quote({ job }: { job: Job }) {
  const plan = job.planned.at(-1)!;
  const lines = quoteLines(plan.procedures);
  const answered = answersOf(job);
  const stock = useStock();
  const priced = lines.map((line) => ({
    ...line,
    ...priceOf(
      line,
      job.rules.labourPerHourCents,
      stock.data ?? [],
      job.identified[line.end]?.sheet.body ?? null,
    ),
  }));
  const unpriced = [
    ...new Set(
      priced.flatMap(({ parts }) =>
        parts.flatMap(({ part, cents }) => (cents === null ? part : [])),
      ),
    ),
  ];
  const known = priced.reduce(
    (sum, { labourCents, parts }) =>
      sum + labourCents + parts.reduce((all, { cents }) => all + (cents ?? 0), 0),
    0,
  );
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const [who, setWho] = useState(job.customer.name);
  const [how, setHow] = useState<'in-person' | 'by-phone' | 'in-writing'>('in-person');
  const [saying, setSaying] = useState('');
  const keyOf = ({ end, procedure }: { end: End; procedure: ProcedureId }) => `${end} ${procedure}`;
  const picked = lines.filter((line) => chosen.includes(keyOf(line)));
  const record = (answer: Answer) => {
    append(
      job.id,
      entryOf<'customer-answer'>({
        kind: 'customer-answer',
        answer,
        lines: picked.map(({ end, procedure }) => ({ end, procedure })),
        who: who.trim(),
        how,
        words: saying.trim(),
      }),
    );
    setChosen([]);
    setSaying('');
  };
  return (
    <Section label="Quote, line by line">
      <Choice
        label="Lines of the quote"
        many
        options={priced.map((line) => {
          const answer = answerTo(line, answered);
          return {
            value: keyOf(line),
            says: `${planWords.procedure[line.procedure]}, ${words.end[line.end]} · ${line.minutes} min · ${line.cents === null ? `${words.format.money(line.labourCents)} and parts` : words.format.money(line.cents)} · ${answer ? planWords.answer[answer].toLowerCase() : 'not asked'}`,
          };
        })}
        chosen={chosen}
        onChoose={(key) =>
          setChosen(chosen.includes(key) ? chosen.filter((each) => each !== key) : [...chosen, key])
        }
      />
      <Words ink="soft">
        {`Together ${words.format.money(known)}, labour at ${words.format.money(job.rules.labourPerHourCents)} an hour and parts at the shelf’s price${unpriced.length > 0 ? `; without ${words.format.list(unpriced.map((part) => planWords.part[part]))}, which the shelf has no fitting price for` : ''}.`}
      </Words>
      {picked.length > 0 ? (
        <>
          <Field label="Who answers" value={who} maxLength={80} onChangeText={setWho} />
          <Choice
            label="How"
            options={[
              { value: 'in-person', says: 'In person' },
              { value: 'by-phone', says: 'By phone' },
              { value: 'in-writing', says: 'In writing' },
            ]}
            chosen={[how]}
            onChoose={setHow}
          />
          <Field label="Their words" value={saying} maxLength={300} onChangeText={setSaying} />
          <Buttons>
            {ANSWERS.map((answer) => (
              <Button
                key={answer}
                grow
                kind="plain"
                says={planWords.answer[answer]}
                disabled={who.trim() === ''}
                onPress={() => record(answer)}
              />
            ))}
          </Buttons>
          <Words kind="small">
            What is refused or postponed stays in the record; take it out of the plan above.
          </Words>
        </>
      ) : null}
      {toldOf(job, 'customer-answer').map((each) => (
        <Words key={each.id} kind="small">
          {`${planWords.answer[each.answer]} by ${each.who}, ${exactDay(each.at)}: ${words.format.list(each.lines.map(({ end, procedure }) => `${planWords.procedure[procedure].toLowerCase()} ${words.end[end]}`))}${each.words ? `, “${each.words}”` : ''}.`}
        </Words>
      ))}
    </Section>
  );
}

const USUAL: readonly ProcedureId[] = ['change-pads', 'change-rotor', 'service-pistons', 'align'];

function PlanList({ job, plan, naive }: { job: Job; plan: Plan; naive: Plan | null }) {
  const stock = useStock();
  const containers = useContainers();
  const short = shortOf(
    layOut(plan.steps).parts.map(({ part }) => part),
    stock.data ?? [],
  );
  const { tools, consumables, parts, cautions } = layOut(plan.steps);
  const brakes = {
    front: job.identified.front?.sheet.body ?? null,
    rear: job.identified.rear?.sheet.body ?? null,
  };
  const saved = naive ? setUpsIn(naive) - setUpsIn(plan) : 0;
  return (
    <>
      <Section label="Bench time">
        <View style={styles.total}>
          <Words kind="giant">{Math.round(plan.minutes)}</Words>
          <Words ink="soft">min</Words>
        </View>
        {naive && saved > 0 ? (
          <Words ink="soft">
            {`${plan.steps.length} steps. Planned together they save ${saved} set-ups and ${Math.round(naive.minutes - plan.minutes)} min: wheels and pads stay out until everything that wants them out is done.`}
          </Words>
        ) : (
          <Words ink="soft">{`${plan.steps.length} steps.`}</Words>
        )}
      </Section>
      <Section label="Lay out">
        <Words>{`${capital(words.format.list(tools.map((tool) => planWords.tool[tool])))}.`}</Words>
        {parts.length > 0 ? (
          <Words kind="strong">
            {`${capital(words.format.list(parts.map(({ part, end }) => `${planWords.part[part]} (${words.end[end]})`)))}.`}
          </Words>
        ) : null}
        {stock.data && short.length > 0 ? (
          <Note kind="caution" title="Short on the shelf">
            {`${capital(words.format.list(short.map(({ part, wanted, onShelf }) => `${planWords.part[part]}: ${wanted} wanted, ${onShelf} there`)))}.`}
          </Note>
        ) : null}
        {fluidWanted(plan.steps, brakes, containers.data ?? [], today()).map(
          ({ end, asked, ml, from }) => (
            <Words key={end}>
              {`${capital(words.end[end])}: about ${ml} mL ${nameOf(asked.fluid)}${from ? ` from ${from.label}, lot ${from.lot}` : '; no container on the shelf may give that much'}.`}
            </Words>
          ),
        )}
        {consumables.length > 0 ? (
          <Words ink="soft">{`${capital(words.format.list(consumables.map((item) => planWords.consumable[item])))}.`}</Words>
        ) : null}
      </Section>
      <Section label="In this order">
        {plan.steps.map(({ step, end, place, moves }, i) => (
          <View key={`${i} ${step} ${end}`} style={styles.step}>
            <Words kind="smallReading" style={styles.number}>
              {i + 1}
            </Words>
            <View style={styles.does}>
              <Words>{planWords.step[step].does}</Words>
              {moves ? <Words kind="small">{planWords.place[place]}</Words> : null}
              <Stays plan={plan} at={i} />
            </View>
            <Words kind="small">{end ? words.end[end] : ''}</Words>
          </View>
        ))}
      </Section>
      {cautions.length > 0 ? (
        <Section label="Mind">
          {cautions.map((caution) => (
            <Words key={caution} ink="soft">
              {planWords.caution[caution]}
            </Words>
          ))}
        </Section>
      ) : null}
    </>
  );
}

/** Says where one set-up serves several works. */
function Stays({ plan, at }: { plan: Plan; at: number }) {
  const work = staysFor(plan.steps, at);
  return work.length > 1 ? (
    <Words kind="small" ink="brassText">
      {`${planWords.stays(plan.steps[at]!.step)} for ${work.length} works.`}
    </Words>
  ) : null;
}

const setUpsIn = (plan: Plan) =>
  plan.steps.filter(({ step }) => step !== 'wash-hands' && STEPS[step].kind === 'set-up').length;

const styles = StyleSheet.create({
  beside: { flexDirection: 'row', alignItems: 'flex-start' },
  half: { flex: 1, minWidth: 0 },
  total: { flexDirection: 'row', alignItems: 'baseline', gap: space.s },
  step: {
    flexDirection: 'row',
    gap: space.m,
    paddingVertical: space.xs,
    borderTopWidth: size.line,
    borderColor: color.hairline,
  },
  number: { width: 28, textAlign: 'right' },
  does: { flex: 1 },
});
