/** The state of a job as the API tells it: plain values and sentences, for scripts and for people. */
import { worded, type Wording } from '../wording/index.ts';
import type { Call } from '../call/index.ts';
import { verdictText, type Figure, type Given, type Part } from '../figures/index.ts';
import { adviceOf, type Advice, type Gate } from '../gates/index.ts';
import type { JobState } from '../state/index.ts';
import { systemOf, type Written } from '../units/index.ts';
import { zoneAhead } from '../weather/index.ts';
import { callVerdict } from './callverdicts.ts';

export interface ToldValue {
  readonly label: string;
  /** In the core's own unit of the quantity. */
  readonly value: number;
  readonly quantity: string;
  readonly source: string;
}
export interface ToldGate {
  readonly key: string;
  readonly group: string;
  readonly name: string;
  readonly answer: Gate['answer'];
  readonly says: string;
  /** What would open or settle it. */
  readonly opens: string;
  readonly actual?: ToldValue;
  readonly limit?: ToldValue;
  readonly readAt?: string;
  readonly opensAt?: string;
  /** The kind of entry that settles it, or the page. */
  readonly settledBy?: string;
  /** Nobody takes it over. */
  readonly fixed?: string;
  readonly takenOver?: { readonly by: string; readonly at: string; readonly reason: string };
}
export interface ToldBay {
  readonly id: string;
  readonly label: string;
  readonly zoneId: string;
  /** What can be done: open, check, blocked, opens, curing and so on. */
  readonly kind: Call['kind'];
  /** What lies there. */
  readonly state: string;
  /** Go: every gate holds. Hold: one is broken. Check: none is broken, some are not known. Absent: nothing is to be laid. */
  readonly advice?: Advice;
  /** The next layer. */
  readonly layerId?: string;
  readonly from?: string;
  readonly until?: string;
  readonly gates: readonly ToldGate[];
  readonly sentences: readonly string[];
}
export interface ToldState {
  readonly at: string;
  readonly timeZone: string;
  readonly bays: readonly ToldBay[];
}

const iso = (ms: number): string => new Date(ms).toISOString();

function value(of: Figure | Given): ToldValue {
  const source = 'source' in of ? of.source : 'computed';
  return { label: of.label, value: of.value, quantity: of.quantity, source };
}

/** Local time of the job to the minute, as 2026-05-12 08:30. */
const localTime =
  (timeZone: string) =>
  (ms: number): string =>
    iso(ms + zoneAhead(ms, timeZone))
      .slice(0, 16)
      .replace('T', ' ');

export function toldState(
  state: JobState,
  {
    timeZone,
    written = 'metric',
    wording = 'uk',
  }: { readonly timeZone: string; readonly written?: Written; readonly wording?: Wording },
): ToldState {
  const time = localTime(timeZone);
  const text = (parts: readonly Part[]): string => verdictText(parts, written, time, wording).trim();
  const gate = (g: Gate): ToldGate => ({
    ...{
      key: g.key,
      group: g.group,
      name: worded(g.name, wording, systemOf(written)),
      answer: g.answer,
      says: text(g.says),
      opens: text(g.opens),
    },
    ...(g.actual ? { actual: value(g.actual) } : {}),
    ...(g.limit ? { limit: value(g.limit) } : {}),
    ...(g.readAtMs === undefined ? {} : { readAt: iso(g.readAtMs) }),
    ...(g.opensAtMs === undefined ? {} : { opensAt: iso(g.opensAtMs) }),
    ...(g.settle ? { settledBy: g.settle.by === 'entry' ? g.settle.kind : g.settle.by } : {}),
    ...(g.fixed ? { fixed: g.fixed } : {}),
    ...(g.taken ? { takenOver: { by: g.taken.who, at: iso(g.taken.atMs), reason: g.taken.reason } } : {}),
  });
  return {
    at: iso(state.atMs),
    timeZone,
    bays: state.calls.map((call): ToldBay => {
      const { status, layer, kind, gates } = call;
      const verdict = callVerdict(call, state.atMs);
      return {
        id: status.bay.id,
        label: status.bay.label,
        zoneId: status.bay.zoneId,
        kind,
        state: status.state,
        ...(layer && gates.length > 0 ? { advice: adviceOf(gates) } : {}),
        ...(layer ? { layerId: layer.id } : {}),
        ...(call.fromMs === undefined ? {} : { from: iso(call.fromMs) }),
        ...(call.toMs === undefined ? {} : { until: iso(call.toMs) }),
        gates: gates.map(gate),
        sentences: [
          `${verdict.subject} ${text(verdict.says)}`,
          ...(verdict.quiet ? [text(verdict.quiet)] : []),
        ].filter((s) => s !== ''),
      };
    }),
  };
}
