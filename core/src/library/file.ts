/** A build-up as a file: the whole of it, and the papers of its binder, so that it can be handed on. */
import { z } from 'zod';
import { buildUpProblems, buildUpSchema, type BuildUp } from '../buildup/index.ts';
import { instantSchema } from '../job/index.ts';
import { check, fail, ok, type Problem, type Result } from '../problems/index.ts';
import { readJson } from '../survey/index.ts';

export const BUILD_UP_FORMAT = 'lentum-build-up';
const BUILD_UP_FORMAT_VERSION = 1;
/** Of one paper, bytes; in base64 a third more. */
export const PAPER_MOST_BYTES = 12 * 1024 * 1024;

export const paperFileSchema = z.strictObject({
  sha256: z.string().regex(/^[0-9a-f]{64}$/, '64 hexadecimal digits'),
  base64: z.string().max(18_000_000),
});

export const buildUpFileSchema = z.strictObject({
  format: z.literal(BUILD_UP_FORMAT),
  version: z.literal(BUILD_UP_FORMAT_VERSION),
  exportedAt: instantSchema,
  buildUp: buildUpSchema,
  papers: z.array(paperFileSchema).max(60).default([]),
});

export type PaperFile = z.infer<typeof paperFileSchema>;
export interface BuildUpFile {
  readonly format: typeof BUILD_UP_FORMAT;
  readonly version: typeof BUILD_UP_FORMAT_VERSION;
  readonly exportedAt: string;
  readonly buildUp: BuildUp;
  readonly papers: readonly PaperFile[];
}

/** A file of a build-up; what it was taken from stays behind. */
export function writeBuildUpFile(
  buildUp: BuildUp,
  papers: readonly PaperFile[],
  exportedAt: string,
): BuildUpFile {
  const { taken: _taken, ...own } = buildUp;
  return { format: BUILD_UP_FORMAT, version: BUILD_UP_FORMAT_VERSION, exportedAt, buildUp: own, papers };
}

/** Papers that build-ups name by file and that do not come along. */
export const papersLeftOut = (buildUps: readonly BuildUp[], papers: readonly PaperFile[]): Problem[] =>
  buildUps.flatMap((b) =>
    b.papers.flatMap((p) =>
      p.file === undefined || papers.some((k) => k.sha256 === p.file?.sha256)
        ? []
        : [
            {
              kind: 'missing' as const,
              field: 'papers',
              label: `${b.name}, ${p.title}`,
              actual: p.file.sha256.slice(0, 12),
              expected: 'the paper to be in the file',
            },
          ],
    ),
  );

/** Reads a file of a build-up; every sentence that is wrong with it, or the whole of it. */
export function readBuildUpFile(text: string): Result<BuildUpFile> {
  const json = readJson(text, 'The build-up file');
  if (!json.ok) return json;
  const file = check(buildUpFileSchema, json.value, 'The build-up file');
  if (!file.ok) return file;
  const { buildUp, papers } = file.value;
  const problems = [...buildUpProblems(buildUp), ...papersLeftOut([buildUp], papers)];
  return problems.length > 0 ? fail(...problems) : ok(file.value);
}
