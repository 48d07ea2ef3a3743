<script setup lang="ts">
/** Every build-up of the firm: by family, with how it is made and how much of it is still typical. */
import { computed, onMounted, ref } from 'vue';
import { useRouter } from 'vue-router';
import { blankBuildUp, resolve, sourceCounts, totals, type BuildUp } from '@lentum/core/buildup';
import { FAMILIES, FAMILY_KEYS } from '@lentum/core/family';
import { LAYER_TABLE_HEADINGS } from '@lentum/core/library';
import { call, sentenceOf } from '../app/api.ts';
import { worded } from '../app/wording.ts';
import FigureText from '../shared/FigureText.vue';
import LayerStrip from '../shared/LayerStrip.vue';
import SortHead from '../shared/SortHead.vue';
import { inOrder, type Sorting } from '../shared/sorting.ts';
import { useUnits } from '../shared/units.ts';
import BroughtBuildUp from './BroughtBuildUp.vue';
import { freshId, useLibrary, type Listed } from './library.ts';

const router = useRouter();
const library = useLibrary();
const { unit } = useUnits();
const trouble = ref('');
const search = ref('');
const showAway = ref(false);
const naming = ref(false);
const name = ref('');
const brought = ref<InstanceType<typeof BroughtBuildUp>>();
onMounted(library.load);

const rows = computed(() =>
  (library.rows ?? [])
    .filter((r) => r.putAway === showAway.value)
    .filter((r) =>
      `${r.buildUp.name} ${r.buildUp.summary} ${FAMILIES[r.buildUp.family].name}`
        .toLowerCase()
        .includes(search.value.trim().toLowerCase()),
    )
    .map((r) => {
      const laid = resolve(r.buildUp);
      const counts = sourceCounts(r.buildUp);
      return {
        ...r,
        laid,
        sums: totals(laid),
        counts,
        share: (100 * counts.typical) / Math.max(1, counts.total),
      };
    }),
);
const families = computed(() => new Set(rows.value.map((r) => r.buildUp.family)).size);
type Column = 'name' | 'membrane' | 'laid' | 'typical';
const sorting = ref<Sorting<Column>>();
/** By family, or all of them in the order that was asked for. */
const groups = computed(() => {
  if (sorting.value) {
    const sorted = inOrder(rows.value, sorting.value, {
      name: (r) => r.buildUp.name,
      membrane: (r) => r.sums.membraneDry.value,
      laid: (r) => r.sums.weight.value,
      typical: (r) => r.share,
    });
    return [{ key: 'all', name: '', rows: sorted }];
  }
  return FAMILY_KEYS.flatMap((key) => {
    const own = rows.value.filter((r) => r.buildUp.family === key);
    return own.length > 0 ? [{ key, name: FAMILIES[key].name, rows: own }] : [];
  });
});

async function attempt(work: () => Promise<void>): Promise<void> {
  trouble.value = '';
  try {
    await work();
  } catch (error) {
    trouble.value = sentenceOf(error);
  }
}
const open = (id: string): void => void router.push({ name: 'library-build-up', params: { buildUpId: id } });

const begin = (made: BuildUp): Promise<void> =>
  attempt(async () => {
    await call('PUT', `/library/${made.id}`, { body: made, ifMatch: 0 });
    open(made.id);
  });
const start = (): Promise<void> =>
  begin(blankBuildUp(freshId(name.value), name.value.trim() || 'New build-up'));

const bringBack = (row: Listed): Promise<void> =>
  attempt(async () => {
    await call('POST', `/library/${row.id}/away`, { body: { away: false } });
    await library.load();
  });
</script>

