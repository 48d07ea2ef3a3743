/** Go or hold on the demo's morning, and what changes the call. */
import { describe, expect, it } from 'vitest';
import { CALL_KINDS, lainHours, overcoatedAmiss, topOf, type Call } from '@lentum/core/call';
import { chancesOf, mishapsOf, spreadOf, stageTimes, startAt } from '@lentum/core/programme';
import { isCoat, whenMissed } from '@lentum/core/buildup';
import { bayStatus, foldRecord, type ConditionsEntry, type SiteBook } from '@lentum/core/record';
import { jobState } from '@lentum/core/state';
import {
  callVerdict,
  deadlinesOf,
  failingWords,
  mishapVerdict,
  overcoatedVerdict,
  startVerdict,
  together,
  verdictText,
} from '@lentum/core/words';
import { DEMO_ANCHOR, shiftJob, velmora } from '@lentum/demo';
import { bookOf, callsOf, inputsOf, weatherOf } from './support/calls.ts';

const HOUR = 3_600_000;
const at = new Date(DEMO_ANCHOR);
const job = velmora(at);
const book = bookOf(job);
const weatherAt = (nowMs: number, known: SiteBook = book, member?: number) =>
  weatherOf(job, nowMs, known, 12, member);
const callsAt = (nowMs: number, known: SiteBook = book, crew = job.weather.crew) =>
  callsOf(job, nowMs, known, crew);

const morning = callsAt(at.getTime());
const text = (call: Call): string =>
  verdictText(
    callVerdict(call, at.getTime()).says,
    'metric',
    (ms) => `${Math.round((ms - at.getTime()) / HOUR)} h`,
  );

describe('the demo’s morning', () => {
  it.each([
    [
      'C4',
      'open',
      /^Go: start by 6 h at the latest: \d.\d\u00a0mm of rain \(8 h\), before it is rain-safe\. Laying takes/,
    ],
    [
      'H5',
      'opens',
      /^Hold: surface 1\.\d\u00a0°C above the dew point .*; 3\.0\u00a0°C required .*Opens about 1 h/,
    ],
    [
      'H6',
      'curing',
      /^[89]\d\u00a0% of the way; overcoat from .* by the weather and its forecast\. Then second coat: open/,
    ],
    [
      'H7',
      'opens',
      /^Hold: surface 1\.\d\u00a0°C above.*, the last weather window before its overcoat window closes\./,
    ],
    [
      'H8',
      'missed',
      /^Overcoat window of the primer closed .*abrade until it is matt all over\. Wipe clean\. Prime again\. It takes about 3\.\d\u00a0kg of primer; the data sheet decides\.$/,
    ],
    ['H9', 'held', /^Held by Marek/],
    ['H1', 'done', /^Accepted/],
    ['H4', 'wet', /^Thin:/],
  ] as const)('%s: %s', (label, kind, words) => {
    const call = morning.get(label)!;
    expect(call.kind).toBe(kind);
    expect(text(call)).toMatch(words);
  });
  it('comes in the order of what missing costs', () => {
    const order = [...morning.values()].map((c) => CALL_KINDS.indexOf(c.kind));
    expect(order).toEqual([...order].sort((a, b) => a - b));
  });
  // Loaded at any hour, in any season, at any minute.
  it.each(
    Array.from({ length: 13 }, (_, i) => new Date(Date.UTC(2027, i, 2 * i + 1, 5 * i, (7 * i) % 60, 30))).map(
      (d) => [d.toISOString(), d.getTime()] as const,
    ),
  )('is the same when it begins at %s', (_, nowMs) => {
    const moved = callsOf(shiftJob(job, nowMs - at.getTime()), nowMs);
    const kinds = (calls: Map<string, Call>) =>
      Object.fromEntries([...calls].map(([label, call]) => [label, call.kind]));
    expect(kinds(moved)).toEqual(kinds(morning));
    expect(moved.get('H5')!.failing[0]?.condition).toBe('dewMargin');
  });
  it('no window promises what the plain conditions of its hours deny', () => {
    for (const call of morning.values()) {
      if (call.kind !== 'open' && call.kind !== 'closing') continue;
      expect(call.failing).toEqual([]);
      expect(call.toMs).toBeGreaterThan(at.getTime());
      expect(call.toMs!).toBeLessThanOrEqual(call.deadlineMs ?? Infinity);
    }
  });
});

