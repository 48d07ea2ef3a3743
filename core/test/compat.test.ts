import { describe, expect, it } from 'vitest';
import {
  blankBuildUp,
  blankLayer,
  buildUpFindings,
  catalogue,
  CHEMISTRIES,
  COMPAT_RULES,
  resolve,
  totals,
  typicalDetails,
  USUAL_MEMBRANE_MM,
  waysToLay,
  type BuildUp,
  type Chemistry,
  type Coat,
  type Ground,
  type Layer,
} from '@lentum/core/buildup';
import { FAMILY_KEYS } from '@lentum/core/family';
import { verdictText } from '@lentum/core/figures';
import { evaluate } from './support/formula.ts';

const say = (b: BuildUp, ground: Ground = {}): string[] =>
  buildUpFindings(resolve(b), ground).map((f) =>
    `${f.outcome} ${f.rule} ${f.subject} ${verdictText(f.says, 'metric', String)}`.replaceAll('\u00a0', ' '),
  );
const typical = (value: number) => ({ value, source: 'typical' as const });

function coat(id: string, change: Partial<Coat> = {}): Coat {
  return {
    ...(blankLayer('coat', id, change.role ?? 'membrane') as Coat),
    name: id,
    overcoatOpen: true,
    ...change,
  };
}
function of(...layers: Layer[]): BuildUp {
  return { ...blankBuildUp('b', 'B'), leastDryFilmMm: typical(0.01), layers };
}
const thick = (value: number): Pick<Coat, 'rate'> => ({
  rate: { basis: 'dryFilm', value, source: 'typical' },
});
const MEMBRANE = { ...thick(1.5), chemistry: 'polyurethane, aliphatic' } as const;
/** A sheet of thermoplastic, as the catalogue has it. */
const PLASTIC: Layer = {
  ...catalogue()
    .find((b) => b.id === 'single-ply')!
    .layers.find((l) => l.id === 'plastic')!,
  only: undefined,
};

describe('the catalogue against its own rules', () => {
  for (const b of catalogue())
    for (const terms of waysToLay(b))
      it(`${b.id} ${JSON.stringify(terms.choices)}`, () =>
        expect(
          buildUpFindings(resolve(b, terms)).map(
            (f) => `${f.subject} ${verdictText(f.says, 'metric', String)}`,
          ),
        ).toEqual([]));
  it('has every one of the families', () =>
    expect(new Set(catalogue().map((b) => b.family))).toEqual(new Set(FAMILY_KEYS)));
});

describe('sand to refusal, and heat on foam (common practice, no source)', () => {
  const deck = resolve(
    catalogue().find((b) => b.id === 'pedestrian-deck')!,
    {
      ...{ conditions: [], choices: { broadcast: 'refusal' } },
    },
  );
  const said = (buildUp: BuildUp): string[] =>
    buildUpFindings(buildUp).map((f) => `${f.rule}: ${verdictText(f.says, 'metric', String)}`);
  const withFilm = (id: string, value: number): BuildUp => ({
    ...deck,
    layers: deck.layers.map((l) =>
      l.kind === 'coat' && l.id === id ? { ...l, rate: { ...l.rate, value } } : l,
    ),
  });
  // Sand of 0.4 to 0.8 mm: a bed of 0.6 × 0.8 = 0.48 mm, a coat over it of at least 0.35 mm.
  it.each([
    ['wear-bed', 0.47, /thin-sand: .*a bed holds it/],
    ['wear-bed', 0.49, /^$/],
    ['top-heavy', 0.34, /thin-sand: .*a coat closes it/],
    ['top-heavy', 0.36, /^$/],
  ] as const)('%s at %d L/m²', (id, value, words) =>
    expect(
      said(withFilm(id, value))
        .filter((s) => s.startsWith('thin-sand'))
        .join(''),
    ).toMatch(words),
  );
  it('the sealant and the metal primer of the details have to suit the coats', () => {
    const light = resolve(catalogue().find((b) => b.id === 'elastomeric-acrylic')!);
    const sealed = (sealantOf: Chemistry | undefined): string[] => {
      const { sealantOf: _usual, ...rules } = typicalDetails(light);
      const details = sealantOf ? { ...rules, sealantOf } : rules;
      return said({ ...light, details }).filter((s) => s.includes('over the sealant'));
    };
    expect(sealed('hybrid polymer')).toEqual([]);
    expect(sealed(undefined)).toEqual([]);
    expect(sealed('silicone').join()).toMatch(/silicone-only: over the sealant: nothing but silicone bonds/);
    expect(sealed('bitumen adhesive').join()).toMatch(/bleed: over the sealant: oils travel out of bitumen/);
  });
  it('nothing hot goes straight on insulation boards', () => {
    const hot = resolve(
      catalogue().find((b) => b.id === 'hot-rubberised')!,
      {
        ...{ conditions: [], choices: { above: 'pavers', insulation: 'boards' } },
      },
    );
    expect(said(hot).filter((s) => s.startsWith('hot-on-foam'))).toEqual([]);
    const at = hot.layers.findIndex((l) => l.id === 'insulation');
    const board = hot.layers.find((l) => l.id === 'board')!;
    const rest = hot.layers.filter((l) => l.id !== 'board');
    const wrong = { ...hot, layers: [...rest.slice(0, at), board, ...rest.slice(at)] };
    expect(said(wrong).filter((s) => s.startsWith('hot-on-foam'))).toHaveLength(1);
  });
});

