<script setup lang="ts">
/** Details made with a product of their own: which, with what, how, and the figures of that way. */
import { computed } from 'vue';
import {
  blankLayer,
  cutsPieces,
  DETAIL_FORMS,
  DETAIL_KINDS,
  detailFacts,
  fits,
  FORM_WORDS,
  freshLayerId,
  isDetailCoat,
  pastOf,
  stripeOf,
  timesLaid,
  type BuildUp,
  type Coat,
  type DetailForm,
  type DetailKind,
  type DetailWay,
} from '@lentum/core/buildup';
import { copy } from '../app/copy.ts';
import { worded } from '../app/wording.ts';
import NamedField from '../shared/NamedField.vue';
import PickList from '../shared/PickList.vue';
import { Option, Select } from '../shared/select.ts';
import { useEditing } from './editing.ts';
import SourcedInput from './SourcedInput.vue';

const props = defineProps<{ buildUp: BuildUp }>();
const editing = useEditing();

const ways = computed(() => props.buildUp.detailWays ?? []);
const products = computed(() => props.buildUp.layers.filter(isDetailCoat));
const productList = computed(() => products.value.map((c) => ({ value: c.id, label: c.name })));
/** Pieces cut from what the rest is cut from. */
const REST = 'rest';
const fabrics = computed(() => [
  { value: REST, label: 'as the rest' },
  ...props.buildUp.layers.filter((l) => l.kind === 'fabric').map((l) => ({ value: l.id, label: l.name })),
]);
const FORMS = DETAIL_FORMS.map((value) => ({ value, label: value }));
const COUNTS = ['1', '2', '3', '4', '5', '6'].map((value) => ({ value, label: value }));

/** Kinds that no other row makes. */
const free = (form: DetailForm, but: number): DetailKind[] =>
  DETAIL_KINDS.filter((k) => fits(form, k) && !ways.value.some((w, i) => i !== but && w.kinds.includes(k)));
const change = (i: number, to: (w: DetailWay) => void): void =>
  editing.edit((b) => {
    const way = b.detailWays?.[i];
    if (way) to(way);
  });
/** A row without kinds would make nothing: the last one stays. */
const setKinds = (i: number, kinds: DetailKind[]): void =>
  change(i, (w) => {
    if (kinds.length > 0) w.kinds = kinds;
  });
/** Another form keeps the kinds that it can make, or begins with the first that is free. */
const setForm = (i: number, form: DetailForm): void =>
  change(i, (w) => {
    const open = free(form, i);
    const kept = w.kinds.filter((k) => open.includes(k));
    const kinds = kept.length > 0 ? kept : open.slice(0, 1);
    if (kinds.length === 0) return;
    w.form = form;
    w.kinds = kinds;
  });
const remove = (i: number): void =>
  editing.edit((b) => {
    const rest = (b.detailWays ?? []).filter((_, n) => n !== i);
    if (rest.length > 0) b.detailWays = rest;
    else delete b.detailWays;
  });
/** A new row, with a product of its own where the build-up has none yet. */
const add = (): void =>
  editing.edit((b) => {
    const [kind] = free('bedded pieces', -1);
    if (!kind) return;
    const product = b.layers.find(isDetailCoat);
    const id = product?.id ?? freshLayerId(b.layers, 'detail');
    if (!product)
      b.layers = [
        ...b.layers,
        { ...(blankLayer('coat', id, 'membrane') as Coat), name: 'Detail grade', treats: 'details' },
      ];
    b.detailWays = [...copy(b.detailWays ?? []), { kinds: [kind], coatId: id, form: 'bedded pieces' }];
  });
const set = <K extends keyof DetailWay>(i: number, key: K, value: DetailWay[K] | undefined): void =>
  change(i, (w) => {
    if (value === undefined) Reflect.deleteProperty(w, key);
    else w[key] = value;
  });
</script>

