import { keepApp, newerVersion } from './offline';

// A newer version is noticed whenever it comes: a device that misses one goes on with what the shop has put right since.

class Worker extends EventTarget {
  state = 'installing';
  readonly told: unknown[] = [];
  postMessage(said: unknown): void {
    this.told.push(said);
  }
}

class Registration extends EventTarget {
  waiting: Worker | null = null;
  installing: Worker | null = null;
  update = () => Promise.resolve();

  /** What was on its way is on the device. */
  arrives(): void {
    const worker = this.installing!;
    Object.assign(this, { installing: null, waiting: worker });
    worker.state = 'installed';
    worker.dispatchEvent(new Event('statechange'));
  }
}

let registration: Registration;

beforeEach(() => {
  jest.useFakeTimers();
  jest.replaceProperty(globalThis, '__DEV__' as never, false as never);
  registration = new Registration();
  const serviceWorker = Object.assign(new EventTarget(), {
    controller: {},
    register: () => Promise.resolve(registration),
  });
  Object.defineProperty(globalThis, 'navigator', { value: { serviceWorker }, configurable: true });
});
afterEach(() => {
  jest.restoreAllMocks();
  jest.useRealTimers();
  Reflect.deleteProperty(globalThis, 'navigator');
});

it('is noticed when it was on its way before the page asked, and is told to come in', async () => {
  registration.installing = new Worker();
  await keepApp(() => undefined);
  const heard = jest.fn();
  newerVersion.subscribe(heard);
  registration.arrives();
  expect(heard).toHaveBeenCalledTimes(1);
  expect(newerVersion.waits()).toBe(true);
  newerVersion.take();
  expect(registration.waiting!.told).toEqual([{ type: 'SKIP_WAITING' }]);
});

it('is noticed when it comes while the page is open', async () => {
  await keepApp(() => undefined);
  const heard = jest.fn();
  newerVersion.subscribe(heard);
  registration.installing = new Worker();
  registration.dispatchEvent(new Event('updatefound'));
  registration.arrives();
  expect(heard).toHaveBeenCalledTimes(1);
});
