<script setup lang="ts">
/** What is cut from one kind of roll, for the zones that share it, with what no cutting could beat. */
import { computed } from 'vue';
import {
  hintOf,
  patternBlocks,
  patternBox,
  PIECE_COLUMNS,
  pieceRows,
  PLOTTER_ROLLS_MM,
  plotterBlocks,
  type CutList,
} from '@lentum/core/details';
import { pdfName, type Printout } from '@lentum/core/printout';
import { makePdf } from '../app/api.ts';
import { useJob } from '../app/job.ts';
import { worded } from '../app/wording.ts';
import { useAttempt } from '../shared/attempt.ts';
import PrintButton from '../shared/printout/PrintButton.vue';
import { usePrinted } from '../shared/printout/telling.ts';
import { useSheet } from '../shared/printout/sheetchoice.ts';
import { saveCsvFile } from '../shared/csv.ts';
import { saveFile } from '../shared/savefile.ts';
import { useUnits } from '../shared/units.ts';
import RollDrawing from './RollDrawing.vue';

const props = defineProps<{ list: CutList }>();
const { say } = useUnits();
const groups = computed(() => props.list.groups);
const rolls = computed(() =>
  props.list.nest.usedMm.map((usedMm, i) => ({
    usedMm,
    placed: props.list.nest.placed.filter((p) => p.roll === i),
  })),
);
const ends = computed(() => props.list.leftOvers.reduce((sum, l) => sum + l.placed.length, 0));
const over = computed(() => {
  const { totalMm, leastMm } = props.list.nest;
  return leastMm > 0 ? totalMm / leastMm - 1 : 0;
});
const howFar = computed(() => {
  if (over.value < 1e-6) return 'proven least';
  return over.value < 0.01 ? 'less than 1 % over that' : `${say(over.value, 'share')} over that`;
});
const hint = computed(() => hintOf(props.list));
const csv = (): void => saveCsvFile([PIECE_COLUMNS, ...pieceRows(props.list)], 'cut-list.csv');
const { printed } = usePrinted();
const sheet = useSheet();
const printout = (): Printout =>
  printed(`Pieces at full size: ${props.list.roll.name}`, (t) =>
    patternBlocks(props.list.groups, sheet.value, t),
  );
/** Pages of their own sizes are no sheets to print: a PDF for the machine. */
const job = useJob();
const { trouble, busy, attempt } = useAttempt();
const plot = (rollMm: number): Promise<void> =>
  attempt(async () => {
    const plotted = printed(`Pieces for a plotter: ${props.list.roll.name}`, (t) =>
      plotterBlocks(props.list.groups, rollMm, t),
    );
    saveFile(await makePdf(plotted, sheet.value, job.id), pdfName(plotted.title), 'application/pdf');
  });
</script>

<template>
  <section :aria-label="`Cutting from ${list.roll.name}`">
    <div class="head">
      <h1>Cut from {{ list.roll.name }}</h1>
      <span class="quiet">
        {{ say(list.roll.widthMm, 'lap') }} wide; for {{ list.zones.map((z) => z.zone.name).join(', ') }}
      </span>
      <el-button class="end" @click="csv">Cut list as CSV</el-button>
      <PrintButton :printout="printout" label="Print pieces 1:1" />
      <el-dropdown trigger="click" class="no-print" @command="plot">
        <el-button :loading="busy">PDF for a plotter …</el-button>
        <template #dropdown>
          <el-dropdown-menu>
            <el-dropdown-item v-for="mm in PLOTTER_ROLLS_MM" :key="mm" :command="mm"
              >Roll {{ say(mm, 'lap') }} wide</el-dropdown-item
            >
          </el-dropdown-menu>
        </template>
      </el-dropdown>
    </div>
    <p v-if="trouble" role="alert" class="problem">{{ trouble }}</p>
    <p v-if="ends > 0">
      {{ ends }} {{ ends === 1 ? 'piece comes' : 'pieces come' }} from
      {{ list.leftOvers.length === 1 ? 'an end' : `${list.leftOvers.length} ends` }} that the courses of the
      field leave over{{ list.nest.placed.length === 0 ? ': no roll is opened for them.' : '.' }}
    </p>
    <p v-if="list.nest.placed.length > 0">
      <strong>{{ say(list.nest.totalMm / 1000, 'length') }}</strong> of roll for
      {{ list.nest.placed.length }} pieces. No cutting takes less than
      {{ say(list.nest.leastMm / 1000, 'length') }}: this one is {{ howFar }};
      {{ say(list.nest.waste, 'share') }} of it is offcuts. Each piece is taken as the rectangle round it.
    </p>
    <p v-if="hint">
      {{ hint.pieces }} strips {{ say(hint.lowerMm, 'lap') }} lower would lie {{ hint.abreast }} abreast:
      <strong>{{ say(hint.savesMm / 1000, 'length') }}</strong> less of the roll, where the detail allows it.
    </p>
    <div class="columns">
      <div>
        <template v-for="(l, i) in list.leftOvers" :key="`end${i}`">
          <h2 class="minor">
            End of roll {{ l.of }} of the field, {{ say(l.lengthMm / 1000, 'length') }} long,
            {{ say(l.usedMm / 1000, 'length') }} used
          </h2>
          <RollDrawing :placed="l.placed" :used-mm="l.usedMm" :width-mm="list.roll.widthMm" />
        </template>
        <template v-for="(r, i) in rolls" :key="i">
          <h2 class="minor">Roll {{ i + 1 }}, {{ say(r.usedMm / 1000, 'length') }} used</h2>
          <RollDrawing :placed="r.placed" :used-mm="r.usedMm" :width-mm="list.roll.widthMm" />
        </template>
      </div>
      <div class="scroll-x">
        <table class="dense">
          <thead>
            <tr>
              <th scope="col">Piece</th>
              <th scope="col">What</th>
              <th scope="col" class="num">Long</th>
              <th scope="col" class="num">Wide</th>
              <th scope="col" class="num">How many</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="g in groups" :key="g.label">
              <th scope="row">{{ g.label }}</th>
              <td>
                {{ worded(g.piece.name)
                }}<template v-if="g.piece.ply > 0">, ply {{ g.piece.ply + 1 }}</template>
              </td>
              <td class="num">{{ say(patternBox(g.piece.pattern).widthMm, 'lap') }}</td>
              <td class="num">{{ say(patternBox(g.piece.pattern).heightMm, 'lap') }}</td>
              <td class="num">{{ g.count }}</td>
            </tr>
          </tbody>
        </table>
      </div>
    </div>
  </section>
</template>

<style scoped>
.columns > * {
  min-width: 0;
}
.columns {
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  margin-top: var(--s3);
}
@media (max-width: 1000px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
