/** The mark beside each zone in the picker of the head. */
import { describe, expect, it } from 'vitest';
import type { BayStatus } from '@lentum/core/record';
import { zoneMark } from '../src/frame/zonemarks.ts';

const bays = (...states: BayStatus['state'][]) => states.map((state) => ({ state }));

describe('the mark of a zone', () => {
  it.each<[string, ReturnType<typeof bays>, string, string]>([
    ['has none without bays', [], 'none', 'no bays yet'],
    ['is none while every bay is bare', bays('bare', 'bare'), 'none', '0 of 2 accepted'],
    ['is in work once one is begun', bays('bare', 'prepared'), 'work', '0 of 2 accepted'],
    ['is in work while some are accepted', bays('accepted', 'curing'), 'work', '1 of 2 accepted'],
    ['is complete once all are accepted', bays('accepted', 'accepted'), 'done', 'accepted'],
    [
      'asks for attention before all else',
      bays('accepted', 'held', 'missed'),
      'attention',
      '2 held, closing or missed',
    ],
  ])('%s', (_, list, mark, says) => expect(zoneMark(list)).toEqual({ mark, says }));
});
