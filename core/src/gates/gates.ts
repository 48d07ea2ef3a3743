/** Every gate of a bay before its next layer, in the order of the work. */
import { isCoat, type BuildUp, type WorkLayer } from '../buildup/index.ts';
import type { Detail } from '../details/index.ts';
import type { HoldPoint } from '../job/index.ts';
import type { Practice } from '../practice/index.ts';
import type { Ask, Windows } from '../programme/index.ts';
import type { Readiness } from '../readiness/index.ts';
import type { BayStatus, BookEntryOf, SiteBook } from '../record/index.ts';
import { MS_PER_HOUR, MS_PER_MINUTE } from '../units/index.ts';
import type { RoofClimate } from '../weather/index.ts';
import { belowGates } from './below.ts';
import { comesAfterDetails, detailGates } from './details.ts';
import { decisionsOn, takenOver, type Gate } from './gate.ts';
import { coveredGround, groundGates, primerGate } from './ground.ts';
import { hotGates } from './hot.ts';
import { missGates } from './missed.ts';
import { lyingGates, overcoatGates } from './overcoat.ts';
import { preparationGates, preparationsOn, unpreparedBelow } from './preparation.ts';
import { WeatherGates } from './weather.ts';

export interface GateTerms {
  readonly status: BayStatus;
  readonly buildUp: BuildUp;
  readonly layer: WorkLayer;
  /** Of the zone, for the first layer of the build-up; undefined: it cannot be judged, and `cannot` says why. */
  readonly ground: Readiness | undefined;
  readonly cannot: string | undefined;
  /** The primer on the ground was left out on this zone. */
  readonly withoutPrimer: boolean;
  /** Details that come near the bay. */
  readonly details: readonly Detail[];
  readonly book: SiteBook;
  readonly nowMs: number;
  readonly practice: Practice;
  readonly holdPoints: readonly HoldPoint[];
  /** What the layer asks of the weather; undefined for courses that no weather harms. */
  readonly ask: Ask | undefined;
  readonly climate: RoofClimate | undefined;
  readonly windows: Windows | undefined;
  readonly rainMs: number | undefined;
  readonly weatherGates?: WeatherGates | undefined;
}

/** When the first and the last of what lies there was laid; undefined where nothing lies. */
function laidSpan(status: BayStatus): { firstMs: number; lastMs: number } | undefined {
  const spans = [...status.laid, ...status.others].map(({ entry }) => [
    Date.parse(entry.startedAt),
    Date.parse(entry.finishedAt ?? entry.startedAt),
  ]);
  return spans.length === 0
    ? undefined
    : {
        firstMs: Math.min(...spans.map(([from]) => from ?? Infinity)),
        lastMs: Math.max(...spans.map(([, to]) => to ?? -Infinity)),
      };
}

const stepMs = (done: readonly BookEntryOf<'preparation'>[], ...keys: string[]): number | undefined => {
  const found = done.filter((p) => p.body.steps.some((s) => keys.includes(s)));
  return found.length > 0 ? Math.max(...found.map((p) => Date.parse(p.body.at))) : undefined;
};

const washedOn = (done: readonly BookEntryOf<'preparation'>[]): number | undefined =>
  stepMs(done, 'wash', 'rewash');

const CANNOT: Omit<Gate, 'says'> = {
  key: 'ground/survey',
  group: 'ground',
  name: 'Survey',
  answer: 'unknown',
  opens: ['Say what there is to coat.'],
  settle: { by: 'survey' },
};

/** Since when what lies on a bay lies open: its last layer, or the last time that it was washed; undefined: bare. */
export function liesOpenSince({
  status,
  book,
  nowMs,
}: Pick<GateTerms, 'status' | 'book' | 'nowMs'>): number | undefined {
  const topMs = laidSpan(status)?.lastMs;
  const washedMs = washedOn(preparationsOn(book, status.bay, nowMs));
  return topMs === undefined ? undefined : Math.max(topMs, washedMs ?? -Infinity);
}

/** The gates of a bay before a layer is laid, with what somebody answers for. */
export function gatesOf(terms: GateTerms): Gate[] {
  const { status, layer, book, nowMs, practice, ground, holdPoints, ask } = terms;
  const { bay } = status;
  const span = laidSpan(status);
  const done = preparationsOn(book, bay, nowMs);
  const endsMs = nowMs + (ask?.layingHours ?? 0) * MS_PER_HOUR;
  const gates: Gate[] = [
    ...(ground
      ? span
        ? coveredGround(ground)
        : groundGates(ground, { nowMs, practice, rainMs: terms.rainMs })
      : span
        ? []
        : [{ ...CANNOT, says: [terms.cannot ?? 'the ground cannot be judged.'] }]),
    ...(terms.withoutPrimer && ground ? [primerGate(ground)] : []),
    ...(span
      ? unpreparedBelow(done, span.firstMs)
      : ground
        ? preparationGates(ground.steps, done, nowMs)
        : []),
    ...(comesAfterDetails(terms.buildUp, layer)
      ? detailGates(terms.details, { book, bay, nowMs, mustBeAccepted: holdPoints.includes('details') })
      : []),
    ...belowGates(layer, {
      status,
      buildUp: terms.buildUp,
      book,
      nowMs,
      mustBeAccepted: (l) => holdPoints.includes(isCoat(l) && l.role === 'primer' ? 'primer' : 'coats'),
    }),
    ...missGates(status),
    ...overcoatGates(status, nowMs),
    ...lyingGates(span?.lastMs, washedOn(done), stepMs(done, 'growth'), nowMs, practice),
    ...hotGates(layer, {
      ...{ zoneId: bay.zoneId, buildUp: terms.buildUp, book, nowMs, endsMs, practice },
      surfaceC: status.conditions?.surfaceC,
    }),
    ...(ask
      ? (terms.weatherGates ?? new WeatherGates()).of({
          ...{ ask, layer, nowMs, practice },
          climate: terms.climate,
          windows: terms.windows,
          reading: status.conditions,
        })
      : []),
  ];
  return takenOver(
    gates,
    decisionsOn(book, bay, nowMs),
    layer.id,
    nowMs - practice.airReadingMin.value * MS_PER_MINUTE,
  );
}
