/** The short tables of a layer: what is in them, what a new row begins as, and how rows go back into the layer. */
import {
  isCoat,
  PART_KINDS,
  RATE_BASES,
  RATE_CONDITIONS,
  type Coat,
  type FieldGroup,
  type Layer,
} from '@lentum/core/buildup';
import { RATE_FORM_NAMES } from './rateforms.ts';
import { written, type Provenance } from './editing.ts';
import type { RowColumn } from './RowsEditor.vue';

export type Row = Readonly<Record<string, unknown>>;

export interface LayerTable {
  readonly key: string;
  readonly group: FieldGroup;
  readonly title: string;
  readonly columns: readonly RowColumn[];
  readonly least: number;
  /** Undefined where the layer has no such table. */
  readonly rows: (layer: Layer) => readonly object[] | undefined;
  /** A new row; numbers in it carry the source that is set. */
  readonly fresh: (layer: Layer, from: Provenance) => Row;
  readonly set: (layer: Layer, rows: readonly Row[], from: Provenance) => void;
}

const newId = (): string => crypto.randomUUID().slice(0, 8);
/** Degrees and per cent by which a new row goes on from the last. */
const NEXT = 10;

const ofCoat =
  <T>(get: (coat: Coat) => T) =>
  (layer: Layer): T | undefined =>
    isCoat(layer) ? get(layer) : undefined;

