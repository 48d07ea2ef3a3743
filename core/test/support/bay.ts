/** One bay of 10 m² under the reinforced polyurethane, with a record of its own, at a held clock. */
import { catalogue, isCoat, type BuildUpDoc, type Coat } from '@lentum/core/buildup';
import {
  bayStatus,
  EMPTY_BOOK,
  foldRecord,
  link,
  type BayStatus,
  type EntryForm,
  type StoredEntry,
} from '@lentum/core/record';

export const NOW = Date.parse('2026-05-12T09:30:00Z');
export const HOUR = 3_600_000;
export const at = (hours: number): string => new Date(NOW + hours * HOUR).toISOString();

export const polyurethane = catalogue()[0]!;
export const coats = polyurethane.layers.filter(isCoat) as [Coat, Coat, Coat];
const doc: BuildUpDoc = {
  buildUps: [polyurethane],
  zones: [{ zoneId: 'hall', buildUpId: polyurethane.id, revision: 1, conditions: [], choices: {} }],
};

export const BAY_ID = 'own';
const OUTER: [number, number][] = [
  [0, 0],
  [5, 0],
  [5, 2],
  [0, 2],
];

/** An entry of the first form in part: bays were once told of in no other. */
export type EntryPart = Record<string, unknown>;

/** The bay's state now, from entries given in part; what they leave out is filled in. */
export function statusOf(label: string, ...entries: EntryPart[]): BayStatus {
  const bay = { id: BAY_ID, zoneId: 'hall', label, parts: [{ outer: OUTER, holes: [] }] };
  const record: StoredEntry[] = [];
  entries.forEach((e, i) =>
    record.push(
      link(record.at(-1), { id: `e${i}`, madeAt: at(0), who: 'Ines', ...e } as unknown as EntryForm, at(0)),
    ),
  );
  return bayStatus(bay, doc, foldRecord(EMPTY_BOOK, record), NOW);
}

export const reading = (hours: number, surfaceC = 20): EntryPart => ({
  kind: 'conditions',
  zoneId: 'hall',
  at: at(hours),
  airC: 18,
  humidityPct: 50,
  surfaceC,
});

export const step = (kind: string, hours: number, note = ''): EntryPart => ({
  kind: 'step',
  bayId: BAY_ID,
  step: kind,
  at: at(hours),
  note,
});
