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
  'other-person': 403,
  'cross-site': 403,
  'not-found': 404,
  'id-reused': 409,
  'version-conflict': 409,
  'job-sealed': 409,
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

const TITLE: Readonly<Record<ProblemKind, string>> = {
  'invalid-input': 'Something in this cannot be right.',
  'not-signed-in': 'You are not signed in. Sign in and send it again; nothing was saved.',
  'wrong-sign-in': 'That name and passphrase do not go together.',
  'wrong-pin': 'That is not the PIN of this person.',
  'too-many-tries': 'Too many wrong tries. Wait a quarter of an hour.',
  'not-allowed': 'Your role may not do this.',
  'other-person': 'Somebody else is signed in here. This waits for whose it is.',
  'cross-site': 'This came from another site and was not done.',
  'not-found': 'There is no such thing here.',
  'id-reused': 'This id was used for something else. Nothing was saved.',
  'version-conflict':
    'Somebody else changed this in the meantime. Both versions are kept: choose one.',
  'job-sealed': 'This job is signed off and sealed. Nothing in it changes any more.',
  'reading-refused': 'This reading cannot be right.',
  'container-refused': 'This container may not be used for this brake.',
  'wrench-refused': 'This wrench cannot do this bolt.',
  'stock-refused': 'The shelf does not hold that.',
  'fitting-refused': 'This part may not be fitted like that.',
  'step-refused': 'This step cannot be done, or left out, like that.',
  'step-overtaken': 'Somebody else has gone on with this plan. Look where it stands now.',
  'nothing-to-decide': 'There is no such verdict to decide on.',
  'sign-off-refused': 'This job may not be signed off yet.',
  'too-large': 'This is too large to take.',
  unavailable: 'The database cannot be reached. Nothing was saved; try again shortly.',
  fault: 'Something went wrong on our side. Nothing was saved.',
};

/** A refusal with its reason, to be sent as a problem. Thrown anywhere below a route. */
export class Refusal extends Error {
  constructor(
    readonly kind: ProblemKind,
    readonly more: Pick<Problem, 'detail' | 'fields' | 'facts'> = {},
  ) {
    super(TITLE[kind]);
  }

  get problem(): Problem {
    return {
      type: PROBLEM_PREFIX + this.kind,
      title: TITLE[this.kind],
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
  message: string,
): Refusal {
  const fields: FieldFault[] = [{ path, code, message }];
  return new Refusal(kind, { detail: message, fields });
}
