import { execFileSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';

// What a part of the check came to when all of it last passed. It stands as a proof at the bench does: while nothing that it was proven of
// has changed since, and on the same day, by which some of it goes.

/** Whether a part reads a file, named from the root. */
export type Reads = (file: string) => boolean;

interface Passed {
  /** Of what was read. */
  print: string;
  passed: number;
  at: string;
}

export class LastPassed {
  readonly #root: string;
  readonly #kept: string;
  /** Programs of the machine that it was run with, by their versions. */
  readonly #with: readonly string[];
  readonly #now: () => Date;

  constructor(root: string, tools: readonly string[], now = () => new Date()) {
    this.#root = root;
    this.#kept = path.join(root, '.cache/passed.json');
    this.#with = [process.version, ...tools.map(versionOf)];
    this.#now = now;
  }

  /** Runs a part, unless it passed today as everything that it reads is now: then answers how many passed, and when. */
  async orRun<T extends { passed: number; failed: number; shaky?: boolean }>(
    part: string,
    reads: Reads,
    run: () => Promise<T>,
  ): Promise<{ stands: Passed } | { ran: T }> {
    const before = this.#printOf(reads);
    const kept = this.#all()[part];
    if (kept && kept.print === before) return { stands: kept };
    this.#keep(part, null);
    const ran = await run();
    // What changed meanwhile was run in parts as it was before, and in parts as it is now.
    if (ran.failed === 0 && !ran.shaky && before !== null && before === this.#printOf(reads))
      this.#keep(part, {
        print: before,
        passed: ran.passed,
        at: this.#now().toISOString(),
      });
    return { ran };
  }

  /** What passed before is worth nothing any more. */
  forget(): void {
    rmSync(this.#kept, { force: true });
  }

  /** Everything of the repository that is read, as it is; null where no version control tells what belongs to it. */
  #printOf(reads: Reads): string | null {
    let files: string[];
    try {
      files = execFileSync('git', ['ls-files', '-z', '-co', '--exclude-standard'], {
        cwd: this.#root,
        encoding: 'utf8',
        stdio: ['ignore', 'pipe', 'ignore'],
      }).split('\0');
    } catch {
      return null;
    }
    const hash = createHash('sha256').update(
      JSON.stringify([this.#now().toISOString().slice(0, 10), this.#with]),
    );
    for (const file of files.filter((each) => each !== '' && reads(each)).sort()) {
      const at = path.join(this.#root, file);
      if (!existsSync(at) || !statSync(at).isFile()) continue;
      hash
        .update(JSON.stringify(file))
        .update(createHash('sha256').update(readFileSync(at)).digest());
    }
    return hash.digest('hex');
  }

  #all(): Record<string, Passed | undefined> {
    try {
      return JSON.parse(readFileSync(this.#kept, 'utf8')) as Record<string, Passed>;
    } catch {
      return {};
    }
  }

  #keep(part: string, passed: Passed | null): void {
    const all = this.#all();
    if (passed) all[part] = passed;
    else delete all[part];
    mkdirSync(path.dirname(this.#kept), { recursive: true });
    writeFileSync(this.#kept, JSON.stringify(all));
  }
}

function versionOf(tool: string): string {
  try {
    return execFileSync(tool, ['--version'], {
      encoding: 'utf8',
      stdio: ['ignore', 'pipe', 'ignore'],
    });
  } catch {
    return 'none';
  }
}
