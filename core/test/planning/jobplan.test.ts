/** A whole job planned: the demo at its morning, and what changes when its crews, dates and ground do. */
import { describe, expect, it } from 'vitest';
import { isWorkLayer } from '@lentum/core/buildup';
import { verdictText } from '@lentum/core/figures';
import {
  answerOf,
  blocksOf,
  changesSince,
  chancesOfPlan,
  firstPlan,
  keptBetween,
  keptFrom,
  keptWorks,
  movesWhy,
  plannedOf,
  programmeSchema,
  slipsOf,
  waysOf,
  withPins,
  type JobPlanned,
  type PlanAnswer,
  type PlanTerms,
  type ProgrammeDoc,
} from '@lentum/core/planning';
import { jobState } from '@lentum/core/state';
import { takeoff } from '@lentum/core/order';
import {
  dateOf,
  DAY_COLUMNS,
  dayRows,
  dayRuns,
  daySheet,
  daySheetBlocks,
  deliveryVerdicts,
  finishWords,
  leftOutVerdicts,
  noticeBlocks,
  noticesOf,
  openedVerdicts,
  planVerdicts,
  stockVerdicts,
  whyLines,
} from '@lentum/core/words';
import { printoutLines, tellingOf } from '@lentum/core/printout';
import { calendarDay } from '@lentum/core/wording';
import { zoneAhead } from '@lentum/core/weather';
import { DEMO_ANCHOR, velmora } from '@lentum/demo';
import { inputsOf } from '../support/calls.ts';
import { brokenRules } from './checker.ts';

const NOW = Date.parse(DEMO_ANCHOR);
const job = velmora(new Date(DEMO_ANCHOR));
const state = jobState(inputsOf(job, NOW));
const terms = (doc: Partial<ProgrammeDoc> = {}): PlanTerms => ({
  ...{ state, order: job.order, timeZone: job.job.timeZone, nowMs: NOW },
  doc: { ...job.programme, ...doc },
});
function planned(doc: Partial<ProgrammeDoc> = {}): JobPlanned {
  const made = plannedOf(terms(doc));
  if ('cannot' in made) throw new Error('the demo can be planned');
  return made;
}
const demo = planned();
const found = firstPlan(demo);
const answer = answerOf(demo, found.plan);
const text = (parts: Parameters<typeof verdictText>[0]): string =>
  verdictText(parts, 'metric', (ms) => new Date(ms).toISOString());

describe('the work that is left', () => {
  it('is every layer that is not laid, on every bay that can be planned, each once', () => {
    const left = new Set(demo.leftOut.map((l) => l.bay.id));
    for (const { status } of state.calls) {
      if (left.has(status.bay.id) || !status.buildUp) continue;
      const done = new Set([...status.laid.map((l) => l.coat.id), ...status.others.map((o) => o.layer.id)]);
      const work = status.buildUp.layers.filter(
        (l) =>
          l.kind !== 'fabric' && l.kind !== 'broadcast' && !(l.kind === 'coat' && l.treats === 'details'),
      );
      const want = work.map((l) => l.id).filter((id) => !done.has(id));
      const got = demo.tasks.filter((t) => demo.bays[t.bay]?.id === status.bay.id && t.kind === 'layer');
      expect(
        got.map((t) => t.layerId),
        status.bay.label,
      ).toEqual(want);
    }
    expect(new Set(demo.tasks.map((t) => t.id)).size).toBe(demo.tasks.length);
  });

  it('leaves out what is held and what is refused, and says why', () => {
    const says = leftOutVerdicts(answer).map((v) => `${v.subject} ${text(v.says)}`);
    expect(says.find((s) => s.startsWith('H9'))).toContain('held by');
    expect(says.find((s) => s.startsWith('B1'))).toContain('silicone');
  });

  it('leaves ground out that is not fit, until somebody counts on it', () => {
    const strict = planned({ expects: [] });
    const out = strict.leftOut.map((l) => l.bay.label);
    expect(out).toEqual(expect.arrayContaining(['D1', 'D8', 'T13']));
    const fitAt = Date.parse(job.programme.expects.find((e) => e.zoneId === 'deck')?.fitAt ?? '');
    const primers = demo.tasks.filter(
      (t) => t.id.startsWith('deck-') && t.kind === 'layer' && t.after.length <= 1,
    );
    expect(primers.length).toBeGreaterThan(0);
    for (const t of primers) expect(demo.startMs + t.earliestMin * 60_000).toBeGreaterThanOrEqual(fitAt);
  });

  it('waits for its delivery', () => {
    const on = job.order.deliveries.find((d) => d.zoneIds.includes('workshop'))?.on ?? '';
    const laid = answer.tasks.filter((t) => answer.zones[t.zone]?.id === 'workshop' && t.kind === 'layer');
    expect(laid.length).toBeGreaterThan(0);
    for (const t of laid) expect(new Date(t.startMs).toISOString().slice(0, 10) >= on).toBe(true);
  });
});

