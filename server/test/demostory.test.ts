/** The demo tells of every way in which something stands against the next layer: the API says each, with its numbers. */
import { beforeAll, describe, expect, it } from 'vitest';
import type { ToldBay, ToldState } from '@lentum/core/words';
import { api, importDemo, NOW, V1 } from './support/api.ts';

const HOUR_MS = 3_600_000;
const at = (hours: number): string => new Date(NOW.getTime() + hours * HOUR_MS).toISOString();
let dry: string;
let weathered: string;
const today = async (id: string, instant?: string): Promise<ToldState> =>
  (await api.get(`${V1}/jobs/${id}/today${instant ? `?at=${instant}` : ''}`).expect(200)).body as ToldState;
const bayIn = (state: ToldState, label: string): ToldBay => state.bays.find((b) => b.label === label)!;
/** Figures keep their units on one line; here they are read as plain text. */
const plain = (text: string): string => text.replaceAll('\u00a0', ' ').replaceAll('\u202f', ' ');
function gateIn(bay: ToldBay, key: string) {
  const gate = bay.gates.find((g) => g.key === key);
  return gate && { ...gate, says: plain(gate.says), opens: plain(gate.opens) };
}

beforeAll(async () => {
  dry = await importDemo();
  weathered = await importDemo();
  await api.post(`${V1}/jobs/${weathered}/weather/fetch`).send({}).expect(200);
});

describe('what stands against the next layer', () => {
  it.each([
    [
      'silicone below',
      'B1',
      'ground/fit',
      'broken',
      'hold',
      /does not go on silicone.*nothing but silicone bonds to silicone/,
    ],
    [
      'slab of 8 % where its primer may have 6',
      'D4',
      'ground/moisture',
      'broken',
      'hold',
      /^8\.0 % is above 6\.0 %, the primer’s own limit/,
    ],
    [
      '5.2 % where its primer may have 4.5',
      'T13',
      'ground/moisture',
      'broken',
      'hold',
      /^5\.2 % is above 4\.5 %, the primer’s own limit/,
    ],
    [
      'a thin membrane under the wear coat',
      'T8',
      'below/film-membrane',
      'broken',
      'hold',
      /^thin: 1\.\d\d mm of 2\.17 mm; \d\.\d L short/,
    ],
    [
      'a base at 3.8 times its design',
      'O1',
      'below/film-base',
      'broken',
      'hold',
      /^too thick: .*, at most 2\.56 mm: it skins over/,
    ],
    ['a permit that is closed', 'G1', 'hot/permit', 'broken', 'hold', /^none is open\.$/],
    ['wind at the mooring', 'C7', 'weather/wind', 'broken', 'hold', /^24 km\/h now; maximum wind 18 km\/h/],
    ['fibres that nobody felt for', 'T7', 'below/fibres-membrane', 'unknown', 'hold', /no fibres/],
    [
      'a reading that is too old',
      'W2',
      'weather/reading',
      'unknown',
      'check',
      /ago; a reading is valid for 60 min/,
    ],
  ] as const)('%s', async (_, label, key, answer, advice, says) => {
    const bay = bayIn(await today(dry), label);
    const gate = gateIn(bay, key);
    expect(gate?.answer, JSON.stringify(bay.gates.map((g) => [g.key, g.answer]))).toBe(answer);
    expect(gate?.says).toMatch(says);
    expect(gate?.opens).not.toBe('');
    expect(bay.advice).toBe(advice);
    expect(bay.sentences[0]).toMatch(/^\w+ · .*(Hold|Check)/);
  });
  it('wind turns spraying into three rolled passes', async () => {
    const bay = bayIn(await today(dry), 'C7');
    expect(gateIn(bay, 'weather/wind')?.opens).toMatch(/^Roll it instead: 3 passes of about 0\.15 mm each/);
    expect(gateIn(bay, 'weather/wind')?.settledBy).toBe('method');
  });
  it('a gate that somebody answers for, and one that nobody can', async () => {
    const state = await today(dry);
    expect(gateIn(bayIn(state, 'H7'), 'details/refused')?.takenOver).toMatchObject({ by: 'Marek' });
    expect(bayIn(state, 'H7').sentences.join(' ')).toContain('On Marek’s word');
    expect(gateIn(bayIn(state, 'G1'), 'hot/permit')).toMatchObject({ fixed: 'never' });
    expect(gateIn(bayIn(state, 'G1'), 'hot/permit')?.takenOver).toBeUndefined();
  });
  it('five minutes after a coat, with the weather and without it', async () => {
    // The fill coat of O2 was finished 41 hours before.
    const then = at(-41 + 4.9 / 60);
    const known = bayIn(await today(weathered, then), 'O2');
    expect(known).toMatchObject({ layerId: 'base', advice: 'hold' });
    expect(gateIn(known, 'overcoat/from')).toMatchObject({ answer: 'broken' });
    expect(gateIn(known, 'overcoat/from')?.says).toMatch(
      /^fill coat is 0 % of the way; the rest is not reached within the hours that are known/,
    );
    // Of a coat that was laid this morning the weather tells it.
    expect(gateIn(bayIn(await today(weathered), 'H6'), 'overcoat/from')?.says).toMatch(
      /^first coat is \d+ % of the way, by the surface as the weather makes it/,
    );
    const blind = bayIn(await today(dry, then), 'O2');
    expect(blind).toMatchObject({ layerId: 'base', advice: 'hold' });
    expect(gateIn(blind, 'overcoat/from')).toMatchObject({ answer: 'broken' });
    expect(gateIn(blind, 'overcoat/from')?.says).toMatch(/^fill coat is .* by surface readings/);
  });
  it('a stale reading is settled by a fresh one', async () => {
    const before = bayIn(await today(weathered), 'W2');
    expect(gateIn(before, 'weather/reading')).toMatchObject({ answer: 'unknown', settledBy: 'conditions' });
  });
  it('a finished bay is open to rain by its cure, to feet when somebody opens it', async () => {
    const state = await today(weathered);
    expect(gateIn(bayIn(state, 'T1'), 'opening/feet')).toMatchObject({ answer: 'holds' });
    expect(gateIn(bayIn(state, 'H1'), 'opening/feet')).toMatchObject({
      answer: 'unknown',
      settledBy: 'opening',
    });
    expect(gateIn(bayIn(state, 'H4'), 'opening/feet')).toMatchObject({ answer: 'broken' });
  });
});
