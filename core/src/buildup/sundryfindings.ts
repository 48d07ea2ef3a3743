/** Whether the coats of a build-up suit the products, the sealant and the metal primer of its details. */
import { CHEMISTRY_TRAITS, type Chemistry } from './chemistry.ts';
import { COMPAT_RULES, matches, type CompatRule } from './compat.ts';
import { detailRulesOf } from './detailrules.ts';
import { isDetailCoat, isFieldCoat, type Coat } from './layers.ts';
import type { BuildUp } from './schema.ts';
import { faceOf, type Face } from './surface.ts';

/** What is bought beside the layers, as a face that the coats meet. Coats key to it while it is young. */
const faceOfSundry = (name: string, chemistry: Chemistry): Face => ({
  ...{ name, chemistry, layerId: undefined, shade: undefined, cleaner: undefined },
  ...{ primer: false, seals: false, sanded: true },
  bleeds: CHEMISTRY_TRAITS[chemistry].bleeds,
  waterBased: CHEMISTRY_TRAITS[chemistry].waterBased,
  uvStable: CHEMISTRY_TRAITS[chemistry].uvStable,
});

/** Products that details are made with, which the field's coats go over. What is abraded is keyed to as sand is. */
function productFaces(buildUp: BuildUp): Face[] {
  return (buildUp.detailWays ?? []).flatMap((way) => {
    const product = buildUp.layers.find((l) => isDetailCoat(l) && l.id === way.coatId);
    const face = product && faceOf(product, buildUp);
    return face
      ? [{ ...face, sanded: face.sanded || way.abrade === true || way.granulesKgPerM2 !== undefined }]
      : [];
  });
}

export interface SundryClash {
  readonly rule: CompatRule;
  readonly coat: Coat;
  readonly below: string;
}

/** The first coat that goes over them: a membrane where there is one. */
export function sundryClashes(buildUp: BuildUp): SundryClash[] {
  const coats = buildUp.layers.filter(isFieldCoat);
  const coat = coats.find((c) => c.role === 'membrane') ?? coats.at(-1);
  const face = coat && faceOf(coat, buildUp);
  if (!coat || !face) return [];
  const { sealantOf, metalPrimerOf } = detailRulesOf(buildUp);
  const below = [
    ...(sealantOf ? [faceOfSundry('the sealant', sealantOf)] : []),
    ...(metalPrimerOf ? [faceOfSundry('the primer for metal', metalPrimerOf)] : []),
    ...productFaces(buildUp),
  ];
  return below.flatMap((b) =>
    COMPAT_RULES.filter(
      (r) => r.where === 'over' && r.below !== undefined && matches(face, r.layer) && matches(b, r.below),
    ).map((rule) => ({ rule, coat, below: b.name })),
  );
}
