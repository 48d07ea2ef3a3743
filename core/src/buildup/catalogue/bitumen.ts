/** What sheets and hot work on bitumen primer share: the primer and the limits of its warmth. */
import { SWEEP, WIPE, prime } from './mending.ts';
import { coat, limits, litres, potLife, table, typical } from './typical.ts';

export const primer = (name: string, note: string, rate: number, tacky: boolean) =>
  coat({
    id: 'primer',
    name,
    role: 'primer',
    note,
    rate: ['volume', rate],
    variants: [
      ['absorbent', 1.4],
      ['rough', 1.3],
    ],
    densityKgPerL: 0.92,
    solids: 0.4,
    chemistry: 'solvent primer',
    containers: [litres(10, 'can', 52), litres(25, 'can', 118)],
    limits: limits([5, 35], [5, 50], 85, 3, { dryHours: typical(12) }),
    potLife: potLife([5, 240], [35, 120]),
    cure: {
      touch: table([5, 4], [20, 1.5], [30, 0.75]),
      rainSafe: table([5, 6], [20, 2], [30, 1.5]),
      overcoatFrom: table([5, 4], [20, 1.5], [30, 0.75]),
      overcoatUntil: tacky ? table([5, 24], [20, 12], [30, 8]) : table([5, 168], [20, 120], [30, 96]),
      foot: table([5, 6], [20, 3], [30, 2]),
    },
    ifMissed: tacky ? 'Dust has spoilt the tack: wipe and prime again.' : 'Sweep, prime again where dusty.',
    mend: tacky ? [WIPE, prime('primer')] : [SWEEP, prime('primer', 'Prime again where it is dusty.', 0.25)],
    outputM2PerH: 80,
    hazards: ['flammable', 'irritant'],
    cleaner: 'solvent',
  });

export const warm = limits([8, 40], [8, 50], 90, 3, { dryHours: typical(12), windHandMaxMPerS: typical(10) });