describe('what roofs ask for', () => {
  const spansOf = (made: JobPlanned, zoneId: string): { from: number; to: number } => {
    const zone = made.zones.findIndex((z) => z.id === zoneId);
    const own = firstPlan(made).plan.placed.filter((p) => p && made.tasks[p.task]?.zone === zone);
    return {
      from: Math.min(...own.map((p) => p?.start ?? Infinity)),
      to: Math.max(...own.map((p) => p?.end ?? 0)),
    };
  };
  const day = (n: number, h: number): string => new Date(NOW + n * 86_400_000 + h * 3_600_000).toISOString();

  it('sweeps what is thrown and rubs down fibres before they are covered', () => {
    const before = demo.works.filter((w) => w.kind === 'layer' && w.steps.length > 0);
    const steps = new Set(before.flatMap((w) => w.steps));
    expect(steps).toContain('Rub down fibres');
    expect([...steps].some((n) => n.startsWith('Sweep off loose'))).toBe(true);
    for (const { buildUp, layer, steps: own } of before) {
      const layers = buildUp.layers.filter(isWorkLayer);
      const below = layers[layers.findIndex((l) => l.id === layer?.id) - 1];
      const inIt = buildUp.layers.filter(
        (l) =>
          (l.kind === 'fabric' && l.embeddedIn === below?.id) ||
          (l.kind === 'broadcast' && l.into === below?.id),
      );
      expect(inIt.length).toBeGreaterThanOrEqual(own.length);
    }
  });

  it('keeps one roof open while work is on the other', () => {
    const made = planned({ apart: [{ zoneIds: ['hall', 'terrace'] }] });
    const [hall, terrace] = [spansOf(made, 'hall'), spansOf(made, 'terrace')];
    expect(hall.to <= terrace.from || terrace.to <= hall.from).toBe(true);
    // Without it they are worked on together.
    const [a, b] = [spansOf(demo, 'hall'), spansOf(demo, 'terrace')];
    expect(a.to <= b.from || b.to <= a.from).toBe(false);
  });

  it('leaves a roof alone while others are on it', () => {
    const [from, to] = [day(0, 0), day(5, 0)];
    const made = planned({ taken: [{ zoneId: 'office', from, to, says: 'roofers of the tower' }] });
    const until = (Date.parse(to) - made.startMs) / 60_000;
    const zone = made.zones.findIndex((z) => z.id === 'office');
    const { placed } = firstPlan(made).plan;
    const starts = placed.flatMap((p) => (p && made.tasks[p.task]?.zone === zone ? [p.start] : []));
    expect(starts.length).toBeGreaterThan(0);
    expect(Math.min(...starts)).toBeGreaterThanOrEqual(until);
    expect(brokenRules(made, placed)).toEqual([]);
  });

  it('is loud only at the hours for it', () => {
    const made = planned({ loud: { from: '10:00', to: '11:00' } });
    const { placed } = firstPlan(made).plan;
    const loud = made.tasks.filter((t) => t.kind === 'prepare' && t.closure !== undefined);
    expect(loud.length).toBeGreaterThan(0);
    expect(brokenRules(made, placed)).toEqual([]);
    for (const t of loud) {
      const start = placed[t.index]?.start;
      if (start === undefined) continue;
      const clock = new Date(made.startMs + start * 60_000 + zoneAhead(made.startMs, job.job.timeZone));
      expect(clock.getUTCHours()).toBe(10);
    }
  });

  it('says where what is opened cannot be closed again on the same day', () => {
    const made = planned({ opened: ['hall'] });
    const own = made.works.filter((w) => w.bay.id === 'hall-12');
    expect(own[0]).toMatchObject({ kind: 'prepare', opening: 'opens', parted: false });
    expect(own.filter((w) => w.opening === 'closes').map((w) => w.name)).toEqual(['First coat']);
    const shown = answerOf(made, firstPlan(made).plan);
    const why = shown.unplaced.find((u) => u.bays.includes('H12') && u.name === 'Preparation')?.why ?? [];
    expect(text(why)).toContain('opened and closed again');
  });

  it('tests a roof with water where an engineer says what it carries, and says why where not', () => {
    const flood = { zoneId: 'terrace', hours: { value: 24, source: 'typical' as const } };
    const withoutLoad = {
      ...job,
      survey: {
        ...job.survey,
        zones: job.survey.zones.map(({ deckLoad: _engineer, ...z }) => z),
      },
    };
    const without = plannedOf({
      ...terms({ floods: [flood] }),
      state: jobState(inputsOf(withoutLoad, NOW)),
    });
    if ('cannot' in without) throw new Error('it can be planned');
    expect(without.tasks.some((t) => t.kind === 'flood')).toBe(false);
    expect(without.untested.map((u) => text(u.why))[0]).toContain('not known');
    const made = plannedOf({
      ...terms({ floods: [flood] }),
      state: jobState(inputsOf(job, NOW)),
    });
    if ('cannot' in made) throw new Error('it can be planned');
    const [fill, read] = made.tasks.filter((t) => t.kind === 'flood');
    expect(made.untested).toEqual([]);
    const { placed } = firstPlan(made).plan;
    const [filled, readAt] = [placed[fill?.index ?? -1], placed[read?.index ?? -1]];
    const zone = made.zones.findIndex((z) => z.id === 'terrace');
    const laid = placed.filter(
      (p) => p && made.tasks[p.task]?.zone === zone && made.tasks[p.task]?.kind === 'layer',
    );
    expect(filled?.start).toBeGreaterThan(Math.max(...laid.map((p) => p?.end ?? 0)));
    expect((readAt?.start ?? 0) - (filled?.end ?? 0)).toBeGreaterThanOrEqual(24 * 60);
    expect(brokenRules(made, placed)).toEqual([]);
  });

  it('takes the times of preparation that somebody set', () => {
    const minutes = (made: JobPlanned): number =>
      made.tasks.filter((t) => t.kind === 'prepare').reduce((n, t) => n + (t.minutes[0] ?? 0), 0);
    const each = (value: number) => ({ value, source: 'chosen' as const });
    const slow = planned({
      times: {
        ...job.programme.times,
        stepMin: { broom: each(20), grind: each(20), profile: each(20), wash: each(20) },
      },
    });
    expect(minutes(slow)).toBeGreaterThan(minutes(demo));
  });
});

