/** What a device signs of an entry. */
import { canonicalJson } from '../job/index.ts';
import type { Entry } from './entry.ts';

/** The canonical form of the entry without its signature; where that names a job, of `{ entry, jobId }`. */
export function signedText({ signature, ...entry }: Entry): string {
  const jobId = signature?.jobId;
  return canonicalJson(jobId === undefined ? entry : { entry, jobId });
}
