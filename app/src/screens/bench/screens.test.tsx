import type { Job, Tightened } from '@hold-fast/core/job/job';
import type { Wrench } from '@hold-fast/contract/stores';
import * as folding from '@hold-fast/core/job/fold';
import { act, fireEvent, render, screen, within } from '@testing-library/react-native';
import type { FastenerId } from '@hold-fast/core/torque/fasteners';
import { router } from 'expo-router';
import type { ReactElement } from 'react';
import { client, keys, outbox } from '../../data/client';
import { begins, exampleJob, looksOver, reads, waitingOf } from '../../testing/exampleJob';
import {
  A_WRITE,
  clearApp,
  jobAfter,
  lastSent,
  showScreen,
  submit,
} from '../../testing/showScreen';
import { JobSheet } from './job/JobSheet';
import { MeasurePads } from './measuring/MeasurePads';
import { MeasureRotor } from './measuring/MeasureRotor';
import { StepFace } from './plan/StepFace';
import { SheetFacts } from './identify/SheetFacts';
import { Torque } from './torque/Torque';
import { SignOff } from './signOff/SignOff';
import { inForce } from '../../words/manner';

const MECHANIC = {
  id: '0190a000-0000-7000-8000-0000000000f1',
  name: 'Maren Okafor',
  role: 'mechanic',
  apprentice: false,
} as const;

beforeEach(clearApp);

const show = (job: Job, element: ReactElement) => showScreen(element, { job });

/** A job whose front rotor was measured with these readings. */
function measuredJob(points: number[], change: Partial<Job> = {}): Job {
  const begin = begins('rotor');
  const job = jobAfter([
    begin,
    reads(begin.id, 'zero', 0),
    // Three are spread round the track.
    ...points.map((mm, i) => reads(begin.id, String(points.length === 3 ? 2 * i + 1 : i + 1), mm)),
  ]);
  return { ...job, ...change };
}

describe('keying', () => {
  const pads = () => {
    const begin = begins('pads', { basis: 'total' });
    return jobAfter([begin, reads(begin.id, 'zero', 0)]);
  };
  const press = (digits: string) =>
    [...digits].forEach((key) => fireEvent.press(screen.getByLabelText(key)));

  it('takes nothing of 31 35 36 36 keyed without next, says so, and loses no digit', () => {
    show(pads(), <MeasurePads jobId={exampleJob().id} end="front" />);
    press('31353636');
    expect(outbox.add).not.toHaveBeenCalled();
    expect(screen.getByRole('alert')).toHaveTextContent(/A digit too many/);
    fireEvent.press(screen.getByText('next'));
    expect(outbox.add).not.toHaveBeenCalled();
    for (let i = 0; i < 6; i++) fireEvent.press(screen.getByLabelText('erase'));
    fireEvent.press(screen.getByText('next'));
    expect(outbox.add).toHaveBeenCalledWith(
      expect.objectContaining({ entry: expect.objectContaining({ valueMm: 3.1, typed: '31' }) }),
    );
  });

  it('"47" of a rotor takes itself, since it can be nothing else; "147" waits for next', () => {
    show(measuredJob([1.7]), <MeasureRotor jobId={exampleJob().id} end="front" />);
    press('147');
    expect(outbox.add).not.toHaveBeenCalled();
    press('7');
    expect(screen.getByRole('alert')).toHaveTextContent(/A digit too many/);
    for (let i = 0; i < 4; i++) fireEvent.press(screen.getByLabelText('erase'));
    press('47');
    expect(outbox.add).toHaveBeenCalledWith(
      expect.objectContaining({ entry: expect.objectContaining({ valueMm: 1.47, typed: '47' }) }),
    );
  });
});

