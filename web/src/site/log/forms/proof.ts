/** Forms for proving it: dry film, flood and leak tests, snags, and gauges of one’s own. */
import { isCoat } from '@lentum/core/buildup';
import { DRY_GAUGES, DRY_GROUNDS, FLOOD_BELOW, LEAK_TESTS } from '@lentum/core/record';
import { fromShown } from '@lentum/core/units';
import { choice, measure, NOTE, numbersOf, time, words, type Values } from '../fields.ts';
import type { KindForm } from '../form.ts';
import { at, layerField, NOW, opt, rowsOf, some } from '../making.ts';

/** Teeth as a person reads them off the gauge, to mm. */
const teethMm = (values: Values): number[] | undefined =>
  numbersOf(String(values['teeth'] ?? ''))?.map((n) =>
    values['marked'] === 'mil' ? Number(fromShown(n, 'film', 'us').toFixed(6)) : n,
  );

const SNAG_STEPS = [
  { value: 'done', label: 'done' },
  { value: 'accepted', label: 'accepted' },
  { value: 'refused', label: 'not accepted' },
];

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
      { form: 'numbers', key: 'readings', name: 'Readings', unit: 'µm', fromGauge: true },
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
    kind: 'flood',
    name: 'Flood test',
    says: 'Filled, read at a fixed mark, let out: with a pan beside it, the air is taken out by what the pan loses.',
    group: 'Proof',
    takes: 'zone',
    fields: (c, v) => [
      {
        form: 'choice',
        key: 'step',
        name: 'What was done',
        options: [
          { value: 'filled', label: 'filled' },
          ...(c.floods.length > 0
            ? [
                { value: 'read', label: 'read' },
                { value: 'emptied', label: 'let out' },
              ]
            : []),
        ],
      },
      ...(v['step'] === 'filled'
        ? [
            measure('deepestMm', 'Water at its deepest', 'gap', { above: 0, max: 1000 }),
            measure('plugged', 'Outlets plugged', 'count', { max: 500 }),
            measure('hours', 'To stand', 'hours', { min: 1, max: 336 }),
          ]
        : [
            {
              form: 'choice' as const,
              key: 'floodId',
              name: 'Which one',
              options: c.floods.map((f) => ({ value: f.id, label: `filled ${c.time(f.body.at)}` })),
            },
          ]),
      measure('levelMm', 'Level above the mark', 'gap', {
        ...{ min: -100, max: 500, digits: 1 },
        optional: v['step'] === 'emptied',
      }),
      measure('panMm', 'Level in the pan', 'gap', { optional: true, min: -100, max: 500, digits: 1 }),
      ...(v['step'] === 'filled'
        ? []
        : [measure('rainMm', 'Rain since the reading before', 'rain', { optional: true, max: 500 })]),
      ...(v['step'] === 'read'
        ? [
            measure('toppedUpToMm', 'Topped up to', 'gap', {
              optional: true,
              min: -100,
              max: 500,
              digits: 1,
            }),
            measure('waterC', 'Water', 'temperature', { optional: true, min: -40, max: 300 }),
          ]
        : []),
      ...(v['step'] === 'emptied'
        ? [
            measure('unplugged', 'Plugs taken out', 'count', { max: 500 }),
            choice('below', 'Below it is', FLOOD_BELOW),
          ]
        : []),
      time('at', 'When'),
      NOTE,
    ],
    start: (c) => ({
      ...{ ...NOW(c), step: c.floods.length > 0 ? 'read' : 'filled', floodId: c.floods.at(-1)?.id },
      ...{ hours: 48, below: FLOOD_BELOW[2] },
    }),
    body: (v, c) => {
      const readings = some(v, 'levelMm', 'panMm');
      if (v['step'] === 'filled')
        return {
          ...{ step: 'filled', at: at(v, c), plugged: v['plugged'] ?? 0 },
          ...some(v, 'deepestMm', 'hours', 'note'),
          ...readings,
        };
      const since = { at: at(v, c), floodId: v['floodId'] ?? '', ...readings, ...some(v, 'rainMm', 'note') };
      return v['step'] === 'read'
        ? { step: 'read', ...since, ...some(v, 'toppedUpToMm', 'waterC') }
        : { step: 'emptied', ...since, unplugged: v['unplugged'] ?? 0, below: v['below'] };
    },
  },
  {
    kind: 'leak test',
    name: 'Leak test by detector',
    says: 'A pass over bays: what it found, one a line; nothing, where it found nothing.',
    group: 'Proof',
    takes: 'zone',
    fields: () => [
      choice('method', 'How', LEAK_TESTS),
      words('instrument', 'Instrument', 120, true),
      measure('volts', 'Voltage, V', 'count', { optional: true, above: 0, max: 60000 }),
      {
        form: 'words',
        key: 'finds',
        name: 'Found at',
        most: 4000,
        long: true,
        optional: true,
        hint: 'one a line',
      },
      time('at', 'When'),
      NOTE,
    ],
    start: (c) => ({ ...NOW(c), method: LEAK_TESTS[0], finds: '' }),
    body: (v, c) => ({
      ...{ at: at(v, c), method: v['method'], instrument: opt(v['instrument']) ?? 'detector' },
      ...some(v, 'volts', 'note'),
      finds: String(v['finds'] ?? '')
        .split('\n')
        .map((s) => s.trim())
        .filter((s) => s !== ''),
    }),
  },
  {
    kind: 'snag',
    name: 'Snag',
    says: 'Something to put right: found, done, accepted.',
    group: 'Proof',
    takes: 'zone',
    pinned: true,
    fields: (c, v) => [
      {
        form: 'choice',
        key: 'step',
        name: 'It is',
        options: [{ value: 'found', label: 'found' }, ...(c.snags.length > 0 ? SNAG_STEPS : [])],
      },
      ...(v['step'] === 'found'
        ? [
            { form: 'words' as const, key: 'what', name: 'What', most: 400, long: true },
            words('forWhom', 'Who puts it right', 80, true),
            { form: 'date' as const, key: 'by', name: 'By', optional: true },
          ]
        : [
            {
              form: 'choice' as const,
              key: 'snagId',
              name: 'Which one',
              options: c.snags.map((s) => ({ value: s.id, label: s.what })),
            },
          ]),
      time('at', 'When'),
      ...(v['step'] === 'found' ? [] : [NOTE]),
    ],
    start: (c) => ({ ...NOW(c), step: 'found', snagId: c.snags.at(-1)?.id }),
    body: (v, c) =>
      v['step'] === 'found'
        ? { step: 'found', at: at(v, c), what: v['what'] ?? '', ...some(v, 'forWhom', 'by') }
        : { step: v['step'], at: at(v, c), snagId: v['snagId'] ?? '', ...some(v, 'note') },
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
