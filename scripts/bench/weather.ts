/** Windows over a year and over an ensemble, and how often what is said to hold with some chance does hold. */
import { catalogue, isCoat, type Coat } from '@lentum/core/buildup';
import { cureHours } from '@lentum/core/cure';
import { askOf, chancesOf, roofSurface, windowsOf, type Ask } from '@lentum/core/programme';
import {
  MILD_COAST,
  roofClimate,
  SimulatedWeather,
  sunOver,
  timelineOf,
  type Columns,
  type RoofClimate,
  type WeatherSeries,
} from '@lentum/core/weather';
import { timed, type Row } from './table.ts';

const HOUR = 3_600_000;
const PLACE = { latitudeDeg: 38.7, longitudeDeg: -9.1 };
const KIND = roofSurface({ kind: 'concrete-old' });
const coats: Coat[] = catalogue()
  .flatMap((b) => b.layers.filter(isCoat))
  .slice(0, 15);
const [first] = coats as [Coat, ...Coat[]];
const askFor = (coat: Coat, layingHours = 2): Ask => {
  const ask = askOf(coat, { layingHours });
  if (!ask) throw new Error('a coat asks something of the weather');
  return ask;
};

function series(columns: Columns, startMs: number, over: Partial<WeatherSeries> = {}): WeatherSeries {
  const at = new Date(startMs).toISOString();
  return {
    id: 'x',
    kind: 'observed',
    source: 'made up',
    simulated: true,
    issuedAt: at,
    startAt: at,
    hours: columns.airC?.length ?? 1,
    columns,
    ...over,
  };
}
function climate(
  list: WeatherSeries[],
  startMs: number,
  hours: number,
  nowMs: number,
  member?: number,
): RoofClimate {
  const line = timelineOf(list, startMs, hours, nowMs, member);
  return roofClimate(line, sunOver(line, PLACE), KIND);
}

/** One hour after the other, each condition that a film meets on its way: what the fast way is measured beside. */
function plainOpen(ask: Ask, c: RoofClimate, s: number): boolean {
  const n = c.line.hours;
  const { rainMm, airC, humidityPct } = c.line.values;
  const span = Math.ceil(ask.layingHours);
  for (let h = s; h < s + span; h += 1) {
    if (h >= n) return false;
    const surface = c.surfaceC[h] ?? NaN;
    if ((rainMm[h] ?? 0) > 0.05 || surface - (c.dewC[h] ?? 0) < ask.limits.dewMarginK.value) return false;
    if (surface < ask.limits.surfaceMinC.value || surface > ask.limits.surfaceMaxC.value) return false;
    if ((airC[h] ?? 0) < ask.limits.airMinC.value || (humidityPct[h] ?? 0) > ask.limits.humidityMaxPct.value)
      return false;
  }
  let done = 0;
  for (let h = s + span; h < n && done < 1; h += 1) {
    if ((rainMm[h] ?? 0) > 0.05 || (c.surfaceC[h] ?? 0) < (c.dewC[h] ?? 0)) return false;
    const taken = ask.rainSafe && cureHours(ask.rainSafe.points, c.surfaceC[h] ?? 0);
    done += !taken ? 1 : taken.kind === 'hours' ? 1 / taken.hours : 0;
  }
  return done >= 1;
}

function speed(): Row[] {
  const start = Date.UTC(2025, 0, 1);
  const year = 8760;
  const weather = new SimulatedWeather({ ...MILD_COAST, place: PLACE, seed: 3 });
  const made = series(weather.columns(start, year), start);
  const whole = climate([made], start, year, start + year * HOUR);
  const asks = coats.map((c) => askFor(c));
  const fast = timed(() => asks.forEach((a) => windowsOf(a, whole)));
  const plain = timed(() =>
    asks.forEach((a) => {
      for (let h = 0; h < year; h += 1) plainOpen(a, whole, h);
    }),
  );
  const { members } = weather.forecast(start, start, 240, 50);
  const f = series(members[0] ?? {}, start, { kind: 'forecast', members });
  const bays = Array.from({ length: 40 }, (_, i) => askFor(coats[i % coats.length] ?? first, 1 + (i % 3)));
  const ensemble = timed(() => {
    const ways = members.map((_, m) => climate([f], start, 240, start, m));
    bays.forEach((a) => chancesOf(a, ways));
  });
  return [
    {
      what: 'windows of 15 layers over a year of hours',
      measured: `${fast.toFixed(0)} ms`,
      aim: '< 100 ms',
      held: fast < 100,
    },
    {
      what: '  reference: hour by hour, to the first condition that fails',
      measured: `${plain.toFixed(0)} ms`,
      aim: '',
    },
    {
      what: 'chances of 40 bays over 10 days in 50 ways',
      measured: `${ensemble.toFixed(0)} ms`,
      aim: '< 1000 ms',
      held: ensemble < 1000,
    },
  ];
}

const WEEKS = 120;
const BINS = 10;
/** A bin with fewer cases says nothing. */
const LEAST = 60;

/** Over many made-up weeks: of the starts that were said to hold with a chance, how many did. */
function calibration(): Row[] {
  const sim = new SimulatedWeather({ ...MILD_COAST, place: PLACE, seed: 11 });
  const coat = coats[1] ?? first;
  const ask = askFor(coat);
  const bins = Array.from({ length: BINS + 1 }, () => ({ said: 0, held: 0, chance: 0 }));
  const [back, ahead] = [24, 144];
  for (let week = 0; week < WEEKS; week += 1) {
    const issued = Date.UTC(2024, 0, 1, 6) + week * 9 * 24 * HOUR;
    const start = issued - back * HOUR;
    const seen = series(sim.columns(start, back), start);
    const { columns, members } = sim.forecast(issued, issued, ahead, 40);
    const f = series(columns, issued, { id: 'f', kind: 'forecast', members });
    const ways = members.map((_, m) => climate([seen, f], start, back + ahead, issued, m));
    const said = chancesOf(ask, ways);
    const truth = series(sim.columns(start, back + ahead), start);
    const held = windowsOf(ask, climate([truth], start, back + ahead, start + (back + ahead) * HOUR));
    for (let h = back; h < back + ahead - 48; h += 3) {
      const chance = said.open[h] ?? 0;
      const bin = bins[Math.round(chance * BINS)];
      if (!bin) continue;
      bin.said += 1;
      bin.chance += chance;
      if (held.mask[h] === 0) bin.held += 1;
    }
  }
  let worst = 0;
  const lines = bins.flatMap((b, i): Row[] => {
    if (b.said === 0) return [];
    const [said, came] = [(100 * b.chance) / b.said, (100 * b.held) / b.said];
    if (b.said >= LEAST) worst = Math.max(worst, Math.abs(said - came));
    return [
      {
        what: `  said ${((100 * i) / BINS).toFixed(0)} %: ${b.said} starts, mean chance ${said.toFixed(0)} %`,
        measured: `${came.toFixed(0)} % held`,
        aim: '',
      },
    ];
  });
  return [
    {
      what: `chances of ${WEEKS} made-up weeks: furthest from what came`,
      measured: `${worst.toFixed(0)} points`,
      aim: '< 12 points',
      held: worst < 12,
    },
    ...lines,
  ];
}

export const benchWeather = (): Row[] => [...speed(), ...calibration()];