describe('the plan of a job', () => {
  it('breaks no rule', () => {
    expect(brokenRules(demo, found.plan.placed)).toEqual([]);
  });

  it('lays each layer of a bay after the one below', () => {
    for (const bay of new Set(answer.tasks.map((t) => t.bayId))) {
      const own = answer.tasks.filter((t) => t.bayId === bay && t.kind === 'layer');
      own.forEach((t, i) => {
        const below = own[i - 1];
        if (below) expect(t.startMs).toBeGreaterThanOrEqual(below.opensMs ?? below.endMs);
      });
    }
  });

  it('works on no day off, and within the hours', () => {
    const off = new Set(job.programme.off.map((o) => o.on));
    for (const b of blocksOf(answer)) {
      expect(off.has(b.date)).toBe(false);
      const day = answer.days.find((d) => d.date === b.date);
      expect(b.fromMs).toBeGreaterThanOrEqual(day?.fromMs ?? Infinity);
      expect(b.toMs).toBeLessThanOrEqual(day?.toMs ?? 0);
    }
  });

  it('goes by the crews that are named: without one at the kettle nothing hot is laid, and that is said', () => {
    const without = planned({
      crews: job.programme.crews.map((c) => ({ ...c, skills: ['catalysed', 'spray'] })),
    });
    const says = answerOf(without, firstPlan(without).plan);
    const second = says.unplaced.find((u) => u.name === 'Second hot layer');
    expect(second && text(second.why)).toBe('no crew can: it asks for somebody for the kettle.');
  });

  it('says so where every day is shut, where no weather is known, and where a date is past', () => {
    const shut = planned({ hours: { ...job.programme.hours, days: [] } });
    const none = answerOf(shut, firstPlan(shut).plan);
    expect(none.tasks).toEqual([]);
    expect(none.unplaced.map((u) => text(u.why))).toContain('nobody works on any day that is looked at.');
    const blind = jobState({ ...inputsOf(job, NOW), series: [] });
    const cannot = plannedOf({ ...terms(), state: blind });
    expect('cannot' in cannot && text(cannot.cannot)).toMatch(/^No weather is known/);
    const past = planned({
      deadlines: [{ id: 'p', zoneId: 'hall', what: 'done', by: '2026-05-01T09:00:00.000Z', costPerDay: 0 }],
    });
    const late = planVerdicts(answerOf(past, firstPlan(past).plan))[0];
    expect(late?.outcome).toBe('hold');
  });

  it('says which layer never comes while the one below is open, with the hours of each, and that this is planned', () => {
    expect(answer.neverMeet).toEqual([]);
    // A first coat that may be laid over from 11 hours on, and closes soon after that: by night, whenever it was laid by day.
    const steady = (hours: number) => ({
      source: 'data sheet' as const,
      points: [
        { atC: 5, hours },
        { atC: 40, hours },
      ],
    });
    const buildUps = structuredClone(job.buildUp);
    for (const l of buildUps.buildUps.flatMap((b) => b.layers))
      if (l.kind === 'coat' && l.name === 'First coat')
        l.cure = { ...l.cure, overcoatFrom: steady(11), overcoatUntil: steady(11.4) };
    const other = jobState(inputsOf({ ...job, buildUp: buildUps }, NOW));
    const made = plannedOf({ ...terms(), state: other });
    if ('cannot' in made) throw new Error('it can be planned');
    const shown = answerOf(made, firstPlan(made).plan);
    expect(shown.neverMeet.map((m) => m.below)).toContain('First coat');
    const said = planVerdicts(shown).find((v) => v.subject.startsWith('Booking hall roof, second coat'));
    expect(said?.outcome).toBe('hold');
    expect(text(said?.says ?? [])).toMatch(
      /none of the [\d.]+\sh in which it may be begun comes while the first coat below is open, which may be begun in [\d.]+\sh/,
    );
    // It is laid all the same, after what has closed was put right.
    expect(shown.tasks.some((t) => t.name === 'Second coat' && t.late)).toBe(true);
  });

  it('says what no day is long enough for', () => {
    const short = planned({ hours: { ...job.programme.hours, from: '07:00', to: '08:10', breakMin: 0 } });
    const says = answerOf(short, firstPlan(short).plan).unplaced.map((u) => text(u.why));
    expect(says.some((s) => s.startsWith('it takes '))).toBe(true);
  });

  it('says what was fixed by hand where it cannot stand, and why', () => {
    const late = answer.tasks.find(
      (t) => t.kind === 'layer' && t.number === 2 && t.startMs > NOW + 30 * 3_600_000,
    );
    const startAt = new Date(NOW + 3_600_000).toISOString();
    const made = planned({ pins: [{ taskId: late?.id ?? '', startAt }] });
    const shown = answerOf(made, firstPlan(made).plan);
    const task = shown.tasks.find((t) => t.id === late?.id);
    expect(task?.asked?.startMs).toBe(Date.parse(startAt));
    expect(['below', 'ground or cure']).toContain(task?.asked?.why.kind);
    const said = planVerdicts(shown).filter((v) => v.subject.endsWith('fixed by hand:'));
    expect(said).toHaveLength(1);
    expect(planVerdicts(answer).some((v) => v.subject.endsWith('fixed by hand:'))).toBe(false);
  });

  it('keeps what was fixed by hand', () => {
    const task = answer.tasks.find((t) => t.kind === 'layer' && t.name === 'Finish' && !t.late);
    if (!task) throw new Error('the demo has a finish to lay');
    const startAt = new Date(task.startMs + 24 * 3_600_000).toISOString();
    const fixed = withPins(demo, [{ taskId: task.id, crewId: 'quay', startAt }]);
    const plan = firstPlan(fixed).plan;
    expect(brokenRules(fixed, plan.placed)).toEqual([]);
    const now = answerOf(fixed, plan).tasks.find((t) => t.id === task.id);
    expect(now?.pinned).toBe(true);
    expect(now?.startMs).toBeGreaterThanOrEqual(Date.parse(startAt));
  });
});

