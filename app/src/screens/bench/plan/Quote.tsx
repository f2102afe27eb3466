import { toldOf } from '@hold-fast/core/job/told';
import type { Job } from '@hold-fast/core/job/job';
import { answersOf } from '@hold-fast/core/job/visit';
import { ANSWERS, answerTo, priceOf, quoteLines, type Answer } from '@hold-fast/core/plan/quote';
import type { ProcedureId } from '@hold-fast/core/procedure/procedures';
import type { End } from '@hold-fast/core/ends';
import { useState } from 'react';
import { useStock } from '../../../data/queries';
import { append, entryOf } from '../../../data/writes';
import { Button, Buttons } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { exactDay } from '../../../words/days';
import { planWords } from '../../../words/planWords';
import { words } from '../../../words/words';

/** The lines of the quote, each with what the customer said to it; a change of the plan brings lines nobody answered. */
export function Quote({ job }: { job: Job }) {
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
