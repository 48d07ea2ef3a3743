/**
 * The state of a job at an instant: for every bay what lies there, its gates, its call, its cure and what comes next. The
 * only place where these come from; the pages, the workers and the API ask here.
 */
import type { BuildUp, WorkLayer } from '../buildup/index.ts';
import { callOf, jobWeather, topOf, type Call, type JobWeather } from '../call/index.ts';
import { SUBSTRATES } from '../family/index.ts';
import { gatesOf, openingGates, type Gate } from '../gates/index.ts';
import { rulesOf } from '../job/index.ts';
import { practiceOf, type Practice } from '../practice/index.ts';
import type { Ask, Windows } from '../programme/index.ts';
import { bayStatus, type BayStatus } from '../record/index.ts';
import type { Bay } from '../site/index.ts';
import type { Zone } from '../survey/index.ts';
import type { RoofClimate } from '../weather/index.ts';
import type { Ground } from './ground.ts';
import { sameInputs, type JobInputs } from './inputs.ts';
import { bayInstant, fullMinute, listsOf } from './instants.ts';
import { Kept } from './kept.ts';
import { weatherKeyOf } from './weatherfacts.ts';

/** What every bay of a job is judged by at an instant. It holds functions and stays where it was made. */
export interface JobBasis {
  /** The instant that it stands for: the full minute, or the newest entry since. */
  readonly atMs: number;
  readonly weather: JobWeather | undefined;
  readonly practice: Practice;
  /** What was asked, and what it was made from: it only makes the next one faster. */
  readonly kept: Kept;
}

export interface JobState extends JobBasis {
  /** In the order of the site's bays; plain data, which a worker can send. */
  readonly calls: readonly Call[];
}

export const breathes = (zone: Zone | undefined): boolean => {
  if (!zone?.substrate) return true;
  const { family, porous } = SUBSTRATES[zone.substrate.kind];
  return family === 'mineral' && porous;
};

/**
 * What a job is judged by, without judging its bays.
 * @param previous of the same job: it only makes this faster, and never changes the answer
 */
export function jobBasis(asked: JobInputs, previous?: JobBasis): JobBasis {
  const atMs = instantOf(asked);
  const inputs = { ...asked, nowMs: atMs };
  const before = previous?.kept;
  if (previous && before && sameInputs(before.inputs, inputs)) return previous;
  const { survey, weather, series, book, rules = rulesOf(undefined) } = inputs;
  const practiceText = JSON.stringify(rules.practice);
  const practice =
    previous && before?.practiceText === practiceText ? previous.practice : practiceOf(rules.practice);
  const kept = new Kept(inputs, practiceText, weatherKeyOf(inputs, practice), before);
  const view =
    previous && before && kept.sameWeather(before)
      ? previous.weather
      : jobWeather({ doc: weather, series, survey, book, nowMs: atMs, practice });
  return { atMs, weather: view, practice, kept };
}

/**
 * The state of a job.
 * @param previous of the same job: it only makes this faster, and never changes the answer
 */
export function jobState(asked: JobInputs, previous?: JobState): JobState {
  const basis = jobBasis(asked, previous);
  if (previous && basis === previous) return previous;
  const { atMs, kept, weather: view } = basis;
  const { site, book } = kept.inputs;
  const calls = site.bays.map((bay) => {
    const lists = listsOf(book, bay, kept.isHot(bay.zoneId));
    // What has nothing to do with this bay leaves it as it was.
    const ms = bayInstant(lists, atMs);
    return kept.callOf(bay, { lists, ms, view, rainMs: kept.rainBefore(view, ms) }, () =>
      callAt(basis, seenAt(basis, bay, ms), ms),
    );
  });
  return { ...basis, calls };
}

/** A bay at an instant, and the weather of the surface that lies on top. */
export interface Seen {
  readonly status: BayStatus;
  readonly climate: RoofClimate | undefined;
}

export function seenAt({ weather, practice, kept }: JobBasis, bay: Bay, nowMs: number): Seen {
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
export function callAt(basis: JobBasis, { status, climate }: Seen, nowMs: number): Call {
  const { kept, practice } = basis;
  const { next, bay } = status;
  return callOf(status, {
    climate,
    crew: kept.inputs.weather.crew,
    nowMs,
    practice,
    breathes: breathes(kept.zone(bay.zoneId)),
    zone: kept.zone(bay.zoneId),
    windowsFor: (ask, c) => kept.windowsOf(ask, c),
    gatesFor: (ask, windows) =>
      next
        ? gatesOfBay(basis, status, next, nowMs, ask, climate, windows)
        : openingGates(status, kept.inputs.book, nowMs, { zone: kept.zone(bay.zoneId), practice }),
  });
}

/** The gates of a bay before a layer is laid on it at an instant. */
export function gatesOfBay(
  { weather, practice, kept }: JobBasis,
  status: BayStatus,
  layer: WorkLayer,
  nowMs: number,
  ask: Ask | undefined,
  climate: RoofClimate | undefined,
  windows: Windows | undefined,
): Gate[] {
  const { bay, buildUp } = status;
  if (!buildUp) return [];
  const { book, rules = rulesOf(undefined) } = kept.inputs;
  const ground = groundAt({ practice, kept }, status, buildUp, nowMs);
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

/** What there is to coat, as it is judged for a bay: as it was when the first layer was laid, else as it is. */
export function groundAt(
  { practice, kept }: Pick<JobBasis, 'practice' | 'kept'>,
  status: BayStatus,
  buildUp: BuildUp,
  nowMs: number,
): Ground {
  const { survey, book } = kept.inputs;
  const zone = kept.zone(status.bay.zoneId);
  return zone
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
}

/** The full minute, or the newest entry since. */
function instantOf({ nowMs, book }: JobInputs): number {
  const minute = fullMinute(nowMs);
  return book.lastMadeMs <= nowMs ? Math.max(minute, book.lastMadeMs) : minute;
}

function firstLaidMs({ laid, others }: BayStatus): number | undefined {
  const starts = [...laid, ...others].map((l) => Date.parse(l.entry.startedAt));
  return starts.length > 0 ? Math.min(...starts) : undefined;
}
