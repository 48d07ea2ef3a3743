/** Feet, wheels and water: what the cure allows, what somebody opened, what came too early. */
import { describe, expect, it } from 'vitest';
import { catalogue, type BuildUp } from '@lentum/core/buildup';
import { cureHours } from '@lentum/core/cure';
import { verdictText } from '@lentum/core/figures';
import { adviceOf } from '@lentum/core/gates';
import { againstWords, laidAgainst } from '@lentum/core/state';
import type { Zone } from '@lentum/core/survey';
import { callVerdict } from '@lentum/core/words';
import {
  at,
  callFor,
  coated,
  coatsOf,
  detailsMade,
  gateOf,
  inputsFor,
  NOW,
  polyurethane,
  prepared,
  reading,
  moisture,
  pulled,
  recordOf,
  stateFor,
  told,
  type GateJob,
  type Told,
} from './support/gatejob.ts';

const clock = (ms: number): string => `${((ms - NOW) / 3_600_000).toFixed(1)} h`;
const text = (job: GateJob, key: string): string =>
  verdictText(gateOf(job, key)?.says ?? [], 'metric', clock);

/** Ground that was got ready so many hours ago, and a reading of now. */
const ground = (hoursAgo: number): Told[] => [
  moisture(3.5, hoursAgo + 5),
  pulled(hoursAgo + 5),
  prepared(hoursAgo),
  reading(),
];

/** Every coat of a build-up laid, the last so many hours ago. */
function finished(buildUp: BuildUp, hoursAgo: number, ...more: Told[]): Told[] {
  const coats = coatsOf(buildUp);
  return [
    ...ground(hoursAgo + 100),
    detailsMade(hoursAgo + 1),
    ...coats.map((c, i) => coated(buildUp, c.id, hoursAgo + (coats.length - 1 - i) * 24)),
    prepared(hoursAgo + 0.2, { steps: ['fibres'], complete: false }),
    ...more,
  ];
}
const opened = (
  to: 'rain' | 'feet' | 'wheels' | 'water',
  hoursAgo: number,
  step: 'opened' | 'closed' = 'opened',
): Told => told('opening', -hoursAgo, { at: at(-hoursAgo), to, step });
const last = coatsOf(polyurethane).at(-1)!;
/** Hours that a stage takes at the 20 °C of these jobs; humidity and film make it a little longer or shorter. */
const hoursOf = (stage: 'foot' | 'rainSafe'): number => {
  const h = cureHours(last.cure[stage].points, 20);
  return h.kind === 'hours' ? h.hours : NaN;
};

