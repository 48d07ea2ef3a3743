<script setup lang="ts">
/** One detail as a card: where it is, how it is put together, pieces, steps, material, time, cautions. Prints by itself. */
import { computed } from 'vue';
import {
  detailBlocks,
  detailFacts,
  detailPoint,
  detailsBefore,
  pieceKey,
  type DetailWork,
  type ZoneDetails,
} from '@lentum/core/details';
import { FORM_WORDS } from '@lentum/core/buildup';
import type { Printout } from '@lentum/core/printout';
import { sentence } from '@lentum/core/problems';
import { zoneShape } from '@lentum/core/survey';
import { protectionOf } from '@lentum/core/words';
import { worded } from '../app/wording.ts';
import FigureText from '../shared/FigureText.vue';
import RoofPlan from '../shared/RoofPlan.vue';
import SayParts from '../shared/SayParts.vue';
import { useUnits } from '../shared/units.ts';
import ExplodedDrawing from './ExplodedDrawing.vue';
import FlatPiece from './FlatPiece.vue';
import SignOff from './SignOff.vue';
import { cautionsOf } from './cautions.ts';
import PrintButton from '../shared/printout/PrintButton.vue';
import { usePrinted } from '../shared/printout/telling.ts';

const props = defineProps<{ zone: ZoneDetails; work: DetailWork }>();
const { say } = useUnits();
const facts = computed(() => detailFacts(props.work.detail.kind));
const labels = computed(() => new Map(props.zone.groups.map((g) => [g.key, g.label])));
const labelOf = (key: string): string => labels.value.get(key) ?? '';
const shape = computed(() => {
  const found = zoneShape(props.zone.zone);
  return found.ok ? found.value : undefined;
});
const before = computed(() => detailsBefore(props.zone.buildUp));
const cautions = computed(() => {
  const { own } = props.work.made;
  const { buildUp } = props.zone;
  return [
    ...new Set([
      ...cautionsOf(buildUp, props.work.detail.kind),
      ...(own ? [...protectionOf(own.coat), ...(own.coat.product?.cautions ?? [])] : []),
    ]),
  ];
});
const size = computed(() => {
  const { detail } = props.work;
  const parts: string[] = [];
  if (detail.count > 1) parts.push(`${detail.count} alike`);
  if (detail.place)
    parts.push(
      `${say(detail.place.alongM, 'length')} along side 1, ${say(detail.place.acrossM, 'length')} in`,
    );
  return parts.join(', ');
});
const { printed } = usePrinted();
const printout = (): Printout =>
  printed(`${facts.value.name}, ${props.work.detail.where}`, (t) =>
    detailBlocks(props.zone, props.work, cautions.value, t),
  );
</script>

