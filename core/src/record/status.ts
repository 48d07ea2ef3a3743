/** The state of each bay at an instant: what it is, what is next, from when and until when. */
import {
  findBuildUp,
  isCoat,
  isWorkLayer,
  type BuildUp,
  type BuildUpDoc,
  type CureTable,
  type Coat,
  type WorkLayer,
  ZoneBuildUps,
} from '../buildup/index.ts';
import { progress, reachedAtMs, type CureModel, type TemperatureStep } from '../cure/index.ts';
import type { Figure } from '../figures/index.ts';
import { COMMON, type Practice } from '../practice/index.ts';
import { bayAreaFigure, potLifeMinutes, type Bay } from '../site/index.ts';
import { MS_PER_HOUR, MS_PER_MINUTE } from '../units/index.ts';
import { coatOf, layerLaid } from './laidlayers.ts';
import {
  EMPTY_BAY_BOOK,
  type CoatEntry,
  type ConditionsEntry,
  type LaidEntry,
  type SiteBook,
  type StepEntry,
} from './fold.ts';
import { bestFilm, filmMmOf, judgeCoat } from './judge.ts';
import { doingsOn, eventMisses, overcoatWindow, type CoatLaid, type Miss } from './misses.ts';

export const BAY_STATES = [
  'bare',
  'prepared',
  'primed',
  'detailed',
  'wet',
  'curing',
  'ready',
  'closing',
  'missed',
  'held',
  'accepted',
] as const;
export type BayState = (typeof BAY_STATES)[number];

export type LaidCoat = CoatLaid;

/** A ply, protection or pieces that were laid. */
export interface LaidOther {
  readonly entry: LaidEntry;
  readonly buildUp: BuildUp;
  readonly layer: Exclude<WorkLayer, Coat>;
}

export interface BayStatus {
  readonly bay: Bay;
  readonly buildUp: BuildUp | undefined;
  readonly state: BayState;
  /** Laid coats in force, in order of start. */
  readonly laid: readonly LaidCoat[];
  /** Laid plies and the like in force, in order of start. */
  readonly others: readonly LaidOther[];
  /** What is laid next; undefined when all is laid or no build-up is chosen. */
  readonly next: WorkLayer | undefined;
  /** Share of the way to overcoating (or to foot traffic for the last coat), 0 to 1. */
  readonly cured: number | undefined;
  /** Overcoat from, as an instant in ms; undefined when it cannot be told. */
  readonly opensMs: number | undefined;
  /** Overcoat until. */
  readonly closesMs: number | undefined;
  /** While the film can still be topped up. */
  readonly workableUntilMs: number | undefined;
  /** Why the times cannot be told. */
  readonly unknown: 'no temperature' | 'too cold' | 'beyond the forecast' | undefined;
  /** The times go by the weather and its forecast, not by the last reading. */
  readonly forecast: boolean;
  /** What the times go by; assumed: no temperature is known, so the slowest row of the table is taken. */
  readonly basis: 'weather' | 'readings' | 'assumed' | undefined;
  /** Before this it is surely not reached: at the fastest row where no temperature is known, at the early end of a range. */
  readonly soonestMs: number | undefined;
  /** Of the surface that lies on top, as steps, and until when they are known: what its cure goes by. */
  readonly temperatures: readonly TemperatureStep[];
  readonly temperaturesUntilMs: number;
  readonly hold: StepEntry | undefined;
  readonly accepted: StepEntry | undefined;
  /** Limits that were missed, with what was done about it; those that wait for it hold the bay. */
  readonly misses: readonly Miss[];
  /** The last coat's film is thin or does not add up. */
  readonly doubt: boolean;
  readonly conditions: ConditionsEntry | undefined;
}

const byTime = <T>(list: readonly T[], time: (item: T) => string): T[] =>
  [...list].sort((a, b) => Date.parse(time(a)) - Date.parse(time(b)));

