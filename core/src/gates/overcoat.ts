/** Gates of the time between two layers: whether what lies on top may be laid over, and whether it still may. */
import type { Coat } from '../buildup/index.ts';
import { given, words, type Given } from '../figures/index.ts';
import type { Practice } from '../practice/index.ts';
import type { BayStatus } from '../record/index.ts';
import { MS_PER_DAY, MS_PER_HOUR } from '../units/index.ts';
import type { Gate } from './gate.ts';

const READING = { by: 'entry', kind: 'conditions', known: {} } as const;

const BASIS = {
  weather: 'by the surface as the weather makes it',
  readings: 'by surface readings',
  assumed: 'no temperature is known; the coldest row of its table is assumed',
} as const;

/** Share of the way to overcoating, %. */
const way = (status: BayStatus): Given =>
  given(
    'way to overcoating',
    100 * (status.cured ?? 0),
    'percent',
    status.basis === 'assumed' ? 'assumed' : 'measured',
    BASIS[status.basis ?? 'assumed'],
  );

function fromGate(status: BayStatus, coat: Coat, finishedMs: number, nowMs: number): Gate {
  const head = {
    key: 'overcoat/from',
    group: 'overcoat',
    name: 'Overcoat from',
    limit: given('to be overcoated', 100, 'percent', coat.cure.overcoatFrom.source, 'of its table'),
    readAtMs: finishedMs,
  } as const;
  const { opensMs, soonestMs, basis } = status;
  const name = coat.name.toLowerCase();
  if (basis === 'assumed' && opensMs !== undefined && nowMs < opensMs) {
    const early = soonestMs !== undefined && nowMs < soonestMs;
    return {
      ...head,
      answer: early ? 'broken' : 'unknown',
      says: words`${name} laid ${{ atMs: finishedMs }}, overcoat from ${{ atMs: opensMs }}: ${BASIS.assumed}.`,
      opens: early
        ? words`Not before ${{ atMs: soonestMs ?? opensMs }}, however warm it is.`
        : ['Take a reading of the surface: it may be ready.'],
      opensAtMs: opensMs,
      settle: READING,
    };
  }
  const actual = way(status);
  if (opensMs === undefined)
    return {
      ...head,
      actual,
      answer: 'broken',
      says:
        status.unknown === 'beyond the forecast'
          ? words`${name} is ${actual} of the way; the rest is not reached within the hours that are known.`
          : words`${name} is ${actual} of the way and stands still: the surface is below the coldest row of its table.`,
      opens: ['It waits for warmth.'],
      settle: READING,
    };
  if (nowMs < opensMs && soonestMs !== undefined && nowMs >= soonestMs)
    return {
      ...head,
      actual,
      answer: 'unknown',
      says: words`${name} may be ready since ${{ atMs: soonestMs }}, the early end of its sheet’s range; surely from ${{ atMs: opensMs }}, ${BASIS[basis ?? 'readings']}.`,
      opens: ['Try it: where it is dry and firm under the thumb all over, answer for it; else wait.'],
      opensAtMs: opensMs,
    };
  return nowMs < opensMs
    ? {
        ...head,
        actual,
        answer: 'broken',
        says: words`${name} is ${actual} of the way, ${BASIS[basis ?? 'readings']}.`,
        opens: words`Overcoat from ${{ atMs: opensMs }}.`,
        opensAtMs: opensMs,
      }
    : {
        ...head,
        actual,
        answer: 'holds',
        says: words`since ${{ atMs: opensMs }}, ${BASIS[basis ?? 'readings']}.`,
        opens: [],
      };
}