describe('how sure it is', () => {
  const ways = [...waysOf(terms(), demo)];
  const chances = chancesOfPlan(demo, found.plan, ways);
  const sure = answerOf(demo, found.plan, chances);

  it('is said by shares of the ways that the forecast may go', () => {
    expect(sure.ways).toBe(12);
    for (const t of sure.tasks) {
      expect(t.chance?.holds).toBeGreaterThanOrEqual(0);
      expect((t.chance?.holds ?? 0) + (t.chance?.spoiled ?? 0)).toBeLessThanOrEqual(1 + 1e-9);
    }
    const first = sure.tasks.filter((t) => t.startMs < demo.startMs + 2 * 3_600_000);
    const last = sure.tasks.filter((t) => t.startMs > demo.startMs + 120 * 3_600_000);
    const mean = (list: readonly PlanAnswer['tasks'][number][]): number =>
      list.reduce((n, t) => n + (t.chance?.holds ?? 0), 0) / Math.max(1, list.length);
    expect(mean(first)).toBeGreaterThan(mean(last));
    expect(text(finishWords(sure))).toMatch(/Eight in ten|In none/);
  });

  it('says nothing of chances where no forecast has its ways', () => {
    expect(text(finishWords(answer))).toContain('cannot be told');
    expect(answer.deadlines.every((d) => d.chance === undefined)).toBe(true);
  });
});

describe('a plan that is kept', () => {
  it('differs in nothing from itself, and names what is moved, new and gone', () => {
    const kept = keptFrom(answer, NOW);
    const same = changesSince(kept, answer);
    expect([same.moved, same.fresh, same.gone, same.laterMs]).toEqual([[], [], [], 0]);
    const [first, second, ...rest] = answer.tasks;
    if (!first || !second) throw new Error('the demo has work');
    const later = { ...second, startMs: second.startMs + 7_200_000 };
    const changed = changesSince(kept, { ...answer, tasks: [later, { ...first, id: 'new' }, ...rest] });
    expect(changed.moved.map((m) => m.task.id)).toEqual([second.id]);
    expect(changed.fresh.map((t) => t.id)).toEqual(['new']);
    expect(changed.gone.map((t) => t.taskId)).toEqual([first.id]);
  });

  it('is part of the document, which takes it back as it was', () => {
    const doc = { ...job.programme, kept: keptFrom(answer, NOW) };
    expect(programmeSchema.parse(JSON.parse(JSON.stringify(doc)))).toEqual(doc);
  });
});

