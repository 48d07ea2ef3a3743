/** How much of the small things a job takes: typical, set by the job. */
import { z } from 'zod';
import { sourced } from '../../job/index.ts';
import type { Quantity } from '../../units/index.ts';

const typical = (value: number, least: number, most: number) =>
  sourced(z.number().min(least).max(most)).default({ value, source: 'typical' });

export const supplyRatesSchema = z.strictObject({
  /** Temperatures of the days on which it is laid, °C: catalyst goes by the coldest of them. */
  seasonFromC: typical(5, -20, 45),
  seasonToC: typical(25, -20, 45),
  /** On top of what the tables say: bags that get damp, mixes that are begun anew. */
  reservePct: typical(10, 0, 100),
  washLPerM2: typical(0.03, 0, 2),
  degreaserLPerM2: typical(0.25, 0, 5),
  repairMortarKgPerL: typical(2, 0.5, 3),
  fillerKgPerL: typical(1.7, 0.3, 3),
  /** More mortar and filler than the hollow holds: what sticks to the trowel and the bucket. */
  mortarMorePct: typical(10, 0, 100),
  cleanerLPerToolDay: typical(1, 0, 20),
  /** Each edge that is masked, so many times. */
  maskings: typical(2, 0, 10),
  torchGasKgPerM2: typical(0.25, 0, 2),
  kettleGasKgPerKg: typical(0.05, 0, 1),
  seamAdhesiveKgPerM2: typical(0.4, 0, 5),
});
export type SupplyRates = z.infer<typeof supplyRatesSchema>;

/** For forms: key, name, quantity, range. */
export const SUPPLY_RATE_FIELDS: readonly {
  readonly key: keyof SupplyRates;
  readonly name: string;
  readonly quantity: Quantity;
  readonly least: number;
  readonly most: number;
}[] = [
  { key: 'seasonFromC', name: 'Coldest day of laying', quantity: 'temperature', least: -20, most: 45 },
  { key: 'seasonToC', name: 'Warmest day of laying', quantity: 'temperature', least: -20, most: 45 },
  { key: 'reservePct', name: 'Reserve of catalyst and thickener', quantity: 'percent', least: 0, most: 100 },
  { key: 'washLPerM2', name: 'Wash concentrate', quantity: 'rateVolume', least: 0, most: 2 },
  { key: 'degreaserLPerM2', name: 'Degreaser', quantity: 'rateVolume', least: 0, most: 5 },
  { key: 'repairMortarKgPerL', name: 'Repair mortar, density', quantity: 'density', least: 0.5, most: 3 },
  { key: 'fillerKgPerL', name: 'Filler, density', quantity: 'density', least: 0.3, most: 3 },
  { key: 'mortarMorePct', name: 'Mortar and filler lost', quantity: 'percent', least: 0, most: 100 },
  { key: 'cleanerLPerToolDay', name: 'Cleaner, a tool and day', quantity: 'volume', least: 0, most: 20 },
  { key: 'maskings', name: 'Each edge masked, times', quantity: 'count', least: 0, most: 10 },
  { key: 'torchGasKgPerM2', name: 'Gas for a torched ply', quantity: 'rateMass', least: 0, most: 2 },
  { key: 'kettleGasKgPerKg', name: 'Gas for a kg of melt, kg', quantity: 'number', least: 0, most: 1 },
  { key: 'seamAdhesiveKgPerM2', name: 'Adhesive on seams', quantity: 'rateMass', least: 0, most: 5 },
];
