<script setup lang="ts">
/**
 * The hours ahead: surface and dew point with their gap tinted by the margin, rain hanging from the top, wind as ticks,
 * nights shaded; above it when laying may begin. The chosen start is dragged, or moved by arrow keys.
 */
import { useElementSize } from '@vueuse/core';
import { DateTime } from 'luxon';
import { clockWords } from '../app/time.ts';
import { computed, ref } from 'vue';
import { MS_PER_HOUR } from '@lentum/core/units';
import { isNight, type Place, type RoofClimate } from '@lentum/core/weather';
import { useJob } from '../app/job.ts';
import { curve, gaps, msUnder, rangeOf, spans, stripOf } from './skystrip.ts';
import StartHandle from './StartHandle.vue';

export interface StripMark {
  readonly atMs: number;
  readonly label: string;
}

const props = defineProps<{
  title: string;
  climate: RoofClimate;
  place: Place;
  nowMs: number;
  /** Least margin above the dew point, K. */
  neededK: number;
  /** Conditions that fail for each hour; undefined where the layer asks nothing. */
  mask: Uint32Array | undefined;
  /** Chance that a start in an hour holds; undefined where no forecast says. */
  chance?: ((ms: number) => number | undefined) | undefined;
  /** When the stages of cure follow from the start. */
  marks?: readonly StripMark[];
  layingHours?: number | undefined;
}>();
const start = defineModel<number>('start', { required: true });
const looked = defineModel<number | undefined>('looked');
const job = useJob();

const frame = ref<HTMLElement>();
const { width: frameWidth } = useElementSize(frame);
const HOURS = { back: 3, shown: 51 } as const;
const LEAST_WIDTH = 760;
const BARS = { open: 16, rainTop: 24, rain: 40, top: 44, bottom: 150, axis: 178 } as const;

const width = computed(() => Math.max(LEAST_WIDTH, frameWidth.value || 0));
const range = computed(() => rangeOf(props.climate, props.nowMs - HOURS.back * MS_PER_HOUR, HOURS.shown));
const strip = computed(() =>
  stripOf(props.climate, range.value, { width: width.value, top: BARS.top, bottom: BARS.bottom }),
);
const air = computed(() => curve(props.climate.line.values.airC, range.value, strip.value));
const surface = computed(() => curve(props.climate.surfaceC, range.value, strip.value));
const dew = computed(() => curve(props.climate.dewC, range.value, strip.value));
const tinted = computed(() => gaps(props.climate, range.value, strip.value, props.neededK));
const msOf = (hour: number): number => props.climate.line.startMs + hour * MS_PER_HOUR;
const nights = computed(() =>
  spans(props.climate, range.value, (h) => isNight(msOf(h) + MS_PER_HOUR / 2, props.place)),
);
const open = computed(() =>
  props.mask ? spans(props.climate, range.value, (h) => props.mask?.[h] === 0) : [],
);
const hours = computed(() =>
  Array.from({ length: range.value.to - range.value.from }, (_, i) => range.value.from + i),
);
const MOST_RAIN_MM = 4;
const rains = computed(() =>
  hours.value.flatMap((h) => {
    const mm = props.climate.line.values.rainMm[h] ?? NaN;
    return mm > 0
      ? [{ x: strip.value.x(msOf(h)), high: 4 + (Math.min(mm, MOST_RAIN_MM) / MOST_RAIN_MM) * BARS.rain }]
      : [];
  }),
);
/** Wind: a tick for each 2 m/s, every third hour. */
const winds = computed(() =>
  hours.value
    .filter((h) => h % 3 === 0)
    .flatMap((h) => {
      const wind = props.climate.line.values.windMPerS[h] ?? NaN;
      return Number.isNaN(wind)
        ? []
        : [{ x: strip.value.x(msOf(h)), count: Math.min(8, Math.round(wind / 2)) }];
    }),
);
const chances = computed(() => {
  const { chance } = props;
  return chance
    ? hours.value
        .map((h) => ({ x: strip.value.x(msOf(h)), share: chance(msOf(h)) ?? 0 }))
        .filter((c) => c.share > 0)
    : [];
});
const ticks = computed(() =>
  hours.value.flatMap((h) => {
    const t = DateTime.fromMillis(msOf(h), { zone: job.timeZone, locale: 'en' });
    if (t.hour % 3 !== 0 || strip.value.x(msOf(h)) < 16) return [];
    return [{ x: strip.value.x(msOf(h)), label: t.hour === 0 ? t.toFormat('ccc') : clockWords(t) }];
  }),
);
const marks = computed(() =>
  (props.marks ?? [])
    .filter((m) => m.atMs > strip.value.startMs && m.atMs < strip.value.endMs)
    .map((m, i) => ({ ...m, x: strip.value.x(m.atMs), y: BARS.top + 10 + (i % 3) * 14 })),
);

function point(e: PointerEvent): void {
  looked.value = msUnder(e, strip.value);
}
const nowX = computed(() => strip.value.x(props.nowMs));
</script>

