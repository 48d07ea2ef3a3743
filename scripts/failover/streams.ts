/** A stream of a server that stays open through all of it, and when it was told that something may have been missed. */
import type { Caller } from '../faults/caller.ts';

export class Stream {
  private readonly looks: number[] = [];
  private readonly stop = new AbortController();
  ended = false;

  constructor(caller: Caller, job: string) {
    void this.follow(`${caller.base}/jobs/${job}/live`);
  }

  private async follow(address: string): Promise<void> {
    try {
      const { body } = await fetch(address, { signal: this.stop.signal });
      const text = new TextDecoder();
      for await (const chunk of body as unknown as AsyncIterable<Uint8Array>)
        if (text.decode(chunk, { stream: true }).includes('event: look')) this.looks.push(performance.now());
    } catch {
      // Cut off, or left.
    }
    this.ended = true;
  }

  /** How long after an instant it was told to look; nothing where it was not. */
  toldAfterMs(instant: number): number | undefined {
    const look = this.looks.find((at) => at > instant);
    return look === undefined ? undefined : look - instant;
  }
  leave(): void {
    this.stop.abort();
  }
}
