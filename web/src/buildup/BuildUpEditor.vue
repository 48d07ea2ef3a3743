<script setup lang="ts">
/**
 * A build-up being put together: layers in order, options, one layer opened, what the last change moved, what does not
 * fit, and the section to scale. The holder decides what a change means (a draft, or the next revision in a job).
 */
import { ElMessage } from 'element-plus';
import { computed, ref, shallowRef } from 'vue';
import {
  blankHot,
  blankLayer,
  buildUpFindings,
  COAT_ROLES,
  freshLayerId,
  insertInOrder,
  optionOf,
  removeLayer,
  resolve,
  type BuildUp,
  type CoatRole,
  type Ground,
  type Layer,
  type LayerKind,
  type Terms,
} from '@lentum/core/buildup';
import type { Pace } from '@lentum/core/choosing';
import type { Source } from '@lentum/core/figures';
import type { AchievedFilm } from '@lentum/core/record';
import type { Verdict } from '@lentum/core/words';
import LayerColumn from '../shared/LayerColumn.vue';
import VerdictLine from '../shared/VerdictLine.vue';
import { provideEditing } from './editing.ts';
import DetailRulesPanel from './DetailRulesPanel.vue';
import DetailWaysPanel from './DetailWaysPanel.vue';
import LayerDetail from './LayerDetail.vue';
import LayerEditor from './LayerEditor.vue';
import LayerTable from './LayerTable.vue';
import MovesStrip from './MovesStrip.vue';
import { worded } from '../app/wording.ts';
import { copy } from '../app/copy.ts';
import TypedFrom from './TypedFrom.vue';
import { offWhere } from '../shared/heldpage.ts';

const props = defineProps<{
  buildUp: BuildUp;
  terms: Terms;
  ground: Ground;
  pace: Pace;
  edit: (change: (b: BuildUp) => void) => void;
  /** Where numbers come from that are typed, until somebody says otherwise. */
  source: Source;
  achieved?: readonly AchievedFilm[];
  /** The layer's figures are open for typing at once. */
  open: boolean;
}>();
const emit = defineEmits<{ option: [choiceId: string, optionId: string] }>();

const before = shallowRef<BuildUp>();
const editing = provideEditing(
  (change) => {
    before.value = copy(props.buildUp);
    props.edit(change);
  },
  () => props.buildUp.papers,
  props.source,
);

const resolved = computed(() => resolve(props.buildUp, props.terms));
const layerId = ref('');
const layer = computed(
  () => resolved.value.layers.find((l) => l.id === layerId.value) ?? resolved.value.layers[0],
);
/** The layer as it is kept, before the zone's conditions: what is typed goes there. */
const kept = computed(() => props.buildUp.layers.find((l) => l.id === layer.value?.id));
const typing = ref(props.open);
const findings = computed(() => buildUpFindings(resolved.value, props.ground));
const verdicts = computed<Verdict[]>(() =>
  findings.value.map(({ outcome, subject, says }) => ({ outcome, subject, says })),
);

type Adding = {
  readonly kind: LayerKind;
  readonly role?: CoatRole;
  readonly hot?: true;
  readonly name: string;
};
const COAT_WORDS: Readonly<Record<CoatRole, string>> = {
  preparation: 'Preparation coat',
  primer: 'Primer',
  levelling: 'Levelling coat',
  membrane: 'Membrane coat',
  wear: 'Wear coat',
  decorative: 'Decorative coat',
  finish: 'Lock or finish coat',
  reflective: 'UV or reflective coat',
};
const ADDINGS: readonly Adding[] = [
  ...COAT_ROLES.map((role): Adding => ({ kind: 'coat', role, name: COAT_WORDS[role] })),
  { kind: 'coat', hot: true, name: 'Hot-applied layer' },
  { kind: 'fabric', name: 'Fabric or mat, into the coat above it' },
  { kind: 'broadcast', name: 'Broadcast, into the coat above it' },
  { kind: 'sheet', name: 'Sheet ply' },
  { kind: 'protection', name: 'Protection course' },
  { kind: 'pieces', name: 'Curb parts' },
];
function make(adding: Adding, id: string): Layer {
  return adding.hot ? blankHot(id) : blankLayer(adding.kind, id, adding.role ?? 'membrane');
}
function add(adding: Adding): void {
  const id = freshLayerId(props.buildUp.layers, adding.role ?? adding.kind);
  const after = layer.value?.id;
  let under: string | undefined;
  editing.edit((b) => {
    const put = insertInOrder(b.layers, make(adding, id), after);
    b.layers = put.layers;
    under = put.under?.name;
  });
  if (under !== undefined)
    ElMessage({
      message: `${worded(adding.name)}: put under ${under}, where it belongs. Move it if it lies elsewhere.`,
      duration: 6000,
    });
  layerId.value = id;
  typing.value = true;
}
function takeOut(id: string): void {
  editing.edit((b) => {
    const rest = removeLayer(b, id);
    if (rest.layers.length === 0) return;
    delete b.detailsAfter;
    Object.assign(b, rest);
  });
}
</script>

