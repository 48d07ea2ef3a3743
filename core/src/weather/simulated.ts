/**
 * A made-up weather service: a true weather for every hour, and forecasts of it that are as good as they say. Nothing of
 * it is real; wherever it is used it is marked as simulated.
 *
 * The truth is made of normal noise between knots and of fronts, one in each slot of some days. A forecast sees a signal
 * of each knot and of each front that is worth less the further ahead it lies:
 *     signal = r × truth + sqrt(1 − r²) × noise of the forecast,    r falls with lead
 * and each member is drawn from what the truth may be when the signal is known, N(r × signal, 1 − r²). So the truth is as
 * likely as any member, which is what makes a chance of 80 % come true in 80 of 100.
 */
import { MS_PER_DAY, MS_PER_HOUR } from '../units/index.ts';
import { normalOf, shareOf } from './chance.ts';
import { saturationHPa } from './humidair.ts';
import type { Columns } from './series.ts';
import { sunOnLevelWPerM2, type Place } from './sun.ts';

export interface Climate {
  readonly place: Place;
  /** Of the year, °C. */
  readonly meanC: number;
  /** Warmest month less the mean. */
  readonly seasonK: number;
  /** Half the swing of a clear day. */
  readonly dayK: number;
  /** Air less dew point on a middling day. */
  readonly spreadK: number;
  readonly windMPerS: number;
  readonly seed: number;
  /** One front is to pass at this instant: the demo's afternoon. */
  readonly frontAtMs?: number | undefined;
  /** Fronts before that one pass without rain. */
  readonly dryBefore?: boolean | undefined;
  /** The full hour that its noise is counted from: the same made-up weather again, on another day. */
  readonly originMs?: number | undefined;
}

/** A mild coast, half way between the tropics and the cold. */
export const MILD_COAST: Omit<Climate, 'place' | 'seed'> = {
  meanC: 18,
  seasonK: 3.5,
  dayK: 4,
  spreadK: 6,
  windMPerS: 3.5,
};

/** One front in each slot. */
const SLOT_H = 84;
const KNOT_H = { airC: 30, spreadK: 18, cloud: 15, wind: 9, rain: 3 } as const;
type Noise = keyof typeof KNOT_H;
const STREAM: Record<Noise | 'front' | 'strength', number> = {
  airC: 11,
  spreadK: 12,
  cloud: 13,
  wind: 14,
  rain: 15,
  front: 16,
  strength: 17,
};
/** Lead at which the signal of a knot is worth so much less that r² is 1/e. */
const GOOD_FOR_H = 120;
/** A front's time is known to so much of its lead. */
const FRONT_ERROR = 0.07;
const worthAt = (leadH: number): number => (leadH <= 0 ? 1 : Math.exp(-leadH / (2 * GOOD_FOR_H)));

/** A way to see the weather: the truth, or a member of a forecast made at an hour. */
export interface View {
  /** Hours from the origin; undefined: the truth. */
  readonly issuedH?: number;
  readonly member?: number;
}

/** What was drawn for a view already: neighbouring hours share knots and fronts. */
interface Sight extends View {
  readonly knots: Map<number, number>;
  readonly fronts: Map<number, { atH: number; strength: number }>;
}
/** More than the knots that any stream has. */
const STREAM_KEY = 2 ** 32;

export class SimulatedWeather {
  private readonly climate: Climate;
  private readonly originH: number;

  constructor(climate: Climate) {
    this.climate = climate;
    this.originH = Math.round((climate.originMs ?? 0) / MS_PER_HOUR);
  }

  /** A knot as a view sees it. */
  private knot(stream: number, index: number, hour: number, view: Sight): number {
    const key = stream * STREAM_KEY + index;
    let found = view.knots.get(key);
    if (found === undefined) view.knots.set(key, (found = this.drawKnot(stream, index, hour, view)));
    return found;
  }

  private drawKnot(stream: number, index: number, hour: number, view: View): number {
    const { seed } = this.climate;
    const truth = normalOf(seed, stream, index);
    if (view.issuedH === undefined) return truth;
    const r = worthAt(hour - view.issuedH);
    if (r === 1) return truth;
    const off = Math.sqrt(1 - r * r);
    const signal = r * truth + off * normalOf(seed, stream, index, view.issuedH);
    return r * signal + off * normalOf(seed, stream, index, view.issuedH, 1 + (view.member ?? 0));
  }

