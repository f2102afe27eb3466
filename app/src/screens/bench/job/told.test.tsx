import { fireEvent, screen } from '@testing-library/react-native';
import { NOTICE } from '@hold-fast/core/adversary/whole';
import { client, keys, outbox } from '../../../data/client';
import { entryOf } from '../../../data/jobWrites';
import { exampleJob } from '../../../testing/exampleJob';
import { clearApp, jobAfter, lastSent, showScreen, submit } from '../../../testing/showScreen';
import { WorkDone } from '../inspect/WorkDone';
import { JobSheet } from './JobSheet';
import { NoticeAnswers } from './NoticeAnswers';
import { SecondLooks } from './SecondLooks';
import { StayAsked } from './StayAsked';
import { WaitSection } from './WaitSection';

// What is told in words: nothing is kept of what nobody wrote.

const job = exampleJob();

const waiting = (away: boolean) =>
  jobAfter([
    entryOf<'waits'>({
      kind: 'waits',
      for: 'customer',
      asked: 'The rider',
      askAgainOn: '2026-12-01',
      away,
    }),
  ]);

beforeEach(clearApp);

it('offers nothing to measure on a bike that is not here', () => {
  const [here, gone] = [waiting(false), waiting(true)];
  showScreen(<JobSheet jobId={job.id} />, { job: here });
  expect(screen.getByText(/^Carry on: /)).toBeTruthy();
  screen.unmount();
  showScreen(<JobSheet jobId={job.id} />, { job: gone });
  expect(screen.getByText('The bike is back')).toBeTruthy();
  expect(screen.getByText('Sign off')).toBeTruthy();
  expect(screen.queryByText(/^Carry on: /)).toBeNull();
});

it('says of a maker’s notice why it meets the bike: the lot and where it went in, the model, a serial nobody wrote', () => {
  const notice = { ...NOTICE, title: 'Pads that come off', lot: 'ZZ-7', lotBefore: true };
  const shown = (change: object, at: object = {}) => {
    showScreen(<NoticeAnswers job={{ ...job, notices: [{ ...notice, ...change }], ...at }} />, {
      job,
    });
    const says = screen.queryAllByText(/^(It names|It went in|Another workshop)/);
    const all = says.map((each) => String(each.props.children));
    screen.unmount();
    return all;
  };
  expect(shown({})).toEqual(['It names lot ZZ-7.', 'It went in at an earlier visit.']);
  const batch = { jobId: 'j', seq: 1, end: 'front', part: 'pads', batch: 'ZZ-7' };
  expect(shown({ broughtAt: 3 }, { earlierBatches: [batch] })).toEqual([
    'It names lot ZZ-7: front pair of pads.',
    'Another workshop put it in, as the bike’s passport says.',
  ]);
  const { sheetId } = job.identified.front!.sheet;
  expect(shown({ lot: '', sheetId })).toEqual(['It names the model of this brake: front.']);
  const serials = { lot: '', maker: 'Skarn', serialFrom: 'S-1' };
  expect(shown(serials, { bike: { ...job.bike, maker: 'Skarn', serial: '' } })).toEqual([
    'It names serials, and nobody wrote down this bike’s: look which it has.',
  ]);
});

it('waits for nothing that nobody named', async () => {
  showScreen(<WaitSection job={job} />, { job });
  fireEvent.press(screen.getByText('It waits for something'));
  await submit('Write it down');
  expect(screen.getByText('Write who was asked, or what is to come.')).toBeTruthy();
  expect(outbox.add).not.toHaveBeenCalled();
  fireEvent.changeText(screen.getByLabelText('Who was asked, or what is to come'), ' Two olives ');
  fireEvent.press(screen.getByText('Stays in the shop'));
  await submit('Write it down');
  expect(lastSent()).toMatchObject({ kind: 'waits', for: 'part', asked: 'Two olives' });
});

// Nobody knows what was done to a bike that was out of the shop, and nobody asks when it is back.
it('asks whether the bike stays while it waits, and whether it stayed', async () => {
  const [here, gone] = [waiting(false), waiting(true)];
  showScreen(<WaitSection job={job} />, { job });
  fireEvent.press(screen.getByText('It waits for something'));
  fireEvent.changeText(screen.getByLabelText('Who was asked, or what is to come'), 'The rider');
  await submit('Write it down');
  expect(screen.getByText('Say whether the bike stays in the shop.')).toBeTruthy();
  expect(outbox.add).not.toHaveBeenCalled();
  fireEvent.press(screen.getByText('Leaves the shop'));
  await submit('Write it down');
  expect(lastSent()).toMatchObject({ kind: 'waits', away: true });
  screen.unmount();

  showScreen(<WaitSection job={here} />, { job });
  fireEvent.press(screen.getByText('It came, the bike was away'));
  expect(lastSent()).toMatchObject({ for: 'nothing', away: true });
  fireEvent.press(screen.getByText('It came, the bike was here'));
  expect(lastSent()).toMatchObject({ for: 'nothing', away: false });
  screen.unmount();

  showScreen(<WaitSection job={gone} />, { job });
  expect(screen.getByText(/proven anew when it is back/)).toBeTruthy();
  expect(screen.queryByText(/the bike was here/)).toBeNull();
  fireEvent.press(screen.getByText('The bike is back'));
  expect(lastSent()).toMatchObject({ for: 'nothing', away: true });
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

// A bike that went home for a night that nobody wrote was ridden, and whoever goes on in the morning cannot know.
describe('a job that was worked on at an earlier day', () => {
  const worked = jobAfter([], {
    workdays: [
      { day: '2026-11-24', last: 1 },
      { day: '2026-11-25', last: 2 },
    ],
  });
  const ask = () => showScreen(<StayAsked job={worked} since="2026-11-24" />, { job: worked });

  it('asks at its head where the bike was, and not beside a wait, which says it when it is over', () => {
    const { told } = waiting(false);
    showScreen(<JobSheet jobId={worked.id} />, { job: worked });
    expect(
      screen.getByText(/^Has the bike been here since the work of 24.Nov.2026\?$/),
    ).toBeTruthy();
    screen.unmount();
    showScreen(<JobSheet jobId={worked.id} />, { job: { ...worked, told } });
    expect(screen.queryByText(/^Has the bike been here/)).toBeNull();
  });

  it('keeps that it stayed', () => {
    ask();
    fireEvent.press(screen.getByText('It was here all the time'));
    expect(lastSent()).toMatchObject({ kind: 'stay', since: '2026-11-24', out: false });
  });

  it('asks of one that was out which work was done after it was back, and keeps nothing before that is said', () => {
    ask();
    fireEvent.press(screen.getByText('It was out of the shop'));
    expect(outbox.add).not.toHaveBeenCalled();
    fireEvent.press(screen.getByText('Back'));
    fireEvent.press(screen.getByText('It was out of the shop'));
    fireEvent.press(screen.getByText(/^Before the work of 25.Nov.2026$/));
    expect(lastSent()).toMatchObject({ out: true, backBefore: '2026-11-25' });
    fireEvent.press(screen.getByText('After the last work on it'));
    expect(lastSent()).toMatchObject({ out: true, backBefore: null });
  });
});