/** Missed limits of the coat on top that are not mended; they hold the bay. */
export const openMisses = ({ misses, laid }: Pick<BayStatus, 'misses' | 'laid'>): Miss[] =>
  misses.filter((m) => m.clearedMs === undefined && m.entryId === laid.at(-1)?.entry.id);
export const openMiss = (status: Pick<BayStatus, 'misses' | 'laid'>): Miss | undefined =>
  openMisses(status)[0];

/** Films that coats of the same layer, laid before an entry, left on its bay. */
export const earlierFilms = (
  laid: readonly LaidCoat[],
  entry: Pick<CoatEntry, 'layerId' | 'startedAt' | 'supersedes'>,
): Figure[] =>
  laid
    .filter(
      (l) =>
        l.coat.id === entry.layerId &&
        l.entry.id !== entry.supersedes &&
        Date.parse(l.entry.startedAt) < Date.parse(entry.startedAt),
    )
    .flatMap((l) => bestFilm(l.judgement) ?? []);

interface Reading {
  readonly ms: number;
  readonly entry: ConditionsEntry;
}
/** Readings of a zone in the order in which they were taken, sorted once for a list: lists of a book never change. */
const inOrder = new WeakMap<readonly ConditionsEntry[], readonly Reading[]>();
function readingsOf(book: SiteBook, zoneId: string): readonly Reading[] {
  const list = book.zones.get(zoneId)?.conditions;
  if (!list) return [];
  let known = inOrder.get(list);
  if (!known) {
    known = list.map((entry) => ({ ms: Date.parse(entry.at), entry })).sort((a, b) => a.ms - b.ms);
    inOrder.set(list, known);
  }
  return known;
}

/** The latest reading for a zone that was taken by an instant. */
export const latestConditions = (
  book: SiteBook,
  zoneId: string,
  nowMs: number,
): ConditionsEntry | undefined => readingsOf(book, zoneId).findLast((r) => r.ms <= nowMs)?.entry;

/** Surface temperatures measured in a zone, as steps that hold until the next reading. */
const history = (book: SiteBook, zoneId: string, nowMs: number): TemperatureStep[] =>
  readingsOf(book, zoneId)
    .filter((r) => r.ms <= nowMs)
    .map(({ ms, entry }) => ({ fromMs: ms, tempC: entry.surfaceC, humidityPct: entry.humidityPct }));

/** Held, or refused, and neither released nor accepted since. */
function currentHold(steps: readonly StepEntry[]): StepEntry | undefined {
  const last = byTime(
    steps.filter((s) => s.step !== 'prepared' && s.step !== 'detailed'),
    (s) => s.at,
  ).at(-1);
  return last?.step === 'held' || last?.step === 'refused' ? last : undefined;
}

/** What the weather makes of a bay's surface: known hour by hour until an instant, forecast hours among them. */
export interface BayWeather {
  readonly steps: readonly TemperatureStep[];
  readonly untilMs: number;
}

interface Timing {
  readonly cured: number | undefined;
  readonly opensMs: number | undefined;
  readonly closesMs: number | undefined;
  readonly workableUntilMs: number | undefined;
  readonly unknown: BayStatus['unknown'];
  readonly soonestMs: number | undefined;
  readonly missed: readonly Miss[];
}

const NO_TIMING: Timing = {
  cured: undefined,
  opensMs: undefined,
  closesMs: undefined,
  workableUntilMs: undefined,
  unknown: undefined,
  soonestMs: undefined,
  missed: [],
};

/**
 * No temperature is known: the coldest row of the table stands for it, and the warmest says what is surely too early. The
 * end of an overcoat time is not told by either.
 */
function assumedTiming(stage: CureModel, startMs: number, filmMm: number, nowMs: number): Timing {
  const [first, last] = [stage.points[0], stage.points.at(-1)];
  if (!first || !last) return { ...NO_TIMING, unknown: 'no temperature' };
  const at = (tempC: number) => [{ fromMs: startMs, tempC }];
  const coldest = at(first.atC);
  return {
    ...NO_TIMING,
    cured: progress(stage, startMs, nowMs, coldest, filmMm),
    opensMs: reachedAtMs(stage, startMs, coldest, filmMm),
    soonestMs: reachedAtMs(stage, startMs, at(last.atC), filmMm),
    unknown: 'no temperature',
  };
}