<template>
  <slot name="head" />
  <div class="columns build">
    <section aria-label="Layers">
      <fieldset v-for="c in buildUp.choices" :key="c.id" class="choice">
        <legend>{{ c.name }}</legend>
        <button
          v-for="o in c.options"
          :key="o.id"
          type="button"
          :aria-pressed="optionOf(buildUp, c.id, terms) === o.id"
          @click="emit('option', c.id, o.id)"
        >
          <strong>{{ o.name }}</strong><span class="quiet">{{ o.says }}</span>
        </button>
      </fieldset>
      <LayerTable
        :resolved="resolved"
        :all="buildUp.layers"
        :chosen="layer?.id"
        @choose="(id) => (layerId = id)"
      />
      <div class="bar under">
        <el-dropdown trigger="click" max-height="420" @command="add">
          <el-button>Add a layer</el-button>
          <template #dropdown>
            <el-dropdown-menu>
              <el-dropdown-item v-for="a in ADDINGS" :key="a.name" :command="a">{{
                worded(a.name)
              }}</el-dropdown-item>
            </el-dropdown-menu>
          </template>
        </el-dropdown>
        <el-button v-if="layer" v-bind="offWhere(buildUp.layers.length < 2)" @click="takeOut(layer.id)"
          >Take out the {{ layer.name.toLowerCase() }}</el-button
        >
        <el-button :disabled="false" :aria-expanded="typing" @click="typing = !typing">{{
          typing ? 'Close the layer’s figures' : 'Open the layer’s figures'
        }}</el-button>
        <TypedFrom v-if="typing" />
      </div>
      <MovesStrip :before="before" :after="buildUp" :pace="pace" :terms="terms" />
      <div v-if="typing && kept" class="opened">
        <h2>{{ kept.name }}</h2>
        <LayerEditor :key="kept.id" :layer="kept" :build-up="buildUp" />
      </div>
      <h2 class="follows">What follows from it</h2>
      <slot name="verdicts" />
      <VerdictLine v-for="(v, i) in verdicts" :key="i" :verdict="v" />
      <p v-if="verdicts.length === 0" class="quiet agrees">
        The layers agree with each other: chemistry, films, windows and the least membrane.
      </p>
      <DetailRulesPanel :build-up="buildUp" />
      <DetailWaysPanel :build-up="buildUp" />
      <slot />
    </section>
    <section aria-label="Section and layer">
      <LayerColumn :build-up="resolved" :achieved="achieved ?? []" :chosen="layer?.id" />
      <LayerDetail v-if="layer" :layer="layer" :build-up="buildUp" />
      <slot name="side" />
    </section>
  </div>
</template>

<style scoped>
.build {
  grid-template-columns: minmax(0, 1fr) minmax(300px, 360px);
}
@media (max-width: 1050px) {
  .build {
    grid-template-columns: minmax(0, 1fr);
  }
}
.choice {
  border: 0;
  padding: 0;
  margin: 0 0 var(--s3);
  display: flex;
  flex-wrap: wrap;
  gap: var(--s2);
}
.choice legend {
  font-size: var(--t-s);
  font-weight: 700;
  color: var(--ink-2);
}
.choice button {
  display: flex;
  flex-direction: column;
  text-align: left;
  flex: 1 1 220px;
  max-width: 420px;
  padding: var(--s1) var(--s3);
  border: max(1px, var(--stroke)) solid var(--line-2);
  border-radius: var(--r);
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
  cursor: pointer;
}
.choice button[aria-pressed='true'] {
  border-color: var(--sea);
  box-shadow: inset 4px 0 var(--sea);
}
.under {
  margin: var(--s3) 0;
}
.opened {
  border: var(--stroke) solid var(--line);
  border-radius: var(--r);
  background: var(--sheet);
  padding: var(--s3) var(--s4);
  margin: var(--s3) 0;
}
.follows {
  margin-top: var(--s4);
  color: var(--ink-2);
}
.agrees {
  padding-left: 30px;
}
</style>
