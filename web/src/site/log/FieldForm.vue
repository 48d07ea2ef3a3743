<script setup lang="ts">
/** A form out of its fields. What was typed stays as it was typed; the entry is made of it elsewhere. */
import { worded } from '../../app/wording.ts';
import { Delete } from '@element-plus/icons-vue';
import BatchInput from '../../shared/BatchInput.vue';
import MeasureInput from '../../shared/MeasureInput.vue';
import PickList from '../../shared/PickList.vue';
import type { Field, Values } from './fields.ts';
import GaugeFile from './GaugeFile.vue';

const props = defineProps<{ fields: readonly Field[]; clock: string; within?: string }>();
const values = defineModel<Values>({ required: true });

const shown = (): readonly Field[] => props.fields.filter((f) => f.when?.(values.value) ?? true);
const set = (key: string, value: unknown): void => void (values.value = { ...values.value, [key]: value });
const text = (key: string): string => String(values.value[key] ?? '');
const numberOf = (key: string): number | undefined => values.value[key] as number | undefined;
const ticked = (key: string): string[] => (values.value[key] as string[] | undefined) ?? [];
const rows = (key: string): Values[] => (values.value[key] as Values[] | undefined) ?? [];
const label = (f: Field): string => (props.within === undefined ? f.name : `${f.name}, ${props.within}`);
const title = (f: Field): string =>
  f.form === 'time' ? `${f.name}, ${props.clock}` : f.form === 'numbers' ? `${f.name}, ${f.unit}` : f.name;
const setRow = (key: string, i: number, row: Values): void =>
  set(
    key,
    rows(key).map((r, k) => (k === i ? row : r)),
  );
</script>

<template>
  <el-form label-position="top" class="fields" @submit.prevent>
    <template v-for="f in shown()" :key="f.key">
      <el-checkbox
        v-if="f.form === 'flag'"
        size="large"
        class="wide flag"
        :model-value="values[f.key] === true"
        @update:model-value="set(f.key, $event)"
        >{{ worded(f.name) }}</el-checkbox
      >
      <el-form-item
        v-else
        :class="{
          wide:
            f.form === 'rows' ||
            f.form === 'says' ||
            (f.form === 'numbers' && f.fromGauge === true) ||
            f.form === 'ticks' ||
            (f.form === 'words' && f.long),
          moment: f.form === 'time',
        }"
      >
        <template #label
          >{{ worded(title(f)) }}<span v-if="f.optional" class="quiet"> if known</span></template
        >
        <MeasureInput
          v-if="f.form === 'measure'"
          size="large"
          :model-value="numberOf(f.key)"
          :quantity="f.quantity"
          :label="label(f)"
          optional
          v-bind="{
            ...(f.min === undefined ? {} : { min: f.min }),
            ...(f.digits === undefined ? {} : { digits: f.digits }),
          }"
          :max="f.max"
          :above="f.above"
          @update:model-value="set(f.key, $event)"
        />
        <el-input
          v-else-if="f.form === 'words' || f.form === 'numbers'"
          :model-value="text(f.key)"
          :type="f.form === 'words' && f.long ? 'textarea' : 'text'"
          :autosize="{ minRows: 1 }"
          size="large"
          :maxlength="f.form === 'words' ? f.most : 4000"
          :placeholder="f.form === 'words' ? (f.hint ?? '') : 'with blanks between them'"
          :inputmode="f.form === 'numbers' ? 'decimal' : 'text'"
          :aria-label="label(f)"
          @update:model-value="set(f.key, $event)"
        />
        <BatchInput
          v-else-if="f.form === 'batch'"
          :model-value="text(f.key)"
          :label="label(f)"
          :on="within ?? 'the container'"
          @update:model-value="set(f.key, $event)"
          @until="f.until === undefined ? undefined : set(f.until, $event)"
        />
        <PickList
          v-else-if="f.form === 'choice'"
          size="large"
          :model-value="text(f.key)"
          :label="label(f)"
          :options="f.options"
          @update:model-value="set(f.key, $event)"
        />
        <el-checkbox-group
          v-else-if="f.form === 'ticks'"
          :model-value="ticked(f.key)"
          size="large"
          :aria-label="label(f)"
          @update:model-value="set(f.key, $event)"
        >
          <el-checkbox v-for="o in f.options" :key="o.value" :value="o.value">{{
            worded(o.label)
          }}</el-checkbox>
        </el-checkbox-group>
        <input
          v-else-if="f.form === 'time' || f.form === 'date'"
          class="plain when"
          :type="f.form === 'time' ? 'datetime-local' : 'date'"
          :value="text(f.key)"
          :aria-label="label(f)"
          @input="set(f.key, ($event.target as HTMLInputElement).value)"
        />
        <div v-else-if="f.form === 'rows'" class="rows">
          <div v-for="(r, i) in rows(f.key)" :key="i" class="row">
            <FieldForm
              :model-value="r"
              :fields="f.columns"
              :clock="clock"
              :within="`${f.name.toLowerCase()} ${i + 1}`"
              @update:model-value="setRow(f.key, i, $event)"
            />
            <el-button
              text
              :icon="Delete"
              :aria-label="`Remove ${f.name.toLowerCase()} ${i + 1}`"
              @click="
                set(
                  f.key,
                  rows(f.key).filter((_, k) => k !== i),
                )
              "
            />
          </div>
          <el-button class="tap" @click="set(f.key, [...rows(f.key), {}])">{{ f.add }}</el-button>
        </div>
        <p v-else class="quiet">{{ worded(f.says) }}</p>
        <GaugeFile v-if="f.form === 'numbers' && f.fromGauge" @readings="(um) => set(f.key, um.join(' '))" />
      </el-form-item>
    </template>
  </el-form>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 200px), 1fr));
  gap: var(--s2) var(--s3);
  align-items: end;
}
.wide {
  grid-column: 1 / -1;
}
.fields :deep(.el-form-item) {
  margin-bottom: 0;
}
.fields :deep(.el-form-item__label) {
  font-weight: 600;
  color: var(--ink);
  margin-bottom: 2px;
  line-height: 1.35;
  height: auto;
}
.fields :deep(.measure),
.rows {
  width: 100%;
}
.flag {
  white-space: normal;
  height: auto;
  min-height: 40px;
}
.when {
  min-height: var(--tap);
}
.row {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  align-items: end;
  gap: var(--s2);
  border-left: 3px solid var(--line);
  padding-left: var(--s2);
  margin-bottom: var(--s2);
}
.row .fields {
  grid-template-columns: repeat(auto-fit, minmax(110px, 1fr));
}
/* A date with its hour needs the room of two numbers. */
.row .moment {
  grid-column: span 2;
}
</style>
