import type {
  FeedEvent,
  FeedGauge,
  FeedReading,
  FeedState,
  Scene,
  Unused,
} from '@hold-fast/contract/feed';
import { readGaugeLine, takeLines, writeLine } from '@hold-fast/contract/feedLines';
import { createServer, type AddressInfo, type Server, type Socket } from 'node:net';
import type { Logger } from 'pino';

/** An open step that waits for a gauge, or (null) only watches the feed. */
interface Listener {
  gaugeId: string | null;
  person: string;
  hear: (event: FeedEvent) => void;
}

interface Connected extends FeedGauge {
  session: string;
  /** The last reading taken from this session: a repeat of it is answered and not used again. */
  lastSeq: number;
  socket: Socket | null;
}

const READINGS_KEPT = 30;
/** A gauge that says nothing at first is no gauge. */
const GREETING_MS = 10_000;

/**
 * The gauge feed: gauges connect over loopback TCP and say what they read; each reading goes to the step that waits for
 * that gauge, the last one opened if there are several, and to no other. A reading that nobody waits for, in another unit
 * than millimetres, or from a gauge that is not in the register, is shown and not used.
 */
export class Feed {
  #server: Server | null = null;
  /** Every line that is open, whether or not a gauge has said its name on it. */
  #sockets = new Set<Socket>();
  #gauges = new Map<string, Connected>();
  #listeners: Listener[] = [];
  #readings: FeedReading[] = [];
  /** Comings and goings are told in the order they happened. */
  #reports: Promise<void> = Promise.resolve();

  constructor(
    private readonly shop: {
      deviceOnFeed: (serial: string) => Promise<{ id: string; unit: 'mm' | 'Nm' } | null>;
      /** How many instruments the register has on the feed: so many are kept, and no more. */
      devicesOnFeed: () => Promise<number>;
      now: () => Date;
      log: Pick<Logger, 'warn' | 'error'>;
    },
  ) {}

  /** Opens the feed on loopback; port 0 takes any that is free. */
  async open(port: number): Promise<void> {
    const server = createServer((socket) => this.#greet(socket));
    await new Promise<void>((resolve, reject) => {
      server.once('error', reject);
      server.listen(port, '127.0.0.1', resolve);
    });
    this.#server = server;
  }

  get port(): number | null {
    return this.#server ? (this.#server.address() as AddressInfo).port : null;
  }

  async close(): Promise<void> {
    // No new line first, then none that is open: a gauge that comes back at once would hold the shop open.
    const closed = new Promise((resolve) =>
      this.#server ? this.#server.close(resolve) : resolve(null),
    );
    for (const socket of this.#sockets) socket.destroy();
    await closed;
  }

  state(): FeedState {
    return {
      port: this.port,
      gauges: [...this.#gauges.values()].map(({ serial, kind, connected, plays }) => ({
        serial,
        kind,
        connected,
        plays,
      })),
      readings: this.#readings,
    };
  }

