/** Entries of the second form, made short: what a test does not say is filled in. */
import { DEMO_ANCHOR, velmora } from '@lentum/demo';
import {
  EMPTY_BOOK,
  foldRecord,
  link,
  namesOf,
  type Body,
  type Entry,
  type EntryForm,
  type Kind,
  type StoredEntry,
} from '@lentum/core/record';

export const now = Date.parse(DEMO_ANCHOR);
export const job = velmora(new Date(DEMO_ANCHOR));
export const names = namesOf(job.people);
export const book = foldRecord(EMPTY_BOOK, job.record, names);
export const bay = (label: string) => job.site.bays.find((b) => b.label === label)!;
export const ago = (hours: number): string => new Date(now - hours * 3_600_000).toISOString();

export interface Envelope {
  readonly id?: string;
  readonly zoneId?: string;
  readonly bays?: readonly string[];
  readonly shares?: readonly number[];
  readonly supersedes?: string;
  readonly offsetMs?: number;
  readonly madeAt?: string;
}

/** An entry of Ines, on bays by their labels. */
export function make<K extends Kind>(kind: K, body: Body<K>, where: Envelope = {}): Entry {
  const {
    id = `made-${kind.replace(' ', '-')}`,
    bays = [],
    shares = [],
    madeAt = DEMO_ANCHOR,
    ...rest
  } = where;
  const named = bays.map((label, i) => ({ bayId: bay(label).id, share: shares[i] ?? 1 }));
  const zoneId = rest.zoneId ?? (bays[0] === undefined ? undefined : bay(bays[0]).zoneId);
  return {
    ...{ form: 2, id, kind, version: 1, personId: 'velmora-ines', deviceId: 'test', madeAt },
    ...(zoneId === undefined ? {} : { zoneId }),
    bays: named,
    attachments: [],
    ...(rest.supersedes === undefined ? {} : { supersedes: rest.supersedes }),
    ...(rest.offsetMs === undefined ? {} : { offsetMs: rest.offsetMs }),
    body,
  } as unknown as Entry;
}

/** The demo's record with more entries behind it. */
export function recordWith(...more: readonly EntryForm[]): StoredEntry[] {
  const record = [...job.record];
  for (const entry of more) record.push(link(record.at(-1), entry, DEMO_ANCHOR));
  return record;
}
export const bookWith = (...more: readonly EntryForm[]) => foldRecord(EMPTY_BOOK, recordWith(...more), names);

/** The coat of a layer that lies on a bay. */
export const coatIdOn = (label: string, layerId: string): string =>
  book.bays.get(bay(label).id)!.coats.findLast((c) => c.layerId === layerId)!.id;

