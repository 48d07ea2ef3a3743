/** Figures in the units on screen. */
import { computed } from 'vue';
import {
  fieldText,
  format,
  formatNumber,
  marksOf,
  unitSymbol,
  type FormatOptions,
  type Quantity,
} from '@lentum/core/units';
import { useJob } from '../app/job.ts';

export function useUnits() {
  const job = useJob();
  const system = computed(() => job.system);
  const written = computed(() => job.written);
  /** Money has the currency of the place in place of the general sign. */
  const money = (text: string): string => text.replace('¤', job.currency);
  return {
    system,
    written,
    say: (value: number, quantity: Quantity, options?: FormatOptions): string =>
      money(format(value, quantity, written.value, options)),
    /** The bare number, for columns whose heading has the unit. */
    bare: (value: number, quantity: Quantity): string =>
      format(value, quantity, written.value, { unit: false }),
    /** A plain number, such as a count of hours. */
    number: (value: number, digits: number): string => formatNumber(value, digits, written.value.numbers),
    /** As it stands in a field. */
    typed: (value: number, quantity: Quantity, digits: number): string =>
      fieldText(value, quantity, written.value, digits),
    /** What a field needs to know to read what is typed into it. */
    reading: computed(() => ({
      system: system.value,
      decimalComma: marksOf(written.value.numbers).decimal === ',',
    })),
    unit: (quantity: Quantity): string => money(unitSymbol(quantity, system.value)),
  };
}
