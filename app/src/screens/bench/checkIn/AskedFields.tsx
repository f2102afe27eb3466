import { CAME_ALONG } from '@hold-fast/core/job/job';
import { useFormContext } from 'react-hook-form';
import { FormChoice, FormLine, FormMany } from '../../../ui/FormLine';
import { Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { capital } from '../../../words/capital';
import { checkInWords } from '../../../words/checkIn';
import { words } from '../../../words/words';
import type { VisitForm } from './visitForm';

/** A visit of the bike that it may come back from. */
export interface EarlierVisit {
  id: string;
  tag: number;
  complaint: string;
  /** Missing where what the device keeps is of before it was told. */
  odometerKm?: number | null;
}

/** So many earlier visits are offered: a bike that comes back comes back soon. */
const OFFERED = 4;

const says = checkInWords.visitFields;

/** What is asked at the counter besides: what came along, what is damaged, and what the customer wants. */
export function AskedFields({ earlier }: { earlier: readonly EarlierVisit[] }) {
  const { control } = useFormContext<VisitForm>();
  return (
    <>
      {earlier.length > 0 ? (
        <Section label={says.comesBack}>
          <FormChoice
            control={control}
            name="comebackOf"
            label={says.comesBack}
            options={[
              { value: null, says: says.itDoesNot },
              ...earlier.slice(0, OFFERED).map(({ id, tag, complaint }) => ({
                value: id,
                says: says.visit(tag, complaint),
              })),
            ]}
          />
        </Section>
      ) : null}
      <Section label={says.besides}>
        <Words kind="label">{says.cameAlong}</Words>
        <FormMany
          control={control}
          name="cameAlong"
          label={says.cameAlong}
          options={CAME_ALONG.map((value) => ({ value, says: capital(words.cameAlong[value]) }))}
        />
        <FormLine control={control} name="damage" label={says.damageThere} maxLength={500} />
        <Words kind="label">{says.mayRide}</Words>
        <FormChoice control={control} name="mayRide" label={says.mayRide} options={YES_NO} />
        <Words kind="label">{says.oldParts}</Words>
        <FormChoice control={control} name="oldPartsBack" label={says.oldParts} options={YES_NO} />
        <FormLine
          control={control}
          name="ringAbove"
          label={says.ringAbove}
          hint={says.ringAboveHint}
          inputMode="decimal"
        />
      </Section>
    </>
  );
}

const YES_NO = [
  { value: true, says: says.yes },
  { value: false, says: says.no },
  { value: null, says: says.notAskedYet },
];
