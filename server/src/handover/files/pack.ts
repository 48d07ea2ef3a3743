/** A ZIP that is written while it is sent: each file hashed as it goes in, the manifest of all at the end. */
import { createHash } from 'node:crypto';
import { once } from 'node:events';
import { finished } from 'node:stream/promises';
import { ZipArchive } from 'archiver';
import type { Writable } from 'node:stream';

export interface ManifestFile {
  readonly name: string;
  readonly bytes: number;
  readonly sha256: string;
}

export class Pack {
  readonly files: ManifestFile[] = [];
  private readonly zip = new ZipArchive({ zlib: { level: 6 } });
  private readonly sent: Promise<void>;

  /** @param made the time that its files bear */
  constructor(
    out: Writable,
    private readonly made: Date,
  ) {
    this.zip.on('warning', (problem: Error) => out.destroy(problem));
    this.zip.on('error', (problem: Error) => out.destroy(problem));
    out.on('close', () => {
      if (!out.writableFinished) this.zip.abort();
    });
    this.sent = finished(out, { readable: false });
    // What breaks it off is met where it is waited for.
    this.sent.catch(() => undefined);
    this.zip.pipe(out);
  }

  /**
   * Goes in, and is waited for, so that no more than one file is held at a time.
   * @param packed already, as pictures are: it is stored as it is
   */
  async add(name: string, content: string | Buffer, packed = false): Promise<void> {
    const bytes = typeof content === 'string' ? Buffer.from(content, 'utf8') : content;
    const gone = once(this.zip, 'entry');
    // Broken off after nobody waits for it any more.
    gone.catch(() => undefined);
    this.zip.append(bytes, { name, date: this.made, store: packed });
    await Promise.race([
      gone,
      this.sent.then(() => {
        throw new Error('nobody waits for it any more');
      }),
    ]);
    this.files.push({ name, bytes: bytes.length, sha256: createHash('sha256').update(bytes).digest('hex') });
  }

  /** The manifest goes in last: it names every other file. */
  async end(manifest: Record<string, unknown>): Promise<void> {
    const text = `${JSON.stringify({ ...manifest, files: this.files }, null, 2)}\n`;
    this.zip.append(text, { name: 'manifest.json', date: this.made });
    await this.zip.finalize();
    await this.sent;
  }
}
