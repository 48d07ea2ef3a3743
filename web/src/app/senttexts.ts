/** What was sent of a document lately: any of it may have arrived without an answer, and is no conflict with oneself. */
import { canonicalJson } from '@lentum/core/job';
import { hashText } from '@lentum/core/record';

/** So many are known again. */
const MOST = 6;

const hashOf = (body: unknown): string => hashText(canonicalJson(body));

/** The same content: the server gives the keys of a document in an order of its own. */
export const isSame = (text: string, body: unknown): boolean =>
  canonicalJson(JSON.parse(text)) === canonicalJson(body);

export function useSentTexts() {
  const lately = new Map<string, readonly { readonly text: string; readonly hash: string }[]>();
  /** Of what was sent before the tab was closed only the hash is kept. */
  const before = new Map<string, readonly string[]>();
  return {
    note: (jobId: string, text: string): void => {
      const earlier = (lately.get(jobId) ?? []).filter((one) => one.text !== text);
      // Hashed once, when it is sent: a draft is kept with each letter that is typed.
      lately.set(jobId, [{ text, hash: hashOf(JSON.parse(text)) }, ...earlier].slice(0, MOST));
    },
    noteBefore: (jobId: string, hashes: readonly string[]): void => void before.set(jobId, hashes),
    /** To be kept with the draft. */
    hashesOf: (jobId: string): readonly string[] =>
      [...(lately.get(jobId) ?? []).map(({ hash }) => hash), ...(before.get(jobId) ?? [])].slice(0, MOST),
    /** The text that was sent from here and is what the server has; undefined where it is somebody else's. */
    ownOf: (jobId: string, body: unknown): string | undefined =>
      lately.get(jobId)?.find(({ text }) => isSame(text, body))?.text ??
      (before.get(jobId)?.includes(hashOf(body)) ? JSON.stringify(body) : undefined),
  };
}
