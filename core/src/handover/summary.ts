/** The first page of a handover: what somebody wants to know of the roof who has a minute. */
import type { BuildUp } from '../buildup/index.ts';
import { heading, list, type SimpleBlock, type Telling } from '../printout/index.ts';
import { snagsOf } from '../proving/index.ts';
import type { BayStatus, SiteBook } from '../record/index.ts';
import type { Zone, ZoneQuantities } from '../survey/index.ts';
import type { KeptAfter } from './keptafter.ts';
import { isGood, type ProofLine } from './proof.ts';
import { PROOF_NAMES, proofCount } from './proofwords.ts';
import { DATE_NAMES, dateText, guaranteeWords, openWords } from './upkeepwords.ts';

export interface SummaryTerms {
  readonly zone: Zone;
  readonly quantities: ZoneQuantities;
  readonly buildUp: BuildUp | undefined;
  readonly statuses: readonly BayStatus[];
  readonly proof: readonly ProofLine[];
  readonly after: KeptAfter;
  readonly book: SiteBook;
}

function laidWords({ quantities, buildUp, statuses }: SummaryTerms, t: Telling): string[] {
  const done = statuses.filter((s) => s.buildUp && s.next === undefined).length;
  const area = t.figure(quantities.slopeArea);
  if (!buildUp) return [`${area}. ${t.w('No build-up is chosen.')}`];
  return [
    `${area}: ${buildUp.name}.`,
    t.w(
      done === statuses.length && done > 0
        ? `All ${done} bays are laid.`
        : `${done} of ${statuses.length} bays are laid to the last layer.`,
    ),
  ];
}

function proofWords(proof: readonly ProofLine[], t: Telling): string[] {
  const open = proof.filter((l) => !isGood(l.answer));
  if (proof.length === 0) return [];
  if (open.length === 0)
    return [t.w(`Everything that was looked at is proven, ${proof.length} of ${proof.length}.`)];
  return [
    t.w(`${proof.length - open.length} of ${proof.length} are proven. Not proven:`) +
      ` ${open.map((l) => `${t.w(PROOF_NAMES[l.subject]).toLowerCase()} (${t.w(proofCount(l))})`).join(', ')}.`,
  ];
}

/** @returns sentences under a heading; what is not known is not said to be good */
export function summarySection(terms: SummaryTerms, t: Telling): SimpleBlock[] {
  const { plan, guarantee, dates } = terms.after;
  const open = snagsOf(terms.book, terms.zone.id).filter((s) => s.state !== 'accepted');
  const film = plan?.film;
  const handed = plan?.kept.handedOver;
  const next = dates.find((d) => d.state !== 'done' && (d.key === 'visit' || d.key === 'outlets'));
  const recoat = dates.find((d) => d.key === 'recoat');
  return [
    heading(1, t.w('In a minute')),
    list([
      ...laidWords(terms, t),
      ...proofWords(terms.proof, t),
      ...(film?.lowest && film.mean
        ? [
            `${t.w('Top film, dry: mean')} ${t.figure(film.mean)}, ${t.w('least')} ${t.figure(film.lowest)} (${film.lowestAt ?? ''}), ${t.w('of the design')} ${t.figure(film.design)}.`,
          ]
        : []),
      ...(open.length > 0
        ? [t.w(`${open.length} ${open.length === 1 ? 'snag is' : 'snags are'} open.`)]
        : []),
      ...(handed
        ? [
            `${t.w('Handed over to')} ${handed.body.to}, ${t.timeMs(handed.atMs)}. ${t.w(openWords(handed.body.unproven))}`,
          ]
        : [t.w('Not handed over yet.')]),
      ...(next ? [t.w(`${DATE_NAMES[next.key]} next: ${dateText(next)}.`)] : []),
      ...(recoat ? [t.w(`Coated again, roughly: ${dateText(recoat)}.`)] : []),
      ...(guarantee ? [`${t.w('Guarantee')}: ${guaranteeWords(guarantee, t.w, t.day)}`] : []),
    ]),
  ];
}
