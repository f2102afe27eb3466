import { PISTON_LUBRICANTS } from '@hold-fast/core/kit/pistonLubricant';
import { PLAIN_VALUES } from '@hold-fast/core/sheet/sheet';
import { SpecSheetBody, type SheetHistoryRow } from '@hold-fast/contract/sheets';
import { FAMILIES, gradesOf, usualOf } from '@hold-fast/core/fluid/families';
import { COMPOUNDS } from '@hold-fast/core/kit/compound';
import type { Origin, Tag } from '@hold-fast/core/source';
import { askedOf, FASTENER_IDS } from '@hold-fast/core/torque/fasteners';
import { THREAD_TREATMENTS } from '@hold-fast/core/torque/thread';
import { zodResolver } from '@hookform/resolvers/zod';
import { router } from 'expo-router';
import { useState } from 'react';
import {
  Controller,
  useFieldArray,
  useForm,
  useWatch,
  type Control,
  type FieldPath,
  type Resolver,
} from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { v7 as uuid } from 'uuid';
import { ProblemError } from '../../data/api';
import { useSheetHistory } from '../../data/queries';
import { faultsOf, useSaveSheet } from '../../data/writes';
import { Button, Buttons } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { FormChoice, FormLine, FormNumber, FormTick } from '../../ui/FormLine';
import { Columns } from '../../ui/Columns';
import { Note } from '../../ui/Note';
import { Page, Section } from '../../ui/Page';
import { Failed, Loading } from '../../ui/Standing';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { partWords } from '../../words/partWords';
import { words } from '../../words/words';
import { capital } from '../../words/capital';
import { storeFormWords } from '../../words/storeForms';

type Body = SpecSheetBody;
type Plain = (typeof PLAIN_VALUES)[number];

const EMPTY: Body = SpecSheetBody.parse({
  title: storeFormWords.sheetForm.untitled,
  source: storeFormWords.sheetForm.theShopsOwnValues,
  brake: { actuation: 'hydraulic', pistons: 2, mount: 'post' },
  rotor: { hold: 'six-bolt', construction: 'one-piece', newMm: null, limit: null },
  pads: { newTotalMm: null, plateMm: null, plateAssumed: true },
  torque: [],
  fluid: null,
});

/** Editing a sheet makes a new revision; a duplicate begins a sheet of its own. */
export function SheetForm({ sheetId, from }: { sheetId: string | null; from: string | null }) {
  const source = useSheetHistory(sheetId ?? from ?? '');
  if (source.error) return <Failed error={source.error} onRetry={() => void source.refetch()} />;
  if ((sheetId ?? from) && !source.data) return <Loading />;
  return <Form base={source.data?.[0] ?? null} editing={sheetId !== null} />;
}

