import iconv from 'iconv-lite';
import { TextDecoder as NodeDecoder } from 'node:util';
import { textOf } from './readText';

const TEXT = 'customer,bike\nJörg Łęcki,Große Möwe\n';
// Node takes the upper half of windows-1252 for that of latin-1: letters alone tell.
const WESTERN = 'customer,bike\nJörg,Große Möwe\n';
const real = globalThis.TextDecoder;
// The test’s own browser knows UTF-8 alone; the real ones know every encoding of the standard, as Node does.
beforeAll(() => Object.assign(globalThis, { TextDecoder: NodeDecoder }));
afterAll(() => Object.assign(globalThis, { TextDecoder: real }));

it.each([
  ['utf8', TEXT, 'utf-8'],
  ['utf16le', `\uFEFF${TEXT}`, 'utf-16le'],
  ['utf16be', `\uFEFF${TEXT}`, 'utf-16be'],
  ['win1252', WESTERN, 'windows-1252'],
])('reads a file written in %s', (written, text, encoding) => {
  const read = textOf(new Uint8Array(iconv.encode(text, written)));
  expect(read.encoding).toBe(encoding);
  expect(read.text.replace(/^\uFEFF/, '')).toBe(text.replace(/^\uFEFF/, ''));
});
