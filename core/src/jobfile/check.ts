/** Data that claims to be a job file: a job, or every reason why it is none. */
import { buildUpDocProblems } from '../buildup/index.ts';
import { papersLeftOut } from '../library/index.ts';
import { programmeProblems } from '../planning/index.ts';
import { provingProblems } from '../proving/index.ts';
import { check, fail, ok, type Problem, type Result } from '../problems/index.ts';
import { isSecondForm } from '../record/index.ts';
import { siteProblems } from '../site/index.ts';
import { readJson, surveyProblems } from '../survey/index.ts';
import { contentChecksum } from './checksum.ts';
import { allHaveForm, recordCheck } from './entries.ts';
import { JOB_FORMAT, JOB_FORMAT_VERSION, jobFileSchema, type JobContent, type JobFile } from './schema.ts';

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

/** What is wrong with the documents of a job, each by its own rules, and with what goes with them. */
const documentProblems = (content: JobContent): Problem[] => [
  ...surveyProblems(content.survey),
  ...buildUpDocProblems(content.buildUp),
  ...programmeProblems(content.programme),
  ...provingProblems(content.proving),
  ...siteProblems(content.site, content.survey),
  ...pictureProblems(content),
  ...peopleProblems(content),
  ...papersLeftOut(content.buildUp.buildUps, content.papers),
];

const LABEL = 'The job file';

/**
 * The same as a check of the whole by its schema. Reading an entry changes nothing in it, so that a record of a form that is
 * right is taken as it is, and not copied: of a large file that takes most of the time.
 */
function read(data: unknown): Result<JobFile> {
  const content = (data as { content?: unknown }).content as { record?: unknown } | null | undefined;
  const record: unknown = content?.record;
  if (Array.isArray(record) && allHaveForm(record)) {
    const rest = check(jobFileSchema, { ...(data as object), content: { ...content, record: [] } }, LABEL);
    return rest.ok
      ? ok({ ...rest.value, content: { ...rest.value.content, record: record as JobContent['record'] } })
      : rest;
  }
  return check(jobFileSchema, data, LABEL);
}

/** Data that claims to be a job file to a job, or every reason why it is none. Nothing is half read. */
export function checkJobFile(data: unknown): Result<JobFile> {
  const format = (data as { format?: unknown } | null)?.format;
  if (format !== JOB_FORMAT) {
    return fail({
      kind: 'wrong',
      field: 'format',
      label: `${LABEL}, format`,
      actual: format === undefined ? 'none' : String(format).slice(0, 40),
      expected: `“${JOB_FORMAT}”: a file that this application has written`,
    });
  }
  const version = (data as { version?: unknown }).version;
  if (typeof version === 'number' && version > JOB_FORMAT_VERSION) {
    return fail({
      kind: 'wrong',
      field: 'version',
      label: `${LABEL}, version`,
      actual: String(version),
      expected: `${JOB_FORMAT_VERSION} at most: the file was written by a newer version of this application`,
    });
  }
  const parsed = read(data);
  if (!parsed.ok) return parsed;
  const { content } = parsed.value;
  const record = recordCheck(content);
  // The checksum is that of the file as it was written: defaults of later days are no part of it.
  const checksum = contentChecksum((data as { content: JobContent }).content, record.next);
  const problems = [...documentProblems(content), ...record.problems()];
  if (problems.length > 0) return fail(...problems);
  if (checksum !== parsed.value.checksum) {
    return fail({
      kind: 'wrong',
      field: 'checksum',
      label: `${LABEL}, checksum`,
      actual: parsed.value.checksum.slice(0, 16),
      expected: 'the checksum of the content: the file was changed after it was written',
    });
  }
  return ok(parsed.value);
}

/** Text of a job file to a job. A file cut short is told from one that is something else. */
export function readJobFile(text: string): Result<JobFile> {
  const json = readJson(text, LABEL);
  return json.ok ? checkJobFile(json.value) : json;
}
