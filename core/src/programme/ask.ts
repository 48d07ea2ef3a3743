/** What a layer asks of the weather while it is laid and after. */
import { cited, isCoat, wetFilm, type Limits, type WorkLayer } from '../buildup/index.ts';
import type { CureModel } from '../cure/index.ts';
import { given, type Figure, type Given } from '../figures/index.ts';

export const METHODS = ['by hand', 'sprayed'] as const;
export type Method = (typeof METHODS)[number];

export interface Ask {
  readonly limits: Limits;
  /** Laying a bay takes so long. */
  readonly layingHours: number;
  readonly method: Method;
  /** Absent for sheets: rain does them no harm once they lie. */
  readonly rainSafe: CureModel | undefined;
  /** The surface must stay above this until a stage of cure. */
  readonly noBelow: { readonly tempC: number; readonly until: CureModel } | undefined;
  readonly wetFilmMm: number | undefined;
}

/** @returns undefined for courses that no weather harms */
export function askOf(
  layer: WorkLayer,
  { layingHours, method = 'by hand' }: { layingHours: number; method?: Method },
): Ask | undefined {
  if (layer.kind === 'protection') return undefined;
  const { limits } = layer;
  if (!isCoat(layer))
    return { limits, layingHours, method, rainSafe: undefined, noBelow: undefined, wetFilmMm: undefined };
  const until = limits.noBelow && layer.cure[limits.noBelow.until];
  return {
    limits,
    layingHours,
    method,
    rainSafe: layer.cure.rainSafe,
    noBelow: limits.noBelow && until ? { tempC: limits.noBelow.tempC, until } : undefined,
    wetFilmMm: wetFilm(layer).value,
  };
}

/** Two people lay so much where the layer says nothing, m²/h. Common practice, no source. */
export const USUAL_OUTPUT_M2_PER_H = 40;
/** The crew that an output is said for. */
export const USUAL_CREW = 2;
/** More people than this do not lay one bay any faster: they stand in each other's way. */
export const MOST_CREW = 6;

/**
 * Hours to lay an area with a crew, with their working.
 * @param toolShare what tools and the shape of the work make of the output
 */
export function layingFigure(layer: WorkLayer, area: Figure | Given, people: number, toolShare = 1): Figure {
  const output = 'outputM2PerH' in layer && layer.kind !== 'pieces' ? layer.outputM2PerH : undefined;
  const hands = Math.min(people, MOST_CREW);
  const perH = (output?.value ?? USUAL_OUTPUT_M2_PER_H) * (hands / USUAL_CREW) * toolShare;
  return {
    label: 'laying',
    value: area.value / perH,
    quantity: 'hours',
    formula: '{area} / ({output} × {people} / {crew} × {pace})',
    inputs: {
      area,
      output: output
        ? cited('output of a crew', output, 'output')
        : given('output of a crew', USUAL_OUTPUT_M2_PER_H, 'output', 'assumed', 'common practice'),
      people: given('people', hands, 'count', 'chosen', `more than ${MOST_CREW} stand in each other’s way`),
      crew: given('people that the output is said for', USUAL_CREW, 'count', 'definition'),
      pace: given('pace of the work', toolShare, 'share', 'chosen'),
    },
    from: 'area by output and crew',
  };
}
