/** The kit of a day: every tool that a layer names is on it, and what its hazards ask for. */
import { describe, expect, it } from 'vitest';
import { catalogue, isCoat, isSheet, resolve } from '@lentum/core/buildup';
import { kitOf, toolWords } from '@lentum/core/words';
import { corners, pointsZone } from './support/zones.ts';

const zone = pointsZone(corners(10, 6), { substrate: { kind: 'concrete-old' } });
const whats = (id: string): string[] => {
  const buildUp = resolve(catalogue().find((b) => b.id === id)!);
  return kitOf([{ zone, buildUp }], 'metric').map((l) => l.what);
};

describe.each(catalogue().map((b) => [b.id] as const))('%s', (id) => {
  const buildUp = resolve(catalogue().find((b) => b.id === id)!);
  const kit = whats(id);
  it('names every tool of every layer once, with its settings', () => {
    for (const layer of buildUp.layers)
      if ('tools' in layer) for (const t of layer.tools) expect(kit).toContain(toolWords(t, 'metric'));
    expect(new Set(kit).size).toBe(kit.length);
  });
  it('has what its way of working cannot do without', () => {
    const has = (text: string): boolean => kit.some((w) => w.includes(text));
    const coats = buildUp.layers.filter(isCoat);
    expect(has('scale that reads to a gram')).toBe(coats.some((c) => c.catalyst !== undefined));
    expect(has('kettle')).toBe(coats.some((c) => c.kettle !== undefined));
    expect(has('torch, hose')).toBe(buildUp.layers.filter(isSheet).some((l) => l.bonding === 'torched'));
    const hazards = new Set(buildUp.layers.flatMap((l) => l.product?.hazards ?? []));
    expect(has('eye wash')).toBe(hazards.has('eye damage') || hazards.has('corrosive'));
    expect(has('dust respirators')).toBe(hazards.has('dust'));
    expect(has('two extinguishers')).toBe(hazards.has('open flame'));
  });
});

it('a thing that two zones ask for stands once, with both', () => {
  const buildUp = resolve(catalogue().find((b) => b.id === 'reinforced-polyurethane')!);
  const lines = kitOf(
    [
      { zone, buildUp },
      { zone: { ...zone, id: 'y', name: 'Other' }, buildUp },
    ],
    'metric',
  );
  expect(lines.every((l) => l.zones.length === 2)).toBe(true);
});
