/** An amount of a coat as mass or as volume, by its density as laid. */
import { densityGiven, type Coat } from '../buildup/index.ts';
import type { Figure } from '../figures/index.ts';
import type { Quantity } from '../units/index.ts';

export function inQuantity(amount: Figure, coat: Coat, quantity: Quantity): Figure {
  if (amount.quantity === quantity) return amount;
  const density = densityGiven(coat);
  const toMass = quantity === 'mass';
  return {
    label: amount.label,
    value: toMass ? amount.value * density.value : amount.value / density.value,
    quantity,
    formula: toMass ? '{amount} × {density}' : '{amount} / {density}',
    inputs: { amount, density },
    from: 'volume times density is mass',
  };
}
