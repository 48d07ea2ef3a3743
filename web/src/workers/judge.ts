/** Judges a large job away from the page: it keeps the record and the documents, and gives what changed in pieces. */
import type { Call } from '@lentum/core/call';
import { EMPTY_BOOK, foldRecord, namesOf, type Person, type StoredEntry } from '@lentum/core/record';
import { jobState, type JobInputs, type JobState } from '@lentum/core/state';

/** What a job is judged by, but for its record and the instant. */
export type JudgedDocuments = Omit<JobInputs, 'book' | 'nowMs'>;

/** Bays in a piece: taking one in holds up the page for a few milliseconds. */
const BAYS_AT_A_TIME = 25;

export class Judge {
  private documents: Partial<JudgedDocuments> = {};
  private book = EMPTY_BOOK;
  private names = namesOf([]);
  private last: JobState | undefined;
  private pieces: readonly (readonly Call[])[] = [];

  /** Documents that are new, or others than before. */
  know(documents: Partial<JudgedDocuments>): void {
    this.documents = { ...this.documents, ...documents };
  }
  /** The record from its beginning. */
  read(entries: readonly StoredEntry[], people: readonly Person[]): void {
    this.names = namesOf(people);
    this.book = foldRecord(EMPTY_BOOK, entries, this.names);
  }
  /** What came since. */
  add(entries: readonly StoredEntry[]): void {
    this.book = foldRecord(this.book, entries, this.names);
  }
  /**
   * Judges every bay at an instant, ms.
   * @returns in how many pieces the calls come that are others than the last time
   */
  judge(nowMs: number): number {
    const { documents, book } = this;
    const before = new Set(this.last?.calls);
    this.last = jobState({ ...(documents as JudgedDocuments), book, nowMs }, this.last);
    const changed = this.last.calls.filter((c) => !before.has(c));
    this.pieces = Array.from({ length: Math.ceil(changed.length / BAYS_AT_A_TIME) }, (_, i) =>
      changed.slice(i * BAYS_AT_A_TIME, (i + 1) * BAYS_AT_A_TIME),
    );
    return this.pieces.length;
  }
  /** One of the pieces of the last judgement. */
  piece(index: number): readonly Call[] {
    return this.pieces[index] ?? [];
  }
}
