<script setup lang="ts">
/** What the QR code on a label opens: what is in the bin, where it belongs, how full it is, where it has stood. */
import { computed, ref, watch } from 'vue';
import { useRoute } from 'vue-router';
import { ArrowLeft, MapPin, Printer } from '@lucide/vue';
import type { BinEvent } from '@stube/contract/answers';
import { fillLimitOf, tooFull } from '@stube/core/containers';
import { isWaiting, shapeOf } from '@stube/core/contents';
import { pathsOf, wayOf } from '@stube/core/find';
import { dueLabels, HUES } from '@stube/core/labels';
import { api } from '../../../data/transport.ts';
import Pictogram from '../../../drawing/Pictogram.vue';
import PlaceLit from '../../../drawing/PlaceLit.vue';
import { useForm } from '../../../parts/form.ts';
import { formatAmount, litres, percent, said } from '../../../parts/numbers.ts';
import TextField from '../../../parts/TextField.vue';
import { useSite } from '../../../data/site.ts';
import LabelPicture from '../../labelling/labels/LabelPicture.vue';
import { labelDataOfSite } from '../../labelling/labels/run.ts';
import { useBinsActions } from './actions.ts';
import BinCarrier from './BinCarrier.vue';
import BinCells from './BinCells.vue';
import BinSeen from './BinSeen.vue';

const store = useSite();
const { recordFull } = useBinsActions();
const route = useRoute();
const bin = computed(() => store.data.bin.find((bin) => bin.code === String(route.params.code).toUpperCase()));
const category = computed(() => store.maps.category.get(bin.value?.categoryId ?? ''));
const family = computed(() => store.maps.family.get(category.value?.familyId ?? ''));
const shape = computed(() => (bin.value ? shapeOf(bin.value, store.maps.containerType) : undefined));
const contents = computed(() => store.contents.get(bin.value?.id ?? ''));
const path = computed(() => (bin.value ? pathsOf(store.data).get(bin.value.id)! : null));
const inside = computed(() => contents.value?.lines ?? []);
/** Lines of its category in the room: which of them are in this bin may be told where there are several bins. */
const couldBeIn = computed(() =>
  store.data.line.filter(
    (line) =>
      line.roomId === bin.value?.roomId && line.categoryId === bin.value?.categoryId && line.decision === 'keep',
  ),
);
const others = computed(() =>
  store.data.bin.filter((one) => one.categoryId === bin.value?.categoryId && one.id !== bin.value?.id),
);
const tellIn = (lineId: string, isIn: boolean) => {
  if (!bin.value) return;
  const told = bin.value;
  const all = inside.value.map((line) => line.id);
  return store.tryWrite(() =>
    store.patch('bin', told, ({ lineIds }) => {
      const others = (lineIds.length ? lineIds : all).filter((id) => id !== lineId);
      return { lineIds: isIn ? [...others, lineId] : others };
    }),
  );
};
const size = computed(() =>
  shape.value && bin.value?.containerTypeId === null
    ? said(`${shape.value.name}, ${shape.value.outWidth} × ${shape.value.outDepth} × ${shape.value.outHeight} mm`)
    : shape.value?.name,
);
/** Its labels that were printed, and why they are due. */
const printed = computed(() => {
  const of = bin.value && labelDataOfSite(store, bin.value.roomId);
  const all = of ? dueLabels({ ...of, bins: [bin.value!] }, ['bin', 'place', 'cell', 'lid']) : [];
  return all.filter((label) => label.printed);
});
const due = computed(() => printed.value.find(({ reason }) => reason)?.reason);
const events = ref<BinEvent[]>([]);
const name = ref('');
const shortName = ref('');
const shorten = () => store.tryWrite(() => store.patch('bin', bin.value!, { shortName: shortName.value.trim() }));
const { problems, submit } = useForm();
const LEVELS = [0.25, 0.5, 0.75, 1, 1.2];

watch(
  () => [bin.value?.id, bin.value?.version],
  async () => {
    name.value = bin.value?.name ?? '';
    shortName.value = bin.value?.shortName ?? '';
    events.value = bin.value
      ? await api<BinEvent[]>('GET', `/sites/${store.id}/rows/${bin.value.id}/history`).catch(() => [])
      : [];
  },
  { immediate: true },
);
const rename = () =>
  submit(async () => {
    if (bin.value && name.value.trim() !== bin.value.name)
      await store.patch('bin', bin.value, { name: name.value.trim() });
  });
const look = (level: number) => bin.value && store.tryWrite(() => recordFull(bin.value!, level));
const day = (at: string) => new Date(at).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' });
</script>

