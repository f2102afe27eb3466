import type { Job } from '@hold-fast/core/job/job';
import { USUAL_RULES } from '@hold-fast/core/rules/shopRules';
import { screen } from '@testing-library/react-native';
import { client, keys } from '../../../data/client';
import { exampleJob } from '../../../testing/exampleJob';
import { clearApp, showScreen, submit } from '../../../testing/showScreen';
import * as files from '../../saveFile';
import { BillSheet } from './BillSheet';

beforeEach(clearApp);

/** The example job, aligned at its front as it was agreed, with two sets of pads off the shelf. */
function aligned(): Job {
  const by = { at: '2026-11-25T09:00:00.000Z', by: 'Maren Okafor' };
  const job = exampleJob();
  return {
    ...job,
    planned: [
      {
        id: 'plan',
        seq: 5,
        procedures: { front: ['align'], rear: [] },
        bleed: { front: 'push-up', rear: 'push-up' },
        again: [],
        agreed: 'agreed',
        words: '',
        ...by,
      },
    ],
    stepped: [
      {
        id: 's',
        seq: 6,
        step: 'align',
        end: 'front',
        outcome: 'done',
        reason: '',
        after: null,
        ...by,
      },
    ],
    taken: [
      {
        id: 't',
        seq: 7,
        end: 'front',
        stockId: 'pads',
        part: 'pads',
        description: 'Ostrel T organic',
        pieces: 2,
        batch: '',
        batches: [],
        ...by,
      },
    ],
  } as unknown as Job;
}

it.each([
  ['holds the tax', { pricesWithTax: true }, ['8.00', '48.00'], '€56.00'],
  ['comes before the tax', { pricesWithTax: false }, ['8.00', '48.00', '12.88'], '€68.88'],
])(
  'the till is given lines that add up to what is to pay, where a price %s',
  async (_, rule, sums, toPay) => {
    const rules = { ...USUAL_RULES, labourPerHourCents: 6000, taxPercent: 23, ...rule };
    client.setQueryData(keys.rulesHistory, [{ version: 1, rules, at: null, by: null }]);
    client.setQueryData(keys.stock, [{ id: 'pads', priceCents: 2400 }]);
    const save = jest.spyOn(files, 'saveFile').mockImplementation(() => undefined);
    const job = aligned();
    showScreen(<BillSheet jobId={job.id} />, { job });
    expect(screen.getByText(/ · 8 min$/)).toBeTruthy();
    expect(screen.getByTestId('to-pay').props.children).toBe(toPay);
    await submit('CSV');
    const [name, , csv] = save.mock.calls[0]!;
    expect(name).toBe(`bill-${job.tag}.csv`);
    const lines = (csv as string).trim().split(/\r?\n/).slice(1);
    expect(lines.map((line) => line.split(',').at(-1))).toEqual(sums);
  },
);
