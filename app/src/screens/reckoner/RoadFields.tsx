import { dropM, roadText } from '@hold-fast/core/heat/road';
import { useRef, useState } from 'react';
import { StyleSheet } from 'react-native';
import { BrokenOff, readTrackFile } from '../../data/heat';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Note } from '../../ui/Note';
import { size } from '../../ui/tokens';
import { reckonerWords } from '../../words/reckoner';
import { verdictWords } from '../../words/verdictWords';
import { words } from '../../words/words';

interface Props {
  points: string;
  error: string | undefined;
  onPoints: (points: string) => void;
}

/** A road by points along it: keyed, or read from the track of a device, which fills the same field. */
export function RoadFields({ points, error, onPoints }: Props) {
  const { heat: says } = reckonerWords;
  const chooser = useRef<HTMLInputElement>(null);
  const [read, setRead] = useState<{ kind: 'plain' | 'refusal'; says: string } | null>(null);
  const take = async (file: File) => {
    setRead({ kind: 'plain', says: says.reading });
    try {
      const track = await readTrackFile(file);
      if (!track.ok)
        return setRead({
          kind: 'refusal',
          says: verdictWords.inputError(track.code, track.numbers),
        });
      const { road } = track;
      onPoints(roadText(road));
      const length = words.format.fixed(road.at(-1)!.alongM);
      setRead({
        kind: 'plain',
        says: says.trackRead(file.name, length, words.format.fixed(dropM(road))),
      });
    } catch (fault) {
      if (!(fault instanceof BrokenOff)) throw fault;
      setRead({ kind: 'refusal', says: says.brokenOff });
    }
  };
  return (
    <>
      <Field
        label={says.points}
        hint={says.pointsHint}
        value={points}
        error={error}
        onChangeText={onPoints}
        multiline
        style={styles.points}
      />
      <input
        ref={chooser}
        type="file"
        accept=".gpx,application/gpx+xml"
        aria-label={says.readTrack}
        hidden
        onChange={({ target }) => {
          const [file] = Array.from(target.files ?? []);
          target.value = '';
          if (file) void take(file);
        }}
      />
      <Button kind="plain" says={says.readTrack} onPress={() => chooser.current?.click()} />
      {read ? <Note kind={read.kind} title={read.says} /> : null}
    </>
  );
}

const styles = StyleSheet.create({ points: { minHeight: 2 * size.touch } });
