import { Gauge } from '@hold-fast/contract/stores';
import type { GaugeInStore } from '@hold-fast/contract/stores';
import { GAUGE_DEFAULTS, GAUGE_KINDS } from '@hold-fast/core/gauge/gauge';
import { zodResolver } from '@hookform/resolvers/zod';
import { router } from 'expo-router';
import { useState } from 'react';
import { Controller, useForm, useWatch } from 'react-hook-form';
import { v7 as uuid } from 'uuid';
import { useGauges } from '../../data/queries';
import { useSaveGauge } from '../../data/writes';
import { Choice } from '../../ui/Choice';
import { FormChoice, FormLine, FormNumber, FormTick } from '../../ui/FormLine';
import { Section } from '../../ui/Page';
import { Failed, Loading } from '../../ui/Standing';
import { Words } from '../../ui/Words';
import { words } from '../../words/words';
import { StoreForm } from './StoreForm';

const FRESH = 'new';

/** Registering a gauge, or changing one: what it is, how far it can be doubted, until when it is calibrated. */
export function GaugeForm({ gaugeId }: { gaugeId: string }) {
  const gauges = useGauges();
  if (gauges.error) return <Failed error={gauges.error} onRetry={() => void gauges.refetch()} />;
  if (!gauges.data) return <Loading />;
  const gauge = gauges.data.find(({ id }) => id === gaugeId) ?? null;
  if (!gauge && gaugeId !== FRESH) return <Failed error={new Error('There is no such gauge.')} />;
  return <Form key={gauge ? `${gauge.id} ${gauge.version}` : FRESH} gauge={gauge} />;
}

function Form({ gauge }: { gauge: GaugeInStore | null }) {
  const save = useSaveGauge();
  const [fresh] = useState<Gauge>(() => ({
    id: uuid(),
    name: '',
    kind: 'thickness-gauge',
    ...defaultsOf('thickness-gauge'),
    calibrationDueOn: null,
    feedSerial: null,
    retired: false,
  }));
  const form = useForm<Gauge>({
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
      over="Stores · gauges"
      title={gauge ? gauge.name : 'Register a gauge'}
      save={save}
      onSave={() => void send()}
    >
      <Section>
        <FormLine control={control} name="name" label="Name on the bench" maxLength={40} />
        <Controller
          control={control}
          name="kind"
          render={({ field }) => (
            <Choice
              label="Kind"
              options={GAUGE_KINDS.map((value) => ({ value, says: words.gaugeKind[value] }))}
              chosen={[field.value]}
              onChoose={(kind) => {
                field.onChange(kind);
                if (!gauge) form.reset({ ...form.getValues(), kind, ...defaultsOf(kind) });
              }}
            />
          )}
        />
      </Section>
      <Section label="How far it can be doubted">
        <FormNumber
          key={`r ${resolutionMm}`}
          control={control}
          name="resolutionMm"
          label="Smallest step it shows, mm"
        />
        <FormNumber
          key={`u ${kind}`}
          control={control}
          name="uncertaintyMm"
          label="Expanded uncertainty U (k = 2), mm"
          hint="From its certificate. Without one the usual value of its kind is assumed, from memory."
        />
        <FormTick control={control} name="uncertaintyAssumed" label="Assumed, not by certificate" />
        <FormChoice
          control={control}
          name="anvils"
          label="Anvils"
          options={[
            { value: 'point', says: 'Point: sits inside the track' },
            { value: 'flat', says: 'Flat jaws: bridge a ridge' },
          ]}
        />
      </Section>
      <Section label="Calibration and feed">
        <FormLine
          control={control}
          name="calibrationDueOn"
          orNone
          label="Calibrated through, year-month-day"
          placeholder="2027-03-31"
          hint="Past this day, or without one, it may condemn a part and not pass it."
        />
        <FormLine
          control={control}
          name="feedSerial"
          orNone
          label="Name on the gauge feed"
          placeholder="none"
          autoCapitalize="characters"
        />
        <FormTick control={control} name="retired" label="Retired: begins no sitting" />
        {gauge ? (
          <Words ink="soft">{`${gauge.uses.toLocaleString('en')} readings taken with it. Old readings keep the gauge as it stood then.`}</Words>
        ) : null}
      </Section>
    </StoreForm>
  );
}

function defaultsOf(kind: Gauge['kind']) {
  const { resolutionMm, uncertaintyMm, anvils } = GAUGE_DEFAULTS[kind];
  return { resolutionMm, uncertaintyMm, uncertaintyAssumed: true, anvils };
}

function plain({ version: _version, uses: _uses, ...gauge }: GaugeInStore): Gauge {
  return gauge;
}
