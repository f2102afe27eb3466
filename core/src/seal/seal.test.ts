import { createHash } from 'node:crypto';
import fc from 'fast-check';
import { canonicalJson, type Json } from './canonical';
import { checkChain, sealLink, sealOf, type SealedLink } from './chain';

describe('canonical JSON', () => {
  it('writes the example of RFC 8785, 3.2.2 and 3.2.4 [S]', () => {
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
  it('agree with the platform’s own SHA-256, also beyond ASCII', () =>
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme' }), (text) =>
        expect(sealOf(text)).toBe(createHash('sha256').update(text, 'utf8').digest('hex')),
      ),
    ));

  it('gives the digest printed for "abc" in FIPS 180-4’s examples [S]', () =>
    expect(sealOf('abc')).toBe('ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad'));
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