describe('a kept plan read again', () => {
  const works = keptWorks(keptFrom(answer, NOW), {
    site: job.site,
    survey: job.survey,
    buildUps: job.buildUp,
  });

  it('has the names that its works have, whoever reads it', () => {
    expect(works).toHaveLength(answer.tasks.length);
    for (const t of answer.tasks) {
      const w = works.find((x) => x.taskId === t.id);
      expect(w).toMatchObject({
        bay: t.bay,
        zone: answer.zones[t.zone]?.name,
        name: t.name,
        startMs: t.startMs,
      });
      expect(w?.layerId).toBe(t.kind === 'layer' ? t.layerId : undefined);
    }
    const gone = keptWorks(keptFrom(answer, NOW), {
      ...{ survey: job.survey, buildUps: job.buildUp },
      site: { ...job.site, bays: job.site.bays.filter((b) => b.zoneId !== 'hall') },
    });
    expect(gone.some((w) => w.bay.startsWith('H'))).toBe(false);
    expect(gone.length).toBeGreaterThan(0);
  });

  it('is drawn together by crew and work for a day, in order', () => {
    const day = answer.days.find((d) => d.usedMin > 0);
    if (!day) throw new Error('the demo has a day of work');
    const groups = keptBetween(works, day.fromMs, day.toMs);
    const own = works.filter((w) => w.startMs < day.toMs && w.endMs > day.fromMs);
    expect(groups.flatMap((g) => g.works.map((w) => w.taskId)).sort()).toEqual(
      own.map((w) => w.taskId).sort(),
    );
    for (const g of groups)
      for (const w of g.works) expect([w.crewId, w.zone, w.name]).toEqual([g.crewId, g.zone, g.name]);
  });
});

describe('what slipped', () => {
  it('is what was to be laid by now and is not, once for each bay, with how the bay is judged', () => {
    const at = (h: number): string => new Date(NOW + h * 3_600_000).toISOString();
    const task = (taskId: string, h: number) => ({
      taskId,
      crewId: 'quay',
      startAt: at(h),
      endAt: at(h + 1),
    });
    const kept = {
      // Laid long ago; held since; not laid yet and what follows it; still to come.
      tasks: [
        task('hall-1/first', -50),
        task('hall-9/second', -5),
        task('hall-10/primer', -4),
        task('hall-10/first', -2),
        task('hall-12/primer', 4),
      ],
    };
    const works = keptWorks(kept, { site: job.site, survey: job.survey, buildUps: job.buildUp });
    const slips = slipsOf(works, { state, order: job.order, nowMs: NOW });
    expect(slips.map((s) => s.work.taskId)).toEqual(['hall-9/second', 'hall-10/primer']);
    expect(slips[0]?.call?.kind).toBe('held');
    expect(slips[1]?.byMs).toBe(3 * 3_600_000);
    expect(slips[0]?.causes[0]?.kind).toBe('held');
    for (const s of slips) expect(s.causes.length).toBeGreaterThan(0);
  });
});

describe('why works have moved since a plan was kept', () => {
  const kept = keptFrom(answer, NOW);
  const why = (doc: Partial<ProgrammeDoc>, order = job.order) => {
    const made = plannedOf({ ...terms(doc), order });
    if ('cannot' in made) throw new Error('it can be planned');
    const { plan } = firstPlan(made);
    const changes = changesSince(kept, answerOf(made, plan), movesWhy(made, plan, kept));
    return { changes, kinds: new Set(changes.moved.flatMap((m) => m.why?.kind ?? [])) };
  };

  it('is a crew that is not there, with its bays in a line', () => {
    const off = answer.days.slice(0, 2).map((d) => d.date);
    const crews = job.programme.crews.map((c, i) => (i === 0 ? { ...c, off } : c));
    const { changes, kinds } = why({ crews });
    expect(kinds).toContain('crew away');
    const lines = whyLines(changes);
    expect(lines.reduce((n, l) => n + l.count, 0)).toBe(changes.moved.length);
    expect(lines.map((l) => l.says)).toContain('its crew is not at work then');
  });

  it('is a delivery that comes later, and what was fixed by hand', () => {
    const [first] = job.order.deliveries;
    const on = new Date(Date.parse(first?.on ?? '') + 4 * 86_400_000).toISOString().slice(0, 10);
    const order = { ...job.order, deliveries: job.order.deliveries.map((d) => ({ ...d, on })) };
    expect(why({}, order).kinds).toContain('delivery');
    const task = answer.tasks.find((t) => t.kind === 'layer' && t.startMs > NOW + 30 * 3_600_000);
    const startAt = new Date((task?.startMs ?? 0) + 48 * 3_600_000).toISOString();
    const pinned = why({ pins: [{ taskId: task?.id ?? '', startAt }] });
    expect(pinned.changes.moved.find((m) => m.task.id === task?.id)?.why?.kind).toBe('by hand');
  });

  it('is no crew at night, and the weather where only the sky bars the hour', () => {
    // Every kept start a night later or earlier: at three in the morning no crew is at work.
    const night = {
      ...kept,
      tasks: kept.tasks.map((t) => ({
        ...t,
        startAt: new Date(Date.parse(t.startAt) + 13 * 3_600_000).toISOString(),
      })),
    };
    const kinds = [...movesWhy(demo, found.plan, night).values()].map((w) => w.kind);
    expect(kinds.filter((k) => k === 'crew away').length).toBeGreaterThan(kinds.length / 3);
    const own = [...movesWhy(demo, found.plan, kept).values()];
    expect(own.filter((w) => w.kind === 'weather')).toEqual([]);
    // An hour of work of its crew, after all that it follows, in which only the sky is shut.
    const shut = demo.tasks.flatMap((t) => {
      const p = found.plan.placed[t.index];
      if (!p || t.parted || t.kind !== 'layer' || t.after.length > 0) return [];
      const parts = demo.crews[p.crew]?.shifts.flatMap((s) => s.parts) ?? [];
      return parts.flatMap(({ from, to }) => {
        const start = Math.ceil(Math.max(from, t.earliestMin) / 60) * 60;
        const hours = Math.ceil((t.minutes[p.crew] ?? 60) / 60);
        const isShut = demo.outlook.sky(t.index, hours)?.open[start / 60] === 0;
        return isShut && start < to ? [{ t, start }] : [];
      });
    });
    expect(shut.length).toBeGreaterThan(0);
    for (const { t, start } of shut) {
      const startAt = new Date(demo.startMs + start * 60_000).toISOString();
      const one = { tasks: kept.tasks.map((k) => (k.taskId === t.id ? { ...k, startAt } : k)) };
      const told = movesWhy(demo, found.plan, one).get(t.id);
      expect(told?.kind).toBe('weather');
      expect(told?.condition).toBeDefined();
    }
  });
});

