import { z } from 'zod';
import { isStandIn } from '@lentum/core/sources';
import { notFound, unprocessable } from '../http/errors.ts';
import { route, type Context } from '../http/routes.ts';
import { readSources, type KeptSource } from '../sources/store.ts';
import { INSTRUMENTS, instrumentSchema, readingAnswer, readingRequest } from './instruments.ts';

const meters = async ({ pool }: Context): Promise<KeptSource[]> =>
  (await readSources(pool)).filter((s) => s.body.kind === 'meter');

const onlyOne = (places: number): Error =>
  unprocessable([
    {
      kind: 'outOfRange',
      field: 'places',
      label: 'The request, places',
      actual: String(places),
      expected: 'one: this meter reads where it is set down',
    },
  ]);

export const instrumentRoutes = [
  route({
    method: 'get',
    path: '/instruments',
    access: 'use instruments',
    tag: 'Instruments',
    summary: 'Instruments that can be read, simulated ones marked so, and meters that answer over HTTP',
    answer: z.array(instrumentSchema),
    run: async ({ context }) => [
      ...INSTRUMENTS.map(({ read: _read, ...facts }) => facts),
      ...(await meters(context)).map(({ id, body }) => ({
        ...{ id, name: body.name, measures: 'moisture' as const, unit: '%' },
        ...{ simulated: isStandIn(body.address), onePlace: true },
      })),
    ],
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
    statuses: { 502: 'The meter did not answer, or with no number' },
    run: async ({ params, body, context }) => {
      const id = params['instrumentId'] ?? '';
      const instrument = INSTRUMENTS.find((i) => i.id === id);
      const now = context.now();
      if (!instrument) {
        const meter = (await meters(context)).find((m) => m.id === id);
        if (!meter) throw notFound('Instrument', id);
        const [at, ...others] = body.places;
        if (!at || others.length > 0) throw onlyOne(body.places.length);
        const { at: takenAt, value } = await context.asker.meter(context.pool, meter, now);
        return { instrument: meter.body.name, takenAt, readings: [{ at, value }] };
      }
      const values = instrument.read(body.target, body.places, now);
      return {
        instrument: instrument.name,
        takenAt: now.toISOString(),
        readings: body.places.map((at, i) => ({ at, value: values[i] ?? 0 })),
      };
    },
  }),
];
