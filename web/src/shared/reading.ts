/** Something is read out of a file off the main thread: how far it is, where that takes a while, and given up when asked. */
import { onScopeDispose, ref } from 'vue';

/** So long nothing is said of reading: what comes and goes at once is no help. */
const UNSAID_MS = 300;

export function useReading() {
  /** Share that is read, 0 to 1, where that takes a while; undefined before and after. */
  const share = ref<number>();
  let turn = 0;
  let end = (): void => undefined;

  /** Gives up what is read, and lets go of what was. */
  function stop(): void {
    turn += 1;
    end();
    end = () => undefined;
    share.value = undefined;
  }

  /**
   * Reads the next file; the one before is let go.
   * @param work reads it, and tells the share that is done
   * @param letGo ends what reads it
   * @returns undefined where it was given up, or another one was begun
   * @throws what the work throws
   */
  async function read<T extends object>(
    work: (progress: (share: number) => void) => Promise<T>,
    letGo: () => void,
  ): Promise<T | undefined> {
    stop();
    const mine = turn;
    end = letGo;
    // Progress comes by a way of its own: some may arrive after the answer.
    let isUnderWay = true;
    let told = 0;
    let isSaid = false;
    const say = (): void => {
      if (isUnderWay && isSaid && mine === turn) share.value = told;
    };
    const unsaid = setTimeout(() => {
      isSaid = true;
      say();
    }, UNSAID_MS);
    try {
      const found = await work((of) => {
        told = of;
        say();
      });
      return mine === turn ? found : undefined;
    } catch (error) {
      if (mine === turn) throw error;
      return undefined;
    } finally {
      isUnderWay = false;
      clearTimeout(unsaid);
      if (mine === turn) share.value = undefined;
    }
  }

  onScopeDispose(stop);
  return { share, read, stop };
}
