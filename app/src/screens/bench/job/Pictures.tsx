import type { Job } from '@hold-fast/core/job/job';
import type { PhotoArea } from '@hold-fast/core/job/photo';
import type { End } from '@hold-fast/core/ends';
import { useRef, useState } from 'react';
import { Image, StyleSheet, View } from 'react-native';
import { addPicture } from '../../../data/jobWrites';
import type { WaitingPicture } from '../../../data/pictures';
import { usePictures } from '../../../data/queries';
import { Button } from '../../../ui/Button';
import { size, space } from '../../../ui/tokens';
import { Words } from '../../../ui/Words';
import { exactDay } from '../../../words/days';
import { words } from '../../../words/words';
import { smallJpeg } from './smallJpeg';
import { jobWords } from '../../../words/job';
import { Wrong } from '../../../ui/Wrong';

/** The pictures of one area, and taking another; never asked for, always possible. */
export function Pictures({
  job,
  end,
  area,
  offered,
}: {
  job: Job;
  /** Null of the bike as it came in. */
  end: End | null;
  area: PhotoArea;
  /** The area was looked at, so that there is something to take a picture of. */
  offered: boolean;
}) {
  const of = area === 'as-it-came-in' ? jobWords.pictures.asItCameIn : words.area[area];
  const chooser = useRef<HTMLInputElement>(null);
  const [fault, setFault] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const taken = job.photos.filter((photo) => photo.end === end && photo.area === area);

  const waiting = usePictures().filter(
    (photo) => photo.jobId === job.id && photo.end === end && photo.area === area,
  );

  const keep = async (file: File) => {
    setFault(null);
    setBusy(true);
    try {
      await addPicture(job, { end, area, jpegBase64: await smallJpeg(file) });
    } catch (error) {
      setFault((error as Error).message);
    } finally {
      setBusy(false);
    }
  };
  if (!offered && taken.length + waiting.length === 0) return null;
  return (
    <View style={styles.pictures}>
      {taken.map((photo, i) => (
        <Image
          key={photo.id}
          source={{ uri: `/api/photos/${photo.id}` }}
          style={styles.picture}
          accessibilityLabel={jobWords.pictures.pictureOf(i + 1, of, photo.by, exactDay(photo.at))}
        />
      ))}
      {waiting.map((photo) => (
        <Unsent key={photo.id} photo={photo} />
      ))}
      <input
        ref={chooser}
        type="file"
        accept="image/*"
        capture="environment"
        hidden
        aria-label={jobWords.pictures.pictureOfArea(of)}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) void keep(file);
        }}
      />
      <Button
        kind="quiet"
        says={
          area === 'as-it-came-in' ? jobWords.pictures.addAsItCameIn : jobWords.pictures.addAPicture
        }
        of={area === 'as-it-came-in' ? undefined : of}
        busy={busy}
        onPress={() => chooser.current?.click()}
      />
      {fault ? <Wrong says={fault} /> : null}
    </View>
  );
}

/** A picture that the server does not have yet. */
function Unsent({ photo: { jpegBase64, problem } }: { photo: WaitingPicture }) {
  const says = problem ? jobWords.pictures.notTaken : jobWords.pictures.notSentYet;
  return (
    <View testID="unsent-picture">
      <Image
        source={{ uri: `data:image/jpeg;base64,${jpegBase64}` }}
        style={styles.picture}
        accessibilityLabel={says}
      />
      <Words kind="small">{says}</Words>
    </View>
  );
}

const styles = StyleSheet.create({
  pictures: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s, alignItems: 'center' },
  picture: { width: 96, height: 72, borderRadius: size.radius },
});
