<script setup lang="ts">
/** Drawing on a picture: an arrow, a circle, a length beside one that is known. The picture stays as it was taken. */
import { Delete } from '@element-plus/icons-vue';
import { ref, shallowRef, toRef, watch } from 'vue';
import type { PictureMark } from '@lentum/core/record';
import { markWords } from '@lentum/core/words';
import { worded } from '../../app/wording.ts';
import MeasureInput from '../MeasureInput.vue';
import PickList from '../PickList.vue';
import { svgPoint } from '../svgpoint.ts';
import TextInput from '../TextInput.vue';
import { useUnits } from '../units.ts';
import MarkedPicture from './MarkedPicture.vue';
import { useMarkDraft, type End, type MarkTool } from './markdraft.ts';

const props = defineProps<{ jobId: string; picture: string; name: string }>();
const marks = defineModel<readonly PictureMark[]>({ required: true });
const emit = defineEmits<{ close: [] }>();
const { say } = useUnits();
const ratio = ref(0);
/** As it is drawn here: what goes out comes back only with the next picture of the page. */
const here = shallowRef<readonly PictureMark[]>(marks.value);
watch(here, (drawn) => (marks.value = drawn));
const draft = useMarkDraft(here, toRef(props, 'picture'), ratio);
const { tool, own } = draft;
const TOOLS = [
  { value: 'arrow', label: 'Arrow' },
  { value: 'circle', label: 'Circle' },
  { value: 'length', label: 'Length' },
];
const NAMES: Readonly<Record<MarkTool, string>> = { arrow: 'Arrow', circle: 'Circle', length: 'Length' };
const ENDS: readonly End[] = ['from', 'to'];
/** A finger is about so wide, in widths of the picture. */
const REACH = 0.035;
const spot = (e: PointerEvent): [number, number] => {
  const [x, y] = svgPoint(e);
  return [x, y];
};
function down(e: PointerEvent): void {
  (e.currentTarget as Element).setPointerCapture(e.pointerId);
  const [x, y] = spot(e);
  const near = own.value
    .flatMap(({ m, i }) => ENDS.map((end) => ({ i, end, d: Math.hypot(m[end][0] - x, m[end][1] - y) })))
    .filter((n) => n.d < REACH)
    .sort((a, b) => a.d - b.d)[0];
  draft.down([x, y], near);
}
function key(e: KeyboardEvent, i: number, end: End): void {
  if (draft.key(e, i, end)) e.preventDefault();
}
/** What its length comes to; what was typed stands beside it. */
const words = ({ says: _typed, ...m }: PictureMark): string =>
  markWords(m, here.value, { mm: (mm) => say(mm, 'lap'), w: (t) => worded(t) });
</script>

<template>
  <el-dialog
    model-value
    :title="`Draw on ${name}`"
    width="min(1000px, 96vw)"
    top="3vh"
    append-to-body
    @close="emit('close')"
  >
    <div class="bar tools">
      <PickList v-model="tool" label="What is drawn" :options="TOOLS" />
      <el-button @click="draft.addInMiddle()">Put it in the middle</el-button>
      <span class="quiet">or drag over the picture; ends that are there can be dragged.</span>
    </div>
    <div class="sheet">
      <MarkedPicture
        :id="picture"
        :job-id="jobId"
        :marks="here"
        :alt="name"
        size="screen"
        @came="ratio = $event"
      >
        <template #default>
          <svg
            v-if="ratio > 0"
            class="over"
            :viewBox="`0 0 1 ${ratio}`"
            role="group"
            aria-label="What is drawn on the picture"
            @pointerdown="down"
            @pointermove="draft.move(spot($event))"
            @pointerup="draft.up()"
            @pointercancel="draft.up()"
          >
            <template v-for="({ m, i }, n) in own" :key="i">
              <circle
                v-for="end in ENDS"
                :key="end"
                :cx="m[end][0]"
                :cy="m[end][1]"
                r="0.014"
                class="end-dot"
                tabindex="0"
                role="button"
                :aria-label="`${NAMES[m.shape]} ${n + 1}, ${end === 'from' ? 'first' : 'second'} end. Arrow keys move it.`"
                @keydown="key($event, i, end)"
              />
            </template>
          </svg>
        </template>
      </MarkedPicture>
    </div>
    <ul v-if="own.length > 0">
      <li v-for="({ m, i }, n) in own" :key="i">
        <strong>{{ NAMES[m.shape] }} {{ n + 1 }}</strong>
        <TextInput
          :model-value="m.says ?? ''"
          :label="`${NAMES[m.shape]} ${n + 1}, what it shows`"
          :most="80"
          @update:model-value="(v: string) => draft.say(i, 'says', v.trim())"
        />
        <MeasureInput
          v-if="m.shape === 'length'"
          :model-value="m.knownMm"
          quantity="lap"
          :label="`Length ${n + 1}, if it is known`"
          :min="1"
          :max="100000"
          :digits="1"
          optional
          @update:model-value="(v: number | undefined) => draft.say(i, 'knownMm', v)"
        />
        <span class="quiet">{{ words(m) }}</span>
        <el-button
          text
          :icon="Delete"
          :aria-label="`Take away ${NAMES[m.shape]} ${n + 1}`"
          @click="draft.remove(i)"
        />
      </li>
    </ul>
    <p v-if="own.some(({ m }) => m.shape === 'length')" class="quiet">
      Lengths are read beside the one that is known. They hold where both lie in one plane that was looked at
      squarely; ± is for the placing of the ends alone.
    </p>
    <template #footer>
      <el-button class="tap" type="primary" @click="emit('close')">Done</el-button>
    </template>
  </el-dialog>
</template>

<style scoped>
.tools {
  margin-bottom: var(--s2);
}
.sheet {
  text-align: center;
}
.sheet > :deep(.picture) {
  width: min(100%, 70vh);
}
.over {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  cursor: crosshair;
  touch-action: none;
}
.end-dot {
  fill: rgb(255 255 255 / 60%);
  stroke: #a8261c;
  stroke-width: 0.003;
  cursor: move;
}
ul {
  list-style: none;
  padding: 0;
  margin: var(--s3) 0;
  display: grid;
  gap: var(--s2);
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: var(--s2);
  align-items: center;
}
li > :deep(.el-input) {
  max-width: 16rem;
}
</style>
