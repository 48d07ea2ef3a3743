import { DEFAULT_ORDER, takeoff } from '@lentum/core/order';
import { bayStatus, chainProblem, EMPTY_BOOK, foldRecord } from '@lentum/core/record';
import { splitZone } from '@lentum/core/site';
import { catalogue, isCoat } from '@lentum/core/buildup';
import { largeJob } from './manyentries.ts';
import { timed, type Row } from './table.ts';

const FOLD_AIM_MS = 100;

export function benchCore(): Row[] {
  const job = largeJob(10_000);
  const fold = timed(() => foldRecord(EMPTY_BOOK, job.record));
  const one = timed(() => job.record.slice(0, 1000).reduce((b, e) => foldRecord(b, [e]), EMPTY_BOOK), 3);
  const book = foldRecord(EMPTY_BOOK, job.record.slice(0, 100));
  const now = Date.parse(job.record[99]?.receivedAt ?? '');
  const states = timed(() => job.site.bays.map((b) => bayStatus(b, job.buildUp, book, now)));
  const chain = timed(() => chainProblem(job.record), 3);
  const order = timed(() => takeoff(job.survey, job.buildUp, DEFAULT_ORDER));
  const coat = catalogue()[0]?.layers.filter(isCoat)[1];
  const hall = job.survey.zones[0];
  const split = timed(
    () => coat && hall && splitZone(hall, coat, { kind: 'container', containerId: 'pail-5' }, () => 'x'),
  );
  const ms = (v: number): string => `${v.toFixed(1)} ms`;
  return [
    {
      what: 'fold 10,000 entries into the site state',
      measured: ms(fold),
      aim: '< 100 ms',
      held: fold < FOLD_AIM_MS,
    },
    { what: '  reference: 1,000 entries one at a time', measured: ms(one), aim: '' },
    { what: 'states of the demo’s 33 bays', measured: ms(states), aim: '' },
    { what: 'check the chain of 10,000 entries', measured: ms(chain), aim: '' },
    { what: 'takeoff of the demo', measured: ms(order), aim: '' },
    { what: 'cut the hall into 57 bays', measured: ms(split), aim: '' },
  ];
}
