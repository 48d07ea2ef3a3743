/** The checksum of a job's content, worked out without a text of its whole size. */
import { canonicalJson, hashPieces } from '../record/index.ts';
import { JOB_FORMAT, JOB_FORMAT_VERSION, type JobContent, type JobFile } from './schema.ts';

/** The same as canonicalJson(stored), given the text of its entry. */
function storedText(stored: JobContent['record'][number], text: string): string {
  if (Object.keys(stored).length !== STORED_KEYS) return canonicalJson(stored);
  const { hash, previousHash, receivedAt, seq } = stored;
  const [h, p, r, s] = [hash, previousHash, receivedAt, seq].map((v) => JSON.stringify(v));
  return `{"entry":${text},"hash":${h},"previousHash":${p},"receivedAt":${r},"seq":${s}}`;
}
/** Entry, hash, previousHash, receivedAt, seq. */
const STORED_KEYS = 5;

type Seen = (stored: JobContent['record'][number], text: string) => void;

/** The same as canonicalJson(content), piece by piece: nothing of the size of the whole is made. */
function* contentPieces(content: JobContent, seen: Seen): Generator<string> {
  let before = '{';
  for (const key of Object.keys(content).sort()) {
    const of = content[key as keyof JobContent];
    if (of === undefined) continue;
    yield `${before}${JSON.stringify(key)}:`;
    before = ',';
    if (key !== 'record') {
      yield canonicalJson(of);
      continue;
    }
    yield '[';
    for (const [i, stored] of content.record.entries()) {
      const text = canonicalJson(stored.entry);
      seen(stored, text);
      yield `${i === 0 ? '' : ','}${storedText(stored, text)}`;
    }
    yield ']';
  }
  yield before === '{' ? '{}' : '}';
}

/** @param seen is shown each entry with its canonical JSON on the way: writing it is most of the work of a large file */
export const contentChecksum = (content: JobContent, seen: Seen = () => undefined): string =>
  hashPieces(contentPieces(content, seen));

export const writeJobFile = (content: JobContent, exportedAt: string): JobFile => ({
  format: JOB_FORMAT,
  version: JOB_FORMAT_VERSION,
  exportedAt,
  checksum: contentChecksum(content),
  content,
});
