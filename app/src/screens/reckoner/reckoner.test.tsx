import { FIXED_GAP_MM } from '@hold-fast/core/cable/cable';
import { USUAL_RULES } from '@hold-fast/core/rules/shopRules';
import { fireEvent, screen } from '@testing-library/react-native';
import { client, keys } from '../../data/client';
import { clearApp, showScreen } from '../../testing/showScreen';
import { AirReckoner } from './AirReckoner';
import { CableReckoner } from './CableReckoner';
import { WashersReckoner } from './WashersReckoner';
import { WrenchReckoner } from './WrenchReckoner';

beforeEach(clearApp);

const key = (label: string, text: string) =>
  fireEvent.changeText(screen.getByLabelText(label), text);

describe('trapped air', () => {
  // The trade's worked example: bore 10, ratio 5, firm 15 mm after the bite: 0.1378 mL of air.
  it('reads the air of the worked example as a top-up', () => {
    showScreen(<AirReckoner />);
    expect(screen.getByText('0.14 mL')).toBeTruthy();
    expect(screen.getByText('A little air: top up at the lever')).toBeTruthy();
  });

  it('reads it by the bands the shop has laid down, as a job does', () => {
    const rules = { ...USUAL_RULES, figures: { 'air-sound': 0.03, 'air-top-up': 0.1 } };
    client.setQueryData(keys.rules, { rules, version: 1 });
    showScreen(<AirReckoner />);
    expect(screen.getByText('Air: bleed it')).toBeTruthy();
  });

  it('names what is no number, and answers again once it is one', () => {
    showScreen(<AirReckoner />);
    key('Firm at, mm', 'x');
    expect(screen.getByText('Every field is a number.')).toBeTruthy();
    key('Firm at, mm', '10');
    expect(screen.getByText(/pushes less than a sound brake gives/)).toBeTruthy();
  });
});

describe('the wrench', () => {
  // The trade's worked window: 6 to 8 at 6 % is 6.39 to 7.54, set in its middle to a mark.
  it('is set between what its deviation leaves of the window', () => {
    showScreen(<WrenchReckoner />);
    expect(screen.getByTestId('setting')).toHaveTextContent('7.0');
  });

  it('takes no deviation that no wrench has', () => {
    showScreen(<WrenchReckoner />);
    key('Tolerance, ± %', '0.3');
    expect(screen.getByText('A percentage from 0.5 to 20.')).toBeTruthy();
    expect(screen.queryByTestId('setting')).toBeNull();
    key('Tolerance, ± %', '0.5');
    expect(screen.getByTestId('setting')).toBeTruthy();
  });

  it('has no setting through a crowfoot that is not measured, or that cannot be', () => {
    showScreen(<WrenchReckoner />);
    fireEvent.press(screen.getByText('With a crowfoot'));
    expect(screen.queryByTestId('setting')).toBeNull();
    key('L, grip, mm', '250');
    key('E, nut, mm', '30');
    expect(screen.queryByTestId('setting')).toBeNull();
    key('Angle, °', '0');
    // By the lever rule 7 at the nut is 6.25 at the grip of 250: the nut gets 1.12 times what the wrench shows.
    expect(screen.getByText(/The nut gets 1.120 times/)).toBeTruthy();
    expect(Number(screen.getByTestId('setting').props.children)).toBeCloseTo(7 / 1.12, 0);
    key('L, grip, mm', '20');
    expect(screen.getByText('L is 50 to 1000 mm.')).toBeTruthy();
    expect(screen.queryByTestId('setting')).toBeNull();
    fireEvent.press(screen.getByText('Straight on the fastener'));
    expect(screen.getByTestId('setting')).toHaveTextContent('7.0');
  });
});

describe('what is told from memory or by choice', () => {
  it('is told by the numbers that judge', () => {
    showScreen(<CableReckoner />);
    key('Fixed pad to rotor, mm', (FIXED_GAP_MM.least - 0.01).toFixed(2));
    expect(screen.getByText(/Narrower than the usual 0.1 mm/)).toBeTruthy();
    key('Fixed pad to rotor, mm', (FIXED_GAP_MM.most + 0.01).toFixed(2));
    expect(screen.getByText(/Wider than the usual 0.2 mm/)).toBeTruthy();
    expect(screen.getByText(/Barrel adjusters start 1 or 2 turns out/)).toBeTruthy();
  });

  it('names the washers’ target and how many go under one bolt', () => {
    showScreen(<WashersReckoner />);
    expect(screen.getByText(/Target 0 to 0.5 mm, aim 0.25.*at most 3 a side/)).toBeTruthy();
  });
});
