/** Stable kinds of refusal. The `type` of a problem is `urn:hold-fast:problem:` and one of these. */
export const PROBLEM_KINDS = [
  'invalid-input',
  'not-signed-in',
  'wrong-sign-in',
  'wrong-pin',
  'too-many-tries',
  'not-allowed',
  'choose-secrets',
  'other-person',
  'cross-site',
  'not-encrypted',
  'not-found',
  'withdrawn',
  'id-reused',
  'version-conflict',
  'job-sealed',
  'bike-here',
  'reading-refused',
  'container-refused',
  'wrench-refused',
  'stock-refused',
  'fitting-refused',
  'step-refused',
  'step-overtaken',
  'nothing-to-decide',
  'sign-off-refused',
  'too-large',
  'unavailable',
  'fault',
] as const;
export type ProblemKind = (typeof PROBLEM_KINDS)[number];

export const PROBLEM_PREFIX = 'urn:hold-fast:problem:';

/** What is wrong with one field: where it is, and a stable code. Its words are the reader’s to choose. */
export interface FieldFault {
  path: string;
  code: string;
  /** What puts it in words: the least and the most it may be. */
  facts?: Readonly<Record<string, unknown>>;
}

/**
 * Problem details. Source [S]: RFC 9457, with `fields` and `facts` as extension members. The title is the kind in plain words,
 * for whoever reads the wire; what people are told is chosen by kind, field and code in their own language.
 */
export interface Problem {
  /** {@link PROBLEM_PREFIX} and a {@link ProblemKind}. */
  type: string;
  title: string;
  status: number;
  fields?: FieldFault[];
  /** What the caller needs to put the refusal in words or to choose: bars, the current version, a code. */
  facts?: Record<string, unknown>;
}

/** The kind of a problem, or null when its type is none of ours. */
export function kindOf(problem: Problem): ProblemKind | null {
  const name = problem.type.slice(PROBLEM_PREFIX.length);
  return PROBLEM_KINDS.find((kind) => kind === name) ?? null;
}
