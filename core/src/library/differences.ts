/** What differs between two states of a build-up, in words; and what of its figures moves with it. */
import {
  buildUpFindings,
  costs,
  DETAIL_RULE_FIELDS,
  detailRulesOf,
  FIELDS,
  resolve,
  totals,
  valueAt,
  type BuildUp,
  type Coat,
  type DetailRules,
  type Field,
  type Layer,
  type Terms,
} from '../buildup/index.ts';
import { measure, type Pace } from '../choosing/index.ts';
import type { Figure, Given } from '../figures/index.ts';
import { canonicalJson as canonical } from '../job/index.ts';
import { rateQuantity, TOLERANCE, type Quantity } from '../units/index.ts';

/** A rate, in the core's unit of its quantity, to be said in the reader's. */
interface RateSaid {
  readonly value: number;
  readonly range: { readonly from: number; readonly to: number } | undefined;
  readonly quantity: Quantity;
  /** "wet" or "dry" behind a film; empty for a mass or a volume. */
  readonly film: string;
}
type Said = string | number | RateSaid | undefined;

export interface Difference {
  /** The layer it is about; undefined for the build-up as a whole. */
  readonly layer: string | undefined;
  readonly what: string;
  readonly before: Said;
  readonly after: Said;
  readonly quantity: Quantity | undefined;
}

const plain = (value: unknown): string | number | undefined => {
  if (value === undefined) return undefined;
  if (typeof value === 'number') return value;
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  return typeof value === 'string' ? value : 'as it was set';
};

function fieldDifference(field: Field, before: Layer, after: Layer): Difference | undefined {
  const [a, b] = [valueAt(before, field.path), valueAt(after, field.path)];
  if (canonical(a) === canonical(b)) return undefined;
  const head = { layer: after.name, what: field.name };
  if (field.form !== 'sourced') return { ...head, before: plain(a), after: plain(b), quantity: undefined };
  const [x, y] = [a, b].map((v) => plain(valueAt(v, 'value')));
  if (x === y) {
    const [s, t] = [a, b].map((v) => plain(valueAt(v, 'source')));
    return { ...head, what: `${field.name}, source`, before: s, after: t, quantity: undefined };
  }
  return { ...head, before: x, after: y, quantity: field.quantity };
}

/** Parts of a layer that are tables or lists: said to differ, not spelled out cell by cell. */
const TABLES: readonly (readonly [path: string, name: string])[] = [
  ['rate', 'Rate'],
  ['cure', 'Stages of cure'],
  ['potLife', 'Pot life'],
  ['containers', 'Containers'],
  ['mix', 'Mix'],
  ['catalyst', 'Catalyst table'],
  ['thickener', 'Thickener'],
  ['tools', 'Tools'],
  ['limits/noBelow', 'Not below, until'],
  ['product/hazards', 'Hazards'],
  ['product/cautions', 'Cautions of the product'],
  ['only', 'Laid only with'],
  ['embeddedIn', 'Laid into'],
  ['into', 'Laid into'],
  ['pieces', 'Pieces'],
];

const FILM_WORDS = { mass: '', volume: '', wetFilm: 'wet', dryFilm: 'dry' } as const;

const inWords = (path: string, value: unknown): Said => {
  if (value === undefined) return undefined;
  if (path === 'rate') {
    const { value: rate, range, basis } = value as Coat['rate'];
    return {
      value: rate,
      range: range && { from: range.from, to: range.to },
      quantity: rateQuantity(basis),
      film: FILM_WORDS[basis],
    };
  }
  if (path === 'containers') return (value as { name: string }[]).map((c) => c.name).join(', ');
  if (path === 'tools') return (value as { kind: string }[]).map((c) => c.kind).join(', ');
  return typeof value === 'string' ? value : 'as set';
};

function layerDifferences(before: Layer, after: Layer): Difference[] {
  if (before.kind !== after.kind)
    return [{ layer: after.name, what: 'Kind', before: before.kind, after: after.kind, quantity: undefined }];
  const fields = FIELDS[after.kind].flatMap((f) => fieldDifference(f, before, after) ?? []);
  const tables = TABLES.flatMap(([path, name]): Difference[] => {
    const [a, b] = [valueAt(before, path), valueAt(after, path)];
    if (canonical(a) === canonical(b)) return [];
    const [x, y] = [inWords(path, a), inWords(path, b)];
    const same = canonical(x) === canonical(y);
    if (path === 'rate' && same && fields.some((f) => f.what.startsWith('Tolerance'))) return [];
    return [
      {
        layer: after.name,
        what: name,
        before: same ? 'earlier figures' : x,
        after: same ? 'other figures' : y,
        quantity: undefined,
      },
    ];
  });
  return [...fields, ...tables];
}

const HEAD: readonly (readonly [path: keyof BuildUp, name: string])[] = [
  ['name', 'Name'],
  ['family', 'Family'],
  ['summary', 'Summary'],
  ['acceptance', 'Films are accepted by'],
  ['exposure', 'Exposure'],
  ['traffic', 'Traffic'],
  ['currency', 'Currency'],
  ['detailsAfter', 'Details after'],
];

const DETAIL_WORDS: readonly (readonly [path: keyof DetailRules, name: string])[] = [
  ['made', 'Details are made with'],
  ['cutFrom', 'Pieces for details, cut from'],
  ['plies', 'Plies at details'],
  ['fillet', 'Fillet'],
  ['doubled', 'Doubled at'],
  ['sealantOf', 'Sealant made of'],
  ['metalPrimerOf', 'Primer for metal made of'],
  ['sundries', 'Packs of sundries'],
];

