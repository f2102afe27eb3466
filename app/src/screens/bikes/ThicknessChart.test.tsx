import type { BikePage } from '@hold-fast/contract/bikes';
import { render, screen } from '@testing-library/react-native';
import { ThicknessChart } from './ThicknessChart';

type Wear = BikePage['wear'][number];

const wear = (leastMm: number): Wear => ({
  end: 'front',
  part: 'rotor',
  points: [1.66, leastMm].map((mm, i) => ({
    measurementId: `m${i}`,
    jobId: `j${i}`,
    tag: 400 + i,
    measuredOn: `2026-0${5 + i}-03T10:00:00.000Z`,
    odometerKm: 1000 * (i + 1),
    leastMm: mm,
    doubtMm: 0.03,
    limitMm: 1.5,
    upperBound: false,
    life: 0,
  })),
  outlook: {
    unit: 'km',
    now: 2000,
    nextService: 3000,
    forecast: { ok: true, at: 1900, early: 1800, late: 2000, wear: 0.0001, readings: 2, g: 0.01 },
  },
});

it.each([
  [1.47, 'Past its limit: 1.47 of 1.50, measured 3 Jun 2026.'],
  [1.5, 'At its limit: 1.50 of 1.50, measured 3 Jun 2026.'],
])('a part at %d of 1.50 says so, and no longer that it may be due', (leastMm, says) => {
  render(<ThicknessChart wear={wear(leastMm)} />);
  expect(screen.getByText(says)).toBeTruthy();
  expect(screen.queryByText(/due now|Reaches its limit/)).toBeNull();
});

it('a part above its limit tells where it is heading', () => {
  render(<ThicknessChart wear={wear(1.55)} />);
  expect(screen.getByText(/Reaches its limit at 1,900 km.*May be due now\./)).toBeTruthy();
});