function untilGate(status: BayStatus, coat: Coat, finishedMs: number, nowMs: number): Gate[] {
  const table = coat.cure.overcoatUntil;
  if (!table) return [];
  const head = {
    key: 'overcoat/until',
    group: 'overcoat',
    name: 'Overcoat until',
    readAtMs: finishedMs,
  } as const;
  if (status.basis === 'assumed') {
    // The fastest row ends first.
    const hours = table.points.at(-1)?.hours ?? 0;
    const soonest = finishedMs + hours * MS_PER_HOUR;
    return [
      nowMs < soonest
        ? {
            ...head,
            answer: 'holds',
            says: words`not before ${{ atMs: soonest }}, however warm it is.`,
            opens: [],
          }
        : {
            ...head,
            answer: 'unknown',
            says: words`it may have ended ${{ atMs: soonest }}, were it warm; no temperature is known.`,
            opens: ['Take a reading of the surface, or abrade, clean and prime again.'],
            settle: READING,
          },
    ];
  }
  const { closesMs } = status;
  if (closesMs === undefined)
    return [{ ...head, answer: 'holds', says: ['not within the hours that are known.'], opens: [] }];
  return [
    nowMs < closesMs
      ? { ...head, answer: 'holds', says: words`until ${{ atMs: closesMs }}.`, opens: [] }
      : {
          ...head,
          answer: 'broken',
          says: words`it ended ${{ atMs: closesMs }}.`,
          opens: ['Put it right as the layer says.'],
          settle: { by: 'entry', kind: 'remedy', known: { limit: 'overcoatUntil' } },
        },
  ];
}

/** What lies on top, unless it is a ply or nothing: only coats cure. */
export function overcoatGates(status: BayStatus, nowMs: number): Gate[] {
  const top = status.laid.at(-1);
  const other = status.others.at(-1);
  if (!top || (other && Date.parse(other.entry.startedAt) >= Date.parse(top.entry.startedAt))) return [];
  const { finishedAt } = top.entry;
  if (finishedAt === undefined)
    return [
      {
        key: 'overcoat/finished',
        group: 'overcoat',
        name: 'Finished',
        answer: 'broken',
        says: [`${top.coat.name.toLowerCase()} is still being laid.`],
        opens: ['Log it as finished.'],
        settle: { by: 'entry', kind: 'coat', known: { supersedes: top.entry.id } },
      },
    ];
  const finishedMs = Date.parse(finishedAt);
  return [fromGate(status, top.coat, finishedMs, nowMs), ...untilGate(status, top.coat, finishedMs, nowMs)];
}

/** What lay open for days is washed again; for weeks, looked at for growth. */
export function lyingGates(
  topMs: number | undefined,
  washedMs: number | undefined,
  biocideMs: number | undefined,
  nowMs: number,
  practice: Practice,
): Gate[] {
  if (topMs === undefined) return [];
  const lies = (nowMs - topMs) / MS_PER_DAY;
  const days = given('days that it lies open', Math.floor(lies), 'count', 'measured');
  const gates: Gate[] = [];
  const sinceWash = (nowMs - Math.max(topMs, washedMs ?? -Infinity)) / MS_PER_DAY;
  if (lies >= practice.washAfterDays.value)
    gates.push({
      key: 'lying/washed',
      group: 'lying',
      name: 'Washed again',
      answer: sinceWash < practice.washAfterDays.value ? 'holds' : 'broken',
      says:
        washedMs !== undefined && washedMs > topMs
          ? words`open for ${days} days; washed ${{ atMs: washedMs }}.`
          : words`open for ${days} days; it is washed again from ${practice.washAfterDays} days on.`,
      opens: ['Wash it off, let it dry, and log it.'],
      actual: days,
      limit: practice.washAfterDays,
      readAtMs: topMs,
      settle: { by: 'entry', kind: 'preparation', known: { steps: ['rewash'], complete: false } },
    });
  if (lies >= practice.growthAfterDays.value)
    gates.push({
      key: 'lying/growth',
      group: 'lying',
      name: 'Looked at for growth',
      answer: biocideMs !== undefined && biocideMs > topMs ? 'holds' : 'unknown',
      says: words`open for ${days} days: things may grow on it.`,
      opens: ['Look for growth; where there is some, wash with a biocide as its label says, and log it.'],
      actual: days,
      limit: practice.growthAfterDays,
      readAtMs: topMs,
      settle: { by: 'entry', kind: 'preparation', known: { steps: ['growth'], complete: false } },
    });
  return gates;
}
