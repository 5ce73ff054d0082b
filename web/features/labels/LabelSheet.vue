<script setup lang="ts">
/** One sheet as it comes out of the printer, in mm. */
import QRCode from 'qrcode';
import { HUES } from '@stube/core/labels/hues';
import { PAPERS, type Paper, type Sheet } from '@stube/core/labels/layout';
import bodies from 'virtual:pictograms';

defineProps<{ sheet: Sheet; paper: Paper; number: number; of: number }>();

function qrPath(link: string, size: number): string {
  const { modules } = QRCode.create(link, { errorCorrectionLevel: 'M' });
  const step = size / modules.size;
  let path = '';
  for (let row = 0; row < modules.size; row++)
    for (let column = 0; column < modules.size; column++)
      if (modules.get(row, column))
        path += `M${(column * step).toFixed(3)} ${(row * step).toFixed(3)}h${step.toFixed(3)}v${step.toFixed(3)}h-${step.toFixed(3)}z`;
  return path;
}
</script>

<template>
  <figure class="paper">
    <svg
      :viewBox="`0 0 ${PAPERS[paper].width} ${PAPERS[paper].height}`"
      role="img"
      :aria-label="`Sheet ${number} of ${of}: ${sheet.labels.map(({ layout }) => layout.content.name).join(', ')}`"
    >
      <g v-for="{ layout, x, y } in sheet.labels" :key="layout.content.code" :transform="`translate(${x} ${y})`">
        <rect
          :width="layout.width"
          :height="layout.height"
          rx="1.2"
          fill="var(--white)"
          stroke="var(--rule-cut)"
          stroke-width="0.15"
        />
        <rect y="1.2" width="1.6" :height="layout.height - 2.4" :fill="HUES[layout.content.hue] ?? HUES.ink" />
        <!-- eslint-disable-next-line vue/no-v-html -- the bodies come from the packaged set at build time, never from a person -->
        <g
          v-if="layout.picture"
          class="picture"
          :transform="`translate(${layout.picture.x} ${layout.picture.y}) scale(${layout.picture.size / 24})`"
          v-html="bodies[layout.content.pictogram] ?? bodies['package-open']"
        />
        <text v-for="line in layout.lines" :key="line.y" :x="line.x" :y="line.y" :font-size="line.size" class="bold">
          {{ line.text }}
        </text>
        <text :x="layout.code.x" :y="layout.code.y" :font-size="layout.code.size" class="bold">
          {{ layout.code.text }}
        </text>
        <text v-if="layout.family" :x="layout.family.x" :y="layout.family.y" :font-size="layout.family.size">
          {{ layout.family.text }}
        </text>
        <path
          v-if="layout.qr"
          :d="qrPath(layout.content.link, layout.qr.size)"
          :transform="`translate(${layout.qr.x} ${layout.qr.y})`"
        />
      </g>
    </svg>
    <figcaption class="small soft">
      Sheet {{ number }} of {{ of }}, {{ paper === 'A4' ? 'A4' : 'US Letter' }}
    </figcaption>
  </figure>
</template>

<style scoped>
.paper {
  margin: 0;
  max-width: 620px;
}
svg {
  display: block;
  width: 100%;
  background: var(--paper-sheet);
  border: 1px solid var(--rule);
  box-shadow: 0 4px 18px color-mix(in srgb, var(--ink) 14%, transparent);
}
text {
  font-family: var(--reading);
  /* As wide as it was measured and as it is printed. */
  font-variant-numeric: normal;
  fill: var(--ink);
}
.bold {
  font-weight: 700;
}
.picture {
  color: var(--ink);
}
figcaption {
  padding-top: 6px;
}
</style>
