/** Parts of a handover, each from the record as it stands. */
import { detailFacts, type ZoneDetails } from '../details/index.ts';
import { isCoat, type BuildUp, type Layer, wetFilm } from '../buildup/index.ts';
import type { Practice } from '../practice/index.ts';
import {
  columns,
  heading,
  line,
  row,
  table,
  type Row,
  type SimpleBlock,
  type Telling,
} from '../printout/index.ts';
import {
  entriesOf,
  entryFlags,
  kindName,
  laterEntries,
  latestDetails,
  type BayStatus,
  type BookEntry,
  type ConditionsEntry,
  type SiteBook,
} from '../record/index.ts';
import { coatVerdict, entryLine, missLine, stateWords, type LineContext } from '../words/index.ts';

/** What the lines of entries are said from. */
export type Lines = LineContext & { readonly book: SiteBook; readonly practice: Practice };

const none = (text: string): SimpleBlock[] => [line(text, 'quiet')];

/** The layers of the build-up, from below. */
export function layersSection(buildUp: BuildUp, t: Telling): SimpleBlock[] {
  const design = (layer: Layer): string => (isCoat(layer) ? `${t.figure(wetFilm(layer))} ${t.w('wet')}` : '');
  return [
    heading(1, 'Build-up'),
    line(`${buildUp.name}, ${t.w('revision')} ${buildUp.revision}. ${buildUp.summary}`),
    table(
      columns('Layer|40', 'Product|40', '>Design'),
      buildUp.layers.map((l) =>
        row([l.name, l.product?.name ?? l.name, design(l)], {
          notes: isCoat(l) && l.treats ? [t.w(`keeps to ${l.treats}`)] : [],
        }),
      ),
    ),
  ];
}

/** Every coat and every ply on each bay, with its film and the verdict. */
export function layingSection(bays: readonly BayStatus[], nowMs: number, t: Telling): SimpleBlock[] {
  const rows: Row[] = bays.flatMap((s) => [
    row([`${s.bay.label}: ${t.w(stateWords(s))}`], { tone: 'part' }),
    ...s.laid.map((l) => {
      const v = coatVerdict('', l, l === s.laid.at(-1) ? s.workableUntilMs : 0, nowMs);
      const { entry } = l;
      const batches = [...new Set(entry.containers.flatMap((c) => (c.batch ? [c.batch] : [])))];
      return row(
        [
          l.coat.name,
          entry.finishedAt === undefined
            ? `${t.time(entry.startedAt)}, ${t.w('still being laid')}`
            : t.span(entry.startedAt, entry.finishedAt),
          entry.who,
          t.figure(l.judgement.used),
          l.judgement.bySpots ? '–' : t.figure(l.judgement.fromConsumption),
          l.judgement.fromReadings
            ? `${t.figure(l.judgement.fromReadings.figure)} (${l.judgement.readings.length})`
            : t.w('none'),
        ],
        {
          notes: [
            t.parts(v.says),
            ...(v.quiet ? [t.parts(v.quiet)] : []),
            ...(batches.length > 0 ? [`${t.w('Batch')} ${batches.join(', ')}`] : []),
            ...(entry.note ? [`${t.w('Note')}: ${entry.note}`] : []),
          ],
        },
      );
    }),
    ...s.others.map((o) =>
      row([o.layer.name, t.time(o.entry.startedAt), o.entry.who, '', '', ''], {
        notes: [
          ...(o.entry.batch ? [`${t.w('Batch')} ${o.entry.batch}`] : []),
          t.w(o.entry.looked ? 'Looked at.' : 'Not looked at.'),
        ],
      }),
    ),
  ]);
  return [
    heading(1, t.w('Laid, bay by bay')),
    ...(bays.length === 0
      ? none('It is not cut into bays.')
      : [
          table(
            columns('Layer|30', 'When|26', 'Who', '>Used', '>Film by consumption', '>Film by readings'),
            rows,
          ),
        ]),
  ];
}

const STEP_WORDS = { made: 'made', accepted: 'accepted', refused: 'refused' } as const;

