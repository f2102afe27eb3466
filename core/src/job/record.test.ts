import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { identified } from '../adversary/visit';
import { whole } from '../adversary/whole';
import { recordOf, RECORD_FORMAT, type Signed } from './record';
import { withhold } from './withheld';

const EXAMPLE = path.resolve(__dirname, '../../../docs/formats/job-record.example.json');
const SIGNED: Signed = {
  number: 7,
  at: '2026-11-25T16:00:00.000Z',
  by: 'Maren',
  toldOf: [{ end: 'front', subject: 'runout' }],
  notRepaired: null,
};

/** As it is sealed, with a salt that is nobody’s secret. */
const written = () =>
  JSON.parse(JSON.stringify(withhold(recordOf(whole().job, SIGNED), 'salt').record)) as unknown;

describe('what is sealed of a job', () => {
  it('is, to the letter, what its published example says; another field or word of it is another format', () => {
    // Made anew by hand, with the format's number, when what is sealed changes: MAKE_EXAMPLE=1 npx jest record.test
    if (process.env.MAKE_EXAMPLE) writeFileSync(EXAMPLE, `${JSON.stringify(written(), null, 2)}\n`);
    expect(written()).toEqual(JSON.parse(readFileSync(EXAMPLE, 'utf8')));
  });

  it('names every field: what a job comes to hold besides is not sealed unseen', () => {
    const { job } = whole();
    const more = {
      ...job,
      secret: 1,
      measured: job.measured.map((each) => ({ ...each, secret: 1 })),
      tightened: job.tightened.map((each) => ({ ...each, secret: 1 })),
      fittings: job.fittings.map((each) => ({ ...each, secret: 1 })),
    };
    expect(JSON.stringify(recordOf(more, SIGNED))).not.toContain('secret');
  });

  it('carries both sides of what was not answered, and what nobody looked at', () => {
    const visit = identified().rotor([1.7, 1.45, 1.7]).rotor([1.7, 1.7]);
    expect(recordOf(visit.job, SIGNED)).toMatchObject({
      format: RECORD_FORMAT,
      inspection: [
        {
          subject: 'rotor',
          word: 'replace',
          held: [{ places: [{ place: '3', readMm: 1.45 }], lacks: expect.any(Array) as unknown }],
        },
      ],
      notInspected: expect.arrayContaining([{ end: 'rear', subject: 'rotor' }]) as unknown,
    });
  });
});
