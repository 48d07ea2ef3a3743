/** The readings that count: at each spot those of the newest visit, and among them the one that decides. */
import { given, type Given } from '../figures/index.ts';
import { testFacts, type Test, type TestKind } from '../survey/index.ts';
import { MS_PER_HOUR } from '../units/index.ts';
import type { Case } from './types.ts';

type Tested = Pick<Case, 'zone' | 'practice'>;

function apart(a: Test, b: Test): number {
  if (!a.at || !b.at) return Infinity;
  return Math.hypot(a.at.alongM - b.at.alongM, a.at.acrossM - b.at.acrossM);
}

/**
 * Tests of one kind that count: at each spot those of the newest visit. A dry reading in one corner does not take back
 * a wet one in another; readings without a place are replaced by a newer visit's without a place.
 */
export function newest(
  { zone, practice }: Tested,
  kind: TestKind,
  only: (t: Test) => boolean = () => true,
): Test[] {
  const visitMs = practice.sameVisitHours.value * MS_PER_HOUR;
  const mine = zone.tests.filter((t) => t.kind === kind && only(t));
  const time = (t: Test): number => Date.parse(t.takenAt);
  return mine.filter(
    (t) =>
      !mine.some(
        (other) =>
          time(other) - time(t) > visitMs &&
          (t.at ? apart(t, other) <= practice.sameSpot.value : other.at === undefined),
      ),
  );
}

export interface Deciding {
  readonly test: Test;
  readonly reading: Given;
  readonly number: number;
  readonly of: number;
}

/** The worst number that counts, as a given of its own. */
export function worst(
  c: Tested,
  kind: TestKind,
  bad: 'high' | 'low',
  only?: (t: Test) => boolean,
): Deciding | undefined {
  const tests = newest(c, kind, only);
  const facts = testFacts(kind);
  if (facts.form !== 'number') return undefined;
  const numbers = tests.flatMap((test) =>
    typeof test.value === 'number' ? [{ test, value: test.value }] : [],
  );
  const first = [...numbers].sort((a, b) => (bad === 'high' ? b.value - a.value : a.value - b.value))[0];
  if (!first) return undefined;
  const where = first.test.at
    ? `, ${first.test.at.alongM.toFixed(1)} m along side 1 and ${first.test.at.acrossM.toFixed(1)} m in`
    : '';
  const label = `${facts.name.toLowerCase()}, ${bad === 'high' ? 'highest' : 'lowest'} of ${numbers.length}`;
  return {
    test: first.test,
    number: first.value,
    of: numbers.length,
    reading: given(label, first.value, facts.quantity, 'measured', `${first.test.instrument}${where}`),
  };
}

/** The worst word that counts: the one that stands last in the list of answers. */
export function worstWord(c: Tested, kind: TestKind, only?: (t: Test) => boolean): string | undefined {
  const facts = testFacts(kind);
  if (facts.form !== 'word') return undefined;
  const ranks = newest(c, kind, only).map((t) => facts.answers.indexOf(String(t.value)));
  return ranks.length === 0 ? undefined : facts.answers[Math.max(...ranks)];
}
