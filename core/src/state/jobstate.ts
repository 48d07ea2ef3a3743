/**
 * The state of a job at an instant: for every bay what lies there, its gates, its call, its cure and what comes next. The
 * only place where these come from; the pages, the workers and the API ask here.
 */
import { ZoneBuildUps, type BuildUpDoc, type Limits, type WorkLayer } from '../buildup/index.ts';
import { callOf, jobWeather, topOf, type Call, type JobWeather } from '../call/index.ts';
import { detailSchedule, type Detail, type DetailSchedule } from '../details/index.ts';
import { SUBSTRATES } from '../family/index.ts';
import { detailsOn, gatesOf, isFresh, openingGates, WeatherGates, type Gate } from '../gates/index.ts';
import { rulesOf, type JobRules } from '../job/index.ts';
import { practiceOf, type Practice } from '../practice/index.ts';
import { windowsOf, type Ask, type Windows } from '../programme/index.ts';
import {
  allOf,
  bayStatus,
  latestConditions,
  type BayStatus,
  type BookEntry,
  type SiteBook,
  type ZoneBook,
} from '../record/index.ts';
import type { Bay, SiteDoc } from '../site/index.ts';
import type { Survey, Zone } from '../survey/index.ts';
import { TOLERANCE } from '../units/index.ts';
import {
  hourFloor,
  hourOf,
  msOf,
  type RoofClimate,
  type WeatherDoc,
  type WeatherSeries,
} from '../weather/index.ts';
import { Grounds } from './ground.ts';
import { bayInstant, fullMinute, listsOf } from './instants.ts';

export interface JobInputs {
  readonly survey: Survey;
  readonly buildUps: BuildUpDoc;
  readonly site: SiteDoc;
  readonly weather: WeatherDoc;
  readonly series: readonly WeatherSeries[];
  readonly book: SiteBook;
  readonly rules?: JobRules | undefined;
  /** The instant asked about, ms. The state stands for its full minute, or for the newest entry since. */
  readonly nowMs: number;
}

export interface JobState {
  /** The instant that it stands for: the full minute, or the newest entry since. */
  readonly atMs: number;
  /** In the order of the site's bays. */
  readonly calls: readonly Call[];
  readonly weather: JobWeather | undefined;
  readonly practice: Practice;
  /** What was asked, and what it was made from: it only makes the next one faster. */
  readonly kept: Kept;
}

/** What a bay's call went by. */
interface BayKept {
  readonly lists: readonly (readonly BookEntry[] | undefined)[];
  /** The instant that it stands for. */
  readonly ms: number;
  readonly view: JobWeather | undefined;
  readonly rainMs: number | undefined;
  readonly call: Call;
}

/** What stays the same from one instant to the next; nothing in it is an answer by itself. */
class Kept {
  readonly inputs: JobInputs;
  readonly practiceText: string;
  readonly weatherKey: string;
  readonly grounds: Grounds;
  readonly details: DetailSchedule;
  private readonly zones: ReadonlyMap<string, Zone>;
  private readonly near: Map<string, readonly Detail[]>;
  private readonly rain = new Map<number, number | undefined>();
  /** Calls of the state before that may still stand, and of this one. */
  private readonly before: ReadonlyMap<string, BayKept>;
  private readonly calls = new Map<string, BayKept>();
  private readonly windows: Map<RoofClimate, Map<Limits, Map<string, Windows>>>;
  readonly weatherGates: WeatherGates;
  readonly buildUps: ZoneBuildUps;

  constructor(inputs: JobInputs, practiceText: string, weatherKey: string, before: Kept | undefined) {
    this.inputs = inputs;
    this.practiceText = practiceText;
    this.weatherKey = weatherKey;
    this.grounds = before?.grounds ?? new Grounds();
    const { survey, buildUps, site } = inputs;
    this.zones = new Map(survey.zones.map((z) => [z.id, z]));
    const same =
      before && before.inputs.survey === survey && before.inputs.buildUps === buildUps ? before : undefined;
    this.details = same?.details ?? detailSchedule(survey, buildUps);
    this.near = same?.inputs.site === site ? same.near : new Map<string, readonly Detail[]>();
    this.windows =
      before && this.sameWeather(before)
        ? before.windows
        : new Map<RoofClimate, Map<Limits, Map<string, Windows>>>();
    this.before =
      before && sameBut(before.inputs, inputs) && before.practiceText === practiceText
        ? before.calls
        : new Map();
    this.weatherGates = new WeatherGates();
    this.buildUps = before?.inputs.buildUps === buildUps ? before.buildUps : new ZoneBuildUps(buildUps);
  }

  sameWeather({ inputs: b, weatherKey, practiceText }: Kept): boolean {
    const a = this.inputs;
    return (
      weatherKey === this.weatherKey &&
      practiceText === this.practiceText &&
      a.survey === b.survey &&
      a.weather === b.weather &&
      a.series === b.series
    );
  }

