import type { Deviation } from '@hold-fast/core/deviation/deviations';
import type { End, Part } from '@hold-fast/core/ends';
import type { SumOf } from '@hold-fast/core/job/sum';
import type { Measurand } from '@hold-fast/core/measurand/measurand';
import type { ReckonedOf } from '@hold-fast/core/procedure/reckons';
import type { FastenerId } from '@hold-fast/core/torque/fasteners';

// Every address within the app. One that leads nowhere does not compile; routes.test.ts holds them to the files of app/.

/** Pages of a job besides its own. */
export type JobPage = 'bill' | 'edit' | 'found' | 'plan' | 'sign-off' | 'step' | 'trail';

/** Calculators that are asked at a brake in a job. */
export type ReckonedHere = ReckonedOf | SumOf;

/** What is done at one end of a bike, by its name in the address. */
export type Task =
  | Measurand
  | `fit-${Part}`
  | `reckon-${ReckonedHere}`
  | 'identify'
  | 'kit'
  | 'look'
  | 'bolts'
  | 'fluid'
  | 'bleed'
  | 'parts'
  | 'deviation'
  | 'check'
  | 'bed-in'
  | 'radial'
  | 'trouble';

/** A task, with what is asked for at it. */
export type AtEnd =
  | Task
  | `bolts?fastener=${FastenerId}`
  | `fluid?ml=${number}`
  | `parts?part=${string}`
  | `deviation?what=${Deviation}`;

/** Where something of a job stands, from the job's own page. */
export type InJob = JobPage | `${End}/${AtEnd}`;

export type BikePage = 'correct' | 'customer' | 'passport';

/** Pages that are one each. */
export type Place =
  | '/bench'
  | '/bench/check-in'
  | '/bench/day'
  | '/bikes'
  | '/bikes/tables'
  | '/gallery'
  | '/ledger'
  | '/ledger/calendar'
  | '/ledger/due'
  | '/ledger/outbox'
  | '/ledger/trace'
  | '/manner'
  | '/people'
  | '/reckoner'
  | `/reckoner/${ReckonedHere | 'washers'}`
  | '/reckoner/practice'
  | '/stores'
  | '/stores/count'
  | '/stores/feed'
  | '/stores/figures'
  | '/stores/rules'
  | '/stores/sheets/import'
  | '/stores/sheets/new'
  | '/stores/trouble'
  | '/trust';

/** An address that is put together here: what stands in it could be anything to the compiler. */
type PutTogether = string & { readonly leadsTo: 'job' | 'bike' };

export type Address =
  | Place
  | PutTogether
  | `/ledger/${string}`
  | `/ledger/label/${string}`
  | `/ledger/report/${string}`
  | `/people/${string}`
  | `/r/${string}`
  | `/reckoner/practice/${string}`
  | `/stores/containers/${string}`
  | `/stores/gauges/${string}`
  | `/stores/notices/${string}`
  | `/stores/sheets/new?from=${string}`
  | `/stores/sheets/${string}`
  | `/stores/sheets/${string}/edit`
  | `/stores/stock/${string}`
  | `/stores/wrenches/${string}`;

const under =
  <To extends string>(place: string) =>
  (id: string, to?: To) =>
    `/${place}/${id}${to ? `/${to}` : ''}` as PutTogether;

/** A job’s page, or something of it. */
export const atJob = under<InJob>('bench');

/** A bike’s page, or something of it. */
export const atBike = under<BikePage>('bikes');

declare module 'expo-router' {
  export namespace ExpoRouter {
    interface __routes {
      href: Address;
      hrefInputParams: { pathname: Address; params: Record<string, string | undefined> };
    }
  }
}
