/** What stands against each family on a zone, each reason said once with the families that it stands against. */
import { FAMILIES, type FamilyKey } from '../family/index.ts';
import type { Part, Verdict } from '../figures/index.ts';
import { readinessVerdict, type familiesFor } from './judge.ts';
import type { Readiness } from './types.ts';

type Judged = ReturnType<typeof familiesFor>;

/** What is said of a family, apart from its name. */
const sense = ({ weight, reasons, steps }: Readiness): string => {
  const first = reasons[0];
  const says =
    weight === 'fine' ? '' : weight === 'steps' ? steps.length : [first?.subject, first?.says, first?.change];
  return JSON.stringify([weight, says]);
};

const named = (families: readonly FamilyKey[]): string => families.map((f) => FAMILIES[f].name).join(', ');

/**
 * @param judged families with what the zone says to each, in the order in which they are shown
 * @returns a line for each reason, in the order of the first family of each
 */
export function familiesVerdicts(judged: Judged): Verdict[] {
  const groups = new Map<string, { readonly families: FamilyKey[]; readonly readiness: Readiness }>();
  for (const { family, readiness } of judged) {
    const key = sense(readiness);
    const group = groups.get(key) ?? { families: [], readiness };
    group.families.push(family);
    groups.set(key, group);
  }
  return [...groups.values()].map(({ families, readiness }): Verdict => {
    const [first] = families;
    if (first === undefined) throw new Error('a group has a family');
    const verdict = readinessVerdict(readiness, first);
    const { weight } = readiness;
    if (weight === 'hold') {
      const subject =
        families.length === 1 ? `Hold with ${named(families)}:` : `Hold with ${families.length} families:`;
      const quiet: Part[] = [
        ...(families.length === 1 ? [] : [`${named(families)}. `]),
        ...(verdict.quiet ?? []),
      ];
      return { ...verdict, subject, ...(quiet.length > 0 ? { quiet } : {}) };
    }
    if (families.length === 1) return verdict;
    if (weight === 'refused') return { ...verdict, subject: `Not with ${named(families)}:` };
    const count = readiness.steps.length;
    return {
      ...verdict,
      says: [
        weight === 'fine'
          ? `with ${named(families)}: no objection found.`
          : `with ${named(families)} after ${count} ${count === 1 ? 'step' : 'steps'}.`,
      ],
    };
  });
}
