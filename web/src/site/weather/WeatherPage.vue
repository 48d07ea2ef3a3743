<script setup lang="ts">
/** Where the job lies, who tells its weather, and the hours that are known. */
import { computed, ref } from 'vue';
import { ElMessage } from 'element-plus';
import { at, hourOf, type WeatherSeries } from '@lentum/core/weather';
import { api, sentenceOf } from '../../app/api.ts';
import { MS_PER_HOUR } from '@lentum/core/units';
import { useAllRoofs } from '../../app/chosenzone.ts';
import { useJob } from '../../app/job.ts';
import { sure } from '../../app/asking.ts';
import JobSources from './JobSources.vue';
import HoursDialog from './HoursDialog.vue';
import SeasonPanel from './SeasonPanel.vue';

const job = useJob();
useAllRoofs();
const doc = computed(() => job.weather.doc.draft);
const asking = ref(false);

async function ask(): Promise<void> {
  asking.value = true;
  try {
    await job.weather.refresh();
  } catch (error) {
    ElMessage.error(sentenceOf(error));
  } finally {
    asking.value = false;
  }
}
const DEGREES = [
  { key: 'latitudeDeg', name: 'North, degrees', label: 'Latitude, degrees north', most: 90 },
  { key: 'longitudeDeg', name: 'East, degrees', label: 'Longitude, degrees east', most: 180 },
] as const;
const setPlace = (key: 'latitudeDeg' | 'longitudeDeg', value: number | undefined): void => {
  if (value === undefined) return;
  const draft = job.weather.doc.draft;
  draft.place = { latitudeDeg: 0, longitudeDeg: 0, ...draft.place, [key]: value };
};
/** Sources that are asked, by name. */
const asked = ref<readonly string[]>([]);
/** What a service tells comes again: only what a person added, or a source that is no longer asked told, is withdrawn. */
const comesAgain = (s: WeatherSeries | undefined): boolean =>
  s !== undefined &&
  (doc.value.service === 'sources'
    ? asked.value.includes(s.source)
    : s.simulated && doc.value.service !== 'none');
/** Series by their source, the newest first. */
const sources = computed(() => {
  const found = new Map<string, WeatherSeries[]>();
  for (const s of job.weather.series) {
    const key = `${s.kind}/${s.source}`;
    found.set(key, [...(found.get(key) ?? []), s]);
  }
  return [...found.values()].map((list) => {
    const issued = Math.max(...list.map((s) => Date.parse(s.issuedAt)));
    const from = Math.min(...list.map((s) => Date.parse(s.startAt)));
    const to = Math.max(...list.map((s) => Date.parse(s.startAt) + s.hours * MS_PER_HOUR));
    const [first] = list;
    return {
      kind: first?.kind,
      source: first?.source ?? '',
      issued,
      from,
      to,
      members: first?.members?.length ?? 0,
      mine: comesAgain(first) ? [] : list.map((x) => x.id),
    };
  });
});
async function withdraw(s: { readonly source: string; readonly mine: readonly string[] }): Promise<void> {
  const what = `The hours of ${s.source} are no longer looked at. What a file said can be added again.`;
  if (!(await sure('Withdraw these hours?', what, 'Withdraw', 'Keep'))) return;
  try {
    for (const id of s.mine)
      await api.POST('/jobs/{jobId}/weather/series/{seriesId}/withdraw', {
        ...{ params: { path: { jobId: job.id, seriesId: id } }, body: {} },
      });
    await job.weather.readSeries();
  } catch (error) {
    ElMessage.error(sentenceOf(error));
  }
}
const importing = ref(false);
/** The newest typical or past year, for the season. */
const year = computed(() => job.weather.series.filter((s) => s.kind === 'climate').at(-1));
const now = computed(() => {
  const line = job.weather.view?.line;
  if (!line) return undefined;
  const hour = hourOf(line, job.nowMs);
  return {
    air: at(line, 'airC', hour),
    humidity: at(line, 'humidityPct', hour),
    wind: at(line, 'windMPerS', hour),
  };
});
</script>

