import { NOTICE } from '@hold-fast/core/adversary/whole';
import type { UsedPart } from '@hold-fast/core/kit/usedPart';
import type { NoticeKept } from '@hold-fast/contract/notices';
import type { FeedState } from '@hold-fast/contract/feed';
import type { GaugeInStore } from '@hold-fast/contract/stores';
import { SHEETS_FORMAT } from '@hold-fast/contract/sheets';
import { USUAL_RULES } from '@hold-fast/core/rules/shopRules';
import { act, fireEvent, screen, waitFor, within } from '@testing-library/react-native';
import { client, keys } from '../../data/client';
import { CONTAINER, exampleJob, GAUGE, stockLine } from '../../testing/exampleJob';
import { clearApp, showScreen, submit } from '../../testing/showScreen';
import { words } from '../../words/words';
import { FeedScreen } from './FeedScreen';
import { FiguresForm } from './FiguresForm';
import { GaugeForm } from './GaugeForm';
import { ImportSheets } from './ImportSheets';
import { RulesForm } from './RulesForm';
import { SheetForm } from './SheetForm';
import { ContainerForm } from './ContainerForm';
import { SheetPage } from './SheetPage';
import { NoticeForm } from './NoticeForm';
import { StockForm } from './StockForm';
import { Stores } from './Stores';
import { WrenchForm } from './WrenchForm';

const IN_STORE: GaugeInStore = { ...GAUGE, version: 3, uses: 1204 };

/** Requests the screen sent, and the answer each gets. */
const sent: { method: string; path: string; body: unknown }[] = [];
let answer: { status: number; body: unknown } = { status: 200, body: {} };

beforeEach(() => {
  clearApp();
  sent.length = 0;
  answer = { status: 200, body: {} };
  globalThis.fetch = jest.fn((path: string, init: RequestInit = {}) => {
    // What was changed is asked for again; here the screen keeps what it has.
    if ((init.method ?? 'GET') === 'GET') return new Promise(() => undefined);
    sent.push({
      method: init.method!,
      path,
      body: typeof init.body === 'string' ? JSON.parse(init.body) : null,
    });
    return Promise.resolve({
      ok: answer.status < 400,
      headers: new Headers(),
      status: answer.status,
      json: () => Promise.resolve(answer.body),
    });
  }) as unknown as typeof fetch;
});

