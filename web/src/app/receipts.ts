/**
 * What this device holds of the records it has read: the last receipt of each job, signed by the server. When the job is
 * read again, the record has to begin with it; a server that shows another one is found out here and not by itself.
 */
import { useStorage } from '@vueuse/core';
import { ref } from 'vue';
import type { StoredEntry } from '@lentum/core/record';
import type { Receipt } from '@lentum/core/sealed';
import { call } from './api.ts';
import { copy } from './copy.ts';

const held = useStorage<Record<string, Receipt>>('lentum.receipts', {});

/** What is wrong between the record of a job and the receipt that is held of it, by job. */
export const receiptTrouble = ref<Readonly<Record<string, string>>>({});

/** The receipt that this device holds of a job. */
export const heldReceipt = (jobId: string): Receipt | undefined => {
  const found = held.value[jobId];
  return found && copy(found);
};

/**
 * Compares a whole record with the receipt that is held; where it holds, a newer one is fetched and held.
 * @param entries all of the record, from the first
 * @param time an instant, ms, as the job says it
 */
export async function minded(
  jobId: string,
  entries: readonly StoredEntry[],
  time: (ms: number) => string,
): Promise<void> {
  const { compareReceipt, isSigned, receiptSchema, receiptWords } = await import('@lentum/core/sealed');
  const record = { entries: entries.length, hashAt: (seq: number) => entries[seq - 1]?.hash };
  const before = heldReceipt(jobId);
  if (before) {
    const found = compareReceipt(before, record);
    if (found.outcome !== 'holds') {
      receiptTrouble.value = {
        ...receiptTrouble.value,
        [jobId]: receiptWords(found, time(Date.parse(before.at))),
      };
      return;
    }
    if (before.entries === entries.length) return;
  }
  if (entries.length === 0) return;
  const fresh = receiptSchema.safeParse((await call('POST', `/jobs/${jobId}/receipts`, { body: {} })).body);
  // What it signs may have grown since it was read; it holds for what was read, or it is not taken.
  if (!fresh.success || !isSigned(fresh.data) || fresh.data.entries < entries.length) return;
  const same = fresh.data.entries > entries.length || fresh.data.head === entries.at(-1)?.hash;
  if (same) held.value = { ...held.value, [jobId]: fresh.data };
}

/** Somebody has looked into it, and says that the record as it is now is the one to go on with. */
export function letGoOf(jobId: string): void {
  held.value = Object.fromEntries(Object.entries(held.value).filter(([id]) => id !== jobId));
  receiptTrouble.value = Object.fromEntries(
    Object.entries(receiptTrouble.value).filter(([id]) => id !== jobId),
  );
}
