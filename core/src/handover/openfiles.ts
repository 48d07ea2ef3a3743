/**
 * What is handed over besides the paper, as open files: what is proven, films by place, details, bays, the years after. All
 * from the state and the record; metric, instants in UTC.
 */
import { buildUpOfZone } from '../buildup/index.ts';
import { detailFacts, detailSchedule } from '../details/index.ts';
import type { JobHead } from '../job/index.ts';
import { verdictText, type Part } from '../figures/index.ts';
import {
  coatsRead,
  DEFAULT_PROVING,
  FILM_COLUMNS,
  filmGeoJson,
  filmMap,
  filmRows,
  snagsOf,
  type ProvingDoc,
} from '../proving/index.ts';
import { bestFilm, latestDetails } from '../record/index.ts';
import type { JobState } from '../state/index.ts';
import { zoneQuantities } from '../survey/index.ts';
import { bayAreaM2 } from '../site/index.ts';
import { firstDay } from '../upkeep/index.ts';
import { keptAfter } from './keptafter.ts';
import { proofOf } from './proof.ts';
import { groupHead, groupWords, PROOF_NAMES } from './proofwords.ts';

export type OpenFile =
  | { readonly name: string; readonly json: unknown }
  | {
      readonly name: string;
      readonly columns: readonly string[];
      readonly rows: readonly (readonly (string | number)[])[];
    };

const text = (parts: readonly Part[]): string =>
  verdictText(parts, 'metric', (ms) => new Date(ms).toISOString());
const fixed = (value: number | undefined, digits: number): number | '' =>
  value === undefined ? '' : Number(value.toFixed(digits));

/** @returns nothing for a zone that is not measured */
export function openFiles(
  head: Pick<JobHead, 'timeZone'>,
  state: JobState,
  zoneId: string,
  asked: ProvingDoc = DEFAULT_PROVING,
): OpenFile[] {
  const { survey, buildUps, book } = state.kept.inputs;
  const zone = survey.zones.find((z) => z.id === zoneId);
  const quantities = zone && zoneQuantities(zone);
  if (!zone || !quantities?.ok) return [];
  const statuses = state.calls.map((c) => c.status).filter((s) => s.bay.zoneId === zoneId);
  const details = detailSchedule({ zones: [zone] }, buildUps).zones[0];
  const proof = proofOf(state, zoneId, details, asked);
  const { plan, guarantee, dates } = keptAfter(state, zoneId, head.timeZone, asked, proof);
  const latest = latestDetails(book, zoneId);
  const buildUp = buildUpOfZone(buildUps, zoneId);
  const maps = buildUp
    ? coatsRead(statuses).map((coat) => ({
        coat,
        map: filmMap(statuses, buildUp, coat, quantities.value, state.practice),
      }))
    : [];
  return [
    {
      name: 'proof.json',
      json: proof.map((l) => ({
        ...{ subject: l.subject, name: PROOF_NAMES[l.subject], answer: l.answer, of: l.of, good: l.good },
        open: l.groups.map((g) => ({
          ...{ what: groupHead(g, l.subject), answer: g.answer, where: g.where },
          says: text(groupWords(g)),
        })),
      })),
    },
    {
      name: 'bays.csv',
      columns: [
        'bay',
        'area_m2',
        'layer',
        'started_at',
        'finished_at',
        'who',
        'film_wet_mm',
        'design_wet_mm',
        'by',
        'outcome',
        'batches',
      ],
      rows: statuses.flatMap((s) =>
        s.laid.map(({ coat, entry, judgement }) => [
          ...[
            s.bay.label,
            fixed(bayAreaM2(s.bay), 3),
            coat.name,
            entry.startedAt,
            entry.finishedAt ?? '',
            entry.who,
          ],
          ...[fixed(bestFilm(judgement)?.value, 3), fixed(judgement.design.value, 3)],
          judgement.fromReadings ? 'readings' : bestFilm(judgement) ? 'consumption' : 'not known',
          judgement.outcome,
          [...new Set(entry.containers.flatMap((c) => (c.batch ? [c.batch] : [])))].join('; '),
        ]),
      ),
    },
    {
      name: 'details.csv',
      columns: ['id', 'detail', 'where', 'count', 'state', 'who', 'at'],
      rows: (details?.work ?? []).map(({ detail: d }) => {
        const said = latest.get(d.id);
        return [
          d.id,
          detailFacts(d.kind).name,
          d.where,
          d.count,
          said?.step ?? 'not on record',
          said?.who ?? '',
          said?.at ?? '',
        ];
      }),
    },
    {
      name: 'snags.csv',
      columns: ['snag', 'state', 'found_at', 'found_by', 'for', 'by'],
      rows: snagsOf(book, zoneId).map((s) => [
        ...[s.what, s.state, s.found.body.at, s.found.who, s.forWhom ?? '', s.by ?? ''],
      ]),
    },
    ...maps.flatMap(({ coat, map }): OpenFile[] => {
      if (!map) return [];
      const geo = filmGeoJson(map, zone, survey);
      return [
        { name: `films/${coat.id}.csv`, columns: FILM_COLUMNS, rows: filmRows(map) },
        // In degrees, only where somebody said where the plan lies.
        ...(geo ? [{ name: `films/${coat.id}.geojson`, json: geo }] : []),
      ];
    }),
    {
      name: 'upkeep.json',
      json: {
        countedFrom: plan && { by: plan.startBy, at: new Date(plan.startMs).toISOString() },
        recoatYears: plan?.recoat && {
          ...{ soonest: plan.recoat.soonest.value, latest: plan.recoat.latest.value, by: plan.recoat.by },
          says: plan.recoat.says.map(text),
        },
        dates: dates.map((d) => ({
          what: d.key,
          from: firstDay(d.from),
          to: firstDay(d.to),
          state: d.state,
        })),
        guarantee: guarantee && {
          ...{ ...guarantee.guarantee, startsOn: guarantee.startsOn, endsOn: guarantee.endsOn },
          hangsOn: guarantee.lines.map((l) => ({ what: l.what, answer: l.answer, says: text(l.says) })),
        },
      },
    },
  ];
}
