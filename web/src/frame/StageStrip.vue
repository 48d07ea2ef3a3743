<script setup lang="ts">
/** The stages as lengths of a tape measure, each with a small mark of its state. */
import { nextTick, ref, watch } from 'vue';
import { useRoute } from 'vue-router';
import { STAGES } from './stagelist.ts';
import { useStageStates } from './stages.ts';
import StateMark from './StateMark.vue';

const states = useStageStates();
const tape = ref<HTMLElement>();
const route = useRoute();
// On a narrow screen the stage that is open is drawn into sight.
watch(
  () => route.name,
  async () => {
    await nextTick();
    // Scrolled by hand: a browser begins its Tab key where it scrolled into view.
    const here = tape.value?.querySelector<HTMLElement>('.router-link-active');
    if (tape.value && here)
      tape.value.scrollLeft = here.offsetLeft - (tape.value.clientWidth - here.offsetWidth) / 2;
  },
  { immediate: true, flush: 'post' },
);
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
        <StateMark :mark="states[s.key].mark" :says="states[s.key].reason" />
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
  min-height: 38px;
  padding: 0 var(--s3) 5px var(--s4);
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
/* On a phone the bar at the foot leads to the stages. */
@media (max-width: 720px) {
  .tape {
    display: none;
  }
}
@media print {
  .tape {
    display: none;
  }
}
</style>