  /** Normal noise at an hour: between two knots, of the same deviation everywhere. */
  private noise(kind: Noise, hour: number, view: Sight): number {
    const every = KNOT_H[kind];
    const index = Math.floor(hour / every);
    const share = (hour / every - index) * (Math.PI / 2);
    const a = this.knot(STREAM[kind], index, index * every, view);
    const b = this.knot(STREAM[kind], index + 1, (index + 1) * every, view);
    return a * Math.cos(share) + b * Math.sin(share);
  }

  /** Time (hours from the origin) and strength (0 to 1) of the front of a slot, as a view sees it. */
  private front(slot: number, view: Sight): { atH: number; strength: number } {
    let found = view.fronts.get(slot);
    if (!found) view.fronts.set(slot, (found = this.drawFront(slot, view)));
    return found;
  }

  private drawFront(slot: number, view: Sight): { atH: number; strength: number } {
    const { seed, frontAtMs } = this.climate;
    const asked = frontAtMs === undefined ? undefined : frontAtMs / MS_PER_HOUR - this.originH;
    const isAsked = asked !== undefined && Math.floor(asked / SLOT_H) === slot;
    const truth = isAsked ? asked : (slot + 0.15 + 0.7 * shareOf(seed, STREAM.front, slot)) * SLOT_H;
    let atH = truth;
    if (view.issuedH !== undefined) {
      const error = FRONT_ERROR * Math.max(0, truth - view.issuedH);
      const signal = truth + error * normalOf(seed, STREAM.front, slot, view.issuedH);
      atH = signal + error * normalOf(seed, STREAM.front, slot, view.issuedH, 1 + (view.member ?? 0));
    }
    const drawn = this.knot(STREAM.strength, slot, truth, view);
    const strength = isAsked && view.issuedH === undefined ? 0.8 : 1 / (1 + Math.exp(-1.3 * drawn - 0.2));
    return { atH, strength: isAsked ? Math.max(0.6, strength) : strength };
  }

  /** Whether the front of a slot brings rain. */
  private rains(slot: number): boolean {
    const { dryBefore, frontAtMs } = this.climate;
    if (!dryBefore || frontAtMs === undefined) return true;
    return slot >= Math.floor((frontAtMs / MS_PER_HOUR - this.originH) / SLOT_H);
  }

  /** What the fronts near an hour add: cloud, rain in mm, cooling in K and wind in m/s. */
  private fronts(hour: number, view: Sight): { cloud: number; rain: number; coolK: number; wind: number } {
    const slot = Math.floor(hour / SLOT_H);
    const sum = { cloud: 0, rain: 0, coolK: 0, wind: 0 };
    for (let s = slot - 1; s <= slot + 1; s += 1) {
      const { atH, strength } = this.front(s, view);
      const since = hour - atH;
      if (since < -24 || since > 72) continue;
      sum.cloud += strength * (since < 0 ? Math.exp(since / 6) : Math.exp(-since / 9));
      if (this.rains(s) && since >= -0.5 && since < 4 + 8 * strength) {
        const gaps = this.noise('rain', hour, view);
        sum.rain += Math.max(0, strength * (2.2 + 1.8 * gaps) * Math.exp(-Math.max(0, since) / 6));
      }
      if (since > 0) sum.coolK += 4 * strength * Math.exp(-since / 30);
      sum.wind += 5 * strength * Math.exp(-((since / 8) ** 2));
    }
    return sum;
  }

