<script setup lang="ts">
/** What the bays of a shift shared, and how it is split between them: by area, or by hand. Parts add up to the gram. */
import { computed } from 'vue';
import { laidRate, litresOf, type Coat } from '@lentum/core/buildup';
import { openedLitres, partOf, splitAmount, type BookEntryOf } from '@lentum/core/record';
import type { Bay } from '@lentum/core/site';
import MeasureInput from '../shared/MeasureInput.vue';
import { useUnits } from '../shared/units.ts';

const props = defineProps<{
  bays: readonly Bay[];
  coat: Coat;
  /** As it stands; absent while something is wrong with it. */
  entry: BookEntryOf<'coat'> | undefined;
}>();
const split = defineModel<'by area' | 'by hand'>('split', { required: true });
const byHand = defineModel<Record<string, number | undefined>>('byHand', { required: true });
const { say } = useUnits();
const basis = computed(() => laidRate(props.coat).basis);
/** Used by all of them, in the unit of the rate. */
const used = computed(() => {
  if (!props.entry) return undefined;
  const { leftOver } = props.entry.body;
  const litres =
    openedLitres(props.coat, props.entry.body) - litresOf(props.coat, leftOver.basis, leftOver.value);
  return basis.value === 'mass' ? litres * props.coat.densityKgPerL.value : litres;
});
const parts = computed(() => {
  const { entry } = props;
  if (!entry || used.value === undefined) return [];
  const shares = props.bays.map((b) => partOf(entry.bays, b.id));
  return splitAmount(used.value, shares).map((amount, i) => ({ label: props.bays[i]?.label ?? '', amount }));
});
function byHandNow(): void {
  byHand.value = Object.fromEntries(props.bays.map((b, i) => [b.id, parts.value[i]?.amount]));
  split.value = 'by hand';
}
</script>

<template>
  <section aria-label="How it is split" class="split">
    <p v-if="split === 'by area'">
      <span class="quiet"
        >Used {{ used === undefined ? '–' : say(used, basis) }}, by area:
        {{ parts.map((p) => `${p.label} ${say(p.amount, basis)}`).join(', ') || '–' }}</span
      >
      <el-button text @click="byHandNow">Split by hand</el-button>
    </p>
    <template v-else>
      <div class="hand">
        <label v-for="b in bays" :key="b.id" class="name"
          >{{ b.label
          }}<MeasureInput
            :model-value="byHand[b.id]"
            size="large"
            :quantity="basis"
            :label="`Used on ${b.label}`"
            :min="0"
            optional
            @update:model-value="byHand = { ...byHand, [b.id]: $event }"
        /></label>
      </div>
      <p class="quiet">
        What was used, {{ used === undefined ? '–' : say(used, basis) }}, is shared out in this ratio.
        <el-button text @click="split = 'by area'">By area again</el-button>
      </p>
    </template>
  </section>
</template>

<style scoped>
.split {
  margin-bottom: var(--s3);
}
.hand {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(130px, 1fr));
  gap: var(--s2);
}
.name {
  font-weight: 600;
}
</style>
