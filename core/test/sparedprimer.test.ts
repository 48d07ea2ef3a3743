/** A primer that a test has spared: not ordered, not next, and a gate where no test says so. */
import { describe, expect, it } from 'vitest';
import { buildUpOfZone, catalogue, firstPrimer, resolve } from '@lentum/core/buildup';
import { DEFAULT_ORDER, takeoff } from '@lentum/core/order';
import { jobState } from '@lentum/core/state';
import {
  at,
  inputsFor,
  moisture,
  polyurethane,
  pulled,
  reading,
  told,
  prepared,
  type Told,
} from './support/gatejob.ts';

const unprimedPull = (value: number): Told =>
  told(
    'test',
    -5,
    { at: at(-5), test: 'pull-off', instrument: 'gauge', value, unprimed: true },
    { zoneOnly: true },
  );

function inputs(school: 'always' | 'test may spare', entries: readonly Told[], withoutPrimer = true) {
  const of = inputsFor({ entries: [moisture(3.5), pulled(), prepared(3), reading(), ...entries] });
  return {
    ...of,
    survey: { ...of.survey, primerSchool: school },
    buildUps: {
      ...of.buildUps,
      zones: of.buildUps.zones.map((z) => ({ ...z, ...(withoutPrimer ? { withoutPrimer } : {}) })),
    },
  };
}
const gate = (...args: Parameters<typeof inputs>) => {
  const [call] = jobState(inputs(...args)).calls;
  return {
    next: call!.layer?.id,
    kind: call!.kind,
    answer: call!.gates.find((g) => g.key === 'ground/primer')?.answer,
  };
};

describe('a primer that is left out', () => {
  it.each([
    ['by a pull-off without primer that passes', 'test may spare', [unprimedPull(1.6)], 'holds'],
    ['by one that is below the least', 'test may spare', [unprimedPull(0.3)], 'broken'],
    ['without any test', 'test may spare', [], 'broken'],
    ['in a job that always primes', 'always', [unprimedPull(1.6)], 'broken'],
  ] as const)('%s', (_, school, entries, answer) => {
    const found = gate(school, entries);
    expect(found).toMatchObject({ next: 'first', answer });
    expect(found.kind === 'blocked').toBe(answer === 'broken');
  });
  it('that is not left out is next, and there is no such gate', () =>
    expect(gate('test may spare', [unprimedPull(1.6)], false)).toMatchObject({
      next: 'primer',
      answer: undefined,
    }));
  it('is not ordered', () => {
    const keys = (withoutPrimer: boolean) => {
      const { survey, buildUps } = inputs('test may spare', [], withoutPrimer);
      return takeoff({ zones: survey.zones }, buildUps, DEFAULT_ORDER).lines.map((l) => l.item.name);
    };
    const [kept, spared] = [keys(false), keys(true)];
    expect(kept.filter((n) => !spared.includes(n))).toEqual([expect.stringMatching(/primer/i)]);
  });
  it('is the one on the ground: a primer higher up, and a build-up that begins otherwise, stay', () => {
    for (const b of catalogue()) {
      const first = firstPrimer(b, { conditions: [], choices: {} });
      const without = resolve(b, { conditions: [], choices: {}, withoutPrimer: true });
      expect(resolve(b).layers.length - without.layers.length).toBe(first ? 1 : 0);
    }
    expect(firstPrimer(polyurethane)?.id).toBe('primer');
    const { buildUps } = inputs('always', []);
    expect(buildUpOfZone(buildUps, 'hall')?.layers.map((l) => l.id)).not.toContain('primer');
  });
});
