<script setup lang="ts">
/** Sources of weather and readings that answer over HTTP: the firm's, for all its jobs. */
import { defineAsyncComponent, onMounted, ref } from 'vue';
import { sure } from '../../app/asking.ts';
import { may } from '../../app/session.ts';
import HostList from './HostList.vue';
import { useKeptSources, type KeptSource } from './kept.ts';
import { KIND_WORDS } from '../../shared/sourcewords.ts';

const SourceDialog = defineAsyncComponent(() => import('./SourceDialog.vue'));
const { sources, hosts, trouble, busy, load, allow, disallow, putAway } = useKeptSources();
onMounted(load);

const changing = ref<{ readonly kept: KeptSource | undefined }>();
async function saved(): Promise<void> {
  changing.value = undefined;
  await load();
}
async function away(s: KeptSource): Promise<void> {
  const what = `Jobs no longer ask ${s.source.name}, and its key is forgotten. The hours that it told stay.`;
  if (await sure('Put this source away?', what, 'Put it away', 'Keep')) await putAway(s.id);
}
const often = (minutes: number): string =>
  minutes === 1 ? 'asked every minute at most' : `asked every ${minutes} min at most`;
const about = ({ source, hasKey, simulated }: KeptSource): string =>
  [
    KIND_WORDS[source.kind].name.toLowerCase(),
    ...(simulated ? ['made up'] : []),
    ...(hasKey ? ['with a key'] : []),
    ...(source.kind === 'meter' ? [] : [often(source.leastMinutes)]),
  ].join(', ');
</script>

<template>
  <section aria-labelledby="sources">
    <h2 id="sources">Sources of weather and readings</h2>
    <p class="quiet">
      Services, stations and meters that answer over HTTP. A job says on its weather page which of them it
      asks.
    </p>
    <p v-if="trouble" class="problem" role="alert">{{ trouble }}</p>
    <ul v-if="sources && sources.length > 0" class="things" aria-labelledby="sources">
      <li v-for="s in sources" :key="s.id">
        <span class="what"
          ><strong>{{ s.source.name }}</strong> <span class="quiet">{{ about(s) }}</span><span
            class="address quiet"
            >{{ s.source.address }}</span
          ></span
        >
        <span v-if="may('change sources')" class="acts">
          <el-button text :aria-label="`Change ${s.source.name}`" @click="changing = { kept: s }"
            >Change</el-button
          >
          <el-button text :aria-label="`Put ${s.source.name} away`" @click="away(s)">Put away</el-button>
        </span>
      </li>
    </ul>
    <p v-else-if="sources" class="quiet">None yet.</p>
    <el-button v-if="!sources && trouble" @click="load">Try again</el-button>
    <p v-if="sources && may('change sources')" class="add">
      <el-button :loading="busy" @click="changing = { kept: undefined }">Add a source</el-button>
    </p>
    <HostList v-if="sources" :hosts="hosts" :allow="allow" @disallow="disallow" />
    <SourceDialog v-if="changing" :kept="changing.kept" @saved="saved" @close="changing = undefined" />
  </section>
</template>

<style scoped>
section {
  padding: var(--s4) 0;
  border-bottom: var(--stroke) solid var(--line);
}
.add {
  margin: var(--s2) 0 var(--s4);
}
.what {
  min-width: 0;
}
.address {
  display: block;
  overflow-wrap: anywhere;
}
.acts {
  white-space: nowrap;
}
</style>
