<script setup lang="ts">
/** The picture below the plan: chosen, scaled by two points and a length, faded, taken away. */
import { computed, ref } from 'vue';
import type { Point } from '@lentum/core/geometry';
import { distance } from '@lentum/core/geometry';
import type { Underlay } from '@lentum/core/survey';
import { sentenceOf } from '../app/api.ts';
import MeasureInput from '../shared/MeasureInput.vue';
import { useUnits } from '../shared/units.ts';
import { scaled, takePicture } from './underlay.ts';

const props = defineProps<{ jobId: string; at: Point; points: readonly Point[]; scaling: boolean }>();
const underlay = defineModel<Underlay | undefined>({ required: true });
const emit = defineEmits<{ scaling: [on: boolean] }>();
const { say, unit } = useUnits();
const problem = ref('');
const busy = ref(false);
const length = ref<number>();

async function pick(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  if (!file) return;
  busy.value = true;
  problem.value = '';
  try {
    underlay.value = await takePicture(props.jobId, file, props.at);
  } catch (error) {
    problem.value = sentenceOf(error);
  } finally {
    busy.value = false;
    input.value = '';
  }
}
const between = computed(() => {
  const [a, b] = props.points;
  return a && b ? distance(a, b) : undefined;
});
function apply(): void {
  const [a, b] = props.points;
  if (!underlay.value || !a || !b || length.value === undefined) return;
  underlay.value = scaled(underlay.value, a, b, length.value);
  length.value = undefined;
  emit('scaling', false);
}
</script>

<template>
  <div class="underlay">
    <template v-if="!underlay">
      <label class="quiet" for="underlay-file">A drawing or photo to trace, PNG or JPEG up to 12 MB</label>
      <input id="underlay-file" type="file" accept="image/png,image/jpeg" :disabled="busy" @change="pick" />
    </template>
    <template v-else>
      <span class="quiet">{{ underlay.name }}</span>
      <el-button v-if="!scaling" @click="emit('scaling', true)">Scale by two points</el-button>
      <template v-else>
        <span v-if="between === undefined" class="quiet" role="status">
          Click {{ points.length === 0 ? 'one end' : 'the other end' }} of a length that you know.
        </span>
        <template v-else>
          <label class="quiet"
            >shown as {{ say(between, 'length') }}, it is, {{ unit('length') }}
            <MeasureInput
              v-model="length"
              hide-unit
              optional
              quantity="length"
              label="Known length"
              :above="0"
              :max="2000"
          /></label>
          <el-button type="primary" :disabled="length === undefined" @click="apply">Scale it</el-button>
        </template>
        <el-button text @click="emit('scaling', false)">Cancel</el-button>
      </template>
      <label class="quiet fade" for="underlay-fade"
        >how strong
        <input
          id="underlay-fade"
          type="range"
          min="0.1"
          max="1"
          step="0.1"
          :value="underlay.opacity"
          @change="
            (e) =>
              underlay && (underlay = { ...underlay, opacity: Number((e.target as HTMLInputElement).value) })
          "
        />
      </label>
      <el-button text @click="underlay = undefined">Take the picture away</el-button>
    </template>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
  </div>
</template>

<style scoped>
.underlay {
  display: flex;
  flex-wrap: wrap;
  gap: var(--s2) var(--s4);
  align-items: center;
  padding: var(--s2) 0;
}
.fade {
  display: flex;
  gap: var(--s2);
  align-items: center;
}
</style>