export const LAYER_TABLES: readonly LayerTable[] = [
  {
    key: 'variants',
    group: 'how much',
    title: 'Other rates, by what is met',
    least: 0,
    columns: [
      { key: 'when', name: 'When', form: 'choice', options: RATE_CONDITIONS },
      {
        ...{ key: 'basis', name: 'As', form: 'choice' },
        options: ['timesField', ...RATE_BASES],
        words: { timesField: 'times the field', ...RATE_FORM_NAMES },
      },
      { key: 'value', name: 'Value', form: 'number', quantity: 'number' },
      { key: 'note', name: 'Note', form: 'text' },
    ],
    rows: ofCoat((c) => c.rate.variants ?? []),
    fresh: (l, from) => {
      const taken = isCoat(l) ? (l.rate.variants ?? []) : [];
      const when = RATE_CONDITIONS.find((w) => !taken.some((v) => v.when === w)) ?? 'detail';
      return { when, basis: 'timesField', value: 1.2, note: '', ...written(from) };
    },
    set: (l, rows) => {
      if (isCoat(l)) l.rate.variants = [...rows] as NonNullable<Coat['rate']['variants']>;
    },
  },
  {
    key: 'pieces',
    group: 'how much',
    title: 'Pieces',
    least: 1,
    columns: [
      { key: 'name', name: 'Piece', form: 'text' },
      { key: 'shape', name: 'Shape', form: 'choice', options: ['round', 'rounded corner', 'straight'] },
      { key: 'sizeMm', name: 'Size', form: 'sourced', quantity: 'lap' },
      { key: 'price', name: 'Price', form: 'sourced', quantity: 'price', optional: true },
    ],
    rows: (l) => (l.kind === 'pieces' ? l.pieces : undefined),
    fresh: (_, from) => ({
      id: newId(),
      name: 'Straight',
      shape: 'straight',
      sizeMm: { value: 300, ...written(from) },
    }),
    set: (l, rows) => {
      if (l.kind === 'pieces') l.pieces = [...rows] as typeof l.pieces;
    },
  },
  {
    key: 'mix',
    group: 'mixing',
    title: 'Parts',
    least: 2,
    columns: [
      { key: 'name', name: 'Part', form: 'text' },
      { key: 'kind', name: 'Kind', form: 'choice', options: PART_KINDS },
      { key: 'parts', name: 'Parts', form: 'number', quantity: 'number' },
      { key: 'densityKgPerL', name: 'Density', form: 'sourced', quantity: 'density' },
      { key: 'packKg', name: 'Bought apart, a pack', form: 'sourced', quantity: 'mass', optional: true },
      { key: 'packPrice', name: 'Price of a pack', form: 'sourced', quantity: 'price', optional: true },
    ],
    rows: ofCoat((c) => c.mix?.parts),
    fresh: (_, from) => ({
      id: newId(),
      name: 'Part',
      kind: 'filler',
      parts: 1,
      densityKgPerL: { value: 2.65, ...written(from) },
    }),
    set: (l, rows, from) => {
      if (isCoat(l) && l.mix)
        l.mix = { ...l.mix, ...written(from), parts: [...rows] as NonNullable<Coat['mix']>['parts'] };
    },
  },
  {
    key: 'catalyst',
    group: 'mixing',
    title: 'Catalyst by temperature',
    least: 1,
    columns: [
      { key: 'fromC', name: 'From', form: 'number', quantity: 'temperature' },
      { key: 'toC', name: 'To', form: 'number', quantity: 'temperature' },
      { key: 'percent', name: 'By mass, %', form: 'number', quantity: 'number' },
    ],
    rows: ofCoat((c) => c.catalyst?.points),
    fresh: (l) => {
      const last = isCoat(l) ? l.catalyst?.points.at(-1) : undefined;
      return { fromC: last?.toC ?? 0, toC: (last?.toC ?? 0) + NEXT, percent: last?.percent ?? 1 };
    },
    set: (l, rows, from) => {
      if (isCoat(l))
        l.catalyst = {
          interpolate: l.catalyst?.interpolate ?? false,
          ...written(from),
          points: [...rows] as unknown as NonNullable<Coat['catalyst']>['points'],
        };
    },
  },
  {
    key: 'thickener',
    group: 'mixing',
    title: 'Thickener by slope',
    least: 1,
    columns: [
      { key: 'fromSlopePct', name: 'From a slope of', form: 'number', quantity: 'fall' },
      { key: 'percent', name: 'By mass, %', form: 'number', quantity: 'number' },
    ],
    rows: ofCoat((c) => c.thickener?.points),
    fresh: (l) => {
      const last = isCoat(l) ? l.thickener?.points.at(-1) : undefined;
      return { fromSlopePct: (last?.fromSlopePct ?? 0) + NEXT, percent: last?.percent ?? NEXT };
    },
    set: (l, rows, from) => {
      if (!isCoat(l) || !l.thickener) return;
      const { name, trialMinutes } = l.thickener;
      const points = [...rows] as unknown as NonNullable<Coat['thickener']>['points'];
      l.thickener = { name, trialMinutes, ...written(from), points };
    },
  },
  {
    key: 'potLife',
    group: 'mixing',
    title: 'Pot life',
    least: 1,
    columns: [
      { key: 'atC', name: 'At', form: 'number', quantity: 'temperature' },
      { key: 'minutes', name: 'Pot life, min', form: 'ranged', quantity: 'minutes', end: 'from', max: 2880 },
    ],
    rows: ofCoat((c) => c.potLife.points),
    fresh: (l) => {
      const last = isCoat(l) ? l.potLife.points.at(-1) : undefined;
      return { atC: (last?.atC ?? 0) + NEXT, minutes: last?.minutes ?? 30 };
    },
    set: (l, rows, from) => {
      if (isCoat(l))
        l.potLife = { ...written(from), points: [...rows] as unknown as Coat['potLife']['points'] };
    },
  },
  {
    key: 'containers',
    group: 'product',
    title: 'Containers on sale',
    least: 1,
    columns: [
      { key: 'name', name: 'Name', form: 'text' },
      { key: 'basis', name: 'By', form: 'choice', options: ['mass', 'volume'] },
      { key: 'net', name: 'Content, kg or L', form: 'number', quantity: 'number' },
      { key: 'price', name: 'Price', form: 'sourced', quantity: 'price', optional: true },
    ],
    rows: ofCoat((c) => c.containers),
    fresh: () => ({ id: newId(), name: '20 L pail', basis: 'volume', net: 20 }),
    set: (l, rows) => {
      if (isCoat(l)) l.containers = [...rows] as Coat['containers'];
    },
  },
  {
    key: 'otherRolls',
    group: 'roll and laps',
    title: 'Other lengths on sale',
    least: 0,
    columns: [
      { key: 'lengthM', name: 'Length', form: 'sourced', quantity: 'length' },
      { key: 'price', name: 'Price of a roll', form: 'sourced', quantity: 'price', optional: true },
    ],
    rows: (l) => (l.kind === 'fabric' || l.kind === 'sheet' ? (l.otherRolls ?? []) : undefined),
    fresh: (_, from) => ({ lengthM: { value: 25, ...written(from) } }),
    set: (l, rows) => {
      if (l.kind !== 'fabric' && l.kind !== 'sheet') return;
      if (rows.length === 0) delete l.otherRolls;
      else l.otherRolls = [...rows] as NonNullable<typeof l.otherRolls>;
    },
  },
];
