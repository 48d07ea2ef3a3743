/** A field that would be refused is not asked for: what the form leaves out and what the checks refuse are the same. */
import { describe, expect, it } from 'vitest';
import {
  buildUpProblems,
  catalogue,
  FIELDS,
  isAsked,
  setAt,
  shippedPocket,
  valueAt,
  type BuildUp,
  type Layer,
} from '@lentum/core/buildup';

const PATHS = ['fillsFromFallPct', 'temporaryNails'] as const;
const fieldOf = (layer: Layer, path: string) => FIELDS[layer.kind].find((f) => f.path === path);
/** Whether a number at a path of a layer is refused there. */
function isRefused(buildUp: BuildUp, i: number, path: string): boolean {
  const changed = structuredClone(buildUp);
  setAt(changed.layers[i]!, { path }, { value: 3, source: 'chosen' });
  return buildUpProblems(changed).some((p) => p.field === `buildUp/layers/${i}/${path}`);
}

describe('every layer of the library', () => {
  const all = [...catalogue(), shippedPocket()];
  it.each(PATHS)('%s is asked for where it is not refused', (path) => {
    let left = 0;
    for (const buildUp of all)
      buildUp.layers.forEach((layer, i) => {
        const field = fieldOf(layer, path);
        if (!field || valueAt(layer, path) !== undefined) return;
        const shown = isAsked(field, layer, buildUp);
        expect(shown, `${buildUp.id}, ${layer.name}`).toBe(!isRefused(buildUp, i, path));
        if (!shown) left += 1;
      });
    expect(left).toBeGreaterThan(5);
  });
  it('what stands there is shown, so that it can be taken out', () => {
    const torched = structuredClone(catalogue().find((b) => b.id === 'torched-two-ply')!);
    const sheet = torched.layers.find((l) => l.kind === 'sheet')!;
    const field = fieldOf(sheet, 'temporaryNails')!;
    expect(isAsked(field, sheet, torched)).toBe(false);
    setAt(sheet, field, { value: 3, source: 'chosen' });
    expect(isAsked(field, sheet, torched)).toBe(true);
  });
});
