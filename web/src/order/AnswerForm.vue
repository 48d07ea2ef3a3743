<script setup lang="ts">
/** The answer of a supplier: who, since when and until when it holds, and the file with its prices. */
import { ref } from 'vue';
import { readAnswer, readPrice, type Offer, type OrderLine } from '@lentum/core/order';
import { sentence, type Problem } from '@lentum/core/problems';
import { worded } from '../app/wording.ts';
import { tableOf } from './requests.ts';

const props = defineProps<{ lines: readonly OrderLine[]; today: string }>();
const emit = defineEmits<{ add: [offer: Offer] }>();

const supplier = ref('');
const on = ref(props.today);
const until = ref('');
const currency = ref(props.lines[0]?.item.currency ?? 'EUR');
const freight = ref('');
const days = ref('');
const says = ref<string[]>([]);
const done = ref('');
const input = ref<HTMLInputElement>();

const wrong = (label: string, actual: string, expected: string): Problem => ({
  kind: 'wrong',
  ...{ field: 'answer', label, actual, expected },
});

/** What is typed beside the file, or why it cannot be. */
function head(): Omit<Offer, 'lines'> | Problem[] {
  const problems: Problem[] = [];
  const name = supplier.value.trim();
  if (name === '') problems.push({ ...wrong('Supplier', '', 'a name'), kind: 'missing' });
  const code = currency.value.trim().toUpperCase();
  if (!/^[A-Z]{3}$/.test(code))
    problems.push(wrong('Currency', currency.value, 'three letters, such as EUR'));
  if (until.value !== '' && until.value < on.value)
    problems.push(wrong('Holds until', until.value, `a day from ${on.value} on`));
  const carried =
    freight.value.trim() === '' ? undefined : readPrice(freight.value, code, 'answer', 'Freight');
  if (carried && !carried.ok) problems.push(...carried.problems);
  const lead = days.value.trim();
  if (lead !== '' && !(/^\d{1,3}$/.test(lead) && Number(lead) <= 365))
    problems.push(wrong('Days to delivery', lead, 'a whole number of days, up to 365'));
  if (problems.length > 0) return problems;
  return {
    id: crypto.randomUUID(),
    supplier: name,
    on: on.value,
    ...(until.value === '' ? {} : { until: until.value }),
    currency: code,
    ...(carried?.ok ? { freight: carried.value } : {}),
    ...(lead === '' ? {} : { deliveryDays: Number(lead) }),
    note: '',
  };
}

async function take(): Promise<void> {
  const file = input.value?.files?.[0];
  if (!file) return;
  says.value = [];
  done.value = '';
  try {
    const offer = head();
    if (Array.isArray(offer)) {
      says.value = offer.map(sentence);
      return;
    }
    const table = await tableOf(file);
    const read = readAnswer(table, props.lines, offer.currency);
    if (!read.ok) {
      says.value = read.problems.map(sentence);
      return;
    }
    const { lines, empty, problems } = read.value;
    says.value = problems.map(sentence);
    if (lines.length === 0) {
      says.value = [...says.value, 'No row of the file has a price that can be taken: nothing was kept.'];
      return;
    }
    emit('add', { ...offer, lines });
    done.value = `${lines.length} prices of ${offer.supplier} are kept; ${empty} rows had none.`;
    supplier.value = '';
  } catch {
    says.value = [`${file.name} cannot be read; expected a CSV file or an xlsx spreadsheet.`];
  } finally {
    if (input.value) input.value.value = '';
  }
}
</script>

<template>
  <form class="bar answer" @submit.prevent>
    <div class="field">
      <label for="supplier">Supplier</label>
      <el-input id="supplier" v-model="supplier" :maxlength="120" />
    </div>
    <div class="field">
      <label for="offer-on">Of</label>
      <input id="offer-on" v-model="on" class="plain" type="date" />
    </div>
    <div class="field">
      <label for="offer-until">Holds until</label>
      <input id="offer-until" v-model="until" class="plain" type="date" :min="on" />
    </div>
    <div class="field short">
      <label for="offer-currency">Currency</label>
      <el-input id="offer-currency" v-model="currency" :maxlength="3" />
    </div>
    <div class="field short">
      <label for="offer-freight">Freight</label>
      <el-input id="offer-freight" v-model="freight" inputmode="decimal" />
    </div>
    <div class="field short">
      <label for="offer-days">Days to delivery</label>
      <el-input id="offer-days" v-model="days" inputmode="numeric" />
    </div>
    <div class="field">
      <label for="offer-file">Its answer, CSV or spreadsheet</label>
      <input
        id="offer-file"
        ref="input"
        type="file"
        accept=".csv,.txt,.xlsx,text/csv,application/vnd.openxmlformats-officedocument.spreadsheetml.sheet"
        @change="take"
      />
    </div>
  </form>
  <p v-if="done" role="status">{{ done }}</p>
  <ul v-if="says.length > 0" role="alert" class="problem">
    <li v-for="s in says.slice(0, 20)" :key="s">{{ worded(s) }}</li>
    <li v-if="says.length > 20">and {{ says.length - 20 }} more rows.</li>
  </ul>
</template>

<style scoped>
.answer {
  gap: var(--s2) var(--s3);
  align-items: end;
  flex-wrap: wrap;
}
.field {
  width: 11rem;
}
.field.short {
  width: 8rem;
}
.field:last-child {
  width: auto;
}
.field:last-child label {
  display: block;
}
</style>
