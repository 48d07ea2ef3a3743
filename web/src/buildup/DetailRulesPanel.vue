<script setup lang="ts">
/** How this build-up makes its details: what pieces are cut from, feet, laps, plies, fillets, resin under and over. */
import { computed } from 'vue';
import {
  CHEMISTRIES,
  DETAIL_RULE_FIELDS,
  detailRulesOf,
  DOUBLED,
  typicalDetails,
  type BuildUp,
  type Chemistry,
  type DetailRules,
} from '@lentum/core/buildup';
import NamedField from '../shared/NamedField.vue';
import PickList from '../shared/PickList.vue';
import { useEditing, type SourcedNumber } from './editing.ts';
import { copy } from '../app/copy.ts';
import { worded } from '../app/wording.ts';
import SourcedInput from './SourcedInput.vue';

const props = defineProps<{ buildUp: BuildUp }>();
const editing = useEditing();
const rules = computed(() => detailRulesOf(props.buildUp));
const own = computed(() => props.buildUp.details !== undefined);

/** The first change makes the rules the build-up's own: until then they are what its family usually does. */
const set = (change: (r: DetailRules) => void): void =>
  editing.edit((b) => {
    const next = copy(b.details ?? typicalDetails(b));
    change(next);
    b.details = next;
  });
const setNumber = (path: keyof DetailRules, value: SourcedNumber | undefined): void =>
  set((r) => {
    if (value !== undefined) (r as Record<string, unknown>)[path] = value;
    else if (path === 'granulesKgPerM2') delete r.granulesKgPerM2;
  });
const numberAt = (path: keyof DetailRules): SourcedNumber | undefined =>
  rules.value[path] as SourcedNumber | undefined;
const cutFrom = computed(() => [
  { value: '', label: 'detail fabric of its own' },
  ...props.buildUp.layers
    .filter((l) => l.kind === 'fabric' || l.kind === 'sheet')
    .map((l) => ({ value: l.id, label: l.name })),
]);
const MADE = [
  { value: 'fabric', label: 'fabric bedded in resin' },
  { value: 'sheet', label: 'strips of sheet' },
  { value: 'coats', label: 'coats alone' },
];
const FILLETS = [
  { value: 'none', label: 'none' },
  { value: 'sealant', label: 'sealant' },
  { value: 'mortar', label: 'mortar' },
];
const MADE_OF = [{ value: '', label: 'not said' }, ...CHEMISTRIES.map((value) => ({ value, label: value }))];
/** What the coats have to suit. */
const SUITS = [
  { key: 'sealantOf', name: 'Sealant made of' },
  { key: 'metalPrimerOf', name: 'Primer for metal made of' },
] as const;
const PLIES = ['1', '2', '3'].map((value) => ({ value, label: value }));
/** Sizes of the roll count only where pieces are not cut from a layer. */
const fields = computed(() =>
  DETAIL_RULE_FIELDS.filter((f) => !rules.value.cutFrom || !f.path.startsWith('roll')),
);
</script>

<template>
  <details class="rules">
    <summary>
      <strong>How its details are made</strong>
      <span class="quiet">{{
        own ? 'rules of its own' : 'as its family usually does, typical; a change makes them its own'
      }}</span>
    </summary>
    <div class="fields">
      <NamedField name="Made with"
        ><PickList
          :model-value="rules.made"
          label="Details are made with"
          :options="MADE"
          @update:model-value="(v) => set((r) => (r.made = v as DetailRules['made']))"
      /></NamedField>
      <NamedField name="Pieces cut from"
        ><PickList
          :model-value="rules.cutFrom ?? ''"
          label="Pieces are cut from"
          :options="cutFrom"
          @update:model-value="
            (v) =>
              set((r) => {
                if (v) r.cutFrom = v;
                else delete r.cutFrom;
              })
          "
      /></NamedField>
      <NamedField name="Plies"
        ><PickList
          :model-value="String(rules.plies)"
          label="Plies at details"
          :options="PLIES"
          @update:model-value="(v) => set((r) => (r.plies = Number(v)))"
      /></NamedField>
      <NamedField name="Fillet"
        ><PickList
          :model-value="rules.fillet"
          label="Fillet"
          :options="FILLETS"
          @update:model-value="(v) => set((r) => (r.fillet = v as DetailRules['fillet']))"
      /></NamedField>
      <NamedField v-for="s in SUITS" :key="s.key" :name="s.name"
        ><PickList
          :model-value="rules[s.key] ?? ''"
          :label="s.name"
          filterable
          :options="MADE_OF"
          @update:model-value="
            (v) =>
              set((r) => {
                if (v) r[s.key] = v as Chemistry;
                else delete r[s.key];
              })
          "
      /></NamedField>
      <NamedField v-for="f in fields" :key="f.path" :name="f.name"
        ><SourcedInput
          :model-value="numberAt(f.path)"
          :quantity="f.quantity"
          :label="f.name"
          :optional="f.path === 'granulesKgPerM2'"
          @update:model-value="(v) => setNumber(f.path, v)"
      /></NamedField>
    </div>
    <p class="doubled">
      <span class="quiet">Doubled at</span>
      <el-checkbox
        v-for="d in DOUBLED"
        :key="d"
        :model-value="rules.doubled.includes(d)"
        @update:model-value="
          (on: unknown) =>
            set((r) => (r.doubled = on === true ? [...r.doubled, d] : r.doubled.filter((x) => x !== d)))
        "
        >{{ worded(d) }}</el-checkbox
      >
    </p>
    <el-button v-if="own" text @click="editing.edit((b) => delete b.details)"
      >Back to what its family usually does</el-button
    >
  </details>
</template>

<style scoped>
.rules {
  margin-top: var(--s4);
  border-top: var(--stroke) solid var(--line);
  padding-top: var(--s3);
}
summary {
  cursor: pointer;
  min-height: 32px;
}
summary .quiet {
  margin-left: var(--s2);
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
  gap: var(--s3) var(--s4);
  margin: var(--s3) 0;
}
.doubled {
  display: flex;
  flex-wrap: wrap;
  gap: var(--s1) var(--s4);
  align-items: center;
}
</style>
