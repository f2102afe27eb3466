import express, { type ErrorRequestHandler, type Express, type Request } from 'express';
import helmet from 'helmet';
import { pinoHttp } from 'pino-http';
import sirv from 'sirv';
import { bikesRoutes } from './bikes/routes';
import type { Feed } from './feed/feed';
import { feedRoutes } from './feed/routes';
import { benchPage } from './jobs/bench';
import { dayRoutes } from './jobs/day';
import { jobsRoutes } from './jobs/routes';
import { outboxRoutes } from './outbox/routes';
import { peopleRoutes, sessionRoutes, sessionSaid } from './people/routes';
import { allowedOnly } from './people/rules';
import { pinRoutes, tabletRoutes } from './people/tablets';
import { Tries } from './platform/tries';
import { recordsRoutes } from './records/routes';
import { openReportRoutes, reportsRoutes } from './reports/routes';
import { exportsRoutes } from './exports/routes';
import { feedsRoutes, openFeedRoutes } from './due/feeds';
import { dueRoutes } from './due/routes';
import { rulesRoutes } from './shopRules/routes';
import { traceRoutes } from './trace/routes';
import { troubleRoutes } from './trouble/routes';
import { sheetsRoutes } from './sheets/routes';
import { noticesRoutes } from './notices/routes';
import { storesRoutes } from './stores/routes';
import { errnoOf } from './platform/database';
import { firstPage, painterIn, scriptsIn } from './platform/firstPage';
import { encryptedOnly, inUrl, lanRoutes, rootCertificate, type Lan } from './platform/lan';
import { Refusal } from './platform/refusal';
import { ownHostOnly, sameSiteOnly, Sessions } from './platform/session';
import type { Shop } from './platform/shop';

/** A row of that id, or name, is there already. */
const DUPLICATE = 1062;
/** Said by the database itself of what is sealed. */
const SEALED = 1644;
/** Too large, too long, no such row to point at, against a rule of its table. */
const NO_SUCH_VALUE = new Set([1264, 1292, 1366, 1406, 1452, 4025]);
/** The disk is full, or a table is. */
const NO_ROOM = new Set([3, 1021, 1030, 1114]);

function refusedByDatabase(errno: number | null): Refusal | null {
  if (errno === DUPLICATE) return new Refusal('id-reused');
  if (errno === SEALED) return new Refusal('job-sealed');
  if (errno !== null && NO_SUCH_VALUE.has(errno)) return new Refusal('invalid-input');
  if (errno !== null && NO_ROOM.has(errno))
    return new Refusal('unavailable', { facts: { code: 'disk-full' } });
  return null;
}

const LARGEST_BODY = '200kb';
/** A picture in base64, with room for what goes with it. */
const LARGEST_PHOTO_BODY = '600kb';
/** A bike’s records of many years. */
const LARGEST_PASSPORT_BODY = '8mb';
/** Errors of the connection to the database: the write was not done, and may be sent again. */
const LOST_DATABASE = new Set([
  'ECONNREFUSED',
  'ECONNRESET',
  'ENOENT',
  'EPIPE',
  'PROTOCOL_CONNECTION_LOST',
]);

/**
 * The whole server as an Express app.
 * @param webDirectory the exported app to serve; null serves the API alone
 * @param feed the gauge feed; null leaves its routes out
 * @param lan how the machine is reached besides the loopback; null where it is not
 */
export function createServer(
  shop: Shop,
  webDirectory: string | null,
  feed: Feed | null = null,
  lan: Lan | null = null,
): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(
    pinoHttp({
      logger: shop.log,
      serializers: WITHOUT_PERSONAL_DATA,
      autoLogging: { ignore: isAsset },
    }),
  );
  app.use(securityHeaders(webDirectory ? scriptsIn(webDirectory) : []));
  app.use(ownHostOnly(lan ? [inUrl(lan.host)] : []));
  if (lan) app.use(encryptedOnly(lan), rootCertificate(lan));
  const sessions = new Sessions(shop);
  app.use('/api', api(sessions, feed, lan));
  if (webDirectory) {
    const asked = {
      session: (request: Request) => sessionSaid(sessions, request),
      bench: () => benchPage(shop.pool, null),
      now: shop.now,
    };
    const first = firstPage(webDirectory, painterIn(webDirectory), asked, (error) =>
      shop.log.warn({ err: error }, 'the page came without its first screen'),
    );
    app.get(['/', '/index.html'], first);
    serveFiles(app, webDirectory);
    app.get('/{*splat}', first);
  }
  app.use(answerErrors(shop));
  return app;
}

