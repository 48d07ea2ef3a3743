/**
 * Which family goes on which substrate, and on what terms. Common practice with values of our own choosing, typical:
 * to be replaced by the data sheet of the product.
 */
import type { FamilyKey } from './families.ts';
import { SUBSTRATES, type SubstrateKey } from './substrates.ts';

/**
 * `good`: with the preparation of that substrate. `primer`: only over its primer. `blocker`: only over a
 * bleed-blocking primer. `trial`: only after a trial patch has been pulled. `no`: not at all, for the reason given.
 */
export type Fit =
  { readonly kind: 'good' | 'primer' | 'blocker' | 'trial' } | { readonly kind: 'no'; readonly why: string };

const good: Fit = { kind: 'good' };
const primer: Fit = { kind: 'primer' };
const blocker: Fit = { kind: 'blocker' };
const trial: Fit = { kind: 'trial' };
const no = (why: string): Fit => ({ kind: 'no', why });

type Row = Partial<Record<SubstrateKey, Fit>>;

const row = (fit: Fit, ...keys: SubstrateKey[]): Row => Object.fromEntries(keys.map((k) => [k, fit]));
const MINERAL = ['concrete-new', 'concrete-old', 'screed'] as const;
const FELTS = ['bitumen-smooth', 'bitumen-granules'] as const;
const COATINGS = ['acrylic-coating', 'polyurethane-coating'] as const;

const POLYURETHANE: Row = {
  ...row(good, ...MINERAL, 'boards', 'foam'),
  ...row(primer, 'metal', 'tiles', 'asphalt', ...FELTS, 'bitumen-coating', 'fibreglass'),
  ...row(trial, 'pvc-sheet', 'tpo-sheet', 'rubber-sheet', ...COATINGS),
  ...row(
    no('loose gravel cannot be coated; it needs a restoration with a fill coat, or stripping'),
    'gravelled-felt',
  ),
};
const SOFT = no('it is too soft below a deck that is walked or driven on');
const RIGID = no('it moves and is no mineral base: a mineral coat cracks over it');

const BARE_METAL = no(
  'bare sheet moves, draws the heat away and may burn what lies below it; a cover board or a fixed base sheet goes first',
);
const BURNS = no(
  'it takes fire under a torch, and nothing is torched to it directly; a nailed or self-adhered base sheet goes first',
);
const MELTS = no('foam melts away under a flame or a hot melt; a cover board goes first');

/** Decks for wheels, of whatever resin. */
const WHEELED: Row = {
  ...row(primer, 'concrete-new', 'concrete-old', 'screed'),
  ...row(
    SOFT,
    'boards',
    'asphalt',
    ...FELTS,
    'gravelled-felt',
    'foam',
    'pvc-sheet',
    'tpo-sheet',
    'rubber-sheet',
  ),
  ...row(no('wheels shear tiles off their bed; they come up first'), 'tiles'),
};

