<script setup lang="ts">
/** A batch: typed, chosen from those that came or were opened, or read from the code on the container. */
import { Camera } from '@element-plus/icons-vue';
import { computed, nextTick, ref, useId } from 'vue';
import { allOf, batchKey } from '@lentum/core/record';
import { sentenceOf } from '../app/api.ts';
import { useJob } from '../app/job.ts';
import { readBatch } from '../app/readcode.ts';
import { dayWords, toDay } from '../app/time.ts';

const props = defineProps<{
  label: string;
  /** What bears the code, such as "container 1". */
  on: string;
  /** Batches that are likely, the likeliest first. */
  likely?: readonly string[];
}>();
const batch = defineModel<string>({ required: true });
/** The code says until which day it may be used. */
const emit = defineEmits<{ until: [day: string] }>();
const job = useJob();
const field = ref<HTMLInputElement>();
const reading = ref(false);
const trouble = ref('');
/** What the code said beside the batch. */
const until = ref<{ batch: string; day: string }>();

/** Those that came, the last one first. */
const came = computed(() =>
  allOf(job.book, 'stock')
    .map((s) => s.body.batch)
    .reverse(),
);
const known = computed(() => {
  const seen = new Map([...(props.likely ?? []), ...came.value].map((b) => [batchKey(b), b.trim()]));
  return [...seen].flatMap(([key, name]) => (key === '' ? [] : [name]));
});
const MOST_SHOWN = 20;
const list = useId();

async function read(files: FileList | null): Promise<void> {
  const [picture] = files ?? [];
  if (!picture) return;
  reading.value = true;
  trouble.value = '';
  try {
    const found = await readBatch(picture, job.nowMs);
    if (typeof found === 'string') trouble.value = found;
    else {
      batch.value = found.batch;
      until.value = found.until === undefined ? undefined : { batch: found.batch, day: found.until };
      // What holds both takes one after the other.
      await nextTick();
      if (found.until !== undefined) emit('until', found.until);
    }
  } catch (error) {
    trouble.value = `The picture could not be read: ${sentenceOf(error)}`;
  } finally {
    reading.value = false;
    if (field.value) field.value.value = '';
  }
}
const today = computed(() => toDay(job.nowMs, job.timeZone));
const isPast = computed(() => until.value !== undefined && until.value.day < today.value);
</script>

<template>
  <div class="batch">
    <el-input
      v-model="batch"
      class="typed"
      size="large"
      placeholder="batch"
      autocomplete="off"
      :aria-label="label"
      :list="list"
      maxlength="60"
    />
    <datalist :id="list">
      <option v-for="b in known.slice(0, MOST_SHOWN)" :key="b" :value="b" />
    </datalist>
    <el-button
      class="tap"
      :icon="Camera"
      :loading="reading"
      :aria-label="`Read the code on ${on}`"
      title="Read the code on the container"
      @click="field?.click()"
    />
    <input
      ref="field"
      class="visually-hidden"
      type="file"
      accept="image/*"
      capture="environment"
      :aria-label="`Picture of the code on ${on}`"
      tabindex="-1"
      @change="read(($event.target as HTMLInputElement).files)"
    />
    <p v-if="until && until.batch === batch" class="says" :class="{ past: isPast }" role="status">
      Its code says: use by {{ dayWords(until.day) }}{{ isPast ? '. That day is past.' : '.' }}
    </p>
    <p v-if="trouble" class="says problem" role="alert">{{ trouble }}</p>
  </div>
</template>

<style scoped>
.batch {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: var(--s1);
  align-items: center;
}
.says {
  grid-column: 1 / -1;
}
.past {
  color: var(--amber);
}
</style>
