/** What a build-up says that cannot be, or should not be: one sentence each, with its numbers. Nothing here blocks saving. */
import { stageHours } from '../cure/index.ts';
import { FAMILIES, type SubstrateKey } from '../family/index.ts';
import { given, words, type Figure, type Given, type Part } from '../figures/index.ts';
import { COMMON } from '../practice/index.ts';
import { TOLERANCE } from '../units/index.ts';
import { thinUnderSand } from './broadcastfindings.ts';
import { dryFabric } from './fabricfindings.ts';
import { clashes } from './compat.ts';
import { totals } from './films.ts';
import { isCoat, isWorkLayer, type Coat, type WorkLayer } from './layers.ts';
import { hotOnFoam } from './heatfindings.ts';
import { batchDensity } from './mix.ts';
import { notchFilm, notchOf } from './notch.ts';
import { rangeWords } from './rangefindings.ts';
import { USUAL_MEMBRANE_MM } from './ranges.ts';
import { cited, densityGiven, dryFilm, leastOf, solidsOf, wetFilm } from './rates.ts';
import type { BuildUp } from './schema.ts';
import { unusedDetailCoats } from './detailways.ts';
import { sundryClashes } from './sundryfindings.ts';
import { faceOfSubstrate } from './surface.ts';

export interface Finding {
  readonly outcome: 'stop' | 'hold';
  readonly rule: string;
  readonly layerId: string | undefined;
  readonly subject: string;
  readonly says: readonly Part[];
}

export interface Ground {
  readonly substrate?: SubstrateKey | undefined;
  /** Whether water stands on the finished work. */
  readonly ponds?: boolean | undefined;
}

const finding = (
  outcome: Finding['outcome'],
  rule: string,
  layer: { id: string; name: string } | undefined,
  says: readonly Part[],
): Finding => ({
  outcome,
  rule,
  layerId: layer?.id,
  subject: layer ? `${layer.name}:` : 'As a whole:',
  says,
});

const lowerFirst = (text: string): string => `${text.slice(0, 1).toLowerCase()}${text.slice(1)}`;

const apart = (a: Figure | Given, b: Figure | Given): boolean =>
  Math.abs(a.value - b.value) > TOLERANCE.paperAgreement * Math.max(Math.abs(a.value), Math.abs(b.value));

function filmFindings(coat: Coat): Finding[] {
  const found: Finding[] = [];
  const { says } = coat;
  const pairs = [
    [says?.wetFilmMm && cited('wet film, as said', says.wetFilmMm, 'film'), wetFilm(coat), 'wet'],
    [says?.dryFilmMm && cited('dry film, as said', says.dryFilmMm, 'film'), dryFilm(coat), 'dry'],
  ] as const;
  for (const [said, gives, what] of pairs) {
    if (!said || !apart(said, gives)) continue;
    found.push(
      finding(
        'hold',
        'film-said',
        coat,
        words`a ${what} film of ${said} is said, but rate, density and solids give ${gives}: one of them is wrong.`,
      ),
    );
  }
  const least = leastOf(coat);
  if (least && wetFilm(coat).value < least.value * (1 - TOLERANCE.relative)) {
    found.push(
      finding(
        'stop',
        'below-least',
        coat,
        words`the rate gives ${wetFilm(coat)} wet, less than the least of ${least}: ${coat.rate.least?.why ?? ''}.`,
      ),
    );
  }
  if (coat.mix) {
    const mixed = batchDensity(coat);
    const density = densityGiven(coat);
    if (apart(mixed, density)) {
      found.push(
        finding(
          'hold',
          'mix-density',
          coat,
          words`the mix comes to ${mixed}, the density is given as ${density}: yield and film differ by as much.`,
        ),
      );
    }
  }
  if (!coat.volumeSolids && solidsOf(coat).value <= TOLERANCE.leastSolids) {
    found.push(
      finding(
        'stop',
        'solids',
        coat,
        words`mass solids, density and what leaves contradict each other: ${solidsOf(coat)} of the volume would stay.`,
      ),
    );
  }
  for (const says of rangeWords(coat)) found.push(finding('hold', 'unsafe-end', coat, says));
  const notch = notchOf(coat);
  if (notch) {
    const laid = notchFilm(notch);
    const wanted = wetFilm(coat);
    if (Math.abs(laid.value - wanted.value) > (COMMON.filmsAgreePct.value / 100) * wanted.value) {
      found.push(
        finding(
          'hold',
          'notch',
          coat,
          words`the notched trowel leaves ${laid}, the rate needs ${wanted} wet: another notch or angle.`,
        ),
      );
    }
  }
  return found;
}

const range = (layer: WorkLayer): readonly [number, number] | undefined =>
  layer.kind === 'protection' ? undefined : [layer.limits.surfaceMinC.value, layer.limits.surfaceMaxC.value];

