/**
 * What was done against a rule: it is taken and said, never refused. Flags are computed from the record, so that a
 * delivery or a permit that is entered later clears them.
 */
import { isSheet, litresOf, wetFilm, type BuildUpDoc } from '../buildup/index.ts';
import { shimOff } from '../film/index.ts';
import { COMMON, type Practice } from '../practice/index.ts';
import { bayAreaM2, type SiteDoc } from '../site/index.ts';
import { MS_PER_DAY, MS_PER_HOUR, MS_PER_MINUTE } from '../units/index.ts';
import { partedInGlue } from './broughtover.ts';
import { clockShiftMs } from './deviceclock.ts';
import { coatOf, layerNamed, openedLitres } from './laidlayers.ts';
import { PLAIN, type Say } from './rulebase.ts';
import { allOf, type SiteBook } from './fold.ts';
import type { BookEntry, BookEntryOf } from './reading.ts';

export interface Flag {
  readonly rule:
    | 'covers too little'
    | 'batch not delivered'
    | 'opened too long'
    | 'melt too hot'
    | 'melt too cold'
    | 'melt too long'
    | 'no permit'
    | 'permit closed early'
    | 'watch closed early'
    | 'gauge off'
    | 'parted in the glue'
    | 'swept more'
    | 'plug left'
    | 'clock off'
    | 'laid against';
  readonly says: string;
}

export interface FlagContext {
  readonly buildUps: BuildUpDoc;
  readonly site: SiteDoc;
  readonly book: SiteBook;
  readonly say?: Say | undefined;
  /** Numbers of practice as the job sets them; absent: the register as it stands. */
  readonly practice?: Practice | undefined;
}
const practiceOf = ({ practice = COMMON }: FlagContext): Practice => practice;

function coatFlags(entry: BookEntryOf<'coat'>, c: FlagContext, say: Say): Flag[] {
  const coat = coatOf(c.buildUps, entry.body);
  if (!coat || entry.body.finishedAt === undefined || entry.body.containers.length === 0) return [];
  // What keeps to edges, laps or rust covers little of a bay.
  if (coat.treats !== undefined) return [];
  const area = entry.bays
    .flatMap(({ bayId }) => c.site.bays.filter((b) => b.id === bayId))
    .reduce((sum, b) => sum + bayAreaM2(b), 0);
  const used =
    openedLitres(coat, entry.body) - litresOf(coat, entry.body.leftOver.basis, entry.body.leftOver.value);
  const covers = used / wetFilm(coat).value;
  return area > 0 && covers < area * practiceOf(c).coversLeast.value
    ? [
        {
          rule: 'covers too little',
          says: `${say.value(used, 'volume')} cover ${say.value(covers, 'area')} at the design film, of ${say.value(area, 'area')}: a container is missing, or a bay too many is named.`,
        },
      ]
    : [];
}

/** Every batch that an entry names, once each. */
export function batchesOf(entry: BookEntry): string[] {
  const named =
    entry.kind === 'coat'
      ? entry.body.containers.map((k) => k.batch)
      : entry.kind === 'mix'
        ? entry.body.parts.map((p) => p.batch)
        : 'batch' in entry.body && entry.body.batch !== undefined
          ? [entry.body.batch]
          : [];
  return [...new Set(named)].filter((batch) => batch !== '');
}

/** Batches that an entry used and that no delivery brought; only where deliveries are kept at all. */
function batchFlags(entry: BookEntry, { book }: FlagContext): Flag[] {
  if (entry.kind === 'stock') return [];
  const came = new Set(
    allOf(book, 'stock').flatMap((s) =>
      s.body.step === 'came' && s.body.batch !== '' ? [s.body.batch] : [],
    ),
  );
  if (came.size === 0) return [];
  return batchesOf(entry)
    .filter((batch) => !came.has(batch))
    .map((batch) => ({
      rule: 'batch not delivered',
      says: `Batch ${batch} is on no delivery. Was it read right, or is the delivery still to be entered?`,
    }));
}

/** Containers of the batch that were opened, or left over opened, longer ago than the product keeps once opened. */
function openedFlags(entry: BookEntryOf<'coat'>, { buildUps, book }: FlagContext, say: Say): Flag[] {
  const keeps = coatOf(buildUps, entry.body)?.product?.openedDays?.value;
  if (keeps === undefined) return [];
  const startMs = Date.parse(entry.body.startedAt);
  return batchesOf(entry as BookEntry).flatMap((batch): Flag[] => {
    const opened = allOf(book, 'stock').find(
      (s) =>
        (s.body.step === 'opened' || s.body.step === 'left over') &&
        s.body.batch === batch &&
        startMs - Date.parse(s.body.at) > keeps * MS_PER_DAY,
    );
    if (!opened) return [];
    const days = Math.floor((startMs - Date.parse(opened.body.at)) / MS_PER_DAY);
    return [
      {
        rule: 'opened too long',
        says: `Batch ${batch} was opened ${say.time(opened.body.at)}, ${days} days before; opened it keeps ${keeps} days.`,
      },
    ];
  });
}

