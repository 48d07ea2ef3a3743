/** Sand to refusal wants a bed that holds it and a coat over it that closes it. Common practice, no source. */
import { given, words, type Part } from '../figures/index.ts';
import { isCoat, isFieldCoat, type Broadcast, type Coat } from './layers.ts';
import { wetFilm } from './rates.ts';
import type { BuildUp } from './schema.ts';

/** What the bed is deep, as a share of the largest grain, at least. Typical. */
const BED_SHARE = 0.6;
/** What the coat over it is laid with, at least: it has valleys to fill, more where the grain is coarse. Typical. */
const TOP_LEAST_MM = 0.35;
const TOP_SHARE = 0.2;

/** The largest grain that a grading names, mm, such as 0.8 of "0.4–0.8 mm"; undefined where it names none. */
function largestGrainMm({ grading }: Pick<Broadcast, 'grading'>): number | undefined {
  const sizes = (grading.match(/\d+(?:[.,]\d+)?/g) ?? []).map((t) => Number(t.replace(',', '.')));
  return sizes.length > 0 ? Math.max(...sizes) : undefined;
}

function film(coat: Coat, grainMm: number, leastMm: number, says: string): readonly Part[] | undefined {
  const has = wetFilm(coat);
  const grain = given('largest grain', grainMm, 'film', 'data sheet');
  const least = given(says, leastMm, 'film', 'typical', 'common practice');
  return has.value < least.value
    ? words`${has} wet is thin for sand to refusal of up to ${grain}: ${says}, about ${least}.`
    : undefined;
}

/** Coats that are too thin for sand to refusal: its bed, and the coat that closes it. */
export function thinUnderSand({ layers }: BuildUp): { coat: Coat; says: readonly Part[] }[] {
  return layers.flatMap((sand, i) => {
    if (sand.kind !== 'broadcast' || sand.method !== 'to refusal') return [];
    const grain = largestGrainMm(sand);
    if (grain === undefined) return [];
    const bed = layers.filter(isCoat).find((l) => l.id === sand.into);
    const top = layers.slice(i + 1).find(isFieldCoat);
    const checks = [
      [bed, BED_SHARE * grain, 'a bed holds it'],
      [top, Math.max(TOP_LEAST_MM, TOP_SHARE * grain), 'a coat closes it'],
    ] as const;
    return checks.flatMap(([coat, leastMm, what]) => {
      const says = coat && film(coat, grain, leastMm, what);
      return coat && says ? [{ coat, says }] : [];
    });
  });
}
