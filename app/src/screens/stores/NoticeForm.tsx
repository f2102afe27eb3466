import { noticeFrom, type NoticeInForm, type NoticeKept } from '@hold-fast/contract/notices';
import { zodResolver } from '@hookform/resolvers/zod';
import { isNarrower } from '@hold-fast/core/notice/notice';
import { router } from 'expo-router';
import { useWatch, type Control, type Resolver } from 'react-hook-form';
import { v7 as uuid } from 'uuid';
import { useBikesMet, useNotices } from '../../data/counterQueries';
import { useSheets } from '../../data/queries';
import { useSaveNotice } from '../../data/writes';
import { FormChoice, FormLine, FormTick } from '../../ui/FormLine';
import { Section } from '../../ui/Page';
import { Row } from '../../ui/Row';
import { Failed, Loading } from '../../ui/Standing';
import { Words } from '../../ui/Words';
import { exactDay } from '../../words/days';
import { storeFormWords } from '../../words/storeForms';
import { StoreForm } from './StoreForm';
import { useKeptForm } from '../useKeptForm';
import { atBike } from '../routes';

/** A maker's recall or bulletin, written down or looked up with the bikes it meets. */
export function NoticeForm({ noticeId }: { noticeId: string }) {
  const notices = useNotices();
  if (notices.error) return <Failed error={notices.error} onRetry={() => void notices.refetch()} />;
  if (!notices.data) return <Loading />;
  const notice = notices.data.find(({ id }) => id === noticeId) ?? null;
  if (noticeId !== 'new' && !notice)
    return <Failed error={new Error(storeFormWords.notice.thereIsNoSuch)} />;
  return <Form key={notice?.version ?? 0} notice={notice} />;
}

function Form({ notice }: { notice: NoticeKept | null }) {
  const save = useSaveNotice();
  const sheets = useSheets();
  const { control, handleSubmit } = useKeptForm<NoticeInForm>(`notice ${notice?.id}`, {
    defaultValues: notice ? asWritten(notice) : blank(),
    resolver: zodResolver(noticeFrom(notice)) as unknown as Resolver<NoticeInForm>,
  });
  const send = handleSubmit(({ because, ...written }) =>
    save.mutate(
      { notice: written, because, version: notice?.version ?? null },
      { onSuccess: ({ id }) => router.navigate(`/stores/notices/${id}`) },
    ),
  );
  return (
    <StoreForm
      over={storeFormWords.notice.over}
      title={notice?.title ?? storeFormWords.notice.aNewNotice}
      save={save}
      onSave={() => void send()}
    >
      <Section label={storeFormWords.notice.whatItSays}>
        <FormLine
          control={control}
          name="title"
          label={storeFormWords.notice.title}
          maxLength={120}
        />
        <FormLine
          control={control}
          name="words"
          label={storeFormWords.notice.whatIsToBeDone}
          maxLength={1000}
        />
        <FormLine
          control={control}
          name="source"
          label={storeFormWords.notice.whoIssuedIt}
          maxLength={160}
        />
        <FormTick control={control} name="doNotRide" label={storeFormWords.notice.doNotRide} />
      </Section>
      <Section label={storeFormWords.notice.whomItMeets}>
        <Words kind="small">{storeFormWords.notice.allHaveToFit}</Words>
        <FormLine control={control} name="maker" label={storeFormWords.notice.maker} />
        <FormLine control={control} name="serialFrom" label={storeFormWords.notice.serialFrom} />
        <FormLine control={control} name="serialTo" label={storeFormWords.notice.serialTo} />
        <FormLine control={control} name="lot" label={storeFormWords.notice.lot} />
        <Words kind="label">{storeFormWords.notice.sheet}</Words>
        <FormChoice
          control={control}
          name="sheetId"
          label={storeFormWords.notice.sheet}
          options={[
            { value: null, says: storeFormWords.notice.anySheet },
            ...(sheets.data ?? []).map(({ sheetId, body }) => ({
              value: sheetId,
              says: body.title,
            })),
          ]}
        />
        {notice ? <WhyFewer notice={notice} control={control} /> : null}
      </Section>
      {notice ? (
        <>
          <Section label={storeFormWords.notice.withdrawn}>
            <FormTick control={control} name="withdrawn" label={storeFormWords.notice.withdrawn} />
            <FormLine
              control={control}
              name="withdrawnBecause"
              label={storeFormWords.notice.why}
              maxLength={300}
            />
          </Section>
          <BikesMet noticeId={notice.id} />
        </>
      ) : null}
    </StoreForm>
  );
}

/** What a change to it owes where it lets go of somebody or lets them ride, and what the last such change said. */
function WhyFewer({
  notice,
  control,
}: {
  notice: NoticeKept;
  control: Control<NoticeInForm, unknown, NoticeInForm>;
}) {
  const says = storeFormWords.notice;
  const { narrowed } = notice;
  const fewer = isNarrower(notice, useWatch({ control }) as NoticeInForm);
  return (
    <>
      {narrowed ? (
        <Words kind="small">
          {says.narrowed(narrowed.by, exactDay(narrowed.at), narrowed.because)}
        </Words>
      ) : null}
      {fewer ? (
        <>
          <Words>{says.fewer}</Words>
          <FormLine control={control} name="because" label={says.whyFewer} maxLength={300} />
        </>
      ) : null}
    </>
  );
}

/** The bikes it meets, with whom to ring. */
function BikesMet({ noticeId }: { noticeId: string }) {
  const met = useBikesMet(noticeId);
  if (met.error) return <Failed error={met.error} onRetry={() => void met.refetch()} />;
  if (!met.data) return <Loading />;
  return (
    <Section label={storeFormWords.notice.bikesItMeets(met.data.length)}>
      {met.data.length === 0 ? (
        <Words ink="soft">{storeFormWords.notice.none}</Words>
      ) : (
        met.data.map((bike) => (
          <Row
            key={bike.bikeId}
            title={bike.bikeName}
            says={[bike.customerName, bike.phone, bike.maker, bike.serial]
              .filter(Boolean)
              .join(' · ')}
            onPress={() => router.navigate(atBike(bike.bikeId))}
          />
        ))
      )}
    </Section>
  );
}

const asWritten = ({
  version: _version,
  writtenAt: _at,
  writtenBy: _by,
  narrowed: _narrowed,
  ...notice
}: NoticeKept): NoticeInForm => ({ ...notice, because: '' });

const blank = (): NoticeInForm => ({
  id: uuid(),
  title: '',
  words: '',
  source: '',
  // Where nobody says otherwise, the bike is not ridden until somebody looked.
  doNotRide: true,
  maker: '',
  serialFrom: '',
  serialTo: '',
  sheetId: null,
  lot: '',
  withdrawn: false,
  withdrawnBecause: '',
  because: '',
});