  zone(id: string): Zone | undefined {
    return this.zones.get(id);
  }

  /** When it rained last before an instant, worked out once for each. */
  rainBefore(view: JobWeather | undefined, nowMs: number): number | undefined {
    if (!this.rain.has(nowMs)) this.rain.set(nowMs, lastRain(view, this.inputs.book, nowMs));
    return this.rain.get(nowMs);
  }

  /** The call of a bay: as it was, where nothing that it goes by has changed. */
  callOf(bay: Bay, facts: Omit<BayKept, 'call'>, make: () => Call): Call {
    const old = this.before.get(bay.id);
    const same =
      old !== undefined &&
      old.ms === facts.ms &&
      old.view === facts.view &&
      old.rainMs === facts.rainMs &&
      old.call.status.bay === bay &&
      old.lists.every((list, i) => list === facts.lists[i]);
    const known = same ? old : { ...facts, call: make() };
    this.calls.set(bay.id, known);
    return known.call;
  }

  /** Details that come near a bay. */
  detailsOf(bay: Bay): readonly Detail[] {
    let known = this.near.get(bay.id);
    if (!known) {
      const zone = this.details.zones.find((z) => z.zone.id === bay.zoneId);
      known = zone ? detailsOn(zone, bay) : [];
      this.near.set(bay.id, known);
    }
    return known;
  }

  /** Layers and roofs are few: their windows are worked out once for all bays. */
  windowsOf(ask: Ask, climate: RoofClimate): Windows {
    const hours = Math.max(1, Math.ceil(ask.layingHours - TOLERANCE.cureShare));
    const key = `${ask.method}|${ask.breathes}|${hours}|${ask.wetFilmMm}`;
    const layers = this.windows.get(climate) ?? new Map<Limits, Map<string, Windows>>();
    this.windows.set(climate, layers);
    // The limits of a layer stand for the layer: its times go with them.
    const own = layers.get(ask.limits) ?? new Map<string, Windows>();
    layers.set(ask.limits, own);
    let known = own.get(key);
    if (!known) own.set(key, (known = windowsOf(ask, climate)));
    return known;
  }
}

const lastOf = (times: readonly number[]): number | undefined =>
  times.length > 0 ? Math.max(...times) : undefined;

/** When it rained last before an instant, by the hours that are known and by what somebody saw. */
function lastRain(view: JobWeather | undefined, book: SiteBook, nowMs: number): number | undefined {
  const seen = allOf(book, 'event')
    .filter((e) => e.body.what === 'rain' && Date.parse(e.body.at) <= nowMs)
    .map((e) => Date.parse(e.body.until ?? e.body.at));
  if (view) {
    const { line } = view;
    for (let h = Math.min(line.hours - 1, hourOf(line, nowMs)); h >= 0; h -= 1)
      if ((line.values.rainMm[h] ?? 0) > TOLERANCE.rainMm) {
        seen.push(Math.min(nowMs, msOf(line, h + 1)));
        break;
      }
  }
  return lastOf(seen.map((ms) => Math.min(ms, nowMs)));
}

/** Numbers for lists, so that a text can stand for them: lists of a book never change. */
const numbered = new WeakMap<object, number>();
let lastNumber = 0;
function numberOf(list: object): number {
  let known = numbered.get(list);
  if (known === undefined) numbered.set(list, (known = lastNumber += 1));
  return known;
}

/** What the weather of a job is made from at an instant, as a text: the same text, the same hours. */
function weatherKeyOf({ book, series, nowMs }: JobInputs, practice: Practice): string {
  const read = [...book.zones].map(([id, z]) => {
    const latest = latestConditions(book, id, nowMs);
    const fresh = isFresh(latest, nowMs, practice);
    // Of one list, what was taken by an instant is told by the last of it.
    return z.conditions.length === 0
      ? ''
      : `${id}:${numberOf(z.conditions)}:${takenBy(z.conditions, nowMs)}:${fresh}`;
  });
  const made = series.filter((s) => Date.parse(s.issuedAt) <= nowMs).map((s) => s.id);
  return [hourFloor(nowMs), ...made, ...read].join('|');
}

/** When readings were taken, ms, worked out once for a list. */
const taken = new WeakMap<object, readonly number[]>();
function takenBy(list: ZoneBook['conditions'], nowMs: number): number {
  let times = taken.get(list);
  if (!times) taken.set(list, (times = list.map((c) => Date.parse(c.at)).sort((a, b) => a - b)));
  let count = times.length;
  while (count > 0 && (times[count - 1] ?? 0) > nowMs) count -= 1;
  return count;
}

const breathes = (zone: Zone | undefined): boolean => {
  if (!zone?.substrate) return true;
  const { family, porous } = SUBSTRATES[zone.substrate.kind];
  return family === 'mineral' && porous;
};

/**
 * The state of a job.
 * @param previous of the same job: it only makes this faster, and never changes the answer
 */
