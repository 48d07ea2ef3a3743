/** A DXF file read in a worker: how far it is, its layers, and the outlines on those that are chosen. */
import { proxy } from 'comlink';
import { onScopeDispose, ref, shallowRef } from 'vue';
import type { Drawing, DrawingUnit, FoundOutlines } from '@lentum/core/drawings';
import type { Problem } from '@lentum/core/problems';
import { openSurveyWork, type OpenSurveyWork } from '../workers/surveywork.ts';

/** More lines than this are not worked through unasked: somebody chooses the layers first. */
const MANY_PATHS = 5000;

export function useDxf() {
  const progress = ref<number>();
  const facts = shallowRef<Omit<Drawing, 'paths'>>();
  const problems = shallowRef<readonly Problem[]>([]);
  const found = shallowRef<FoundOutlines>();
  const layers = ref<string[]>([]);
  const unit = ref<DrawingUnit>('m');
  let work: OpenSurveyWork | undefined;
  let asked = 0;

  function stop(): void {
    work?.end();
    work = undefined;
    progress.value = undefined;
  }

  async function look(): Promise<void> {
    const mine = (asked += 1);
    if (!work || layers.value.length === 0) {
      found.value = undefined;
      return;
    }
    const answer = await work.remote.outlines([...layers.value], unit.value);
    if (mine === asked) found.value = answer;
  }

  async function read(text: string): Promise<void> {
    stop();
    facts.value = undefined;
    found.value = undefined;
    problems.value = [];
    progress.value = 0;
    work = openSurveyWork();
    const mine = (asked += 1);
    // Progress comes by a way of its own: some may arrive after the answer.
    let under = true;
    const answer = await work.remote.readDxf(
      text,
      proxy((share: number) => {
        if (under && mine === asked) progress.value = share;
      }),
    );
    under = false;
    if (mine !== asked) return;
    progress.value = undefined;
    if (!answer.ok) {
      problems.value = answer.problems;
      return;
    }
    const { guess, ...read } = answer.value;
    facts.value = read;
    unit.value = guess;
    const few = read.layers.filter((l) => l.paths <= MANY_PATHS && l.hidden === undefined);
    layers.value = read.layers.length === 1 ? few.map((l) => l.name) : few.slice(0, 1).map((l) => l.name);
    await look();
  }

  onScopeDispose(stop);
  return { progress, facts, problems, found, layers, unit, read, look, stop };
}
