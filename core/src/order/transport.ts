/** How a thing is carried, in general words. The safety sheet and the carrier’s rules decide. */
import type { Hazard } from '../buildup/index.ts';

export interface Carriage {
  /** One or two words, for the line. */
  readonly what: string;
  readonly says: string;
}

const WORDS: readonly (readonly [Hazard, what: string, says: string])[] = [
  ['oxidising', 'peroxide', 'cool, upright, apart from everything it sets off'],
  ['flammable', 'flammable liquid', 'sealed, upright, no ignition source; check transport limits'],
  ['toxic', 'toxic', 'sealed, apart from food'],
  ['corrosive', 'corrosive', 'sealed, upright, in a tray'],
  ['harms water', 'harms water', 'in a tray, nothing to a drain'],
  ['open flame', 'gas', 'bottles upright, secured, aired'],
  ['heavy', 'heavy', 'lifted by two or by machine'],
];

/** The strongest word first; undefined for what is carried like any goods. */
export function carriage(hazards: readonly Hazard[]): Carriage | undefined {
  const found = WORDS.find(([hazard]) => hazards.includes(hazard));
  return found && { what: found[1], says: found[2] };
}
