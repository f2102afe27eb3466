import { CustomerCorrection, BikeCorrection, EraseCustomer } from '@hold-fast/contract/bikes';
import { BikeImport } from '@hold-fast/contract/bikeRows';
import { MakeFeed, WithdrawFeed } from '@hold-fast/contract/calendar';
import { CheckIn, JobEdit } from '@hold-fast/contract/checkIn';
import { DayQuery, OrderDay, PlaceJob } from '@hold-fast/contract/day';
import { Snooze } from '@hold-fast/contract/due';
import { SentEntry } from '@hold-fast/contract/entries';
import { OwnManner } from '@hold-fast/contract/manner';
import { Notice, NoticeEdit } from '@hold-fast/contract/notices';
import { NoticeImport } from '@hold-fast/contract/noticeTable';
import { Opening } from '@hold-fast/contract/opening';
import { SendMessage } from '@hold-fast/contract/outbox';
import { TakePassport } from '@hold-fast/contract/passport';
import { NewPerson, NewStart, OwnSecrets, PersonEdit, SignIn } from '@hold-fast/contract/people';
import { Photo } from '@hold-fast/contract/photos';
import { PROBLEM_KINDS, PROBLEM_PREFIX } from '@hold-fast/contract/problem';
import { ReadingImport } from '@hold-fast/contract/readingTable';
import { MakeLink, WithdrawLink } from '@hold-fast/contract/report';
import { SheetEdit, SheetsImport } from '@hold-fast/contract/sheets';
import { RulesEdit } from '@hold-fast/contract/shopRules';
import { Amendment, Decision, SignOff } from '@hold-fast/contract/signOff';
import {
  Container,
  ContainerEdit,
  Gauge,
  GaugeEdit,
  HandOver,
  ScrapUsedPart,
  StockEdit,
  StockLine,
  StockMove,
  Wrench,
  WrenchEdit,
} from '@hold-fast/contract/stores';
import { StockImport } from '@hold-fast/contract/stockRows';
import { MakeTablet, PinIn } from '@hold-fast/contract/tablet';
import { TraceQuery } from '@hold-fast/contract/trace';
import { z } from 'zod';
import { Order } from './feed/routes';
import { OPEN_ROUTES, ROUTES } from './people/rules';
import { COOKIE } from './platform/session';

type Route = keyof typeof ROUTES | (typeof OPEN_ROUTES)[number];
type Writes = Extract<Route, `POST ${string}` | `PUT ${string}`>;

/** What each route that writes takes. One that is left out does not compile. */
const BODIES: Readonly<Record<Writes, z.ZodType>> = {
  'POST /session': SignIn,
  'POST /session/pin': PinIn,
  'POST /shop': Opening,
  'POST /tablets': MakeTablet,
  'POST /tablets/:tabletId/end': z.strictObject({}),
  'PUT /manner': OwnManner,
  'PUT /secrets': OwnSecrets,
  'POST /people': NewPerson,
  'PUT /people/:personId': PersonEdit,
  'POST /people/:personId/new-start': NewStart,
  'POST /jobs': CheckIn,
  'PUT /jobs/:jobId': JobEdit,
  'POST /jobs/:jobId/entries': SentEntry,
  'POST /jobs/:jobId/photos': Photo,
  'POST /jobs/:jobId/decisions': Decision,
  'POST /jobs/:jobId/sign-off': SignOff,
  'POST /jobs/:jobId/amendments': Amendment,
  'POST /day/places': PlaceJob,
  'POST /day/orders': OrderDay,
  'PUT /bikes/:bikeId': BikeCorrection,
  'POST /bikes/import': BikeImport,
  'POST /stock/import': StockImport,
  'POST /readings/import': ReadingImport,
  'POST /bikes/:bikeId/passports': TakePassport,
  'PUT /customers/:customerId': CustomerCorrection,
  'POST /customers/:customerId/erase': EraseCustomer,
  'POST /notices': Notice,
  'POST /notices/import': NoticeImport,
  'PUT /notices/:noticeId': NoticeEdit,
  'POST /sheets/import': SheetsImport,
  'PUT /sheets/:sheetId': SheetEdit,
  'POST /gauges': Gauge,
  'PUT /gauges/:gaugeId': GaugeEdit,
  'POST /wrenches': Wrench,
  'PUT /wrenches/:id': WrenchEdit,
  'POST /containers': Container,
  'PUT /containers/:id': ContainerEdit,
  'POST /stock': StockLine,
  'PUT /stock/:id': StockEdit,
  'POST /stock/moves': StockMove,
  'POST /used-parts/:id/scrap': ScrapUsedPart,
  'POST /waste': HandOver,
  'PUT /rules': RulesEdit,
  'POST /due/snoozes': Snooze,
  'POST /messages': SendMessage,
  'POST /due/feeds': MakeFeed,
  'POST /due/feeds/:feedId/withdraw': WithdrawFeed,
  'POST /records/:recordId/links': MakeLink,
  'POST /links/:linkId/withdraw': WithdrawLink,
  'POST /feed/gauges/:serial': Order,
};

