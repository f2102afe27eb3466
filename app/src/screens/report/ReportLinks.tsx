import { View } from 'react-native';
import { useReportLinks } from '../../data/counterQueries';
import { useMakeLink, useWithdrawLink } from '../../data/writes';
import { Section } from '../../ui/Page';
import { reportWords } from '../../words/report';
import { Addresses } from '../Addresses';
import { addressOf } from './address';

const ON_SCREEN_ONLY = { dataSet: { screen: '' } };

/** The addresses that show this report to whoever has them. */
export function ReportLinks({ recordId }: { recordId: string }) {
  const links = useReportLinks(recordId);
  const make = useMakeLink(recordId);
  const withdraw = useWithdrawLink(recordId);
  if (!links.data) return null;
  return (
    <View {...ON_SCREEN_ONLY}>
      <Section label={reportWords.address}>
        <Addresses
          addresses={links.data}
          whole={({ token }) => addressOf(token)}
          none={reportWords.noAddress}
          making={make.isPending}
          error={make.error ?? withdraw.error}
          onMake={() => make.mutate()}
          onWithdraw={(id) => withdraw.mutate(id)}
        />
      </Section>
    </View>
  );
}
