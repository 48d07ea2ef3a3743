/** Rolled where wind stops the spray: more and thinner passes for the same film. */
import { cited, isCoat, wetFilm, type Coat, type WorkLayer } from '../buildup/index.ts';
import type { Figure, Given } from '../figures/index.ts';
import { COMMON, type Practice } from '../practice/index.ts';

export interface Rolled {
  /** Passes of the roller for the whole film. */
  readonly passes: Figure;
  /** Wet film of each. */
  readonly each: Figure;
  readonly thinner: { readonly name: string; readonly most: Given } | undefined;
}

/** What one pass of the layer's own roller leaves, else what is usual. */
function passOf(coat: Coat, practice: Practice): Given {
  const roller = coat.tools.find((t) => t.kind === 'roller');
  return roller?.kind === 'roller' && roller.passMm
    ? cited('one pass of its roller leaves', roller.passMm, 'film')
    : practice.rollerPass;
}

/**
 * How a coat is rolled that is usually sprayed: passes = film / what one pass leaves, rounded up.
 * @returns undefined for what is not a coat, or is laid hot
 */
export function rolledInstead(layer: WorkLayer, practice: Practice = COMMON): Rolled | undefined {
  if (!isCoat(layer) || layer.kettle) return undefined;
  const film = wetFilm(layer);
  const pass = passOf(layer, practice);
  const passes: Figure = {
    label: 'Rolled passes',
    value: Math.ceil(Number((film.value / pass.value).toFixed(6))),
    quantity: 'count',
    formula: 'ceil({film} / {pass})',
    inputs: { film, pass },
    from: 'the film over what one pass leaves, rounded up',
  };
  return {
    passes,
    each: {
      label: 'Film of each pass',
      value: film.value / passes.value,
      quantity: 'film',
      formula: '{film} / {passes}',
      inputs: { film, passes },
      from: 'the film in equal passes',
    },
    thinner: layer.thinning && {
      name: layer.thinning.with,
      most: cited('thinned at most', layer.thinning.mostPct, 'percent'),
    },
  };
}
