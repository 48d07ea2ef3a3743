/** What lies on the last coat and how it is used: aggregate that stays, grip, openings. */
import { describe, expect, it } from 'vitest';
import { aggregatePoints, openingPoints, slipPoint } from '../src/handover/surfaceproof.ts';
import { rulesOf } from '@lentum/core/job';
import { bayAreaM2 } from '@lentum/core/site';
import { jobState } from '@lentum/core/state';
import type { Entry } from '@lentum/core/record';
import { ago, bay, bookWith, job, make, now } from './support/entries.ts';

/** T13 is bare in the demo; T1 is finished and was opened. */
const bare = bay('T13');
const areaM2 = bayAreaM2(bare);
function statusOf(label: string, ...more: Entry[]) {
  const book = bookWith(...more);
  const state = jobState({
    ...{ survey: job.survey, buildUps: job.buildUp, site: job.site, weather: job.weather },
    ...{ series: job.weatherSeries, rules: rulesOf(job.job), nowMs: now, book },
  });
  const status = state.calls.map((c) => c.status).find((s) => s.bay.label === label)!;
  return { status, book, state };
}
const first = statusOf('T13');
const broadcast = first.status.buildUp!.layers.find((l) => l.kind === 'broadcast')!;
if (broadcast.kind !== 'broadcast') throw new Error('the terrace has aggregate');
const layer = {
  ...{ buildUpId: first.status.buildUp!.id, revision: first.status.buildUp!.revision },
  layerId: broadcast.id,
};
const [stays, thrown] = [broadcast.retainedKgPerM2.value, broadcast.thrownKgPerM2.value];
const threw = (kgPerM2: number): Entry =>
  make(
    'broadcast',
    {
      step: 'thrown',
      ...layer,
      at: ago(3),
      method: 'by hand',
      bags: 1,
      thrownKg: kgPerM2 * areaM2,
      batch: 'Q',
    } as never,
    { id: 'threw', bays: ['T13'] },
  );
const swept = (kgPerM2: number): Entry =>
  make('broadcast', { step: 'swept', ...layer, at: ago(1), sweptKg: kgPerM2 * areaM2, backKg: 0 } as never, {
    id: 'swept',
    bays: ['T13'],
  });
const aggregate = (...entries: Entry[]) => {
  const { status, book } = statusOf('T13', ...entries);
  return aggregatePoints(status, book).find((p) => p.what === broadcast.name)?.answer;
};

describe('aggregate of a bay', () => {
  it.each([
    ['nothing thrown', [], 'not shown'],
    ['thrown, not swept', [threw(thrown)], 'not shown'],
    ['thrown less than should stay', [threw(stays * 0.9)], 'failed'],
    ['what stays is what should', [threw(thrown), swept(thrown - stays * 1.001)], 'proven'],
    ['too much swept off', [threw(thrown), swept(thrown - stays * 0.9)], 'failed'],
  ] as const)('%s', (_, entries, answer) => expect(aggregate(...entries)).toBe(answer));
});

describe('grip of a finished bay', () => {
  const limit = { value: 36, source: 'chosen' } as const;
  const pendulum = (hours: number, value: number): Entry =>
    make(
      'test',
      { at: ago(hours), test: 'slip', instrument: 'pendulum', value, unprimed: false },
      { id: `slip-${hours}`, bays: ['T1'] },
    );
  const grip = (...entries: Entry[]) => {
    const { status, book } = statusOf('T1', ...entries);
    return slipPoint(status, book, limit).answer;
  };
  it.each([
    ['not read', [], 'not shown'],
    ['read before its last coat only', [pendulum(40, 60)], 'not shown'],
    ['read and rough enough', [pendulum(2, 41), pendulum(1, 36)], 'proven'],
    ['one too smooth', [pendulum(2, 41), pendulum(1, 35)], 'failed'],
  ] as const)('%s', (_, entries, answer) => expect(grip(...entries)).toBe(answer));
});

describe('openings of a bay', () => {
  it('of the demo came when it could take them; one that came too early failed', () => {
    const { status, state } = statusOf('T1');
    expect(openingPoints(state, status).map((p) => p.answer)).toEqual(['proven']);
    const finishedMs = Date.parse(status.laid.at(-1)!.entry.finishedAt!);
    const early = make(
      'opening',
      { at: new Date(finishedMs + 60_000).toISOString(), to: 'feet', step: 'opened' },
      { id: 'early', bays: ['T1'] },
    );
    const after = statusOf('T1', early);
    expect(openingPoints(after.state, after.status).map((p) => p.answer)).toContain('failed');
  });
  it('none is nothing to be shown', () => {
    expect(openingPoints(first.state, first.status)).toEqual([]);
  });
});
