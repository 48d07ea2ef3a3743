import type { RoofLevels } from '../falls/index.ts';
import type { Family, Substrate } from '../family/index.ts';
import type { Figure, Given, Part } from '../figures/index.ts';
import type { Practice } from '../practice/index.ts';
import type { Quantity } from '../units/index.ts';
import type { Survey, TestKind, Zone, ZoneQuantities, ZoneUse } from '../survey/index.ts';

/** What one thing found means for coating. Ordered from worst to best. */
export type Weight = 'refused' | 'hold' | 'steps' | 'fine' | 'note';

/** One reason, with its reading, its limit, where the limit comes from, and what would change it. */
export interface Reason {
  readonly rule: string;
  readonly weight: Weight;
  readonly subject: string;
  readonly says: readonly Part[];
  /** What would change it. */
  readonly change: readonly Part[];
  /** The number that decides, its limit, and when it was read, where there is one. */
  readonly facts: ReasonFacts;
}

export interface ReasonFacts {
  /** Nothing stands against it as far as is known: something was not looked at, or not measured. */
  readonly unknown?: boolean;
  readonly actual?: Given | Figure;
  readonly limit?: Given | Figure;
  readonly readAtMs?: number;
  /** The test, or the question of the inspection, that tells. */
  readonly test?: TestKind;
  readonly item?: string;
}

/** What the layer that is laid next says of the ground; its data sheet goes before practice. */
export interface NextLayer {
  readonly name: string;
  /** It is the primer of the build-up. */
  readonly primes: boolean;
  /** Keeps what bleeds out of the ground from light coats. */
  readonly blocksBleed: boolean;
  readonly moistureMax: Given | undefined;
}

/** What a fillet is formed of, and its leg, mm. */
export interface Fillet {
  readonly of: 'none' | 'sealant' | 'mortar';
  readonly legMm: number;
}

/** Everything a rule may look at. */
export interface Case {
  readonly zone: Zone;
  readonly quantities: ZoneQuantities;
  readonly substrate: Substrate;
  readonly family: Family;
  /** Undefined where there are no levels. */
  readonly falls: RoofLevels | undefined;
  readonly school: Survey['primerSchool'];
  readonly nowMs: number;
  readonly practice: Practice;
  readonly fillet: Fillet | undefined;
  /** The layer that would be laid on the ground; undefined: any of the family. */
  readonly layer: NextLayer | undefined;
}

/** Steps of the preparation, in working order: repair, clean, dry, fill, form fillets, dry again, test, prime, stripe. */
export const STEP_KEYS = [
  'strip',
  'cut-wet',
  'outlets',
  'blisters',
  'splits',
  'renew-fasteners',
  'cut-cracks',
  'grind',
  'profile',
  'rust',
  'degrease',
  'broom',
  'wash',
  'dry',
  'spalls',
  'voids',
  'fill-cracks',
  'level',
  'joints',
  'fillets',
  'dry-again',
  'test',
  'prime',
  'boards',
  'laps',
  'fasteners',
  'stripe-cracks',
  'fibres',
  'rewash',
  'growth',
] as const;
export type StepKey = (typeof STEP_KEYS)[number];

/** One line of the preparation, in working order. */
export interface PrepStep {
  readonly key: StepKey;
  readonly what: string;
  readonly quantity: Figure | undefined;
  readonly how: string;
}

export type Primer = 'needed' | 'spared' | 'stop' | 'not known';

export interface Readiness {
  readonly zoneId: string;
  readonly weight: Exclude<Weight, 'note'>;
  readonly reasons: readonly Reason[];
  readonly primer: { readonly answer: Primer; readonly says: readonly Part[] };
  readonly steps: readonly PrepStep[];
}

/** One question of the inspection: which answer is good, and what the other one means. */
export interface InspectionItem {
  readonly key: string;
  readonly question: string;
  readonly good: 'yes' | 'no';
  /** Where it is asked; without a family it is asked for any. */
  readonly on: (substrate: Substrate, family?: Family, use?: ZoneUse) => boolean;
  /** How much of it there is, where that makes a quantity. */
  readonly amount?: { readonly label: string; readonly quantity: Quantity };
  readonly bad: {
    readonly weight: Exclude<Weight, 'fine' | 'note'>;
    readonly says: string;
    readonly change: string;
    readonly step?: { readonly key: StepKey; readonly what: string; readonly how: string };
  };
}
