/** Which fields of a layer are asked for: what would be refused anyway is not, unless something stands there. */
import { valueAt, type Field } from './fields.ts';
import { isDetailCoat, type Layer } from './layers.ts';
import type { BuildUp } from './schema.ts';

/** What fields of some layers only mean something in. */
const ONLY_IN: Readonly<Record<string, (layer: Layer, buildUp: BuildUp) => boolean>> = {
  fillsFromFallPct: (layer, { layers }) =>
    layer.kind === 'coat' && isDetailCoat(layer) && layers.some((l) => l.kind === 'pieces'),
  temporaryNails: (layer) => layer.kind === 'sheet' && layer.bonding === 'self-adhered',
};

export const isAsked = ({ path }: Pick<Field, 'path'>, layer: Layer, buildUp: BuildUp): boolean =>
  (ONLY_IN[path]?.(layer, buildUp) ?? true) || valueAt(layer, path) !== undefined;
