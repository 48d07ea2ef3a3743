/** The form for the years after: handing over, and visits. */
import { VISIT_WORKS } from '@lentum/core/record';
import { choices, NOTE, numbersOf, time, words } from '../fields.ts';
import type { KindForm } from '../form.ts';
import { at, NOW, opt, some } from '../making.ts';

/** The entry says it by itself; who hands over reads it before. */
const unprovenWords = (names: readonly string[]): string =>
  names.length === 0
    ? 'Everything that is looked at is proven.'
    : `Not proven, and kept with the entry: ${names.join(', ').toLowerCase()}.`;
const isVisit = (v: Record<string, unknown>): boolean => v['step'] === 'visit';

export const KEEPING: readonly KindForm[] = [
  {
    kind: 'upkeep',
    name: 'Handed over, or visited',
    says: 'The roof is handed over; or somebody looked after it later.',
    group: 'What happened',
    takes: 'zone',
    unless: (c) => (c.judged ? undefined : 'The record is still being looked through.'),
    fields: (c, v) => [
      {
        form: 'choice',
        key: 'step',
        name: 'It is',
        options: [
          { value: 'handed over', label: 'handed over' },
          { value: 'visit', label: 'a visit' },
        ],
      },
      ...(isVisit(v)
        ? [
            { form: 'ticks' as const, key: 'done', name: 'Done', options: choices(VISIT_WORKS) },
            ...(c.details.length > 0
              ? [
                  {
                    form: 'ticks' as const,
                    key: 'details',
                    name: 'Details looked at',
                    options: c.details.map((d) => ({ value: d.id, label: d.name })),
                    optional: true,
                  },
                ]
              : []),
            {
              form: 'numbers' as const,
              key: 'topUm',
              name: 'Top film, dry',
              unit: 'µm',
              optional: true,
            },
          ]
        : [
            words('to', 'Taken over by', 120),
            { form: 'says' as const, key: 'open', name: 'As it stands', says: unprovenWords(c.unproven()) },
          ]),
      time('at', 'When'),
      NOTE,
    ],
    start: (c) => ({ ...NOW(c), step: 'visit', done: ['looked at'], details: [], topUm: '' }),
    body: (v, c) =>
      isVisit(v)
        ? {
            ...{ step: 'visit', at: at(v, c), done: v['done'] ?? [], details: v['details'] ?? [] },
            topUm: numbersOf(String(v['topUm'] ?? '')) ?? [],
            ...some(v, 'note'),
          }
        : {
            ...{ step: 'handed over', at: at(v, c), to: opt(v['to']) ?? '' },
            unproven: c.unproven(),
            ...some(v, 'note'),
          },
  },
];
