<script setup lang="ts">
/**
 * Somebody else saved the same document first: what differs, part by part and field by field, and what is to become of it.
 * Nothing is overwritten until the person chooses.
 */
import { computed, ref, watch } from 'vue';
import { changedSide, merged, partDifferences, type PartDifference, type Side } from '@lentum/core/job';
import type { OpenDocument } from '../app/opendocument.ts';
import { bothWords, fieldName, partName } from './conflictwords.ts';
import { useUnits } from './units.ts';

const props = defineProps<{ document: OpenDocument; name: string }>();
const { say } = useUnits();

const theirs = computed(() => (props.document.state === 'conflict' ? props.document.newest : undefined));
const base = computed(() =>
  theirs.value?.base === undefined ? undefined : (JSON.parse(theirs.value.base) as object),
);
const parts = computed(() =>
  theirs.value ? partDifferences(base.value, props.document.content, theirs.value.body) : [],
);
const keyOf = ({ path }: PartDifference): string => path.join('/');

/** What is taken of each part; what nobody has chosen is the changed one. */
const chosen = ref<Record<string, Side>>({});
watch(theirs, () => (chosen.value = {}));
const sideOf = (part: PartDifference): Side => chosen.value[keyOf(part)] ?? changedSide(part);

const MOST_FIELDS = 8;
const WHO = { mine: 'changed by you', theirs: 'changed by them', both: 'changed by both' } as const;
const rows = computed(() =>
  parts.value.map((part) => ({
    part,
    key: keyOf(part),
    name: partName(part, theirs.value ? [props.document.content, theirs.value.body] : []),
    who: base.value ? WHO[part.changedBy] : 'differs',
    fields: part.fields.slice(0, MOST_FIELDS).map((f) => ({
      name: fieldName(f),
      ...bothWords(f, say),
    })),
    more: Math.max(0, part.fields.length - MOST_FIELDS),
  })),
);
const both = computed(() => parts.value.filter((p) => p.changedBy === 'both').length);
const says = computed(() => {
  if (!base.value) return 'What both began from is not known on this device: look at each part.';
  if (both.value === 0) return 'You changed different parts: both changes fit together.';
  return `${both.value === 1 ? 'One part was' : `${both.value} parts were`} changed by both: choose whose stands.`;
});

const settle = (as: object | undefined): void =>
  void (as && (props.document.settleAs as (chosen: object) => Promise<void>)(as));
const merge = (): void =>
  settle(
    theirs.value && merged<object>(base.value, props.document.content, theirs.value.body, (p) => sideOf(p)),
  );
</script>

<template>
  <el-dialog
    :model-value="theirs !== undefined"
    :title="`Somebody else saved the ${name} first`"
    width="min(760px, 96vw)"
    :show-close="false"
    :close-on-click-modal="false"
    :close-on-press-escape="false"
  >
    <template v-if="theirs">
      <p>
        You worked from version {{ theirs.from }}; version {{ theirs.version }} has been saved meanwhile.
        {{ says }} What is on screen now stays one undo away.
      </p>
      <section v-for="r in rows" :key="r.key" class="part" :aria-label="r.name">
        <div class="head">
          <strong>{{ r.name }}</strong> <span class="quiet">{{ r.who }}</span>
          <el-radio-group
            class="end"
            :model-value="sideOf(r.part)"
            :aria-label="`${r.name}: whose stands`"
            @update:model-value="chosen[r.key] = $event as Side"
          >
            <el-radio-button value="mine">Mine</el-radio-button>
            <el-radio-button value="theirs">Theirs</el-radio-button>
          </el-radio-group>
        </div>
        <div class="wide">
          <table class="dense">
            <thead>
              <tr>
                <th scope="col">Field</th>
                <th scope="col" :class="{ taken: sideOf(r.part) === 'mine' }">Mine</th>
                <th scope="col" :class="{ taken: sideOf(r.part) === 'theirs' }">Theirs</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="(f, i) in r.fields" :key="i">
                <th scope="row">{{ f.name }}</th>
                <td :class="{ taken: sideOf(r.part) === 'mine' }">{{ f.mine }}</td>
                <td :class="{ taken: sideOf(r.part) === 'theirs' }">{{ f.theirs }}</td>
              </tr>
            </tbody>
          </table>
          <p v-if="r.more > 0" class="quiet">and {{ r.more }} more fields of it</p>
        </div>
      </section>
    </template>
    <template #footer>
      <div class="bar acts">
        <el-button @click="settle(theirs?.body)">All theirs</el-button>
        <el-button @click="settle(props.document.content)">All mine</el-button>
        <el-button type="primary" @click="merge">Save as chosen</el-button>
      </div>
    </template>
  </el-dialog>
</template>

<style scoped>
.part {
  border-top: var(--stroke) solid var(--line);
  padding: var(--s3) 0;
}
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--s1) var(--s3);
}
.end {
  margin-left: auto;
}
.acts {
  justify-content: flex-end;
}
.wide {
  overflow-x: auto;
}
table {
  width: 100%;
  margin-top: var(--s2);
}
th {
  text-align: left;
  font-weight: 400;
}
td,
thead th {
  width: 32%;
  color: var(--ink-2);
}
.taken {
  color: var(--ink);
  font-weight: 600;
}
</style>
