import { fireEvent, screen } from '@testing-library/react-native';
import { client, keys, outbox } from '../../../data/client';
import { exampleJob } from '../../../testing/exampleJob';
import { clearApp, lastSent, showScreen, submit } from '../../../testing/showScreen';
import { WorkDone } from '../inspect/WorkDone';
import { SecondLooks } from './SecondLooks';
import { WaitSection } from './WaitSection';

// What is told in words: nothing is kept of what nobody wrote.

const job = exampleJob();

beforeEach(clearApp);

it('waits for nothing that nobody named', async () => {
  showScreen(<WaitSection job={job} />, { job });
  fireEvent.press(screen.getByText('It waits for something'));
  await submit('Write it down');
  expect(screen.getByText('Write who was asked, or what is to come.')).toBeTruthy();
  expect(outbox.add).not.toHaveBeenCalled();
  fireEvent.changeText(screen.getByLabelText('Who was asked, or what is to come'), ' Two olives ');
  await submit('Write it down');
  expect(lastSent()).toMatchObject({ kind: 'waits', for: 'part', asked: 'Two olives' });
});

it('takes a second look for none until it says what was looked at', async () => {
  client.setQueryData(keys.session, { person: { name: 'Joss Tarrel', apprentice: false } });
  const worked = {
    ...job,
    byApprentice: [{ id: 'filled', seq: 3 }],
    filled: [{ id: 'filled', seq: 3, end: 'front' }],
  } as unknown as typeof job;
  showScreen(<SecondLooks job={worked} />, { job: worked });
  await submit('I have looked at it');
  expect(screen.getByText('Write what was looked at: it goes into the record.')).toBeTruthy();
  expect(outbox.add).not.toHaveBeenCalled();
});

it('keeps no work without which it was and what was done', async () => {
  showScreen(<WorkDone jobId={job.id} end="front" works={[]} />, { job });
  fireEvent.press(screen.getByText('Write down the work'));
  await submit('Keep it');
  expect(screen.getByText('Say which work.')).toBeTruthy();
  expect(screen.getByText('Write what was done.')).toBeTruthy();
  expect(outbox.add).not.toHaveBeenCalled();
  fireEvent.press(screen.getByText('Centre the caliper'));
  fireEvent.changeText(screen.getByLabelText('What was done'), 'Bolts loose, centred, tight');
  await submit('Keep it');
  expect(lastSent()).toMatchObject({ kind: 'repair', work: 'centre-caliper' });
});
