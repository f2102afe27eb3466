import type { PracticeCase } from '@hold-fast/core/practice/cases';
import { debrief, type Debrief, type PracticeRun } from '@hold-fast/core/practice/debrief';
import type { Word } from '@hold-fast/core/wear/verdict';
import { useMemo } from 'react';
import { Halves } from '../../ui/Halves';
import { Note } from '../../ui/Note';
import { Section } from '../../ui/Page';
import { Words } from '../../ui/Words';
import { capital } from '../../words/capital';
import { practiceWords } from '../../words/practice';
import { troubleWords } from '../../words/trouble';
import { words } from '../../words/words';
import { Line } from './Line';

type How = 'named' | 'missed' | 'wrong' | 'found' | 'misread' | 'not-looked' | 'planned' | 'beside';

/** The mark beside what was done well, in part, not at all, or without need. */
const MARK: Readonly<Record<How, Word>> = {
  named: 'holds',
  found: 'holds',
  planned: 'holds',
  misread: 'unproven',
  'not-looked': 'unproven',
  beside: 'watch',
  missed: 'replace',
  wrong: 'replace',
};

/** What was done, with the truth beside it. */
export function Debriefing({ of, run }: { of: PracticeCase; run: PracticeRun }) {
  const told = useMemo(() => debrief(of, run), [of, run]);
  const line = (title: string, how: How, says: string) => (
    <Line key={title} mark={MARK[how]} title={title} word={says} />
  );
  return (
    <>
      <Section label={practiceWords.truth}>
        <Words kind="head" testID="practice-standing">
          {capital(practiceWords.standing[told.standing])}
        </Words>
        {told.signedWrong ? (
          <Note kind="refusal" title={practiceWords.signedWrong}>
            {practiceWords.signedWrongSays}
          </Note>
        ) : null}
        {told.heldForNothing ? (
          <Note kind="caution" title={practiceWords.heldForNothing}>
            {practiceWords.heldForNothingSays}
          </Note>
        ) : null}
      </Section>
      <Halves>
        <>
          <Section label={practiceWords.causes}>
            {told.causes.map(({ cause, how }) =>
              line(troubleWords.cause[cause], how, practiceWords.how[how]),
            )}
          </Section>
          <Section label={practiceWords.wasToSee}>
            {told.signs.map(({ sign, how }) =>
              line(capital(troubleWords.sign[sign]), how, practiceWords.sees[how]),
            )}
          </Section>
          <Section label={practiceWords.work}>
            {told.works.length === 0 ? <Words>{practiceWords.noWork}</Words> : null}
            {told.works.map(({ work, how }) =>
              line(capital(words.work[work]), how, practiceWords.works[how]),
            )}
          </Section>
        </>
        <>
          <Judged told={told} />
          <Section label={practiceWords.time}>
            <Words>{practiceWords.timeSays(told.minutes, told.taps, told.engine.minutes)}</Words>
          </Section>
          <Section label={practiceWords.engineWay}>
            {told.engine.checks.map((check, i) => (
              <Words key={check}>{`${i + 1}. ${troubleWords.check[check]}`}</Words>
            ))}
          </Section>
          {told.instead.length > 0 ? (
            <Section label={practiceWords.instead}>
              {told.instead.map(({ made, engine }) => (
                <Words key={made} ink={made === engine ? 'ink' : 'soft'}>
                  {practiceWords.insteadOf(
                    troubleWords.check[made],
                    engine && troubleWords.check[engine],
                  )}
                </Words>
              ))}
            </Section>
          ) : null}
        </>
      </Halves>
    </>
  );
}

function Judged({ told: { judged } }: { told: Debrief }) {
  if (judged.length === 0) return null;
  return (
    <Section label={practiceWords.judged}>
      {judged.map(({ measurand, rules, said }) => (
        <Line
          key={measurand}
          mark={rules}
          title={capital(words.subject[measurand])}
          says={practiceWords.judgedAs(words.word[rules], said && words.word[said])}
        />
      ))}
    </Section>
  );
}
