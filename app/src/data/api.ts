import type { Page } from '@hold-fast/contract/jobs';
import { kindOf, type Problem, type ProblemKind } from '@hold-fast/contract/problem';
import { words } from '../words/words';
import { hearShopClock } from '../shopClock';

/** A refusal of the server, with its reason in words. */
export class ProblemError extends Error {
  constructor(
    readonly problem: Problem,
    says: string,
  ) {
    super(says);
  }

  get kind(): ProblemKind | null {
    return kindOf(this.problem);
  }
}

/** The server could not be reached: what was sent may or may not have arrived, and may be sent again. */
export class NoConnection extends Error {
  constructor() {
    super(words.noConnection);
  }
}

/** The words of refusals: they come with the first one, and not with the first screen. */
export const refusalWords = () => import('../words/refusals');

/** How long they may take, ms [D]: on a line that has just died they never come, and more waits behind what was refused. */
const WORDS_WITHIN_MS = 3000;

/** Why the server did not take something; as the server names it where the words do not come. */
async function whyOf(problem: Problem): Promise<string> {
  let late: ReturnType<typeof setTimeout>;
  const title = new Promise<string>((resolve) => {
    late = setTimeout(() => resolve(problem.title), WORDS_WITHIN_MS);
  });
  const said = refusalWords().then(
    ({ problemSays }) => problemSays(problem),
    () => problem.title,
  );
  return Promise.race([said, title]).finally(() => clearTimeout(late));
}

const lost = new Set<() => void>();

/** Calls `listener` whenever the server says that nobody is signed in. */
export function onSignedOut(listener: () => void): () => void {
  lost.add(listener);
  return () => lost.delete(listener);
}

let session = 0;

/** Somebody signed in: that nobody is, said to what was asked before, is said of the session before. */
export function anotherSession(): void {
  session += 1;
}

/** Asks the server. @throws ProblemError when it refuses, NoConnection when it cannot be reached. */
export async function ask<T>(
  method: 'GET' | 'POST' | 'PUT' | 'DELETE',
  path: string,
  body?: unknown,
): Promise<T> {
  const askedIn = session;
  const response = await fetch(`/api${path}`, {
    method,
    ...(body === undefined
      ? {}
      : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
  }).catch(() => {
    throw new NoConnection();
  });
  if (response.status === 204) return undefined as T;
  // What is no JSON is not the shop's server: a network that asks for a sign-in of its own answers anything with a page.
  const answer: unknown = await response.json().catch(() => {
    throw new NoConnection();
  });
  const refused = response.ok ? undefined : answer;
  if (refused !== undefined && !isProblem(refused)) throw new NoConnection();
  // A copy that this device kept has no date on it (workers/service.worker.ts).
  hearShopClock(response.headers.get('date'));
  if (refused === undefined) return answer as T;
  if (kindOf(refused) === 'not-signed-in' && askedIn === session)
    for (const listener of lost) listener();
  throw new ProblemError(refused, await whyOf(refused));
}

/** A page of a list, from after the row that the page before ended with. */
export function askPage<P>(path: string, after: string | null): Promise<P> {
  const joint = path.includes('?') ? '&' : '?';
  return ask('GET', after === null ? path : `${path}${joint}after=${encodeURIComponent(after)}`);
}

/** All of a list, page after page. */
export async function askAll<T>(path: string): Promise<T[]> {
  const items: T[] = [];
  let after: string | null = null;
  do {
    const page: Page<T> = await askPage(path, after);
    items.push(...page.items);
    after = page.after;
  } while (after !== null);
  return items;
}

function isProblem(answer: unknown): answer is Problem {
  return typeof answer === 'object' && answer !== null && 'type' in answer && 'title' in answer;
}
