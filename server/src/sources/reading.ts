/** What an answer says: read here where it is small, in a thread where it would keep others waiting. */
import type { Result } from '@lentum/core/problems';
import {
  readAnswer,
  readMoment,
  tablesOf,
  type AnswerMap,
  type ReadAnswer,
  type SourceKind,
} from '@lentum/core/sources';
import { atThread } from '../compute/runs.ts';
import { askingUntil } from '../compute/threads.ts';
import { cellsOf } from './text.ts';

/** What an instrument read, as it is kept. */
export interface KeptReading {
  readonly at: string;
  readonly values: Readonly<Partial<Record<string, number>>>;
}
interface ToRead {
  readonly text: string;
  readonly map: AnswerMap;
  readonly kind: SourceKind;
  readonly timeZone: string;
  readonly nowMs: number;
}
type Read = Result<{ readonly hours: ReadAnswer } | { readonly reading: KeptReading }>;

function readHere({ text, map, kind, timeZone, nowMs }: ToRead): Read {
  const tables = tablesOf(text, map.format, cellsOf);
  if (!tables.ok) return tables;
  if (kind === 'forecast' || kind === 'observed') {
    const read = readAnswer(tables.value, map, timeZone);
    return read.ok ? { ok: true, value: { hours: read.value } } : read;
  }
  const read = readMoment(tables.value, map, timeZone, nowMs);
  if (!read.ok) return read;
  const { atMs, values } = read.value;
  const reading = { at: new Date(atMs).toISOString(), values: Object.fromEntries(values) };
  return { ok: true, value: { reading } };
}

const NAME = 'read an answer';
atThread(NAME, readHere);
const LARGE_CHARS = 100_000;
const DEADLINE_MS = 15_000;

export const readText = (input: ToRead): Read | Promise<Read> =>
  input.text.length > LARGE_CHARS
    ? askingUntil(new AbortController().signal, DEADLINE_MS).value<Read>(NAME, input)
    : readHere(input);
