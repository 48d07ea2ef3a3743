<script setup lang="ts">
/** Every figure of one layer, in groups that open; only what applies to its kind. */
import { computed } from 'vue';
import {
  BLOCKS,
  FIELD_GROUPS,
  FIELDS,
  isAsked,
  HAZARDS,
  NOTCH_SHAPES,
  sourceCounts,
  STAGES,
  toolSchema,
  type BuildUp,
  type Coat,
  type FieldGroup,
  type Hazard,
  type Layer,
} from '@lentum/core/buildup';
import { STAGE_WORDS } from '@lentum/core/words';
import { copy } from '../app/copy.ts';
import { worded } from '../app/wording.ts';
import MeasureInput from '../shared/MeasureInput.vue';
import PickList from '../shared/PickList.vue';
import TextInput from '../shared/TextInput.vue';
import CureMatrix from './CureMatrix.vue';
import { editLayer, openGroups, useEditing, written } from './editing.ts';
import FieldRow from './FieldRow.vue';
import RateBounds from './RateBounds.vue';
import RateForms from './RateForms.vue';
import { LAYER_TABLES, type Row } from './layertables.ts';
import RowsEditor from './RowsEditor.vue';
import RemedyEditor from './RemedyEditor.vue';
import ToolsEditor from './ToolsEditor.vue';

const props = defineProps<{ layer: Layer; buildUp: BuildUp }>();
const editing = useEditing();
const NEEDS_BLOCK: Partial<Record<FieldGroup, 'kettle'>> = { kettle: 'kettle' };

function keepOpen(name: FieldGroup, event: Event): void {
  if ((event.target as HTMLDetailsElement).open) openGroups.add(name);
  else openGroups.delete(name);
}
const coat = computed(() => (props.layer.kind === 'coat' ? props.layer : undefined));
/** What is said in steps is not said in words as well. */
function inSteps(path: string): boolean {
  if (!('remedies' in props.layer) || !props.layer.remedies) return false;
  const limit = path === 'ifMissed' ? 'overcoatUntil' : /^missed\/(\w+)$/.exec(path)?.[1];
  return limit !== undefined && limit in props.layer.remedies;
}
const groups = computed(() =>
  FIELD_GROUPS.map((name) => ({
    name,
    fields: FIELDS[props.layer.kind].filter(
      (f) => f.group === name && !inSteps(f.path) && isAsked(f, props.layer, props.buildUp),
    ),
  })).filter(({ name, fields }) => fields.length > 0 && (!NEEDS_BLOCK[name] || coat.value?.kettle)),
);
const change = (make: (layer: Layer) => void): void => editLayer(editing, props.layer.id, make);
const changeCoat = (make: (coat: Coat) => void): void =>
  change((l) => {
    if (l.kind === 'coat') make(l);
  });

type Block = keyof typeof BLOCKS;
const BLOCK_NAMES: Readonly<Record<Block, string>> = {
  mix: 'Mixed from parts',
  catalyst: 'Catalyst by temperature',
  thickener: 'Thickener by slope',
  kettle: 'Melted in a kettle',
};
function toggleBlock(block: Block, on: boolean): void {
  changeCoat((c) => {
    if (on) Object.assign(c, { [block]: copy(BLOCKS[block]) });
    else Reflect.deleteProperty(c, block);
  });
}

const rowsOf = (rows: readonly object[]) => rows as readonly Row[];
const tables = (group: FieldGroup) =>
  LAYER_TABLES.filter((t) => t.group === group).flatMap((t) => {
    const rows = t.rows(props.layer);
    return rows ? [{ ...t, now: rowsOf(rows) }] : [];
  });
const hazards = computed(() => props.layer.product?.hazards ?? []);
function setHazard(hazard: Hazard, on: boolean): void {
  change((l) => {
    const product = (l.product ??= { hazards: [], cautions: [] });
    product.hazards = on ? [...product.hazards, hazard] : product.hazards.filter((h) => h !== hazard);
  });
}
const cautionLines = computed(() => (props.layer.product?.cautions ?? []).join('\n'));
const setCautions = (text: string): void =>
  change((l) => {
    const product = (l.product ??= { hazards: [], cautions: [] });
    product.cautions = text
      .split('\n')
      .map((t) => t.trim())
      .filter(Boolean)
      .slice(0, 12);
  });

