/** What an answer says: read here where it is small, in a thread where it would keep others waiting. */
import { sentence, type Result } from '@lentum/core/problems';
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
import { HttpProblem } from '../http/errors.ts';
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
interface Found {
  readonly hours?: ReadAnswer;
  readonly reading?: KeptReading;
}
type Read = Result<Found>;
type Told = ({ readonly ok: true } & Found) | { readonly ok: false; readonly problem: string };

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

/** @returns what it says, or why it cannot be read: as problems, or in one sentence where it takes too long */
export async function readText(input: ToRead): Promise<Told> {
  try {
    const read =
      input.text.length > LARGE_CHARS
        ? await askingUntil(new AbortController().signal, DEADLINE_MS).value<Read>(NAME, input)
        : readHere(input);
    return read.ok
      ? { ok: true, ...read.value }
      : { ok: false, problem: read.problems.map(sentence).join(' ') };
  } catch (error) {
    if (!(error instanceof HttpProblem)) throw error;
    return { ok: false, problem: `The answer could not be read: ${error.title}.` };
  }
}
