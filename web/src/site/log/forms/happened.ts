/** Forms for what happened, what it may carry, and what was decided. */
import { DECISIONS, EVENTS, OPENED_TO } from '@lentum/core/record';
import { choice, measure, NOTE, time } from '../fields.ts';
import type { KindForm } from '../form.ts';
import { at, NOW, some, times } from '../making.ts';

/** A gate is taken over at the gate itself. */
const SAID = DECISIONS.filter((d) => d !== 'gate taken over');

export const HAPPENED: readonly KindForm[] = [
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
    says: 'To rain, foot traffic, wheels, water, backfill or tiles.',
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
    says: 'Hold, release, acceptance, refusal: by whom, and why. A gate is taken over where it stands.',
    group: 'What happened',
    takes: 'zone',
    fields: () => [
      choice('what', 'What is decided', SAID),
      time('at', 'When'),
      { form: 'words', key: 'reason', name: 'Reason', most: 2000, long: true },
    ],
    start: (c) => ({ ...NOW(c), what: SAID[0] }),
    body: (v, c) => ({
      at: at(v, c),
      what: v['what'],
      reason: v['reason'] ?? '',
    }),
  },
];
