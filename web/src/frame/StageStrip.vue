<script setup lang="ts">
/** The stages as lengths of a tape measure, each with a small mark of its state. */
import { nextTick, ref, watch } from 'vue';
import { useRoute } from 'vue-router';
import { STAGES } from './stagelist.ts';
import { useStageStates, type StageMark } from './stages.ts';

const states = useStageStates();
const tape = ref<HTMLElement>();
const route = useRoute();
// On a narrow screen the stage that is open is drawn into sight.
watch(
  () => route.name,
  async () => {
    await nextTick();
    tape.value?.querySelector('.router-link-active')?.scrollIntoView({ inline: 'center', block: 'nearest' });
  },
  { immediate: true, flush: 'post' },
);
const WORDS: Record<StageMark, string> = {
  none: 'nothing yet',
  work: 'in work',
  done: 'complete',
  attention: 'needs attention',
};
</script>

<template>
  <nav ref="tape" class="tape" aria-label="Stages">
    <RouterLink
      v-for="s in STAGES"
      :key="s.key"
      :to="{ name: s.key }"
      class="length"
      :class="{ 'router-link-active': route.meta['stage'] === s.key }"
    >
      <span class="no">{{ s.number }}</span>
      <span class="word">{{ s.name }}</span>
      <el-tooltip :content="states[s.key].reason" placement="bottom">
        <svg
          width="14"
          height="14"
          viewBox="0 0 14 14"
          role="img"
          :aria-label="`${WORDS[states[s.key].mark]}: ${states[s.key].reason}`"
        >
          <circle v-if="states[s.key].mark === 'done'" cx="7" cy="7" r="5" fill="var(--sea)" />
          <circle
            v-else-if="states[s.key].mark === 'work'"
            cx="7"
            cy="7"
            r="4"
            fill="none"
            stroke="var(--sea)"
            stroke-width="2.2"
          />
          <path v-else-if="states[s.key].mark === 'attention'" d="M7 1l6 11H1z" fill="var(--amber)" />
        </svg>
      </el-tooltip>
    </RouterLink>
  </nav>
</template>

<style scoped>
.tape {
  display: flex;
  border-top: var(--stroke) solid var(--line);
  border-bottom: var(--stroke) solid var(--line-2);
  overflow-x: auto;
  background: var(--sheet);
}
.length {
  flex: 1 0 auto;
  display: flex;
  align-items: center;
  gap: var(--s2);
  min-height: 46px;
  padding: 0 var(--s4) 6px;
  color: var(--ink);
  text-decoration: none;
  border-right: 1px solid var(--line-2);
  /* Tick marks: a long one every fifth. */
  background:
    repeating-linear-gradient(90deg, var(--line-2) 0 1px, transparent 1px 90px) 0 100% / 100% 9px no-repeat,
    repeating-linear-gradient(90deg, var(--line-2) 0 1px, transparent 1px 18px) 0 100% / 100% 5px no-repeat;
}
.no {
  font-size: var(--t-s);
  font-weight: 700;
  color: var(--ink-2);
}
.word {
  flex: 1;
}
.length.router-link-active {
  background-color: var(--paper);
  box-shadow: inset 0 -4px var(--sea);
}
.length.router-link-active .word {
  font-weight: 700;
}
.length:focus-visible {
  outline-offset: -3px;
}
@media (max-width: 720px) {
  .length {
    padding-inline: var(--s3);
    min-height: 52px;
  }
}
@media print {
  .tape {
    display: none;
  }
}
</style>
