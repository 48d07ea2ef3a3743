/** A thread that computes: one request at a time, and its answer as the JSON that goes out. */
import { Piscina } from 'piscina';
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
    const answer = await run;
    return answer instanceof Uint8Array
      ? (Piscina.move(answer as Uint8Array<ArrayBuffer>) as Told)
      : { json: JSON.stringify(answer) };
  } catch (error) {
    if (!(error instanceof HttpProblem)) throw error;
    const { status, title, problems, extra } = error;
    return { refused: { status, title, problems, extra } };
  } finally {
    port?.close();
  }
}
