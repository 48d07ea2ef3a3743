/** The whole job as one JSON file: what people said and measured, nothing computed, with a checksum. */
import { z } from 'zod';
import { buildUpDocProblems, buildUpDocSchema } from '../buildup/index.ts';
import { instantSchema, jobHeadSchema } from '../job/index.ts';
import { paperFileSchema, papersLeftOut } from '../library/index.ts';
import { orderSchema } from '../order/index.ts';
import { programmeProblems, programmeSchema } from '../planning/index.ts';
import { provingProblems, provingSchema } from '../proving/index.ts';
import { check, fail, ok, type Problem, type Result } from '../problems/index.ts';
import {
  broughtOver,
  canonicalJson,
  chainProblem,
  entryProblems,
  hashPieces,
  isSecondForm,
  link,
  NOBODY,
  personSchema,
  readEntry,
  signatureProblem,
  storedEntrySchema,
  type EntryForm,
} from '../record/index.ts';
import { siteProblems, siteSchema } from '../site/index.ts';
import { weatherDocSchema, weatherSeriesSchema } from '../weather/index.ts';
import { readJson, surveyProblems, surveySchema } from '../survey/index.ts';

export const JOB_FORMAT = 'lentum-job';
export const JOB_FORMAT_VERSION = 1;

export const jobContentSchema = z.strictObject({
  job: jobHeadSchema,
  survey: surveySchema,
  buildUp: buildUpDocSchema,
  order: orderSchema,
  programme: programmeSchema.prefault({}),
  proving: provingSchema.prefault({}),
  site: siteSchema,
  weather: weatherDocSchema.prefault({}),
  weatherSeries: z.array(weatherSeriesSchema).max(800).default([]),
  record: z.array(storedEntrySchema),
  /** Names of those who made the entries; no hash covers them. */
  people: z.array(personSchema).max(5000).default([]),
  /** Pictures that the survey or an entry names, by the SHA-256 of their content. */
  pictures: z
    .array(
      z.strictObject({
        id: z.string().regex(/^[0-9a-f]{64}$/, 'a SHA-256 in hexadecimal'),
        base64: z.string().max(18_000_000),
      }),
    )
    .max(2000)
    .default([]),
  /** Pictures of entries that the file had no room for, by the SHA-256 of their content. */
  picturesLeftOut: z
    .array(z.string().regex(/^[0-9a-f]{64}$/, 'a SHA-256 in hexadecimal'))
    .max(100_000)
    .default([]),
  /** Papers of the binders of its build-ups. */
  papers: z.array(paperFileSchema).max(200).default([]),
});

export const jobFileSchema = z.strictObject({
  format: z.literal(JOB_FORMAT),
  version: z.literal(JOB_FORMAT_VERSION),
  exportedAt: instantSchema,
  /** SHA-256 of the content as JSON with sorted keys and without spaces. */
  checksum: z.string(),
  content: jobContentSchema,
});

export type JobContent = z.infer<typeof jobContentSchema>;
export type JobFile = z.infer<typeof jobFileSchema>;

/** Entries as canonical JSON, once for the checksum and the chain: a large record takes most of the time of a file. */
const textsOf = (record: JobContent['record']): string[] => record.map(({ entry }) => canonicalJson(entry));

/** The same as canonicalJson(stored), with the text of its entry where that is known. */
function storedText(stored: JobContent['record'][number], text: string | undefined): string {
  if (text === undefined || Object.keys(stored).length !== STORED_KEYS) return canonicalJson(stored);
  const { hash, previousHash, receivedAt, seq } = stored;
  const [h, p, r, s] = [hash, previousHash, receivedAt, seq].map((v) => JSON.stringify(v));
  return `{"entry":${text},"hash":${h},"previousHash":${p},"receivedAt":${r},"seq":${s}}`;
}
/** Entry, hash, previousHash, receivedAt, seq. */
const STORED_KEYS = 5;

/** The same as canonicalJson(content), piece by piece: nothing of the size of the whole is made. */
function* contentPieces(content: JobContent, texts: readonly string[]): Generator<string> {
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
    for (const [i, stored] of content.record.entries())
      yield `${i === 0 ? '' : ','}${storedText(stored, texts[i])}`;
    yield ']';
  }
  yield before === '{' ? '{}' : '}';
}

export const contentChecksum = (content: JobContent, texts: readonly string[] = []): string =>
  hashPieces(contentPieces(content, texts));

