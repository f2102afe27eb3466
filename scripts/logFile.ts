import { createStream, type RotatingFileStream } from 'rotating-file-stream';

/** The log begins anew when it is this large; the last ones are kept beside it. */
const ROTATED = { size: '10M', maxFiles: 5, compress: 'gzip' } as const;
const TRY_AGAIN_MS = 5000;

/**
 * The shop's log in a folder. A disk that takes no more of it closes no shop: that is said once, its lines are lost, and
 * it is written on as soon as there is room again.
 */
export function logFile(
  directory: string,
  say: (words: string) => void,
): { write(line: string): void } {
  let stream: RotatingFileStream | null = null;
  let failedAt: number | null = null;
  const open = () => {
    const opened = createStream('server.log', { ...ROTATED, path: directory });
    opened.on('error', (error: NodeJS.ErrnoException) => {
      if (failedAt === null)
        say(`The log cannot be written (${error.code ?? error.message}). The shop stays open.`);
      failedAt = Date.now();
      stream = null;
    });
    return opened;
  };
  return {
    write(line) {
      if (stream === null && failedAt !== null && Date.now() - failedAt < TRY_AGAIN_MS) return;
      stream ??= open();
      stream.write(line, (error) => {
        if (!error) failedAt = null;
      });
    },
  };
}
