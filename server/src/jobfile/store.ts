/** A whole job in and out of the database, in one transaction. */
import type { BuildUpDoc } from '@lentum/core/buildup';
import type { JobHead } from '@lentum/core/job';
import { withTestsBroughtOver, writeJobFile, type JobContent, type JobFile } from '@lentum/core/jobfile';
import type { OrderDoc } from '@lentum/core/order';
import { programmeSchema } from '@lentum/core/planning';
import { provingSchema } from '@lentum/core/proving';
import { canonicalJson } from '@lentum/core/record';
import type { SiteDoc } from '@lentum/core/site';
import type { Survey } from '@lentum/core/survey';
import { keptSeries, weatherDocSchema } from '@lentum/core/weather';
import { readDocuments, writeDocument } from '../db/documents.ts';
import { transaction, type Db, type Pool } from '../db/pool.ts';
import { HttpProblem, notFound } from '../http/errors.ts';
import { readPapers, storePaper } from '../papers/store.ts';
import { addPeople, peopleOf } from '../people/store.ts';
import { insertJob } from '../jobs/routes.ts';
import { readPicture, storePicture } from '../pictures/store.ts';
import { insertEntries, wholeRecord } from '../record/store.ts';
import { knownOf } from '../sealed/known.ts';
import { insertSeries, readSeries } from '../weather/store.ts';

/** A file is one text, and has to be read again: more than this of pictures does not go into it. */
const MOST_PICTURE_BYTES = 60_000_000;

/** The picture below the plan, and those of entries, the newest first, as far as there is room. */
async function picturesOf(
  db: Db,
  jobId: string,
  underlay: string | undefined,
  record: JobContent['record'],
): Promise<Pick<JobContent, 'pictures' | 'picturesLeftOut'>> {
  const attached = record.flatMap(({ entry }) => ('form' in entry ? entry.attachments : [])).reverse();
  const wanted = new Set([...(underlay === undefined ? [] : [underlay]), ...attached]);
  const pictures: JobContent['pictures'] = [];
  const picturesLeftOut: string[] = [];
  let room = MOST_PICTURE_BYTES;
  for (const id of wanted) {
    const picture = await readPicture(db, jobId, id);
    // One that is still on its way from a device is not here: the entry names it.
    if (!picture) continue;
    if (picture.content.length > room) {
      picturesLeftOut.push(id);
      continue;
    }
    room -= picture.content.length;
    pictures.push({ id, base64: picture.content.toString('base64') });
  }
  return { pictures, picturesLeftOut };
}

async function readContent(db: Db, jobId: string): Promise<JobContent> {
  const docs = await readDocuments(db, jobId);
  const body = <T>(kind: Parameters<typeof docs.get>[0]): T => {
    const doc = docs.get(kind);
    if (!doc) throw notFound('Job', jobId);
    return doc.body as T;
  };
  const record = await wholeRecord(db, jobId);
  const survey = body<Survey>('survey');
  const named = survey.underlay?.fileId;
  const { pictures, picturesLeftOut } = await picturesOf(db, jobId, named, record);
  const buildUp = body<BuildUpDoc>('build-up');
  return {
    job: body<JobHead>('job'),
    survey,
    buildUp,
    order: body<OrderDoc>('order'),
    programme: programmeSchema.parse(body('programme')),
    proving: provingSchema.parse(body('proving')),
    site: body<SiteDoc>('site'),
    weather: weatherDocSchema.parse(body('weather')),
    weatherSeries: keptSeries(await readSeries(db, jobId, 0)),
    record,
    people: await peopleOf(db, record),
    pictures,
    picturesLeftOut,
    papers: await readPapers(db, buildUp.buildUps),
  };
}

/** One state of the job: read in a snapshot, so that a write between two reads cannot mix versions. */
export const exportJob = (pool: Pool, jobId: string, now: Date): Promise<JobFile> =>
  transaction(pool, async (db) => {
    await db.query('SET TRANSACTION ISOLATION LEVEL REPEATABLE READ, READ ONLY');
    return writeJobFile(await readContent(db, jobId), now.toISOString());
  });

/** What makes two jobs the same: names of people may be other ones here. */
const sameJob = (content: JobContent): string => canonicalJson({ ...content, people: [] });

/**
 * Stores a job under an id, whole or not at all. The same content sent twice to one id is stored once. Tests that its
 * survey still holds are brought over into its record.
 * @param standing called in the same transaction once all of it is written; where it fails, nothing of it is stored
 * @returns whether it was there already, and what is to be known of its record
 * @throws HttpProblem 409 where another job has this id, or where the record is a changed one of what was signed here
 */
export const importJob = (
  pool: Pool,
  jobId: string,
  given: JobContent,
  now: Date,
  standing: (db: Db) => Promise<void> = () => Promise.resolve(),
): Promise<{ readonly fresh: boolean; readonly says?: string | undefined }> =>
  transaction(pool, async (db) => {
    const content = withTestsBroughtOver(given);
    if (!(await insertJob(db, jobId, content.job, now))) {
      await standing(db);
      if (sameJob(await readContent(db, jobId)) === sameJob(content)) return { fresh: false };
      throw new HttpProblem(409, 'There is another job under this id');
    }
    const { refused, says } = await knownOf(db, content.record);
    await writeDocument(db, jobId, 'survey', 1, content.survey);
    await writeDocument(db, jobId, 'build-up', 1, content.buildUp);
    await writeDocument(db, jobId, 'order', 1, content.order);
    await writeDocument(db, jobId, 'programme', 1, content.programme);
    await writeDocument(db, jobId, 'proving', 1, content.proving);
    await writeDocument(db, jobId, 'site', 1, content.site);
    await writeDocument(db, jobId, 'weather', 1, content.weather);
    for (const s of keptSeries(content.weatherSeries)) await insertSeries(db, jobId, s);
    for (const p of content.pictures) await storePicture(db, jobId, p.id, Buffer.from(p.base64, 'base64'));
    for (const p of content.papers) await storePaper(db, p.sha256, Buffer.from(p.base64, 'base64'));
    await addPeople(db, content.people);
    await insertEntries(db, jobId, content.record);
    await standing(db);
    // A file that is none says so first.
    if (refused !== undefined) throw new HttpProblem(409, refused);
    return { fresh: true, says };
  });
