/** What the rules of entries share: what they look at, how they say it, how kinds are called. */
import type { BuildUpDoc } from '../buildup/index.ts';
import type { Problem } from '../problems/index.ts';
import type { SiteDoc } from '../site/index.ts';
import type { Survey } from '../survey/index.ts';
import { format, type Quantity } from '../units/index.ts';
import type { EntryForm, Kind } from './entry.ts';
import type { BookEntry } from './reading.ts';

/** How figures and instants are said: in the units and the clock of the job. */
export interface Say {
  readonly time: (instant: string) => string;
  readonly value: (value: number, quantity: Quantity) => string;
  /** The program's own words as the job has them; what people wrote is left as it is. */
  readonly word?: (text: string) => string;
}
export const PLAIN: Say = { time: (i) => i, value: (v, q) => format(v, q, 'metric') };

export interface RecordContext {
  readonly survey: Pick<Survey, 'zones'>;
  readonly buildUps: BuildUpDoc;
  readonly site: SiteDoc;
  /** The entry that would be superseded, when there is one. */
  readonly target?: { readonly entry: EntryForm; readonly alreadySuperseded: boolean } | undefined;
  /** Another entry of the record that this one refers to. */
  readonly refers?: ((id: string) => BookEntry | undefined) | undefined;
  /** Instant at which the entry arrives, by the server's clock, ms. */
  readonly nowMs: number;
  readonly say?: Say | undefined;
}

export const unknown = (field: string, label: string, actual: string, expected: string): Problem => ({
  kind: 'unknown',
  field,
  label,
  actual,
  expected,
});
export const order = (field: string, label: string, actual: string, expected: string): Problem => ({
  kind: 'order',
  field,
  label,
  actual,
  expected,
});
export const missing = (field: string, label: string, expected: string): Problem => ({
  kind: 'missing',
  field,
  label,
  actual: 'nothing',
  expected,
});

/** How kinds are named in sentences. */
const NAMES: Readonly<Record<Kind, string>> = {
  conditions: 'Conditions',
  preparation: 'Preparation',
  test: 'Test',
  trial: 'Trial patch',
  coat: 'Coat',
  ply: 'Laid',
  broadcast: 'Broadcast',
  mix: 'Mix',
  melt: 'Melt',
  permit: 'Permit',
  watch: 'Fire watch',
  'dry film': 'Dry film',
  gauge: 'Gauge',
  flood: 'Flood test',
  'leak test': 'Leak test',
  snag: 'Snag',
  upkeep: 'Upkeep',
  event: 'Event',
  opening: 'Opening',
  decision: 'Decision',
  detail: 'Detail',
  remedy: 'Remedy',
  stock: 'Stock',
  withdrawal: 'Withdrawal',
};
export const kindName = (kind: Kind): string => NAMES[kind];
