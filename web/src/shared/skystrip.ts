/** The sky strip as shapes: hours along, temperatures up. */
import { hourOf, type RoofClimate } from '@lentum/core/weather';
import { MS_PER_HOUR } from '@lentum/core/units';
import { svgPoint } from './svgpoint.ts';

export interface StripRange {
  /** Hours of the line, half open. */
  readonly from: number;
  readonly to: number;
}

export interface StripBox {
  readonly width: number;
  /** Of the band for temperatures. */
  readonly top: number;
  readonly bottom: number;
}

export interface Strip {
  readonly x: (ms: number) => number;
  readonly msAt: (x: number) => number;
  readonly y: (tempC: number) => number;
  readonly startMs: number;
  readonly endMs: number;
  readonly perHour: number;
}

const known = (v: number | undefined): v is number => v !== undefined && !Number.isNaN(v);

/** Hours that are shown, cut to what the line has. */
export function rangeOf(climate: RoofClimate, fromMs: number, hours: number): StripRange {
  const first = hourOf(climate.line, fromMs);
  return { from: Math.max(0, first), to: Math.min(climate.line.hours, first + hours) };
}

export function stripOf(climate: RoofClimate, { from, to }: StripRange, box: StripBox): Strip {
  const startMs = climate.line.startMs + from * MS_PER_HOUR;
  const endMs = climate.line.startMs + to * MS_PER_HOUR;
  const perHour = box.width / Math.max(1, to - from);
  let [low, high] = [Infinity, -Infinity];
  for (let h = from; h < to; h += 1)
    for (const v of [climate.surfaceC[h], climate.dewC[h], climate.line.values.airC[h]])
      if (known(v)) [low, high] = [Math.min(low, v), Math.max(high, v)];
  if (low > high) [low, high] = [0, 20];
  const margin = Math.max(1, (high - low) * 0.08);
  const scale = (box.bottom - box.top) / (high - low + 2 * margin);
  return {
    x: (ms) => ((ms - startMs) / MS_PER_HOUR) * perHour,
    msAt: (x) => startMs + (x / perHour) * MS_PER_HOUR,
    y: (tempC) => box.bottom - (tempC - low + margin) * scale,
    startMs,
    endMs,
    perHour,
  };
}

/** A line through the middles of its hours, broken where nothing is known. */
export function curve(values: Float64Array, { from, to }: StripRange, strip: Strip): string {
  let path = '';
  let on = false;
  for (let h = from; h < to; h += 1) {
    const v = values[h];
    if (!known(v)) {
      on = false;
      continue;
    }
    path += `${on ? 'L' : 'M'}${((h - from + 0.5) * strip.perHour).toFixed(1)} ${strip.y(v).toFixed(1)}`;
    on = true;
  }
  return path;
}

export type Margin = 'enough' | 'little' | 'wet';

/** The gap between surface and dew point hour by hour, by how wide it is. */
export function gaps(
  climate: RoofClimate,
  { from, to }: StripRange,
  strip: Strip,
  neededK: number,
): { kind: Margin; d: string }[] {
  const found: { kind: Margin; d: string }[] = [];
  for (let h = from; h < to - 1; h += 1) {
    const [a, b, c, d] = [climate.surfaceC[h], climate.surfaceC[h + 1], climate.dewC[h], climate.dewC[h + 1]];
    if (!known(a) || !known(b) || !known(c) || !known(d)) continue;
    const margin = Math.min(a - c, b - d);
    const x0 = ((h - from + 0.5) * strip.perHour).toFixed(1);
    const x1 = ((h - from + 1.5) * strip.perHour).toFixed(1);
    found.push({
      kind: margin >= neededK ? 'enough' : margin >= 0 ? 'little' : 'wet',
      d: `M${x0} ${strip.y(a).toFixed(1)}L${x1} ${strip.y(b).toFixed(1)}L${x1} ${strip.y(d).toFixed(1)}L${x0} ${strip.y(c).toFixed(1)}Z`,
    });
  }
  return found;
}

/** Runs of hours for which something is so, as spans of instants. */
export function spans(
  climate: RoofClimate,
  { from, to }: StripRange,
  is: (hour: number) => boolean,
): { fromMs: number; toMs: number }[] {
  const found: { fromMs: number; toMs: number }[] = [];
  let begin = -1;
  for (let h = from; h <= to; h += 1) {
    const yes = h < to && is(h);
    if (yes && begin < 0) begin = h;
    if (!yes && begin >= 0) {
      found.push({
        fromMs: climate.line.startMs + begin * MS_PER_HOUR,
        toMs: climate.line.startMs + h * MS_PER_HOUR,
      });
      begin = -1;
    }
  }
  return found;
}

/** The instant that a pointer stands over. */
export const msUnder = (e: PointerEvent, strip: Strip): number => strip.msAt(svgPoint(e)[0]);
