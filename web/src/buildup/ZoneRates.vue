<script setup lang="ts">
/** What the zone asks for: conditions under which other rates hold, as the survey finds them and as they are set. */
import { computed } from 'vue';
import { isCoat, variantOf, ZONE_CONDITIONS, type BuildUp, type ZoneCondition } from '@lentum/core/buildup';
import type { ConditionFound } from '@lentum/core/choosing';
import { verdictText } from '@lentum/core/figures';
import { useUnits } from '../shared/units.ts';

const props = defineProps<{
  buildUp: BuildUp;
  set: readonly ZoneCondition[];
  found: readonly ConditionFound[];
}>();
const emit = defineEmits<{ set: [conditions: ZoneCondition[]] }>();
const { written } = useUnits();
/** Conditions for which some layer has another rate. */
const rows = computed(() =>
  ZONE_CONDITIONS.flatMap((condition) => {
    const layers = props.buildUp.layers
      .filter(isCoat)
      .filter((c) => variantOf(c, condition))
      .map((c) => c.name.toLowerCase());
    const found = props.found.find((f) => f.condition === condition);
    const says = found ? verdictText(found.says, written.value, String) : '';
    return layers.length === 0 ? [] : [{ condition, layers, on: props.set.includes(condition), says }];
  }),
);
const told = computed(() =>
  rows.value.flatMap((r) => {
    if (r.says !== '')
      return [
        `${r.condition}: ${r.says}${r.on ? '' : ', but its rates are not taken'} (${r.layers.join(', ')})`,
      ];
    return r.on ? [`${r.condition}: set by hand (${r.layers.join(', ')})`] : [];
  }),
);
const toggle = (condition: ZoneCondition): void =>
  emit(
    'set',
    props.set.includes(condition) ? props.set.filter((c) => c !== condition) : [...props.set, condition],
  );
</script>

<template>
  <div v-if="rows.length > 0" class="rates" role="group" aria-label="Rates for this zone">
    <span class="quiet">Other rates here:</span>
    <button
      v-for="r in rows"
      :key="r.condition"
      type="button"
      :aria-pressed="r.on"
      :title="r.layers.join(', ')"
      @click="toggle(r.condition)"
    >
      {{ r.condition }}
    </button>
    <span class="quiet">{{ told.length > 0 ? `${told.join('; ')}.` : 'the survey asks for none.' }}</span>
  </div>
</template>

<style scoped>
.rates {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--s2);
  padding: var(--s1) 0 var(--s3);
}
button {
  border: max(1px, var(--stroke)) solid var(--line-2);
  border-radius: 999px;
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
  font-size: var(--t-s);
  padding: 1px var(--s3);
  min-height: 30px;
  cursor: pointer;
}
button[aria-pressed='true'] {
  border-color: var(--sea);
  box-shadow: inset 0 0 0 1px var(--sea);
  background: var(--sea-soft);
}
</style>