function api(sessions: Sessions, feed: Feed | null, lan: Lan | null): express.Router {
  const { shop } = sessions;
  const tries = new Tries(shop.now);
  const router = express.Router();
  router.use((_request, response, next) => {
    response.set('cache-control', 'no-store');
    next();
  });
  router.use(sameSiteOnly);
  router.use('/jobs/:jobId/photos', express.json({ limit: LARGEST_PHOTO_BODY, strict: true }));
  // So much is read of whoever is signed in alone.
  router.use(
    '/bikes/:bikeId/passports',
    sessions.required,
    express.json({ limit: LARGEST_PASSPORT_BODY, strict: true }),
  );
  router.use(express.json({ limit: LARGEST_BODY, strict: true }));
  router.use(sessionRoutes(sessions, tries), pinRoutes(sessions, tries));
  router.use(openReportRoutes(shop), openFeedRoutes(shop), lanRoutes(lan));
  router.use(sessions.required, allowedOnly);
  router.use(
    peopleRoutes(sessions, tries),
    tabletRoutes(sessions),
    jobsRoutes(shop, tries),
    dayRoutes(shop),
    bikesRoutes(shop, tries),
    noticesRoutes(shop),
    sheetsRoutes(shop),
    storesRoutes(shop),
    rulesRoutes(shop),
    dueRoutes(shop),
    feedsRoutes(shop),
    traceRoutes(shop),
    exportsRoutes(shop),
    outboxRoutes(shop),
    troubleRoutes(shop),
    recordsRoutes(shop),
    reportsRoutes(shop),
  );
  if (feed) router.use(feedRoutes(feed, sessions));
  router.use(() => {
    throw new Refusal('not-found');
  });
  return router;
}

function serveFiles(app: Express, webDirectory: string): void {
  app.use(
    sirv(webDirectory, {
      etag: true,
      brotli: true,
      gzip: true,
      setHeaders: (response, file) => {
        // What the export names by its content never changes; the rest is asked for again.
        const immutable = file.startsWith('/_expo/') || file.startsWith('/assets/');
        response.setHeader(
          'cache-control',
          immutable ? 'public, max-age=31536000, immutable' : 'no-cache',
        );
      },
    }),
  );
}

/** @param scripts the scripts that stand in the page itself, by their digests: no other is run */
function securityHeaders(scripts: readonly string[]) {
  return helmet({
    // The loopback speaks plain http on the same name: there is nothing to upgrade to.
    strictTransportSecurity: false,
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        'default-src': ["'self'"],
        'script-src': ["'self'", ...scripts],
        'style-src': ["'self'", "'unsafe-inline'"],
        'img-src': ["'self'", 'data:'],
        // The page brings its faces along.
        'font-src': ["'self'", 'data:'],
        'object-src': ["'none'"],
        'base-uri': ["'none'"],
        'frame-ancestors': ["'none'"],
        'form-action': ["'self'"],
      },
    },
  });
}

const WITHOUT_PERSONAL_DATA = {
  req: (request: { id: unknown; method: string; url: string }) => ({
    id: request.id,
    method: request.method,
    // A search may hold a customer's name.
    path: request.url.split('?')[0],
  }),
  res: (response: { statusCode: number }) => ({ status: response.statusCode }),
};

const isAsset = (request: { url?: string }) => !request.url?.startsWith('/api/');

function answerErrors(shop: Shop): ErrorRequestHandler {
  return (error: unknown, _request, response, next) => {
    if (response.headersSent) {
      next(error);
      return;
    }
    const { problem } = refusalOf(error, shop);
    response.status(problem.status).type('application/problem+json').send(JSON.stringify(problem));
  };
}

function refusalOf(error: unknown, shop: Shop): Refusal {
  if (error instanceof Refusal) return error;
  const { code, type, status } = error as { code?: string; type?: string; status?: number };
  if (type === 'entity.too.large') return new Refusal('too-large');
  if (type === 'entity.parse.failed')
    return new Refusal('invalid-input', { facts: { code: 'not-json' } });
  if (code !== undefined && LOST_DATABASE.has(code)) return new Refusal('unavailable');
  const refused = refusedByDatabase(errnoOf(error));
  if (refused) {
    // Kept out at the last door: a schema or a rule before it let it by.
    shop.log.warn({ err: error }, 'refused by the database');
    return refused;
  }
  if (status !== undefined && status >= 400 && status < 500)
    return new Refusal('invalid-input', { facts: { code: 'unreadable' } });
  shop.log.error({ err: error }, 'fault');
  return new Refusal('fault');
}