  /** One hour, counted from the origin. */
  private hour(hour: number, view: Sight) {
    const c = this.climate;
    const ms = (hour + this.originH) * MS_PER_HOUR;
    const f = this.fronts(hour, view);
    const cloud = Math.min(1, Math.max(0, 0.3 + 0.25 * this.noise('cloud', hour, view) + f.cloud));
    const solarHour = (((ms / MS_PER_HOUR + c.place.longitudeDeg / 15) % 24) + 24) % 24;
    const dayOfYear = ((ms / MS_PER_DAY) % 365.2425) - (c.place.latitudeDeg < 0 ? 182 : 0);
    const season = c.seasonK * Math.cos((2 * Math.PI * (dayOfYear - 205)) / 365.2425);
    // Coldest before sunrise, warmest in the early afternoon.
    const day = Math.cos((2 * Math.PI * (solarHour - 14.5)) / 24);
    const mean = c.meanC + season + 1.8 * this.noise('airC', hour, view) - f.coolK;
    const airC = mean + c.dayK * (1 - 0.6 * cloud) * day;
    const spread =
      Math.max(1, c.spreadK + 1.6 * this.noise('spreadK', hour, view)) * (1 - 0.6 * Math.min(1, f.cloud));
    const dewC = Math.min(mean - spread + 0.5 * day, airC - 0.3);
    const rainMm = f.rain < 0.1 ? 0 : f.rain;
    const humidityPct = Math.min(
      99,
      (100 * saturationHPa(Math.min(airC, dewC + (rainMm > 0 ? 1.5 : 0)))) / saturationHPa(airC),
    );
    const breeze = 1.2 * Math.max(0, day);
    const windMPerS = Math.max(
      0.3,
      c.windMPerS * (0.75 + 0.35 * this.noise('wind', hour, view)) + breeze + f.wind,
    );
    return { airC, humidityPct, rainMm, windMPerS, gustMPerS: windMPerS * (1.35 + 0.25 * cloud), cloud };
  }

  /**
   * Columns of some hours.
   * @param fromMs a full hour
   */
  columns(
    fromMs: number,
    hours: number,
    view: View = {},
  ): Required<Omit<Columns, 'surfaceC' | 'rainChancePct'>> {
    const first = Math.round(fromMs / MS_PER_HOUR) - this.originH;
    const sight: Sight = { ...view, knots: new Map(), fronts: new Map() };
    const made = Array.from({ length: hours }, (_, i) => this.hour(first + i, sight));
    const rounded = (digits: number, of: (h: (typeof made)[number], i: number) => number): number[] =>
      made.map((h, i) => Number(of(h, i).toFixed(digits)));
    return {
      airC: rounded(1, (h) => h.airC),
      humidityPct: rounded(0, (h) => h.humidityPct),
      rainMm: rounded(1, (h) => h.rainMm),
      windMPerS: rounded(1, (h) => h.windMPerS),
      gustMPerS: rounded(1, (h) => h.gustMPerS),
      cloudPct: rounded(0, (h) => 100 * h.cloud),
      sunWPerM2: rounded(0, (h, i) =>
        sunOnLevelWPerM2(fromMs + i * MS_PER_HOUR, this.climate.place, h.cloud),
      ),
    };
  }

  /** A forecast: members, their middle, and the share of them with rain. */
  forecast(
    issuedMs: number,
    fromMs: number,
    hours: number,
    count: number,
  ): { columns: Columns; members: Columns[] } {
    const issuedH = Math.floor(issuedMs / MS_PER_HOUR) - this.originH;
    const members = Array.from({ length: count }, (_, member) =>
      this.columns(fromMs, hours, { issuedH, member }),
    );
    return { columns: middleOf(members, hours), members };
  }
}

/**
 * The middle of the members for each hour, and the share with rain. An hour of which none says anything stays unknown, and
 * so does a column that none has.
 */
export function middleOf(members: readonly Columns[], hours: number): Columns {
  const keys = ['airC', 'humidityPct', 'rainMm', 'windMPerS', 'gustMPerS', 'cloudPct', 'sunWPerM2'] as const;
  const said = (key: (typeof keys)[number], h: number): number[] => members.flatMap((m) => m[key]?.[h] ?? []);
  const byHour = (of: (h: number) => number | null): (number | null)[] =>
    Array.from({ length: hours }, (_, h) => of(h));
  const middle = (key: (typeof keys)[number]): (number | null)[] =>
    byHour((h) => {
      const values = said(key, h).sort((a, b) => a - b);
      return values[Math.floor((values.length - 1) / 2)] ?? null;
    });
  return {
    ...Object.fromEntries(keys.map((k) => [k, middle(k)])),
    rainChancePct: byHour((h) => {
      const rain = said('rainMm', h);
      return rain.length === 0 ? null : Math.round((100 * rain.filter((mm) => mm > 0).length) / rain.length);
    }),
  };
}