/** Where the sheet prints a range: when it may be reached at the earliest. */
function soonestOf(
  stage: CureTable,
  startMs: number,
  steps: readonly TemperatureStep[],
  filmMm: number,
): number | undefined {
  if (!stage.points.some((p) => p.range && p.range.from < p.hours)) return undefined;
  const points = stage.points.map((p) => ({ atC: p.atC, hours: p.range?.from ?? p.hours }));
  return reachedAtMs({ ...stage, points }, startMs, steps, filmMm);
}

function timing(
  last: LaidCoat,
  isLast: boolean,
  steps: readonly TemperatureStep[],
  nowMs: number,
  doings: ReturnType<typeof doingsOn>,
  untilMs = Infinity,
): Timing {
  const finished = last.entry.finishedAt;
  if (finished === undefined) return NO_TIMING;
  const startMs = Date.parse(finished);
  const stage = isLast ? last.coat.cure.foot : last.coat.cure.overcoatFrom;
  if (steps.length === 0) return assumedTiming(stage, startMs, filmMmOf(last.judgement), nowMs);
  const tempThen = [...steps].reverse().find((s) => s.fromMs <= startMs)?.tempC ?? steps[0]?.tempC ?? 20;
  const minutes = potLifeMinutes(last.coat, tempThen);
  const filmMm = filmMmOf(last.judgement);
  const known = (ms: number | undefined): number | undefined =>
    ms !== undefined && ms <= untilMs ? ms : undefined;
  const window = isLast
    ? { opensMs: known(reachedAtMs(stage, startMs, steps, filmMm)), closesMs: undefined, misses: [] }
    : overcoatWindow(last, startMs, steps, nowMs, known, doings);
  return {
    cured: progress(stage, startMs, nowMs, steps, filmMm),
    opensMs: window.opensMs,
    closesMs: window.closesMs,
    workableUntilMs: minutes === undefined ? undefined : startMs + minutes * MS_PER_MINUTE,
    soonestMs: soonestOf(stage, startMs, steps, filmMm),
    unknown:
      window.opensMs !== undefined ? undefined : untilMs < Infinity ? 'beyond the forecast' : 'too cold',
    missed: window.misses,
  };
}

function stateOf(
  steps: readonly StepEntry[],
  last: LaidCoat | undefined,
  next: WorkLayer | undefined,
  plyOnTop: boolean,
  t: Omit<Timing, 'missed'>,
  missed: boolean,
  nowMs: number,
  closingLeadH: number,
): Exclude<BayState, 'held' | 'accepted'> {
  const stepped = (step: StepEntry['step']): boolean => steps.some((s) => s.step === step);
  if (plyOnTop) return 'ready';
  if (!last) return stepped('detailed') ? 'detailed' : stepped('prepared') ? 'prepared' : 'bare';
  if (last.entry.finishedAt === undefined) return 'wet';
  if (t.workableUntilMs !== undefined && nowMs < t.workableUntilMs) return 'wet';
  if (missed) return 'missed';
  if (t.opensMs === undefined || nowMs < t.opensMs) return 'curing';
  if (next && t.closesMs !== undefined && nowMs >= t.closesMs - closingLeadH * MS_PER_HOUR) return 'closing';
  if (last.coat.role === 'primer') return stepped('detailed') ? 'detailed' : 'primed';
  return 'ready';
}

/**
 * The state of one bay.
 * @param nowMs the instant asked about, ms; entries after it are not looked at
 * @param weather of its surface, where it is known from before the last coat; else readings stand for it
 */
