/**
 * The record as a flat table, for CSV. Metric, instants in UTC; those of a device whose clock was far off are put right. One row an entry, in
 * order; a coat or a ply of several bays has a row for each of them, with its part of what was used and its own verdict.
 */
import { findBuildUp, type BuildUpDoc } from '../buildup/index.ts';
import { bayAreaFigure, type Bay, type SiteDoc } from '../site/index.ts';
import { clockShiftMs } from './deviceclock.ts';
import { coatOf, layerNamed } from './laidlayers.ts';
import { coatOn, foldRecord, EMPTY_BOOK } from './fold.ts';
import { judgeCoat } from './judge.ts';
import { partOf, type BookEntry, type BookEntryOf, type Names } from './reading.ts';
import { splitAmount } from './sharing.ts';
import type { StoredEntry } from './entry.ts';
import { bayStatus } from './status.ts';

export const RECORD_COLUMNS = [
  'seq',
  'received_at',
  'id',
  'form',
  'supersedes',
  'in_force',
  'kind',
  'who',
  'device',
  'made_at',
  'clock_offset_s',
  /** What was added to the times of the row, because the device's clock was far off. */
  'clock_put_right_s',
  'zone_id',
  'bay',
  'part_pct',
  'along_m',
  'across_m',
  'step',
  'layer',
  'started_at',
  'finished_at',
  'method',
  'containers',
  'left_over',
  'left_over_unit',
  'batches',
  'readings_last_wet_mm',
  'area_m2',
  'used',
  'used_unit',
  'film_consumption_mm',
  'film_readings_mm',
  'design_wet_mm',
  'outcome',
  'missing_l',
  'air_c',
  'humidity_pct',
  'surface_c',
  'value',
  'instrument',
  'until',
  'note',
  'says',
  'flags',
  'attachments',
  'hash',
] as const;

type Row = Partial<Record<(typeof RECORD_COLUMNS)[number], string | number>>;

const round = (v: number): number => Number(v.toFixed(3));

