import type { ProblemKind } from '@hold-fast/contract/problem';

/** The numbers and names a refusal came with. */
export type Facts = Readonly<Record<string, unknown>>;

/** A code, or a field and a code where the field makes the difference. */
export type FaultCode =
  | 'gaugeId unknown'
  | 'wrenchId unknown'
  | 'containerId unknown'
  | 'stockId unknown'
  | 'sheetRevisionId unknown'
  | 'gaugeId retired'
  | 'gaugeId unsuited'
  | 'pointCount wrong-part'
  | 'basis wrong-part'
  | 'measurementId unknown'
  | 'no-such-point'
  | 'replaces unknown'
  | 'subject wrong-part'
  | 'no-such-area'
  | 'wrong-area'
  | 'compound-change'
  | 'not-identified'
  | 'not-on-sheet'
  | 'wrenchId retired'
  | 'points-back'
  | 'window-too-narrow'
  | 'outside-scale'
  | 'outside-window'
  | 'tighteningId unknown'
  | 'no-such-bolt'
  | 'no-such-pass'
  | 'not-measured'
  | 'no-clamp'
  | 'pieces not-enough'
  | 'no-fluid-asked'
  | 'fillId unknown'
  | 'not-poured-back'
  | 'more-than-taken'
  | 'not-asked'
  | 'not-by-words'
  | 'of failed-check'
  | 'of unknown'
  | 'procedures.front unsuited'
  | 'procedures.rear unsuited'
  | 'not-done-yet'
  | 'say-why'
  | 'found-again'
  | 'lead-only'
  | 'no-common-window'
  | 'lead-decides'
  | 'no-plan'
  | 'wrong-end'
  | 'reason empty'
  | 'customer unknown'
  | 'bike unknown'
  | 'name taken'
  | 'feedSerial taken'
  | 'taken'
  | 'not-a-picture'
  | 'wrong-pin'
  | 'new-not-above-limit'
  | 'thinner-than-plate'
  | 'window-upside-down'
  | 'not-slower'
  | 'not-offered'
  | 'doubt-under-step'
  | 'points-on-vernier'
  | 'wrong-fluid-kept'
  | 'no-pieces'
  | 'twice'
  | 'bands-overlap'
  | 'no-time-zone'
  | 'no-currency'
  | 'year-out-of-range'
  | 'unwritable'
  | 'too-fine'
  | 'pictures-of-job'
  | 'disk-full'
  | 'not-json'
  | 'unreadable'
  | 'rows-refused'
  | 'unknown-key'
  | 'invalid_type'
  | 'invalid_value'
  | 'invalid_format'
  | 'invalid_union'
  | 'not_multiple_of'
  | 'too_small'
  | 'too_big';

type Sentence = string | ((facts: Facts) => string);

export interface FaultWords {
  /** Why an entry or a field is not taken: by the field and what is wrong with it, or by the latter alone. */
  fault: Readonly<Record<FaultCode, Sentence>>;
  /** Why something is refused as a whole, where no field and no code says more. */
  problem: Readonly<Record<ProblemKind, Sentence>>;
  containerRefused: (why: string) => string;
  organicOnly: string;
  noConnection: string;
}
