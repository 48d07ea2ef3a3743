/** A small thing that a zone takes besides its layers, as a line of its needs. */
import { detailRulesOf, type BuildUp, type SundryKey } from '../buildup/index.ts';
import type { Figure } from '../figures/index.ts';
import type { Zone } from '../survey/index.ts';
import { itemOfSundry } from './items.ts';
import type { Part } from './parts.ts';

export const sundryPart = (key: SundryKey, zone: Zone, buildUp: BuildUp, amount: Figure): Part => ({
  item: itemOfSundry(key, detailRulesOf(buildUp), buildUp.currency),
  layer: undefined,
  buildUp,
  zoneId: zone.id,
  zoneName: zone.name,
  of: 'details',
  sprayed: false,
  amount,
});
