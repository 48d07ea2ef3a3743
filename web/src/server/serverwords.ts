/** How the server does, in words. */

export interface ServerProcess {
  readonly host: string;
  readonly pid: number;
  readonly does: 'all' | 'pages' | 'tasks';
  readonly begunAt: string;
  readonly seenAt: string;
  readonly streams: number;
  readonly tasks: number;
  readonly ends: boolean;
  readonly lost: boolean;
}
export interface ServerTask {
  readonly id: string;
  readonly kind: string;
  readonly job: string | null;
  readonly askedAt: string;
  readonly state: 'waiting' | 'working' | 'failed';
  /** 0 to 1. */
  readonly share: number;
  readonly doing: string;
  readonly says: string | null;
}
export interface ServerState {
  /** Null where the database holds several firms. */
  readonly servers: readonly ServerProcess[] | null;
  readonly tasks: readonly ServerTask[];
  readonly databaseBytes: number | null;
  readonly jobs: number;
  readonly entries: number;
  readonly signedAt: string | null;
}

const DOES = {
  all: 'pages and tasks',
  pages: 'pages; leaves tasks to others',
  tasks: 'tasks only',
} as const;

/** @param when an instant in words */
export function serverWords(
  { does, ends, lost, seenAt }: ServerProcess,
  when: (iso: string) => string,
): string {
  if (lost) return `lost: it was last heard of ${when(seenAt)}`;
  return ends ? 'ends: it takes no more work' : DOES[does];
}

export function taskWords({ state, share, doing, says }: ServerTask): string {
  if (state === 'failed') return `failed: ${says ?? 'the log of the server says why'}`;
  if (state === 'waiting') return 'waits for its turn';
  return `${Math.round(share * 100)} %${doing === '' ? '' : `, ${doing}`}`;
}

const KINDS: Readonly<Record<string, string>> = {
  import: 'Job taken in',
  'handover pdf': 'Handover as PDF',
  'handover zip': 'Handover, all files',
};
export const kindWords = (kind: string): string => KINDS[kind] ?? kind;

const UNITS = ['B', 'kB', 'MB', 'GB', 'TB'] as const;

/** In powers of ten, three figures. */
export function bytesWords(bytes: number): string {
  const power = bytes < 1000 ? 0 : Math.min(UNITS.length - 1, Math.floor(Math.log10(bytes) / 3));
  const value = bytes / 1000 ** power;
  return `${value.toFixed(power === 0 || value >= 100 ? 0 : value >= 10 ? 1 : 2)} ${UNITS[power] ?? ''}`;
}
