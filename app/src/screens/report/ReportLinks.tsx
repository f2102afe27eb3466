import type { ReportLink } from '@hold-fast/contract/report';
import { useState } from 'react';
import { View } from 'react-native';
import { useReportLinks } from '../../data/queries';
import { useMakeLink, useWithdrawLink } from '../../data/writes';
import { Button } from '../../ui/Button';
import { Note } from '../../ui/Note';
import { Section } from '../../ui/Page';
import { Words } from '../../ui/Words';
import { exactDay } from '../../words/days';
import { reportWords } from '../../words/report';
import { addressOf } from './address';

const ON_SCREEN_ONLY = { dataSet: { screen: '' } };

/** The addresses that show this report to whoever has them: one is made by a touch, and withdrawn by another. */
export function ReportLinks({ recordId }: { recordId: string }) {
  const links = useReportLinks(recordId);
  const make = useMakeLink(recordId);
  const withdraw = useWithdrawLink(recordId);
  const open = (links.data ?? []).filter(({ withdrawn }) => withdrawn === null);
  const gone = (links.data ?? []).filter(({ withdrawn }) => withdrawn !== null);
  const error = make.error ?? withdraw.error;
  return (
    <View {...ON_SCREEN_ONLY}>
      <Section label={reportWords.address}>
        {error ? <Note kind="refusal" title={error.message} /> : null}
        {open.map((link) => (
          <OpenLink key={link.id} link={link} onWithdraw={() => withdraw.mutate(link.id)} />
        ))}
        {links.data && open.length === 0 ? (
          <>
            <Words ink="soft">{reportWords.noAddress}</Words>
            <Button
              kind="plain"
              says={reportWords.makeAddress}
              busy={make.isPending}
              onPress={() => make.mutate()}
            />
          </>
        ) : null}
        {gone.map(({ id, withdrawn }) => (
          <Words key={id} kind="small">
            {reportWords.withdrawn(withdrawn!.by, exactDay(withdrawn!.at))}
          </Words>
        ))}
      </Section>
    </View>
  );
}

function OpenLink({ link, onWithdraw }: { link: ReportLink; onWithdraw: () => void }) {
  const [copied, setCopied] = useState(false);
  const address = addressOf(link.token);
  const copy = () =>
    void navigator.clipboard.writeText(address).then(
      () => setCopied(true),
      () => setCopied(false),
    );
  return (
    <>
      <Words selectable testID="report-address">
        {address}
      </Words>
      <Words kind="small">{reportWords.made(link.madeBy, exactDay(link.madeAt))}</Words>
      <Button kind="quiet" says={copied ? reportWords.copied : reportWords.copy} onPress={copy} />
      <Button kind="quiet" says={reportWords.withdraw} onPress={onWithdraw} />
    </>
  );
}
