import { fork } from 'node:child_process';
import path from 'node:path';

/** Starts the gauges that stand in for real ones; they go when this process goes, however it goes. */
export function startStandins(root: string, feedPort: number): { stop: () => void } {
  const child = fork(path.join(root, 'standins/src/main.ts'), [String(feedPort)], {
    execArgv: ['--import', 'tsx'],
    cwd: root,
    stdio: ['ignore', 'ignore', 'inherit', 'ipc'],
  });
  return { stop: () => child.kill() };
}
