<script setup lang="ts">
/** On the phone: every stage with its mark, what is done with the job as a whole, and the other places of Lentum. */
import { STAGES } from './stagelist.ts';
import { useStageStates } from './stages.ts';
import StateMark from './StateMark.vue';
import { useJob } from '../app/job.ts';
import { may, signsIn } from '../app/session.ts';
import { worded } from '../app/wording.ts';

const open = defineModel<boolean>({ required: true });
const emit = defineEmits<{ change: []; rules: []; share: []; snag: []; find: [] }>();
const job = useJob();
const states = useStageStates();
const PLACES = (
  [
    ['/jobs', 'Jobs'],
    ['/build-ups', 'Build-ups'],
    ['/bench', 'Bench'],
    ['/people', 'People'],
    ['/settings', 'Settings'],
  ] as const
).filter(([to]) =>
  to === '/people' ? signsIn.value && may('admit people') : to !== '/build-ups' || may('read library'),
);
const ACTS = (
  [
    ['snag', 'Snag'],
    ['find', 'Find in this job'],
    ['change', 'Change the job'],
    ['rules', 'Rules of the job'],
    ['share', 'Links to share'],
  ] as const
).filter(([what]) =>
  what === 'change' || what === 'rules'
    ? may('change job', job.id)
    : what === 'share'
      ? signsIn.value && may('share job', job.id)
      : what === 'find' || may('enter', job.id),
);
function act(what: (typeof ACTS)[number][0]): void {
  open.value = false;
  if (what === 'snag') emit('snag');
  else if (what === 'find') emit('find');
  else if (what === 'change') emit('change');
  else if (what === 'share') emit('share');
  else emit('rules');
}
</script>

<template>
  <el-drawer v-model="open" direction="btt" size="auto" title="More">
    <nav aria-label="Stages" class="list">
      <RouterLink
        v-for="s in STAGES"
        :key="s.key"
        :to="{ name: s.key, params: { jobId: job.id } }"
        class="item"
        @click="open = false"
      >
        <span class="quiet">{{ s.number }}</span> {{ worded(s.name) }}
        <StateMark class="end" :mark="states[s.key].mark" :says="states[s.key].reason" />
      </RouterLink>
    </nav>
    <div class="list" role="group" aria-label="This job">
      <RouterLink
        :to="{ name: 'site', params: { jobId: job.id }, query: { part: 'weather' } }"
        class="item plain"
        @click="open = false"
        >{{ worded('Weather') }}</RouterLink
      >
      <button v-for="[what, name] in ACTS" :key="what" type="button" class="item" @click="act(what)">
        {{ worded(name) }}
      </button>
    </div>
    <nav aria-label="Places" class="list">
      <RouterLink v-for="[to, name] in PLACES" :key="to" :to="to" class="item">{{ worded(name) }}</RouterLink>
    </nav>
  </el-drawer>
</template>

<style scoped>
.list {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0 var(--s4);
  padding-bottom: var(--s3);
  margin-bottom: var(--s3);
  border-bottom: var(--stroke) solid var(--line);
}
.list:last-child {
  border: 0;
  margin: 0;
}
.item {
  display: flex;
  align-items: center;
  gap: var(--s2);
  min-height: var(--tap);
  padding: 0 var(--s1);
  border: 0;
  border-radius: var(--r);
  background: none;
  color: var(--ink);
  font: inherit;
  text-align: left;
  text-decoration: none;
  cursor: pointer;
}
.item.router-link-active:not(.plain) {
  font-weight: 700;
}
.end {
  margin-left: auto;
}
</style>