describe('identifying', () => {
  it('names each torque row of the sheet by its fastener', () => {
    const { sheet } = exampleJob().identified.front!;
    const row = (fastener: FastenerId, drive: string) => ({
      fastener,
      drive,
      boltCount: 2,
      window: { loNm: 6, hiNm: 8, namedNm: null, origin: 'sheet' as const, tag: null },
      thread: 'dry' as const,
    });
    const torque = [
      row('rotor-bolts', 'T25'),
      row('caliper-post', '5 mm hex'),
      row('hose-nut-lever', '8 mm crowfoot'),
      row('lever-clamp', '4 mm hex'),
    ];
    render(<SheetFacts sheet={{ ...sheet, body: { ...sheet.body, torque } }} />);
    for (const name of [
      'Rotor bolts, T25',
      'Caliper bolts, 5 mm hex',
      'Hose nut at the lever, 8 mm crowfoot',
      'Lever clamp, 4 mm hex',
    ])
      expect(screen.getByText(name)).toBeTruthy();
  });
});

describe('the job sheet', () => {
  it('leads to what was found, with how much of it stands how, and by its tag to the Bench', () => {
    show(measuredJob([1.52, 1.5, 1.47]), <JobSheet jobId={exampleJob().id} />);
    const found = screen.getByTestId('found');
    expect(found).toHaveTextContent(/1 to put right/);
    fireEvent.press(found);
    expect(router.navigate).toHaveBeenLastCalledWith(`/bench/${exampleJob().id}/found`);
    fireEvent.press(screen.getByLabelText('Back: 0412, Bench'));
    expect(router.navigate).toHaveBeenLastCalledWith('/bench');
  });

  it('asks for no fluid before a sheet was chosen that asks for none', () => {
    show(exampleJob(), <JobSheet jobId={exampleJob().id} />);
    // The front brake is identified, by a sheet without fluid; the rear is not.
    expect(screen.getAllByText('The sheet asks for none')).toHaveLength(1);
    expect(screen.getByText('Its spec sheet says which')).toBeTruthy();
  });

  it('bears the do-not-ride of the bike over every page, a step’s too', () => {
    const tagged: Job = {
      ...exampleJob(),
      tags: [
        {
          end: 'rear',
          subject: 'caliper',
          found: ['caliper-cracked'],
          tag: 398,
          jobId: 'j',
          foundAfter: null,
        },
      ],
    };
    show(tagged, <JobSheet jobId={exampleJob().id} />);
    expect(screen.getByTestId('do-not-ride')).toHaveTextContent(
      'Do not ride  Rear caliper, caliper cracked',
    );
    show(tagged, <StepFace jobId={exampleJob().id} />);
    expect(screen.getByTestId('do-not-ride')).toBeTruthy();
    fireEvent.press(screen.getByLabelText('Back: 0412, Job'));
    expect(router.navigate).toHaveBeenLastCalledWith(`/bench/${exampleJob().id}`);
  });

  it('shows what was found at each end with its word and number, and what comes next', () => {
    show(measuredJob([1.52, 1.5, 1.47]), <JobSheet jobId={exampleJob().id} />);
    const rotor = within(screen.getByTestId('front-rotor'));
    expect(rotor.getByText(/replace/)).toBeTruthy();
    expect(rotor.getByText('1.47')).toBeTruthy();
    expect(rotor.getByText(/Thinnest 1.47 at point 5, 8 o’clock. Limit 1.50, sheet./)).toBeTruthy();
    expect(within(screen.getByTestId('rear-rotor')).getByText(/not inspected/)).toBeTruthy();
    expect(screen.getByText('Carry on: pads, front')).toBeTruthy();
  });

  it('calls numbers that contradict the sheet unproven, and says how they do', () => {
    show(measuredJob([1.95, 1.9, 1.9]), <JobSheet jobId={exampleJob().id} />);
    const rotor = within(screen.getByTestId('front-rotor'));
    expect(rotor.getByText(/unproven/)).toBeTruthy();
    expect(rotor.getByText(/thicker than new \(1.80\)/)).toBeTruthy();
  });

  it('offers nothing to do on a sealed job', () => {
    const sealed = {
      recordId: 'r',
      seal: 'ab'.repeat(32),
      prev: null,
      number: 8,
      notRepaired: null,
      at: '2026-11-25T10:00:00.000Z',
      by: 'Maren Okafor',
    };
    show(
      measuredJob([1.7, 1.7, 1.7], { status: 'sealed', sealed }),
      <JobSheet jobId={exampleJob().id} />,
    );
    expect(screen.getByText('Sealed as record 8')).toBeTruthy();
    expect(screen.queryByText(/Carry on|Sign off|Change/)).toBeNull();
  });
});

