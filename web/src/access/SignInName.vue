<script setup lang="ts">
/** What somebody signs in with. Its form has the rule under `login`. */
const login = defineModel<string>({ required: true });
</script>

<template>
  <el-form-item label="Name to sign in" prop="login">
    <el-input
      v-model="login"
      autocomplete="username"
      autocapitalize="none"
      spellcheck="false"
      maxlength="80"
    />
  </el-form-item>
</template>
