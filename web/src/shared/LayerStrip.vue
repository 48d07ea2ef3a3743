<script setup lang="ts">
/** The layers of a build-up in a row from the ground up, as wide as they are thick (roots of it, so that films show). */
import { computed } from 'vue';
import { inField, thicknessOf, type BuildUp } from '@lentum/core/buildup';
import { useUnits } from './units.ts';

const props = defineProps<{ buildUp: BuildUp }>();
const { say } = useUnits();
const slabs = computed(() =>
  props.buildUp.layers.filter(inField).map((l) => {
    const thick = thicknessOf(l)?.value;
    return {
      id: l.id,
      kind: l.kind === 'coat' ? l.role : l.kind,
      share: Math.sqrt(thick ?? 0.05),
      tip: thick === undefined ? l.name : `${l.name}, ${say(thick, 'film')}`,
    };
  }),
);
</script>

<template>
  <span class="strip" role="img" :aria-label="slabs.map((s) => s.tip).join('; ')"
    ><span v-for="s in slabs" :key="s.id" :class="s.kind" :style="{ flexGrow: s.share }" :title="s.tip"
  /></span>
</template>

<style scoped>
.strip {
  display: flex;
  width: 190px;
  height: 22px;
  gap: 1px;
}
.strip > span {
  min-width: 5px;
  background: #8a8f92;
}
.primer,
.preparation {
  background: #cdb58a !important;
}
.levelling {
  background: #b3aa97 !important;
}
.membrane {
  background: var(--sea) !important;
}
.finish {
  background: var(--sky) !important;
}
.reflective {
  background: #ece8da !important;
  outline: 1px solid #8a8f92;
}
.sheet {
  background: #4d5a60 !important;
}
.protection {
  background: repeating-linear-gradient(45deg, #a89f8d 0 4px, #7d7464 4px 5px) !important;
}
.fabric {
  background: repeating-linear-gradient(0deg, var(--ink-2) 0 2px, var(--paper) 2px 4px) !important;
}
.broadcast {
  background: radial-gradient(circle at 3px 3px, #8d6f4d 1.6px, transparent 2px) 0 0 / 6px 6px #cdb58a !important;
}
.pieces {
  background: none !important;
  outline: 1px dashed var(--ink-2);
}
</style>
