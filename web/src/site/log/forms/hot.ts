/** Forms for hot works: permits, watches, charges of the kettle. */
import { batchField, measure, NOTE, time, words } from '../fields.ts';
import type { KindForm } from '../form.ts';
import { at, isHot, layer, layerField, layersOf, NOW, rowsOf, some, times } from '../making.ts';

export const HOT: readonly KindForm[] = [
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
      batchField(),
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
];
