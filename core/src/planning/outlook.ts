/** The weather of every task in one way that it may go, worked out when it is first asked for and kept. */
import { isCoat, wetFilm, type Coat, type WorkLayer } from '../buildup/index.ts';
import type { JobWeather, Shade } from '../call/index.ts';
import type { CureModel } from '../cure/index.ts';
import type { Practice } from '../practice/index.ts';
import { askOf, reachedHours, stageShares, windowsOf, type Method } from '../programme/index.ts';
import { MINUTES_PER_HOUR, TOLERANCE } from '../units/index.ts';
import { hourOf, type RoofClimate } from '../weather/index.ts';
import { BEYOND, type Cure, type Outlook, type Sky } from './model.ts';

/** What the weather of a task goes by. */
export interface Exposed {
  readonly zoneId: string;
  readonly layer: WorkLayer;
  /** What it is laid on. */
  readonly below: { readonly shade: Shade; readonly coated: boolean };
  readonly method: Method;
  readonly breathes: boolean;
}

interface Line {
  readonly climate: RoofClimate;
  /** The hour of the line with which the frame begins. */
  readonly offset: number;
}

function skyOf(
  { climate, offset }: Line,
  hours: number,
  e: Exposed,
  span: number,
  practice: Practice,
): Sky | undefined {
  const ask = askOf(e.layer, { layingHours: span, method: e.method, breathes: e.breathes, practice });
  if (!ask) return undefined;
  const mask = windowsOf(ask, climate).mask.slice(offset, offset + hours);
  const open = Uint8Array.from(mask, (m) => (m === 0 ? 1 : 0));
  const next = new Int32Array(hours + 2).fill(hours);
  for (let h = open.length - 1; h >= 0; h -= 1) next[h] = open[h] === 1 ? h : (next[h + 1] ?? hours);
  return { open, next, mask };
}

/** Minutes of the frame at which a stage is reached: the end of its hour, or the beginning of it. */
function reached(
  model: CureModel | undefined,
  { climate, offset }: Line,
  hours: number,
  filmMm: number,
  edge: 'begin' | 'end',
): Int32Array | undefined {
  if (!model) return undefined;
  const found = reachedHours(stageShares(model, climate, filmMm));
  return Int32Array.from({ length: hours + 1 }, (_, h) => {
    const at = found[offset + h] ?? BEYOND;
    if (at < 0 || at - offset >= hours) return BEYOND;
    return (at - offset + (edge === 'end' ? 1 : 0)) * MINUTES_PER_HOUR;
  });
}

function cureOf(line: Line, hours: number, coat: Coat): Cure {
  const film = wetFilm(coat).value;
  const at = (model: CureModel | undefined, edge: 'begin' | 'end' = 'end'): Int32Array | undefined =>
    reached(model, line, hours, film, edge);
  const from = at(coat.cure.overcoatFrom) ?? new Int32Array(hours + 1);
  const foot = at(coat.cure.foot) ?? from;
  return {
    from,
    until: at(coat.cure.overcoatUntil, 'begin'),
    // Whoever lays the next coat walks on it: from then on it carries those who pass, too.
    walk: Int32Array.from(foot, (f, h) => {
      const over = from[h] ?? BEYOND;
      return f < 0 ? over : over < 0 ? f : Math.min(f, over);
    }),
    foot,
    wheels: at(coat.cure.wheels) ?? foot,
    rainSafe: at(coat.cure.rainSafe) ?? from,
    flood: at(coat.cure.flood),
  };
}

export interface OutlookTerms {
  /** For each task; undefined: no weather harms it. */
  readonly exposed: readonly (Exposed | undefined)[];
  readonly weather: JobWeather;
  readonly startMs: number;
  /** Hours of the frame. */
  readonly hours: number;
  readonly practice: Practice;
}

export function outlookOf({ exposed, weather, startMs, hours, practice }: OutlookTerms): Outlook {
  const skies = new Map<string, Sky | undefined>();
  const cures = new Map<string, Cure>();
  const keys = exposed.map((e) =>
    e ? [e.zoneId, e.layer.id, e.below.shade, e.below.coated, e.method, e.breathes].join('/') : '',
  );
  const bySpan: (Sky | undefined)[][] = exposed.map(() => []);
  const ofTask: (Cure | undefined)[] = exposed.map(() => undefined);
  const line = (zoneId: string, shade: Shade, coated: boolean): Line => {
    const climate = weather.climate(zoneId, shade, coated);
    return { climate, offset: hourOf(climate.line, startMs) };
  };
  const offset = hourOf(weather.line, startMs);
  const rain = weather.line.values.rainMm.slice(offset, offset + hours);
  return {
    rain: Uint8Array.from(rain, (mm) => (mm > TOLERANCE.rainMm ? 1 : 0)),
    sky(task, span) {
      const e = exposed[task];
      if (!e) return undefined;
      const own = bySpan[task];
      if (own && span in own) return own[span];
      const key = `${keys[task]}/${span}`;
      if (!skies.has(key))
        skies.set(key, skyOf(line(e.zoneId, e.below.shade, e.below.coated), hours, e, span, practice));
      const found = skies.get(key);
      if (own) own[span] = found;
      return found;
    },
    cure(task) {
      const e = exposed[task];
      if (!e || !isCoat(e.layer)) return undefined;
      const known = ofTask[task];
      if (known) return known;
      const key = keys[task] ?? '';
      let found = cures.get(key);
      if (!found) {
        found = cureOf(line(e.zoneId, e.layer.shade, true), hours, e.layer);
        cures.set(key, found);
      }
      ofTask[task] = found;
      return found;
    },
  };
}
