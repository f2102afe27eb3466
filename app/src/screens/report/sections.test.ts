import type { Report } from '@hold-fast/contract/report';
import type { Bike } from '@hold-fast/core/kit/bike';
import { reportWords } from '../../words/report';
import { sectionsOf } from './sections';

/** What is said of the bolts and of what comes, of a visit at which each end had one set and one due. */
function said(third: Pick<Bike, 'thirdBrake' | 'thirdPlace'>): string[] {
  const ends = ['front', 'third'] as const;
  const report = {
    third,
    amendments: [],
    dues: ends.map((end) => ({ end, of: 'bleed', on: '2027-11-25' })),
    record: {
      id: 'job',
      complaint: '',
      symptoms: [],
      notRepaired: null,
      inspection: [],
      notInspected: [],
      measured: [],
      tightened: ends.map((end) => ({ end, fastener: 'caliper-bolt', setNm: 7 })),
      filled: [],
      fittings: [],
      repaired: [],
      stepped: [],
      decided: [],
    },
  } as unknown as Report;
  return sectionsOf(report).flatMap(({ label, lines }) =>
    [reportWords.bolts, reportWords.coming].includes(label) ? lines : [],
  );
}

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
