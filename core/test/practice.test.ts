/** The register of practice: what stands in it, and what a firm or a job sets in place of it. */
import { describe, expect, it } from 'vitest';
import { COMMON, practiceOf, practiceSettingsSchema, PRACTICE_KEYS, REGISTER } from '@lentum/core/practice';

describe('the register of practice', () => {
  // Figures of general practice, no source; the last column is what a note must name where there is a standard.
  it.each([
    ['moistureUnprimed', 4.5, 'common practice'],
    ['moisturePrimed', 6, 'common practice'],
    ['concreteAgeDays', 28, 'common practice'],
    ['strengthTraffic', 25, 'common practice'],
    ['pullOffTraffic', 1.5, 'EN 1542'],
    ['pullOff', 0.8, 'EN 1542'],
    ['humidityInSlab', 85, 'ASTM F2170'],
    ['crackCutOut', 1.5, 'common practice'],
    ['crackGrooveWidth', 6, 'common practice'],
    ['crackGrooveDepth', 12, 'common practice'],
    ['airReadingMin', 60, 'common practice'],
    ['mixReadingMin', 30, 'common practice'],
    ['moistureReadingH', 24, 'common practice'],
    ['washAfterDays', 3, 'common practice'],
    ['leastShare', 0.8, 'common practice'],
    ['mostBetween', 0.2, 'common practice'],
    ['filmsAgreePct', 15, 'common practice'],
  ] as const)('%s is %d', (key, value, note) => {
    expect(COMMON[key]).toMatchObject({ value, source: 'typical' });
    expect(COMMON[key].note).toContain(note);
  });
  it('names each number once, inside the range that may be set', () => {
    expect(new Set(PRACTICE_KEYS.map((k) => REGISTER[k].label)).size).toBe(PRACTICE_KEYS.length);
    for (const key of PRACTICE_KEYS) {
      const { value, least, most } = REGISTER[key];
      expect(value, key).toBeGreaterThanOrEqual(least);
      expect(value, key).toBeLessThanOrEqual(most);
    }
  });
  it('the job goes before the firm, the firm before the register', () => {
    const firm = [
      { key: 'moisturePrimed' as const, value: 5, says: 'our rule' },
      { key: 'pullOff' as const, value: 1, says: 'our rule' },
    ];
    const job = [{ key: 'moisturePrimed' as const, value: 3.5, says: 'the engineer asks for it' }];
    const set = practiceOf(firm, job);
    expect(set.moisturePrimed).toMatchObject({
      value: 3.5,
      source: 'chosen',
      note: 'the engineer asks for it; else 6, common practice',
    });
    expect(set.pullOff.value).toBe(1);
    expect(set.moistureUnprimed).toEqual(COMMON.moistureUnprimed);
  });
  it.each([
    [
      'a value out of its range',
      [{ key: 'moisturePrimed', value: 20, says: 'x' }],
      'moisture, with primer: from 0 to 12',
    ],
    ['no source', [{ key: 'moisturePrimed', value: 5, says: ' ' }], ''],
    [
      'the same twice',
      [
        { key: 'pullOff', value: 1, says: 'a' },
        { key: 'pullOff', value: 2, says: 'b' },
      ],
      'each number of practice once',
    ],
    ['a number that is not in it', [{ key: 'nothing', value: 1, says: 'a' }], ''],
  ])('refuses %s', (_, settings, says) => {
    const read = practiceSettingsSchema.safeParse(settings);
    expect(read.success).toBe(false);
    expect(read.error?.issues.map((i) => i.message).join()).toContain(says);
  });
});
