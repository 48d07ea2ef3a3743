/** A job file that is brought in: read here first, then stored; a large one by a task, which tells how far it is. */
import { ElMessageBox } from 'element-plus';
import { call } from '../app/api.ts';
import { useTask } from '../shared/tasks/task.ts';

/** A file of so many characters is imported by a task: it takes a while, and the line may break off. */
const LARGE = 2_000_000;

export interface Arrived {
  readonly id: string;
  /** Where its record is not what was signed of it here. */
  readonly says?: string;
}

/** Says what is to be known of the record, where there is something, before the job is opened. */
export async function arrived({ id, says }: Arrived, open: (id: string) => void): Promise<void> {
  if (says !== undefined)
    await ElMessageBox.alert(says, 'The job is imported', { confirmButtonText: 'Open it' }).catch(
      () => undefined,
    );
  open(id);
}

/** @param open called with the id of the job once it is stored */
export function useBringing(open: (id: string) => void) {
  const task = useTask(({ answer }) => void arrived(answer as Arrived, open));
  /** @throws Error with the sentence why it is none */
  async function bring(file: File): Promise<void> {
    // The text goes as it is: the reader for job files is loaded only now, and says what is wrong before anything is sent.
    const { readJobFile } = await import('@lentum/core/jobfile');
    const { sentence } = await import('@lentum/core/problems');
    const text = await file.text();
    const read = readJobFile(text);
    if (!read.ok)
      throw new Error(`${file.name} was not imported. ${read.problems.slice(0, 3).map(sentence).join(' ')}`);
    const address = `/jobs/${crypto.randomUUID()}/file`;
    if (text.length < LARGE) await arrived((await call<Arrived>('PUT', address, { body: text })).body, open);
    else
      await task.begin(
        async () => (await call<{ task: string }>('PUT', `${address}?later=true`, { body: text })).body.task,
      );
  }
  return { task, bring };
}