<template>
  <div class="weather">
    <section aria-label="Place">
      <h2 class="minor">Where it lies</h2>
      <div class="fields">
        <label v-for="f in DEGREES" :key="f.key"
          >{{ f.name }}
          <el-input-number
            :model-value="doc.place?.[f.key] ?? null"
            :min="-f.most"
            :max="f.most"
            :precision="4"
            :controls="false"
            :aria-label="f.label"
            @change="(v: number | undefined) => setPlace(f.key, v)"
          />
        </label>
      </div>
      <p class="quiet">South and west are below zero. The sun, and with it the surface, goes by this.</p>
    </section>
    <section aria-label="Who tells the weather">
      <h2 class="minor">Who tells the weather</h2>
      <el-radio-group v-model="doc.service" aria-label="Weather service">
        <el-radio value="none">nobody: files and readings only</el-radio>
        <el-radio value="simulated">the stand-in: made up, for practice</el-radio>
        <el-radio value="sources">sources of the firm, over the network</el-radio>
      </el-radio-group>
      <JobSources v-if="doc.service === 'sources'" @names="(names) => (asked = names)" />
      <p v-if="doc.service !== 'none' && !doc.place" class="quiet">
        They are asked once it is said where it lies.
      </p>
      <p>
        <el-button :loading="asking" :disabled="doc.service === 'none' || !doc.place" @click="ask"
          >Ask now</el-button
        >
      </p>
    </section>
    <section aria-label="Hours that are known">
      <h2 class="minor">Hours that are known</h2>
      <p v-if="now && now.air !== undefined">
        Now: air {{ job.say(now.air, 'temperature')
        }}<template v-if="now.humidity !== undefined"
          >, humidity {{ job.say(now.humidity, 'percent') }}</template
        ><template v-if="now.wind !== undefined">, wind {{ job.say(now.wind, 'speed') }}</template
        >.
      </p>
      <div v-if="sources.length > 0" class="scroll-x">
        <table>
          <thead>
            <tr>
              <th scope="col">Source</th>
              <th scope="col">Kind</th>
              <th scope="col">From</th>
              <th scope="col">To</th>
              <th scope="col">Issued</th>
              <th scope="col"><span class="visually-hidden">What can be done</span></th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="s in sources" :key="`${s.kind}${s.source}`">
              <td>{{ s.source }}</td>
              <td>
                {{ s.kind }}<template v-if="s.members > 0">, {{ s.members }} ways</template>
              </td>
              <td>{{ job.time(s.from) }}</td>
              <td>{{ job.time(s.to) }}</td>
              <td>{{ job.time(s.issued) }}</td>
              <td>
                <el-button
                  v-if="s.mine.length > 0"
                  text
                  size="small"
                  :aria-label="`Withdraw the hours of ${s.source}`"
                  @click="withdraw(s)"
                  >Withdraw</el-button
                >
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <p v-else class="quiet">None yet.</p>
      <p v-for="w in job.weather.warnings" :key="w" class="warn">{{ w }}</p>
      <p><el-button @click="importing = true">Add hours from a file</el-button></p>
    </section>
    <SeasonPanel v-if="year" :series="year" />
    <HoursDialog v-if="importing" v-model="importing" />
  </div>
</template>

<style scoped>
.el-radio-group {
  flex-direction: column;
  align-items: flex-start;
}
.el-radio {
  height: auto;
  min-height: 36px;
  margin-right: 0;
}
.el-radio :deep(.el-radio__label) {
  white-space: normal;
}
.weather {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--s6);
  max-width: 60rem;
}
.fields {
  display: flex;
  flex-wrap: wrap;
  gap: var(--s4);
}
.fields label {
  display: grid;
  gap: var(--s1);
  font-weight: 600;
}
th {
  text-align: left;
}
.warn {
  color: var(--amber);
}
</style>
