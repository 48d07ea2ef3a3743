import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { catalogue, isCoat, type BuildUpDoc } from '@lentum/core/buildup';
import type { Body, BookEntryOf } from '@lentum/core/record';
import { csvText } from '../src/shared/csv.ts';
import { fromField, noSuchTime, sayClock, sayTime, toField } from '../src/app/time.ts';
import { choose, revise } from '../src/buildup/revise.ts';
import { sayHours } from '../src/buildup/curetimes.ts';
import { planView, scaleBarM } from '../src/shared/planview.ts';
import { bodyOf, draftOf, gaugeFor, newDraft } from '../src/site/coatdraft.ts';
import { freeCode } from '../src/survey/newzone.ts';
import { squareZone } from './walked.ts';

const polyurethane = catalogue()[0]!;
const coats = polyurethane.layers.filter(isCoat);

describe('times in the job’s zone', () => {
  const zone = 'Europe/Lisbon';
  const now = Date.parse('2026-05-12T09:30:00Z');
  it.each([
    ['2026-05-12T10:00:00Z', '11:00'],
    ['2026-05-13T07:30:00Z', 'tomorrow 08:30'],
    ['2026-05-11T22:59:00Z', 'yesterday 23:59'],
    ['2026-05-11T23:01:00Z', '00:01'],
    ['2026-05-15T08:00:00Z', 'Fri 09:00'],
    ['2026-07-01T08:00:00Z', '1 Jul 09:00'],
  ])('%s is said as %s', (at, words) => expect(sayTime(Date.parse(at), zone, now)).toBe(words));

  it('a field and its instant turn into each other, in weeks when the clocks change too', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 60 * 24 * 14 }),
        fc.constantFrom('2026-03-22T00:00:00Z', '2026-10-18T00:00:00Z'),
        (minutes, start) => {
          const ms = Date.parse(start) + minutes * 60_000;
          const back = Date.parse(fromField(toField(ms, zone), zone) ?? '');
          // In the hour that comes twice a clock time means either of two instants.
          expect([0, 3_600_000]).toContain(Math.abs(back - ms));
          if (start.startsWith('2026-03')) expect(back).toBe(ms);
        },
      ),
    );
  });
  it('a small label has only the clock while that can be meant in one way', () => {
    expect(sayClock(Date.parse('2026-05-12T23:37:00Z'), zone, now)).toBe('00:37');
    expect(sayClock(Date.parse('2026-05-14T23:37:00Z'), zone, now)).toBe('Fri 00:37');
  });
  // Clocks of Lisbon go from 01:00 to 02:00 on the last Sunday of March (EU directive 2000/84/EC: at 01:00 UTC).
  it.each([
    ['2026-03-29T00:59', undefined],
    ['2026-03-29T01:00', '01:00'],
    ['2026-03-29T01:30', '01:30'],
    ['2026-03-29T02:00', undefined],
    ['2026-10-25T01:30', undefined],
    ['', undefined],
    ['soon', undefined],
  ])('“%s” in Lisbon: a time that its clocks never had is said', (text, gone) => {
    const says = noSuchTime('Started', text, 'Europe/Lisbon');
    if (gone === undefined) expect(says).toBeUndefined();
    else expect(says).toMatch(new RegExp(`^Started: ${gone} does not exist on that day`));
  });
  it('what is no time gives none', () => expect(fromField('soon', zone)).toBe(undefined));
});

describe('revisions', () => {
  const doc = (): BuildUpDoc => {
    const d: BuildUpDoc = { buildUps: [], zones: [] };
    choose(d, 'a', polyurethane, {});
    choose(d, 'b', polyurethane, {});
    return d;
  };
  const setRate = (d: BuildUpDoc, frozen: boolean): void =>
    revise(d, polyurethane.id, 1, frozen, (b) => {
      const c = b.layers.find(isCoat);
      if (c) c.rate.value = 0.4;
    });
  it('a build-up is held once for all its zones', () =>
    expect(doc()).toMatchObject({ buildUps: [{ revision: 1 }], zones: [{ zoneId: 'a' }, { zoneId: 'b' }] }));
  it('before a coat is laid a change is made in place', () => {
    const d = doc();
    setRate(d, false);
    expect(d.buildUps.map((b) => [b.revision, b.layers.filter(isCoat)[0]?.rate.value])).toEqual([[1, 0.4]]);
  });
  it('after that it is the next revision, and the catalogue stays as it was', () => {
    const d = doc();
    setRate(d, true);
    expect(d.buildUps.map((b) => [b.revision, b.layers.filter(isCoat)[0]?.rate.value])).toEqual([
      [1, 0.25],
      [2, 0.4],
    ]);
    expect(d.zones.every((z) => z.revision === 2)).toBe(true);
    expect(coats[0]?.rate.value).toBe(0.25);
  });
});

