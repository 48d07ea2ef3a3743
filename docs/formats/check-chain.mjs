/**
 * Checks the chain of a record, from docs/formats/record.md alone: it shares no code with the application.
 * node check-chain.mjs FILE … [--receipt RECEIPT]  A file is a job file, the answer of GET …/record, or a list of stored
 * entries. Signatures of devices are looked at where entries carry them; with a receipt that somebody holds, its signature and
 * what it says of the record are looked at too.
 */
import { createHash, createPublicKey, verify } from 'node:crypto';
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

/** The entries that carry a signature of a device, by their numbers: those that it holds for, and those that it does not. */
export function checkSignatures(stored) {
  const found = { hold: [], broken: [] };
  for (const { seq, entry } of stored) {
    if (entry.signature === undefined) continue;
    (isSigned(entry) ? found.hold : found.broken).push(seq);
  }
  return found;
}

function isSigned({ signature: { key, jobId, value }, ...entry }) {
  const point = Buffer.from(key, 'base64url');
  if (point.length !== 65 || point[0] !== 4) return false;
  const [x, y] = [point.subarray(1, 33), point.subarray(33)].map((half) => half.toString('base64url'));
  const text = canonical(jobId === undefined ? entry : { entry, jobId });
  try {
    const known = createPublicKey({ key: { kty: 'EC', crv: 'P-256', x, y }, format: 'jwk' });
    const raw = { key: known, dsaEncoding: 'ieee-p1363' };
    return verify('sha256', Buffer.from(text, 'utf8'), raw, Buffer.from(value, 'base64url'));
  } catch {
    return false;
  }
}

/** What is wrong between a receipt and a whole record; undefined for nothing. */
export function receiptTrouble(receipt, stored) {
  const { signature, ...rest } = receipt;
  let signed;
  try {
    const key = createPublicKey({ key: { kty: 'OKP', crv: 'Ed25519', x: receipt.key }, format: 'jwk' });
    signed = verify(null, Buffer.from(canonical(rest), 'utf8'), key, Buffer.from(signature, 'base64url'));
  } catch {
    signed = false;
  }
  if (!signed) return 'the receipt is not signed under its key';
  if (stored.length < receipt.entries)
    return `it has ${stored.length} entries, and ${receipt.entries} were signed ${receipt.at}: its tail is missing`;
  const there = receipt.entries === 0 ? '0'.repeat(64) : stored[receipt.entries - 1].hash;
  return there === receipt.head
    ? undefined
    : `entry ${receipt.entries} is another one than was signed ${receipt.at}`;
}

export const storedIn = (data) =>
  Array.isArray(data) ? data : (data.content?.record ?? data.entries ?? data.record);

if (process.argv[1] && import.meta.url === pathToFileURL(process.argv[1]).href) {
  const given = process.argv.slice(2);
  const at = given.indexOf('--receipt');
  const [, receiptFile] = at < 0 ? [] : given.splice(at, 2);
  const receipt = receiptFile === undefined ? undefined : JSON.parse(readFileSync(receiptFile, 'utf8'));
  let bad = 0;
  for (const file of given) {
    const stored = storedIn(JSON.parse(readFileSync(file, 'utf8')));
    const found = checkChain(stored);
    const signatures = checkSignatures(stored);
    const trouble =
      signatures.broken.length > 0
        ? `the signatures of these entries do not hold: ${signatures.broken.join(', ')}`
        : found.whole && receipt
          ? receiptTrouble(receipt, stored)
          : undefined;
    if (!found.whole || trouble) bad += 1;
    if (!found.whole) console.log(`${file}: breaks at entry ${found.breaksAt}: ${found.why}`);
    else if (trouble) console.log(`${file}: whole in itself, but ${trouble}`);
    else
      console.log(
        `${file}: whole, ${found.entries} entries, last hash ${found.lastHash}, ${signatures.hold.length} signed by devices${receipt ? `; it begins with what was signed ${receipt.at}` : ''}`,
      );
  }
  process.exit(bad > 0 ? 1 : 0);
}
