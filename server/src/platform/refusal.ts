import {
  PROBLEM_PREFIX,
  type FieldFault,
  type Problem,
  type ProblemKind,
} from '@hold-fast/contract/problem';

const STATUS: Readonly<Record<ProblemKind, number>> = {
  'invalid-input': 422,
  'not-signed-in': 401,
  'wrong-sign-in': 401,
  'wrong-pin': 403,
  'too-many-tries': 429,
  'not-allowed': 403,
  'choose-secrets': 403,
  'other-person': 403,
  'cross-site': 403,
  'not-encrypted': 403,
  'not-found': 404,
  withdrawn: 410,
  'id-reused': 409,
  'version-conflict': 409,
  'job-sealed': 409,
  'bike-here': 409,
  'reading-refused': 422,
  'container-refused': 422,
  'wrench-refused': 422,
  'stock-refused': 422,
  'fitting-refused': 422,
  'step-refused': 422,
  'step-overtaken': 409,
  'nothing-to-decide': 409,
  'sign-off-refused': 409,
  'too-large': 413,
  unavailable: 503,
  fault: 500,
};

/** A refusal with its reason, to be sent as a problem. Thrown anywhere below a route. */
export class Refusal extends Error {
  constructor(
    readonly kind: ProblemKind,
    readonly more: Pick<Problem, 'fields' | 'facts'> = {},
  ) {
    super(kind);
  }

  get problem(): Problem {
    return {
      type: PROBLEM_PREFIX + this.kind,
      title: this.kind.replaceAll('-', ' '),
      status: STATUS[this.kind],
      ...this.more,
    };
  }
}

/** Refuses one field. */
export function refuseField(
  kind: ProblemKind,
  path: string,
  code: string,
  facts: Problem['facts'] = {},
): Refusal {
  const fields: FieldFault[] = [{ path, code }];
  return new Refusal(kind, { fields, facts });
}
