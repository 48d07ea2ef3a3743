/** What each kind of entry asks for, and the body that what was typed makes. */
import type { BuildUp, Layer } from '@lentum/core/buildup';
import { isCoat } from '@lentum/core/buildup';
import {
  DECISIONS,
  DRY_GAUGES,
  DRY_GROUNDS,
  EVENTS,
  METHODS,
  MOISTURE_SCALES,
  OPENED_TO,
  STOCK_STEPS,
  THROWN,
  TRIAL_RESULTS,
  TRIALS,
  type BookEntryOf,
  type Kind,
} from '@lentum/core/record';
import { TEST_KINDS, testFacts, type TestKind } from '@lentum/core/survey';
import { fromShown } from '@lentum/core/units';
import { choice, choices, measure, NOTE, numbersOf, time, words, type Field, type Values } from './fields.ts';

/** Everything that forms may look at. */
export interface LogContext {
  readonly buildUp: BuildUp | undefined;
  /** Steps of the zone's preparation, in working order. */
  readonly steps: readonly { readonly key: string; readonly what: string }[];
  readonly permits: readonly BookEntryOf<'permit'>[];
  readonly watches: readonly BookEntryOf<'watch'>[];
  /** Lines of the order, to name what came. */
  readonly items: readonly { readonly key: string; readonly name: string }[];
  /** Value of a field to an instant; undefined when it is no time. */
  readonly instant: (field: unknown) => string | undefined;
  /** An instant as a field shows it, so many hours from now. */
  readonly field: (hours: number) => string;
  readonly time: (instant: string) => string;
  readonly who: string;
  readonly charge: number;
}

export type LoggedKind = Exclude<Kind, 'conditions' | 'coat' | 'ply' | 'detail' | 'remedy' | 'withdrawal'>;

export interface KindForm {
  readonly kind: LoggedKind;
  readonly name: string;
  /** In one line: when it is entered. */
  readonly says: string;
  readonly group: 'The ground' | 'Laying' | 'Proof' | 'Hot works' | 'What happened' | 'Store';
  readonly takes: 'bays' | 'zone' | 'job';
  /** Why it cannot be entered here; absent: it can. */
  readonly unless?: (c: LogContext) => string | undefined;
  readonly fields: (c: LogContext, values: Values) => readonly Field[];
  readonly start: (c: LogContext) => Values;
  readonly body: (values: Values, c: LogContext) => unknown;
}

const layersOf = (c: LogContext, fits: (l: Layer) => boolean) =>
  (c.buildUp?.layers ?? []).filter(fits).map((l) => ({ value: l.id, label: l.name }));
const layerField = (c: LogContext, fits: (l: Layer) => boolean, optional = false): Field => ({
  form: 'choice',
  key: 'layerId',
  name: 'Layer',
  options: layersOf(c, fits),
  optional,
});
const layer = (values: Values, c: LogContext) => ({
  buildUpId: c.buildUp?.id ?? '',
  revision: c.buildUp?.revision ?? 0,
  layerId: values['layerId'] ?? '',
});
const opt = (v: unknown): unknown => (v === '' || v === undefined || v === null ? undefined : v);
/** The named fields as they are, without those left empty. */
const some = (values: Values, ...keys: string[]): Values =>
  Object.fromEntries(keys.map((k) => [k, opt(values[k])]).filter(([, v]) => v !== undefined));
const at = (values: Values, c: LogContext, key = 'at') => c.instant(values[key]);
const times = (values: Values, c: LogContext, ...keys: string[]): Values =>
  Object.fromEntries(keys.flatMap((k) => (opt(values[k]) === undefined ? [] : [[k, at(values, c, k)]])));
const rowsOf = (values: Values, key: string): Values[] => (values[key] as Values[] | undefined) ?? [];
const NOW = (c: LogContext): Values => ({ at: c.field(0) });
const SPRAY: Field[] = [
  words('tip', 'Tip', 40, true, 'as printed on it'),
  measure('pressureBar', 'Pressure', 'pressure', { optional: true, above: 0, max: 3000 }),
];
const isHot = (l: Layer): boolean => isCoat(l) && l.kettle !== undefined;

/** Teeth as a person reads them off the gauge, to mm. */
const teethMm = (values: Values): number[] | undefined =>
  numbersOf(String(values['teeth'] ?? ''))?.map((n) =>
    values['marked'] === 'mil' ? Number(fromShown(n, 'film', 'us').toFixed(6)) : n,
  );

