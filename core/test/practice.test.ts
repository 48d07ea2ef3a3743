/** The register of practice: what stands in it, and what a firm or a job sets in place of it. */
import { describe, expect, it } from 'vitest';
import { COMMON, practiceOf, practiceSettingsSchema, PRACTICE_KEYS, REGISTER } from '@lentum/core/practice';

describe('the register of practice', () => {
  // Figures of general practice, from memory, no source.
  it.each([
    ['moistureUnprimed', 4.5],
    ['moistureCarbide', 4],
    ['moistureOven', 5],
    ['moisturePrimed', 6],
    ['moistureTimber', 18],
    ['humidityInSlab', 85],
    ['concreteAgeDays', 28],
    ['strengthTraffic', 25],
    ['pullOffTraffic', 1.5],
    ['pullOff', 0.8],
    ['crackCutOut', 1.5],
    ['crackGrooveWidth', 6],
    ['crackGrooveDepth', 12],
    ['pondDepth', 5],
    ['upstandHeight', 150],
    ['outletProud', 0],
    ['sameVisitHours', 12],
    ['sameSpot', 2],
    ['dryDaysMineral', 2],
    ['dryDaysOther', 1],
    ['filletMortar', 50],
    ['filletSealant', 15],
    ['airReadingMin', 60],
    ['mixReadingMin', 30],
    ['moistureReadingH', 24],
    ['kettleReadingMin', 30],
    ['fireWatchMin', 60],
    ['closingLeadH', 6],
    ['washAfterDays', 3],
    ['rinseDryMin', 60],
    ['growthAfterDays', 21],
    ['leastShare', 0.8],
    ['mostBetween', 0.2],
    ['filmsAgreePct', 15],
    ['coversLeast', 0.5],
    ['shimOffPct', 5],
    ['mostFilmHumidity', 1.6],
    ['mostFilmWater', 1.6],
    ['mostFilmReaction', 2],
    ['mostFilmPrimer', 2.5],
    ['mostFilmOther', 2],
    ['overRangePct', 15],
    ['stretchShare', 0.25],
    ['rollerPass', 0.2],
    ['usualOutput', 20],
    ['usualCrew', 2],
    ['mostCrew', 6],
    ['leastBend', 15],
    ['slopeFrom', 5],
    ['rampFrom', 6],
    ['roughFrom', 5],
    ['smallJoint', 12],
    ['leastJointDepth', 10],
    ['rodOver', 1.25],
    ['barBead', 6],
    ['largePocket', 0.05],
    ['largePocketWait', 60],
    ['finger', 60],
    ['clearOfLow', 0.5],
    ['passage', 0.5],
    ['spike', 0.03],
    ['spikeTimes', 6],
    ['atOutlet', 0.25],
    ['staleForecast', 24],
    ['farWeather', 50],
    ['clockFromSun', 3.5],
    ['bottleDistance', 3],
    ['floodDepth', 50],
    ['sprayWind', 5],
    ['floodReading', 0.5],
    ['filmMapReach', 3],
    ['recoatSpread', 0.3],
    ['recoatLeft', 0.35],
    ['recoatDark', 0.85],
    ['recoatWet', 0.7],
    ['recoatSun', 130],
    ['repairOverlap', 100],
    ['outletsPerYear', 2],
    ['spotsPer10M2', 5],
    ['evaporationOff', 35],
    ['panOff', 15],
    ['floodLoss', 1],
  ] as const)('%s is %d', (key, value) => expect(COMMON[key]).toMatchObject({ value, source: 'typical' }));
  it('every number of it is in that list', () => expect(PRACTICE_KEYS).toHaveLength(82));
  it.each([
    ['pullOffTraffic', 'EN 1542'],
    ['pullOff', 'EN 1542'],
    ['humidityInSlab', 'ASTM F2170'],
    ['airReadingMin', 'common practice'],
    ['filmsAgreePct', 'common practice'],
  ] as const)('the note of %s names %s', (key, note) => expect(COMMON[key].note).toContain(note));
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
