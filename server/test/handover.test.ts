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

/** The job as its documents hold it, as far as it is read here. */
interface RawBay {
  readonly id: string;
  readonly zoneId: string;
  readonly parts: readonly { readonly outer: [number, number][]; readonly holes?: [number, number][][] }[];
}
interface RawBuildUp {
  readonly id: string;
  readonly revision: number;
  readonly layers: readonly {
    readonly id: string;
    readonly name: string;
    readonly densityKgPerL: { readonly value: number };
    readonly containers: readonly { readonly id: string; readonly net: number; readonly basis: string }[];
  }[];
}
interface RawCoat {
  readonly form: number;
  readonly id: string;
  readonly kind: string;
  readonly supersedes?: string;
  readonly bays: readonly { readonly bayId: string; readonly share: number }[];
  readonly body: {
    readonly buildUpId: string;
    readonly revision: number;
    readonly layerId: string;
    readonly containers: readonly { readonly containerId: string; readonly opened: number }[];
    readonly leftOver: { readonly value: number; readonly basis: string };
    readonly readings: readonly { readonly bayId: string; readonly lastWetMm: number[] }[];
  };
}
/** By the shoelace. */
const ringOf = (ring: readonly [number, number][]): number =>
  Math.abs(
    ring.reduce((sum, [x, y], i) => {
      const [u, v] = ring[(i + 1) % ring.length] ?? [0, 0];
      return sum + (x * v - u * y) / 2;
    }, 0),
  );
const areaOf = ({ outer, holes = [] }: RawBay['parts'][number]): number =>
  ringOf(outer) - holes.reduce((sum, h) => sum + ringOf(h), 0);

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

  it('has on paper, coat by coat, what the entries of the record come to by other arithmetic', async () => {
    const job = await importDemo();
    const get = async <T>(what: string): Promise<T> => (await api.get(`${V1}/jobs/${job}/${what}`)).body as T;
    const site = await get<{ bays: RawBay[] }>('site');
    const { buildUps } = await get<{ buildUps: RawBuildUp[] }>('build-up');
    const { entries } = await get<{ entries: { entry: RawCoat }[] }>('record?limit=2000');
    const hall = new Map(site.bays.filter((b) => b.zoneId === 'hall').map((b) => [b.id, b]));
    const gone = new Set(entries.map((e) => e.entry.supersedes));
    const laid = entries
      .map((e) => e.entry)
      .filter((e) => e.form === 2 && e.kind === 'coat' && !gone.has(e.id));
    const expected = laid.flatMap((e) => {
      const layer = buildUps
        .find((b) => b.id === e.body.buildUpId && b.revision === e.body.revision)
        ?.layers.find((l) => l.id === e.body.layerId);
      if (!layer) return [];
      const litres = (value: number, basis: string): number =>
        basis === 'mass' ? value / layer.densityKgPerL.value : value;
      const opened = e.body.containers.reduce((sum, c) => {
        const kind = layer.containers.find((k) => k.id === c.containerId);
        return sum + (kind ? c.opened * litres(kind.net, kind.basis) : Number.NaN);
      }, 0);
      const used = opened - litres(e.body.leftOver.value, e.body.leftOver.basis);
      const shares = e.bays.reduce((sum, b) => sum + b.share, 0);
      return e.bays.flatMap(({ bayId, share }) => {
        const bay = hall.get(bayId);
        if (!bay) return [];
        const own = (used * share) / shares;
        const read = e.body.readings.find((r) => r.bayId === bayId)?.lastWetMm.length ?? 0;
        // A litre on a square metre stands a millimetre high.
        const film = own / bay.parts.reduce((sum, part) => sum + areaOf(part), 0);
        return [
          `${layer.name} | ${own.toFixed(1)} L | ${film.toFixed(2)} mm | ${read > 0 ? `(${read})` : 'none'}`,
        ];
      });
    });
    expect(expected.length).toBeGreaterThan(15);
    const pages = await readPdf(bytes(await pdf(`${V1}/jobs/${job}/handover.pdf?zone=hall`).expect(200)));
    const printed = pages.flatMap(({ runs }) => {
      const lines = new Map<number, string[]>();
      for (const r of [...runs].sort((a, b) => a.x - b.x))
        lines.set(Math.round(r.y), [...(lines.get(Math.round(r.y)) ?? []), r.text.replaceAll('\u00a0', ' ')]);
      return [...lines.values()].map((cells) => cells.join(' '));
    });
    const names = [...new Set(expected.map((x) => x.split(' | ')[0] ?? ''))];
    const rows = printed.flatMap((text) => {
      const name = names.find((n) => text.startsWith(n));
      const figures = /([\d.]+ L) ([\d.]+ mm) (none|[\d.]+ mm (\(\d+\)))$/.exec(text);
      return name && figures ? [`${name} | ${figures[1]} | ${figures[2]} | ${figures[4] ?? 'none'}`] : [];
    });
    expect(rows.sort()).toEqual(expected.sort());
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
