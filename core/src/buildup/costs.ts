/** What the material of a build-up costs on a square metre, by the cheapest container of each layer; no labour, no waste. */
import { given, type Figure, type Given } from '../figures/index.ts';
import { apartCost, boughtApart, mixedFrom } from './apart.ts';
import { inBasis, sumOf } from './films.ts';
import { allOver, type Coat, type Layer } from './layers.ts';
import { cited, densityGiven, laidRate } from './rates.ts';
import { rolledSize, type Rolled } from './rolls.ts';
import type { BuildUp } from './schema.ts';

export interface Costs {
  readonly perM2: Figure;
  /** Layers without a price; the sum leaves them out and says so. */
  readonly unpriced: readonly string[];
  /** Coats that keep to edges, fasteners or rust: how much of them there is hangs on the roof, not on its area. */
  readonly places: readonly string[];
}

/** The container that costs least for what is in it. */
function coatCost(coat: Coat): Figure | undefined {
  const { basis, rate } = laidRate(coat);
  const priced = coat.containers.flatMap((c) => {
    if (!c.price) return [];
    return [{ container: c, price: c.price, net: inBasis(coat, mixedFrom(coat, c).value, c.basis, basis) }];
  });
  const best = priced.sort((a, b) => a.price.value / a.net - b.price.value / b.net)[0];
  if (!best) return undefined;
  const apart = apartCost(coat);
  if (boughtApart(coat).length > 0 && !apart) return undefined;
  const price = cited(`${best.container.name}, price`, best.price, 'price');
  const net = given(
    best.container.name,
    best.net,
    basis === 'mass' ? 'mass' : 'volume',
    'data sheet',
    boughtApart(coat).length > 0 ? 'with what is mixed in' : 'as on the label',
  );
  const held: Figure = {
    label: `${coat.name}, cost`,
    value: (rate.value * price.value) / net.value,
    quantity: 'pricePerArea',
    formula: '{rate} × {price} / {net}',
    inputs: { rate, price, net },
    from: 'rate times the price of the container that costs least for what is in it',
  };
  if (!apart) return held;
  const density = densityGiven(coat);
  const perKg = basis === 'mass';
  return {
    label: `${coat.name}, cost`,
    value: held.value + rate.value * (perKg ? 1 : density.value) * apart.value,
    quantity: 'pricePerArea',
    formula: perKg ? '{held} + {rate} × {apart}' : '{held} + {rate} × {density} × {apart}',
    inputs: perKg ? { held, rate, apart } : { held, rate, density, apart },
    from: 'what its containers cost, and the parts bought apart by their share of a kilogram',
  };
}

const pieceCost = (name: string, price: Given, { width, length, side, end }: Rolled): Figure => ({
  label: `${name}, cost`,
  value: price.value / ((width.value - side.value / 1000) * (length.value - end.value / 1000)),
  quantity: 'pricePerArea',
  formula: '{price} / (({width} − {side} / 1000) × ({length} − {end} / 1000))',
  inputs: { price, width, length, side, end },
  from: 'price over the area that a roll or piece covers, less one side lap and one end lap',
});

/** Undefined where no price is given, or where the layer is not laid by area. */
export function costOfLayer(layer: Layer): Figure | undefined {
  switch (layer.kind) {
    case 'coat':
      return coatCost(layer);
    case 'fabric':
    case 'sheet':
      return (
        layer.pricePerRoll &&
        pieceCost(layer.name, cited('roll, price', layer.pricePerRoll, 'price'), rolledSize(layer))
      );
    case 'protection':
      return (
        layer.pricePerPiece &&
        pieceCost(layer.name, cited('piece, price', layer.pricePerPiece, 'price'), rolledSize(layer))
      );
    case 'broadcast': {
      if (!layer.pricePerBag) return undefined;
      const thrown = cited(`${layer.name}, thrown`, layer.thrownKgPerM2, 'rateMass');
      const price = cited('bag, price', layer.pricePerBag, 'price');
      const bag = cited('bag', layer.bagKg, 'mass');
      return {
        label: `${layer.name}, cost`,
        value: (thrown.value * price.value) / bag.value,
        quantity: 'pricePerArea',
        formula: '{thrown} × {price} / {bag}',
        inputs: { thrown, price, bag },
        from: 'what is thrown is paid for, whatever is swept off',
      };
    }
    case 'pieces':
      return undefined;
  }
}

/** Costs of the layers of a resolved build-up. */
export function costs(buildUp: BuildUp): Costs {
  const priced = buildUp.layers.filter(allOver).map((layer) => ({ layer, cost: costOfLayer(layer) }));
  return {
    perM2: sumOf(
      'Material',
      'pricePerArea',
      priced.flatMap(({ cost }) => (cost ? [cost] : [])),
      'sum of the layers that have a price; no labour, no waste',
    ),
    unpriced: priced.flatMap(({ layer, cost }) => (cost || layer.kind === 'pieces' ? [] : [layer.name])),
    places: buildUp.layers.filter((l) => !allOver(l)).map((l) => l.name),
  };
}
