<script setup lang="ts">
/** What must be proven of a roof, and what of it is; all that is not opens under its line. */
import { groupHead, groupWords, PROOF_NAMES, proofCount, type ProofLine } from '@lentum/core/handover';
import type { Outcome } from '@lentum/core/words';
import { worded } from '../app/wording.ts';
import SayParts from '../shared/SayParts.vue';
import VerdictMark from '../shared/VerdictMark.vue';

defineProps<{ lines: readonly ProofLine[]; zone: string }>();
const OUTCOMES = {
  proven: 'done',
  'answered for': 'check',
  'not shown': 'hold',
  failed: 'stop',
} as const satisfies Record<ProofLine['answer'], Outcome>;
</script>

<template>
  <ul class="proof">
    <li v-for="l in lines" :key="l.subject">
      <component :is="l.groups.length > 0 ? 'details' : 'div'" class="line">
        <component :is="l.groups.length > 0 ? 'summary' : 'div'" class="top">
          <VerdictMark :outcome="OUTCOMES[l.answer]" />
          <span class="name">{{ worded(PROOF_NAMES[l.subject]) }}</span>
          <span class="quiet">{{ worded(proofCount(l)) }}</span>
          <strong class="answer">{{ worded(l.answer) }}</strong>
          <span v-if="l.groups.length > 0" class="quiet more" aria-hidden="true">why ▾</span>
        </component>
        <ul class="groups">
          <li v-for="(g, i) in l.groups" :key="i">
            <VerdictMark :outcome="OUTCOMES[g.answer]" />
            <span
              >{{ groupHead({ ...g, what: worded(g.what) }, l.subject) }},
              <strong>{{ worded(g.answer) }}</strong>:
              <span class="quiet"><SayParts :parts="groupWords(g)" /></span>{{ ' '
              }}<RouterLink v-if="g.bayId" :to="{ name: 'record', query: { zone, bay: g.bayId } }">{{
                `${g.where[0]} on record`
              }}</RouterLink></span
            >
          </li>
        </ul>
      </component>
    </li>
  </ul>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
.proof > li {
  border-bottom: var(--stroke) solid var(--line);
}
.top {
  display: grid;
  grid-template-columns: 20px minmax(0, 1fr) auto;
  gap: 0 var(--s2);
  align-items: center;
  padding: var(--s2) 0;
  min-height: 40px;
}
summary {
  cursor: pointer;
}
.answer {
  grid-column: 2;
}
.more {
  text-align: right;
}
.groups {
  padding-left: var(--s4);
}
.groups li {
  display: flex;
  gap: var(--s2);
  align-items: flex-start;
  padding: var(--s1) 0 var(--s2);
}
.groups :deep(.mark) {
  flex: none;
}
</style>
