/**
 * What others change in the open job, as it happens. A browser opens few lines to one server: of the tabs that have a job
 * open one holds its stream and tells the others. Where there is none, the look now and then is enough.
 */
import type { LiveChange } from '@lentum/core/job';

/** After this long a stream that the server refused is asked for again. */
const AGAIN_MS = 30_000;

/** A change; `look` where some may have been missed. */
export type Heard = LiveChange | 'look';

/** Holds the stream until it is refused for good or no longer wanted. */
function hold(jobId: string, tell: (heard: Heard) => void, ended: AbortSignal): Promise<void> {
  return new Promise((done) => {
    const source = new EventSource(`/api/v1/jobs/${jobId}/live`);
    const end = (): void => {
      source.close();
      ended.removeEventListener('abort', end);
      done();
    };
    ended.addEventListener('abort', end);
    source.onmessage = ({ data }: MessageEvent<string>) => tell(JSON.parse(data) as LiveChange);
    source.addEventListener('look', () => tell('look'));
    // A line that breaks is opened again by the browser; one that was refused is not.
    source.onerror = () => source.readyState === EventSource.CLOSED && end();
  });
}

const wait = (ms: number, ended: AbortSignal): Promise<void> =>
  new Promise((done) => {
    const timer = setTimeout(done, ms);
    ended.addEventListener('abort', () => (clearTimeout(timer), done()));
  });

/**
 * @param hear called with what others changed, in this tab
 * @returns a function that ends it
 */
export function followJob(jobId: string, hear: (heard: Heard) => void): () => void {
  if (typeof EventSource === 'undefined' || typeof navigator === 'undefined' || !('locks' in navigator))
    return () => undefined;
  const stop = new AbortController();
  const name = `lentum.live.${jobId}`;
  const channel = new BroadcastChannel(name);
  channel.onmessage = ({ data }: MessageEvent<Heard>) => hear(data);
  const tell = (heard: Heard): void => {
    channel.postMessage(heard);
    hear(heard);
  };
  void (async () => {
    while (!stop.signal.aborted) {
      try {
        await navigator.locks.request(name, { signal: stop.signal }, () => hold(jobId, tell, stop.signal));
      } catch {
        // No longer wanted before its turn came, or no stream can be opened here.
      }
      await wait(AGAIN_MS, stop.signal);
    }
  })();
  return () => {
    stop.abort();
    channel.close();
  };
}
