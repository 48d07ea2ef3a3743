<script setup lang="ts">
/** Calculations that were sent into the job: what was typed is kept, the answer is computed again. */
import { computed } from 'vue';
import { calculate, CALCULATORS } from '@lentum/core/bench';
import type { BenchSheet } from '@lentum/core/order';
import { sentence } from '@lentum/core/problems';
import { worded } from '../app/wording.ts';
import FigureText from '../shared/FigureText.vue';

const sheets = defineModel<BenchSheet[]>({ required: true });
const rows = computed(() =>
  sheets.value.map((sheet) => {
    const calculator = CALCULATORS.find((c) => c.key === sheet.calculator);
    const result = calculator && calculate(calculator, sheet.values);
    return {
      sheet,
      calculator,
      figures: result?.ok ? result.value.figures : [],
      problem: result && !result.ok ? result.problems.map(sentence).join(' ') : '',
    };
  }),
);
</script>

<template>
  <div v-if="rows.length > 0" class="scroll-x">
    <table class="dense">
      <tbody>
        <tr v-for="r in rows" :key="r.sheet.id">
          <th scope="row">
            {{ r.sheet.name }}
            <span v-if="r.calculator && r.calculator.name !== r.sheet.name" class="quiet">{{
              r.calculator.name
            }}</span>
          </th>
          <td>
            <span v-for="f in r.figures" :key="f.label" class="figure"
              ><span class="quiet">{{ worded(f.label) }}</span> <FigureText fine :figure="f"
            /></span>
            <span v-if="r.problem" class="problem">{{ r.problem }}</span>
          </td>
          <td>
            <el-button
              text
              size="small"
              :aria-label="`Take out ${r.sheet.name}`"
              @click="sheets = sheets.filter((s) => s.id !== r.sheet.id)"
              >Take out</el-button
            >
          </td>
        </tr>
      </tbody>
    </table>
  </div>
  <p v-else class="quiet">
    None yet. The <RouterLink to="/bench">bench</RouterLink> has quick calculators; what they answer can be
    sent into the job.
  </p>
</template>

<style scoped>
th[scope='row'] {
  text-align: left;
}
.figure {
  display: inline-block;
  margin-right: var(--s4);
}
</style>
