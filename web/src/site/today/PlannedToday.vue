<script setup lang="ts">
/** What the kept plan has for today: by crew, in order, with what is laid already; the first that is not is next. */
import { DateTime } from 'luxon';
import { computed } from 'vue';
import { keptBetween, type KeptGroup } from '@lentum/core/planning';
import { bayRuns } from '@lentum/core/words';
import { useJob } from '../../app/job.ts';
import { useKeptWorks } from '../../app/keptworks.ts';
import { worded } from '../../app/wording.ts';
import ContactLines from '../../shared/ContactLines.vue';

const job = useJob();
const doc = computed(() => job.documents.programme.content);
const works = useKeptWorks();
const today = computed(() => {
  const here = DateTime.fromMillis(job.nowMs, { zone: job.timeZone });
  return keptBetween(works.value, here.startOf('day').toMillis(), here.endOf('day').toMillis());
});
const laid = computed(
  () =>
    new Map(
      job.statuses.map((s) => [
        s.bay.id,
        new Set([
          ...s.laid.filter((l) => l.entry.finishedAt !== undefined).map((l) => l.coat.id),
          ...s.others.map((o) => o.layer.id),
        ]),
      ]),
    ),
);
const isDone = (g: KeptGroup): boolean =>
  g.layerId !== undefined && g.works.every((w) => laid.value.get(w.bayId)?.has(g.layerId ?? '') === true);
const crews = computed(() => {
  const names = new Map(doc.value.crews.map((c) => [c.id, c.name]));
  return [...new Set(today.value.map((g) => g.crewId))].map((id) => {
    const lines = today.value.filter((g) => g.crewId === id);
    return { id, name: names.get(id) ?? 'Crew', lines, next: lines.find((g) => !isDone(g)) };
  });
});
</script>

<template>
  <section v-if="today.length > 0" class="planned" aria-label="Planned for today">
    <div class="head">
      <h2>Planned for today</h2>
      <RouterLink class="end" :to="{ name: 'programme' }">Programme</RouterLink>
    </div>
    <div v-for="c in crews" :key="c.id" class="crew">
      <h3>{{ c.name }}</h3>
      <ol>
        <li v-for="g in c.lines" :key="g.works[0]?.taskId" :class="{ done: isDone(g), next: g === c.next }">
          <span class="time">{{ job.hour(g.fromMs) }}</span>
          <span
            >{{ bayRuns(g.works.map((w) => w.bay)) }} {{ worded(g.name).toLowerCase()
            }}<template v-if="isDone(g)">, laid</template></span
          >
        </li>
      </ol>
    </div>
    <template v-if="doc.contacts.length > 0">
      <h3>Who to call</h3>
      <ContactLines :contacts="doc.contacts" />
    </template>
  </section>
</template>

<style scoped>
.planned {
  margin-bottom: var(--s4);
}
.crew {
  padding: var(--s2) 0;
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: flex;
  gap: var(--s3);
  padding: var(--s1) 0;
}
.time {
  flex: none;
  width: 52px;
  font-weight: 700;
}
.done {
  color: var(--ink-3);
}
.next {
  font-weight: 700;
}
</style>
