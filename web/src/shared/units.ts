/** Figures in the units on screen. */
import { computed } from 'vue';
import { format, unitSymbol, type FormatOptions, type Quantity } from '@lentum/core/units';
import { useJob } from '../app/job.ts';
import { usePreferences } from '../app/preferences.ts';

export function useUnits() {
  const job = useJob();
  const preferences = usePreferences();
  const system = computed(() => job.system);
  /** Money has the currency of the place in place of the general sign. */
  const money = (text: string): string => text.replace('¤', preferences.currency);
  return {
    system,
    say: (value: number, quantity: Quantity, options?: FormatOptions): string =>
      money(format(value, quantity, system.value, options)),
    /** The bare number, for columns whose heading has the unit. */
    bare: (value: number, quantity: Quantity): string =>
      format(value, quantity, system.value, { unit: false }),
    unit: (quantity: Quantity): string => money(unitSymbol(quantity, system.value)),
  };
}
