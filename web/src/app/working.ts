/** The figure whose working is open, if any. One drawer serves the whole application. */
import { shallowRef } from 'vue';
import type { Figure, Given } from '@lentum/core/figures';

export const openWorking = shallowRef<Figure | Given>();
