import { z } from 'zod';

/** The largest picture that is read, in characters of its data address. A photo of 1600 px is well under 1 MB. */
const MAX_PICTURE = 6_000_000;

/** Pictures as data addresses, by the ids of their photos. */
export const picturesSchema = z.lazy(() =>
  z.record(
    z.string().max(60),
    z
      .string()
      .max(MAX_PICTURE, 'A picture is over 6 MB.')
      .regex(/^data:image\/(jpeg|png|webp);base64,[A-Za-z0-9+/]+=*$/, 'A picture isn’t an image.'),
  ),
);
export type Pictures = Readonly<Record<string, string>>;
