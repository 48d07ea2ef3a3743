<script setup lang="ts">
/** A password that somebody chooses, with what makes a good one. Its form has the rule under `password`. */
import { PASSWORD_TIP } from './loginrules.ts';

defineProps<{ label: string }>();
const password = defineModel<string>({ required: true });
</script>

<template>
  <el-form-item :label="label" prop="password">
    <el-input v-model="password" type="password" show-password autocomplete="new-password" maxlength="500" />
    <p class="quiet tip">{{ PASSWORD_TIP }}</p>
  </el-form-item>
</template>

<style scoped>
.tip {
  line-height: 1.4;
  margin: var(--s1) 0 0;
}
</style>