/** At what temperature the window of a coat is shut before it opens, in the weather in which the next layer may go on. */
function windowFinding(coat: Coat, next: WorkLayer): Finding | undefined {
  const own = range(coat);
  const other = range(next);
  if (!own || !other) return undefined;
  const low = Math.max(own[0], other[0]);
  const high = Math.min(own[1], other[1]);
  if (low > high) {
    const a = given('greatest for the cooler one', Math.min(own[1], other[1]), 'temperature', 'typical');
    const b = given('least for the warmer one', Math.max(own[0], other[0]), 'temperature', 'typical');
    return finding(
      'hold',
      'no-common-weather',
      next,
      words`there is no surface temperature in which both it and the ${lowerFirst(coat.name)} may be laid: one ends at ${a}, the other begins at ${b}.`,
    );
  }
  const { overcoatFrom, overcoatUntil } = coat.cure;
  if (!overcoatUntil) return undefined;
  const wetFilmMm = wetFilm(coat).value;
  const humidities = [coat.limits.humidityMinPct?.value ?? 50, 50, coat.limits.humidityMaxPct.value];
  for (let tempC = Math.ceil(low); tempC <= Math.floor(high); tempC += 1) {
    for (const humidityPct of humidities) {
      const from = stageHours(overcoatFrom, { tempC, humidityPct, wetFilmMm });
      const until = stageHours(overcoatUntil, { tempC, humidityPct, wetFilmMm });
      if (from.kind === 'stopped' || until.kind === 'stopped' || from.hours < until.hours) continue;
      const opens = given('overcoat from', from.hours, 'hours', overcoatFrom.source);
      const shuts = given('overcoat until', until.hours, 'hours', overcoatUntil.source);
      const t = given('surface', tempC, 'temperature', 'assumed');
      const h = given('humidity', humidityPct, 'percent', 'assumed');
      return finding(
        'hold',
        'no-window',
        coat,
        words`at ${t} and ${h} humidity it may be overcoated from ${opens}, but only until ${shuts}: the window never opens.`,
      );
    }
  }
  return undefined;
}

function timingFindings(buildUp: BuildUp): Finding[] {
  const work = buildUp.layers.filter(isWorkLayer);
  return work.flatMap((layer, i): Finding[] => {
    const next = work[i + 1];
    if (!isCoat(layer) || !next) return [];
    if (!layer.cure.overcoatUntil && !layer.overcoatOpen) {
      return [
        finding('hold', 'no-overcoat-limit', layer, [
          `no time is given until which the ${lowerFirst(next.name)} must be on: enter it, or say that the coat stays open.`,
        ]),
      ];
    }
    const window = windowFinding(layer, next);
    return window ? [window] : [];
  });
}

function totalFindings(buildUp: BuildUp): Finding[] {
  const { membraneDry } = totals(buildUp);
  const least = cited('least of the build-up', buildUp.leastDryFilmMm, 'film');
  if (membraneDry.value < least.value * (1 - TOLERANCE.relative)) {
    return [
      finding(
        'stop',
        'total',
        undefined,
        words`${membraneDry} of dry membrane is less than the least of ${least}: raise a rate.`,
      ),
    ];
  }
  const [low, high] = USUAL_MEMBRANE_MM[buildUp.family];
  if (membraneDry.value >= low && membraneDry.value <= high) return [];
  const from = given('usual least', low, 'film', 'typical', 'common practice');
  const to = given('usual most', high, 'film', 'typical', 'common practice');
  return [
    finding(
      'hold',
      'unusual',
      undefined,
      words`${membraneDry} of dry membrane is outside what is usual for this family (${FAMILIES[buildUp.family].name.toLowerCase()}), ${from} to ${to}.`,
    ),
  ];
}

/**
 * Everything that is doubtful or wrong about a build-up as it would be laid.
 * @param buildUp resolved for its options
 * @param ground what it is laid on, where that is known
 */
export function buildUpFindings(buildUp: BuildUp, ground: Ground = {}): Finding[] {
  const lowest = ground.substrate && faceOfSubstrate(ground.substrate);
  const chemistry = clashes(buildUp, lowest, ground.ponds ?? false).map(({ rule, face, below }) =>
    finding(
      rule.outcome,
      rule.id,
      face.layerId === undefined ? undefined : { id: face.layerId, name: face.name },
      [`${below ? `over ${lowerFirst(below.name)}: ` : ''}${rule.why}; ${rule.instead}.`],
    ),
  );
  const found = [
    ...totalFindings(buildUp),
    ...chemistry,
    ...hotOnFoam(buildUp).map(({ layer, below }) =>
      finding('stop', 'hot-on-foam', layer, [
        `straight on ${lowerFirst(below.name)}: foam melts away under a flame or a hot melt; a cover board or a cold-bonded base sheet goes between.`,
      ]),
    ),
    ...buildUp.layers.filter(isCoat).flatMap(filmFindings),
    ...dryFabric(buildUp).map(({ coat, says }) => finding('hold', 'dry-fabric', coat, says)),
    ...thinUnderSand(buildUp).map(({ coat, says }) => finding('hold', 'thin-sand', coat, says)),
    ...timingFindings(buildUp),
    ...unusedDetailCoats(buildUp).map((coat) =>
      finding('hold', 'unused-product', coat, [
        'it keeps to details and none is made with it: say which, under how its details are made, or take it out.',
      ]),
    ),
    ...sundryClashes(buildUp).map(({ rule, coat, below }) =>
      finding(rule.outcome, rule.id, coat, [`over ${below}: ${rule.why}; ${rule.instead}.`]),
    ),
  ];
  const joined = together(found);
  return [...joined.filter((f) => f.outcome === 'stop'), ...joined.filter((f) => f.outcome === 'hold')];
}

/** Layers of which the same is said share a sentence. */
function together(found: readonly Finding[]): Finding[] {
  const groups = new Map<string, Finding[]>();
  for (const f of found) {
    const key = `${f.rule}/${JSON.stringify(f.says)}`;
    groups.set(key, [...(groups.get(key) ?? []), f]);
  }
  return [...groups.values()].flatMap((same) => {
    const [first] = same;
    if (!first) return [];
    const names = [...new Set(same.map((f) => f.subject.replace(/:$/, '')))];
    const [head = '', ...rest] = names;
    return [{ ...first, subject: `${[head, ...rest.map(lowerFirst)].join(', ')}:` }];
  });
}
