/** Gates of the details: joints sealed and pieces made before the layer that the build-up's school names. */
import { detailsBefore, type Detail, type ZoneDetails } from '../details/index.ts';
import { isWorkLayer, type BuildUp, type WorkLayer } from '../buildup/index.ts';
import { given, words, type Part } from '../figures/index.ts';
import { distanceToPiece, insideArea, type Point } from '../geometry/index.ts';
import { ALL_DETAILS, onBayOf, type SiteBook } from '../record/index.ts';
import type { Bay } from '../site/index.ts';
import type { Gate } from './gate.ts';

/** A detail belongs to a bay that it comes this near to: its pieces reach so far on to the field. */
const REACH_M = 0.3;
/** Laid with the field itself, or after it. */
const WITH_THE_FIELD: readonly Detail['kind'][] = ['day-joint', 'bar', 'drip'];

function near(path: readonly Point[], bay: Bay): boolean {
  const rings = bay.parts.flatMap((p) => [p.outer, ...p.holes]);
  const toRing = (p: Point, ring: readonly Point[]): number =>
    Math.min(...ring.map((a, i) => distanceToPiece(p, a, ring[(i + 1) % ring.length] ?? a)));
  const toPath = (p: Point): number =>
    path.length === 1
      ? distanceToPiece(p, path[0] ?? p, path[0] ?? p)
      : Math.min(...path.slice(1).map((b, i) => distanceToPiece(p, path[i] ?? b, b)));
  return (
    path.some((p) => insideArea(p, bay.parts) || rings.some((r) => toRing(p, r) <= REACH_M)) ||
    rings.some((r) => r.some((p) => toPath(p) <= REACH_M))
  );
}

/** Details of a zone that come near a bay. */
export const detailsOn = (zone: ZoneDetails, bay: Bay): Detail[] =>
  zone.work
    .map((w) => w.detail)
    .filter((d) => !WITH_THE_FIELD.includes(d.kind) && d.path.length > 0 && near(d.path, bay));

const listed = (details: readonly Detail[]): string => {
  const first = details.slice(0, 2).map((d) => d.where.toLowerCase());
  const more = details.length - first.length;
  return first.join(', ') + (more > 0 ? ` and ${more} more` : '');
};

export interface DetailTerms {
  readonly book: SiteBook;
  readonly bay: Bay;
  readonly nowMs: number;
  /** The job asks that somebody looks at them. */
  readonly mustBeAccepted: boolean;
}

/** Whether the layer is laid only once the details are made. */
export function comesAfterDetails(buildUp: BuildUp, layer: WorkLayer): boolean {
  const work = buildUp.layers.filter(isWorkLayer);
  const before = detailsBefore(buildUp);
  const at = work.findIndex((l) => l.id === before?.id);
  return at >= 0 && work.findIndex((l) => l.id === layer.id) >= at;
}

/** Details that nobody has said are made, or that were refused since. */
export function detailsToMake(
  details: readonly Detail[],
  { book, bay, nowMs }: Omit<DetailTerms, 'mustBeAccepted'>,
): Detail[] {
  const said = (book.zones.get(bay.zoneId)?.details ?? []).filter((d) => Date.parse(d.at) <= nowMs);
  const all = onBayOf(book, bay, 'detail').filter(
    (e) => e.body.detailId === ALL_DETAILS && Date.parse(e.body.at) <= nowMs,
  );
  return details.filter((d) => {
    const last = said.findLast((s) => s.detailId === d.id)?.step ?? all.at(-1)?.body.step;
    return last === undefined || last === 'refused';
  });
}

export function detailGates(details: readonly Detail[], terms: DetailTerms): Gate[] {
  if (details.length === 0) return [];
  const { book, bay, nowMs } = terms;
  const said = (book.zones.get(bay.zoneId)?.details ?? []).filter((d) => Date.parse(d.at) <= nowMs);
  const all = onBayOf(book, bay, 'detail').filter(
    (e) => e.body.detailId === ALL_DETAILS && Date.parse(e.body.at) <= nowMs,
  );
  const allMade = all.some((e) => e.body.step !== 'refused');
  /** What was said of it last: of it by itself, else of all of the bay. */
  const last = (d: Detail): string | undefined =>
    said.findLast((s) => s.detailId === d.id)?.step ?? all.at(-1)?.body.step;
  const refused = details.filter((d) => last(d) === 'refused');
  const isMade = (d: Detail): boolean =>
    allMade || said.some((s) => s.detailId === d.id && s.step !== 'refused');
  const isAccepted = (d: Detail): boolean => last(d) === 'accepted';
  const joints = details.filter((d) => d.kind === 'movement-joint');
  const others = details.filter((d) => d.kind !== 'movement-joint');
  const count = (n: number, of: readonly Detail[]): readonly Part[] => {
    const done = given('done', n, 'count', 'measured');
    const whole = given('near this bay', of.length, 'count', 'measured');
    return words`${done} of ${whole} `;
  };
  const made = (key: string, name: string, of: readonly Detail[], never: string): Gate[] => {
    if (of.length === 0) return [];
    const open = of.filter((d) => !isMade(d));
    return [
      {
        key,
        group: 'details',
        name,
        answer: open.length > 0 ? 'broken' : 'holds',
        says: [
          ...count(of.length - open.length, of),
          open.length > 0 ? `made; not yet: ${listed(open)}.` : 'made.',
        ],
        opens: open.length > 0 ? [never] : [],
        settle: { by: 'entry', kind: 'detail', known: { detailId: ALL_DETAILS, step: 'made' } },
      },
    ];
  };
  return [
    ...made(
      'details/joints',
      'Joints sealed',
      joints,
      'Seal them with their own profile first: never coated straight over.',
    ),
    ...made('details/made', 'Details made', others, 'Make them first, and log them.'),
    ...(refused.length > 0
      ? [
          {
            key: 'details/refused',
            group: 'details',
            name: 'Details refused',
            answer: 'broken',
            says: [`refused: ${listed(refused)}.`],
            opens: ['Make them again, and have them looked at.'],
            settle: { by: 'entry', kind: 'detail', known: { detailId: refused[0]?.id, step: 'accepted' } },
          } as const,
        ]
      : []),
    ...(terms.mustBeAccepted
      ? [
          {
            key: 'details/accepted',
            group: 'details',
            name: 'Details accepted',
            answer: details.every(isAccepted) ? 'holds' : 'broken',
            says: [...count(details.filter(isAccepted).length, details), 'accepted.'],
            opens: ['The job asks that somebody looks at them before they are covered.'],
            settle: { by: 'entry', kind: 'detail', known: { detailId: ALL_DETAILS, step: 'accepted' } },
          } as const,
        ]
      : []),
  ];
}
