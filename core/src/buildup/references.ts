/** What a build-up names that is not there, and what is laid into a coat that is not laid. */
import { short, type Problem } from '../problems/index.ts';
import { isCoat, isWorkLayer } from './layers.ts';
import type { BuildUp } from './schema.ts';
import { resolve, waysToLay } from './zone.ts';

export const notKnown = (field: string, label: string, actual: string, expected: string): Problem => ({
  kind: 'unknown',
  field,
  label,
  actual: short(actual),
  expected,
});

/** Options, papers and layers that are named but not there. */
export function namedProblems(buildUp: BuildUp, field: string): Problem[] {
  const problems: Problem[] = [];
  const layers = new Set(buildUp.layers.map((l) => l.id));
  const papers = new Set(buildUp.papers.map((p) => p.id));
  buildUp.choices.forEach((c, i) => {
    if (!c.options.some((o) => o.id === c.chosen))
      problems.push(
        notKnown(
          `${field}/choices/${i}/chosen`,
          c.name,
          c.chosen,
          `one of ${c.options.map((o) => o.id).join(', ')}`,
        ),
      );
  });
  buildUp.layers.forEach((l, i) => {
    const only = l.only;
    if (!only) return;
    const choice = buildUp.choices.find((c) => c.id === only.choice);
    if (!choice?.options.some((o) => o.id === only.option))
      problems.push(
        notKnown(
          `${field}/layers/${i}/only`,
          `${l.name}, laid only with`,
          `${only.choice} ${only.option}`,
          'an option of this build-up',
        ),
      );
  });
  const layerNames: [string, string, readonly string[]][] = [
    ['upkeep/recoatLayers', 'Upkeep, layers laid again', buildUp.upkeep?.recoatLayers ?? []],
    ['detailsAfter', 'Details after', buildUp.detailsAfter === undefined ? [] : [buildUp.detailsAfter]],
    [
      'details/cutFrom',
      'Pieces for details, cut from',
      buildUp.details?.cutFrom === undefined ? [] : [buildUp.details.cutFrom],
    ],
    ...buildUp.papers.map((p, i): [string, string, readonly string[]] => [
      `papers/${i}/layerIds`,
      p.title,
      p.layerIds,
    ]),
  ];
  buildUp.layers.forEach((l, i) => {
    if (!('remedies' in l)) return;
    for (const [limit, steps] of Object.entries(l.remedies ?? {}))
      steps.forEach((s, n) => {
        if (s.layerId !== undefined)
          layerNames.push([
            `layers/${i}/remedies/${limit}/${n}/layerId`,
            `${l.name}, remedy, step ${n + 1}`,
            [s.layerId],
          ]);
      });
  });
  for (const [at, label, ids] of layerNames)
    for (const id of ids)
      if (!layers.has(id)) problems.push(notKnown(`${field}/${at}`, label, id, 'a layer of this build-up'));
  const visit = (node: unknown, at: string): void => {
    if (node === null || typeof node !== 'object') return;
    const { cites } = node as { cites?: unknown };
    if (typeof cites === 'string' && !papers.has(cites))
      problems.push(notKnown(`${at}/cites`, 'Source', cites, 'a paper in this build-up’s binder'));
    for (const [key, child] of Object.entries(node)) visit(child, `${at}/${key}`);
  };
  visit(buildUp, field);
  return problems;
}

/** Fabric and aggregate whose coat is not laid with them, for each way of laying. */
export function wayProblems(buildUp: BuildUp, field: string): Problem[] {
  const problems = new Map<string, Problem>();
  for (const terms of waysToLay(buildUp)) {
    const { layers } = resolve(buildUp, terms);
    layers.forEach((l, i) => {
      if (l.kind !== 'fabric' && l.kind !== 'broadcast') return;
      const target = l.kind === 'fabric' ? l.embeddedIn : l.into;
      const at = layers.findIndex((k) => k.id === target);
      const between = layers.slice(at + 1, i).some(isWorkLayer);
      const known = buildUp.layers.some((k) => k.id === target && isCoat(k));
      if (!known || (at >= 0 && at < i && !between)) return;
      const coat = buildUp.layers.find((k) => k.id === target)?.name ?? target;
      problems.set(l.id, {
        kind: 'order',
        field: `${field}/layers/${buildUp.layers.findIndex((k) => k.id === l.id)}`,
        label: `${l.name}, laid into the ${coat.toLowerCase()}`,
        actual: at < 0 ? 'that coat is not laid with it' : 'it does not follow that coat',
        expected: 'a place directly after the coat that it is laid into',
      });
    });
    if (!layers.some(isWorkLayer)) {
      problems.set('', {
        kind: 'tooFew',
        field,
        label: buildUp.name,
        actual: 'no layers',
        expected: 'at least one layer that is laid',
      });
    }
  }
  return [...problems.values()];
}
