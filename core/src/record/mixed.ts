/** What was mixed for a coat and is not logged as laid yet. */
import { inBasis, laidRate, sumOf, type Coat } from '../buildup/index.ts';
import { given, type Figure } from '../figures/index.ts';
import type { Bay } from '../site/index.ts';
import { allOf, onBayOf, type SiteBook } from './fold.ts';

const lastOf = (entries: readonly { readonly seq: number }[]): number =>
  Math.max(-Infinity, ...entries.map((e) => e.seq));

/**
 * Mixes of the layer on any of the bays since the last coat of it there, in the unit of the rate.
 * @returns undefined where none is on record
 */
export function mixedFor(book: SiteBook, coat: Coat, bays: readonly Bay[]): Figure | undefined {
  const coats = allOf(book, 'coat').filter((e) => e.body.layerId === coat.id);
  const found = new Map(
    bays.flatMap((bay) => {
      const laid = onBayOf(book, bay, 'coat').filter((e) => e.body.layerId === coat.id);
      const since = lastOf(laid);
      // A mix that names no bay went on whichever bays of the zone were coated after it.
      const anywhere = lastOf(coats.filter((e) => e.zoneId === bay.zoneId));
      return onBayOf(book, bay, 'mix')
        .filter((e) => e.body.layerId === coat.id && e.seq > (e.bays.length === 0 ? anywhere : since))
        .map((e) => [e.id, e] as const);
    }),
  );
  if (found.size === 0) return undefined;
  const { basis } = laidRate(coat);
  return sumOf(
    'Mixed',
    basis === 'mass' ? 'mass' : 'volume',
    [...found.values()].map((e) => {
      const kg = e.body.parts.reduce((sum, p) => sum + p.kg, 0);
      return given(`mix by ${e.who}`, inBasis(coat, kg, 'mass', basis), basis, 'measured');
    }),
    'as the mixes were logged',
  );
}
