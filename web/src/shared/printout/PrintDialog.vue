<script setup lang="ts">
/** Looked at before it is printed: the sheet, and what stands on it. */
import { computed, ref } from 'vue';
import {
  insideMm,
  PAPER_SIZES,
  pdfName,
  sheetMm,
  type PaperSize,
  type Printout,
} from '@lentum/core/printout';
import { makePdf, sentenceOf } from '../../app/api.ts';
import { useJob } from '../../app/job.ts';
import { worded } from '../../app/wording.ts';
import PickList from '../PickList.vue';
import { saveFile } from '../savefile.ts';
import { offerPrintout } from './printlayer.ts';
import PrintoutSheet from './PrintoutSheet.vue';
import { useSheet } from './sheetchoice.ts';

const props = defineProps<{ printout: Printout }>();
const emit = defineEmits<{ close: [] }>();
const job = useJob();
const sheet = useSheet();
offerPrintout(
  () => props.printout,
  () => sheet.value,
);
const sizes = PAPER_SIZES.map((s) => ({ value: s as string, label: s }));
const ways = [
  { value: 'upright', label: 'Upright' },
  { value: 'across', label: 'Across' },
];
const way = computed(() => (sheet.value.landscape ? 'across' : 'upright'));
const inside = computed(() => insideMm(sheet.value));
const widthMm = computed(() => sheetMm(sheet.value).widthMm);
const busy = ref(false);
const trouble = ref('');
const print = (): void => window.print();
async function pdf(): Promise<void> {
  busy.value = true;
  trouble.value = '';
  try {
    saveFile(
      await makePdf(props.printout, sheet.value, job.id),
      pdfName(props.printout.title),
      'application/pdf',
    );
  } catch (error) {
    trouble.value = sentenceOf(error);
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <el-dialog
    model-value
    :title="worded(`Print: ${printout.title}`)"
    class="printing"
    append-to-body
    top="4vh"
    @close="emit('close')"
  >
    <div class="bar tools">
      <PickList
        label="Paper"
        :options="sizes"
        :model-value="sheet.size"
        @update:model-value="(v) => (sheet = { ...sheet, size: v as PaperSize })"
      />
      <PickList
        label="Which way it lies"
        :options="ways"
        :model-value="way"
        @update:model-value="(v) => (sheet = { ...sheet, landscape: v === 'across' })"
      />
      <el-button type="primary" class="end" @click="print">Print</el-button>
      <el-button :loading="busy" @click="pdf">PDF</el-button>
    </div>
    <p v-if="trouble" role="alert" class="trouble">{{ trouble }}</p>
    <div class="look" tabindex="0" role="region" aria-label="What is printed">
      <div class="page" :style="{ width: `${widthMm}mm` }">
        <PrintoutSheet :printout="printout" :room-mm="inside" :job-id="job.id" />
      </div>
    </div>
  </el-dialog>
</template>

<style scoped>
.tools {
  margin-bottom: var(--s3);
}
.tools > :deep(.el-select) {
  width: 9rem;
}
.trouble {
  color: var(--red);
}
.look {
  overflow: auto;
  max-height: 66vh;
  background: var(--line);
  padding: var(--s3);
}
.page {
  background: #fff;
  padding: 14mm;
  margin: 0 auto;
  min-height: 200px;
}
</style>

<style>
body .el-dialog.printing {
  --el-dialog-width: min(1080px, calc(100vw - 24px));
}
</style>
