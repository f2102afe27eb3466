import { PISTON_LUBRICANTS } from '@hold-fast/core/kit/pistonLubricant';
import { ShopRules } from '@hold-fast/contract/shopRules';
import type { RulesInForce } from '@hold-fast/contract/shopRules';
import { BEDDING_SCHOOLS } from '@hold-fast/core/bedding/pulls';
import { RUNOUT_POINTS } from '@hold-fast/core/runout/runout';
import { PAD_SCHOOLS } from '@hold-fast/core/wear/pads';
import { ROTOR_POINTS } from '@hold-fast/core/wear/rotor';
import { zodResolver } from '@hookform/resolvers/zod';
import { Controller, type Control, type Resolver } from 'react-hook-form';
import { useRules } from '../../data/counterQueries';
import { useSaveRules } from '../../data/writes';
import { router } from 'expo-router';
import { Button } from '../../ui/Button';
import { FormChoice, FormLine, FormMany, FormNumber, FormTick } from '../../ui/FormLine';
import { Note } from '../../ui/Note';
import { Section } from '../../ui/Page';
import { Failed, Loading } from '../../ui/Standing';
import { Words } from '../../ui/Words';
import { exactDay } from '../../words/days';
import { partWords } from '../../words/partWords';
import { words } from '../../words/words';
import { capital } from '../../words/capital';
import { mannerWords } from '../../words/manners';
import { MannerChoices } from '../people/MannerChoices';
import { StoreForm } from './StoreForm';
import { storeFormWords } from '../../words/storeForms';
import { useKeptForm } from '../useKeptForm';
import { Wrong } from '../../ui/Wrong';

type Written = ReturnType<typeof ShopRules.parse>;

/** The shop’s rules: which schools are in force, how many points, the bands, the intervals, the units. */
export function RulesForm() {
  const rules = useRules();
  if (rules.error) return <Failed error={rules.error} onRetry={() => void rules.refetch()} />;
  if (!rules.data) return <Loading />;
  return <Form key={rules.data.version} inForce={rules.data} />;
}

function Form({ inForce }: { inForce: RulesInForce }) {
  const save = useSaveRules();
  const form = useKeptForm<Written>('rules', {
    defaultValues: {
      ...inForce.rules,
      schools: [...inForce.rules.schools],
      openDays: [...inForce.rules.openDays],
    },
    resolver: zodResolver(ShopRules) as unknown as Resolver<Written>,
  });
  const { control } = form;
  const errors = form.formState.errors;
  const send = form.handleSubmit((rules) => save.mutate({ version: inForce.version, rules }));
  return (
    <StoreForm
      over={storeFormWords.rulesForm.stores}
      title={storeFormWords.rulesForm.shopRules}
      says={storeFormWords.rulesForm.layDownTheseRules}
      save={save}
      onSave={() => void send()}
    >
      <Section>
        <Words ink="soft">
          {inForce.at
            ? storeFormWords.rulesForm.inForceSinceLaidDown(exactDay(inForce.at), inForce.by ?? '')
            : storeFormWords.rulesForm.theUsualRulesNobodyHas}
        </Words>
        <Button
          kind="quiet"
          says={storeFormWords.figures.toFigures}
          onPress={() => router.navigate('/stores/figures')}
        />
        <Button
          kind="quiet"
          says={storeFormWords.trouble.title}
          onPress={() => router.navigate('/stores/trouble')}
        />
        {save.isSuccess ? (
          <Note title={storeFormWords.rulesForm.inForce}>
            {storeFormWords.rulesForm.everyOpenJobIsJudged}
          </Note>
        ) : null}
      </Section>
      <PadSchools control={control} wrong={errors.schools !== undefined} />
      <Section label={storeFormWords.rulesForm.pointsRoundTheRotor}>
        <Words kind="small">{storeFormWords.rulesForm.pointsForThickness}</Words>
        <FormChoice
          control={control}
          name="rotorPoints"
          label={storeFormWords.rulesForm.pointsForThickness}
          options={range(ROTOR_POINTS.fewest, ROTOR_POINTS.most, 2)}
        />
        <Words kind="small">{storeFormWords.rulesForm.readingsOfTheDialIn}</Words>
        <FormChoice
          control={control}
          name="runoutPoints"
          label={storeFormWords.rulesForm.readingsOfTheDialIn}
          options={range(RUNOUT_POINTS.fewest, RUNOUT_POINTS.most, 6)}
        />
      </Section>
      <Section label={storeFormWords.rulesForm.runoutBandsMmEndsInclusive}>
        <FormNumber
          control={control}
          name="runoutBands.goodMm"
          label={storeFormWords.rulesForm.goodTo}
        />
        <FormNumber
          control={control}
          name="runoutBands.watchMm"
          label={storeFormWords.rulesForm.watchTo}
        />
        <FormNumber
          control={control}
          name="runoutBands.trueMm"
          label={storeFormWords.rulesForm.trueToAboveReplace}
        />
        {(errors.runoutBands?.root ?? errors.runoutBands?.message) ? (
          <Wrong says={storeFormWords.rulesForm.eachBandMustEndAbove} />
        ) : (
          <Words kind="small">{storeFormWords.rulesForm.fromMemoryTheMakersSheet}</Words>
        )}
      </Section>
      <Section label={storeFormWords.rulesForm.lookedAtAgainDays}>
        <FormNumber
          control={control}
          name="serviceDays.rotor"
          label={storeFormWords.rulesForm.rotors}
        />
        <FormLine
          control={control}
          name="winterEnds"
          orNone
          label={storeFormWords.rulesForm.winterEnds}
          hint={storeFormWords.rulesForm.winterEndsHint}
          placeholder={words.field.none}
          maxLength={5}
        />
        <FormNumber
          control={control}
          name="serviceDays.pads"
          label={storeFormWords.rulesForm.pads}
        />
      </Section>
      <Section label={storeFormWords.rulesForm.schoolsOfWork}>
        <Words kind="small">{storeFormWords.rulesForm.beddingIn}</Words>
        <FormChoice
          control={control}
          name="beddingIn"
          label={storeFormWords.rulesForm.beddingIn}
          options={BEDDING_SCHOOLS.map((value) => ({ value, says: partWords.bedding[value] }))}
        />
        <Words kind="small">{storeFormWords.rulesForm.onPistonsWhereTheSheet}</Words>
        <FormChoice
          control={control}
          name="pistonLubricant"
          label={storeFormWords.rulesForm.onPistons}
          options={PISTON_LUBRICANTS.map((value) => ({
            value,
            says: capital(partWords.lubricant[value]),
          }))}
        />
      </Section>
      <Money control={control} />
      <Hours control={control} />
      <Section label={storeFormWords.rulesForm.guardBand}>
        <Note>{storeFormWords.rulesForm.aPartPassesOnlyWhen}</Note>
      </Section>
      <WhatAndWhere control={control} />
      <Section label={mannerWords.ofTheShop}>
        <Controller
          control={control}
          name="manner"
          render={({ field }) => (
            <MannerChoices manner={field.value} onChoose={(manner) => field.onChange(manner)} />
          )}
        />
        <FormLine
          control={control}
          name="currency"
          label={mannerWords.currency}
          hint={mannerWords.currencyHint}
          autoCapitalize="characters"
        />
      </Section>
    </StoreForm>
  );
}

