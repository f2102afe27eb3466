import { NOTICE } from '@hold-fast/core/adversary/whole';
import type { Job, Tightened } from '@hold-fast/core/job/job';
import type { Told } from '@hold-fast/core/job/told';
import type { WrenchInStore } from '@hold-fast/contract/stores';
import { router } from 'expo-router';
import { fireEvent, screen } from '@testing-library/react-native';
import { client, keys, outbox } from '../../../data/client';
import { hearShopClock, shopNow } from '../../../shopClock';
import { CONTAINER, exampleJob, stockLine as line } from '../../../testing/exampleJob';
import { clearApp, lastSent, showScreen, submit } from '../../../testing/showScreen';
import { words } from '../../../words/words';
import { markOf } from '../fitting/Recalled';
import { RecordFluid } from '../fitting/RecordFluid';
import { CrowfootFields, type Reach } from '../torque/CrowfootFields';
import { Gaps } from '../torque/Gaps';
import { Torque } from '../torque/Torque';
import { BedIn } from './BedIn';
import { BleedRun } from './BleedRun';
import { FinalCheck } from './FinalCheck';
import { TakeParts } from './TakeParts';
import { TellDeviation } from './TellDeviation';

jest.mock('expo-router', () => ({ router: { navigate: jest.fn() }, usePathname: () => '/' }));

beforeEach(() => clearApp());

const AT = '2026-11-25T09:00:00.000Z';
let told = 0;
const says = <K extends Told['kind']>(kind: K, fields: object): Told =>
  ({
    kind,
    id: `told ${++told}`,
    seq: 100 + told,
    at: AT,
    by: '',
    end: 'front',
    ...fields,
  }) as never;
const after = (change: Partial<Job>): Job => ({ ...exampleJob(), ...change });
const id = exampleJob().id;
const WRENCH: WrenchInStore = {
  id: '0190a000-0000-7000-8000-0000000000f2',
  name: 'W2 bench',
  kind: 'click',
  maxNm: 10,
  markNm: 0.1,
  tolerance: 0.04,
  toleranceAssumed: false,
  calibrationDueOn: '2099-01-01',
  uses: 10,
  feedSerial: null,
  retired: false,
  version: 1,
};

