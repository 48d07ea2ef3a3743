<script setup lang="ts">
/** The sheet of the chosen day: what each crew does when, what goes along, and what closes. */
import { DateTime } from 'luxon';
import { HERE } from '../app/locale.ts';
import { dayText } from '../app/time.ts';
import { computed } from 'vue';
import type { DayShown, PlanAnswer } from '@lentum/core/planning';
import { daySheet } from '@lentum/core/words';
import { useJob } from '../app/job.ts';
import { worded } from '../app/wording.ts';
import ContactLines from '../shared/ContactLines.vue';
import FigureText from '../shared/FigureText.vue';
import SayParts from '../shared/SayParts.vue';
import { useUnits } from '../shared/units.ts';

const props = defineProps<{ answer: PlanAnswer; day: DayShown }>();
const emit = defineEmits<{ choose: [key: string] }>();
const job = useJob();
const { number } = useUnits();
/** A clock with AM and PM is wider. */
const clockWidth = HERE.twelve ? '72px' : '56px';
const sheet = computed(() => daySheet(props.answer, props.day.date));
const contacts = computed(() => job.documents.programme.draft.contacts);
const title = computed(() => dayText(DateTime.fromISO(props.day.date), 'long'));
const hours = (min: number): string => number(min / 60, 1);
</script>

<template>
  <section class="sheet" :aria-label="`Day sheet, ${title}`">
    <h2>{{ title }}</h2>
    <p class="quiet">
      <template v-if="day.off !== undefined">No work{{ day.off ? `: ${day.off}` : '' }}.</template>
      <template v-else>{{ hours(day.usedMin) }} of {{ hours(day.thereMin) }} crew hours used</template>
      <template v-if="!day.isForecast && answer.season !== undefined">
        · beyond the forecast: days of {{ answer.season }} near this date stand for it</template
      >
      <template v-else-if="!day.isForecast">
        · beyond the forecast: days like those known stand for it</template
      >
    </p>
    <p v-if="sheet && sheet.crews.length === 0 && day.off === undefined">Nothing is planned for it.</p>
    <template v-for="c in sheet?.crews" :key="c.crew.id">
      <h3>
        {{ c.crew.name }}
        <span v-if="!c.crew.inspects" class="quiet">{{
          c.crew.people === 1 ? '1 person' : `${c.crew.people} people`
        }}</span>
      </h3>
      <p v-if="c.crew.names.length > 0" class="quiet">{{ c.crew.names.join(', ') }}</p>
      <ol>
        <li v-for="l in c.lines" :key="l.key">
          <button
            type="button"
            class="time"
            :aria-label="`${job.hour(l.fromMs)}, ${l.bays} on the board`"
            @click="emit('choose', l.key)"
          >
            {{ job.hour(l.fromMs) }}
          </button>
          <div>
            <p>
              <strong>{{ l.bays }} {{ worded(l.name).toLowerCase() }}</strong>
              <template v-if="l.amount">&nbsp;<FigureText fine :figure="l.amount" /></template>
            </p>
            <p v-for="(m, i) in l.minds" :key="i" class="quiet"><SayParts :parts="m" /></p>
          </div>
        </li>
      </ol>
      <p v-if="c.lastFlameMs !== undefined" class="mind">
        Last flame {{ job.hour(c.lastFlameMs) }}, then the watch, as the permit says.
      </p>
    </template>
    <template v-if="sheet && sheet.bring.length > 0">
      <h3>Bring</h3>
      <p class="bring">
        <template v-for="(b, i) in sheet.bring" :key="b.name"
          ><template v-if="i > 0"> · </template><FigureText fine :figure="b.amount" />
          {{ worded(b.name).toLowerCase() }}</template
        >
      </p>
    </template>
    <template v-if="sheet && sheet.closing.length > 0">
      <h3>Closing until tomorrow morning</h3>
      <p v-for="c in sheet.closing" :key="`${c.bays}${c.name}${c.atMs}`">
        {{ c.bays }} {{ worded(c.name).toLowerCase() }} <strong>{{ job.time(c.atMs) }}</strong>
      </p>
    </template>
    <template v-if="contacts.length > 0">
      <h3>Who to call</h3>
      <ContactLines :contacts="contacts" />
    </template>
    <p class="quiet last">A plan is no Go: before each coat the gates of the bay decide, on the day.</p>
  </section>
</template>

<style scoped>
h3 {
  margin-top: var(--s3);
  padding-bottom: var(--s1);
  border-bottom: var(--stroke) solid var(--line);
  color: var(--ink);
  font-size: var(--t-m);
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: v-bind(clockWidth) minmax(0, 1fr);
  gap: var(--s2);
  padding: var(--s2) 0;
  border-bottom: var(--stroke) solid var(--line);
}
.time {
  border: 0;
  background: none;
  padding: 0;
  font: inherit;
  font-weight: 700;
  color: var(--ink);
  text-align: left;
  cursor: pointer;
  align-self: start;
  min-height: 24px;
}
.mind {
  color: var(--amber);
}
.bring {
  padding-top: var(--s1);
}
.last {
  margin-top: var(--s3);
}
</style>
