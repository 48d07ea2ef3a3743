/**
 * A table that somebody brings as a file: read off the main thread with how far it is, and given up when asked; how columns of
 * files of its kind were matched is remembered; nothing is taken before it was seen.
 */
import { useLocalStorage } from '@vueuse/core';
import { ref, shallowRef, toRaw, watch } from 'vue';
import { sentence, type Result } from '@lentum/core/problems';
import { sentenceOf } from '../../app/api.ts';
import { toldBack } from '../../workers/openwork.ts';
import { openTable, type OpenTable } from '../../workers/tablework.ts';
import { useReading } from '../reading.ts';
import type { SeenTable } from '../../workers/tabletasks.ts';

export interface TableFile<M> {
  /** Names files that are alike. */
  readonly key: (seen: SeenTable) => string;
  /** What the columns most likely are; undefined where nothing can be taken out of it. */
  readonly guess: (seen: SeenTable) => M | undefined;
}

/**
 * @param store under which it is remembered on this device how columns were matched
 * @param read what is in it, as the columns are matched; undefined where something has to be matched first
 */
export function useTableFile<M extends object, V>(
  store: string,
  { key, guess }: TableFile<M>,
  read: (ask: OpenTable['ask'], map: M, seen: SeenTable) => Promise<Result<V>> | undefined,
) {
  const matched = useLocalStorage<Record<string, M>>(store, {});
  const name = ref('');
  const reading = useReading();
  const seen = shallowRef<SeenTable>();
  const map = shallowRef<M>();
  const found = shallowRef<V>();
  const problems = shallowRef<readonly string[]>([]);
  const known = ref(false);
  let table: OpenTable | undefined;
  let asked = 0;

  /** Gives up what is read, or what was. */
  function close(): void {
    asked += 1;
    reading.stop();
    table = undefined;
    seen.value = undefined;
    map.value = undefined;
    found.value = undefined;
    problems.value = [];
  }

  async function look(): Promise<void> {
    const mine = (asked += 1);
    found.value = undefined;
    problems.value = [];
    if (!table || !map.value || !seen.value) return;
    try {
      const answer = await read(table.ask, map.value, seen.value);
      if (mine !== asked || !answer) return;
      if (answer.ok) found.value = answer.value;
      else problems.value = answer.problems.map(sentence);
    } catch (error) {
      if (mine === asked) problems.value = [sentenceOf(error)];
    }
  }
  watch(map, look);

  /** @returns whether there is something in it to be matched */
  async function pick(event: Event): Promise<boolean> {
    const input = event.target as HTMLInputElement;
    const file = input.files?.[0];
    if (!file) return false;
    // At once: what is given up never comes to its end, and may be chosen again.
    input.value = '';
    close();
    name.value = file.name;
    const fresh = openTable();
    table = fresh;
    try {
      const answer = await reading.read(
        (progress) => fresh.ask.open(file, file.name, toldBack(progress)),
        fresh.end,
      );
      if (!answer) return false;
      seen.value = answer;
      known.value = key(answer) in matched.value;
      // As it is: a worker takes nothing that is watched.
      map.value = toRaw(matched.value)[key(answer)] ?? guess(answer);
      return map.value !== undefined;
    } catch (error) {
      problems.value = [sentenceOf(error)];
      return false;
    }
  }

  /** It was taken: files like it are matched the same the next time. */
  function remember(): void {
    if (seen.value && map.value) matched.value = { ...matched.value, [key(seen.value)]: map.value };
  }

  return { name, share: reading.share, seen, map, found, problems, known, pick, close, remember };
}
