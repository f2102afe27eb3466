import { padVerdict, PAD_PLACES, PAD_SCHOOLS } from '@hold-fast/core/wear/pads';
import { render, screen } from '@testing-library/react-native';
import { Schools } from './Schools';
import { VerdictPanel } from './VerdictPanel';

it('shows every school beside the others, with the sum each rests on', () => {
  const pads = padVerdict(
    {
      basis: 'total',
      readings: Object.fromEntries(PAD_PLACES.map((place) => [place, [3.1]])),
      gauge: {
        kind: 'thickness-gauge',
        resolutionMm: 0.01,
        uncertaintyMm: 0.03,
        anvils: 'point',
        calibrationDueOn: '2099-01-01',
      },
      zeroErrorMm: 0,
      measuredOn: '2026-11-25',
    },
    { newTotalMm: 4, plateMm: 1.8, plateAssumed: false, figures: {} },
    PAD_SCHOOLS,
  );
  render(<Schools pads={pads} />);
  for (const text of [
    'Total thickness',
    '3.10, rule 3.0',
    'Friction left',
    '1.30, rule 1.5',
    'replace',
    'watch',
  ])
    expect(screen.getByText(text)).toBeTruthy();
});

it('gives a verdict with its reason and what would settle it', () => {
  render(
    <VerdictPanel
      word="unproven"
      says="Thinnest 1.60."
      reasons={[{ code: 'no-zero-check' }, { code: 'upper-bounds' }]}
      settle={['zero-check', 'point-gauge']}
      full
    />,
  );
  expect(screen.getByText('Unproven')).toBeTruthy();
  expect(screen.getByText('Because no zero check.')).toBeTruthy();
  expect(screen.getByText(/To settle it: a zero check; a point gauge/)).toBeTruthy();
});
