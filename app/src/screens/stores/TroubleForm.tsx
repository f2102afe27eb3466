import { ShopRules, type RulesInForce } from '@hold-fast/contract/shopRules';
import {
  CAUSE_IDS,
  causeRule,
  OFTEN,
  UNLESS_SAID,
  type Cause,
  type HowOften,
} from '@hold-fast/core/trouble/causes';
import type { Counts } from '@hold-fast/core/trouble/engine';
import { PLAUSIBLE_WEIGHT, type TroubleLaid } from '@hold-fast/core/trouble/laid';
import { SIGNS, type Sign } from '@hold-fast/core/trouble/signs';
import { useState } from 'react';
import { type Control } from 'react-hook-form';
import { useTroubleCounts, useRules } from '../../data/counterQueries';
import { useSaveRules } from '../../data/writes';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { focusFault } from '../../ui/focusFault';
import { FormChoice, FormNumber } from '../../ui/FormLine';
import { Note } from '../../ui/Note';
import { Section } from '../../ui/Page';
import { Failed, Loading } from '../../ui/Standing';
import { Words } from '../../ui/Words';
import { capital } from '../../words/capital';
import { storeFormWords } from '../../words/storeForms';
import { troubleWords } from '../../words/trouble';
import { signSays } from '../trouble/signSays';
import { RulesHistory } from './RulesHistory';
import { StoreForm } from './StoreForm';
import { useKeptForm } from '../useKeptForm';

const WORDS_OF_IT = Object.keys(OFTEN) as HowOften[];
const AS_IT_SHIPS = '';

interface Written {
  weights: Record<Cause, number | null>;
  shows: Record<Cause, Record<Sign, HowOften | typeof AS_IT_SHIPS>>;
}

/** How often each cause is behind a complaint and what shows with it: as it ships, as the shop lays it down, and what its own jobs say. */
export function TroubleForm() {
  const rules = useRules();
  const counts = useTroubleCounts();
  const failed = rules.error ? rules : counts.error ? counts : null;
  if (failed) return <Failed error={failed.error!} onRetry={() => void failed.refetch()} />;
  if (!rules.data || !counts.data) return <Loading />;
  return <Form key={rules.data.version} inForce={rules.data} counts={counts.data.counts} />;
}

const writtenOf = ({ weights, shows }: TroubleLaid): Written => ({
  weights: Object.fromEntries(
    CAUSE_IDS.map((cause) => [cause, weights[cause] ?? null]),
  ) as Written['weights'],
  shows: Object.fromEntries(
    CAUSE_IDS.map((cause) => [
      cause,
      Object.fromEntries(SIGNS.map((sign) => [sign, shows[cause]?.[sign] ?? AS_IT_SHIPS])),
    ]),
  ) as Written['shows'],
});

/** What was written, without what is as it ships. */
function laidOf({ weights, shows }: Written, counting: number): TroubleLaid {
  const only = <V,>(of: Record<string, V>, isLaid: (value: V) => boolean) =>
    Object.fromEntries(Object.entries(of).filter(([, value]) => isLaid(value)));
  const laid = Object.entries(shows)
    .map(([cause, signs]) => [cause, only(signs, (often) => often !== AS_IT_SHIPS)] as const)
    .filter(([, signs]) => Object.keys(signs).length > 0);
  return {
    weights: only(weights, (weight) => weight !== null) as TroubleLaid['weights'],
    shows: Object.fromEntries(laid) as TroubleLaid['shows'],
    counting,
  };
}

function Form({ inForce, counts }: { inForce: RulesInForce; counts: Counts }) {
  const save = useSaveRules();
  const [cause, setCause] = useState<Cause>('contaminated');
  const { trouble } = inForce.rules;
  const { control, handleSubmit, setError } = useKeptForm<Written>('trouble', {
    defaultValues: writtenOf(trouble),
  });
  const lay = (laid: TroubleLaid) => {
    const parsed = ShopRules.safeParse({ ...inForce.rules, trouble: laid });
    if (parsed.success) save.mutate({ version: inForce.version, rules: parsed.data });
    else
      for (const { path } of parsed.error.issues)
        setError(path.slice(1).join('.') as 'weights.air', {});
    focusFault();
  };
  const send = handleSubmit((written) => lay(laidOf(written, trouble.counting)));
  const says = storeFormWords.trouble;
  const counted = Object.keys(counts).length > 0;
  return (
    <StoreForm
      over={storeFormWords.rulesForm.shopRules}
      title={says.title}
      says={storeFormWords.rulesForm.layDownTheseRules}
      save={save}
      onSave={() => void send()}
    >
      <Section>
        <Words ink="soft">{says.whatItIs}</Words>
        {save.isSuccess ? <Note title={storeFormWords.rulesForm.inForce} /> : null}
        <Words kind="label">{says.cause}</Words>
        <Choice
          label={says.cause}
          options={CAUSE_IDS.map((value) => ({ value, says: troubleWords.cause[value] }))}
          chosen={[cause]}
          onChoose={setCause}
        />
      </Section>
      <OfCause key={cause} cause={cause} control={control} counts={counts[cause] ?? {}} />
      <Section label={says.counts}>
        <Words ink="soft">{counted ? says.countsSay : says.noCounts}</Words>
        {counted ? (
          <Button
            kind="plain"
            says={says.beginAnew}
            onPress={() => lay({ ...trouble, counting: trouble.counting + 1 })}
          />
        ) : null}
      </Section>
      <RulesHistory />
    </StoreForm>
  );
}

interface OfCauseProps {
  cause: Cause;
  control: Control<Written>;
  counts: NonNullable<Counts[Cause]>;
}

/** One cause: its weight, the signs that show with it, and on asking every other sign. */
function OfCause({ cause, control, counts }: OfCauseProps) {
  const [all, setAll] = useState(false);
  const says = storeFormWords.trouble;
  const { weight, shows } = causeRule(cause);
  const shown = SIGNS.filter((sign) => all || shows[sign] !== undefined || counts[sign]);
  return (
    <Section label={troubleWords.cause[cause]}>
      <FormNumber
        control={control}
        name={`weights.${cause}`}
        label={says.weight}
        hint={says.weightShips(weight)}
        wrong={says.weightBetween(PLAUSIBLE_WEIGHT.least, PLAUSIBLE_WEIGHT.most)}
      />
      {shown.map((sign) => {
        const count = counts[sign];
        return (
          <FormSign
            key={sign}
            control={control}
            cause={cause}
            sign={sign}
            ships={says.often[shows[sign] ?? UNLESS_SAID]}
            counted={count ? says.seenOf(count.seen, count.looked) : null}
          />
        );
      })}
      {all ? null : <Button kind="quiet" says={says.everySign} onPress={() => setAll(true)} />}
    </Section>
  );
}

interface FormSignProps {
  cause: Cause;
  sign: Sign;
  control: Control<Written>;
  ships: string;
  counted: string | null;
}

function FormSign({ cause, sign, control, ships, counted }: FormSignProps) {
  const says = storeFormWords.trouble;
  const label = capital(signSays(sign));
  return (
    <>
      <Words kind="strong">{label}</Words>
      <Words kind="small">{[says.ships(ships), counted].filter(Boolean).join(' ')}</Words>
      <FormChoice
        control={control}
        name={`shows.${cause}.${sign}`}
        label={label}
        options={[
          { value: AS_IT_SHIPS, says: says.asItShips },
          ...WORDS_OF_IT.map((value) => ({ value, says: says.often[value] })),
        ]}
      />
    </>
  );
}
