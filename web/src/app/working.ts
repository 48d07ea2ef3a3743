/** The figure whose working is open, if any. One drawer serves the whole application. */
import { shallowRef } from 'vue';
import type { Paper } from '@lentum/core/buildup';
import type { Figure, Given } from '@lentum/core/figures';

export const openWorking = shallowRef<Figure | Given>();

/** Papers of the build-up that is open in the library; those of a job are in its documents. */
export const libraryPapers = shallowRef<readonly Paper[]>([]);
