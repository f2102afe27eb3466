import { spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { createServer, type AddressInfo, type Server } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { pino } from 'pino';
import { openShop } from './shop';

// What a start, and a new start of who forgot their passphrase, say at the machine when they cannot be done; nothing is begun then.

let data: string;
let other: Server;

beforeAll(
  () =>
    new Promise<void>((resolve) => {
      data = path.join(mkdtempSync(path.join(tmpdir(), 'hold-fast-start-')), 'data');
      other = createServer().listen(0, '127.0.0.1', resolve);
    }),
);
afterAll(() => {
  other.close();
  rmSync(path.dirname(data), { recursive: true });
});

/** What a program of the machine says to whoever runs it, and how it ends. */
function said(program: string, ...options: string[]) {
  const { status, stdout, stderr } = spawnSync(
    process.execPath,
    ['--import', 'tsx', path.join(__dirname, program), ...options, '--data', data],
    { encoding: 'utf8', timeout: 25_000 },
  );
  return { status, says: `${stdout}${stderr}` };
}

it('says which option helps where a port is taken by another program', async () => {
  const { port } = other.address() as AddressInfo;
  const opening = openShop({
    root: path.resolve(__dirname, '..'),
    dataDirectory: data,
    webDirectory: data,
    port,
    feedPort: 0,
    log: pino({ level: 'silent' }),
    say: () => undefined,
  });
  await expect(opening).rejects.toThrow(
    `Port ${port} is taken by another program. Choose another: ./start --port ${port + 10}`,
  );
  expect(existsSync(data)).toBe(false);
});

it('says which addresses the machine has where it is told another', () => {
  const { status, says } = said('start.ts', '--host', '203.0.113.9');
  expect(says).toContain('--host takes an address of this machine, not "203.0.113.9".');
  expect(status).toBe(1);
});

it('gives nobody a passphrase unless it is told whose', () => {
  const { status, says } = said('newStart.ts');
  expect(says).toContain('Say whose: npm run new-start -- "Their name"');
  expect(status).toBe(1);
});
