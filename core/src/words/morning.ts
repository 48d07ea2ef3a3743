/**
 * A job in the firm's morning: what can be done today, what closes, what waits for whom, the next delivery, the last
 * entry and the weather of the place, with the key that puts the jobs in order of what missing them costs.
 */
import { CALL_KINDS, type Call, type CallKind } from '../call/index.ts';
import type { CostOrder } from '../job/index.ts';
import type { Delivery } from '../order/index.ts';
import { kindName, type BookEntry } from '../record/index.ts';
import type { JobState } from '../state/index.ts';
import { MS_PER_DAY, MS_PER_HOUR, MS_PER_MINUTE } from '../units/index.ts';
import { at, hourOf, msOf, type Timeline } from '../weather/index.ts';
import { DUE_WORDS, duesOf, type Due } from './deadlines.ts';
import { bayRunsInOrder } from './entrylines.ts';
import { dateOf } from './supplywords.ts';

/** Bays that are laid with the same layer, or wait for the same. */
export interface MorningLine {
  readonly says: string;
  readonly bays: number;
  /** One of them, to go there. */
  readonly bayId: string;
  readonly zoneId: string;
  readonly byMs?: number;
}
export interface MorningWeather {
  readonly airC: number | undefined;
  /** Of the next 24 hours. */
  readonly rainMm: number | undefined;
  readonly rainFromMs: number | undefined;
  readonly mostWindMPerS: number | undefined;
}
export interface Morning {
  readonly atMs: number;
  readonly bays: { readonly all: number; readonly done: number };
  /** What costs something by the hour: wet and in doubt, closing, closed. */
  readonly urgent: readonly MorningLine[];
  readonly now: readonly MorningLine[];
  readonly waits: readonly MorningLine[];
  /** The next window or overcoat time that ends, and the next that opens. */
  readonly closes: { readonly atMs: number; readonly says: string; readonly bayId: string } | undefined;
  readonly opens: { readonly atMs: number; readonly says: string; readonly bayId: string } | undefined;
  readonly delivery: { readonly on: string; readonly name: string } | undefined;
  readonly last: { readonly atMs: number; readonly who: string; readonly says: string } | undefined;
  readonly weather: MorningWeather | undefined;
  /** Compared number by number, the smaller one first. */
  readonly order: CostOrder;
}

const URGENT: readonly CallKind[] = ['wet', 'closing', 'lost', 'missed'];
const NOW: readonly CallKind[] = ['open', 'closing'];
const URGENT_WORDS: Readonly<Partial<Record<CallKind, string>>> = {
  closing: 'last chance',
  lost: 'will be missed',
  missed: 'window missed',
};

/** A wet film matters by the hour only while it is short of its design. */
const isUrgent = ({ kind, status }: Call): boolean =>
  URGENT.includes(kind) && (kind !== 'wet' || status.laid.at(-1)?.judgement.outcome === 'thin');

/** For whom or what a bay waits; undefined where it waits for nobody. */
function waitsFor({ kind, gate, status }: Call): string | undefined {
  switch (kind) {
    case 'held':
      return status.hold ? `a word, held by ${status.hold.who}` : 'a word';
    case 'accept':
      return 'acceptance';
    case 'steps':
      return 'preparation';
    case 'blocked':
    case 'check': {
      const what = gate?.name.toLowerCase() ?? 'something that is not known';
      return gate?.fixed === 'licence' ? `a licensed person: ${what}` : what;
    }
    default:
      return undefined;
  }
}

/** Calls of one key in one line, in the order in which each key came first. */
function grouped(calls: readonly Call[], keyOf: (c: Call) => string): [string, Call[]][] {
  const groups = new Map<string, Call[]>();
  for (const c of calls) groups.set(keyOf(c), [...(groups.get(keyOf(c)) ?? []), c]);
  return [...groups];
}
const labels = (calls: readonly Call[]): string => bayRunsInOrder(calls.map((c) => c.status.bay.label));

function line(says: string, calls: readonly Call[]): MorningLine[] {
  const [first] = calls;
  if (!first) return [];
  const ends = calls.flatMap((c) => c.toMs ?? c.deadlineMs ?? []);
  const { id: bayId, zoneId } = first.status.bay;
  return [
    {
      ...{ says, bays: calls.length, bayId, zoneId },
      ...(ends.length > 0 ? { byMs: Math.min(...ends) } : {}),
    },
  ];
}

/** What is laid next, or what lies wet. */
const nameOf = ({ kind, layer, status }: Call): string =>
  (kind === 'wet' ? status.laid.at(-1)?.coat.name : layer?.name)?.toLowerCase() ?? '';

