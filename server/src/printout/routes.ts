/** Printouts as PDF: what a page shows to be printed, drawn on a sheet of any size. */
import { z } from 'zod';
import { PAPER_SIZES, pdfName, printoutSchema, type Printout, type Sheet } from '@lentum/core/printout';
import { atThread } from '../compute/runs.ts';
import { fromThread } from '../compute/threads.ts';
import { route } from '../http/routes.ts';
import { printoutPdf } from './pdf.ts';
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

const base64 = async (printout: Printout, sheet: Sheet): Promise<{ readonly base64: string }> => ({
  base64: (await printoutPdf(printout, sheet)).toString('base64'),
});
atThread('printout', ({ printout, sheet }: { printout: Printout; sheet: Sheet }) => base64(printout, sheet));

/** A printout as PDF, drawn in a thread. */
export async function drawnPdf(res: Response, printout: Printout, sheet: Sheet): Promise<Buffer> {
  const drawn = await fromThread<{ base64: string }>(res, 'printout', { printout, sheet });
  return Buffer.from(drawn.base64, 'base64');
}

/** Answers with it. */
export async function answerPdf(res: Response, printout: Printout, sheet: Sheet): Promise<void> {
  const pdf = await drawnPdf(res, printout, sheet);
  res.attachment(pdfName(printout.title)).type('application/pdf').send(pdf);
}

export const printoutRoutes = [
  route({
    method: 'post',
    path: '/printouts/pdf',
    tag: 'Printouts',
    summary: 'A printout drawn as PDF: blocks as they are described, on the sheet that is asked for',
    query: sheetQuery,
    body: printoutSchema,
    bodyName: 'The printout',
    answerType: 'application/pdf',
    run: ({ body, query, res }) => answerPdf(res, body, sheetOf(query)),
  }),
];
