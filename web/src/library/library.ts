/** The firm's library as the pages see it. */
import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import type { BuildUp } from '@lentum/core/buildup';
import { inUsPacks, inWords } from '@lentum/core/library';
import { get, sentenceOf } from '../app/api.ts';
import { openJob } from '../app/openjob.ts';
import { spoken } from '../app/wording.ts';

export interface Listed {
  readonly id: string;
  readonly revision: number;
  readonly changed: boolean;
  readonly putAway: boolean;
  readonly shipped: boolean;
  readonly buildUp: BuildUp;
}

export interface Revision {
  readonly revision: number;
  readonly releasedAt: string | null;
  readonly who: string;
  readonly note: string;
}

/** An id of its own for a build-up, out of its name. */
export const freshId = (text: string): string =>
  `${
    text
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '')
      .slice(0, 40) || 'build-up'
  }-${crypto.randomUUID().slice(0, 6)}`;

export const useLibrary = defineStore('library', () => {
  const stored = shallowRef<readonly Listed[]>();
  /** What ships with Lentum in the words and the packs of the open job; what the firm wrote as it wrote it. */
  const inPacks = (buildUp: BuildUp): BuildUp =>
    openJob.value?.head?.units === 'us' ? inUsPacks(buildUp) : buildUp;
  const rows = computed(() =>
    stored.value?.map((row) =>
      row.shipped && row.revision === 1
        ? { ...row, buildUp: inPacks(inWords(row.buildUp, spoken.value.wording, spoken.value.units)) }
        : row,
    ),
  );
  const trouble = ref('');
  async function load(): Promise<void> {
    trouble.value = '';
    try {
      stored.value = (await get<{ buildUps: Listed[] }>('/library')).body.buildUps;
    } catch (error) {
      trouble.value = sentenceOf(error);
    }
  }
  return { rows, trouble, load };
});
