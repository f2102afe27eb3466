import type { Report } from '@hold-fast/contract/report';
import type { Bike } from '@hold-fast/core/kit/bike';
import { reportWords } from '../../words/report';
import { sectionsOf } from './sections';

const RECORD = {
  id: 'job',
  complaint: '',
  symptoms: [],
  notRepaired: null,
  inspection: [],
  notInspected: [],
  measured: [],
  tightened: [],
  filled: [],
  fittings: [],
  repaired: [],
  stepped: [],
  decided: [],
};

/** What a report says under these labels. */
function linesOf(report: object, ...labels: string[]): string[] {
  const whole = { third: { thirdBrake: 'none' }, amendments: [], dues: [], ...report };
  return sectionsOf(whole as unknown as Report).flatMap(({ label, lines }) =>
    labels.includes(label) ? lines : [],
  );
}

/** What is said of the bolts and of what comes, of a visit at which each end had one set and one due. */
function said(third: Pick<Bike, 'thirdBrake' | 'thirdPlace'>): string[] {
  const ends = ['front', 'third'] as const;
  const dues = ends.map((end) => ({ end, of: 'bleed', on: '2027-11-25' }));
  const tightened = ends.map((end) => ({ end, fastener: 'caliper-bolt', setNm: 7 }));
  return linesOf(
    { third, dues, record: { ...RECORD, tightened } },
    reportWords.bolts,
    reportWords.coming,
  );
}

it('tells nobody of a step that was taken back as of work that was done', () => {
  const step = (outcome: string, code = 'new-rotor-on') => ({ end: 'front', step: code, outcome });
  const did = (...stepped: object[]) =>
    linesOf({ record: { ...RECORD, stepped } }, reportWords.whatWeDid);
  const [once] = did(step('done'));
  expect(did(step('done'), step('taken-back'))).toEqual([reportWords.nothingDone]);
  expect(did(step('done'), step('taken-back'), step('done'))).toEqual([once]);
  expect(did(step('done', 'wheel-out'), step('done'), step('taken-back'))).toHaveLength(1);
});

it('tells two wheels at one axle apart by their side, and one alone by its end', () => {
  const apart = said({ thirdBrake: 'disc', thirdPlace: 'right-front' });
  expect(apart).toHaveLength(4);
  expect(apart[0]).toMatch(/^Front \(left\): /);
  expect(apart[1]).toMatch(/^Third \(front right\): /);
  expect(apart[2]).toContain(', front (left)');
  expect(apart[3]).toContain(', third (front right)');
  const alone = said({ thirdBrake: 'disc', thirdPlace: 'second-rear' });
  expect(alone[0]).toMatch(/^Front: /);
  expect(alone[1]).toMatch(/^Third: /);
});
