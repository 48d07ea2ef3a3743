/** Every way that the weather may go, off the main thread. */
import '../shared/nojit.ts';
import { expose } from 'comlink';
import { catalogue, type Coat, type Stage, type WorkLayer } from '@lentum/core/buildup';
import { jobWeather, type JobWeather, type Shade, type WeatherFacts } from '@lentum/core/call';
import {
  askOf,
  chancesOf,
  roofSurface,
  seasonHours,
  spreadOf,
  stageAt,
  stageTimes,
  startAt,
  type Ask,
  type Method,
  type SeasonHours,
  type Trouble,
} from '@lentum/core/programme';
import type { Spread } from '@lentum/core/programme';
import { MS_PER_HOUR } from '@lentum/core/units';
import {
  roofClimate,
  sunOver,
  timelineOf,
  zoneAhead,
  type Place,
  type WeatherSeries,
} from '@lentum/core/weather';

/** Of the past only what dries and cures is needed. */
const BACK_DAYS = 3;

let members: JobWeather[] = [];

export interface Question {
  readonly key: string;
  readonly zoneId: string;
  readonly shade: Shade;
  readonly coated: boolean;
  readonly ask: Ask;
}

export interface ChanceAnswer {
  readonly startMs: number;
  /** Share of the ways in which laying may begin, for each hour. */
  readonly open: Float64Array;
  /** What goes wrong most, for each hour. */
  readonly trouble: readonly (Trouble | undefined)[];
  readonly members: number;
}

export interface StartQuestion {
  readonly zoneId: string;
  readonly shade: Shade;
  readonly coated: boolean;
  readonly layer: WorkLayer;
  readonly layingHours: number;
  readonly method: Method;
  readonly startMs: number;
  readonly nowMs: number;
}

export interface FilmQuestion {
  readonly zoneId: string;
  readonly shade: Shade;
  readonly coated: boolean;
  readonly coat: Coat;
  readonly laidMs: number;
  readonly wetFilmMm: number;
  readonly nowMs: number;
}

const work = {
  /** @returns how many ways there are; none without a forecast that has them */
  know(facts: Omit<WeatherFacts, 'member'>): number {
    const forecast = facts.series
      .filter((s) => s.kind === 'forecast' && s.members && s.members.length > 0)
      .sort((a, b) => Date.parse(b.issuedAt) - Date.parse(a.issuedAt))[0];
    const count = forecast?.members?.length ?? 0;
    members = Array.from({ length: count }, (_, member) =>
      jobWeather({ ...facts, member }, BACK_DAYS),
    ).filter((m) => m !== undefined);
    return members.length;
  },

  chances(questions: readonly Question[]): Map<string, ChanceAnswer> {
    const answers = new Map<string, ChanceAnswer>();
    if (members.length === 0) return answers;
    for (const q of questions) {
      const climates = members.map((m) => m.climate(q.zoneId, q.shade, q.coated));
      const { open, members: count, trouble } = chancesOf(q.ask, climates);
      answers.set(q.key, {
        startMs: climates[0]?.line.startMs ?? 0,
        open,
        trouble: Array.from(open, (_, h) => trouble(h)),
        members: count,
      });
    }
    return answers;
  },

  /** When a film begun at an instant may be overcoated: early, middling and late. */
  overcoatSpread(q: StartQuestion): Spread | undefined {
    const climates = members.map((m) => m.climate(q.zoneId, q.shade, q.coated));
    const [first] = climates;
    if (!first || !askOf(q.layer, { layingHours: q.layingHours, method: q.method })) return undefined;
    return startAt(q.layer, q.startMs, q, first, q.nowMs, climates)?.overcoatFromSpread;
  },

  /** When the stages of a film that lies there come: early, middling and late. */
  filmSpreads(q: FilmQuestion): Map<Stage, Spread> {
    const ways = members.map((m) =>
      stageTimes(q.coat, q.laidMs, q.wetFilmMm, m.climate(q.zoneId, q.shade, q.coated), q.nowMs),
    );
    const spreads = new Map<Stage, Spread>();
    // Laid before what is kept of the past: nothing can be said.
    if (q.laidMs < (members[0]?.line.startMs ?? Infinity)) return spreads;
    for (const { stage } of ways[0] ?? []) {
      const found = spreadOf(ways.map((times) => stageAt(times, stage)));
      if (found) spreads.set(stage, found);
    }
    return spreads;
  },

  /** Usable hours of a year for the first build-up of every family of the library, on old concrete. */
  season(series: WeatherSeries, place: Place, timeZone: string, work: WorkHours): FamilySeason[] {
    const startMs = Date.parse(series.startAt);
    const seen = { ...series, kind: 'observed' as const };
    const line = timelineOf([seen], startMs, series.hours, startMs + series.hours * MS_PER_HOUR);
    const climate = roofClimate(line, sunOver(line, place), roofSurface({ kind: 'concrete-old' }));
    const months = Int8Array.from({ length: series.hours }, (_, h) => {
      const ms = startMs + h * MS_PER_HOUR;
      const local = new Date(ms + zoneAhead(ms, timeZone));
      const hour = local.getUTCHours();
      return hour >= work.from && hour < work.to ? local.getUTCMonth() : -1;
    });
    const monthOf = (h: number): number | undefined => ((months[h] ?? -1) < 0 ? undefined : months[h]);
    const families = new Set<string>();
    return catalogue()
      .filter((b) => !families.has(b.family) && families.add(b.family))
      .map((b) => ({
        name: b.name,
        ...seasonHours(b, climate, { monthOf }),
      }));
  },
};

/** Local hours in which work may begin. */
export interface WorkHours {
  readonly from: number;
  readonly to: number;
}
export interface FamilySeason extends SeasonHours {
  readonly name: string;
}

export type WeatherWork = typeof work;
expose(work);
