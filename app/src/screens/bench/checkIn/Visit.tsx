import type { FoundBike } from '@hold-fast/contract/bikes';
import { zodResolver } from '@hookform/resolvers/zod';
import { router } from 'expo-router';
import { useState } from 'react';
import { FormProvider, useForm, type Resolver } from 'react-hook-form';
import { ProblemError } from '../../../data/api';
import { useBike } from '../../../data/counterQueries';
import { useCheckIn } from '../../../data/jobWrites';
import { faultsOf } from '../../../data/writes';
import { Button } from '../../../ui/Button';
import { focusFault } from '../../../ui/focusFault';
import { FormLine } from '../../../ui/FormLine';
import { Page, Section } from '../../../ui/Page';
import { Refusal } from '../../../ui/Refusal';
import { Words } from '../../../ui/Words';
import { checkInWords } from '../../../words/checkIn';
import { shopNow } from '../../../shopClock';
import { BikeBrakes, BikeNamed, BikeUse } from '../../bikes/BikeFields';
import { NoticeNotes } from '../job/NoticeNotes';
import { blankWritten, type Draft, type Drafts } from './drafts';
import { madeOf } from './newBike';
import { TheirBikes } from './TheirBikes';
import { useKept } from './useKept';
import { VisitFields } from './VisitFields';
import { promisedOf, promiseTimes, visitOf } from './visitForm';
import { WrittenVisit, WrittenWithBike } from './written';
import { atJob } from '../../routes';

const says = checkInWords.checkIn;

type Form = Draft['written'];

/** What the rider says of a bike, and the bike itself where nobody knows it yet. */
export function Visit({
  draft,
  drafts,
  onBike,
  onOther,
}: {
  draft: Draft;
  drafts: Drafts;
  /** It turns out to be another bike. */
  onBike: (draft: Draft) => void;
  onOther: () => void;
}) {
  const { known, fresh, made } = draft;
  const [promised] = useState(() => promiseTimes(shopNow()));
  const form = useForm<Form>({
    resolver: zodResolver(fresh ? WrittenWithBike : WrittenVisit) as unknown as Resolver<Form>,
    // The first field that is wrong is the uppermost, whenever it came onto the page.
    shouldFocusError: false,
    defaultValues: {
      // What this version of the app asks besides, where an older one kept the draft.
      ...blankWritten(''),
      ...draft.written,
      promisedAt: promisedOf(draft.written.promisedAt, promised),
    },
  });
  useKept(draft, drafts, form);
  const checkIn = useCheckIn();
  const page = useBike(fresh ? null : known!.bikeId).data;

  /** Who and what came in: written out where nobody knows it yet. */
  const brought = (written: Form) => {
    if (known && !fresh) return { customer: known.customerId, bike: known.bikeId };
    if (!known) return madeOf(written, made);
    const { bike } = madeOf(written, { ...made, customer: known.customerId });
    return { customer: known.customerId, bike };
  };
  const submit = form.handleSubmit(
    (written) =>
      checkIn.mutate(
        { ...visitOf(written), ...brought(written) },
        {
          onSuccess: (job) => {
            drafts.letGo(draft);
            router.replace(atJob(job.id));
          },
        },
      ),
    focusFault,
  );
  const take = (bike: FoundBike, isNew: boolean) =>
    // It comes back from no visit of the other one.
    onBike({
      ...draft,
      known: bike,
      fresh: isNew,
      written: { ...form.getValues(), customerName: bike.customerName, comebackOf: null },
    });
  const titleOfNew = known ? says.newBikeOf(known.customerName) : says.newCustomer;
  return (
    <Page
      over={says.checkIn}
      title={fresh ? titleOfNew : known!.bikeName}
      foot={
        <>
          <Button says={says.checkItIn} onPress={() => void submit()} busy={checkIn.isPending} />
          <Button kind="plain" says={says.anotherBike} onPress={onOther} />
        </>
      }
    >
      {checkIn.error ? <NotTaken error={checkIn.error} /> : null}
      <FormProvider {...form}>
        {fresh ? (
          <>
            {known ? null : (
              <Section>
                <FormLine control={form.control} name="customerName" label={says.customer} />
                <FormLine
                  control={form.control}
                  name="phone"
                  label={says.phone}
                  inputMode="tel"
                  orNone
                />
              </Section>
            )}
            <TheirBikes
              onChosen={(bike) => take(bike, false)}
              onAnother={known ? null : (bike) => take(bike, true)}
            />
            <Section label={says.bike}>
              <BikeNamed />
            </Section>
          </>
        ) : (
          <Section>
            <Words ink="soft">
              {[known!.customerName, known!.maker, known!.serial].filter(Boolean).join(' · ')}
            </Words>
            <Button
              kind="quiet"
              says={says.anotherBikeOf(known!.customerName)}
              onPress={() => take(known!, true)}
            />
          </Section>
        )}
        {page ? <NoticeNotes notices={page.notices} bike={page.bike} /> : null}
        <VisitFields promised={promised} earlier={page?.jobs ?? []} />
        {fresh ? (
          <>
            <BikeUse />
            <BikeBrakes />
          </>
        ) : null}
      </FormProvider>
    </Page>
  );
}

/** Why a bike was not taken in; of one that is here already, with the way to its job. */
function NotTaken({ error }: { error: Error }) {
  const here = error instanceof ProblemError && error.kind === 'bike-here';
  return (
    <Refusal of={error} title={error.message}>
      {Object.entries(faultsOf(error)).map(([path, message]) => (
        <Words key={path}>{`${path}: ${message}`}</Words>
      ))}
      {here ? (
        <Button
          kind="quiet"
          says={says.toItsJob}
          onPress={() => router.replace(atJob(String(error.problem.facts?.jobId)))}
        />
      ) : null}
    </Refusal>
  );
}