/** What differs in how details are made; a build-up without rules of its own has those of its family. */
function detailDifferences(before: BuildUp, after: BuildUp): Difference[] {
  const [was, is] = [detailRulesOf(before), detailRulesOf(after)];
  const head = { layer: undefined, quantity: undefined };
  const words = DETAIL_WORDS.flatMap(([path, what]): Difference[] =>
    canonical(was[path]) === canonical(is[path])
      ? []
      : [{ ...head, what, before: plain(was[path]), after: plain(is[path]) }],
  );
  const numbers = DETAIL_RULE_FIELDS.flatMap(({ path, name, quantity }): Difference[] => {
    const [x, y] = [was, is].map((r) => plain(valueAt(r, `${path}/value`)));
    return x === y ? [] : [{ layer: undefined, what: name, before: x, after: y, quantity }];
  });
  return [...words, ...numbers];
}

/** Everything that differs, head first, then layer by layer in the order of the later state. */
export function differences(before: BuildUp, after: BuildUp): Difference[] {
  const found: Difference[] = [];
  for (const [key, name] of HEAD) {
    if (before[key] !== after[key])
      found.push({
        layer: undefined,
        what: name,
        before: plain(before[key]),
        after: plain(after[key]),
        quantity: undefined,
      });
  }
  if (before.leastDryFilmMm.value !== after.leastDryFilmMm.value)
    found.push({
      layer: undefined,
      what: 'Least dry membrane',
      before: before.leastDryFilmMm.value,
      after: after.leastDryFilmMm.value,
      quantity: 'film',
    });
  const lists: [string, unknown, unknown][] = [
    ['Options', before.choices, after.choices],
    ['Upkeep', before.upkeep, after.upkeep],
    ['Details with products of their own', before.detailWays, after.detailWays],
    ['Cautions', before.cautions, after.cautions],
    ['Binder', before.papers, after.papers],
  ];
  for (const [name, a, b] of lists)
    if (canonical(a) !== canonical(b))
      found.push({
        layer: undefined,
        what: name,
        before: 'as it was',
        after: 'changed',
        quantity: undefined,
      });
  if (before.details || after.details) found.push(...detailDifferences(before, after));
  const common = (of: BuildUp, other: BuildUp) =>
    of.layers.filter((l) => other.layers.some((k) => k.id === l.id));
  for (const l of before.layers.filter((k) => !after.layers.some((m) => m.id === k.id)))
    found.push({ layer: l.name, what: 'Layer', before: 'there', after: 'taken out', quantity: undefined });
  const [was, is] = [common(before, after), common(after, before)];
  for (const l of after.layers) {
    const old = before.layers.find((k) => k.id === l.id);
    if (!old) {
      found.push({ layer: l.name, what: 'Layer', before: undefined, after: 'put in', quantity: undefined });
      continue;
    }
    const [x, y] = [was.indexOf(old), is.indexOf(l)];
    if (x !== y) found.push({ layer: l.name, what: 'Place', before: x + 1, after: y + 1, quantity: 'count' });
    found.push(...layerDifferences(old, l));
  }
  return found;
}

export interface Move {
  readonly label: string;
  readonly before: Figure | Given | undefined;
  readonly after: Figure | Given | undefined;
}

const differs = (a: Move['before'], b: Move['after']): boolean =>
  (a === undefined) !== (b === undefined) ||
  (a !== undefined &&
    b !== undefined &&
    Math.abs(a.value - b.value) > TOLERANCE.relative * Math.max(1, Math.abs(a.value), Math.abs(b.value)));

/** Which of a build-up's figures a change moves, on an area at a pace. */
export function moves(before: BuildUp, after: BuildUp, pace: Pace, terms?: Terms): Move[] {
  const [a, b] = [resolve(before, terms), resolve(after, terms)];
  const [ta, tb] = [totals(a), totals(b)];
  const [ma, mb] = [measure(a, pace), measure(b, pace)];
  const [ca, cb] = [costs(a).perM2, costs(b).perM2];
  const all: [string, Move['before'], Move['after']][] = [
    ['dry membrane', ta.membraneDry, tb.membraneDry],
    ['thickness', ta.thickness, tb.thickness],
    ['weight laid', ta.weight, tb.weight],
    ['material', ma.material, mb.material],
    ['cost of material', ca, cb],
    ['days until it is laid', ma.schedule?.days, mb.schedule?.days],
    ['days until foot traffic', ma.schedule?.toFeet, mb.schedule?.toFeet],
    ['minimum surface temperature', ma.leastC, mb.leastC],
    ['maximum surface temperature', ma.mostC, mb.mostC],
    ['longest without rain', ma.rainSafeH, mb.rainSafeH],
    ['upkeep', ma.upkeep?.costPerM2, mb.upkeep?.costPerM2],
  ];
  return all.flatMap(([label, x, y]) => (differs(x, y) ? [{ label, before: x, after: y }] : []));
}

/** Sentences that come and go with a change. */
export function findingsMoved(before: BuildUp, after: BuildUp, terms?: Terms) {
  const key = (f: { rule: string; layerId: string | undefined }): string => `${f.rule}/${f.layerId ?? ''}`;
  const [a, b] = [buildUpFindings(resolve(before, terms)), buildUpFindings(resolve(after, terms))];
  return {
    come: b.filter((f) => !a.some((g) => key(g) === key(f))),
    gone: a.filter((f) => !b.some((g) => key(g) === key(f))),
  };
}