describe('torque of any fastener', () => {
  const show = (fastener: 'lever-clamp' | 'hose-guide' | 'caliper-post') => {
    client.setQueryData(keys.wrenches, [WRENCH, { ...WRENCH, id: '2', name: 'W0', retired: true }]);
    showScreen(<Torque jobId={id} end="front" fastener={fastener} />, { job: exampleJob() });
  };

  it('says that a value from memory proves nothing, and takes one read off the part', async () => {
    show('lever-clamp');
    expect(screen.getByText('Asked 4.0 to 6.0 N·m, shop, from memory')).toBeTruthy();
    expect(screen.getByText(/From memory: it may be recorded and proves nothing/)).toBeTruthy();
    fireEvent.press(screen.getByText('Read it off the part or the maker’s sheet'));
    await submit('Go by this');
    expect(screen.getAllByText('N·m, above zero.')).toHaveLength(2);
    expect(screen.getByText('Say where it stands.')).toBeTruthy();
    fireEvent.changeText(screen.getByLabelText('From, N·m'), '6');
    fireEvent.changeText(screen.getByLabelText('To, N·m'), '5');
    fireEvent.changeText(
      screen.getByLabelText('Which sheet, or where on the part'),
      'On the clamp',
    );
    // What may be met instead of the sheet’s row is not taken for granted.
    await submit('Go by this');
    expect(screen.getByText('Say where it stands.')).toBeTruthy();
    fireEvent.press(screen.getByText('On the part'));
    await submit('Go by this');
    expect(screen.getByText('The lower torque must be below the higher one.')).toBeTruthy();
    expect(screen.getByText('Asked 4.0 to 6.0 N·m, shop, from memory')).toBeTruthy();
    fireEvent.changeText(screen.getByLabelText('To, N·m'), '70');
    await submit('Go by this');
    expect(screen.getByText(/is the point in its place\?/)).toBeTruthy();
    fireEvent.changeText(screen.getByLabelText('To, N·m'), '7');
    await submit('Go by this');
    expect(screen.getByText('Asked 6.0 to 7.0 N·m, “On the clamp”')).toBeTruthy();
    expect(screen.queryByText('W2 bench')).toBeNull();
    fireEvent.press(screen.getByText('Grease'));
    expect(screen.getByText('W2 bench')).toBeTruthy();
    expect(screen.queryByText('W0')).toBeNull();
  });

  it('leaves a print that has nothing in common with the sheet to a lead, with words', async () => {
    const here = (role: string) =>
      client.setQueryData(keys.session, { person: { name: 'Somebody', role, apprentice: false } });
    const job = exampleJob();
    job.identified.front!.sheet.body.torque = [
      {
        fastener: 'caliper-post',
        drive: '5 mm hex',
        boltCount: 2,
        window: { loNm: 6, hiNm: 8, namedNm: null, origin: 'sheet', tag: null },
        thread: 'dry',
      },
    ];
    client.setQueryData(keys.wrenches, [WRENCH]);
    const readOffThePart = async () => {
      showScreen(<Torque jobId={id} end="front" fastener="caliper-post" />, { job });
      fireEvent.press(screen.getByText('Dry'));
      expect(screen.getByText('W2 bench')).toBeTruthy();
      fireEvent.press(screen.getByText('Read it off the part or the maker’s sheet'));
      fireEvent.changeText(screen.getByLabelText('From, N·m'), '9');
      fireEvent.changeText(screen.getByLabelText('To, N·m'), '9,5');
      fireEvent.changeText(
        screen.getByLabelText('Which sheet, or where on the part'),
        'On the caliper',
      );
      fireEvent.press(screen.getByText('On the part'));
      await submit('Go by this');
      expect(screen.getByText('They have no torque in common')).toBeTruthy();
      expect(screen.queryByText('W2 bench')).toBeNull();
    };
    here('mechanic');
    await readOffThePart();
    expect(screen.queryByText('Go by it')).toBeNull();
    screen.unmount();
    here('lead');
    await readOffThePart();
    await submit('Go by it');
    expect(screen.getByText('Write it down: it goes into the record.')).toBeTruthy();
    expect(screen.queryByText('W2 bench')).toBeNull();
    fireEvent.changeText(
      screen.getByLabelText('Why it counts and the sheet does not'),
      'Newer caliper, maker rang back',
    );
    await submit('Go by it');
    expect(screen.getByText('W2 bench')).toBeTruthy();
  });

  it('asks for a value where nobody gives one', () => {
    show('hose-guide');
    expect(screen.getByText(/Nobody gives a torque for it/)).toBeTruthy();
    expect(screen.queryByText('W2 bench')).toBeNull();
  });

  it('shows the clamp load where the thread is not as asked, and warns near the proof load', () => {
    show('caliper-post');
    fireEvent.press(screen.getByText('Anti-seize'));
    // 7 N·m on M6: 5.8 kN with threadlocker, 7.8 with anti-seize; 67 % of 11,600 N [S: ISO 898-1].
    expect(screen.getByText(/about 7.8 instead of 5.8 kN, 67 % of the proof load/)).toBeTruthy();
    expect(screen.queryByText('Near what the bolt can bear')).toBeNull();
  });
});

