import type { Scene } from '@hold-fast/contract/feed';
import { readServerLine, takeLines, writeLine } from '@hold-fast/contract/feedLines';
import { connect, type Socket } from 'node:net';
import { PLAYS, showing, type StandinKind } from './scenes';

const RECONNECT_MS = 1500;
const DECIMALS = { mm: 2, in: 4, Nm: 2 } as const;

/**
 * A gauge or a wrench that stands in for a real one: connects to the feed, sends a reading whenever its button is pressed, keeps a
 * reading until it was answered and sends it again after a lost line.
 */
export class StandinGauge {
  #socket: Socket | null = null;
  #scene: Scene = 'steady';
  #press = 0;
  #seq = 0;
  #unanswered: { seq: number; line: string } | null = null;
  #stopped = false;

  constructor(
    private readonly kind: StandinKind,
    private readonly serial: string,
    private readonly port: number,
    private readonly session = Math.random().toString(36).slice(2, 10),
    private readonly chance: () => number = Math.random,
  ) {}

  start(): void {
    let buffered = '';
    const socket = connect(this.port, '127.0.0.1');
    this.#socket = socket;
    socket.setEncoding('utf8');
    socket.on('connect', () => {
      socket.write(
        writeLine({
          says: 'HELLO',
          serial: this.serial,
          kind: this.kind,
          session: this.session,
          plays: [...PLAYS[this.kind]],
        }),
      );
      if (this.#unanswered) socket.write(this.#unanswered.line);
    });
    socket.on('data', (chunk: string) => {
      const { lines, rest } = takeLines(buffered + chunk);
      buffered = rest;
      for (const line of lines) this.#hear(line);
    });
    socket.on('error', () => socket.destroy());
    socket.on('close', () => {
      this.#socket = null;
      if (!this.#stopped) setTimeout(() => this.start(), RECONNECT_MS);
    });
  }

  stop(): void {
    this.#stopped = true;
    this.#socket?.end(writeLine({ says: 'BYE' }));
  }

  /** The button on the gauge. */
  press(): void {
    const { value, unit, drops } = showing(this.kind, this.#scene, this.#press++, this.chance());
    const seq = ++this.#seq;
    const line = writeLine({ says: 'READ', seq, shown: shownAs(value, DECIMALS[unit]), unit });
    this.#unanswered = { seq, line };
    this.#socket?.write(line, () => drops && this.#socket?.destroy());
  }

  #hear(line: string): void {
    const said = readServerLine(line);
    if (said === null) return;
    if (said.says === 'PRESS') this.press();
    else if (said.says === 'PLAY') {
      this.#scene = PLAYS[this.kind].find((scene) => scene === said.scene) ?? this.#scene;
      this.#press = 0;
    } else if (said.seq === this.#unanswered?.seq) this.#unanswered = null;
  }
}

/** As a display shows it: no minus before nothing. */
function shownAs(value: number, decimals: number): string {
  const text = value.toFixed(decimals);
  return Number(text) === 0 ? text.replace('-', '') : text;
}
