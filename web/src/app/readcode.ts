/** The batch that a code on a container says, read from a picture of it. */
import { wrap, type Remote } from 'comlink';
import { batchOfCode, type BatchCode } from '@lentum/core/record';
import type { CodeRead, CodeWork } from '../workers/code.worker.ts';

let work: Remote<CodeWork> | undefined;
/** The reader is fetched with the first picture, and stays. */
function reader(): Remote<CodeWork> {
  work ??= wrap<CodeWork>(
    new Worker(new URL('../workers/code.worker.ts', import.meta.url), { type: 'module' }),
  );
  return work;
}

/**
 * The one batch that the codes of a picture say.
 * @returns a sentence where they say none, or more than one
 */
export function oneBatch(codes: readonly CodeRead[], year: number): BatchCode | string {
  if (codes.length === 0)
    return 'No code was found on the picture: take it nearer, in good light, or type the batch.';
  const batches = codes.flatMap((c) => batchOfCode(c.text, c.isGs1, year) ?? []);
  const names = [...new Set(batches.map((b) => b.batch))];
  const [first] = batches;
  if (!first) return 'The code says no batch. Read the batch from the label and type it.';
  return names.length === 1
    ? (batches.find((b) => b.until !== undefined) ?? first)
    : `The picture shows several codes: ${names.join(', ')}. Take one of the code of the batch alone.`;
}

export const readBatch = async (picture: Blob, nowMs: number): Promise<BatchCode | string> =>
  oneBatch(await reader().read(picture), new Date(nowMs).getUTCFullYear());
