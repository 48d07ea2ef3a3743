/** Papers of the binder, kept once by what is in them. */
import type { BuildUp } from '@lentum/core/buildup';
import type { PaperFile } from '@lentum/core/library';
import type { Problem } from '@lentum/core/problems';
import type { Db } from '../db/pool.ts';
import { checkContent } from '../http/filecontent.ts';
import { PAPERS_SQL } from './sql.ts';

export const PAPER_TYPES = ['application/pdf', 'image/png', 'image/jpeg'] as const;

const PAPER = {
  label: 'The paper',
  field: 'paper',
  mediaTypes: PAPER_TYPES,
  expected: 'a PDF, PNG or JPEG',
};

export async function storePaper(db: Db, sha256: string, content: Buffer): Promise<void> {
  const mediaType = await checkContent(PAPER, sha256, content);
  await db.query(PAPERS_SQL.insert, [sha256, mediaType, content]);
}

export interface StoredPaper {
  readonly mediaType: (typeof PAPER_TYPES)[number];
  readonly content: Buffer;
}

export async function readPaper(db: Db, sha256: string): Promise<StoredPaper | undefined> {
  const { rows } = await db.query<StoredPaper>(PAPERS_SQL.read, [sha256]);
  return rows[0];
}

/** Papers that build-ups name by file. */
const filesOf = (buildUps: readonly BuildUp[]): string[] => [
  ...new Set(buildUps.flatMap((b) => (b.papers ?? []).flatMap((p) => (p.file ? [p.file.sha256] : [])))),
];

/** Files that are named but were never sent. */
export async function missingPapers(db: Db, buildUps: readonly BuildUp[]): Promise<Problem[]> {
  const named = filesOf(buildUps);
  if (named.length === 0) return [];
  const { rows } = await db.query<{ sha256: string }>(PAPERS_SQL.known, [named]);
  const known = new Set(rows.map((r) => r.sha256));
  return buildUps.flatMap((b) =>
    b.papers.flatMap((p, i) =>
      p.file && !known.has(p.file.sha256)
        ? [
            {
              kind: 'unknown' as const,
              field: `papers/${i}/file`,
              label: `${p.title}, file`,
              actual: `${p.file.sha256.slice(0, 12)}…`,
              expected: 'a paper that was sent before it is named',
            },
          ]
        : [],
    ),
  );
}

/** The papers that build-ups name, for a file that carries them along. */
export async function readPapers(db: Db, buildUps: readonly BuildUp[]): Promise<PaperFile[]> {
  const papers: PaperFile[] = [];
  for (const sha256 of filesOf(buildUps)) {
    const paper = await readPaper(db, sha256);
    if (paper) papers.push({ sha256, base64: paper.content.toString('base64') });
  }
  return papers;
}
