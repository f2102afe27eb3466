import { createHash } from 'node:crypto';
import fc from 'fast-check';
import { canonicalJson, type Json } from './canonical';
import { checkChain, sealLink, sealOf, type SealedLink } from './chain';

describe('canonical JSON', () => {
  it('published: writes the example of RFC 8785, 3.2.2 and 3.2.4 [S]', () => {
    const source = `{
      "numbers": [333333333.33333329, 1E30, 4.50, 2e-3, 0.000000000000000000000000001],
      "string": "\\u20ac$\\u000F\\u000aA'\\u0042\\u0022\\u005c\\\\\\"\\/",
      "literals": [null, true, false]
    }`;
    expect(canonicalJson(JSON.parse(source) as Json)).toBe(
      '{"literals":[null,true,false],"numbers":[333333333.3333333,1e+30,4.5,0.002,1e-27],' +
        '"string":"€$\\u000f\\nA\'B\\"\\\\\\\\\\"/"}',
    );
  });

  // RFC 8785, appendix B [S]: the bits of an IEEE 754 double, and how it is written.
  it.each([
    ['0000000000000000', '0'],
    ['8000000000000000', '0'],
    ['0000000000000001', '5e-324'],
    ['8000000000000001', '-5e-324'],
    ['7fefffffffffffff', '1.7976931348623157e+308'],
    ['ffefffffffffffff', '-1.7976931348623157e+308'],
    ['4340000000000000', '9007199254740992'],
    ['c340000000000000', '-9007199254740992'],
    ['4430000000000000', '295147905179352830000'],
    ['44b52d02c7e14af5', '9.999999999999997e+22'],
    ['44b52d02c7e14af6', '1e+23'],
    ['44b52d02c7e14af7', '1.0000000000000001e+23'],
    ['444b1ae4d6e2ef4e', '999999999999999700000'],
    ['444b1ae4d6e2ef4f', '999999999999999900000'],
    ['444b1ae4d6e2ef50', '1e+21'],
    ['3eb0c6f7a0b5ed8c', '9.999999999999997e-7'],
    ['3eb0c6f7a0b5ed8d', '0.000001'],
    ['41b3de4355555553', '333333333.3333332'],
    ['41b3de4355555554', '333333333.33333325'],
    ['41b3de4355555555', '333333333.3333333'],
    ['41b3de4355555556', '333333333.3333334'],
    ['41b3de4355555557', '333333333.33333343'],
    ['becbf647612f3696', '-0.0000033333333333333333'],
    ['43143ff3c1cb0959', '1424953923781206.2'],
  ])('published: the double %s is %s', (bits, written) =>
    expect(canonicalJson(Buffer.from(bits, 'hex').readDoubleBE())).toBe(written),
  );
  it.each([['7fffffffffffffff'], ['7ff0000000000000']])('published: %s is an error', (bits) =>
    expect(() => canonicalJson(Buffer.from(bits, 'hex').readDoubleBE())).toThrow(),
  );

  it('published: sorts by code units, as the example of RFC 8785, 3.2.3', () => {
    const unsorted = {
      '\u20ac': 'Euro Sign',
      '\r': 'Carriage Return',
      '\ufb33': 'Hebrew Letter Dalet With Dagesh',
      '1': 'One',
      '\ud83d\ude00': 'Emoji: Grinning Face',
      '\u0080': 'Control',
      '\u00f6': 'Latin Small Letter O With Diaeresis',
    };
    expect(Object.values(JSON.parse(canonicalJson(unsorted)) as object)).toEqual([
      'One',
      'Carriage Return',
      'Control',
      'Latin Small Letter O With Diaeresis',
      'Euro Sign',
      'Emoji: Grinning Face',
      'Hebrew Letter Dalet With Dagesh',
    ]);
  });

  it('does not care in which order keys were set', () =>
    expect(canonicalJson({ b: 1, a: [2, { d: 3, c: 4 }] })).toBe(
      canonicalJson({ a: [2, { c: 4, d: 3 }], b: 1 }),
    ));

  it('refuses what JSON cannot hold', () =>
    expect(() => canonicalJson({ a: Number.NaN })).toThrow());

  it('reads back as it was written', () =>
    fc.assert(
      fc.property(fc.jsonValue({ noUnicodeString: false }), (value) =>
        expect(JSON.parse(canonicalJson(value as Json))).toEqual(JSON.parse(JSON.stringify(value))),
      ),
    ));
});

describe('seals', () => {
  it('published: agree with the platform’s own SHA-256, also beyond ASCII', () =>
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme' }), (text) =>
        expect(sealOf(text)).toBe(createHash('sha256').update(text, 'utf8').digest('hex')),
      ),
    ));

  // NIST, examples of FIPS 180-4 and test vectors for SHA-256 [S].
  it.each([
    ['', 'e3b0c44298fc1c149afbf4c8996fb92427ae41e4649b934ca495991b7852b855'],
    ['abc', 'ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad'],
    [
      'abcdbcdecdefdefgefghfghighijhijkijkljklmklmnlmnomnopnopq',
      '248d6a61d20638b8e5c026930c3e6039a33ce45964ff2167f6ecedd419db06c1',
    ],
    [
      'abcdefghbcdefghicdefghijdefghijkefghijklfghijklmghijklmnhijklmnoijklmnopjklmnopqklmnopqrlmnopqrsmnopqrstnopqrstu',
      'cf5b16a778af8380036ce59e7b0492370b249b11e8f07a51afac45037afee9d1',
    ],
    ['a'.repeat(1_000_000), 'cdc76e5c9914fb9281a1c7e284d73e67f1809a48a497200e046d39ccc7112cd0'],
  ])('published: the digest of %.40s', (text, digest) => expect(sealOf(text)).toBe(digest));
});

describe('the chain', () => {
  function chainOf(records: Json[]): SealedLink[] {
    const links: SealedLink[] = [];
    for (const record of records)
      links.push(sealLink({ prev: links.at(-1)?.seal ?? null, record }));
    return links;
  }
  const chain = chainOf([{ job: '0412', mm: 1.47 }, { job: '0415' }, { job: '0409' }]);

  it('is whole as sealed', () =>
    expect(checkChain(chain)).toEqual({ whole: true, length: 3, head: chain[2]!.seal }));

  it('names the first changed text', () => {
    const changed = chain.map((link, i) =>
      i === 0 ? { ...link, canonical: link.canonical.replace('1.47', '1.57') } : link,
    );
    expect(checkChain(changed)).toEqual({ whole: false, brokenAt: 0, because: 'text-changed' });
  });

  it('notices a link taken out, even when what is left is sealed again one by one', () => {
    expect(checkChain([chain[0]!, chain[2]!])).toEqual({
      whole: false,
      brokenAt: 1,
      because: 'link-missing',
    });
    expect(checkChain(chain.slice(1))).toEqual({
      whole: false,
      brokenAt: 0,
      because: 'link-missing',
    });
  });

  it('notices a text that is no link', () => {
    const canonical = 'nothing';
    expect(checkChain([{ canonical, seal: sealOf(canonical) }])).toMatchObject({
      because: 'not-json',
    });
  });
});
