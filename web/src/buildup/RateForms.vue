<script setup lang="ts">
/** A coat's rate in every form at once: the one that was given, and what follows through density and solids. */
import { computed } from 'vue';
import {
  filmRangeOf,
  isCoat,
  leastOf,
  mostOf,
  notchFilm,
  notchOf,
  RATE_BASES,
  rateAs,
  solidsOf,
  type Coat,
} from '@lentum/core/buildup';
import FigureText from '../shared/FigureText.vue';
import { editLayer, setRate, useEditing, type Provenance } from './editing.ts';
import RateInput from './RateInput.vue';
import SourcePick from './SourcePick.vue';
import { RATE_FORM_NAMES } from './rateforms.ts';

const props = defineProps<{ coat: Coat }>();
const editing = useEditing();
const forms = computed(() =>
  RATE_BASES.map((basis) => ({ basis, name: RATE_FORM_NAMES[basis], figure: rateAs(props.coat, basis) })),
);
const least = computed(() => leastOf(props.coat));
const range = computed(() => filmRangeOf(props.coat));
const notch = computed(() => {
  const tool = notchOf(props.coat);
  return tool && notchFilm(tool);
});
const setSource = (from: Provenance): void =>
  editLayer(editing, props.coat.id, (l) => {
    if (!isCoat(l)) return;
    l.rate.source = from.source;
    if (from.cites === undefined) delete l.rate.cites;
    else l.rate.cites = from.cites;
  });
</script>

<template>
  <div class="forms">
    <div class="given">
      <span class="quiet">Rate, in any form</span>
      <span class="line"
        ><RateInput :coat="coat" @change="(r) => setRate(editing, coat.id, r)" />
        <SourcePick :from="coat.rate" :label="`${coat.name}, rate`" @change="setSource"
      /></span>
    </div>
    <div v-for="f in forms" :key="f.basis" :class="{ own: f.basis === coat.rate.basis }">
      <span class="quiet">{{ f.name }}</span><FigureText :figure="f.figure" />
    </div>
    <div>
      <span class="quiet">volume solids</span
      ><FigureText :figure="{ ...solidsOf(coat), quantity: 'share' }" />
    </div>
    <div v-if="least"><span class="quiet">least, wet</span><FigureText :figure="least" /></div>
    <div v-if="range">
      <span class="quiet">range of the sheet, wet</span
      ><span><FigureText :figure="range.from" /> to <FigureText :figure="range.to" /></span>
    </div>
    <div><span class="quiet">most, wet</span><FigureText :figure="mostOf(coat).film" /></div>
    <div v-if="notch"><span class="quiet">the notch leaves</span><FigureText :figure="notch" /></div>
  </div>
</template>

<style scoped>
.forms {
  display: flex;
  flex-wrap: wrap;
  gap: var(--s2) var(--s6);
  padding: var(--s2) 0;
}
.forms > div {
  display: flex;
  flex-direction: column;
}
.own {
  font-weight: 700;
}
.line {
  display: flex;
  align-items: start;
}
</style>
