<script setup lang="ts">
import {
  Files,
  House,
  Operation,
  QuestionFilled,
  RefreshRight,
  Setting,
  User,
} from '@element-plus/icons-vue';
import { defineAsyncComponent, onMounted, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { focusPage } from '../shared/focuspage.ts';
import { useFirstField } from './firstfield.ts';
import { KEYS, useKeys } from './keys.ts';
import { newVersion } from './newversion.ts';
import { actKeys } from '../app/actkeys.ts';
import { answersSoFar } from '../app/api.ts';
import { usePreferences } from '../app/preferences.ts';
import { account, changedHands, guest, isLockedOut, may, signsIn } from '../app/session.ts';
import { openWorking } from '../app/working.ts';
import { finding } from '../app/finding.ts';

const loadFind = () => import('./FindDialog.vue');
const loadWorking = () => import('../shared/WorkingDrawer.vue');
const SignInPage = defineAsyncComponent(() => import('../access/SignInPage.vue'));
const FindDialog = defineAsyncComponent(loadFind);
const WorkingDrawer = defineAsyncComponent(loadWorking);
/** Fetched once the page stands, so that they are here when there is no signal; else when they are asked for. */
const STANDS_MS = 3000;
onMounted(() => {
  setTimeout(() => void Promise.allSettled([loadFind(), loadWorking()]), STANDS_MS);
});

usePreferences();
const route = useRoute();
const router = useRouter();
/** Once somebody was in, the page stays behind the door: what is typed there is not lost while they sign in again. */
const wasIn = ref(!isLockedOut.value);
/** A page that met the door while it opened has nothing but refusals to show: it is opened anew. */
const opened = ref(0);
let answersBefore = 0;
router.afterEach(() => (answersBefore = answersSoFar()));
watch(isLockedOut, (out) => {
  wasIn.value ||= !out;
  if (!out && answersSoFar() === answersBefore) opened.value += 1;
  // Whoever came with a code has used it.
  if (!out && route.name === 'join') void router.replace('/jobs');
});
// Whoever is in shows the key of this device; without a signal it is shown later, with what is sent.
watch(
  () => account.value?.id,
  async (id) => {
    if (id === undefined) return;
    const { showKey } = await import('../app/devicekey.ts');
    await showKey().catch(() => undefined);
  },
  { immediate: true },
);
// Somebody else: nothing of what is in memory is theirs.
watch(changedHands, () => (guest.value ? location.reload() : location.replace('/jobs')));
const shown = ref(false);
watch(openWorking, (figure) => {
  if (figure) shown.value = true;
});
const helping = ref(false);
useFirstField();
useKeys({ find: () => (finding.value = true), help: () => (helping.value = true) });
</script>

<template>
  <div class="frame" :class="{ 'in-job': route.params['jobId'] !== undefined, locked: isLockedOut }">
    <a class="skip no-print" href="#page" @click.prevent="focusPage">To the page</a>
    <nav v-show="!isLockedOut" class="rail" aria-label="Places">
      <span class="name">Lentum</span>
      <RouterLink to="/jobs"
        ><el-icon :size="20"><House /></el-icon>Jobs</RouterLink
      >
      <RouterLink v-if="may('read library')" to="/build-ups"
        ><el-icon :size="20"><Files /></el-icon>Build-ups</RouterLink
      >
      <RouterLink to="/bench"
        ><el-icon :size="20"><Operation /></el-icon>Bench</RouterLink
      >
      <RouterLink v-if="signsIn && may('admit people')" to="/people"
        ><el-icon :size="20"><User /></el-icon>People</RouterLink
      >
      <RouterLink to="/settings"
        ><el-icon :size="20"><Setting /></el-icon>Settings</RouterLink
      >
      <button v-if="newVersion" type="button" class="new" title="Open the new version" @click="newVersion()">
        <el-icon :size="20"><RefreshRight /></el-icon>Update
      </button>
      <button type="button" class="help" @click="helping = true">
        <el-icon :size="20"><QuestionFilled /></el-icon>Keys
      </button>
    </nav>
    <div id="page" class="stage">
      <SignInPage v-if="isLockedOut" />
      <div v-if="wasIn" v-show="!isLockedOut"><RouterView :key="opened" /></div>
    </div>
    <WorkingDrawer v-if="shown" />
    <FindDialog v-if="finding" v-model="finding" />
    <el-dialog v-model="helping" title="Keys">
      <table class="dense">
        <tbody>
          <tr v-for="a in actKeys" :key="`here ${a.key}`">
            <th scope="row">
              <kbd>{{ a.key }}</kbd>
            </th>
            <td>{{ a.what }}</td>
          </tr>
          <tr v-for="[keys, what] in KEYS" :key="keys">
            <th scope="row">
              <kbd>{{ keys }}</kbd>
            </th>
            <td>{{ what }}</td>
          </tr>
        </tbody>
      </table>
    </el-dialog>
  </div>
</template>

<style scoped>
.frame {
  display: grid;
  grid-template-columns: 72px minmax(0, 1fr);
  min-height: 100%;
}
/* At the door there is nowhere else to go. */
.locked {
  grid-template-columns: minmax(0, 1fr);
}
.skip {
  position: fixed;
  left: var(--s2);
  top: -60px;
  z-index: 3000;
  padding: var(--s2) var(--s3);
  background: var(--sheet);
  color: var(--ink);
  border: 2px solid var(--sea);
}
.skip:focus {
  top: var(--s2);
}
.rail {
  background: var(--rail);
  color: var(--on-rail);
  display: flex;
  flex-direction: column;
  position: sticky;
  top: 0;
  height: 100vh;
}
.name {
  font-weight: 700;
  padding: var(--s3) 0;
  text-align: center;
  height: 46px;
}
.rail a,
.new,
.help {
  color: inherit;
  background: none;
  border: 0;
  border-left: 3px solid transparent;
  font: inherit;
  font-size: var(--t-s);
  text-decoration: none;
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 2px;
  min-height: 56px;
  justify-content: center;
  cursor: pointer;
}
.rail a.router-link-active {
  background: rgb(255 255 255 / 12%);
  border-left-color: #4cc3b0;
}
.help {
  margin-top: auto;
}
.stage {
  min-width: 0;
}
kbd {
  font: inherit;
  font-weight: 600;
  color: var(--ink);
}
@media (max-width: 720px) {
  .frame {
    display: flex;
    flex-direction: column-reverse;
    min-height: 100dvh;
  }
  .stage {
    flex: 1;
  }
  .rail {
    position: sticky;
    bottom: 0;
    top: auto;
    height: auto;
    flex-direction: row;
    z-index: 5;
  }
  /* A job has a foot of its own. */
  .in-job .rail {
    display: none;
  }
  .name {
    display: none;
  }
  .help {
    display: none;
  }
  .rail a {
    flex: 1;
    border-left: 0;
    border-top: 3px solid transparent;
    margin: 0;
  }
  .rail a.router-link-active {
    border-top-color: #4cc3b0;
  }
}
@media print {
  .frame {
    display: block;
  }
  .rail {
    display: none;
  }
}
</style>
