import type { End, Part } from '@hold-fast/core/ends';
import { usedPartOf } from '@hold-fast/core/job/partOff';
import type { Job } from '@hold-fast/core/job/job';
import { GOES, type Goes } from '@hold-fast/core/kit/usedPart';
import { Choice } from '../../../ui/Choice';
import { Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { faultWords } from '../../../words/faultWords';
import { jobWords } from '../../../words/job';
import { partWords } from '../../../words/partWords';

/** Where the part goes that comes off; the shelf takes only what came off alive, with its reading. */
export function OldPart({
  job,
  end,
  part,
  goes,
  onGoes,
}: {
  job: Job;
  end: End;
  part: Part;
  goes: Goes;
  onGoes: (goes: Goes) => void;
}) {
  const asUsed = usedPartOf(job, end, part);
  const kept = typeof asUsed !== 'string';
  return (
    <Section label={jobWords.fitPart.theOldOne}>
      <Choice
        label={jobWords.fitPart.theOldOne}
        options={GOES.filter((each) => kept || each !== 'shelf').map((value) => ({
          value,
          says: partWords.goes[value],
        }))}
        chosen={[goes]}
        onChoose={onGoes}
      />
      {kept ? null : <Words kind="small">{faultWords.fault[`goes ${asUsed}`] as string}</Words>}
    </Section>
  );
}
