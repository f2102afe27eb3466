import type { End, Part } from '@hold-fast/core/ends';
import { usedPartOf } from '@hold-fast/core/job/partOff';
import type { Job } from '@hold-fast/core/job/job';
import { GOES } from '@hold-fast/core/kit/usedPart';
import type { Control } from 'react-hook-form';
import { FormChoice } from '../../../ui/FormLine';
import { Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { faultWords } from '../../../words/faultWords';
import { jobWords } from '../../../words/job';
import { partWords } from '../../../words/partWords';
import type { WrittenPart } from './writtenPart';

/** Where the part goes that comes off; the shelf takes only what came off alive, with its reading. */
export function OldPart({
  job,
  end,
  part,
  control,
}: {
  job: Job;
  end: End;
  part: Part;
  control: Control<WrittenPart>;
}) {
  const asUsed = usedPartOf(job, end, part);
  const kept = typeof asUsed !== 'string';
  return (
    <Section label={jobWords.fitPart.theOldOne}>
      <FormChoice
        control={control}
        name="goes"
        label={jobWords.fitPart.theOldOne}
        options={GOES.filter((each) => kept || each !== 'shelf').map((value) => ({
          value,
          says: partWords.goes[value],
        }))}
      />
      {kept ? null : <Words kind="small">{faultWords.fault[`goes ${asUsed}`] as string}</Words>}
    </Section>
  );
}