export function jobState(asked: JobInputs, previous?: JobState): JobState {
  const atMs = instantOf(asked);
  const inputs = { ...asked, nowMs: atMs };
  const before = previous?.kept;
  if (previous && before && sameInputs(before.inputs, inputs)) return previous;
  const { survey, site, weather, series, book, rules = rulesOf(undefined) } = inputs;
  const practiceText = JSON.stringify(rules.practice);
  const practice =
    previous && before?.practiceText === practiceText ? previous.practice : practiceOf(rules.practice);
  const kept = new Kept(inputs, practiceText, weatherKeyOf(inputs, practice), before);
  const view =
    previous && before && kept.sameWeather(before)
      ? previous.weather
      : jobWeather({ doc: weather, series, survey, book, nowMs: atMs, practice });
  const judged: Judged = { weather: view, practice, kept };
  const calls = site.bays.map((bay) => {
    const lists = listsOf(book, bay);
    // What has nothing to do with this bay leaves it as it was.
    const ms = bayInstant(lists, atMs);
    return kept.callOf(bay, { lists, ms, view, rainMs: kept.rainBefore(view, ms) }, () =>
      callAt(judged, seenAt(judged, bay, ms), ms),
    );
  });
  return { atMs, calls, ...judged };
}

type Judged = Pick<JobState, 'weather' | 'practice' | 'kept'>;

/** A bay at an instant, and the weather of the surface that lies on top. */
export interface Seen {
  readonly status: BayStatus;
  readonly climate: RoofClimate | undefined;
}

export function seenAt({ weather, practice, kept }: Judged, bay: Bay, nowMs: number): Seen {
  const { buildUps, book } = kept.inputs;
  let climate: RoofClimate | undefined;
  const status = bayStatus(
    bay,
    buildUps,
    book,
    nowMs,
    (top) => {
      const { shade, coated } = topOf(top);
      climate = weather?.climate(bay.zoneId, shade, coated);
      return climate && weather?.bayWeather(climate);
    },
    kept.buildUps,
    practice,
  );
  return { status, climate };
}

/** The call for a bay as it is seen at an instant, with its gates. */
export function callAt(judged: Judged, { status, climate }: Seen, nowMs: number): Call {
  const { kept, practice } = judged;
  const { next, bay } = status;
  return callOf(status, {
    climate,
    crew: kept.inputs.weather.crew,
    nowMs,
    practice,
    breathes: breathes(kept.zone(bay.zoneId)),
    windowsFor: (ask, c) => kept.windowsOf(ask, c),
    gatesFor: (ask, windows) =>
      next
        ? gatesOfBay(judged, status, next, nowMs, ask, climate, windows)
        : openingGates(status, kept.inputs.book, nowMs),
  });
}

/** The gates of a bay before a layer is laid on it at an instant. */
export function gatesOfBay(
  { weather, practice, kept }: Judged,
  status: BayStatus,
  layer: WorkLayer,
  nowMs: number,
  ask: Ask | undefined,
  climate: RoofClimate | undefined,
  windows: Windows | undefined,
): Gate[] {
  const { bay, buildUp } = status;
  if (!buildUp) return [];
  const { survey, book, rules = rulesOf(undefined) } = kept.inputs;
  const zone = kept.zone(bay.zoneId);
  const ground = zone
    ? kept.grounds.of(
        zone,
        buildUp,
        book,
        survey.primerSchool,
        practice,
        kept.practiceText,
        firstLaidMs(status) ?? nowMs,
      )
    : { readiness: undefined, cannot: 'the zone of this bay is not in the survey.' };
  return gatesOf({
    ...{ status, buildUp, layer, book, nowMs, practice, ask, climate, windows },
    weatherGates: kept.weatherGates,
    rainMs: kept.rainBefore(weather, nowMs),
    withoutPrimer: kept.buildUps.terms(bay.zoneId)?.withoutPrimer === true,
    ground: ground.readiness,
    cannot: ground.cannot,
    details: kept.detailsOf(bay),
    holdPoints: rules.holdPoints,
  });
}

/** The full minute, or the newest entry since. */
function instantOf({ nowMs, book }: JobInputs): number {
  const minute = fullMinute(nowMs);
  return book.lastMadeMs <= nowMs ? Math.max(minute, book.lastMadeMs) : minute;
}

/** But for the record and the instant. */
const sameBut = (a: JobInputs, b: JobInputs): boolean =>
  a.survey === b.survey &&
  a.buildUps === b.buildUps &&
  a.site === b.site &&
  a.weather === b.weather &&
  a.series === b.series &&
  a.rules === b.rules;

const sameInputs = (a: JobInputs, b: JobInputs): boolean =>
  a.nowMs === b.nowMs && a.book === b.book && sameBut(a, b);

function firstLaidMs({ laid, others }: BayStatus): number | undefined {
  const starts = [...laid, ...others].map((l) => Date.parse(l.entry.startedAt));
  return starts.length > 0 ? Math.min(...starts) : undefined;
}
