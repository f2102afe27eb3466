import type { DueRow } from './due';
import type { End } from '@hold-fast/core/ends';
import type { Reckoned } from '@hold-fast/core/job/reckoned';
import type { Forecast } from '@hold-fast/core/forecast/forecast';
import type { Advice, Fitted } from '@hold-fast/core/job/job';
import type { Measurand } from '@hold-fast/core/measurand/measurand';
import {
  BRAKE_TYPES,
  MATERIALS,
  SHARED_LEVERS,
  TERRAINS,
  THIRD_PLACES,
  type Bike as BikeOfCore,
} from '@hold-fast/core/kit/bike';
import type { NoticeAtJob } from '@hold-fast/core/notice/notice';
import { z } from 'zod';
import { Id, words, wordsOrNone } from './fields';
import { Pin } from './people';

export const Customer = z.strictObject({
  id: Id,
  name: words(120),
  phone: z
    .string()
    .trim()
    .max(40)
    .regex(/^[+\d][\d\s()/-]*$/)
    .nullable(),
});
export type Customer = z.infer<typeof Customer>;

/** How a bike is used decides how fast its brakes wear. */
export const Bike = z.strictObject({
  id: Id,
  customerId: Id,
  name: words(80),
  maker: wordsOrNone(80),
  serial: wordsOrNone(60),
  motor: z.boolean(),
  /** Rider, bike and load, kg. */
  systemMassKg: z.int().min(10).max(600).nullable(),
  terrain: z.enum(TERRAINS).nullable(),
  wet: z.boolean(),
  kmPerWeek: z.int().min(0).max(3000).nullable(),
  forkMaterial: z.enum(MATERIALS).nullable(),
  frameMaterial: z.enum(MATERIALS).nullable(),
  frontBrake: z.enum(BRAKE_TYPES),
  rearBrake: z.enum(BRAKE_TYPES),
  thirdBrake: z.enum(BRAKE_TYPES).default('none'),
  thirdPlace: z.enum(THIRD_PLACES).default('right-front'),
  sharedLever: z.enum(SHARED_LEVERS).default('none'),
  furtherBrakes: wordsOrNone(200),
}) satisfies z.ZodType<BikeOfCore>;
export type Bike = BikeOfCore;

/** A correction of what is written of a bike, made from one of its versions. */
export const BikeCorrection = Bike.omit({ id: true }).extend({
  /** Of this write, made by whoever sent it. */
  id: Id,
  version: z.int().positive(),
  /** Why: asked for where less is asked of the bike afterwards. */
  words: wordsOrNone(200),
});
export type BikeCorrection = z.infer<typeof BikeCorrection>;

/** A correction of what is written of a customer, made from one of its versions. */
export const CustomerCorrection = Customer.omit({ id: true }).extend({
  /** Of this write, made by whoever sent it. */
  id: Id,
  version: z.int().positive(),
});
export type CustomerCorrection = z.infer<typeof CustomerCorrection>;

/** All that is written of a customer is taken away, and what is written of their brakes stays. */
export const EraseCustomer = z.strictObject({
  id: Id,
  /** Who asked for it, and how. */
  because: words(300),
  pin: Pin,
});
export type EraseCustomer = z.infer<typeof EraseCustomer>;

/** A correction as it was made. */
export interface BikeChange {
  id: string;
  was: Bike;
  became: Bike;
  words: string;
  at: string;
  by: string;
}

/** Row of a search: enough to tell two bikes apart. */
export interface FoundBike {
  bikeId: string;
  bikeName: string;
  maker: string;
  serial: string;
  motor: boolean;
  customerId: string;
  customerName: string;
  lastTag: number | null;
  /** The job it is in the shop for; null where it is not. */
  openJobId: string | null;
}

/** Thickness of one fitted part at one visit. */
export interface ThicknessPoint {
  measurementId: string;
  jobId: string;
  tag: number;
  measuredOn: string;
  odometerKm: number | null;
  leastMm: number;
  doubtMm: number;
  limitMm: number | null;
  upperBound: boolean;
  /** Which life of the part it belongs to: 0 for the one found first, one more for each new part fitted. */
  life: number;
}

/** Readings of one day that came in from a table: they are shown, and prove nothing. */
export interface BroughtReadings {
  end: End;
  part: Measurand;
  takenAt: string;
  mm: number[];
  /** As it was called where it was read. */
  gauge: string;
  /** Who brought them in. */
  by: string;
}

export interface BikePage {
  bike: Bike & { version: number };
  customer: Customer & { version: number };
  jobs: {
    id: string;
    tag: number;
    status: 'open' | 'sealed';
    complaint: string;
    odometerKm: number | null;
    promisedAt: string;
    sealedAt: string | null;
    seal: string | null;
    /** Closed, and its bike left as it was: nothing of it was passed. */
    notRepaired: boolean;
  }[];
  wear: {
    end: End;
    part: 'rotor' | 'pads';
    points: ThicknessPoint[];
    /** Where the part fitted now is heading, from its own readings; null with fewer than one. */
    outlook: { unit: 'km' | 'day'; now: number; nextService: number; forecast: Forecast } | null;
  }[];
  /** Of elsewhere, or of before; the newest first. */
  brought: BroughtReadings[];
  fittings: Fitted[];
  /** What is due, the soonest first. */
  dues: DueRow[];
  /** What calculators said at its visits and nobody took back, the newest of each kind and end. */
  reckoned: { end: End; tag: number; what: Reckoned }[];
  /** Corrections, newest first. */
  changes: BikeChange[];
  /** Makers' notices that meet it and no visit has dealt with. */
  notices: NoticeAtJob[];
  /** A do-not-ride found and not lifted by a later visit. */
  doNotRide: { tag: number; jobId: string } | null;
  /** What its customer would not have replaced, and is still in. */
  againstAdvice: Advice[];
}
