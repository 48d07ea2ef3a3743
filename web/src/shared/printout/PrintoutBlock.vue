<script setup lang="ts">
/** One block of a printout. */
import { computed } from 'vue';
import { drawnMm, notesColumn, type Block, type Table } from '@lentum/core/printout';
import PrintedPicture from '../pictures/PrintedPicture.vue';
import ShapeList from '../ShapeList.vue';

const props = defineProps<{
  block: Block;
  /** Whose pictures are shown. */
  jobId: string;
  roomMm: { widthMm: number };
  /** Of the first level, for the contents: pages are counted only on paper that is drawn. */
  headings?: readonly string[];
}>();
const drawn = computed(() =>
  props.block.kind === 'drawing' ? drawnMm(props.block, props.roomMm) : undefined,
);
/** Where some columns share the width, the others take what they need. */
const someShare = (t: Table): boolean => t.columns.some((c) => c.share > 0);
</script>

<template>
  <component :is="`h${block.level + 1}`" v-if="block.kind === 'heading'">{{ block.text }}</component>
  <p v-else-if="block.kind === 'text'" :class="block.tone">{{ block.text }}</p>
  <ul v-else-if="block.kind === 'list'">
    <li v-for="(item, i) in block.items" :key="i">{{ item }}</li>
  </ul>
  <dl v-else-if="block.kind === 'facts'">
    <template v-for="([name, says], i) in block.rows" :key="i">
      <dt>{{ name }}</dt>
      <dd>{{ says }}</dd>
    </template>
  </dl>
  <table v-else-if="block.kind === 'table'">
    <thead>
      <tr>
        <th
          v-for="(c, i) in block.columns"
          :key="i"
          scope="col"
          :class="c.align"
          :style="c.share > 0 ? { width: `${c.share}%` } : {}"
        >
          {{ c.head }}
        </th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="(r, n) in block.rows" :key="n" :class="r.tone">
        <td v-if="r.tone === 'part'" :colspan="block.columns.length">{{ r.cells[0] }}</td>
        <template v-else>
          <td
            v-for="(c, i) in block.columns"
            :key="i"
            :class="[c.align, { narrow: c.share === 0 && someShare(block) }]"
          >
            <span>{{ r.cells[i] ?? '' }}</span>
            <template v-if="i === notesColumn(block)">
              <small v-for="(note, k) in r.notes" :key="k" class="note">{{ note }}</small>
            </template>
          </td>
        </template>
      </tr>
      <tr v-if="block.total" class="total">
        <td v-for="(c, i) in block.columns" :key="i" :class="c.align">{{ block.total[i] ?? '' }}</td>
      </tr>
    </tbody>
  </table>
  <svg
    v-else-if="block.kind === 'drawing' && drawn"
    role="img"
    :aria-label="block.label"
    :viewBox="block.frame.join(' ')"
    :style="{ width: `${drawn.widthMm}mm`, height: `${drawn.heightMm}mm` }"
  >
    <ShapeList :shapes="block.shapes" />
  </svg>
  <div v-else-if="block.kind === 'pictures'" class="pictures">
    <PrintedPicture v-for="(p, i) in block.items" :key="i" :picture="p" :job-id="jobId" />
  </div>
  <div v-else-if="block.kind === 'group'" class="together">
    <PrintoutBlock v-for="(b, i) in block.blocks" :key="i" :block="b" :job-id="jobId" :room-mm="roomMm" />
  </div>
  <nav v-else-if="block.kind === 'contents'" :aria-label="block.title">
    <p class="strong">{{ block.title }}</p>
    <ul>
      <li v-for="(h, i) in headings" :key="i">{{ h }}</li>
    </ul>
  </nav>
  <div v-else class="new-page" />
</template>