  /** Lets a step hear the feed until it is told to stop. A step that waits for the same gauge is told who took it over. */
  listen(listener: Listener): () => void {
    for (const other of this.#waiting(listener.gaugeId))
      other.hear({ event: 'taken-over', by: listener.person });
    this.#listeners.push(listener);
    for (const gauge of this.#gauges.values()) if (gauge.connected) this.#report(gauge, [listener]);
    return () => {
      this.#listeners = this.#listeners.filter((each) => each !== listener);
    };
  }

  /** Presses the button of a stand-in, or gives it another scene; false when there is no such stand-in. */
  drive(serial: string, order: { scene: Scene } | 'press'): boolean {
    const gauge = this.#gauges.get(serial);
    if (!gauge?.socket || gauge.plays.length === 0) return false;
    gauge.socket.write(
      writeLine(order === 'press' ? { says: 'PRESS' } : { says: 'PLAY', scene: order.scene }),
    );
    return true;
  }

  #waiting(gaugeId: string | null): Listener[] {
    return gaugeId === null ? [] : this.#listeners.filter((each) => each.gaugeId === gaugeId);
  }

  #tell(event: FeedEvent): void {
    for (const { hear } of this.#listeners) hear(event);
  }

  #greet(socket: Socket): void {
    this.#sockets.add(socket);
    socket.once('close', () => this.#sockets.delete(socket));
    let buffered = '';
    let gauge: Connected | null = null;
    // Lines of one gauge are dealt with one after the other.
    let last: Promise<void> = Promise.resolve();
    socket.setEncoding('utf8');
    socket.setTimeout(GREETING_MS, () => !gauge && socket.destroy());
    socket.on('error', () => socket.destroy());
    // What it still said is dealt with before it is told that it left: a reading clears what a step is told.
    socket.on('close', () => {
      last = last.then(() => {
        if (gauge) this.#left(gauge, socket);
      });
    });
    let refused = false;
    const refuse = (why: string) => {
      refused = true;
      socket.end(writeLine({ says: 'NO', seq: null, why }), () => socket.destroy());
    };
    const take = async (line: string): Promise<void> => {
      // Whoever began with something else is no gauge, whatever comes after: a browser’s request holds lines of its own.
      if (refused) return;
      const said = readGaugeLine(line);
      if (said === null) return refuse('bad-line');
      if (said.says === 'BYE') return void socket.end();
      if (said.says === 'HELLO') {
        if (!gauge && !(await this.#hasRoomFor(said.serial))) return refuse('too-many');
        gauge = this.#arrived(said, socket);
        return;
      }
      if (!gauge) return refuse('hello-first');
      const unused = await this.#read(gauge, said);
      const taken = unused === null || unused === 'repeated';
      socket.write(
        writeLine(
          taken ? { says: 'OK', seq: said.seq } : { says: 'NO', seq: said.seq, why: unused },
        ),
      );
    };
    socket.on('data', (chunk: string) => {
      if (refused) return;
      const { lines, rest, tooLong } = takeLines(buffered + chunk);
      buffered = rest;
      if (tooLong) return refuse('too-long');
      for (const line of lines)
        last = last
          .then(() => take(line))
          .catch((error: unknown) => {
            this.shop.log.error({ err: error }, 'a reading from the feed was lost');
            refuse('fault');
          });
    });
  }

  /** Whether one more instrument may be kept; one that left makes room for one that comes. */
  async #hasRoomFor(serial: string): Promise<boolean> {
    const most = await this.shop.devicesOnFeed();
    if (this.#gauges.has(serial) || this.#gauges.size < most) return true;
    for (const [left, { connected }] of this.#gauges)
      if (!connected) {
        this.#gauges.delete(left);
        return true;
      }
    return false;
  }

  #arrived(
    {
      serial,
      kind,
      session,
      plays,
    }: { serial: string; kind: string; session: string; plays: string[] },
    socket: Socket,
  ): Connected {
    const known = this.#gauges.get(serial);
    if (known?.socket && known.socket !== socket) known.socket.destroy();
    const lastSeq = known?.session === session ? known.lastSeq : 0;
    const gauge = { serial, kind, session, plays, lastSeq, connected: true, socket };
    this.#gauges.set(serial, gauge);
    this.#report(gauge);
    return gauge;
  }

  #left(gauge: Connected, socket: Socket): void {
    if (this.#gauges.get(gauge.serial)?.socket !== socket) return;
    gauge.connected = false;
    gauge.socket = null;
    this.#report(gauge);
  }

  /** Says whether a gauge is on the line to those who wait for it, and to those who watch. */
  #report(gauge: Connected, to: readonly Listener[] = this.#listeners): void {
    const { serial, connected } = gauge;
    this.#reports = this.#reports
      .then(() => this.shop.deviceOnFeed(serial))
      .then((registered) => {
        for (const { gaugeId, hear } of to)
          if (gaugeId === null || gaugeId === registered?.id)
            hear({ event: 'gauge', serial, connected });
      })
      .catch((error: unknown) => this.shop.log.error({ err: error }, 'a gauge on the feed'));
  }

  async #read(
    gauge: Connected,
    { seq, shown, unit }: { seq: number; shown: string; unit: string },
  ): Promise<Unused | null> {
    if (seq <= gauge.lastSeq) return 'repeated';
    gauge.lastSeq = seq;
    const { serial } = gauge;
    const registered = await this.shop.deviceOnFeed(serial);
    const value = /^-?\d{1,3}(\.\d{1,3})?$/.test(shown) ? Number(shown) : null;
    const step = registered ? (this.#waiting(registered.id).at(-1) ?? null) : null;
    const unused: Unused | null =
      registered === null
        ? 'unknown-gauge'
        : unit !== registered.unit
          ? 'wrong-unit'
          : value === null
            ? 'not-a-number'
            : step === null
              ? 'nobody-waiting'
              : null;
    const wentTo = unused === null ? step!.person : null;
    const reading = { serial, seq, shown, unit, at: this.shop.now().toISOString(), unused, wentTo };
    this.#readings = [reading, ...this.#readings].slice(0, READINGS_KEPT);
    if (unused === null)
      step!.hear({ event: 'reading', deviceId: registered!.id, value: value!, shown });
    else this.#tell({ event: 'unused', serial, shown, unit, why: unused });
    return unused;
  }
}