describe('what changes the call', () => {
  const reading = ({ zoneId = 'canopy', ...change }: Partial<ConditionsEntry>): SiteBook =>
    foldRecord(book, [
      {
        seq: job.record.length + 1,
        receivedAt: at.toISOString(),
        previousHash: '0'.repeat(64),
        hash: '0'.repeat(64),
        entry: {
          id: 'fresh',
          madeAt: at.toISOString(),
          who: 'Ines',
          kind: 'conditions',
          zoneId,
          at: at.toISOString(),
          airC: 13,
          humidityPct: 70,
          surfaceC: 20,
          ...change,
        },
      },
    ]);
  it('a surface read near the dew point shuts a bay at once; a warm one opens it', () => {
    expect(callsAt(at.getTime(), reading({ surfaceC: 9 })).get('C4')).toMatchObject({ kind: 'opens' });
    expect(
      callsAt(at.getTime(), reading({ surfaceC: 9 }))
        .get('C4')!
        .failing.map((f) => f.condition),
    ).toContain('dewMargin');
    expect(callsAt(at.getTime(), reading({ surfaceC: 20 })).get('C4')).toMatchObject({ kind: 'open' });
    // A reading of one roof says nothing of the slab on another.
    expect(callsAt(at.getTime(), reading({ zoneId: 'hall', surfaceC: 18 })).get('H5')).toMatchObject({
      kind: 'open',
    });
  });
  it('more people lay it in less time', () => {
    const six = callsAt(at.getTime(), book, { ...job.weather.crew, people: 6 });
    expect(six.get('C4')!.laying!.value).toBeCloseTo(morning.get('C4')!.laying!.value / 3, 9);
  });
  it('after the rain has come nothing is open, and what was the last chance is lost', () => {
    const evening = callsAt(at.getTime() + 9 * HOUR);
    expect([...evening.values()].filter((c) => c.kind === 'open' || c.kind === 'closing')).toEqual([]);
    expect(['missed', 'lost']).toContain(evening.get('H7')!.kind);
    expect(evening.get('H7')!.remedy?.takes[0]?.amount.value).toBeGreaterThan(1);
  });
  it('without any weather the call says that it is not known', () => {
    const { calls } = jobState({ ...inputsOf(job, at.getTime()), series: [] });
    const call = calls.find((c) => c.status.bay.label === 'C4')!;
    expect(call).toMatchObject({ kind: 'check', gate: { key: 'weather/known', settle: { by: 'weather' } } });
    expect(text(call)).toContain('no weather is known for these hours');
  });
});

describe('what closes and opens', () => {
  const rows = [...morning.values()].map((call) => ({ call, verdict: callVerdict(call, at.getTime()) }));
  const said = { written: 'metric', time: () => 'then' } as const;
  const all = deadlinesOf(rows, at.getTime(), said);
  it('comes in its order, ahead only, one of a kind for each bay', () => {
    const times = all.map((d) => d.atMs);
    expect(times).toEqual([...times].sort((a, b) => a - b));
    expect(Math.min(...times)).toBeGreaterThan(at.getTime());
    expect(new Set(all.map((d) => d.key)).size).toBe(all.length);
    expect(all.find((d) => d.key === 'hall-7-until')!.title).toBe('H7: overcoat window closes (first coat)');
    expect(all.find((d) => d.key === 'canopy-4-closes')!.text).toMatch(/^Go: start by then at the latest/);
    expect(all.some((d) => d.bayId === 'hall-8')).toBe(false);
  });
  it('what comes in the same minute is said together, its bays by number', () => {
    const groups = together(all);
    const canopy = groups.find((g) => g.key.includes('canopy-4-closes'))!;
    expect(canopy.title).toMatch(/^window closes: C4, C5, C6/);
    expect(groups.flatMap((g) => g.key.split('+')).sort()).toEqual(all.map((d) => d.key).sort());
  });
  it('once closed it closes no more', () => {
    const later = deadlinesOf(rows, all.at(-1)!.atMs, said);
    expect(later).toEqual([]);
  });
});

