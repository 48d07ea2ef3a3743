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
const { system } = useUnits();
const rows = computed(() =>
  ZONE_CONDITIONS.flatMap((condition) => {
    const layers = props.buildUp.layers
      .filter(isCoat)
      .filter((c) => variantOf(c, condition))
      .map((c) => c.name.toLowerCase());
    const found = props.found.find((f) => f.condition === condition);
    const on = props.set.includes(condition);
    if (layers.length === 0 || (!found && !on && condition === 'ramp')) return [];
    return [{ condition, layers, on, says: found ? verdictText(found.says, system.value, String) : '' }];
  }),
);
const differs = computed(() => rows.value.filter((r) => r.on !== (r.says !== '')));
const toggle = (condition: ZoneCondition, on: boolean): void =>
  emit('set', on ? [...props.set, condition] : props.set.filter((c) => c !== condition));
</script>

<template>
  <fieldset v-if="rows.length > 0" class="rates">
    <legend>Rates for this zone</legend>
    <div v-for="r in rows" :key="r.condition">
      <el-checkbox
        :model-value="r.on"
        @update:model-value="(on: unknown) => toggle(r.condition, on === true)"
        >{{ r.condition }}</el-checkbox
      >
      <span class="quiet"
        >other rates for {{ r.layers.join(', ') }}.
        {{ r.says ? `Survey: ${r.says}.` : 'The survey does not say so.' }}</span
      >
    </div>
    <el-button
      v-if="differs.length > 0"
      text
      @click="
        emit(
          'set',
          found.map((f) => f.condition),
        )
      "
      >Take them from the survey</el-button
    >
  </fieldset>
</template>

<style scoped>
.rates {
  border: 0;
  padding: 0;
  margin: 0 0 var(--s3);
}
legend {
  font-size: var(--t-s);
  font-weight: 700;
  color: var(--ink-2);
  padding: 0;
}
.quiet {
  margin-left: var(--s2);
}
</style>
