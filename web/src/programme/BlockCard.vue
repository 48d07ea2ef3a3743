<script setup lang="ts">
/** One work of the plan: when, by whom, how sure; fixed by hand, or left to the plan again. */
import { computed } from 'vue';
import type { Block, PlanAnswer } from '@lentum/core/planning';
import { blockWords, shareFigure } from '@lentum/core/words';
import { useJob } from '../app/job.ts';
import { worded } from '../app/wording.ts';
import FigureText from '../shared/FigureText.vue';
import PickList from '../shared/PickList.vue';
import { useHeld } from '../shared/heldpage.ts';

const held = useHeld();

const props = defineProps<{ answer: PlanAnswer; block: Block }>();
const emit = defineEmits<{
  pin: [block: Block, crewId: string | undefined];
  free: [block: Block];
  close: [];
}>();
const job = useJob();
const crew = computed(() => props.answer.crews[props.block.crew]);
const isPinned = computed(() => props.block.tasks.some((t) => t.pinned));
const paid = computed(() =>
  props.answer.crews.filter((c) => !c.inspects).map((c) => ({ value: c.id, label: c.name })),
);
const holds = computed(() => {
  const all = props.block.tasks.flatMap((t) => t.chance?.holds ?? []);
  return all.length === 0 ? undefined : shareFigure('done as planned', Math.min(...all), props.answer.ways);
});
</script>

<template>
  <section class="card" aria-label="Chosen work">
    <div class="head">
      <h2>{{ worded(blockWords(block)) }}</h2>
      <el-button class="end" text size="small" @click="emit('close')">Close</el-button>
    </div>
    <p>
      <strong>{{ job.time(block.fromMs) }}</strong> to <strong>{{ job.clock(block.toMs) }}</strong>,
      {{ crew?.name }}
    </p>
    <p v-if="holds">Done as planned in <FigureText :figure="holds" /> of the ways the weather may go.</p>
    <div v-if="!held && !crew?.inspects" class="bar">
      <PickList
        class="crew"
        own
        label="Crew that does it"
        :options="paid"
        :model-value="crew?.id ?? ''"
        @update:model-value="(id: string) => emit('pin', block, id)"
      />
      <el-button v-if="!isPinned" @click="emit('pin', block, undefined)">Keep it there</el-button>
      <el-button v-else @click="emit('free', block)">Leave it to the plan</el-button>
    </div>
    <p v-if="!held" class="quiet">
      Drag it, or move it with the arrow keys: a quarter of an hour, with Shift a day.
    </p>
  </section>
</template>

<style scoped>
.card {
  padding-bottom: var(--s3);
  margin-bottom: var(--s3);
  border-bottom: calc(var(--stroke) * 2) solid var(--ink);
}
.card p {
  margin: var(--s2) 0;
}
.crew {
  width: 170px;
}
</style>
