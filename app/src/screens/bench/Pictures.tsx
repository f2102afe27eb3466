import type { Job } from '@hold-fast/core/job/job';
import type { Area } from '@hold-fast/core/inspection/findings';
import type { End } from '@hold-fast/core/ends';
import { useRef, useState } from 'react';
import { Image, StyleSheet, View } from 'react-native';
import { useAddPhoto } from '../../data/writes';
import { Button } from '../../ui/Button';
import { size, space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { exactDay } from '../../words/days';
import { words } from '../../words/words';
import { smallJpeg } from './smallJpeg';
import { jobWords } from '../../words/job';

/** The pictures of one area, and taking another; never asked for, always possible. */
export function Pictures({
  job,
  end,
  area,
  offered,
}: {
  job: Job;
  end: End;
  area: Area;
  /** The area was looked at, so that there is something to take a picture of. */
  offered: boolean;
}) {
  const add = useAddPhoto(job.id);
  const chooser = useRef<HTMLInputElement>(null);
  const [fault, setFault] = useState<string | null>(null);
  const taken = job.photos.filter((photo) => photo.end === end && photo.area === area);

  const keep = async (file: File) => {
    setFault(null);
    try {
      await add.mutateAsync({ end, area, jpegBase64: await smallJpeg(file) });
    } catch (error) {
      setFault((error as Error).message);
    }
  };
  if (!offered && taken.length === 0) return null;
  return (
    <View style={styles.pictures}>
      {taken.map((photo, i) => (
        <Image
          key={photo.id}
          source={{ uri: `/api/photos/${photo.id}` }}
          style={styles.picture}
          accessibilityLabel={jobWords.pictures.pictureOf(
            i + 1,
            words.area[area],
            photo.by,
            exactDay(photo.at),
          )}
        />
      ))}
      <input
        ref={chooser}
        type="file"
        accept="image/*"
        capture="environment"
        hidden
        aria-label={jobWords.pictures.pictureOfArea(words.area[area])}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) void keep(file);
        }}
      />
      <Button
        kind="quiet"
        says={jobWords.pictures.addAPicture}
        label={jobWords.pictures.addAPictureOf(words.area[area])}
        busy={add.isPending}
        onPress={() => chooser.current?.click()}
      />
      {fault ? (
        <Words kind="small" ink="rustText" role="alert">
          {fault}
        </Words>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  pictures: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s, alignItems: 'center' },
  picture: { width: 96, height: 72, borderRadius: size.radius },
});
