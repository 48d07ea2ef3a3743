/** Fabric all over: its bed comes through it, and something closes it. */
import { describe, expect, it } from 'vitest';
import {
  buildUpFindings,
  catalogue,
  isCoat,
  resolve,
  waysToLay,
  wetFilm,
  type BuildUp,
} from '@lentum/core/buildup';
import { verdictText } from '@lentum/core/figures';

const dry = (b: BuildUp) =>
  buildUpFindings(b)
    .filter((f) => f.rule === 'dry-fabric')
    .map((f) => ({
      layer: f.layerId,
      says: verdictText(f.says, 'metric', String).replace(/[\u00a0\u202f]/g, ' '),
    }));
const throughout = (): BuildUp =>
  resolve(
    catalogue().find((b) => b.id === 'elastomeric-acrylic')!,
    {
      conditions: [],
      choices: { reinforcement: 'throughout' },
    },
  );

describe('fabric all over', () => {
  it('nothing that ships has a dry one, whichever way it is laid', () => {
    for (const b of catalogue()) for (const terms of waysToLay(b)) expect(dry(resolve(b, terms))).toEqual([]);
  });
  it('raises the base and adds a saturating coat', () => {
    const [without, withIt] = [
      resolve(catalogue().find((b) => b.id === 'elastomeric-acrylic')!),
      throughout(),
    ];
    const films = (b: BuildUp) =>
      b.layers
        .filter(isCoat)
        .filter((c) => c.role === 'membrane' && c.treats === undefined)
        .map((c) => wetFilm(c).value);
    expect(films(without)).toEqual([0.7, 0.6]);
    expect(films(withIt)).toEqual([1, 0.6, 0.6]);
    const wet = resolve(
      catalogue().find((b) => b.id === 'elastomeric-acrylic')!,
      {
        conditions: [],
        choices: { reinforcement: 'wet' },
      },
    );
    expect(films(wet)).toEqual([1.5, 0.6]);
  });
  it('100 g/m² of fabric takes about 0.8 mm: a base of 0.7 does not come through', () => {
    const b = throughout();
    const base = b.layers.filter(isCoat).find((c) => c.id === 'base-fabric')!;
    base.rate = { ...base.rate, value: 0.7 };
    expect(dry(b)).toEqual([
      {
        layer: 'base-fabric',
        says: '0.70 mm wet does not come through a fabric of 100 g/m², which takes about 0.80 mm: a heavier base, and a saturating coat over it.',
      },
    ]);
  });
  it('a fabric that nothing closes is said, unless its bed is heavy enough to close it', () => {
    const b = throughout();
    b.layers = b.layers.filter((l) => l.id !== 'saturating' && l.id !== 'top');
    expect(dry(b).map((f) => f.layer)).toEqual(['base-fabric']);
    const base = b.layers.filter(isCoat).find((c) => c.id === 'base-fabric')!;
    base.rate = { ...base.rate, value: 1.6 };
    expect(dry(b)).toEqual([]);
  });
  it('fabric at details only says nothing of the field', () => {
    const b = throughout();
    b.layers = b.layers.map((l) => (l.kind === 'fabric' ? { ...l, where: 'details' } : l));
    const base = b.layers.filter(isCoat).find((c) => c.id === 'base-fabric')!;
    base.rate = { ...base.rate, value: 0.5 };
    expect(dry(b)).toEqual([]);
  });
});