export const writeJobFile = (content: JobContent, exportedAt: string): JobFile => ({
  format: JOB_FORMAT,
  version: JOB_FORMAT_VERSION,
  exportedAt,
  checksum: contentChecksum(content),
  content,
});

/** Every entry by the rules that it was taken in by: what it refers to is there, ids and corrections once each. */
function recordProblems(content: JobContent): Problem[] {
  const seen = new Map<string, EntryForm>();
  const superseded = new Set<string>();
  const problems: Problem[] = [];
  for (const { seq, receivedAt, entry } of content.record) {
    const target = entry.supersedes === undefined ? undefined : seen.get(entry.supersedes);
    const found = entryProblems(entry, {
      survey: content.survey,
      buildUps: content.buildUp,
      site: content.site,
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
  }
  return problems;
}

/** Everybody who made an entry has a name in the file. */
function peopleProblems({ record, people }: JobContent): Problem[] {
  const known = new Set(people.map((p) => p.id));
  const nameless = record.find((s) => isSecondForm(s.entry) && !known.has(s.entry.personId));
  if (!nameless || !isSecondForm(nameless.entry)) return [];
  return [
    {
      kind: 'missing',
      field: 'people',
      label: `Entry ${nameless.seq}, name of person ${nameless.entry.personId}`,
      actual: 'nothing',
      expected: 'everybody who made an entry to be among the people of the file',
    },
  ];
}

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

/** A picture that the survey names has to be in the file. */
function pictureProblems({ survey, pictures }: JobContent): Problem[] {
  const named = survey.underlay?.fileId;
  if (named === undefined || pictures.some((p) => p.id === named)) return [];
  return [
    {
      kind: 'missing',
      field: 'pictures',
      label: 'The picture below the plan',
      actual: named.slice(0, 12),
      expected: 'it to be in the file',
    },
  ];
}

/**
 * Everything wrong with a job's content beyond its form: each document by its own rules, and the chain.
 * @param record as it was written, where that is another object; reading an entry changes nothing in it
 */
export function contentProblems(
  content: JobContent,
  record = content.record,
  texts?: readonly string[],
): Problem[] {
  const chain = chainProblem(record, undefined, texts);
  return [
    ...surveyProblems(content.survey),
    ...buildUpDocProblems(content.buildUp),
    ...programmeProblems(content.programme),
    ...provingProblems(content.proving),
    ...siteProblems(content.site, content.survey),
    ...pictureProblems(content),
    ...peopleProblems(content),
    ...papersLeftOut(content.buildUp.buildUps, content.papers),
    ...(chain ? [chain] : recordProblems(content)),
  ];
}

/** Data that claims to be a job file to a job, or every reason why it is none. Nothing is half read. */
export function checkJobFile(data: unknown): Result<JobFile> {
  const label = 'The job file';
  const format = (data as { format?: unknown } | null)?.format;
  if (format !== JOB_FORMAT) {
    return fail({
      kind: 'wrong',
      field: 'format',
      label: `${label}, format`,
      actual: format === undefined ? 'none' : String(format).slice(0, 40),
      expected: `“${JOB_FORMAT}”: a file that this application has written`,
    });
  }
  const version = (data as { version?: unknown }).version;
  if (typeof version === 'number' && version > JOB_FORMAT_VERSION) {
    return fail({
      kind: 'wrong',
      field: 'version',
      label: `${label}, version`,
      actual: String(version),
      expected: `${JOB_FORMAT_VERSION} at most: the file was written by a newer version of this application`,
    });
  }
  const parsed = check(jobFileSchema, data, label);
  if (!parsed.ok) return parsed;
  const written = (data as { content: JobContent }).content;
  const texts = textsOf(written.record);
  const problems = contentProblems(parsed.value.content, written.record, texts);
  if (problems.length > 0) return fail(...problems);
  // The checksum is that of the file as it was written: defaults of later days are no part of it.
  if (contentChecksum(written, texts) !== parsed.value.checksum) {
    return fail({
      kind: 'wrong',
      field: 'checksum',
      label: `${label}, checksum`,
      actual: parsed.value.checksum.slice(0, 16),
      expected: 'the checksum of the content: the file was changed after it was written',
    });
  }
  return ok(parsed.value);
}

/** Text of a job file to a job. A file cut short is told from one that is something else. */
export function readJobFile(text: string): Result<JobFile> {
  const json = readJson(text, 'The job file');
  return json.ok ? checkJobFile(json.value) : json;
}