export function bayStatus(
  bay: Bay,
  doc: BuildUpDoc,
  book: SiteBook,
  nowMs: number,
  weather?: BayWeather | ((top: Pick<BayStatus, 'laid' | 'others'>) => BayWeather | undefined),
  zones: ZoneBuildUps = new ZoneBuildUps(doc),
  practice: Practice = COMMON,
): BayStatus {
  const buildUp = zones.of(bay.zoneId);
  const own = book.bays.get(bay.id) ?? EMPTY_BAY_BOOK;
  const stepped = [...own.steps, ...(book.zones.get(bay.zoneId)?.steps ?? [])].filter(
    (s) => Date.parse(s.at) <= nowMs,
  );
  const area = bayAreaFigure(bay);
  const laid: LaidCoat[] = [];
  for (const entry of byTime(own.coats, (c) => c.startedAt).filter((c) => Date.parse(c.startedAt) <= nowMs)) {
    const laidWith = zones.laidBy(bay.zoneId, entry.buildUpId, entry.revision);
    if (!laidWith) continue;
    // A layer of an option that is no longer taken was laid all the same.
    const coat = laidWith.layers.filter(isCoat).find((c) => c.id === entry.layerId) ?? coatOf(doc, entry);
    if (!coat) continue;
    const judgement = judgeCoat(laidWith, coat, entry, area, earlierFilms(laid, entry), practice);
    laid.push({ entry, buildUp: laidWith, coat, judgement });
  }
  const done = new Set(laid.filter((l) => l.entry.finishedAt !== undefined).map((l) => l.coat.id));
  const others = byTime(own.laid, (l) => l.startedAt)
    .filter((l) => Date.parse(l.startedAt) <= nowMs)
    .flatMap((entry): LaidOther[] => {
      const laidWith = findBuildUp(doc, entry.buildUpId, entry.revision);
      const layer = layerLaid(doc, entry);
      return laidWith && layer ? [{ entry, buildUp: laidWith, layer }] : [];
    });
  for (const other of others) done.add(other.layer.id);
  const next = buildUp?.layers.filter(isWorkLayer).find((l) => !done.has(l.id));
  const top = others.at(-1);
  const lastCoat = laid.at(-1);
  const plyOnTop =
    top !== undefined &&
    (!lastCoat || Date.parse(top.entry.startedAt) >= Date.parse(lastCoat.entry.startedAt));
  const last = plyOnTop ? undefined : lastCoat;
  const laidMs = last ? Date.parse(last.entry.finishedAt ?? last.entry.startedAt) : nowMs;
  const known = typeof weather === 'function' ? weather({ laid, others }) : weather;
  const covers = known !== undefined && (known.steps[0]?.fromMs ?? Infinity) <= laidMs;
  const doings = doingsOn(book, bay, nowMs);
  const temperatures = covers ? known.steps : history(book, bay.zoneId, nowMs);
  const { missed, ...t } = last
    ? timing(last, next === undefined, temperatures, nowMs, doings, covers ? known.untilMs : Infinity)
    : NO_TIMING;
  const misses = [...missed, ...eventMisses(laid, temperatures, doings)];
  const isMissed = last !== undefined && openMiss({ misses, laid }) !== undefined;
  const hold = currentHold(stepped);
  const judged = byTime(
    stepped.filter((s) => s.step === 'accepted' || s.step === 'refused'),
    (s) => s.at,
  ).at(-1);
  const isAccepted = judged?.step === 'accepted' && next === undefined;
  const accepted = isAccepted ? judged : undefined;
  return {
    bay,
    buildUp,
    state: hold
      ? 'held'
      : isAccepted
        ? 'accepted'
        : stateOf(stepped, last, next, plyOnTop, t, isMissed, nowMs, practice.closingLeadH.value),
    laid,
    others,
    next,
    ...t,
    temperatures,
    temperaturesUntilMs: covers ? known.untilMs : Infinity,
    forecast: covers,
    basis: last ? (covers ? 'weather' : temperatures.length > 0 ? 'readings' : 'assumed') : undefined,
    hold,
    accepted,
    misses,
    doubt: last !== undefined && (last.judgement.outcome === 'thin' || last.judgement.outcome === 'check'),
    conditions: latestConditions(book, bay.zoneId, nowMs),
  };
}
