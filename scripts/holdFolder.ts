import { closeSync, openSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';

// One folder, one shop: whoever opens it leaves a note in it of who they are and where they listen.

interface Held {
  pid: number;
  url: string | null;
}

const NOTE = 'shop.lock';

/** Who holds a folder; null when nobody does, or whoever did is gone. */
export function holderOf(directory: string): Held | null {
  try {
    const held = JSON.parse(readFileSync(path.join(directory, NOTE), 'utf8')) as Held;
    process.kill(held.pid, 0);
    // A number that went to another program since is nobody's.
    const command = readFileSync(`/proc/${held.pid}/cmdline`, 'utf8');
    return held.pid !== process.pid && command.includes('node') ? held : null;
  } catch {
    return null;
  }
}

/**
 * Takes a folder for this process.
 * @throws Error that says where the shop that holds it runs
 */
export function holdFolder(directory: string): { at: (url: string) => void; leave: () => void } {
  const note = path.join(directory, NOTE);
  const holder = holderOf(directory);
  if (holder)
    throw new Error(
      `The shop of this folder is open already${holder.url ? ` at ${holder.url}` : ''} (process ${holder.pid}). Use that one, or close it with Ctrl-C first.`,
    );
  rmSync(note, { force: true });
  const mine = (url: string | null) => JSON.stringify({ pid: process.pid, url } satisfies Held);
  // Of two that come at once, one makes the note and the other is told.
  try {
    const file = openSync(note, 'wx', 0o600);
    writeFileSync(file, mine(null));
    closeSync(file);
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== 'EEXIST') throw error;
    throw new Error('The shop of this folder is being opened by another process. Wait for it.');
  }
  return {
    at: (url) => writeFileSync(note, mine(url)),
    leave: () => rmSync(note, { force: true }),
  };
}
