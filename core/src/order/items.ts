/** What can be ordered: a product with the packs on sale, in one unit; what it weighs, and how it is carried. */
import {
  inBasis,
  laidRate,
  rolledSize,
  SUNDRIES,
  TYPICAL_SUNDRIES,
  type ApartPart,
  type BuildUp,
  type Coat,
  type DetailRules,
  type Hazard,
  type Layer,
  type Pieces,
  type SundryKey,
} from '../buildup/index.ts';
import type { Sourced } from '../job/index.ts';
import type { Quantity } from '../units/index.ts';
import type { WasteKind } from './schema.ts';

export interface Pack {
  readonly id: string;
  readonly name: string;
  /** In the quantity of the item. */
  readonly net: number;
  readonly massKg: number | undefined;
  readonly price?: Sourced | undefined;
}

export interface Item {
  /** The same for everything that is ordered together. */
  readonly key: string;
  readonly name: string;
  readonly kind: Layer['kind'] | 'sundry';
  /** Undefined for what is counted piece by piece. */
  readonly waste: WasteKind | undefined;
  readonly quantity: Quantity;
  /** Where its rate is in another unit than its containers: what stock was entered as before, and how much one of it is now. */
  readonly formerly?:
    { readonly key: string; readonly unit: 'mass' | 'volume'; readonly each: number } | undefined;
  readonly packs: readonly Pack[];
  readonly hazards: readonly Hazard[];
  readonly shelfLifeMonths: Sourced | undefined;
  readonly openedDays: Sourced | undefined;
  readonly currency: string;
}

const productOf = (layer: Layer): Pick<Item, 'hazards' | 'shelfLifeMonths' | 'openedDays'> => ({
  hazards: layer.product?.hazards ?? [],
  shelfLifeMonths: layer.product?.shelfLifeMonths,
  openedDays: layer.product?.openedDays,
});

/** Layers whose product has a name are ordered together where the packs are the same; others by themselves. */
const keyOf = (buildUp: BuildUp, layer: Layer, packs: readonly Pack[]): string => {
  const name = layer.product?.name;
  if (name === undefined) return `${buildUp.id}/${buildUp.revision}/${layer.id}`;
  return `${name.toLowerCase()}/${packs.map((p) => `${p.name}=${Number(p.net.toFixed(3))}`).join(',')}`;
};

/** A coat is bought in the unit of its containers, however its rate was typed; by its rate where they differ. */
function basisOf(coat: Coat): 'mass' | 'volume' {
  const [first] = coat.containers;
  return first && coat.containers.every((c) => c.basis === first.basis) ? first.basis : laidRate(coat).basis;
}
const coatPacks = (coat: Coat, basis: 'mass' | 'volume'): Pack[] =>
  coat.containers.map((c) => ({
    id: c.id,
    name: c.name,
    net: inBasis(coat, c.net, c.basis, basis),
    massKg: inBasis(coat, c.net, c.basis, 'mass'),
    price: c.price,
  }));

/** Lines had the unit of the rate before they had that of the containers: what was in stock then is found again. */
function formerlyOf(buildUp: BuildUp, layer: Layer): Item['formerly'] {
  if (layer.kind !== 'coat') return undefined;
  const { basis: unit } = laidRate(layer);
  const basis = basisOf(layer);
  if (unit === basis) return undefined;
  return { key: keyOf(buildUp, layer, coatPacks(layer, unit)), unit, each: inBasis(layer, 1, unit, basis) };
}

