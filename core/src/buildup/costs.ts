/** What the material of a build-up costs on a square metre, by the cheapest container of each layer; no labour, no waste. */
import { given, type Figure, type Given } from '../figures/index.ts';
import { litresOf, sumOf } from './films.ts';
import type { Coat, Layer } from './layers.ts';
import { cited, laidRate } from './rates.ts';
import type { BuildUp } from './schema.ts';

export interface Costs {
  readonly perM2: Figure;
  /** Layers without a price; the sum leaves them out and says so. */
  readonly unpriced: readonly string[];
}

/** The container that costs least for what is in it. */
function coatCost(coat: Coat): Figure | undefined {
  const { basis, rate } = laidRate(coat);
  const priced = coat.containers.flatMap((c) => {
    if (!c.price) return [];
    const litres = litresOf(coat, c.basis, c.net);
    const net = basis === 'volume' ? litres : litres * coat.densityKgPerL.value;
    return [{ container: c, price: c.price, net }];
  });
  const best = priced.sort((a, b) => a.price.value / a.net - b.price.value / b.net)[0];
  if (!best) return undefined;
  const price = cited(`${best.container.name}, price`, best.price, 'price');
  const net = given(
    best.container.name,
    best.net,
    basis === 'mass' ? 'mass' : 'volume',
    'data sheet',
    'as on the label',
  );
  return {
    label: `${coat.name}, cost`,
    value: (rate.value * price.value) / net.value,
    quantity: 'pricePerArea',
    formula: '{rate} × {price} / {net}',
    inputs: { rate, price, net },
    from: 'rate times the price of the container that costs least for what is in it',
  };
}

interface Piece {
  readonly price: Given;
  readonly width: Given;
  readonly length: Given;
  readonly side: Given;
  readonly end: Given;
}

const pieceCost = (name: string, p: Piece): Figure => ({
  label: `${name}, cost`,
  value: p.price.value / ((p.width.value - p.side.value / 1000) * (p.length.value - p.end.value / 1000)),
  quantity: 'pricePerArea',
  formula: '{price} / (({width} − {side} / 1000) × ({length} − {end} / 1000))',
  inputs: { price: p.price, width: p.width, length: p.length, side: p.side, end: p.end },
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
        pieceCost(layer.name, {
          price: cited('roll, price', layer.pricePerRoll, 'price'),
          width: cited('roll width', layer.rollWidthM, 'length'),
          length: cited('roll length', layer.rollLengthM, 'length'),
          side: cited('side lap', layer.sideLapMm, 'lap'),
          end: cited('end lap', layer.endLapMm, 'lap'),
        })
      );
    case 'protection':
      return (
        layer.pricePerPiece &&
        pieceCost(layer.name, {
          price: cited('piece, price', layer.pricePerPiece, 'price'),
          width: cited('width', layer.pieceWidthM, 'length'),
          length: cited('length', layer.pieceLengthM, 'length'),
          side: cited('lap', layer.lapMm, 'lap'),
          end: cited('lap', layer.lapMm, 'lap'),
        })
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
  const priced = buildUp.layers.map((layer) => ({ layer, cost: costOfLayer(layer) }));
  return {
    perM2: sumOf(
      'Material',
      'pricePerArea',
      priced.flatMap(({ cost }) => (cost ? [cost] : [])),
      'sum of the layers that have a price; no labour, no waste',
    ),
    unpriced: priced.flatMap(({ layer, cost }) => (cost || layer.kind === 'pieces' ? [] : [layer.name])),
  };
}
