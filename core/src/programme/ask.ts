/** What a layer asks of the weather while it is laid and after. */
import { isCoat, wetFilm, type Limits, type WorkLayer } from '../buildup/index.ts';
import type { CureModel } from '../cure/index.ts';

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

/** Hours to lay an area with a crew; tools change the output by a share. */
export function layingHours(layer: WorkLayer, areaM2: number, people: number, toolShare = 1): number {
  const output = layer.kind === 'pieces' ? undefined : outputOf(layer);
  const perH = (output ?? USUAL_OUTPUT_M2_PER_H) * (Math.min(people, MOST_CREW) / USUAL_CREW) * toolShare;
  return areaM2 / perH;
}

const outputOf = (layer: WorkLayer): number | undefined =>
  'outputM2PerH' in layer ? layer.outputM2PerH?.value : undefined;
