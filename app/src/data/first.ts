import {
  FIRST_ID,
  firstHtml,
  PAINTED,
  PAINTED_ROWS,
  STYLES_ID,
  type First,
  type Painted,
} from '@hold-fast/contract/first';
import type { BenchPage } from '@hold-fast/contract/jobs';
import type { InfiniteData } from '@tanstack/react-query';
import { hearShopClock } from '../shopClock';
import { client, keys } from './client';
import { forgetFirst, isAppKept, keepFirstHtml } from './offline';

declare global {
  // Written by the page itself (app/public/index.html), before there is an app to hear it.
  var pressedEarly: { href: string | null; says: string } | undefined;
}

/** Takes what the page brought along as what the server said. */
export function seedFirst({ session, bench }: First): void {
  client.setQueryData(keys.session, session);
  if (bench) client.setQueryData(keys.bench, { pages: [bench], pageParams: [null] });
}

/** Begins with what the page brought along, where it brought something. */
export function beginWithFirst(): void {
  if (typeof document === 'undefined') return;
  const brought = document.getElementById(FIRST_ID);
  // Whoever signed out here without the server is not signed in again by its page.
  if (!brought || document.documentElement.dataset.left !== undefined) return;
  const first = JSON.parse(brought.textContent) as First;
  hearShopClock(first.at ?? null);
  seedFirst(first);
  // What this device kept of the time before is shown at once, and asked for again.
  if (brought.dataset.kept !== undefined) void client.invalidateQueries();
}

/** Takes away what stood painted: the screen itself is there. */
export function unpaint(): void {
  if (typeof document === 'undefined') return;
  for (const element of document.querySelectorAll(`.${PAINTED}`)) element.remove();
}

/** Presses what was pressed of the painted Bench, if it is still there; once the router listens, for Back would else leave the app. */
export function pressEarly(): void {
  const pressed = globalThis.pressedEarly;
  if (!pressed) return;
  globalThis.pressedEarly = undefined;
  const { href, says } = pressed;
  const same = (element: HTMLElement) =>
    href ? element.getAttribute('href') === href : element.textContent === says;
  const there = [
    ...document.querySelectorAll<HTMLElement>(href ? '#root a' : '#root [role=button]'),
  ];
  there.find(same)?.click();
}

/**
 * Keeps the Bench as it stands on the screen, so that the next start shows it before anything was asked or run.
 * @param room the width it stands at
 */
export async function keepFirst(room: keyof Painted): Promise<void> {
  const session = client.getQueryData<First['session'] & { ended?: boolean }>(keys.session);
  const bench = client.getQueryData<InfiniteData<BenchPage>>(keys.bench)?.pages[0];
  const { sheet } = document.getElementById(STYLES_ID) as HTMLStyleElement;
  const atBench = globalThis.location.pathname === '/bench';
  if (!isAppKept() || !atBench || !bench || !sheet || !session?.person || session.ended) return;
  const css = [...sheet.cssRules].map(({ cssText }) => cssText).join('\n');
  const screen = document.getElementById('root')!.cloneNode(true) as HTMLElement;
  for (const row of [...screen.querySelectorAll('a[href^="/bench/"]')].slice(PAINTED_ROWS))
    row.remove();
  await keepFirstHtml(firstHtml({ session, bench }, css, { [room]: screen.innerHTML }, true));
  // Whoever left meanwhile leaves nothing behind.
  const now = client.getQueryData<typeof session>(keys.session);
  if (now?.person?.id !== session.person.id || now.ended) await forgetFirst();
}
