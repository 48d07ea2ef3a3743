<script setup lang="ts">
/** A figure's formula in words, with the values put in, and the inputs, each of which may open in turn. */
import { computed, ref } from 'vue';
import { isFigure, workingOf, type Figure } from '@lentum/core/figures';
import { worded } from '../app/wording.ts';
import CitedPaper from './CitedPaper.vue';
import { useUnits } from './units.ts';

const props = defineProps<{ figure: Figure }>();
const { say, written } = useUnits();
const opened = ref<string>();

const MOST_NAMED = 8;
const inputs = computed(() => Object.entries(props.figure.inputs));
const long = computed(() => inputs.value.length > MOST_NAMED);
const named = computed(() =>
  props.figure.formula.replace(/\{(\w+)\}/g, (_, key: string) =>
    worded(props.figure.inputs[key]?.label ?? key),
  ),
);
const shown = computed(() => workingOf(props.figure, written.value));
</script>

<template>
  <div class="working">
    <p v-if="!long" class="formula">{{ named }}</p>
    <p class="formula filled">= {{ shown.filled }}</p>
    <p class="formula">
      = <strong>{{ shown.result }}</strong>
    </p>
    <p v-if="shown.inMetric" class="quiet">
      The formula holds in metric units only: it is worked in those, and its answer turned.
    </p>
    <p class="quiet">{{ worded(figure.from) }}</p>
    <table class="dense">
      <tbody>
        <template v-for="[key, input] in inputs" :key="key">
          <tr>
            <td>
              <button
                v-if="isFigure(input)"
                type="button"
                class="open"
                :aria-expanded="opened === key"
                @click="opened = opened === key ? undefined : key"
              >
                {{ worded(input.label) }}
              </button>
              <template v-else>{{ worded(input.label) }}</template>
            </td>
            <td class="num">{{ say(input.value, input.quantity) }}</td>
            <td class="quiet">
              {{ isFigure(input) ? 'computed' : input.source
              }}<span v-if="!isFigure(input) && input.note"><br />{{ worded(input.note) }}</span
              ><span v-if="!isFigure(input) && input.cites"><br /><CitedPaper :cites="input.cites" /></span>
            </td>
          </tr>
          <tr v-if="opened === key && isFigure(input)">
            <td colspan="3" class="inner"><WorkingTree :figure="input" /></td>
          </tr>
        </template>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.formula {
  overflow-wrap: anywhere;
}
.filled {
  color: var(--ink-2);
}
.open {
  border: 0;
  background: none;
  padding: 0;
  font: inherit;
  color: var(--sea);
  text-decoration: underline dotted;
  text-underline-offset: 3px;
  cursor: pointer;
  text-align: left;
}
.inner {
  padding-left: var(--s4);
  border-left: 3px solid var(--line-2);
}
table {
  margin-top: var(--s2);
}
</style>
