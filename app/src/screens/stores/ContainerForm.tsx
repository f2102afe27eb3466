import { Container, type ContainerInStore } from '@hold-fast/contract/stores';
import { CONDITIONS } from '@hold-fast/core/fluid/container';
import { zodResolver } from '@hookform/resolvers/zod';
import { router } from 'expo-router';
import { useState } from 'react';
import { Controller, useWatch, type Control, type Resolver } from 'react-hook-form';
import { v7 as uuid } from 'uuid';
import { useFills } from '../../data/counterQueries';
import { useContainers } from '../../data/queries';
import { useSaveContainer } from '../../data/writes';
import { FormChoice, FormLine, FormNumber, FormTick } from '../../ui/FormLine';
import { Note } from '../../ui/Note';
import { Section } from '../../ui/Page';
import { Row } from '../../ui/Row';
import { Failed, Loading } from '../../ui/Standing';
import { Words } from '../../ui/Words';
import { Wrong } from '../../ui/Wrong';
import { exactDay } from '../../words/days';
import { words } from '../../words/words';
import { FluidChoice } from './FluidChoice';
import { StoreForm } from './StoreForm';
import { storeFormWords } from '../../words/storeForms';
import { useKeptForm, type Begun } from '../useKeptForm';
import { atBike } from '../routes';

const FRESH = 'new';

/** A container of fluid: which fluid and lot, how long it keeps, how it looks, written off or not. */
export function ContainerForm({ containerId }: { containerId: string }) {
  const containers = useContainers();
  if (containers.error)
    return <Failed error={containers.error} onRetry={() => void containers.refetch()} />;
  if (!containers.data) return <Loading />;
  const container = containers.data.find(({ id }) => id === containerId) ?? null;
  if (!container && containerId !== FRESH)
    return <Failed error={new Error(storeFormWords.containerForm.thereIsNoSuchContainer)} />;
  return (
    <Form key={container ? `${container.id} ${container.version}` : FRESH} container={container} />
  );
}

function Form({ container }: { container: ContainerInStore | null }) {
  const save = useSaveContainer();
  // What is in it is said: whether it may go into a brake is judged by that.
  const [fresh] = useState<Begun<Container>>(() => ({
    id: uuid(),
    label: '',
    lot: '',
    sizeMl: null,
    openedOn: null,
    printedUseBy: null,
    monthsAfterOpening: null,
    writtenOff: false,
    writtenOffReason: '',
    wrongFluid: false,
  }));
  const { control, handleSubmit } = useKeptForm<Container>(`container ${container?.id}`, {
    defaultValues: container ? plain(container) : fresh,
    resolver: zodResolver(Container) as unknown as Resolver<Container>,
  });
  const send = handleSubmit((written) =>
    save.mutate(
      { container: written, version: container?.version ?? null },
      { onSuccess: () => router.navigate('/stores') },
    ),
  );
  const wrong = useWatch({ control, name: 'wrongFluid' });
  return (
    <StoreForm
      over={storeFormWords.containerForm.storesFluid}
      title={container ? container.label : storeFormWords.containerForm.aNewContainer}
      save={save}
      onSave={() => void send()}
    >
      <Section>
        <FormLine
          control={control}
          name="label"
          label={storeFormWords.containerForm.nameOnTheShelf}
          maxLength={40}
        />
        <WhichFluid control={control} />
        <FormLine
          control={control}
          name="lot"
          label={storeFormWords.containerForm.lot}
          maxLength={40}
        />
        <FormNumber
          control={control}
          name="sizeMl"
          wrong={storeFormWords.storeForm.aNumberAboveZero}
          label={storeFormWords.containerForm.sizeMl}
        />
      </Section>
      <Section label={storeFormWords.containerForm.howLongItKeeps}>
        <FormLine
          control={control}
          name="openedOn"
          orNone
          label={storeFormWords.containerForm.openedOnYearMonthDay}
          placeholder={words.field.sealed}
          hint={storeFormWords.containerForm.setByItselfWhenThe}
        />
        <FormLine
          control={control}
          name="printedUseBy"
          orNone
          label={storeFormWords.containerForm.printedUseByYearMonth}
          placeholder={words.field.none}
        />
        <FormNumber
          control={control}
          name="monthsAfterOpening"
          label={storeFormWords.containerForm.monthsAfterOpening}
          hint={storeFormWords.containerForm.empty3ForGlycol24}
        />
      </Section>
      <Section label={storeFormWords.containerForm.howItLooks}>
        <FormChoice
          control={control}
          name="condition"
          wrong={storeFormWords.containerForm.sayHowItLooks}
          label={storeFormWords.containerForm.howItLooks}
          options={CONDITIONS.map((value) => ({ value, says: LOOKS[value] }))}
        />
        <FormTick
          control={control}
          name="writtenOff"
          label={storeFormWords.containerForm.writtenOff}
        />
        <FormTick
          control={control}
          name="wrongFluid"
          label={storeFormWords.containerForm.itHeldAnotherFluidThan}
        />
        {wrong && !container?.wrongFluid ? (
          <Note kind="refusal" title={storeFormWords.containerForm.everyBrakeItWentInto}>
            {storeFormWords.containerForm.savingHangsADoNot}
          </Note>
        ) : null}
        <FormLine
          control={control}
          name="writtenOffReason"
          label={storeFormWords.containerForm.why}
          maxLength={200}
        />
        {container ? (
          <Words ink="soft">
            {storeFormWords.containerForm.mlRemain(
              container.remainingMl,
              words.family[container.fluid.family],
            )}
          </Words>
        ) : null}
      </Section>
      {container ? <WentInto container={container} /> : null}
    </StoreForm>
  );
}