describe('what is accepted before it is covered', () => {
  const inspector = { from: '11:00', to: '12:00', days: [1, 2, 3, 4, 5, 6, 7] };
  const rules = { practice: [], holdPoints: ['primer', 'details', 'coats'] as const };
  const held = jobState({ ...inputsOf(job, NOW), rules: { ...rules, holdPoints: [...rules.holdPoints] } });
  const made = plannedOf({ ...terms({ inspector }), state: held });
  if ('cannot' in made) throw new Error('it can be planned');
  const plan = firstPlan(made).plan;

  it('waits for the inspector, who comes at the hours that are said', () => {
    expect(brokenRules(made, plan.placed)).toEqual([]);
    const seen = made.tasks.filter((t) => t.kind === 'accept');
    expect(seen.length).toBeGreaterThan(20);
    const days = answerOf(made, plan);
    for (const t of seen) {
      const p = plan.placed[t.index];
      if (!p) continue;
      expect(made.crews[p.crew]?.inspects).toBe(true);
      const local = new Date(days.startMs + p.start * 60_000 + zoneAhead(NOW, job.job.timeZone));
      expect(local.getUTCHours()).toBe(11);
      // What covers it is begun after it was looked at.
      const next = made.tasks.filter((n) => n.after.some((l) => l.task === t.index));
      expect(next.length).toBeGreaterThan(0);
      for (const n of next) expect(plan.placed[n.index]?.start ?? Infinity).toBeGreaterThanOrEqual(p.end);
    }
  });

  it('is no work that anybody is paid for', () => {
    const hours = answerOf(made, plan).personHours;
    expect(Object.values(hours.inputs).every((f) => !f.label.startsWith('Inspector'))).toBe(true);
  });

  it('asks for no visit where the job’s rules name nothing', () => {
    expect(planned({ inspector }).tasks.some((t) => t.kind === 'accept')).toBe(false);
  });
});

