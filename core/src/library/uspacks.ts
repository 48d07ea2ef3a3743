/**
 * The second set of packs of what ships with Lentum: those in which it is commonly sold in the United States. Figures of
 * the material stay; a pack is another amount of it, at the price for so much more or less. Source: common practice, from
 * memory; as typical as the first set.
 */
import { detailRulesOf, type BuildUp, type DetailRules, type Layer } from '../buildup/index.ts';
import type { Sourced } from '../job/index.ts';
import { convert } from '../units/index.ts';

type Container = Extract<Layer, { kind: 'coat' }>['containers'][number];

/** Liquids by the gallon; what is poured or cut from a bag, a box or as a block by the pound. */
const GALLONS = [1 / 8, 1 / 4, 1 / 2, 1, 2, 3, 5, 10, 55];
const POUNDS = [10, 25, 40, 50, 100];
const DRY = /\b(bag|sack|block|box)\b/;
/** What a pack is called there. */
const CALLED: Readonly<Record<string, string>> = { bucket: 'pail' };
/** Rolls and pieces: widths in inches, lengths in feet. */
const WIDTHS_IN = [3, 4, 6, 9, 12, 18, 24, 36, 39.375, 40, 48, 60, 72, 78, 96, 120];
const LENGTHS_FT = [2, 4, 8, 10, 16, 24, 30, 33, 50, 75, 100, 150, 200, 300];

/** The one whose ratio to an amount is the least. */
function nearest(list: readonly number[], amount: number): number {
  const off = (n: number): number => Math.abs(Math.log(n / amount));
  return list.reduce((a, b) => (off(b) < off(a) ? b : a));
}
const priced = (price: Sourced | undefined, times: number) =>
  price ? { ...price, value: Math.max(1, Math.round(price.value * times)) } : undefined;
const withPrice = <T extends object>(of: T, price: Sourced | undefined, times: number) => {
  const found = priced(price, times);
  return found ? { ...of, price: found } : of;
};

function containerOf(container: Container, densityKgPerL: number): Container {
  const what = container.name.replace(/^[\d.,\s]+(?:fl oz|\S+)\s+/, '');
  const called = CALLED[what] ?? what;
  const litres = container.basis === 'mass' ? container.net / densityKgPerL : container.net;
  if (DRY.test(what)) {
    const kilograms = litres * densityKgPerL;
    const lb = nearest(POUNDS, convert(kilograms, 'kg', 'lb'));
    const net = convert(lb, 'lb', 'kg');
    return withPrice(
      { ...container, id: `${called}-${lb}-lb`, name: `${lb} lb ${called}`, basis: 'mass' as const, net },
      container.price,
      net / kilograms,
    );
  }
  const gal = nearest(GALLONS, convert(litres, 'L', 'gal'));
  const net = convert(gal, 'gal', 'L');
  // A part of a gallon is said in fluid ounces.
  const [amount, unit] = gal < 1 ? [convert(gal, 'gal', 'fl oz'), 'fl oz'] : [gal, 'gal'];
  const said = String(Math.round(amount));
  return withPrice(
    {
      ...{ ...container, id: `${called}-${said}-${unit}`.replace(/[^a-z0-9]+/g, '-') },
      ...{ name: `${said} ${unit} ${called}`, basis: 'volume' as const, net },
    },
    container.price,
    net / litres,
  );
}

/** Two packs that became one are one. */
const distinct = <T extends { readonly id: string }>(packs: readonly T[]): T[] =>
  packs.filter((p, i) => packs.findIndex((q) => q.id === p.id) === i);

const inchesWide = (m: Sourced): Sourced => ({
  ...m,
  value: convert(nearest(WIDTHS_IN, convert(m.value, 'm', 'in')), 'in', 'm'),
});
const feetLong = (m: Sourced): Sourced => ({
  ...m,
  value: convert(nearest(LENGTHS_FT, convert(m.value, 'm', 'ft')), 'ft', 'm'),
});

