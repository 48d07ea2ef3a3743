/** Two people change one document: what differs, and what becomes of it. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { canonicalJson, merged, ORDER, partDifferences, type PartDifference } from '@lentum/core/job';

interface Doc {
  readonly zones: readonly { id: string; name: string; outline: { legs: number[]; accepted: boolean } }[];
  readonly buildUps: readonly { id: string; name: string; layers: { id: string; rate: number }[] }[];
  readonly school: string;
}
const zone = (id: string, name = id, legs = [8, 6, 8, 6]) => ({
  id,
  name,
  outline: { legs, accepted: false },
});
const BASE: Doc = {
  zones: [zone('hall'), zone('terrace'), zone('deck')],
  buildUps: [
    {
      id: 'pu',
      name: 'PU',
      layers: [
        { id: 'primer', rate: 0.2 },
        { id: 'first', rate: 1.2 },
        { id: 'top', rate: 0.3 },
      ],
    },
  ],
  school: 'always',
};
const said = (d: PartDifference): string => `${d.path.join('/')} ${d.changedBy}`;

describe('changes of two people', () => {
  it('to separate zones and layers are both kept', () => {
    const mine: Doc = { ...BASE, zones: [zone('hall', 'Ferry hall'), zone('terrace'), zone('deck')] };
    const theirs: Doc = {
      ...BASE,
      zones: [zone('hall'), zone('terrace', 'Upper terrace'), zone('deck')],
      buildUps: [
        {
          ...BASE.buildUps[0]!,
          layers: BASE.buildUps[0]!.layers.map((l) => (l.id === 'top' ? { ...l, rate: 0.4 } : l)),
        },
      ],
    };
    expect(partDifferences(BASE, mine, theirs).map(said)).toEqual([
      'zones/hall mine',
      'zones/terrace theirs',
      'buildUps/pu/layers/top theirs',
    ]);
    expect(merged(BASE, mine, theirs)).toEqual({
      ...theirs,
      zones: [zone('hall', 'Ferry hall'), zone('terrace', 'Upper terrace'), zone('deck')],
    });
  });
  it('to one zone are a choice, told field by field, and never mixed inside it', () => {
    const mine: Doc = { ...BASE, zones: [zone('hall', 'Ferry hall', [8, 6, 8, 5]), ...BASE.zones.slice(1)] };
    const accepted = { ...zone('hall'), outline: { legs: [8, 6, 8, 6.2], accepted: true } };
    const theirs: Doc = { ...BASE, zones: [accepted, ...BASE.zones.slice(1)] };
    const [part, ...others] = partDifferences(BASE, mine, theirs);
    expect(others).toEqual([]);
    expect(said(part!)).toBe('zones/hall both');
    expect(part!.fields).toEqual([
      { path: ['name'], mine: 'Ferry hall', theirs: 'hall' },
      { path: ['outline', 'legs', '4'], mine: 5, theirs: 6.2 },
      { path: ['outline', 'accepted'], mine: false, theirs: true },
    ]);
    for (const side of ['mine', 'theirs'] as const)
      expect(merged(BASE, mine, theirs, () => side)).toEqual(side === 'mine' ? mine : theirs);
  });
  it('a zone that one took away and the other changed is a choice; one that was added is there', () => {
    const mine: Doc = { ...BASE, zones: [zone('hall'), zone('deck'), zone('ramp')] };
    const theirs: Doc = { ...BASE, zones: [zone('hall'), zone('terrace', 'Upper'), zone('deck')] };
    expect(partDifferences(BASE, mine, theirs).map(said)).toEqual(['zones/ramp mine', 'zones/terrace both']);
    expect(merged(BASE, mine, theirs).zones.map((z) => z.id)).toEqual(['hall', 'deck', 'ramp']);
    expect(
      merged(BASE, mine, theirs, (d) => (d.path[1] === 'ramp' ? 'mine' : 'theirs')).zones.map((z) => z.id),
    ).toEqual(['hall', 'terrace', 'deck', 'ramp']);
  });
  it('an order that one changed is kept with what the other changed in an item', () => {
    const mine: Doc = { ...BASE, zones: [zone('deck'), zone('hall'), zone('terrace')] };
    const theirs: Doc = { ...BASE, zones: [zone('hall', 'Ferry hall'), zone('terrace'), zone('deck')] };
    expect(partDifferences(BASE, mine, theirs).map(said)).toEqual([
      `zones/hall theirs`,
      `zones/${ORDER} mine`,
    ]);
    expect(merged(BASE, mine, theirs).zones.map((z) => z.name)).toEqual(['deck', 'Ferry hall', 'terrace']);
  });
  it('without what they began from each difference is a choice', () => {
    const mine: Doc = { ...BASE, school: 'never' };
    const theirs: Doc = { ...BASE, zones: [zone('hall', 'x'), ...BASE.zones.slice(1)] };
    expect(partDifferences(undefined, mine, theirs).map(said)).toEqual(['zones/hall both', 'school both']);
  });
});

describe('for any three documents', () => {
  const item = fc.record({ name: fc.constantFrom('a', 'b', 'c'), size: fc.nat(2) });
  const list = fc
    .uniqueArray(fc.constantFrom('p', 'q', 'r', 's', 't'), { maxLength: 5 })
    .chain((ids) => fc.tuple(...ids.map((id) => item.map((i) => ({ id, ...i })))));
  const buildUp = fc
    .record({ name: fc.constantFrom('x', 'y'), layers: list })
    .map((b) => ({ id: 'one', ...b }));
  const doc = fc.record({ zones: list, buildUps: fc.tuple(buildUp), school: fc.constantFrom('u', 'v') });
  const text = (v: unknown): string => canonicalJson(v as object);

  it('all of mine is mine, all of theirs is theirs', () => {
    fc.assert(
      fc.property(doc, doc, doc, (b, m, t) => {
        expect(text(merged(b, m, t, () => 'mine'))).toBe(text(m));
        expect(text(merged(b, m, t, () => 'theirs'))).toBe(text(t));
      }),
    );
  });
  it('where only one of them changed something, the merge is theirs whole, and no part is a choice', () => {
    fc.assert(
      fc.property(doc, doc, (b, x) => {
        expect(text(merged(b, x, b))).toBe(text(x));
        expect(text(merged(b, b, x))).toBe(text(x));
        expect(partDifferences(b, x, b).every((d) => d.changedBy === 'mine')).toBe(true);
        expect(partDifferences(b, x, x)).toEqual([]);
      }),
    );
  });
  it('each part of the merge is that of mine or of theirs, and a part that one changed is the changed one', () => {
    fc.assert(
      fc.property(doc, doc, doc, (b, m, t) => {
        const all = merged(b, m, t);
        for (const z of all.zones) {
          const own = [m, t].map((d) => d.zones.find((y) => y.id === z.id)).filter((y) => y !== undefined);
          expect(own.map(text)).toContain(text(z));
        }
        expect(new Set(all.zones.map((z) => z.id)).size).toBe(all.zones.length);
        for (const part of partDifferences(b, m, t)) {
          if (part.path.length !== 2 || part.path[0] !== 'zones' || part.path[1] === ORDER) continue;
          const now = all.zones.find((z) => z.id === part.path[1]);
          expect(now).toEqual(part.changedBy === 'theirs' ? part.theirs : part.mine);
          expect(part.fields.length).toBeGreaterThan(0);
        }
      }),
    );
  });
});
