// The gauge feed: line by line between gauge and server, event by event from the server to an open step.
// docs/formats/gauge-feed.md says the same in words.

/** First word of every line; a line of another version is refused. */
export const FEED_VERSION = 'HF1';
/** Longest line, characters without its end. */
export const LONGEST_LINE = 200;

/** What a gauge says. Values are as shown, so that the gauge's own decimals survive. */
export type GaugeLine =
  /** `session` changes whenever the gauge starts its count anew. `plays`: scenes of a stand-in. */
  | { says: 'HELLO'; serial: string; kind: string; session: string; plays: string[] }
  | { says: 'READ'; seq: number; shown: string; unit: string }
  | { says: 'BYE' };

/** What the server answers. PLAY and PRESS go to stand-ins only. */
export type ServerLine =
  | { says: 'OK'; seq: number }
  | { says: 'NO'; seq: number | null; why: string }
  | { says: 'PLAY'; scene: string }
  | { says: 'PRESS' };

/** Why a reading was shown and not used. */
const UNUSED = [
  'nobody-waiting',
  'wrong-unit',
  'unknown-gauge',
  'not-a-number',
  'repeated',
] as const;
export type Unused = (typeof UNUSED)[number];

/** A reading as it came off a gauge. */
export interface FeedReading {
  serial: string;
  seq: number;
  shown: string;
  unit: string;
  at: string;
  /** Null when it went to an open step. */
  unused: Unused | null;
  /** Whose step it went to. */
  wentTo: string | null;
}

/** A gauge that has been on the feed since the server started. */
export interface FeedGauge {
  serial: string;
  kind: string;
  connected: boolean;
  plays: string[];
}

/** How the feed stands. */
export interface FeedState {
  port: number | null;
  gauges: FeedGauge[];
  /** The last readings, newest first. */
  readings: FeedReading[];
}

/** What an open step hears. */
export type FeedEvent =
  | { event: 'reading'; deviceId: string; value: number; shown: string }
  /** Came from a gauge that this step does not wait for, or could not be used. */
  | { event: 'unused'; serial: string; shown: string; unit: string; why: Unused }
  /** The gauge this step waits for is on the line, or off it; told once when the step opens and is on. */
  | { event: 'gauge'; serial: string; connected: boolean }
  /** Another step waits for the gauge now. */
  | { event: 'taken-over'; by: string }
  /** Another page of this browser hears the feed now: one stream a browser. */
  | { event: 'elsewhere' };

/** Scenes the stand-ins play. */
export const SCENES = [
  'steady',
  'worn-rotor',
  'wavy-rotor',
  'shaky-hand',
  'inches',
  'dropped-line',
  'light-hand',
  'firm-hand',
  'too-much',
] as const;
export type Scene = (typeof SCENES)[number];
