import type { BuildUp, Layer } from '../buildup/index.ts';
import type { Figure } from '../figures/index.ts';
import type { Item } from './items.ts';

/** Part of a need: some of an item, for one zone. */
export interface Part {
  readonly item: Item;
  readonly zoneId: string;
  readonly zoneName: string;
  readonly layer: Layer | undefined;
  readonly buildUp: BuildUp;
  /** The field, the details, pieces that are cut (their offcuts counted), what prepares the ground, what laying takes. */
  readonly of: 'field' | 'details' | 'cutting' | 'preparation' | 'making';
  readonly sprayed: boolean;
  readonly amount: Figure;
}
