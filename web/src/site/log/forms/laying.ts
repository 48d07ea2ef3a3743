/** Forms for laying: aggregate and mixes; coats and sheets have forms of their own. */
import { isCoat } from '@lentum/core/buildup';
import { THROWN } from '@lentum/core/record';
import { batchField, choice, measure, NOTE, time, words } from '../fields.ts';
import type { KindForm } from '../form.ts';
import { at, layer, layerField, layersOf, NOW, rowsOf, some, times } from '../making.ts';

export const LAYING: readonly KindForm[] = [
  {
    kind: 'broadcast',
    name: 'Aggregate',
    says: 'Thrown into the wet coat; later what was swept off and went back into stock.',
    group: 'Laying',
    takes: 'bays',
    unless: (c) =>
      layersOf(c, (l) => l.kind === 'broadcast').length > 0
        ? undefined
        : 'The build-up of this zone has no aggregate.',
    fields: (c, v) => [
      {
        form: 'choice',
        key: 'step',
        name: 'What was done',
        options: [
          { value: 'thrown', label: 'thrown' },
          { value: 'swept', label: 'swept off' },
        ],
      },
      layerField(c, (l) => l.kind === 'broadcast'),
      time('at', 'When'),
      ...(v['step'] === 'swept'
        ? [measure('sweptKg', 'Swept off', 'mass'), measure('backKg', 'Of that back into stock', 'mass')]
        : [
            choice('method', 'How', THROWN),
            measure('bags', 'Bags opened', 'count', { max: 10000 }),
            measure('thrownKg', 'Thrown', 'mass', { above: 0 }),
            batchField(),
          ]),
      NOTE,
    ],
    start: (c) => ({
      ...NOW(c),
      step: 'thrown',
      method: THROWN[2],
      layerId: layersOf(c, (l) => l.kind === 'broadcast')[0]?.value,
    }),
    body: (v, c) =>
      v['step'] === 'swept'
        ? {
            step: 'swept',
            ...layer(v, c),
            at: at(v, c),
            sweptKg: v['sweptKg'],
            backKg: v['backKg'] ?? 0,
            ...some(v, 'note'),
          }
        : {
            ...{ step: 'thrown', ...layer(v, c), at: at(v, c), method: v['method'] },
            ...{ bags: v['bags'] ?? 0, thrownKg: v['thrownKg'], batch: v['batch'] ?? '' },
            ...some(v, 'note'),
          },
  },
  {
    kind: 'mix',
    name: 'Mix',
    says: 'What went into the pail, at which temperature, and when it was down.',
    group: 'Laying',
    takes: 'zone',
    unless: (c) =>
      layersOf(c, (l) => isCoat(l) && !l.kettle).length > 0 ? undefined : 'Nothing is mixed on this zone.',
    fields: (c) => [
      layerField(c, (l) => isCoat(l) && !l.kettle),
      time('at', 'Mixed'),
      {
        form: 'rows',
        key: 'parts',
        name: 'Part',
        add: 'Another part',
        columns: [words('name', 'Part', 120), measure('kg', 'Mass', 'massFine', { above: 0 }), batchField()],
      },
      measure('catalystPct', 'Catalyst', 'percent', { optional: true, max: 20 }),
      measure('resinC', 'Resin', 'temperature', { optional: true, min: -40, max: 300 }),
      measure('surfaceC', 'Surface', 'temperature', { optional: true, min: -40, max: 90 }),
      measure('airC', 'Air', 'temperature', { optional: true, min: -40, max: 60 }),
      measure('stirredMin', 'Stirred', 'minutes', { optional: true, max: 60 }),
      time('placedAt', 'Last of it down', true),
      NOTE,
    ],
    start: (c) => ({ ...NOW(c), parts: [{}], layerId: layersOf(c, (l) => isCoat(l) && !l.kettle)[0]?.value }),
    body: (v, c) => ({
      ...layer(v, c),
      at: at(v, c),
      parts: rowsOf(v, 'parts').map((p) => ({
        name: p['name'] ?? '',
        kg: p['kg'],
        batch: p['batch'] ?? '',
      })),
      ...some(v, 'catalystPct', 'resinC', 'surfaceC', 'airC', 'stirredMin', 'note'),
      ...times(v, c, 'placedAt'),
    }),
  },
];
