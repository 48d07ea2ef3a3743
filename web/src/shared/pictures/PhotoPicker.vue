<script setup lang="ts">
/** Photographs for an entry: taken with the phone or chosen from files, kept here at once, with or without a signal. */
import { Delete } from '@element-plus/icons-vue';
import { ref } from 'vue';
import type { PictureMark } from '@lentum/core/record';
import { sentenceOf } from '../../app/api.ts';
import { useJob } from '../../app/job.ts';
import { keepPhoto, photoDoubts, type Photo } from '../../app/photos.ts';
import { openPhotos } from '../../workers/photowork.ts';
import { useReading } from '../reading.ts';
import ReadingShare from '../ReadingShare.vue';
import DrawOnPicture from './DrawOnPicture.vue';
import MarkedPicture from './MarkedPicture.vue';

const props = defineProps<{
  /** When the entry says that it was; undefined: now. */
  atMs: number | undefined;
}>();
const photos = defineModel<readonly Photo[]>({ required: true });
const marks = defineModel<readonly PictureMark[]>('marks', { required: true });
/** The one that is drawn on. */
const drawn = ref<Photo>();
const job = useJob();
const reading = useReading();
const { share } = reading;
/** Pictures that were chosen together, and how many of them are done. */
const batch = ref<{ readonly of: number; done: number }>();
const trouble = ref<string[]>([]);
const field = ref<HTMLInputElement>();
const MOST = 50;

async function take(files: FileList | null): Promise<void> {
  trouble.value = [];
  const list = [...(files ?? [])];
  if (field.value) field.value.value = '';
  if (list.length === 0) return;
  const reader = openPhotos();
  let isWanted = true;
  const end = (): void => {
    isWanted = false;
    reader.end();
  };
  const all = { of: list.length, done: 0 };
  batch.value = all;
  const isDone = await reading.read(async (progress) => {
    for (const [i, file] of list.entries()) {
      if (!isWanted) break;
      try {
        if (photos.value.length >= MOST) throw new Error(`An entry has at most ${MOST} pictures.`);
        const photo = await keepPhoto(job.id, file, reader.ask);
        if (!isWanted) break;
        if (!photos.value.some((p) => p.id === photo.id)) photos.value = [...photos.value, photo];
      } catch (error) {
        trouble.value.push(sentenceOf(error));
      }
      batch.value = { ...all, done: i + 1 };
      progress((i + 1) / list.length);
    }
    return all;
  }, end);
  if (!isDone) return;
  reading.stop();
  batch.value = undefined;
}
/** Those that are kept stay; the one that is being read, and those after it, are left out. */
function stop(): void {
  const { of = 0, done = 0 } = batch.value ?? {};
  reading.stop();
  batch.value = undefined;
  trouble.value = [
    ...trouble.value,
    `Stopped: ${done} of ${of} pictures were looked at; the others were left out.`,
  ];
}
function leaveOut(photo: Photo): void {
  photos.value = photos.value.filter((p) => p.id !== photo.id);
  marks.value = marks.value.filter((m) => m.picture !== photo.id);
}
const doubts = (photo: Photo): string[] =>
  photoDoubts(photo, {
    atMs: props.atMs ?? job.nowMs,
    nowMs: job.nowMs,
    jobPlace: job.documents.weather.content.place,
    time: (ms) => job.time(ms),
  });
</script>

<template>
  <div class="photos">
    <div class="line">
      <strong>Pictures</strong>
      <el-button class="tap" :loading="batch !== undefined" @click="field?.click()">Add a picture</el-button>
    </div>
    <input
      ref="field"
      class="visually-hidden"
      type="file"
      accept="image/*"
      multiple
      aria-label="Pictures of it"
      tabindex="-1"
      @change="take(($event.target as HTMLInputElement).files)"
    />
    <ReadingShare
      v-if="share !== undefined && batch"
      :says="`Picture ${Math.min(batch.done + 1, batch.of)} of ${batch.of}`"
      :share="share"
      stops="Stop"
      @stop="stop"
    />
    <ul v-if="photos.length > 0">
      <li v-for="p in photos" :key="p.id">
        <MarkedPicture :id="p.id" class="small" :job-id="job.id" :marks="marks" :alt="p.name" size="small" />
        <span class="acts">
          <el-button class="tap" :aria-label="`Draw on ${p.name}`" @click="drawn = p">Draw on it</el-button>
          <el-button
            class="tap"
            text
            :icon="Delete"
            :aria-label="`Leave out ${p.name}`"
            @click="leaveOut(p)"
          />
        </span>
        <p v-for="d in doubts(p)" :key="d" class="doubt" role="status">{{ d }}</p>
        <p v-if="p.isReduced" class="quiet">{{ p.name }} is kept smaller than it was taken.</p>
      </li>
    </ul>
    <p v-for="t in trouble" :key="t" class="problem" role="alert">{{ t }}</p>
    <DrawOnPicture
      v-if="drawn"
      v-model="marks"
      :job-id="job.id"
      :picture="drawn.id"
      :name="drawn.name"
      @close="drawn = undefined"
    />
  </div>
</template>

<style scoped>
.photos {
  margin-top: var(--s3);
}
.line {
  display: flex;
  justify-content: space-between;
  align-items: center;
}
ul {
  list-style: none;
  display: flex;
  flex-wrap: wrap;
  gap: var(--s2);
  padding: 0;
  margin: var(--s2) 0 0;
}
li {
  display: grid;
  gap: var(--s1);
}
.small {
  width: 160px;
  border: var(--stroke) solid var(--line-2);
}
.acts {
  display: flex;
  justify-content: space-between;
}
.doubt {
  color: var(--amber);
  max-width: 40ch;
}
</style>
