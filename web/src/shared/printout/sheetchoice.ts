/** The sheet that this device prints on: as was last chosen, else what is usual where the job is. */
import { useStorage } from '@vueuse/core';
import { computed, type WritableComputedRef } from 'vue';
import { PAPER_SIZES, usualSheet, type Sheet } from '@lentum/core/printout';
import { spoken } from '../../app/wording.ts';

const chosen = useStorage<Partial<Sheet>>('lentum.sheet', {});

export const useSheet = (): WritableComputedRef<Sheet> =>
  computed({
    get: () => {
      const usual = usualSheet(spoken.value.units);
      const { size, landscape } = chosen.value;
      return {
        size: PAPER_SIZES.find((s) => s === size) ?? usual.size,
        landscape: landscape === true,
      };
    },
    set: (sheet) => (chosen.value = sheet),
  });
