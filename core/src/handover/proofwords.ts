/** What is proven of a roof, in words for screen and paper. */
import type { Part } from '../figures/index.ts';
import { columns, heading, line, row, table, type Block, type Telling } from '../printout/index.ts';
import { bayRunsInOrder } from '../words/index.ts';
import type { ProofSubject } from '../proving/index.ts';
import type { ProofAnswer, ProofGroup, ProofLine } from './proof.ts';

export const PROOF_NAMES: Readonly<Record<ProofSubject, string>> = {
  ground: 'Ground fit for the first layer',
  preparation: 'Ground got ready',
  details: 'Details made before the field',
  seen: 'Details accepted',
  weather: 'Weather of each layer',
  times: 'Overcoat times kept',
  below: 'What lay below each layer',
  hot: 'Hot work',
  film: 'Film of each coat',
  aggregate: 'Aggregate that stays',
  missed: 'What was missed is put right',
  openings: 'Opened when it could take it',
  layers: 'Every layer on record',
  dryFilm: 'Film read dry',
  bond: 'Bond of the finished work',
  slip: 'Grip of the finished surface',
  leak: 'No leak',
  pictures: 'Pictures of the details',
  snags: 'Snags put right',
  accepted: 'Accepted',
};

/** Of details the places are no bays. */
const OF: Readonly<Partial<Record<ProofSubject, string>>> = {
  seen: 'details',
  pictures: 'details',
  snags: 'places',
};

/** 11 of 12 bays. */
export const proofCount = ({ subject, good, of }: ProofLine): string =>
  `${good} of ${of} ${OF[subject] ?? 'bays'}`;

const MOST_PLACES = 6;

/** H4–H6, second coat, dew gap: */
export function groupHead({ where, layer, what }: ProofGroup, subject: ProofSubject): string {
  const more = where.length - MOST_PLACES;
  const places = OF[subject]
    ? `${where.slice(0, MOST_PLACES).join(', ')}${more > 0 ? ` and ${more} more` : ''}`
    : bayRunsInOrder(where);
  return [places, ...(layer ? [layer.toLowerCase()] : []), what.toLowerCase()].join(', ');
}

/** Numbers are those of the first of several places. */
export const groupWords = ({ where, says }: ProofGroup): readonly Part[] =>
  where.length > 1 ? [`${where[0] ?? ''}: `, ...says] : says;

const MOST_GROUPS = 8;

/** The list on paper. */
export function proofBlocks(lines: readonly ProofLine[], t: Telling): Block[] {
  const answer = (a: ProofAnswer): string => t.w(a);
  return [
    heading(1, t.w('What is proven')),
    table(
      columns('Looked at|50', 'Of|20', 'Answer'),
      lines.map((l) =>
        row([t.w(PROOF_NAMES[l.subject]), t.w(proofCount(l)), answer(l.answer)], {
          notes: [
            ...l.groups
              .slice(0, MOST_GROUPS)
              .map(
                (g) =>
                  `${groupHead({ ...g, what: t.w(g.what) }, l.subject)}, ${answer(g.answer)}: ${t.parts(groupWords(g))}`,
              ),
            ...(l.groups.length > MOST_GROUPS
              ? [t.w(`and ${l.groups.length - MOST_GROUPS} more; they stand on the page of the handover.`)]
              : []),
          ],
        }),
      ),
    ),
    line(
      t.w(
        'Each layer is judged as it stood when it was begun, by the gates of the day. What nobody read or entered is not shown, and proves nothing.',
      ),
      'quiet',
    ),
  ];
}
