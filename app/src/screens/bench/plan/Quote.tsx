import { toldOf } from '@hold-fast/core/job/told';
import type { Job } from '@hold-fast/core/job/job';
import { answersOf, planOf } from '@hold-fast/core/job/visit';
import {
  ANSWERS,
  answerTo,
  charged,
  priceOf,
  quoteLines,
  type Answer,
} from '@hold-fast/core/plan/quote';
import type { ProcedureId } from '@hold-fast/core/procedure/procedures';
import type { End } from '@hold-fast/core/ends';
import { zodResolver } from '@hookform/resolvers/zod';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { z } from 'zod';
import { useRulesHistory } from '../../../data/counterQueries';
import { useStock } from '../../../data/queries';
import { append, entryOf } from '../../../data/jobWrites';
import { Button, Buttons } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { FormChoice, FormLine } from '../../../ui/FormLine';
import { Note } from '../../../ui/Note';
import { Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { exactDay } from '../../../words/days';
import { planWords } from '../../../words/planWords';
import { words } from '../../../words/words';
import { planningWords } from '../../../words/planning';
import { needed } from '../../needed';

/** The lines of the quote, each with what the customer said to it; a change of the plan brings lines nobody answered. */
export function Quote({ job }: { job: Job }) {
  const plan = planOf(job)!;
  const lines = quoteLines(plan.procedures, job.rules.minutes);
  const answered = answersOf(job);
  const stock = useStock();
  // A device that was never told of earlier rules goes by those of the job.
  const laid = useRulesHistory().data ?? [
    { version: job.rulesVersion, at: null, rules: job.rules },
  ];
  const priced = lines.map(({ end, procedure }) => {
    const line = charged({ end, procedure }, answered, laid, job.rules);
    const brake = job.identified[end]?.sheet.body ?? null;
    return { ...line, ...priceOf(line, stock.data ?? [], brake) };
  });
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
  const hours = new Set(
    priced.length > 0
      ? priced.map(({ perHourCents }) => perHourCents)
      : [job.rules.labourPerHourCents],
  );
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const keyOf = ({ end, procedure }: { end: End; procedure: ProcedureId }) => `${end} ${procedure}`;
  const picked = lines.filter((line) => chosen.includes(keyOf(line)));
  const record = (answer: Answer, said: Said) => {
    append(
      job.id,
      entryOf<'customer-answer'>({
        kind: 'customer-answer',
        answer,
        lines: picked.map(({ end, procedure }) => ({ end, procedure })),
        ...said,
      }),
    );
    setChosen([]);
  };
  return (
    <Section label={planningWords.quote.quoteLineByLine}>
      <Choice
        label={planningWords.quote.linesOfTheQuote}
        many
        options={priced.map((line) => {
          const answer = answerTo(line, answered);
          return {
            value: keyOf(line),
            says: planningWords.quote.min(
              planWords.procedure[line.procedure],
              words.end[line.end],
              line.minutes,
              line.cents === null
                ? planningWords.quote.andParts(words.format.money(line.labourCents))
                : words.format.money(line.cents),
              answer ? words.inSentence(planWords.answer[answer]) : planningWords.quote.notAsked,
            ),
          };
        })}
        chosen={chosen}
        onChoose={(key) =>
          setChosen(chosen.includes(key) ? chosen.filter((each) => each !== key) : [...chosen, key])
        }
      />
      <Words ink="soft">
        {planningWords.quote.togetherLabourAtAnHour(
          words.format.money(known),
          words.format.list([...hours].map((cents) => words.format.money(cents))),
          unpriced.length > 0
            ? planningWords.quote.withoutWhichTheShelfHas(
                words.format.list(unpriced.map((part) => planWords.part[part])),
              )
            : '',
        )}
      </Words>
      {job.ringAboveCents !== null && known > job.ringAboveCents ? (
        <Note kind="caution">
          {planningWords.quote.ringFirst(job.customer.name, words.format.money(job.ringAboveCents))}
        </Note>
      ) : null}
      {picked.length > 0 ? <AnswerTo customer={job.customer.name} onAnswer={record} /> : null}
      {toldOf(job, 'customer-answer').map((each) => (
        <Words key={each.id} kind="small">
          {planningWords.quote.by(
            planWords.answer[each.answer],
            each.who,
            exactDay(each.at),
            words.format.list(
              each.lines.map(
                ({ end, procedure }) =>
                  `${words.inSentence(planWords.procedure[procedure])} ${words.end[end]}`,
              ),
            ),
            each.words ? `, ${words.quoted(each.words)}` : '',
          )}
        </Words>
      ))}
    </Section>
  );
}

const HOWS = ['in-person', 'by-phone', 'in-writing'] as const;

/** Who answers, how, and in which words. */
const Said = z.object({
  who: needed(planningWords.quote.writeWho),
  how: z.enum(HOWS, planningWords.quote.sayHow),
  words: z.string().trim(),
});
type Said = z.output<typeof Said>;

function AnswerTo({
  customer,
  onAnswer,
}: {
  customer: string;
  onAnswer: (answer: Answer, said: Said) => void;
}) {
  const { control, handleSubmit } = useForm<Said>({
    resolver: zodResolver(Said),
    defaultValues: { who: customer, words: '' },
  });
  return (
    <>
      <FormLine
        control={control}
        name="who"
        label={planningWords.quote.whoAnswers}
        maxLength={80}
      />
      <FormChoice
        control={control}
        name="how"
        label={planningWords.quote.how}
        options={HOWS.map((value) => ({ value, says: planningWords.quote.answered[value] }))}
      />
      <FormLine
        control={control}
        name="words"
        label={planningWords.quote.theirWords}
        maxLength={300}
      />
      <Buttons>
        {ANSWERS.map((answer) => (
          <Button
            key={answer}
            grow
            kind="plain"
            says={planWords.answer[answer]}
            onPress={() => void handleSubmit((said) => onAnswer(answer, said))()}
          />
        ))}
      </Buttons>
      <Words kind="small">{planningWords.quote.whatIsRefusedOrPostponed}</Words>
    </>
  );
}
