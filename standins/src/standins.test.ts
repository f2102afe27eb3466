import { createServer, type AddressInfo, type Socket } from 'node:net';
import { fork } from 'node:child_process';
import { once } from 'node:events';
import path from 'node:path';
import type { Scene } from '@hold-fast/contract/feed';
import { readGaugeLine, takeLines, writeLine } from '@hold-fast/contract/feedLines';
import { StandinGauge } from './gauge';
import { PLAYS, showing } from './scenes';

describe('scenes', () => {
  const turn = (scene: Scene) =>
    Array.from({ length: 12 }, (_, press) => showing('dial-indicator', scene, press, 0.5).value);
  const tir = (values: number[]) => Math.max(...values) - Math.min(...values);

  it('a wavy rotor swings further than a steady one, a worn one further still', () => {
    expect(tir(turn('steady'))).toBeLessThan(0.1);
    expect(tir(turn('wavy-rotor'))).toBeGreaterThan(0.2);
    expect(tir(turn('worn-rotor'))).toBeGreaterThan(0.5);
  });

  it('a worn rotor is closed anvils, six points with one under 1.50, and its pads', () => {
    const shown = Array.from(
      { length: 12 },
      (_, press) => showing('thickness-gauge', 'worn-rotor', press, 0.5).value,
    );
    expect([shown[0], shown[7]]).toEqual([0, 0]);
    expect(Math.min(...shown.slice(1, 7))).toBe(1.47);
  });

  it('a shaky hand is off by up to 0.04 either way, by chance', () => {
    const steady = showing('thickness-gauge', 'steady', 1, 0.5).value;
    expect(showing('thickness-gauge', 'shaky-hand', 1, 0).value).toBeCloseTo(steady - 0.04, 10);
    expect(showing('thickness-gauge', 'shaky-hand', 1, 1).value).toBeCloseTo(steady + 0.04, 10);
  });

  it('inches says so, and the same length', () => {
    const inches = showing('thickness-gauge', 'inches', 1, 0.5);
    expect(inches.unit).toBe('in');
    expect(inches.value * 25.4).toBeCloseTo(1.74, 10);
  });

  it('a wrench reaches what the hand does: light, steady, firm, too much', () => {
    const reached = (scene: Scene) => showing('torque-wrench', scene, 0, 0.5).value;
    expect(
      ['light-hand', 'steady', 'firm-hand', 'too-much'].map((s) => reached(s as Scene)),
    ).toEqual([5.4, 6, 7, 9]);
    expect(showing('torque-wrench', 'shaky-hand', 0, 1).value).toBeCloseTo(6.8, 10);
    expect(showing('torque-wrench', 'steady', 0, 1).unit).toBe('Nm');
  });

  it('the line drops at every third reading', () =>
    expect(
      [0, 1, 2, 3, 4, 5].map(
        (press) => showing('dial-indicator', 'dropped-line', press, 0.5).drops,
      ),
    ).toEqual([false, false, true, false, false, true]));
});

describe('on the wire', () => {
  /** A feed that hears lines and answers none by itself. */
  async function feed() {
    const lines: string[] = [];
    let socket: Socket | null = null;
    let waiting: (() => void) | null = null;
    const server = createServer((connected) => {
      socket = connected;
      let buffered = '';
      connected.on('error', () => connected.destroy());
      connected.on('data', (chunk: Buffer) => {
        const taken = takeLines(buffered + chunk.toString());
        buffered = taken.rest;
        lines.push(...taken.lines);
        waiting?.();
      });
    }).listen(0, '127.0.0.1');
    await once(server, 'listening');
    return {
      port: (server.address() as AddressInfo).port,
      lines,
      say: (line: Parameters<typeof writeLine>[0]) => socket!.write(writeLine(line)),
      heard: async (count: number) => {
        while (lines.length < count)
          await new Promise<void>((resolve) => {
            waiting = resolve;
          });
      },
      close: () => {
        socket?.destroy();
        server.close();
      },
    };
  }

  it('greets, sends a reading at the press of its button, and the next of another scene', async () => {
    const heard = await feed();
    const gauge = new StandinGauge('thickness-gauge', 'TG-0107', heard.port, 's', () => 0.5);
    gauge.start();
    await heard.heard(1);
    expect(readGaugeLine(heard.lines[0]!)).toMatchObject({
      says: 'HELLO',
      plays: [...PLAYS['thickness-gauge']],
    });
    heard.say({ says: 'PRESS' });
    await heard.heard(2);
    expect(heard.lines[1]).toBe('HF1 READ seq=1 shown=0.00 unit=mm');
    heard.say({ says: 'PLAY', scene: 'worn-rotor' });
    heard.say({ says: 'PRESS' });
    heard.say({ says: 'PRESS' });
    await heard.heard(4);
    expect(heard.lines[3]).toBe('HF1 READ seq=3 shown=1.52 unit=mm');
    gauge.stop();
    await heard.heard(5);
    expect(heard.lines[4]).toBe('HF1 BYE');
    heard.close();
  });

  it('sends a reading again after a lost line until it is answered', async () => {
    const heard = await feed();
    const gauge = new StandinGauge('thickness-gauge', 'TG-0107', heard.port, 's', () => 0.5);
    gauge.start();
    await heard.heard(1);
    heard.say({ says: 'PLAY', scene: 'dropped-line' });
    for (let i = 0; i < 2; i++) heard.say({ says: 'PRESS' });
    await heard.heard(3);
    heard.say({ says: 'OK', seq: 2 });
    heard.say({ says: 'PRESS' });
    await heard.heard(6);
    expect(heard.lines.slice(3)).toEqual([
      'HF1 READ seq=3 shown=1.75 unit=mm',
      expect.stringMatching('HELLO'),
      'HF1 READ seq=3 shown=1.75 unit=mm',
    ]);
    gauge.stop();
    heard.close();
  });
});

it('end with whoever started them, also with one who is gone before they have come up', async () => {
  const standins = fork(path.join(__dirname, 'main.ts'), ['9'], {
    execArgv: ['--import', 'tsx'],
    stdio: ['ignore', 'ignore', 'inherit', 'ipc'],
  });
  const ended = once(standins, 'exit');
  standins.disconnect();
  expect(await ended).toEqual([0, null]);
});
