/** The sheet of substances: every hazard that is ordered has its caution, and everything its way out. */
import { describe, expect, it } from 'vitest';
import { CATALOGUE, isCoat, resolve } from '@lentum/core/buildup';
import { DEFAULT_ORDER, takeoff } from '@lentum/core/order';
import { protectionOf, substancesOf, type Substance } from '@lentum/core/words';
import { edgeOf } from '@lentum/core/survey';
import { corners, pointsZone } from './support/zones.ts';

const roof = pointsZone(corners(10, 6), {
  fallPct: 2,
  sides: [0, 1, 2, 3].map(() => ({ edge: edgeOf('drip'), riseM: 0 })),
});
const sheet = (id: string): Substance[] =>
  substancesOf(
    takeoff(
      { zones: [roof] },
      {
        buildUps: [CATALOGUE.find((b) => b.id === id)!],
        zones: [{ zoneId: roof.id, buildUpId: id, revision: 1, conditions: [], choices: {} }],
      },
      DEFAULT_ORDER,
    ).lines,
  );
const all = CATALOGUE.filter((b) => b.family !== 'POCKET').map((b) => [b.id, b] as const);

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
      const coats = resolve(b)
        .layers.filter(isCoat)
        .filter((c) => (c.product?.hazards.length ?? 0) > 0);
      expect(found.filter((s) => s.waste.length > 0).length).toBe(
        new Set(coats.map((c) => c.product?.name ?? c.id)).size,
      );
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
