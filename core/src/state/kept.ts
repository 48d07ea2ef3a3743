/** What is kept from one state of a job to the next: it only makes the next one faster. */
import { isWorkLayer, ZoneBuildUps, type Limits } from '../buildup/index.ts';
import type { Call, JobWeather } from '../call/index.ts';
import { detailSchedule, type Detail, type DetailSchedule } from '../details/index.ts';
import { detailsOn, WeatherGates } from '../gates/index.ts';
import { windowsOf, type Ask, type Windows } from '../programme/index.ts';
import type { BookEntry } from '../record/index.ts';
import { isHot, type Bay } from '../site/index.ts';
import type { Zone } from '../survey/index.ts';
import { TOLERANCE } from '../units/index.ts';
import type { RoofClimate } from '../weather/index.ts';
import { Grounds } from './ground.ts';
import { sameBut, type JobInputs } from './inputs.ts';
import { lastRain } from './weatherfacts.ts';

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
export class Kept {
  readonly inputs: JobInputs;
  readonly practiceText: string;
  readonly weatherKey: string;
  readonly grounds: Grounds;
  /** Of this survey and these build-ups; made when it is first asked for. */
  private readonly schedule: { made?: DetailSchedule };
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
    this.schedule = same?.schedule ?? {};
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

  get details(): DetailSchedule {
    const { survey, buildUps } = this.inputs;
    return (this.schedule.made ??= detailSchedule(survey, buildUps));
  }

  zone(id: string): Zone | undefined {
    return this.zones.get(id);
  }

  /** Whether anything is laid hot on a zone. */
  isHot(zoneId: string): boolean {
    return this.buildUps.of(zoneId)?.layers.some((l) => isWorkLayer(l) && isHot(l)) ?? false;
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
