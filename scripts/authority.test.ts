import { execFileSync, spawnSync } from 'node:child_process';
import { X509Certificate } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { fingerprintOf, shopCertificate } from './authority';

const NOW = new Date();
const DAY_MS = 86_400_000;
const inDays = (days: number) => new Date(NOW.getTime() + days * DAY_MS);

let keys: string;
beforeEach(() => {
  keys = mkdtempSync(path.join(tmpdir(), 'hold-fast-tls-'));
});
afterEach(() => rmSync(keys, { recursive: true }));

/** What OpenSSL, told to trust this root alone, says of a certificate at an address. */
const verified = (root: string, certificate: string, ...more: string[]) =>
  spawnSync('openssl', ['verify', '-CAfile', root, ...more, certificate]).status === 0;

it.each(['192.168.1.7', '10.0.0.2', '192.0.2.9', 'fd00::2', '2001:db8::7'])(
  'vouches for %s and no other address',
  (host) => {
    shopCertificate(keys, host, NOW);
    const folder = ['192.0.2.9', '2001:db8::7'].includes(host) ? host.replaceAll(':', '-') : '.';
    const [root, certificate] = ['root.crt', 'shop.crt'].map((name) =>
      path.join(keys, folder, name),
    ) as [string, string];
    expect(verified(root, certificate, '-verify_ip', host)).toBe(true);
    expect(verified(root, certificate, '-verify_ip', '192.168.1.99')).toBe(false);
  },
);

it('keeps its keys from others', () => {
  shopCertificate(keys, '192.168.1.7', NOW);
  for (const name of ['root.key', 'shop.key'])
    expect(statSync(path.join(keys, name)).mode & 0o077).toBe(0);
});

it('is the same at the next start, and made anew before it runs out, under the root that phones trust already', () => {
  const first = shopCertificate(keys, '192.168.1.7', NOW);
  expect(shopCertificate(keys, '192.168.1.7', inDays(1))).toEqual(first);
  const later = shopCertificate(keys, '192.168.1.7', inDays(340));
  expect(later.certificate).not.toBe(first.certificate);
  expect(later.root).toBe(first.root);
});

it('is made anew where the machine has another address, or its clock was a day ahead when it was made', () => {
  const first = shopCertificate(keys, '192.168.1.7', NOW);
  const moved = shopCertificate(keys, '192.168.1.8', NOW);
  expect(moved.root).toBe(first.root);
  expect(new X509Certificate(moved.certificate).checkIP('192.168.1.8')).toBe('192.168.1.8');
  expect(shopCertificate(keys, '192.168.1.8', inDays(-1)).certificate).not.toBe(moved.certificate);
});

it('has a root that can vouch for no name of anybody’s, should its key be stolen', () => {
  shopCertificate(keys, '192.168.1.7', NOW);
  const file = (name: string) => path.join(keys, name);
  writeFileSync(file('other.ext'), 'subjectAltName=DNS:bank.example');
  execFileSync(
    'openssl',
    [
      ...['req', '-newkey', 'ec', '-pkeyopt', 'ec_paramgen_curve:P-256', '-noenc'],
      ...['-keyout', file('other.key'), '-out', file('other.csr'), '-subj', '/CN=bank.example'],
    ],
    { stdio: 'ignore' },
  );
  execFileSync(
    'openssl',
    [
      ...['x509', '-req', '-in', file('other.csr'), '-out', file('other.crt'), '-days', '30'],
      ...['-CA', file('root.crt'), '-CAkey', file('root.key'), '-CAcreateserial'],
      ...['-extfile', file('other.ext')],
    ],
    { stdio: 'ignore' },
  );
  expect(verified(file('root.crt'), file('other.crt'))).toBe(false);
  expect(verified(file('root.crt'), file('shop.crt'))).toBe(true);
});

it('says its root’s fingerprint as OpenSSL does', () => {
  const { root } = shopCertificate(keys, '192.168.1.7', NOW);
  const says = execFileSync(
    'openssl',
    ['x509', '-in', path.join(keys, 'root.crt'), '-noout', '-fingerprint', '-sha256'],
    { encoding: 'utf8' },
  );
  expect(says.trim().split('=')[1]).toBe(fingerprintOf(root));
  expect(root).toBe(readFileSync(path.join(keys, 'root.crt'), 'utf8'));
});

it('says what to do where it cannot be made', () => {
  shopCertificate(keys, '192.168.1.7', NOW);
  writeFileSync(path.join(keys, 'root.key'), 'no key');
  rmSync(path.join(keys, 'shop.crt'));
  expect(() => shopCertificate(keys, '192.168.1.7', NOW)).toThrow(/Remove the folder tls/);
});
