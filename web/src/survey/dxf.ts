/** A DXF file read in a worker: how far it is, its layers, and the outlines on those that are chosen. */
import { proxy, wrap, type Remote } from 'comlink';
import { onScopeDispose, ref, shallowRef } from 'vue';
import type { Drawing, DrawingUnit, FoundOutlines } from '@lentum/core/drawings';
import type { Problem } from '@lentum/core/problems';
import type { SurveyWork } from '../workers/survey.worker.ts';

/** More lines than this are not worked through unasked: somebody chooses the layers first. */
const MANY_PATHS = 5000;

export function useDxf() {
  const progress = ref<number>();
  const facts = shallowRef<Omit<Drawing, 'paths'>>();
  const problems = shallowRef<readonly Problem[]>([]);
  const found = shallowRef<FoundOutlines>();
  const layers = ref<string[]>([]);
  const unit = ref<DrawingUnit>('m');
  let worker: Worker | undefined;
  let remote: Remote<SurveyWork> | undefined;
  let asked = 0;

  function stop(): void {
    worker?.terminate();
    worker = undefined;
    remote = undefined;
    progress.value = undefined;
  }

  async function look(): Promise<void> {
    const mine = (asked += 1);
    if (!remote || layers.value.length === 0) {
      found.value = undefined;
      return;
    }
    const answer = await remote.outlines([...layers.value], unit.value);
    if (mine === asked) found.value = answer;
  }

  async function read(text: string, guess: (d: Omit<Drawing, 'paths'>) => DrawingUnit): Promise<void> {
    stop();
    facts.value = undefined;
    found.value = undefined;
    problems.value = [];
    progress.value = 0;
    worker = new Worker(new URL('../workers/survey.worker.ts', import.meta.url), { type: 'module' });
    remote = wrap<SurveyWork>(worker);
    const mine = (asked += 1);
    const answer = await remote.readDxf(
      text,
      proxy((share: number) => {
        if (mine === asked) progress.value = share;
      }),
    );
    if (mine !== asked) return;
    progress.value = undefined;
    if (!answer.ok) {
      problems.value = answer.problems;
      return;
    }
    facts.value = answer.value;
    unit.value = guess(answer.value);
    const few = answer.value.layers.filter((l) => l.paths <= MANY_PATHS);
    layers.value =
      answer.value.layers.length === 1 ? few.map((l) => l.name) : few.slice(0, 1).map((l) => l.name);
    await look();
  }

  onScopeDispose(stop);
  return { progress, facts, problems, found, layers, unit, read, look, stop };
}
