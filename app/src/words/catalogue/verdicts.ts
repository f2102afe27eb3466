import type { LeverSign } from '@hold-fast/core/lever/sign';
import type { Subject } from '@hold-fast/core/inspection/inspected';
import type { Held } from '@hold-fast/core/evidence/readings';
import type { End } from '@hold-fast/core/ends';
import type { Forecast } from '@hold-fast/core/forecast/forecast';
import type { InputError } from '@hold-fast/core/inputError';
import type { Finding } from '@hold-fast/core/inspection/findings';
import type { Work } from '@hold-fast/core/inspection/work';
import type { BenchRule } from '@hold-fast/core/procedure/benchRules';
import type { Bar } from '@hold-fast/core/procedure/signOff';
import type { RunoutMeaning } from '@hold-fast/core/runout/meaning';
import type { ClickSetting } from '@hold-fast/core/torque/wrench';
import type { PadSign } from '@hold-fast/core/wear/padPattern';
import type { Reason, Word } from '@hold-fast/core/wear/verdict';

/** What is said of a brake: core's codes and numbers as sentences. */
export interface VerdictWords {
  /** A window of torque, with its unit. */
  torques: (loNm: number, hiNm: number) => string;
  meaning: (shape: RunoutMeaning) => string;
  leverSign: (sign: LeverSign) => string;
  /** Where a part is heading, in one line. */
  forecastSays: (made: Forecast, at: (x: number) => string) => string;
  reason: (why: Reason) => string;
  inputError: (code: InputError['code'], numbers?: Readonly<Record<string, number>>) => string;
  bar: (what: Bar) => string;
  benchRule: Record<BenchRule, string>;
  setting: (answer: ClickSetting) => string;
  padSign: (sign: PadSign) => string;
  /** That an earlier sitting condemned it, and what the later ones lack. */
  held: (held: Held) => string;
  /** The rider’s version: what it means for them, in one or two plain sentences. */
  rider: {
    subject: (at: End, about: Subject) => string;
    says: (item: {
      word: Word;
      doNotRide: boolean;
      found: readonly Finding[];
      work: readonly Work[];
    }) => string;
  };
}
