<script setup lang="ts">
/** All sites: what Stube does, open one, begin one, visit the made-up one, bring one in, bring a removed one back. */
import { counted } from '@stube/core/notation';
import { computed, onMounted, ref } from 'vue';
import { useRouter } from 'vue-router';
import { DoorOpen, FileUp } from '@lucide/vue';
import type { SiteSummary } from '@stube/contract/answers';
import { api, ApiError } from '../../../data/transport.ts';
import { useNotices } from '../../../data/notices.ts';
import HowItWorks from './HowItWorks.vue';
import NewSite from './NewSite.vue';

const router = useRouter();
const notices = useNotices();
const sites = ref<SiteSummary[] | null>(null);
const standing = computed(() => sites.value?.filter((site) => !site.removed) ?? []);
const removed = computed(() => sites.value?.filter((site) => site.removed) ?? []);
const visiting = ref(false);
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

/** A house that is furnished already, to look around in. */
async function visit(): Promise<void> {
  visiting.value = true;
  try {
    void open((await api<{ siteId: string }>('POST', '/visit')).siteId);
  } catch (error) {
    notices.warn((error as Error).message);
  } finally {
    visiting.value = false;
  }
}

async function bringIn(event: Event): Promise<void> {
  const file = (event.target as HTMLInputElement).files?.[0];
  if (!file) return;
  bringing.value = file.name;
  fileProblems.value = [];
  try {
    const body: unknown = JSON.parse(await file.text());
    const { siteId, name } = await api<{ siteId: string; name: string }>('POST', '/import', body);
    notices.say(`${name} was brought in from ${file.name}.`);
    void open(siteId);
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
    <header class="row between">
      <div>
        <h1>Stube</h1>
        <p class="lead">From a heap to a room in which everything has its place.</p>
      </div>
      <div class="stack tight visit">
        <button
          class="press"
          :class="{ main: sites && !standing.length }"
          type="button"
          :disabled="visiting"
          @click="visit"
        >
          <DoorOpen :size="18" />{{ visiting ? 'Furnishing …' : 'Visit the Ferry House' }}
        </button>
        <span class="small soft">made up: four rooms to look around in and to change</span>
      </div>
    </header>
    <HowItWorks v-if="sites && !standing.length" />
    <ul v-if="standing.length" class="row houses">
      <li v-for="site in standing" :key="site.id">
        <RouterLink class="house-card" :to="{ name: 'site', params: { site: site.id } }">
          <svg viewBox="0 0 120 70" aria-hidden="true">
            <path d="M4 34 60 6l56 28v34H4Z" />
            <path d="M4 34h112M4 51h112M42 34v34M82 34v34" class="thin" />
          </svg>
          <span class="figure">{{ site.name }}</span><span class="small soft"
            >{{ counted(site.rooms, 'room') }} · {{ site.bins }} bins</span
          >
        </RouterLink>
      </li>
    </ul>
    <div class="two">
      <section class="stack tight">
        <h2>{{ standing.length ? 'Begin another site' : 'Begin with your own' }}</h2>
        <NewSite @begun="open" />
      </section>
      <section class="stack tight">
        <h2>Bring one in</h2>
        <div class="sheet stack">
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
        </div>
      </section>
    </div>
  </main>
</template>

<style scoped>
.sites {
  max-width: 1020px;
  margin: 0 auto;
  padding: 40px 20px;
  display: flex;
  flex-direction: column;
  gap: 28px;
}
.sites h1 {
  font-size: 2.4rem;
}
.visit {
  align-items: flex-start;
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
  grid-template-columns: minmax(0, 1.4fr) minmax(0, 1fr);
  gap: 20px;
  align-items: start;
}
@media (max-width: 760px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
  .sites {
    padding: 24px 14px;
  }
  .house-card {
    width: 100%;
  }
}
</style>
