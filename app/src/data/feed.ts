import type { FeedEvent, Unused } from '@hold-fast/contract/feed';
import { useEffect, useRef, useState } from 'react';

/** What an open step has to say about the feed; null when all is well. */
export type FeedNotice =
  | { code: 'unused'; serial: string; shown: string; why: Unused }
  | { code: 'line-dropped'; serial: string }
  /** It dropped while nobody looked, and is back. */
  | { code: 'line-back'; serial: string }
  | { code: 'taken-over'; by: string };

export interface Feed {
  notice: FeedNotice | null;
  /** The gauge is on the line and its readings come to this step. */
  live: boolean;
}

/**
 * Waits for readings of one gauge while a step is open. A reading that was not for this step is told and never used; a
 * lost connection to the server is made again by the browser itself.
 * @param deviceId the gauge or wrench this step works with
 * @param take what to do with a reading, as the gauge showed it
 */
export function useFeed(deviceId: string, take: (shown: string) => void): Feed {
  const [notice, setNotice] = useState<FeedNotice | null>(null);
  const [live, setLive] = useState(false);
  const latest = useRef(take);
  useEffect(() => {
    latest.current = take;
  });
  useEffect(() => {
    // Where there is no event stream (a test, an old browser) the keypad still does all.
    if (typeof EventSource === 'undefined') return;
    const source = new EventSource(`/api/feed?gauge=${deviceId}`);
    source.onmessage = ({ data }: MessageEvent<string>) => {
      const event = JSON.parse(data) as FeedEvent;
      switch (event.event) {
        case 'reading':
          setNotice(null);
          latest.current(event.shown);
          break;
        case 'unused':
          setNotice({ code: 'unused', serial: event.serial, shown: event.shown, why: event.why });
          break;
        case 'gauge':
          setLive(event.connected);
          setNotice((was) =>
            !event.connected
              ? { code: 'line-dropped', serial: event.serial }
              : was?.code === 'line-dropped'
                ? { code: 'line-back', serial: event.serial }
                : null,
          );
          break;
        case 'taken-over':
          setLive(false);
          setNotice({ code: 'taken-over', by: event.by });
          break;
      }
    };
    source.onerror = () => setLive(false);
    return () => {
      source.close();
      setLive(false);
    };
  }, [deviceId]);
  return { notice, live };
}