describe('usual ranges of the families (common practice, no source)', () => {
  /** Put down apart from the code's own table, so that a slip in one shows against the other. */
  const RANGES: Record<string, [low: number, high: number]> = {
    PU1: [1.2, 2.6],
    'PU-DECK': [0.5, 1.6],
    PMMA: [1.8, 3.5],
    TRAFFIC: [1.2, 4],
    ACRYLIC: [0.4, 1.2],
    RESTORE: [1.2, 4],
    SILICONE: [0.5, 1.6],
    BITEM: [1.5, 4],
    CEMENT: [2, 4],
    METAL: [0.3, 1],
    'PU-PRIMED': [1, 2.5],
    SA2: [3.5, 7],
    // Put down from memory of the trade, apart from the code's own table.
    TRAFFIC2: [1.2, 4],
    SINGLE: [1.1, 2.5],
    WARM: [4.5, 9],
    GRP: [1.2, 4],
    FELT: [5, 10],
    TORCH2: [6, 10],
    HOT: [4.5, 8],
    POCKET: [25, 100],
  };
  for (const b of catalogue())
    for (const terms of waysToLay(b))
      it(`${b.id} ${JSON.stringify(terms.choices)}`, () => {
        const { membraneDry, weight, thickness } = totals(resolve(b, terms));
        const [low, high] = RANGES[b.family]!;
        expect(membraneDry.value).toBeGreaterThanOrEqual(low);
        expect(membraneDry.value).toBeLessThanOrEqual(high);
        for (const figure of [membraneDry, weight, thickness])
          expect(evaluate(figure)).toBeCloseTo(figure.value, 9);
      });
  it('the code’s table is this one', () => expect(USUAL_MEMBRANE_MM).toEqual(RANGES));
});

describe('the hot family', () => {
  const hot = catalogue().find((b) => b.family === 'HOT')!;
  const layers = hot.layers.filter((l): l is Coat => l.kind === 'coat' && l.kettle !== undefined);
  it('is melted between a least and a safe maximum, held hot for hours, probed hot', () => {
    expect(layers.length).toBe(2);
    for (const { kettle } of layers) {
      expect(kettle!.applyMinC.value).toBeGreaterThan(150);
      expect(kettle!.safeMaxC.value).toBeGreaterThan(kettle!.applyMinC.value);
      expect(kettle!.hoursAtHeat.value).toBeGreaterThan(0);
      expect(kettle!.probeEveryM2.value).toBeGreaterThan(0);
    }
  });
  it('has its fabric embedded in the first of two layers and a protection course over both', () => {
    const kinds = resolve(hot).layers.map((l) => l.kind);
    expect(kinds).toEqual(['coat', 'coat', 'fabric', 'coat', 'protection', 'protection']);
  });
});

