/** Every number that a layer may say, found in its schema; and one number of a layer changed. */
import { z } from 'zod';
import { layerSchema, type Layer } from '@lentum/core/buildup';

interface Node {
  readonly type?: string;
  readonly anyOf?: readonly Node[];
  readonly oneOf?: readonly Node[];
  readonly properties?: Readonly<Record<string, Node & { const?: string; propertyNames?: unknown }>>;
  readonly items?: Node;
  readonly additionalProperties?: Node | boolean;
  readonly minimum?: number;
  readonly maximum?: number;
  readonly exclusiveMinimum?: number;
}

export interface NumberPath {
  readonly kind: Layer['kind'];
  /** Keys below the layer; `[]` stands for every entry of a list, `*` for every key of a record. */
  readonly path: string;
  readonly least: number;
  readonly most: number;
}

/** @returns each path once, by kind */
export function numberPaths(): NumberPath[] {
  const found = new Map<string, NumberPath>();
  const walk = (node: Node | undefined, kind: string, path: string): void => {
    if (!node) return;
    for (const one of [...(node.anyOf ?? []), ...(node.oneOf ?? [])]) walk(one, kind, path);
    if (node.type === 'number' || node.type === 'integer') {
      const least = node.minimum ?? node.exclusiveMinimum ?? -1e6;
      found.set(`${kind}/${path}`, {
        ...{ kind: kind as Layer['kind'], path, least, most: node.maximum ?? 1e6 },
      });
    }
    const own = node.properties?.['kind']?.const;
    for (const [key, below] of Object.entries(node.properties ?? {}))
      walk(below, path === '' ? (own ?? kind) : kind, path === '' ? key : `${path}/${key}`);
    if (node.items) walk(node.items, kind, `${path}[]`);
    if (typeof node.additionalProperties === 'object') walk(node.additionalProperties, kind, `${path}/*`);
  };
  walk(z.toJSONSchema(layerSchema, { io: 'input' }) as Node, '', '');
  return [...found.values()];
}

/** The layer with another number at every place that a path means, one at a time. */
export function changes(layer: Layer, { path, least, most }: NumberPath): Layer[] {
  const results: Layer[] = [];
  const visit = (here: unknown, keys: readonly string[], put: (value: unknown) => Layer): void => {
    const [key, ...rest] = keys;
    if (here === undefined || here === null) return;
    if (key === undefined) {
      if (typeof here !== 'number') return;
      const wanted = [
        here * 1.25,
        here * 0.8,
        here * 2,
        here * 0.5,
        here + 12,
        here - 12,
        most,
        least,
        (least + most) / 2,
      ];
      for (const value of wanted)
        if (value !== here && value >= least && value <= most) results.push(put(value));
      return;
    }
    if (key === '[]') {
      (here as unknown[]).forEach((item, i) =>
        visit(item, rest, (v) => put((here as unknown[]).map((old, k) => (k === i ? v : old)))),
      );
      return;
    }
    const of = here as Record<string, unknown>;
    for (const own of key === '*' ? Object.keys(of) : [key])
      visit(of[own], rest, (v) => put({ ...of, [own]: v }));
  };
  visit(layer, path.replaceAll('[]', '/[]').split('/'), (v) => v as Layer);
  return results.filter((l) => layerSchema.safeParse(l).success);
}

/** Whether a layer says the number at all. */
export const says = (layer: Layer, path: NumberPath): boolean =>
  layer.kind === path.kind && changes(layer, path).length > 0;
