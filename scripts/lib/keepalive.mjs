/** A server that died is started again; one that dies again and again is given up. */

export const MOST_STARTS = 5;
/** The server said that starting it again would not help. */
export const FINAL_EXIT = 78;
const WITHIN_MS = 60_000;

/**
 * @param start starts it: a promise of `{ child, stop }`, which is rejected where it ends before it listens
 * @param hooks `again(code, times)` is called before each further start, `givenUp(code)` when there is none
 * @returns once it was started the first time: `stop`, which ends it for good
 */
export async function keepAlive(start, { again, givenUp, now = Date.now }) {
  const died = [];
  let stopping = false;
  let app;
  /** @returns whether it may be started once more */
  const mayAgain = (code) => {
    if (code === FINAL_EXIT) {
      givenUp(code);
      return false;
    }
    died.push(now());
    while (died.length > 0 && died[0] < now() - WITHIN_MS) died.shift();
    if (died.length >= MOST_STARTS) {
      givenUp(code);
      return false;
    }
    again(code, died.length);
    return true;
  };
  const watch = () =>
    app.child.once('exit', async (code) => {
      if (stopping || !mayAgain(code)) return;
      for (;;) {
        try {
          app = await start();
          break;
        } catch {
          if (stopping || !mayAgain(1)) return;
        }
      }
      if (stopping) await app.stop();
      else watch();
    });
  app = await start();
  watch();
  return {
    stop: async () => {
      stopping = true;
      await app.stop();
    },
  };
}
