import type { Job } from '@hold-fast/core/job/job';
import { toldOf, type ToldOf } from '@hold-fast/core/job/told';
import { mountMaterial } from '@hold-fast/core/kit/brakes';
import { zodResolver } from '@hookform/resolvers/zod';
import { z } from 'zod';
import { useTake } from '../../../data/jobWrites';
import { Button } from '../../../ui/Button';
import { FormChoice, FormLine } from '../../../ui/FormLine';
import { Note } from '../../../ui/Note';
import { Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { provingWords } from '../../../words/proving';
import { needed } from '../../needed';
import { useKeptForm } from '../../useKeptForm';

const says = provingWords.tellDeviation;

const Written = z.object({
  words: needed(says.writeTheAnswer),
  allows: z.boolean(says.sayWhetherItAllows),
  photoId: z.string().nullable(),
});
type Written = z.infer<typeof Written>;

const saying = (allows: boolean) => (allows ? says.itAllows : says.itDoesNot);

/** What the maker wrote back about a deviation: awaited, then kept with the picture of the letter. */
export function MakerAnswer({ job, asked }: { job: Job; asked: ToldOf<'deviation'> }) {
  const { end, id } = asked;
  const { control, handleSubmit, reset } = useKeptForm<Written>(`maker ${id}`, {
    resolver: zodResolver(Written),
    defaultValues: { words: '', allows: null, photoId: null },
  });
  const { take, refused } = useTake<'maker-answer'>(job);
  const answers = toldOf(job, 'maker-answer', end).filter(({ deviationId }) => deviationId === id);
  const photos = job.photos.filter((photo) => photo.end === end);
  const record = handleSubmit((written) => {
    if (take({ kind: 'maker-answer', end, deviationId: id, ...written }, null)) reset();
  });
  return (
    <Section label={says.makerAnswered}>
      {refused ? <Note kind="refusal">{refused}</Note> : null}
      {answers.map((each) => (
        <Words key={each.id}>{says.answered(saying(each.allows), each.words, each.by)}</Words>
      ))}
      {mountMaterial(job.bike, end) === 'carbon' ? (
        <Words kind="small">{says.carbonNeedsIt}</Words>
      ) : null}
      <FormLine control={control} name="words" label={says.theAnswer} maxLength={500} />
      <FormChoice
        control={control}
        name="allows"
        label={says.makerAnswered}
        options={[true, false].map((value) => ({ value, says: saying(value) }))}
      />
      {photos.length > 0 ? (
        <>
          <Words kind="label">{says.attachTheLetter}</Words>
          <FormChoice
            control={control}
            name="photoId"
            label={says.attachTheLetter}
            options={[
              ...photos.map((photo, i) => ({
                value: photo.id as string | null,
                says: says.picture(i + 1),
              })),
              { value: null, says: says.noPicture },
            ]}
          />
        </>
      ) : null}
      <Button kind="plain" says={says.recordTheAnswer} onPress={() => void record()} />
    </Section>
  );
}
