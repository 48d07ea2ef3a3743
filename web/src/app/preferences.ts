/** What belongs to this device: theme, units, who is holding it. */
import { useStorage } from '@vueuse/core';
import { defineStore } from 'pinia';
import { watchEffect } from 'vue';
import type { System } from '@lentum/core/units';
import { usualCurrency } from './locale.ts';

export type Theme = 'light' | 'dark' | 'sun';
export const THEMES: readonly { id: Theme; name: string; note: string }[] = [
  { id: 'light', name: 'Light', note: 'paper, for the desk' },
  { id: 'dark', name: 'Dark', note: 'for the evening' },
  { id: 'sun', name: 'Bright sun', note: 'black on white, heavy lines, larger targets' },
];

export const usePreferences = defineStore('preferences', () => {
  const theme = useStorage<Theme>('lentum.theme', 'light');
  /** Empty: each job in its own units. */
  const units = useStorage<System | ''>('lentum.units', '');
  const who = useStorage('lentum.who', '');
  /** Code of the currency in which prices are kept. */
  const currency = useStorage('lentum.currency', usualCurrency());
  /** How tables are written as CSV. */
  const csv = useStorage<'point' | 'comma'>('lentum.csv', 'point');
  watchEffect(() => {
    document.documentElement.dataset['theme'] = theme.value;
  });
  return { theme, units, who, currency, csv };
});
