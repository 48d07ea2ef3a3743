/**
 * What is drawn on the pictures of an entry: kept beside them, so that the picture itself stays as it was taken. Places are
 * counted in widths of the picture from its left and its upper edge, so that lengths can be compared both ways.
 */
import type { Problem } from '../problems/index.ts';
import { TOLERANCE } from '../units/index.ts';
import type { PictureMark } from './bodies/marks.ts';
import { order, unknown } from './rulebase.ts';

/** How long a mark is, in widths of the picture. */
export const markLength = ({ from, to }: Pick<PictureMark, 'from' | 'to'>): number =>
  Math.hypot(to[0] - from[0], to[1] - from[1]);

export interface ReadLength {
  readonly mm: number;
  /** By so much it may be off for the placing of the four ends alone. */
  readonly offMm: number;
}

/**
 * What a length on a picture comes to beside the one that is known: known × drawn / drawn of the known one. True where both
 * lie in one plane that was looked at squarely. How far it may be off: both ends of both placed to `onPicture` widths, their
 * shares added.
 * @param marks of the entry
 * @returns nothing where no length on the picture is known
 */
export function readLength(mark: PictureMark, marks: readonly PictureMark[]): ReadLength | undefined {
  const scale = marks.find(
    (m) => m.picture === mark.picture && m.shape === 'length' && m.knownMm !== undefined,
  );
  const [drawn, known] = [markLength(mark), scale ? markLength(scale) : 0];
  if (scale?.knownMm === undefined || known < TOLERANCE.onPicture) return undefined;
  const mm = (scale.knownMm * drawn) / known;
  const ends = 2 * TOLERANCE.onPicture;
  return { mm, offMm: mm * (ends / known) + scale.knownMm * (ends / known) };
}

/** Marks name pictures of their entry, have two ends, and are counted by one known length a picture. */
export function markProblems(entry: {
  readonly attachments: readonly string[];
  readonly marks?: readonly PictureMark[] | undefined;
}): Problem[] {
  const marks = entry.marks ?? [];
  const known = new Set<string>();
  return marks.flatMap((m, i): Problem[] => {
    const field = `marks/${i}`;
    const label = `Mark ${i + 1} on a picture`;
    const problems: Problem[] = [];
    if (!entry.attachments.includes(m.picture))
      problems.push(
        unknown(
          `${field}/picture`,
          label,
          `it is on ${m.picture.slice(0, 12)}…`,
          'a picture of the same entry',
        ),
      );
    if (markLength(m) < TOLERANCE.onPicture)
      problems.push(order(`${field}/to`, label, 'both its ends are one spot', 'two ends apart'));
    if (m.knownMm === undefined) return problems;
    if (m.shape !== 'length')
      problems.push(
        order(
          `${field}/knownMm`,
          label,
          `a known length is given to its ${m.shape}`,
          'a length that is known',
        ),
      );
    else if (known.has(m.picture))
      problems.push(
        order(
          `${field}/knownMm`,
          label,
          'a second length is known on one picture',
          'one that the others are read by',
        ),
      );
    known.add(m.picture);
    return problems;
  });
}
