/** The firm's library as the pages see it. */
import { defineStore } from 'pinia';
import { ref, shallowRef } from 'vue';
import type { BuildUp } from '@lentum/core/buildup';
import { get, sentenceOf } from '../app/api.ts';

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

export const useLibrary = defineStore('library', () => {
  const rows = shallowRef<readonly Listed[]>();
  const trouble = ref('');
  async function load(): Promise<void> {
    trouble.value = '';
    try {
      rows.value = (await get<{ buildUps: Listed[] }>('/library')).body.buildUps;
    } catch (error) {
      trouble.value = sentenceOf(error);
    }
  }
  return { rows, trouble, load };
});
