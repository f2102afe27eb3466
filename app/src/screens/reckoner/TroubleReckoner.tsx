import type { NextCheck } from '@hold-fast/core/trouble/engine';
import { checkRule, SIGNS, type Evidence, type Sign } from '@hold-fast/core/trouble/signs';
import { SYMPTOMS } from '@hold-fast/core/trouble/symptoms';
import { useMemo } from 'react';
import { useTroubleTable } from '../../data/trouble';
import { Choice } from '../../ui/Choice';
import { Section } from '../../ui/Page';
import { Words } from '../../ui/Words';
import { troubleWords } from '../../words/trouble';
import { words } from '../../words/words';
import { SignChoice } from '../trouble/SignChoice';
import { TroubleView } from '../trouble/TroubleView';
import { ReckonerPage } from './ReckonerPage';
import { useKeyed } from './useKeyed';

const USUAL = { seen: 'squeal', absent: '' };

/** From a complaint to its cause with no job open: what is told stands in the address and is written down nowhere. */
export function TroubleReckoner() {
  const [keyed, , keyAll] = useKeyed('trouble', USUAL);
  const evidence = useMemo((): Evidence => {
    const of = (text: string, seen: boolean) =>
      SIGNS.filter((sign) => text.split(' ').includes(sign)).map((sign) => [sign, seen] as const);
    return Object.fromEntries([...of(keyed.absent, false), ...of(keyed.seen, true)]);
  }, [keyed]);
  const tell = (sign: Sign) => (seen: boolean | undefined) => {
    const now: Evidence = { ...evidence, [sign]: seen };
    const those = (as: boolean) => SIGNS.filter((each) => now[each] === as).join(' ');
    keyAll({ seen: those(true), absent: those(false) });
  };
  const table = useTroubleTable();
  const symptoms = SYMPTOMS.filter((symptom) => evidence[symptom]);
  const told = SIGNS.filter((sign) => !(sign in words.symptom) && evidence[sign] !== undefined);
  const answer = ({ check }: NextCheck) =>
    checkRule(check).reveals.map((sign) => (
      <SignChoice key={sign} sign={sign} known={evidence[sign]} onTell={tell(sign)} />
    ));
  return (
    <ReckonerPage of="trouble" sum={symptoms.length > 0 ? keyed : null}>
      <Section label={troubleWords.complaint}>
        <Choice
          label={troubleWords.complaint}
          options={SYMPTOMS.map((value) => ({ value, says: words.symptom[value] }))}
          chosen={symptoms}
          onChoose={(symptom) => tell(symptom)(evidence[symptom] ? undefined : true)}
          many
        />
        {symptoms.length === 0 ? <Words ink="soft">{troubleWords.noComplaint}</Words> : null}
      </Section>
      <TroubleView evidence={evidence} table={table} answer={answer} />
      {told.length > 0 ? (
        <Section>
          {told.map((sign) => (
            <SignChoice
              key={sign}
              sign={sign as keyof typeof troubleWords.sign}
              known={evidence[sign]}
              onTell={tell(sign)}
            />
          ))}
        </Section>
      ) : null}
    </ReckonerPage>
  );
}
