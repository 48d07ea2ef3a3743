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
  });
  return {
    line: (entry: BookEntry): string => entryLine(entry, facts()),
    /** The same for one that the record does not have yet. */
    lineOf: (entry: EntryForm): string => entryLine(readEntry(entry, job.names), facts()),
    flags: (entry: BookEntry): Flag[] => entryFlags(entry, facts()),
  };
}
