import { jobWords } from '../../../words/job';

/** Longer side of a picture that is kept, pixels: a crack can be seen, and a phone's own picture is ten times as large. */
const LONGER_SIDE = 1280;
const QUALITY = 0.7;

/** A picture made small, as JPEG in base64. @throws Error when the file is no picture. */
export async function smallJpeg(file: Blob): Promise<string> {
  const picture = await createImageBitmap(file).catch(() => {
    throw new Error(jobWords.pictures.notAPicture);
  });
  const scale = Math.min(1, LONGER_SIDE / Math.max(picture.width, picture.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(picture.width * scale);
  canvas.height = Math.round(picture.height * scale);
  canvas.getContext('2d')!.drawImage(picture, 0, 0, canvas.width, canvas.height);
  return canvas.toDataURL('image/jpeg', QUALITY).split(',')[1]!;
}
