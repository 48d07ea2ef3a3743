/**
 * The limits that decide, in one table. All are common practice without a source except where one is named, and the
 * data sheet of the product goes before them.
 */
import { given, type Given } from '../figures/index.ts';

const limit = (label: string, value: number, quantity: Given['quantity'], note = 'common practice'): Given =>
  given(label, value, quantity, 'typical', note);

export const LIMITS = {
  moistureUnprimed: limit('moisture, unprimed', 4.5, 'moisture'),
  moisturePrimed: limit('moisture, with primer', 6, 'moisture'),
  moistureTimber: limit('moisture of timber', 18, 'moisture'),
  humidityInSlab: limit('in-slab humidity', 85, 'percent', 'common practice; test as in ASTM F2170'),
  concreteAgeDays: limit('age of concrete', 28, 'count'),
  strengthTraffic: limit('compressive strength under traffic', 25, 'stress'),
  pullOffTraffic: limit('pull-off where trafficked', 1.5, 'stress', 'common practice; test as in EN 1542'),
  pullOff: limit('pull-off', 0.8, 'stress', 'common practice; test as in EN 1542'),
  crackCutOut: limit('crack width from which it is cut out', 1.5, 'gap'),
  pondDepth: limit('depth that counts as ponding', 5, 'gap'),
  upstandHeight: limit('height of an upstand', 150, 'lap', 'above the finished surface, common practice'),
  outletProud: limit('rim of an outlet over the surface', 0, 'gap'),
} as const;

/** Readings within this time belong to one visit. */
export const SAME_VISIT_HOURS = 12;
/** A later visit's reading within this distance replaces an earlier one. */
export const SAME_SPOT_TEST_M = 2;
/** A cut-out crack: 6 mm wide and 12 mm deep; a stripe of 150 mm over it. */
export const CRACK_CUT_MM = { width: 6, depth: 12 } as const;
/** Leg of a fillet. */
export const FILLET_LEG_MM = 50;
/** A washed mineral surface dries for one to three days. */
export const DRY_DAYS = { mineral: 2, other: 1 } as const;
