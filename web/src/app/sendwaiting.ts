/** What waits on this device goes out as soon as the application is open, whichever page it is opened on. */
const STORED = 'lentum.outbox';

/** Something waits; what cannot be read is left to the outbox itself, which says so. */
const waits = (): boolean => {
  const text = localStorage.getItem(STORED);
  return text !== null && text !== '' && text !== '[]';
};

/** The job and its outbox are fetched only where something waits: the first page stays light. */
export async function sendWaiting(): Promise<void> {
  if (!waits()) return;
  const { useJob } = await import('./job.ts');
  await useJob().outbox.flush();
}
