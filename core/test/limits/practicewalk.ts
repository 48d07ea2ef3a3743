/** The walk over the register of practice: each number is set to another, and some named case has to answer otherwise. */
import { COMMON, practiceOf, REGISTER, type PracticeKey } from '@lentum/core/practice';
import { LAYER_CASES } from './layercases.ts';
import { PRACTICE_CASES, type PracticeCase } from './practicecases.ts';
import { layerOf, SPECIMENS } from './specimens.ts';

/** Cases on layers that go by numbers of practice. */
const ON_LAYERS: readonly PracticeCase[] = LAYER_CASES.filter((c) =>
  [
    'films, weights and costs',
    'what goes with it on a bay',
    'findings of the build-up',
    'the mix for now',
  ].includes(c.name),
).flatMap((c) =>
  [0, 3, 4].map((i) => {
    const specimen = SPECIMENS[i]!;
    return {
      name: c.name,
      of: () => c.of({ buildUp: specimen.buildUp, layer: layerOf(specimen) }) ?? '',
    };
  }),
);
const CASES = [...PRACTICE_CASES, ...ON_LAYERS];
const usual = new Map<PracticeCase, string>();

/** Runs with a number of the register set to another, and puts it back. */
export function withNumber<T>(key: PracticeKey, value: number, run: () => T): T {
  const entry = REGISTER[key] as { value: number };
  const before = entry.value;
  const common = COMMON as Record<PracticeKey, (typeof COMMON)[PracticeKey]>;
  const known = common[key];
  try {
    entry.value = value;
    common[key] = practiceOf()[key];
    return run();
  } finally {
    entry.value = before;
    common[key] = known;
  }
}

export interface PracticeNoticed {
  readonly case: string;
  /** What the number was set to. */
  readonly value: number;
}

/** Whether a case answers otherwise once a number is set to another. */
export function practiceNotices(key: PracticeKey, { case: name, value }: PracticeNoticed): boolean {
  return CASES.filter((c) => c.name === name).some((c) => {
    if (!usual.has(c)) usual.set(c, c.of());
    return withNumber(key, value, c.of) !== usual.get(c);
  });
}

/** The first named case that answers otherwise; undefined: the number decides nothing. */
export function practiceWalkOne(key: PracticeKey): PracticeNoticed | undefined {
  const { value, least, most } = REGISTER[key];
  const wanted = [value * 1.1, value * 0.9, value * 1.25, value * 0.8, value * 2, value * 0.5, most, least];
  for (const other of wanted) {
    if (other === value || other < least || other > most) continue;
    const found = CASES.find((c) => practiceNotices(key, { case: c.name, value: other }));
    if (found) return { case: found.name, value: other };
  }
  return undefined;
}
