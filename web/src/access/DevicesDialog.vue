<script setup lang="ts">
/** The devices of somebody, for an owner. */
import { ref } from 'vue';
import type { Account } from './accounts.ts';
import AddDevice from './AddDevice.vue';
import DeviceList from './DeviceList.vue';

defineProps<{ account: Account }>();
const emit = defineEmits<{ close: [] }>();
const adding = ref(false);
</script>

<template>
  <AddDevice
    v-if="adding"
    :path="`/accounts/${account.id}/device-code`"
    :name="account.name"
    @close="adding = false"
  />
  <el-dialog
    v-else
    :model-value="true"
    :title="`Where ${account.name} is signed in`"
    width="640px"
    @close="emit('close')"
  >
    <DeviceList :path="`/accounts/${account.id}/devices`" />
    <template #footer>
      <el-button @click="adding = true">Let a phone in</el-button>
      <el-button type="primary" @click="emit('close')">Done</el-button>
    </template>
  </el-dialog>
</template>