describe('measuring a rotor', () => {
  const press = (...says: string[]) =>
    says.forEach((key) => fireEvent.press(screen.getByLabelText(key)));

  it('asks for the gauge first', () => {
    show(exampleJob(), <MeasureRotor jobId={exampleJob().id} end="front" />);
    fireEvent.press(screen.getByText('G2 thickness gauge'));
    expect(outbox.add).toHaveBeenCalledWith(
      expect.objectContaining({
        entry: expect.objectContaining({ kind: 'measurement', part: 'rotor', pointCount: 6 }),
      }),
    );
  });

  it('takes a reading with the word the app gives it, at the next open point', () => {
    show(measuredJob([1.7, 1.7]), <MeasureRotor jobId={exampleJob().id} end="front" />);
    press('1', '4', '7');
    fireEvent.press(screen.getByText('next'));
    expect(outbox.add).toHaveBeenCalledWith(
      expect.objectContaining({
        appWord: 'replace',
        entry: expect.objectContaining({
          kind: 'reading',
          place: '3',
          valueMm: 1.47,
          typed: '147',
          replaces: null,
        }),
      }),
    );
  });

  it.each([
    [['1', '9', '0'], /thicker than new/],
    [['0', '2', '0'], /No part here is that thick/],
    [[], 'Key the reading first.'],
  ])('does not take %p', (digits, says) => {
    show(measuredJob([1.7]), <MeasureRotor jobId={exampleJob().id} end="front" />);
    press(...digits);
    fireEvent.press(screen.getByText('next'));
    expect(screen.getByText(says)).toBeTruthy();
    expect(outbox.add).not.toHaveBeenCalled();
  });

  it('"again" adds a repeat beside the last reading; it does not replace it', () => {
    show(measuredJob([1.7, 1.66]), <MeasureRotor jobId={exampleJob().id} end="front" />);
    fireEvent.press(screen.getByText('again'));
    press('1', '6', '8');
    fireEvent.press(screen.getByText('next'));
    expect(outbox.add).toHaveBeenCalledWith(
      expect.objectContaining({
        entry: expect.objectContaining({ place: '2', valueMm: 1.68, replaces: null }),
      }),
    );
  });

  it('sends to the spec sheet first when the brake is not identified', () => {
    show(exampleJob(), <MeasureRotor jobId={exampleJob().id} end="rear" />);
    expect(screen.getByText('Identify the rear brake')).toBeTruthy();
  });
});

