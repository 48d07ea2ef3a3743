/** Wrong passwords and codes, counted for all servers alike: after some of them it is waited. */
import { RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible';
import type { Pool } from '../db/pool.ts';
import { HttpProblem } from '../http/errors.ts';

/** Wrong tries, and how long they count and hold up, in seconds. */
const MOST = {
  /** For one name from one address: a person who mistypes. */
  pair: { points: 6, duration: 900, blockDuration: 900 },
  /** For one name from all addresses: somebody who guesses from many. */
  name: { points: 40, duration: 3600, blockDuration: 3600 },
  /** From one address: somebody who guesses many names. */
  address: { points: 60, duration: 900, blockDuration: 900 },
} as const;
type Scope = keyof typeof MOST;

export class Tries {
  private constructor(
    private readonly limits: Readonly<Record<Scope, RateLimiterPostgres>>,
    /** Names are those of one firm; who guesses from one address does so in all of them. */
    private readonly firm: string,
  ) {}

  static of(pool: Pool): Tries {
    const limit = (keyPrefix: Scope): RateLimiterPostgres =>
      new RateLimiterPostgres({
        ...{ storeClient: pool, storeType: 'pool', tableName: 'wrong_try', tableCreated: true, keyPrefix },
        ...MOST[keyPrefix],
      });
    return new Tries({ pair: limit('pair'), name: limit('name'), address: limit('address') }, '');
  }

  /** The same counts, for the names of one of several firms. */
  inFirm(tenant: number): Tries {
    return new Tries(this.limits, `${tenant} `);
  }

  /** A code is long enough not to be guessed by name: only the address counts. */
  private keys(name: string | undefined, address: string): [Scope, string][] {
    if (name === undefined) return [['address', address]];
    return [
      ['pair', `${this.firm}${name} ${address}`.slice(0, 200)],
      ['name', `${this.firm}${name}`.slice(0, 200)],
      ['address', address],
    ];
  }

  /** @throws 429 with the seconds to wait, whether the password would be right or not */
  async check(name: string | undefined, address: string): Promise<void> {
    const found = await Promise.all(
      this.keys(name, address).map(async ([scope, key]) => ({
        scope,
        is: await this.limits[scope].get(key),
      })),
    );
    const waits = found.flatMap(({ scope, is }) =>
      is && is.consumedPoints > MOST[scope].points ? [is.msBeforeNext] : [],
    );
    if (waits.length > 0) throw tooMany(Math.max(...waits));
  }

  /** Counts a wrong try. @returns whether this was the one after which it is waited */
  async wrong(name: string | undefined, address: string): Promise<boolean> {
    let locked = false;
    for (const [scope, key] of this.keys(name, address))
      await this.limits[scope].consume(key).catch((error: unknown) => {
        if (!(error instanceof RateLimiterRes)) throw error;
        locked ||= error.consumedPoints === MOST[scope].points + 1;
      });
    return locked;
  }

  /** Somebody came in: their own mistakes are forgotten, those of others are not. */
  async right(name: string, address: string): Promise<void> {
    for (const [scope, key] of this.keys(name, address))
      if (scope === 'pair') await this.limits.pair.delete(key);
  }
}

const tooMany = (ms: number): HttpProblem =>
  new HttpProblem(429, `Too many wrong tries; try again in ${waitWords(ms)}`);

function waitWords(ms: number): string {
  const minutes = Math.ceil(ms / 60_000);
  return minutes <= 1 ? 'a minute' : `${minutes} minutes`;
}