/** A body of each kind that can be taken, on the hall, the garden or the job. */
export const SAMPLES: { [K in Kind]: { readonly body: Body<K>; readonly where: Envelope } } = {
  conditions: { body: { at: ago(1), airC: 12, humidityPct: 70, surfaceC: 11 }, where: { zoneId: 'hall' } },
  preparation: {
    body: {
      ...{
        at: ago(1),
        startedAt: ago(2),
        steps: ['wash', 'grind'],
        complete: false,
        method: 'turning nozzle',
      },
      ...{ tip: '0.43 mm', pressureBar: 300, product: 'wash', waterParts: 9, litres: 4, dwellMin: 15 },
      ...{ dryingFrom: ago(1), note: 'rinsed' },
    },
    where: { bays: ['H12'] },
  },
  test: {
    body: {
      ...{ at: ago(1), test: 'moisture', instrument: 'meter', value: 4.1, scale: 'scale of the meter' },
      unprimed: false,
    },
    where: { zoneId: 'hall' },
  },
  trial: {
    body: {
      ...{ at: ago(2), about: 'fill rate', layerId: 'first', judgedAt: ago(1), result: 'good' },
      ...{
        decidedBy: 'Marek',
        areaM2: 1,
        litres: 1.5,
        thickenerPct: 10,
        shade: 'grey',
        tip: '0.4',
        pressureBar: 180,
      },
    },
    where: { zoneId: 'hall' },
  },
  coat: {
    body: {
      ...{ buildUpId: 'reinforced-polyurethane', revision: 1, layerId: 'second' },
      ...{
        startedAt: ago(2),
        finishedAt: ago(1),
        gauge: 'middle',
        method: 'rolled',
        shade: 'grey',
        passes: 2,
      },
      containers: [{ containerId: 'pail-25', opened: 2, batch: 'F-2240' }],
      leftOver: { basis: 'mass', value: 20 },
      readings: [
        { bayId: 'hall-5', lastWetMm: [0.8, 0.9] },
        { bayId: 'hall-6', lastWetMm: [0.9] },
      ],
      dilutionPct: 5,
    },
    where: { bays: ['H5', 'H6'] },
  },
  ply: {
    body: {
      ...{ buildUpId: 'self-adhered-two-ply', revision: 1, layerId: 'cap' },
      ...{ startedAt: ago(2), finishedAt: ago(1), used: 3, batch: 'C-9914', looked: true },
    },
    where: { bays: ['W2'] },
  },
  broadcast: {
    body: {
      ...{ step: 'thrown', buildUpId: 'methacrylate-terrace', revision: 1, layerId: 'quartz' },
      ...{ at: ago(1), method: 'to refusal', bags: 4, thrownKg: 100, batch: 'Q-5521' },
    },
    where: { bays: ['T5', 'T6'] },
  },
  mix: {
    body: {
      ...{ buildUpId: 'methacrylate-terrace', revision: 1, layerId: 'primer', at: ago(2), placedAt: ago(1) },
      parts: [{ name: 'Resin', kg: 10, batch: 'M-0877' }],
      ...{ catalystPct: 3, resinC: 15, surfaceC: 12, airC: 13, stirredMin: 2 },
    },
    where: { zoneId: 'terrace' },
  },
  melt: {
    body: {
      ...{
        buildUpId: 'hot-rubberised',
        revision: 1,
        layerId: 'first',
        charge: 3,
        litAt: ago(20),
        offAt: ago(18),
      },
      temperatures: [{ at: ago(19), kettleC: 190, layingC: 182 }],
      ...{ blocks: 16, chargedKg: 288, drawnKg: 200, leftKg: 88, batch: 'K-6610' },
    },
    where: { zoneId: 'garden' },
  },
  permit: {
    body: {
      ...{ step: 'opened', at: ago(1), number: '32', issuedBy: 'Marek', work: 'torching', until: ago(-7) },
    },
    where: { zoneId: 'workshop' },
  },
  watch: {
    body: { step: 'opened', at: ago(1), watcher: 'Ines', until: ago(0), extinguisher: true },
    where: { zoneId: 'garden' },
  },
  'dry film': {
    body: {
      ...{ at: ago(1), gauge: 'magnetic', instrument: 'gauge', ground: 'steel', when: 'after', zeroUm: 1 },
      ...{ shims: [{ nominalUm: 250, readUm: 251 }], readingsUm: [400, 420] },
    },
    where: { zoneId: 'canopy' },
  },
  gauge: { body: { name: 'Comb', marked: 'mil', teethMm: [0.0254, 0.0508, 0.0762] }, where: {} },
  flood: {
    body: {
      ...{ step: 'filled', at: ago(1), deepestMm: 50, levelMm: 40, panMm: 30, plugged: 2, hours: 48 },
      note: 'mark at the stair',
    },
    where: { zoneId: 'garden' },
  },
  'leak test': {
    body: {
      ...{ at: ago(1), method: 'spark', instrument: 'detector', volts: 6000 },
      finds: ['corner by the stair', 'outlet 2'],
    },
    where: { bays: ['H1'] },
  },
  snag: {
    body: { step: 'found', at: ago(1), what: 'a pinhole', forWhom: 'Ines', by: '2027-05-01' },
    where: { bays: ['H5'] },
  },
  upkeep: {
    body: {
      ...{ step: 'visit', at: ago(1), done: ['looked at', 'washed'] },
      ...{ details: [], topUm: [310, 290], note: 'a seam lifts at the stair' },
    },
    where: { zoneId: 'hall' },
  },
  event: {
    body: { at: ago(1), what: 'rain', until: ago(0.5), rainMm: 2, note: 'a shower' },
    where: { bays: ['H6'] },
  },
  opening: { body: { at: ago(1), to: 'feet', step: 'opened' }, where: { bays: ['H1', 'H2'] } },
  decision: { body: { at: ago(1), what: 'held', reason: 'a blister' }, where: { bays: ['H5'] } },
  detail: {
    body: { at: ago(1), detailId: 'corner-1', name: 'Internal corner', step: 'accepted' },
    where: { zoneId: 'hall' },
  },
  remedy: {
    body: {
      ...{
        at: ago(0.5),
        entryId: coatIdOn('H8', 'primer'),
        limit: 'overcoatUntil',
        litres: 3,
        batch: 'P-0417',
      },
      steps: [{ n: 0, says: 'Abrade.' }],
    },
    where: { bays: ['H8'] },
  },
  stock: {
    body: {
      ...{
        at: ago(1),
        step: 'came',
        item: 'resin',
        name: 'Polyurethane resin',
        count: 4,
        amount: 100,
        unit: 'kg',
      },
      ...{ batch: 'F-2250', bestBefore: '2027-05-01', paper: 'note 122' },
    },
    where: {},
  },
  withdrawal: {
    body: { reason: 'entered twice' },
    where: { supersedes: job.record.find((s) => s.entry.kind === 'coat')!.entry.id },
  },
};
export const sample = <K extends Kind>(
  kind: K,
  change: Record<string, unknown> = {},
  where: Envelope = {},
): Entry => {
  const { body, where: usual } = SAMPLES[kind];
  return make(kind, { ...body, ...change } as unknown as Body<K>, { ...usual, ...where });
};
