/** A job that has just begun is led from its outline to the order. */
import fc from 'fast-check';
import { expect, it } from 'vitest';
import { nextStep, type BeginningZone } from '../src/frame/nextstep.ts';

const zone = (hasArea: boolean, hasBuildUp = false, hasBays = false, id = 'a'): BeginningZone => ({
  ...{ id, name: `Roof ${id}`, hasArea, hasBuildUp, hasBays },
});

it.each([
  ['nothing is measured', [], 'survey', undefined],
  ['an open outline on its own page', [zone(false)], 'survey', undefined],
  ['an open outline elsewhere', [zone(false)], 'order', 'Go on measuring it'],
  ['a measured zone', [zone(true)], 'survey', 'Choose its build-up'],
  ['a measured zone on the page that asks', [zone(true)], 'build-up', undefined],
  ['a zone with its build-up', [zone(true, true)], 'build-up', 'See the order'],
  ['the order', [zone(true, true)], 'order', 'Cut it into bays'],
  ['the bays', [zone(true, true)], 'site', undefined],
  ['bays that are cut', [zone(true, true, true)], 'order', undefined],
  [
    'one of two without',
    [zone(true, true, true), zone(true, false, false, 'b')],
    'survey',
    'Choose its build-up',
  ],
] as const)('%s', (_, zones, stage, act) => expect(nextStep(zones, stage)?.act).toBe(act));

it('never leads to the page that is open, and only to a zone of the job', () => {
  const some = fc.array(fc.tuple(fc.boolean(), fc.boolean(), fc.boolean()), { maxLength: 5 });
  fc.assert(
    fc.property(some, fc.constantFrom('survey', 'build-up', 'order', 'site', 'record'), (list, stage) => {
      const zones = list.map(([a, b, c], i) => zone(a, b, c, String(i)));
      const step = nextStep(zones, stage);
      if (!step) return;
      expect(step.stage).not.toBe(stage);
      const { zone: id } = step.query;
      if (id !== undefined) expect(zones.map((z) => z.id)).toContain(id);
    }),
  );
});
