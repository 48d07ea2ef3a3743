/**
 * One draft of a document over all tabs of this device. What is changed in one is on screen in the others, so that the
 * draft that is kept holds what each of them changed. Each text knows which it came from: one that came from what is shown
 * here takes its place; one that did not is joined with it, part by part, and what was changed here stays.
 */
import { canonicalJson, merged } from '@lentum/core/job';
import { hashText } from '@lentum/core/record';
import { hearDraft, tellDraft, type Told } from './device/drafttabs.ts';
import { nobodyTypes } from './typing.ts';

/** So many earlier texts are known again, and of so many it is still known what they said. */
const MOST_AFTER = 100;
const MOST_TEXTS = 20;

export interface Shown {
  readonly text: string;
  /** The version of the server that it is made from, and what that held. */
  readonly version: number;
  readonly saved: string;
}

export interface Hooks {
  /** What is on screen; undefined while another job is being opened, or somebody has to choose. */
  readonly shown: () => Shown | undefined;
  readonly show: (next: Shown) => void;
}

/** @param hooks of the document that is on screen */
export function useDraftTabs({ shown, show }: Hooks) {
  let path: string | undefined;
  /** Texts that were on screen here or came to be part of what is, by their hashes, oldest first. */
  let after = new Map<string, string | undefined>();
  let newest: Told | undefined;
  let end = (): void => undefined;

  function note(texts: readonly (readonly [string, string | undefined])[]): void {
    for (const [id, text] of texts) {
      const known = text ?? after.get(id);
      after.delete(id);
      after.set(id, known);
    }
    const all = [...after].slice(-MOST_AFTER);
    after = new Map(all.map(([id, text], i) => [id, i < all.length - MOST_TEXTS ? undefined : text]));
  }
  const heardOf = ({ after: ids, id, text }: Told) => [
    ...ids.map((a) => [a, undefined] as const),
    [id, text] as const,
  ];

  /** Another document, or the same one read again. */
  function begin(of: string): void {
    end();
    path = of;
    after = new Map();
    const now = shown();
    if (now) note([[hashText(now.text), now.text]]);
    end = hearDraft(of, (told) => void hear(told));
  }
  function stop(): void {
    end();
    path = undefined;
  }

  /** What is on screen was changed here, or the server has it. */
  function tell(): void {
    const now = shown();
    if (path === undefined || !now) return;
    const id = hashText(now.text);
    // Those before it, and not itself: a step back comes from what it takes back.
    tellDraft({ ...now, path, id, after: [...after.keys()].filter((a) => a !== id) });
    note([[id, now.text]]);
  }

  async function hear(told: Told): Promise<void> {
    newest = told;
    await nobodyTypes();
    // What came meanwhile stands for it.
    if (newest !== told || told.path !== path) return;
    const now = shown();
    // Made from less than what is here: its own tab learns that from the server.
    if (!now || told.version < now.version) return;
    const id = hashText(now.text);
    const { text, version, saved } = told;
    if (told.id === id || told.after.includes(id)) {
      note(heardOf(told));
      if (told.id !== id || version > now.version) show({ text, version, saved });
    } else if (after.has(told.id)) {
      // What is here came from it; only the server may be further on.
      if (version > now.version) show({ ...now, version, saved });
    } else join(now, told);
  }

  /** Both came from a text that both had, and neither from the other. */
  function join(now: Shown, told: Told): void {
    const { version, saved } = told;
    const common = told.after.findLast((a) => after.get(a) !== undefined);
    // Without one only what the server held can be it, where it is the same for both.
    if (common === undefined && version !== now.version) return;
    const from = (common === undefined ? undefined : after.get(common)) ?? saved;
    const [base, mine, theirs] = [from, now.text, told.text].map((of) => JSON.parse(of) as object);
    const both = merged(base, mine as object, theirs as object);
    note(heardOf(told));
    if (canonicalJson(both) === canonicalJson(mine)) return;
    show({ text: JSON.stringify(both), version, saved });
    tell();
  }

  return {
    begin,
    stop,
    tell,
    /** Whether a text was on screen here, or came to be part of what is. */
    isKnown: (text: string): boolean => after.has(hashText(text)),
  };
}
