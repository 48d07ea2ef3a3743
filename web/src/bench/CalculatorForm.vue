<script setup lang="ts">
/** One calculator: what it asks, and its answer with working. */
import { computed } from 'vue';
import { calculate, isWord, type Calculator, type Values } from '@lentum/core/bench';
import { sentence } from '@lentum/core/problems';
import { worded } from '../app/wording.ts';
import FigureText from '../shared/FigureText.vue';
import MeasureInput from '../shared/MeasureInput.vue';
import PickList from '../shared/PickList.vue';

const props = defineProps<{ calculator: Calculator }>();
const values = defineModel<Values>({ required: true });
const result = computed(() => calculate(props.calculator, values.value));
/** A known form of a rate hides the others: one is typed, the rest follow. */
const HIDDEN: Readonly<Record<string, readonly string[]>> = {
  volume: ['massRate', 'wet', 'dry'],
  mass: ['volumeRate', 'wet', 'dry'],
  wet: ['volumeRate', 'massRate', 'dry'],
  dry: ['volumeRate', 'massRate', 'wet'],
};
const asks = computed(() => {
  const known = String(values.value['known'] ?? 'volume');
  const hidden = props.calculator.key === 'coverage' ? (HIDDEN[known] ?? []) : [];
  return props.calculator.asks.filter((a) => !hidden.includes(a.key));
});
const set = (key: string, v: number | string | undefined): void => {
  const { [key]: _old, ...rest } = values.value;
  values.value = v === undefined ? rest : { ...rest, [key]: v };
};
const numberOf = (key: string): number | undefined => {
  const v = values.value[key];
  return typeof v === 'number' ? v : undefined;
};
</script>

<template>
  <section :aria-label="calculator.name">
    <h1>{{ worded(calculator.name) }}</h1>
    <p class="quiet">{{ worded(calculator.says) }}</p>
    <div class="asks">
      <div v-for="a in asks" :key="a.key" class="field">
        <label>{{ worded(a.label) }}</label>
        <PickList
          v-if="isWord(a)"
          :label="a.label"
          size="large"
          :options="a.options"
          :model-value="String(values[a.key] ?? a.options[0]?.value ?? '')"
          @update:model-value="(v) => set(a.key, v)"
        />
        <MeasureInput
          v-else
          size="large"
          :quantity="a.quantity"
          :label="a.label"
          :min="a.least"
          :max="a.most"
          :model-value="numberOf(a.key) ?? a.typical"
          @update:model-value="(v) => set(a.key, v)"
        />
      </div>
    </div>
    <template v-if="result.ok">
      <dl class="answers">
        <div v-for="f in result.value.figures" :key="f.label">
          <dt>{{ worded(f.label) }}</dt>
          <dd><FigureText fine :figure="f" /></dd>
        </div>
      </dl>
      <p v-for="n in result.value.notes" :key="n" class="quiet">{{ n }}</p>
    </template>
    <p v-else class="problem" role="alert">{{ result.problems.map(sentence).join(' ') }}</p>
  </section>
</template>

<style scoped>
.asks {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(160px, 1fr));
  gap: var(--s3) var(--s4);
  margin: var(--s4) 0;
}
label {
  font-size: var(--t-s);
  font-weight: 600;
  color: var(--ink-2);
}
.answers {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(160px, 1fr));
  gap: var(--s3) var(--s6);
  margin: var(--s4) 0;
  border-top: var(--stroke) solid var(--line);
  padding-top: var(--s4);
}
dt {
  color: var(--ink-2);
  font-size: var(--t-s);
}
dd {
  margin: 0;
  font-size: var(--t-xl);
  font-weight: 700;
}
</style>