const TABLE: Readonly<Record<FamilyKey, Row>> = {
  PU1: POLYURETHANE,
  'PU-PRIMED': POLYURETHANE,
  'PU-DECK': {
    ...row(good, ...MINERAL, 'boards'),
    ...row(primer, 'metal', 'tiles'),
    ...row(trial, 'polyurethane-coating'),
    ...row(SOFT, 'asphalt', ...FELTS, 'gravelled-felt', 'foam', 'pvc-sheet', 'tpo-sheet', 'rubber-sheet'),
  },
  PMMA: {
    ...row(
      primer,
      ...MINERAL,
      'boards',
      'metal',
      'tiles',
      'asphalt',
      ...FELTS,
      'bitumen-coating',
      'fibreglass',
    ),
    ...row(trial, 'pvc-sheet', 'tpo-sheet', ...COATINGS),
    ...row(no('the liquid resin dissolves foam before it cures'), 'foam'),
    ...row(no('the resin does not bond to rubber'), 'rubber-sheet'),
  },
  TRAFFIC: WHEELED,
  ACRYLIC: {
    ...row(good, ...MINERAL, 'metal', 'foam', 'acrylic-coating'),
    ...row(blocker, 'asphalt', ...FELTS, 'bitumen-coating', 'rubber-sheet'),
    ...row(trial, 'pvc-sheet', 'tpo-sheet', 'polyurethane-coating', 'fibreglass'),
    ...row(no('gravel needs a restoration with a fill coat'), 'gravelled-felt'),
  },
  RESTORE: {
    ...row(good, 'gravelled-felt', ...FELTS, 'asphalt', 'bitumen-coating'),
  },
  SILICONE: {
    ...row(good, 'metal', 'foam', 'silicone'),
    ...row(primer, ...MINERAL, 'fibreglass'),
    ...row(blocker, 'asphalt', ...FELTS, 'bitumen-coating', 'rubber-sheet'),
    ...row(trial, 'pvc-sheet', 'tpo-sheet', ...COATINGS),
    ...row(no('gravel has to come off first; the film would lie on loose stones'), 'gravelled-felt'),
  },
  BITEM: {
    ...row(good, ...MINERAL, ...FELTS, 'asphalt', 'bitumen-coating', 'gravelled-felt'),
    ...row(primer, 'metal', 'boards'),
    ...row(no('plasticiser and bitumen travel into each other'), 'pvc-sheet', 'tpo-sheet', 'rubber-sheet'),
  },
  CEMENT: {
    ...row(good, ...MINERAL),
    ...row(primer, 'tiles'),
    ...row(RIGID, 'boards', 'metal', 'asphalt', ...FELTS, 'gravelled-felt', 'foam', 'pvc-sheet', 'tpo-sheet'),
  },
  METAL: { ...row(good, 'metal'), ...row(trial, ...COATINGS) },
  SA2: {
    ...row(primer, ...MINERAL, 'boards', 'metal', 'bitumen-smooth', 'asphalt', 'bitumen-coating'),
    ...row(
      no('it does not stick to granules: they are bedded in hot bitumen or taken off first'),
      'bitumen-granules',
    ),
  },
  TORCH2: {
    ...row(primer, ...MINERAL, 'asphalt', ...FELTS, 'bitumen-coating'),
    ...row(BARE_METAL, 'metal'),
    ...row(BURNS, 'boards', 'fibreglass', 'pvc-sheet', 'tpo-sheet', 'rubber-sheet'),
    ...row(MELTS, 'foam'),
  },
  HOT: { ...row(primer, ...MINERAL), ...row(BARE_METAL, 'metal'), ...row(MELTS, 'foam') },
  POCKET: {
    ...row(primer, ...MINERAL, 'metal', 'boards', 'asphalt', ...FELTS, 'bitumen-coating', 'fibreglass'),
    ...row(trial, 'pvc-sheet', 'tpo-sheet', 'rubber-sheet', ...COATINGS),
  },
  TRAFFIC2: WHEELED,
  SINGLE: {
    ...row(good, ...MINERAL, 'boards', 'metal', 'foam'),
    ...row(
      no('bitumen and the sheet travel into each other; a board or a separation layer goes first'),
      ...(['asphalt', ...FELTS, 'gravelled-felt', 'bitumen-coating'] as const),
    ),
    ...row(
      no('a sheet is not bonded on an old one; it comes up, or a board goes over it'),
      'pvc-sheet',
      'tpo-sheet',
      'rubber-sheet',
    ),
  },
  WARM: { ...row(primer, ...MINERAL, 'boards', 'metal', 'asphalt', 'bitumen-smooth', 'bitumen-coating') },
  GRP: {
    ...row(good, 'boards'),
    ...row(primer, ...MINERAL, 'fibreglass'),
    ...row(no('styrene in the resin dissolves foam before it cures'), 'foam'),
    ...row(
      no('it is stiff and cracks over a base that is soft or moves'),
      'asphalt',
      ...FELTS,
      'gravelled-felt',
      'metal',
    ),
  },
  FELT: {
    ...row(primer, ...MINERAL, 'asphalt', ...FELTS, 'bitumen-coating'),
    ...row(good, 'boards'),
  },
};

/** The terms on which a family goes on a substrate. Nothing but silicone bonds to silicone. */
export function fitOf(family: FamilyKey, substrate: SubstrateKey): Fit {
  if (substrate === 'silicone' && family !== 'SILICONE')
    return no('nothing but silicone bonds to silicone, nor to what is left of it');
  return (
    TABLE[family][substrate] ?? no(`this family is not laid on ${SUBSTRATES[substrate].name.toLowerCase()}`)
  );
}