describe('a torque step', () => {
  const wrench: Wrench = {
    id: '0190a000-0000-7000-8000-0000000000f2',
    name: 'W2 bench',
    kind: 'click',
    feedSerial: null,
    retired: false,
    maxNm: 10,
    markNm: 0.1,
    tolerance: 0.04,
    toleranceAssumed: false,
    calibrationDueOn: '2099-01-01',
    uses: 10,
  };
  const withRow = (tightened: Partial<Tightened>[] = []): Job => {
    const job = exampleJob();
    job.identified.front!.sheet.body.torque = [
      {
        fastener: 'rotor-bolts',
        drive: 'T25',
        boltCount: 6,
        window: { loNm: 5.4, hiNm: 6.6, namedNm: 6, origin: 'sheet', tag: 'D' },
        thread: 'medium-threadlocker',
      },
    ];
    const base: Tightened = {
      id: '0190a000-0000-7000-8000-0000000000f3',
      seq: 1,
      turnedSeq: 1,
      end: 'front',
      fastener: 'rotor-bolts',
      boltCount: 6,
      window: { loNm: 5.4, hiNm: 6.6, namedNm: 6, origin: 'sheet', tag: 'D' },
      wrench,
      setNm: 6,
      treatment: 'medium-threadlocker',
      treatmentAsked: 'medium-threadlocker',
      askedSource: '',
      crowfoot: null,
      gaps: null,
      marks: [],
      flaws: ['passes-open'],
      at: '2026-11-25T09:00:00.000Z',
      by: 'Maren Okafor',
    };
    return { ...job, tightened: tightened.map((change) => ({ ...base, ...change })) };
  };
  const mark = (pass: 'snug' | 'half' | 'full' | 'verify', bolt: number | null = null) => ({
    id: `${pass} ${bolt}`,
    pass,
    bolt,
    measuredNm: null,
    via: 'keys' as const,
    at: '2026-11-25T09:00:00.000Z',
    by: '',
  });

  it('never shows a bare number of newton metres to whoever reckons in inch pounds', () => {
    client.setQueryData(keys.wrenches, [wrench]);
    inForce.manner.torque = 'lbf·in';
    try {
      show(withRow(), <Torque jobId={exampleJob().id} end="front" fastener={null} />);
      fireEvent.press(screen.getByText('Medium threadlocker'));
      // [S] NIST SP 811 (2008), Appendix B.8: 6 N·m are 53.1 lbf·in.
      expect(screen.getAllByText(/ · 53 lbf·in \(6\.0 N·m\)/).length).toBeGreaterThan(0);
    } finally {
      inForce.manner.torque = 'N·m';
    }
  });

  it('gives each wrench its setting, or why it cannot prove this bolt', () => {
    client.setQueryData(keys.wrenches, [
      wrench,
      { ...wrench, id: '2', name: 'W4 large', maxNm: 60, markNm: 0.5 },
      { ...wrench, id: '3', name: 'W9 coarse', tolerance: 0.15 },
      { ...wrench, id: '4', name: 'W3 old', calibrationDueOn: '2020-01-01' },
    ]);
    show(withRow(), <Torque jobId={exampleJob().id} end="front" fastener={null} />);
    fireEvent.press(screen.getByText('Medium threadlocker'));
    expect(screen.getByText('±4 % · set 6.0 (5.7 to 6.3 proves it)')).toBeTruthy();
    expect(screen.getByText(/usable from 12.0 to 60.0 N·m only/)).toBeTruthy();
    expect(screen.getByText(/its tolerance is wider than the window/)).toBeTruthy();
    expect(screen.getByText(/out of calibration: the tightening stays unproven/)).toBeTruthy();
  });

  it('sets no wrench before somebody said what is on the thread', () => {
    client.setQueryData(keys.wrenches, [wrench]);
    show(withRow(), <Torque jobId={exampleJob().id} end="front" fastener={null} />);
    expect(screen.getByText('The sheet asks for: medium threadlocker.')).toBeTruthy();
    expect(screen.getByText('Say what is on it; the wrenches follow.')).toBeTruthy();
    expect(screen.queryByText('W2 bench')).toBeNull();
    fireEvent.press(screen.getByText('Dry'));
    fireEvent.press(screen.getByText('W2 bench'));
    expect(lastSent()).toMatchObject({ kind: 'tightening', treatment: 'dry', setNm: 6 });
  });

  it('warns when something else goes on the thread than the sheet asks', () => {
    client.setQueryData(keys.wrenches, [wrench]);
    show(withRow(), <Torque jobId={exampleJob().id} end="front" fastener={null} />);
    fireEvent.press(screen.getByText('Grease'));
    expect(screen.getByText(/Another treatment changes the clamp load/)).toBeTruthy();
  });

  it('confirms the full pass bolt by bolt, across the circle', () => {
    show(
      withRow([{ marks: [mark('snug'), mark('half'), mark('full', 1)] }]),
      <Torque jobId={exampleJob().id} end="front" fastener={null} />,
    );
    expect(screen.getByText('Bolt 2, straight across from the last.')).toBeTruthy();
    fireEvent.press(screen.getByText('It clicked'));
    expect(outbox.add).toHaveBeenCalledWith(
      expect.objectContaining({
        entry: expect.objectContaining({ kind: 'pass-mark', pass: 'full', bolt: 4 }),
      }),
    );
  });

  it('says what is unproven when it is done with an overdue wrench', () => {
    show(
      withRow([
        {
          marks: [mark('snug'), mark('half'), mark('full'), mark('verify')],
          flaws: ['wrench-out-of-calibration'],
        },
      ]),
      <Torque jobId={exampleJob().id} end="front" fastener={null} />,
    );
    expect(screen.getByText('Done, and unproven')).toBeTruthy();
    expect(screen.getByText('The wrench is out of calibration')).toBeTruthy();
    expect(screen.getByText('Back to the job')).toBeTruthy();
  });
});

