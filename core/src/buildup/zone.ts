/** A build-up as it stands on one zone: the options that were taken, the rates that the zone asks for. */
import { isCoat, isWorkLayer, type Coat, type Layer } from './layers.ts';
import { coatUnder } from './rates.ts';
import type { BuildUp, BuildUpDoc, ZoneBuildUp } from './schema.ts';

export type Terms = Pick<ZoneBuildUp, 'conditions' | 'choices' | 'withoutPrimer'>;
const NO_TERMS: Terms = { conditions: [], choices: {} };

/** The option taken for a choice: the zone's, or the build-up's own. */
export const optionOf = (buildUp: BuildUp, choiceId: string, terms: Terms = NO_TERMS): string | undefined => {
  const choice = buildUp.choices.find((c) => c.id === choiceId);
  if (!choice) return undefined;
  const own = terms.choices[choiceId];
  return choice.options.some((o) => o.id === own) ? own : choice.chosen;
};

export const isTaken = (buildUp: BuildUp, layer: Layer, terms: Terms = NO_TERMS): boolean =>
  layer.only === undefined || optionOf(buildUp, layer.only.choice, terms) === layer.only.option;

/** The primer on the ground itself, which a test may spare; undefined where the build-up begins otherwise. */
export function firstPrimer(buildUp: BuildUp, terms: Terms = NO_TERMS): Coat | undefined {
  const first = buildUp.layers.find((l) => isWorkLayer(l) && isTaken(buildUp, l, terms));
  return first && isCoat(first) && first.role === 'primer' ? first : undefined;
}

/**
 * Layers of the options taken only, without a primer that is spared, coats at the rates that the zone's conditions ask
 * for.
 */
export function resolve(buildUp: BuildUp, terms: Terms = NO_TERMS): BuildUp {
  const spared = terms.withoutPrimer ? firstPrimer(buildUp, terms)?.id : undefined;
  return {
    ...buildUp,
    layers: buildUp.layers
      .filter((l) => l.id !== spared && isTaken(buildUp, l, terms))
      .map((l) => (isCoat(l) ? coatUnder(l, terms.conditions) : l)),
  };
}

export const findBuildUp = (doc: BuildUpDoc, id: string, revision: number): BuildUp | undefined =>
  doc.buildUps.find((b) => b.id === id && b.revision === revision);

export const termsOfZone = (doc: BuildUpDoc, zoneId: string): ZoneBuildUp | undefined =>
  doc.zones.find((z) => z.zoneId === zoneId);

/** The build-up of a zone as it stands there; undefined when none is chosen. */
export function buildUpOfZone(doc: BuildUpDoc, zoneId: string): BuildUp | undefined {
  const chosen = termsOfZone(doc, zoneId);
  const found = chosen && findBuildUp(doc, chosen.buildUpId, chosen.revision);
  return found && resolve(found, chosen);
}

/**
 * Build-ups of the zones of one document, each resolved once: for those who ask for every bay. To be held no longer than
 * the document stays as it is.
 */
export class ZoneBuildUps {
  private readonly doc: BuildUpDoc;
  private readonly termsOf: ReadonlyMap<string, Terms>;
  private readonly zones = new Map<string, BuildUp | undefined>();
  private readonly laid = new Map<string, BuildUp | undefined>();

  constructor(doc: BuildUpDoc) {
    this.doc = doc;
    this.termsOf = new Map(doc.zones.map((z) => [z.zoneId, z]));
  }

  of(zoneId: string): BuildUp | undefined {
    if (!this.zones.has(zoneId)) this.zones.set(zoneId, buildUpOfZone(this.doc, zoneId));
    return this.zones.get(zoneId);
  }

  terms(zoneId: string): Terms | undefined {
    return this.termsOf.get(zoneId);
  }

  /** A revision that something was laid by, under the terms of the zone. */
  laidBy(zoneId: string, buildUpId: string, revision: number): BuildUp | undefined {
    const key = JSON.stringify([zoneId, buildUpId, revision]);
    if (!this.laid.has(key)) {
      const found = findBuildUp(this.doc, buildUpId, revision);
      this.laid.set(key, found && resolve(found, termsOfZone(this.doc, zoneId)));
    }
    return this.laid.get(key);
  }
}

/** Every way in which the options can be taken, one at a time beside the build-up's own: enough to look at each. */
export function waysToLay(buildUp: BuildUp): Terms[] {
  return [
    NO_TERMS,
    ...buildUp.choices.flatMap((c) =>
      c.options.filter((o) => o.id !== c.chosen).map((o) => ({ conditions: [], choices: { [c.id]: o.id } })),
    ),
  ];
}
