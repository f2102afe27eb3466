import { spawn } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { parseArgs } from 'node:util';
import { LastPassed, type Reads } from './lastPassed';
import { exportWeb } from './web';

// Every check there is, two at a time, and what they came to from their own reports. The drills, which compile a scratch copy again and
// again, give way to what runs: the interface waits for itself often enough. What passed today and would find everything it reads as it was
// stands, and is said to; a fresh clone runs it all.

const root = path.resolve(__dirname, '..');
const reports = path.join(root, '.cache');

interface Count {
  passed: number;
  failed: number;
}

interface Came extends Count {
  output: string;
  /** Something of it passed only at a second try. */
  shaky?: boolean;
}

interface Outcome extends Came {
  name: string;
  seconds: number;
  /** How many of those that passed did so earlier today. */
  stood: number;
}

const isTest = (file: string) => /\.test\.tsx?$/.test(file);
const isProse = (file: string) => file.startsWith('docs/') || file.endsWith('.md');
const EVERYTHING: Reads = () => true;
const WALKED: Reads = (file) => !isTest(file) && !isProse(file);
const PROGRAMS: Reads = (file) => WALKED(file) && !file.startsWith('e2e/');
/** A part of a few seconds, which takes less to run than to ask after. */
const EACH_TIME = null;

/** A tool of the packages, run as it is: npx takes a second to find it. */
const tool = (name: string, ...rest: string[]) => run(toolAt(name), rest);
const toolAt = (name: string) => path.join(root, 'node_modules/.bin', name);
/**
 * The compiler in native code: a quarter of the time. By one thread: four would each look at the same types, and the other core has work.
 * What reads a program by the compiler's own interface (arrows, mutants) needs the one before it.
 */
const types = (project: string) =>
  run('node', ['node_modules/typescript-7/bin/tsc', '--singleThreaded', '-p', project]);

/** A check that is one whole: it passes or it fails; with `shown`, what it says is printed either way. */
async function whole(
  name: string,
  reads: Reads | null,
  work: () => Promise<{ code: number; output: string }>,
  shown = false,
): Promise<Outcome> {
  return seenTo(name, reads, async () => {
    const { code, output } = await work();
    if (shown && code === 0) console.log(indent(output));
    return { passed: code === 0 ? 1 : 0, failed: code === 0 ? 0 : 1, output };
  });
}

/** A check that reports its own counts in a file; without the file, or with a failure outside its tests, it failed. */
async function counted(
  name: string,
  reads: Reads,
  report: string,
  count: (report: never) => Count & Pick<Came, 'shaky'>,
  work: () => Promise<{ code: number; output: string }>,
): Promise<Outcome> {
  return seenTo(name, reads, async () => {
    rmSync(report, { force: true });
    const { code, output } = await work();
    let counts: Count & Pick<Came, 'shaky'> = { passed: 0, failed: 0 };
    try {
      counts = count(JSON.parse(readFileSync(report, 'utf8')) as never);
    } catch {
      // No report: the failure is counted below.
    }
    const missed = code !== 0 && counts.failed === 0;
    return { ...counts, failed: counts.failed + (missed ? 1 : 0), output };
  });
}

async function seenTo(
  name: string,
  reads: Reads | null,
  work: () => Promise<Came>,
): Promise<Outcome> {
  const began = Date.now();
  const came = reads ? await lastPassed.orRun(name, reads, work) : { ran: await work() };
  const seconds = Math.round((Date.now() - began) / 1000);
  if ('stands' in came) {
    const { passed, at } = came.stands;
    console.log(
      `· ${name}: ${passed} passed at ${at.slice(11, 16)} UTC; nothing it reads has changed since`,
    );
    return { name, seconds, passed, failed: 0, stood: passed, output: '' };
  }
  const outcome = { name, seconds, stood: 0, ...came.ran };
  console.log(
    `${outcome.failed === 0 ? '·' : '✘'} ${name}: ${outcome.passed} passed, ${outcome.failed} failed (${outcome.seconds} s)`,
  );
  if (outcome.failed > 0) console.log(indent(outcome.output));
  return outcome;
}

interface E2eSuite {
  specs: { title: string; tests: { projectName: string; status: string }[] }[];
  suites?: E2eSuite[];
}

interface E2eReport {
  stats: { expected: number; unexpected: number; flaky: number };
  errors: unknown[];
  suites: E2eSuite[];
}

/** What passed at its second try alone: no failure, and not to be overlooked. */
function onlyAgain(suites: readonly E2eSuite[]): string[] {
  return suites.flatMap(({ specs, suites: within = [] }) => [
    ...specs.flatMap(({ title, tests }) =>
      tests
        .filter(({ status }) => status === 'flaky')
        .map(({ projectName }) => `${title} (${projectName})`),
    ),
    ...onlyAgain(within),
  ]);
}

const jestReport = path.join(reports, 'jest.json');
const e2eReport = path.join(reports, 'e2e.json');

const lastPassed = new LastPassed(root, ['chromium-headless-shell', 'mariadbd', 'openssl']);

