import { usePinTries } from '../../data/queries';
import { usePinTriesSeen } from '../../data/writes';
import { Button } from '../../ui/Button';
import { Note } from '../../ui/Note';
import { Words } from '../../ui/Words';
import { near } from '../../words/days';

/** Tells whose PIN was tried wrongly by somebody else who did it, how often and when, until it was seen. */
export function PinTried() {
  const tried = usePinTries().data ?? [];
  const seen = usePinTriesSeen();
  if (tried.length === 0) return null;
  return (
    <Note kind="caution" title="Your PIN was tried">
      {tried.map(({ by, tries, at }) => (
        <Words key={by}>
          {`Wrongly, ${tries === 1 ? 'once' : `${tries} times`}, where ${by} is signed in; last ${near(at)}.`}
        </Words>
      ))}
      <Button kind="quiet" says="Seen" onPress={() => seen.mutate()} />
    </Note>
  );
}
