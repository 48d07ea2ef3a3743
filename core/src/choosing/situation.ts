/** What the survey says about a zone, as far as choosing a build-up and its rates asks. */
import type { ZoneCondition } from '../buildup/index.ts';
import { knownRoofLevelsOf, type RoofLevels } from '../falls/index.ts';
import { SUBSTRATES, type FamilyKey } from '../family/index.ts';
import { given, words, type Given, type Part } from '../figures/index.ts';
import { COMMON } from '../practice/index.ts';
import { familiesFor, type Readiness } from '../readiness/index.ts';
import { UPRIGHT_PCT, zoneUse, type Survey, type Zone } from '../survey/index.ts';

export interface ConditionFound {
  readonly condition: ZoneCondition;
  readonly says: readonly Part[];
}

const ROUGH = ['gravelled-felt', 'bitumen-granules'] as const;
const ABSORBENT = ['screed', 'boards', 'foam'] as const;

/** The fall of a zone, per cent: from its levels, else as typed; undefined where nobody said. A wall is as steep as it gets. */
export function slopeOf(zone: Zone, falls: RoofLevels | undefined): number | undefined {
  if (zoneUse(zone) === 'wall') return UPRIGHT_PCT;
  return falls ? falls.meanFall.value : zone.fallPct;
}

/** The same, from what the survey says of the zone. */
export const knownSlopeOf = (zone: Zone): number | undefined => slopeOf(zone, knownRoofLevelsOf(zone));

/** The same with where it comes from. */
export function fallOf(zone: Zone, falls: RoofLevels | undefined): Given | undefined {
  const pct = slopeOf(zone, falls);
  if (pct === undefined) return undefined;
  if (zoneUse(zone) === 'wall')
    return given('fall', pct, 'fall', 'definition', 'a wall, as steep as it gets');
  return falls
    ? given('fall', pct, 'fall', 'measured', 'from the levels')
    : given('fall', pct, 'fall', 'assumed', 'as typed');
}

/**
 * Conditions of a zone that ask for other rates than the field's, each with what it is found from.
 * @param wheels whether wheels go on it: a steep driven zone is a ramp
 */
export function conditionsOf(zone: Zone, falls: RoofLevels | undefined, wheels: boolean): ConditionFound[] {
  const found: ConditionFound[] = [];
  const slope = fallOf(zone, falls);
  if (slope) {
    const fall = slope.value;
    if (fall >= COMMON.slopeFrom.value) {
      const from = COMMON.slopeFrom;
      found.push({ condition: 'slope', says: words`the fall is ${slope}, a slope from ${from}` });
    }
    if (wheels && fall >= COMMON.rampFrom.value) {
      const from = COMMON.rampFrom;
      found.push({ condition: 'ramp', says: words`wheels go up ${slope}, a ramp from ${from}` });
    }
  }
  const kind = zone.substrate?.kind;
  const profiles = zone.tests.flatMap((t) =>
    t.kind === 'profile' && typeof t.value === 'number' ? [t.value] : [],
  );
  const roughest = Math.max(0, ...profiles);
  if (roughest >= COMMON.roughFrom.value) {
    const csp = given('surface profile', roughest, 'count', 'measured', 'on the ten-step comparator scale');
    const from = COMMON.roughFrom;
    found.push({ condition: 'rough', says: words`surface profile ${csp}, rough from ${from}` });
  } else if (kind && (ROUGH as readonly string[]).includes(kind)) {
    found.push({
      condition: 'rough',
      says: [`${SUBSTRATES[kind].name.toLowerCase()} has more surface than its plan`],
    });
  }
  if (kind && (ABSORBENT as readonly string[]).includes(kind))
    found.push({ condition: 'absorbent', says: [`${SUBSTRATES[kind].name.toLowerCase()} drinks`] });
  return found;
}

/** Whether water stands on a zone, from its levels; undefined without levels. */
export const pondsOn = (falls: RoofLevels | undefined): boolean | undefined =>
  falls && falls.ponds.some((p) => p.deepestM * 1000 >= COMMON.pondDepth.value);

/** The readiness of every family on a zone. Empty where the survey does not say what there is to coat. */
export const readinessByFamily = (
  zone: Zone,
  falls: RoofLevels | undefined,
  school: Survey['primerSchool'],
  nowMs: number,
): ReadonlyMap<FamilyKey, Readiness> =>
  new Map(familiesFor({ zone, falls, school, nowMs }).map((f) => [f.family, f.readiness]));