describe('between two layers', () => {
  const { status } = morning.get('H5')!;
  const climate = weatherAt(at.getTime()).climate('hall', 'light');
  const [primer, first] = status.laid;
  const finished = Date.parse(primer!.entry.finishedAt!);
  /** The first coat begun so long after the primer. */
  const after = (hours: number, over = first!) => ({
    laid: [
      primer!,
      { ...over, entry: { ...over.entry, startedAt: new Date(finished + hours * HOUR).toISOString() } },
    ],
    others: [],
  });
  const opens = stageTimes(primer!.coat, finished, primer!.judgement.design.value, climate, finished).find(
    (s) => s.stage === 'overcoatFrom',
  )!.atMs!;
  it('as it was laid nothing is amiss', () => {
    expect(overcoatedAmiss(status, climate)).toEqual([]);
  });
  it.each([
    ['an hour before its time', (opens - finished) / HOUR - 1, 'early'],
    ['an hour after it opened', (opens - finished) / HOUR + 1, undefined],
    ['two days late', (opens - finished) / HOUR + 48, 'late'],
  ] as const)('%s: %s h', (_, hours, kind) => {
    expect(overcoatedAmiss(after(hours), climate).map((o) => o.kind)).toEqual(kind ? [kind] : []);
  });
  it('says how far it was and what to do then', () => {
    const [amiss] = overcoatedAmiss(after(1), climate);
    expect(amiss!.by).toBeLessThan(1);
    const said = overcoatedVerdict(amiss!);
    expect(verdictText(said.says, 'metric', () => 'then')).toMatch(
      /^The primer was laid over then \(first coat\), \d+\u00a0% of the way to its overcoat time/,
    );
    expect(said.quiet![0]).toBe(whenMissed(primer!.coat, 'overcoatFrom').says);
    const late = overcoatedVerdict(overcoatedAmiss(after((opens - finished) / HOUR + 48), climate)[0]!);
    expect(verdictText(late.says, 'metric', () => 'then')).toMatch(/past its overcoat time\.$/);
  });
  it('a second helping of the same coat is none, nor is what the hours do not cover', () => {
    expect(overcoatedAmiss(after(1, primer!), climate)).toEqual([]);
    const old = { ...primer!.entry, finishedAt: new Date(finished - 400 * 24 * HOUR).toISOString() };
    expect(overcoatedAmiss({ laid: [{ ...primer!, entry: old }, first!], others: [] }, climate)).toEqual([]);
  });
  it('what lay open for days is washed, for weeks looked at for growth', () => {
    const said = (days: number): string =>
      verdictText(
        callVerdict({ ...morning.get('C4')!, lainH: days * 24 }, at.getTime()).quiet ?? [],
        'metric',
        () => 'then',
      );
    expect(said(2.9)).not.toContain('wash');
    expect(said(3)).toContain('has lain 3 days: wash it off and let it dry first.');
    expect(said(20.9)).not.toContain('growth');
    expect(said(21)).toContain('biocide');
    expect(lainHours(status, at.getTime())).toBeCloseTo(
      (at.getTime() - Date.parse(status.laid.at(-1)!.entry.finishedAt!)) / HOUR,
      9,
    );
    expect(lainHours({ laid: [], others: [] }, at.getTime())).toBeUndefined();
  });
});

describe('a start dragged', () => {
  const call = morning.get('H5')!;
  const view = weatherAt(at.getTime());
  const top = topOf(call.status);
  const climate = view.climate('hall', top.shade, top.coated);
  const start = (hours: number) =>
    startAt(
      call.layer!,
      at.getTime() + hours * HOUR,
      { layingHours: call.laying!.value },
      climate,
      at.getTime(),
    )!;
  it('into the evening turns the verdict: rain, then dew', () => {
    expect(startVerdict('H5', start(3)).outcome).toBe('go');
    const late = startVerdict('H5', start(8));
    expect(late.outcome).toBe('hold');
    expect(start(8).failing.map((f) => f.condition)).toContain('rain');
    // Every other one with its number too.
    const plainly = (parts: Parameters<typeof verdictText>[0]) => verdictText(parts, 'metric', () => 'then');
    const rest = start(8).failing.slice(1);
    expect(rest.length).toBeGreaterThan(0);
    for (const f of rest) expect(plainly(late.quiet ?? [])).toContain(plainly(failingWords(f)));
  });
  it('stages come in their order and move with it', () => {
    const [a, b] = [start(2), start(4)];
    for (const s of [a, b]) {
      expect(s.laidMs).toBeGreaterThan(s.startMs);
      expect(s.rainSafeMs!).toBeGreaterThan(s.laidMs);
      expect(s.overcoatFromMs!).toBeGreaterThanOrEqual(s.rainSafeMs!);
      expect(s.overcoatUntilMs ?? Infinity).toBeGreaterThan(s.overcoatFromMs!);
    }
    expect(b.rainSafeMs!).toBeGreaterThan(a.rainSafeMs!);
  });
  it('has a chance and a spread from the ways the weather may go', () => {
    const ways = Array.from({ length: 12 }, (_, m) =>
      weatherAt(at.getTime(), book, m).climate('hall', top.shade, top.coated),
    );
    const chances = chancesOf(call.ask!, ways);
    const hourOfStart = Math.floor((at.getTime() + 3 * HOUR - climate.line.startMs) / HOUR);
    expect(chances.open[hourOfStart]).toBeGreaterThan(0.7);
    expect(chances.open[hourOfStart + 6]).toBeLessThan(0.3);
    expect(chances.trouble(hourOfStart + 6)!.condition).toMatch(/rain/);
    const s = startAt(call.layer!, at.getTime() + 3 * HOUR, { layingHours: 1 }, climate, at.getTime(), ways)!;
    expect(s.overcoatFromSpread!.earlyMs).toBeLessThanOrEqual(s.overcoatFromSpread!.lateMs);
    expect(spreadOf([undefined, undefined])).toBeUndefined();
    expect(spreadOf([3, undefined, 1, 2])).toEqual({ earlyMs: 1, middleMs: 2, lateMs: 3, unknown: 0.25 });
  });
});

