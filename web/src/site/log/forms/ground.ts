/** Forms for the ground: preparation, tests, trial patches. */
import { isCoat } from '@lentum/core/buildup';
import { BROKE_AT, isPulled, TRIAL_RESULTS, TRIALS } from '@lentum/core/record';
import { MOISTURE_SCALES, TEST_KINDS, testFacts, type TestKind } from '@lentum/core/survey';
import { choice, measure, NOTE, time, words, type Values } from '../fields.ts';
import type { KindForm } from '../form.ts';
import { at, layerField, NOW, opt, some, SPRAY, times } from '../making.ts';

export const GROUND: readonly KindForm[] = [
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
    pinned: true,
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
        {
          ...choice('brokeAt', 'Parted', BROKE_AT, true),
          when: (x: Values) => isPulled(x['test']),
        },
        {
          ...measure('brokePct', 'On so much of its face', 'percent', { above: 0, max: 100, optional: true }),
          when: (x: Values) => isPulled(x['test']) && x['brokeAt'] !== undefined,
        },
        words('instrument', 'Instrument', 120, true, facts.instrument),
        time('at', 'Read'),
        {
          form: 'flag',
          key: 'unprimed',
          name: 'Laid without a primer',
          when: (x: Values) => isPulled(x['test']),
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
        ...(isPulled(test) ? some(v, 'brokeAt', 'brokePct') : {}),
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
];
