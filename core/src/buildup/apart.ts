/**
 * Parts of a mix that are bought by themselves: sand by the bag beside a kit of resin and hardener. A container holds the rest
 * of the mix only, so that it gives more than its label says once they are mixed in.
 */
import { given, type Figure, type Given } from '../figures/index.ts';
import { areaCovered, litresOf, sumOf } from './films.ts';
import type { Coat } from './layers.ts';
import { batchOf } from './mix.ts';
import type { Container } from './numbers.ts';
import { cited } from './rates.ts';

export type ApartPart = NonNullable<Coat['mix']>['parts'][number] & {
  readonly packKg: NonNullable<NonNullable<Coat['mix']>['parts'][number]['packKg']>;
};

const isApart = (part: NonNullable<Coat['mix']>['parts'][number]): part is ApartPart =>
  part.packKg !== undefined;

/** Parts that do not come in the containers of the coat. */
export const boughtApart = (coat: Coat): readonly ApartPart[] => coat.mix?.parts.filter(isApart) ?? [];

type Basis = 'mass' | 'volume';
const ONE = given('batch', 1, 'mass', 'definition');

/**
 * Share of a mix that a part makes up.
 * @param by mass, or solid volume
 * @returns 0 to 1; none of a coat that is not mixed from parts
 */
export function shareOfPart(coat: Coat, partId: string, by: Basis = 'mass'): Given {
  const batch = batchOf(coat, ONE);
  const mine = batch?.parts.find((p) => p.id === partId);
  const value = batch && mine ? mine[by].value / batch[by].value : 0;
  return given(
    `share of ${(mine?.name ?? partId).toLowerCase()}`,
    value,
    'fraction',
    coat.mix?.source ?? 'typical',
  );
}

/** Share of the mix that comes in the containers, 0 to 1; undefined where all of it does. */
export function shareHeld(coat: Coat, by: Basis): Given | undefined {
  const apart = boughtApart(coat);
  if (apart.length === 0) return undefined;
  const value = 1 - apart.reduce((sum, p) => sum + shareOfPart(coat, p.id, by).value, 0);
  return given('share that the containers hold', value, 'fraction', coat.mix?.source ?? 'typical');
}

/** What one container gives, kg or L by its basis: as on its label, or mixed with what is bought apart. */
export function mixedFrom(coat: Coat, container: Container): Figure | Given {
  const quantity = container.basis;
  const net = given(container.name, container.net, quantity, 'data sheet', 'as on the label');
  const held = shareHeld(coat, container.basis);
  if (!held) return net;
  return {
    label: `${container.name}, mixed`,
    value: net.value / held.value,
    quantity,
    formula: '{net} / {held}',
    inputs: { net, held },
    from: 'what it holds over its share of the mix; the rest is bought apart',
  };
}

/** The same in litres as laid: kilograms by the density of the mix. */
export const mixedLitres = (coat: Coat, container: Container): number =>
  litresOf(coat, container.basis, mixedFrom(coat, container).value);

/** Square metres that one container covers at the rate. */
export const areaPerContainer = (coat: Coat, container: Container): Figure =>
  areaCovered(coat, mixedFrom(coat, container), container.basis, `One ${container.name} covers`);

/** What the parts bought apart cost for a kilogram of the mix; undefined where there are none, or one has no price. */
export function apartCost(coat: Coat): Figure | undefined {
  const apart = boughtApart(coat);
  if (apart.length === 0 || apart.some((p) => !p.packPrice)) return undefined;
  const each = apart.map((p): Figure => {
    const share = shareOfPart(coat, p.id);
    const pack = cited(`${p.name}, pack`, p.packKg, 'mass');
    const price = cited(
      `${p.name}, price of a pack`,
      p.packPrice ?? { value: 0, source: 'typical' },
      'price',
    );
    return {
      label: `${p.name}, in a kilogram`,
      value: (share.value * price.value) / pack.value,
      quantity: 'price',
      formula: '{share} × {price} / {pack}',
      inputs: { share, price, pack },
      from: 'its share of the mix, by the price of a pack',
    };
  });
  return sumOf('Parts bought apart', 'price', each, 'sum of the parts that do not come in the containers');
}
