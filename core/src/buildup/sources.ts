/** Where the numbers of a build-up come from, and which of its products have no paper. */
import type { Given } from '../figures/index.ts';
import type { Layer } from './layers.ts';
import type { BuildUp, Paper } from './schema.ts';

export interface SourceCounts {
  readonly total: number;
  readonly typical: number;
  readonly by: Readonly<Record<Given['source'], number>>;
  /** Numbers that cite a paper of the binder. */
  readonly cited: number;
}

/** How many numbers come from where, over anything that holds numbers with sources. */
export function sourceCounts(of: unknown): SourceCounts {
  const by = { measured: 0, 'data sheet': 0, typical: 0, assumed: 0, definition: 0, chosen: 0 };
  let citing = 0;
  const visit = (node: unknown): void => {
    if (node === null || typeof node !== 'object') return;
    const { source, cites } = node as { source?: unknown; cites?: unknown };
    if (typeof source === 'string' && source in by) {
      by[source as Given['source']] += 1;
      if (typeof cites === 'string') citing += 1;
    }
    for (const child of Object.values(node)) visit(child);
  };
  visit(of);
  const total = Object.values(by).reduce((a, b) => a + b, 0);
  return { total, typical: by.typical, by, cited: citing };
}

export const papersOf = (buildUp: BuildUp, layer: Layer): Paper[] =>
  buildUp.papers.filter((p) => p.layerIds.includes(layer.id));

/** Layers whose product has no data sheet with a file in the binder. */
export const withoutPaper = (buildUp: BuildUp): Layer[] =>
  buildUp.layers.filter(
    (l) => !papersOf(buildUp, l).some((p) => p.kind === 'data sheet' && p.file !== undefined),
  );
