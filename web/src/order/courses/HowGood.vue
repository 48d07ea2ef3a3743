<script setup lang="ts">
/** How many rolls, how good that is, and the figures that follow. */
import { computed } from 'vue';
import { howGood, type CoursesFigures } from '@lentum/core/courses';
import { words, type Part, type Verdict } from '@lentum/core/figures';
import { worded } from '../../app/wording.ts';
import FigureText from '../../shared/FigureText.vue';
import SayParts from '../../shared/SayParts.vue';
import VerdictLine from '../../shared/VerdictLine.vue';
import { useUnits } from '../../shared/units.ts';
import type { Laid } from './chosen.ts';

const props = defineProps<{ laid: Laid; figures: CoursesFigures | undefined; brief?: boolean }>();
const { say } = useUnits();
const plan = computed(() => props.laid.plan);
const rolls = computed(() =>
  plan.value.bought
    .filter((b) => b.count > 0)
    .map((b) => `${b.count} ${b.count === 1 ? 'roll' : 'rolls'} of ${say(b.lengthM, 'length')}`)
    .join(' and '),
);
const fromStock = computed(() => plan.value.rolls.filter((r) => r.stockId !== undefined).length);
const shared = computed(() => {
  const { layouts } = plan.value.material;
  const zones = new Set(layouts.map((l) => l.zone.name));
  const names = [
    ...new Set(layouts.map((l) => (zones.size > 1 ? l.zone.name : l.rolled.layer.name.toLowerCase()))),
  ];
  return names.length > 1 ? ` for ${names.join(' and ')} together` : '';
});
const verdict = computed((): Verdict | undefined => {
  const f = props.figures;
  if (!f) return undefined;
  const bought = `${rolls.value || 'nothing to buy'}${shared.value}${fromStock.value > 0 ? `, with ${fromStock.value} from the store` : ''}`;
  // What is proven of half widths is proven of their lengths, which are settled first.
  const halves = plan.value.pieces.some((p) => p.half) ? ', half widths in as few even pieces as go' : '';
  const count = plan.value.bought.reduce((sum, b) => sum + b.count, 0);
  const over = count - f.least.value;
  const says: Record<ReturnType<typeof howGood>, Part[]> = {
    'least of any start': words`${bought}: proven least, whatever the start line.`,
    'least here': words`${bought}: proven least for this start line${halves}.`,
    near: words`${bought}: at most ${String(over)} more than any cutting needs, ${f.least}${halves}.`,
    none: [],
  };
  const quiet: Record<ReturnType<typeof howGood>, Part[]> = {
    'least of any start': words`No cutting takes fewer than ${f.least}.`,
    'least here': halves
      ? words`So cut, these courses take no fewer than ${f.least}; no start line takes fewer than ${String(plan.value.leastAnyStart)}.`
      : words`No cutting of these courses takes fewer than ${f.least}; no start line takes fewer than ${String(plan.value.leastAnyStart)}.`,
    near: words`Fewer could not be found, nor be ruled out.`,
    none: [],
  };
  const good = howGood(plan.value);
  return {
    outcome: good === 'near' ? 'steps' : 'go',
    subject: plan.value.name,
    says: says[good],
    quiet: quiet[good],
  };
});
const layings = computed(() =>
  props.laid.layout.planes.map((p) => ({
    name: props.laid.layout.planes.length > 1 ? `Plane ${p.index + 1}: ` : '',
    says: p.laying.says,
    firstM: p.courses.firstM,
    count: p.courses.courses.length,
    lapM: p.strip.sideLapM,
    wider: p.strip.sideLapM > props.laid.layout.rolled.sideLapM + 1e-6,
  })),
);
const left = computed(() => plan.value.answer?.longestLeftM ?? 0);
</script>

<template>
  <div>
    <h2 v-if="brief" class="minor">{{ laid.code }} {{ laid.name }}</h2>
    <h1 v-else>{{ laid.layout.zone.name }}, {{ laid.name.toLowerCase() }}</h1>
    <VerdictLine v-if="verdict" :verdict="verdict" />
    <p v-for="(l, i) in layings" :key="i">
      {{ l.name }}{{ l.count }} {{ l.count === 1 ? 'course' : 'courses' }} <SayParts :parts="l.says" />. The
      first is {{ say(l.firstM, 'length') }} wide; side laps are {{ say(l.lapM * 1000, 'lap')
      }}<template v-if="l.wider">{{
        worded(', more than asked, so that joints stay centred on the layer below')
      }}</template
      >.
    </p>
    <table v-if="figures && !brief" class="dense">
      <tbody>
        <tr>
          <th scope="row">Pieces</th>
          <td class="num">{{ plan.pieces.length }}</td>
        </tr>
        <tr v-for="f in [figures.needed, figures.sideLaps, figures.endLaps]" :key="f.label">
          <th scope="row">
            {{
              f.label
                .split(', ')
                .at(-1)
                ?.replace(/^./, (c) => c.toUpperCase())
            }}
          </th>
          <td class="num"><FigureText :figure="f" /></td>
        </tr>
        <tr>
          <th scope="row">Laps, area for primer or adhesive</th>
          <td class="num"><FigureText :figure="figures.lapArea" /></td>
        </tr>
        <tr v-if="figures.cornerCuts > 0">
          <th scope="row">Corners cut at end laps</th>
          <td class="num">{{ figures.cornerCuts }}</td>
        </tr>
        <tr>
          <th scope="row">Laps and offcuts</th>
          <td class="num"><FigureText :figure="figures.waste" /></td>
        </tr>
        <tr>
          <th scope="row">Longest left-over</th>
          <td class="num">{{ say(left, 'length') }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
h1 {
  font-size: var(--t-l);
}
th {
  text-align: left;
}
</style>
