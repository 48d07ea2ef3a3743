/**
 * Go or hold: for each bay what can be done now, what opens and closes when, and what it costs to miss it. The weather
 * speaks for the next layer, the cure of the last one for the earliest and the latest start.
 */
import { isWorkLayer, type WorkLayer } from '../buildup/index.ts';
import type { Figure } from '../figures/index.ts';
import {
  askOf,
  failingAt,
  layingFigure,
  openRuns,
  unsaidIn,
  windowsOf,
  type Ask,
  type Failing,
  type OpenRun,
  type Unsaid,
  type Windows,
} from '../programme/index.ts';
import { openMiss, type BayStatus, type Miss } from '../record/index.ts';
import { bayAreaFigure } from '../site/index.ts';
import { MS_PER_HOUR } from '../units/index.ts';
import { hourOf, type RoofClimate, type WeatherDoc } from '../weather/index.ts';
import { lainHours } from './between.ts';
import { remedyFor, type Remedy } from './remedy.ts';

/** In the order of what missing costs. */
export const CALL_KINDS = [
  'wet',
  'closing',
  'lost',
  'missed',
  'open',
  'steps',
  'opens',
  'curing',
  'held',
  'shut',
  'unknown',
  'accept',
  'done',
] as const;
export type CallKind = (typeof CALL_KINDS)[number];

export interface Call {
  readonly kind: CallKind;
  readonly status: BayStatus;
  readonly layer: WorkLayer | undefined;
  readonly ask: Ask | undefined;
  readonly laying: Figure | undefined;
  /** The run of hours that is open now, or the next one that can be used. */
  readonly fromMs: number | undefined;
  readonly toMs: number | undefined;
  /** No other run begins before the overcoat time ends. */
  readonly lastChance: boolean;
  /** What ends the run: the conditions of the hour after it. */
  readonly ends: Failing | undefined;
  /** What keeps it shut now. */
  readonly failing: readonly Failing[];
  /** The last coat may be overcoated until then. */
  readonly deadlineMs: number | undefined;
  readonly remedy: Remedy | undefined;
  /** The missed limit that holds the bay. */
  readonly miss: Miss | undefined;
  /** Hours that what lies on top will have been lying when the next layer is begun. */
  readonly lainH: number | undefined;
  readonly unsaid: readonly Unsaid[];
}

const BLANK = {
  layer: undefined,
  ask: undefined,
  laying: undefined,
  fromMs: undefined,
  toMs: undefined,
  ends: undefined,
  lastChance: false,
  failing: [],
  deadlineMs: undefined,
  remedy: undefined,
  miss: undefined,
  lainH: undefined,
  unsaid: [],
} as const;

/** Windows of the same layer on the same roof for as long a laying are reckoned once. */
export type WindowsOf = (ask: Ask, climate: RoofClimate) => Windows;

interface Usable {
  readonly run: OpenRun;
  readonly fromMs: number;
  readonly toMs: number;
}

/** Runs that can be used from an instant on and before a deadline. */
function usable(
  windows: Windows,
  climate: RoofClimate,
  readyMs: number,
  deadlineMs: number | undefined,
): Usable[] {
  const { startMs } = climate.line;
  const first = Math.max(0, hourOf(climate.line, readyMs));
  return openRuns(windows, first).flatMap((run) => {
    const fromMs = Math.max(readyMs, startMs + run.from * MS_PER_HOUR);
    const end = startMs + run.to * MS_PER_HOUR;
    const toMs = deadlineMs === undefined ? end : Math.min(end, deadlineMs);
    return fromMs < toMs ? [{ run, fromMs, toMs }] : [];
  });
}

/**
 * The call for one bay.
 * @param climate of its surface; undefined where no weather is known
 */
export function callOf(
  status: BayStatus,
  climate: RoofClimate | undefined,
  crew: WeatherDoc['crew'],
  nowMs: number,
  reckon: WindowsOf = windowsOf,
): Call {
  const { state, next, buildUp } = status;
  const last = status.laid.at(-1);
  const blank = { ...BLANK, status, layer: next };
  if (status.hold || !buildUp) return { ...blank, kind: 'held' };
  if (state === 'accepted') return { ...blank, kind: 'done' };
  if (state === 'wet') return { ...blank, kind: 'wet' };
  if (state === 'missed') {
    const miss = openMiss(status);
    return {
      ...blank,
      kind: 'missed',
      miss,
      deadlineMs: miss?.atMs,
      remedy: miss && remedyFor(buildUp, miss.coat, status.bay, miss.limit),
    };
  }
  if (!next || !isWorkLayer(next)) return { ...blank, kind: state === 'curing' ? 'curing' : 'accept' };
  const remedy =
    last && status.closesMs !== undefined ? remedyFor(buildUp, last.coat, status.bay) : undefined;
  if (state === 'bare') return { ...blank, kind: 'steps' };
  const laying = layingFigure(next, bayAreaFigure(status.bay), crew.people, crew.toolShare);
  const ask = askOf(next, { layingHours: laying.value, method: crew.method });
  if (!ask) return { ...blank, kind: state === 'curing' ? 'curing' : 'open', laying };
  const known = { ...blank, ask, laying, deadlineMs: status.closesMs, remedy };
  if (!climate || hourOf(climate.line, nowMs) < 0 || hourOf(climate.line, nowMs) >= climate.line.hours)
    return { ...known, kind: 'unknown' };
  if (state === 'curing' && status.opensMs === undefined) return { ...known, kind: 'curing' };
  const readyMs = Math.max(nowMs, status.opensMs ?? nowMs);
  const windows = reckon(ask, climate);
  const runs = usable(windows, climate, readyMs, status.closesMs);
  const [run, later] = runs;
  const hour = hourOf(climate.line, readyMs);
  const failing = failingAt(ask, climate, windows, hour);
  const facts = { ...known, failing, unsaid: unsaidIn(climate) };
  if (!run) {
    const missing = status.closesMs !== undefined;
    return { ...facts, kind: missing ? 'lost' : failing[0]?.condition === 'unknown' ? 'unknown' : 'shut' };
  }
  const endHour = hourOf(climate.line, run.toMs);
  const endsByWeather = status.closesMs === undefined || run.toMs < status.closesMs;
  const ends = endsByWeather ? failingAt(ask, climate, windows, endHour)[0] : undefined;
  const lastChance = status.closesMs !== undefined && !later;
  const lainH = lainHours(status, run.fromMs);
  const window = { ...facts, fromMs: run.fromMs, toMs: run.toMs, ends, lastChance, lainH };
  if (run.fromMs > nowMs) return { ...window, kind: readyMs > nowMs ? 'curing' : 'opens' };
  return { ...window, kind: lastChance ? 'closing' : 'open' };
}

/** What comes first: by what missing it costs, then by when it closes or opens. */
export function inOrderOfCost(calls: readonly Call[]): Call[] {
  const when = (c: Call): number =>
    (c.kind === 'opens' || c.kind === 'curing' ? (c.fromMs ?? c.status.opensMs) : (c.toMs ?? c.deadlineMs)) ??
    Infinity;
  return [...calls].sort(
    (a, b) =>
      CALL_KINDS.indexOf(a.kind) - CALL_KINDS.indexOf(b.kind) ||
      Number(b.lastChance) - Number(a.lastChance) ||
      when(a) - when(b) ||
      a.status.bay.label.localeCompare(b.status.bay.label, 'en', { numeric: true }),
  );
}
