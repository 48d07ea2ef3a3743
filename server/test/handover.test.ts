/** The handover of a roof, read back out of its PDF and held against the record. */
import { writeFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { printoutLines, printoutSchema } from '@lentum/core/printout';
import type { StoredEntry } from '@lentum/core/record';
import { api, detail, importDemo, V1 } from './support/api.ts';
import { bytesOf } from './support/bytes.ts';
import { bare, readPdf, textOf } from '../../scripts/lib/readpdf.ts';

const bytes = (r: { body: unknown }): Uint8Array => r.body as Uint8Array;
const pdf = (address: string) => api.get(address).buffer(true).parse(bytesOf);

describe('the handover of a roof', () => {
  it('says the same as PDF and as blocks; the head of the chain stands on each page', async () => {
    const job = await importDemo();
    const at = '2026-05-14T09:00:00Z';
    const told = printoutSchema.parse(
      (await api.get(`${V1}/jobs/${job}/handover?zone=hall&at=${at}`).expect(200)).body,
    );
    const answer = await pdf(
      `${V1}/jobs/${job}/handover.pdf?zone=hall&at=${at}&size=Letter&landscape=true`,
    ).expect(200);
    expect(answer.headers['content-type']).toBe('application/pdf');
    if (process.env['KEEP_PDF']) writeFileSync('/tmp/handover.pdf', bytes(answer));
    const pages = await readPdf(bytes(answer));
    const all = textOf(pages);
    for (const said of printoutLines(told)) expect(all).toContain(bare(said));

    const { entries } = (await api.get(`${V1}/jobs/${job}/record?limit=2000`).expect(200)).body as {
      entries: StoredEntry[];
    };
    const last = entries.at(-1);
    expect(last).toBeDefined();
    for (const p of pages) {
      expect(p.widthPt).toBeCloseTo(792, 1);
      expect(textOf([p])).toContain(bare(`${last?.seq} entries, head ${last?.hash.slice(0, 16) ?? ''}`));
      expect(textOf([p])).toContain(bare('Draft: not everything is proven'));
    }
    expect(textOf(pages.slice(-1))).toContain(last?.hash ?? 'no entries');

    // Every entry of the roof has a line of its own, by its number.
    const table = told.blocks.findLast((b) => b.kind === 'table');
    const bays = new Set(
      (
        (await api.get(`${V1}/jobs/${job}/site`).expect(200)).body as {
          bays: { id: string; zoneId: string }[];
        }
      ).bays
        .filter((b) => b.zoneId === 'hall')
        .map((b) => b.id),
    );
    const numbers = new Set(table?.kind === 'table' ? table.rows.map((r) => r.cells[0]) : []);
    const here = entries.filter(
      ({ entry }) =>
        ('zoneId' in entry && entry.zoneId === 'hall') ||
        ('bays' in entry && entry.bays.some((b) => bays.has(b.bayId))) ||
        ('bayId' in entry && bays.has(String(entry.bayId))),
    );
    expect(here.length).toBeGreaterThan(20);
    for (const e of here) expect([...numbers]).toContain(String(e.seq));
  });

  it('of a roof that is not there, or on a sheet that nobody has, is refused in a sentence', async () => {
    const job = await importDemo();
    expect(detail(await api.get(`${V1}/jobs/${job}/handover?zone=attic`).expect(422))).toContain(
      'expected a zone of the survey',
    );
    expect(detail(await api.get(`${V1}/jobs/${job}/handover.pdf?zone=hall&size=B5`).expect(400))).toContain(
      'B5',
    );
    await api.get(`${V1}/jobs/no-such-job/handover.pdf?zone=hall`).expect(404);
  });
});