/** What is in it, by family and grade; of a mineral fluid by its blend too. */
function WhichFluid({ control }: { control: Control<Container> }) {
  // Of a new container nobody has said yet.
  const fluid = useWatch({ control, name: 'fluid' }) as Container['fluid'] | undefined;
  return (
    <>
      <Controller
        control={control}
        name="fluid"
        render={({ field, fieldState }) => (
          <>
            <FluidChoice
              ref={field.ref}
              label={storeFormWords.containerForm.fluid}
              fluid={fluid}
              onChoose={field.onChange}
            />
            {!fluid && fieldState.error ? (
              <Wrong says={storeFormWords.containerForm.sayWhichFluid} />
            ) : null}
          </>
        )}
      />
      {fluid && 'blend' in fluid ? (
        <FormLine
          control={control}
          name="fluid.blend"
          label={storeFormWords.containerForm.blendAsItsMakerNames}
          maxLength={60}
        />
      ) : null}
    </>
  );
}

/** The bikes that got fluid of a container, and whose they are. */
function WentInto({ container }: { container: ContainerInStore }) {
  const fills = useFills(container.id);
  return (
    <Section label={storeFormWords.containerForm.wentInto}>
      {fills.error ? <Failed error={fills.error} onRetry={() => void fills.refetch()} /> : null}
      {fills.data?.length === 0 ? (
        <Words ink="soft">{storeFormWords.containerForm.noBrakeYet}</Words>
      ) : null}
      {fills.data?.map(({ id, at, end, ml, tag, bikeId, bikeName, customerName }) => (
        <Row
          key={id}
          title={`${bikeName}, ${words.end[end]}`}
          says={storeFormWords.containerForm.job(customerName, tag, exactDay(at))}
          aside={<Words kind="smallReading">{storeFormWords.containerForm.ml(ml)}</Words>}
          onPress={() => router.navigate(atBike(bikeId))}
        />
      ))}
    </Section>
  );
}

const LOOKS = {
  clear: storeFormWords.containerForm.clear,
  cloudy: storeFormWords.containerForm.cloudy,
  dark: storeFormWords.containerForm.dark,
  bits: storeFormWords.containerForm.bitsInIt,
} as const;

function plain({ version: _version, remainingMl: _ml, ...container }: ContainerInStore): Container {
  return container;
}
