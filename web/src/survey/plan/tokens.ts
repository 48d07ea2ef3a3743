/** The design tokens as colours that a canvas can use; they follow the theme. */
import { computed } from 'vue';
import { usePreferences } from '../../app/preferences.ts';

const NAMES = [
  'ink',
  'ink-2',
  'ink-3',
  'paper',
  'sheet',
  'well',
  'line',
  'line-2',
  'sea',
  'sea-soft',
  'amber',
  'red',
  'sky',
  'sky-soft',
  'violet',
] as const;
export type TokenName = (typeof NAMES)[number];

export function useTokens() {
  const preferences = usePreferences();
  return computed(() => {
    // Read after the theme: the attribute is set in the same tick.
    document.documentElement.dataset['theme'] = preferences.theme;
    const style = getComputedStyle(document.documentElement);
    return Object.fromEntries(
      NAMES.map((name) => [name, style.getPropertyValue(`--${name}`).trim()]),
    ) as Record<TokenName, string>;
  });
}

export const PLAN_FONT = "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif";
