/** Build-ups out of files: a table of layers, or a file of a whole build-up with its papers. */
import type { BuildUp, Layer } from '@lentum/core/buildup';
import { layersFromTable, readBuildUpFile } from '@lentum/core/library';
import { ok, type Result } from '@lentum/core/problems';
import type { System } from '@lentum/core/units';
import { readText, rowsOf } from '../shared/tables/tablefile.ts';
import { inHalves } from './inhalves.ts';

export type BroughtBuildUp =
  | { readonly kind: 'table'; readonly layers: readonly Layer[]; readonly ignored: readonly string[] }
  | {
      readonly kind: 'file';
      readonly buildUp: BuildUp;
      readonly papers: readonly { readonly sha256: string; readonly content: Blob }[];
    };

/**
 * @param system what bare numbers of a table are in
 * @param progress is told the share that is done, 0 to 1
 */
async function read(
  file: Blob,
  name: string,
  system: System,
  progress: (share: number) => void,
): Promise<Result<BroughtBuildUp>> {
  const text = await readText(file, inHalves(progress).bytes);
  if (/\.(csv|txt)$/i.test(name)) {
    const table = layersFromTable(rowsOf(text), system);
    return table.ok ? ok({ kind: 'table', ...table.value }) : table;
  }
  const whole = readBuildUpFile(text);
  if (!whole.ok) return whole;
  const { buildUp, papers } = whole.value;
  return ok({
    kind: 'file',
    buildUp,
    papers: papers.map(({ sha256, base64 }) => {
      const type = buildUp.papers.find((p) => p.file?.sha256 === sha256)?.file?.mime ?? 'application/pdf';
      const bytes = Uint8Array.from(atob(base64), (c) => c.charCodeAt(0));
      return { sha256, content: new Blob([bytes], { type }) };
    }),
  });
}

export const libraryTasks = { read };
export type LibraryTasks = typeof libraryTasks;
