import { PHOTO_AREAS } from '@hold-fast/core/job/photo';
import { z } from 'zod';
import { End, Id, Instant } from './fields';

/** Largest picture, bytes: the app makes it small before it sends it. */
const LARGEST_PHOTO = 400_000;
/** Pictures of one job together, bytes [D]: some thirty of the usual size. */
export const LARGEST_PHOTOS_OF_JOB = 6_000_000;

/** A picture of what was found in one area, or of the bike as it came in, as JPEG in base64. */
export const Photo = z.strictObject({
  id: Id,
  end: End.nullable(),
  area: z.enum(PHOTO_AREAS),
  /** Whose it is: nobody else's sign-in makes it theirs. Left out by whoever sends only their own. */
  by: Id.optional(),
  /** When it was taken, and what the phone's clock said when it was sent; left out by whoever goes by the server's. */
  at: Instant.optional(),
  sentAt: Instant.optional(),
  jpegBase64: z
    .base64()
    .max((LARGEST_PHOTO * 4) / 3 + 4)
    // The first bytes of every JPEG.
    .startsWith('/9j/'),
});
export type Photo = z.infer<typeof Photo>;
