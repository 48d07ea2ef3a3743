/** Gates of what lies below: laid and finished, neither thin nor too thick, clean, its fibres down, its sand swept. */
import {
  isWorkLayer,
  whenMissed,
  type Broadcast,
  type BuildUp,
  type Coat,
  type Fabric,
  type Missable,
  type WorkLayer,
} from '../buildup/index.ts';
import { words } from '../figures/index.ts';
import {
  allOf,
  bestFilm,
  filmMiss,
  onBayOf,
  type BayStatus,
  type BookEntryOf,
  type LaidCoat,
  type SiteBook,
} from '../record/index.ts';
import type { Gate, Settle } from './gate.ts';

export interface BelowTerms {
  readonly status: BayStatus;
  readonly buildUp: BuildUp;
  readonly book: SiteBook;
  readonly nowMs: number;
  /** The job asks that somebody accepts each coat, or the primer, before it is covered. */
  readonly mustBeAccepted: (layer: WorkLayer) => boolean;
}

const laidMs = (laid: Pick<LaidCoat, 'entry'>): number =>
  Date.parse(laid.entry.finishedAt ?? laid.entry.startedAt);

/** The last helping of each layer: it is judged with what the earlier ones left. */
function lastOfEach(laid: readonly LaidCoat[]): LaidCoat[] {
  return [...new Map(laid.map((l) => [l.coat.id, l])).values()];
}

function filmGate(laid: LaidCoat, terms: BelowTerms): Gate {
  const { judgement: j, coat, entry } = laid;
  const film = bestFilm(j);
  const head = {
    key: `below/film-${coat.id}`,
    group: 'below',
    name: `Film of ${coat.name.toLowerCase()}`,
    actual: film,
    readAtMs: laidMs(laid),
  } as const;
  if (j.bySpots && (j.outcome === 'unproven' || j.outcome === 'check')) return spotGate(laid, terms);
  const redo = { by: 'entry', kind: 'coat', known: { layerId: coat.id } } as const;
  if (j.outcome === 'enough')
    return {
      ...head,
      limit: j.owed,
      answer: 'holds',
      says: film ? words`${film} laid, ${j.design} designed.` : ['enough.'],
      opens: [],
    };
  if (j.outcome === 'thin' || j.outcome === 'thick') {
    const limit: Missable = j.outcome === 'thin' ? 'leastRate' : 'mostRate';
    const miss = filmMiss(terms.book, terms.status.bay, laid, limit, terms.nowMs);
    const says =
      j.outcome === 'thin'
        ? words`thin: ${film ?? j.fromConsumption} of ${j.owed}; ${j.missing} short.`
        : words`too thick: ${film ?? j.fromConsumption}, at most ${j.most.film}: ${j.most.why}.`;
    return {
      ...head,
      limit: j.outcome === 'thin' ? j.owed : j.most.film,
      answer: miss.clearedMs === undefined ? 'broken' : 'holds',
      says:
        miss.clearedMs === undefined ? says : [...says, ...words` Put right ${{ atMs: miss.clearedMs }}.`],
      opens: [
        j.outcome === 'thin' ? 'Abrade, clean and lay what is short.' : whenMissed(coat, 'mostRate').says,
      ],
      settle:
        j.outcome === 'thin'
          ? redo
          : { by: 'entry', kind: 'remedy', known: { entryId: entry.id, limit: 'mostRate' } },
    };
  }
  return {
    ...head,
    limit: j.owed,
    answer: 'unknown',
    says:
      j.outcome === 'unproven'
        ? words`no film is known; ${j.design} is designed.`
        : j.agrees === false && j.gap
          ? words`what was used and what was read differ by ${j.gap}.`
          : words`${film ?? j.fromConsumption} of ${j.design}: one of consumption and gauge is missing, or the gauge is too coarse.`,
    opens: ['Read the film on the gauge, or set the count of containers right.'],
    settle: { by: 'entry', kind: 'coat', known: { supersedes: entry.id } },
  };
}