describe('every compatibility rule speaks, and is silent where it should be', () => {
  const cases: [rule: string, broken: [BuildUp, Ground?], kept: [BuildUp, Ground?], words: string][] = [
    [
      'silicone-only',
      [of(coat('base', { ...MEMBRANE, chemistry: 'silicone' }), coat('top', { ...MEMBRANE }))],
      [
        of(
          coat('base', { ...MEMBRANE, chemistry: 'silicone' }),
          coat('top', { ...MEMBRANE, chemistry: 'silicone' }),
        ),
      ],
      'over base: nothing but silicone bonds to silicone',
    ],
    [
      'silicone-only',
      [of(coat('base', MEMBRANE)), { substrate: 'silicone' }],
      [of(coat('base', { ...MEMBRANE, chemistry: 'silicone' })), { substrate: 'silicone' }],
      'over silicone, or remains of it',
    ],
    [
      'bleed',
      [
        of(coat('white', { ...MEMBRANE, chemistry: 'acrylic', shade: 'light' })),
        { substrate: 'bitumen-smooth' },
      ],
      [
        of(
          coat('block', { role: 'primer', chemistry: 'water-based primer', blocksBleed: true }),
          coat('white', { ...MEMBRANE, chemistry: 'acrylic', shade: 'light' }),
        ),
        { substrate: 'bitumen-smooth' },
      ],
      'put a bleed-blocking primer between them',
    ],
    [
      'sunlight',
      [of(coat('base', { ...MEMBRANE, chemistry: 'polyurethane, aromatic' }))],
      [
        of(
          coat('base', { ...MEMBRANE, chemistry: 'polyurethane, aromatic' }),
          coat('top', { role: 'finish', chemistry: 'polyurethane, aliphatic' }),
        ),
      ],
      'cover it with a UV-stable (aliphatic) top coat',
    ],
    [
      'sunlight',
      [of(coat('base', { ...MEMBRANE, chemistry: 'polyurethane, aromatic' }))],
      [{ ...of(coat('base', { ...MEMBRANE, chemistry: 'polyurethane, aromatic' })), exposure: 'covered' }],
      'it turns, chalks and degrades in the sun',
    ],
    [
      'bare-bitumen',
      [of(coat('base', { ...MEMBRANE, chemistry: 'bitumen emulsion' }))],
      [of(coat('base', { ...MEMBRANE, chemistry: 'bitumen emulsion' }), blankLayer('protection', 'board'))],
      'bitumen left open to sun and heat goes brittle',
    ],
    [
      'water-based-pond',
      [of(coat('base', { ...MEMBRANE, chemistry: 'acrylic' })), { ponds: true }],
      [of(coat('base', { ...MEMBRANE, chemistry: 'acrylic' })), { ponds: false }],
      'take up water where it stands',
    ],
    [
      'water-based-short-pond',
      [of(coat('base', { ...MEMBRANE, chemistry: 'bitumen emulsion' })), { ponds: true }],
      [of(coat('base', { ...MEMBRANE, chemistry: 'bitumen, hot' })), { ponds: true }],
      'for a day or two, not for good',
    ],
    [
      'white-coat-pond',
      [of(coat('white', { ...thick(0.2), role: 'reflective', chemistry: 'acrylic' })), { ponds: true }],
      [of(coat('white', { ...thick(0.2), role: 'reflective', chemistry: 'silicone' })), { ponds: true }],
      'stain and peel where water stands',
    ],
    [
      'methacrylate-solvent',
      [
        of(
          coat('base', {
            ...MEMBRANE,
            chemistry: 'methacrylate',
            product: { hazards: [], cautions: [], cleaner: 'solvent' },
          }),
        ),
      ],
      [
        of(
          coat('base', {
            ...MEMBRANE,
            chemistry: 'methacrylate',
            product: { hazards: [], cautions: [], cleaner: 'resin cleaner' },
          }),
        ),
      ],
      'what it touches stays soft',
    ],
    [
      'mineral-on-bitumen',
      [of(coat('mineral', { ...MEMBRANE, chemistry: 'cement, flexible' })), { substrate: 'asphalt' }],
      [of(coat('mineral', { ...MEMBRANE, chemistry: 'cement, flexible' })), { substrate: 'screed' }],
      'a mineral coat cracks over it',
    ],
    [
      'solvent-on-bitumen',
      [of(coat('low', { ...MEMBRANE, chemistry: 'bitumen emulsion' }), coat('top', MEMBRANE))],
      [
        of(
          coat('low', { ...MEMBRANE, chemistry: 'bitumen emulsion' }),
          coat('prime', { role: 'primer', chemistry: 'epoxy' }),
          coat('top', { ...MEMBRANE, chemistry: 'acrylic' }),
        ),
      ],
      'softens bitumen and the bond slides',
    ],
    [
      'methacrylate-on-bitumen-emulsion',
      [
        of(
          coat('low', { ...MEMBRANE, chemistry: 'bitumen emulsion' }),
          coat('top', { ...MEMBRANE, chemistry: 'methacrylate' }),
        ),
      ],
      [of(coat('low', MEMBRANE), coat('top', { ...MEMBRANE, chemistry: 'methacrylate' }))],
      'the monomer dissolves soft bitumen',
    ],
    [
      'epoxy-unsanded',
      [of(coat('epoxy', { role: 'primer', chemistry: 'epoxy' }), coat('top', MEMBRANE))],
      [
        of(
          coat('epoxy', { role: 'primer', chemistry: 'epoxy' }),
          blankLayer('broadcast', 'sand', 'membrane', 'epoxy'),
          coat('top', MEMBRANE),
        ),
      ],
      'gives the next coat no key',
    ],
    [
      'plastic-on-bitumen',
      [of(coat('low', { ...MEMBRANE, chemistry: 'bitumen emulsion' }), PLASTIC)],
      [of(coat('low', { ...MEMBRANE, chemistry: 'cement, flexible' }), PLASTIC)],
      'plasticiser and bitumen travel into each other',
    ],
    [
      'bitumen-on-light',
      [of(coat('low', MEMBRANE), coat('top', { ...MEMBRANE, chemistry: 'bitumen emulsion' }))],
      [
        of(
          coat('low', { ...MEMBRANE, chemistry: 'cement, flexible' }),
          coat('top', { ...MEMBRANE, chemistry: 'bitumen emulsion' }),
        ),
      ],
      'bitumen softens synthetic films',
    ],
  ];
  it.each(cases)('%s', (rule, broken, kept, words) => {
    const found = say(...broken).filter((t) => t.split(' ')[1] === rule);
    expect(found.join('\n')).toContain(words);
    expect(say(...kept).filter((t) => t.split(' ')[1] === rule)).toEqual([]);
  });
  it('no rule is without a case', () =>
    expect(new Set(cases.map(([rule]) => rule))).toEqual(new Set(COMPAT_RULES.map((r) => r.id))));
  it('each has a reason and a way out, and names chemistries that exist', () => {
    for (const r of COMPAT_RULES) {
      expect(r.why.length).toBeGreaterThan(20);
      expect(r.instead.length).toBeGreaterThan(20);
      for (const c of [...(r.layer.chemistry ?? []), ...(r.layer.not ?? []), ...(r.below?.chemistry ?? [])])
        expect(CHEMISTRIES).toContain(c);
    }
  });
  it('what is not known breaks nothing', () => {
    const plain = (id: string): Coat => {
      const { chemistry: _none, ...rest } = coat(id, thick(1.5));
      return rest as Coat;
    };
    expect(say(of(plain('a')), { substrate: 'silicone' })).toEqual([]);
  });
  it('layers of which the same is said share a sentence', () =>
    expect(
      say(
        of(
          coat('one', { ...MEMBRANE, ...thick(0.7), chemistry: 'acrylic' }),
          coat('two', { ...MEMBRANE, ...thick(0.7), chemistry: 'acrylic' }),
        ),
        { ponds: true },
      ),
    ).toEqual([
      expect.stringContaining('stop water-based-pond one, two: water-based coats take up water') as string,
    ]));
});