describe('the sheet of a day', () => {
  const day = answer.days.find((d) => d.usedMin > 0);
  if (!day) throw new Error('the demo has a day of work');
  const sheet = daySheet(answer, day.date);
  if (!sheet) throw new Error('it has a sheet');

  it('has every work of the day once, with its crew, in order', () => {
    const lines = sheet.crews.flatMap((c) => c.lines);
    const own = answer.tasks.filter((t) => t.startMs < day.toMs && t.endMs > day.fromMs);
    expect(lines.flatMap((l) => l.tasks.map((t) => t.id)).sort()).toEqual(own.map((t) => t.id).sort());
    for (const c of sheet.crews)
      expect(c.lines.map((l) => l.fromMs)).toEqual([...c.lines.map((l) => l.fromMs)].sort((a, b) => a - b));
  });

  it('brings what its coats take together', () => {
    const sum = answer.tasks
      .filter((t) => t.startMs >= day.fromMs && t.startMs < day.toMs && t.name === 'Wear coat')
      .reduce((n, t) => n + (t.amount?.value ?? 0), 0);
    const wear = sheet.bring.find((b) => b.name === 'Wear coat');
    expect(wear?.amount.value).toBeCloseTo(sum, 9);
    expect(sum).toBeGreaterThan(0);
  });

  it('says on paper what it says on screen, and that it is no Go', () => {
    const t = tellingOf({ units: 'metric', timeZone: job.job.timeZone, wording: 'uk' });
    const blocks = daySheetBlocks(sheet, { kit: ['roller'], contacts: job.programme.contacts }, t);
    const lines = printoutLines({ title: 'Day', job: 'x', made: 'y', language: 'en-GB', blocks }).join('\n');
    for (const c of sheet.crews) expect(lines).toContain(c.crew.name);
    for (const l of sheet.crews.flatMap((c) => c.lines)) expect(lines).toContain(l.bays);
    expect(lines).toContain('A plan is no Go');
    expect(lines).toContain('roller');
    for (const c of job.programme.contacts) expect(lines).toContain(`${c.about}, ${c.name}, ${c.phone}`);
  });

  it('says in how many mixes a coat is laid, each within its pot life', () => {
    // Only what is mixed of parts or with a catalyst.
    const mixed = answer.tasks.filter((t) => t.mix);
    expect(mixed.length).toBeGreaterThan(20);
    expect(mixed.every((t) => (t.potLifeMin ?? 0) > 0)).toBe(true);
    const said = answer.days.flatMap(({ date }) =>
      (daySheet(answer, date)?.crews ?? []).flatMap((c) =>
        c.lines.map((l) => ({ l, says: l.minds.map(text).join(' ') })),
      ),
    );
    const lines = said.filter(({ l }) => l.tasks.some((t) => t.mix?.most));
    expect(lines.length).toBeGreaterThan(5);
    for (const { l, says } of lines) {
      const most = Math.min(...l.tasks.flatMap((t) => t.mix?.most?.value ?? []));
      const need = l.tasks.reduce((n, t) => n + (t.mix?.needKg ?? 0), 0);
      const count = Number(/: (\d+) mix/.exec(says)?.[1]);
      // So many are enough, and one less is not.
      expect(count * most).toBeGreaterThanOrEqual(need - 1e-6);
      expect((count - 1) * most).toBeLessThan(need);
    }
  });

  it('a heat in which no mix can be placed is said, with why', () => {
    const warm: typeof demo = { ...demo, air: { ...demo.air, airC: demo.air.airC.map(() => 58) } };
    const hot = answerOf(warm, found.plan);
    const cannot = hot.tasks.filter((t) => t.mix?.cannot !== undefined);
    expect(cannot.length).toBeGreaterThan(0);
    const verdicts = planVerdicts(hot).filter((v) => text(v.says).includes('no mix can be placed'));
    expect(verdicts.length).toBeGreaterThan(0);
    expect(verdicts.every((v) => v.outcome === 'hold')).toBe(true);
    // At the air of the demo there is none of that.
    expect(answer.tasks.every((t) => t.mix?.cannot === undefined)).toBe(true);
  });

  it('asks for a permit for what is hot, and for nothing else: layers of other roofs may have the same id', () => {
    const hot = answer.tasks.filter((t) => t.hot);
    expect(hot.length).toBeGreaterThan(0);
    expect(new Set(hot.map((t) => answer.zones[t.zone]?.id))).toEqual(new Set(['garden']));
    const alike = answer.tasks.filter((t) => !t.hot && hot.some((h) => h.layerId === t.layerId));
    expect(alike.length).toBeGreaterThan(0);
    for (const { date } of answer.days)
      for (const l of daySheet(answer, date)?.crews.flatMap((c) => c.lines) ?? [])
        expect(l.minds.some((m) => text(m).startsWith('Only with a permit'))).toBe(
          l.tasks.some((t) => t.hot),
        );
    for (const t of answer.tasks.filter((x) => x.kind === 'layer')) expect(t.number).toBeGreaterThan(0);
  });

  it('ends flames so that the watch is over when the crew goes', () => {
    const hot = demo.tasks.filter((t) => t.tailMin > 0);
    expect(hot.length).toBeGreaterThan(0);
    for (const t of hot) {
      const p = found.plan.placed[t.index];
      const shift = p && demo.crews[p.crew]?.shifts.find((s) => s.from <= p.start && p.start < s.to);
      if (p && shift) expect(shift.to - p.end).toBeGreaterThanOrEqual(60);
    }
  });
});

