/**
 * What others change, told as soon as it stands: the database says it to every server (LISTEN and NOTIFY), and a server to
 * whoever has the job open. One connection of its own; where it breaks it is made again, and everybody looks for themselves.
 */
import pg from 'pg';
import { z } from 'zod';
import { liveChangeSchema, type LiveChange } from '@lentum/core/job';

const CHANNEL = 'lentum_live';
/** Told without words when a session ends, or when it changes what an account is or may do. */
const ACCESS = 'lentum_access';
/** What the database calls the connection that listens. */
export const LISTENER = 'lentum listens';
const FIRST_AGAIN_MS = 250;
const LONGEST_AGAIN_MS = 10_000;
/** A line that died tells nothing: it is asked now and then. */
const ALIVE_MS = 2000;
/** Whatever was changed longer ago was told, or `tells` is false. */
export const FRESH_MS = 5000;
const ANSWER_MS = 5000;

/** As the database tells it: with the firm in whose rows it is. */
const toldSchema = liveChangeSchema.extend({ tenant: z.number().int() });

interface Hearer {
  readonly hear: Hear;
  /** Absent where there is one firm only. */
  readonly tenant: number | undefined;
}

/** Called with a change; with nothing where some may have been missed, as before the first. */
export type Hear = (change: LiveChange | undefined) => void;

export class LiveFeed {
  private readonly hearers = new Map<string, Set<Hearer>>();
  private client: pg.Client | undefined;
  private again: NodeJS.Timeout | undefined;
  private waitMs = FIRST_AGAIN_MS;
  private begun = false;
  private ended = false;
  /** When the line was last asked and answered: what was told before that has come. */
  private aliveMs = -Infinity;
  /** Called when who may do what has changed, and when that may have been missed. */
  private readonly doubts = new Set<() => void>();
  /** Called once when it ends: streams are closed. */
  readonly closing = new Set<() => void>();

  private readonly addresses: readonly string[];
  /** Which of them is tried. */
  private at = 0;

  /** @param addresses of the database, past any pooler; of several the one that takes writes is heard, whichever it is */
  constructor(addresses: string | readonly string[]) {
    this.addresses = typeof addresses === 'string' ? [addresses] : addresses;
  }

  /**
   * @param tenant the firm of whom hears, where there are several
   * @returns a function that ends it
   */
  hear(jobId: string, hear: Hear, tenant?: number): () => void {
    const known = this.hearers.get(jobId) ?? new Set();
    const hearer = { hear, tenant };
    this.hearers.set(jobId, known.add(hearer));
    this.begin();
    // What was changed before is not told: not to who looked just before that, and not to whose line was at another server.
    if (this.client) queueMicrotask(() => known.has(hearer) && hear(undefined));
    return () => {
      known.delete(hearer);
      if (known.size === 0 && this.hearers.get(jobId) === known) this.hearers.delete(jobId);
    };
  }

  /** @param doubt called when what is known of sessions and accounts may not be so any more */
  hearAccess(doubt: () => void): void {
    this.doubts.add(doubt);
    this.begin();
  }

  /** Whether what was changed up to FRESH_MS ago was told. */
  get tells(): boolean {
    return performance.now() - this.aliveMs < FRESH_MS;
  }

  private begin(): void {
    if (this.begun) return;
    this.begun = true;
    void this.connect();
  }

  private doubt(): void {
    for (const doubt of this.doubts) doubt();
  }

  private async connect(): Promise<void> {
    if (this.ended) return;
    const client = new pg.Client({
      connectionString: this.addresses[this.at % this.addresses.length],
      application_name: LISTENER,
      connectionTimeoutMillis: ANSWER_MS,
      query_timeout: ANSWER_MS,
      keepAlive: true,
    });
    let lost = false;
    let waits = true;
    const alive = setInterval(() => {
      if (waits) return;
      waits = true;
      const askedMs = performance.now();
      client.query('SELECT 1').then(
        () => {
          waits = false;
          if (!lost && !this.ended) this.aliveMs = askedMs;
        },
        () => lose(),
      );
    }, ALIVE_MS);
    alive.unref();
    const lose = (): void => {
      if (lost) return;
      lost = true;
      if (this.client === client) this.client = undefined;
      this.aliveMs = -Infinity;
      this.doubt();
      clearInterval(alive);
      void client.end().catch(() => undefined);
      if (this.ended) return;
      this.at += 1;
      this.again = setTimeout(() => void this.connect(), this.waitMs);
      this.waitMs = Math.min(2 * this.waitMs, LONGEST_AGAIN_MS);
    };
    client.on('error', lose);
    client.on('end', lose);
    client.on('notification', ({ channel, payload }) =>
      channel === ACCESS ? this.doubt() : this.told(payload ?? ''),
    );
    try {
      await client.connect();
      const askedMs = performance.now();
      // A replica does not listen.
      await client.query(`LISTEN ${CHANNEL}; LISTEN ${ACCESS}`);
      this.client = client;
      this.doubt();
      this.aliveMs = askedMs;
      waits = false;
      this.waitMs = FIRST_AGAIN_MS;
      // What was changed while nobody listened is not told any more.
      for (const all of this.hearers.values()) for (const { hear } of all) hear(undefined);
    } catch {
      lose();
    }
  }

  private told(payload: string): void {
    let told: z.infer<typeof toldSchema>;
    try {
      told = toldSchema.parse(JSON.parse(payload));
    } catch {
      return;
    }
    const { tenant: of, ...change } = told;
    for (const { hear, tenant } of this.hearers.get(change.jobId) ?? [])
      if (tenant === undefined || tenant === of) hear(change);
  }

  async end(): Promise<void> {
    this.ended = true;
    this.aliveMs = -Infinity;
    clearTimeout(this.again);
    for (const close of [...this.closing]) close();
    await this.client?.end().catch(() => undefined);
  }
}
