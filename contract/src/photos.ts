import { PHOTO_AREAS } from '@hold-fast/core/job/photo';
import { z } from 'zod';
import { End, Id } from './fields';

/** Largest picture, bytes: the app makes it small before it sends it. */
export const LARGEST_PHOTO = 400_000;
/** Pictures of one job together, bytes [D]: some thirty of the usual size. */
export const LARGEST_PHOTOS_OF_JOB = 6_000_000;

/** A picture of what was found in one area, or of the bike as it came in, as JPEG in base64. */
export const Photo = z.strictObject({
  id: Id,
  end: End.nullable(),
  area: z.enum(PHOTO_AREAS),
  jpegBase64: z
    .base64()
    .max((LARGEST_PHOTO * 4) / 3 + 4)
    // The first bytes of every JPEG.
    .startsWith('/9j/'),
});
export type Photo = z.infer<typeof Photo>;
