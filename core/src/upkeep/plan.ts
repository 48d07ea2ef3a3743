/**
 * The years after: what a finished roof asks for and when, what was done of it, when it is coated again and what that takes.
 * Times count from when it was handed over, else from when its last layer was finished.
 */
import {
  bridgedCrack,
  cited,
  costOfLayer,
  isCoat,
  laidRate,
  sumOf,
  type BuildUp,
  type Coat,
} from '../buildup/index.ts';
import type { Figure, Given, Part } from '../figures/index.ts';
import type { RoofLevels } from '../falls/index.ts';
import type { Practice } from '../practice/index.ts';
import type { BayStatus, SiteBook } from '../record/index.ts';
import type { WeatherSeries } from '../weather/index.ts';
import { comesAgain, rangeDate, standing, type DateTerms, type UpkeepDate } from './dates.ts';
import { monthOf, monthsAfter } from './months.ts';
import { recoatOf, type Recoat } from './recoat.ts';
import { topFilmOf, type TopFilm } from './topfilm.ts';
import { didOf, keptOf, type Kept } from './visits.ts';

/** Over how many years a plan goes. */
export const PLAN_YEARS = 20;

export interface UpkeepTerms {
  readonly zoneId: string;
  readonly areaM2: Figure;
  readonly buildUp: BuildUp;
  readonly statuses: readonly BayStatus[];
  readonly book: SiteBook;
  readonly surface: RoofLevels | undefined;
  readonly series: readonly WeatherSeries[];
  readonly latitudeDeg: number | undefined;
  readonly practice: Practice;
  readonly timeZone: string;
  readonly nowMs: number;
}

/** What a recoat takes of a layer. */
export interface Again {
  readonly coat: Coat;
  readonly amount: Figure;
  readonly cost: Figure | undefined;
}

export interface UpkeepPlan {
  readonly startMs: number;
  /** `today`: it is not finished; the times are those as if it were handed over now. */
  readonly startBy: 'handed over' | 'finished' | 'today';
  readonly kept: Kept;
  readonly film: TopFilm | undefined;
  readonly recoat: Recoat | undefined;
  readonly renewal: { readonly soonest: Figure; readonly latest: Figure };
  readonly again: readonly Again[];
  /** Of one recoat, at today's prices; undefined where a layer has no price. */
  readonly recoatCost: Figure | undefined;
  readonly visitsPerYear: Given;
  readonly outletsPerYear: Given;
  readonly dates: readonly UpkeepDate[];
  /** By how much a crack may open below each coat that says how far it stretches. */
  readonly bridges: readonly { readonly coat: Coat; readonly figure: Figure }[];
  /** What is late, or due in this month. */
  readonly standing: readonly UpkeepDate[];
  readonly note: string;
  readonly says: readonly (readonly Part[])[];
}

function startOf(
  kept: Kept,
  statuses: readonly BayStatus[],
  nowMs: number,
): Pick<UpkeepPlan, 'startMs' | 'startBy'> {
  if (kept.handedOver) return { startMs: kept.handedOver.atMs, startBy: 'handed over' };
  const ends = statuses.map((s) =>
    s.buildUp && s.next === undefined && s.laid.every((l) => l.entry.finishedAt !== undefined)
      ? Math.max(
          ...s.laid.map((l) => Date.parse(l.entry.finishedAt ?? '')),
          ...s.others.map((o) => Date.parse(o.entry.startedAt)),
        )
      : undefined,
  );
  const known = ends.filter((e): e is number => e !== undefined);
  return known.length > 0 && known.length === ends.length
    ? { startMs: Math.max(...known), startBy: 'finished' }
    : { startMs: nowMs, startBy: 'today' };
}

function takes(coat: Coat, areaM2: Figure): Again {
  const { basis, rate } = laidRate(coat);
  const each = costOfLayer(coat);
  return {
    coat,
    amount: {
      label: `${coat.name}, for a recoat`,
      value: areaM2.value * rate.value,
      quantity: basis === 'mass' ? 'mass' : 'volume',
      formula: '{area} × {rate}',
      inputs: { area: areaM2, rate },
      from: 'area by rate; no waste, no details',
    },
    cost: each && {
      label: `${coat.name}, cost of a recoat`,
      value: areaM2.value * each.value,
      quantity: 'price',
      formula: '{area} × {each}',
      inputs: { area: areaM2, each },
      from: 'at today’s prices; no waste, no labour',
    },
  };
}

