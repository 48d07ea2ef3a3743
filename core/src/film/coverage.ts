/**
 * Coverage and film. One litre on one square metre is one millimetre, by definition of the litre.
 * Formulas are those of common practice; they are definitions, not models.
 */
import { type Figure, type Given } from '../figures/index.ts';

/** Wet film in mm from a volume rate: t = V / A. */
export const wetFromVolumeRate = (rateLPerM2: number): number => rateLPerM2;

/** Wet film in mm from a mass rate and the density of the liquid as laid: t = (m / A) / ρ. */
export const wetFromMassRate = (rateKgPerM2: number, densityKgPerL: number): number =>
  rateKgPerM2 / densityKgPerL;

/** Dry film in mm from wet film and volume solids (0–1): t_dry = t_wet × VS. */
export const dryFromWet = (wetFilmMm: number, volumeSolids: number): number => wetFilmMm * volumeSolids;

export const wetFromDry = (dryFilmMm: number, volumeSolids: number): number => dryFilmMm / volumeSolids;

/** Volume of a mixed batch in litres from the masses (kg) and densities (kg/L) of its parts: Σ m / ρ. */
export const mixedVolumeL = (parts: readonly { massKg: number; densityKgPerL: number }[]): number =>
  parts.reduce((sum, part) => sum + part.massKg / part.densityKgPerL, 0);

/** Litres missing on an area whose film is thinner than wanted; nothing is missing where it is not. */
export const missingLitres = (wantedMm: number, haveMm: number, areaM2: number): number =>
  Math.max(0, wantedMm - haveMm) * areaM2;

/** Wet film over an area from what was consumed, with its working. */
export function filmFromConsumption(usedL: Figure | Given, area: Figure | Given): Figure {
  return {
    label: 'Wet film from consumption',
    value: usedL.value / area.value,
    quantity: 'film',
    formula: '{used} / {area}',
    inputs: { used: usedL, area },
    from: '1 L over 1 m² is 1 mm, by definition of the litre',
  };
}

/** Wet film from a rate, with its working. */
export function filmFromRate(rate: Figure | Given, basis: 'mass' | 'volume', density: Given): Figure {
  const head = { label: 'Wet film', quantity: 'film' } as const;
  if (basis === 'volume') {
    return {
      ...head,
      value: wetFromVolumeRate(rate.value),
      formula: '{rate}',
      inputs: { rate },
      from: '1 L over 1 m² is 1 mm, by definition of the litre',
    };
  }
  return {
    ...head,
    value: wetFromMassRate(rate.value, density.value),
    formula: '{rate} / {density}',
    inputs: { rate, density },
    from: 'mass over density is volume; 1 L over 1 m² is 1 mm',
  };
}

export function dryFigure(wet: Figure, solids: Figure | Given): Figure {
  return {
    label: 'Dry film',
    value: dryFromWet(wet.value, solids.value),
    quantity: 'film',
    formula: '{wet} × {solids}',
    inputs: { wet, solids },
    from: 'the film shrinks to its volume solids',
  };
}