describe('figures that do not agree, one case a reason', () => {
  const m = (change: Partial<Coat>): BuildUp => of(coat('base', { ...MEMBRANE, ...change }));
  const rate = (value: number, more: Partial<Coat['rate']> = {}): Pick<Coat, 'rate'> => ({
    rate: { basis: 'volume', value, source: 'data sheet', ...more },
  });
  const twoCoats = (from: Partial<Coat>, to: Partial<Coat> = {}): BuildUp =>
    of(coat('low', { ...MEMBRANE, ...from }), coat('top', { ...MEMBRANE, ...to }));
  const { overcoatOpen: _open, ...closing } = coat('low');
  const cure = (from: [number, number][], until?: [number, number][]): Coat['cure'] => {
    const t = (rows: [number, number][]) => ({
      source: 'data sheet' as const,
      points: rows.map(([atC, hours]) => ({ atC, hours })),
    });
    return { ...closing.cure, overcoatFrom: t(from), ...(until ? { overcoatUntil: t(until) } : {}) };
  };
  it.each<[string, BuildUp, string]>([
    [
      'a dry film that rate and solids cannot give',
      m({ ...rate(2), volumeSolids: typical(0.7), says: { dryFilmMm: typical(2) } }),
      'hold film-said base: a dry film of 2.00 mm is said, but rate, density and solids give 1.40 mm: one of them is wrong.',
    ],
    [
      'a wet film',
      m({ ...rate(2), volumeSolids: typical(0.7), says: { wetFilmMm: typical(1.5) } }),
      'a wet film of 1.50 mm is said, but rate, density and solids give 2.00 mm',
    ],
    [
      'a rate below its own least',
      m({
        ...rate(2, { least: { value: 2.5, source: 'data sheet', why: 'it stays soft' } }),
        volumeSolids: typical(0.7),
      }),
      'stop below-least base: the rate gives 2.00 mm wet, less than the least of 2.50 mm: it stays soft.',
    ],
    [
      'a density that the mix does not come to',
      m({
        densityKgPerL: typical(2),
        mix: {
          by: 'mass',
          source: 'typical',
          split: 'by weight',
          parts: [
            { id: 'a', name: 'A', kind: 'resin', parts: 1, densityKgPerL: typical(1) },
            { id: 'b', name: 'B', kind: 'filler', parts: 1, densityKgPerL: typical(2.65) },
          ],
        },
      }),
      'hold mix-density base: the mix comes to 1.45 kg/L, the density is given as 2.00 kg/L',
    ],
    [
      'mass solids that leave nothing',
      m({ volumeSolids: undefined, massSolids: typical(0.1), volatileKgPerL: typical(0.8), ...rate(2) }),
      'stop solids base: mass solids, density and what leaves contradict each other',
    ],
    [
      'a notch that lays another film',
      m({
        ...rate(2),
        volumeSolids: typical(0.7),
        tools: [
          { kind: 'notched trowel', shape: 'square', notchMm: typical(10), angleDeg: typical(90), note: '' },
        ],
      }),
      'hold notch base: the notched trowel leaves 5.00 mm, the rate needs 2.00 mm wet: another notch or angle.',
    ],
    [
      'no overcoat limit',
      twoCoats({ overcoatOpen: undefined }),
      'hold no-overcoat-limit low: no time is given until which the top must be on',
    ],
    [
      'layers with no weather in common',
      twoCoats(
        { limits: { ...closing.limits, surfaceMaxC: typical(10) } },
        { limits: { ...closing.limits, surfaceMinC: typical(12) } },
      ),
      'hold no-common-weather top: there is no surface temperature in which both it and the low may be laid: one ends at 10.0 °C, the other begins at 12.0 °C.',
    ],
    [
      'a window that is shut where both may be laid',
      twoCoats({
        cure: cure(
          [
            [5, 40],
            [20, 10],
          ],
          [
            [5, 30],
            [20, 20],
          ],
        ),
      }),
      'hold no-window low: at 5.0 °C and 50 % humidity it may be overcoated from 40.0 h, but only until 30.0 h: the window never opens.',
    ],
    [
      'too little membrane',
      { ...m(thick(1.5)), leastDryFilmMm: typical(2) },
      'stop total As a whole: 1.50 mm of dry membrane is less than the least of 2.00 mm: raise a rate.',
    ],
    [
      'a membrane that is unusual for its family',
      m(thick(9)),
      'hold unusual As a whole: 9.00 mm of dry membrane is outside what is usual for this family (reinforced one-part polyurethane), 1.20 mm to 2.60 mm.',
    ],
  ])('%s', (_, b, words) => expect(say(b).join('\n')).toContain(words));
  it('a window that opens is left alone', () =>
    expect(
      say(
        twoCoats({
          cure: cure(
            [
              [5, 24],
              [20, 10],
            ],
            [
              [5, 48],
              [20, 30],
            ],
          ),
        }),
      ).filter((t) => t.includes('no-window')),
    ).toEqual([]));
});
