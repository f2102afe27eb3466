import { usePinTries } from '../../data/queries';
import { usePinTriesSeen } from '../../data/session';
import { Button } from '../../ui/Button';
import { Note } from '../../ui/Note';
import { Words } from '../../ui/Words';
import { near } from '../../words/days';
import { words } from '../../words/words';

/** Tells whose PIN was tried wrongly by somebody else who did it, how often and when, until it was seen. */
export function PinTried() {
  const tried = usePinTries().data ?? [];
  const seen = usePinTriesSeen();
  if (tried.length === 0) return null;
  return (
    <Note kind="caution" title={words.pinTried.yourPinWasTried}>
      {tried.map(({ by, tries, at }) => (
        <Words key={by}>
          {words.pinTried.wronglyWhereIsSignedIn(
            tries === 1 ? words.pinTried.once : words.pinTried.times(tries),
            by,
            near(at),
          )}
        </Words>
      ))}
      <Button kind="quiet" says={words.pinTried.seen} onPress={() => seen.mutate()} />
    </Note>
  );
}
