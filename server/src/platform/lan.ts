import { X509Certificate } from 'node:crypto';
import { isIPv6 } from 'node:net';
import type { Trust } from '@hold-fast/contract/trust';
import { Router, type NextFunction, type Request, type Response } from 'express';
import path from 'node:path';
import { Refusal } from './refusal';

/** The shop as its network sees it. */
export interface Lan {
  /** The address phones reach it by. */
  host: string;
  /** The root certificate that vouches for it, PEM. */
  root: string;
}

/** An address as it stands in a URL. */
export const inUrl = (host: string) => (isIPv6(host) ? `[${host}]` : host);

/** Where a phone finds the root certificate. */
const ROOT = '/hold-fast-root.crt';

/** How phones reach the shop, said to whoever asks: a phone asks before anybody is known, and before it can trust the answer. */
export function lanRoutes(lan: Lan | null): Router {
  const routes = Router();
  routes.get('/trust', (request, response) => {
    if (!lan) throw new Refusal('not-found');
    // Both the loopback and the network are served on one port.
    const at = `${inUrl(lan.host)}:${request.socket.localPort}`;
    const trust: Trust = {
      shop: `https://${at}`,
      page: `http://${at}/trust`,
      fingerprint: new X509Certificate(lan.root).fingerprint256,
    };
    response.json(trust);
  });
  return routes;
}

/** Serves the root certificate, as phones take it. */
export function rootCertificate(lan: Lan) {
  return (request: Request, response: Response, next: NextFunction): void => {
    if (request.path !== ROOT) next();
    else response.type('application/x-x509-ca-cert').send(lan.root);
  };
}

/**
 * Lets nothing of the shop pass over the network in the clear: whoever comes without TLS gets the app’s own files and the page that
 * says how a phone trusts the shop, and is sent there.
 */
export function encryptedOnly(lan: Lan) {
  return (request: Request, response: Response, next: NextFunction): void => {
    const overNetwork = request.get('host')?.replace(/:\d+$/, '').toLowerCase() === inUrl(lan.host);
    if (!overNetwork || request.secure || ['/trust', '/api/trust'].includes(request.path)) next();
    else if (request.path.startsWith('/api/')) throw new Refusal('not-encrypted');
    else if (path.extname(request.path)) next();
    else response.redirect('/trust');
  };
}