describe('a coat being entered', () => {
  const zone = 'Europe/Lisbon';
  it('begins with the gauge whose teeth reach round the design film', () =>
    expect(coats.map((c) => gaugeFor(c))).toEqual(['fine', 'deep', 'middle']));
  it('in US units it is one with teeth in mils', () =>
    expect(coats.map((c) => gaugeFor(c, 'us'))).toEqual(['mil-fine', 'mil-deep', 'mil-middle']));
  it('an untouched entry comes back as it was, to the second', () => {
    const body: Body<'coat'> = {
      buildUpId: polyurethane.id,
      revision: 1,
      layerId: 'first',
      startedAt: '2026-05-12T08:00:17.250Z',
      finishedAt: '2026-05-12T08:40:31Z',
      containers: [{ containerId: 'pail-25', opened: 1, batch: 'F' }],
      leftOver: { basis: 'mass', value: 1.5 },
      gauge: 'deep',
      readings: [{ bayId: 'b', lastWetMm: [1.4, 1.5] }],
      method: 'sprayed',
      tip: '0.43 mm',
      pressureBar: 180,
      passes: 2,
      note: 'n',
    };
    const bays = [{ bayId: 'b', share: 1 }];
    const entry = { bays, body } as unknown as BookEntryOf<'coat'>;
    expect(bodyOf(draftOf(entry, [], zone), polyurethane, zone, undefined, body)).toEqual(body);
  });
  it('what was finished in the minute in which it began is a coat of a minute', () => {
    const draft = newDraft(coats[1]!, ['b'], zone, Date.parse('2026-05-12T09:30:20Z'));
    draft.finished = draft.started;
    expect(bodyOf(draft, polyurethane, zone, undefined)).toMatchObject({
      startedAt: '2026-05-12T09:29:00.000Z',
      finishedAt: '2026-05-12T09:30:00.000Z',
    });
  });
  it('what is tapped counts to the second, until another minute is typed', () => {
    const draft = newDraft(coats[1]!, ['b'], zone, Date.parse('2026-05-12T09:30:20Z'));
    // Prepared at 09:30:10 and begun after it, though the field says 09:30.
    draft.tapped = { ...draft.tapped, finished: '2026-05-12T09:30:45.000Z' };
    draft.finished = draft.started;
    const span = { startedAt: '2026-05-12T09:30:20.000Z', finishedAt: '2026-05-12T09:30:45.000Z' };
    expect(bodyOf(draft, polyurethane, zone, undefined)).toMatchObject(span);
    draft.started = draft.started.replace('30', '20');
    expect(bodyOf(draft, polyurethane, zone, undefined)).toMatchObject({
      ...span,
      startedAt: '2026-05-12T09:20:00.000Z',
    });
  });
  it('an unfinished coat has no finish, and containers counted down to none are left out', () => {
    const draft = newDraft(coats[1]!, ['b'], zone, Date.parse('2026-05-12T09:30:00Z'));
    draft.containers[0]!.opened = 0;
    expect(bodyOf(draft, polyurethane, zone, undefined)).toMatchObject({
      startedAt: '2026-05-12T09:30:00.000Z',
      containers: [],
    });
    expect(bodyOf(draft, polyurethane, zone, undefined)).not.toHaveProperty('finishedAt');
  });
});

describe('the plan', () => {
  const ring = [
    [0, 0],
    [12, 0],
    [12, 6],
    [0, 6],
  ] as const;
  it('fits, to one scale, with y upward', () => {
    const v = planView([ring], 600, 500, 40);
    const [x0, y0] = v.at([0, 0]);
    const [x1, y1] = v.at([12, 6]);
    expect(x1 - x0).toBeCloseTo(12 * v.pointsPerM, 9);
    expect(y0 - y1).toBeCloseTo(6 * v.pointsPerM, 9);
    expect(x0).toBeGreaterThanOrEqual(39.9);
    expect(y1).toBeGreaterThanOrEqual(39.9);
  });
  it('has a scale bar of a round length', () => {
    expect(scaleBarM(planView([ring], 600, 500, 40), 1)).toBe(1);
    expect(scaleBarM(planView([ring], 600, 500, 40), 0.3048)).toBeCloseTo(5 * 0.3048, 9);
  });
});

it.each([
  [0.5, '30 min'],
  [1.99, '119 min'],
  [10, '10 h'],
  [36, '36 h'],
  [96, '4 d'],
])('%d hours are %s', (h, words) => expect(sayHours(h)).toBe(words));

it('codes of zones go on after Z', () => {
  const zones = Array.from({ length: 28 }).reduce<ReturnType<typeof squareZone>[]>(
    (list) => [...list, squareZone(list)],
    [],
  );
  expect(zones.map((z) => z.code).slice(24)).toEqual(['Y', 'Z', 'AA', 'AB']);
  expect(freeCode(zones)).toBe('AC');
});

describe('a table as CSV', () => {
  it('has no cell that a spreadsheet takes for a formula, and numbers as numbers', () => {
    const cells = ['=1+1', '+1', '-A1', '@x', 'a, b', 'say "so"', -3, 2.5, ''];
    expect(csvText([cells])).toBe(`"'=1+1","'+1","'-A1","'@x","a, b","say ""so""",-3,2.5,\r\n`);
  });
});
