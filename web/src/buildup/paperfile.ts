/** The file of a paper, looked at before it is filed: what it is by its bytes, and whether it is filed already. */
import type { Paper } from '@lentum/core/buildup';
import { PAPER_MOST_BYTES } from '@lentum/core/library';
import { hashOf } from '../app/contenthash.ts';

export interface PaperFile extends NonNullable<Paper['file']> {
  readonly content: Blob;
}
type Mime = PaperFile['mime'];

/** How files of each kind begin. */
const BEGINS: Readonly<Record<Mime, readonly number[]>> = {
  'application/pdf': [0x25, 0x50, 0x44, 0x46],
  'image/png': [0x89, 0x50, 0x4e, 0x47],
  'image/jpeg': [0xff, 0xd8, 0xff],
};
const NAMES: Readonly<Record<Mime, string>> = {
  'application/pdf': 'PDF',
  'image/png': 'PNG',
  'image/jpeg': 'JPEG',
};
const HEAD_BYTES = 4;

/**
 * @param filed papers that the binder has
 * @returns the file as it can be filed, and what is odd about it
 * @throws Error with one sentence where it cannot
 */
export async function seenPaper(
  file: File,
  filed: readonly Paper[],
): Promise<{ readonly file: PaperFile; readonly doubts: readonly string[] }> {
  if (file.size > PAPER_MOST_BYTES)
    throw new Error(`${file.name}: ${(file.size / 1024 / 1024).toFixed(1)} MB; expected at most 12 MB.`);
  const head = new Uint8Array(await file.slice(0, HEAD_BYTES).arrayBuffer());
  const mime = (Object.keys(BEGINS) as Mime[]).find((m) => BEGINS[m].every((b, i) => head[i] === b));
  if (!mime) throw new Error(`${file.name}: its content is no PDF, PNG or JPEG; expected one of these.`);
  const sha256 = await hashOf(file);
  const same = filed.find((p) => p.file?.sha256 === sha256);
  return {
    file: {
      ...{ sha256, name: file.name.slice(0, 120), mime, bytes: file.size },
      content: file.slice(0, file.size, mime),
    },
    doubts: [
      ...(file.type === '' || file.type === mime
        ? []
        : [`${file.name} is named as ${file.type} and is a ${NAMES[mime]}: it is filed as that.`]),
      ...(same ? [`The same file is in the binder already, as “${same.title}” of ${same.date}.`] : []),
    ],
  };
}
