import { Wrench, type WrenchInStore } from '@hold-fast/contract/stores';
import { assumedTolerance, CALIBRATION_CYCLES, WRENCH_KINDS } from '@hold-fast/core/torque/wrench';
import { zodResolver } from '@hookform/resolvers/zod';
import { router } from 'expo-router';
import { useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { v7 as uuid } from 'uuid';
import { useWrenches } from '../../data/queries';
import { useSaveWrench } from '../../data/writes';
import { FormChoice, FormLine, FormNumber, FormTick } from '../../ui/FormLine';
import { Section } from '../../ui/Page';
import { Failed, Loading } from '../../ui/Standing';
import { Words } from '../../ui/Words';
import { words } from '../../words/words';
import { StoreForm } from './StoreForm';

const FRESH = 'new';

/** Registering a torque wrench, or changing one: its range, how far it may be off, until when that is certified. */
export function WrenchForm({ wrenchId }: { wrenchId: string }) {
  const wrenches = useWrenches();
  if (wrenches.error)
    return <Failed error={wrenches.error} onRetry={() => void wrenches.refetch()} />;
  if (!wrenches.data) return <Loading />;
  const wrench = wrenches.data.find(({ id }) => id === wrenchId) ?? null;
  if (!wrench && wrenchId !== FRESH)
    return <Failed error={new Error('There is no such wrench.')} />;
  return <Form key={wrench ? `${wrench.id} ${wrench.version}` : FRESH} wrench={wrench} />;
}

function Form({ wrench }: { wrench: WrenchInStore | null }) {
  const save = useSaveWrench();
  const [fresh] = useState<Wrench>(() => ({
    id: uuid(),
    name: '',
    kind: 'click',
    maxNm: 10,
    markNm: 0.1,
    tolerance: assumedTolerance(10),
    toleranceAssumed: true,
    calibrationDueOn: null,
    uses: 0,
    feedSerial: null,
    retired: false,
  }));
  const { control, handleSubmit } = useForm<Wrench>({
    defaultValues: wrench ? plain(wrench) : fresh,
    resolver: zodResolver(Wrench),
  });
  const send = handleSubmit((written) =>
    save.mutate(
      { wrench: written, version: wrench?.version ?? null },
      { onSuccess: () => router.navigate('/stores') },
    ),
  );
  const maxNm = useWatch({ control, name: 'maxNm' });
  return (
    <StoreForm
      over="Stores · torque wrenches"
      title={wrench ? wrench.name : 'Register a wrench'}
      save={save}
      onSave={() => void send()}
    >
      <Section>
        <FormLine control={control} name="name" label="Name on the bench" maxLength={40} />
        <FormChoice
          control={control}
          name="kind"
          label="Kind"
          options={WRENCH_KINDS.map((value) => ({ value, says: KIND[value] }))}
        />
      </Section>
      <Section label="Range">
        <FormNumber control={control} name="maxNm" label="Greatest torque, N·m" />
        <FormNumber control={control} name="markNm" label="Step between two marks, N·m" />
        <Words kind="small">
          Used from 20 to 100 % of its scale; settings are rounded inward to a mark.
        </Words>
      </Section>
      <Section label="How far it may be off">
        <FormNumber
          control={control}
          name="tolerance"
          unit={0.01}
          label="Tolerance, ± %"
          hint={`Without a certificate ${words.format.percent(assumedTolerance(maxNm > 0 ? maxNm : 10))} is assumed, from memory.`}
        />
        <FormTick control={control} name="toleranceAssumed" label="Assumed, not by certificate" />
      </Section>
      <Section label="Calibration and feed">
        <FormLine
          control={control}
          name="calibrationDueOn"
          orNone
          label="Calibrated through, year-month-day"
          placeholder="2027-03-31"
          hint="Past this day, or without one, nothing it sets is proven."
        />
        <FormNumber
          control={control}
          name="uses"
          label={`Clicks since calibration, of ${CALIBRATION_CYCLES.toLocaleString('en')}`}
          hint="A new calibration begins at 0."
        />
        <FormLine
          control={control}
          name="feedSerial"
          orNone
          label="Name on the gauge feed"
          placeholder="none"
          autoCapitalize="characters"
        />
        <FormTick control={control} name="retired" label="Retired: begins no tightening" />
      </Section>
    </StoreForm>
  );
}

const KIND = { click: 'Clicks at its setting', reading: 'Shows what it reached' } as const;

function plain({ version: _version, ...wrench }: WrenchInStore): Wrench {
  return wrench;
}
