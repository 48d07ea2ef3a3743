/**
 * What ships, against the usual values of each family, written down apart from the catalogue. From memory of the trade's
 * data sheets: membrane, wear and finish coats at 20 °C and 50 % humidity. A value outside is a slip of the pen, or a
 * product of its own kind, and has to be looked at.
 */
import { describe, expect, it } from 'vitest';
import { catalogue, isCoat, resolve, waysToLay, wetFilm, type Coat } from '@lentum/core/buildup';
import { stageHours } from '@lentum/core/cure';
import { FAMILIES, type FamilyKey } from '@lentum/core/family';
import { curesInBucket, potLifeMinutes } from '@lentum/core/site';

type Span = readonly [least: number, most: number];
interface Usual {
  readonly wetMm: Span;
  readonly solids: Span;
  readonly densityKgPerL: Span;
  readonly leastC: Span;
  readonly mostC: Span;
  readonly overcoatH: Span;
  readonly rainSafeH: Span;
  readonly footH: Span;
  /** Only of what cures in its bucket. */
  readonly potMin?: Span;
}

const WATER: Omit<Usual, 'wetMm'> = {
  solids: [0.45, 0.65],
  densityKgPerL: [1, 1.5],
  leastC: [5, 12],
  mostC: [40, 60],
  overcoatH: [4, 36],
  rainSafeH: [2, 24],
  footH: [6, 48],
};
const METHACRYLATE: Usual = {
  wetMm: [0.3, 5],
  solids: [0.9, 1],
  densityKgPerL: [0.98, 1.9],
  leastC: [-10, 5],
  mostC: [30, 40],
  overcoatH: [0.4, 2],
  rainSafeH: [0.3, 1.5],
  footH: [1, 3],
  potMin: [8, 25],
};
const POLYURETHANE: Usual = {
  wetMm: [0.25, 3.5],
  solids: [0.65, 0.95],
  densityKgPerL: [1, 1.5],
  leastC: [2, 10],
  mostC: [35, 55],
  overcoatH: [4, 30],
  rainSafeH: [0.1, 8],
  footH: [6, 60],
};
const BY_FAMILY: Readonly<Partial<Record<FamilyKey, Usual>>> = {
  PU1: POLYURETHANE,
  'PU-DECK': POLYURETHANE,
  'PU-PRIMED': POLYURETHANE,
  PMMA: METHACRYLATE,
  TRAFFIC: METHACRYLATE,
  TRAFFIC2: {
    ...{ wetMm: [0.3, 3.5], solids: [0.7, 1], densityKgPerL: [1.1, 1.7], leastC: [5, 12], mostC: [30, 40] },
    ...{ overcoatH: [8, 24], rainSafeH: [4, 24], footH: [12, 36], potMin: [15, 50] },
  },
  ACRYLIC: { ...WATER, wetMm: [0.4, 1.6] },
  METAL: { ...WATER, wetMm: [0.3, 0.8] },
  RESTORE: { ...WATER, wetMm: [0.4, 2.5] },
  // The emulsion under an aluminium coat or a second polyester may wait for weeks.
  BITEM: { ...WATER, wetMm: [0.15, 1.6], overcoatH: [12, 400] },
  SILICONE: {
    ...{
      wetMm: [0.5, 1.2],
      solids: [0.65, 0.97],
      densityKgPerL: [1.1, 1.4],
      leastC: [0, 5],
      mostC: [45, 65],
    },
    ...{ overcoatH: [4, 24], rainSafeH: [0.5, 6], footH: [6, 24] },
  },
  CEMENT: {
    ...{ wetMm: [0.2, 2], solids: [0.45, 0.95], densityKgPerL: [1.2, 1.9], leastC: [5, 10], mostC: [25, 40] },
    ...{ overcoatH: [3, 96], rainSafeH: [3, 24], footH: [12, 48], potMin: [30, 90] },
  },
  HOT: {
    ...{ wetMm: [2, 4], solids: [1, 1], densityKgPerL: [1.05, 1.25], leastC: [-15, 10], mostC: [40, 60] },
    ...{ overcoatH: [0, 1], rainSafeH: [0, 1], footH: [0.2, 2] },
  },
  GRP: {
    ...{ wetMm: [0.3, 2.5], solids: [0.88, 1], densityKgPerL: [1.05, 1.4], leastC: [5, 12], mostC: [25, 38] },
    ...{ overcoatH: [1, 8], rainSafeH: [0.5, 4], footH: [2, 48], potMin: [10, 30] },
  },
};

const KEEPS: readonly Coat['role'][] = ['membrane', 'wear', 'finish', 'reflective'];
const rows = catalogue().flatMap((b) => {
  const usual = BY_FAMILY[b.family];
  const coats = new Map(
    waysToLay(b).flatMap((terms) =>
      resolve(b, terms)
        .layers.filter(isCoat)
        .filter((c) => KEEPS.includes(c.role) && c.treats === undefined)
        .map((c) => [c.id, c] as const),
    ),
  );
  return usual ? [...coats.values()].map((coat) => ({ name: `${b.id}, ${coat.name}`, coat, usual })) : [];
});

function hours(coat: Coat, stage: 'overcoatFrom' | 'rainSafe' | 'foot'): number | undefined {
  const model = coat.cure[stage];
  if (!model) return undefined;
  const found = stageHours(model, { tempC: 20, humidityPct: 50, wetFilmMm: wetFilm(coat).value });
  return found.kind === 'hours' ? found.hours : Number.NaN;
}

describe('the values that ship are the usual ones', () => {
  it('every family of coats has its row', () => {
    const without = (Object.keys(FAMILIES) as FamilyKey[]).filter((f) => !BY_FAMILY[f]);
    // Sheets, and the pocket, which is poured.
    expect(without.sort()).toEqual(['FELT', 'POCKET', 'SA2', 'SINGLE', 'TORCH2', 'WARM']);
    expect(rows.length).toBeGreaterThan(35);
  });
  it.each(rows.map((r) => [r.name, r] as const))('%s', (_, { coat, usual }) => {
    const values: [keyof Usual, number | undefined][] = [
      ['wetMm', wetFilm(coat).value],
      ['solids', coat.volumeSolids?.value],
      ['densityKgPerL', coat.densityKgPerL.value],
      ['leastC', coat.limits.surfaceMinC?.value],
      ['mostC', coat.limits.surfaceMaxC?.value],
      ['overcoatH', hours(coat, 'overcoatFrom')],
      ['rainSafeH', hours(coat, 'rainSafe')],
      ['footH', hours(coat, 'foot')],
      ...(curesInBucket(coat)
        ? ([['potMin', potLifeMinutes(coat, 20)]] as [keyof Usual, number | undefined][])
        : []),
    ];
    const off = values.filter(([key, value]) => {
      const span = usual[key];
      return value !== undefined && span !== undefined && !(value >= span[0] && value <= span[1]);
    });
    expect(off).toEqual([]);
  });
});