<template>
  <details class="ways">
    <summary>
      <strong>{{ worded('Details with products of their own') }}</strong>
      <span class="quiet">{{
        ways.length === 0
          ? worded('none: all are made with the field’s coat or sheet')
          : worded(ways.flatMap((w) => w.kinds.map((k) => detailFacts(k).name.toLowerCase())).join(', '))
      }}</span>
    </summary>
    <fieldset v-for="(w, i) in ways" :key="i" class="way">
      <legend>
        {{ worded(`${products.find((c) => c.id === w.coatId)?.name ?? 'Product'}: ${FORM_WORDS[w.form]}`) }}
      </legend>
      <div class="fields">
        <NamedField name="Details made so" class="kinds"
          ><component
            :is="Select"
            :model-value="w.kinds"
            multiple
            filterable
            :persistent="false"
            :aria-label="worded(`Details made so, row ${i + 1}`)"
            @update:model-value="(v: DetailKind[]) => setKinds(i, v)"
            ><component
              :is="Option"
              v-for="k in free(w.form, i)"
              :key="k"
              :value="k"
              :label="worded(detailFacts(k).name)" /></component
        ></NamedField>
        <NamedField name="With"
          ><PickList
            :model-value="w.coatId"
            :label="`Product, row ${i + 1}`"
            :options="productList"
            @update:model-value="(v) => set(i, 'coatId', v)"
        /></NamedField>
        <NamedField name="How"
          ><PickList
            :model-value="w.form"
            :label="`How it is made, row ${i + 1}`"
            :options="FORMS"
            @update:model-value="(v) => setForm(i, v as DetailForm)"
        /></NamedField>
        <NamedField v-if="w.form === 'coats alone' || w.form === 'liquid flashing'" name="Coats"
          ><PickList
            :model-value="String(timesLaid(w))"
            :label="`Coats, row ${i + 1}`"
            :options="COUNTS"
            @update:model-value="(v) => set(i, 'coats', Number(v))"
        /></NamedField>
        <NamedField v-if="w.form === 'stripe'" name="Width of the stripe"
          ><SourcedInput
            :model-value="stripeOf(w)"
            quantity="lap"
            :label="`Width of the stripe, row ${i + 1}`"
            @update:model-value="(v) => v && set(i, 'widthMm', v)"
        /></NamedField>
        <NamedField v-if="w.form === 'thick patch'" name="Past the damage"
          ><SourcedInput
            :model-value="pastOf(w)"
            quantity="lap"
            :label="`Past the damage, row ${i + 1}`"
            @update:model-value="(v) => v && set(i, 'pastMm', v)"
        /></NamedField>
        <NamedField v-if="cutsPieces(w.form)" name="Pieces cut from"
          ><PickList
            :model-value="w.cutFrom ?? REST"
            :label="`Pieces cut from, row ${i + 1}`"
            :options="fabrics"
            @update:model-value="(v) => set(i, 'cutFrom', v === REST ? undefined : v)"
        /></NamedField>
        <NamedField v-if="w.form === 'liquid flashing'" name="Granules in the last coat"
          ><SourcedInput
            :model-value="w.granulesKgPerM2"
            quantity="rateMass"
            :label="`Granules in the last coat, row ${i + 1}`"
            optional
            @update:model-value="(v) => set(i, 'granulesKgPerM2', v)"
        /></NamedField>
      </div>
      <p class="last">
        <el-checkbox
          :model-value="w.abrade === true"
          @update:model-value="(on: unknown) => set(i, 'abrade', on === true ? true : undefined)"
          >{{ worded('abraded once cured, before the field’s coat') }}</el-checkbox
        >
        <el-button text @click="remove(i)">{{ worded('Take out') }}</el-button>
      </p>
    </fieldset>
    <p class="quiet">
      {{
        worded(
          'A row’s product is a coat that keeps to details; its rate is that of one coat or course. It stands in for the first membrane coat there; the coats over it go up as usual.',
        )
      }}
    </p>
    <el-button @click="add">{{ worded('Add a product for details') }}</el-button>
  </details>
</template>

<style scoped>
.ways {
  margin-top: var(--s3);
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
.way {
  margin: var(--s3) 0;
  border: var(--stroke) solid var(--line);
  padding: var(--s2) var(--s3);
}
legend {
  font-weight: 600;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(220px, 1fr));
  gap: var(--s3) var(--s4);
}
.kinds {
  grid-column: 1 / -1;
}
.ways > .el-button {
  margin-top: var(--s2);
}
.last {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  margin: var(--s2) 0 0;
}
</style>
