/** Figures in the units on screen. */
import { computed } from 'vue';
import { format, unitSymbol, type FormatOptions, type Quantity } from '@lentum/core/units';
import { useJob } from '../app/job.ts';

export function useUnits() {
  const job = useJob();
  const system = computed(() => job.system);
  return {
    system,
    say: (value: number, quantity: Quantity, options?: FormatOptions): string =>
      format(value, quantity, system.value, options),
    /** The bare number, for columns whose heading has the unit. */
    bare: (value: number, quantity: Quantity): string =>
      format(value, quantity, system.value, { unit: false }),
    unit: (quantity: Quantity): string => unitSymbol(quantity, system.value),
  };
}