/** What is asked for in the address, where a contract lays it down. */
const QUERIES: Readonly<Partial<Record<Route, z.ZodObject>>> = {
  'GET /day': DayQuery,
  'GET /trace': TraceQuery,
};

type Schema = Record<string, unknown>;
const schemaOf = (type: z.ZodType): Schema => {
  const { $schema: _dialect, ...schema } = z.toJSONSchema(type, {
    io: 'input',
    target: 'draft-2020-12',
    unrepresentable: 'any',
  }) as Schema;
  return schema;
};

const PROBLEM = {
  description: 'Refused, with the reason. Source: RFC 9457.',
  content: { 'application/problem+json': { schema: { $ref: '#/components/schemas/Problem' } } },
};

/** The API of the shop's server as it stands. Source [S]: OpenAPI 3.1; bodies are made of the contract’s own schemas. */
export function openApi(): Schema {
  const paths: Record<string, Schema> = {};
  for (const route of [...OPEN_ROUTES, ...(Object.keys(ROUTES) as Route[])]) {
    const [method, address] = route.split(' ') as [string, string];
    const path = address.replace(/:(\w+)/g, '{$1}');
    paths[path] = { ...paths[path], [method.toLowerCase()]: operationOf(route, path) };
  }
  return {
    openapi: '3.1.0',
    info: { title: 'Hold Fast', version: '1' },
    servers: [{ url: '/api' }],
    security: [{ session: [] }],
    paths,
    components: {
      securitySchemes: {
        session: {
          type: 'apiKey',
          in: 'cookie',
          name: `${COOKIE}_4150`,
          description: 'The number is the port of the address that the shop is asked at.',
        },
      },
      schemas: {
        Problem: {
          type: 'object',
          required: ['type', 'title', 'status'],
          properties: {
            type: { type: 'string', enum: PROBLEM_KINDS.map((kind) => PROBLEM_PREFIX + kind) },
            title: { type: 'string' },
            status: { type: 'integer' },
            fields: {
              type: 'array',
              items: {
                type: 'object',
                required: ['path', 'code'],
                properties: {
                  path: { type: 'string' },
                  code: { type: 'string' },
                  facts: { type: 'object' },
                },
              },
            },
            facts: { type: 'object' },
          },
        },
      },
    },
  };
}

function operationOf(route: Route, path: string): Schema {
  const inPath = [...path.matchAll(/\{(\w+)\}/g)].map(([, name]) => ({
    name,
    in: 'path',
    required: true,
    schema: { type: 'string' },
  }));
  const query = QUERIES[route];
  const inQuery = Object.entries(query?.shape ?? {}).map(([name, type]) => ({
    name,
    in: 'query',
    required: !(type as z.ZodType).safeParse(undefined).success,
    schema: schemaOf(type as z.ZodType),
  }));
  const isTable = path.endsWith('.csv');
  const roles = route in ROUTES ? ROUTES[route as keyof typeof ROUTES] : null;
  return {
    operationId: route.replace(/[^A-Za-z]+(\w)/g, (_, letter: string) => letter.toUpperCase()),
    ...(roles ? { description: `For: ${roles.join(', ')}.` } : { security: [] }),
    ...(inPath.length + inQuery.length > 0 ? { parameters: [...inPath, ...inQuery] } : {}),
    ...(route in BODIES
      ? {
          requestBody: {
            required: true,
            content: { 'application/json': { schema: schemaOf(BODIES[route as Writes]) } },
          },
        }
      : {}),
    responses: {
      '2XX': {
        description: 'Done.',
        content: { [isTable ? 'text/csv' : 'application/json']: {} },
      },
      '4XX': PROBLEM,
      '5XX': PROBLEM,
    },
  };
}
