/** A build-up that ships with Lentum, in the words of a job. */
import type { BuildUp } from '../buildup/index.ts';
import { worded, type Wording } from '../wording/index.ts';

/** Fields that are read, not calculated with: none of them is a key that something else is found by. */
const TEXTS: ReadonlySet<string> = new Set([
  'name',
  'summary',
  'says',
  'note',
  'cautions',
  'why',
  'ifMissed',
  'leastRate',
  'wheels',
  'granuleLaps',
]);

/** Names, notes and cautions in British or American words; figures, keys and choices are the same. */
export function inWords(buildUp: BuildUp, wording: Wording, units: 'metric' | 'us'): BuildUp {
  if (wording === 'uk') return buildUp;
  const walk = (value: unknown, isText: boolean): unknown => {
    if (typeof value === 'string') return isText ? worded(value, wording, units) : value;
    if (Array.isArray(value)) return value.map((each) => walk(each, isText));
    if (value === null || typeof value !== 'object') return value;
    return Object.fromEntries(Object.entries(value).map(([key, each]) => [key, walk(each, TEXTS.has(key))]));
  };
  return walk(buildUp, false) as BuildUp;
}
