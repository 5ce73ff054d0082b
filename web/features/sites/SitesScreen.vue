<script setup lang="ts">
/** All sites: open one, begin one, bring one in from a file, bring a removed one back. */
import { computed, onMounted, reactive, ref, watch } from 'vue';
import { useRouter } from 'vue-router';
import { FileUp } from '@lucide/vue';
import type { ChangeAnswer, SiteSummary } from '@stube/contract/answers';
import { api, ApiError } from '../../data/transport.ts';
import { useForm } from '../../parts/form.ts';
import TextField from '../../parts/TextField.vue';
import { useNotices } from '../../data/notices.ts';

const router = useRouter();
const notices = useNotices();
const sites = ref<SiteSummary[] | null>(null);
const standing = computed(() => sites.value?.filter((site) => !site.removed) ?? []);
const removed = computed(() => sites.value?.filter((site) => site.removed) ?? []);
const draft = reactive({ name: '', system: 'metric', currency: 'EUR' });
/** Who measures in feet and inches mostly pays in dollars; both can be changed. */
watch(
  () => draft.system,
  (system) => (draft.currency = system === 'imperial' ? 'USD' : 'EUR'),
);
const { problems, busy, submit } = useForm();
const bringing = ref('');
const fileProblems = ref<{ field: string; message: string }[]>([]);
const picker = ref<HTMLInputElement | null>(null);

async function load(): Promise<void> {
  try {
    sites.value = await api<SiteSummary[]>('GET', '/sites');
  } catch (error) {
    notices.warn((error as Error).message);
  }
}
onMounted(() => {
  document.title = 'Stube';
  void load();
});

const open = (id: string) => router.push({ name: 'site', params: { site: id } });
const begin = () => submit(async () => void open((await api<ChangeAnswer>('POST', '/sites', draft)).id!));

async function bringIn(event: Event): Promise<void> {
  const file = (event.target as HTMLInputElement).files?.[0];
  if (!file) return;
  bringing.value = file.name;
  fileProblems.value = [];
  try {
    const body: unknown = JSON.parse(await file.text());
    void open((await api<{ siteId: string }>('POST', '/import', body)).siteId);
  } catch (error) {
    fileProblems.value =
      error instanceof ApiError
        ? error.problem.fields.length
          ? error.problem.fields
          : [{ field: 'file', message: error.message }]
        : [{ field: 'file', message: 'is not a site file of Stube' }];
  } finally {
    bringing.value = '';
    if (picker.value) picker.value.value = '';
  }
}

async function bringBack(site: SiteSummary): Promise<void> {
  try {
    await api('POST', `/sites/${site.id}/restore`);
    await load();
  } catch (error) {
    notices.warn((error as Error).message);
  }
}
</script>

<template>
  <main class="sites">
    <header>
      <h1>Stube</h1>
      <p class="lead">From a heap to a room in which everything has its place.</p>
    </header>
    <ul v-if="standing.length" class="row houses">
      <li v-for="site in standing" :key="site.id">
        <RouterLink class="house-card" :to="{ name: 'site', params: { site: site.id } }">
          <svg viewBox="0 0 120 70" aria-hidden="true">
            <path d="M4 34 60 6l56 28v34H4Z" />
            <path d="M4 34h112M4 51h112M42 34v34M82 34v34" class="thin" />
          </svg>
          <span class="figure">{{ site.name }}</span><span class="small soft"
            >{{ site.rooms }} {{ site.rooms === 1 ? 'room' : 'rooms' }} · {{ site.bins }} bins</span
          >
        </RouterLink>
      </li>
    </ul>
    <div class="two">
      <form class="sheet stack" novalidate @submit.prevent="begin">
        <h2>{{ standing.length ? 'Begin another site' : 'Begin with a site' }}</h2>
        <p class="soft">A home, a school, a daycare, a client’s place: one house with its rooms.</p>
        <TextField v-model="draft.name" label="Name" :problem="problems.name" placeholder="such as Home" />
        <div class="pair">
          <label class="field"
            ><span>Lengths in</span
            ><select v-model="draft.system" class="write">
              <option value="metric">centimetres</option>
              <option value="millimetre">millimetres</option>
              <option value="imperial">feet and inches</option>
            </select></label
          >
          <TextField v-model="draft.currency" label="Currency" :problem="problems.currency" />
        </div>
        <p v-if="problems.form" class="wrong">{{ problems.form }}</p>
        <button class="press main" type="submit" :disabled="busy">Begin</button>
      </form>
      <section class="sheet stack">
        <h2>Bring one in</h2>
        <p class="soft">
          A file that was saved with “Save the site to a file”. It comes in as a new site, whole or not at all.
        </p>
        <input
          ref="picker"
          class="hidden-text"
          type="file"
          accept=".json,application/json"
          aria-label="Site file"
          tabindex="-1"
          @change="bringIn"
        />
        <button class="press" type="button" :disabled="!!bringing" @click="picker?.click()">
          <FileUp :size="18" />{{ bringing ? `Reading ${bringing} …` : 'Choose a file' }}
        </button>
        <div v-if="fileProblems.length" class="caution" role="alert">
          <b>Nothing was brought in.</b>
          <ul>
            <li v-for="fileProblem in fileProblems" :key="fileProblem.field + fileProblem.message">
              {{ fileProblem.field }}: {{ fileProblem.message }}
            </li>
          </ul>
        </div>
        <template v-if="removed.length">
          <h2>Removed sites</h2>
          <ul class="stack tight">
            <li v-for="site in removed" :key="site.id" class="row between">
              <span>{{ site.name }}</span><button class="press small" type="button" @click="bringBack(site)">
                Bring back
              </button>
            </li>
          </ul>
        </template>
      </section>
    </div>
  </main>
</template>

<style scoped>
.sites {
  max-width: 920px;
  margin: 0 auto;
  padding: 40px 20px;
  display: flex;
  flex-direction: column;
  gap: 28px;
}
.sites h1 {
  font-size: 2.4rem;
}
.lead {
  font-size: 1.15rem;
  color: var(--ink-soft);
}
.houses {
  gap: 16px;
  align-items: stretch;
}
.house-card {
  display: flex;
  flex-direction: column;
  width: 200px;
  padding: 14px;
  color: var(--ink);
  text-decoration: none;
  background: var(--paper-high);
  border: var(--line) solid var(--rule);
  border-radius: var(--corner);
}
.house-card:hover {
  border-color: var(--ink);
}
.house-card svg {
  fill: var(--oak-pale);
  stroke: var(--ink);
  stroke-width: 2;
  margin-bottom: 8px;
}
.house-card .thin {
  stroke-width: 1.2;
  fill: none;
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 20px;
  align-items: start;
}
.pair {
  display: grid;
  grid-template-columns: 1fr 110px;
  gap: 12px;
}
@media (max-width: 760px) {
  .two {
    grid-template-columns: 1fr;
  }
  .sites {
    padding: 24px 14px;
  }
  .house-card {
    width: 100%;
  }
}
</style>