const byLayer = (calls: readonly Call[], word: (c: Call) => string): MorningLine[] =>
  grouped(calls, (c) => `${word(c)}/${nameOf(c)}`).flatMap(([, list]) => {
    const [first] = list;
    if (!first) return [];
    const after = word(first);
    return line(`${labels(list)} ${nameOf(first)}${after && `: ${after}`}`, list);
  });

const HOURS_AHEAD = MS_PER_DAY / MS_PER_HOUR;
function weatherOf(timeline: Timeline | undefined, nowMs: number): MorningWeather | undefined {
  if (!timeline) return undefined;
  const first = hourOf(timeline, nowMs);
  const hours = Array.from({ length: HOURS_AHEAD }, (_, i) => first + i);
  const known = (column: 'rainMm' | 'windMPerS'): number[] =>
    hours.flatMap((h) => at(timeline, column, h) ?? []);
  const [rain, wind] = [known('rainMm'), known('windMPerS')];
  const wet = hours.find((h) => (at(timeline, 'rainMm', h) ?? 0) > 0);
  return {
    airC: at(timeline, 'airC', first),
    // A sum of fewer hours would be less than it is.
    rainMm: rain.length === hours.length ? rain.reduce((a, b) => a + b, 0) : undefined,
    rainFromMs: wet === undefined ? undefined : msOf(timeline, wet),
    mostWindMPerS: wind.length === hours.length ? Math.max(...wind) : undefined,
  };
}

/** @param more deliveries of the order, and the clock of the job */
export function jobMorning(
  state: JobState,
  more: { readonly deliveries: readonly Delivery[]; readonly timeZone: string },
): Morning {
  const { calls, atMs } = state;
  const { book } = state.kept.inputs;
  const dues = duesOf(calls, atMs);
  /** The next one, with the bays for which the same comes in the same minute. */
  const next = (ends: boolean): Morning['closes'] => {
    const list = dues.filter((d) => (d.kind !== 'opens') === ends);
    const [first] = list;
    if (!first) return undefined;
    const minute = (d: Due): number => Math.round(d.atMs / MS_PER_MINUTE);
    const same = list.filter((d) => d.kind === first.kind && minute(d) === minute(first));
    const says = `${DUE_WORDS[first.kind]}: ${bayRunsInOrder(same.map((d) => d.bay))}`;
    return { atMs: first.atMs, says, bayId: first.bayId };
  };
  const today = dateOf(atMs, more.timeZone);
  const [delivery] = more.deliveries
    .filter((d) => d.on >= today)
    .sort((a, b) => a.on.localeCompare(b.on) || a.name.localeCompare(b.name));
  let last: BookEntry | undefined;
  for (const e of book.seen.values()) if (!last || e.seq > last.seq) last = e;
  const siteBays = state.kept.inputs.site.bays;
  const waiting = calls.filter((c) => waitsFor(c) !== undefined);
  const urgent = calls.filter(isUrgent);
  // What missing costs first: the kind of the dearest call, then when it ends.
  const open = calls.filter((c) => c.kind !== 'done');
  const kind = Math.min(...open.map((c) => CALL_KINDS.indexOf(c.kind)), CALL_KINDS.length);
  const when = open.flatMap((c) =>
    CALL_KINDS.indexOf(c.kind) === kind ? [c.toMs ?? c.deadlineMs ?? c.fromMs ?? Infinity] : [],
  );
  return {
    atMs,
    bays: { all: calls.length, done: calls.length - open.length },
    urgent: byLayer(urgent, (c) => URGENT_WORDS[c.kind] ?? 'thin while wet'),
    now: byLayer(
      calls.filter((c) => NOW.includes(c.kind)),
      () => '',
    ),
    waits: grouped(waiting, (c) => waitsFor(c) ?? '')
      .flatMap(([what, list]) => line(`${what}: ${labels(list)}`, list))
      .sort((a, b) => b.bays - a.bays || a.says.localeCompare(b.says)),
    closes: next(true),
    opens: next(false),
    delivery: delivery && { on: delivery.on, name: delivery.name },
    last: last && {
      atMs: Date.parse(last.madeAt),
      who: last.who,
      says: [
        kindName(last.kind).toLowerCase(),
        bayRunsInOrder(last.bays.flatMap((b) => siteBays.find((x) => x.id === b.bayId)?.label ?? [])),
      ]
        .filter((s) => s !== '')
        .join(' on '),
    },
    weather: weatherOf(state.weather?.line, atMs),
    order: [kind, Math.min(...when, Number.MAX_SAFE_INTEGER)],
  };
}
