/** What is drawn on pictures of an entry. */
import { z } from 'zod';
import { said } from './common.ts';

const MARK_SHAPES = ['arrow', 'circle', 'length'] as const;
/** No picture is taken higher than this many of its widths. */
const MOST_HIGH = 10;
const spot = z.tuple([z.number().min(0).max(1), z.number().min(0).max(MOST_HIGH)]);

export const pictureMarkSchema = z.strictObject({
  /** The picture, one of the entry's attachments. */
  picture: z.string().regex(/^[0-9a-f]{64}$/, '64 hexadecimal digits'),
  shape: z.enum(MARK_SHAPES),
  /** End of an arrow, middle of a circle, one end of a length. */
  from: spot,
  /** Tip of an arrow, a spot on the circle, the other end of a length. */
  to: spot,
  /** Of a length that is known, such as that of a rule in the picture: the others are read by it. */
  knownMm: z.number().min(1).max(100_000).optional(),
  says: said(80).optional(),
});
export type PictureMark = z.infer<typeof pictureMarkSchema>;
