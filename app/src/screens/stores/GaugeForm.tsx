import { Gauge } from '@hold-fast/contract/stores';
import type { GaugeInStore } from '@hold-fast/contract/stores';
import { GAUGE_DEFAULTS, GAUGE_KINDS } from '@hold-fast/core/gauge/gauge';
import { FOR_THICKNESS } from '@hold-fast/core/measurand/rotor';
import { zodResolver } from '@hookform/resolvers/zod';
import { router } from 'expo-router';
import { useState } from 'react';
import { useWatch } from 'react-hook-form';
import { v7 as uuid } from 'uuid';
import { useGauges } from '../../data/queries';
import { useSaveGauge } from '../../data/writes';
import { FormChoice, FormLine, FormNumber, FormTick } from '../../ui/FormLine';
import { Section } from '../../ui/Page';
import { Failed, Loading } from '../../ui/Standing';
import { Words } from '../../ui/Words';
import { words } from '../../words/words';
import { StoreForm } from './StoreForm';
import { storeFormWords } from '../../words/storeForms';
import { useKeptForm, type Begun } from '../useKeptForm';

const FRESH = 'new';

/** Registering a gauge, or changing one: what it is, how far it can be doubted, until when it is calibrated. */
export function GaugeForm({ gaugeId }: { gaugeId: string }) {
  const gauges = useGauges();
  if (gauges.error) return <Failed error={gauges.error} onRetry={() => void gauges.refetch()} />;
  if (!gauges.data) return <Loading />;
  const gauge = gauges.data.find(({ id }) => id === gaugeId) ?? null;
  if (!gauge && gaugeId !== FRESH)
    return <Failed error={new Error(storeFormWords.gaugeForm.thereIsNoSuchGauge)} />;
  return <Form key={gauge ? `${gauge.id} ${gauge.version}` : FRESH} gauge={gauge} />;
}

function Form({ gauge }: { gauge: GaugeInStore | null }) {
  const save = useSaveGauge();
  // Its kind is said, and brings what is usual for it: by its step and its doubt a reading is judged.
  const [fresh] = useState<Begun<Gauge>>(() => ({
    id: uuid(),
    name: '',
    resolutionMm: null,
    uncertaintyMm: null,
    calibrationDueOn: null,
    feedSerial: null,
    retired: false,
  }));
  const form = useKeptForm<Gauge>(`gauge ${gauge?.id}`, {
    defaultValues: gauge ? plain(gauge) : fresh,
    resolver: zodResolver(Gauge),
  });
  const send = form.handleSubmit((written) =>
    save.mutate(
      { gauge: written, version: gauge?.version ?? null },
      { onSuccess: () => router.navigate('/stores') },
    ),
  );
  const { control } = form;
  const [resolutionMm, kind] = useWatch({ control, name: ['resolutionMm', 'kind'] });
  return (
    <StoreForm
      over={storeFormWords.gaugeForm.storesGauges}
      title={gauge ? gauge.name : storeFormWords.gaugeForm.registerAGauge}
      save={save}
      onSave={() => void send()}
    >
      <Section>
        <FormLine
          control={control}
          name="name"
          label={storeFormWords.gaugeForm.nameOnTheBench}
          maxLength={40}
        />
        <FormChoice
          control={control}
          name="kind"
          label={storeFormWords.gaugeForm.kind}
          options={GAUGE_KINDS.map((value) => ({ value, says: words.gaugeKind[value] }))}
          wrong={storeFormWords.gaugeForm.sayWhichKind}
          onChosen={(kind) => {
            if (!gauge) form.reset({ ...form.getValues(), kind, ...defaultsOf(kind) });
          }}
        />
      </Section>
      {kind ? (
        <Section label={storeFormWords.gaugeForm.howFarItCanBe}>
          <FormNumber
            key={`r ${resolutionMm}`}
            control={control}
            name="resolutionMm"
            wrong={storeFormWords.storeForm.aNumberAboveZero}
            label={storeFormWords.gaugeForm.smallestStepItShowsMm}
          />
          <FormNumber
            key={`u ${kind}`}
            control={control}
            name="uncertaintyMm"
            wrong={storeFormWords.storeForm.aNumberAboveZero}
            label={storeFormWords.gaugeForm.expandedUncertaintyUK2}
            hint={storeFormWords.gaugeForm.fromItsCertificateWithoutOne}
          />
          <FormTick
            control={control}
            name="uncertaintyAssumed"
            label={storeFormWords.gaugeForm.assumedNotByCertificate}
          />
          <FormChoice
            control={control}
            name="anvils"
            label={storeFormWords.gaugeForm.anvils}
            wrong={storeFormWords.gaugeForm.sayWhichAnvils}
            options={[
              { value: 'point', says: storeFormWords.gaugeForm.pointSitsInsideTheTrack },
              { value: 'flat', says: storeFormWords.gaugeForm.flatJawsBridgeARidge },
            ]}
          />
        </Section>
      ) : null}
      <Section label={storeFormWords.gaugeForm.calibrationAndFeed}>
        <FormLine
          control={control}
          name="calibrationDueOn"
          orNone
          label={storeFormWords.gaugeForm.calibratedThroughYearMonthDay}
          placeholder="2027-03-31"
          hint={storeFormWords.gaugeForm.pastThisDayOrWithout}
        />
        <FormLine
          control={control}
          name="feedSerial"
          orNone
          label={storeFormWords.gaugeForm.nameOnTheGaugeFeed}
          placeholder={words.field.none}
          autoCapitalize="characters"
        />
        <FormTick
          control={control}
          name="retired"
          label={storeFormWords.gaugeForm.retiredBeginsNoSitting}
        />
        {gauge ? (
          <Words ink="soft">
            {storeFormWords.gaugeForm.readingsTakenWithItOld(words.format.count(gauge.uses))}
          </Words>
        ) : null}
      </Section>
    </StoreForm>
  );
}

/** What is usual of a kind, but for what is seen by looking: points, which no ridge deceives, are never assumed of what measures a rotor. */
function defaultsOf(kind: Gauge['kind']) {
  const { resolutionMm, uncertaintyMm, anvils } = GAUGE_DEFAULTS[kind];
  const unseen = anvils === 'point' && FOR_THICKNESS.includes(kind);
  return {
    resolutionMm,
    uncertaintyMm,
    uncertaintyAssumed: true,
    anvils: unseen ? (null as unknown as Gauge['anvils']) : anvils,
  };
}

function plain({ version: _version, uses: _uses, ...gauge }: GaugeInStore): Gauge {
  return gauge;
}
