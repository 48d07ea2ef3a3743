<script setup lang="ts">
/** A source of weather or readings: how it is asked, tried at once, and its answer matched to our columns. */
import { computed, reactive, ref, shallowRef, watch } from 'vue';
import { USUAL_MINUTES, weatherSourceSchema, type AnswerMap, type SourceKind } from '@lentum/core/sources';
import { api } from '../../app/api.ts';
import { useSendForm } from '../../access/sendform.ts';
import { zodRules } from '../../shared/zodrules.ts';
import AddressHelp from './AddressHelp.vue';
import KindChoice from './KindChoice.vue';
import TrySource from './TrySource.vue';
import type { KeptSource } from './kept.ts';
import type { StandIn } from './sourcework.ts';

const props = defineProps<{ kept: KeptSource | undefined }>();
const emit = defineEmits<{ saved: []; close: [] }>();

const before = props.kept?.source;
const form = reactive({
  name: before?.name ?? '',
  kind: before?.kind ?? ('forecast' as SourceKind),
  address: before?.address ?? '',
  keyHeader: before?.keyHeader ?? '',
  key: '',
  forgets: false,
  leastMinutes: before?.leastMinutes ?? USUAL_MINUTES.forecast,
});
const map = shallowRef<AnswerMap | undefined>(before?.map);
const ready = ref(false);

const asked = computed(() => ({
  kind: form.kind,
  address: form.address.trim(),
  ...(form.keyHeader.trim() === '' ? {} : { keyHeader: form.keyHeader.trim() }),
}));
const whole = () => ({ ...asked.value, name: form.name, leastMinutes: form.leastMinutes, map: map.value });
const rules = zodRules(weatherSourceSchema, whole, {
  name: 'Name',
  address: 'Address',
  keyHeader: 'Request head for the key',
  leastMinutes: 'Not asked again within',
});

watch(
  () => form.kind,
  (kind) => (form.leastMinutes = USUAL_MINUTES[kind]),
);
function takeStandIn(standIn: StandIn): void {
  form.address = standIn.address;
  if (form.name.trim() === '') form.name = standIn.name;
  map.value = undefined;
}

const EXAMPLE = 'https://weather.example/hours?lat={latitude}&lon={longitude}';

const { busy, trouble, send } = useSendForm();
const save = (): Promise<void> =>
  send(async () => {
    if (!map.value) return;
    const { time, clock, ...rest } = map.value;
    const matched = {
      ...rest,
      ...(time === undefined ? {} : { time }),
      ...(clock === undefined ? {} : { clock }),
    };
    const key = form.forgets ? { key: null } : form.key === '' ? {} : { key: form.key };
    await api.PUT('/firm/weather-sources/{sourceId}', {
      params: {
        path: { sourceId: props.kept?.id ?? crypto.randomUUID() },
        header: { 'If-Match': `"${props.kept?.version ?? 0}"` },
      },
      body: { source: { ...whole(), map: matched }, ...key },
    });
    emit('saved');
  });
</script>

<template>
  <el-dialog
    :model-value="true"
    width="min(820px, 96vw)"
    :title="kept ? `Change ${kept.source.name}` : 'Add a source'"
    @close="emit('close')"
  >
    <el-form
      id="source-form"
      ref="formRef"
      :model="form"
      :rules="rules"
      label-position="top"
      hide-required-asterisk
      novalidate
      @submit.prevent="save"
    >
      <el-form-item label="What it tells">
        <KindChoice v-model="form.kind" />
      </el-form-item>
      <el-form-item label="Name" prop="name">
        <el-input v-model="form.name" maxlength="80" autocomplete="off" />
      </el-form-item>
      <el-form-item label="Address" prop="address">
        <el-input
          v-model="form.address"
          type="textarea"
          :autosize="{ minRows: 2, maxRows: 5 }"
          maxlength="1000"
          spellcheck="false"
          :placeholder="EXAMPLE"
        />
        <AddressHelp :kind="form.kind" @take="takeStandIn" />
      </el-form-item>
      <div class="pair">
        <el-form-item
          :label="kept?.hasKey ? 'Key (one is kept; a new one replaces it)' : 'Key, where it wants one'"
        >
          <el-input
            v-model="form.key"
            type="password"
            maxlength="500"
            autocomplete="off"
            aria-label="Key"
            :disabled="form.forgets"
          />
          <el-checkbox v-if="kept?.hasKey" v-model="form.forgets">forget the key that is kept</el-checkbox>
        </el-form-item>
        <el-form-item label="Request head for the key, unless {key} is in the address" prop="keyHeader">
          <el-input v-model="form.keyHeader" maxlength="60" autocomplete="off" placeholder="X-Api-Key" />
        </el-form-item>
      </div>
      <el-form-item v-if="form.kind !== 'meter'" label="Not asked again within, minutes" prop="leastMinutes">
        <el-input-number v-model="form.leastMinutes" :min="0" :max="1440" :step="1" />
        <p class="quiet tip">Longer where the answer says that it is good for longer.</p>
      </el-form-item>
      <TrySource
        v-model:map="map"
        v-model:ready="ready"
        :asked="asked"
        :secret="form.key"
        :source-id="kept?.id"
      />
      <p v-if="trouble" class="problem" role="alert">{{ trouble }}</p>
    </el-form>
    <template #footer>
      <span v-if="!ready" class="quiet why">To be kept, an answer has to be tried that can be read.</span>
      <el-button @click="emit('close')">Cancel</el-button>
      <el-button type="primary" native-type="submit" form="source-form" :loading="busy" :disabled="!ready">{{
        kept ? 'Save' : 'Add the source'
      }}</el-button>
    </template>
  </el-dialog>
</template>

<style scoped>
.pair {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(18rem, 100%), 1fr));
  gap: 0 var(--s4);
}
.tip {
  width: 100%;
  margin: 0;
  line-height: 1.5;
}
/* A sentence may be longer than the gap under its field. */
.el-form-item :deep(.el-form-item__error) {
  position: static;
}
.why {
  margin-right: var(--s3);
}
</style>
