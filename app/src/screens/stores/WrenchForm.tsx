import { Wrench, type WrenchInStore } from '@hold-fast/contract/stores';
import { assumedTolerance, CALIBRATION_CYCLES, WRENCH_KINDS } from '@hold-fast/core/torque/wrench';
import { zodResolver } from '@hookform/resolvers/zod';
import { router } from 'expo-router';
import { useState } from 'react';
import { useWatch } from 'react-hook-form';
import { v7 as uuid } from 'uuid';
import { useWrenches } from '../../data/queries';
import { useSaveWrench } from '../../data/writes';
import { FormChoice, FormLine, FormNumber, FormTick } from '../../ui/FormLine';
import { Section } from '../../ui/Page';
import { Failed, Loading } from '../../ui/Standing';
import { Words } from '../../ui/Words';
import { words } from '../../words/words';
import { StoreForm } from './StoreForm';
import { storeFormWords } from '../../words/storeForms';
import { useKeptForm, type Begun } from '../useKeptForm';

const FRESH = 'new';

/** Registering a torque wrench, or changing one: its range, how far it may be off, until when that is certified. */
export function WrenchForm({ wrenchId }: { wrenchId: string }) {
  const wrenches = useWrenches();
  if (wrenches.error)
    return <Failed error={wrenches.error} onRetry={() => void wrenches.refetch()} />;
  if (!wrenches.data) return <Loading />;
  const wrench = wrenches.data.find(({ id }) => id === wrenchId) ?? null;
  if (!wrench && wrenchId !== FRESH)
    return <Failed error={new Error(storeFormWords.wrenchForm.thereIsNoSuchWrench)} />;
  return <Form key={wrench ? `${wrench.id} ${wrench.version}` : FRESH} wrench={wrench} />;
}

function Form({ wrench }: { wrench: WrenchInStore | null }) {
  const save = useSaveWrench();
  // What stands on it is read off it: by its kind and its range is judged what it proves.
  const [fresh] = useState<Begun<Wrench>>(() => ({
    id: uuid(),
    name: '',
    maxNm: null,
    markNm: null,
    tolerance: assumedTolerance(10),
    toleranceAssumed: true,
    calibrationDueOn: null,
    uses: null,
    feedSerial: null,
    retired: false,
  }));
  const { control, handleSubmit } = useKeptForm<Wrench>(`wrench ${wrench?.id}`, {
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
      over={storeFormWords.wrenchForm.storesTorqueWrenches}
      title={wrench ? wrench.name : storeFormWords.wrenchForm.registerAWrench}
      save={save}
      onSave={() => void send()}
    >
      <Section>
        <FormLine
          control={control}
          name="name"
          label={storeFormWords.wrenchForm.nameOnTheBench}
          maxLength={40}
        />
        <FormChoice
          control={control}
          name="kind"
          label={storeFormWords.wrenchForm.kind}
          options={WRENCH_KINDS.map((value) => ({ value, says: KIND[value] }))}
          wrong={storeFormWords.wrenchForm.sayWhichKind}
        />
      </Section>
      <Section label={storeFormWords.wrenchForm.range}>
        <FormNumber
          control={control}
          name="maxNm"
          wrong={storeFormWords.storeForm.aNumberAboveZero}
          label={storeFormWords.wrenchForm.greatestTorqueNM}
        />
        <FormNumber
          control={control}
          name="markNm"
          wrong={storeFormWords.storeForm.aNumberAboveZero}
          label={storeFormWords.wrenchForm.stepBetweenTwoMarksN}
        />
        <Words kind="small">{storeFormWords.wrenchForm.usedFrom20To100}</Words>
      </Section>
      <Section label={storeFormWords.wrenchForm.howFarItMayBe}>
        <FormNumber
          control={control}
          name="tolerance"
          unit={0.01}
          label={storeFormWords.wrenchForm.tolerance}
          hint={storeFormWords.wrenchForm.withoutACertificateIsAssumed(
            words.format.percent(assumedTolerance(maxNm > 0 ? maxNm : 10)),
          )}
        />
        <FormTick
          control={control}
          name="toleranceAssumed"
          label={storeFormWords.wrenchForm.assumedNotByCertificate}
        />
      </Section>
      <Section label={storeFormWords.wrenchForm.calibrationAndFeed}>
        <FormLine
          control={control}
          name="calibrationDueOn"
          orNone
          label={storeFormWords.wrenchForm.calibratedThroughYearMonthDay}
          placeholder="2027-03-31"
          hint={storeFormWords.wrenchForm.pastThisDayOrWithout}
        />
        <FormNumber
          control={control}
          name="uses"
          label={storeFormWords.wrenchForm.clicksSinceCalibrationOf(
            words.format.count(CALIBRATION_CYCLES),
          )}
          hint={storeFormWords.wrenchForm.aNewCalibrationBeginsAt}
          wrong={storeFormWords.wrenchForm.sayHowManyClicks}
        />
        <FormLine
          control={control}
          name="feedSerial"
          orNone
          label={storeFormWords.wrenchForm.nameOnTheGaugeFeed}
          placeholder={words.field.none}
          autoCapitalize="characters"
        />
        <FormTick
          control={control}
          name="retired"
          label={storeFormWords.wrenchForm.retiredBeginsNoTightening}
        />
      </Section>
    </StoreForm>
  );
}

const KIND = {
  click: storeFormWords.wrenchForm.clicksAtItsSetting,
  reading: storeFormWords.wrenchForm.showsWhatItReached,
} as const;

function plain({ version: _version, ...wrench }: WrenchInStore): Wrench {
  return wrench;
}
