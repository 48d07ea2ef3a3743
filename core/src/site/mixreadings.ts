/**
 * What a mix goes by: the surface doses the catalyst, the resin in its container runs the clock. Both are read, each with
 * its time; nothing is dosed by a reading that is old, or that the weather has carried into another row since.
 */
import { catalystAt, type Coat } from '../buildup/index.ts';
import { given, type Figure, type Given } from '../figures/index.ts';
import type { Practice } from '../practice/index.ts';
import type { Problem } from '../problems/index.ts';
import { MS_PER_MINUTE } from '../units/index.ts';
import { potLifeMinutes } from './potlife.ts';

/** A temperature and the instant at which it was read. */
export interface ReadTemperature {
  readonly tempC: number;
  readonly atMs: number;
}

export interface MixReadings {
  readonly surface: ReadTemperature | undefined;
  readonly resin: ReadTemperature | undefined;
  readonly nowMs: number;
  /** By how much the surface has warmed since it was read, by the weather, K; absent where that is not known. */
  readonly warmedK?: number | undefined;
}

/** What is wrong with one reading; undefined where it is valid now. */
function readingProblem(
  what: 'surface' | 'resin',
  { surface, resin, nowMs }: MixReadings,
  practice: Practice,
): Problem | undefined {
  const reading = what === 'surface' ? surface : resin;
  const minutes = practice.mixReadingMin.value;
  const head = {
    field: what,
    label: what === 'surface' ? 'Temperature of the surface' : 'Temperature of the resin',
  };
  const expected = `a reading no older than ${minutes} min`;
  if (!reading) return { kind: 'missing', ...head, actual: 'nothing', expected };
  const age = (nowMs - reading.atMs) / MS_PER_MINUTE;
  if (age > minutes)
    return {
      kind: 'order',
      ...head,
      actual: `read ${Math.ceil(age)} min ago`,
      expected: `${expected}: read it again`,
    };
  return undefined;
}

/** The row of the dose that the surface has left since it was read, by the weather. */
function crossed(coat: Coat, { surface, warmedK }: MixReadings): Problem | undefined {
  if (!surface || warmedK === undefined) return undefined;
  const [then, now] = [surface.tempC, surface.tempC + warmedK].map((t) => catalystAt(coat, t));
  const percentOf = (of: typeof then): number | undefined => (of?.ok ? of.value.value : undefined);
  if (!then?.ok || percentOf(then) === percentOf(now)) return undefined;
  return {
    kind: 'order',
    field: 'surface',
    label: 'Temperature of the surface',
    actual: `${warmedK > 0 ? 'warmed' : 'cooled'} by about ${Math.abs(warmedK).toFixed(1)} K since it was read, into another row of the catalyst table`,
    expected: 'it read again',
  };
}

/** Why nothing may be dosed or timed yet. The surface counts where it doses a catalyst. */
export function readingProblems(coat: Coat, readings: MixReadings, practice: Practice): Problem[] {
  const surface = coat.catalyst && readingProblem('surface', readings, practice);
  const resin = readingProblem('resin', readings, practice);
  const moved = coat.catalyst && !surface ? crossed(coat, readings) : undefined;
  return [surface, moved, resin].flatMap((p) => (p ? [p] : []));
}

const tableAt = (coat: Coat, tempC: number, where: string): Given =>
  given(
    `pot life ${where}`,
    Math.floor(potLifeMinutes(coat, tempC) ?? 0),
    'minutes',
    coat.potLife.source,
    `at ${tempC} °C`,
  );

/** The dose that the pot life of the table stands for: that of its temperature, or of the row next to it. */
function usualDose(coat: Coat, tempC: number): number | undefined {
  const rows = coat.catalyst?.points ?? [];
  const [first, last] = [rows[0], rows.at(-1)];
  if (!first || !last) return undefined;
  const found = catalystAt(coat, Math.min(last.toC, Math.max(first.fromC, tempC)));
  return found.ok ? found.value.value : undefined;
}

/**
 * How long the mix can be worked: in the bucket by the resin's temperature, on the ground by the surface's; the shorter
 * counts. More catalyst than the table has for the resin's temperature (warm resin on cold ground) shortens it in
 * proportion; less does not lengthen it. From memory: the gel time of a peroxide-cured resin falls about as its dose rises.
 * @param percent the dose, where there is a catalyst
 */
export function mixPotLife(
  coat: Coat,
  { resinC, surfaceC }: { readonly resinC: number; readonly surfaceC: number | undefined },
  percent: Given | undefined,
): Figure {
  const inBucket = tableAt(coat, resinC, 'in the bucket');
  const usual = percent && usualDose(coat, resinC);
  const inputs: Record<string, Given | Figure> = { inBucket };
  let formula = '{inBucket}';
  let value = inBucket.value;
  if (percent && usual !== undefined && percent.value > usual) {
    inputs['usual'] = given(
      'dose of the table at this resin',
      usual,
      'moisture',
      coat.catalyst?.source ?? 'typical',
    );
    inputs['dose'] = percent;
    formula = '{inBucket} × {usual} / {dose}';
    value = (value * usual) / percent.value;
  }
  if (surfaceC !== undefined) {
    const onGround = tableAt(coat, surfaceC, 'on the ground');
    inputs['onGround'] = onGround;
    formula = `min(${formula}, {onGround})`;
    value = Math.min(value, onGround.value);
  }
  return {
    label: 'Pot life',
    value: Math.floor(value),
    quantity: 'minutes',
    formula: `floor(${formula})`,
    inputs,
    from: 'the shorter of the bucket and the ground; more catalyst than usual shortens it in proportion (estimated): the data sheet decides',
  };
}
