/** Who may do what, and documents without prices. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  ALL_RIGHTS,
  FIRM_ROLES,
  JOB_ROLES,
  may,
  mayEnter,
  MONEY_FIELDS,
  MONEY_LISTS,
  onlyWho,
  RIGHTS,
  ROLE_WORDS,
  ROLES,
  whoMayEnter,
  withoutPrices,
  withPricesOf,
  type Part,
} from '@lentum/core/access';
import { buildUpDocSchema } from '@lentum/core/buildup';
import { orderSchema } from '@lentum/core/order';
import { programmeSchema } from '@lentum/core/planning';
import { KINDS } from '@lentum/core/record';
import { z } from 'zod';
import { DEMO_ANCHOR, velmora } from '@lentum/demo';
import { make, SAMPLES } from './support/entries.ts';

const PARTS: readonly Part[] = [...ROLES, 'guest'];

describe('rights', () => {
  it('an owner has all of them, a guest none that changes anything', () => {
    for (const right of ALL_RIGHTS) expect(may(['owner'], right), right).toBe(true);
    expect(ALL_RIGHTS.filter((r) => may(['guest'], r))).toEqual(['read job', 'compute', 'read papers']);
  });
  it('each part has those of the ones below it, from client to owner', () => {
    const chain: readonly Part[] = ['owner', 'estimator', 'foreman', 'applicator', 'client', 'guest'];
    for (const right of ALL_RIGHTS)
      for (const [i, part] of chain.entries())
        if (may([part], right))
          for (const above of chain.slice(0, i)) expect(may([above], right), `${above} ${right}`).toBe(true);
  });
  it('parts are joined: what either allows is allowed, and nothing else', () => {
    fc.assert(
      fc.property(fc.subarray([...PARTS]), fc.constantFrom(...ALL_RIGHTS), (parts, right) => {
        expect(may(parts, right)).toBe(parts.some((p) => may([p], right)));
      }),
    );
  });
  it.each([
    ['change order', 'Only an owner or an estimator may change the order'],
    ['admit people', 'Only an owner may say who may do what'],
    ['change site', 'Only an owner, an estimator or a foreman may change bays'],
  ] as const)('%s: %s', (right, says) => expect(onlyWho(right)).toBe(says));
  it('every role can be given somewhere, an owner only in the firm and a client only in a job', () => {
    expect(new Set([...FIRM_ROLES, ...JOB_ROLES])).toEqual(new Set(ROLES));
    expect(JOB_ROLES).not.toContain('owner');
    expect(FIRM_ROLES).not.toContain('client');
    for (const part of PARTS) expect(ROLE_WORDS[part].says, part).not.toBe('');
    for (const right of ALL_RIGHTS) expect(RIGHTS[right].says, right).toMatch(/^[a-z]/);
  });
});

describe('entries', () => {
  const mine = (parts: readonly Part[]): string[] =>
    KINDS.filter((kind) => mayEnter(parts, make(kind, SAMPLES[kind].body, SAMPLES[kind].where)));
  it('an owner, an estimator and a foreman make all of them', () => {
    for (const part of ['owner', 'estimator', 'foreman'] as const) expect(mine([part])).toEqual(KINDS);
  });
  it('a guest makes none, and a client none of the work', () => {
    expect(mine(['guest'])).toEqual([]);
    expect(
      mine(['client']).filter(
        (k) => !['snag', 'upkeep', 'event', 'withdrawal', 'decision', 'detail'].includes(k),
      ),
    ).toEqual([]);
  });
  it('accepting is a judgement, making is work', () => {
    const detail = (step: string) => ({
      kind: 'detail' as const,
      body: { ...SAMPLES.detail.body, step } as never,
    });
    expect(mayEnter(['applicator'], detail('made'))).toBe(true);
    expect(mayEnter(['applicator'], detail('accepted'))).toBe(false);
    expect(mayEnter(['inspector'], detail('accepted'))).toBe(true);
    expect(mayEnter(['inspector'], detail('made'))).toBe(false);
    const decided = (what: string) => ({
      kind: 'decision' as const,
      body: { ...SAMPLES.decision.body, what } as never,
    });
    expect(whoMayEnter(decided('accepted'))).toContain('client');
    expect(whoMayEnter(decided('gate taken over'))).not.toContain('client');
    expect(whoMayEnter(decided('gate taken over'))).not.toContain('applicator');
  });
});

/** Every field name of a schema. */
function fieldsOf(schema: unknown, found = new Set<string>()): Set<string> {
  if (Array.isArray(schema)) schema.forEach((s) => fieldsOf(s, found));
  else if (typeof schema === 'object' && schema !== null)
    for (const [key, value] of Object.entries(schema)) {
      if (key === 'properties') Object.keys(value as object).forEach((name) => found.add(name));
      fieldsOf(value, found);
    }
  return found;
}