<template>
  <section class="card" :aria-label="worded(`${facts.name}, ${work.detail.where}`)">
    <div class="head">
      <h2>{{ worded(facts.name) }}, {{ worded(work.detail.where) }}</h2>
      <PrintButton class="end" :printout="printout" label="Print this card" />
    </div>
    <p class="quiet">
      {{ zone.zone.name }}, {{ zone.buildUp.name
      }}<template v-if="before">; made before “{{ before.name }}”</template>.
      {{ size }}
    </p>
    <p v-if="work.made.own" class="own">
      {{ worded('Made with') }} <strong>{{ work.made.own.coat.name }}</strong>:
      {{ worded(FORM_WORDS[work.made.own.form]) }}.
    </p>
    <p v-for="p in work.problems" :key="p.field" class="problem">{{ worded(sentence(p)) }}</p>

    <SignOff :key="work.detail.id" :detail="work.detail" />

    <div class="pair">
      <ExplodedDrawing
        v-if="work.pieces.length > 0 || work.pocket"
        :work="work"
        :rules="work.made.rules"
        :label-of="(p) => labelOf(pieceKey(p))"
      />
      <RoofPlan
        v-if="shape"
        :zone="zone.zone"
        :ring="shape.ring"
        :polygon="shape.polygon"
        :dimensions="false"
        :most-height="260"
      >
        <template #default="{ view }">
          <polyline
            v-if="work.detail.path.length > 1"
            :points="
              [...work.detail.path, ...(work.detail.path.length > 2 ? work.detail.path.slice(0, 1) : [])]
                .map((p) => view.at(p).join(','))
                .join(' ')
            "
            class="run"
          />
          <circle
            :cx="view.at(detailPoint(work.detail))[0]"
            :cy="view.at(detailPoint(work.detail))[1]"
            r="7"
            class="spot"
          />
        </template>
      </RoofPlan>
    </div>

    <dl class="facts">
      <div v-if="work.detail.length">
        <dt>Length</dt>
        <dd><FigureText :figure="work.detail.length" /></dd>
      </div>
      <div>
        <dt>Time, two people</dt>
        <dd><FigureText :figure="work.minutes" /></dd>
      </div>
      <template v-if="work.pocket">
        <div>
          <dt>Pour</dt>
          <dd>
            <strong><FigureText :figure="work.pocket.pour" /></strong>
          </dd>
        </div>
        <div>
          <dt>Curb, inside</dt>
          <dd>{{ say(work.pocket.curb.lengthMm, 'lap') }} × {{ say(work.pocket.curb.widthMm, 'lap') }}</dd>
        </div>
        <div>
          <dt>Nearest pipe to the curb</dt>
          <dd>{{ say(work.pocket.curb.clearanceMm, 'lap') }}</dd>
        </div>
      </template>
    </dl>

    <template v-if="work.pieces.length > 0">
      <h3>Pieces, cut beforehand</h3>
      <div class="pieces">
        <FlatPiece v-for="p in work.pieces" :key="pieceKey(p)" :piece="p" :label="labelOf(pieceKey(p))" />
      </div>
      <p class="quiet key">Dashed: fold. Red: cut.</p>
    </template>

    <h3>Steps</h3>
    <ol>
      <li v-for="(s, i) in work.steps" :key="i">
        <SayParts fine :parts="s.says" />
        <template v-if="s.waitMin"> Wait <FigureText :figure="s.waitMin" />.</template>
        <strong v-if="s.hold" class="hold">Hold: {{ s.hold }}</strong>
      </li>
    </ol>

    <template v-if="work.materials.length > 0">
      <h3>Material</h3>
      <table class="dense">
        <thead>
          <tr>
            <th scope="col">What</th>
            <th scope="col">Where</th>
            <th scope="col" class="num">Net</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(m, i) in work.materials" :key="i">
            <td>{{ worded(m.name) }}</td>
            <td class="quiet">{{ worded(m.use) }}</td>
            <td class="num"><FigureText fine :figure="m.amount" /></td>
          </tr>
        </tbody>
      </table>
    </template>

    <h3>Mind</h3>
    <ul>
      <li v-for="c in cautions" :key="c">{{ c }}</li>
    </ul>
  </section>
</template>

<style scoped>
.card {
  min-width: 0;
}
.pair {
  display: grid;
  grid-template-columns: minmax(0, 1.4fr) minmax(0, 1fr);
  gap: var(--s4);
  align-items: center;
  margin: var(--s3) 0;
}
.facts {
  display: flex;
  flex-wrap: wrap;
  gap: var(--s2) var(--s6);
  margin: 0 0 var(--s3);
}
dt {
  font-size: var(--t-s);
  color: var(--ink-2);
}
dd {
  margin: 0;
}
h3 {
  margin: var(--s4) 0 var(--s2);
}
.key {
  margin-top: var(--s2);
}
.pieces {
  display: flex;
  flex-wrap: wrap;
  gap: var(--s4) var(--s6);
  align-items: flex-end;
}
ol,
ul {
  margin: 0;
  padding-left: 1.4rem;
}
li {
  margin-bottom: var(--s1);
}
.hold {
  margin-left: var(--s2);
  padding: 0 var(--s2);
  border: max(1px, var(--stroke)) solid var(--amber);
  border-radius: 999px;
  color: var(--amber);
  font-size: var(--t-s);
  white-space: nowrap;
}
.run {
  fill: none;
  stroke: var(--sea);
  stroke-width: 6;
  stroke-linecap: round;
}
.spot {
  fill: var(--sea);
  stroke: var(--paper);
  stroke-width: 2;
}
@media (max-width: 720px) {
  .pair {
    grid-template-columns: minmax(0, 1fr);
  }
  ol li {
    margin-bottom: var(--s3);
  }
}
</style>
