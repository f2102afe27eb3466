import type { PistonLubricant } from '../kit/pistonLubricant';
import type { Actuation } from '../kit/actuation';
import type { AskedFluid } from '../fluid/compatibility';
import type { Compound } from '../kit/compound';
import type { Origin, Tag } from '../source';
import type { FastenerId, TorqueAsked } from '../torque/fasteners';
import type { PadSchool } from '../wear/pads';
import type { ThicknessLimit } from '../wear/verdict';

/** Who laid a value down, and where the number comes from when no maker's sheet gives it. */
export interface Laid {
  origin: Origin;
  tag: Tag | null;
}

/** Values that stand as a bare number on a sheet; each comes from the sheet's source unless `origins` says otherwise. */
export const PLAIN_VALUES = [
  'rotor.newMm',
  'rotor.sizeMm',
  'pads.newTotalMm',
  'pads.plateMm',
  'lever.ratio',
  'lever.boreMm',
  'lever.ownGiveMl',
  'hose.boreMm',
  'hose.kitMl',
] as const;
export type PlainValue = (typeof PLAIN_VALUES)[number];

/** What a spec sheet says of one brake. Lengths mm, volumes mL, torques N·m. */
export interface SpecSheet {
  title: string;
  /** The maker's sheet and its revision, or that the values are the shop's own. */
  source: string;
  brake: {
    actuation: Actuation;
    pistons: number;
    mount: 'post' | 'flat' | 'is';
    /** Cable calipers push from one side or from both; null for hydraulic ones. */
    sides: 'one-sided' | 'two-sided' | null;
    /** How the bleed ports are made. */
    port: string;
    /** What goes on the pistons when they are serviced; null where the sheet is silent. */
    pistonLubricant: PistonLubricant | null;
  };
  rotor: {
    hold: 'six-bolt' | 'lockring';
    construction: 'one-piece' | 'two-piece';
    newMm: number | null;
    limit: ThicknessLimit | null;
    sizeMm: number | null;
    /** Marked for organic pads only. */
    organicOnly: boolean;
  };
  pads: {
    shape: string;
    newTotalMm: number | null;
    plateMm: number | null;
    plateAssumed: boolean;
    compounds: Compound[];
    finned: boolean;
    /** Limits its maker lays down in place of a school's own: with the plate, and of friction alone. */
    limits: Partial<Record<'total' | 'friction', ThicknessLimit>>;
    /** Schools its maker judges by; the shop's where it names none. */
    schools: PadSchool[];
  };
  lever: {
    ratio: number | null;
    boreMm: number | null;
    /** A sound brake's own give at the standard pull. */
    ownGiveMl: number | null;
  };
  hose: {
    boreMm: number | null;
    barb: string;
    olive: string;
    /** The seals of its banjo, by their name. */
    banjoSeals: string;
    /** What caliper and lever hold together. */
    kitMl: number | null;
  } | null;
  torque: (TorqueAsked & { fastener: FastenerId })[];
  fluid: (AskedFluid & Laid) | null;
  /** Plain values that do not come from the sheet's own source. */
  origins: Partial<Record<PlainValue, Laid>>;
}

/** A revision of a sheet; one that a job was judged by never changes. */
export interface SheetRevision {
  id: string;
  sheetId: string;
  revision: number;
  body: SpecSheet;
}
