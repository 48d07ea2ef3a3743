/** Gates of hot works. Life hangs on them: they are not taken over; a licensed person's own entry opens them. */
import { cited, isCoat, type BuildUp, type WorkLayer } from '../buildup/index.ts';
import { given, words } from '../figures/index.ts';
import { allOf, permitFor, type BookEntryOf, type SiteBook } from '../record/index.ts';
import { isHot, lastFlameMs } from '../site/index.ts';
import { MS_PER_HOUR, MS_PER_MINUTE } from '../units/index.ts';
import type { Practice } from '../practice/index.ts';
import type { Gate } from './gate.ts';
import { vapourGates } from './vapour.ts';

/** A permit that covers the laying and the watch after it. */
function permitGate(book: SiteBook, nowMs: number, zoneId: string, endsMs: number, practice: Practice): Gate {
  const open = permitFor(book, nowMs, zoneId);
  const head = { key: 'hot/permit', group: 'hot', name: 'Permit for hot works', fixed: 'never' } as const;
  const settle = { by: 'entry', kind: 'permit', known: { step: 'opened' } } as const;
  if (!open)
    return {
      ...head,
      answer: 'broken',
      says: ['none is open.'],
      opens: ['Only a person who may issue one opens it; nobody else can answer for it.'],
      settle,
    };
  const permitUntilMs = Date.parse(open.until);
  const lastMs = lastFlameMs({ permitUntilMs, practice }) ?? permitUntilMs;
  const says = words`permit ${open.number} of ${open.issuedBy}, until ${{ atMs: permitUntilMs }}; last flame ${{ atMs: lastMs }}, so that the watch of ${practice.fireWatchMin} lies within it`;
  const read = { readAtMs: Date.parse(open.at), limit: practice.fireWatchMin, settle };
  return endsMs <= lastMs
    ? { ...head, ...read, answer: 'holds', says: [...says, '.'], opens: [] }
    : {
        ...head,
        ...read,
        answer: 'broken',
        says: [...says, ...words`; laying it now would end ${{ atMs: endsMs }}.`],
        opens: ['Lay it tomorrow, or have the permit and the watch extended.'],
      };
}

/** A watch that is named, with its extinguisher, and that ends long enough after the last flame. */
function watchGate(book: SiteBook, nowMs: number, zoneId: string, endsMs: number, practice: Practice): Gate {
  const watches = allOf(book, 'watch');
  const closed = new Set(
    watches.flatMap((w) =>
      w.body.step === 'closed' && Date.parse(w.body.at) <= nowMs ? [w.body.watchId] : [],
    ),
  );
  const open = watches.findLast(
    (w) =>
      w.body.step === 'opened' &&
      Date.parse(w.body.at) <= nowMs &&
      !closed.has(w.id) &&
      (w.zoneId === undefined || w.zoneId === zoneId),
  );
  const head = { key: 'hot/watch', group: 'hot', name: 'Fire watch', fixed: 'never' } as const;
  const settle = { by: 'entry', kind: 'watch', known: { step: 'opened' } } as const;
  const wanted = endsMs + practice.fireWatchMin.value * MS_PER_MINUTE;
  if (open?.body.step !== 'opened')
    return {
      ...head,
      answer: 'broken',
      says: words`nobody is named for it; it runs ${practice.fireWatchMin} after the last flame.`,
      opens: ['Name somebody, with an extinguisher at hand.'],
      settle,
    };
  const { watcher, extinguisher, until } = open.body;
  if (!extinguisher)
    return {
      ...head,
      answer: 'broken',
      says: words`${watcher} watches, and no extinguisher is named.`,
      opens: ['Put one at hand, and say so.'],
      settle,
    };
  const ends = { atMs: Date.parse(until) };
  const long = ends.atMs >= wanted;
  return {
    ...head,
    answer: long ? 'holds' : 'broken',
    says: long
      ? words`${watcher} watches until ${ends}, extinguisher at hand.`
      : words`${watcher} watches until ${ends}; ${practice.fireWatchMin} after the last flame is ${{ atMs: wanted }}.`,
    opens: long ? [] : ['Let the watch run longer.'],
    limit: practice.fireWatchMin,
    readAtMs: Date.parse(open.body.at),
    settle,
  };
}

