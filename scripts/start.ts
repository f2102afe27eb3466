import { mkdirSync, rmSync } from 'node:fs';
import { isIPv6 } from 'node:net';
import { networkInterfaces } from 'node:os';
import path from 'node:path';
import { parseArgs } from 'node:util';
import { PEOPLE } from '@hold-fast/demo/people';
import { pino } from 'pino';
import { openShop } from './shop';
import { exportWeb } from './web';

const HELP = `Hold Fast: measuring, judgement and records for disc-brake work

  ./start            set up what is missing and run it with the demo data
  ./start --fresh    throw this folder's data away first and begin anew
  ./start --port N   listen on port N (default 4150); gauges connect to the port after it
  ./start --feed-port N   let gauges connect to port N instead
  ./start --host ADDRESS  let phones reach it at this address of the machine as well (plain HTTP: nothing on the way is hidden)
  ./start --help     this`;

const root = path.resolve(__dirname, '..');
const dataDirectory = path.join(root, '.data');

function portOf(option: string, text: string): number {
  const port = Number(text);
  if (!Number.isInteger(port) || port < 0 || port > 65535)
    throw new Error(`${option} takes a number from 0 to 65535, not "${text}".`);
  return port;
}

/** An address that is this machine's own and not the loopback's, which always stands open. */
function ownAddress(text: string): string {
  const own = Object.values(networkInterfaces())
    .flatMap((each) => each ?? [])
    .filter(({ internal, scopeid }) => !internal && !scopeid)
    .map(({ address }) => address);
  if (own.includes(text)) return text;
  throw new Error(
    `--host takes an address of this machine, not "${text}". It has ${own.length > 0 ? own.join(', ') : 'none but the loopback'}.`,
  );
}

async function main(): Promise<void> {
  const { values } = parseArgs({
    options: {
      fresh: { type: 'boolean', default: false },
      port: { type: 'string', default: '4150' },
      'feed-port': { type: 'string' },
      host: { type: 'string' },
      help: { type: 'boolean', default: false },
    },
  });
  if (values.help) {
    console.log(HELP);
    return;
  }
  const port = portOf('--port', values.port);
  const feedPort = portOf('--feed-port', values['feed-port'] ?? String(port === 0 ? 0 : port + 1));
  const host = values.host === undefined ? null : ownAddress(values.host);
  const say = (words: string) => console.log(`· ${words}`);

  const webDirectory = exportWeb(root, say);
  if (values.fresh) {
    say('Throwing the data of this folder away');
    rmSync(dataDirectory, { recursive: true, force: true });
  }
  mkdirSync(dataDirectory, { recursive: true, mode: 0o700 });
  say('Starting the database and the server');
  const log = pino(
    { level: 'info' },
    pino.destination({ dest: path.join(dataDirectory, 'server.log') }),
  );
  const shop = await openShop({
    root,
    dataDirectory,
    webDirectory,
    port,
    feedPort,
    host,
    log,
    say,
  });

  console.log(`\nHold Fast is open at http://localhost:${shop.port}`);
  if (host !== null)
    console.log(
      `Phones reach it at http://${isIPv6(host) ? `[${host}]` : host}:${shop.port}\nThat is plain HTTP: whoever is on this network can read and change what passes, passphrases too. Use it on a network of your own.`,
    );
  console.log('\nSign in as one of the demo people:');
  for (const { name, role, passphrase, pin } of PEOPLE)
    console.log(`  ${name.padEnd(14)} ${role.padEnd(9)} passphrase "${passphrase}"  PIN ${pin}`);
  console.log(
    `\nGauges connect to 127.0.0.1:${shop.feedPort}; three stand-ins are on it. Ctrl-C closes the shop.`,
  );

  let closing = false;
  const close = () => {
    if (closing) return;
    closing = true;
    console.log('\n· Closing the shop');
    shop.stop().then(
      () => process.exit(0),
      (error: unknown) => fail(error),
    );
  };
  process.on('SIGINT', close);
  process.on('SIGTERM', close);
  process.on('SIGHUP', close);
}

function fail(error: unknown): never {
  console.error(`\n${error instanceof Error ? error.message : String(error)}`);
  process.exit(1);
}

main().catch(fail);
