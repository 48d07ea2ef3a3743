<script setup lang="ts">
/** The log: what happened is chosen, then told. Problems are said beside the button, once; flags before it is kept. */
import { computed, ref, shallowRef } from 'vue';
import { check, sentence } from '@lentum/core/problems';
import {
  entryProblems,
  kindName,
  readEntry,
  secondFormSchema,
  sharesByArea,
  type Body,
  type Kind,
} from '@lentum/core/record';
import { setOut, type Place } from '@lentum/core/survey';
import { bayRuns } from '@lentum/core/words';
import { makeEntry, NOBODY_YET } from '../../app/entering.ts';
import { useJob } from '../../app/job.ts';
import { noSuchTime, zoneName } from '../../app/time.ts';
import { mayEnterSome } from '../../app/session.ts';
import { worded } from '../../app/wording.ts';
import { useEntryWords } from '../../record/entrywords.ts';
import BayPicker from '../../shared/BayPicker.vue';
import PhotoPicker from '../../shared/pictures/PhotoPicker.vue';
import { usePictures } from '../../shared/pictures/pictures.ts';
import PlacePad from '../../shared/PlacePad.vue';
import { useSending } from '../sending.ts';
import { useLogContext } from './context.ts';
import FieldForm from './FieldForm.vue';
import type { Values } from './fields.ts';
import { inForm } from './saying.ts';
import type { KindForm, LoggedKind } from './form.ts';
import { KIND_FORMS } from './kinds.ts';

const props = defineProps<{
  zoneId: string;
  /** Bays that are chosen to begin with. */
  bays?: readonly string[] | undefined;
  kind?: LoggedKind | undefined;
  /** What is known already. */
  known?: Values | undefined;
}>();
const emit = defineEmits<{ coat: [bays: string[]]; ply: [bays: string[]] }>();
const open = defineModel<boolean>({ required: true });
const job = useJob();
const words = useEntryWords();
const { context, buildUp } = useLogContext(() => props.zoneId);

const zone = computed(() => job.zones.find((z) => z.zone.id === props.zoneId)?.zone);
const bays = computed(() => job.documents.site.content.bays.filter((b) => b.zoneId === props.zoneId));
const picked = ref<string[]>([...(props.bays ?? [])]);
const form = shallowRef<KindForm>();
const values = ref<Values>({});
const { photos, marks, attached } = usePictures();
const place = shallowRef<Place | null>(null);
const shape = computed(() => {
  const q = job.zones.find((z) => z.zone.id === props.zoneId)?.quantities;
  return q?.ok ? { parts: [q.value.polygon], frame: setOut(q.value.shape.corners) } : undefined;
});
const { saving, trouble, send } = useSending(undefined, () => (open.value = false));

const groups = computed(() => {
  const offered = KIND_FORMS.filter((f) => mayEnterSome(f.kind, job.id));
  const names = [...new Set(offered.map((f) => f.group))];
  return names.map((name) => ({
    name,
    forms: offered
      .filter((f) => f.group === name)
      .map((f) => ({
        form: f,
        unless: f.unless?.(context.value),
      })),
  }));
});
function begin(next: KindForm): void {
  form.value = next;
  values.value = { ...next.start(context.value), ...props.known };
  trouble.value = [];
}
const asked = KIND_FORMS.find((f) => f.kind === props.kind);
if (asked) begin(asked);

const fields = computed(() => form.value?.fields(context.value, values.value) ?? []);
const labels = computed(() => bays.value.filter((b) => picked.value.includes(b.id)).map((b) => b.label));
const where = computed(() => {
  if (form.value?.takes === 'job') return {};
  const chosen = bays.value.filter((b) => picked.value.includes(b.id));
  return { zoneId: props.zoneId, bays: sharesByArea(chosen), place: place.value ?? undefined };
});
/** When the entry says that it was, once that can be read. */
const atMs = computed(() => {
  const at = context.value.instant(values.value['at']);
  return at === undefined ? undefined : Date.parse(at);
});
const entry = computed(() => {
  if (!form.value) return undefined;
  const body = form.value.body(values.value, context.value) as Body<Kind>;
  return makeEntry(NOBODY_YET, form.value.kind as Kind, where.value, body as never);
});
const checked = computed(() =>
  entry.value && form.value ? check(secondFormSchema, entry.value, kindName(form.value.kind)) : undefined,
);
const problems = computed(() => {
  if (!checked.value) return [];
  const missing = fields.value.flatMap((f) => {
    const text = values.value[f.key];
    return (f.form === 'time' && typeof text === 'string' && noSuchTime(f.name, text, job.timeZone)) || [];
  });
  if (missing.length > 0) return missing;
  if (checked.value.ok) return entryProblems(checked.value.value, job.rules()).map(sentence);
  return inForm(checked.value.problems, form.value?.name ?? '', {
    names: Object.fromEntries(fields.value.map((f) => [f.key, f.name])),
    times: fields.value.filter((f) => f.form === 'time').map((f) => f.key),
  });
});
const flags = computed(() =>
  checked.value?.ok && problems.value.length === 0
    ? words.flags(readEntry(checked.value.value, job.names))
    : [],
);

