/**
 * Answers kept by what they were asked, whole: a page asks again after each change, and most of it is as it was. What
 * is kept was made from copies, so that a draft that is changed in place cannot reach it.
 */
export class Kept<T> {
  private readonly answers = new Map<string, T>();

  /** @param most how many answers are kept; the oldest go first */
  constructor(private readonly most: number) {}

  /** What is kept of a question, if anything is. */
  peek(key: string): T | undefined {
    return this.answers.get(key);
  }

  get(key: string, make: () => T): T {
    const there = this.answers.get(key);
    return there !== undefined ? there : this.put(key, make());
  }

  /** Keeps an answer that was found elsewhere. */
  put(key: string, fresh: T): T {
    const oldest = this.answers.size >= this.most ? this.answers.keys().next().value : undefined;
    if (oldest !== undefined) this.answers.delete(oldest);
    this.answers.set(key, fresh);
    return fresh;
  }
}

/** Short names for long texts: the same text, the same name. */
export class Names {
  private readonly kept = new Kept<string>(200);
  private next = 0;

  of(text: string): string {
    return this.kept.get(text, () => {
      this.next += 1;
      return `#${this.next}`;
    });
  }
}

export { seeded } from './chance.ts';
