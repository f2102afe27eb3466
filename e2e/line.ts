import { connect, createServer, type AddressInfo, type Server, type Socket } from 'node:net';
import type { Browser, Page } from '@playwright/test';

/** A line to the shop that can be cut and mended. */
export class Line {
  #server: Server | null = null;
  #open = new Set<Socket>();
  port = 0;

  /** @param to the port of the server it leads to */
  constructor(public to: number) {}

  async mend(): Promise<void> {
    this.#server = createServer((near) => {
      const far = connect(this.to, '127.0.0.1');
      for (const [one, other] of [
        [near, far],
        [far, near],
      ] as const) {
        this.#open.add(one);
        one.pipe(other);
        one.on('error', () => other.destroy());
        one.on('close', () => this.#open.delete(one));
      }
    });
    await new Promise<void>((resolve) => this.#server!.listen(this.port, '127.0.0.1', resolve));
    this.port = (this.#server.address() as AddressInfo).port;
  }

  async cut(): Promise<void> {
    const closed = new Promise((resolve) => this.#server!.close(resolve));
    for (const socket of this.#open) socket.destroy();
    await closed;
  }
}

/** A phone that reaches the shop by a line and keeps what it is given. */
export async function phone(browser: Browser, line: Line): Promise<Page> {
  const context = await browser.newContext({
    baseURL: `http://localhost:${line.port}`,
    viewport: { width: 390, height: 664 },
    hasTouch: true,
    timezoneId: 'UTC',
    serviceWorkers: 'allow',
  });
  return context.newPage();
}

/** The device keeps the app from now on. */
export async function isKept(page: Page): Promise<void> {
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
}