const coats = computed(() => props.buildUp.layers.filter((l) => l.kind === 'coat'));
const options = computed(() => [
  { value: '', label: 'always' },
  ...props.buildUp.choices.flatMap((c) =>
    c.options.map((o) => ({ value: `${c.id}/${o.id}`, label: `${c.name}: ${o.name}` })),
  ),
]);
const only = computed(() =>
  props.layer.only ? `${props.layer.only.choice}/${props.layer.only.option}` : '',
);
function setOnly(value: string): void {
  const [choice, option] = value.split('/');
  change((l) => {
    if (choice && option) l.only = { choice, option };
    else delete l.only;
  });
}
const into = computed(() =>
  props.layer.kind === 'fabric'
    ? props.layer.embeddedIn
    : props.layer.kind === 'broadcast'
      ? props.layer.into
      : undefined,
);
const setInto = (id: string): void =>
  change((l) => {
    if (l.kind === 'fabric') l.embeddedIn = id;
    else if (l.kind === 'broadcast') l.into = id;
  });
const setNoBelow = (tempC: number | undefined): void =>
  change((l) => {
    if (!('limits' in l)) return;
    if (tempC === undefined) delete l.limits.noBelow;
    else l.limits.noBelow = { tempC, ...written(editing.typed), until: l.limits.noBelow?.until ?? 'touch' };
  });
const noBelow = computed(() => ('limits' in props.layer ? props.layer.limits.noBelow : undefined));
/** Named here so that their lists stay one with the core's. */
const SHAPES = NOTCH_SHAPES;
const TOOLS = toolSchema.options.map((o) => o.shape.kind.value);
const typical = (group: { fields: readonly { path: string }[] }): string => {
  const roots = new Set(group.fields.map((f) => f.path.split('/')[0] ?? ''));
  const { typical: n, total } = sourceCounts(
    Object.fromEntries(Object.entries(props.layer).filter(([key]) => roots.has(key))),
  );
  return total === 0 ? '' : n === 0 ? 'none typical' : `${n} of ${total} typical`;
};
</script>

