<script setup lang="ts">
/** The film of a roof coat by coat, or of all of them dry: the map, how well it is known, where to read, and as files. */
import { computed, ref } from 'vue';
import type { BuildUp } from '@lentum/core/buildup';
import { verdictText } from '@lentum/core/figures';
import {
  coatsRead,
  FILM_COLUMNS,
  filmGeoJson,
  filmMap,
  filmRows,
  placesToRead,
  totalFilmMap,
} from '@lentum/core/proving';
import type { BayStatus } from '@lentum/core/record';
import type { Zone, ZoneQuantities } from '@lentum/core/survey';
import { useJob } from '../app/job.ts';
import { worded } from '../app/wording.ts';
import { saveCsvFile } from '../shared/csv.ts';
import FigureText from '../shared/FigureText.vue';
import PickList from '../shared/PickList.vue';
import { saveFile } from '../shared/savefile.ts';
import { useUnits } from '../shared/units.ts';
import FilmByBay from './FilmByBay.vue';
import FilmPlan from './FilmPlan.vue';

const props = defineProps<{
  zone: Zone;
  quantities: ZoneQuantities;
  bays: readonly BayStatus[];
  buildUp: BuildUp;
}>();
const emit = defineEmits<{ choose: [bayId: string] }>();
const job = useJob();
const { say } = useUnits();
const ALL = 'all';

const coats = computed(() => coatsRead(props.bays));
const practice = computed(() => job.state?.practice);
const total = computed(() =>
  practice.value ? totalFilmMap(props.bays, props.buildUp, props.quantities, practice.value) : undefined,
);
/** None until all of them can be told: what is shown unasked is the last, and it would move under whoever chooses. */
const options = computed(() =>
  practice.value
    ? [
        ...coats.value.map((c) => ({ value: c.id, label: `${c.name}, wet` })),
        ...(total.value ? [{ value: ALL, label: 'All coats, dry' }] : []),
      ]
    : [],
);
const picked = ref<string>();
const of = computed(() =>
  options.value.some((o) => o.value === picked.value) ? picked.value : options.value.at(-1)?.value,
);
const coat = computed(() => coats.value.find((c) => c.id === of.value));
const map = computed(() => {
  if (!practice.value) return undefined;
  return coat.value
    ? filmMap(props.bays, props.buildUp, coat.value, props.quantities, practice.value)
    : total.value;
});
/** A film that has set is read wet no more. */
const toLay = computed(() =>
  props.bays.filter((b) => coat.value && !b.laid.some((l) => l.coat.id === coat.value?.id)),
);
const reading = ref(false);
const toRead = computed(() =>
  reading.value && map.value && practice.value
    ? placesToRead(props.quantities, toLay.value, map.value, practice.value)
    : [],
);
const reach = computed(() => say(practice.value?.filmMapReach.value ?? 0, 'length'));
const head = computed(() => {
  const n = map.value?.points.length ?? 0;
  return `${n} ${n === 1 ? 'spot' : 'spots'} read; no colour where none is within ${reach.value}`;
});
const known = computed(() => {
  const m = map.value;
  if (!m) return '';
  if (!m.leftOut) return 'Too few spots lie near each other to say anything between them.';
  const mm = (v: number): string => say(v, 'film');
  const flat = m.power === 0 ? ' Place tells nothing here: the map is the mean.' : '';
  return `Left out in turn, a reading is found again within ${mm(m.leftOut.surface)}; by the nearest within ${mm(m.leftOut.nearest)}, by the mean within ${mm(m.leftOut.mean)}.${flat}`;
});

