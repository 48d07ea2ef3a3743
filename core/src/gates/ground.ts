/** Gates of the ground: what the survey and the tests say of it, by the limits of the layer that goes on it first. */
import { cited, detailRulesOf, isCoat, isWorkLayer, type BuildUp, type WorkLayer } from '../buildup/index.ts';
import { given, words, type Part } from '../figures/index.ts';
import type { Practice } from '../practice/index.ts';
import { FIXED_ITEMS, type Fillet, type NextLayer, type Readiness, type Reason } from '../readiness/index.ts';
import { MS_PER_HOUR } from '../units/index.ts';
import type { Gate, Settle } from './gate.ts';

/** What a layer says of the ground that it is laid on. */
function groundLayer(layer: WorkLayer): NextLayer {
  const most = 'limits' in layer ? layer.limits.moistureMaxPct : undefined;
  return {
    name: layer.name,
    primes: isCoat(layer) && layer.role === 'primer',
    blocksBleed: isCoat(layer) && layer.blocksBleed === true,
    moistureMax:
      most && cited(`moisture of the ground, most for ${layer.name.toLowerCase()}`, most, 'moisture'),
  };
}

/** What a build-up says of the ground: its first layer, and how it forms fillets. */
export function groundTerms(buildUp: BuildUp): { layer: NextLayer | undefined; fillet: Fillet } {
  const first = buildUp.layers.find(isWorkLayer);
  const rules = detailRulesOf(buildUp);
  return {
    layer: first && groundLayer(first),
    fillet: { of: rules.fillet, legMm: rules.filletLegMm.value },
  };
}

const NAMES: Readonly<Record<string, string>> = {
  fit: 'Substrate',
  wall: 'Wall below ground',
  stairs: 'Stairs',
  bleed: 'Bleeding',
  trial: 'Trial patch',
  age: 'Age',
  moisture: 'Moisture',
  humidity: 'In-slab humidity',
  sheet: 'Plastic sheet',
  core: 'Core sample',
  profile: 'Profile',
  strength: 'Strength',
  'pull-off': 'Pull-off',
  tack: 'Primer tack',
  'no-drain': 'Drainage',
  'no-levels': 'Falls',
};

function settleOf({ facts }: Reason): Settle {
  return facts.test ? { by: 'entry', kind: 'test', known: { test: facts.test } } : { by: 'survey' };
}

function ofReason(reason: Reason): Gate {
  const { facts, rule } = reason;
  const item = facts.item ?? rule;
  return {
    key: `ground/${rule}`,
    group: 'ground',
    name: NAMES[rule] ?? 'Inspection',
    answer:
      reason.weight === 'fine' || reason.weight === 'steps' ? 'holds' : facts.unknown ? 'unknown' : 'broken',
    says: reason.says,
    opens: reason.change,
    actual: facts.actual,
    limit: facts.limit,
    readAtMs: facts.readAtMs,
    settle: settleOf(reason),
    fixed: FIXED_ITEMS.has(item) ? 'licence' : undefined,
  };
}

export interface GroundTerms {
  readonly nowMs: number;
  readonly practice: Practice;
  /** When it rained last before now, as far as the weather or the record knows. */
  readonly rainMs: number | undefined;
}

/** A reading of moisture is valid for a day, and for no longer than until it rains. */
function aged(gate: Gate, { nowMs, practice, rainMs }: GroundTerms): Gate {
  if (gate.key !== 'ground/moisture' || gate.answer !== 'holds' || gate.readAtMs === undefined) return gate;
  const read = gate.readAtMs;
  const again: readonly Part[] = ['Take a reading again.'];
  if (rainMs !== undefined && rainMs > read)
    return {
      ...gate,
      answer: 'unknown',
      says: [
        ...gate.says,
        ...words` It was read ${{ atMs: read }}, and it has rained since, ${{ atMs: rainMs }}.`,
      ],
      opens: again,
    };
  const hours = (nowMs - read) / MS_PER_HOUR;
  const limit = practice.moistureReadingH;
  if (hours <= limit.value) return gate;
  const age = given('age of the reading', hours, 'hours', 'measured');
  return {
    ...gate,
    answer: 'unknown',
    says: [...gate.says, ...words` It was read ${age} ago; a reading is valid for ${limit}.`],
    opens: again,
  };
}

/** What no step of the preparation puts right, and no test settles, is not a gate. */
const isGate = ({ weight, rule }: Reason): boolean =>
  weight !== 'note' &&
  !rule.startsWith('defect-') &&
  rule !== 'joint' &&
  !(weight === 'steps' && !(rule in NAMES));

/** Gates of bare ground: each thing that was looked at or is still to be looked at. */
export const groundGates = (readiness: Readiness, terms: GroundTerms): Gate[] =>
  readiness.reasons.filter(isGate).map((r) => aged(ofReason(r), terms));

/** A primer that was left out: a test must have spared it. */
export function primerGate({ primer }: Readiness): Gate {
  return {
    key: 'ground/primer',
    group: 'ground',
    name: 'Primer left out',
    answer: primer.answer === 'spared' ? 'holds' : primer.answer === 'not known' ? 'unknown' : 'broken',
    says: primer.says,
    opens: ['Take the primer back into the build-up of this zone, or spare it by a test without primer.'],
    settle: { by: 'entry', kind: 'test', known: { test: 'pull-off', unprimed: true } },
  };
}

/** Ground that is covered already: only what stood against it stays on the list. */
export const coveredGround = (readiness: Readiness): Gate[] =>
  readiness.reasons
    .filter(isGate)
    .map(ofReason)
    .filter((g) => g.answer === 'broken')
    .map((g) => ({ ...g, says: ['it was laid against: ', ...g.says] }));