/** Somebody accepted a layer on the bay after it was laid. */
function acceptedOf(
  laid: LaidCoat,
  { status, book, nowMs }: BelowTerms,
): BookEntryOf<'decision'> | undefined {
  return onBayOf(book, status.bay, 'decision').findLast(
    ({ body }) =>
      body.what === 'accepted' &&
      body.about?.layerId === laid.coat.id &&
      body.about.gate === undefined &&
      Date.parse(body.at) >= laidMs(laid) &&
      Date.parse(body.at) <= nowMs,
  );
}
const acceptIt = (coat: Coat): Settle => ({
  by: 'entry',
  kind: 'decision',
  known: { what: 'accepted', about: { layerId: coat.id } },
});

/** A coat that keeps to edges, laps or rust: no film is worked out for it; somebody looks and accepts it. */
function spotGate(laid: LaidCoat, terms: BelowTerms): Gate {
  const { coat } = laid;
  const accepted = acceptedOf(laid, terms);
  return {
    key: `below/film-${coat.id}`,
    group: 'below',
    name: `Cover of ${coat.name.toLowerCase()}`,
    readAtMs: laidMs(laid),
    answer: accepted ? 'holds' : 'unknown',
    says: accepted
      ? words`looked at and accepted ${{ atMs: Date.parse(accepted.body.at) }}, ${accepted.who}.`
      : [
          `it keeps to ${coat.treats ?? 'places'}; what was used does not tell its film, and nobody has accepted it.`,
        ],
    opens: accepted
      ? []
      : ['Look at every place: covered, no bare edge, no run. Then accept it, or read its film.'],
    settle: acceptIt(coat),
  };
}

const SPOILS = ['spill', 'damage'] as const;

/** Something was spilt or broken on it since, and nothing was done about it. */
function cleanGate({ status, book, nowMs }: BelowTerms, topMs: number): Gate[] {
  const since = (at: string): boolean => Date.parse(at) >= topMs && Date.parse(at) <= nowMs;
  const bad = onBayOf(book, status.bay, 'event').findLast(
    (e) => (SPOILS as readonly string[]).includes(e.body.what) && since(e.body.at),
  );
  if (!bad) return [];
  const after = (at: string): boolean => since(at) && Date.parse(at) >= Date.parse(bad.body.at);
  const mended =
    onBayOf(book, status.bay, 'preparation').find((p) => after(p.body.at)) ??
    onBayOf(book, status.bay, 'remedy').find((r) => after(r.body.at));
  return [
    {
      key: 'below/clean',
      group: 'below',
      name: 'Clean',
      answer: mended ? 'holds' : 'broken',
      says: words`${bad.body.what} ${{ atMs: Date.parse(bad.body.at) }}${bad.body.note ? `: ${bad.body.note}` : ''}.`,
      opens: mended ? [] : ['Clean it or mend it, and log what was done.'],
      readAtMs: Date.parse(bad.body.at),
      settle: { by: 'entry', kind: 'preparation', known: { steps: ['rewash'], complete: false } },
    },
  ];
}

