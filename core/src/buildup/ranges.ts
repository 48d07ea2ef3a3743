/**
 * Usual ranges of a family: total dry thickness of what keeps the water out, mm. Common practice, no source; a build-up
 * outside them is looked at twice, never refused for it.
 */
import type { FamilyKey } from '../family/index.ts';

export const USUAL_MEMBRANE_MM: Readonly<Record<FamilyKey, readonly [least: number, most: number]>> = {
  PU1: [1.2, 2.6],
  'PU-DECK': [0.5, 1.6],
  PMMA: [1.8, 3.5],
  TRAFFIC: [1.2, 4],
  ACRYLIC: [0.4, 1.2],
  RESTORE: [1.2, 4],
  SILICONE: [0.5, 1.6],
  BITEM: [1.5, 4],
  CEMENT: [2, 4],
  METAL: [0.3, 1],
  'PU-PRIMED': [1, 2.5],
  SA2: [3.5, 7],
  TORCH2: [6, 10],
  HOT: [4.5, 8],
  POCKET: [25, 100],
  TRAFFIC2: [1.2, 4],
  SINGLE: [1.1, 2.5],
  WARM: [4.5, 9],
  GRP: [1.2, 4],
  FELT: [5, 10],
};
