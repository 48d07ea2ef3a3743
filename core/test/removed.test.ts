/** What comes off the old roof, how much it is, and what may be in it. */
import { describe, expect, it } from 'vitest';
import { oldRoof } from '@lentum/core/readiness';
import { blankZone, zoneQuantities, type Finding, type Zone } from '@lentum/core/survey';
import { evaluate } from './support/formula.ts';

/** 10 m by 4 m. */
const zone = (kind: NonNullable<Zone['substrate']>['kind'], findings: readonly Partial<Finding>[]): Zone => ({
  ...blankZone({
    id: 'z',
    code: 'Z',
    name: 'Old roof',
    outline: {
      kind: 'walk',
      adjustmentAccepted: false,
      legs: [10, 4, 10, 4].map((lengthM) => ({ lengthM, turnDeg: 90, turn: 'right' as const })),
    },
  }),
  substrate: { kind },
  findings: findings.map((f) => ({ item: '', answer: 'not looked at', note: '', ...f })),
});
const found = (z: Zone) => {
  const q = zoneQuantities(z);
  if (!q.ok) throw new Error('not closed');
  return oldRoof(z, q.value);
};

describe('what comes off', () => {
  it('is weighed on a square metre: 6 kg/m² on 40 m² are 240 kg', () => {
    const old = found(zone('gravelled-felt', [{ item: 'gravel', answer: 'yes', amount: 6 }]))!;
    expect(old.removed.map((r) => [r.what, r.amount?.quantity])).toEqual([['Sweep up loose gravel', 'mass']]);
    expect(old.removed[0]!.amount!.value).toBeCloseTo(240, 9);
    expect(evaluate(old.removed[0]!.amount!)).toBeCloseTo(240, 9);
  });
  it('cannot be told where nobody weighed it', () =>
    expect(
      found(zone('acrylic-coating', [{ item: 'survives-wash', answer: 'no' }]))!.removed[0]!.amount,
    ).toBeUndefined());
  it('an area that was found stays an area', () =>
    expect(
      found(zone('bitumen-smooth', [{ item: 'bonded', answer: 'no', amount: 3 }]))!.removed[0]!.amount,
    ).toMatchObject({
      value: 3,
      quantity: 'area',
    }));
  it('is nothing where all is well, or nobody looked', () => {
    expect(found(zone('gravelled-felt', [{ item: 'gravel', answer: 'no' }]))).toBeUndefined();
    expect(found(zone('gravelled-felt', [{ item: 'gravel' }]))).toBeUndefined();
  });
  it.each([
    ['no', 'none found'],
    ['yes', 'may hold it'],
    ['not looked at', 'not tested'],
  ] as const)('asbestos and tar answered “%s”: %s', (answer, says) => {
    const old = found(
      zone('gravelled-felt', [
        { item: 'gravel', answer: 'yes' },
        { item: 'asbestos', answer },
        { item: 'tar', answer },
      ]),
    )!;
    expect(old.harmful).toEqual([
      { what: 'asbestos', answer: says },
      { what: 'tar', answer: says },
    ]);
  });
  it('a question that was never put is not tested', () =>
    expect(found(zone('gravelled-felt', [{ item: 'gravel', answer: 'yes' }]))!.harmful[0]!.answer).toBe(
      'not tested',
    ));
});
