import type { Report } from '@hold-fast/contract/report';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { reportWords } from '../../words/report';
import { saveFile } from '../saveFile';
import { sectionsOf } from './sections';

/** Makes the report into a file for paper; what makes it is loaded only now. */
export function PaperButton({ report }: { report: Report }) {
  const [state, setState] = useState<'ready' | 'making' | 'failed'>('ready');
  const make = async () => {
    setState('making');
    try {
      const { paperOf } = await import('./paper');
      saveFile(
        `report-${report.number}.pdf`,
        'application/pdf',
        await paperOf(report, sectionsOf(report)),
      );
      setState('ready');
    } catch {
      setState('failed');
    }
  };
  return (
    <Button
      kind="plain"
      says={state === 'failed' ? reportWords.paperAgain : reportWords.paper}
      busy={state === 'making'}
      onPress={() => void make()}
    />
  );
}
