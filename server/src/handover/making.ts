/** Making the papers of a handover: for an answer that is waited for, or as a task. */
import { once } from 'node:events';
import type { Writable } from 'node:stream';
import { pdfName, picturesShown, type Printout } from '@lentum/core/printout';
import type { z } from 'zod';
import type { AskThread } from '../compute/threads.ts';
import type { Context } from '../http/routes.ts';
import { drawnPdf, sheetOf, sheetQuery } from '../printout/routes.ts';
import { signedOf, handoverQuery } from './snapshot.ts';

export const paperAsked = handoverQuery.extend(sheetQuery.shape);
export type PaperAsked = z.output<typeof paperAsked>;

export interface Making {
  readonly context: Pick<Context, 'pool' | 'now' | 'replica'>;
  readonly jobId: string;
  readonly ask: AskThread;
  /** Says how far it is, 0 to 1, and what is done now. */
  readonly tell?: (share: number, doing: string) => Promise<void>;
}

/** The handover of a roof as PDF. */
export async function makeHandoverPdf(
  { context, jobId, ask, tell }: Making,
  asked: PaperAsked,
): Promise<{ readonly name: string; readonly pdf: Buffer }> {
  await tell?.(0.02, 'The record is read.');
  const printout = await ask.value<Printout>('handover', await signedOf(context, jobId, asked));
  const pictures = picturesShown(printout.blocks).length;
  await tell?.(0.2, pictures > 0 ? `${pictures} pictures are made small.` : 'The pages are drawn.');
  const pdf = await drawnPdf(ask, printout, sheetOf(asked), { db: context.pool, jobId }, (share) =>
    tell?.(0.2 + 0.5 * share, share < 1 ? 'The pictures are made small.' : 'The pages are drawn.'),
  );
  return { name: pdfName(printout.title), pdf };
}

/** Waits until a stream takes more, where it asks for that. */
export async function written(out: Writable, content: Buffer): Promise<void> {
  if (!out.write(content)) await once(out, 'drain');
}