const picture = ref<HTMLElement>();
const name = (end: string): string => `film ${props.zone.code} ${coat.value?.name ?? 'all coats'}.${end}`;
const busy = ref(false);
async function png(): Promise<void> {
  if (!picture.value) return;
  busy.value = true;
  try {
    const { toBlob } = await import('html-to-image');
    const blob = await toBlob(picture.value, { pixelRatio: 2, backgroundColor: '#ffffff', skipFonts: true });
    if (blob) saveFile(blob, name('png'), 'image/png');
  } finally {
    busy.value = false;
  }
}
const geojson = (): void => {
  const text = map.value && filmGeoJson(map.value, props.zone, job.documents.survey.content);
  if (text) saveFile(`${JSON.stringify(text)}\n`, name('geojson'), 'application/geo+json');
};
const onGlobe = computed(() => job.documents.survey.content.origin !== undefined);
const csv = (): void => {
  if (map.value) saveCsvFile([[...FILM_COLUMNS], ...filmRows(map.value)], name('csv'));
};
const patchWords = (i: number): string => {
  const p = map.value?.patches[i];
  if (!p) return '';
  return verdictText(
    [
      `${p.bays.join(', ')}: ${p.isSure ? 'thin' : 'perhaps thin'}, `,
      { figure: p.area },
      `, down to ${say(p.lowestMm, 'film')}, under ${say(map.value?.least.value ?? 0, 'film')}; `,
    ],
    job.written,
    (ms) => job.time(ms),
  );
};
</script>

<template>
  <section aria-label="Film as laid">
    <div class="head">
      <h2>Film as laid</h2>
      <PickList
        v-if="options.length > 1"
        class="end which"
        label="Film of"
        :options="options"
        :model-value="of ?? ''"
        @update:model-value="picked = $event"
      />
      <span v-else class="quiet end">{{ options[0]?.label }}</span>
    </div>
    <template v-if="map">
      <p class="quiet">{{ worded(head) }}</p>
      <div ref="picture" class="picture">
        <FilmPlan
          :zone="zone"
          :quantities="quantities"
          :bays="bays"
          :map="map"
          :to-read="toRead"
          @choose="emit('choose', $event)"
        />
      </div>
      <dl class="figures">
        <div>
          <dd><FigureText :figure="map.mean" /></dd>
          <dt>mean; wanted <FigureText :figure="map.design" /></dt>
        </div>
        <div>
          <dd><FigureText :figure="map.lowest" /></dd>
          <dt>lowest spot; least <FigureText :figure="map.least" /></dt>
        </div>
      </dl>
      <p>{{ known }}</p>
      <p v-if="reading" class="quiet">
        Crosses: as the coat goes on, {{ practice?.spotsPer10M2.value }} spots on
        {{ say(10, 'area', { digits: 0 }) }}; round what may be thin twice as close, once it is dry.
      </p>
      <ul v-if="map.patches.length > 0" class="patches">
        <li v-for="(p, i) in map.patches" :key="i" :class="{ sure: p.isSure }">
          {{ patchWords(i) }}<FigureText :figure="p.missing" /> missing by the map.
        </li>
      </ul>
      <p v-else-if="map.grid" class="quiet">No patch lies under the least film by the map.</p>
      <div class="bar">
        <el-checkbox v-model="reading"
          >Where to read{{ reading ? `: ${toRead.length} more` : '' }}</el-checkbox
        >
        <el-button :loading="busy" @click="png">Picture</el-button>
        <el-button v-if="onGlobe" @click="geojson">GeoJSON</el-button>
        <el-button @click="csv">CSV</el-button>
      </div>
      <FilmByBay v-if="coat" :bays="bays" :layer-id="coat.id" />
    </template>
    <p v-else class="quiet">No wet film was read on this roof yet.</p>
  </section>
</template>

<style scoped>
.which {
  width: 230px;
}
.picture {
  margin-top: var(--s2);
}
.figures {
  display: flex;
  flex-wrap: wrap;
  gap: var(--s3) var(--s6);
  margin: var(--s3) 0;
}
.figures dd {
  margin: 0;
  font-size: var(--t-xl);
  font-weight: 700;
}
.figures dt {
  color: var(--ink-2);
}
.patches {
  padding-left: var(--s4);
}
.patches .sure {
  color: var(--red);
}
.bar {
  margin: var(--s3) 0;
}
@media (max-width: 720px) {
  .which {
    width: 100%;
  }
}
</style>
