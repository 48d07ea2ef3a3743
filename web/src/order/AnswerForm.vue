<script setup lang="ts">
/** The answer of a supplier: who, since when and until when it holds, and the file with its prices. */
import { computed, ref } from 'vue';
import { moneyText, readAnswer, readPrice, type Offer, type OrderLine } from '@lentum/core/order';
import { fail, ok, sentence, type Problem } from '@lentum/core/problems';
import { HERE } from '../app/locale.ts';
import { worded } from '../app/wording.ts';
import { useFileRead } from '../shared/fileread.ts';
import TableDialog from '../shared/tables/TableDialog.vue';
import { openSheet } from '../workers/sheetwork.ts';

const props = defineProps<{ lines: readonly OrderLine[]; today: string }>();
const emit = defineEmits<{ add: [offer: Offer] }>();

const supplier = ref('');
const on = ref(props.today);
const until = ref('');
const currency = ref(props.lines[0]?.item.currency ?? 'EUR');
const freight = ref('');
const days = ref('');
const says = ref<readonly string[]>([]);
const done = ref('');

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

const file = useFileRead<readonly (readonly string[])[]>(() => {
  const work = openSheet();
  return {
    read: async (f, progress) => {
      const rows = await work.ask.read(f, f.name, progress).catch(() => undefined);
      return rows ? ok(rows) : fail(wrong(f.name, 'what is in it', 'a CSV file or an xlsx spreadsheet'));
    },
    end: work.end,
  };
});
const { name, share, found: rows } = file;

/** What is typed beside it is looked at first. */
async function pick(event: Event): Promise<void> {
  done.value = '';
  const asked = head();
  says.value = Array.isArray(asked) ? asked.map(sentence) : [];
  if (Array.isArray(asked)) (event.target as HTMLInputElement).value = '';
  else await file.pick(event);
}

const read = computed(() => {
  const asked = rows.value && head();
  return !rows.value || !asked || Array.isArray(asked)
    ? undefined
    : { asked, answer: readAnswer(rows.value, props.lines, asked.currency) };
});
const answer = computed(() => (read.value?.answer.ok === true ? read.value.answer.value : undefined));
const priced = computed(() => answer.value?.lines ?? []);
const SHOWN = 8;
const problems = computed(() => {
  const own =
    read.value && !read.value.answer.ok ? read.value.answer.problems : (answer.value?.problems ?? []);
  const all = [...file.problems.value, ...own.map(sentence)].map((s) => worded(s));
  const none = 'No row of the file has a price that can be taken.';
  const more = `And ${all.length - MOST_SAID} more rows.`;
  return [
    ...all.slice(0, MOST_SAID),
    ...(all.length > MOST_SAID ? [more] : []),
    ...(answer.value && priced.value.length === 0 ? [none] : []),
  ];
});
const MOST_SAID = 6;

function take(): void {
  if (!read.value || !answer.value) return;
  const { asked } = read.value;
  const { lines, empty } = answer.value;
  emit('add', { ...asked, lines });
  done.value = `${lines.length} prices of ${asked.supplier} are kept; ${empty} rows had none.`;
  supplier.value = '';
  file.close();
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
        type="file"
        accept=".csv,.txt,.xlsx,text/csv,application/vnd.openxmlformats-officedocument.spreadsheetml.sheet"
        @change="pick"
      />
    </div>
  </form>
  <p v-if="done" role="status">{{ done }}</p>
  <ul v-if="says.length > 0" role="alert" class="problem">
    <li v-for="s in says" :key="s">{{ worded(s) }}</li>
  </ul>
  <TableDialog
    :open="rows !== undefined || share !== undefined || problems.length > 0"
    :title="`Prices out of ${name}`"
    :name="name"
    :share="share"
    :problems="problems"
    takes="Keep these prices"
    :ready="priced.length > 0"
    @close="file.close()"
    @take="take"
  >
    <template v-if="read && priced.length > 0">
      <p>{{ read.asked.supplier }}: {{ priced.length }} prices; {{ answer?.empty }} rows have none.</p>
      <table class="dense" aria-label="Prices in the file">
        <thead>
          <tr>
            <th scope="col">Product</th>
            <th scope="col">Pack</th>
            <th scope="col" class="num">Price of a pack</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="l in priced.slice(0, SHOWN)" :key="`${l.item} ${l.packId}`">
            <td>{{ l.name }}</td>
            <td class="quiet">{{ l.pack }}</td>
            <td class="num">{{ moneyText(Number(l.price), read.asked.currency, HERE.numbers) }}</td>
          </tr>
        </tbody>
      </table>
      <p v-if="priced.length > SHOWN" class="quiet">and {{ priced.length - SHOWN }} more</p>
    </template>
    <template v-if="problems.length > 0 && priced.length > 0" #found>
      <p class="quiet">These rows are left out; the others can be kept.</p>
    </template>
  </TableDialog>
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
