import type { Job } from '@hold-fast/core/job/job';
import { toldOf, type ToldOf } from '@hold-fast/core/job/told';
import { mountMaterial } from '@hold-fast/core/kit/brakes';
import { useState } from 'react';
import { useTake } from '../../../data/jobWrites';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { focusFault } from '../../../ui/focusFault';
import { Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { provingWords } from '../../../words/proving';

/** What the maker wrote back about a deviation: awaited, then kept with the picture of the letter. */
export function MakerAnswer({ job, asked }: { job: Job; asked: ToldOf<'deviation'> }) {
  const [answer, setAnswer] = useState('');
  const [allows, setAllows] = useState<boolean | null>(null);
  const [photoId, setPhotoId] = useState<string | null>(null);
  const [tried, setTried] = useState(false);
  const { take, refused } = useTake<'maker-answer'>(job);
  const { end, id } = asked;
  const answers = toldOf(job, 'maker-answer', end).filter(({ deviationId }) => deviationId === id);
  const photos = job.photos.filter((photo) => photo.end === end);
  const record = () => {
    setTried(true);
    focusFault();
    if (!answer.trim() || allows === null) return;
    const words = answer.trim();
    if (take({ kind: 'maker-answer', end, deviationId: id, allows, words, photoId }, null))
      setAnswer('');
  };
  const saying = (yes: boolean) =>
    yes ? provingWords.tellDeviation.itAllows : provingWords.tellDeviation.itDoesNot;
  return (
    <Section label={provingWords.tellDeviation.makerAnswered}>
      {answers.map((each) => (
        <Words key={each.id}>
          {provingWords.tellDeviation.answered(saying(each.allows), each.words, each.by)}
        </Words>
      ))}
      {mountMaterial(job.bike, end) === 'carbon' ? (
        <Words kind="small">{provingWords.tellDeviation.carbonNeedsIt}</Words>
      ) : null}
      <Field
        label={provingWords.tellDeviation.theAnswer}
        value={answer}
        maxLength={500}
        onChangeText={setAnswer}
        error={
          tried && !answer.trim()
            ? provingWords.tellDeviation.writeTheAnswer
            : (refused ?? undefined)
        }
      />
      <Choice
        label={provingWords.tellDeviation.makerAnswered}
        options={[true, false].map((value) => ({ value, says: saying(value) }))}
        chosen={allows === null ? [] : [allows]}
        onChoose={setAllows}
      />
      {photos.length > 0 ? (
        <>
          <Words kind="label">{provingWords.tellDeviation.attachTheLetter}</Words>
          <Choice
            label={provingWords.tellDeviation.attachTheLetter}
            options={[
              ...photos.map((photo, i) => ({
                value: photo.id as string | null,
                says: provingWords.tellDeviation.picture(i + 1),
              })),
              { value: null, says: provingWords.tellDeviation.noPicture },
            ]}
            chosen={[photoId]}
            onChoose={setPhotoId}
          />
        </>
      ) : null}
      <Button
        kind="plain"
        says={provingWords.tellDeviation.recordTheAnswer}
        onPress={record}
        disabled={allows === null}
      />
    </Section>
  );
}