describe('the gaps of a clamp', () => {
  const clamp = (gaps: Tightened['gaps']) =>
    showScreen(<Gaps job={exampleJob()} tightened={{ id: 't', gaps } as Tightened} />);
  const record = () => screen.queryByText('Record the gaps');

  it('are felt once it is tight, and again where they were equal', () => {
    clamp(null);
    fireEvent.changeText(screen.getByLabelText('Upper gap, mm'), '1.2');
    fireEvent.changeText(screen.getByLabelText('Lower gap, mm'), '1.3');
    fireEvent.press(record()!);
    expect(lastSent()).toMatchObject({ kind: 'clamp-gaps', oneMm: 1.2, otherMm: 1.3 });
    clamp({ oneMm: 1.2, otherMm: 1.3 });
    expect(record()).toBeTruthy();
  });

  it('that were unequal are not felt equal: the clamp is tightened anew', () => {
    clamp({ oneMm: 1.5, otherMm: 1 });
    expect(screen.getByText('1.5 and 1.0 mm.')).toBeTruthy();
    expect(record()).toBeNull();
    expect(screen.getByText(/loosen the clamp and tighten it anew/)).toBeTruthy();
  });
});

it('a crowfoot is measured, drawn, corrected for, and refused where it points back past the grip', () => {
  const given: Reach[] = [];
  showScreen(<CrowfootFields onChange={(reach) => given.push(reach)} offered />);
  expect(screen.getByText(/A nut that the wrench cannot reach straight/)).toBeTruthy();
  fireEvent.press(screen.getByText('With a crowfoot'));
  // Nothing is guessed: until all three are measured, nothing is set through it.
  expect(given.at(-1)).toBe('unmeasured');
  fireEvent.changeText(screen.getByLabelText('L, grip, mm'), '200');
  fireEvent.changeText(screen.getByLabelText('E, nut, mm'), '30');
  expect(given.at(-1)).toBe('unmeasured');
  fireEvent.changeText(screen.getByLabelText('Angle, °'), '0');
  expect(given.at(-1)).toEqual({ leverMm: 200, extensionMm: 30, angleDegrees: 0 });
  expect(screen.getByLabelText(/the fastener gets 1.150 times what the wrench shows/)).toBeTruthy();
  fireEvent.changeText(screen.getByLabelText('Angle, °'), '181');
  expect(screen.getByText('The angle is 0 (straight out) to 180.')).toBeTruthy();
  fireEvent.changeText(screen.getByLabelText('Angle, °'), '180');
  fireEvent.changeText(screen.getByLabelText('E, nut, mm'), '220');
  expect(screen.getByText(/points back past the grip/)).toBeTruthy();
  expect(given.at(-1)).toBe('unmeasured');
  fireEvent.press(screen.getByText('Straight on the fastener'));
  expect(given.at(-1)).toBe('straight');
});

it('books off what somebody says was drawn, and not what was worked out', async () => {
  client.setQueryData(keys.containers, [CONTAINER]);
  const job = exampleJob();
  job.identified.front!.sheet.body.fluid = {
    fluid: CONTAINER.fluid,
    alsoNamedBlends: [],
    origin: 'sheet',
    tag: null,
  };
  showScreen(<RecordFluid jobId={id} end="front" ml="24" />, { job });
  fireEvent.press(screen.getByText(/^Bottle A/));
  expect(screen.getByText('Worked out: about 24 mL.')).toBeTruthy();
  await submit('Book it off');
  expect(screen.getByText(/^How many mL/)).toBeTruthy();
  expect(outbox.add).not.toHaveBeenCalled();
  fireEvent.changeText(screen.getByLabelText('Used, mL'), '900');
  expect(await screen.findByText(/^Refused: .* 480 mL remain/)).toBeTruthy();
  fireEvent.changeText(screen.getByLabelText('Used, mL'), '19,5');
  await submit('Book 19.5 mL off');
  expect(lastSent()).toMatchObject({ kind: 'fill', containerId: CONTAINER.id, ml: 19.5 });
});

