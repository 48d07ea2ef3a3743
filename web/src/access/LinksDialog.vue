<script setup lang="ts">
/** Links by which somebody without an account reads this job: the ones that there are, and a new one. */
import { ElMessage } from 'element-plus';
import { onMounted, reactive, ref } from 'vue';
import { bodyOf } from '@lentum/client';
import { api } from '../app/api.ts';
import { sure } from '../app/asking.ts';
import PickList from '../shared/PickList.vue';
import { when } from '../app/time.ts';
import AddressPicture from './AddressPicture.vue';
import { copyAddress, sharedAddress } from './codewords.ts';
import { filledRule } from './loginrules.ts';
import { useSendForm } from './sendform.ts';
import { useAttempt } from '../shared/attempt.ts';

interface Link {
  readonly id: string;
  readonly opens: 'job' | 'handover';
  readonly forWhom: string;
  readonly madeBy: string;
  readonly until: string;
  readonly endedAt: string | null;
  readonly opened: number;
  readonly openedAt: string | null;
}
const props = defineProps<{ jobId: string }>();
const emit = defineEmits<{ close: [] }>();
const { jobId } = props;
const ofJob = { params: { path: { jobId } } };
const links = ref<readonly Link[]>();
const { trouble: fault, attempt } = useAttempt();
const load = (): Promise<void> =>
  attempt(async () => {
    links.value = bodyOf(await api.GET('/jobs/{jobId}/links', ofJob)).links;
  });
onMounted(load);

const isOver = (l: Link): boolean => l.endedAt !== null || Date.parse(l.until) <= Date.now();
const standing = (l: Link): string =>
  l.endedAt !== null
    ? `ended ${when(l.endedAt)}`
    : `${isOver(l) ? 'was good' : 'good'} until ${when(l.until)}`;
const opened = (l: Link): string =>
  l.openedAt === null
    ? 'not opened yet'
    : `opened ${l.opened === 1 ? 'once' : `${l.opened} times`}, last ${when(l.openedAt)}`;
const end = (l: Link): Promise<void> =>
  attempt(async () => {
    if (!(await sure(`End the link for ${l.forWhom}?`, 'Whoever reads by it now is out at once.', 'End it')))
      return;
    const path = { jobId, linkId: l.id };
    await api.POST('/jobs/{jobId}/links/{linkId}/end', { params: { path }, body: {} });
    await load();
  });

const PAGES = [
  { value: 'handover', label: 'the handover' },
  { value: 'job', label: 'the roof as it stands today' },
];
const TIMES = [
  { value: '7', label: 'a week' },
  { value: '30', label: '30 days' },
  { value: '90', label: '90 days' },
  { value: '365', label: 'a year' },
];
const making = ref(false);
const form = reactive<{ forWhom: string; opens: Link['opens']; days: string }>({
  ...{ forWhom: '', opens: 'handover', days: '30' },
});
const rules = { forWhom: [filledRule('For whom')] };
const { busy, trouble, send } = useSendForm();
const made = ref<{ readonly forWhom: string; readonly address: string; readonly until: string }>();
const make = (): Promise<void> =>
  send(async () => {
    const { forWhom, opens } = form;
    const asked = { forWhom, opens, days: Number(form.days) };
    const body = bodyOf(await api.POST('/jobs/{jobId}/links', { ...ofJob, body: asked }));
    made.value = { forWhom, address: sharedAddress(location.origin, body.secret), until: body.until };
    making.value = false;
    form.forWhom = '';
    await load();
  });
async function copy(): Promise<void> {
  ElMessage(await copyAddress(made.value?.address ?? ''));
}
</script>

<template>
  <el-dialog :model-value="true" title="Links to share" width="640px" @close="emit('close')">
    <section v-if="made" aria-label="The new link">
      <p class="address">{{ made.address }}</p>
      <p>
        For {{ made.forWhom }}, until {{ when(made.until) }}. It is shown only now. Whoever has it reads this
        job, without prices.
      </p>
      <AddressPicture :address="made.address" :alt="`The link for ${made.forWhom}, for a camera`" />
      <el-button type="primary" @click="copy">Copy it</el-button>
    </section>
    <p v-else class="quiet">
      Somebody without an account, such as a client or an architect, opens the link and reads this job until
      its day: without prices, and nothing is changed by them.
    </p>
    <p v-if="fault" class="problem" role="alert">{{ fault }}</p>
    <ul v-if="links && links.length > 0" class="links">
      <li v-for="l in links" :key="l.id" :class="{ over: isOver(l) }">
        <div>
          <strong>{{ l.forWhom }}</strong>
          <div class="quiet">
            opens on {{ PAGES.find((p) => p.value === l.opens)?.label }}; {{ standing(l) }}; {{ opened(l) }};
            made by
            {{ l.madeBy }}
          </div>
        </div>
        <el-button
          v-if="!isOver(l)"
          size="small"
          :aria-label="`End the link for ${l.forWhom}`"
          @click="end(l)"
          >End</el-button
        >
      </li>
    </ul>
    <el-form
      v-if="making"
      id="link-form"
      ref="formRef"
      :model="form"
      :rules="rules"
      label-position="top"
      hide-required-asterisk
      @submit.prevent="make"
    >
      <el-form-item label="For whom" prop="forWhom">
        <el-input
          v-model="form.forWhom"
          maxlength="80"
          autocomplete="off"
          placeholder="such as the harbour office"
        />
      </el-form-item>
      <el-form-item label="It opens on">
        <PickList v-model="form.opens" label="It opens on" :options="PAGES" />
      </el-form-item>
      <el-form-item label="It is good for">
        <PickList v-model="form.days" label="It is good for" :options="TIMES" />
      </el-form-item>
      <p v-if="trouble" class="problem" role="alert">{{ trouble }}</p>
    </el-form>
    <template #footer>
      <template v-if="making">
        <el-button @click="making = false">Cancel</el-button>
        <el-button type="primary" native-type="submit" form="link-form" :loading="busy"
          >Make the link</el-button
        >
      </template>
      <template v-else>
        <el-button @click="((making = true), (made = undefined))">New link</el-button>
        <el-button :type="made ? 'default' : 'primary'" @click="emit('close')">Done</el-button>
      </template>
    </template>
  </el-dialog>
</template>

<style scoped>
.address {
  font-family: monospace;
  overflow-wrap: anywhere;
  padding: var(--s2) var(--s3);
  border: var(--stroke) solid var(--line);
}
.links {
  list-style: none;
  margin: var(--s4) 0 0;
  padding: 0;
}
li {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: var(--s3);
  padding: var(--s2) 0;
  border-bottom: var(--stroke) solid var(--line);
}
.over strong {
  font-weight: 400;
}
.el-form {
  margin-top: var(--s4);
}
</style>
