/** The sheet of a year: what is due on a roof, the way over it, what was seen last, and room for what is found. */
import { buildUpOfZone } from '../buildup/index.ts';
import { detailSchedule, detailTitle } from '../details/index.ts';
import type { JobHead } from '../job/index.ts';
import {
  columns,
  facts,
  heading,
  jobLines,
  line,
  list,
  row,
  table,
  tellingOf,
  type Block,
  type Printout,
} from '../printout/index.ts';
import { fail, ok, type Result } from '../problems/index.ts';
import { snagsOf, type ProvingDoc } from '../proving/index.ts';
import { setOut, zoneQuantities } from '../survey/index.ts';
import type { JobState } from '../state/index.ts';
import { inspectionRoute } from '../upkeep/index.ts';
import { keptAfter } from './keptafter.ts';
import { dueIn, guaranteeSection } from './upkeepsection.ts';
import { DATE_NAMES, dateText, startWords, UPKEEP_CAUTIONS } from './upkeepwords.ts';
import { sealLine, type Last } from './seal.ts';

export interface UpkeepSheetAsked {
  readonly head: JobHead;
  readonly state: JobState;
  readonly last: Last;
  readonly zoneId: string;
  readonly asked?: ProvingDoc | undefined;
  /** Of the calendar. */
  readonly year: number;
}

/** @returns the printout, or why there is none: no such zone, or a build-up that says nothing of its upkeep */
export function upkeepSheet({ head, state, last, zoneId, asked, year }: UpkeepSheetAsked): Result<Printout> {
  const { survey, buildUps, site, book } = state.kept.inputs;
  const zone = survey.zones.find((z) => z.id === zoneId);
  const { plan, guarantee, dates } = keptAfter(state, zoneId, head.timeZone, asked);
  if (!zone || !plan)
    return fail({
      ...{ kind: 'missing', field: 'zone', label: 'The sheet of a year, zone', actual: zoneId },
      expected: 'a measured zone of the survey whose build-up says how it is looked after',
    });
  const t = tellingOf(head);
  const quantities = zoneQuantities(zone);
  const access = site.access.find((a) => a.zoneId === zoneId)?.at;
  const route = inspectionRoute(
    detailSchedule({ zones: [zone] }, buildUps).zones[0]?.work.map((w) => w.detail) ?? [],
    access && quantities.ok ? setOut(quantities.value.shape.corners).toPoint(access) : undefined,
  );
  const due = dueIn(dates, year);
  const before = plan.kept.visits.at(-1);
  const snags = snagsOf(book, zoneId).filter((s) => s.state !== 'accepted');
  const blocks: Block[] = [
    facts([
      [t.w('Roof'), `${zone.code} · ${zone.name}`],
      [t.w('Build-up'), buildUpOfZone(buildUps, zoneId)?.name],
      [t.w('Counted from'), t.parts(startWords(plan))],
      [
        t.w('Seen last'),
        before
          ? `${t.time(before.body.at)}, ${before.entry.who}: ${before.body.note ?? t.w('nothing noted')}`
          : t.w('no visit on record'),
      ],
    ]),
    heading(1, t.w(`Due in ${year}`)),
    due.length === 0
      ? line(t.w('Nothing is due in this year.'))
      : table(
          columns('What|50', 'When|30', 'State'),
          due.map((d) => row([t.w(DATE_NAMES[d.key]), dateText(d), t.w(d.state)])),
        ),
    ...(snags.length > 0 ? [heading(1, t.w('Still to be put right')), list(snags.map((s) => s.what))] : []),
    heading(1, t.w('The way over the roof')),
    ...(route.stops.length === 0
      ? [line(t.w('No details were measured.'), 'quiet')]
      : [
          line(t.w(`${route.stops.length} details, `) + t.value(route.lengthM, 'length')),
          table(
            columns('No.|8', 'Detail|40', 'Good|10', 'Seen|42'),
            route.stops.map((s, i) => row([String(i + 1), t.w(detailTitle(s.detail)), '', ''])),
          ),
        ]),
    ...(guarantee ? guaranteeSection(guarantee, t) : []),
    heading(1, t.w('Mind')),
    list(UPKEEP_CAUTIONS.map(t.w)),
    table(columns('Visited by|40', 'On|20', 'Signed|40'), [row(['', '', ''])]),
  ];
  return ok({
    title: t.w(`Upkeep ${year}, ${zone.name}`),
    ...jobLines(head, state.atMs),
    seal: sealLine(last),
    blocks,
  });
}