<template>
  <div class="editor">
    <details
      v-for="g in groups"
      :key="g.name"
      :open="openGroups.has(g.name)"
      @toggle="(e: Event) => keepOpen(g.name, e)"
    >
      <summary>
        <strong>{{ g.name.slice(0, 1).toUpperCase() + g.name.slice(1) }}</strong>
        <span class="quiet">{{ typical(g) }}</span>
      </summary>
      <RateForms v-if="g.name === 'how much' && coat" :coat="coat" />
      <RemedyEditor v-if="g.name === 'if missed' && 'missed' in layer" :layer="layer" :build-up="buildUp" />
      <div class="fields">
        <FieldRow v-for="f in g.fields" :key="f.path" :layer="layer" :field="f" />
        <template v-if="g.name === 'what it is'">
          <div v-if="into !== undefined">
            <span class="name">Laid into</span>
            <PickList
              :model-value="into"
              label="Laid into"
              own
              :options="coats.map((c) => ({ value: c.id, label: c.name }))"
              @update:model-value="setInto"
            />
          </div>
          <div v-if="buildUp.choices.length > 0">
            <span class="name">Laid</span>
            <PickList
              :model-value="only"
              label="Laid with"
              none="always"
              :options="options"
              @update:model-value="setOnly"
            />
          </div>
        </template>
        <RateBounds
          v-if="g.name === 'how much' && coat"
          :coat="coat"
          :editing="editing"
          :change="changeCoat"
        />
        <template v-if="g.name === 'when'">
          <div>
            <span class="name">Surface not below</span>
            <MeasureInput
              :model-value="noBelow?.tempC"
              quantity="temperature"
              label="Surface not below"
              optional
              @update:model-value="setNoBelow"
            />
          </div>
          <div v-if="noBelow">
            <span class="name">until</span>
            <PickList
              :model-value="noBelow.until"
              label="Until"
              :options="STAGES.map((s) => ({ value: s, label: STAGE_WORDS[s] }))"
              @update:model-value="
                (s: string) =>
                  change((l) => {
                    if ('limits' in l && l.limits.noBelow)
                      l.limits.noBelow.until = s as (typeof STAGES)[number];
                  })
              "
            />
          </div>
        </template>
      </div>
      <template v-if="g.name === 'mixing' && coat">
        <div class="blocks">
          <el-checkbox
            v-for="(name, block) in BLOCK_NAMES"
            :key="block"
            :model-value="coat[block] !== undefined"
            @update:model-value="(on: unknown) => toggleBlock(block, on === true)"
            >{{ name }}</el-checkbox
          >
        </div>
        <label v-if="coat.mix" class="by"
          ><span class="quiet">Parts are by</span>
          <PickList
            :model-value="coat.mix.by"
            label="Parts by"
            :options="[
              { value: 'mass', label: 'mass' },
              { value: 'volume', label: 'volume' },
            ]"
            @update:model-value="
              (by: string) => changeCoat((c) => c.mix && (c.mix.by = by as 'mass' | 'volume'))
            "
        /></label>
        <label v-if="coat.mix" class="by"
          ><span class="quiet">Part of a kit is mixed</span>
          <PickList
            :model-value="coat.mix.split"
            label="Part of a kit"
            :options="[
              { value: 'by weight', label: 'weighed out' },
              { value: 'never', label: 'never' },
            ]"
            @update:model-value="
              (v: string) => changeCoat((c) => c.mix && (c.mix.split = v as 'by weight' | 'never'))
            "
        /></label>
        <el-checkbox
          v-if="coat.catalyst"
          :model-value="coat.catalyst.interpolate"
          @update:model-value="
            (on: unknown) => changeCoat((c) => c.catalyst && (c.catalyst.interpolate = on === true))
          "
          >Catalyst between the rows of its table, because the manufacturer allows it</el-checkbox
        >
      </template>
      <template v-for="t in tables(g.name)" :key="t.key">
        <h3>{{ t.title }}</h3>
        <RowsEditor
          :label="t.title"
          :rows="t.now"
          :columns="t.columns"
          :fresh="() => t.fresh(layer, editing.typed)"
          :least="t.least"
          @change="(rows) => change((l) => t.set(l, rows, editing.typed))"
        />
      </template>
      <ToolsEditor
        v-if="g.name === 'laying' && 'tools' in layer"
        :layer="layer"
        :kinds="TOOLS"
        :shapes="SHAPES"
      />
      <CureMatrix v-if="g.name === 'when' && coat" :coat="coat" />
      <template v-if="g.name === 'product'">
        <fieldset class="hazards">
          <legend class="name">Hazards, as the safety sheet says</legend>
          <el-checkbox
            v-for="h in HAZARDS"
            :key="h"
            :model-value="hazards.includes(h)"
            @update:model-value="(on: unknown) => setHazard(h, on === true)"
            >{{ worded(h) }}</el-checkbox
          >
        </fieldset>
        <label class="name" :for="`cautions-${layer.id}`">Cautions of the product, a line each</label>
        <TextInput
          :id="`cautions-${layer.id}`"
          long
          :most="4000"
          label="Cautions of the product"
          :model-value="cautionLines"
          @update:model-value="setCautions"
        />
      </template>
    </details>
  </div>
</template>

<style scoped>
details {
  border-bottom: var(--stroke) solid var(--line);
  padding: var(--s2) 0;
}
summary {
  cursor: pointer;
  min-height: 32px;
}
summary .quiet {
  margin-left: var(--s3);
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(210px, 1fr));
  gap: var(--s2) var(--s4);
  margin: var(--s2) 0;
}
.name {
  display: block;
  font-size: var(--t-s);
  color: var(--ink-2);
  padding: 0;
}
.blocks {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--s4);
}
h3 {
  margin: var(--s3) 0 var(--s1);
}
.by {
  display: inline-flex;
  gap: var(--s2);
  align-items: center;
  width: 16rem;
}
.by > span {
  white-space: nowrap;
}
.hazards {
  border: 0;
  padding: 0;
  margin: var(--s3) 0;
}
</style>
