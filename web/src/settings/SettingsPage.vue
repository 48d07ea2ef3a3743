<script setup lang="ts">
import { ref } from 'vue';
import GuestPart from '../access/GuestPart.vue';
import OwnAccount from '../access/OwnAccount.vue';
import SwitchOn from '../access/SwitchOn.vue';
import FirmPractice from './FirmPractice.vue';
import SourcesPart from './sources/SourcesPart.vue';
import TextInput from '../shared/TextInput.vue';
import { account, guest, may, signsIn } from '../app/session.ts';
import { THEMES, usePreferences } from '../app/preferences.ts';

const preferences = usePreferences();
const wrong = ref('');
function setCurrency(text: string): void {
  const code = text.trim().toUpperCase();
  const fits = /^[A-Z]{3}$/.test(code);
  wrong.value = fits ? '' : `Currency: “${text}” was entered; expected three letters, such as EUR or USD.`;
  if (fits) preferences.currency = code;
}
</script>

<template>
  <main class="page narrow">
    <div class="head">
      <h1>Settings</h1>
      <span class="quiet">of this device; the numbers of practice are the firm’s</span>
    </div>
    <section>
      <h2 id="theme">Theme</h2>
      <el-radio-group v-model="preferences.theme" aria-labelledby="theme">
        <el-radio v-for="t in THEMES" :key="t.id" :value="t.id"
          >{{ t.name }} <span class="quiet">{{ t.note }}</span></el-radio
        >
      </el-radio-group>
    </section>
    <section>
      <h2 id="units">Units</h2>
      <el-radio-group v-model="preferences.units" aria-labelledby="units">
        <el-radio value="">As each job says</el-radio>
        <el-radio value="metric">Metric everywhere</el-radio>
        <el-radio value="us">US customary everywhere</el-radio>
      </el-radio-group>
      <p class="quiet">
        Fields take either: “90 ft2/gal” is understood in a metric field. The key u switches.
      </p>
    </section>
    <section>
      <h2><label for="currency">Currency of prices</label></h2>
      <TextInput
        id="currency"
        :model-value="preferences.currency"
        :most="3"
        class="code"
        label="Currency of prices"
        @update:model-value="setCurrency"
      />
      <p v-if="wrong" class="problem" role="alert">{{ wrong }}</p>
      <p class="quiet">Three letters. Prices are shown as they were entered; nothing is converted.</p>
    </section>
    <section>
      <h2 id="csv">Tables as CSV</h2>
      <el-radio-group v-model="preferences.csv" aria-labelledby="csv">
        <el-radio value="point">With a decimal point <span class="quiet">for programs</span></el-radio>
        <el-radio value="comma"
          >With a decimal comma <span class="quiet">for a spreadsheet that writes one</span></el-radio
        >
      </el-radio-group>
    </section>
    <OwnAccount v-if="account" />
    <GuestPart v-else-if="guest" />
    <section v-else>
      <h2><label for="who">Who holds this device</label></h2>
      <el-input id="who" v-model="preferences.who" maxlength="80" placeholder="name that signs new entries" />
      <p class="quiet">Every entry in a record carries this name.</p>
    </section>
    <FirmPractice v-if="may('read practice')" />
    <SourcesPart v-if="may('read practice')" />
    <SwitchOn v-if="!signsIn" />
    <section>
      <h2>For other programs</h2>
      <p>Everything here can be read and computed over HTTP.</p>
      <ul class="links">
        <li><a href="/api/v1/docs">The API in words</a></li>
        <li><a href="/api/v1/openapi.json">OpenAPI 3.1</a></li>
        <li><RouterLink to="/calls">Try a call</RouterLink></li>
        <li v-if="may('look after server')"><RouterLink to="/server">How the server does</RouterLink></li>
        <li><a href="/third-party.txt">What Lentum is built with, and under which licences</a></li>
      </ul>
    </section>
  </main>
</template>

<style scoped>
.links {
  list-style: none;
  padding: 0;
}
.links a {
  display: inline-block;
  padding-block: var(--s1);
}
.code {
  width: 6rem;
}
.narrow {
  max-width: 900px;
}
section {
  padding: var(--s4) 0;
  border-bottom: var(--stroke) solid var(--line);
}
section > h2 {
  margin-bottom: var(--s2);
}
.el-radio-group {
  flex-direction: column;
  align-items: flex-start;
}
.el-radio {
  min-height: 40px;
  height: auto;
  margin-right: 0;
}
.el-radio :deep(.el-radio__label) {
  white-space: normal;
}
</style>
