<script setup lang="ts">
/** Tools of a layer with their settings. */
import { Close, Plus } from '@element-plus/icons-vue';
import { computed, ref } from 'vue';
import type { Layer, Tool, ToolKind } from '@lentum/core/buildup';
import type { Quantity } from '@lentum/core/units';
import MeasureInput from '../shared/MeasureInput.vue';
import PickList from '../shared/PickList.vue';
import TextInput from '../shared/TextInput.vue';
import { editLayer, typedNumber, useEditing } from './editing.ts';

const props = defineProps<{
  layer: Extract<Layer, { tools: unknown }>;
  kinds: readonly ToolKind[];
  shapes: readonly string[];
}>();
const editing = useEditing();
interface Setting {
  readonly key: string;
  readonly name: string;
  readonly quantity: Quantity;
  readonly begins?: number;
}
/** Settings of a tool; those with a beginning are needed. */
const SETTINGS: Partial<Record<ToolKind, readonly Setting[]>> = {
  roller: [
    { key: 'napMm', name: 'nap', quantity: 'lap' },
    { key: 'passMm', name: 'film of one pass', quantity: 'film' },
  ],
  'notched trowel': [
    { key: 'notchMm', name: 'notch', quantity: 'gap', begins: 6 },
    { key: 'angleDeg', name: 'held at, degrees', quantity: 'angle', begins: 45 },
  ],
  'spike roller': [{ key: 'pinMm', name: 'pins', quantity: 'lap' }],
  'airless spray': [
    { key: 'tipMm', name: 'tip', quantity: 'film', begins: 0.53 },
    { key: 'fanDeg', name: 'fan, degrees', quantity: 'angle' },
    { key: 'pressureBar', name: 'pressure', quantity: 'pressure', begins: 180 },
    { key: 'overlapPct', name: 'overlap', quantity: 'percent', begins: 50 },
  ],
  'hand roller': [{ key: 'massKg', name: 'weight', quantity: 'mass' }],
};
const adding = ref<string>('');
const change = (make: (tools: Tool[]) => Tool[]): void =>
  editLayer(editing, props.layer.id, (l) => {
    if ('tools' in l) l.tools = make(l.tools);
  });
function add(kind: string): void {
  adding.value = '';
  if (kind === '') return;
  const begins = (SETTINGS[kind as ToolKind] ?? []).flatMap((s) =>
    s.begins === undefined ? [] : [[s.key, { value: s.begins, source: 'assumed' }] as const],
  );
  const shape = kind === 'notched trowel' ? { shape: 'square' } : {};
  change((tools) => [...tools, { kind, note: '', ...shape, ...Object.fromEntries(begins) } as Tool]);
}
const numberOf = (tool: Tool, key: string): number | undefined =>
  (tool as unknown as Record<string, { value: number } | undefined>)[key]?.value;
const set = (at: number, key: string, value: unknown): void =>
  change((tools) =>
    tools.map((t, i) => {
      if (i !== at) return t;
      const next: Record<string, unknown> = { ...t };
      if (value === undefined) Reflect.deleteProperty(next, key);
      else next[key] = typeof value === 'number' ? typedNumber(editing, value) : value;
      return next as unknown as Tool;
    }),
  );
const choices = computed(() => [
  { value: '', label: 'Add a tool' },
  ...props.kinds.map((k) => ({ value: k as string, label: k as string })),
]);
</script>

<template>
  <h3>Tools and settings</h3>
  <div v-for="(tool, i) in layer.tools" :key="i" class="tool">
    <strong>{{ tool.kind }}</strong>
    <label v-for="s in SETTINGS[tool.kind] ?? []" :key="s.key"
      ><span class="quiet">{{ s.name }}</span>
      <MeasureInput
        :model-value="numberOf(tool, s.key)"
        :quantity="s.quantity"
        :label="`${tool.kind}, ${s.name}`"
        :optional="s.begins === undefined"
        @update:model-value="(v) => set(i, s.key, v)"
    /></label>
    <label v-if="tool.kind === 'notched trowel'"
      ><span class="quiet">teeth</span
      ><PickList
        :model-value="tool.shape"
        label="Shape of the teeth"
        :options="shapes.map((s) => ({ value: s, label: s }))"
        @update:model-value="(v) => set(i, 'shape', v)"
    /></label>
    <label class="note"
      ><span class="quiet">how</span
      ><TextInput
        :model-value="tool.note"
        :most="200"
        :label="`${tool.kind}, how`"
        @update:model-value="(v) => set(i, 'note', v)"
    /></label>
    <el-button
      text
      :icon="Close"
      :aria-label="`Take out the ${tool.kind}`"
      @click="change((tools) => tools.filter((_, k) => k !== i))"
    />
  </div>
  <div class="add">
    <el-icon><Plus /></el-icon>
    <PickList :model-value="adding" label="Add a tool" :options="choices" @update:model-value="add" />
  </div>
</template>

<style scoped>
h3 {
  margin: var(--s3) 0 var(--s1);
}
.tool {
  display: flex;
  flex-wrap: wrap;
  gap: var(--s2) var(--s4);
  align-items: end;
  padding: var(--s1) 0;
  border-bottom: var(--stroke) solid var(--line);
}
.tool > strong {
  min-width: 8rem;
  padding-bottom: var(--s2);
}
.tool label {
  width: 8.5rem;
}
.tool .note {
  flex: 1;
  min-width: 10rem;
}
.add {
  display: flex;
  gap: var(--s2);
  align-items: center;
  max-width: 15rem;
  margin-top: var(--s2);
}
</style>