it('names a recalled lot before anything of it goes in, bottle or pads', () => {
  const recall = { ...NOTICE, title: 'Fluid that thickens', lot: CONTAINER.lot, doNotRide: true };
  client.setQueryData(keys.containers, [CONTAINER]);
  client.setQueryData(keys.stock, [line({ part: 'pads', batches: [CONTAINER.lot] })]);
  const job = { ...exampleJob(), notices: [recall] };
  job.identified.front!.sheet.body.fluid = {
    fluid: CONTAINER.fluid,
    alsoNamedBlends: [],
    origin: 'sheet',
    tag: null,
  };
  const says = `A maker’s notice names lot ${CONTAINER.lot}`;
  expect(markOf(job, [CONTAINER.lot], 'holds')).toBe('unproven');
  expect(markOf(job, [CONTAINER.lot], 'replace')).toBe('replace');
  expect(markOf(job, ['another'], 'holds')).toBe('holds');
  showScreen(<RecordFluid jobId={id} end="front" ml="" />, { job });
  expect(screen.getByText(says)).toBeTruthy();
  fireEvent.press(screen.getByText(/^Bottle A/));
  expect(screen.getByText(says)).toBeTruthy();
  expect(screen.getByText(/Fluid that thickens, Bulletin 7: Change the blade/)).toBeTruthy();
  expect(screen.getByText('With it in, nobody rides.')).toBeTruthy();
  screen.unmount();
  showScreen(<TakeParts jobId={id} end="front" part="pads" />, { job });
  expect(screen.getByText(says)).toBeTruthy();
  screen.unmount();
  showScreen(<RecordFluid jobId={id} end="front" ml="" />, { job: { ...job, notices: [] } });
  expect(screen.queryByText(says)).toBeNull();
});

describe('a bleed', () => {
  const cycle = (bubbles: string) =>
    says('bleed-cycle', { method: 'gravity-down', bubbles, colour: 'amber', ml: 9 });
  const show = (events: Told[]) =>
    showScreen(<BleedRun jobId={id} end="front" />, { job: after({ told: events }) });

  it('logs a cycle with one touch, and takes the last back', () => {
    show([cycle('many')]);
    fireEvent.press(screen.getByLabelText('None: bubbles'));
    expect(lastSent()).toMatchObject({
      kind: 'bleed-cycle',
      method: 'gravity-down',
      bubbles: 'none',
      colour: 'amber',
    });
    // A double press is no second clean cycle.
    fireEvent.press(screen.getByLabelText('None: bubbles'), { nativeEvent: { detail: 2 } });
    expect(outbox.add).toHaveBeenCalledTimes(1);
    fireEvent.press(screen.getByText('Take the last back'));
    expect(lastSent()).toMatchObject({ kind: 'taken-back', of: `told ${told}` });
  });

  it('says when the lever decides, and how much fluid it takes', () => {
    show([cycle('none'), cycle('none')]);
    expect(screen.getByText('Clean twice')).toBeTruthy();
    fireEvent.changeText(screen.getByLabelText('Hose length, mm'), '900');
    // 900 mm of 2.5 mm bore is 4.42 mL, the handbook’s check value; kit and bore are assumed.
    expect(screen.getByText(/Hose 4.4 mL, system 8.9; a flush takes 27 mL: 2 fills/)).toBeTruthy();
    fireEvent.changeText(screen.getByLabelText('Hose length, mm'), 'x');
    expect(screen.getByText('A length in millimetres.')).toBeTruthy();
  });
});

describe('the final check', () => {
  const stepped = [
    {
      id: 's1',
      seq: 5,
      step: 'new-pads-in' as const,
      end: 'front' as const,
      outcome: 'done' as const,
      reason: '',
      after: null,
      at: AT,
      by: '',
    },
  ];
  it('ticks by name what was touched, and says when nothing was', () => {
    const { unmount } = showScreen(<FinalCheck jobId={id} end="front" />, {
      job: after({ stepped }),
    });
    const spring = screen.getByLabelText('Pad spring seated');
    expect(spring).toBeTruthy();
    fireEvent.press(screen.getAllByText('No')[0]!);
    expect(lastSent()).toMatchObject({
      kind: 'ticked',
      end: 'front',
      check: 'rotor-bolts',
      outcome: 'failed',
    });
    unmount();
    showScreen(<FinalCheck jobId={id} end="rear" />, { job: after({ stepped }) });
    expect(screen.getByText(/Nothing was opened or loosened at this end/)).toBeTruthy();
  });
});

