/** Mixed material: parts by mass, density and yield of a batch, catalyst and thickener by their tables. */
import { given, type Figure, type Given } from '../figures/index.ts';
import { fail, ok, type Result } from '../problems/index.ts';
import { sumOf } from './films.ts';
import type { Coat } from './layers.ts';
import { cited, densityGiven } from './rates.ts';

export interface MixedPart {
  readonly id: string;
  readonly name: string;
  readonly mass: Figure;
  readonly volume: Figure;
}

export interface Batch {
  readonly parts: readonly MixedPart[];
  readonly volume: Figure;
  readonly mass: Figure;
  /** Density of the mix. */
  readonly density: Figure;
}

/** kg of each part in a part-by-part ratio: by volume each part weighs its parts times its density. */
const weightOfParts = (coat: Coat): number[] =>
  (coat.mix?.parts ?? []).map((p) => (coat.mix?.by === 'volume' ? p.parts * p.densityKgPerL.value : p.parts));

/**
 * A batch of the coat's mix. Yield is Σ mᵢ / ρᵢ (volumes add up; sand fills its own solid volume and no more).
 * @param batchKg mass of the whole batch, kg, above nothing
 * @returns undefined for a coat that is not mixed from parts
 */
export function batchOf(coat: Coat, batchKg: Figure | Given): Batch | undefined {
  const { mix } = coat;
  if (!mix) return undefined;
  const weights = weightOfParts(coat);
  const all = sumOf(
    'All parts',
    'number',
    mix.parts.map((p) => shareGiven(coat, p)),
    mix.by === 'mass' ? 'sum of the parts by mass' : 'sum of the parts by volume, each times its density',
  );
  const parts = mix.parts.map((p, i): MixedPart => {
    const share = shareGiven(coat, p);
    const mass: Figure = {
      label: `${p.name}, mass`,
      value: (batchKg.value * (weights[i] ?? 0)) / all.value,
      quantity: 'mass',
      formula: '{batch} × {share} / {all}',
      inputs: { batch: batchKg, share, all },
      from: 'its share of the parts',
    };
    const density = cited(`${p.name}, density`, p.densityKgPerL, 'density');
    return {
      id: p.id,
      name: p.name,
      mass,
      volume: {
        label: `${p.name}, volume`,
        value: mass.value / density.value,
        quantity: 'volume',
        formula: '{mass} / {density}',
        inputs: { mass, density },
        from: 'mass over density',
      },
    };
  });
  const volume = sumOf(
    'Yield',
    'volume',
    parts.map((p) => p.volume),
    'volumes of the parts add up',
  );
  const mass = sumOf(
    'Batch',
    'mass',
    parts.map((p) => p.mass),
    'masses of the parts add up',
  );
  return {
    parts,
    volume,
    mass,
    density: {
      label: 'Density of the mix',
      value: mass.value / volume.value,
      quantity: 'density',
      formula: '{mass} / {volume}',
      inputs: { mass, volume },
      from: 'mass of the batch over its yield',
    },
  };
}

function shareGiven(coat: Coat, part: NonNullable<Coat['mix']>['parts'][number]): Figure | Given {
  const parts = given(`${part.name}, parts`, part.parts, 'number', coat.mix?.source ?? 'typical');
  if (coat.mix?.by !== 'volume') return parts;
  const density = cited(`${part.name}, density`, part.densityKgPerL, 'density');
  return {
    label: `${part.name}, by mass`,
    value: parts.value * density.value,
    quantity: 'number',
    formula: '{parts} × {density}',
    inputs: { parts, density },
    from: 'parts by volume times density',
  };
}

/** Square metres that a batch of so many kilograms covers at the coat's rate, by the density as laid. */
export const batchDensity = (coat: Coat): Figure | Given =>
  batchOf(coat, given('batch', 1, 'mass', 'definition'))?.density ?? densityGiven(coat);

/**
 * Catalyst for a temperature, per cent by mass of the resin: the row it falls in, lower end included. Nothing is
 * implied outside the rows: that is a stop, not a guess. Between them only where the table says that it may be.
 */
export function catalystAt(coat: Coat, tempC: number): Result<Given> {
  const rows = coat.catalyst?.points ?? [];
  const last = rows.at(-1);
  const row = rows.find((r) => tempC >= r.fromC && (tempC < r.toC || (r === last && tempC === r.toC)));
  if (!coat.catalyst || !row) {
    const span = rows.map((r) => `${r.fromC} to ${r.toC}`).join(', ');
    return fail({
      kind: 'outOfRange',
      field: 'catalyst',
      label: `${coat.name}, catalyst`,
      actual: `${tempC} °C`,
      expected:
        rows.length === 0
          ? 'a catalyst table'
          : `a temperature in the table, ${span} °C: outside it nothing is mixed`,
    });
  }
  const { interpolate, source, cites } = coat.catalyst;
  return ok(
    cited(
      `${coat.name}, catalyst`,
      { value: interpolate ? between(rows, row, tempC) : row.percent, source, cites },
      'moisture',
      interpolate ? 'between the rows of its table' : `${row.fromC} to ${row.toC} °C`,
    ),
  );
}

type Row = NonNullable<Coat['catalyst']>['points'][number];

/** Straight between the middles of the rows; held before the first middle and after the last. */
function between(rows: readonly Row[], row: Row, tempC: number): number {
  const middle = (r: Row): number => (r.fromC + r.toC) / 2;
  const i = rows.indexOf(row);
  const other = tempC < middle(row) ? rows[i - 1] : rows[i + 1];
  if (!other) return row.percent;
  const share = (tempC - middle(row)) / (middle(other) - middle(row));
  return row.percent + share * (other.percent - row.percent);
}

/** Thickener on a slope, per cent by mass: the last row from which the slope reaches; none below the first. */
export function thickenerAt(coat: Coat, slopePct: number): Given | undefined {
  const rows = coat.thickener?.points ?? [];
  const row = rows.filter((r) => slopePct >= r.fromSlopePct).at(-1);
  return (
    row &&
    coat.thickener &&
    cited(
      `${coat.name}, ${coat.thickener.name}`,
      { value: row.percent, source: coat.thickener.source, cites: coat.thickener.cites },
      'percent',
      `from ${row.fromSlopePct} % slope`,
    )
  );
}
