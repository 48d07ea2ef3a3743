/**
 * Stages of cure. A layer gives, for each stage, the hours it takes at some temperatures. Between the table's
 * temperatures the rate (1 / hours) is interpolated as Arrhenius does: its logarithm is linear in 1 / T absolute.
 * Below the table cure stands still; above it the last row counts. A stage's progress is the sum of rate × time
 * over the temperatures that really were (equivalent age, as ASTM C1074 does for concrete; from memory).
 */
import { MS_PER_HOUR, ZERO_CELSIUS_K } from '../units/index.ts';

export interface CurePoint {
  readonly atC: number;
  readonly hours: number;
}

/** Rising temperatures, as the schema of the build-up makes sure. */
export type CureTable = readonly CurePoint[];

/** A factor on the hours, at a humidity or at a wet film; rising. */
export interface FactorRow {
  readonly at: number;
  readonly factor: number;
}

/** A table over temperature with what else it depends on. */
export interface CureModel {
  readonly points: CureTable;
  readonly byHumidityPct?: readonly FactorRow[] | undefined;
  readonly byWetFilmMm?: readonly FactorRow[] | undefined;
}

/** The factor at a value: straight between the rows, held beyond them. 1 where there are no rows. */
export function factorAt(rows: readonly FactorRow[] | undefined, value: number | undefined): number {
  const first = rows?.[0];
  const last = rows?.[rows.length - 1];
  if (!rows || !first || !last || value === undefined) return 1;
  if (value <= first.at) return first.factor;
  if (value >= last.at) return last.factor;
  const i = rows.findIndex((r) => r.at > value);
  const a = rows[i - 1] ?? first;
  const b = rows[i] ?? last;
  return a.factor + ((value - a.at) / (b.at - a.at)) * (b.factor - a.factor);
}

export type CureHours =
  | { readonly kind: 'hours'; readonly hours: number; readonly beyondTable: boolean }
  | { readonly kind: 'stopped'; readonly belowC: number };

const inverseK = (tempC: number): number => 1 / (tempC + ZERO_CELSIUS_K);

/** Hours that a stage takes at a steady temperature; Infinity below the table. */
function hoursAt(table: CureTable, tempC: number): number {
  const first = table[0];
  const last = table[table.length - 1];
  if (!first || !last || tempC < first.atC) return Infinity;
  if (tempC >= last.atC) return last.hours;
  let i = 1;
  while ((table[i]?.atC ?? Infinity) <= tempC) i += 1;
  const a = table[i - 1] ?? first;
  const b = table[i] ?? last;
  const share = (inverseK(tempC) - inverseK(a.atC)) / (inverseK(b.atC) - inverseK(a.atC));
  return Math.exp(Math.log(a.hours) + share * (Math.log(b.hours) - Math.log(a.hours)));
}

/** The same, with what is beyond the table. */
export function cureHours(table: CureTable, tempC: number): CureHours {
  const hours = hoursAt(table, tempC);
  if (hours === Infinity) return { kind: 'stopped', belowC: table[0]?.atC ?? Infinity };
  return { kind: 'hours', hours, beyondTable: tempC > (table[table.length - 1]?.atC ?? Infinity) };
}

const factorsAt = (
  model: CureModel,
  humidityPct: number | undefined,
  wetFilmMm: number | undefined,
): number => factorAt(model.byHumidityPct, humidityPct) * factorAt(model.byWetFilmMm, wetFilmMm);

/** The share of a stage that an hour brings; 0 where it stands still. What is not known counts as a factor of 1. */
export function stageRate(
  model: CureModel,
  tempC: number,
  humidityPct: number | undefined,
  wetFilmMm: number | undefined,
): number {
  const hours = hoursAt(model.points, tempC);
  return hours === Infinity ? 0 : 1 / (hours * factorsAt(model, humidityPct, wetFilmMm));
}

/**
 * Hours that a stage takes at steady conditions: the table's, times the factors of humidity and of wet film. What is
 * not known counts as 1.
 */
export function stageHours(
  model: CureModel,
  at: {
    readonly tempC: number;
    readonly humidityPct?: number | undefined;
    readonly wetFilmMm?: number | undefined;
  },
): CureHours {
  const h = cureHours(model.points, at.tempC);
  if (h.kind === 'stopped') return h;
  return { ...h, hours: h.hours * factorsAt(model, at.humidityPct, at.wetFilmMm) };
}

/** A temperature, and the humidity where it is known, that hold from an instant (ms since 1970) until the next one. */
export interface TemperatureStep {
  readonly fromMs: number;
  readonly tempC: number;
  readonly humidityPct?: number | undefined;
}

const rateAt = (model: CureModel, step: TemperatureStep, wetFilmMm: number | undefined): number =>
  stageRate(model, step.tempC, step.humidityPct, wetFilmMm);

/** The step that holds at an instant; the first one before it begins. Histories are long, and rising. */
function stepAt(history: readonly TemperatureStep[], ms: number): number {
  let low = 0;
  let high = history.length - 1;
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if ((history[middle]?.fromMs ?? Infinity) <= ms) low = middle;
    else high = middle - 1;
  }
  return low;
}

/**
 * Share of a stage reached, 0 to 1, from a start to now over a stepped temperature history.
 * The first step also holds before it begins; the last one holds on.
 * @param history rising in time, at least one step
 */
export function progress(
  model: CureModel,
  startMs: number,
  nowMs: number,
  history: readonly TemperatureStep[],
  wetFilmMm?: number,
): number {
  let done = 0;
  for (let i = stepAt(history, startMs); i < history.length; i += 1) {
    const step = history[i];
    if (!step || (i > 0 && step.fromMs >= nowMs)) break;
    const from = Math.max(startMs, i === 0 ? startMs : step.fromMs);
    const to = Math.min(nowMs, history[i + 1]?.fromMs ?? nowMs);
    if (to > from) done += (rateAt(model, step, wetFilmMm) * (to - from)) / MS_PER_HOUR;
  }
  return Math.min(1, done);
}

/**
 * The instant at which a stage is reached if the last temperature holds; undefined when cure stands still.
 */
export function reachedAtMs(
  model: CureModel,
  startMs: number,
  history: readonly TemperatureStep[],
  wetFilmMm?: number,
): number | undefined {
  let left = 1;
  for (let i = stepAt(history, startMs); i < history.length; i += 1) {
    const step = history[i];
    if (!step) continue;
    const from = Math.max(startMs, i === 0 ? startMs : step.fromMs);
    const to = history[i + 1]?.fromMs ?? Infinity;
    if (to <= from) continue;
    const rate = rateAt(model, step, wetFilmMm) / MS_PER_HOUR;
    if (rate > 0 && left <= rate * (to - from)) return from + left / rate;
    left -= to === Infinity ? 0 : rate * (to - from);
  }
  return undefined;
}
