/**
 * The walk: every number of a layer is changed, and some named case has to give another answer. A number that changes
 * none is filled in for nothing. What noticed each number is kept, so that the tests look at that alone; the whole walk is
 * `npm run limits`.
 */
import { buildUpProblems } from '@lentum/core/buildup';
import { CARD_CASES, LAYER_CASES, type LimitCase } from './layercases.ts';
import { changes, numberPaths, type NumberPath } from './paths.ts';
import { layerOf, SPECIMENS, withLayer, type Specimen } from './specimens.ts';

/** Where a number was noticed. */
export interface Noticed {
  readonly case: string;
  readonly specimen: number;
  readonly change: number;
}
export const nameOf = ({ kind, path }: NumberPath): string => `${kind}/${path}`;

const CASES: readonly LimitCase[] = [...LAYER_CASES, ...CARD_CASES];
const before = new Map<string, string | undefined>();
function answerBefore(at: number, specimen: Specimen, c: LimitCase): string | undefined {
  const key = `${at}/${c.name}`;
  if (!before.has(key)) before.set(key, c.of({ buildUp: specimen.buildUp, layer: layerOf(specimen) }));
  return before.get(key);
}

/** Whether a case gives another answer once a number of a specimen is changed. */
export function notices(of: NumberPath, { case: name, specimen: at, change }: Noticed): boolean {
  const specimen = SPECIMENS[at];
  const c = CASES.find((one) => one.name === name);
  const layer = specimen && changes(layerOf(specimen), of)[change];
  if (!specimen || !c || !layer) return false;
  return c.of({ buildUp: withLayer(specimen, layer), layer }) !== answerBefore(at, specimen, c);
}

/** The first case that notices a number, verdicts before what is only read off a card. */
export function walkOne(of: NumberPath, likely: string | undefined): Noticed | undefined {
  const inOrder = (cases: readonly LimitCase[]): LimitCase[] => [
    ...cases.filter((c) => c.name === likely),
    ...cases.filter((c) => c.name !== likely),
  ];
  for (const cases of [LAYER_CASES, CARD_CASES])
    for (const [at, specimen] of SPECIMENS.entries()) {
      const usual = buildUpProblems(specimen.buildUp).length;
      for (const [change, layer] of changes(layerOf(specimen), of).entries()) {
        const buildUp = withLayer(specimen, layer);
        if (buildUpProblems(buildUp).length > usual) continue;
        const found = inOrder(cases).find((c) => c.of({ buildUp, layer }) !== answerBefore(at, specimen, c));
        if (found) return { case: found.name, specimen: at, change };
      }
    }
  return undefined;
}

/**
 * Every number of the schema and what notices it.
 * @param known what noticed them before; kept where it does still
 */
export function* walk(
  known: Readonly<Record<string, Noticed>> = {},
): Generator<{ of: NumberPath; by: Noticed | undefined }> {
  let likely: string | undefined;
  for (const of of numberPaths()) {
    const before = known[nameOf(of)];
    const by = before && notices(of, before) ? before : walkOne(of, likely);
    if (by && LAYER_CASES.some((c) => c.name === by.case)) likely = by.case;
    yield { of, by };
  }
}
