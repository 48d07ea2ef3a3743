import { z } from 'zod';
import { notFound } from '../http/errors.ts';
import { route } from '../http/routes.ts';
import { INSTRUMENTS, instrumentSchema, readingAnswer, readingRequest } from './instruments.ts';

export const instrumentRoutes = [
  route({
    method: 'get',
    path: '/instruments',
    access: 'use instruments',
    tag: 'Instruments',
    summary: 'Instruments that can be read, simulated ones marked so',
    answer: z.array(instrumentSchema),
    run: () => Promise.resolve(INSTRUMENTS.map(({ read: _read, ...facts }) => facts)),
  }),
  route({
    method: 'post',
    path: '/instruments/{instrumentId}/readings',
    access: 'use instruments',
    tag: 'Instruments',
    summary: 'Read an instrument at some places of a target',
    body: readingRequest,
    bodyName: 'The request',
    answer: readingAnswer,
    run: ({ params, body, context }) => {
      const id = params['instrumentId'] ?? '';
      const instrument = INSTRUMENTS.find((i) => i.id === id);
      if (!instrument) throw notFound('Instrument', id);
      const now = context.now();
      const values = instrument.read(body.target, body.places, now);
      return Promise.resolve({
        instrument: instrument.name,
        takenAt: now.toISOString(),
        readings: body.places.map((at, i) => ({ at, value: values[i] ?? 0 })),
      });
    },
  }),
];
