<script setup lang="ts">
/** The balance of a plan: in how many weeks each child has fitting work, by area. */
import { computed } from 'vue';
import { suits } from '@stube/core/rotation';
import type { RotationAnswer } from '@stube/contract/rotation/requests';
import { useSite } from '../../../data/site.ts';

const props = defineProps<{ plan: RotationAnswer }>();
const store = useSite();
/** Weeks in which each child has fitting work, by area: the balance of the plan. */
const balance = computed(() => {
  const now = props.plan;
  const areas = [...new Set(now.problem.slots.map(({ area }) => area))];
  const areaOf = new Map(now.problem.slots.map((slot) => [slot.id, slot.area]));
  return now.problem.children.map((child) => ({
    child: store.maps.person.get(child.id)?.name ?? '',
    areas: areas.map((area) => ({
      area,
      weeks: now.answer.plan.filter((row, week) =>
        Object.entries(row).some(
          ([slotId, lineId]) =>
            areaOf.get(slotId) === area &&
            suits(
              now.problem.things.find((thing) => thing.id === lineId)!,
              child,
              week,
            ),
        ),
      ).length,
    })),
  }));
});
</script>

<template>
  <section v-if="balance.length" class="sheet stack tight" aria-label="Balance">
    <h2>Weeks with fitting work</h2>
    <div class="scroll" tabindex="0" role="group" aria-label="Children by area">
      <table class="ledger">
        <thead>
          <tr>
            <th scope="col">who</th>
            <th v-for="{ area } in balance[0]!.areas" :key="area" scope="col">{{ area }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="{ child, areas } in balance" :key="child">
            <th scope="row">{{ child }}</th>
            <td v-for="{ area, weeks } in areas" :key="area">
              <span class="bar" aria-hidden="true"
                ><i :style="{ width: `${(100 * weeks) / plan.mondays.length}%` }" /></span
              >{{ weeks }}
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
.bar {
  display: inline-block;
  width: 60px;
  height: 8px;
  margin-right: 6px;
  background: var(--paper-low);
}
.bar i {
  display: block;
  height: 100%;
  background: var(--spruce);
}
</style>
