import type { Job, Measured } from '@hold-fast/core/job/job';
import { isCertain, type Keying } from '@hold-fast/core/gauge/typedReading';
import { standingReadings, valuesAt } from '@hold-fast/core/inspection/session';
import { useRef, useState } from 'react';
import { whoIsHere } from '../../../data/client';
import { useFeed } from '../../../data/feed';
import { useKeys } from '../../../ui/useKeys';
import { takeReading } from './takeReading';
import { useKeyed } from './useKeyed';
import { words } from '../../../words/words';

interface Sitting {
  job: Job;
  measured: Measured;
  /** The places that are measured one after the other. */
  places: readonly string[];
  keyingOf: (place: string) => Keying;
}

/**
 * Taking readings place by place: by keypad, keyboard, a gauge that types, or the feed. A reading lands at the place in
 * hand and the next comes up by itself; digits that can be nothing else need no Enter; erasing with nothing keyed reopens the
 * last reading.
 */
export function useTaking({ job, measured, places, keyingOf }: Sitting) {
  const [selected, setSelected] = useState<string | null>(null);
  const [again, setAgain] = useState(false);
  const [skipped, setSkipped] = useState<readonly string[]>([]);
  /** A correction that betters the word, until somebody wrote why the reading before it was wrong. */
  const [correcting, setCorrecting] = useState<{ typed: string; via: 'keys' | 'feed' } | null>(
    null,
  );
  /** The digits were taken by themselves: the Enter that habit adds means nothing. */
  const tookItself = useRef(false);
  const firstOpen =
    places.find((p) => !skipped.includes(p) && valuesAt(measured.readings, p).length === 0) ?? null;
  const place = selected ?? firstOpen;
  const keying = keyingOf(place ?? places[0]!);
  // By who keys it: what one left half keyed at a shared device, another does not key on.
  const keyed = useKeyed(`${whoIsHere().by}.${measured.id}.${place}`, keying);
  const lastTaken = standingReadings(measured.readings)
    .filter((reading) => places.includes(reading.place))
    .at(-1);

  const choose = (next: string | null, repeat = false) => {
    keyed.clear();
    setSelected(next);
    setAgain(repeat);
    setCorrecting(null);
    tookItself.current = false;
  };
  const take = (typed: string, via: 'keys' | 'feed', why = ''): boolean => {
    if (place === null) return false;
    const valueMm = keyed.read(typed);
    if (valueMm === null) return false;
    const wrong = takeReading({ job, measured, place, valueMm, typed, via, again, why });
    if (wrong !== null) {
      keyed.setFault(wrong.says);
      setCorrecting(wrong.wantsWhy ? { typed, via } : null);
      return false;
    }
    choose(null);
    return true;
  };
  const type = (character: string) => {
    const text = keyed.type(character);
    tookItself.current = false;
    if (isCertain(text, keying) && take(text, 'keys')) tookItself.current = true;
  };
  const enter = () => {
    if (keyed.text === '' && tookItself.current) return;
    take(keyed.text, 'keys');
  };
  const erase = () => {
    if (keyed.text !== '' || selected !== null || !lastTaken) {
      keyed.erase();
      return;
    }
    const digits = lastTaken.valueMm.toFixed(keying.decimals).replace('.', '');
    choose(lastTaken.place);
    if ((keying.fill ?? 'thickness') === 'thickness') keyed.set(digits.slice(0, -1));
  };
  const turn = (by: number) => {
    const from = places.indexOf(place ?? places[0]!);
    choose(places[(from + by + places.length) % places.length]!);
  };
  const feed = useFeed(measured.gaugeId, (shown) => {
    if (place === null) return;
    keyed.set(shown);
    take(shown, 'feed');
  });
  useKeys(
    {
      Enter: { says: words.keys.take, act: enter },
      Backspace: { says: words.keys.erase, act: erase },
      ArrowRight: { says: words.keys.nextPlace, act: () => turn(1) },
      ArrowLeft: { says: words.keys.placeBefore, act: () => turn(-1) },
      Escape: { says: words.keys.openPlace, act: () => choose(null) },
    },
    place === null ? undefined : type,
  );
  return {
    /** The place in hand; null when all are measured or skipped. */
    place,
    firstOpen,
    selected,
    again,
    lastTaken,
    keyed,
    /** Corrects with these words; null where none are wanted. */
    sayWhy: correcting ? (why: string) => take(correcting.typed, correcting.via, why) : null,
    feed,
    choose,
    type,
    enter,
    erase,
    skip: () => {
      if (place === null) return;
      setSkipped([...skipped, place]);
      choose(null);
    },
  };
}
