/** A job judged in a worker is judged as it is in place, whatever changes meanwhile and whatever breaks. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { effectScope, shallowRef } from 'vue';
import { EMPTY_BOOK, foldRecord, namesOf, type Person, type StoredEntry } from '@lentum/core/record';
import { jobState, type JobInputs } from '@lentum/core/state';
import { DEMO_ANCHOR } from '@lentum/demo';
import { MILD_COAST, SimulatedWeather, type Place, type WeatherSeries } from '@lentum/core/weather';
import { useJudging, type Bench } from '../src/app/judging.ts';
import * as weatherwork from '../src/app/weatherwork.ts';
import { Judge } from '../src/workers/judge.ts';
import { demo } from './openjob.ts';

const START = Date.parse(DEMO_ANCHOR);
const MINUTE = 60_000;
const HOUR = 60 * MINUTE;
const BACK_H = 15 * 24;
const SPAN_H = 26 * 24;

/** Made-up hours round the demo's morning. */
function hoursOf(place: Place): WeatherSeries {
  const from = Math.floor(START / HOUR) * HOUR - BACK_H * HOUR;
  const sky = new SimulatedWeather({ ...MILD_COAST, place, seed: 5 });
  const at = new Date(from).toISOString();
  return {
    ...{ id: 'made-up', kind: 'forecast', source: 'made up', simulated: true, issuedAt: at, startAt: at },
    ...{ hours: SPAN_H, columns: sky.columns(from, SPAN_H) },
  };
}
const hours = hoursOf(demo.weather.place!);

/** As a worker hears and answers: a copy each way, later, one after another. */
class FarAway {
  opened = 0;
  ended = 0;
  breaks = false;

  open = (): Bench => {
    this.opened += 1;
    const judge = new Judge();
    let alive = true;
    let line: Promise<unknown> = Promise.resolve();
    const far =
      <A extends unknown[], R>(work: (...a: A) => R) =>
      (...asked: A): Promise<R> => {
        const heard = structuredClone(asked);
        const answer = line.then(async () => {
          await new Promise((go) => setTimeout(go, 0));
          // A worker that was given up answers nothing any more.
          if (!alive) return new Promise<R>(() => undefined);
          if (this.breaks) throw new Error('the worker broke');
          return structuredClone(work(...heard));
        });
        line = answer.catch(() => undefined);
        return answer;
      };
    return {
      judge: {
        know: far((d: Parameters<Judge['know']>[0]) => judge.know(d)),
        read: far((e: readonly StoredEntry[], p: readonly Person[]) => judge.read(e, p)),
        add: far((e: readonly StoredEntry[]) => judge.add(e)),
        judge: far((ms: number) => judge.judge(ms)),
        piece: far((i: number) => judge.piece(i)),
      },
      end: () => {
        alive = false;
        this.ended += 1;
      },
    };
  };
}

function working() {
  const away = new FarAway();
  const entries = shallowRef<readonly StoredEntry[]>(demo.record.slice(0, 60));
  const people = shallowRef<readonly Person[]>(demo.people);
  const documents = shallowRef({
    survey: demo.survey,
    buildUps: demo.buildUp,
    site: demo.site,
    weather: demo.weather,
    series: [hours],
    rules: demo.job.rules,
  });
  const nowMs = shallowRef(START);
  const inputs = (): JobInputs => ({
    ...documents.value,
    book: foldRecord(EMPTY_BOOK, entries.value, namesOf(people.value)),
    nowMs: nowMs.value,
  });
  const scope = effectScope();
  const judging = scope.run(() =>
    useJudging(
      {
        inputs,
        entries: () => entries.value,
        people: () => people.value,
        work: shallowRef(weatherwork),
      },
      away.open,
      1,
    ),
  )!;
  const settled = async (): Promise<void> => {
    const wanted = jobState(inputs()).calls;
    await expect.poll(() => judging.state.value?.calls.length, { interval: 5 }).toBe(wanted.length);
    await expect.poll(() => judging.state.value?.calls, { interval: 20 }).toEqual(wanted);
  };
  return { away, entries, people, documents, nowMs, judging, settled, stop: () => scope.stop() };
}

describe('a large job', () => {
  it('is judged away from the page as it is in place, and begun anew for another job', async () => {
    const { away, nowMs, entries, judging, settled, stop } = working();
    expect(judging.state.value).toBeUndefined();
    nowMs.value += MINUTE;
    await settled();
    entries.value = demo.record;
    await settled();
    expect(away).toMatchObject({ opened: 1, ended: 0 });
    judging.clear();
    expect(judging.state.value).toBeUndefined();
    nowMs.value += MINUTE;
    await settled();
    expect(away).toMatchObject({ opened: 2, ended: 1 });
    stop();
  });

  it('is judged in place when the worker breaks', async () => {
    const { away, nowMs, settled, stop } = working();
    away.breaks = true;
    nowMs.value += MINUTE;
    await settled();
    away.breaks = false;
    nowMs.value += MINUTE;
    await settled();
    expect(away.opened).toBe(2);
    stop();
  });

  it('is the same after any changes, in any order, under way or not', async () => {
    const change = fc.oneof(
      fc.record({ what: fc.constant('entries' as const), n: fc.integer({ min: 1, max: 40 }) }),
      fc.record({ what: fc.constantFrom('people', 'job', 'crew', 'wait', 'break', 'mend') }),
      fc.record({ what: fc.constant('time' as const), n: fc.integer({ min: 1, max: 90 }) }),
    );
    await fc.assert(
      fc.asyncProperty(fc.array(change, { minLength: 1, maxLength: 6 }), async (changes) => {
        const { away, entries, people, documents, nowMs, judging, settled, stop } = working();
        for (const c of changes) {
          if (c.what === 'entries') entries.value = demo.record.slice(0, entries.value.length + c.n);
          else if (c.what === 'time') nowMs.value += c.n * MINUTE;
          else if (c.what === 'people')
            people.value = people.value.map((p) => ({ ...p, name: `${p.name} the elder` }));
          else if (c.what === 'crew') {
            const { weather } = documents.value;
            const crew = { ...weather.crew, people: (weather.crew.people % 4) + 1 };
            documents.value = { ...documents.value, weather: { ...weather, crew } };
          } else if (c.what === 'job') judging.clear();
          else if (c.what === 'wait') await new Promise((go) => setTimeout(go, 20));
          else away.breaks = c.what === 'break';
          await Promise.resolve();
        }
        nowMs.value += MINUTE;
        await settled();
        stop();
      }),
      { numRuns: 5 },
    );
  });
});