describe('signing off', () => {
  it('lists what is open, and who may decide it', () => {
    const job = measuredJob([1.47, 1.6, 1.6], {
      bars: [
        { code: 'do-not-ride', end: 'front', subject: 'rotor', found: ['crack'] },
        { code: 'replace-open', end: 'front', subject: 'rotor' },
        {
          code: 'torque-unproven',
          end: 'front',
          fastener: 'rotor-bolts',
          flaws: ['wrench-out-of-calibration', 'torque-from-memory'],
        },
        { code: 'cut-off-untested', end: 'front' },
      ],
    });
    show(
      { ...job, bike: { ...job.bike, motor: true } },
      <SignOff jobId={job.id} person={MECHANIC} />,
    );
    expect(
      screen.getByText(
        'Do not ride: front rotor, crack. Work and another look lift it, or a lead’s word.',
      ),
    ).toBeTruthy();
    expect(screen.getByText('The customer refuses')).toBeTruthy();
    expect(screen.queryByText('A lead accepts it')).toBeNull();
    expect(
      screen.getByText(/the wrench is out of calibration and the torque is from memory/),
    ).toBeTruthy();
    expect(screen.getByText('Front lever cuts the motor')).toBeTruthy();
  });

  it('asks nothing of a motor that is not there, and names what was not inspected', () => {
    show(measuredJob([1.7, 1.7, 1.7]), <SignOff jobId={exampleJob().id} person={MECHANIC} />);
    expect(screen.queryByText('Front lever cuts the motor')).toBeNull();
    expect(
      screen.getByText(/^Front pads, runout, gaps.*; rear rotor, pads.*\. The record says so/),
    ).toBeTruthy();
  });

  it('asks for what is open by name once an end, and leads to measuring again', () => {
    const bars: Job['bars'] = [
      { code: 'replace-open', end: 'front', subject: 'rotor' },
      { code: 'check-open', end: 'front', check: 'caliper-bolts', failed: false },
      { code: 'check-open', end: 'front', check: 'no-drag', failed: true },
      { code: 'check-open', end: 'rear', check: 'no-drag', failed: false },
    ];
    show(
      { ...jobAfter([looksOver('rotor', 'deep-scoring')]), bars },
      <SignOff jobId={exampleJob().id} person={MECHANIC} />,
    );
    expect(screen.getByText('2 to check by name, front')).toBeTruthy();
    expect(screen.getByText('Not in order: Wheel turns without drag.')).toBeTruthy();
    expect(screen.getByText('Caliper bolts tight.')).toBeTruthy();
    expect(screen.getByText('1 to check by name, rear')).toBeTruthy();
    expect(screen.getByText('Measure again: rotor')).toBeTruthy();
    fireEvent.press(screen.getByText('Record the new rotor'));
    expect(router.navigate).toHaveBeenLastCalledWith(`/bench/${exampleJob().id}/front/fit-rotor`);
    expect(screen.getByText('The customer refuses')).toBeTruthy();
  });

  it('asks for the PIN before it sends anything', async () => {
    globalThis.fetch = jest.fn();
    show(measuredJob([1.7, 1.7, 1.7]), <SignOff jobId={exampleJob().id} person={MECHANIC} />);
    await submit('Sign and seal');
    expect(screen.getByText('A PIN has 4 to 8 digits.')).toBeTruthy();
    expect(fetch).not.toHaveBeenCalledWith(...A_WRITE);
  });

  it('does not seal a job over an entry that was not taken: sealed, it could not take it any more', async () => {
    globalThis.fetch = jest.fn();
    const problem = { type: 'urn:hold-fast:problem:internal', title: 'Later', status: 500 };
    const refused = [{ ...waitingOf(reads(begins('rotor').id, '1', 1.4)), problem }];
    jest.spyOn(outbox, 'needsYou', 'get').mockReturnValue(refused);
    show(measuredJob([1.7, 1.7, 1.7]), <SignOff jobId={exampleJob().id} person={MECHANIC} />);
    fireEvent.changeText(screen.getByLabelText('PIN of Maren Okafor'), '1593');
    fireEvent.press(screen.getByText('Sign and seal'));
    expect(
      await screen.findByText('An entry of this job was not taken. Deal with it first.'),
    ).toBeTruthy();
    expect(fetch).not.toHaveBeenCalledWith(...A_WRITE);
  });

  it('says that a PIN was wrong where it is written, and seals nothing by it', async () => {
    const wrong = { type: 'urn:hold-fast:problem:wrong-pin', title: 'No', status: 403 };
    globalThis.fetch = jest.fn(() =>
      Promise.resolve(new Response(JSON.stringify(wrong), { status: 403 })),
    );
    show(measuredJob([1.7, 1.7, 1.7]), <SignOff jobId={exampleJob().id} person={MECHANIC} />);
    fireEvent.changeText(screen.getByLabelText('PIN of Maren Okafor'), '1594');
    await submit('Sign and seal');
    expect(await screen.findByText('That is not your PIN.')).toBeTruthy();
    expect(screen.getByText('Sign and seal')).toBeTruthy();
  });

  it('asks what was said of a bike that leaves as it is, and nothing of it once it stays after all', async () => {
    globalThis.fetch = jest.fn(() => new Promise<Response>(() => undefined));
    show(measuredJob([1.7, 1.7, 1.7]), <SignOff jobId={exampleJob().id} person={MECHANIC} />);
    fireEvent.changeText(screen.getByLabelText('PIN of Maren Okafor'), '1593');
    fireEvent.press(screen.getByText('It leaves unrepaired'));
    fireEvent.changeText(screen.getByLabelText('What was said'), 'Waits for a rotor');
    await submit('Close, not repaired');
    expect(screen.getAllByText('Write it down: it goes into the record.')).toHaveLength(1);
    expect(fetch).not.toHaveBeenCalledWith(...A_WRITE);
    fireEvent.press(screen.getByText('No, it stays on the Bench'));
    await submit('Sign and seal');
    const sent = jest.mocked(fetch).mock.calls.find(([, init]) => init?.method === 'POST')!;
    expect(JSON.parse(sent[1]!.body as string)).toMatchObject({ pin: '1593', notRepaired: null });
  });

  it('takes a decision from nobody who was not named, without words or without a PIN', async () => {
    globalThis.fetch = jest.fn(() => new Promise<Response>(() => undefined));
    client.setQueryData(keys.leads, [{ name: 'Teodor Vane' }]);
    const bars: Job['bars'] = [{ code: 'unproven-open', end: 'front', subject: 'rotor' }];
    show(
      measuredJob([1.52, 1.52, 1.52], { bars }),
      <SignOff jobId={exampleJob().id} person={MECHANIC} />,
    );
    fireEvent.press(screen.getByText('A lead accepts it'));
    await submit('Accept it as unproven');
    for (const fault of [
      'Choose which lead.',
      'Write it down: it goes into the record.',
      'A PIN has 4 to 8 digits.',
    ])
      expect(screen.getByText(fault)).toBeTruthy();
    expect(fetch).not.toHaveBeenCalledWith(...A_WRITE);
    fireEvent.press(screen.getByText('Teodor Vane'));
    fireEvent.changeText(screen.getByLabelText('Reason'), 'Measured twice');
    fireEvent.changeText(screen.getByLabelText('PIN of Teodor Vane'), '2208');
    await submit('Accept it as unproven');
    const sent = jest.mocked(fetch).mock.calls.find(([, init]) => init?.method === 'POST')!;
    expect(JSON.parse(sent[1]!.body as string)).toMatchObject({
      decision: 'accepted-unproven',
      personName: 'Teodor Vane',
      words: 'Measured twice',
      pin: '2208',
    });
  });

  it('wants the customer told of what is near the limit', () => {
    show(measuredJob([1.57, 1.6, 1.6]), <SignOff jobId={exampleJob().id} person={MECHANIC} />);
    expect(screen.getByText('The customer was told: front rotor')).toBeTruthy();
  });

  it('has told the customer of nothing that came to be watched since', async () => {
    const before = measuredJob([1.57, 1.6, 1.6]);
    const glazed = jobAfter([looksOver('pads', 'pads-glazed')]);
    const after = { ...before, lookedOver: glazed.lookedOver };
    show(before, <SignOff jobId={before.id} person={MECHANIC} />);
    const told = (says: string) => ({ name: `The customer was told: ${says}` });
    fireEvent.press(screen.getByRole('checkbox', told('front rotor')));
    expect(screen.getByRole('checkbox', told('front rotor'))).toBeChecked();
    jest.spyOn(folding, 'fold').mockReturnValue(after);
    act(() => client.setQueryData(keys.job(before.id), { base: after, entries: [] }));
    expect(await screen.findByRole('checkbox', told('front rotor, front pads'))).not.toBeChecked();
  });

  it('a sealed record is corrected by an amendment, under the PIN', async () => {
    const sealed = {
      recordId: 'r',
      seal: 'ab'.repeat(32),
      prev: null,
      number: 8,
      notRepaired: null,
      at: '2026-11-25T10:00:00.000Z',
      by: 'Maren Okafor',
    };
    const job: Job = {
      ...exampleJob(),
      status: 'sealed',
      sealed,
      amended: [
        {
          id: 'a',
          number: 9,
          words: 'The lot was K22-119.',
          seal: 'cd'.repeat(32),
          at: sealed.at,
          by: 'Maren Okafor',
        },
      ],
    };
    const fetched = jest.fn((_path: string, _init: RequestInit) => new Promise(() => undefined));
    globalThis.fetch = fetched as unknown as typeof fetch;
    show(job, <SignOff jobId={job.id} person={MECHANIC} />);
    expect(screen.getByText(/The lot was K22-119. Seal cdcdcdcdcdcdcdcd/)).toBeTruthy();
    await submit('Add the amendment');
    expect(screen.getByText('Write what is to be corrected.')).toBeTruthy();
    expect(fetched).not.toHaveBeenCalledWith(...A_WRITE);
    fireEvent.changeText(screen.getByLabelText('What has to be corrected'), 'The odometer.');
    fireEvent.changeText(screen.getByLabelText('PIN of Maren Okafor'), '1593');
    await submit('Add the amendment');
    const [path, init] = fetched.mock.calls.find(([, { method }]) => method === 'POST')!;
    expect(path).toBe(`/api/jobs/${job.id}/amendments`);
    const sent = { words: 'The odometer.', takesBack: [], pin: '1593' };
    expect(JSON.parse(init.body as string)).toMatchObject(sent);
  });
});
