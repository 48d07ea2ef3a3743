/** The screen of a phone: a list in one column, and what is chosen in it on a sheet of its own. */
import { useMediaQuery } from '@vueuse/core';
import type { Ref } from 'vue';

export const useNarrow = (): Ref<boolean> => useMediaQuery('(max-width: 820px)');
