/** What a layer asks of the weather while it is laid and after. */
import { cited, isCoat, wetFilm, type Limits, type WorkLayer } from '../buildup/index.ts';
import type { CureModel } from '../cure/index.ts';
import { given, type Figure, type Given } from '../figures/index.ts';
import { COMMON, type Practice } from '../practice/index.ts';

export const METHODS = ['by hand', 'sprayed'] as const;
export type Method = (typeof METHODS)[number];

export interface Ask {
  readonly limits: Limits;
  /** Laying a bay takes so long. */
  readonly layingHours: number;
  readonly method: Method;
  /** The ground is mineral and porous, or not known: a warming slab breathes out. */
  readonly breathes: boolean;
  /** Absent for sheets: rain does them no harm once they lie. */
  readonly rainSafe: CureModel | undefined;
  /** The surface must stay above this until a stage of cure. */
  readonly noBelow: { readonly tempC: number; readonly until: CureModel } | undefined;
  readonly wetFilmMm: number | undefined;
}

/** A coat whose tools name no spray is not sprayed, however the crew works otherwise. */
const methodOf = (layer: WorkLayer, method: Method): Method =>
  isCoat(layer) && layer.tools.length > 0 && !layer.tools.some((t) => t.kind === 'airless spray')
    ? 'by hand'
    : method;

/** @returns undefined for courses that no weather harms */
export function askOf(
  layer: WorkLayer,
  {
    layingHours,
    method: asked = 'by hand',
    breathes = true,
  }: { layingHours: number; method?: Method; breathes?: boolean },
): Ask | undefined {
  if (layer.kind === 'protection') return undefined;
  const { limits } = layer;
  const method = methodOf(layer, asked);
  if (!isCoat(layer))
    return {
      limits,
      layingHours,
      method,
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