describe('bedding in', () => {
  it('of somebody who reads miles an hour keeps kilometres an hour', () => {
    const inMiles = [
      jest.replaceProperty(words.format, 'unitKm', 1.609344),
      jest.replaceProperty(words.format, 'speedUnit', 'mph'),
    ];
    showScreen(<BedIn jobId={id} end="front" />, { job: exampleJob() });
    expect(screen.getByLabelText('From, mph').props.value).toBe('16');
    fireEvent.changeText(screen.getByLabelText('To, mph'), '40');
    expect(screen.getByText(/^From 4 to 37 mph down to a walk/)).toBeTruthy();
    fireEvent.changeText(screen.getByLabelText('To, mph'), '4');
    fireEvent.press(screen.getByRole('button', { name: /of 10 pulls: touch for each/ }));
    // [S] NIST SP 811 (2008), Appendix B.8: a mile is 1.609 344 km, so 16 and 4 are 25.7 and 6.4 km/h.
    expect(lastSent()).toMatchObject({ kind: 'bedding-pull', fromKmh: 25.7, toKmh: 6.4 });
    for (const each of inMiles) each.restore();
  });

  it('counts a pull with one touch, by the speeds that were written', () => {
    showScreen(<BedIn jobId={id} end="front" />, { job: exampleJob() });
    fireEvent.press(screen.getByRole('button', { name: /of 10 pulls: touch for each/ }));
    expect(lastSent()).toMatchObject({ kind: 'bedding-pull', fromKmh: 25, toKmh: 5 });
    // The second press of a double one is no second pull.
    fireEvent.press(screen.getByText('0'), { nativeEvent: { detail: 2 } });
    expect(outbox.add).toHaveBeenCalledTimes(1);
    fireEvent.changeText(screen.getByLabelText('To, km/h'), '30');
    expect(screen.getByText(/down to a walk, not to a stop/)).toBeTruthy();
    jest.mocked(outbox.add).mockClear();
    fireEvent.press(screen.getByRole('button', { name: /of 10 pulls: touch for each/ }));
    expect(outbox.add).not.toHaveBeenCalled();
  });

  it('takes no pull while something touched on the stand, and leads to where that is answered', () => {
    const failed = { test: 'stand', end: 'front', outcome: 'failed', words: '' } as const;
    const tested = [{ ...failed, id: 'stand', seq: 100, at: AT, by: '' }];
    showScreen(<BedIn jobId={id} end="front" />, { job: after({ tested }) });
    expect(screen.getByText(/^Not ridden before the front brake was tried/)).toBeTruthy();
    fireEvent.press(screen.getByRole('button', { name: /of 10 pulls: not yet/ }));
    expect(outbox.add).not.toHaveBeenCalled();
    fireEvent.press(screen.getByText('Try it on the stand'));
    expect(router.navigate).toHaveBeenLastCalledWith(expect.stringMatching(/sign-off$/));
  });

  it('sends a ring that is off the edge back to the radial check', () => {
    showScreen(<BedIn jobId={id} end="front" />, {
      job: after({ told: [says('witness', { ring: 'off-the-edge' })] }),
    });
    expect(screen.getByText('Back to the radial check')).toBeTruthy();
    fireEvent.press(screen.getByText('Even, full width'));
    expect(lastSent()).toMatchObject({ kind: 'witness', ring: 'even' });
  });

  it.each([-1, 0, 1])('says to let a hot rotor cool, by the shop’s clock: %s days off', (days) => {
    hearShopClock(new Date(Date.now() + days * 86_400_000).toUTCString());
    const at = shopNow().toISOString();
    const pulls = Array.from({ length: 12 }, () =>
      says('bedding-pull', { fromKmh: 45, toKmh: 5, at }),
    );
    showScreen(<BedIn jobId={id} end="front" />, { job: after({ told: pulls }) });
    expect(screen.getByText('Ride on without braking; never stop on a hot brake.')).toBeTruthy();
    expect(screen.getByText('of 10: look at the ring')).toBeTruthy();
    hearShopClock(new Date().toUTCString());
  });
});