describe('a gauge', () => {
  it('is sent with the version it was read at, as it was changed', async () => {
    showScreen(<GaugeForm gaugeId={IN_STORE.id} />, { gauges: [IN_STORE] });
    expect(screen.getByText(/1,204 readings taken with it/)).toBeTruthy();
    fireEvent.changeText(screen.getByLabelText('Expanded uncertainty U (k = 2), mm'), '0,02');
    await submit('Save');
    // So little is no assumption: a certificate says so, or nobody.
    expect(await screen.findByText(/^Less than is assumed without a certificate/)).toBeTruthy();
    expect(sent).toEqual([]);
    fireEvent.press(screen.getByText('Assumed, not by certificate'));
    await submit('Save');
    await waitFor(() => expect(sent).toHaveLength(1));
    expect(sent[0]).toMatchObject({
      method: 'PUT',
      path: `/api/gauges/${IN_STORE.id}`,
      body: { version: 3, gauge: { uncertaintyMm: 0.02, name: 'G2 thickness gauge' } },
    });
  });

  it('names the field that is wrong, and sends nothing', async () => {
    showScreen(<GaugeForm gaugeId={IN_STORE.id} />, { gauges: [IN_STORE] });
    fireEvent.changeText(screen.getByLabelText('Calibrated through, year-month-day'), 'next May');
    fireEvent.changeText(screen.getByLabelText('Name on the bench'), '');
    await submit('Save');
    await waitFor(() => expect(screen.getAllByRole('alert').length).toBeGreaterThanOrEqual(2));
    expect(sent).toHaveLength(0);
  });

  it.each(['2e-2', '0x2', 'Infinity', '0.02 mm', '.'])(
    'takes no number but one written in digits: %s',
    async (written) => {
      showScreen(<GaugeForm gaugeId={IN_STORE.id} />, { gauges: [IN_STORE] });
      fireEvent.changeText(screen.getByLabelText('Expanded uncertainty U (k = 2), mm'), written);
      fireEvent.press(screen.getByText('Assumed, not by certificate'));
      await submit('Save');
      expect(await screen.findByRole('alert')).toBeTruthy();
      expect(screen.getByDisplayValue(written)).toBeTruthy();
      expect(sent).toEqual([]);
    },
  );

  it('is of no kind, step or doubt before somebody says which kind it is', async () => {
    showScreen(<GaugeForm gaugeId="new" />, { gauges: [] });
    fireEvent.changeText(screen.getByLabelText('Name on the bench'), 'G12');
    await submit('Save');
    await waitFor(() => expect(screen.getByText('Say which kind it is.')).toBeTruthy());
    expect(screen.queryByText('Smallest step it shows, mm')).toBeNull();
    expect(sent).toHaveLength(0);
  });

  it('starts with the usual doubt of its kind, marked as assumed', () => {
    showScreen(<GaugeForm gaugeId="new" />, { gauges: [IN_STORE] });
    fireEvent.press(screen.getByText(/Outside micrometer/i));
    // Resolution and doubt of an outside micrometer: common practice, and from memory.
    expect(screen.getAllByDisplayValue('0.01')).toHaveLength(2);
    expect(screen.getByText('Assumed, not by certificate')).toBeTruthy();
  });

  it('has no points that nobody looked at: they would read a worn rotor past its ridge', async () => {
    showScreen(<GaugeForm gaugeId="new" />, { gauges: [] });
    fireEvent.changeText(screen.getByLabelText('Name on the bench'), 'G12');
    fireEvent.press(screen.getByText(/Thickness gauge/i));
    await submit('Save');
    expect(await screen.findByText(/^Anvils: look whether/)).toBeTruthy();
    expect(sent).toEqual([]);
    fireEvent.press(screen.getByText(/^Point/));
    await submit('Save');
    await waitFor(() => expect(sent).toHaveLength(1));
    expect(sent[0]).toMatchObject({ body: { anvils: 'point' } });
  });

  it('changed by somebody else meanwhile is not overwritten', async () => {
    answer = {
      status: 409,
      body: { type: '/problems/version-conflict', title: 'Changed by somebody else', status: 409 },
    };
    showScreen(<GaugeForm gaugeId={IN_STORE.id} />, { gauges: [IN_STORE] });
    await submit('Save');
    await waitFor(() => expect(screen.getByText(/Changed by somebody else/)).toBeTruthy());
  });
});

describe('shop rules', () => {
  const show = () => {
    client.setQueryData(keys.rules, { version: 0, rules: USUAL_RULES, at: null, by: null });
    showScreen(<RulesForm />);
  };

  it('say of bands of trapped air that overlap what is wrong with them, and of a number too large how far it goes', async () => {
    client.setQueryData(keys.rules, { version: 0, rules: USUAL_RULES, at: null, by: null });
    showScreen(<FiguresForm />);
    const topUp = screen.getByLabelText('Air up to which a top-up helps, mL');
    const lay = async (text: string) => {
      fireEvent.changeText(topUp, text);
      await submit('Lay down these rules');
      expect(sent).toHaveLength(0);
    };
    await lay('0.05');
    expect(
      screen.getByText('It has to lie above the air under which a lever is sound.'),
    ).toBeTruthy();
    await lay('0.6');
    expect(screen.getByText('From 0.05 mL to 0.5 mL, or empty for the usual one.')).toBeTruthy();
  });

  it('never come into force without a school of judging pads', async () => {
    show();
    for (const school of USUAL_RULES.schools)
      fireEvent.press(screen.getByText(words.school[school]));
    await submit('Lay down these rules');
    await waitFor(() =>
      expect(screen.getByText('At least one school must be in force.')).toBeTruthy(),
    );
    expect(sent).toHaveLength(0);
  });

  it('refuse bands that end before they begin', async () => {
    show();
    fireEvent.changeText(screen.getByLabelText('Watch to'), '0.05');
    await submit('Lay down these rules');
    await waitFor(() => expect(screen.getAllByRole('alert').length).toBeGreaterThan(0));
    expect(sent).toHaveLength(0);
  });

  it('show the guard band and offer no switch for it', () => {
    show();
    expect(screen.getByText(/cannot be switched off/)).toBeTruthy();
  });
});

