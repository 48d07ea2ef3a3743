<script setup lang="ts">
/** An empty job: what is known of the roof leads to the way in which its first zone is put in. */
import { worded } from '../app/wording.ts';
import { TAPED_FORMS, type TapedForm } from './newzone.ts';

const emit = defineEmits<{
  estimate: [];
  walk: [];
  tape: [form: TapedForm];
  draw: [];
  import: [];
  trace: [];
}>();
</script>

<template>
  <section class="first" aria-label="What do you know of the roof?">
    <h2>What do you know of the roof?</h2>
    <div class="ways">
      <section aria-label="Its area">
        <h3>Its area</h3>
        <p>{{ worded('Enough for a first order. It is measured or drawn later, and nothing is lost.') }}</p>
        <el-button type="primary" @click="emit('estimate')">Estimate by area</el-button>
      </section>
      <section aria-label="Tape measures">
        <h3>Tape measures</h3>
        <p>Side after side with the turn at its end:</p>
        <el-button @click="emit('walk')">Walk round the edge</el-button>
        <p>Or sides and diagonals, in any order. Its form:</p>
        <div class="bar">
          <el-button v-for="(form, key) in TAPED_FORMS" :key="key" @click="emit('tape', key)">{{
            form.name
          }}</el-button>
        </div>
      </section>
      <section aria-label="A drawing">
        <h3>A drawing</h3>
        <p>A file with the outline, a picture to trace, or the plan itself to draw on.</p>
        <div class="bar">
          <el-button @click="emit('import')">Import an outline</el-button>
          <el-button @click="emit('trace')">Trace a picture</el-button>
          <el-button @click="emit('draw')">Draw a zone</el-button>
        </div>
      </section>
    </div>
  </section>
</template>

<style scoped>
.first {
  max-width: 72rem;
}
h2 {
  font-size: var(--t-xl);
  margin-bottom: var(--s4);
}
.ways {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(260px, 1fr));
  gap: var(--s4) var(--s8);
}
.ways > section {
  border-top: var(--stroke) solid var(--line-2);
  padding-top: var(--s3);
  display: grid;
  gap: var(--s2);
  justify-items: start;
  align-content: start;
}
h3 {
  font-size: var(--t-l);
  color: var(--ink);
}
.bar :deep(.el-button) {
  margin: 0;
}
</style>