function Form({ base, editing }: { base: SheetHistoryRow | null; editing: boolean }) {
  const [sheetId] = useState(() => (editing && base ? base.sheetId : uuid()));
  const [baseId] = useState(editing && base ? base.id : null);
  const [note, setNote] = useState('');
  const save = useSaveSheet();
  const body = base?.body ?? EMPTY;
  const form = useForm<Body>({
    defaultValues:
      editing || !base ? body : { ...body, title: storeFormWords.sheetForm.copy(body.title) },
    // What has a usual value may be left out of a sheet that comes in; the form always holds it.
    resolver: zodResolver(SpecSheetBody) as unknown as Resolver<Body>,
  });
  const { control } = form;
  const torque = useFieldArray({ control, name: 'torque' });
  const [actuation, hose, limit, fluid] = useWatch({
    control,
    name: ['brake.actuation', 'hose', 'rotor.limit', 'fluid'],
  });
  const grades: readonly string[] = fluid ? gradesOf(fluid.fluid.family) : [];
  const cable = actuation === 'cable';
  const send = form.handleSubmit((written) =>
    save.mutate(
      { sheetId, baseId, body: written, note },
      { onSuccess: () => router.navigate(`/stores/sheets/${sheetId}` as '/stores') },
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
        <Note kind="refusal" title={save.error.message}>
          {problem?.kind === 'version-conflict'
            ? storeFormWords.sheetForm.somebodyRevisedItInThe
            : faults.map(([path, message]) => `${path}: ${message}`).join(' ') || undefined}
        </Note>
      ) : null}
      {Object.keys(form.formState.errors).length > 0 ? (
        <Note kind="refusal">{storeFormWords.sheetForm.somethingBelowCannotBeRight}</Note>
      ) : null}
      <Columns>
        <Section label={storeFormWords.sheetForm.whichBrake}>
          <FormLine
            control={control}
            name="title"
            label={storeFormWords.sheetForm.title}
            maxLength={80}
          />
          <FormLine
            control={control}
            name="source"
            label={storeFormWords.sheetForm.makersSheetAndItsRevision}
            maxLength={120}
            hint={storeFormWords.sheetForm.everyValueComesFromIt}
          />
          <FormChoice
            control={control}
            name="brake.actuation"
            label={storeFormWords.sheetForm.actuation}
            options={(['hydraulic', 'cable', 'cable-pulled-hydraulic'] as const).map((value) => ({
              value,
              says: words.actuation[value],
            }))}
          />
          <FormChoice
            control={control}
            name="brake.mount"
            label={storeFormWords.sheetForm.mount}
            options={(['post', 'flat', 'is'] as const).map((value) => ({
              value,
              says: words.mount[value],
            }))}
          />
          <FormChoice
            control={control}
            name="brake.pistons"
            label={storeFormWords.sheetForm.pistons}
            options={[1, 2, 4, 6].map((value) => ({ value, says: String(value) }))}
          />
          {cable ? (
            <FormChoice
              control={control}
              name="brake.sides"
              label={storeFormWords.sheetForm.pushesFrom}
              options={[
                { value: 'one-sided', says: storeFormWords.sheetForm.oneSide },
                { value: 'two-sided', says: storeFormWords.sheetForm.bothSides },
                { value: null, says: storeFormWords.sheetForm.notKnown },
              ]}
            />
          ) : (
            <>
              <FormLine
                control={control}
                name="brake.port"
                label={storeFormWords.sheetForm.bleedPorts}
                maxLength={60}
              />
              <FormChoice
                control={control}
                name="brake.pistonLubricant"
                label={storeFormWords.sheetForm.onThePistons}
                options={[
                  ...PISTON_LUBRICANTS.map((value) => ({
                    value,
                    says: storeFormWords.sheetForm.pistonsLubricant(partWords.lubricant[value]),
                  })),
                  { value: null, says: storeFormWords.sheetForm.pistonsTheSheetIsSilent },
                ]}
              />
            </>
          )}
        </Section>
        <Section label={storeFormWords.sheetForm.rotor}>
          <FormChoice
            control={control}
            name="rotor.hold"
            label={storeFormWords.sheetForm.heldBy}
            options={[
              { value: 'six-bolt', says: storeFormWords.sheetForm.sixBolts },
              { value: 'lockring', says: storeFormWords.sheetForm.splinedLockring },
            ]}
          />
          <FormChoice
            control={control}
            name="rotor.construction"
            label={storeFormWords.sheetForm.construction}
            options={[
              { value: 'one-piece', says: storeFormWords.sheetForm.onePiece },
              { value: 'two-piece', says: storeFormWords.sheetForm.twoPieces },
            ]}
          />
          <Value
            control={control}
            name="rotor.newMm"
            label={storeFormWords.sheetForm.thicknessWhenNewMm}
          />
          <Value control={control} name="rotor.sizeMm" label={storeFormWords.sheetForm.sizeMm} />
          <FormTick
            control={control}
            name="rotor.organicOnly"
            label={storeFormWords.sheetForm.markedForOrganicPadsOnly}
          />
          <Choice
            label={storeFormWords.sheetForm.rotorLimitKnown}
            many
            options={[{ value: true, says: storeFormWords.sheetForm.theSheetGivesALimit }]}
            chosen={limit ? [true] : []}
            onChoose={() =>
              form.setValue(
                'rotor.limit',
                limit ? null : { limitMm: 1.5, atLimitIsWorn: null, origin: 'sheet', tag: null },
              )
            }
          />
          {limit ? (
            <>
              <FormNumber
                control={control}
                name="rotor.limit.limitMm"
                label={storeFormWords.sheetForm.rotorLimitMm}
              />
              <FormChoice
                control={control}
                name="rotor.limit.atLimitIsWorn"
                label={storeFormWords.sheetForm.howTheMakerWordsIt}
                options={[
                  { value: true, says: storeFormWords.sheetForm.replaceAtItOrLess },
                  { value: false, says: storeFormWords.sheetForm.replaceBelowIt },
                  { value: null, says: storeFormWords.sheetForm.notSaidAtItIs },
                ]}
              />
              <OriginOf
                control={control}
                name="rotor.limit"
                label={storeFormWords.sheetForm.whereTheLimitComesFrom}
              />
            </>
          ) : null}
        </Section>
        <Section label={storeFormWords.sheetForm.pads}>
          <FormLine
            control={control}
            name="pads.shape"
            label={storeFormWords.sheetForm.shape}
            maxLength={40}
          />
          <Value
            control={control}
            name="pads.newTotalMm"
            label={storeFormWords.sheetForm.padAndPlateWhenNew}
          />
          <Value
            control={control}
            name="pads.plateMm"
            label={storeFormWords.sheetForm.backingPlateMm}
          />
          <FormTick
            control={control}
            name="pads.plateAssumed"
            label={storeFormWords.sheetForm.thePlateIsAssumedNot}
          />
          <Controller
            control={control}
            name="pads.compounds"
            render={({ field }) => (
              <Choice
                label={storeFormWords.sheetForm.compoundsItComesIn}
                many
                options={COMPOUNDS.filter((value) => value !== 'unknown').map((value) => ({
                  value,
                  says: words.compound[value],
                }))}
                chosen={field.value}
                onChoose={(value) =>
                  field.onChange(
                    field.value.includes(value)
                      ? field.value.filter((each) => each !== value)
                      : [...field.value, value],
                  )
                }
              />
            )}
          />
          <FormTick
            control={control}
            name="pads.finned"
            label={storeFormWords.sheetForm.finnedHandedLeftAndRight}
          />
        </Section>
        {cable ? null : (
          <>
            <Section label={storeFormWords.sheetForm.leverForTheSpongeTest}>
              <Value
                control={control}
                name="lever.ratio"
                label={storeFormWords.sheetForm.bladeTravelPerPistonTravel}
              />
              <Value
                control={control}
                name="lever.boreMm"
                label={storeFormWords.sheetForm.masterCylinderBoreMm}
              />
              <Value
                control={control}
                name="lever.ownGiveMl"
                label={storeFormWords.sheetForm.aSoundBrakesOwnGive}
              />
              <Words kind="small">{storeFormWords.sheetForm.withoutItsOwnGiveThe}</Words>
            </Section>
            <Section label={storeFormWords.sheetForm.hose}>
              <Choice
                label={storeFormWords.sheetForm.hoseKnown}
                many
                options={[{ value: true, says: storeFormWords.sheetForm.theSheetSaysWhichHose }]}
                chosen={hose ? [true] : []}
                onChoose={() =>
                  form.setValue(
                    'hose',
                    hose ? null : { boreMm: null, barb: '', olive: '', kitMl: null },
                  )
                }
              />
              {hose ? (
                <>
                  <Value
                    control={control}
                    name="hose.boreMm"
                    label={storeFormWords.sheetForm.boreMm}
                  />
                  <FormLine
                    control={control}
                    name="hose.barb"
                    label={storeFormWords.sheetForm.barb}
                    maxLength={40}
                  />
                  <FormLine
                    control={control}
                    name="hose.olive"
                    label={storeFormWords.sheetForm.olive}
                    maxLength={40}
                  />
                  <Value
                    control={control}
                    name="hose.kitMl"
                    label={storeFormWords.sheetForm.caliperAndLeverHoldMl}
                  />
                </>
              ) : null}
            </Section>
            <Section label={storeFormWords.sheetForm.fluid}>
              <Choice
                label={storeFormWords.sheetForm.fluidFamily}
                options={[
                  { value: 'none', says: storeFormWords.sheetForm.notAsked },
                  ...FAMILIES.map((value) => ({ value, says: capital(words.family[value]) })),
                ]}
                chosen={[fluid?.fluid.family ?? 'none']}
                onChoose={(family) =>
                  form.setValue(
                    'fluid',
                    family === 'none'
                      ? null
                      : {
                          fluid: usualOf(family),
                          alsoNamedBlends: [],
                          origin: 'sheet',
                          tag: null,
                        },
                  )
                }
              />
              {grades.length > 1 ? (
                <FormChoice
                  control={control}
                  name="fluid.fluid.grade"
                  label={storeFormWords.sheetForm.grade}
                  options={grades.map((value) => ({ value, says: value }))}
                />
              ) : (
                grades.map((grade) => <Words key={grade}>{grade}</Words>)
              )}
              {fluid && grades.length === 0 ? (
                <FormLine
                  control={control}
                  name="fluid.fluid.blend"
                  label={storeFormWords.sheetForm.blendByItsName}
                  maxLength={60}
                  hint={storeFormWords.sheetForm.everyMakersMineralFluidIs}
                />
              ) : null}
              {fluid ? (
                <OriginOf
                  control={control}
                  name="fluid"
                  label={storeFormWords.sheetForm.whereTheFluidComesFrom}
                />
              ) : null}
            </Section>
          </>
        )}
        <Section label={storeFormWords.sheetForm.torque}>
          {torque.fields.map((row, i) => (
            <View key={row.id} style={styles.row}>
              <Words kind="strong">{capital(words.fastener[row.fastener])}</Words>
              <View style={styles.numbers}>
                <View style={styles.number}>
                  <FormLine
                    control={control}
                    name={`torque.${i}.drive`}
                    label={storeFormWords.sheetForm.drive}
                    maxLength={40}
                  />
                </View>
                <View style={styles.number}>
                  <FormNumber
                    control={control}
                    name={`torque.${i}.boltCount`}
                    label={storeFormWords.sheetForm.howMany}
                  />
                </View>
              </View>
              <View style={styles.numbers}>
                <View style={styles.number}>
                  <FormNumber
                    control={control}
                    name={`torque.${i}.window.loNm`}
                    label={storeFormWords.sheetForm.fromNM}
                  />
                </View>
                <View style={styles.number}>
                  <FormNumber
                    control={control}
                    name={`torque.${i}.window.hiNm`}
                    label={storeFormWords.sheetForm.toNM}
                  />
                </View>
                <View style={styles.number}>
                  <FormNumber
                    control={control}
                    name={`torque.${i}.window.namedNm`}
                    label={storeFormWords.sheetForm.orOneValueNM}
                  />
                </View>
              </View>
              <FormChoice
                control={control}
                name={`torque.${i}.thread`}
                label={storeFormWords.sheetForm.onTheThread}
                options={THREAD_TREATMENTS.map((value) => ({ value, says: words.thread[value] }))}
              />
              <OriginOf
                control={control}
                name={`torque.${i}.window`}
                label={storeFormWords.sheetForm.whereTheTorqueComesFrom}
              />
              <Button
                kind="quiet"
                says={storeFormWords.sheetForm.takeThisRowOut}
                onPress={() => torque.remove(i)}
              />
            </View>
          ))}
          <Words kind="small">{storeFormWords.sheetForm.addATorqueBeginningWith}</Words>
          <Choice
            label={storeFormWords.sheetForm.addATorque}
            options={FASTENER_IDS.filter(
              (id) => askedOf(id, []) && !torque.fields.some(({ fastener }) => fastener === id),
            ).map((value) => ({ value, says: capital(words.fastener[value]) }))}
            chosen={[]}
            onChoose={(fastener) => torque.append(askedOf(fastener, [])!)}
          />
        </Section>
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

/** A plain value with where it comes from. */
function Value({ control, name, label }: { control: Control<Body>; name: Plain; label: string }) {
  return (
    <View style={styles.value}>
      <FormNumber control={control} name={name} label={label} />
      <Controller
        control={control}
        name="origins"
        render={({ field }) => (
          <Choice
            label={storeFormWords.sheetForm.whereItComesFrom(label)}
            options={ORIGINS}
            chosen={[keyOf(field.value[name] ?? null)]}
            onChoose={(key) => {
              const { [name]: _, ...rest } = field.value;
              const from = ofKey(key);
              field.onChange(from ? { ...rest, [name]: from } : rest);
            }}
          />
        )}
      />
    </View>
  );
}

/** Where a limit, a fluid or a torque comes from. */
function OriginOf({
  control,
  name,
  label,
}: {
  control: Control<Body>;
  name: FieldPath<Body>;
  label: string;
}) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field }) => {
        const held = field.value as unknown as { origin: Origin; tag: Tag | null };
        return (
          <Choice
            label={label}
            options={ORIGINS}
            chosen={[keyOf(held)]}
            onChoose={(key) =>
              field.onChange({ ...held, ...(ofKey(key) ?? { origin: 'sheet', tag: null }) })
            }
          />
        );
      }}
    />
  );
}

const ORIGINS = [
  { value: 'sheet', says: storeFormWords.sheetForm.makersSheet },
  { value: 'shop P', says: storeFormWords.sheetForm.commonPractice },
  { value: 'shop M', says: storeFormWords.sheetForm.fromMemory },
  { value: 'shop D', says: storeFormWords.sheetForm.ourChoice },
] as const;
type OriginKey = (typeof ORIGINS)[number]['value'];

function keyOf(from: { origin: Origin; tag: Tag | null } | null): OriginKey {
  if (from === null || from.origin === 'sheet') return 'sheet';
  return from.tag === 'M' ? 'shop M' : from.tag === 'D' ? 'shop D' : 'shop P';
}

function ofKey(key: OriginKey): { origin: Origin; tag: Tag | null } | null {
  return key === 'sheet' ? null : { origin: 'shop', tag: key.slice(-1) as Tag };
}

const styles = StyleSheet.create({
  row: { gap: space.s, paddingBottom: space.l },
  numbers: { flexDirection: 'row', gap: space.s },
  number: { flex: 1, minWidth: 0 },
  value: { gap: space.xs, paddingBottom: space.s },
});
