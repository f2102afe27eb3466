import { PLAIN_VALUES } from '@hold-fast/core/sheet/sheet';
import { SpecSheetBody, type SheetHistoryRow } from '@hold-fast/contract/sheets';
import { FAMILIES, GLYCOL_GRADES, type Family, type Fluid } from '@hold-fast/core/fluid/families';
import { COMPOUNDS } from '@hold-fast/core/kit/compound';
import type { Origin, Tag } from '@hold-fast/core/source';
import { PISTON_LUBRICANTS } from '@hold-fast/core/plan/schools';
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

type Body = SpecSheetBody;
type Plain = (typeof PLAIN_VALUES)[number];

const EMPTY: Body = SpecSheetBody.parse({
  title: 'Untitled',
  source: 'The shop’s own values',
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
    defaultValues: editing || !base ? body : { ...body, title: `${body.title}, copy` },
    // What has a usual value may be left out of a sheet that comes in; the form always holds it.
    resolver: zodResolver(SpecSheetBody) as unknown as Resolver<Body>,
  });
  const { control } = form;
  const torque = useFieldArray({ control, name: 'torque' });
  const [actuation, hose, limit, fluid] = useWatch({
    control,
    name: ['brake.actuation', 'hose', 'rotor.limit', 'fluid'],
  });
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
      over="Stores · spec sheets"
      title={editing ? 'Edit the sheet' : base ? 'Duplicate and adapt' : 'New sheet'}
      foot={
        <Buttons>
          <Button kind="plain" says="Leave it" onPress={() => router.back()} />
          <Button
            grow
            says={editing ? 'Save as a new revision' : 'Save the sheet'}
            onPress={() => void send()}
            busy={save.isPending}
          />
        </Buttons>
      }
    >
      {save.error ? (
        <Note kind="refusal" title={save.error.message}>
          {problem?.kind === 'version-conflict'
            ? 'Somebody revised it in the meantime. Nothing of yours was saved: open the new revision and edit that.'
            : faults.map(([path, message]) => `${path}: ${message}`).join(' ') || undefined}
        </Note>
      ) : null}
      {Object.keys(form.formState.errors).length > 0 ? (
        <Note kind="refusal">Something below cannot be right; it is marked.</Note>
      ) : null}
      <Columns>
        <Section label="Which brake">
          <FormLine control={control} name="title" label="Title" maxLength={80} />
          <FormLine
            control={control}
            name="source"
            label="Maker’s sheet and its revision"
            maxLength={120}
            hint="Every value comes from it unless it says otherwise."
          />
          <FormChoice
            control={control}
            name="brake.actuation"
            label="Actuation"
            options={(['hydraulic', 'cable', 'cable-pulled-hydraulic'] as const).map((value) => ({
              value,
              says: words.actuation[value],
            }))}
          />
          <FormChoice
            control={control}
            name="brake.mount"
            label="Mount"
            options={(['post', 'flat', 'is'] as const).map((value) => ({
              value,
              says: words.mount[value],
            }))}
          />
          <FormChoice
            control={control}
            name="brake.pistons"
            label="Pistons"
            options={[1, 2, 4, 6].map((value) => ({ value, says: String(value) }))}
          />
          {cable ? (
            <FormChoice
              control={control}
              name="brake.sides"
              label="Pushes from"
              options={[
                { value: 'one-sided', says: 'One side' },
                { value: 'two-sided', says: 'Both sides' },
                { value: null, says: 'Not known' },
              ]}
            />
          ) : (
            <>
              <FormLine control={control} name="brake.port" label="Bleed ports" maxLength={60} />
              <FormChoice
                control={control}
                name="brake.pistonLubricant"
                label="On the pistons"
                options={[
                  ...PISTON_LUBRICANTS.map((value) => ({
                    value,
                    says: `Pistons: ${partWords.lubricant[value]}`,
                  })),
                  { value: null, says: 'Pistons: the sheet is silent' },
                ]}
              />
            </>
          )}
        </Section>
        <Section label="Rotor">
          <FormChoice
            control={control}
            name="rotor.hold"
            label="Held by"
            options={[
              { value: 'six-bolt', says: 'Six bolts' },
              { value: 'lockring', says: 'Splined lockring' },
            ]}
          />
          <FormChoice
            control={control}
            name="rotor.construction"
            label="Construction"
            options={[
              { value: 'one-piece', says: 'One piece' },
              { value: 'two-piece', says: 'Two pieces' },
            ]}
          />
          <Value control={control} name="rotor.newMm" label="Thickness when new, mm" />
          <Value control={control} name="rotor.sizeMm" label="Size, mm" />
          <FormTick
            control={control}
            name="rotor.organicOnly"
            label="Marked for organic pads only"
          />
          <Choice
            label="Rotor limit known"
            many
            options={[{ value: true, says: 'The sheet gives a limit' }]}
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
              <FormNumber control={control} name="rotor.limit.limitMm" label="Rotor limit, mm" />
              <FormChoice
                control={control}
                name="rotor.limit.atLimitIsWorn"
                label="How the maker words it"
                options={[
                  { value: true, says: 'Replace at it or less' },
                  { value: false, says: 'Replace below it' },
                  { value: null, says: 'Not said: at it is worn' },
                ]}
              />
              <OriginOf control={control} name="rotor.limit" label="Where the limit comes from" />
            </>
          ) : null}
        </Section>
        <Section label="Pads">
          <FormLine control={control} name="pads.shape" label="Shape" maxLength={40} />
          <Value control={control} name="pads.newTotalMm" label="Pad and plate when new, mm" />
          <Value control={control} name="pads.plateMm" label="Backing plate, mm" />
          <FormTick
            control={control}
            name="pads.plateAssumed"
            label="The plate is assumed, not measured"
          />
          <Controller
            control={control}
            name="pads.compounds"
            render={({ field }) => (
              <Choice
                label="Compounds it comes in"
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
          <FormTick control={control} name="pads.finned" label="Finned, handed left and right" />
        </Section>
        {cable ? null : (
          <>
            <Section label="Lever, for the sponge test">
              <Value control={control} name="lever.ratio" label="Blade travel per piston travel" />
              <Value control={control} name="lever.boreMm" label="Master cylinder bore, mm" />
              <Value
                control={control}
                name="lever.ownGiveMl"
                label="A sound brake’s own give, mL"
              />
              <Words kind="small">
                Without its own give the test may condemn a lever and not pass it.
              </Words>
            </Section>
            <Section label="Hose">
              <Choice
                label="Hose known"
                many
                options={[{ value: true, says: 'The sheet says which hose' }]}
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
                  <Value control={control} name="hose.boreMm" label="Bore, mm" />
                  <FormLine control={control} name="hose.barb" label="Barb" maxLength={40} />
                  <FormLine control={control} name="hose.olive" label="Olive" maxLength={40} />
                  <Value control={control} name="hose.kitMl" label="Caliper and lever hold, mL" />
                </>
              ) : null}
            </Section>
            <Section label="Fluid">
              <Choice
                label="Fluid family"
                options={[
                  { value: 'none', says: 'Not asked' },
                  ...FAMILIES.map((value) => ({ value, says: capital(words.family[value]) })),
                ]}
                chosen={[fluid?.fluid.family ?? 'none']}
                onChoose={(family) =>
                  form.setValue(
                    'fluid',
                    family === 'none'
                      ? null
                      : {
                          fluid: FIRST_OF[family],
                          alsoNamedBlends: [],
                          origin: 'sheet',
                          tag: null,
                        },
                  )
                }
              />
              {fluid?.fluid.family === 'glycol' ? (
                <FormChoice
                  control={control}
                  name="fluid.fluid.grade"
                  label="Grade"
                  options={GLYCOL_GRADES.map((value) => ({ value, says: value }))}
                />
              ) : null}
              {fluid?.fluid.family === 'silicone' ? <Words>{fluid.fluid.grade}</Words> : null}
              {fluid?.fluid.family === 'mineral' ? (
                <FormLine
                  control={control}
                  name="fluid.fluid.blend"
                  label="Blend, by its name"
                  maxLength={60}
                  hint="Every maker’s mineral fluid is its own."
                />
              ) : null}
              {fluid ? (
                <OriginOf control={control} name="fluid" label="Where the fluid comes from" />
              ) : null}
            </Section>
          </>
        )}
        <Section label="Torque">
          {torque.fields.map((row, i) => (
            <View key={row.id} style={styles.row}>
              <Words kind="strong">{capital(words.fastener[row.fastener])}</Words>
              <View style={styles.numbers}>
                <View style={styles.number}>
                  <FormLine
                    control={control}
                    name={`torque.${i}.drive`}
                    label="Drive"
                    maxLength={40}
                  />
                </View>
                <View style={styles.number}>
                  <FormNumber control={control} name={`torque.${i}.boltCount`} label="How many" />
                </View>
              </View>
              <View style={styles.numbers}>
                <View style={styles.number}>
                  <FormNumber
                    control={control}
                    name={`torque.${i}.window.loNm`}
                    label="From, N·m"
                  />
                </View>
                <View style={styles.number}>
                  <FormNumber control={control} name={`torque.${i}.window.hiNm`} label="To, N·m" />
                </View>
                <View style={styles.number}>
                  <FormNumber
                    control={control}
                    name={`torque.${i}.window.namedNm`}
                    label="Or one value, N·m"
                  />
                </View>
              </View>
              <FormChoice
                control={control}
                name={`torque.${i}.thread`}
                label="On the thread"
                options={THREAD_TREATMENTS.map((value) => ({ value, says: words.thread[value] }))}
              />
              <OriginOf
                control={control}
                name={`torque.${i}.window`}
                label="Where the torque comes from"
              />
              <Button kind="quiet" says="Take this row out" onPress={() => torque.remove(i)} />
            </View>
          ))}
          <Words kind="small">Add a torque, beginning with what the trade usually asks:</Words>
          <Choice
            label="Add a torque"
            options={FASTENER_IDS.filter(
              (id) => askedOf(id, []) && !torque.fields.some(({ fastener }) => fastener === id),
            ).map((value) => ({ value, says: capital(words.fastener[value]) }))}
            chosen={[]}
            onChoose={(fastener) => torque.append(askedOf(fastener, [])!)}
          />
        </Section>
        <Section>
          <Field
            label="What changed, and why"
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
            label={`Where it comes from: ${label}`}
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

/** The fluid a family begins with in the form. */
const FIRST_OF: Record<Family, Fluid> = {
  glycol: { family: 'glycol', grade: 'DOT 4' },
  silicone: { family: 'silicone', grade: 'DOT 5' },
  mineral: { family: 'mineral', blend: '' },
};
const ORIGINS = [
  { value: 'sheet', says: 'Maker’s sheet' },
  { value: 'shop P', says: 'Common practice' },
  { value: 'shop M', says: 'From memory' },
  { value: 'shop D', says: 'Our choice' },
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
