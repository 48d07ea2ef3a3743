import { canonicalJson } from '../job/index.ts';
import type { BuildUp } from '../buildup/index.ts';

const bare = (b: BuildUp): string => canonicalJson({ ...b, revision: 0, taken: undefined });

/** The same content, whatever revision its holder counts it as and wherever it was taken from. */
export const sameContent = (a: BuildUp, b: BuildUp): boolean => bare(a) === bare(b);
