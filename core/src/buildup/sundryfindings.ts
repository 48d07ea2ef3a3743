/** Whether the coats of a build-up suit the sealant and the metal primer of its details, by the rules of compatibility. */
import { CHEMISTRY_TRAITS, type Chemistry } from './chemistry.ts';
import { COMPAT_RULES, matches, type CompatRule } from './compat.ts';
import { detailRulesOf } from './detailrules.ts';
import { isCoat, type Coat } from './layers.ts';
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

export interface SundryClash {
  readonly rule: CompatRule;
  readonly coat: Coat;
  readonly below: string;
}

/** The first coat that goes over them: a membrane where there is one. */
export function sundryClashes(buildUp: BuildUp): SundryClash[] {
  const coats = buildUp.layers.filter(isCoat);
  const coat = coats.find((c) => c.role === 'membrane') ?? coats.at(-1);
  const face = coat && faceOf(coat, buildUp);
  if (!coat || !face) return [];
  const { sealantOf, metalPrimerOf } = detailRulesOf(buildUp);
  const below = [
    ...(sealantOf ? [faceOfSundry('the sealant', sealantOf)] : []),
    ...(metalPrimerOf ? [faceOfSundry('the primer for metal', metalPrimerOf)] : []),
  ];
  return below.flatMap((b) =>
    COMPAT_RULES.filter(
      (r) => r.where === 'over' && r.below !== undefined && matches(face, r.layer) && matches(b, r.below),
    ).map((rule) => ({ rule, coat, below: b.name })),
  );
}
