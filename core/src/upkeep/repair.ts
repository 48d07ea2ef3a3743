/**
 * What a repair takes: its places made larger by the overlap all round, layer by layer, down to containers. A place is taken
 * for a square; long narrow ones take more, which the sentence says.
 */
import {
  boughtApart,
  cited,
  inBasis,
  laidRate,
  mixedFrom,
  rolledSize,
  shareOfPart,
  type BuildUp,
  type Layer,
} from '../buildup/index.ts';
import { given, type Figure, type Given } from '../figures/index.ts';
import { chooseContainers } from '../order/index.ts';
import type { Practice } from '../practice/index.ts';

export interface RepairAsked {
  /** Of all places together, as they are cut out. */
  readonly areaM2: number;
  readonly places: number;
  /** Layers that are laid again, by their ids. */
  readonly layerIds: ReadonlySet<string>;
}

export interface RepairLine {
  readonly layer: Layer;
  /** How much of it is laid. */
  readonly amount: Figure;
  /** What is bought: containers, bags, rolls or pieces. */
  readonly bought: readonly { readonly name: string; readonly count: number }[];
}
export interface RepairOrder {
  /** With the overlap round each place. */
  readonly area: Figure;
  readonly lines: readonly RepairLine[];
  /** Chosen layers that are not laid by area. */
  readonly byHand: readonly Layer[];
}

/** Layers of a build-up that a repair may lay again. */
export const repairable = (buildUp: BuildUp): Layer[] =>
  buildUp.layers.filter((l) => l.kind !== 'pieces' && !(l.kind === 'coat' && l.treats !== undefined));

function amountOf(layer: Layer, area: Figure): Pick<RepairLine, 'amount' | 'bought'> | undefined {
  const by = (label: string, rate: Given | Figure, quantity: Figure['quantity'], from: string): Figure => ({
    ...{ label, quantity, formula: '{area} × {rate}', inputs: { area, rate }, from },
    value: area.value * rate.value,
  });
  switch (layer.kind) {
    case 'coat': {
      const { basis, rate } = laidRate(layer);
      const amount = by(
        layer.name,
        rate,
        basis === 'mass' ? 'mass' : 'volume',
        'area by rate; nothing for waste',
      );
      const sizes = layer.containers.map((c) => ({
        ...c,
        net: inBasis(layer, mixedFrom(layer, c).value, c.basis, basis),
      }));
      const { picks } = chooseContainers(amount.value, sizes);
      const kg = inBasis(layer, amount.value, basis, 'mass');
      const apart = boughtApart(layer).map((p) => ({
        name: `${p.packKg.value} kg pack of ${p.name.toLowerCase()}`,
        count: Math.ceil((kg * shareOfPart(layer, p.id).value) / p.packKg.value),
      }));
      return {
        amount,
        bought: [...picks.map((p) => ({ name: p.container.name, count: p.count })), ...apart],
      };
    }
    case 'broadcast': {
      const rate = cited(`${layer.name}, thrown`, layer.thrownKgPerM2, 'rateMass');
      const amount = by(layer.name, rate, 'mass', 'what is thrown, whatever is swept off');
      return { amount, bought: [{ name: 'bag', count: Math.ceil(amount.value / layer.bagKg.value) }] };
    }
    case 'fabric':
    case 'sheet':
    case 'protection': {
      const { width, length } = rolledSize(layer);
      const whole = width.value * length.value;
      const amount: Figure = {
        ...area,
        label: layer.name,
        from: 'cut from a roll or piece; laps are in the overlap',
      };
      const name = layer.kind === 'protection' ? 'piece' : 'roll';
      return { amount, bought: [{ name, count: Math.ceil(amount.value / whole) }] };
    }
    default:
      return undefined;
  }
}

/**
 * The small order of a repair.
 * @param asked at least one place, more than no area
 */
export function repairOrder(
  buildUp: BuildUp,
  { areaM2, places, layerIds }: RepairAsked,
  practice: Practice,
): RepairOrder {
  const cut = given('cut out', areaM2, 'area', 'measured');
  const count = given('places', places, 'count', 'chosen');
  const overlap = practice.repairOverlap;
  const side = Math.sqrt(areaM2 / places) + (2 * overlap.value) / 1000;
  const area: Figure = {
    label: 'Laid again, with the overlap',
    value: places * side * side,
    quantity: 'area',
    formula:
      '{places} × (sqrt({cut} / {places}) + 2 × {overlap} / 1000) × (sqrt({cut} / {places}) + 2 × {overlap} / 1000)',
    inputs: { cut, places: count, overlap },
    from: 'each place as a square with the overlap all round; long narrow ones take more',
  };
  const chosen = repairable(buildUp).filter((l) => layerIds.has(l.id));
  const made = chosen.map((layer) => ({ layer, taken: amountOf(layer, area) }));
  return {
    area,
    lines: made.flatMap(({ layer, taken }) => (taken ? [{ layer, ...taken }] : [])),
    byHand: made.flatMap(({ layer, taken }) => (taken ? [] : [layer])),
  };
}
