/** What was done after the work was finished: the handing over and the visits, as they stand on record. */
import { allOf, type BookEntryOf, type SiteBook, type VisitWork } from '../record/index.ts';

type Upkeep = BookEntryOf<'upkeep'>;
type Step<K extends Upkeep['body']['step']> = Extract<Upkeep['body'], { step: K }>;

export interface HandedOver {
  readonly entry: Upkeep;
  readonly body: Step<'handed over'>;
  readonly atMs: number;
}
export interface Visit {
  readonly entry: Upkeep;
  readonly body: Step<'visit'>;
  readonly atMs: number;
}

export interface Kept {
  /** The newest handing over, and all visits in the order in which they were made. */
  readonly handedOver: HandedOver | undefined;
  readonly visits: readonly Visit[];
}

export function keptOf(book: SiteBook, zoneId: string): Kept {
  const all = allOf(book, 'upkeep')
    .filter((e) => e.zoneId === zoneId)
    .sort((a, b) => Date.parse(a.body.at) - Date.parse(b.body.at));
  let handedOver: HandedOver | undefined;
  const visits: Visit[] = [];
  for (const entry of all) {
    const { body } = entry;
    const atMs = Date.parse(body.at);
    if (body.step === 'visit') visits.push({ entry, body, atMs });
    else handedOver = { entry, body, atMs };
  }
  return { handedOver, visits };
}

export const didOf = (visits: readonly Visit[], work: VisitWork): Visit[] =>
  visits.filter((v) => v.body.done.includes(work));
