/** Small things that a job takes besides layers and details: what they are sold in. Packs and prices are typical. */
import type { Hazard } from '../../buildup/index.ts';
import { resized, type PackSize } from '../../library/index.ts';
import type { Quantity } from '../../units/index.ts';
import type { Item, Pack } from '../items.ts';

const pack = (id: string, name: string, net: number, price: number, massKg: number): Pack => ({
  id,
  name,
  net,
  massKg,
  price: { value: price, source: 'typical' },
});

interface Supply {
  readonly name: string;
  readonly quantity: Quantity;
  readonly packs: readonly Pack[];
  readonly hazards?: readonly Hazard[];
}

export const SUPPLIES = {
  catalyst: {
    name: 'Catalyst powder',
    quantity: 'mass',
    hazards: ['oxidising', 'sensitising', 'irritant'],
    packs: [
      pack('bag-0-1', '100 g bag', 0.1, 4, 0.12),
      pack('box-2', '2 kg box', 2, 58, 2.3),
      pack('box-10', '10 kg box', 10, 240, 11),
    ],
  },
  'liquid catalyst': {
    name: 'Liquid catalyst',
    quantity: 'mass',
    hazards: ['oxidising', 'corrosive', 'sensitising'],
    packs: [pack('bottle-1', '1 kg bottle', 1, 19, 1.2), pack('can-5', '5 kg can', 5, 78, 5.4)],
  },
  thickener: {
    name: 'Thickener',
    quantity: 'mass',
    hazards: ['dust'],
    packs: [pack('bag-1', '1 kg bag', 1, 17, 1.1), pack('bag-5', '5 kg bag', 5, 72, 5.2)],
  },
  wash: {
    name: 'Wash concentrate',
    quantity: 'volume',
    hazards: ['irritant', 'eye damage'],
    packs: [pack('can-5', '5 L can', 5, 22, 5.6), pack('can-20', '20 L can', 20, 74, 22)],
  },
  degreaser: {
    name: 'Degreaser',
    quantity: 'volume',
    hazards: ['irritant', 'eye damage'],
    packs: [pack('can-5', '5 L can', 5, 31, 5.4), pack('can-20', '20 L can', 20, 108, 21.5)],
  },
  'repair mortar': {
    name: 'Repair mortar for spalls',
    quantity: 'mass',
    hazards: ['irritant', 'dust', 'eye damage'],
    packs: [pack('bag-5', '5 kg bag', 5, 13, 5), pack('bag-25', '25 kg bag', 25, 34, 25)],
  },
  'fine filler': {
    name: 'Filler for pinholes and voids',
    quantity: 'mass',
    hazards: ['irritant', 'dust', 'eye damage'],
    packs: [pack('bag-5', '5 kg bag', 5, 14, 5), pack('bag-25', '25 kg bag', 25, 41, 25)],
  },
  'levelling mix': {
    name: 'Levelling mix',
    quantity: 'mass',
    hazards: ['irritant', 'dust', 'eye damage'],
    packs: [pack('bag-25', '25 kg bag', 25, 16, 25), pack('bag-1000', '1,000 kg bag', 1000, 480, 1002)],
  },
  'rust primer': {
    name: 'Primer on bared metal',
    quantity: 'mass',
    hazards: ['flammable', 'irritant', 'harms water'],
    packs: [pack('can-1', '1 kg can', 1, 31, 1.2), pack('can-5', '5 kg can', 5, 129, 5.5)],
  },
  screws: {
    name: 'Screws with washers, to renew',
    quantity: 'count',
    packs: [pack('box-100', 'box of 100', 100, 24, 1.4)],
  },
  solvent: {
    name: 'Solvent for tools',
    quantity: 'volume',
    hazards: ['flammable', 'irritant'],
    packs: [pack('can-5', '5 L can', 5, 21, 4.6), pack('can-25', '25 L can', 25, 84, 22)],
  },
  'resin cleaner': {
    name: 'Resin cleaner for tools',
    quantity: 'volume',
    hazards: ['flammable', 'irritant'],
    packs: [pack('can-5', '5 L can', 5, 28, 4.9), pack('can-10', '10 L can', 10, 49, 9.6)],
  },
  'oil cleaner': {
    name: 'Oil cleaner for tools',
    quantity: 'volume',
    packs: [pack('can-5', '5 L can', 5, 19, 4.7)],
  },
  gas: {
    name: 'Gas for torch and kettle',
    quantity: 'mass',
    hazards: ['open flame', 'heavy'],
    packs: [
      pack('cylinder-11', '11 kg cylinder', 11, 29, 24),
      pack('cylinder-33', '33 kg cylinder', 33, 79, 68),
    ],
  },
  'seam tape': {
    name: 'Tape for seams',
    quantity: 'length',
    packs: [pack('roll-25', '25 m roll', 25, 46, 2.4)],
  },
  'seam adhesive': {
    name: 'Adhesive for seams',
    quantity: 'mass',
    hazards: ['flammable', 'irritant'],
    packs: [pack('can-5', '5 kg can', 5, 62, 5.5)],
  },
} as const satisfies Record<string, Supply>;
export type SupplyKey = keyof typeof SUPPLIES;