describe('cure over the weather', () => {
  const { layer, status } = morning.get('H5')!;
  const coat = layer && isCoat(layer) ? layer : undefined;
  const view = weatherAt(at.getTime());
  const climate = view.climate('hall', undefined, false);
  it('an hour by hour table, added up in the plainest way, reaches each stage in the same hour', () => {
    const from = at.getTime() + 2 * HOUR;
    for (const { stage, atMs } of stageTimes(coat!, from, 1, climate, from)) {
      const model = coat!.cure[stage]!;
      // Minutes, each at the rate that its hour has (equivalent age as in ASTM C1074, Arrhenius between rows).
      let done = 0;
      let ms = from;
      const end = climate.line.startMs + climate.line.hours * HOUR;
      while (done < 1 && ms < end) {
        const h = Math.floor((ms - climate.line.startMs) / HOUR);
        const t = Math.max(climate.surfaceC[h]!, -300);
        const rows = model.points;
        const i = rows.findIndex((r) => r.atC > t);
        const k = (c: number): number => 1 / (c + 273.15);
        let hours = Infinity;
        if (i === -1) hours = rows.at(-1)!.hours;
        else if (i > 0) {
          const [a, b] = [rows[i - 1]!, rows[i]!];
          hours = a.hours * (b.hours / a.hours) ** ((k(t) - k(a.atC)) / (k(b.atC) - k(a.atC)));
        }
        const wet = model.byWetFilmMm?.[0]?.factor ?? 1;
        const humid = model.byHumidityPct ? undefined : 1;
        done += humid === undefined ? NaN : 1 / (hours * wet) / 60;
        ms += 60_000;
      }
      if (Number.isNaN(done)) continue;
      if (atMs === undefined) expect(done, stage).toBeLessThan(1);
      else expect(Math.abs(ms - atMs), stage).toBeLessThanOrEqual(2 * 60_000);
    }
  });
  it('says what happens to a film on its way: the rain of the afternoon', () => {
    const found = mishapsOf(coat!, at.getTime() + 7 * HOUR, 1, climate, at.getTime());
    expect(found.find((m) => m.kind === 'rainSafe')).toMatchObject({ ahead: true });
    expect(
      mishapsOf(coat!, at.getTime() + 2 * HOUR, 1, climate, at.getTime()).map((m) => m.kind),
    ).not.toContain('rainSafe');
  });
  it('and what the layer says to do then', () => {
    const rainedOn = mishapVerdict(coat!, {
      kind: 'rainSafe',
      atMs: at.getTime() - HOUR,
      value: 1.6,
      ahead: false,
    });
    expect(rainedOn.outcome).toBe('stop');
    expect(verdictText(rainedOn.says, 'metric', () => 'then')).toBe(
      '1.6\u00a0mm of rain then, before it is rain-safe.',
    );
    expect(rainedOn.quiet?.join('')).toBe(whenMissed(coat!, 'rainSafe').says);
    const cold = mishapVerdict(coat!, { kind: 'cold', atMs: at.getTime() + HOUR, value: 2, ahead: true });
    expect(cold).toMatchObject({ outcome: 'hold', subject: 'Ahead.' });
    expect(cold.quiet).toBeUndefined();
  });
  it('what is not forecast is not known: no time beyond the end of the hours', () => {
    const lateMs = climate.line.startMs + (climate.line.hours - 2) * HOUR;
    expect(
      stageTimes(coat!, lateMs, 1, climate, lateMs).find((t) => t.stage === 'full' || t.stage === 'foot')
        ?.atMs,
    ).toBeUndefined();
    const blind = bayStatus(status.bay, job.buildUp, book, at.getTime(), {
      steps: view.bayWeather(climate)!.steps,
      untilMs: at.getTime() - 13 * HOUR,
    });
    expect(blind).toMatchObject({ opensMs: undefined, unknown: 'beyond the forecast' });
  });
});