function layerOf(layer: Layer): Layer {
  switch (layer.kind) {
    case 'coat':
      return {
        ...layer,
        containers: distinct(layer.containers.map((c) => containerOf(c, layer.densityKgPerL.value))),
      };
    case 'broadcast': {
      const lb = nearest(POUNDS, convert(layer.bagKg.value, 'kg', 'lb'));
      const bagKg = { ...layer.bagKg, value: convert(lb, 'lb', 'kg') };
      const price = priced(layer.pricePerBag, bagKg.value / layer.bagKg.value);
      return { ...layer, bagKg, ...(price ? { pricePerBag: price } : {}) };
    }
    case 'fabric':
    case 'sheet': {
      const [rollWidthM, rollLengthM] = [inchesWide(layer.rollWidthM), feetLong(layer.rollLengthM)];
      const wider = rollWidthM.value / layer.rollWidthM.value;
      const price = priced(layer.pricePerRoll, (wider * rollLengthM.value) / layer.rollLengthM.value);
      const others = layer.otherRolls?.map((r) => {
        const lengthM = feetLong(r.lengthM);
        return withPrice({ ...r, lengthM }, r.price, (wider * lengthM.value) / r.lengthM.value);
      });
      return {
        ...layer,
        rollWidthM,
        rollLengthM,
        ...(price ? { pricePerRoll: price } : {}),
        ...(others ? { otherRolls: others.filter((r) => r.lengthM.value !== rollLengthM.value) } : {}),
      };
    }
    case 'protection': {
      const [pieceWidthM, pieceLengthM] = [inchesWide(layer.pieceWidthM), feetLong(layer.pieceLengthM)];
      const times =
        (pieceWidthM.value * pieceLengthM.value) / (layer.pieceWidthM.value * layer.pieceLengthM.value);
      const price = priced(layer.pricePerPiece, times);
      return { ...layer, pieceWidthM, pieceLengthM, ...(price ? { pricePerPiece: price } : {}) };
    }
    default:
      return layer;
  }
}

/** For the small things: how much, in what unit, and what the pack is called. */
export type PackSize = readonly [amount: number, unit: 'ft' | 'gal' | 'fl oz' | 'lb', what: string];
interface SmallPack {
  readonly id: string;
  readonly name: string;
  readonly net: number;
  readonly massKg?: number | undefined;
  readonly price?: Sourced | undefined;
}
const SUNDRY_PACKS: Readonly<Record<string, readonly PackSize[]>> = {
  fabric: [[150, 'ft', 'roll']],
  sealant: [
    [10.1, 'fl oz', 'cartridge'],
    [20, 'fl oz', 'sausage'],
  ],
  mortar: [[50, 'lb', 'bag']],
  'joint filler': [[20, 'fl oz', 'sausage']],
  'elastomer strip': [[30, 'ft', 'roll']],
  'lap primer': [[10, 'lb', 'can']],
  'backer rod': [[300, 'ft', 'coil']],
  'bond breaker': [[150, 'ft', 'roll']],
  'metal primer': [
    [2, 'lb', 'can'],
    [10, 'lb', 'can'],
  ],
  bar: [[10, 'ft', 'bar']],
  granules: [[25, 'lb', 'bag']],
  tape: [[180, 'ft', 'roll']],
};
const INSIDE: Readonly<Record<string, string>> = { ft: 'm', gal: 'L', 'fl oz': 'L', lb: 'kg' };

/**
 * A set of packs in other sizes: pack by pack those that are there, at the price and weight for so much more or less.
 * @returns the packs as they are where there are none to go by
 */
export function resized<P extends SmallPack>(packs: readonly P[], sizes: readonly PackSize[]): readonly P[] {
  const [first] = packs;
  if (!first) return packs;
  return sizes.map(([amount, unit, what], i) => {
    const was = packs[i] ?? first;
    const net = convert(amount, unit, INSIDE[unit] ?? unit);
    const times = net / was.net;
    return withPrice(
      {
        ...was,
        id: `${what}-${String(amount).replace('.', '-')}-${unit.replace(' ', '-')}`,
        name: `${amount.toLocaleString('en-US')} ${unit} ${what}`,
        net,
        ...(was.massKg === undefined ? {} : { massKg: was.massKg * times }),
      },
      was.price,
      times,
    );
  });
}

/** Small things of which nothing is said there come by the piece, and stay. */
const sundriesOf = (sundries: DetailRules['sundries']): DetailRules['sundries'] =>
  sundries.map((sundry) => {
    const sizes = SUNDRY_PACKS[sundry.key];
    return sizes ? { ...sundry, packs: [...resized(sundry.packs, sizes)] } : sundry;
  });

/** A build-up that ships with Lentum, in the packs of a job in US units. */
export function inUsPacks(buildUp: BuildUp): BuildUp {
  const rules = detailRulesOf(buildUp);
  return {
    ...buildUp,
    layers: buildUp.layers.map(layerOf),
    details: {
      ...rules,
      rollWidthMm: {
        ...rules.rollWidthMm,
        value: inchesWide({ ...rules.rollWidthMm, value: rules.rollWidthMm.value / 1000 }).value * 1000,
      },
      rollLengthM: feetLong(rules.rollLengthM),
      barLengthM: { ...rules.barLengthM, value: convert(10, 'ft', 'm') },
      sundries: sundriesOf(rules.sundries),
    },
  };
}
