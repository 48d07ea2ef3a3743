/** What is in a file that somebody chose, before any of it is taken: read off the main thread, and given up when asked. */
import { ref, shallowRef } from 'vue';
import { sentence, type Result } from '@lentum/core/problems';
import { sentenceOf } from '../app/api.ts';
import { toldBack } from '../workers/openwork.ts';
import { useReading } from './reading.ts';

/** Reads one file, and can be ended. */
export interface Reader<V> {
  readonly read: (file: File, progress: (share: number) => void) => Promise<Result<V>>;
  readonly end: () => void;
}

/** @param open begins to read, for one file */
export function useFileRead<V>(open: () => Reader<V>) {
  const reading = useReading();
  const name = ref('');
  const found = shallowRef<V>();
  const problems = shallowRef<readonly string[]>([]);

  /** Gives up what is read, or what was. */
  function close(): void {
    reading.stop();
    name.value = '';
    found.value = undefined;
    problems.value = [];
  }

  async function pick(event: Event): Promise<void> {
    const input = event.target as HTMLInputElement;
    const file = input.files?.[0];
    if (!file) return;
    // At once: what is given up never comes to its end, and may be chosen again.
    input.value = '';
    close();
    name.value = file.name;
    const reader = open();
    try {
      const answer = await reading.read((progress) => reader.read(file, toldBack(progress)), reader.end);
      if (answer?.ok === true) found.value = answer.value;
      else if (answer) problems.value = answer.problems.map(sentence);
    } catch (error) {
      problems.value = [sentenceOf(error)];
    }
  }
  return { name, found, problems, share: reading.share, pick, close };
}
