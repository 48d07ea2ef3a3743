<script setup lang="ts">
/** What the levels say, in sentences and figures that open to their working. */
import { computed } from 'vue';
import type { FallsReport } from '@lentum/core/falls';
import type { Zone } from '@lentum/core/survey';
import { worded } from '../app/wording.ts';
import FigureText from '../shared/FigureText.vue';
import { useUnits } from '../shared/units.ts';
import VerdictMark from '../shared/VerdictMark.vue';

const props = defineProps<{ zone: Zone; falls: FallsReport }>();
const { say } = useUnits();
/** The fall as people say it: one down in so many along. */
const ratio = computed(() =>
  props.falls.meanFall.value > 0.05 ? `, 1 in ${Math.round(100 / props.falls.meanFall.value)}` : '',
);
const rain = computed(() => new Map(props.falls.rain.map((r) => [r.featureId, r])));
/** Outlets that the chosen rain brings more to than they take. */
const short = computed(() =>
  props.falls.outlets.filter((o) => {
    const r = rain.value.get(o.featureId);
    return r?.takes !== undefined && r.brings.value > r.takes.value;
  }),
);
const low = computed(() => props.falls.belowLeast.value > 0);
</script>

<template>
  <div class="head"><h2>Falls and standing water</h2></div>
  <dl>
    <dt>Mean fall</dt>
    <dd><FigureText :figure="falls.meanFall" />{{ ratio }}</dd>
    <dt>Falling less than {{ say(zone.levels.leastFallPct, 'fall') }}</dt>
    <dd :class="{ amber: low }"><FigureText :figure="falls.belowLeast" /></dd>
    <dt>Highest to lowest</dt>
    <dd>{{ say((falls.highestM - falls.lowestM) * 1000, 'lap') }}</dd>
    <dt>Area on the slope</dt>
    <dd><FigureText :figure="falls.surfaceArea" /></dd>
  </dl>
  <div v-if="!falls.hasDrain" class="line">
    <VerdictMark outcome="hold" />
    <p>
      {{
        worded(
          'No outlet and no open edge: enter the outlets, or the edge over which it drains, and the ponds follow.',
        )
      }}
    </p>
  </div>
  <div v-for="s in falls.spikes" :key="s.index" class="line">
    <VerdictMark outcome="hold" />
    <p>
      <strong>Level {{ s.index + 1 }}</strong> stands out: {{ say(s.measuredM, 'level') }} where those around
      it say {{ say(s.expectedM, 'level') }}. It is kept; read it again, or leave it if the deck is like that.
    </p>
  </div>
  <div v-for="o in falls.outlets.filter((x) => (x.proudM ?? 0) > 0)" :key="o.featureId" class="line">
    <VerdictMark outcome="hold" />
    <p>
      <strong>{{ o.name }}</strong> stands {{ say((o.proudM ?? 0) * 1000, 'gap') }} proud of the surface; it
      belongs below it.
    </p>
  </div>
  <table v-if="falls.ponds.length > 0" class="dense">
    <thead>
      <tr>
        <th scope="col">Pond</th>
        <th scope="col" class="num">Area</th>
        <th scope="col" class="num">Deepest</th>
        <th scope="col" class="num">Water</th>
        <th scope="col">Spills to</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="p in falls.ponds" :key="p.name">
        <th scope="row">{{ p.name }}</th>
        <td class="num">{{ say(p.areaM2, 'area') }}</td>
        <td class="num">{{ say(p.deepestM * 1000, 'gap') }}</td>
        <td class="num"><FigureText :figure="p.volume" /></td>
        <td>
          {{ p.drainName ?? '–' }}<span v-if="p.estimated" class="quiet"> (shore partly estimated)</span>
        </td>
      </tr>
    </tbody>
  </table>
  <p v-else-if="falls.hasDrain" class="quiet">No water stands.</p>
  <table v-if="falls.outlets.length + falls.edges.length > 0" class="dense takes">
    <thead>
      <tr>
        <th scope="col">Water goes to</th>
        <th scope="col" class="num">From</th>
        <template v-if="rain.size > 0"
          ><th scope="col" class="num">Rain brings</th>
          <th scope="col" class="num">It takes</th></template
        >
      </tr>
    </thead>
    <tbody>
      <tr v-for="o in falls.outlets" :key="o.featureId">
        <th scope="row">{{ o.name }}</th>
        <td class="num">{{ say(o.takesM2, 'area') }}</td>
        <template v-if="rain.get(o.featureId)">
          <td class="num"><FigureText :figure="rain.get(o.featureId)!.brings" /></td>
          <td class="num">
            <FigureText
              v-if="rain.get(o.featureId)!.takes"
              :figure="rain.get(o.featureId)!.takes!"
            /><template v-else>not measured</template>
          </td>
        </template>
      </tr>
      <tr v-for="e in falls.edges" :key="e.side">
        <th scope="row">over side {{ e.side + 1 }}</th>
        <td class="num">{{ say(e.takesM2, 'area') }}</td>
        <td v-if="rain.size > 0" colspan="2"></td>
      </tr>
    </tbody>
  </table>
  <div v-for="o in short" :key="o.featureId" class="line">
    <VerdictMark outcome="hold" />
    <p>
      <strong>{{ o.name }}</strong> takes less than that rain brings with
      {{ say(zone.levels.rain?.headMm ?? 0, 'lap') }}
      of water over its rim: water will stand higher, or run another way.
    </p>
  </div>
  <p v-if="rain.size > 0" class="quiet">
    Areas follow the gradient of the levels, exact where the deck is plane. An aid only: emergency overflows,
    pipes and walls that shed rain onto the roof are not in it. Who designs the drainage decides.
  </p>
  <template v-if="falls.levelling">
    <h3>To a fall of {{ say(zone.levels.designFallPct, 'fall') }} all over</h3>
    <p class="large"><FigureText :figure="falls.levelling.volume" /></p>
    <p class="quiet">
      {{ worded('levelling mix,') }} <FigureText :figure="falls.levelling.mass" />, over
      {{ say(falls.levelling.facts.areaM2, 'area') }}, at most
      {{ say(falls.levelling.facts.thickestM * 1000, 'lap') }} thick. Have the structure’s load checked first.
    </p>
  </template>
  <p v-if="falls.estimated > 0" class="quiet">
    {{ falls.estimated }} {{ falls.estimated === 1 ? 'corner has' : 'corners have' }} no level: estimated from
    the plane of the levels around.
  </p>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: var(--s1) var(--s3);
  margin: var(--s3) 0;
}
dd {
  margin: 0;
  text-align: right;
}
.amber {
  color: var(--amber);
}
.line {
  display: grid;
  grid-template-columns: 18px minmax(0, 1fr);
  gap: var(--s3);
  padding: var(--s1) 0;
}
.takes {
  margin: var(--s3) 0;
}
th[scope='row'] {
  font-weight: 400;
}
.large {
  font-size: var(--t-xxl);
  font-weight: 700;
  line-height: 1.2;
  margin-top: var(--s1);
}
</style>