describe('a deviation', () => {
  it('offers its choices with the risk, and wants it read out before it is recorded', async () => {
    showScreen(<TellDeviation jobId={id} end="front" />, { job: exampleJob() });
    fireEvent.press(screen.getByText('A part was modified'));
    expect(screen.queryByText('Leave as found')).toBeNull();
    fireEvent.press(screen.getByText('Not ridden'));
    expect(screen.getByText('The bike leaves on foot, tagged.')).toBeTruthy();
    await submit('Record the decision');
    expect(screen.getByText('Read the risk out first.')).toBeTruthy();
    expect(screen.getByText(/Write what is seen/)).toBeTruthy();
    expect(outbox.add).not.toHaveBeenCalled();
    fireEvent.changeText(screen.getByLabelText('What is seen'), 'Tab filed down');
    fireEvent.press(screen.getByText('The risk was read out and understood'));
    // Nobody has decided yet: the customer is not taken for one who did.
    await submit('Record the decision');
    expect(screen.getByText('Say who decides.')).toBeTruthy();
    expect(screen.getByText('Write who decided.')).toBeTruthy();
    expect(outbox.add).not.toHaveBeenCalled();
    fireEvent.press(screen.getByText('The customer'));
    await submit('Record the decision');
    expect(lastSent()).toMatchObject({
      kind: 'deviation',
      deviation: 'modified-part',
      choice: 'not-ridden',
      who: exampleJob().customer.name,
      riskTold: true,
    });
  });

  it('keeps what its maker wrote back once somebody says whether that allows it', async () => {
    const asked = says('deviation', {
      deviation: 'other',
      words: 'Tab filed down',
      measured: '',
      choice: 'ask-maker',
      decidedBy: 'lead',
      who: 'Teodor Vane',
      riskTold: true,
    });
    showScreen(<TellDeviation jobId={id} end="front" />, { job: after({ told: [asked] }) });
    await submit('Record the answer');
    expect(screen.getByText('Write what the maker wrote.')).toBeTruthy();
    expect(screen.getByText('Say whether it allows it.')).toBeTruthy();
    expect(outbox.add).not.toHaveBeenCalled();
    fireEvent.changeText(screen.getByLabelText('The answer, word for word'), ' Not on our fork. ');
    fireEvent.press(screen.getByText('It does not'));
    await submit('Record the answer');
    expect(lastSent()).toMatchObject({
      kind: 'maker-answer',
      deviationId: asked.id,
      words: 'Not on our fork.',
      allows: false,
      photoId: null,
    });
  });
});