/** What the columns of each kind are, besides those of every entry. */
function kindColumns(entry: BookEntry, layerName: (of: { layerId: string }) => string): Row {
  switch (entry.kind) {
    case 'conditions': {
      const { at, airC, humidityPct, surfaceC } = entry.body;
      return { started_at: at, air_c: airC, humidity_pct: humidityPct, surface_c: surfaceC };
    }
    case 'preparation':
      return {
        started_at: entry.body.startedAt ?? '',
        finished_at: entry.body.at,
        step: [...entry.body.steps, ...(entry.body.complete ? ['complete'] : [])].join(' '),
        method: [entry.body.method, entry.body.tip, entry.body.product].filter(Boolean).join('; '),
        ...(entry.body.litres === undefined ? {} : { used: entry.body.litres, used_unit: 'L' }),
      };
    case 'test':
      return {
        started_at: entry.body.at,
        step: entry.body.test,
        value: entry.body.value,
        instrument: [entry.body.instrument, entry.body.scale].filter(Boolean).join('; '),
        outcome: entry.body.brokeAt ?? '',
      };
    case 'trial':
      return {
        started_at: entry.body.at,
        finished_at: entry.body.judgedAt ?? '',
        step: entry.body.about,
        outcome: entry.body.result ?? '',
        ...(entry.body.litres === undefined ? {} : { used: entry.body.litres, used_unit: 'L' }),
        ...(entry.body.areaM2 === undefined ? {} : { area_m2: entry.body.areaM2 }),
      };
    case 'coat':
      return {
        layer: layerName(entry.body),
        started_at: entry.body.startedAt,
        finished_at: entry.body.finishedAt ?? '',
        method: [entry.body.method, entry.body.tip].filter(Boolean).join('; '),
        containers: entry.body.containers.map((c) => `${c.opened} × ${c.containerId}`).join('; '),
        batches: entry.body.containers.map((c) => c.batch).join('; '),
        left_over: entry.body.leftOver.value,
        left_over_unit: entry.body.leftOver.basis === 'mass' ? 'kg' : 'L',
      };
    case 'ply':
      return {
        layer: layerName(entry.body),
        started_at: entry.body.startedAt,
        finished_at: entry.body.finishedAt,
        batches: entry.body.batch,
        outcome: entry.body.looked ? 'looked at' : 'not looked at',
      };
    case 'broadcast': {
      const { body } = entry;
      const thrown = body.step === 'thrown';
      return {
        layer: layerName(body),
        started_at: body.at,
        step: body.step,
        method: thrown ? body.method : '',
        batches: thrown ? body.batch : '',
        used: thrown ? body.thrownKg : -body.sweptKg,
        used_unit: 'kg',
        ...(thrown ? {} : { left_over: body.backKg, left_over_unit: 'kg' }),
      };
    }
    case 'mix':
      return {
        layer: layerName(entry.body),
        started_at: entry.body.at,
        finished_at: entry.body.placedAt ?? '',
        containers: entry.body.parts.map((p) => `${p.kg} kg ${p.name}`).join('; '),
        batches: entry.body.parts.map((p) => p.batch).join('; '),
        ...(entry.body.catalystPct === undefined ? {} : { value: entry.body.catalystPct }),
        ...(entry.body.airC === undefined ? {} : { air_c: entry.body.airC }),
        ...(entry.body.surfaceC === undefined ? {} : { surface_c: entry.body.surfaceC }),
      };
    case 'melt':
      return {
        layer: layerName(entry.body),
        started_at: entry.body.litAt,
        finished_at: entry.body.offAt ?? '',
        step: `charge ${entry.body.charge}`,
        used: entry.body.drawnKg,
        used_unit: 'kg',
        left_over: entry.body.leftKg,
        left_over_unit: 'kg',
        batches: entry.body.batch,
        value: entry.body.temperatures.map((t) => t.kettleC).join(' '),
      };
    case 'permit':
    case 'watch':
      return {
        started_at: entry.body.at,
        step: entry.body.step,
        ...(entry.body.step === 'opened' ? { until: entry.body.until } : {}),
      };
    case 'dry film':
      return {
        started_at: entry.body.at,
        step: entry.body.when,
        instrument: [entry.body.gauge, entry.body.instrument].filter(Boolean).join('; '),
        value: entry.body.readingsUm.join(' '),
      };
    case 'gauge':
      return { value: entry.body.teethMm.join(' '), instrument: entry.body.name };
    case 'flood': {
      const { body } = entry;
      return {
        started_at: body.at,
        step: body.step,
        ...(body.levelMm === undefined ? {} : { value: body.levelMm }),
        ...(body.step === 'emptied' ? { outcome: body.below } : {}),
      };
    }
    case 'leak test':
      return {
        started_at: entry.body.at,
        method: entry.body.method,
        instrument: entry.body.instrument,
        value: entry.body.finds.length,
        outcome: entry.body.finds.join('; '),
      };
    case 'snag':
      return {
        started_at: entry.body.at,
        step: entry.body.step,
        ...(entry.body.step === 'found' ? { until: entry.body.by ?? '', outcome: entry.body.what } : {}),
      };
    case 'upkeep':
      return {
        started_at: entry.body.at,
        step: entry.body.step,
        outcome: entry.body.step === 'visit' ? entry.body.done.join('; ') : entry.body.unproven.join('; '),
      };
    case 'event':
      return { started_at: entry.body.at, step: entry.body.what, until: entry.body.until ?? '' };
    case 'opening':
      return { started_at: entry.body.at, step: `${entry.body.step} to ${entry.body.to}` };
    case 'decision':
      return { started_at: entry.body.at, step: entry.body.what, note: entry.body.reason };
    case 'detail':
      return { started_at: entry.body.at, layer: entry.body.name, step: entry.body.step };
    case 'remedy':
      return {
        started_at: entry.body.at,
        step: entry.body.limit,
        ...(entry.body.litres === undefined ? {} : { used: entry.body.litres, used_unit: 'L' }),
      };
    case 'stock':
      return {
        started_at: entry.body.at,
        step: entry.body.step,
        layer: entry.body.name,
        batches: entry.body.batch,
        ...(entry.body.count === undefined ? {} : { containers: entry.body.count }),
        ...(entry.body.amount === undefined
          ? {}
          : { used: entry.body.amount, used_unit: entry.body.unit ?? '' }),
        until: entry.body.bestBefore ?? '',
      };
    case 'withdrawal':
      return { note: entry.body.reason };
  }
}

export interface TableContext {
  readonly buildUps: BuildUpDoc;
  readonly site: SiteDoc;
  readonly names: Names;
  /** An entry in one line, and what is to be minded about it. */
  readonly says: (entry: BookEntry) => string;
  readonly flags: (entry: BookEntry) => string;
}

