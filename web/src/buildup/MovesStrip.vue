<script setup lang="ts">
/** What the last change was, and what it moved: figures from one value to the next, sentences that came and went. */
import { computed } from 'vue';
import type { BuildUp, Terms } from '@lentum/core/buildup';
import type { Pace } from '@lentum/core/choosing';
import { differences, findingsMoved, moves } from '@lentum/core/library';
import { verdictText } from '@lentum/core/figures';
import { worded } from '../app/wording.ts';
import FigureText from '../shared/FigureText.vue';
import { useUnits } from '../shared/units.ts';
import { sayDifference } from './difference.ts';

const props = defineProps<{ before: BuildUp | undefined; after: BuildUp; pace: Pace; terms: Terms }>();
const { say, written } = useUnits();
const MOST = 4;
const changed = computed(() => (props.before ? differences(props.before, props.after) : []));
const moved = computed(() =>
  props.before && changed.value.length > 0 ? moves(props.before, props.after, props.pace, props.terms) : [],
);
const sentences = computed(() =>
  props.before && changed.value.length > 0
    ? findingsMoved(props.before, props.after, props.terms)
    : { come: [], gone: [] },
);
const text = (says: Parameters<typeof verdictText>[0]): string => verdictText(says, written.value, String);
</script>

<template>
  <div v-if="changed.length > 0" class="moves" role="status">
    <p>
      <strong>Changed:</strong>
      {{
        changed
          .slice(0, MOST)
          .map((d) => sayDifference(d, say))
          .join('; ')
      }}{{ changed.length > MOST ? `; and ${changed.length - MOST} more` : '' }}.
    </p>
    <p v-if="moved.length > 0" class="figures">
      <strong>Moves:</strong>
      <span v-for="m in moved" :key="m.label"
        >{{ worded(m.label) }}
        <span class="was">{{ m.before ? say(m.before.value, m.before.quantity) : '–' }}</span> →
        <FigureText v-if="m.after" :figure="m.after" /><template v-else>–</template></span
      >
    </p>
    <p v-else class="quiet">No figure of the whole moves.</p>
    <p v-for="f in sentences.come" :key="f.rule + f.layerId">
      <strong>New:</strong> {{ worded(f.subject) }} {{ worded(text(f.says)) }}
    </p>
    <p v-for="f in sentences.gone" :key="f.rule + f.layerId" class="quiet">
      Settled: {{ worded(f.subject) }} {{ worded(text(f.says)) }}
    </p>
  </div>
</template>

<style scoped>
.moves {
  border-left: 4px solid var(--violet);
  padding: var(--s1) var(--s3);
  margin: var(--s3) 0;
}
.figures {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--s4);
}
.was {
  color: var(--ink-2);
  text-decoration: line-through;
}
</style>