<template>
  <div v-if="!bin" class="empty lost">
    <h1>No bin {{ route.params.code }} here</h1>
    <p>Its label may be out of date: the bin was taken away or has another code now.</p>
    <RouterLink class="press main" :to="{ name: 'site', params: { site: store.id } }">To the house</RouterLink>
  </div>
  <div v-else class="stack page">
    <RouterLink class="press small back no-print" :to="{ name: 'live', params: { site: store.id, room: bin.roomId } }"
      ><ArrowLeft :size="16" />{{ path?.room }}</RouterLink
    >
    <header class="row head">
      <span :style="{ color: HUES[family?.hue ?? 'ink'] }"
        ><Pictogram :name="category?.pictogram ?? 'package-open'" :size="44"
      /></span>
      <div>
        <h1>{{ bin.name }}</h1>
        <p class="soft">{{ bin.code }} · {{ family?.name }} · {{ size }}</p>
      </div>
    </header>
    <p class="way">
      <MapPin :size="20" />{{ path && wayOf(path)
      }}<template v-if="!bin.compartmentId"> › on the bench, no place yet</template
      ><template v-if="path?.parked">, or parked at {{ path.parked }}</template>
    </p>
    <div class="two">
      <PlaceLit :bin="bin" :tallest="340" />
      <div class="stack">
        <section class="sheet stack tight">
          <h2>In it</h2>
          <ul v-if="inside.length">
            <li v-for="line in inside" :key="line.id">
              {{ formatAmount(line.amount, line.measure) }} {{ line.name
              }}<template v-if="line.setPieces"
                >, {{ line.setPieces }} pieces<template v-if="line.setMissing"
                  >, {{ line.setMissing }} missing</template
                ></template
              ><template v-if="isWaiting(line)"
                >: {{ line.decision }}{{ line.destination ? `, ${line.destination}` : '' }}</template
              >
            </li>
          </ul>
          <p v-else class="soft">Nothing on the pile is meant for it any more.</p>
          <p class="small soft">
            About {{ litres(contents?.litres ?? 0)
            }}<template v-if="others.length"
              >; more of it in
              <template v-for="(other, i) in others" :key="other.id"
                >{{ i ? ', ' : ''
                }}<RouterLink :to="{ name: 'bin', params: { site: store.id, code: other.code } }">{{
                  other.code
                }}</RouterLink></template
              ></template
            >.
          </p>
        </section>
        <BinSeen :bin="bin" :events="events" />
        <BinCarrier v-if="store.rooms.length > 1" :bin="bin" />
        <BinCells
          v-if="shape && bin.containerTypeId !== null && (inside.length > 1 || bin.cells || shape.compartments > 1)"
          :bin="bin"
          :shape="shape"
          :lines="inside"
        />
        <fieldset v-if="others.length && couldBeIn.length > 1" class="sheet stack tight told">
          <legend>Which of them are in {{ bin.code }}</legend>
          <label v-for="line in couldBeIn" :key="line.id" class="row">
            <input
              type="checkbox"
              :checked="inside.some((own) => own.id === line.id)"
              @change="tellIn(line.id, ($event.target as HTMLInputElement).checked)"
            />{{ formatAmount(line.amount, line.measure) }} {{ line.name }}
          </label>
        </fieldset>
        <section v-if="contents?.full != null" class="sheet stack tight">
          <h2>How full is it really?</h2>
          <p class="soft">
            {{ percent(contents.full) }}
            {{
              bin.seenFull === null
                ? 'by reckoning'
                : contents.seen
                  ? 'as last seen'
                  : 'as last seen, with what has changed since'
            }}.<template v-if="tooFull(contents.full, fillLimitOf(store.site))">
              <b class="wrong">It is over-full:</b> something has to go, or it needs another bin.</template
            >
            What you see corrects the reckoning for all of {{ category?.name }}.
          </p>
          <div class="row">
            <button
              v-for="level in LEVELS"
              :key="level"
              class="press small"
              type="button"
              :aria-pressed="bin.seenFull === level"
              @click="look(level)"
            >
              {{ level > 1 ? 'overflows' : percent(level) }}
            </button>
          </div>
        </section>
        <section class="sheet stack tight">
          <h2>Label</h2>
          <TextField v-model="name" label="What it says" :problem="problems.name" @commit="rename" />
          <TextField
            v-model="shortName"
            label="What it says where that is too long"
            :placeholder="name"
            @commit="shorten"
          />
          <p class="small" :class="due ? 'wrong' : 'soft'">
            {{
              !printed.length
                ? 'No label printed yet.'
                : due
                  ? `Out of date: ${due}.`
                  : 'The printed label is up to date.'
            }}
          </p>
          <LabelPicture v-if="category" :category="category" :room-id="bin.roomId" />
          <div class="row">
            <a
              class="press small"
              :href="`/api/sites/${store.id}/labels.pdf?bin=${bin.id}`"
              target="_blank"
              rel="noopener"
              ><Printer :size="16" />This label as PDF</a
            ><RouterLink
              class="press small quiet"
              :to="{ name: 'place', params: { site: store.id, room: bin.roomId }, query: { bin: bin.code } }"
              >Move it</RouterLink
            >
          </div>
        </section>
        <section v-if="events.length" class="sheet stack tight">
          <h2>What happened to it</h2>
          <ol class="events">
            <li v-for="(event, i) in events.slice(0, 12)" :key="i" :class="{ soft: event.undone }">
              <span class="small soft">{{ day(event.at) }}</span> {{ event.what
              }}<template v-if="event.undone"> (taken back)</template>
            </li>
          </ol>
        </section>
      </div>
    </div>
  </div>
</template>

<style scoped>
.back {
  align-self: flex-start;
}
.page {
  padding-top: 22px;
}
.lost {
  margin-top: 40px;
}
.head {
  flex-wrap: nowrap;
  gap: 14px;
}
.way {
  display: flex;
  gap: 8px;
  align-items: center;
  font-weight: 600;
}
.two {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 24px;
  align-items: start;
}
.told {
  border: 0;
}
.told legend {
  float: left;
  width: 100%;
  font-weight: 600;
}
.events {
  margin: 0;
  padding-left: 18px;
}
@media (max-width: 760px) {
  .two {
    grid-template-columns: 1fr;
  }
}
</style>
