/** An entry of the open job in one line, and what is to be minded about it. */
import { entryFlags, readEntry, type BookEntry, type EntryForm, type Flag } from '@lentum/core/record';
import { entryLine } from '@lentum/core/words';
import { useJob } from '../app/job.ts';

export function useEntryWords() {
  const job = useJob();
  const facts = () => ({
    buildUps: job.documents.buildUps.content,
    site: job.documents.site.content,
    book: job.book,
    say: job.sayer,
    practice: job.state?.practice,
  });
  /** What it was laid against; nothing while the functions that judge are not here. */
  function against(entry: BookEntry): Flag[] {
    const { work } = job.weather;
    if (!work || !job.state) return [];
    const reason = 'against' in entry.body ? entry.body.against : undefined;
    return work
      .againstWords(
        work.laidAgainst(job.state, entry),
        reason,
        job.written,
        job.time,
        entry.kind === 'opening' ? 'opened' : entry.kind === 'flood' ? 'filled' : 'laid',
      )
      .map((says) => ({ rule: 'laid against' as const, says }));
  }
  return {
    line: (entry: BookEntry): string => entryLine(entry, facts()),
    /** The same for one that the record does not have yet. */
    lineOf: (entry: EntryForm): string => entryLine(readEntry(entry, job.names), facts()),
    flags: (entry: BookEntry): Flag[] => [...against(entry), ...entryFlags(entry, facts())],
    against,
  };
}
