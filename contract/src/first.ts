import type { BenchPage } from './jobs';
import type { MannerInForce } from './manner';
import type { Person } from './people';
import type { AtTablet } from './tablet';

/** What the server says of the session that a request comes by. */
export interface SessionSaid {
  person: Person | null;
  /** How things are said to them, or to whoever is about to sign in. */
  said: MannerInForce;
  /** Whether they have yet to choose their own passphrase and PIN. */
  choosing?: boolean;
  /** Whether nobody has opened the shop yet. */
  unopened?: boolean;
  /** The bench’s tablet that this is, and who comes in at it. */
  tablet?: AtTablet;
}

/** What a page brings along, so that the first screen asks for nothing. */
export interface First {
  session: SessionSaid;
  /** The first page of the Bench, where that is what was asked for and somebody is signed in. */
  bench?: BenchPage;
  /** The shop's time as the page was sent, ISO 8601; one that a device kept says none. */
  at?: string;
}

/** Where a page carries it, in place of this mark of the exported one. */
export const FIRST_MARK = '<!-- first -->';
/** The id of the element that carries it as JSON. */
export const FIRST_ID = 'first';
/** The class of what stands painted until the app itself is there. */
export const PAINTED = 'painted';
/** As many rows of the Bench as a tall phone or the counter’s screen shows: no more are painted. */
export const PAINTED_ROWS = 9;

/** The element that the app's own style sheet lives in: it goes on with the rules it finds there. */
export const STYLES_ID = 'react-native-stylesheet';

/** What is painted, by the width it is for: the page itself takes the one that fits. */
export type Painted = Partial<Record<'phone' | 'wide', string>>;

/**
 * What stands in a page in place of its mark: the painted screen with its styles, and what the app begins with.
 * @param kept whether this device kept it of the time before, and the server is yet to be asked
 */
export function firstHtml(first: First, css: string, painted: Painted, kept = false): string {
  const json = JSON.stringify(first).replaceAll('<', '\\u003c');
  return [
    css && `<style id="${STYLES_ID}">${css}</style>`,
    ...Object.entries(painted).map(
      ([room, html]) => `<template class="${PAINTED}" data-room="${room}">${html}</template>`,
    ),
    `<script id="${FIRST_ID}" type="application/json"${kept ? ' data-kept' : ''}>${json}</script>`,
  ].join('');
}
