/** What a pocket is filled with: by how the roof falls, and what is said where nobody knows that. */
import { describe, expect, it } from 'vitest';
import { buildUpProblems, catalogue, shippedPocket, type BuildUp, type Coat } from '@lentum/core/buildup';
import { given, verdictText } from '@lentum/core/figures';
import { DEFAULT_ORDER, takeoff } from '@lentum/core/order';
import { sentence } from '@lentum/core/problems';
import type { Zone } from '@lentum/core/survey';
import { fillOf } from '../src/details/clusters.ts';
import { evaluate } from './support/formula.ts';
import { everything, work } from './support/roof.ts';
import { falling as sloping } from './support/roofs.ts';

const falling = (fallPct: number | undefined): Zone => {
  const { fallPct: _, ...zone } = everything();
  return fallPct === undefined ? zone : { ...zone, fallPct };
};
const cluster = (zone: Zone) => work(zone, 'pipe-cluster');
const poured = (zone: Zone): string[] =>
  cluster(zone).materials.flatMap((m) =>
    m.material.kind === 'pocket' && m.material.layerId.startsWith('pour') ? [m.name] : [],
  );
const said = (zone: Zone): string =>
  cluster(zone)
    .steps.map((s) => verdictText(s.says, 'metric', String))
    .join(' ')
    .replaceAll('\u00a0', ' ');

describe('a pocket on a roof that falls', () => {
  it.each([
    ['flat', 0, 'Pourable sealer'],
    ['just below five per cent', 4.99, 'Pourable sealer'],
    ['five per cent', 5, 'Sealer for slopes'],
    ['steep', 22, 'Sealer for slopes'],
  ])('%s: at %s %% it is filled with one thing', (_, fallPct, name) => {
    expect(poured(falling(fallPct))).toEqual([name]);
    expect(said(falling(fallPct))).not.toContain('not known');
    expect(said(falling(fallPct)).includes('from 5.00 % on it is filled with sealer for slopes')).toBe(
      name === 'Sealer for slopes',
    );
  });
  it('as much of it goes in, whatever it is', () => {
    const [flat, steep] = [cluster(falling(0)), cluster(falling(8))];
    expect(steep.pocket!.pour.value).toBeCloseTo(flat.pocket!.pour.value, 12);
    expect(evaluate(steep.pocket!.pour)).toBeCloseTo(steep.pocket!.pour.value, 9);
  });
  it('where nobody knows how it falls it is filled as a flat one, and to be measured first', () => {
    expect(poured(falling(undefined))).toEqual(['Pourable sealer']);
    expect(said(falling(undefined))).toContain(
      'How much the roof falls is not known. From 5.00 % on it is filled with sealer for slopes: measure before anything is mixed.',
    );
  });
  it('levels count before what was typed', () => {
    const steep = sloping(falling(1), 0.09, 0);
    expect(poured(steep)).toEqual(['Sealer for slopes']);
    expect(said(steep)).toContain('The roof falls 9.00 %');
  });
  it('the order buys that one, and no hardener for the other', () => {
    const bought = (fallPct: number): string[] =>
      takeoff(
        { zones: [falling(fallPct)] },
        {
          buildUps: [...catalogue()],
          zones: [
            {
              zoneId: falling(fallPct).id,
              buildUpId: catalogue()[0]!.id,
              revision: 1,
              conditions: [],
              choices: {},
            },
          ],
        },
        DEFAULT_ORDER,
      ).lines.map((l) => l.item.name);
    expect(bought(1)).toContain('Pourable sealer');
    expect(bought(1)).not.toContain('Sealer for slopes');
    expect(bought(8)).toContain('Sealer for slopes');
    expect(bought(8)).not.toContain('Pourable sealer');
  });
});

describe('the build-up of a pocket', () => {
  const changed = (change: (c: Coat) => object): BuildUp => {
    const pocket = structuredClone(shippedPocket());
    return {
      ...pocket,
      layers: pocket.layers.map((l) =>
        l.kind === 'coat' && l.id === 'pour-slope' ? ({ ...l, ...change(l) } as Coat) : l,
      ),
    };
  };
  const from = (pct: number) => ({ value: pct, source: 'typical' as const });

  it('takes the steepest of several that the roof reaches', () => {
    const two = changed(() => ({}));
    const slope = two.layers.find((l) => l.id === 'pour-slope') as Coat;
    const both = {
      ...two,
      layers: [...two.layers, { ...slope, id: 'wall', fillsFromFallPct: from(40) }],
    };
    const at = (value: number) => fillOf(both, given('fall', value, 'fall', 'measured'))?.id;
    expect([0, 5, 39, 40, 100].map(at)).toEqual(['pour', 'pour-slope', 'pour-slope', 'wall', 'wall']);
    expect(fillOf(both, undefined)?.id).toBe('pour');
  });
  it('is whole as it ships, and refuses a fill for slopes that counts in the film of the field', () => {
    expect(buildUpProblems(shippedPocket())).toEqual([]);
    const [problem] = buildUpProblems(changed(() => ({ treats: undefined })));
    expect(sentence(problem!)).toContain('Sealer for slopes, fills pockets');
    expect(sentence(problem!)).toContain('a coat that keeps to details');
  });
  it('a build-up without curb parts has none', () => {
    const membrane = catalogue()[0]!;
    const wrong = {
      ...membrane,
      layers: membrane.layers.map((l) =>
        l.kind === 'coat' && l.role === 'membrane' ? { ...l, fillsFromFallPct: from(5) } : l,
      ),
    };
    expect(buildUpProblems(wrong).map(sentence).join(' ')).toContain('expected curb parts');
  });
});
