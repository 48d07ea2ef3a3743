/**
 * Who a session is, kept so that not every request asks the database. The database tells every server when a session ends or
 * an account changes; then all of it is forgotten. While it is not sure that this is told, nothing that was kept is used.
 */
import { LRUCache } from 'lru-cache';
import type { LiveFeed } from '../live/feed.ts';

/** Somebody who was away for longer is looked up. */
const KNOWN_MS = 300_000;
const MOST_KNOWN = 20_000;

export class KnownSessions<T extends object> {
  private readonly known = new LRUCache<string, T>({ max: MOST_KNOWN, ttl: KNOWN_MS });
  /** What is being asked: a page asks for many things at once. */
  private asked = new Map<string, Promise<T | undefined>>();
  private hears = false;

  constructor(private readonly live: Pick<LiveFeed, 'hearAccess' | 'tells'>) {}

  /** @param ask the database. What it does not find is not kept */
  async of(key: string, ask: () => Promise<T | undefined>): Promise<T | undefined> {
    if (!this.hears) {
      this.hears = true;
      this.live.hearAccess(() => this.forget());
    }
    if (!this.live.tells) return ask();
    const known = this.known.get(key);
    if (known) return known;
    const { asked } = this;
    const already = asked.get(key);
    if (already) return already;
    const asking = ask();
    asked.set(key, asking);
    try {
      const found = await asking;
      // Where all was forgotten meanwhile, this may be what was so before.
      if (found && asked === this.asked) this.known.set(key, found);
      return found;
    } finally {
      asked.delete(key);
    }
  }

  /** Something was changed here: whoever asks next sees it, before the database has told it. */
  forget(): void {
    this.asked = new Map();
    this.known.clear();
  }
}
