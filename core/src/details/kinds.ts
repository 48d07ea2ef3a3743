/** The kinds of detail, with the words for them. */
export interface DetailFacts {
  readonly name: string;
  /** As it is called in US practice, where that differs. */
  readonly us?: string;
  /** A length, or places one by one. */
  readonly form: 'run' | 'spot';
}

const run = (name: string, us?: string): DetailFacts => ({
  name,
  form: 'run',
  ...(us === undefined ? {} : { us }),
});
const spot = (name: string, us?: string): DetailFacts => ({
  name,
  form: 'spot',
  ...(us === undefined ? {} : { us }),
});

export const DETAILS = {
  upstand: run('Upstand', 'base flashing'),
  fillet: run('Fillet', 'cant'),
  'internal-corner': spot('Internal corner', 'inside corner'),
  'external-corner': spot('External corner', 'outside corner'),
  parapet: run('Parapet top', 'coping'),
  bar: run('Termination bar'),
  kerb: spot('Roof light kerb', 'curb'),
  threshold: run('Door threshold', 'door sill'),
  drip: run('Drip edge', 'gravel stop, metal edge'),
  gutter: run('Gutter'),
  'movement-joint': run('Movement joint', 'expansion joint'),
  'tie-in': run('Tie-in to existing roof'),
  'day-joint': run('Day joint', 'night seal'),
  ridge: run('Ridge'),
  outlet: spot('Outlet', 'drain'),
  scupper: spot('Scupper'),
  pipe: spot('Pipe', 'penetration'),
  'pipe-cluster': spot('Pipe cluster', 'pitch pocket'),
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
