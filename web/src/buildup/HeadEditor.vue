<script setup lang="ts">
/** What a build-up is as a whole: name, family, what it is for, how it is accepted, options, upkeep, cautions. */
import { computed, ref } from 'vue';
import type { BuildUp, Choice } from '@lentum/core/buildup';
import { FAMILIES, FAMILY_KEYS, type FamilyKey } from '@lentum/core/family';
import { ACCEPTANCE_RULES } from '@lentum/core/film';
import { acceptanceRuleWords } from '@lentum/core/words';
import NamedField from '../shared/NamedField.vue';
import PickList from '../shared/PickList.vue';
import TextInput from '../shared/TextInput.vue';
import type { SourcedNumber } from './editing.ts';
import SourcedInput from './SourcedInput.vue';

const props = defineProps<{
  buildUp: BuildUp;
  edit: (change: (b: BuildUp) => void) => void;
}>();
const families = FAMILY_KEYS.map((value) => ({ value, label: FAMILIES[value].name }));
const rules = ACCEPTANCE_RULES.map((value) => ({ value, label: acceptanceRuleWords[value] }));
const lines = (text: string): string[] =>
  text
    .split('\n')
    .map((t) => t.trim())
    .filter(Boolean)
    .slice(0, 20);
const cautionLines = computed(() => props.buildUp.cautions.join('\n'));
function setUpkeep(
  key: 'lifeYears' | 'recoatYears' | 'inspectPerYear',
  value: SourcedNumber | undefined,
): void {
  props.edit((b) => {
    const upkeep = (b.upkeep ??= {
      lifeYears: { value: 20, source: 'assumed' },
      inspectPerYear: { value: 1, source: 'assumed' },
      recoatLayers: [],
      note: '',
    });
    if (value !== undefined) upkeep[key] = value;
    else if (key === 'recoatYears') delete upkeep.recoatYears;
  });
}
const naming = ref({ name: '', options: '' });
function addChoice(): void {
  const options = lines(naming.value.options.replaceAll(',', '\n')).slice(0, 6);
  if (naming.value.name.trim() === '' || options.length < 2) return;
  const id = `choice-${crypto.randomUUID().slice(0, 6)}`;
  const made: Choice = {
    id,
    name: naming.value.name.trim(),
    options: options.map((name, i) => ({ id: `option-${i + 1}`, name, says: '' })),
    chosen: 'option-1',
  };
  props.edit((b) => b.choices.push(made));
  naming.value = { name: '', options: '' };
}
const dropChoice = (id: string): void =>
  props.edit((b) => {
    b.choices = b.choices.filter((c) => c.id !== id);
    for (const l of b.layers) if (l.only?.choice === id) delete l.only;
  });
</script>