describe('taking sheets in', () => {
  const paste = async (text: string) => {
    await act(async () => {
      fireEvent.changeText(screen.getByLabelText('Or paste it here'), text);
      await Promise.resolve();
    });
  };

  it.each([
    ['{"format":', 'This is not JSON. Nothing was taken in.'],
    ['{"format":"other/1","sheets":[]}', `This is no file of the format ${SHEETS_FORMAT}.`],
    [`{"format":"${SHEETS_FORMAT}","sheets":[]}`, 'There are no sheets in it.'],
  ])('says what is wrong with %p', async (text, says) => {
    showScreen(<ImportSheets />);
    await paste(text);
    expect(screen.getByText(says)).toBeTruthy();
    expect(sent).toHaveLength(0);
  });

  it('previews row by row, and takes the good rows only when some are refused', async () => {
    answer = {
      status: 200,
      body: [
        { row: 1, title: 'Tolve', does: 'add', faults: [] },
        {
          row: 2,
          title: '',
          does: 'refused',
          faults: [{ path: 'rotor.newMm', code: 'new-not-above-limit' }],
        },
      ],
    };
    showScreen(<ImportSheets />);
    await paste(JSON.stringify({ format: SHEETS_FORMAT, sheets: [{}, {}] }));
    await waitFor(() => expect(screen.getByText('Row 2: no title')).toBeTruthy());
    expect(screen.getByText(/rotor.newMm: New must be thicker than the limit/)).toBeTruthy();
    expect(sent[0]).toMatchObject({ body: { mode: 'preview' } });
    await submit('Take the one good row only');
    await waitFor(() => expect(sent[1]).toMatchObject({ body: { mode: 'good-rows' } }));
  });
});

describe('the gauge feed’s screen', () => {
  const state: FeedState = {
    port: 4001,
    gauges: [
      {
        serial: 'TG-0107',
        kind: 'thickness-gauge',
        connected: true,
        plays: ['steady', 'worn-rotor'],
      },
      { serial: 'XX-9', kind: 'thickness-gauge', connected: false, plays: [] },
    ],
    readings: [
      {
        serial: 'XX-9',
        seq: 4,
        shown: '0.0590',
        unit: 'in',
        at: '2026-11-25T09:00:00.000Z',
        unused: 'wrong-unit',
        wentTo: null,
      },
    ],
  };

  it('shows what was sent and not used, and drives only stand-ins', async () => {
    client.setQueryData(keys.feed, state);
    showScreen(<FeedScreen />, { gauges: [IN_STORE] });
    expect(screen.getByText('TG-0107, G2 thickness gauge')).toBeTruthy();
    expect(screen.getByText('XX-9, not in the register')).toBeTruthy();
    expect(screen.getByText('The line dropped; it comes back by itself.')).toBeTruthy();
    expect(screen.getByText(/in, not used: it is set to another unit/)).toBeTruthy();
    expect(screen.queryByLabelText('Press its button: XX-9')).toBeNull();
    answer = { status: 200, body: state };
    await act(async () => {
      fireEvent.press(within(screen.getByLabelText('What TG-0107 plays')).getByText('Worn rotor'));
      await Promise.resolve();
    });
    expect(sent).toEqual([
      { method: 'POST', path: '/api/feed/gauges/TG-0107', body: { scene: 'worn-rotor' } },
    ]);
  });
});

