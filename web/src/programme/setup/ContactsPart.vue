<script setup lang="ts">
/** Whom the crews call: on every day sheet, and on the phone under Today. */
import type { Contact } from '@lentum/core/planning';
import TextInput from '../../shared/TextInput.vue';
import { useProgrammeDoc } from './programmedoc.ts';

const { draft, change } = useProgrammeDoc();
const MOST = 20;

function add(): void {
  const contact: Contact = { id: crypto.randomUUID(), name: 'Somebody', about: '', phone: '' };
  change({ contacts: [...draft.value.contacts, contact] });
}
const set = (id: string, next: Partial<Contact>): void =>
  change({ contacts: draft.value.contacts.map((c) => (c.id === id ? { ...c, ...next } : c)) });
</script>

<template>
  <section aria-label="Who to call">
    <div class="head">
      <h2>Who to call</h2>
      <el-button class="end" size="small" :disabled="draft.contacts.length >= MOST" @click="add"
        >Add a number</el-button
      >
    </div>
    <p v-if="draft.contacts.length === 0" class="quiet">
      Nobody named: the day sheets say nothing of whom to call.
    </p>
    <div v-for="c in draft.contacts" :key="c.id" class="bar row">
      <TextInput
        :model-value="c.name"
        :label="`${c.name}, name`"
        :most="120"
        @update:model-value="(v: string) => v.trim() && set(c.id, { name: v.trim() })"
      />
      <TextInput
        :model-value="c.about"
        :label="`${c.name}, about what`"
        :most="120"
        @update:model-value="(v: string) => set(c.id, { about: v.trim() })"
      />
      <TextInput
        :model-value="c.phone"
        :label="`${c.name}, phone`"
        :most="32"
        @update:model-value="(v: string) => set(c.id, { phone: v.trim() })"
      />
      <el-button text size="small" @click="change({ contacts: draft.contacts.filter((x) => x.id !== c.id) })"
        >Remove</el-button
      >
    </div>
  </section>
</template>

<style scoped>
.row > :deep(.el-input) {
  flex: 1 1 140px;
}
</style>
