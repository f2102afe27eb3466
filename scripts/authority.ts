import { execFileSync } from 'node:child_process';
import { X509Certificate } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { hostname } from 'node:os';
import { BlockList, isIPv6 } from 'node:net';
import path from 'node:path';

/** What the shop shows to phones on its network, and by whom it is vouched for. */
export interface ShopCertificate {
  key: string;
  certificate: string;
  /** The root that phones are told to trust, in PEM. */
  root: string;
}

const TEN_YEARS_DAYS = 3650;
/** Browsers take none that lasts longer [M]. */
const YEAR_DAYS = 397;
/** It is made anew so many days before it runs out: a shop that is seldom restarted has time. */
const RENEWED_BEFORE_DAYS = 60;
const DAY_MS = 86_400_000;

/**
 * The certificate by which the shop is reached at an address of its network, signed by an authority of its own that is made at the
 * first start and vouches for addresses of its network alone. All cryptography is OpenSSL's.
 * @param keys the folder that keeps the keys; nobody else may read it
 * @param host the address by which phones reach this machine
 * @throws Error with its cure where OpenSSL is missing or fails
 */
export function shopCertificate(keys: string, host: string, now: Date): ShopCertificate {
  // A root of private networks stays whatever address the shop is given there; of another address it is of that alone.
  const directory = isPrivate(host) ? keys : path.join(keys, host.replaceAll(':', '-'));
  mkdirSync(directory, { recursive: true, mode: 0o700 });
  const file = (name: string) => path.join(directory, name);
  const read = (name: string) => readFileSync(file(name), 'utf8');
  if (!existsSync(file('root.crt'))) makeRoot(file, host);
  if (!stands(file('shop.crt'), read('root.crt'), host, now)) makeCertificate(file, host);
  return { key: read('shop.key'), certificate: read('shop.crt'), root: read('root.crt') };
}

/** A root's print, as phones and people compare it: SHA-256 in pairs of digits. */
export const fingerprintOf = (root: string): string => new X509Certificate(root).fingerprint256;

/** Whether a certificate is there that this root signed, for this address, and that lasts a good while yet. */
function stands(file: string, root: string, host: string, now: Date): boolean {
  if (!existsSync(file)) return false;
  const certificate = new X509Certificate(readFileSync(file));
  const daysLeft = (new Date(certificate.validTo).getTime() - now.getTime()) / DAY_MS;
  return (
    certificate.checkIP(host) !== undefined &&
    daysLeft > RENEWED_BEFORE_DAYS &&
    new Date(certificate.validFrom).getTime() <= now.getTime() &&
    certificate.verify(new X509Certificate(root).publicKey)
  );
}

type FileOf = (name: string) => string;

function makeRoot(file: FileOf, host: string): void {
  openssl([
    ...['req', '-x509', '-newkey', 'ec', '-pkeyopt', 'ec_paramgen_curve:P-256', '-noenc'],
    ...['-keyout', file('root.key'), '-out', file('root.crt.new')],
    ...['-days', String(TEN_YEARS_DAYS), '-subj', `/CN=Hold Fast at ${machine()}`],
    ...['-addext', 'basicConstraints=critical,CA:TRUE,pathlen:0'],
    ...['-addext', 'keyUsage=critical,keyCertSign,cRLSign'],
    ...['-addext', `nameConstraints=critical,${constraints(host)}`],
  ]);
  // The certificate last: a root that was cut off while it was made is begun again.
  renameSync(file('root.crt.new'), file('root.crt'));
  rmSync(file('shop.crt'), { force: true });
}

/** Networks that are nobody's alone. Source [S]: RFC 1918, RFC 3927, RFC 4193, RFC 4291. */
const PRIVATE: readonly [network: string, bits: number, mask: string][] = [
  ['10.0.0.0', 8, '255.0.0.0'],
  ['172.16.0.0', 12, '255.240.0.0'],
  ['192.168.0.0', 16, '255.255.0.0'],
  ['169.254.0.0', 16, '255.255.0.0'],
  ['127.0.0.0', 8, '255.0.0.0'],
  ['fc00::', 7, 'fe00::'],
  ['fe80::', 10, 'ffc0::'],
];

function isPrivate(host: string): boolean {
  const networks = new BlockList();
  const family = (address: string) => (isIPv6(address) ? 'ipv6' : 'ipv4');
  for (const [network, bits] of PRIVATE) networks.addSubnet(network, bits, family(network));
  return networks.check(host, family(host));
}

/**
 * What a root may vouch for, should its key ever be stolen: addresses of private networks, or the one address it was made for, and
 * no name that anybody can have. Source [S]: RFC 5280, 4.2.1.10; RFC 2606 for the name.
 */
function constraints(host: string): string {
  const one = isIPv6(host) ? 'ffff:ffff:ffff:ffff:ffff:ffff:ffff:ffff' : '255.255.255.255';
  const networks = isPrivate(host)
    ? PRIVATE.map(([network, , mask]) => `${network}/${mask}`)
    : [`${host}/${one}`];
  return [...networks.map((network) => `permitted;IP:${network}`), 'permitted;DNS:invalid'].join();
}

function makeCertificate(file: FileOf, host: string): void {
  const request = file('shop.csr');
  const extensions = file('shop.ext');
  openssl([
    ...['req', '-newkey', 'ec', '-pkeyopt', 'ec_paramgen_curve:P-256', '-noenc'],
    ...['-keyout', file('shop.key'), '-out', request, '-subj', `/CN=${machine()}`],
  ]);
  writeFileSync(
    extensions,
    [
      'basicConstraints=critical,CA:FALSE',
      'keyUsage=critical,digitalSignature',
      'extendedKeyUsage=serverAuth',
      `subjectAltName=IP:${host}`,
    ].join('\n'),
  );
  openssl([
    ...['x509', '-req', '-in', request, '-out', file('shop.crt'), '-days', String(YEAR_DAYS)],
    ...['-CA', file('root.crt'), '-CAkey', file('root.key'), '-CAcreateserial'],
    ...['-extfile', extensions],
  ]);
  for (const done of [request, extensions]) rmSync(done);
}

/** The machine by its name, as far as a certificate takes it. */
const machine = () =>
  hostname()
    .replaceAll(/[^\w.-]/g, '')
    .slice(0, 40) || 'this shop';

function openssl(words: readonly string[]): void {
  try {
    execFileSync('openssl', [...words], { stdio: ['ignore', 'ignore', 'pipe'], encoding: 'utf8' });
  } catch (error) {
    const { code, stderr } = error as { code?: string; stderr?: string };
    throw new Error(
      code === 'ENOENT'
        ? 'OpenSSL is missing. Install it with: sudo apt-get install -y openssl'
        : `OpenSSL could not make the shop’s certificate: ${stderr?.trim().split('\n').at(-1)}. Remove the folder tls of the data to begin anew; phones then have to trust the new root.`,
      { cause: error },
    );
  }
}
