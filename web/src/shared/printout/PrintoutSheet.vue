<script setup lang="ts">
/** A printout as it lies on paper: its own light colours whatever the theme, no buttons, heads of tables repeated. */
import { computed } from 'vue';
import { headingsOf, type Printout } from '@lentum/core/printout';
import PrintoutBlock from './PrintoutBlock.vue';

const props = defineProps<{
  printout: Printout;
  roomMm: { widthMm: number };
  /** Whose pictures it shows. */
  jobId: string;
}>();
const headings = computed(() => headingsOf(props.printout));
</script>

<template>
  <article class="printout" :lang="printout.language">
    <h1>{{ printout.title }}</h1>
    <PrintoutBlock
      v-for="(b, i) in printout.blocks"
      :key="i"
      :block="b"
      :job-id="jobId"
      :room-mm="roomMm"
      :headings="headings"
    />
  </article>
</template>

<style>
.printout {
  --ink: #1f2a30;
  --ink-2: #5a666c;
  --line: #b8b4a6;
  color: var(--ink);
  background: #fff;
  font-size: 9pt;
  line-height: 1.3;
  color-scheme: light;
  print-color-adjust: exact;
}
.printout h1 {
  font-size: 18pt;
  margin: 0 0 6pt;
}
.printout h2 {
  font-size: 12.5pt;
}
.printout h3 {
  font-size: 10.5pt;
}
.printout h4 {
  font-size: 10pt;
}
.printout :is(h1, h2, h3, h4) {
  color: var(--ink);
  font-weight: 700;
}
.printout :is(h2, h3, h4) {
  margin: 10pt 0 3pt;
  break-after: avoid;
}
.printout p {
  margin: 1pt 0 3pt;
  max-width: none;
}
.printout .quiet {
  color: var(--ink-2);
}
.printout .strong {
  font-weight: 700;
}
.printout .done {
  color: #0e6e62;
}
.printout .mind {
  color: #8a4a00;
  font-weight: 700;
}
.printout .stop {
  color: #a8261c;
  font-weight: 700;
}
.printout ul {
  margin: 1pt 0 5pt;
  padding-left: 14pt;
}
.printout dl {
  display: grid;
  grid-template-columns: max-content 1fr;
  gap: 1pt 10pt;
  margin: 1pt 0 5pt;
  break-inside: avoid;
}
.printout dt {
  color: var(--ink-2);
}
.printout dd {
  margin: 0;
}
.printout table {
  width: 100%;
  border-collapse: collapse;
  margin: 2pt 0 8pt;
  font-size: 9pt;
}
.printout thead {
  display: table-header-group;
}
.printout :is(th, td) {
  text-align: left;
  vertical-align: top;
  padding: 2pt 4pt;
  border: 0;
  border-bottom: 0.3pt solid var(--line);
  height: auto;
  font-weight: inherit;
  background: none;
}
.printout :is(th, td).right {
  text-align: right;
}
.printout td.narrow {
  white-space: nowrap;
}
.printout :is(th, td):first-child {
  padding-left: 0;
}
.printout :is(th, td):last-child {
  padding-right: 0;
}
.printout thead th {
  color: var(--ink-2);
  font-size: 7.5pt;
  font-weight: 700;
  border-bottom: 0.8pt solid var(--ink);
}
.printout tr {
  break-inside: avoid;
}
.printout tr.part td {
  font-weight: 700;
  color: var(--ink-2);
  break-after: avoid;
}
.printout :is(tr.strong, tr.total) td {
  font-weight: 700;
}
.printout tr.total td {
  border-top: 0.8pt solid var(--ink);
}
.printout tr.struck td > span {
  text-decoration: line-through;
  color: var(--ink-2);
}
.printout .note {
  display: block;
  font-size: 7.5pt;
  color: var(--ink-2);
}
.printout .pictures {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 3mm;
  margin: 2pt 0 6pt;
}
.printout .together {
  break-inside: avoid;
}
.printout .new-page {
  break-before: page;
}
.printout svg {
  display: block;
  margin: 3pt 0 6pt;
  break-inside: avoid;
  font-family: inherit;
}
</style>
