<script setup lang="ts">
/** Differences between two states of a build-up, a row each. */
import type { Difference } from '@lentum/core/library';
import { worded } from '../app/wording.ts';
import { useUnits } from '../shared/units.ts';
import { sayValue } from './difference.ts';

defineProps<{ differences: readonly Difference[] }>();
const { say } = useUnits();
</script>

<template>
  <div class="scroll-x">
    <table class="dense">
      <thead>
        <tr>
          <th scope="col">Layer</th>
          <th scope="col">What</th>
          <th scope="col">Before</th>
          <th scope="col">After</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(d, i) in differences" :key="i">
          <td>{{ d.layer ?? 'the whole' }}</td>
          <td>{{ worded(d.what) }}</td>
          <td>{{ sayValue(d.before, d.quantity, say) }}</td>
          <td>{{ sayValue(d.after, d.quantity, say) }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>