/** What was worked into the coat on top: stray fibres are rubbed down, loose aggregate is swept off. */
function intoGates({ status, buildUp, book, nowMs }: BelowTerms, top: LaidCoat): Gate[] {
  const topMs = laidMs(top);
  const until = (at: string): boolean => Date.parse(at) >= topMs && Date.parse(at) <= nowMs;
  const fabric = buildUp.layers.find(
    (l): l is Fabric => l.kind === 'fabric' && l.embeddedIn === top.coat.id && l.where !== 'details',
  );
  const sand = buildUp.layers.find(
    (l): l is Broadcast => l.kind === 'broadcast' && l.into === top.coat.id && l.method !== 'light',
  );
  const gates: Gate[] = [];
  if (fabric) {
    const rubbed = onBayOf(book, status.bay, 'preparation').find(
      (p) => p.body.steps.includes('fibres') && until(p.body.at),
    );
    gates.push({
      key: `below/fibres-${top.coat.id}`,
      group: 'below',
      name: 'Fibres rubbed down',
      answer: rubbed ? 'holds' : 'unknown',
      says: rubbed
        ? words`rubbed down ${{ atMs: Date.parse(rubbed.body.at) }}, ${rubbed.who}.`
        : ['nobody has said that no fibres stand up.'],
      opens: rubbed ? [] : ['Run a hand over it, rub down what stands up, and say so.'],
      readAtMs: rubbed && Date.parse(rubbed.body.at),
      settle: { by: 'entry', kind: 'preparation', known: { steps: ['fibres'], complete: false } },
    });
  }
  if (sand) {
    const swept = allOf(book, 'broadcast').find(
      (b) =>
        b.body.step === 'swept' &&
        b.body.layerId === sand.id &&
        until(b.body.at) &&
        b.bays.some((x) => x.bayId === status.bay.id),
    );
    gates.push({
      key: `below/swept-${top.coat.id}`,
      group: 'below',
      name: 'Aggregate swept',
      answer: swept ? 'holds' : 'unknown',
      says: swept
        ? words`swept ${{ atMs: Date.parse(swept.body.at) }}, ${swept.who}.`
        : [`nobody has said that the loose ${sand.name.toLowerCase()} is swept off.`],
      opens: swept ? [] : ['Sweep it once the coat has cured, and log it.'],
      readAtMs: swept && Date.parse(swept.body.at),
      settle: { by: 'entry', kind: 'broadcast', known: { step: 'swept', layerId: sand.id } },
    });
  }
  return gates;
}

/** Layers of the build-up below the next one that were never laid: somebody skipped one. */
function skippedGates({ status, buildUp }: BelowTerms, next: WorkLayer): Gate[] {
  const work = buildUp.layers.filter(isWorkLayer);
  const at = work.findIndex((l) => l.id === next.id);
  const there = new Set([...status.laid.map((l) => l.coat.id), ...status.others.map((o) => o.layer.id)]);
  const above = work.slice(at + 1).find((l) => there.has(l.id));
  return above
    ? [
        {
          key: 'below/order',
          group: 'below',
          name: 'Order of layers',
          answer: 'broken',
          says: [`${above.name} lies there already, and ${next.name.toLowerCase()} belongs below it.`],
          opens: ['Somebody decides whether it is left out.'],
        },
      ]
    : [];
}

function acceptedGate(top: LaidCoat, terms: BelowTerms): Gate[] {
  if (!terms.mustBeAccepted(top.coat)) return [];
  const accepted = acceptedOf(top, terms);
  return [
    {
      key: `below/accepted-${top.coat.id}`,
      group: 'below',
      name: `${top.coat.name} accepted`,
      answer: accepted ? 'holds' : 'broken',
      says: accepted
        ? words`accepted ${{ atMs: Date.parse(accepted.body.at) }}, ${accepted.who}.`
        : ['nobody has accepted it yet; the job asks for it before it is covered.'],
      opens: accepted ? [] : ['Have it looked at.'],
      settle: acceptIt(top.coat),
    },
  ];
}

/** Everything about what lies below the next layer, besides its cure. */
export function belowGates(next: WorkLayer, terms: BelowTerms): Gate[] {
  const { status } = terms;
  const top = status.laid.at(-1);
  const other = status.others.at(-1);
  const topMs = Math.max(
    top ? laidMs(top) : -Infinity,
    other ? Date.parse(other.entry.finishedAt) : -Infinity,
  );
  if (topMs === -Infinity) return [];
  const onTop = top && laidMs(top) === topMs ? top : undefined;
  return [
    ...skippedGates(terms, next),
    ...lastOfEach(status.laid)
      .filter((l) => l.entry.finishedAt !== undefined && l.coat.id !== next.id)
      .map((l) => filmGate(l, terms)),
    ...(onTop ? acceptedGate(onTop, terms) : []),
    ...cleanGate(terms, topMs),
    ...(onTop?.entry.finishedAt !== undefined ? intoGates(terms, onTop) : []),
  ];
}
