/**
 * Checks the chain of a record, from docs/formats/record.md alone: it shares no code with the application.
 * node check-chain.mjs FILE …  A file is a job file, the answer of GET …/record, or a list of stored entries.
 */
import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { pathToFileURL } from 'node:url';

/** The canonical form of a value. */
export function canonical(value) {
  if (value === null || typeof value === 'boolean' || typeof value === 'string') return JSON.stringify(value);
  if (typeof value === 'number') {
    if (!Number.isFinite(value)) throw new Error(`${value} is no number of JSON`);
    return JSON.stringify(value);
  }
  if (Array.isArray(value)) return '[' + value.map((v) => canonical(v)).join(',') + ']';
  const names = Object.keys(value).filter((name) => value[name] !== undefined);
  // Without a comparison of its own, sort() goes by UTF-16 code units.
  names.sort();
  return '{' + names.map((name) => JSON.stringify(name) + ':' + canonical(value[name])).join(',') + '}';
}

export function hashOf({ previousHash, seq, receivedAt, entry }) {
  const text = canonical({ previousHash, seq, receivedAt, entry });
  return createHash('sha256').update(text, 'utf8').digest('hex');
}

/** @returns {{ whole: boolean, entries: number, lastHash: string, breaksAt?: number, why?: string }} */
export function checkChain(stored) {
  let before = '0'.repeat(64);
  for (let i = 0; i < stored.length; i += 1) {
    const one = stored[i];
    const why =
      one.seq !== i + 1
        ? `it is numbered ${one.seq}`
        : one.previousHash !== before
          ? 'it does not follow the entry before it'
          : one.hash !== hashOf(one)
            ? 'its hash is not that of what it says'
            : undefined;
    if (why) return { whole: false, entries: i, lastHash: before, breaksAt: i + 1, why };
    before = one.hash;
  }
  return { whole: true, entries: stored.length, lastHash: before };
}

export const storedIn = (data) =>
  Array.isArray(data) ? data : (data.content?.record ?? data.entries ?? data.record);

if (process.argv[1] && import.meta.url === pathToFileURL(process.argv[1]).href) {
  let bad = 0;
  for (const file of process.argv.slice(2)) {
    const found = checkChain(storedIn(JSON.parse(readFileSync(file, 'utf8'))));
    if (!found.whole) bad += 1;
    console.log(
      found.whole
        ? `${file}: whole, ${found.entries} entries, last hash ${found.lastHash}`
        : `${file}: breaks at entry ${found.breaksAt}: ${found.why}`,
    );
  }
  process.exit(bad > 0 ? 1 : 0);
}