function lives(years: Given, spread: Given, sign: -1 | 1, label: string): Figure {
  return {
    label,
    value: years.value * (1 + sign * spread.value),
    quantity: 'years',
    formula: `{years} × (1 ${sign < 0 ? '−' : '+'} {spread})`,
    inputs: { years, spread },
    from: 'as said, so much sooner or later (our own rule, rough)',
  };
}

/** Recoats after one another until it may be renewed: each counts from the middle of the one before. */
function recoatDates(
  first: Recoat,
  next: Recoat | undefined,
  { start, now, years }: DateTerms,
  renewedFrom: number,
): UpkeepDate[] {
  const found: UpkeepDate[] = [];
  let since = start;
  for (let one: Recoat | undefined = first; one; one = next) {
    const [from, to] = [monthsAfter(since, one.soonest.value), monthsAfter(since, one.latest.value)];
    const middle = Math.round((from + to) / 2);
    if (from > monthsAfter(start, years) || from >= renewedFrom || middle <= since) break;
    found.push(rangeDate('recoat', from, to, now));
    since = middle;
  }
  return found;
}

/** @returns undefined where the build-up says nothing of its upkeep */
export function upkeepOf(terms: UpkeepTerms): UpkeepPlan | undefined {
  const { buildUp, practice, timeZone, nowMs } = terms;
  const { upkeep } = buildUp;
  if (!upkeep) return undefined;
  const kept = keptOf(terms.book, terms.zoneId);
  const { startMs, startBy } = startOf(kept, terms.statuses, nowMs);
  const film = topFilmOf(buildUp, terms.statuses);
  const recoated = didOf(kept.visits, 'coated again').at(-1);
  const sinceMs = recoated?.atMs ?? startMs;
  const later = kept.visits.findLast((v) => v.body.topUm.length > 0 && v.atMs > sinceMs);
  const wear = { buildUp, film, surface: terms.surface, series: terms.series, practice, sinceMs };
  const recoat = recoatOf({
    ...wear,
    later: later && { atMs: later.atMs, readUm: later.body.topUm },
    again: recoated !== undefined,
  });
  const dates: DateTerms = {
    ...{ start: monthOf(startMs, timeZone), now: monthOf(nowMs, timeZone), years: PLAN_YEARS, timeZone },
    ...{ latitudeDeg: terms.latitudeDeg, visits: kept.visits },
  };
  const visitsPerYear = cited('visits a year', upkeep.inspectPerYear, 'count');
  const life = cited('renewed after', upkeep.lifeYears, 'years');
  const renewal = {
    soonest: lives(life, practice.recoatSpread, -1, 'Renewed, soonest'),
    latest: lives(life, practice.recoatSpread, 1, 'Renewed, latest'),
  };
  const renewedFrom = monthsAfter(dates.start, renewal.soonest.value);
  const renewedTo = monthsAfter(dates.start, renewal.latest.value);
  const again = (film?.coats ?? []).map((c) => takes(c, terms.areaM2));
  const costs = again.flatMap((a) => (a.cost ? [a.cost] : []));
  const visits = comesAgain('visit', 'looked at', visitsPerYear.value, dates);
  // Outlets are cleared on every visit; between visits they come alone.
  const outlets = comesAgain('outlets', 'outlets cleared', practice.outletsPerYear.value, dates).filter(
    (o) => !visits.some((v) => v.from === o.from),
  );
  const all = [
    ...visits,
    ...outlets,
    ...(recoat
      ? recoatDates(
          recoat,
          recoatOf({ ...wear, later: undefined, again: true }),
          { ...dates, start: monthOf(sinceMs, timeZone) },
          renewedFrom,
        )
      : []),
    ...(renewedFrom <= monthsAfter(dates.start, PLAN_YEARS)
      ? [rangeDate('renewal', renewedFrom, renewedTo, dates.now)]
      : []),
  ].sort((a, b) => a.from - b.from);
  return {
    ...{ startMs, startBy, kept, film, recoat, renewal, again, visitsPerYear, note: upkeep.note },
    outletsPerYear: practice.outletsPerYear,
    recoatCost:
      costs.length > 0 && costs.length === again.length
        ? sumOf('One recoat, material', 'price', costs, 'at today’s prices; no waste, no labour')
        : undefined,
    dates: all,
    bridges: buildUp.layers.filter(isCoat).flatMap((coat) => {
      const figure = bridgedCrack(coat, buildUp, practice);
      return figure ? [{ coat, figure }] : [];
    }),
    standing: [visits, outlets, all.filter((d) => d.key === 'recoat' || d.key === 'renewal')].flatMap(
      (list) => {
        const one = standing(list);
        return one ? [one] : [];
      },
    ),
    says: recoat?.says ?? [],
  };
}