/** Permits that were open at an instant. */
export function permitsOpenAt(book: SiteBook, atMs: number): BookEntryOf<'permit'>[] {
  const permits = allOf(book, 'permit');
  return permits.filter((p) => {
    if (p.body.step !== 'opened' || Date.parse(p.body.at) > atMs || Date.parse(p.body.until) < atMs)
      return false;
    const closed = permits.find((c) => c.body.step === 'closed' && c.body.permitId === p.id);
    return closed === undefined || Date.parse(closed.body.at) >= atMs;
  });
}

/** Of the permits open for a zone the one that runs longest; undefined where none is open. */
export function permitFor(book: SiteBook, atMs: number, zoneId: string) {
  const open = permitsOpenAt(book, atMs).flatMap(({ zoneId: zone, body }) =>
    body.step === 'opened' && (zone === undefined || zone === zoneId) ? [body] : [],
  );
  return open.sort((a, b) => Date.parse(b.until) - Date.parse(a.until))[0];
}

const permitFlag = (book: SiteBook, at: string, what: string, say: Say): Flag[] =>
  permitsOpenAt(book, Date.parse(at)).length > 0
    ? []
    : [
        {
          rule: 'no permit',
          says: `No permit for hot works is on record for ${say.time(at)}, when ${what}.`,
        },
      ];

function meltFlags(entry: BookEntryOf<'melt'>, c: FlagContext, say: Say): Flag[] {
  const kettle = coatOf(c.buildUps, entry.body)?.kettle;
  const flags = permitFlag(c.book, entry.body.litAt, 'the kettle was lit', say);
  if (!kettle) return flags;
  const temp = (t: number): string => say.value(t, 'temperature');
  const hottest = [...entry.body.temperatures].sort((a, b) => b.kettleC - a.kettleC)[0];
  if (hottest && hottest.kettleC > kettle.safeMaxC.value)
    flags.push({
      rule: 'melt too hot',
      says: `Melt ${temp(hottest.kettleC)} (${say.time(hottest.at)}) is above the safe maximum of ${temp(kettle.safeMaxC.value)}: the charge is lost. Burner off, lay none of it.`,
    });
  const cold = entry.body.temperatures.find(
    (t) => t.layingC !== undefined && t.layingC < kettle.applyMinC.value,
  );
  if (cold?.layingC !== undefined)
    flags.push({
      rule: 'melt too cold',
      says: `${temp(cold.layingC)} where it was laid (${say.time(cold.at)}) is below ${temp(kettle.applyMinC.value)}: it may not bond.`,
    });
  const end = entry.body.offAt ?? entry.body.temperatures.at(-1)?.at;
  const hours = end === undefined ? 0 : (Date.parse(end) - Date.parse(entry.body.litAt)) / MS_PER_HOUR;
  if (hours > kettle.hoursAtHeat.value)
    flags.push({
      rule: 'melt too long',
      says: `${say.value(hours, 'hours')} at heat are more than ${say.value(kettle.hoursAtHeat.value, 'hours')}: what is left is drawn off and thrown away.`,
    });
  return flags;
}

function permitFlags(entry: BookEntryOf<'permit'>, { book }: FlagContext, say: Say): Flag[] {
  if (entry.body.step !== 'closed') return [];
  const { permitId, at } = entry.body;
  const opened = book.seen.get(permitId);
  if (opened?.kind !== 'permit' || opened.body.step !== 'opened') return [];
  const from = Date.parse(opened.body.at);
  const until = Date.parse(opened.body.until);
  const burning = allOf(book, 'melt').find(
    (m) =>
      Date.parse(m.body.litAt) >= from &&
      Date.parse(m.body.litAt) <= until &&
      (m.body.offAt === undefined || Date.parse(m.body.offAt) > Date.parse(at)),
  );
  return burning
    ? [
        {
          rule: 'permit closed early',
          says: `The permit was closed ${say.time(at)}, before the kettle lit ${say.time(burning.body.litAt)} was ${burning.body.offAt === undefined ? 'off' : `off ${say.time(burning.body.offAt)}`}.`,
        },
      ]
    : [];
}