/** The schools of judging pads that are in force. */
function PadSchools({ control, wrong }: { control: Control<Written>; wrong: boolean }) {
  return (
    <Section label={storeFormWords.rulesForm.schoolsOfJudgingPads}>
      <FormMany
        control={control}
        name="schools"
        label={storeFormWords.rulesForm.schoolsInForce}
        options={PAD_SCHOOLS.map((value) => ({ value, says: words.school[value] }))}
      />
      {wrong ? (
        <Wrong says={storeFormWords.rulesForm.atLeastOneSchoolMust} />
      ) : (
        <Words kind="small">{storeFormWords.rulesForm.theOneThatBitesFirst}</Words>
      )}
    </Section>
  );
}

function range(from: number, to: number, step: number) {
  return Array.from({ length: Math.floor((to - from) / step) + 1 }, (_, i) => {
    const value = from + i * step;
    return { value, says: String(value) };
  });
}

/** What an hour costs, and what the state takes. */
function WhatAndWhere({ control }: { control: Control<Written> }) {
  return (
    <Section label={storeFormWords.rulesForm.whereTheShopIs}>
      <FormLine
        control={control}
        name="name"
        label={storeFormWords.rulesForm.name}
        hint={storeFormWords.rulesForm.nameHint}
        maxLength={80}
      />
      <FormLine
        control={control}
        name="timeZone"
        label={storeFormWords.rulesForm.timeZone}
        hint={storeFormWords.rulesForm.suchAsEuropeLisbonCalibration}
      />
    </Section>
  );
}

function Money({ control }: { control: Control<Written> }) {
  return (
    <Section label={storeFormWords.rulesForm.quotes}>
      <FormNumber
        control={control}
        name="labourPerHourCents"
        unit={100}
        label={storeFormWords.rulesForm.anHourAtTheBench}
        hint={storeFormWords.rulesForm.partsAreQuotedAtThe}
      />
      <FormNumber control={control} name="taxPercent" label={storeFormWords.rulesForm.tax} />
      <FormTick
        control={control}
        name="pricesWithTax"
        label={storeFormWords.rulesForm.pricesWithTax}
      />
    </Section>
  );
}

function Hours({ control }: { control: Control<Written> }) {
  return (
    <Section label={storeFormWords.rulesForm.hours}>
      <FormLine control={control} name="opensAt" label={storeFormWords.rulesForm.opensAt} />
      <FormLine control={control} name="closesAt" label={storeFormWords.rulesForm.closesAt} />
      <FormMany
        control={control}
        name="openDays"
        label={storeFormWords.rulesForm.openDays}
        options={storeFormWords.rulesForm.weekdays.map((says, i) => ({ value: i + 1, says }))}
      />
    </Section>
  );
}
