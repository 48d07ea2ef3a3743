<script setup lang="ts">
/** What is to be put right on a roof: who does it, by when, how far it is, and the next word on it. */
import { computed } from 'vue';
import { snagsOf, type Snag } from '@lentum/core/proving';
import { bayRunsInOrder, type Outcome } from '@lentum/core/words';
import { useJob } from '../app/job.ts';
import { worded } from '../app/wording.ts';
import EntryPictures from '../shared/pictures/EntryPictures.vue';
import VerdictMark from '../shared/VerdictMark.vue';
import { useTapping } from '../site/sending.ts';
import { rightNowMs } from '../app/righttime.ts';
import { toDay } from '../app/time.ts';
import { may } from '../app/session.ts';

const props = defineProps<{ zoneId: string }>();
const emit = defineEmits<{ add: [] }>();
const job = useJob();
const tapping = useTapping();
const snags = computed(() => snagsOf(job.book, props.zoneId));
const open = computed(() => snags.value.filter((s) => s.state !== 'accepted').length);
const today = computed(() => toDay(job.nowMs, job.timeZone));
const isLate = (s: Snag): boolean => s.state === 'open' && s.by !== undefined && s.by < today.value;
const OUTCOMES = { open: 'stop', done: 'check', accepted: 'done' } as const satisfies Record<
  Snag['state'],
  Outcome
>;
const where = (s: Snag): string =>
  bayRunsInOrder(
    s.found.bays.flatMap(
      ({ bayId }) => job.documents.site.content.bays.find((b) => b.id === bayId)?.label ?? [],
    ),
  );
const say = (s: Snag, step: 'done' | 'accepted' | 'refused'): Promise<void> =>
  tapping(() =>
    job.tap(
      `snag ${step === 'refused' ? 'not accepted' : step}: ${s.what}`,
      'snag',
      { zoneId: props.zoneId, bays: [...s.found.bays] },
      { step, at: new Date(rightNowMs()).toISOString(), snagId: s.id },
    ),
  );
</script>

<template>
  <section :aria-label="worded('Snags')">
    <div class="head">
      <h2>{{ worded('Snags') }}</h2>
      <span v-if="snags.length > 0" class="quiet">{{ open }} open of {{ snags.length }}</span>
      <el-button v-if="may('enter', job.id)" class="end" @click="emit('add')">{{
        worded('Add a snag')
      }}</el-button>
    </div>
    <p v-if="snags.length === 0" class="quiet">Nothing is to be put right.</p>
    <ul>
      <li v-for="s in snags" :key="s.id">
        <VerdictMark :outcome="OUTCOMES[s.state]" />
        <div class="what">
          <strong>{{ s.what }}</strong>
          <p class="quiet">
            {{
              [where(s), `found by ${s.found.who}`, s.forWhom && `for ${s.forWhom}`]
                .filter(Boolean)
                .join(', ')
            }}<template v-if="s.by"
              >,
              <span :class="{ late: isLate(s) }"
                >by {{ s.by }}{{ isLate(s) ? ', which is past' : '' }}</span
              ></template
            >
          </p>
          <p>
            {{ worded(s.state) }}<template v-if="s.steps.length > 0"> by {{ s.steps.at(-1)?.who }}</template>
          </p>
          <EntryPictures
            v-if="s.found.attachments.length > 0"
            :job-id="job.id"
            :ids="s.found.attachments"
            :marks="s.found.marks"
            :what="s.what"
          />
        </div>
        <div v-if="s.state !== 'accepted' && may('enter', job.id)" class="acts">
          <el-button v-if="s.state === 'open'" class="tap" @click="say(s, 'done')">Done</el-button>
          <template v-else>
            <el-button class="tap" @click="say(s, 'accepted')">Accept</el-button>
            <el-button class="tap" text @click="say(s, 'refused')">Not accepted</el-button>
          </template>
        </div>
      </li>
    </ul>
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 20px minmax(0, 1fr) auto;
  gap: 0 var(--s2);
  padding: var(--s2) 0;
  border-bottom: var(--stroke) solid var(--line);
}
.late {
  color: var(--red);
  font-weight: 600;
}
</style>