function packsOf(layer: Exclude<Layer, Pieces>): { quantity: Quantity; packs: Pack[]; waste: WasteKind } {
  switch (layer.kind) {
    case 'coat': {
      const basis = basisOf(layer);
      return { quantity: basis, waste: 'liquid', packs: coatPacks(layer, basis) };
    }
    case 'broadcast':
      return {
        quantity: 'mass',
        waste: 'aggregate',
        packs: [
          {
            id: 'bag',
            name: `${layer.bagKg.value} kg bag`,
            net: layer.bagKg.value,
            massKg: layer.bagKg.value,
            price: layer.pricePerBag,
          },
        ],
      };
    default: {
      const { width, length } = rolledSize(layer);
      const area = width.value * length.value;
      const perM2 = layer.kind === 'fabric' ? layer.weightGPerM2.value / 1000 : layer.weightKgPerM2.value;
      const pack = layer.kind === 'protection' ? 'piece' : 'roll';
      return {
        quantity: 'area',
        waste: layer.kind === 'fabric' ? 'fabric' : 'sheet',
        packs: [
          {
            id: 'roll',
            name: `${pack} ${width.value} × ${length.value} m`,
            net: area,
            massKg: area * perM2,
            price: layer.kind === 'protection' ? layer.pricePerPiece : layer.pricePerRoll,
          },
          ...(layer.kind === 'protection' ? [] : (layer.otherRolls ?? [])).map((r, i) => ({
            id: `roll-${i + 2}`,
            name: `${pack} ${width.value} × ${r.lengthM.value} m`,
            net: width.value * r.lengthM.value,
            massKg: width.value * r.lengthM.value * perM2,
            price: r.price,
          })),
        ],
      };
    }
  }
}

/** What a layer is ordered as. */
export function itemOfLayer(buildUp: BuildUp, layer: Exclude<Layer, Pieces>): Item {
  const { quantity, packs, waste } = packsOf(layer);
  return {
    key: keyOf(buildUp, layer, packs),
    name: layer.product?.name ?? layer.name,
    kind: layer.kind,
    waste,
    quantity,
    formerly: formerlyOf(buildUp, layer),
    packs,
    currency: buildUp.currency,
    ...productOf(layer),
  };
}

/** A part of a mix that is bought by itself: one line wherever it goes, as long as its packs are alike. */
export function itemOfMixPart({ name, packKg, packPrice }: ApartPart, mixed: Item): Item {
  const pack = `${packKg.value} kg pack`;
  return {
    key: `mixed in/${name.toLowerCase()}/${pack}`,
    name,
    kind: mixed.kind,
    waste: mixed.waste,
    quantity: 'mass',
    packs: [{ id: 'pack', name: pack, net: packKg.value, massKg: packKg.value, price: packPrice }],
    hazards: [],
    shelfLifeMonths: undefined,
    openedDays: undefined,
    currency: mixed.currency,
  };
}

const LATER: readonly SundryKey[] = [
  'head nail',
  'temporary nail',
  'board fastener',
  'lap primer',
  'plate fastener',
  'elastomer strip',
];

/** A thing that details take besides layers. */
export function itemOfSundry(key: SundryKey, rules: DetailRules, currency: string): Item {
  const { name, quantity } = SUNDRIES[key];
  // What came later than a build-up was written has its typical packs.
  const known = LATER.includes(key) ? [...rules.sundries, ...TYPICAL_SUNDRIES] : rules.sundries;
  const packs = known.find((s) => s.key === key)?.packs ?? [];
  return {
    key: `sundry/${key}/${packs.map((p) => p.name).join(',')}`,
    name,
    kind: 'sundry',
    waste: 'sundry',
    quantity,
    packs: packs.map((p) => ({ id: p.id, name: p.name, net: p.net, massKg: p.massKg, price: p.price })),
    hazards: [],
    shelfLifeMonths: undefined,
    openedDays: undefined,
    currency,
  };
}

/** One part of a curb. */
export function itemOfPart(pieces: Pieces, partId: string, pocket: BuildUp): Item | undefined {
  const part = pieces.pieces.find((p) => p.id === partId);
  return (
    part && {
      key: `curb/${pocket.id}/${part.id}`,
      name: part.name,
      kind: 'pieces',
      waste: undefined,
      quantity: 'count',
      packs: [{ id: part.id, name: 'piece', net: 1, massKg: part.massKg?.value, price: part.price }],
      currency: pocket.currency,
      ...productOf(pieces),
    }
  );
}
