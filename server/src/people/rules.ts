import { BENCH, LEADS, RINGS, ROLES, type Role } from '@hold-fast/contract/roles';
import type { NextFunction, Request, Response } from 'express';
import { Refusal } from '../platform/refusal';
import { isChoosing, personOn } from '../platform/session';

// Who may do what. The counter checks in, quotes and hands over, and neither measures, signs nor accepts [D].

const ALL: readonly Role[] = ROLES;

/** Routes that anybody may ask before they are known. */
export const OPEN_ROUTES = [
  'POST /session',
  'POST /session/pin',
  'GET /session',
  'DELETE /session',
  'POST /shop',
  'GET /reports/:token',
  'GET /calendars/:file',
  'GET /trust',
] as const;

/** Every route behind the sign-in, and whose it is. A route that is not here is nobody's. */
export const ROUTES = {
  'GET /bench': ALL,
  'GET /day': ALL,
  'POST /day/places': ALL,
  'POST /day/orders': ALL,
  'POST /jobs': ALL,
  'GET /jobs/:jobId': ALL,
  'PUT /jobs/:jobId': ALL,
  /** Each kind of entry by itself: `rolesOf` of jobs. */
  'POST /jobs/:jobId/entries': ALL,
  'POST /jobs/:jobId/photos': ALL,
  'GET /photos/:photoId': ALL,
  'POST /jobs/:jobId/decisions': BENCH,
  'POST /jobs/:jobId/sign-off': BENCH,
  'POST /jobs/:jobId/amendments': BENCH,
  'GET /bikes': ALL,
  'POST /bikes/import': LEADS,
  'POST /readings/import': LEADS,
  'GET /bikes/:bikeId': ALL,
  /** Whole records stand in it. */
  'GET /bikes/:bikeId/passport': LEADS,
  'GET /bikes/:bikeId/passports': ALL,
  'POST /bikes/:bikeId/passports': ALL,
  /** Phone numbers stand in them. */
  'GET /exports/bikes.csv': LEADS,
  'GET /customers/:customerId/export': LEADS,
  'GET /exports/readings.csv': LEADS,
  'GET /exports/stock.csv': LEADS,
  /** What makes less be asked of one takes a lead besides: `easedBy` in core. */
  'PUT /bikes/:bikeId': ALL,
  /** Whose phone number it is to see: {@link seesPhoneNumbers}. */
  'PUT /customers/:customerId': RINGS,
  'POST /customers/:customerId/erase': ['owner'],
  'GET /notices': ALL,
  'POST /notices': LEADS,
  'POST /notices/import': LEADS,
  'PUT /notices/:noticeId': LEADS,
  'GET /notices/:noticeId/bikes': ALL,
  'GET /sheets': ALL,
  'GET /sheets/export': ALL,
  'GET /sheets/:sheetId': ALL,
  'GET /sheets/:sheetId/give': ALL,
  'POST /sheets/import': LEADS,
  'PUT /sheets/:sheetId': LEADS,
  'GET /gauges': ALL,
  'POST /gauges': LEADS,
  'PUT /gauges/:gaugeId': LEADS,
  'GET /wrenches': ALL,
  'POST /wrenches': LEADS,
  'PUT /wrenches/:id': LEADS,
  'GET /containers': ALL,
  'POST /containers': LEADS,
  /** What makes one better takes a lead besides: `easesContainer` in core. */
  'PUT /containers/:id': BENCH,
  'GET /containers/:id/fills': ALL,
  'GET /stock': ALL,
  'POST /stock': LEADS,
  'PUT /stock/:id': LEADS,
  'POST /stock/import': LEADS,
  'POST /stock/moves': BENCH,
  'GET /used-parts': ALL,
  'POST /used-parts/:id/scrap': BENCH,
  'GET /waste': ALL,
  'POST /waste': BENCH,
  'GET /rules': ALL,
  'GET /rules/history': ALL,
  'PUT /rules': LEADS,
  'GET /trouble/counts': ALL,
  'GET /due': ALL,
  'GET /trace': LEADS,
  'POST /due/snoozes': ALL,
  /** Customers’ names stand in them. */
  'GET /due/feeds': RINGS,
  'POST /due/feeds': RINGS,
  'POST /due/feeds/:feedId/withdraw': RINGS,
  'GET /messages': RINGS,
  'POST /messages': RINGS,
  'GET /records': ALL,
  'GET /records/:recordId': ALL,
  'GET /records/:recordId/report': ALL,
  'GET /records/:recordId/links': ALL,
  'POST /records/:recordId/links': ALL,
  'POST /links/:linkId/withdraw': ALL,
  'GET /chain': ALL,
  'GET /leads': ALL,
  'PUT /manner': ALL,
  'PUT /secrets': ALL,
  /** Whom one looks after, and no others: `LOOKS_AFTER`. */
  'GET /people': LEADS,
  'POST /people': LEADS,
  'PUT /people/:personId': LEADS,
  'POST /people/:personId/new-start': LEADS,
  'DELETE /people/:personId/sessions/:sessionId': LEADS,
  'GET /tablets': LEADS,
  'POST /tablets': LEADS,
  'POST /tablets/:tabletId/end': LEADS,
  'GET /pin-tries': ALL,
  'DELETE /pin-tries': ALL,
  'GET /feed': BENCH,
  'GET /feed/state': ALL,
  'POST /feed/gauges/:serial': BENCH,
} as const satisfies Readonly<Record<string, readonly Role[]>>;

const PATTERNS = Object.entries(ROUTES).map(([route, roles]) => {
  const [method, path] = route.split(' ') as [string, string];
  return { method, path: new RegExp(`^${path.replace(/:\w+/g, '[^/]+')}/?$`), roles };
});

/** What somebody may ask who has yet to choose their own passphrase and PIN: another knows the one they signed in by. */
const BEFORE_CHOOSING = ['PUT /secrets', 'PUT /manner'];

/**
 * Lets through whom {@link ROUTES} names. @throws Refusal `not-allowed`, `not-found` of an address it does not name,
 * `choose-secrets` of anything else until they are chosen.
 */
export function allowedOnly(request: Request, response: Response, next: NextFunction): void {
  const method = request.method === 'HEAD' ? 'GET' : request.method;
  const asked = PATTERNS.filter(
    (route) => route.method === method && route.path.test(request.path),
  );
  if (asked.length === 0) throw new Refusal('not-found');
  const { role } = personOn(response);
  if (!asked.some(({ roles }) => (roles as readonly Role[]).includes(role)))
    throw new Refusal('not-allowed');
  if (isChoosing(response) && !BEFORE_CHOOSING.includes(`${method} ${request.path}`))
    throw new Refusal('choose-secrets');
  next();
}
