/** Tests of the finished roof, and what was put right on it, for the handover. */
import type { Practice } from '../practice/index.ts';
import { columns, heading, line, row, table, type Block, type Telling } from '../printout/index.ts';
import { floodedArea, floodTests, floodVerdict, snagsOf } from '../proving/index.ts';
import type { SiteBook } from '../record/index.ts';
import type { Bay } from '../site/index.ts';
import type { WeatherSeries } from '../weather/index.ts';
import { bayRunsInOrder } from '../words/index.ts';

export interface TestTerms {
  readonly book: SiteBook;
  readonly series: readonly WeatherSeries[];
  readonly bays: readonly Bay[];
  readonly practice: Practice;
  readonly nowMs: number;
}

const placeOf = (bays: readonly Bay[], ids: readonly { readonly bayId: string }[]): string =>
  bayRunsInOrder(ids.flatMap(({ bayId }) => bays.find((b) => b.id === bayId)?.label ?? []));

/** Floods with what they lost, and passes with a detector. */
export function leakSection(zoneId: string, terms: TestTerms, t: Telling): Block[] {
  const { book, series, bays, practice, nowMs } = terms;
  const floods = floodTests(book, series, nowMs).filter((f) => f.filled.zoneId === zoneId);
  const passes = (book.zones.get(zoneId)?.entries ?? []).filter((e) => e.kind === 'leak test');
  if (floods.length === 0 && passes.length === 0) return [];
  const whole = t.w('whole roof');
  return [
    heading(1, t.w('Tested for leaks')),
    table(columns('Test|45', 'Where|25', 'Answer'), [
      ...floods.map((f) => {
        const v = floodVerdict(f, floodedArea(f, bays), practice, nowMs);
        return row(
          [
            `${t.w('Flood test, filled')} ${t.timeMs(f.filledMs)}, ${t.value(f.deepestMm, 'gap')} ${t.w('at its deepest')}`,
            placeOf(bays, f.filled.bays) || whole,
            t.w(v.answer),
          ],
          { notes: [t.parts(v.says), ...v.opens.map(t.w)] },
        );
      }),
      ...passes.map((e) =>
        row(
          [
            `${t.w(e.body.method)}, ${e.body.instrument}, ${t.timeMs(Date.parse(e.body.at))}`,
            placeOf(bays, e.bays) || whole,
            e.body.finds.length === 0 ? t.w('nothing found') : t.w(`${e.body.finds.length} found`),
          ],
          { notes: [...e.body.finds] },
        ),
      ),
    ]),
  ];
}

/** What was found, by when it was to be put right, and how far it is. */
export function snagSection(zoneId: string, { book, bays }: TestTerms, t: Telling): Block[] {
  const snags = snagsOf(book, zoneId);
  if (snags.length === 0) return [];
  const open = snags.filter((s) => s.state !== 'accepted').length;
  return [
    heading(1, t.w('Snags')),
    line(t.w(`${snags.length - open} of ${snags.length} accepted.`)),
    table(
      columns('Snag|50', 'Where|20', 'State'),
      snags.map((s) =>
        row([s.what, placeOf(bays, s.found.bays) || t.w('whole roof'), t.w(s.state)], {
          notes: [
            `${t.w('found')} ${t.timeMs(Date.parse(s.found.body.at))}, ${s.found.who}${s.forWhom ? `; ${t.w('for')} ${s.forWhom}` : ''}${s.by ? `; ${t.w('by')} ${s.by}` : ''}`,
            ...s.steps.map(
              (e) =>
                `${t.w(e.body.step === 'refused' ? 'not accepted' : e.body.step)} ${t.timeMs(Date.parse(e.body.at))}, ${e.who}`,
            ),
          ],
        }),
      ),
    ),
  ];
}