describe('a spec sheet', () => {
  const { sheet } = exampleJob().identified.front!;
  const history = [
    {
      ...sheet,
      id: '0190a000-0000-7000-8000-0000000000e5',
      revision: 2,
      body: {
        ...sheet.body,
        rotor: { ...sheet.body.rotor, limit: { ...sheet.body.rotor.limit!, limitMm: 1.55 } },
      },
      at: '2026-11-25T09:00:00.000Z',
      by: 'Teodor Vane',
      note: 'Read off the new sheet',
    },
    { ...sheet, at: '2026-11-01T09:00:00.000Z', by: null, note: '' },
  ];

  it('shows every revision and what it changed, each value with who laid it down', () => {
    client.setQueryData(keys.sheet(sheet.sheetId), history);
    showScreen(<SheetPage sheetId={sheet.sheetId} />);
    expect(
      screen.getByText(
        /“Read off the new sheet” · changed: Rotor limit 1\.50 mm, worn at it \(sheet\) → 1\.55 mm, worn at it \(sheet\)$/,
      ),
    ).toBeTruthy();
    expect(screen.getByText('1.55 mm, worn at it')).toBeTruthy();
    fireEvent.press(screen.getByText('Revision 1'));
    expect(screen.getByText('1.50 mm, worn at it')).toBeTruthy();
    expect(screen.getAllByText('sheet').length).toBeGreaterThan(1);
  });

  it('shows a silicone fluid as silicone, and takes each family by its name', () => {
    const silicone = {
      ...history[0]!,
      body: {
        ...history[0]!.body,
        fluid: {
          fluid: { family: 'silicone' as const, grade: 'DOT 5' as const },
          alsoNamedBlends: [],
          origin: 'sheet' as const,
          tag: null,
        },
      },
    };
    client.setQueryData(keys.sheet(sheet.sheetId), [silicone]);
    showScreen(<SheetForm sheetId={sheet.sheetId} from={null} />);
    const chosen = () => screen.getByRole('radio', { checked: true, name: /DOT|Mineral/ });
    expect(chosen()).toHaveTextContent('DOT 5 (silicone)');
    // No grade is the one that nobody named.
    fireEvent.press(screen.getByText('DOT 5.1'));
    expect(chosen()).toHaveTextContent('DOT 5.1');
    fireEvent.press(screen.getByText('Mineral'));
    expect(chosen()).toHaveTextContent('Mineral');
    expect(screen.getByLabelText('Blend, by its name')).toBeTruthy();
  });

  it('begun from another brake’s, claims nothing for its own before somebody says so', async () => {
    client.setQueryData(keys.sheet(sheet.sheetId), history);
    showScreen(<SheetForm sheetId={null} from={sheet.sheetId} />);
    expect(screen.getByText(/counts as from memory and passes nothing/)).toBeTruthy();
    await submit('Save the sheet');
    expect(sent).toEqual([]);
    fireEvent.changeText(
      screen.getByLabelText('Maker’s sheet and its revision'),
      'Bench card 12, revision 1',
    );
    await submit('Save the sheet');
    await waitFor(() => expect(sent).toHaveLength(1));
    expect(sent[0]).toMatchObject({
      body: {
        baseId: null,
        body: {
          source: 'Bench card 12, revision 1',
          rotor: { limit: { ...history[0]!.body.rotor.limit, origin: 'shop', tag: 'M' } },
          fluid: null,
        },
      },
    });
  });

  it('is saved as a new revision of the one it was made from', async () => {
    client.setQueryData(keys.sheet(sheet.sheetId), history);
    showScreen(<SheetForm sheetId={sheet.sheetId} from={null} />);
    fireEvent.changeText(screen.getByLabelText('Rotor limit, mm'), '1,65');
    fireEvent.changeText(screen.getByLabelText('What changed, and why'), 'Stamp read');
    await submit('Save as a new revision');
    await waitFor(() => expect(sent).toHaveLength(1));
    expect(sent[0]).toMatchObject({
      method: 'PUT',
      path: expect.stringMatching(/^\/api\/sheets\//) as string,
      body: {
        sheetId: sheet.sheetId,
        baseId: history[0]!.id,
        note: 'Stamp read',
        body: { rotor: { limit: { limitMm: 1.65 } } },
      },
    });
  });

  describe('a sheet that is written', () => {
    const form = () => {
      client.setQueryData(keys.sheet(sheet.sheetId), history);
      showScreen(<SheetForm sheetId={sheet.sheetId} from={null} />);
    };
    const bodySent = () => (sent[0] as { body: { body: typeof sheet.body } }).body.body;

    it('says under the number that its point has slipped, and is not sent', async () => {
      form();
      fireEvent.changeText(screen.getByLabelText('Rotor limit, mm'), '0,15');
      await submit('Save as a new revision');
      expect(await screen.findByText(/is the point in its place\?/)).toBeTruthy();
      expect(sent).toEqual([]);
    });

    it('has no limit that nobody wrote: one is asked for where the sheet gives one', async () => {
      form();
      const given = () => screen.getByRole('checkbox', { name: 'The sheet gives a limit' });
      fireEvent.press(given());
      fireEvent.press(given());
      expect(screen.getByLabelText('Rotor limit, mm')).toHaveProp('value', '');
      await submit('Save as a new revision');
      expect(await screen.findByText('Write the limit as the sheet gives it.')).toBeTruthy();
      expect(sent).toEqual([]);
    });

    it('that names one torque goes by that and by no range that stood there before', async () => {
      form();
      fireEvent.press(screen.getByRole('radio', { name: /rotor bolts/i }));
      fireEvent.changeText(screen.getByLabelText('Or one value, N·m'), '10');
      expect(screen.getByText('9.0 to 11.0 N·m: the spread is our choice.')).toBeTruthy();
      await submit('Save as a new revision');
      await waitFor(() => expect(sent).toHaveLength(1));
      expect(bodySent().torque[0]!.window).toMatchObject({ loNm: 9, hiNm: 11, namedNm: 10 });
    });
  });
});

describe('wrenches, fluid and parts', () => {
  const wrench = {
    id: '0190a000-0000-7000-8000-0000000000e1',
    name: 'W2 bench',
    kind: 'click',
    maxNm: 10,
    markNm: 0.1,
    tolerance: 0.04,
    toleranceAssumed: false,
    calibrationDueOn: '2027-01-01',
    uses: 4990,
    feedSerial: null,
    retired: false,
    version: 2,
  };

  it('a calibrated wrench begins its clicks anew; a cleared day is none', async () => {
    client.setQueryData(keys.wrenches, [wrench]);
    showScreen(<WrenchForm wrenchId={wrench.id} />);
    fireEvent.changeText(screen.getByLabelText(/Clicks since calibration/), '0');
    fireEvent.changeText(screen.getByLabelText('Calibrated through, year-month-day'), '');
    await submit('Save');
    await waitFor(() => expect(sent).toHaveLength(1));
    expect(sent[0]).toMatchObject({
      method: 'PUT',
      path: `/api/wrenches/${wrench.id}`,
      body: { version: 2, wrench: { uses: 0, calibrationDueOn: null } },
    });
  });

  it('a new wrench assumes its tolerance from memory, and a refusal names the field', async () => {
    client.setQueryData(keys.wrenches, []);
    answer = {
      status: 422,
      body: {
        type: 'urn:hold-fast:problem:invalid-input',
        title: 'Something in this cannot be right.',
        status: 422,
        fields: [{ path: 'name', code: 'taken', message: 'Another one has this name.' }],
      },
    };
    showScreen(<WrenchForm wrenchId="new" />);
    // Up to 10 N·m ±6 %, from memory of ISO 6789-1.
    expect(screen.getByDisplayValue('6')).toBeTruthy();
    fireEvent.changeText(screen.getByLabelText('Name on the bench'), 'W2 bench');
    // Kind and range are read off it: nothing is sent of one that nobody looked at.
    await submit('Save');
    await waitFor(() => expect(screen.getAllByText('A number, above zero.')).toHaveLength(2));
    expect(sent).toHaveLength(0);
    expect(screen.getByText('Kind: say whether it clicks or is read.')).toBeTruthy();
    expect(screen.getByText(/^Write how many clicks since/)).toBeTruthy();
    fireEvent.changeText(screen.getByLabelText(/Clicks since calibration/), '40');
    fireEvent.press(screen.getByText(/^Clicks at/));
    fireEvent.changeText(screen.getByLabelText(/Greatest torque/), '10');
    fireEvent.changeText(screen.getByLabelText(/Step between two marks/), '0,1');
    await submit('Save');
    await waitFor(() => expect(screen.getByText('Another one has this name.')).toBeTruthy());
  });

  it('holds no fluid before somebody says which, and how it looks', async () => {
    client.setQueryData(keys.containers, []);
    showScreen(<ContainerForm containerId="new" />);
    fireEvent.changeText(screen.getByLabelText('Name on the shelf'), 'Bottle C');
    fireEvent.changeText(screen.getByLabelText('Lot'), 'K23');
    fireEvent.changeText(screen.getByLabelText(/^Size/), '500');
    await submit('Save');
    await waitFor(() => expect(screen.getByText('Say which fluid it is.')).toBeTruthy());
    expect(sent).toHaveLength(0);
    expect(screen.getByText('Look at it, and say how it looks.')).toBeTruthy();
    fireEvent.press(screen.getByText('DOT 4'));
    fireEvent.press(screen.getByText('Clear'));
    await submit('Save');
    await waitFor(() => expect(sent).toHaveLength(1));
    expect(sent[0]!.body).toMatchObject({
      label: 'Bottle C',
      fluid: { family: 'glycol', grade: 'DOT 4' },
      sizeMl: 500,
    });
  });

  it('fluid with bits in it is written off, with the reason', async () => {
    client.setQueryData(keys.containers, [CONTAINER]);
    showScreen(<ContainerForm containerId={CONTAINER.id} />);
    fireEvent.press(screen.getByText('Bits in it'));
    fireEvent.press(screen.getByText('Written off'));
    fireEvent.changeText(screen.getByLabelText('Why'), 'Left open');
    await submit('Save');
    await waitFor(() => expect(sent).toHaveLength(1));
    expect(sent[0]!.body).toMatchObject({
      version: 1,
      container: { condition: 'bits', writtenOff: true, writtenOffReason: 'Left open' },
    });
    expect(sent[0]!.body).not.toHaveProperty('container.remainingMl');
  });

  it('the wrong fluid in a container quarantines every brake it went into, which are shown to be rung', async () => {
    client.setQueryData(keys.containers, [CONTAINER]);
    client.setQueryData(keys.fills(CONTAINER.id), [
      {
        id: 'f',
        at: '2026-11-20T09:00:00.000Z',
        end: 'rear',
        ml: 32,
        jobId: 'j',
        tag: 410,
        bikeId: 'b',
        bikeName: 'Tandem',
        customerName: 'Marit',
      },
    ]);
    showScreen(<ContainerForm containerId={CONTAINER.id} />);
    expect(screen.getByText('Tandem, rear')).toBeTruthy();
    expect(screen.getByText('Marit · job 410 · 20 Nov 2026')).toBeTruthy();
    expect(screen.queryByText('Every brake it went into is quarantined')).toBeNull();
    fireEvent.press(screen.getByText('It held another fluid than it says'));
    expect(screen.getByText('Every brake it went into is quarantined')).toBeTruthy();
    await submit('Save');
    // It is written off as well, or it is not saved.
    expect(sent).toHaveLength(0);
    fireEvent.press(screen.getByText('Written off'));
    await submit('Save');
    await waitFor(() => expect(sent).toHaveLength(1));
    expect(sent[0]!.body).toMatchObject({ container: { wrongFluid: true, writtenOff: true } });
  });

  it('a price is written in whole money and kept in hundredths', async () => {
    client.setQueryData(keys.stock, []);
    answer = { status: 201, body: [] };
    showScreen(<StockForm stockId="new" />);
    fireEvent.changeText(screen.getByLabelText('What the packet says'), 'Cork tape');
    await submit('Save');
    expect(screen.getByText('Say which kind of part it is.')).toBeTruthy();
    expect(sent).toHaveLength(0);
    fireEvent.press(screen.getByText('Bar tape'));
    // A price that nobody wrote is none.
    await submit('Save');
    expect(sent).toHaveLength(0);
    fireEvent.changeText(screen.getByLabelText('Price to the customer'), '16,05');
    await submit('Save');
    await waitFor(() => expect(sent).toHaveLength(1));
    expect(sent[0]!.body).toMatchObject({ part: 'bar-tape', priceCents: 1605 });
  });

  it('what a part costs, fits and is ordered again at is changed, from the version it was seen at', async () => {
    const line = stockLine({ version: 3, fits: '160', reorderAt: 1, priceCents: 1200 });
    client.setQueryData(keys.stock, [line]);
    answer = { status: 200, body: line };
    showScreen(<StockForm stockId={line.id} />);
    // A price that is changed is no delivery.
    expect(screen.queryByLabelText('Price to the customer')).toBeNull();
    fireEvent.press(screen.getByText('Change price, fit or order'));
    expect(screen.queryByLabelText('Came in (less: went)')).toBeNull();
    fireEvent.changeText(screen.getByLabelText('Price to the customer'), '13,50');
    await submit('Save');
    await waitFor(() => expect(sent).toHaveLength(1));
    expect(sent[0]!.body).toEqual({ version: 3, fits: '160', reorderAt: 1, priceCents: 1350 });
    // Changed, it is done with: what comes next is a delivery.
    act(() => void client.setQueryData(keys.stock, [{ ...line, version: 4 }]));
    expect(screen.getByLabelText('Came in (less: went)')).toBeTruthy();
  });

  it('what is half written of a delivery is there after a reload, and is sent under the id it had', async () => {
    const line = stockLine();
    client.setQueryData(keys.stock, [line]);
    answer = { status: 503, body: {} };
    const before = showScreen(<StockForm stockId={line.id} />);
    fireEvent.changeText(screen.getByLabelText('Came in (less: went)'), '12');
    await submit('Save');
    await waitFor(() => expect(sent).toHaveLength(1));
    const kept = { ...sessionStorage };
    before.unmount();
    // The page is gone by a reload, and not left.
    Object.assign(sessionStorage, kept);
    answer = { status: 201, body: [line] };
    showScreen(<StockForm stockId={line.id} />);
    await submit('Save');
    await waitFor(() => expect(sent).toHaveLength(2));
    expect(sent[1]!.body).toEqual(sent[0]!.body);
    expect(sent[1]!.body).toMatchObject({ pieces: 12 });
  });

  it('parts that came in are counted with their batch', async () => {
    const line = {
      id: '0190a000-0000-7000-8000-0000000000e3',
      part: 'olive',
      description: 'T olive',
      fits: '5 mm hose',
      reorderAt: 6,
      priceCents: 150,
      count: 2,
      batches: ['TO-31'],
    };
    client.setQueryData(keys.stock, [line]);
    answer = { status: 201, body: [{ ...line, count: 22 }] };
    showScreen(<StockForm stockId={line.id} />);
    expect(screen.getByText(/2 on the shelf, ordered again at 6/)).toBeTruthy();
    fireEvent.changeText(screen.getByLabelText('Came in (less: went)'), '20');
    fireEvent.changeText(screen.getByLabelText('Batch'), 'TO-32');
    await submit('Save');
    await waitFor(() => expect(sent).toHaveLength(1));
    expect(sent[0]).toMatchObject({
      path: '/api/stock/moves',
      body: { stockId: line.id, pieces: 20, batch: 'TO-32', why: 'Delivered' },
    });
  });
});

it('the shelf shows what a notice in force names, fluid, parts and used ones, and what a withdrawn one did not', () => {
  const kept: NoticeKept = {
    ...NOTICE,
    title: 'Friction comes off its plate',
    lot: 'b-1',
    withdrawn: false,
    withdrawnBecause: '',
    writtenAt: '2026-11-25T09:00:00.000Z',
    writtenBy: 'Teodor Vane',
    narrowed: null,
  };
  const used: UsedPart = {
    id: '0190b000-0000-7000-8000-000000000001',
    part: 'pads',
    description: 'Half a pair',
    compound: 'organic',
    organicOnly: false,
    construction: null,
    newMm: 4,
    stampedLimit: null,
    leastMm: 3.1,
    doubtMm: 0.03,
    word: 'holds',
    batches: ['B-1', 'B-2'],
    tag: 400,
    bikeName: 'Post trike 7',
    at: '2026-11-01T09:00:00.000Z',
    by: 'Maren Okafor',
    gone: false,
  };
  const notices = [
    kept,
    { ...kept, id: 'fluid', title: 'Fluid that thickens', lot: CONTAINER.lot },
    { ...kept, id: 'gone', title: 'Taken back', lot: 'B-2', withdrawn: true },
  ];
  for (const key of [keys.gauges, keys.wrenches, keys.sheets, keys.waste])
    client.setQueryData(key, []);
  client.setQueryData(keys.containers, [CONTAINER]);
  client.setQueryData(keys.stock, [stockLine({ batches: ['B-2', '', 'B-1'] })]);
  const page = (items: readonly object[]) => ({
    pages: [{ items, after: null }],
    pageParams: [null],
  });
  client.setQueryData(keys.notices, page(notices));
  client.setQueryData(keys.usedParts, page([used]));
  showScreen(<Stores />, { gauges: [] });
  const recalled = 'maker’s notice: Friction comes off its plate';
  expect(screen.getByText(new RegExp(`fits all · batch B-2 and B-1 · ${recalled}$`))).toBeTruthy();
  expect(screen.getByText(new RegExp(`batch B-1 and B-2 · ${recalled}$`))).toBeTruthy();
  expect(screen.getByText(/· maker’s notice: Fluid that thickens$/)).toBeTruthy();
  expect(screen.queryByText(/maker’s notice: .*Taken back/)).toBeNull();
});

it('a notice that is changed to meet fewer asks why, under the field, before it is sent', async () => {
  const kept: NoticeKept = {
    id: NOTICE.id,
    version: 4,
    title: 'Levers that stick',
    words: 'Change the lever blade.',
    source: 'Bulletin 7',
    sheetId: null,
    lot: '',
    maker: 'Skarn',
    serialFrom: 'SK-1',
    serialTo: 'SK-9',
    doNotRide: true,
    withdrawn: false,
    withdrawnBecause: '',
    writtenAt: '2026-11-25T09:00:00.000Z',
    writtenBy: 'Teodor Vane',
    narrowed: { at: '2026-11-24T09:00:00.000Z', by: 'Maren Okafor', because: 'Second edition' },
  };
  client.setQueryData(keys.notices, {
    pages: [{ items: [kept], after: null }],
    pageParams: [null],
  });
  client.setQueryData(keys.sheets, []);
  answer = { status: 200, body: kept };
  showScreen(<NoticeForm noticeId={kept.id} />);
  expect(
    screen.getByText('Changed to meet fewer by Maren Okafor, 24 Nov 2026: “Second edition”.'),
  ).toBeTruthy();
  expect(screen.queryByLabelText('Why it meets fewer, or lets them ride')).toBeNull();
  fireEvent.changeText(screen.getByLabelText('Last serial'), 'SK-8');
  await submit('Save');
  expect(screen.getByText('Write why it meets fewer than it did, or lets them ride.')).toBeTruthy();
  expect(sent).toEqual([]);
  fireEvent.changeText(
    screen.getByLabelText('Why it meets fewer, or lets them ride'),
    'Third edition',
  );
  await submit('Save');
  await waitFor(() => expect(sent).toHaveLength(1));
  expect(sent[0]).toMatchObject({
    body: { version: kept.version, because: 'Third edition', notice: { serialTo: 'SK-8' } },
  });
  expect(sent[0]!.body).not.toHaveProperty('notice.because');
});
