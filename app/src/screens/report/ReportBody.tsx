import type { Report } from '@hold-fast/contract/report';
import { useMemo } from 'react';
import { useWindowDimensions, View } from 'react-native';
import { WearRule } from '../../instruments/WearRule';
import { Note } from '../../ui/Note';
import { Section } from '../../ui/Page';
import { size, space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { exactDay } from '../../words/days';
import { reportWords } from '../../words/report';
import { sectionsOf } from './sections';

/** A customer’s report as it is read on a screen and printed by the browser. */
export function ReportBody({ report }: { report: Report }) {
  const sections = useMemo(() => sectionsOf(report), [report]);
  const width = Math.min(size.figure, useWindowDimensions().width - 2 * space.l);
  return (
    <>
      <Section>
        {report.shop ? <Words kind="label">{report.shop}</Words> : null}
        <Words kind="strong">{report.customerName}</Words>
        <Words ink="soft">{reportWords.by(report.sealedBy, exactDay(report.sealedAt))}</Words>
        {report.amendments.map(({ id, words: said }) => (
          <Note key={id} kind="caution" title={said} />
        ))}
      </Section>
      {sections.map(({ label, warning, lines, wears }) => (
        <Section key={label} label={label}>
          {warning ? <Note kind="refusal" title={warning} /> : null}
          {lines.map((line, i) => (
            <Words key={i}>{line}</Words>
          ))}
          {wears.map(({ says, wear }, i) => (
            <View key={i}>
              <Words>{says}</Words>
              <WearRule {...wear} width={width} />
            </View>
          ))}
        </Section>
      ))}
      <Section>
        <Words kind="small" selectable>
          {reportWords.seal(report.number, report.seal)}
        </Words>
      </Section>
    </>
  );
}
