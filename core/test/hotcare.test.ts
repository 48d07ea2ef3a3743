/** Cards of kettle and flame: what must stand on each. From the brief's section on safety; common practice, no source. */
import { describe, expect, it } from 'vitest';
import { catalogue, isCoat, isSheet, isWorkLayer, resolve, waysToLay } from '@lentum/core/buildup';
import { courseSteps } from '@lentum/core/details';
import { verdictText, type Part } from '@lentum/core/figures';
import { practiceOf } from '@lentum/core/practice';
import { flammableIn, hotCare, isHot, lastFlameMs } from '@lentum/core/site';

const text = (lines: readonly (readonly Part[])[]): string =>
  lines
    .map((l) => verdictText(l, 'metric', (ms) => new Date(ms).toISOString().slice(11, 16)))
    .join('\n')
    .replaceAll('\u00a0', ' ');
const pick = (id: string) => resolve(catalogue().find((b) => b.id === id)!);
const workOf = (id: string) => pick(id).layers.filter(isWorkLayer);
const kettle = workOf('hot-rubberised').find(isHot)!;
const torched = workOf('torched-two-ply').find(isHot)!;

describe('what is minded with heat', () => {
  it.each([
    ['somebody trained stays', /stays at the kettle from lighting it until it is off/],
    ['clothes', /gauntlets, face shield, long sleeves/],
    ['fumes', /Fumes: stand upwind/],
    ['bottles', /upright and chained, 3\.00 m or more/],
    ['flash fire', /Lid down, burner off, gas shut at the bottle/],
    ['no water into it', /Never water, never foam/],
    ['burns', /cool running water, 20 minutes at least/],
    ['sticking bitumen', /do not peel it off/],
    ['the primer’s vapour', /Surface conditioner: flammable\. Dry, the smell gone/],
    ['last flame', /Last flame 15:00: the permit ends 16:00, less the watch of 60 min/],
  ])('kettle: %s', (_, words) => {
    const care = hotCare(kettle, {
      flammable: flammableIn(pick('hot-rubberised')),
      permitUntilMs: Date.parse('2026-05-12T16:00:00Z'),
    })!;
    expect([care.before, care.fire, care.burns, care.end].map(text).join('\n')).toMatch(words);
  });
  it.each([
    ['what is behind', /voids, eaves and cladding have been looked at/],
    ['a torch left burning', /never laid down or left burning/],
    ['fire in a void', /everybody off the roof, call the fire service/],
    ['without a permit', /Last flame: the end of the shift less the watch of 60 min/],
    ['burns', /do not peel it off/],
  ])('flame: %s', (_, words) => {
    const care = hotCare(torched)!;
    expect([care.before, care.fire, care.burns, care.end].map(text).join('\n')).toMatch(words);
  });
  it('every hot layer of the catalogue has a card, and no other has', () => {
    for (const b of catalogue())
      for (const l of resolve(b).layers.filter(isWorkLayer)) expect(hotCare(l) !== undefined).toBe(isHot(l));
  });
  it('the last flame and the bottles go by what the job sets', () => {
    const practice = practiceOf([
      { key: 'fireWatchMin', value: 120, says: 'the insurer asks for it' },
      { key: 'bottleDistance', value: 6, says: 'local rule' },
    ]);
    expect(lastFlameMs({ permitUntilMs: 10 * 3_600_000, practice })).toBe(8 * 3_600_000);
    expect(lastFlameMs({ practice })).toBeUndefined();
    expect(text(hotCare(kettle, { practice })!.before)).toContain('6.00 m or more');
  });
});

describe('courses, by how they are bonded', () => {
  const steps = (id: string): string => text(courseSteps(pick(id).layers.find(isSheet)!));
  it('torched: heated to bleed-out, pressed, probed cool', () => {
    expect(steps('torched-two-ply')).toMatch(
      /laid out|leave it flat[\s\S]*Begin at the low edge[\s\S]*shines[\s\S]*bleeds out along every lap[\s\S]*Once cool, probe every lap/,
    );
  });
  it('self-adhered: film off, rolled, no flame', () => {
    expect(steps('self-adhered-two-ply')).toMatch(
      /tacky-dry[\s\S]*release film[\s\S]*Roll from the middle[\s\S]*never a flame[\s\S]*probe along every edge/,
    );
    expect(steps('self-adhered-two-ply')).not.toMatch(/resin|torch/);
  });
});

describe('every ply that ships', () => {
  const plies = catalogue().flatMap((b) =>
    waysToLay(b).flatMap((terms) => {
      const laid = resolve(b, terms);
      return laid.layers.filter(isSheet).map((sheet) => ({ name: `${b.id}, ${sheet.name}`, sheet, laid }));
    }),
  );
  it.each(plies.map((p) => [p.name, p] as const))(
    '%s: what burns is said, a primer only where there is one',
    (_, { sheet, laid }) => {
      const hazards = sheet.product?.hazards ?? [];
      if (sheet.bonding === 'torched')
        for (const h of ['open flame', 'hot', 'heavy']) expect(hazards).toContain(h);
      const below = laid.layers.slice(0, laid.layers.indexOf(sheet)).filter(isWorkLayer).at(-1);
      const says = courseSteps(sheet, laid.layers)
        .map((s) => verdictText(s, 'metric', String))
        .join(' ');
      if (below && !isCoat(below)) {
        expect(says).not.toMatch(/[Pp]rimer is|primed as/);
        expect(says).toMatch(/(ply|layer) below is/);
      }
    },
  );
});
