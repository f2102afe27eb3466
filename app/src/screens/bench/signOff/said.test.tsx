import type { Job } from '@hold-fast/core/job/job';
import { fireEvent, screen } from '@testing-library/react-native';
import { outbox } from '../../../data/client';
import { exampleJob, looksOver } from '../../../testing/exampleJob';
import {
  A_WRITE,
  clearApp,
  jobAfter,
  lastSent,
  showScreen,
  submit,
} from '../../../testing/showScreen';
import { LookOver } from '../inspect/LookOver';
import { Amendments } from './Amendments';
import { TestChoice } from './TestChoice';
import { YesNo } from './YesNo';

// What is said at the end, and what has to be said with it.

const MECHANIC = { id: 'm', name: 'Maren Okafor', role: 'mechanic', apprentice: false } as const;
const JOB = exampleJob().id;

beforeEach(clearApp);

describe('something tried by hand', () => {
  const said = jest.fn();
  const tried = (chosen: 'passed' | 'failed' | null, asksWords: boolean) => {
    said.mockClear();
    showScreen(<YesNo says="Turns free" chosen={chosen} asksWords={asksWords} onSay={said} />);
  };

  it('is a yes or a no by one press', () => {
    tried(null, false);
    fireEvent.press(screen.getByText('No'));
    expect(said).toHaveBeenLastCalledWith('failed', '');
    fireEvent.press(screen.getByText('Yes'));
    expect(said).toHaveBeenLastCalledWith('passed', '');
  });

  it('that failed is not pressed to a yes: it says what was done about it', async () => {
    tried('failed', true);
    fireEvent.press(screen.getByText('Yes'));
    expect(said).not.toHaveBeenCalled();
    fireEvent.changeText(screen.getByLabelText('What was done about it'), '   ');
    await submit('Now it is in order');
    expect(screen.getByText('Write what was done about it.')).toBeTruthy();
    expect(said).not.toHaveBeenCalled();
    fireEvent.changeText(screen.getByLabelText('What was done about it'), ' Axle tightened ');
    await submit('Now it is in order');
    expect(said).toHaveBeenLastCalledWith('passed', 'Axle tightened');
    expect(screen.queryByText('Now it is in order')).toBeNull();
  });

  it('that failed stays a no where nobody said what was done, and another no wants no words', () => {
    tried('failed', true);
    fireEvent.press(screen.getByText('Yes'));
    fireEvent.press(screen.getByText('No'));
    expect(said).toHaveBeenLastCalledWith('failed', '');
    expect(screen.queryByLabelText('What was done about it')).toBeNull();
  });
});

describe('a finding that a later look does not find', () => {
  const glazed = () => jobAfter([looksOver('pads', 'pads-glazed')]);

  it('stays, and is taken back with words alone', async () => {
    showScreen(<LookOver jobId={JOB} end="front" />, { job: glazed() });
    fireEvent.press(screen.getByText('Glazed'));
    expect(lastSent()).toMatchObject({ area: 'pads', found: [], takesBack: [] });
    await submit('Take it back');
    expect(screen.getByText('Write it down: it goes into the record.')).toBeTruthy();
    expect(lastSent()).toMatchObject({ takesBack: [] });
    fireEvent.changeText(screen.getByLabelText('Why it was seen wrong'), 'It was the lamp');
    await submit('Take it back');
    expect(lastSent()).toMatchObject({
      found: [],
      words: 'It was the lamp',
      takesBack: ['pads-glazed'],
    });
  });

  it('that is a do-not-ride is offered no taking back here', () => {
    showScreen(<LookOver jobId={JOB} end="front" />, {
      job: jobAfter([looksOver('rotor', 'crack')]),
    });
    fireEvent.press(screen.getByText('Crack'));
    expect(outbox.add).toHaveBeenCalledTimes(1);
    expect(screen.queryByText('Take it back')).toBeNull();
  });
});

describe('an amendment', () => {
  const sealed = (): Job => ({
    ...jobAfter([looksOver('caliper')]),
    status: 'sealed',
    amended: [],
  });

  it('says what it takes back of what was sealed as good, or that it takes nothing back', async () => {
    globalThis.fetch = jest.fn(() => new Promise<Response>(() => undefined));
    showScreen(<Amendments job={sealed()} person={MECHANIC} />);
    fireEvent.changeText(screen.getByLabelText('What has to be corrected'), 'The lot was K22');
    fireEvent.changeText(screen.getByLabelText('PIN of Maren Okafor'), '1593');
    await submit('Add the amendment');
    expect(screen.getByText(/Say what it takes back/)).toBeTruthy();
    expect(fetch).not.toHaveBeenCalledWith(...A_WRITE);
    fireEvent.press(screen.getByText('Front caliper'));
    expect(screen.getByText('The bike is not to be ridden')).toBeTruthy();
    // Pressed off again, it is as if nobody had said.
    fireEvent.press(screen.getByText('Front caliper'));
    await submit('Add the amendment');
    expect(screen.getByText(/Say what it takes back/)).toBeTruthy();
    expect(fetch).not.toHaveBeenCalledWith(...A_WRITE);
    fireEvent.press(screen.getByText('Front caliper'));
    fireEvent.press(screen.getByText('Nothing: all of it stands'));
    expect(screen.queryByText('The bike is not to be ridden')).toBeNull();
    fireEvent.press(screen.getByText('Front caliper'));
    await submit('Add the amendment');
    const sent = jest.mocked(fetch).mock.calls.find(([, init]) => init?.method === 'POST')!;
    expect(JSON.parse(sent[1]!.body as string)).toMatchObject({
      words: 'The lot was K22',
      pin: '1593',
      takesBack: [{ end: 'front', subject: 'caliper' }],
    });
  });
});

it('a yes of the hand-over that was worked on since is asked again, as if nobody had said it', () => {
  const at = exampleJob().checkedIn.at;
  const passed = {
    id: 't',
    test: 'stand',
    end: 'front',
    outcome: 'passed',
    words: '',
    at,
    by: 'Maren',
  } as const;
  const pads = {
    id: 'w',
    end: 'front',
    work: 'replace-pads',
    words: 'New ones',
    at,
    by: 'Maren',
  } as const;
  const isSaid = (says: 'Yes' | 'No') =>
    screen.queryByRole('radio', { name: says, checked: true }) !== null;
  const choice = (job: Job) => (
    <TestChoice job={job} test="stand" end="front" says="On the stand" />
  );
  const worked = { ...exampleJob(), repaired: [{ ...pads, seq: 900 }] };
  const shown = showScreen(choice({ ...worked, tested: [{ ...passed, seq: 901 }] }));
  expect([isSaid('Yes'), isSaid('No')]).toEqual([true, false]);
  shown.unmount();
  showScreen(choice({ ...worked, tested: [{ ...passed, seq: 899 }] }));
  expect([isSaid('Yes'), isSaid('No')]).toEqual([false, false]);
  fireEvent.press(screen.getByText('Yes'));
  expect(lastSent()).toMatchObject({ kind: 'test', test: 'stand', outcome: 'passed' });
});
