/** The kinds of detail, with the words for them. */
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
} as const satisfies Record<string, DetailFacts>;

export type DetailKind = keyof typeof DETAILS;
export const DETAIL_KINDS = Object.keys(DETAILS) as DetailKind[];
export const detailFacts = (kind: DetailKind): DetailFacts => DETAILS[kind];
