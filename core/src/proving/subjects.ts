/** What can be shown of a finished roof, in the order of the work. */
export const PROOF_SUBJECTS = [
  'ground',
  'preparation',
  'details',
  'seen',
  'weather',
  'times',
  'below',
  'hot',
  'film',
  'aggregate',
  'missed',
  'openings',
  'layers',
  'dryFilm',
  'bond',
  'slip',
  'leak',
  'pictures',
  'snags',
  'accepted',
] as const;
export type ProofSubject = (typeof PROOF_SUBJECTS)[number];
