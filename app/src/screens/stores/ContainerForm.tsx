import { Container, type ContainerInStore } from '@hold-fast/contract/stores';
import { CONDITIONS } from '@hold-fast/core/fluid/container';
import { GLYCOL_GRADES } from '@hold-fast/core/fluid/families';
import { zodResolver } from '@hookform/resolvers/zod';
import { router } from 'expo-router';
import { useState } from 'react';
import { Controller, useForm, useWatch, type Resolver } from 'react-hook-form';
import { v7 as uuid } from 'uuid';
import { useContainers, useFills } from '../../data/queries';
import { useSaveContainer } from '../../data/writes';
import { Choice } from '../../ui/Choice';
import { FormChoice, FormLine, FormNumber, FormTick } from '../../ui/FormLine';
import { Note } from '../../ui/Note';
import { Section } from '../../ui/Page';
import { Row } from '../../ui/Row';
import { Failed, Loading } from '../../ui/Standing';
import { Words } from '../../ui/Words';
import { exactDay } from '../../words/days';
import { words } from '../../words/words';
import { StoreForm } from './StoreForm';

const FRESH = 'new';

/** A container of fluid: which fluid and lot, how long it keeps, how it looks, written off or not. */
export function ContainerForm({ containerId }: { containerId: string }) {
  const containers = useContainers();
  if (containers.error)
    return <Failed error={containers.error} onRetry={() => void containers.refetch()} />;
  if (!containers.data) return <Loading />;
  const container = containers.data.find(({ id }) => id === containerId) ?? null;
  if (!container && containerId !== FRESH)
    return <Failed error={new Error('There is no such container.')} />;
  return (
    <Form key={container ? `${container.id} ${container.version}` : FRESH} container={container} />
  );
}

function Form({ container }: { container: ContainerInStore | null }) {
  const save = useSaveContainer();
  const [fresh] = useState<Container>(() => ({
    id: uuid(),
    label: '',
    fluid: { family: 'mineral', blend: '' },
    lot: '',
    sizeMl: 500,
    openedOn: null,
    printedUseBy: null,
    monthsAfterOpening: null,
    condition: 'clear',
    writtenOff: false,
    writtenOffReason: '',
    wrongFluid: false,
  }));
  const { control, handleSubmit } = useForm<Container>({
    defaultValues: container ? plain(container) : fresh,
    resolver: zodResolver(Container) as unknown as Resolver<Container>,
  });
  const send = handleSubmit((written) =>
    save.mutate(
      { container: written, version: container?.version ?? null },
      { onSuccess: () => router.navigate('/stores') },
    ),
  );
  const fluid = useWatch({ control, name: 'fluid' });
  const wrong = useWatch({ control, name: 'wrongFluid' });
  return (
    <StoreForm
      over="Stores · fluid"
      title={container ? container.label : 'A new container'}
      save={save}
      onSave={() => void send()}
    >
      <Section>
        <FormLine control={control} name="label" label="Name on the shelf" maxLength={40} />
        <Controller
          control={control}
          name="fluid"
          render={({ field }) => (
            <Choice
              label="Fluid"
              options={[
                { value: 'mineral', says: 'Mineral' },
                ...GLYCOL_GRADES.map((value) => ({ value, says: value })),
                { value: 'DOT 5', says: 'DOT 5 (silicone)' },
              ]}
              chosen={[field.value.family === 'mineral' ? 'mineral' : field.value.grade]}
              onChoose={(chosen) =>
                field.onChange(
                  chosen === 'mineral'
                    ? { family: 'mineral', blend: '' }
                    : { family: chosen === 'DOT 5' ? 'silicone' : 'glycol', grade: chosen },
                )
              }
            />
          )}
        />
        {fluid.family === 'mineral' ? (
          <FormLine
            control={control}
            name="fluid.blend"
            label="Blend, as its maker names it"
            maxLength={60}
          />
        ) : null}
        <FormLine control={control} name="lot" label="Lot" maxLength={40} />
        <FormNumber control={control} name="sizeMl" label="Size, mL" />
      </Section>
      <Section label="How long it keeps">
        <FormLine
          control={control}
          name="openedOn"
          orNone
          label="Opened on, year-month-day"
          placeholder="sealed"
          hint="Set by itself when the first fluid is booked off."
        />
        <FormLine
          control={control}
          name="printedUseBy"
          orNone
          label="Printed use-by, year-month-day"
          placeholder="none"
        />
        <FormNumber
          control={control}
          name="monthsAfterOpening"
          label="Months after opening"
          hint="Empty: 3 for glycol, 24 for the others, our choice."
        />
      </Section>
      <Section label="How it looks">
        <FormChoice
          control={control}
          name="condition"
          label="How it looks"
          options={CONDITIONS.map((value) => ({ value, says: LOOKS[value] }))}
        />
        <FormTick control={control} name="writtenOff" label="Written off" />
        <FormTick control={control} name="wrongFluid" label="It held another fluid than it says" />
        {wrong && !container?.wrongFluid ? (
          <Note kind="refusal" title="Every brake it went into is quarantined">
            Saving hangs a do-not-ride on each bike below, until its fluid was looked at again. Tick
            “Written off” as well, and ring the customers.
          </Note>
        ) : null}
        <FormLine control={control} name="writtenOffReason" label="Why" maxLength={200} />
        {container ? (
          <Words ink="soft">{`${container.remainingMl} mL remain, ${words.family[container.fluid.family]}.`}</Words>
        ) : null}
      </Section>
      {container ? <WentInto container={container} /> : null}
    </StoreForm>
  );
}

/** The bikes that got fluid of a container, and whose they are. */
function WentInto({ container }: { container: ContainerInStore }) {
  const fills = useFills(container.id);
  return (
    <Section label="Went into">
      {fills.error ? <Failed error={fills.error} onRetry={() => void fills.refetch()} /> : null}
      {fills.data?.length === 0 ? <Words ink="soft">No brake yet.</Words> : null}
      {fills.data?.map(({ id, at, end, ml, tag, bikeId, bikeName, customerName }) => (
        <Row
          key={id}
          title={`${bikeName}, ${words.end[end]}`}
          says={`${customerName} · job ${tag} · ${exactDay(at)}`}
          aside={<Words kind="smallReading">{`${ml} mL`}</Words>}
          onPress={() => router.navigate(`/bikes/${bikeId}`)}
        />
      ))}
    </Section>
  );
}

const LOOKS = { clear: 'Clear', cloudy: 'Cloudy', dark: 'Dark', bits: 'Bits in it' } as const;

function plain({ version: _version, remainingMl: _ml, ...container }: ContainerInStore): Container {
  return container;
}