export const KIND_FORMS: readonly KindForm[] = [
  {
    kind: 'preparation',
    name: 'Preparation step',
    says: 'Washed, ground, repaired, drying: how, with what, from when.',
    group: 'The ground',
    takes: 'zone',
    fields: (c) => [
      {
        form: 'ticks',
        key: 'steps',
        name: 'Steps done',
        options: c.steps.map((s) => ({ value: s.key, label: s.what })),
        optional: true,
      },
      { form: 'flag', key: 'complete', name: 'Nothing is left to do: ready for the next layer' },
      time('startedAt', 'Started', true),
      time('at', 'Finished'),
      words('method', 'Method', 120, true, 'high pressure, turning nozzle'),
      ...SPRAY,
      words('product', 'Product', 120, true),
      measure('waterParts', 'Parts of water to one', 'number', { optional: true, max: 1000 }),
      measure('litres', 'Used', 'volume', { optional: true }),
      measure('dwellMin', 'Left to stand', 'minutes', { optional: true }),
      time('dryingFrom', 'Drying from', true),
      NOTE,
    ],
    start: (c) => ({ ...NOW(c), steps: [], complete: false }),
    body: (v, c) => ({
      at: at(v, c),
      ...times(v, c, 'startedAt', 'dryingFrom'),
      steps: v['steps'] ?? [],
      complete: v['complete'] === true,
      ...some(v, 'method', 'tip', 'pressureBar', 'product', 'waterParts', 'litres', 'dwellMin', 'note'),
    }),
  },
  {
    kind: 'test',
    name: 'Test',
    says: 'Moisture, profile, strength, pull-off, tack …',
    group: 'The ground',
    takes: 'zone',
    fields: (_c, v) => {
      const facts = testFacts((v['test'] ?? 'moisture') as TestKind);
      return [
        {
          form: 'choice',
          key: 'test',
          name: 'Test',
          options: TEST_KINDS.map((value) => ({ value, label: testFacts(value).name })),
        },
        facts.form === 'number'
          ? measure('number', 'Value', facts.quantity, { min: facts.least, max: facts.most })
          : choice('answer', 'Result', facts.answers),
        {
          ...choice('scale', 'Scale', MOISTURE_SCALES),
          when: (x: Values) => x['test'] === 'moisture',
        },
        words('instrument', 'Instrument', 120, true, facts.instrument),
        time('at', 'Read'),
        {
          form: 'flag',
          key: 'unprimed',
          name: 'Laid without a primer',
          when: (x: Values) => x['test'] === 'pull-off' || x['test'] === 'strip-pull',
        },
        NOTE,
      ];
    },
    start: (c) => ({ ...NOW(c), test: 'moisture', scale: MOISTURE_SCALES[0] }),
    body: (v, c) => {
      const test = v['test'] as TestKind;
      const facts = testFacts(test);
      return {
        at: at(v, c),
        test,
        instrument: opt(v['instrument']) ?? facts.instrument,
        value: facts.form === 'number' ? v['number'] : v['answer'],
        ...(test === 'moisture' ? some(v, 'scale') : {}),
        unprimed: v['unprimed'] === true,
        ...some(v, 'note'),
      };
    },
  },
  {
    kind: 'trial',
    name: 'Trial patch',
    says: 'Spray, thickener, adhesion, fill rate or colour, tried on a small area.',
    group: 'The ground',
    takes: 'zone',
    fields: (c) => [
      choice('about', 'What is tried', TRIALS),
      layerField(c, isCoat, true),
      time('at', 'Laid'),
      time('judgedAt', 'Looked at', true),
      choice('result', 'Result', TRIAL_RESULTS, true),
      words('decidedBy', 'Decided by', 80, true),
      measure('areaM2', 'Area', 'area', { optional: true, above: 0 }),
      measure('litres', 'Used', 'volumeFine', { optional: true }),
      measure('thickenerPct', 'Thickener', 'percent', { optional: true, max: 60 }),
      words('shade', 'Shade', 60, true),
      ...SPRAY,
      NOTE,
    ],
    start: (c) => ({ ...NOW(c), about: TRIALS[0] }),
    body: (v, c) => ({
      at: at(v, c),
      ...times(v, c, 'judgedAt'),
      about: v['about'],
      ...some(v, 'layerId', 'result', 'decidedBy', 'areaM2', 'litres', 'thickenerPct', 'shade'),
      ...some(v, 'tip', 'pressureBar', 'note'),
    }),
  },
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
            words('batch', 'Batch', 60, true),
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
        columns: [
          words('name', 'Part', 120),
          measure('kg', 'Mass', 'massFine', { above: 0 }),
          words('batch', 'Batch', 60, true),
        ],
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
  {
    kind: 'permit',
    name: 'Permit for hot works',
    says: 'Opened before any flame, closed after the watch.',
    group: 'Hot works',
    takes: 'zone',
    fields: (c, v) => [
      {
        form: 'choice',
        key: 'step',
        name: 'Permit',
        options: [
          { value: 'opened', label: 'opened' },
          ...(c.permits.length > 0 ? [{ value: 'closed', label: 'closed' }] : []),
        ],
      },
      ...(v['step'] === 'closed'
        ? [
            {
              form: 'choice' as const,
              key: 'permitId',
              name: 'Which one',
              options: c.permits.flatMap((p) =>
                p.body.step === 'opened'
                  ? [
                      {
                        value: p.id,
                        label: `${p.body.number}, ${p.body.work}, until ${c.time(p.body.until)}`,
                      },
                    ]
                  : [],
              ),
            },
            time('at', 'Closed'),
            words('closedBy', 'Closed by', 80),
          ]
        : [
            words('number', 'Number', 60),
            words('work', 'Work', 200),
            words('issuedBy', 'Issued by', 80),
            time('at', 'Opened'),
            time('until', 'Until'),
          ]),
      NOTE,
    ],
    start: (c) => ({
      ...{ ...NOW(c), step: 'opened', until: c.field(8), closedBy: c.who },
      permitId: c.permits.at(-1)?.id,
    }),
    body: (v, c) =>
      v['step'] === 'closed'
        ? {
            step: 'closed',
            at: at(v, c),
            permitId: v['permitId'],
            closedBy: v['closedBy'],
            ...some(v, 'note'),
          }
        : {
            ...{ step: 'opened', at: at(v, c), number: v['number'] ?? '', issuedBy: v['issuedBy'] ?? '' },
            ...{ work: v['work'] ?? '', until: at(v, c, 'until') },
            ...some(v, 'note'),
          },
  },
  {
    kind: 'watch',
    name: 'Fire watch',
    says: 'From the last flame on, by somebody named, with an extinguisher.',
    group: 'Hot works',
    takes: 'zone',
    fields: (c, v) => [
      {
        form: 'choice',
        key: 'step',
        name: 'Watch',
        options: [
          { value: 'opened', label: 'begun' },
          ...(c.watches.length > 0 ? [{ value: 'closed', label: 'ended' }] : []),
        ],
      },
      ...(v['step'] === 'closed'
        ? [
            {
              form: 'choice' as const,
              key: 'watchId',
              name: 'Which one',
              options: c.watches.flatMap((w) =>
                w.body.step === 'opened'
                  ? [{ value: w.id, label: `${w.body.watcher}, until ${c.time(w.body.until)}` }]
                  : [],
              ),
            },
            time('at', 'Ended'),
            { form: 'flag' as const, key: 'nothingFound', name: 'Looked everywhere, nothing found' },
          ]
        : [
            words('watcher', 'Who watches', 80),
            time('at', 'Last flame out'),
            time('until', 'Until'),
            { form: 'flag' as const, key: 'extinguisher', name: 'Extinguisher at hand' },
          ]),
      NOTE,
    ],
    start: (c) => ({
      ...{ ...NOW(c), step: 'opened', until: c.field(1), watcher: c.who },
      watchId: c.watches.at(-1)?.id,
    }),
    body: (v, c) => {
      const permitId = c.permits.at(-1)?.id;
      return v['step'] === 'closed'
        ? {
            ...{ step: 'closed', at: at(v, c), watchId: v['watchId'] },
            nothingFound: v['nothingFound'] === true,
            ...some(v, 'note'),
          }
        : {
            ...{ step: 'opened', at: at(v, c), watcher: v['watcher'] ?? '', until: at(v, c, 'until') },
            extinguisher: v['extinguisher'] === true,
            ...(permitId === undefined ? {} : { permitId }),
            ...some(v, 'note'),
          };
    },
  },
  {
    kind: 'melt',
    name: 'Kettle charge',
    says: 'Blocks, temperatures over time, drawn and left.',
    group: 'Hot works',
    takes: 'zone',
    unless: (c) =>
      layersOf(c, isHot).length > 0 ? undefined : 'The build-up of this zone is not melted in a kettle.',
    fields: (c) => [
      layerField(c, isHot),
      measure('charge', 'Charge of the day', 'count', { min: 1, max: 100 }),
      time('litAt', 'Burner lit'),
      time('offAt', 'Burner off', true),
      measure('blocks', 'Blocks put in', 'count', { max: 1000 }),
      measure('chargedKg', 'In the kettle', 'mass', { above: 0 }),
      {
        form: 'rows',
        key: 'temperatures',
        name: 'Temperature',
        add: 'Another reading',
        columns: [
          time('at', 'When'),
          measure('kettleC', 'Kettle', 'temperature', { min: -40, max: 300 }),
          measure('layingC', 'Where laid', 'temperature', { min: -40, max: 300, optional: true }),
        ],
      },
      measure('drawnKg', 'Drawn', 'mass'),
      measure('leftKg', 'Left in it', 'mass'),
      words('batch', 'Batch', 60, true),
      NOTE,
    ],
    start: (c) => ({
      ...{ layerId: layersOf(c, isHot)[0]?.value, charge: c.charge, litAt: c.field(-2) },
      ...{ temperatures: [{ at: c.field(0) }], leftKg: 0 },
    }),
    body: (v, c) => ({
      ...layer(v, c),
      charge: v['charge'],
      litAt: at(v, c, 'litAt'),
      ...times(v, c, 'offAt'),
      ...{ blocks: v['blocks'] ?? 0, chargedKg: v['chargedKg'] },
      temperatures: rowsOf(v, 'temperatures').map((t) => ({
        at: c.instant(t['at']),
        kettleC: t['kettleC'],
        ...some(t, 'layingC'),
      })),
      ...{ drawnKg: v['drawnKg'] ?? 0, leftKg: v['leftKg'] ?? 0, batch: v['batch'] ?? '' },
      ...some(v, 'note'),
    }),
  },
  {
    kind: 'event',
    name: 'Event',
    says: 'Rain on it, shoes, traffic, a spill, damage, a stop of work.',
    group: 'What happened',
    takes: 'zone',
    fields: () => [
      choice('what', 'What', EVENTS),
      time('at', 'When'),
      time('until', 'Until', true),
      {
        ...measure('rainMm', 'Rain', 'rain', { optional: true, max: 500 }),
        when: (v) => v['what'] === 'rain',
      },
      NOTE,
    ],
    start: (c) => ({ ...NOW(c), what: EVENTS[0] }),
    body: (v, c) => ({
      at: at(v, c),
      what: v['what'],
      ...times(v, c, 'until'),
      ...(v['what'] === 'rain' ? some(v, 'rainMm') : {}),
      ...some(v, 'note'),
    }),
  },
  {
    kind: 'opening',
    name: 'Opened or closed',
    says: 'To rain, to feet, to wheels.',
    group: 'What happened',
    takes: 'zone',
    fields: () => [
      choice('step', 'It is', ['opened', 'closed']),
      choice('to', 'To', OPENED_TO),
      time('at', 'When'),
      NOTE,
    ],
    start: (c) => ({ ...NOW(c), step: 'opened', to: 'feet' }),
    body: (v, c) => ({ at: at(v, c), ...some(v, 'to', 'step', 'note') }),
  },
  {
    kind: 'decision',
    name: 'Decision',
    says: 'Hold, release, acceptance, refusal, a gate taken over: by whom, and why.',
    group: 'What happened',
    takes: 'zone',
    fields: () => [
      choice('what', 'What is decided', DECISIONS),
      time('at', 'When'),
      {
        ...words('gate', 'Which gate', 60, false, 'such as moisture of the ground'),
        when: (v) => v['what'] === 'gate taken over',
      },
      { form: 'words', key: 'reason', name: 'Reason', most: 2000, long: true },
    ],
    start: (c) => ({ ...NOW(c), what: DECISIONS[0] }),
    body: (v, c) => ({
      at: at(v, c),
      what: v['what'],
      ...(v['what'] === 'gate taken over' && opt(v['gate']) !== undefined
        ? { about: { gate: v['gate'] } }
        : {}),
      reason: v['reason'] ?? '',
    }),
  },
  {
    kind: 'stock',
    name: 'Delivery and stock',
    says: 'What came, batch and date; opened, left over, used up, thrown away.',
    group: 'Store',
    takes: 'job',
    fields: (c) => [
      choice('step', 'What', STOCK_STEPS),
      {
        form: 'choice',
        key: 'item',
        name: 'Product',
        options: c.items.map((i) => ({ value: i.key, label: i.name })),
      },
      measure('count', 'Pieces', 'count', { optional: true }),
      measure('amount', 'Amount', 'number', { optional: true }),
      {
        ...choice('unit', 'Unit of the amount', ['kg', 'L', 'm²', 'm', 'pieces'], true),
        when: (v) => v['amount'] !== undefined,
      },
      words('batch', 'Batch', 60, true),
      { form: 'date', key: 'bestBefore', name: 'Best before', optional: true },
      words('paper', 'Delivery note', 80, true),
      time('at', 'When'),
      NOTE,
    ],
    start: (c) => ({ ...NOW(c), step: STOCK_STEPS[0], item: c.items[0]?.key }),
    body: (v, c) => ({
      at: at(v, c),
      step: v['step'],
      item: v['item'] ?? '',
      name: c.items.find((i) => i.key === v['item'])?.name ?? '',
      ...some(v, 'count', 'amount', 'bestBefore', 'paper', 'note'),
      ...(v['amount'] === undefined ? {} : some(v, 'unit')),
      batch: v['batch'] ?? '',
    }),
  },
];

/** How a coat may be put down, for the form of coats. */
export const METHOD_OPTIONS = choices(METHODS);
