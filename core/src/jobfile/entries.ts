/** Entries of a file, looked at one after the other: form, place in the chain, and the rules that entries are taken in by. */
import type { Problem } from '../problems/index.ts';
import {
  chainFollower,
  entryProblems,
  readEntry,
  signatureProblem,
  storedEntrySchema,
  type EntryForm,
  type StoredEntry,
} from '../record/index.ts';
import type { JobContent } from './schema.ts';

export interface RecordCheck {
  /** @param text the entry as canonical JSON */
  readonly next: (stored: StoredEntry, text: string) => void;
  /** The place where the chain is broken, or else everything that the rules have against entries. */
  readonly problems: () => readonly Problem[];
}

/** Whether each entry has the form of one; a large record is not copied to find out. */
export const allHaveForm = (record: readonly unknown[]): boolean =>
  record.every((stored) => storedEntrySchema.safeParse(stored).success);

/**
 * Every entry by the rules that it was taken in by: what it refers to is there, ids and corrections once each.
 * @param documents that the entries belong to
 */
export function recordCheck({ survey, buildUp, site }: Omit<JobContent, 'record'>): RecordCheck {
  const brokenAt = chainFollower();
  const seen = new Map<string, EntryForm>();
  const superseded = new Set<string>();
  const problems: Problem[] = [];
  let broken: Problem | undefined;

  const byRules = ({ seq, receivedAt, entry }: StoredEntry): void => {
    const target = entry.supersedes === undefined ? undefined : seen.get(entry.supersedes);
    const found = entryProblems(entry, {
      ...{ survey, buildUps: buildUp, site },
      target: target && { entry: target, alreadySuperseded: superseded.has(target.id) },
      refers: (id) => {
        const other = seen.get(id);
        return other && readEntry(other, new Map());
      },
      nowMs: Date.parse(receivedAt),
    });
    problems.push(
      ...found.map((p) => ({
        ...p,
        field: `record/${seq - 1}/${p.field}`,
        label: `Entry ${seq}: ${p.label}`,
      })),
    );
    const forged = signatureProblem(entry);
    if (forged) problems.push({ ...forged, label: `Entry ${seq}, signature` });
    if (seen.has(entry.id)) {
      problems.push({
        kind: 'duplicate',
        field: `record/${seq - 1}/id`,
        label: `Entry ${seq}, id`,
        actual: entry.id,
        expected: 'an id of its own for each entry',
      });
    }
    seen.set(entry.id, entry);
    if (target) superseded.add(target.id);
  };

  return {
    next: (stored, text) => {
      if (broken) return;
      broken = brokenAt(stored, text);
      if (!broken) byRules(stored);
    },
    problems: () => (broken ? [broken] : problems),
  };
}