async function keep(): Promise<void> {
  trouble.value = [...problems.value];
  const told = form.value;
  if (trouble.value.length > 0 || !told) return;
  const body = told.body(values.value, context.value) as Body<Kind>;
  const says = [bayRuns(labels.value), told.name.toLowerCase()].filter(Boolean).join(': ');
  await send(() => job.tap(says, told.kind as Kind, { ...where.value, ...attached() }, body as never));
}
const keepWords = computed(() =>
  form.value?.takes !== 'job' && labels.value.length > 0 ? `Keep for ${bayRuns(labels.value)}` : 'Keep it',
);
const title = computed(() => `${form.value?.name ?? 'Log'} · ${zone.value?.name ?? ''}`);
const clock = computed(() => zoneName(job.timeZone, job.nowMs));
const hasPlies = computed(
  () =>
    buildUp.value?.layers.some((l) => l.kind === 'sheet' || l.kind === 'protection' || l.kind === 'pieces') ??
    false,
);
const hasCoats = computed(() => buildUp.value?.layers.some((l) => l.kind === 'coat') ?? false);
</script>

<template>
  <el-drawer v-model="open" :title="title" size="min(620px, 100vw)">
    <template v-if="!form">
      <section v-for="g in groups" :key="g.name" class="group">
        <h3 class="minor">{{ worded(g.name) }}</h3>
        <ul>
          <template v-if="g.name === 'Laying' && bays.length > 0">
            <li v-if="hasCoats">
              <button type="button" @click="emit('coat', picked)">
                <strong>Coat</strong><span class="quiet">One bay, or a shift over several.</span>
              </button>
            </li>
            <li v-if="hasPlies">
              <button type="button" @click="emit('ply', picked)">
                <strong>Sheet, board or pieces</strong
                ><span class="quiet">What was laid, from which batch.</span>
              </button>
            </li>
          </template>
          <li v-for="f in g.forms" :key="f.form.kind">
            <button type="button" :disabled="f.unless !== undefined" @click="begin(f.form)">
              <strong>{{ worded(f.form.name) }}</strong><span class="quiet">{{
                worded(f.unless ?? f.form.says)
              }}</span>
            </button>
          </li>
        </ul>
      </section>
    </template>
    <template v-else>
      <p class="back">
        <el-button v-if="!kind" text @click="form = undefined">Something else</el-button>
        <span class="quiet">{{ worded(form.says) }}</span>
      </p>
      <BayPicker
        v-if="form.takes !== 'job' && bays.length > 0"
        v-model="picked"
        :bays="bays"
        :optional="form.takes === 'zone'"
      />
      <FieldForm v-model="values" :fields="fields" :clock="clock" />
      <PlacePad
        v-if="form.pinned && shape"
        v-model="place"
        :parts="shape.parts"
        :frame="shape.frame"
        title="Where"
        none="No one place"
        :label="`Where on ${zone?.name ?? 'the roof'}`"
        :most-height="220"
      />
      <PhotoPicker v-if="form.takes !== 'job'" v-model="photos" v-model:marks="marks" :at-ms="atMs" />
      <p v-for="f in flags" :key="f.rule + f.says" class="flag" role="status">{{ worded(f.says) }}</p>
    </template>
    <template v-if="form" #footer>
      <p v-for="t in trouble" :key="t" class="problem said" role="alert">{{ t }}</p>
      <el-button class="tap wide" type="primary" :loading="saving" @click="keep">{{ keepWords }}</el-button>
    </template>
  </el-drawer>
</template>

<style scoped>
.group {
  margin-bottom: var(--s4);
}
ul {
  list-style: none;
  margin: var(--s1) 0 0;
  padding: 0;
}
li button {
  width: 100%;
  min-height: var(--tap);
  display: grid;
  text-align: left;
  border: 0;
  border-bottom: var(--stroke) solid var(--line);
  background: none;
  color: var(--ink);
  font: inherit;
  padding: var(--s2) var(--s1);
  cursor: pointer;
}
li button:disabled {
  cursor: default;
}
li button:disabled strong {
  color: var(--ink-2);
}
.back {
  margin-bottom: var(--s3);
}
.flag {
  color: var(--amber);
  margin-top: var(--s3);
}
.said {
  text-align: left;
  margin-bottom: var(--s2);
}
.wide {
  width: 100%;
}
</style>