describe('parts', () => {
  it('offers what the plan takes, and what is gone cannot be taken', () => {
    client.setQueryData(keys.stock, [
      line({}),
      line({ id: '2', description: 'Metallic pair', count: 0 }),
      line({ id: '3', part: 'olive', description: 'Olive' }),
    ]);
    const planned = {
      id: 'p',
      procedures: { front: ['change-pads' as const], rear: [], third: [] },
      bleed: { front: 'push-up' as const, rear: 'push-up' as const, third: 'push-up' as const },
      again: [],
      seq: 1,
      agreed: 'agreed' as const,
      words: '',
      at: AT,
      by: '',
    };
    showScreen(<TakeParts jobId={id} end="front" part="" />, {
      job: after({ planned: [planned] }),
    });
    expect(screen.getByText(/The plan takes: pair of pads and retaining clip/)).toBeTruthy();
    expect(screen.queryByText('Olive')).toBeNull();
    expect(screen.getByText(/order more/)).toBeTruthy();
  });

  it('shows what the step asks for, and takes a part that is not from the shelf with where it came from', () => {
    client.setQueryData(keys.stock, [
      line({}),
      line({ id: '3', part: 'barb', description: 'Barb' }),
    ]);
    showScreen(<TakeParts jobId={id} end="front" part="barb,olive" />, { job: exampleJob() });
    expect(screen.getByText(/The step takes: olive of that hose type and barb/)).toBeTruthy();
    expect(screen.queryByText('Organic pair')).toBeNull();
    fireEvent.press(screen.getByText('Barb of that hose type'));
    fireEvent.press(screen.getByText('Write it down'));
    expect(outbox.add).not.toHaveBeenCalled();
    fireEvent.changeText(screen.getByLabelText('Where it came from'), ' In the hose’s bag ');
    fireEvent.press(screen.getByText('Write it down'));
    expect(lastSent()).toMatchObject({
      kind: 'part-brought',
      end: 'front',
      part: 'barb',
      pieces: 1,
      from: 'In the hose’s bag',
    });
  });

  it('takes of several batches the one that the packet says, and asks nothing where there is one', () => {
    const row = () => screen.getByText('Organic pair');
    const says = 'Which batch does its packet say?';
    const taken = () => jest.mocked(outbox.add).mock.calls.at(-1)?.[0];
    client.setQueryData(keys.stock, [line({ part: 'pads', batches: ['B-1'] })]);
    showScreen(<TakeParts jobId={id} end="front" part="pads" />, { job: exampleJob() });
    fireEvent.press(row());
    expect(taken()).toMatchObject({ entry: { kind: 'part-taken', batch: 'B-1' } });
    screen.unmount();

    jest.mocked(outbox.add).mockClear();
    client.setQueryData(keys.stock, [line({ part: 'pads', batches: ['B-2', '', 'B-1'] })]);
    showScreen(<TakeParts jobId={id} end="front" part="pads" />, { job: exampleJob() });
    expect(screen.getByText(/batch B-2 and B-1/)).toBeTruthy();
    expect(screen.queryByText(/names lot/)).toBeNull();
    fireEvent.press(row());
    expect(outbox.add).not.toHaveBeenCalled();
    fireEvent.press(screen.getByRole('radio', { name: 'B-1' }));
    expect(taken()).toMatchObject({ entry: { batch: 'B-1' } });
    expect(screen.queryByText(says)).toBeNull();

    fireEvent.press(row());
    fireEvent.press(screen.getByRole('radio', { name: 'None printed' }));
    expect(taken()).toMatchObject({
      entry: { batch: '' },
      known: { batches: ['B-2', '', 'B-1'] },
    });

    fireEvent.press(row());
    expect(screen.getByText(says)).toBeTruthy();
    fireEvent.changeText(screen.getByLabelText('Another, as printed'), ' B-9 ');
    fireEvent.press(screen.getByText('Take it'));
    expect(taken()).toMatchObject({ entry: { batch: 'B-9' } });
    expect(outbox.add).toHaveBeenCalledTimes(3);
  });

  it('says which part is not the one the brake’s sheet names', () => {
    const job = exampleJob();
    const front = job.identified.front!;
    const body = { ...front.sheet.body, pads: { ...front.sheet.body.pads, shape: 'Tolve oval' } };
    client.setQueryData(keys.stock, [
      line({ id: '2', description: 'Another pair', fits: 'Sund long' }),
      line({ fits: 'Tolve oval' }),
    ]);
    showScreen(<TakeParts jobId={id} end="front" part="pads" />, {
      job: {
        ...job,
        identified: { ...job.identified, front: { ...front, sheet: { ...front.sheet, body } } },
      },
    });
    expect(screen.getByText(/Tolve oval · fits this brake by its sheet/)).toBeTruthy();
    expect(screen.getByText(/Sund long · not the one this brake’s sheet names/)).toBeTruthy();
  });
});