describe('openings', () => {
  it.each<[string, Told[], string, string, RegExp]>([
    [
      'feet before the cure',
      finished(polyurethane, 0.6 * hoursOf('foot')),
      'opening/feet',
      'broken',
      /^from \d/,
    ],
    [
      'feet after it, not opened',
      finished(polyurethane, 40),
      'opening/feet',
      'unknown',
      /nobody has opened it/,
    ],
    [
      'feet opened',
      finished(polyurethane, 40, opened('feet', 1)),
      'opening/feet',
      'holds',
      /opened -1\.0 h by Ines/,
    ],
    [
      'feet opened too early',
      finished(polyurethane, 0.6 * hoursOf('foot'), opened('feet', 0.1)),
      'opening/feet',
      'broken',
      /opened -0\.1 h by Ines, too early: from/,
    ],
    [
      'closed again',
      finished(polyurethane, 40, opened('feet', 2), opened('feet', 1, 'closed')),
      'opening/feet',
      'unknown',
      /closed -1\.0 h by Ines; its cure allows it since/,
    ],
    ['rain, which nobody opens', finished(polyurethane, 40), 'opening/rain', 'holds', /^since -/],
    [
      'rain before the cure',
      finished(polyurethane, 0.5 * hoursOf('rainSafe')),
      'opening/rain',
      'broken',
      /^from \d/,
    ],
    ['water', finished(polyurethane, 40), 'opening/water', 'broken', /from|not within/],
  ])('%s', (_, entries, key, answer, says) => {
    expect(gateOf({ entries }, key)?.answer, text({ entries }, key)).toBe(answer);
    expect(text({ entries }, key)).toMatch(says);
  });
  it('an opening of an earlier coat says nothing of the one on top', () => {
    const job = { entries: finished(polyurethane, 40, opened('feet', 41)) };
    expect(gateOf(job, 'opening/feet')?.answer).toBe('unknown');
  });
  it('wheels only where the build-up carries them', () => {
    const keys = (b: BuildUp) =>
      callFor({ buildUp: b, entries: finished(b, 300) })
        .gates.map((g) => g.key)
        .filter((k) => k.startsWith('opening/'));
    const deck = catalogue().find((b) => b.id === 'vehicular-deck')!;
    expect(deck.traffic).toBe('wheels');
    expect(keys(deck)).toContain('opening/wheels');
    expect(keys(polyurethane)).toEqual(['opening/rain', 'opening/feet', 'opening/water', 'opening/load']);
  });
  it.each<[string, Zone['deckLoad'], string, RegExp]>([
    // 50 mm of water are 50 L, and 50 kg, on each square metre.
    ['not said', undefined, 'unknown', /50.0 mm of water weigh 50.*what the deck may carry is not known/],
    ['nobody named', { kgPerM2: 500, says: ' ' }, 'unknown', /nobody is named for what the deck may carry/],
    ['enough', { kgPerM2: 50, says: 'engineer, 3 May' }, 'holds', /may carry 50.* \(engineer, 3 May\)/],
    ['too little', { kgPerM2: 49.9, says: 'engineer, 3 May' }, 'broken', /may carry 49\.9.*engineer/],
  ])('the weight of a flood test, %s: nobody takes it over', (_, deckLoad, answer, says) => {
    const job = { entries: finished(polyurethane, 300, opened('water', 1)), zone: { deckLoad } };
    expect(gateOf(job, 'opening/load')).toMatchObject({ answer, fixed: 'never' });
    expect(text(job, 'opening/load').replaceAll('\u00a0', ' ')).toMatch(says);
  });
  it('before the next layer none is listed', () => {
    const entries = [...ground(80), coated(polyurethane, 'primer', 20)];
    expect(callFor({ entries }).gates.filter((g) => g.group === 'opening')).toEqual([]);
  });
  it('without weather the readings tell, without readings nothing does', () => {
    const entries = finished(polyurethane, 40);
    expect(gateOf({ entries, series: [] }, 'opening/feet')?.answer).toBe('unknown');
    const blind = entries.filter((e) => e.kind !== 'conditions');
    expect(text({ entries: blind, series: [] }, 'opening/feet')).toMatch(
      /no temperature of the surface is known/,
    );
  });
  it('an opening that came too early is said beside its entry', () => {
    const says = (hoursAgo: number): string[] => {
      const entries = finished(polyurethane, hoursAgo, opened('feet', 0.1));
      const state = stateFor({ entries });
      const id = recordOf(entries).find((e) => e.entry.kind === 'opening')!.entry.id;
      const entry = inputsFor({ entries }).book.seen.get(id)!;
      return againstWords(laidAgainst(state, entry), undefined, 'metric', clock, 'opened');
    };
    expect(says(0.6 * hoursOf('foot'))).toEqual([
      expect.stringMatching(/^H1 opened against: foot traffic \(from /),
    ]);
    expect(says(40)).toEqual([]);
  });
});

const based = (...more: Told[]): Told[] => [
  ...ground(80),
  detailsMade(30),
  coated(polyurethane, 'primer', 60),
  coated(polyurethane, 'first', 20),
  prepared(1, { steps: ['fibres'], complete: false }),
  ...more,
];
const event = (what: 'rain' | 'shoes' | 'standing water', hoursAgo: number): Told =>
  told('event', -hoursAgo, { at: at(-hoursAgo), what });

/** Something is laid now, whether or not its time is running out. */
const goes = (job: GateJob): boolean => callVerdict(callFor(job), NOW).outcome === 'go';

describe('what came too early', () => {
  it.each([
    ['shoes within the hour', event('shoes', 19.5), 'below/missed-foot', 'broken'],
    ['rain within the hour', event('rain', 19.5), 'below/missed-rainSafe', 'broken'],
    ['water on it within the hour', event('standing water', 19.5), 'below/missed-rainSafe', 'broken'],
    ['shoes when it carries them', event('shoes', 0.5), 'below/missed-foot', undefined],
  ] as const)('%s', (_, more, key, answer) => {
    const job = { entries: based(more) };
    expect(gateOf(job, key)?.answer).toBe(answer);
    expect(adviceOf(callFor(job).gates)).toBe(answer === undefined ? 'go' : 'hold');
    expect(goes(job)).toBe(answer === undefined);
    if (answer !== undefined) expect(callFor(job).kind).toBe('missed');
  });
  const word = (gate: string): Told =>
    told(
      'decision',
      -0.05,
      { at: at(-0.05), what: 'gate taken over', about: { gate, layerId: 'second' }, reason: 'looked at it' },
      { who: 'Marek' },
    );
  it('somebody who answers for it lets the work go on, on his word', () => {
    const job = { entries: based(event('shoes', 19.5), word('below/missed-foot')) };
    const call = callFor(job);
    expect(goes(job)).toBe(true);
    expect(verdictText(callVerdict(call, NOW).quiet ?? [], 'metric', clock)).toContain(
      'On Marek’s word: walked on too early (looked at it).',
    );
  });
  it('who answers for one does not answer for the other', () => {
    const entries = based(event('shoes', 19.5), event('rain', 19.4), word('below/missed-foot'));
    expect(callFor({ entries })).toMatchObject({ kind: 'missed', miss: { limit: 'rainSafe' } });
  });
  it('an overcoat time that has ended, and one that has not begun, can be answered for', () => {
    const late = [
      ...ground(330),
      detailsMade(300),
      coated(polyurethane, 'primer', 320),
      coated(polyurethane, 'first', 235),
      prepared(1, { steps: ['fibres', 'rewash'], complete: false }),
    ];
    expect(callFor({ entries: late }).kind).toBe('missed');
    expect(goes({ entries: [...late, word('overcoat/until')] })).toBe(true);
    const early = based().map((e) =>
      e.kind === 'coat' && (e.body as { layerId: string }).layerId === 'first'
        ? coated(polyurethane, 'first', 2)
        : e,
    );
    expect(callFor({ entries: early }).kind).toBe('curing');
    expect(goes({ entries: [...early, word('overcoat/from')] })).toBe(true);
  });
  it('answered for while it still cures: it goes on curing', () => {
    const early = based(event('shoes', 1.5), word('below/missed-foot')).map((e) =>
      e.kind === 'coat' && (e.body as { layerId: string }).layerId === 'first'
        ? coated(polyurethane, 'first', 2)
        : e,
    );
    const call = callFor({ entries: early });
    expect(call.kind).toBe('curing');
    expect(call.gates.find((g) => g.key === 'overcoat/from')?.answer).toBe('broken');
  });
});
