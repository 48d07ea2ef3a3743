/** Putting the body of an entry together from what was typed. */
import { isCoat, type Layer } from '@lentum/core/buildup';
import { measure, words, type Field, type Values } from './fields.ts';
import type { LogContext } from './form.ts';

export const layersOf = (c: LogContext, fits: (l: Layer) => boolean) =>
  (c.buildUp?.layers ?? []).filter(fits).map((l) => ({ value: l.id, label: l.name }));
export const layerField = (c: LogContext, fits: (l: Layer) => boolean, optional = false): Field => ({
  form: 'choice',
  key: 'layerId',
  name: 'Layer',
  options: layersOf(c, fits),
  optional,
});
export const layer = (values: Values, c: LogContext) => ({
  buildUpId: c.buildUp?.id ?? '',
  revision: c.buildUp?.revision ?? 0,
  layerId: values['layerId'] ?? '',
});
export const opt = (v: unknown): unknown => (v === '' || v === undefined || v === null ? undefined : v);
/** The named fields as they are, without those left empty. */
export const some = (values: Values, ...keys: string[]): Values =>
  Object.fromEntries(keys.map((k) => [k, opt(values[k])]).filter(([, v]) => v !== undefined));
export const at = (values: Values, c: LogContext, key = 'at') => c.instant(values[key]);
export const times = (values: Values, c: LogContext, ...keys: string[]): Values =>
  Object.fromEntries(keys.flatMap((k) => (opt(values[k]) === undefined ? [] : [[k, at(values, c, k)]])));
export const rowsOf = (values: Values, key: string): Values[] => (values[key] as Values[] | undefined) ?? [];
export const NOW = (c: LogContext): Values => ({ at: c.field(0) });
export const SPRAY: Field[] = [
  words('tip', 'Tip', 40, true, 'as printed on it'),
  measure('pressureBar', 'Pressure', 'pressure', { optional: true, above: 0, max: 3000 }),
];
export const isHot = (l: Layer): boolean => isCoat(l) && l.kettle !== undefined;
