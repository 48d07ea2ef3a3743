/** Files that are sent: checked by their content and not by what they are called. */
import { createHash } from 'node:crypto';
import { fileTypeFromBuffer } from 'file-type';
import type { Problem } from '@lentum/core/problems';
import { unprocessable } from './errors.ts';

export interface FileKind<M extends string> {
  /** Such as "The picture". */
  readonly label: string;
  readonly field: string;
  readonly mediaTypes: readonly M[];
  /** Such as "a PNG or JPEG". */
  readonly expected: string;
}

/**
 * The media type of what was sent, by its own first bytes.
 * @throws 422 for another type, or for content whose SHA-256 is not the one it was sent under
 */
export async function checkContent<M extends string>(
  kind: FileKind<M>,
  sha256: string,
  content: Buffer,
): Promise<M> {
  const trouble = (problem: Problem['kind'], actual: string, expected: string): Problem => ({
    kind: problem,
    field: kind.field,
    label: kind.label,
    actual,
    expected,
  });
  const type = await fileTypeFromBuffer(content);
  const mediaType = kind.mediaTypes.find((t) => t === type?.mime);
  if (!mediaType)
    throw unprocessable([trouble('wrong', type?.mime ?? 'something of no known type', kind.expected)]);
  const hash = createHash('sha256').update(content).digest('hex');
  if (hash !== sha256) {
    const actual = `its content is ${hash.slice(0, 12)}…, not ${sha256.slice(0, 12)}…`;
    throw unprocessable([trouble('malformed', actual, `a ${kind.field} that arrived whole`)]);
  }
  return mediaType;
}