/** One row for each entry and, where amounts are split, for each of its bays, in the order of `RECORD_COLUMNS`. */
export function recordTable(entries: readonly StoredEntry[], context: TableContext): (string | number)[][] {
  const { buildUps, site } = context;
  const book = foldRecord(EMPTY_BOOK, entries, context.names);
  const bays = new Map(site.bays.map((b) => [b.id, b]));
  // Coats in force are judged as the site shows them, superseded ones by themselves.
  const inForce = new Map(
    site.bays.flatMap((b) =>
      bayStatus(b, buildUps, book, Number.MAX_SAFE_INTEGER).laid.map(
        (l) => [`${l.entry.id}/${b.id}`, l.judgement] as const,
      ),
    ),
  );
  const hashes = new Map(entries.map((s) => [s.entry.id, s.hash]));
  const layerName = (of: { layerId: string; buildUpId?: string; revision?: number }): string =>
    layerNamed(buildUps, { buildUpId: '', revision: 0, ...of })?.name ?? of.layerId;

  function common(entry: BookEntry): Row {
    const { body } = entry;
    return {
      seq: entry.seq,
      received_at: entry.receivedAt,
      id: entry.id,
      form: entry.form,
      supersedes: entry.supersedes ?? '',
      in_force: book.superseded.has(entry.id) || entry.kind === 'withdrawal' ? 'no' : 'yes',
      kind: entry.kind,
      who: entry.who,
      device: entry.deviceId ?? '',
      made_at: entry.madeAt,
      ...(entry.offsetMs === undefined ? {} : { clock_offset_s: round(entry.offsetMs / 1000) }),
      ...(clockShiftMs(entry.offsetMs) === 0
        ? {}
        : { clock_put_right_s: round(clockShiftMs(entry.offsetMs) / 1000) }),
      zone_id: entry.zoneId ?? bays.get(entry.bays[0]?.bayId ?? '')?.zoneId ?? '',
      bay: entry.bays.map((b) => bays.get(b.bayId)?.label ?? b.bayId).join(' '),
      ...(entry.place ? { along_m: entry.place.alongM, across_m: entry.place.acrossM } : {}),
      note: 'note' in body ? (body.note ?? '') : '',
      ...kindColumns(entry, layerName),
      says: context.says(entry),
      flags: context.flags(entry),
      attachments: entry.attachments.join(' '),
      hash: hashes.get(entry.id) ?? '',
    };
  }

  function coatColumns(entry: BookEntryOf<'coat'>, bay: Bay): Row {
    const coat = coatOf(buildUps, entry.body);
    const buildUp = findBuildUp(buildUps, entry.body.buildUpId, entry.body.revision);
    const own = coatOn(entry, bay.id);
    const readings = { readings_last_wet_mm: own.lastWetMm.join(' ') };
    if (!coat || !buildUp) return readings;
    const j = inForce.get(`${entry.id}/${bay.id}`) ?? judgeCoat(buildUp, coat, own, bayAreaFigure(bay));
    return {
      ...readings,
      area_m2: round(j.fromConsumption.inputs['area']?.value ?? 0),
      used: round(j.used.value),
      used_unit: 'L',
      film_consumption_mm: j.bySpots ? '' : round(j.fromConsumption.value),
      film_readings_mm: j.fromReadings ? round(j.fromReadings.meanMm) : '',
      design_wet_mm: round(j.design.value),
      outcome: j.outcome,
      missing_l: round(j.missing.value),
    };
  }

  function rowsOf(entry: BookEntry): Row[] {
    const row = common(entry);
    if (entry.kind !== 'coat' && entry.kind !== 'ply') return [row];
    const used =
      entry.kind === 'ply'
        ? splitAmount(
            entry.body.used,
            entry.bays.map((b) => b.share),
          )
        : [];
    return entry.bays.map(({ bayId }, i): Row => {
      const bay = bays.get(bayId);
      return {
        ...row,
        bay: bay?.label ?? bayId,
        part_pct: round(100 * partOf(entry.bays, bayId)),
        ...(entry.kind === 'coat'
          ? bay
            ? coatColumns(entry, bay)
            : {}
          : { used: used[i] ?? 0, used_unit: 'pieces' }),
      };
    });
  }

  return [...book.seen.values()]
    .sort((a, b) => a.seq - b.seq)
    .flatMap(rowsOf)
    .map((row) => RECORD_COLUMNS.map((c) => row[c] ?? ''));
}
