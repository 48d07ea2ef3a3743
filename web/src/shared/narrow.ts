/** The screen of a phone: a list in one column, and what is chosen in it on a sheet of its own. */
import { useMediaQuery } from '@vueuse/core';
import type { Ref } from 'vue';

export const useNarrow = (): Ref<boolean> => useMediaQuery('(max-width: 820px)');

/** Where a keyboard is at hand. On a phone it would cover half of what has just opened. */
export const useHasKeyboard = (): Ref<boolean> => useMediaQuery('(hover: hover) and (pointer: fine)');