/** Each detail with the latest word on it. */
export function detailsSection(
  details: ZoneDetails | undefined,
  c: Lines,
  zoneId: string,
  t: Telling,
): SimpleBlock[] {
  const latest = latestDetails(c.book, zoneId);
  const work = details?.work ?? [];
  return [
    heading(1, t.w('Details')),
    ...(work.length === 0
      ? none(t.w('None was measured.'))
      : [
          table(
            columns('Detail|30', 'Where|20', 'State', 'Who', 'When'),
            work.map(({ detail }) => {
              const said = latest.get(detail.id);
              return row(
                [
                  `${t.w(detailFacts(detail.kind).name)}${detail.count > 1 ? ` × ${detail.count}` : ''}`,
                  detail.where,
                  t.w(said ? STEP_WORDS[said.step] : 'not on record'),
                  said?.who ?? '',
                  said ? t.time(said.at) : '',
                ],
                { notes: said?.note ? [said.note] : [] },
              );
            }),
          ),
        ]),
  ];
}

/** Readings of air and surface on the roof. */
export function readingsSection(readings: readonly ConditionsEntry[], t: Telling): SimpleBlock[] {
  return [
    heading(1, t.w('Air and surface, as read')),
    ...(readings.length === 0
      ? none('No reading is on record.')
      : [
          table(
            columns('When|30', 'Who|20', '>Air', '>Humidity', '>Surface'),
            [...readings]
              .sort((a, b) => Date.parse(a.at) - Date.parse(b.at))
              .map((r) =>
                row([
                  t.time(r.at),
                  r.who,
                  t.value(r.airC, 'temperature'),
                  `${r.humidityPct} %`,
                  t.value(r.surfaceC, 'temperature'),
                ]),
              ),
          ),
        ]),
  ];
}

/** Limits that were missed, and what was done about it. */
export function missesSection(bays: readonly BayStatus[], t: Telling): SimpleBlock[] {
  const misses = bays.flatMap((s) => s.misses.map((m) => ({ label: s.bay.label, m })));
  return [
    heading(1, t.w('Missed, and what was done')),
    ...(misses.length === 0
      ? none('The record knows of none.')
      : [
          table(
            columns('Bay', 'What|80'),
            misses.map(({ label, m }) =>
              row([label, t.parts(missLine(m))], { tone: m.clearedMs === undefined ? 'strong' : 'plain' }),
            ),
          ),
        ]),
  ];
}

/**
 * Every entry, the first one first: what no longer counts stays, struck through, with what took its place.
 * @param waiting entries that are on this device only, by id: no seal covers them
 */
export function recordSection(
  zoneId: string,
  c: Lines,
  t: Telling,
  waiting: ReadonlySet<string> = new Set(),
): SimpleBlock[] {
  const later = laterEntries(c.book);
  const entries = entriesOf(zoneId, c.site, c.book).reverse();
  const fate = (e: BookEntry | undefined): string[] => {
    if (!e) return [];
    if (e.kind !== 'withdrawal') return [`${t.w('Corrected by')} ${e.seq}`];
    return [`${t.w(e.body.undone ? 'Taken back by' : 'Withdrawn by')} ${e.seq}`];
  };
  return [
    heading(1, t.w('Every entry')),
    line(
      t.w(
        'Of this roof and of the job as a whole, in the order in which they arrived. None can be changed or removed.',
      ),
      'quiet',
    ),
    table(
      columns('>No.', 'When', 'Who', 'Kind', 'What|60'),
      entries.map((e) => {
        const gone = later.get(e.id);
        return row(
          [
            waiting.has(e.id) ? t.w('not sent') : String(e.seq),
            t.time(e.madeAt),
            e.who,
            t.w(kindName(e.kind)),
            entryLine(e, c),
          ],
          {
            tone: gone ? 'struck' : 'plain',
            notes: [...fate(gone), ...(gone ? [] : entryFlags(e, c).map((f) => t.w(f.says)))],
          },
        );
      }),
    ),
  ];
}
