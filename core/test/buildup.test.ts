import { describe, expect, it } from 'vitest';
import {
  areaPerContainer,
  buildUpProblems,
  buildUpSchema,
  catalogue,
  dryFilm,
  isCoat,
  sourceCounts,
  totals,
  wetFilm,
  type BuildUp,
  type Coat,
} from '@lentum/core/buildup';
import { check, sentence } from '@lentum/core/problems';
import { evaluate } from './support/formula.ts';

const copy = (b: BuildUp): BuildUp => JSON.parse(JSON.stringify(b)) as BuildUp;
const coatsOf = (b: BuildUp): Coat[] => b.layers.filter(isCoat);

describe.each(catalogue().map((b) => [b.name, b] as const))('%s', (_, buildUp) => {
  it('keeps its own schema and rules', () => {
    expect(check(buildUpSchema, buildUp, 'Build-up')).toMatchObject({ ok: true });
    expect(buildUpProblems(buildUp).map(sentence)).toEqual([]);
  });
  it('reaches the least membrane of its family', () =>
    expect(totals(buildUp).membraneDry.value).toBeGreaterThanOrEqual(buildUp.leastDryFilmMm.value));
  it('marks every number typical', () => {
    const counts = sourceCounts(buildUp);
    expect(counts.typical).toBe(counts.total);
    expect(counts.total).toBeGreaterThan(30);
  });
  it('shows workings that give the figures', () => {
    for (const c of coatsOf(buildUp)) {
      for (const figure of [wetFilm(c), dryFilm(c), ...c.containers.map((k) => areaPerContainer(c, k))])
        expect(evaluate(figure)).toBeCloseTo(figure.value, 9);
    }
    for (const figure of Object.values(totals(buildUp)))
      expect(evaluate(figure)).toBeCloseTo(figure.value, 9);
  });
});

it('a 25 kg pail at 1.85 kg/m² covers 13.5 m² (worked by hand)', () => {
  const first = coatsOf(catalogue()[0]!)[1]!;
  expect(areaPerContainer(first, first.containers[0]!).value).toBeCloseTo(13.5135, 4);
});

describe('usual ranges of the families (common practice, no source)', () => {
  const dry = (id: string): number => totals(catalogue().find((b) => b.id === id)!).membraneDry.value;
  it.each([
    ['reinforced-polyurethane', 1.5, 2.5],
    ['methacrylate-terrace', 1.8, 3],
    ['two-coat-silicone', 0.6, 1.6],
  ])('%s: %d to %d mm of dry membrane', (id, low, high) => {
    expect(dry(id)).toBeGreaterThan(low);
    expect(dry(id)).toBeLessThan(high);
  });
});

describe('what is refused, one case a reason', () => {
  const edit = (change: (coat: Coat, b: BuildUp) => void): BuildUp => {
    const b = copy(catalogue()[0]!);
    change(coatsOf(b)[0]!, b);
    return b;
  };
  it.each<[string, BuildUp, string]>([
    [
      'limits the wrong way round',
      edit((c) => (c.limits.airMinC.value = 40)),
      'Primer, air temperature: the least is 40, the most 35; expected a least below the most.',
    ],
    [
      'a window that closes before it opens',
      edit((c) => c.cure.overcoatUntil!.points.forEach((p) => (p.hours = 1))),
      'a window that opens before it closes',
    ],
    [
      'fabric into nothing',
      edit((_, b) => b.layers.forEach((l) => l.kind === 'fabric' && (l.embeddedIn = 'nowhere'))),
      'Fleece, laid into: “nowhere” is not known here; expected the name of a coat of this build-up.',
    ],
    [
      'a lap wider than the roll',
      edit((_, b) => b.layers.forEach((l) => l.kind === 'fabric' && (l.rollWidthM.value = 0.05))),
      'Fleece, side lap: 75 mm on a roll 0.05 m wide; expected a lap narrower than the roll.',
    ],
    ['two layers of one name', edit((_, b) => b.layers.push(b.layers[0]!)), '“primer” is there twice'],
  ])('%s', (_, b, words) => expect(buildUpProblems(b).map(sentence).join(' ')).toContain(words));

  it.each<[string, BuildUp, string]>([
    [
      'solids over 100 %',
      edit((c) => (c.volumeSolids!.value = 1.2)),
      'layers › 1 › volumeSolids › value: 1.2 is out of range; expected at most 1.',
    ],
    [
      'an impossible density',
      edit((c) => (c.densityKgPerL.value = 40)),
      'densityKgPerL › value: 40 is out of range; expected at most 4.',
    ],
    [
      'a table that runs backwards',
      edit((c) => c.cure.touch.points.reverse()),
      'expected rising temperatures.',
    ],
    [
      'a zero rate',
      edit((c) => (c.rate.value = 0)),
      'rate › value: 0 is out of range; expected more than 0.',
    ],
    [
      'an unknown key',
      { ...copy(catalogue()[0]!), colour: 'red' } as BuildUp,
      'expected no such entry as “colour”.',
    ],
  ])('%s', (_, b, words) => {
    const r = check(buildUpSchema, b, 'The build-up');
    expect(r.ok ? '' : r.problems.map(sentence).join(' ')).toContain(words);
  });
});
