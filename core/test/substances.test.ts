/** The sheet of substances: every hazard that is ordered has its caution, and everything its way out. */
import { describe, expect, it } from 'vitest';
import { catalogue, isCoat, resolve } from '@lentum/core/buildup';
import { DEFAULT_ORDER, takeoff } from '@lentum/core/order';
import { protectionOf, substancesOf, type Substance } from '@lentum/core/words';
import { everything } from './support/roof.ts';

const whole = everything();
/** Every fitting but a cluster of pipes, whose pocket brings products of its own. */
const roof = { ...whole, fallPct: 2, features: whole.features.filter((f) => f.kind !== 'pipe-cluster') };
const sheet = (id: string): Substance[] =>
  substancesOf(
    takeoff(
      { zones: [roof] },
      {
        buildUps: [catalogue().find((b) => b.id === id)!],
        zones: [{ zoneId: roof.id, buildUpId: id, revision: 1, conditions: [], choices: {} }],
      },
      DEFAULT_ORDER,
    ).lines,
  );
const all = catalogue()
  .filter((b) => b.family !== 'POCKET')
  .map((b) => [b.id, b] as const);

describe('every build-up of the catalogue', () => {
  it.each(all)(
    '%s: each product with a hazard stands on the sheet, with what to mind and where it goes',
    (id, b) => {
      const found = sheet(id);
      const minded = found.flatMap((s) => s.protect).join('\n');
      for (const l of resolve(b).layers)
        if ((l.product?.hazards.length ?? 0) > 0)
          for (const says of protectionOf(l)) expect(minded).toContain(says);
      for (const s of found) {
        expect(s.amount.value).toBeGreaterThan(0);
        expect(s.protect.length).toBeGreaterThanOrEqual(s.hazards.length);
      }
      for (const s of found.filter((f) => f.key.startsWith('supply/')))
        expect(s.waste.length).toBeGreaterThan(0);
      const coats = resolve(b)
        .layers.filter(isCoat)
        .filter((c) => (c.product?.hazards.length ?? 0) > 0);
      const ofCoats = found.filter((s) => s.waste.length > 0 && !s.key.startsWith('supply/'));
      expect(ofCoats.length).toBe(new Set(coats.map((c) => c.product?.name ?? c.id)).size);
    },
  );
});

it.each([
  ['methacrylate-terrace', /Peroxide that is left goes back to the supplier/],
  ['hot-rubberised', /Cold melt is let go hard in its bucket/],
  ['elastomeric-acrylic', /none into drains, gutters or soil/],
  ['two-part-deck', /spread shallow outdoors to cure/],
])('%s: %s', (id, words) =>
  expect(
    sheet(id)
      .flatMap((s) => s.waste)
      .join('\n'),
  ).toMatch(words),
);

it('what belongs to no layer stands there too: catalyst, gas, mortar and wash', () => {
  const zone = {
    ...roof,
    substrate: { kind: 'concrete-old' as const },
    findings: [{ item: 'voids', answer: 'yes' as const, amount: 4, note: '' }],
  };
  const of = (id: string): Substance[] =>
    substancesOf(
      takeoff(
        { zones: [zone] },
        {
          buildUps: [catalogue().find((b) => b.id === id)!],
          zones: [{ zoneId: zone.id, buildUpId: id, revision: 1, conditions: [], choices: {} }],
        },
        DEFAULT_ORDER,
      ).lines,
    );
  const deck = of('vehicular-deck');
  const found = (list: Substance[], name: string): Substance | undefined => list.find((s) => s.name === name);
  expect(found(deck, 'Catalyst powder')?.protect.join(' ')).toContain('never mixed with an accelerator');
  expect(found(deck, 'Catalyst powder')?.waste.join(' ')).toContain('licensed carrier');
  expect(found(deck, 'Filler for pinholes and voids')?.waste.join(' ')).toContain('mineral waste');
  expect(found(of('torched-two-ply'), 'Gas for torch and kettle')?.carriage?.what).toBe('gas');
});
