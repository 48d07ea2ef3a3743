/** The record as a flat table, for CSV. Metric, instants in UTC; one row an entry, in order. */
import { findBuildUp, type BuildUpDoc } from '../buildup/index.ts';
import { bayAreaFigure, type SiteDoc } from '../site/index.ts';
import { coatOf, layerLaid } from './entryrules.ts';
import { EMPTY_BOOK, foldRecord } from './fold.ts';
import { judgeCoat } from './judge.ts';
import type { StoredEntry } from './schema.ts';
import { bayStatus } from './status.ts';

export const RECORD_COLUMNS = [
  'seq',
  'received_at',
  'id',
  'supersedes',
  'in_force',
  'kind',
  'who',
  'made_at',
  'zone_id',
  'bay',
  'step',
  'layer',
  'started_at',
  'finished_at',
  'containers',
  'left_over',
  'left_over_unit',
  'batches',
  'readings_last_wet_mm',
  'area_m2',
  'used_l',
  'film_consumption_mm',
  'film_readings_mm',
  'design_wet_mm',
  'outcome',
  'missing_l',
  'air_c',
  'humidity_pct',
  'surface_c',
  'note',
  'hash',
] as const;

type Row = Partial<Record<(typeof RECORD_COLUMNS)[number], string | number>>;

const round = (v: number): number => Number(v.toFixed(3));

/** One row for each entry, in the order of `RECORD_COLUMNS`. */
export function recordTable(
  entries: readonly StoredEntry[],
  doc: BuildUpDoc,
  site: SiteDoc,
): (string | number)[][] {
  const superseded = new Set(
    entries.flatMap(({ entry }) => (entry.supersedes === undefined ? [] : [entry.supersedes])),
  );
  const bays = new Map(site.bays.map((b) => [b.id, b]));
  const book = foldRecord(EMPTY_BOOK, entries);
  // Coats in force are judged as the site shows them, superseded ones by themselves.
  const inForce = new Map(
    site.bays.flatMap((b) =>
      bayStatus(b, doc, book, Number.MAX_SAFE_INTEGER).laid.map((l) => [l.entry.id, l.judgement] as const),
    ),
  );
  return entries.map(({ seq, receivedAt, hash, entry }) => {
    const row: Row = {
      seq,
      received_at: receivedAt,
      id: entry.id,
      supersedes: entry.supersedes ?? '',
      kind: entry.kind,
      who: entry.who,
      made_at: entry.madeAt,
      in_force: superseded.has(entry.id) || entry.kind === 'withdrawal' ? 'no' : 'yes',
      hash,
    };
    const bay = 'bayId' in entry && entry.bayId !== undefined ? bays.get(entry.bayId) : undefined;
    if (bay) Object.assign(row, { bay: bay.label, zone_id: bay.zoneId });
    if (entry.kind === 'conditions') {
      const { zoneId, airC, humidityPct, surfaceC, at } = entry;
      Object.assign(row, {
        zone_id: zoneId,
        air_c: airC,
        humidity_pct: humidityPct,
        surface_c: surfaceC,
        started_at: at,
      });
    } else if (entry.kind === 'step') {
      Object.assign(row, { step: entry.step, started_at: entry.at, note: entry.note });
    } else if (entry.kind === 'detail') {
      Object.assign(row, {
        zone_id: entry.zoneId,
        layer: entry.name,
        step: entry.step,
        started_at: entry.at,
        note: entry.note,
      });
    } else if (entry.kind === 'laid') {
      Object.assign(row, {
        layer: layerLaid(doc, entry)?.name ?? entry.layerId,
        started_at: entry.startedAt,
        finished_at: entry.finishedAt,
        containers: `${entry.used} used`,
        batches: entry.batch,
        outcome: entry.looked ? 'looked at' : 'not looked at',
        note: entry.note,
      });
    } else if (entry.kind === 'withdrawal') {
      row.note = entry.reason;
    } else {
      const coat = coatOf(doc, entry);
      const buildUp = findBuildUp(doc, entry.buildUpId, entry.revision);
      Object.assign(row, {
        layer: coat?.name ?? entry.layerId,
        started_at: entry.startedAt,
        finished_at: entry.finishedAt ?? '',
        containers: entry.containers.map((c) => `${c.opened} × ${c.containerId}`).join('; '),
        batches: entry.containers.map((c) => c.batch).join('; '),
        left_over: entry.leftOver.value,
        left_over_unit: entry.leftOver.basis === 'mass' ? 'kg' : 'L',
        readings_last_wet_mm: entry.lastWetMm.join(' '),
        note: entry.note,
      });
      if (coat && buildUp && bay) {
        const j = inForce.get(entry.id) ?? judgeCoat(buildUp, coat, entry, bayAreaFigure(bay));
        Object.assign(row, {
          area_m2: round(j.fromConsumption.inputs['area']?.value ?? 0),
          used_l: round(j.used.value),
          film_consumption_mm: round(j.fromConsumption.value),
          film_readings_mm: j.fromReadings ? round(j.fromReadings.meanMm) : '',
          design_wet_mm: round(j.design.value),
          outcome: j.outcome,
          missing_l: round(j.missing.value),
        });
      }
    }
    return RECORD_COLUMNS.map((c) => row[c] ?? '');
  });
}
