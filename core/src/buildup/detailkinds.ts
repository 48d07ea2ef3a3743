/** The kinds of detail, with the words for them, and which of them may be made with a stripe or a patch. */
export interface DetailFacts {
  readonly name: string;
  /** A length, or places one by one. */
  readonly form: 'run' | 'spot';
}

const run = (name: string): DetailFacts => ({ name, form: 'run' });
const spot = (name: string): DetailFacts => ({ name, form: 'spot' });

export const DETAILS = {
  upstand: run('Upstand'),
  fillet: run('Fillet'),
  'internal-corner': spot('Internal corner'),
  'external-corner': spot('External corner'),
  parapet: run('Parapet top'),
  bar: run('Termination bar'),
  kerb: spot('Roof light kerb'),
  threshold: run('Door threshold'),
  drip: run('Drip edge'),
  gutter: run('Gutter'),
  'movement-joint': run('Movement joint'),
  'tie-in': run('Tie-in to existing roof'),
  'day-joint': run('Day joint'),
  'wall-end': run('Top of a wall'),
  'wall-foot': run('Foot of a wall'),
  ridge: run('Ridge'),
  outlet: spot('Outlet'),
  scupper: spot('Scupper'),
  pipe: spot('Pipe'),
  'pipe-cluster': spot('Pipe cluster'),
  post: spot('Square post or plinth'),
  support: spot('Equipment support'),
  'board-joint': run('Board joint'),
  'static-crack': run('Static crack'),
  'moving-crack': run('Moving crack'),
  'sheet-lap': run('Metal sheet lap'),
  fasteners: spot('Fasteners'),
  blister: spot('Blister repair'),
  split: run('Split repair'),
  patch: spot('Patch in the old membrane'),
  'flanged-vent': spot('Flanged vent'),
  stairs: spot('Stairs'),
} as const satisfies Record<string, DetailFacts>;

export type DetailKind = keyof typeof DETAILS;
export const DETAIL_KINDS = Object.keys(DETAILS) as DetailKind[];
export const detailFacts = (kind: DetailKind): DetailFacts => DETAILS[kind];

/** Flat lines that a stripe of resin alone may go over. */
export const STRIPED: readonly DetailKind[] = [
  'board-joint',
  'sheet-lap',
  'static-crack',
  'moving-crack',
  'split',
];
/** Damage that one thick coat may go over, past its edge on every side. */
export const PATCHED: readonly DetailKind[] = ['blister', 'split', 'static-crack', 'fasteners', 'patch'];
/** What is more than a seal over something: fillets and bars are not made with a coat. */
export const UNCOATED: readonly DetailKind[] = ['fillet', 'bar', 'day-joint', 'pipe-cluster'];
