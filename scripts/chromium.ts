import { execFileSync } from 'node:child_process';

/** Debian's Chromium without a window, wherever it is. */
export const CHROMIUM = {
  executablePath: execFileSync('which', ['chromium-headless-shell'], { encoding: 'utf8' }).trim(),
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
};

export const PHONE = { width: 390, height: 844 };
export const WIDE = { width: 1280, height: 800 };
