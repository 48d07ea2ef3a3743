<script setup lang="ts">
/** What the plan of a zone comes to, under it: area, edge, upstands, corners. */
import { computed } from 'vue';
import { sentence, type Problem } from '@lentum/core/problems';
import type { ZoneQuantities } from '@lentum/core/survey';
import { convert } from '@lentum/core/units';
import { worded } from '../app/wording.ts';
import FigureText from '../shared/FigureText.vue';
import { useUnits } from '../shared/units.ts';

const props = defineProps<{
  /** Nothing while the outline is open. */
  quantities: ZoneQuantities | undefined;
  problems: readonly Problem[];
}>();
const { number, system } = useUnits();
/** Roofs are bought and priced by the hundred square feet where units are American. */
const squares = computed(() =>
  system.value === 'us' && props.quantities
    ? number(convert(props.quantities.area.value, 'm²', 'square'), 2)
    : undefined,
);
</script>

<template>
  <section class="figures" aria-label="Quantities in short">
    <template v-if="quantities">
      <p class="large"><FigureText :figure="quantities.area" /></p>
      <dl>
        <div v-if="squares">
          <dt>Squares</dt>
          <dd>{{ squares }}</dd>
        </div>
        <div>
          <dt>Perimeter</dt>
          <dd><FigureText :figure="quantities.perimeter" /></dd>
        </div>
        <div>
          <dt>{{ worded('Upstands') }}</dt>
          <dd>
            <FigureText :figure="quantities.upstandGirth" />,
            <FigureText :figure="quantities.upstandArea" />
          </dd>
        </div>
        <div>
          <dt>{{ worded('Internal corners, external corners') }}</dt>
          <dd>
            <FigureText :figure="quantities.internalCorners" /> and
            <FigureText :figure="quantities.externalCorners" />
          </dd>
        </div>
      </dl>
    </template>
    <p v-else class="quiet">No area and no quantities until the outline closes without crossing itself.</p>
    <p v-for="(p, i) in problems" :key="i" class="problem" role="alert">{{ sentence(p) }}</p>
  </section>
</template>

<style scoped>
.figures {
  display: flex;
  flex-wrap: wrap;
  gap: var(--s1) var(--s6);
  align-items: baseline;
}
.large {
  font-size: var(--t-xxl);
  font-weight: 700;
  line-height: 1.2;
}
dl {
  display: flex;
  flex-wrap: wrap;
  gap: var(--s1) var(--s6);
  margin: 0;
}
dt {
  font-size: var(--t-s);
  color: var(--ink-2);
}
dd {
  margin: 0;
}
.problem {
  margin: var(--s2) 0;
}
</style>
