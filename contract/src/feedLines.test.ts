import fc from 'fast-check';
import { LONGEST_LINE } from './feed';
import { readGaugeLine, readServerLine, takeLines, writeLine } from './feedLines';

const word = fc.stringMatching(/^[A-Za-z0-9.-]{1,20}$/);

it('what is written is read back as it was', () => {
  fc.assert(
    fc.property(fc.nat(), word, word, (seq, shown, unit) => {
      const line = { says: 'READ', seq, shown, unit } as const;
      fc.pre(seq < 1e9);
      expect(readGaugeLine(writeLine(line).trimEnd())).toEqual(line);
    }),
  );
  const hello = {
    says: 'HELLO',
    serial: 'TG-1',
    kind: 'thickness-gauge',
    session: 'x',
    plays: ['steady', 'inches'],
  } as const;
  expect(readGaugeLine(writeLine({ ...hello, plays: [...hello.plays] }).trimEnd())).toEqual(hello);
  for (const line of [
    { says: 'OK', seq: 3 },
    { says: 'NO', seq: null, why: 'bad-line' },
    { says: 'NO', seq: 3, why: 'wrong-unit' },
    { says: 'PLAY', scene: 'steady' },
    { says: 'PRESS' },
  ] as const)
    expect(readServerLine(writeLine(line).trimEnd())).toEqual(line);
});

it.each([
  '',
  'HF1',
  'HF2 READ seq=1 shown=1 unit=mm',
  'HF1 READ seq=1 shown=1',
  'HF1 READ seq=-1 shown=1 unit=mm',
  'HF1 READ seq=1.5 shown=1 unit=mm',
  'HF1 READ seq=1 shown=1 unit=mm stray',
  'HF1 HELLO serial=TG-1',
  'HF1 SING',
  'HF1 =x',
])('%p is no line of a gauge', (line) => expect(readGaugeLine(line)).toBeNull());

it.each(['HF1 OK', 'HF1 NO seq=1', 'HF1 PLAY', 'HF1 SING', 'hello'])(
  '%p is no line of the server',
  (line) => expect(readServerLine(line)).toBeNull(),
);

it('lines are taken whole, however they arrive', () =>
  fc.assert(
    fc.property(fc.array(word, { maxLength: 6 }), fc.nat({ max: 40 }), (lines, cut) => {
      const text = lines.map((line) => `${line}\r\n`).join('');
      const first = takeLines(text.slice(0, cut));
      const second = takeLines(first.rest + text.slice(cut));
      expect([...first.lines, ...second.lines]).toEqual(lines);
      expect(second.rest).toBe('');
    }),
  ));

it('a line without end is noticed', () => {
  expect(takeLines('x'.repeat(LONGEST_LINE)).tooLong).toBe(false);
  expect(takeLines('x'.repeat(LONGEST_LINE + 1)).tooLong).toBe(true);
  expect(takeLines(`${'x'.repeat(LONGEST_LINE + 1)}\n`).tooLong).toBe(true);
});