describe('documents without prices', () => {
  it('every field that sounds of money is in the list, in every document that has some', () => {
    for (const schema of [buildUpDocSchema, orderSchema, programmeSchema]) {
      const names = [...fieldsOf(z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' }))];
      const money = names.filter((n) => /price|cost|freight|wage|offer|currency|money|ratePerH/i.test(n));
      expect(money.length).toBeGreaterThan(0);
      // The currency of an offer goes with the offers.
      for (const name of money.filter((n) => n !== 'currency'))
        expect(MONEY_FIELDS.has(name) || MONEY_LISTS.has(name), name).toBe(true);
    }
  });
  const job = velmora(new Date(DEMO_ANCHOR));
  it.each([
    ['build-up', job.buildUp, buildUpDocSchema],
    ['order', job.order, orderSchema],
    ['programme', job.programme, programmeSchema],
  ])('the demo’s %s: prices leave, the rest stays, and they come back', (_, doc, schema) => {
    const bare = withoutPrices(doc);
    expect(JSON.stringify(bare)).not.toMatch(/"(price\w*|freight|costPerDay|costs|ratePerH|pricesFrom)":/);
    expect(schema.safeParse(bare).success).toBe(true);
    expect(withPricesOf(bare, doc)).toEqual(doc);
    // A document without money is not touched.
    expect(withoutPrices(bare)).toEqual(bare);
  });
  it('dates and bytes stay what they are', () => {
    const [at, bytes] = [new Date(0), new Uint8Array([1])];
    expect(withoutPrices({ at, list: [at], bytes, price: 1 })).toEqual({ at, list: [at], bytes });
    expect(withPricesOf({ at }, { at, price: 1 })).toEqual({ at, price: 1 });
  });
  const item = fc.record({ id: fc.uuid(), name: fc.string(), price: fc.nat() });
  it('parts that were put in another order keep their own prices; new ones have none', () => {
    fc.assert(
      fc.property(fc.uniqueArray(item, { selector: (i) => i.id }), fc.uuid(), (items, id) => {
        const sent = [...items].reverse().map(({ id, name }) => ({ id, name, price: 1e9 }));
        const fresh = { id: `new ${id}`, name: 'new', price: 5 };
        const stored = withPricesOf({ items: [...sent, fresh] }, { items }).items;
        for (const one of items) expect(stored.find((s) => s.id === one.id)).toEqual(one);
        expect(stored.at(-1)).toEqual({ id: `new ${id}`, name: 'new' });
      }),
    );
  });
  it('a part that was removed takes its price with it', () => {
    const stored = {
      items: [
        { id: 'a', price: 1 },
        { id: 'b', price: 2 },
      ],
      costs: { items: [3] },
    };
    expect(withPricesOf({ items: [{ id: 'b' }] }, stored)).toEqual({
      items: [{ id: 'b', price: 2 }],
      costs: { items: [3] },
    });
  });
});
