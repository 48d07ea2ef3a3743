/** Talking to the server. Errors are problems in sentences; no answer at all is "offline". */
import { lentumClient } from '@lentum/client';
import type { Printout, Sheet } from '@lentum/core/printout';
import type { Problem } from '@lentum/core/problems';
import { noteClock } from './clock.ts';
import { copyOf, isKept, keepCopy, seenMs } from './device/copies.ts';

export interface ApiProblemBody {
  readonly title: string;
  readonly status: number;
  readonly detail: string;
  /** What is wrong, part by part, where that can be said. */
  readonly errors?: readonly Problem[];
  readonly newest?: { version: number; body: unknown };
}

export class ApiProblem extends Error {
  readonly status: number;
  readonly body: ApiProblemBody;
  constructor(body: ApiProblemBody) {
    super(body.detail);
    this.status = body.status;
    this.body = body;
  }
}

/** The server did not answer at all. */
export class Offline extends Error {
  constructor() {
    super('The server does not answer. What you entered is kept here and sent when it does.');
  }
}

/** Not now, but later: the line is down, the server is busy, or it wants to be asked more slowly. */
export const isForLater = (error: unknown): boolean =>
  error instanceof Offline ||
  (error instanceof ApiProblem && (error.status >= 500 || [401, 408, 425, 429].includes(error.status)));

export interface Answer<T> {
  readonly body: T;
  readonly version: number | undefined;
  /** The server did not answer: it is what was last seen on this device. */
  readonly fromDevice?: boolean;
}

export interface Write {
  readonly body: unknown;
  readonly ifMatch?: number;
}

/** A line that is up and carries nothing holds up what waits behind it: after this long it counts as no answer. */
const PATIENCE_MS = 30_000;
/** The same for pictures and papers. */
const FILE_PATIENCE_MS = 180_000;

let signedOut: () => void = () => undefined;
/** Called when the server does not know any more who asks. */
export const onSignedOut = (hear: () => void): void => void (signedOut = hear);

let answers = 0;
/** How many requests were answered so far with what was asked for; those about who is in do not count. */
export const answersSoFar = (): number => answers;

interface Reached {
  readonly response: Response;
  readonly text: string;
}

/** Asks the server. @throws Offline where it does not answer, ApiProblem where it will not */
async function reach(path: string, init: RequestInit, patienceMs = PATIENCE_MS): Promise<Reached> {
  let response: Response;
  let text: string;
  const sentMs = Date.now();
  try {
    response = await fetch(`/api/v1${path}`, { ...init, signal: AbortSignal.timeout(patienceMs) });
    noteClock(response.headers.get('Date'), sentMs, Date.now());
    text = await response.text();
  } catch {
    throw new Offline();
  }
  if (!response.ok) {
    if (response.status === 401 && path !== '/session') signedOut();
    const unreadable = {
      title: response.statusText,
      status: response.status,
      detail: `The server answered ${response.status}.`,
    };
    throw new ApiProblem(
      response.headers.get('Content-Type')?.includes('problem+json')
        ? (JSON.parse(text) as ApiProblemBody)
        : unreadable,
    );
  }
  if (!path.startsWith('/session')) answers += 1;
  return { response, text };
}

async function ask<T>(path: string, init: RequestInit, patienceMs?: number): Promise<Answer<T>> {
  const { response, text } = await reach(path, init, patienceMs);
  const tag = /"(\d+)"/.exec(response.headers.get('ETag') ?? '')?.[1];
  return {
    body: (text === '' ? undefined : JSON.parse(text)) as T,
    version: tag === undefined ? undefined : Number(tag),
  };
}

const NO_BODY: readonly number[] = [204, 205, 304];

/** Typed calls, by what the server says of itself; they go and fail as all others do. */
export const api = lentumClient({
  at: location.origin,
  fetch: async (request) => {
    const { pathname, search } = new URL(request.url);
    const body = request.method === 'GET' ? {} : { body: await request.text() };
    const headers = Object.fromEntries(request.headers);
    const { response, text } = await reach(`${pathname.slice('/api/v1'.length)}${search}`, {
      ...{ method: request.method, headers },
      ...body,
    });
    const { status } = response;
    return new Response(NO_BODY.includes(status) ? null : text, { status, headers: response.headers });
  },
});

export const call = <T>(method: 'GET' | 'PUT' | 'POST', path: string, write?: Write): Promise<Answer<T>> =>
  ask<T>(path, {
    method,
    headers: {
      ...(write ? { 'Content-Type': 'application/json' } : {}),
      ...(write?.ifMatch === undefined ? {} : { 'If-Match': `"${write.ifMatch}"` }),
    },
    ...(write ? { body: typeof write.body === 'string' ? write.body : JSON.stringify(write.body) } : {}),
  });

/** Fetches a file that the server makes. @throws Offline, or ApiProblem with its sentence */
async function fetchFile(path: string, init: RequestInit): Promise<Blob> {
  let response: Response;
  try {
    response = await fetch(`/api/v1${path}`, { ...init, signal: AbortSignal.timeout(FILE_PATIENCE_MS) });
  } catch {
    throw new Offline();
  }
  if (response.ok) return response.blob();
  throw new ApiProblem((await response.json()) as ApiProblemBody);
}

const sheetWords = ({ size, landscape }: Sheet): string => `size=${size}&landscape=${String(landscape)}`;

/** A printout as PDF, drawn by the server. */
export const makePdf = (printout: Printout, sheet: Sheet, jobId: string): Promise<Blob> =>
  fetchFile(`/printouts/pdf?${sheetWords(sheet)}${jobId === '' ? '' : `&job=${jobId}`}`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(printout),
  });

/** Where the dates of a roof's upkeep are read as a calendar. */
export const upkeepCalendar = (jobId: string, zoneId: string): string =>
  `/api/v1/jobs/${jobId}/upkeep.ics?zone=${encodeURIComponent(zoneId)}`;

/** Sends a file to its address. */
export const sendFile = (path: string, file: Blob): Promise<unknown> =>
  ask(path, { method: 'PUT', headers: { 'Content-Type': file.type }, body: file }, FILE_PATIENCE_MS);

/** Where a picture of a job lies, by the hash of its content. */
export const picturePath = (jobId: string, id: string): string => `/jobs/${jobId}/pictures/${id}`;

/** Where a paper of the binder lies, by the hash of its content. */
export const paperPath = (sha256: string): string => `/papers/${sha256}`;

/** Without a signal what was last seen of it stands, and since when is said. */
export async function get<T>(path: string): Promise<Answer<T>> {
  try {
    const answer = await call<T>('GET', path);
    seenMs.value = undefined;
    if (isKept(path)) void keepCopy(path, answer.body, answer.version);
    return answer;
  } catch (error) {
    if (!(error instanceof Offline) || !isKept(path)) throw error;
    const known = await copyOf(path);
    if (!known) throw error;
    seenMs.value = known.atMs;
    return { body: known.body as T, version: known.version, fromDevice: true };
  }
}

/** A sentence for anything that was thrown. */
export const sentenceOf = (error: unknown): string =>
  error instanceof Error ? error.message : String(error);