function watchFlags(entry: BookEntryOf<'watch'>, { book }: FlagContext, say: Say): Flag[] {
  if (entry.body.step !== 'closed') return [];
  const opened = book.seen.get(entry.body.watchId);
  if (opened?.kind !== 'watch' || opened.body.step !== 'opened') return [];
  const short = Date.parse(opened.body.until) - Date.parse(entry.body.at);
  return short > 0
    ? [
        {
          rule: 'watch closed early',
          says: `The fire watch ended ${say.value(short / MS_PER_MINUTE, 'minutes')} before its end ${say.time(opened.body.until)}.`,
        },
      ]
    : [];
}

function dryFilmFlags({ body }: BookEntryOf<'dry film'>, c: FlagContext): Flag[] {
  const off = shimOff(body.shims, practiceOf(c).shimOffPct.value / 100);
  return off
    ? [
        {
          rule: 'gauge off',
          says: `The gauge read ${off.readUm} µm on a shim of ${off.nominalUm} µm: set it and read again.`,
        },
      ]
    : [];
}

/** A plug that stays in an outlet dams the next rain. */
function floodFlags({ body }: BookEntryOf<'flood'>, { book }: FlagContext): Flag[] {
  if (body.step !== 'emptied') return [];
  const filled = book.seen.get(body.floodId);
  if (filled?.kind !== 'flood' || filled.body.step !== 'filled') return [];
  const left = filled.body.plugged - body.unplugged;
  return left > 0
    ? [
        {
          rule: 'plug left',
          says: `${filled.body.plugged} outlets were plugged and ${body.unplugged} plugs taken out: ${left === 1 ? 'one is' : `${left} are`} still in. Take ${left === 1 ? 'it' : 'them'} out before it rains.`,
        },
      ]
    : [];
}

/** More cannot lie loose than was thrown; a throw may be missing. */
function sweptFlags(entry: BookEntryOf<'broadcast'>, { book }: FlagContext, say: Say): Flag[] {
  if (entry.body.step !== 'swept') return [];
  const { layerId, sweptKg } = entry.body;
  const here = new Set(entry.bays.map((b) => b.bayId));
  const thrown = allOf(book, 'broadcast')
    .filter((b) => b.body.layerId === layerId && b.bays.some((x) => here.has(x.bayId)))
    .reduce((sum, b) => sum + (b.body.step === 'thrown' ? b.body.thrownKg : 0), 0);
  return sweptKg > thrown
    ? [
        {
          rule: 'swept more',
          says: `${say.value(sweptKg, 'mass')} were swept off where ${say.value(thrown, 'mass')} are on record as thrown.`,
        },
      ]
    : [];
}

function hotSheetFlags(entry: BookEntryOf<'ply'>, c: FlagContext, say: Say): Flag[] {
  const layer = layerNamed(c.buildUps, entry.body);
  return layer && isSheet(layer) && layer.bonding === 'torched'
    ? permitFlag(c.book, entry.body.startedAt, 'torching began', say)
    : [];
}

function clockFlags(entry: BookEntry, say: Say): Flag[] {
  const off = clockShiftMs(entry.offsetMs);
  return off !== 0
    ? [
        {
          rule: 'clock off',
          says: `The clock of the device was ${say.value(Math.abs(off) / MS_PER_MINUTE, 'minutes')} ${off > 0 ? 'behind' : 'ahead'}: its times are put right by that. It showed ${say.time(new Date(Date.parse(entry.madeAt) - off).toISOString())} when this was made.`,
        },
      ]
    : [];
}

function kindFlags(entry: BookEntry, c: FlagContext, say: Say): Flag[] {
  switch (entry.kind) {
    case 'coat':
      return [...coatFlags(entry, c, say), ...openedFlags(entry, c, say)];
    case 'ply':
      return hotSheetFlags(entry, c, say);
    case 'melt':
      return meltFlags(entry, c, say);
    case 'permit':
      return permitFlags(entry, c, say);
    case 'watch':
      return watchFlags(entry, c, say);
    case 'test':
      return partedInGlue(entry)
        ? [
            {
              rule: 'parted in the glue',
              says: 'It parted in the glue: the bond is at least so strong, and not read. Pull again where it counts.',
            },
          ]
        : [];
    case 'dry film':
      return dryFilmFlags(entry, c);
    case 'flood':
      return floodFlags(entry, c);
    case 'broadcast':
      return sweptFlags(entry, c, say);
    default:
      return [];
  }
}

/** Everything about an entry that somebody should know who reads it. */
export function entryFlags(entry: BookEntry, context: FlagContext): Flag[] {
  const say = context.say ?? PLAIN;
  return [...kindFlags(entry, context, say), ...batchFlags(entry, context), ...clockFlags(entry, say)];
}