<template>
  <details class="whole">
    <summary>
      <strong>As a whole</strong>
      <span class="quiet">name, family, acceptance, options, upkeep, cautions</span>
    </summary>
    <div class="fields">
      <NamedField name="Name"
        ><TextInput
          :model-value="buildUp.name"
          :most="120"
          label="Name of the build-up"
          @update:model-value="(v) => edit((b) => (b.name = v.trim()))"
      /></NamedField>
      <NamedField name="Family"
        ><PickList
          :model-value="buildUp.family"
          label="Family"
          filterable
          :options="families"
          @update:model-value="(v) => edit((b) => (b.family = v as FamilyKey))"
      /></NamedField>
      <NamedField name="Stays"
        ><PickList
          :model-value="buildUp.exposure"
          label="Exposure"
          :options="[
            { value: 'exposed', label: 'open to the sun' },
            { value: 'covered', label: 'covered' },
          ]"
          @update:model-value="(v) => edit((b) => (b.exposure = v as BuildUp['exposure']))"
      /></NamedField>
      <NamedField name="Made for"
        ><PickList
          :model-value="buildUp.traffic"
          label="Traffic"
          :options="[
            { value: 'no', label: 'upkeep only' },
            { value: 'feet', label: 'foot traffic' },
            { value: 'wheels', label: 'wheels' },
          ]"
          @update:model-value="(v) => edit((b) => (b.traffic = v as BuildUp['traffic']))"
      /></NamedField>
      <NamedField group name="Least dry membrane"
        ><SourcedInput
          :model-value="buildUp.leastDryFilmMm"
          quantity="film"
          label="Least dry membrane"
          :above="0"
          :max="200"
          @update:model-value="(v) => v !== undefined && edit((b) => (b.leastDryFilmMm = v))"
      /></NamedField>
      <NamedField group name="Steepest slope"
        ><SourcedInput
          :model-value="buildUp.slopeMaxPct"
          quantity="fall"
          label="Steepest slope"
          optional
          @update:model-value="
            (v) =>
              edit((b) => {
                if (v === undefined) delete b.slopeMaxPct;
                else b.slopeMaxPct = v;
              })
          "
      /></NamedField>
      <NamedField wide name="Films are accepted when"
        ><PickList
          :model-value="buildUp.acceptance"
          label="Acceptance"
          :options="rules"
          @update:model-value="(v) => edit((b) => (b.acceptance = v as BuildUp['acceptance']))"
      /></NamedField>
      <NamedField wide name="In short"
        ><TextInput
          :model-value="buildUp.summary"
          :most="400"
          long
          label="Summary"
          @update:model-value="(v) => edit((b) => (b.summary = v.trim()))"
      /></NamedField>
      <NamedField group name="Lasts, years"
        ><SourcedInput
          :model-value="buildUp.upkeep?.lifeYears"
          quantity="years"
          hide-unit
          label="Lasts, years"
          :above="0"
          :max="80"
          optional
          @update:model-value="(v) => setUpkeep('lifeYears', v)"
      /></NamedField>
      <NamedField group name="Coated again every, years"
        ><SourcedInput
          :model-value="buildUp.upkeep?.recoatYears"
          quantity="years"
          hide-unit
          label="Coated again every, years"
          :above="0"
          :max="60"
          optional
          @update:model-value="(v) => setUpkeep('recoatYears', v)"
      /></NamedField>
      <NamedField group name="Looked at, times a year"
        ><SourcedInput
          :model-value="buildUp.upkeep?.inspectPerYear"
          quantity="count"
          label="Looked at, times a year"
          :above="0"
          :max="12"
          optional
          @update:model-value="(v) => setUpkeep('inspectPerYear', v)"
      /></NamedField>
      <fieldset v-if="buildUp.upkeep" class="wide again">
        <legend>Laid again at a recoat</legend>
        <el-checkbox-group
          :model-value="buildUp.upkeep.recoatLayers"
          @update:model-value="
            (v: unknown) =>
              edit(
                (b) =>
                  b.upkeep &&
                  (b.upkeep.recoatLayers = (v as string[]).filter((id) => b.layers.some((l) => l.id === id))),
              )
          "
        >
          <el-checkbox v-for="l in buildUp.layers" :key="l.id" :value="l.id">{{ l.name }}</el-checkbox>
        </el-checkbox-group>
      </fieldset>
      <NamedField wide name="Cautions, a line each"
        ><TextInput
          :model-value="cautionLines"
          :most="8000"
          long
          label="Cautions"
          @update:model-value="(v) => edit((b) => (b.cautions = lines(v)))"
      /></NamedField>
    </div>
    <h3>Options, where practice differs</h3>
    <p v-for="c in buildUp.choices" :key="c.id">
      <strong>{{ c.name }}:</strong> {{ c.options.map((o) => o.name).join(', ') }}
      <el-button text @click="dropChoice(c.id)">Take out</el-button>
    </p>
    <form class="fields" @submit.prevent="addChoice">
      <NamedField name="What differs"
        ><el-input v-model="naming.name" maxlength="120" aria-label="What differs"
      /></NamedField>
      <NamedField name="Its options, with commas between"
        ><el-input v-model="naming.options" maxlength="300" aria-label="Options"
      /></NamedField>
      <div class="bottom"><el-button native-type="submit">Add the options</el-button></div>
    </form>
  </details>
</template>

<style scoped>
.whole {
  border: var(--stroke) solid var(--line);
  border-radius: var(--r);
  background: var(--sheet);
  padding: var(--s2) var(--s4);
  margin: var(--s3) 0;
}
summary > .quiet {
  margin-left: var(--s2);
}
summary {
  cursor: pointer;
  min-height: 32px;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(210px, 1fr));
  gap: var(--s2) var(--s4);
  margin: var(--s2) 0;
}
.wide {
  grid-column: 1 / -1;
}
.again legend {
  font-size: var(--t-s);
  color: var(--ink-2);
  padding: 0;
}
.again {
  border: 0;
  padding: 0;
  margin: 0;
}
.bottom {
  align-self: end;
}
</style>
