/** Fabric all over wants a coat that comes through it, and one that closes it. Common practice, no source. */
import { given, words, type Given, type Part } from '../figures/index.ts';
import { isCoat, isFieldCoat, type Coat, type Fabric } from './layers.ts';
import { cited, wetFilm } from './rates.ts';
import type { BuildUp } from './schema.ts';

/** Litres that fill a kilogram of fabric: fleece is nine tenths air, glass mat packs down, a mesh is open. Typical. */
const FILLS_L_PER_KG: Readonly<Record<NonNullable<Fabric['material']>, number>> = {
  'polyester fleece': 7.5,
  'polyester fabric': 8,
  'glass mat': 2.2,
  'glass mesh': 1.5,
};
/** A bed that holds this many times what the fabric takes closes it by itself, wet on wet. Typical. */
const CLOSES_BY_ITSELF = 1.8;

export interface FabricFinding {
  readonly coat: Coat;
  readonly says: readonly Part[];
}

/** What a fabric takes to be filled, as a film; undefined where nobody says what it is made of. */
export const fabricFills = (fabric: Fabric): Given | undefined =>
  fabric.material &&
  given(
    'what the fabric takes',
    (FILLS_L_PER_KG[fabric.material] * fabric.weightGPerM2.value) / 1000,
    'film',
    'typical',
    'common practice',
  );

/** Beds that are too thin for the fabric in them, and fabrics that no coat closes. */
export function dryFabric({ layers }: BuildUp): FabricFinding[] {
  return layers.flatMap((fabric): FabricFinding[] => {
    if (fabric.kind !== 'fabric' || fabric.where === 'details') return [];
    const fills = fabricFills(fabric);
    const at = layers.findIndex((l) => l.id === fabric.embeddedIn);
    const coat = layers[at];
    if (!coat || !isCoat(coat) || !fills) return [];
    const has = wetFilm(coat);
    const weight = cited('weight of the fabric', fabric.weightGPerM2, 'weightPerArea');
    if (has.value < fills.value)
      return [
        {
          coat,
          says: words`${has} wet does not come through a fabric of ${weight}, which takes about ${fills}: a heavier base, and a saturating coat over it.`,
        },
      ];
    const closed = layers.slice(at + 1).some(isFieldCoat) || has.value >= CLOSES_BY_ITSELF * fills.value;
    return closed
      ? []
      : [
          {
            coat,
            says: words`nothing closes the fabric in it: a saturating coat over it, of about ${fills}.`,
          },
        ];
  });
}
