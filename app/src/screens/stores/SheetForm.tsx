import { SpecSheetBody, type SheetHistoryRow } from '@hold-fast/contract/sheets';
import { adapted } from '@hold-fast/core/sheet/adapted';
import { zodResolver } from '@hookform/resolvers/zod';
import { router } from 'expo-router';
import { useState } from 'react';
import { useWatch, type Resolver } from 'react-hook-form';
import { ProblemError } from '../../data/api';
import { useSheetHistory } from '../../data/counterQueries';
import { faultsOf, useSaveSheet } from '../../data/writes';
import { Button, Buttons } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Columns } from '../../ui/Columns';
import { Note } from '../../ui/Note';
import { Refusal } from '../../ui/Refusal';
import { Page, Section } from '../../ui/Page';
import { Failed, Loading } from '../../ui/Standing';
import { storeFormWords } from '../../words/storeForms';
import { BrakeFields } from './sheet/BrakeFields';
import { FluidFields } from './sheet/FluidFields';
import { HoseFields } from './sheet/HoseFields';
import { LeverFields } from './sheet/LeverFields';
import { PadFields } from './sheet/PadFields';
import { RotorFields } from './sheet/RotorFields';
import { TorqueRows } from './sheet/TorqueRows';
import { useKeptForm } from '../useKeptForm';

type Body = SpecSheetBody;

/** A sheet that says nothing yet: what it is called and where its values come from is for whoever writes it to say. */
const EMPTY: Body = {
  ...SpecSheetBody.parse({
    title: '-',
    source: '-',
    brake: { actuation: 'hydraulic', pistons: 2, mount: 'post' },
    rotor: { hold: 'six-bolt', construction: 'one-piece', newMm: null, limit: null },
    pads: { newTotalMm: null, plateMm: null, plateAssumed: true },
    torque: [],
    fluid: null,
  }),
  title: '',
  source: '',
};

/** Editing a sheet makes a new revision; a duplicate begins a sheet of its own. */
export function SheetForm({ sheetId, from }: { sheetId: string | null; from: string | null }) {
  const source = useSheetHistory(sheetId ?? from ?? '');
  if (source.error) return <Failed error={source.error} onRetry={() => void source.refetch()} />;
  if ((sheetId ?? from) && !source.data) return <Loading />;
  return <Form base={source.data?.[0] ?? null} editing={sheetId !== null} />;
}

function Form({ base, editing }: { base: SheetHistoryRow | null; editing: boolean }) {
  const [baseId] = useState(editing && base ? base.id : null);
  const [note, setNote] = useState('');
  const save = useSaveSheet();
  const body = base?.body ?? EMPTY;
  const form = useKeptForm<Body>(`sheet ${editing} ${base?.id}`, {
    defaultValues:
      editing || !base
        ? body
        : { ...adapted(body), title: storeFormWords.sheetForm.copy(body.title) },
    // What has a usual value may be left out of a sheet that comes in; the form always holds it.
    resolver: zodResolver(SpecSheetBody) as unknown as Resolver<Body>,
  });
  const { control, sentAs } = form;
  const sheetId = editing && base ? base.sheetId : sentAs;
  const cable = useWatch({ control, name: 'brake.actuation' }) === 'cable';
  const send = form.handleSubmit((written) =>
    save.mutate(
      { sheetId, baseId, body: written, note },
      { onSuccess: () => router.navigate(`/stores/sheets/${sheetId}`) },
    ),
  );
  const problem = save.error instanceof ProblemError ? save.error : null;
  const faults = Object.entries(faultsOf(save.error));
  return (
    <Page
      over={storeFormWords.sheetForm.storesSpecSheets}
      title={
        editing
          ? storeFormWords.sheetForm.editTheSheet
          : base
            ? storeFormWords.sheetForm.duplicateAndAdapt
            : storeFormWords.sheetForm.newSheet
      }
      foot={
        <Buttons>
          <Button
            kind="plain"
            says={storeFormWords.sheetForm.leaveIt}
            onPress={() => router.back()}
          />
          <Button
            grow
            says={
              editing
                ? storeFormWords.sheetForm.saveAsANewRevision
                : storeFormWords.sheetForm.saveTheSheet
            }
            onPress={() => void send()}
            busy={save.isPending}
          />
        </Buttons>
      }
    >
      {save.error ? (
        <Refusal of={save.error} title={save.error.message}>
          {problem?.kind === 'version-conflict'
            ? storeFormWords.sheetForm.somebodyRevisedItInThe
            : faults.map(([path, message]) => `${path}: ${message}`).join(' ') || undefined}
        </Refusal>
      ) : null}
      {Object.keys(form.formState.errors).length > 0 ? (
        <Note kind="refusal">{storeFormWords.sheetForm.somethingBelowCannotBeRight}</Note>
      ) : null}
      {base && !editing ? (
        <Note kind="caution">{storeFormWords.sheetForm.begunFromAnother}</Note>
      ) : null}
      <Columns>
        <BrakeFields {...form} />
        <RotorFields {...form} />
        <PadFields {...form} />
        {cable ? null : (
          <>
            <LeverFields {...form} />
            <HoseFields {...form} />
            <FluidFields {...form} />
          </>
        )}
        <TorqueRows {...form} />
        <Section>
          <Field
            label={storeFormWords.sheetForm.whatChangedAndWhy}
            value={note}
            onChangeText={setNote}
            maxLength={200}
          />
        </Section>
      </Columns>
    </Page>
  );
}
