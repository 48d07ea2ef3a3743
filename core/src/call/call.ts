/**
 * Go or hold: for each bay what can be done now, what opens and closes when, and what it costs to miss it. The weather
 * stands for the next layer, the cure of the last one for the earliest and the latest start.
 */
import type { WorkLayer } from '../buildup/index.ts';
import type { Figure } from '../figures/index.ts';
import { brokenIn, missKey, unknownIn, type Gate, type GateGroup } from '../gates/index.ts';
import { COMMON, type Practice } from '../practice/index.ts';
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
import { openMisses, type BayStatus, type Miss } from '../record/index.ts';
import { workArea } from '../site/index.ts';
import type { Zone } from '../survey/index.ts';
import { MS_PER_HOUR } from '../units/index.ts';
import { hourFloor, hourOf, type RoofClimate, type WeatherDoc } from '../weather/index.ts';
import { lainHours } from './between.ts';
import { remedyFor, type Remedy } from './remedy.ts';

/** In the order of what missing costs. */
export const CALL_KINDS = [
  'wet',
  'closing',
  'lost',
  'missed',
  'open',
  'check',
  'blocked',
  'steps',
  'opens',
  'curing',
  'held',
  'shut',
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
  /** The numbers of practice that it goes by. */
  readonly practice: Practice;
  /** Everything that must hold before the next layer is begun now. */
  readonly gates: readonly Gate[];
  /** The gate that blocks it, or that is to be settled first. */
  readonly gate: Gate | undefined;
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
  gates: [],
  gate: undefined,
} as const;

/** Gates of a bay before its next layer. */
export type GatesFor = (ask: Ask | undefined, windows: Windows | undefined) => readonly Gate[];

/** Windows of the same layer on the same roof for as long a laying are calculated once. */
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

/** A hand is needed before it can go on: neither the weather nor the cure opens these by themselves. */
const BY_HAND: readonly GateGroup[] = ['ground', 'preparation', 'details', 'below', 'lying', 'hot'];
/** While it cures there is time for these. */
const CAN_WAIT: readonly GateGroup[] = ['details', 'lying', 'hot'];

interface Terms {
  /** Of the bay's surface; undefined where no weather is known. */
  readonly climate: RoofClimate | undefined;
  readonly crew: WeatherDoc['crew'];
  readonly nowMs: number;
  readonly gatesFor: GatesFor;
  readonly windowsFor?: WindowsOf;
  readonly practice?: Practice;
  /** The ground is mineral and porous, or not known. */
  readonly breathes?: boolean;
  /** Of the bay, as it was surveyed. */
  readonly zone?: Zone | undefined;
}

const groups = (gates: readonly Gate[], wanted: readonly GateGroup[]): Gate[] =>
  gates.filter((g) => wanted.includes(g.group));

/** The call for one bay. */
export function callOf(status: BayStatus, terms: Terms): Call {
  const {
    climate,
    crew,
    nowMs,
    gatesFor,
    windowsFor = windowsOf,
    practice = COMMON,
    breathes = true,
    zone,
  } = terms;
  const { state, next, buildUp } = status;
  const last = status.laid.at(-1);
  const blank = { ...BLANK, status, layer: next, practice };
  if (status.hold || !buildUp) return { ...blank, kind: 'held' };
  const area = workArea(status.bay, next, { zone, buildUp });
  const laying = next && layingFigure(next, area, crew.people, crew.toolShare, practice);
  const ask =
    next && laying && askOf(next, { layingHours: laying.value, method: crew.method, breathes, practice });
  const known =
    climate && hourOf(climate.line, nowMs) >= 0 && hourOf(climate.line, nowMs) < climate.line.hours
      ? climate
      : undefined;
  const windows = ask && known ? windowsFor(ask, known) : undefined;
  const gates = gatesFor(ask, windows);
  if (state === 'accepted') return { ...blank, kind: 'done', gates };
  if (state === 'wet') return { ...blank, kind: 'wet', gates };
  const answered = (key: string): boolean => gates.some((g) => g.key === key && g.taken !== undefined);
  const miss = openMisses(status).find((m) => !answered(missKey(m.limit)));
  if (state === 'missed' && miss) {
    return {
      ...blank,
      kind: 'missed',
      gates,
      miss,
      deadlineMs: miss.atMs,
      remedy: remedyFor(buildUp, miss.coat, status.bay, miss.limit, zone),
    };
  }
  if (!next) return { ...blank, gates, kind: state === 'curing' ? 'curing' : 'accept' };
  // What somebody answers for no longer sets the time.
  const opensMs = answered('overcoat/from') ? undefined : status.opensMs;
  const closesMs = answered('overcoat/until') ? undefined : status.closesMs;
  const waits = state === 'missed' && (opensMs === undefined || nowMs < opensMs);
  const curing = (state === 'curing' || waits) && !answered('overcoat/from');
  const remedy =
    last && closesMs !== undefined
      ? remedyFor(buildUp, last.coat, status.bay, 'overcoatUntil', zone)
      : undefined;
  const broken = brokenIn(gates);
  const [unknown] = unknownIn(gates);
  const facts = { ...blank, ask, laying, deadlineMs: closesMs, remedy, gates };
  const byHand = groups(broken, BY_HAND).filter((g) => !curing || !CAN_WAIT.includes(g.group));
  const [first] = byHand;
  if (first) {
    const steps = state === 'bare' && first.group === 'preparation';
    return { ...facts, kind: steps ? 'steps' : 'blocked', gate: first };
  }
  const [shut] = groups(broken, ['weather']);
  if (!windows || !ask || !known) {
    if (curing) return { ...facts, kind: 'curing' };
    if (shut) return { ...facts, kind: 'shut', gate: shut };
    return { ...facts, kind: unknown ? 'check' : 'open', gate: unknown };
  }
  if (curing && opensMs === undefined) return { ...facts, kind: 'curing' };
  const readyMs = Math.max(nowMs, opensMs ?? nowMs);
  const taken = gates.some((g) => g.group === 'weather' && g.answer !== 'holds' && g.taken);
  // A reading that is against it outweighs a forecast that is not: the next hour at the earliest.
  const fromMs = shut && readyMs === nowMs ? hourFloor(nowMs) + MS_PER_HOUR : readyMs;
  const [run, later] = usable(windows, known, fromMs, closesMs);
  const failing = failingAt(ask, known, windows, hourOf(known.line, readyMs));
  const said = { ...facts, failing, unsaid: unsaidIn(known), gate: shut ?? unknown };
  // Somebody answers for what the weather says against it.
  if (taken && !shut && readyMs === nowMs && !curing && !(run && run.fromMs <= nowMs))
    return { ...said, kind: unknown ? 'check' : 'open', lainH: lainHours(status, nowMs) };
  if (!run) return { ...said, kind: closesMs === undefined ? 'shut' : 'lost' };
  const endHour = hourOf(known.line, run.toMs);
  const endsByWeather = closesMs === undefined || run.toMs < closesMs;
  const ends = endsByWeather ? failingAt(ask, known, windows, endHour)[0] : undefined;
  const lastChance = closesMs !== undefined && !later;
  const lainH = lainHours(status, run.fromMs);
  const window = { ...said, fromMs: run.fromMs, toMs: run.toMs, ends, lastChance, lainH };
  if (run.fromMs > nowMs) return { ...window, kind: readyMs > nowMs ? 'curing' : 'opens' };
  if (lastChance) return { ...window, kind: 'closing' };
  return { ...window, kind: unknown ? 'check' : 'open' };
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
