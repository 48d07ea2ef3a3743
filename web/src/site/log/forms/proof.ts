/** Forms for proving it: dry film, and gauges of one’s own. */
import { isCoat } from '@lentum/core/buildup';
import { DRY_GAUGES, DRY_GROUNDS } from '@lentum/core/record';
import { fromShown } from '@lentum/core/units';
import { choice, measure, NOTE, numbersOf, time, words, type Values } from '../fields.ts';
import type { KindForm } from '../form.ts';
import { at, layerField, NOW, opt, rowsOf, some } from '../making.ts';

/** Teeth as a person reads them off the gauge, to mm. */
const teethMm = (values: Values): number[] | undefined =>
  numbersOf(String(values['teeth'] ?? ''))?.map((n) =>
    values['marked'] === 'mil' ? Number(fromShown(n, 'film', 'us').toFixed(6)) : n,
  );

export const PROOF: readonly KindForm[] = [
  {
    kind: 'dry film',
    name: 'Dry film',
    says: 'Readings of what is there, before or after a coat, with the gauge checked.',
    group: 'Proof',
    takes: 'zone',
    fields: (c) => [
      choice('when', 'When', ['before', 'after']),
      layerField(c, isCoat, true),
      choice('gauge', 'Gauge', DRY_GAUGES),
      choice('ground', 'On', DRY_GROUNDS),
      words('instrument', 'Instrument', 120, true),
      time('at', 'Read'),
      measure('zeroMm', 'Read on zero', 'film', { optional: true, min: -0.5, max: 5 }),
      {
        form: 'rows',
        key: 'shims',
        name: 'Shim',
        add: 'Another shim',
        columns: [
          measure('nominalMm', 'Marked', 'film', { above: 0, max: 20 }),
          measure('readMm', 'Read', 'film', { max: 20 }),
        ],
      },
      { form: 'numbers', key: 'readings', name: 'Readings', unit: 'µm' },
      NOTE,
    ],
    start: (c) => ({
      ...NOW(c),
      ...{ when: 'after', gauge: DRY_GAUGES[0], ground: DRY_GROUNDS[0], shims: [], readings: '' },
    }),
    body: (v, c) => ({
      at: at(v, c),
      ...some(v, 'layerId', 'gauge', 'ground', 'when', 'note'),
      instrument: opt(v['instrument']) ?? 'dry-film gauge',
      ...(v['zeroMm'] === undefined ? {} : { zeroUm: (v['zeroMm'] as number) * 1000 }),
      shims: rowsOf(v, 'shims').map((s) => ({
        nominalUm: ((s['nominalMm'] as number | undefined) ?? 0) * 1000,
        readUm: ((s['readMm'] as number | undefined) ?? 0) * 1000,
      })),
      readingsUm: numbersOf(String(v['readings'] ?? '')) ?? [],
    }),
  },
  {
    kind: 'gauge',
    name: 'Gauge of one’s own',
    says: 'A wet-film gauge that is not in the list: its teeth, in mm or mils.',
    group: 'Proof',
    takes: 'job',
    fields: (_c, v) => [
      words('name', 'Name', 80),
      choice('marked', 'Marked in', ['mm', 'mil']),
      { form: 'numbers', key: 'teeth', name: 'Teeth, rising', unit: String(v['marked'] ?? 'mm') },
    ],
    start: () => ({ marked: 'mm', teeth: '' }),
    body: (v) => ({ name: v['name'] ?? '', marked: v['marked'], teethMm: teethMm(v) ?? [] }),
  },
];
