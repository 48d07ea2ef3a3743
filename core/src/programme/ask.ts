/** What a layer asks of the weather while it is laid and after. */
import {
  cited,
  isCoat,
  POLYURETHANES,
  wetFilm,
  type Chemistry,
  type Limits,
  type WorkLayer,
} from '../buildup/index.ts';
import type { CureModel } from '../cure/index.ts';
import { given, type Figure, type Given } from '../figures/index.ts';
import type { Sourced } from '../job/index.ts';
import { COMMON, type Practice } from '../practice/index.ts';

export const METHODS = ['by hand', 'sprayed'] as const;
export type Method = (typeof METHODS)[number];

export interface Ask {
  readonly limits: Limits;
  /** Laying a bay takes so long. */
  readonly layingHours: number;
  readonly method: Method;
  /** The wind that it stands, by how it is put on: as its sheet says; for a spray there always is one. */
  readonly windMax: Sourced | undefined;
  /** The ground is mineral and porous, or not known: a warming slab breathes out. */
  readonly breathes: boolean;
  /** Absent for sheets: rain does them no harm once they lie. */
  readonly rainSafe: CureModel | undefined;
  /** The surface must stay above this until a stage of cure. */
  readonly noBelow: { readonly tempC: number; readonly until: CureModel } | undefined;
  readonly wetFilmMm: number | undefined;
}

/** Their mist is breathed in: sprayed only where the sheet names a spray. */
const MIST_HARMS: ReadonlySet<Chemistry> = new Set<Chemistry>([...POLYURETHANES, 'methacrylate', 'epoxy']);

/**
 * How a layer is put on by a crew that sprays: sheets and what is poured hot are laid by hand, and so is a coat whose
 * tools name no spray, or whose mist harms and whose sheet names none.
 */
export function methodOf(layer: WorkLayer, method: Method): Method {
  if (!isCoat(layer) || layer.kettle) return 'by hand';
  if (layer.tools.some((t) => t.kind === 'airless spray')) return method;
  const harms = layer.chemistry !== undefined && MIST_HARMS.has(layer.chemistry);
  return layer.tools.length > 0 || harms ? 'by hand' : method;
}

/** The wind that a layer stands, by how it is put on: as its sheet says; for a spray there always is a limit. */
export const windOf = (limits: Limits, method: Method, { sprayWind }: Practice): Sourced | undefined =>
  method === 'by hand'
    ? limits.windHandMaxMPerS
    : (limits.windSprayMaxMPerS ?? { value: sprayWind.value, source: sprayWind.source });

/** @returns undefined for courses that no weather harms */
export function askOf(
  layer: WorkLayer,
  {
    layingHours,
    method: asked = 'by hand',
    breathes = true,
    practice = COMMON,
  }: { layingHours: number; method?: Method; breathes?: boolean; practice?: Practice },
): Ask | undefined {
  if (layer.kind === 'protection') return undefined;
  const { limits } = layer;
  const method = methodOf(layer, asked);
  const windMax = windOf(limits, method, practice);
  if (!isCoat(layer))
    return {
      limits,
      layingHours,
      method,
      windMax,
      breathes,
      rainSafe: undefined,
      noBelow: undefined,
      wetFilmMm: undefined,
    };
  const until = limits.noBelow && layer.cure[limits.noBelow.until];
  return {
    limits,
    layingHours,
    method,
    windMax,
    breathes,
    rainSafe: layer.cure.rainSafe,
    noBelow: limits.noBelow && until ? { tempC: limits.noBelow.tempC, until } : undefined,
    wetFilmMm: wetFilm(layer).value,
  };
}

/**
 * Hours to lay an area with a crew, with their working.
 * @param toolShare what tools and the shape of the work make of the output
 */
export function layingFigure(
  layer: WorkLayer,
  area: Figure | Given,
  people: number,
  toolShare = 1,
  practice: Practice = COMMON,
): Figure {
  const output = 'outputM2PerH' in layer && layer.kind !== 'pieces' ? layer.outputM2PerH : undefined;
  const hands = Math.min(people, practice.mostCrew.value);
  const perH = (output ?? practice.usualOutput).value * (hands / practice.usualCrew.value) * toolShare;
  return {
    label: 'laying',
    value: area.value / perH,
    quantity: 'hours',
    formula: '{area} / ({output} × {people} / {crew} × {pace})',
    inputs: {
      area,
      output: output ? cited('output of a crew', output, 'output') : practice.usualOutput,
      people: given(
        'people',
        hands,
        'count',
        'chosen',
        `more than ${practice.mostCrew.value} stand in each other’s way`,
      ),
      crew: practice.usualCrew,
      pace: given('pace of the work', toolShare, 'share', 'chosen'),
    },
    from: 'area by output and crew',
  };
}
