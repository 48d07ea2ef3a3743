/** Closings as events of a calendar: an id for each coat on its bay, and one alarm for those that come together. */
import { describe, expect, it } from 'vitest';
import { closingEvents, type Deadline } from '../src/words/index.ts';

const MINUTE = 60_000;
const at = (bay: string, kind: Deadline['kind'], atMs: number, layerId = 'top'): Deadline => ({
  ...{ key: `${bay}-${kind}`, kind, bayId: bay, bay, layerId, atMs },
  ...{ title: `${bay}: closes`, text: 'says why' },
});

describe('events of a calendar', () => {
  const three = [at('T1', 'until', 0), at('T2', 'until', 20_000), at('T3', 'until', 30 * MINUTE)];

  it('bays that close in the same minute ring once, and the alarm names them all', () => {
    const alarms = closingEvents('job', three).map((e) => e.alarm);
    expect(alarms.map((a) => a?.says)).toEqual([
      'overcoat window closes: T1, T2',
      undefined,
      'overcoat window closes: T3',
    ]);
    expect(alarms[0]?.beforeS).toBe(3600);
  });

  it('an event keeps its id when it moves, and has another for another coat, bay, kind or job', () => {
    const uid = (job: string, d: Deadline): string | undefined => closingEvents(job, [d])[0]?.uid;
    const first = uid('job', at('T1', 'until', 0));
    expect(uid('job', at('T1', 'until', 90 * MINUTE))).toBe(first);
    const others = [
      uid('copy', at('T1', 'until', 0)),
      uid('job', at('T2', 'until', 0)),
      uid('job', at('T1', 'opens', 0)),
      uid('job', at('T1', 'until', 0, 'wear')),
    ];
    expect(new Set([first, ...others]).size).toBe(5);
  });
});
