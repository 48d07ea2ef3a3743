<script setup lang="ts">
/** One block of a printout. */
import { computed } from 'vue';
import { drawnMm, INK_COLOURS, notesColumn, type Block, type Ink, type Table } from '@lentum/core/printout';

const props = defineProps<{
  block: Block;
  roomMm: { widthMm: number };
  /** Of the first level, for the contents: pages are counted only on paper that is drawn. */
  headings?: readonly string[];
}>();
const drawn = computed(() =>
  props.block.kind === 'drawing' ? drawnMm(props.block, props.roomMm) : undefined,
);
const colour = (ink: Ink | undefined): string => (ink ? INK_COLOURS[ink] : 'none');
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
    <template v-for="(s, i) in block.shapes" :key="i">
      <component
        :is="s.closed ? 'polygon' : 'polyline'"
        v-if="s.kind === 'path'"
        :points="s.points.map((p) => p.join(',')).join(' ')"
        :fill="colour(s.fill)"
        :stroke="colour(s.stroke)"
        :stroke-width="s.width"
        :stroke-dasharray="s.dash?.join(' ')"
        stroke-linejoin="round"
      />
      <circle v-else-if="s.kind === 'dot'" :cx="s.at[0]" :cy="s.at[1]" :r="s.radius" :fill="colour(s.fill)" />
      <text
        v-else
        :x="s.at[0]"
        :y="s.at[1]"
        :font-size="s.size"
        :text-anchor="s.align"
        :fill="colour(s.fill)"
        :font-weight="s.bold ? 700 : 400"
      >
        {{ s.text }}
      </text>
    </template>
  </svg>
  <div v-else-if="block.kind === 'group'" class="together">
    <PrintoutBlock v-for="(b, i) in block.blocks" :key="i" :block="b" :room-mm="roomMm" />
  </div>
  <nav v-else-if="block.kind === 'contents'" :aria-label="block.title">
    <p class="strong">{{ block.title }}</p>
    <ul>
      <li v-for="(h, i) in headings" :key="i">{{ h }}</li>
    </ul>
  </nav>
  <div v-else class="new-page" />
</template>
