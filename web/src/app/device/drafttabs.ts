/** What the tabs of a browser tell each other of the drafts that they show. */
import { z } from 'zod';

const toldSchema = z.object({
  path: z.string(),
  text: z.string(),
  /** The text by its hash, and those that it came from, oldest first. */
  id: z.string(),
  after: z.array(z.string()),
  /** The version of the server that it is made from, and what that held. */
  version: z.number(),
  saved: z.string(),
});
export type Told = z.infer<typeof toldSchema>;

const listeners = new Map<string, Set<(told: Told) => void>>();
let channel: BroadcastChannel | undefined;
function open(): BroadcastChannel | undefined {
  if (channel || typeof BroadcastChannel === 'undefined') return channel;
  channel = new BroadcastChannel('lentum-drafts');
  channel.onmessage = ({ data }: { data: unknown }) => {
    const told = toldSchema.safeParse(data);
    if (told.success) listeners.get(told.data.path)?.forEach((hear) => hear(told.data));
  };
  return channel;
}

/** Tells the other tabs. */
export const tellDraft = (told: Told): void => open()?.postMessage(told);

/** @returns a function that ends it */
export function hearDraft(path: string, hear: (told: Told) => void): () => void {
  open();
  const all = listeners.get(path) ?? new Set();
  listeners.set(path, all.add(hear));
  return () => all.delete(hear);
}
