/** Words to the person at the terminal. */
export const say = (text) => console.log(text);

/** It cannot go on; the text says why and what to do. */
export class GaveUp extends Error {}

/**
 * Runs a whole script. Where it gives up, its text is said and what was begun is ended.
 * @param work the script
 * @param undo ends what the script began, as far as it came
 */
export async function script(work, undo = () => undefined) {
  try {
    await work();
  } catch (error) {
    console.error(error instanceof GaveUp ? `\n${error.message}` : error);
    await undo();
    process.exit(1);
  }
}