/** The charge that is in the kettle now. */
function kettleGates(layer: WorkLayer, book: SiteBook, nowMs: number, practice: Practice): Gate[] {
  if (!isCoat(layer) || !layer.kettle) return [];
  const { kettle } = layer;
  const melt: BookEntryOf<'melt'> | undefined = allOf(book, 'melt').findLast(
    ({ body }) =>
      body.layerId === layer.id &&
      Date.parse(body.litAt) <= nowMs &&
      (body.offAt === undefined || Date.parse(body.offAt) > nowMs),
  );
  const settle = { by: 'entry', kind: 'melt', known: { layerId: layer.id } } as const;
  const from = cited('laid from', kettle.applyMinC, 'temperature');
  const most = cited('safe up to', kettle.safeMaxC, 'temperature');
  const band = { key: 'hot/kettle', group: 'hot', name: 'Kettle in its band' } as const;
  if (!melt)
    return [
      {
        ...band,
        answer: 'unknown',
        says: words`no charge is on record as lit; it is laid from ${from}, never above ${most}.`,
        opens: ['Log the charge, with its temperature.'],
        settle,
      },
    ];
  const last = [...melt.body.temperatures]
    .filter((t) => Date.parse(t.at) <= nowMs)
    .sort((a, b) => Date.parse(a.at) - Date.parse(b.at))
    .at(-1);
  const hot = last && given('in the kettle', last.kettleC, 'temperature', 'measured');
  const laid = last && given('where it is laid', last.layingC ?? last.kettleC, 'temperature', 'measured');
  const readAtMs = last && Date.parse(last.at);
  const old = readAtMs === undefined || nowMs - readAtMs > practice.kettleReadingMin.value * MS_PER_MINUTE;
  const tooHot = hot !== undefined && hot.value > most.value;
  const gates: Gate[] = [];
  if (tooHot)
    gates.push({
      key: 'hot/kettle-most',
      group: 'hot',
      name: 'Kettle below its safe maximum',
      answer: 'broken',
      says: words`${hot} is above ${most}: the charge is lost.`,
      opens: ['Burner off. Lay none of it.'],
      actual: hot,
      limit: most,
      readAtMs,
      settle,
      fixed: 'never',
    });
  gates.push({
    ...band,
    answer: laid && laid.value < from.value ? 'broken' : old ? 'unknown' : 'holds',
    says: laid
      ? words`${laid} where it is laid ${{ atMs: readAtMs ?? nowMs }}; from ${from}.`
      : ['its temperature has not been read.'],
    opens:
      old || !laid
        ? words`Read it again: a reading is valid for ${practice.kettleReadingMin}.`
        : ['Heat it on.'],
    actual: laid,
    limit: from,
    readAtMs,
    settle,
  });
  const atHeat = given('at heat', (nowMs - Date.parse(melt.body.litAt)) / MS_PER_HOUR, 'hours', 'measured');
  const keeps = cited('held hot at most', kettle.hoursAtHeat, 'hours');
  gates.push({
    key: 'hot/hours',
    group: 'hot',
    name: 'Hours at heat',
    answer: atHeat.value > keeps.value ? 'broken' : 'holds',
    says: words`${atHeat} since it was lit, at most ${keeps}.`,
    opens: atHeat.value > keeps.value ? ['Draw off what is left and throw it away.'] : [],
    actual: atHeat,
    limit: keeps,
    readAtMs: Date.parse(melt.body.litAt),
  });
  return gates;
}

export interface HotPlace {
  readonly zoneId: string;
  readonly buildUp: BuildUp;
  readonly book: SiteBook;
  readonly nowMs: number;
  /** When the laying of the bay ends, if it is begun now. */
  readonly endsMs: number;
  /** Of the surface, as it was read last. */
  readonly surfaceC: number | undefined;
  readonly practice: Practice;
}

export const hotGates = (layer: WorkLayer, place: HotPlace): Gate[] => {
  const { zoneId, book, nowMs, endsMs, practice } = place;
  return isHot(layer)
    ? [
        permitGate(book, nowMs, zoneId, endsMs, practice),
        watchGate(book, nowMs, zoneId, endsMs, practice),
        ...vapourGates(place),
        ...kettleGates(layer, book, nowMs, practice),
      ]
    : [];
};
