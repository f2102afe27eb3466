import type { FeedEvent, Unused } from '@hold-fast/contract/feed';
import { useEffect, useRef, useState } from 'react';

/** What an open step has to say about the feed; null when all is well. */
export type FeedNotice =
  | { code: 'unused'; serial: string; shown: string; why: Unused }
  | { code: 'line-dropped'; serial: string }
  /** It dropped while nobody looked, and is back. */
  | { code: 'line-back'; serial: string }
  | { code: 'taken-over'; by: string }
  /** Another page of this browser hears the feed; this one again once it is looked at. */
  | { code: 'elsewhere' };

interface Feed {
  notice: FeedNotice | null;
  /** The gauge is on the line and its readings come to this step. */
  live: boolean;
}

/**
 * Waits for readings of one gauge while a step is open. A reading that was not for this step is told and never used; a
 * lost connection to the server is made again by the browser itself. One page of a browser hears it at a time: the one
 * opened or looked at last.
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
    let source: EventSource | null = null;
    const open = () => {
      if (source || document.visibilityState === 'hidden') return;
      source = new EventSource(`/api/feed?gauge=${deviceId}`);
      source.onmessage = heard;
      source.onerror = () => setLive(false);
    };
    const close = () => {
      source?.close();
      source = null;
      setLive(false);
    };
    const heard = ({ data }: MessageEvent<string>) => {
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
        case 'elsewhere':
          close();
          setNotice({ code: 'elsewhere' });
          break;
      }
    };
    open();
    document.addEventListener('visibilitychange', open);
    window.addEventListener('focus', open);
    return () => {
      document.removeEventListener('visibilitychange', open);
      window.removeEventListener('focus', open);
      close();
    };
  }, [deviceId]);
  return { notice, live };
}
