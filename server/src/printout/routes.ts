/** Printouts as PDF: what a page shows to be printed, drawn on a sheet of any size. */
import { z } from 'zod';
import { idSchema } from '@lentum/core/job';
import {
  PAPER_SIZES,
  pdfName,
  picturesShown,
  printoutSchema,
  type Printout,
  type Sheet,
} from '@lentum/core/printout';
import { atThread } from '../compute/runs.ts';
import { asking, type AskThread } from '../compute/threads.ts';
import { route } from '../http/routes.ts';
import type { Db } from '../db/pool.ts';
import { readScaled, type ScaledPicture } from '../pictures/scaled.ts';
import { printoutPdf, type PicturesFound } from './pdf.ts';
import type { Response } from 'express';

/** Sheets, as the address says them. */
export const sheetQuery = z.object({
  size: z.enum(PAPER_SIZES).default('A4'),
  landscape: z.enum(['true', 'false']).default('false'),
});
export const sheetOf = (q: z.output<typeof sheetQuery>): Sheet => ({
  size: q.size,
  landscape: q.landscape === 'true',
});

interface Drawing {
  readonly printout: Printout;
  readonly sheet: Sheet;
  readonly found: PicturesFound;
}
atThread('printout', async ({ printout, sheet, found }: Drawing) => {
  const pdf = await printoutPdf(printout, sheet, found);
  // Its own memory, so that it can be handed over without a copy.
  return new Uint8Array(pdf);
});

/** Said after each so many pictures. */
const SAID_EACH = 10;
type Told = (share: number) => Promise<void> | undefined;

/** The pictures that a printout shows, made small, as far as a job has them. */
async function picturesFor(db: Db, jobId: string, { blocks }: Printout, told?: Told): Promise<PicturesFound> {
  const found = new Map<string, ScaledPicture>();
  const wanted = picturesShown(blocks);
  for (const [i, sha256] of wanted.entries()) {
    const picture = await readScaled(db, jobId, sha256, 'small');
    if (picture) found.set(sha256, picture);
    if (i % SAID_EACH === SAID_EACH - 1) await told?.(i / wanted.length);
  }
  return found;
}

/** Whose pictures a printout shows. */
interface OfJob {
  readonly db: Db;
  readonly jobId: string | undefined;
}

/** A printout as PDF, drawn in a thread. @param told hears how many of the pictures are there, 0 to 1 */
export async function drawnPdf(
  ask: AskThread,
  printout: Printout,
  sheet: Sheet,
  { db, jobId }: OfJob,
  told?: Told,
): Promise<Buffer> {
  const found = jobId === undefined ? new Map() : await picturesFor(db, jobId, printout, told);
  await told?.(1);
  return ask.bytes('printout', { printout, sheet, found });
}

/** Answers with it. */
export async function answerPdf(res: Response, printout: Printout, sheet: Sheet, of: OfJob): Promise<void> {
  const pdf = await drawnPdf(asking(res), printout, sheet, of);
  res.attachment(pdfName(printout.title)).type('application/pdf').send(pdf);
}

export const printoutRoutes = [
  route({
    method: 'post',
    path: '/printouts/pdf',
    access: 'compute',
    tag: 'Printouts',
    summary:
      'A printout drawn as PDF: blocks as they are described, on the sheet that is asked for, with pictures of the job that is named',
    query: sheetQuery.extend({ job: idSchema.optional() }),
    body: printoutSchema,
    bodyName: 'The printout',
    answerType: 'application/pdf',
    run: ({ body, query, context, who, res }) => {
      if (query.job !== undefined) who.need('read job', query.job);
      return answerPdf(res, body, sheetOf(query), { db: context.pool, jobId: query.job });
    },
  }),
];
