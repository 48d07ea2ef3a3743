<script setup lang="ts">
/** What is brought in a file, before any of it is taken: how far it is read, what its columns are, what is in it. */
import ReadingShare from '../ReadingShare.vue';

// Whoever uses it closes it: a dialog that goes because nothing is to be shown any more has not been closed by anybody.
defineProps<{
  open: boolean;
  title: string;
  name: string;
  /** Share that is read, while it is. */
  share: number | undefined;
  /** Why it cannot be taken. */
  problems: readonly string[];
  /** Of the button that takes it. */
  takes: string;
  ready: boolean;
  taking?: boolean;
}>();
const emit = defineEmits<{ close: []; take: [] }>();
</script>

<template>
  <el-dialog
    :model-value="open"
    :title="title"
    width="min(760px, 96vw)"
    append-to-body
    :before-close="() => emit('close')"
  >
    <slot name="before" />
    <ReadingShare v-if="share !== undefined" :says="`Reading ${name}`" :share="share" @stop="emit('close')" />
    <template v-else>
      <slot />
      <p v-for="p in problems" :key="p" class="problem" role="alert">{{ p }}</p>
      <slot name="found" />
    </template>
    <template #footer>
      <el-button class="tap" @click="emit('close')">Cancel</el-button>
      <el-button
        class="tap"
        type="primary"
        :disabled="!ready"
        :loading="taking ?? false"
        @click="emit('take')"
        >{{ takes }}</el-button
      >
    </template>
  </el-dialog>
</template>
