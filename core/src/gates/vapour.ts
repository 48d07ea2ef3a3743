/** Vapour of a primer or cleaner that burns: gone before a flame or a kettle is lit on the same roof. */
import { cited, isCoat, wetFilm, type BuildUp, type Coat } from '../buildup/index.ts';
import { stageHours } from '../cure/index.ts';
import { words } from '../figures/index.ts';
import { allOf, type SiteBook } from '../record/index.ts';
import { MS_PER_HOUR } from '../units/index.ts';
import type { Gate } from './gate.ts';

interface Laid {
  readonly coat: Coat;
  readonly finishedMs: number;
}

/** Coats of a roof whose vapour burns, the last entry of each layer. */
function flammableLaid(book: SiteBook, zoneId: string, buildUp: BuildUp, nowMs: number): Laid[] {
  const last = new Map<string, Laid>();
  for (const { zoneId: zone, body } of allOf(book, 'coat')) {
    const startedMs = Date.parse(body.startedAt);
    if (zone !== zoneId || body.buildUpId !== buildUp.id || startedMs > nowMs) continue;
    const coat = buildUp.layers.filter(isCoat).find((l) => l.id === body.layerId);
    if (!coat?.product?.hazards.includes('flammable')) continue;
    const finishedMs = Math.min(body.finishedAt === undefined ? nowMs : Date.parse(body.finishedAt), nowMs);
    const before = last.get(coat.id);
    if (!before || before.finishedMs < finishedMs) last.set(coat.id, { coat, finishedMs });
  }
  return [...last.values()];
}

/** When a coat is touch-dry at a steady surface temperature; Infinity below its table. */
function dryMs({ coat, finishedMs }: Laid, tempC: number): number {
  const touch = stageHours(coat.cure.touch, { tempC, wetFilmMm: wetFilm(coat).value });
  return touch.kind === 'stopped' ? Infinity : finishedMs + touch.hours * MS_PER_HOUR;
}

export interface VapourPlace {
  readonly zoneId: string;
  readonly buildUp: BuildUp;
  readonly book: SiteBook;
  readonly nowMs: number;
  readonly surfaceC: number | undefined;
}

/** One gate for each flammable coat that lies on the roof; without a reading the coldest row of its table is assumed. */
export const vapourGates = ({ zoneId, buildUp, book, nowMs, surfaceC }: VapourPlace): Gate[] =>
  flammableLaid(book, zoneId, buildUp, nowMs).map((laid) => {
    const { points, source } = laid.coat.cure.touch;
    const untilMs = dryMs(laid, surfaceC ?? points[0]?.atC ?? 0);
    const name = laid.coat.name.toLowerCase();
    const head = {
      key: `hot/vapour-${laid.coat.id}`,
      group: 'hot',
      name: 'Vapour that burns',
      fixed: 'never',
      readAtMs: laid.finishedMs,
    } as const;
    if (nowMs >= untilMs)
      return {
        ...head,
        answer: 'holds',
        says: words`${name} laid ${{ atMs: laid.finishedMs }}, touch-dry since ${{ atMs: untilMs }}.`,
        opens: [],
      };
    const ready = Number.isFinite(untilMs);
    return {
      ...head,
      answer: 'broken',
      says: ready
        ? words`${name} laid ${{ atMs: laid.finishedMs }} is touch-dry ${{ atMs: untilMs }}${surfaceC === undefined ? ' by the coldest row of its table' : ''}; until then its vapour may take fire.`
        : words`${name} laid ${{ atMs: laid.finishedMs }} does not dry below ${cited('coldest row', { value: points[0]?.atC ?? 0, source }, 'temperature')}; its vapour may take fire.`,
      opens: ['No flame and no kettle near it: dry, the smell gone, its tins closed and carried off first.'],
      ...(ready ? { opensAtMs: untilMs } : {}),
    };
  });