describe('what goes out beside the day sheet', () => {
  const zone = job.job.timeZone;

  it('tells the neighbors of every roof with work, from its first work on, and when it is loud', () => {
    const notices = noticesOf(answer);
    const busy = new Set(answer.tasks.map((t) => answer.zones[t.zone]?.name));
    expect(notices.map((n) => n.zone).sort()).toEqual([...busy].sort());
    for (const n of notices) {
      const own = answer.tasks.filter((t) => answer.zones[t.zone]?.name === n.zone);
      expect(n.fromMs).toBe(Math.min(...own.map((t) => t.startMs)));
      expect(n.untilMs).toBeGreaterThanOrEqual(Math.max(...own.map((t) => t.endMs)));
      expect(n.loud.length > 0).toBe(own.some((t) => t.loud));
      expect(n.hot.length > 0).toBe(own.some((t) => t.hot));
    }
    const t = tellingOf({ units: 'metric', wording: 'uk', timeZone: zone });
    const head = { title: 'Notice', job: 'Velmora', made: 'today', language: 'en-GB' as const };
    const lines = printoutLines({ ...head, blocks: noticeBlocks(answer, zone, t) }).join('\n');
    for (const n of notices) expect(lines).toContain(n.zone);
  });

  it.each([
    [[], ''],
    [['2026-05-12'], '12 May 2026'],
    [['2026-05-12', '2026-05-13', '2026-05-15'], '12 May 2026 to 13 May 2026, 15 May 2026'],
    [['2026-12-31', '2027-01-01'], '31 Dec 2026 to 1 Jan 2027'],
  ])('says days as runs: %j', (days, says) => {
    expect(dayRuns(days, calendarDay)).toBe(says);
  });
  it('and as an American job writes them', () => {
    const { day } = tellingOf({ units: 'us', wording: 'us', timeZone: zone });
    expect(dayRuns(['2026-05-12', '2026-05-13'], day)).toBe('May 12, 2026 to May 13, 2026');
  });

  it('has every work as a row of a table, in order', () => {
    const rows = dayRows(answer, (ms) => new Date(ms).toISOString().slice(0, 16).replace('T', ' '));
    expect(rows.length).toBe(answer.tasks.length);
    for (const r of rows) expect(r.length).toBe(DAY_COLUMNS.length);
    const starts = rows.map((r) => `${r[0]} ${r[1]}`);
    expect(starts).toEqual([...starts].sort());
  });

  it('says which delivery is laid after the day by which it was to be used', () => {
    const last = answer.deliveries.find((d) => d.lastMs !== undefined);
    expect(last).toBeDefined();
    const used = (usedBy: string): PlanAnswer => ({
      ...answer,
      deliveries: answer.deliveries.map((d) => (d === last ? { ...d, usedBy } : d)),
    });
    const on = dateOf(last?.lastMs ?? 0, zone);
    expect(deliveryVerdicts(used(on), zone)).toEqual([]);
    const said = deliveryVerdicts(used('2026-01-01'), zone);
    expect(said.map((v) => `${v.subject} ${text(v.says)}`).join()).toContain('used by 1 Jan 2026');
  });

  it('says what in the store is past its date before it is laid', () => {
    const stock = job.order.stock.map((s) => ({ ...s, bestBefore: '2026-01-01' }));
    const orderLines = takeoff(job.survey, job.buildUp, { ...job.order, stock }).lines.filter(
      (l) => l.drawn.length > 0,
    );
    const first = orderLines[0]?.drawn[0]?.stock.name ?? '';
    expect(orderLines.length).toBeGreaterThan(0);
    const said = stockVerdicts(answer, orderLines, zone);
    expect(said.map((v) => v.subject)).toContain(`${first}, in the store:`);
    const fresh = orderLines.map((l) => ({
      ...l,
      drawn: l.drawn.map((d) => ({ ...d, stock: { ...d.stock, bestBefore: '2030-01-01' } })),
    }));
    expect(stockVerdicts(answer, fresh, zone)).toEqual([]);
  });

  it('what is opened and not laid in time is told, with what is left in its container', () => {
    const { lines } = takeoff(job.survey, job.buildUp, job.order, { courses: 'by area' });
    const line = lines.find((l) => l.layers.some((x) => x.layer.name === 'Second coat'));
    if (!line) throw new Error('the demo buys its second coat');
    const works = answer.tasks.filter(
      (t) => t.name === 'Second coat' && line.zoneNames.includes(answer.zones[t.zone]?.name ?? ''),
    );
    const [first] = works;
    if (!first?.amount) throw new Error('the demo lays it');
    const at = (days: number): typeof first => ({
      ...first,
      startMs: first.startMs + days * 86_400_000,
      endMs: first.endMs + days * 86_400_000,
    });
    const used = first.amount.value;
    const asked = (net: number, keeps: number, apart: number) =>
      openedVerdicts({ ...answer, tasks: [at(0), at(apart)] }, [
        {
          ...line,
          quantity: first.amount?.quantity ?? 'mass',
          item: {
            ...line.item,
            openedDays: { value: keeps, source: 'data sheet' },
            packs: line.item.packs.slice(0, 1).map((p) => ({ ...p, net })),
          },
        },
      ]);
    // A container half as large again as what is laid: half of the amount is left.
    const [told] = asked(used * 1.5, 3, 6);
    expect(text(told?.says ?? [])).toMatch(/6\.0 days later; opened it keeps 3 days/);
    expect(JSON.stringify(told?.quiet)).toContain(String(used * 1.5 - used));
    // Within its days, and where containers are emptied, nothing is said.
    expect(asked(used * 1.5, 7, 6)).toEqual([]);
    expect(asked(used / 2, 3, 6)).toEqual([]);
  });
});