async function main(): Promise<void> {
  const { values } = parseArgs({ options: { again: { type: 'boolean', default: false } } });
  mkdirSync(reports, { recursive: true });
  if (values.again) lastPassed.forget();
  const unit = counted(
    'unit, server and component tests',
    EVERYTHING,
    jestReport,
    (report: {
      numPassedTests: number;
      numFailedTests: number;
      numRuntimeErrorTestSuites: number;
    }) => ({
      passed: report.numPassedTests,
      failed: report.numFailedTests + report.numRuntimeErrorTestSuites,
    }),
    () => tool('jest', '--json', `--outputFile=${jestReport}`),
  );
  const first = await inTurn([
    async () => whole('lint', EACH_TIME, () => tool('oxlint', '--deny-warnings')),
    async () => whole('format', EACH_TIME, () => tool('oxfmt', '--check', '.')),
    async () =>
      whole('types of core, contract, server, demo, scripts, e2e', EACH_TIME, () =>
        types('tsconfig.json'),
      ),
    async () => whole('types of the app', EACH_TIME, () => types('app/tsconfig.json')),
    async () =>
      whole('imports: one way, and in no circle', EACH_TIME, () =>
        tool('tsx', 'scripts/arrows.ts'),
      ),
    async () => whole('web export', EACH_TIME, exportOnce),
    async () =>
      whole('requests made from the contracts', PROGRAMS, () =>
        tool('tsx', 'scripts/fuzz.ts', '--requests', '1500', '--seed', '7'),
      ),
    async () =>
      whole('a thousand workshops against a simulated brake', PROGRAMS, () =>
        tool('tsx', 'scripts/adversary.ts', '--histories', '1000', '--seed', '20261126'),
      ),
    async () =>
      whole('killed while people write, and restored from its copy', PROGRAMS, () =>
        tool('tsx', 'scripts/kills.ts', '--kills', '4', '--seed', '3'),
      ),
  ]);
  const drills = whole(
    'drills: what it takes to add to the trade',
    PROGRAMS,
    () => gently(toolAt('tsx'), ['scripts/drills.ts']),
    true,
  );
  const tested = await unit;
  const last = await counted(
    'the interface on the real server and database',
    WALKED,
    e2eReport,
    ({ stats, errors, suites }: E2eReport) => {
      for (const title of onlyAgain(suites)) console.log(`· passed only at a second try: ${title}`);
      return {
        passed: stats.expected + stats.flaky,
        failed: stats.unexpected + errors.length,
        shaky: stats.flaky > 0,
      };
    },
    () => tool('playwright', 'test', '-c', 'e2e/playwright.config.ts'),
  );
  const all = [tested, ...first, await drills, last];
  const seconds = all.reduce((total, outcome) => total + outcome.seconds, 0);
  console.log('· Each part’s share of the time it took:');
  for (const outcome of [...all].sort((a, b) => b.seconds - a.seconds))
    console.log(
      `  ${String(Math.round((100 * outcome.seconds) / Math.max(1, seconds))).padStart(3)} %  ${String(outcome.seconds).padStart(4)} s  ${outcome.name}`,
    );
  const sum = (of: keyof Count | 'stood') => all.reduce((total, outcome) => total + outcome[of], 0);
  for (const { name } of all.filter(({ failed }) => failed > 0)) console.log(`Failed: ${name}`);
  if (sum('stood') > 0)
    console.log(`· ${sum('stood')} of these passed earlier today: ./check --again runs them too`);
  process.exitCode = sum('failed') === 0 ? 0 : 1;
  console.log(`${sum('passed')} passed, ${sum('failed')} failed`);
}

async function exportOnce(): Promise<{ code: number; output: string }> {
  try {
    await exportWeb(root, (words) => console.log(`· ${words}`));
    return { code: 0, output: '' };
  } catch (error) {
    return { code: 1, output: (error as Error).message };
  }
}

/** Does one after the other. */
async function inTurn<T>(works: readonly (() => Promise<T>)[]): Promise<T[]> {
  const done: T[] = [];
  for (const work of works) done.push(await work());
  return done;
}

/** What gives way to everything else that wants the machine. */
const gently = (command: string, parameters: readonly string[]) =>
  run('nice', ['-n', '19', command, ...parameters]);

function run(
  command: string,
  parameters: readonly string[],
): Promise<{ code: number; output: string }> {
  return new Promise((resolve) => {
    const child = spawn(command, parameters, {
      cwd: root,
      env: { ...process.env, FORCE_COLOR: '0' },
    });
    let output = '';
    child.stdout.on('data', (text: Buffer) => (output += text.toString()));
    child.stderr.on('data', (text: Buffer) => (output += text.toString()));
    child.once('error', (error) => resolve({ code: 1, output: error.message }));
    child.once('close', (code) => resolve({ code: code ?? 1, output }));
  });
}

function indent(text: string): string {
  return text
    .trimEnd()
    .split('\n')
    .slice(-120)
    .map((line) => `    ${line}`)
    .join('\n');
}

main().catch((error: Error) => {
  console.error(
    `${error.message.split('. ')[0]}. Say ./check, or ./check --again to run also what passed today.`,
  );
  process.exitCode = 2;
});
