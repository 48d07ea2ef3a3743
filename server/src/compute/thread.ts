/** A thread that computes: one request at a time, and its answer as the JSON that goes out. */
import { HttpProblem } from '../http/errors.ts';
import { atThread, runOf } from './runs.ts';
import { stepBack } from './stepback.ts';
import { WARM, type Asked, type Told } from './threads.ts';
import '../http/allroutes.ts';

stepBack();
atThread(WARM, () => true);

export default async function answer({ name, input, port }: Asked): Promise<Told> {
  try {
    const run = runOf(name, input, (progress) => port?.postMessage(progress));
    return { json: JSON.stringify(await run) };
  } catch (error) {
    if (!(error instanceof HttpProblem)) throw error;
    const { status, title, problems, extra } = error;
    return { refused: { status, title, problems, extra } };
  } finally {
    port?.close();
  }
}
