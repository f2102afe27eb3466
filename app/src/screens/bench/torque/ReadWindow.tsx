import type { ReadWindow as ReadTorque } from '@hold-fast/core/job/tightening';
import { canBeTorque, type FastenerId } from '@hold-fast/core/torque/fasteners';
import { zodResolver } from '@hookform/resolvers/zod';
import { useForm } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { z } from 'zod';
import { Button } from '../../../ui/Button';
import { FormChoice, FormLine } from '../../../ui/FormLine';
import { numberOf } from '../../../ui/numberOf';
import { space } from '../../../ui/tokens';
import { jobWords } from '../../../words/job';
import { verdictWords } from '../../../words/verdictWords';
import { needed } from '../../needed';

const says = jobWords.torque;

const nm = z
  .string()
  .transform(numberOf)
  .pipe(z.number(says.nMAboveZero).positive(says.nMAboveZero));

/** A window of a fastener as it is written, in N·m, with where it stood. */
const writtenOf = (fastener: FastenerId) =>
  z
    .object({
      loNm: nm,
      hiNm: nm,
      origin: z.enum(['stamped', 'sheet'], says.sayWhereItStands),
      source: needed(says.writeWhereItStandsIt),
    })
    .refine(({ loNm, hiNm }) => loNm <= hiNm, {
      path: ['hiNm'],
      error: verdictWords.inputError('window-upside-down'),
    })
    .superRefine((read, context) => {
      for (const field of ['loNm', 'hiNm'] as const)
        if (!canBeTorque(fastener, read[field]))
          context.addIssue({ code: 'custom', path: [field], message: 'slip' });
    });

type Written = z.input<ReturnType<typeof writtenOf>>;

/** A window read off the part or the maker’s sheet in hand, with where it stood. */
export function ReadWindow({
  fastener,
  onRead,
}: {
  fastener: FastenerId;
  onRead: (asked: ReadTorque) => void;
}) {
  const { control, handleSubmit } = useForm<Written, unknown, ReadTorque>({
    resolver: zodResolver(writtenOf(fastener)),
    defaultValues: { loNm: '', hiNm: '', source: '' },
  });
  return (
    <>
      <View style={styles.pair}>
        <View style={styles.half}>
          <FormLine control={control} name="loNm" label={says.fromNM} inputMode="decimal" />
        </View>
        <View style={styles.half}>
          <FormLine control={control} name="hiNm" label={says.toLabel} inputMode="decimal" />
        </View>
      </View>
      <FormChoice
        control={control}
        name="origin"
        label={says.whereItStands}
        options={[
          { value: 'sheet', says: says.makersSheet },
          { value: 'stamped', says: says.onThePart },
        ]}
      />
      <FormLine control={control} name="source" label={says.whichSheetOrWhereOn} maxLength={120} />
      <Button kind="plain" says={says.goByThis} onPress={() => void handleSubmit(onRead)()} />
    </>
  );
}

const styles = StyleSheet.create({
  pair: { flexDirection: 'row', gap: space.s },
  half: { flex: 1, minWidth: 0 },
});
