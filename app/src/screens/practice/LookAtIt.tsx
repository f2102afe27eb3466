import type { PracticeCase } from '@hold-fast/core/practice/cases';
import type { PracticeRun } from '@hold-fast/core/practice/debrief';
import { checksOn, lookAt, type Seen } from '@hold-fast/core/practice/look';
import { checkRule, type BenchSign, type Check } from '@hold-fast/core/trouble/signs';
import { WORDS } from '@hold-fast/core/wear/verdict';
import { useEffect, useMemo, useRef } from 'react';
import { View } from 'react-native';
import { Choice } from '../../ui/Choice';
import { Halves } from '../../ui/Halves';
import { Section } from '../../ui/Page';
import { Row } from '../../ui/Row';
import { Words } from '../../ui/Words';
import { capital } from '../../words/capital';
import { practiceWords } from '../../words/practice';
import { troubleWords } from '../../words/trouble';
import { words } from '../../words/words';
import { calledOf, judgementSays, reasonsOf } from '../bench/inspect/findings';
import { VerdictPanel } from '../bench/measuring/VerdictPanel';
import { signsSay } from '../trouble/signSays';
import { Line } from './Line';
import { Readings } from './Readings';

interface Props {
  of: PracticeCase;
  run: PracticeRun;
  act: (change: Partial<Omit<PracticeRun, 'taps'>>) => void;
}

/** The checks that can be made, what the last one shows, and what the others showed before it. */
export function LookAtIt({ of, run, act }: Props) {
  const seen = useMemo(
    () => run.checks.map((check) => lookAt(of, of.seed, check)).reverse(),
    [of, run.checks],
  );
  // What a check shows stands above the list it was picked from.
  const top = useRef<View>(null);
  const shown = useRef(run.checks.length);
  useEffect(() => {
    if (run.checks.length > shown.current)
      (top.current as unknown as HTMLElement | null)?.scrollIntoView({ block: 'start' });
    shown.current = run.checks.length;
  }, [run.checks.length]);
  const open = checksOn(of).filter((check) => !run.checks.includes(check));
  return (
    <Halves>
      <View ref={top}>
        {seen.map((each) => (
          <Shown key={each.check} of={of} seen={each} run={run} act={act} />
        ))}
      </View>
      <>
        <Section label={practiceWords.lookAt}>
          <Words ink="soft">{practiceWords.lookHint}</Words>
        </Section>
        {open.map((check) => (
          <Row
            key={check}
            title={troubleWords.check[check]}
            aside={
              <Words kind="smallReading">{troubleWords.minutes(checkRule(check).minutes)}</Words>
            }
            onPress={() => act({ checks: [...run.checks, check] })}
            testID={`check-${check}`}
          />
        ))}
      </>
    </Halves>
  );
}

/** What a check shows: numbers are judged first by whoever read them, and only then by the rules. */
function Shown({ of, seen, run, act }: Props & { seen: Seen }) {
  const { check, signs, measured } = seen;
  const said = measured ? run.judged[measured.measurand] : undefined;
  return (
    <Section label={troubleWords.check[check]}>
      {measured ? (
        <>
          <Readings measured={measured} />
          {said === undefined ? (
            <>
              <Words kind="strong">{practiceWords.howDoesItStand}</Words>
              <Choice
                label={practiceWords.howDoesItStand}
                options={WORDS.map((value) => ({ value, says: capital(words.word[value]) }))}
                chosen={[]}
                onChoose={(word) => act({ judged: { ...run.judged, [measured.measurand]: word } })}
              />
            </>
          ) : (
            <>
              <Words ink="soft">{practiceWords.youSaid(words.word[said])}</Words>
              <Words kind="label">{practiceWords.rulesSay}</Words>
              <VerdictPanel
                word={measured.word}
                called={calledOf(measured.judgement)}
                reasons={reasonsOf(measured.judgement)}
                settle={measured.judgement.ok ? measured.judgement.verdict.settle : []}
                says={judgementSays(measured.judgement, measured.session.gauge)}
                full
              />
            </>
          )}
        </>
      ) : null}
      {measured && said === undefined ? null : <Signs of={of} check={check} signs={signs} />}
    </Section>
  );
}

function Signs({ of, check, signs }: { of: PracticeCase; check: Check; signs: Seen['signs'] }) {
  const reveals: readonly BenchSign[] = checkRule(check).reveals;
  const those = (as: boolean) => reveals.filter((sign) => signs[sign] === as);
  const [there, absent] = [those(true), those(false)];
  return (
    <>
      {there.map((sign) => (
        <Line
          key={sign}
          mark="watch"
          title={capital(troubleWords.sign[sign])}
          says={sign === 'wet-joint' && of.leakAt ? words.finding[of.leakAt] : null}
          testID={`there-${sign}`}
        />
      ))}
      {absent.length > 0 ? (
        <Words ink="soft">{practiceWords.notThere(signsSay(absent))}</Words>
      ) : null}
      {there.length + absent.length < reveals.length ? (
        <Words ink="soft">{practiceWords.numbersSayNeither}</Words>
      ) : null}
    </>
  );
}
