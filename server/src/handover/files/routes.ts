/** All that is handed over of a roof as one ZIP of open files, with a manifest of hashes and a page that checks them. */
import { readFileSync } from 'node:fs';
import type { Writable } from 'node:stream';
import { withoutPrices } from '@lentum/core/access';
import { handoverOf, openFiles } from '@lentum/core/handover';
import { pdfName, type Printout } from '@lentum/core/printout';
import { chainProblem, GENESIS_HASH, type StoredEntry } from '@lentum/core/record';
import { unwrap } from '../../compute/helpers.ts';
import { atThread } from '../../compute/runs.ts';
import { asking } from '../../compute/threads.ts';
import { route } from '../../http/routes.ts';
import { readPicture } from '../../pictures/store.ts';
import { drawnPdf, sheetOf } from '../../printout/routes.ts';
import { taskKind } from '../../tasks/kinds.ts';
import { csvOf } from '../../http/tabletext.ts';
import { recordCsv } from '../../record/csv.ts';
import { paperAsked, type Making, type PaperAsked } from '../making.ts';
import { signedOf, stateOf, type Asked } from '../snapshot.ts';
import { Pack } from './pack.ts';

const CHECK = readFileSync(new URL('./check.html', import.meta.url), 'utf8');

interface Made {
  readonly printout: Printout;
  readonly texts: readonly { readonly name: string; readonly text: string }[];
}

const json = (value: unknown): string => `${JSON.stringify(value, null, 2)}\n`;

atThread('handover files', (asked: Asked): Made => {
  const { head, record, people, inputs, zoneId, receipt } = asked;
  const { state, asked: proving } = stateOf(asked);
  const last = record.at(-1);
  const printout = unwrap(
    handoverOf({ head, state, last, chain: chainProblem(record), zoneId, asked: proving, receipt }),
  );
  const { survey, buildUps, site, weather } = inputs;
  return {
    printout,
    texts: [
      ...openFiles(head, state, zoneId, proving).map((f) => ({
        name: f.name,
        text: 'json' in f ? json(f.json) : csvOf(f.columns, f.rows),
      })),
      // The chain is that of the whole job: a part of it could not be checked.
      { name: 'record.json', text: json(record) },
      { name: 'record.csv', text: recordCsv({ entries: record, people, buildUps, site }) },
      { name: 'people.json', text: json(people) },
      ...Object.entries({
        job: head,
        survey,
        'build-up': withoutPrices(buildUps),
        site,
        weather,
        proving,
      }).map(([name, body]) => ({ name: `job/${name}.json`, text: json(body) })),
    ],
  };
});

/** Pictures of entries of a zone, each once, with the number of the first entry that it belongs to. */
function picturesOf(record: readonly StoredEntry[], zoneId: string): Map<string, number> {
  const found = new Map<string, number>();
  for (const { seq, entry } of record)
    if ('form' in entry && entry.zoneId === zoneId)
      for (const sha of entry.attachments) if (!found.has(sha)) found.set(sha, seq);
  return found;
}

/** Said after each so many pictures. */
const SAID_EACH = 10;

/**
 * Everything that is handed over of a roof, packed while it goes out.
 * @param out where it goes, once its name is known
 */
async function packHandover(
  { context, jobId, ask, tell }: Making,
  query: PaperAsked,
  out: (name: string) => Writable,
): Promise<void> {
  await tell?.(0.02, 'The record is read.');
  const job = await signedOf(context, jobId, query);
  const { nowMs } = job.inputs;
  const { printout, texts } = await ask.value<Made>('handover files', job);
  await tell?.(0.2, 'The PDF is drawn.');
  const pdf = await drawnPdf(ask, printout, sheetOf(query), { db: context.pool, jobId });
  const pack = new Pack(out(pdfName(printout.title).replace(/\.pdf$/, '.zip')), new Date(nowMs));
  await tell?.(0.6, 'The files are packed.');
  await pack.add('handover.pdf', pdf, true);
  for (const { name, text } of texts) await pack.add(name, text);
  const missing: string[] = [];
  const pictures = [...picturesOf(job.record, query.zone)];
  for (const [i, [sha256, seq]] of pictures.entries()) {
    const picture = await readPicture(context.pool, jobId, sha256);
    // One that is still on its way from a device: the entry names it.
    if (!picture) missing.push(sha256);
    else {
      const kind = picture.mediaType === 'image/png' ? 'png' : 'jpg';
      await pack.add(`pictures/entry-${seq}-${sha256.slice(0, 12)}.${kind}`, picture.content, true);
    }
    if (i % SAID_EACH === SAID_EACH - 1)
      await tell?.(0.6 + (0.35 * i) / pictures.length, `Picture ${i + 1} of ${pictures.length} is packed.`);
  }
  if (job.receipt) await pack.add('receipt.json', json(job.receipt));
  await pack.add('check.html', CHECK);
  const last = job.record.at(-1);
  await pack.end({
    ...{ job: job.head.name, roof: query.zone, made: new Date(nowMs).toISOString() },
    draft: printout.draft ?? null,
    seal: { entries: last?.seq ?? 0, head: last?.hash ?? GENESIS_HASH },
    picturesMissing: missing,
  });
}

export const handoverFilesRoutes = [
  route({
    method: 'get',
    path: '/jobs/{jobId}/handover.zip',
    access: 'read job',
    tag: 'Handover',
    summary:
      'The handover of a roof as a ZIP of open files: PDF, JSON, CSV, GeoJSON, pictures, a manifest of SHA-256 hashes and a page that checks them',
    query: paperAsked,
    answerType: 'application/zip',
    run: ({ params, query, context, res }) =>
      packHandover({ context, jobId: params['jobId'] ?? '', ask: asking(res) }, query, (name) =>
        res.attachment(name).type('application/zip'),
      ),
  }),
];

taskKind('handover zip', (work) =>
  packHandover(
    { context: work, jobId: work.jobId ?? '', ask: work.ask, tell: work.tell },
    paperAsked.parse(work.asked),
    (name) => work.file(name, 'application/zip'),
  ),
);
