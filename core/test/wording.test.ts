/** British and American words: whole words only, twice is once, and nothing shipped is left half done. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { buildUpProblems, buildUpSchema, catalogue } from '../src/buildup/index.ts';
import { verdictText } from '../src/figures/index.ts';
import { inWords, sameContent } from '../src/library/index.ts';
import { differs, worded, wordingOf } from '../src/wording/index.ts';

describe('worded', () => {
  // Common practice, from memory.
  it.each([
    ['Outlet 2', 'Roof drain 2'],
    ['Take levels at the outlets and at the edges.', 'Take levels at the roof drains and at the edges.'],
    ['Fillet', 'Cant strip'],
    ['Fillet mortar, density', 'Cant mortar, density'],
    ['leg of a fillet of sealant', 'leg of a cant of sealant'],
    ['Roof light kerb', 'Skylight curb'],
    ['Drip edge', 'Drip edge metal'],
    ['Free or day joint', 'Free or tie-off'],
    ['stair head', 'stair penthouse'],
    ['staff readings', 'rod readings'],
    ['Upstands, length', 'Base flashings, length'],
    ['Internal corner', 'Inside corner'],
    ['Movement joint', 'Expansion joint'],
    ['Cement screed', 'Cement topping'],
    ['screed to laths from the outlets', 'screed to laths from the roof drains'],
    ['Bitumen sheet with granules', 'Modified bitumen sheet with granules'],
    ['hot bitumen, gas bottles, and where', 'hot asphalt, gas cylinders, and where'],
    ['4 per cent by mass', '4 percent by mass'],
    ['Vapour that burns', 'Vapor that burns'],
    ['no joint near an outlet', 'no joint near a roof drain'],
    ['An upstand of a bitumen', 'A base flashing of an asphalt'],
    ['an aluminium kerb', 'an aluminum curb'],
    ['Fibres rubbed down', 'Fibers rubbed down'],
  ])('%s → %s', (uk, us) => {
    expect(worded(uk, 'us')).toBe(us);
    expect(worded(uk, 'uk', 'us')).toBe(uk);
  });

  it('leaves words that only begin or end alike', () => {
    for (const text of ['tint', 'a routine', 'staffed', 'kerbside', 'litreless', 'bottleneck'])
      expect(worded(text, 'us')).toBe(text);
  });

  it('turns whole millimetres in a text into inches on a tape, with US units only', () => {
    expect(worded('a bead of 5 to 10 mm bleeds out', 'us', 'us')).toBe('a bead of 3/16 to 3/8 in bleeds out');
    expect(worded('150 mm past each end', 'uk', 'us')).toBe('6 in past each end');
    expect(worded('about 6 mm over both layers', 'us', 'us')).toBe('about 1/4 in over both layers');
    expect(worded('150 mm past each end', 'us', 'metric')).toBe('150 mm past each end');
    // A definition is not measured with a tape.
    expect(worded('1 mm on 1 m² is a litre', 'us', 'us')).toBe('1 mm on 1 m² is a liter');
    expect(worded('Cut out cracks, 10 × 6 mm', 'us', 'us')).toBe('Cut out cracks, 3/8 × 1/4 in');
    expect(worded('static from 1.5 mm; dust out', 'us', 'us')).toBe('static from 0.06 in; dust out');
    expect(worded('Middle, 0.2 to 1.3 mm', 'us', 'us')).toBe('Middle, 0.2 to 1.3 mm');
    expect(worded('1 L on 1 m² is 1 mm', 'us', 'us')).toBe('1 L on 1 m² is 1 mm');
    expect(worded('1 mm of water', 'us', 'us')).toBe('1 mm of water');
    expect(worded('150 mm on to each side', 'us', 'us')).toBe('6 in on to each side');
    expect(worded('quartz 0.7–1.2 mm', 'us', 'us')).toBe('quartz 0.7–1.2 mm');
  });

  it('done twice is done once, on everything that ships', () => {
    const texts = JSON.stringify(catalogue()).match(/"(?:[^"\\]|\\.)*"/g) ?? [];
    expect(texts.length).toBeGreaterThan(1000);
    for (const text of texts) {
      const once = worded(text, 'us', 'us');
      expect(worded(once, 'us', 'us')).toBe(once);
      expect(differs(once)).toEqual([]);
    }
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom('outlet', 'Kerbs', 'bitumen sheet', '25 mm', 'fillet of', 'drip edge', 'x')),
        (parts) => {
          const once = worded(parts.join(' '), 'us', 'us');
          expect(worded(once, 'us', 'us')).toBe(once);
        },
      ),
    );
  });
});

describe('what a job speaks', () => {
  it('is its choice, else what goes with its units', () => {
    expect(wordingOf({ units: 'metric' })).toBe('uk');
    expect(wordingOf({ units: 'us' })).toBe('us');
    expect(wordingOf({ units: 'metric', wording: 'us' })).toBe('us');
    expect(wordingOf({ units: 'us', wording: 'uk' })).toBe('uk');
  });

  it('holds in the plain text of a verdict', () => {
    expect(verdictText(['2 outlets within 25 mm'], 'us', String, 'us')).toBe('2 roof drains within 1 in');
    expect(verdictText(['2 outlets within 25 mm'], 'metric', String)).toBe('2 outlets within 25 mm');
  });
});

describe('a build-up that ships', () => {
  it.each(catalogue().map((b) => [b.id, b] as const))('%s is whole in American words', (_, buildUp) => {
    expect(inWords(buildUp, 'uk', 'metric')).toBe(buildUp);
    const us = inWords(buildUp, 'us', 'us');
    expect(buildUpSchema.safeParse(us).success).toBe(true);
    expect(buildUpProblems(us)).toEqual(buildUpProblems(buildUp));
    // Its figures and keys are the same: only texts moved.
    const numbers = (b: unknown): unknown[] => JSON.stringify(b).match(/(?<=:)-?\d[\d.e+-]*/g) ?? [];
    expect(numbers(us)).toEqual(numbers(buildUp));
    expect(us.layers.map((l) => l.id)).toEqual(buildUp.layers.map((l) => l.id));
    for (const layer of us.layers) expect(differs(`${layer.name}. ${layer.note ?? ''}`)).toEqual([]);
    expect(sameContent(inWords(us, 'us', 'us'), us)).toBe(true);
  });
});
