<script setup lang="ts">
/** One page as it comes out of the printer, in mm. */
import QRCode from 'qrcode';
import { HUES, type Mark, type Page, type PlacedLabel, SHAPES } from '@stube/core/labels';
import bodies from 'virtual:pictograms';
import { useSite } from '../../../data/site.ts';

defineProps<{ page: Page; name: string; trueSize: boolean; bare?: boolean }>();
const store = useSite();

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
const transformOf = ({ label, x, y, upsideDown }: PlacedLabel) =>
  `translate(${x} ${y})${upsideDown ? ` rotate(180 ${label.width / 2} ${label.height / 2})` : ''}`;
const groups = (page: Page): { key: string; transform: string; marks: Mark[] }[] => [
  ...page.labels.map((placed, i) => ({ key: `l${i}`, transform: transformOf(placed), marks: placed.label.marks })),
  { key: 'page', transform: '', marks: page.marks },
];
const ICON = 24;
</script>

<!-- eslint-disable vue/no-v-html -- the bodies come from the packaged set at build time, never from a person -->
<template>
  <figure class="paper" :class="{ true: trueSize, bare }">
    <svg
      :viewBox="`0 0 ${page.width} ${page.height}`"
      :style="trueSize ? { width: `${page.width}mm` } : {}"
      role="img"
      :aria-label="`${name}: ${page.labels.map(({ label }) => label.content.word).join(', ')}`"
    >
      <g v-for="group in groups(page)" :key="group.key" :transform="group.transform">
        <template v-for="(mark, i) in group.marks" :key="i">
          <text
            v-if="mark.kind === 'text'"
            :x="mark.x"
            :y="mark.y"
            :font-size="mark.size"
            :class="{ bold: mark.bold }"
            :transform="mark.turned ? `rotate(90 ${mark.x} ${mark.y})` : undefined"
          >
            {{ mark.text }}
          </text>
          <rect
            v-else-if="mark.kind === 'frame'"
            class="cut"
            :x="mark.x"
            :y="mark.y"
            :width="mark.width"
            :height="mark.height"
            :rx="mark.corner"
          />
          <rect
            v-else-if="mark.kind === 'band'"
            :x="mark.x"
            :y="mark.y"
            :width="mark.width"
            :height="mark.height"
            :fill="HUES[mark.hue] ?? HUES.ink"
          />
          <path
            v-else-if="mark.kind === 'shape'"
            :d="(SHAPES[mark.hue] ?? SHAPES.ink)!.path"
            :fill="HUES[mark.hue] ?? HUES.ink"
            :transform="`translate(${mark.x} ${mark.y}) scale(${mark.size / ICON})`"
          />
          <circle v-else-if="mark.kind === 'hole'" class="cut" :cx="mark.x" :cy="mark.y" :r="mark.radius" />
          <line
            v-else-if="mark.kind === 'line'"
            :x1="mark.x1"
            :y1="mark.y1"
            :x2="mark.x2"
            :y2="mark.y2"
            :class="mark.is"
          />
          <g
            v-else-if="mark.kind === 'picture'"
            class="picture"
            :transform="`translate(${mark.x} ${mark.y}) scale(${mark.size / ICON})`"
            v-html="bodies[mark.pictogram] ?? bodies['package-open']"
          />
          <image
            v-else-if="mark.kind === 'photo'"
            :href="`/api/sites/${store.id}/photos/${mark.photoId}.jpg`"
            :x="mark.x"
            :y="mark.y"
            :width="mark.size"
            :height="mark.size"
            preserveAspectRatio="xMidYMid slice"
          />
          <path v-else class="square" :d="qrPath(mark.link, mark.size)" :transform="`translate(${mark.x} ${mark.y})`" />
        </template>
      </g>
    </svg>
    <figcaption v-if="!bare" class="small soft">{{ name }}</figcaption>
  </figure>
</template>

<style scoped>
.paper {
  margin: 0;
  max-width: 620px;
  overflow-x: auto;
}
.paper.true,
.paper.bare {
  max-width: 100%;
}
svg {
  display: block;
  width: 100%;
  background: var(--white);
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
.cut {
  fill: none;
  stroke: var(--rule-cut);
  stroke-width: 0.15;
}
line {
  stroke: var(--ink);
  stroke-width: 0.2;
}
line.cut {
  stroke-dasharray: 1 1;
}
.fold {
  stroke-dasharray: 2 1.4;
}
.picture {
  color: var(--ink);
}
figcaption {
  padding-top: 6px;
}
</style>