<template>
  <main class="page">
    <div class="head">
      <h1>Build-ups</h1>
      <span v-if="library.rows" class="quiet">{{ rows.length }} in {{ families }} families</span>
      <div class="bar end">
        <el-input v-model="search" placeholder="Find" aria-label="Find a build-up" class="search" clearable />
        <el-button type="primary" @click="naming = true">Start a build-up</el-button>
        <el-button @click="brought?.choose()">Import a file or table</el-button>
        <BroughtBuildUp ref="brought" :taken="(library.rows ?? []).map((r) => r.id)" @taken="open" />
        <el-button text @click="showAway = !showAway">{{ showAway ? 'In use' : 'Put away' }}</el-button>
      </div>
    </div>
    <p v-if="trouble || library.trouble" class="problem" role="alert">{{ trouble || library.trouble }}</p>
    <form v-if="naming" class="new" @submit.prevent="start">
      <label for="new-name">What is it called?</label>
      <el-input id="new-name" v-model="name" maxlength="120" autofocus />
      <el-button type="primary" native-type="submit">Start it</el-button>
      <el-button @click="naming = false">Cancel</el-button>
    </form>
    <p v-if="!library.rows && !library.trouble" role="status">Opening the library …</p>
    <p v-else-if="rows.length === 0" class="quiet">
      {{ showAway ? 'Nothing is put away.' : 'Nothing of that name. Start one, or import a file.' }}
    </p>
    <div v-if="rows.length > 0" class="scroll-x list">
      <table class="dense">
        <thead>
          <tr>
            <SortHead v-model="sorting" column="name" name="Build-up" />
            <th scope="col">Layers, from the ground up</th>
            <SortHead v-model="sorting" column="membrane" name="Membrane, dry" num
              >Membrane,<br />dry, {{ unit('film') }}</SortHead
            >
            <SortHead v-model="sorting" column="laid" name="Laid" num
              >Laid,<br />{{ unit('rateMass') }}</SortHead
            >
            <SortHead v-model="sorting" column="typical" name="Still typical" />
            <th scope="col">Revision</th>
          </tr>
        </thead>
        <tbody v-for="g in groups" :key="g.key">
          <tr v-if="g.name">
            <th scope="colgroup" colspan="6" class="family">{{ worded(g.name) }}</th>
          </tr>
          <tr v-for="r in g.rows" :key="r.id">
            <td class="what">
              <RouterLink :to="{ name: 'library-build-up', params: { buildUpId: r.id } }"
                ><strong>{{ r.buildUp.name }}</strong></RouterLink
              >
              <div class="quiet">
                {{ sorting ? `${worded(FAMILIES[r.buildUp.family].name)}. ` : '' }}{{ r.buildUp.summary }}
              </div>
            </td>
            <td><LayerStrip :build-up="r.laid" /></td>
            <td class="num" data-label="Membrane, dry">
              <FigureText :figure="r.sums.membraneDry" bare /> <span class="narrow">{{ unit('film') }}</span>
            </td>
            <td class="num" data-label="Laid">
              <FigureText :figure="r.sums.weight" bare /> <span class="narrow">{{ unit('rateMass') }}</span>
            </td>
            <td class="typical" data-label="Still typical">
              <span class="gauge" aria-hidden="true"><span :style="{ width: `${r.share}%` }" /></span>
              {{ r.counts.typical }} of {{ r.counts.total }}
            </td>
            <td class="rev" data-label="Revision">
              {{ r.revision > 0 ? r.revision : 'not released'
              }}<span v-if="r.changed && r.revision > 0" class="quiet">, changed since</span>
              <el-button v-if="r.putAway" text @click="bringBack(r)">Bring back</el-button>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <p class="quiet foot">
      What ships with Lentum is typical throughout: values of our own inside the usual ranges, to be replaced
      with those of your data sheets. A table to import has a row a layer and these headings:
      {{ LAYER_TABLE_HEADINGS.join(', ') }}.
    </p>
  </main>
</template>

<style scoped>
.search {
  width: 12rem;
}
.new {
  display: flex;
  flex-wrap: wrap;
  gap: var(--s2);
  align-items: center;
  margin-top: var(--s3);
}
.new .el-input {
  width: 24rem;
  max-width: 100%;
}
.list {
  margin-top: var(--s3);
}
.family {
  padding-top: var(--s4) !important;
  color: var(--ink-2) !important;
}
.what {
  min-width: 16rem;
}
.typical {
  white-space: nowrap;
}
.gauge {
  display: inline-block;
  width: 48px;
  height: 8px;
  border: 1px solid var(--ink-2);
  margin-right: var(--s1);
}
.gauge > span {
  display: block;
  height: 100%;
  background: repeating-linear-gradient(45deg, var(--amber) 0 1.5px, transparent 1.5px 5px);
}
.rev {
  min-width: 6rem;
}
.narrow {
  display: none;
}
/* On a phone a row is a card: what it is, its layers, then its figures one under the other. */
@media (max-width: 640px) {
  .list thead {
    display: none;
  }
  .list :is(tr, td, th, tbody, table) {
    display: block;
  }
  .list td {
    border: none;
    height: auto;
    padding: 2px 0;
    text-align: left !important;
  }
  .list tr:has(.family) {
    border: none;
    padding-bottom: 0;
  }
  .list .family {
    padding-left: 0;
  }
  .list tr {
    padding: var(--s2) 0;
    border-bottom: 1px solid var(--line);
  }
  .list td[data-label]::before {
    content: attr(data-label) ' ';
    display: inline-block;
    width: 8.5rem;
    color: var(--ink-2);
  }
  .narrow {
    display: inline;
  }
}
.foot {
  margin-top: var(--s6);
  max-width: 60rem;
}
</style>