/** The second set: as they are commonly sold in the United States. Screws are counted everywhere. */
const US_SIZES: Readonly<Record<SupplyKey, readonly PackSize[] | undefined>> = {
  catalyst: [
    [0.25, 'lb', 'bag'],
    [5, 'lb', 'box'],
    [25, 'lb', 'box'],
  ],
  'liquid catalyst': [
    [2, 'lb', 'bottle'],
    [10, 'lb', 'can'],
  ],
  thickener: [
    [2, 'lb', 'bag'],
    [10, 'lb', 'bag'],
  ],
  wash: [
    [1, 'gal', 'jug'],
    [5, 'gal', 'pail'],
  ],
  degreaser: [
    [1, 'gal', 'jug'],
    [5, 'gal', 'pail'],
  ],
  'repair mortar': [
    [10, 'lb', 'bag'],
    [50, 'lb', 'bag'],
  ],
  'fine filler': [
    [10, 'lb', 'bag'],
    [50, 'lb', 'bag'],
  ],
  'levelling mix': [
    [50, 'lb', 'bag'],
    [2000, 'lb', 'bag'],
  ],
  'rust primer': [
    [2, 'lb', 'can'],
    [10, 'lb', 'can'],
  ],
  screws: undefined,
  solvent: [
    [1, 'gal', 'can'],
    [5, 'gal', 'can'],
  ],
  'resin cleaner': [
    [1, 'gal', 'can'],
    [5, 'gal', 'can'],
  ],
  'oil cleaner': [[1, 'gal', 'can']],
  gas: [
    [20, 'lb', 'cylinder'],
    [100, 'lb', 'cylinder'],
  ],
  'seam tape': [[75, 'ft', 'roll']],
  'seam adhesive': [[10, 'lb', 'can']],
};

const SUPPLY = 'supply/';
/** An item in the packs of the second set; what is no supply stays as its build-up has it. */
export function inUsSizes(item: Item): Item {
  const sizes = item.key.startsWith(SUPPLY) ? US_SIZES[item.key.split('/')[1] as SupplyKey] : undefined;
  return sizes ? { ...item, packs: resized(item.packs, sizes) } : item;
}

/** @param of what it belongs to, where two of a kind are not the same: the catalyst of one resin */
export function itemOfSupply(key: SupplyKey, currency: string, of?: string): Item {
  const supply: Supply = SUPPLIES[key];
  return {
    key: `${SUPPLY}${key}${of === undefined ? '' : `/${of.toLowerCase()}`}`,
    name: of === undefined ? supply.name : `${supply.name} for ${of}`,
    kind: 'sundry',
    waste: undefined,
    quantity: supply.quantity,
    packs: supply.packs,
    hazards: supply.hazards ?? [],
    shelfLifeMonths: undefined,
    openedDays: undefined,
    currency,
  };
}