<template>
  <figure ref="frame" class="sky" tabindex="0" :aria-label="`${title}: hours ahead`">
    <svg
      :width="width"
      :height="BARS.axis"
      :viewBox="`0 0 ${width} ${BARS.axis}`"
      role="group"
      :aria-label="`${title}: weather of the hours ahead`"
      @pointermove="point"
      @pointerdown="point"
      @pointerleave="looked = undefined"
    >
      <rect
        v-for="n in nights"
        :key="n.fromMs"
        class="night"
        :x="strip.x(n.fromMs)"
        :width="strip.x(n.toMs) - strip.x(n.fromMs)"
        :y="BARS.rainTop"
        :height="BARS.bottom - BARS.rainTop + 4"
      />
      <path v-for="(g, i) in tinted" :key="i" :d="g.d" :class="g.kind" />
      <template v-if="mask">
        <line class="shut" x1="0" :x2="width" :y1="BARS.open / 2 + 2" :y2="BARS.open / 2 + 2" />
        <rect
          v-for="c in chances"
          :key="c.x"
          class="chance"
          :x="c.x"
          :width="strip.perHour"
          :y="2 + BARS.open * (1 - c.share)"
          :height="BARS.open * c.share"
        />
        <rect
          v-for="o in open"
          :key="o.fromMs"
          class="open"
          :x="strip.x(o.fromMs)"
          :width="strip.x(o.toMs) - strip.x(o.fromMs)"
          y="2"
          :height="BARS.open"
        />
        <template v-for="o in open" :key="`t${o.fromMs}`">
          <text
            v-if="strip.x(o.toMs) - strip.x(o.fromMs) > 96"
            class="on"
            :x="strip.x(o.fromMs) + 6"
            y="14.5"
          >
            open {{ job.clock(o.fromMs) }}–{{ job.clock(o.toMs) }}
          </text>
        </template>
      </template>
      <rect
        v-for="r in rains"
        :key="r.x"
        class="rain"
        :x="r.x + 1"
        :width="strip.perHour - 2"
        :y="BARS.rainTop"
        :height="r.high"
      />
      <path :d="air" class="air" />
      <path :d="dew" class="dew" />
      <path :d="surface" class="surface" />
      <g v-for="w in winds" :key="w.x" class="wind">
        <line
          v-for="k in w.count"
          :key="k"
          :x1="w.x + k * 3"
          :x2="w.x + k * 3 + 2"
          :y1="BARS.bottom + 8"
          :y2="BARS.bottom + 3"
        />
      </g>
      <g v-for="t in ticks" :key="t.x">
        <line class="tick" :x1="t.x" :x2="t.x" :y1="BARS.bottom + 4" :y2="BARS.bottom + 9" />
        <text class="hour" :x="t.x" :y="BARS.axis - 6">{{ t.label }}</text>
      </g>
      <g v-for="m in marks" :key="m.label">
        <line class="mark" :x1="m.x" :x2="m.x" :y1="BARS.rainTop" :y2="BARS.bottom" />
        <text class="stage" :x="m.x + 4" :y="m.y">{{ m.label }}</text>
      </g>
      <g v-if="nowX >= 0">
        <line class="now" :x1="nowX" :x2="nowX" y1="0" :y2="BARS.bottom + 4" />
        <text class="nowtext" :x="nowX - 4" :y="BARS.bottom">now</text>
      </g>
      <StartHandle
        v-model="start"
        :strip="strip"
        :now-ms="nowMs"
        :laying-hours="layingHours ?? 0"
        :top="BARS.rainTop"
        :bottom="BARS.bottom"
        :height="BARS.axis"
      />
    </svg>
  </figure>
</template>

<style scoped>
.sky {
  margin: 0;
  overflow-x: auto;
}
svg {
  display: block;
  touch-action: pan-x;
}
.night {
  fill: var(--well);
}
.enough {
  fill: var(--sea-soft);
}
.little {
  fill: var(--amber-soft);
}
.wet {
  fill: var(--sky-soft);
}
.shut {
  stroke: var(--line-2);
  stroke-width: 3;
}
.open {
  fill: var(--sea);
}
.chance {
  fill: none;
  stroke: var(--sea);
  stroke-width: 1;
}
.on {
  fill: var(--on-sea);
  font-size: 12px;
  font-weight: 600;
}
.rain {
  fill: var(--sky);
}
.air,
.dew,
.surface {
  fill: none;
}
.air {
  stroke: var(--ink-3);
  stroke-width: 1;
}
.dew {
  stroke: var(--sky);
  stroke-width: 1.8;
  stroke-dasharray: 5 3;
}
.surface {
  stroke: var(--ink);
  stroke-width: 2.2;
}
.wind line,
.tick {
  stroke: var(--ink-3);
  stroke-width: 1;
}
.hour {
  font-size: 12px;
  fill: var(--ink-2);
  text-anchor: middle;
}
.mark {
  stroke: var(--violet);
  stroke-width: 1.5;
  stroke-dasharray: 2 3;
}
.stage {
  font-size: 12px;
  fill: var(--violet);
}
.now {
  stroke: var(--ink);
  stroke-width: 1.5;
}
.nowtext {
  font-size: 12px;
  font-weight: 600;
  fill: var(--ink);
  text-anchor: end;
}
</style>
