/** The form for deliveries and stock. */
import { STOCK_STEPS } from '@lentum/core/record';
import { batchField, choice, measure, NOTE, time, words } from '../fields.ts';
import type { KindForm } from '../form.ts';
import { at, NOW, some } from '../making.ts';

export const STORE: readonly KindForm[] = [
  {
    kind: 'stock',
    name: 'Delivery and stock',
    says: 'What came, batch and date; opened, left over, used up, thrown away.',
    group: 'Store',
    takes: 'job',
    unless: (c) =>
      c.items.length > 0
        ? undefined
        : c.counted
          ? 'The order has no line yet.'
          : 'The order is still being counted.',
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
      batchField('bestBefore'),
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
