<script setup lang="ts">
/** The guarantee of a roof: who gives it, for what and how long, what it hangs on, and whether that is kept. */
import { guaranteeWords, PROOF_NAMES, type GuaranteeStand } from '@lentum/core/handover';
import { PROOF_SUBJECTS } from '@lentum/core/proving';
import type { Outcome } from '@lentum/core/words';
import { dayWords } from '../../app/time.ts';
import { worded } from '../../app/wording.ts';
import NamedField from '../../shared/NamedField.vue';
import MeasureInput from '../../shared/MeasureInput.vue';
import SayParts from '../../shared/SayParts.vue';
import TextInput from '../../shared/TextInput.vue';
import VerdictMark from '../../shared/VerdictMark.vue';
import { useOwnPart } from '../ownpart.ts';
import { useHeld } from '../../shared/heldpage.ts';

const held = useHeld();

const props = defineProps<{ zoneId: string; stand: GuaranteeStand | undefined }>();
const { own, put, change } = useOwnPart('guarantees', () => props.zoneId);
const begin = (): void =>
  put({
    ...{ zoneId: props.zoneId, by: 'the applicator', covers: 'no water comes through', years: 10 },
    ...{ demands: [], visitsBy: '' },
  });
const dayIn = (event: Event): string => (event.target as HTMLInputElement).value;
/** What has to stand there stays as it was when the field is emptied. */
function keep(key: 'by' | 'covers', value: string): void {
  if (value.trim() !== '') change(key, value.trim());
}
const OUTCOMES = {
  kept: 'done',
  missing: 'hold',
  broken: 'stop',
  'to come': 'check',
} as const satisfies Record<GuaranteeStand['lines'][number]['answer'], Outcome>;
</script>

<template>
  <section :aria-label="worded('Guarantee')">
    <div class="head">
      <h2>{{ worded('Guarantee') }}</h2>
      <el-button v-if="own" class="end" text @click="put(undefined)">Take out</el-button>
    </div>
    <template v-if="!own">
      <p class="quiet">{{ worded('No guarantee is entered.') }}</p>
      <el-button @click="begin">{{ worded('Enter a guarantee') }}</el-button>
    </template>
    <template v-else>
      <p v-if="stand">{{ guaranteeWords(stand, worded, dayWords) }}</p>
      <ul v-if="stand && stand.lines.length > 0" class="lines">
        <li v-for="(l, i) in stand.lines" :key="i">
          <VerdictMark :outcome="OUTCOMES[l.answer]" />
          <span
            >{{ worded(l.what) }}, <strong>{{ worded(l.answer) }}</strong>:
            <span class="quiet"><SayParts :parts="l.says" /></span
          ></span>
        </li>
      </ul>
      <details>
        <summary>What it says and what it hangs on</summary>
        <div class="form">
          <NamedField name="Who gives it">
            <TextInput
              :model-value="own.by"
              label="Who gives it"
              @update:model-value="(v: string) => keep('by', v)"
            />
          </NamedField>
          <NamedField name="For what">
            <TextInput
              :model-value="own.covers"
              label="For what"
              @update:model-value="(v: string) => keep('covers', v)"
            />
          </NamedField>
          <NamedField name="For how many years" group>
            <MeasureInput
              :model-value="own.years"
              quantity="count"
              label="For how many years"
              :min="1"
              :max="60"
              @update:model-value="change('years', Math.round($event ?? own.years))"
            />
          </NamedField>
          <NamedField name="Begins, if not with the handing over">
            <input
              class="plain"
              :value="own.startsOn ?? ''"
              type="date"
              :disabled="held"
              :aria-label="worded('Guarantee begins')"
              @change="change('startsOn', dayIn($event))"
            />
          </NamedField>
          <NamedField name="It has to be shown of the roof" group>
            <el-checkbox-group
              :model-value="own.demands"
              aria-label="It has to be shown of the roof"
              @update:model-value="change('demands', $event)"
            >
              <el-checkbox v-for="s in PROOF_SUBJECTS" :key="s" :value="s">{{
                worded(PROOF_NAMES[s])
              }}</el-checkbox>
            </el-checkbox-group>
          </NamedField>
          <NamedField name="Visits a year that keep it" group>
            <MeasureInput
              :model-value="own.visitsPerYear"
              quantity="count"
              label="Visits a year that keep it"
              :min="1"
              :max="12"
              optional
              @update:model-value="
                change('visitsPerYear', $event === undefined ? undefined : Math.round($event))
              "
            />
          </NamedField>
          <NamedField name="By whom">
            <TextInput
              :model-value="own.visitsBy"
              label="By whom"
              @update:model-value="(v: string) => put({ ...own!, visitsBy: v.trim() })"
            />
          </NamedField>
          <NamedField name="Sent in within days of handing over" group>
            <MeasureInput
              :model-value="own.sentWithinDays"
              quantity="count"
              label="Sent in within days of handing over"
              :min="1"
              :max="365"
              optional
              @update:model-value="
                change('sentWithinDays', $event === undefined ? undefined : Math.round($event))
              "
            />
          </NamedField>
          <NamedField name="Sent in on">
            <input
              class="plain"
              :value="own.sentOn ?? ''"
              type="date"
              :disabled="held"
              aria-label="Sent in on"
              @change="change('sentOn', dayIn($event))"
            />
          </NamedField>
        </div>
      </details>
    </template>
  </section>
</template>

<style scoped>
.lines {
  list-style: none;
  margin: var(--s2) 0;
  padding: 0;
}
.lines li {
  display: grid;
  grid-template-columns: 20px minmax(0, 1fr);
  gap: var(--s2);
  padding: var(--s1) 0;
}
.form {
  display: grid;
  gap: var(--s2);
  margin-top: var(--s2);
}
</style>
