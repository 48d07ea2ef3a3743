/**
 * Causes of a symptom by what is known: each fact that is known moves every cause by how often it is true under it (Bayes,
 * facts taken to have nothing to do with each other). `something else` stands beside them with its own share. Where no fact
 * speaks for the first, or it is not likelier than all others together, the answer is that nobody can tell yet.
 */
import { CAUSES, OTHERWISE, type Cause, type Symptom } from './causes.ts';
import type { Fact, FactKey } from './facts.ts';

export interface Ranked {
  readonly cause: Cause;
  /** Share of likelihood, 0 to 1, beside the others and something else. */
  readonly likelihood: number;
  readonly weighing: Weighing;
  readonly speaksFor: readonly Fact[];
  readonly speaksAgainst: readonly Fact[];
  /** Its signs of which nothing is known. */
  readonly missing: readonly FactKey[];
}

/** How a cause was weighed, before it is shared out. */
export interface Weighing {
  /** How common it is behind the symptom, 0 to 1, beside the others and something else. */
  readonly before: number;
  /** Of each fact that is known: how often it is as it is, under this cause. */
  readonly chances: readonly { readonly fact: FactKey; readonly is: boolean; readonly chance: number }[];
}

export interface Look {
  readonly fact: FactKey;
  /** What it would tell, in bits. */
  readonly bits: number;
}

export interface Diagnosis {
  readonly symptom: Symptom;
  /** The likeliest first. */
  readonly ranked: readonly Ranked[];
  readonly somethingElse: number;
  readonly elseWeighing: Weighing;
  readonly canTell: boolean;
  /** The look, or the missing entry, that would tell most; undefined where nothing more would. */
  readonly next: Look | undefined;
}

/** Of all cases, those with a cause that is in no list. */
const ELSEWHERE = 0.15;
/** From here on the first cause is said to be it. */
const TELLS_FROM = 0.5;
/** A look that tells less is not worth its hole. */
const LEAST_BITS = 0.03;

type Known = ReadonlyMap<FactKey, boolean>;
interface Weighed extends Weighing {
  readonly cause: Cause | undefined;
  /** Shared out: all of them are one. */
  readonly weight: number;
}

const chanceOf = (fact: FactKey, cause: Cause | undefined): number =>
  cause?.signs.find((s) => s.fact === fact)?.ifCause ?? OTHERWISE[fact];

function weighed(symptom: Symptom, known: Known): Weighed[] {
  const causes = CAUSES.filter((c) => c.symptoms[symptom] !== undefined);
  const sum = causes.reduce((s, c) => s + (c.symptoms[symptom] ?? 0), 0);
  // Facts that no cause of this symptom has for a sign move all alike.
  const facts = [...known].filter(([f]) => causes.some((c) => c.signs.some((s) => s.fact === f)));
  const weigh = (cause: Cause | undefined, before: number): Weighed => {
    const chances = facts.map(([fact, is]) => {
      const chance = chanceOf(fact, cause);
      return { fact, is, chance: is ? chance : 1 - chance };
    });
    return { cause, before, chances, weight: chances.reduce((w, c) => w * c.chance, before) };
  };
  const list: Weighed[] = [
    ...causes.map((cause) => weigh(cause, ((1 - ELSEWHERE) * (cause.symptoms[symptom] ?? 0)) / sum)),
    weigh(undefined, ELSEWHERE),
  ];
  const total = list.reduce((s, x) => s + x.weight, 0);
  return list.map((x) => ({ ...x, weight: x.weight / total }));
}

const entropy = (list: readonly Weighed[]): number =>
  -list.reduce((s, { weight }) => s + (weight > 0 ? weight * Math.log2(weight) : 0), 0);

/** Bits that knowing a fact is expected to tell. */
function bitsOf(fact: FactKey, symptom: Symptom, known: Known, now: readonly Weighed[]): number {
  const chance = now.reduce((s, { cause, weight }) => s + weight * chanceOf(fact, cause), 0);
  const after = (is: boolean): number => entropy(weighed(symptom, new Map(known).set(fact, is)));
  return entropy(now) - chance * after(true) - (1 - chance) * after(false);
}

/**
 * @param facts what is known, of the record and of looks; what is not in it is not known
 * @param inVain what was looked at and did not tell: it is not asked for once more
 */
export function diagnose(
  symptom: Symptom,
  facts: readonly Fact[],
  inVain: (key: FactKey) => boolean = () => false,
): Diagnosis {
  const known: Known = new Map(facts.map((f) => [f.key, f.is]));
  const list = weighed(symptom, known);
  const ranked = list
    .flatMap(({ cause, weight, before, chances }): Ranked[] => {
      if (!cause) return [];
      const own = facts.filter((f) => cause.signs.some((s) => s.fact === f.key));
      const forIt = ({ key, is }: Fact): boolean => {
        const more = chanceOf(key, cause) > OTHERWISE[key];
        return is ? more : !more;
      };
      return [
        {
          ...{ cause, likelihood: weight, weighing: { before, chances } },
          speaksFor: own.filter((f) => f.is && forIt(f)),
          speaksAgainst: own.filter((f) => !forIt(f)),
          missing: cause.signs.map((s) => s.fact).filter((f) => !known.has(f)),
        },
      ];
    })
    .sort((a, b) => b.likelihood - a.likelihood);
  const open = new Set(ranked.flatMap((r) => r.cause.signs.map((s) => s.fact)).filter((f) => !known.has(f)));
  const looks = [...open]
    .filter((fact) => !inVain(fact))
    .map((fact) => ({ fact, bits: bitsOf(fact, symptom, known, list) }))
    .filter((l) => l.bits >= LEAST_BITS)
    .sort((a, b) => b.bits - a.bits);
  const first = ranked[0];
  const other = list.find((x) => x.cause === undefined);
  return {
    symptom,
    ranked,
    somethingElse: other?.weight ?? 0,
    elseWeighing: { before: other?.before ?? 0, chances: other?.chances ?? [] },
    canTell: first !== undefined && first.likelihood >= TELLS_FROM && first.speaksFor.length > 0,
    next: looks[0],
  };
}
