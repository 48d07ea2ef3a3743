/** Tests that were kept in the survey in earlier days go into the record. */
import { broughtOver, link, NOBODY } from '../record/index.ts';
import type { JobContent } from './schema.ts';

/**
 * The content with the tests of its survey brought over into the record, where they are not there yet. The same content
 * gives the same entries: they are received when the last entry was, or when they were taken.
 */
export function withTestsBroughtOver(content: JobContent): JobContent {
  const there = new Set(content.record.map((s) => s.entry.id));
  const fresh = broughtOver(content.survey, (id) => there.has(id));
  if (fresh.length === 0) return content;
  const record = [...content.record];
  for (const entry of fresh)
    record.push(link(record.at(-1), entry, record.at(-1)?.receivedAt ?? entry.madeAt));
  const people = content.people.some((p) => p.id === NOBODY.id)
    ? content.people
    : [...content.people, NOBODY];
  return { ...content, record, people };
}
