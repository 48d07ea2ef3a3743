/**
 * Details made with a product of their own: a detail grade with fibres, a low-modulus stripe, a gel in three courses, a
 * sealant in one thick coat, liquid flashing on a sheet. The product is a coat of the build-up that keeps to details.
 */
import { z } from 'zod';
import { idSchema, sourced, type Sourced } from '../job/index.ts';
import type { Problem } from '../problems/index.ts';
import { DETAIL_KINDS, detailFacts, PATCHED, STRIPED, UNCOATED, type DetailKind } from './detailkinds.ts';
import { isDetailCoat, type Coat, type Layer } from './layers.ts';

export const DETAIL_FORMS = [
  'bedded pieces',
  'coats alone',
  'stripe',
  'three courses',
  'thick patch',
  'liquid flashing',
] as const;
export type DetailForm = (typeof DETAIL_FORMS)[number];

/** Each form in words, for those who choose. */
export const FORM_WORDS: Readonly<Record<DetailForm, string>> = {
  'bedded pieces': 'pieces of fabric bedded in it, wet on wet',
  'coats alone': 'coats by brush, no fabric: fibres in the product do its work',
  stripe: 'a stripe over the line, as wide as said',
  'three courses': 'a course of it, fabric, a course of it',
  'thick patch': 'one thick coat, past the damage on every side',
  'liquid flashing': 'a base coat with fabric in it, then further coats, on a sheet',
};

const mm = (least: number, most: number) => sourced(z.number().min(least).max(most));

export const detailWaySchema = z.strictObject({
  /** The details that are made so. */
  kinds: z.array(z.enum(DETAIL_KINDS)).min(1).max(DETAIL_KINDS.length),
  /** A coat of the build-up that keeps to details; its rate is that of one coat or course. */
  coatId: idSchema,
  form: z.enum(DETAIL_FORMS),
  /** How many coats, where there are several. */
  coats: z.number().int().min(1).max(6).optional(),
  /** Width of a stripe. */
  widthMm: mm(20, 2000).optional(),
  /** How far a patch goes past the damage. */
  pastMm: mm(10, 500).optional(),
  /** Fabric that its pieces are cut from; absent: that of the rest, or detail fabric where the rest is sheet. */
  cutFrom: idSchema.optional(),
  granulesKgPerM2: sourced(z.number().gt(0).max(10)).optional(),
  /** What goes over it keys only to a ground surface. */
  abrade: z.boolean().optional(),
});
export type DetailWay = z.infer<typeof detailWaySchema>;

/** A way with its product. */
export interface OwnWay extends DetailWay {
  readonly coat: Coat;
}

/** What of a build-up tells how its details are made apart. */
interface Ways {
  readonly layers: readonly Layer[];
  readonly detailWays?: readonly DetailWay[] | undefined;
}

const CUT: readonly DetailForm[] = ['bedded pieces', 'three courses', 'liquid flashing'];
/** Whether pieces of fabric are cut for it. */
export const cutsPieces = (form: DetailForm): boolean => CUT.includes(form);

/** Usual figures where a way says none. Common practice, no source. */
const USUAL = { stripeMm: 150, pastMm: 50, flashingCoats: 3, coats: 2 };
const typical = (value: number) => ({ value, source: 'typical' as const });
export const stripeOf = (way: DetailWay): Sourced => way.widthMm ?? typical(USUAL.stripeMm);
export const pastOf = (way: DetailWay): Sourced => way.pastMm ?? typical(USUAL.pastMm);

/** How many times the product's rate goes on: coats of a flashing, courses of three, one of a stripe or a patch. */
export function timesLaid({ form, coats }: DetailWay): number {
  switch (form) {
    case 'coats alone':
      return coats ?? USUAL.coats;
    case 'liquid flashing':
      return coats ?? USUAL.flashingCoats;
    case 'three courses':
      return 2;
    default:
      return 1;
  }
}

/** Whether a form can make a kind at all: a stripe goes over flat lines, a patch over damage. */
export function fits(form: DetailForm, kind: DetailKind): boolean {
  if (form === 'stripe') return STRIPED.includes(kind);
  if (form === 'thick patch') return PATCHED.includes(kind);
  return !UNCOATED.includes(kind);
}

/** How a kind is made where it has a product of its own that is laid with this build-up; undefined: as the rest. */
export function ownWayOf({ layers, detailWays }: Ways, kind: DetailKind): OwnWay | undefined {
  for (const way of detailWays ?? []) {
    if (!way.kinds.includes(kind) || !fits(way.form, kind)) continue;
    const coat = layers.find((l): l is Coat => isDetailCoat(l) && l.id === way.coatId);
    if (coat) return { ...way, coat };
  }
  return undefined;
}

const named = (kind: DetailKind): string => detailFacts(kind).name.toLowerCase();

/** What is wrong with the ways of a build-up: products that are not there, kinds twice, forms that do not fit. */
export function wayOfDetailProblems({ layers, detailWays }: Ways, field: string): Problem[] {
  const problems: Problem[] = [];
  const seen = new Set<DetailKind>();
  (detailWays ?? []).forEach((way, i) => {
    const at = `${field}/detailWays/${i}`;
    const label = `Details of their own, row ${i + 1}`;
    const coat = layers.find((l) => l.id === way.coatId);
    if (!coat || !isDetailCoat(coat))
      problems.push({
        kind: 'unknown',
        field: `${at}/coatId`,
        label: `${label}, product`,
        actual: coat?.name ?? way.coatId,
        expected: 'a coat of this build-up that keeps to details',
      });
    const fabric = layers.find((l) => l.id === way.cutFrom);
    if (way.cutFrom !== undefined && fabric?.kind !== 'fabric')
      problems.push({
        kind: 'unknown',
        field: `${at}/cutFrom`,
        label: `${label}, pieces cut from`,
        actual: fabric?.name ?? way.cutFrom,
        expected: 'a fabric of this build-up',
      });
    for (const kind of way.kinds) {
      if (!fits(way.form, kind))
        problems.push({
          kind: 'wrong',
          field: `${at}/kinds`,
          label: `${label}, ${named(kind)}`,
          actual: way.form,
          expected:
            way.form === 'stripe'
              ? `a flat line: ${STRIPED.map(named).join(', ')}`
              : way.form === 'thick patch'
                ? `damage: ${PATCHED.map(named).join(', ')}`
                : 'a detail that is made with a coat',
        });
      if (seen.has(kind))
        problems.push({
          kind: 'duplicate',
          field: `${at}/kinds`,
          label: `${label}, ${named(kind)}`,
          actual: named(kind),
          expected: 'one way for each kind of detail',
        });
      seen.add(kind);
    }
  });
  return problems;
}

/** Coats that keep to details and that no detail is made with. */
export const unusedDetailCoats = ({ layers, detailWays }: Ways): Coat[] =>
  layers.filter(
    (l): l is Coat =>
      isDetailCoat(l) &&
      l.fillsFromFallPct === undefined &&
      !(detailWays ?? []).some((w) => w.coatId === l.id),
  );
