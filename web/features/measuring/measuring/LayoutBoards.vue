<script setup lang="ts">
/** The boards and uprights of a front of one's own, to be dragged, or moved by the arrow keys. SVG units are mm. */
import { computed, ref } from 'vue';
import { formatLength } from '@stube/core/notation';
import { sharedSizes } from '@stube/core/measuring';
import type { Column } from '@stube/core/model';
import { useDrag } from '../../../drawing/drag.ts';
import { useSite } from '../../../data/site.ts';

const props = defineProps<{ layout: readonly Column[]; width: number; height: number; board: number }>();
const emit = defineEmits<{
  column: [index: number, width: number];
  part: [column: number, index: number, height: number];
}>();
const store = useSite();
const drawing = ref<SVGSVGElement | null>(null);
const STEP = 10;
/** No place is narrower or lower, mm. */
const LEAST = 50;
const LETTERS = 'ABCDEFGHIJKL';

interface Board {
  key: string;
  label: string;
  upright: boolean;
  x: number;
  y: number;
  length: number;
  /** What it leaves to its left or above it, mm, and the most it may. */
  size: number;
  most: number;
  set: (size: number) => void;
}
const boards = computed<Board[]>(() => {
  const widths = sharedSizes(
    props.layout.map(({ width }) => width),
    props.width,
    props.board,
  );
  let x = props.board;
  return props.layout.flatMap(({ parts, high = props.height }, c): Board[] => {
    const own: Board[] = [];
    const above = props.height - high;
    const heights = sharedSizes(
      parts.map(({ height }) => height),
      high,
      props.board,
    );
    let y = above + props.board;
    for (const [p, height] of heights.slice(0, -1).entries()) {
      y += height;
      own.push({
        key: `board ${c} ${p}`,
        label: `Board under part ${LETTERS[c]}${p + 1}`,
        upright: false,
        x,
        y,
        length: widths[c]!,
        size: height,
        most: height + heights.at(-1)! - LEAST,
        set: (size) => emit('part', c, p, size),
      });
      y += props.board;
    }
    if (c < widths.length - 1)
      own.push({
        key: `upright ${c}`,
        label: `Upright right of column ${LETTERS[c]}`,
        upright: true,
        x: x + widths[c]!,
        y: Math.min(above, props.height - (props.layout[c + 1]!.high ?? props.height)),
        length: Math.max(high, props.layout[c + 1]!.high ?? props.height),
        size: widths[c]!,
        most: widths[c]! + widths.at(-1)! - LEAST,
        set: (size) => emit('column', c, size),
      });
    x += widths[c]! + props.board;
    return own;
  });
});
const within = (board: Board, size: number, step = STEP): number =>
  Math.min(board.most, Math.max(LEAST, Math.round(size / step) * step));
const at = ({ x, y }: { x: number; y: number }) =>
  new DOMPoint(x, y).matrixTransform(drawing.value!.getScreenCTM()!.inverse());
const { drag, grab } = useDrag<Board>({
  dropped: ({ item, from, to }) => {
    const [start, end] = [at(from), at(to)];
    item.set(within(item, item.size + (item.upright ? end.x - start.x : end.y - start.y)));
  },
});
const shift = (board: Board) => {
  if (drag.value?.item.key !== board.key) return 0;
  const [start, end] = [at(drag.value.from), at(drag.value.to)];
  return within(board, board.size + (board.upright ? end.x - start.x : end.y - start.y)) - board.size;
};
function onKey(event: KeyboardEvent, board: Board): void {
  const step = event.shiftKey ? 1 : STEP;
  const by = { ArrowLeft: -step, ArrowUp: -step, ArrowRight: step, ArrowDown: step }[event.key];
  if (!by) return;
  event.preventDefault();
  board.set(within(board, board.size + by, 1));
}
const pad = computed(() => Math.max(props.width, props.height) * 0.04);
</script>

<template>
  <svg
    v-if="boards.length"
    ref="drawing"
    class="front"
    :viewBox="`${-pad} ${-pad} ${width + 2 * pad} ${height + 2 * pad}`"
    role="group"
    aria-label="Boards to drag"
  >
    <rect :width="width" :height="height" class="case" :stroke-width="board" />
    <g
      v-for="one in boards"
      :key="one.key"
      class="board"
      :class="{ upright: one.upright }"
      role="slider"
      tabindex="0"
      :aria-label="one.label"
      :aria-orientation="one.upright ? 'horizontal' : 'vertical'"
      :aria-valuenow="one.size"
      :aria-valuemin="LEAST"
      :aria-valuemax="one.most"
      :aria-valuetext="formatLength(one.size, store.site?.system)"
      :transform="one.upright ? `translate(${shift(one)} 0)` : `translate(0 ${shift(one)})`"
      @pointerdown="grab($event, one)"
      @keydown="onKey($event, one)"
    >
      <rect
        class="hold"
        :x="one.upright ? one.x - 30 : one.x"
        :y="one.upright ? one.y : one.y - 30"
        :width="one.upright ? board + 60 : one.length"
        :height="one.upright ? one.length : board + 60"
      />
      <rect
        :x="one.x"
        :y="one.y"
        :width="one.upright ? board : one.length"
        :height="one.upright ? one.length : board"
      />
      <text
        v-if="drag?.item.key === one.key"
        :x="one.upright ? one.x - pad / 2 : one.x + one.length / 2"
        :y="one.upright ? height / 2 : one.y - pad / 2"
        :font-size="pad * 1.6"
        :text-anchor="one.upright ? 'end' : 'middle'"
      >
        {{ formatLength(one.size + shift(one), store.site?.system) }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
.front {
  display: block;
  width: 100%;
  max-height: 240px;
  touch-action: none;
}
.case {
  fill: var(--space);
  stroke: var(--carcass);
}
.board {
  cursor: ns-resize;
}
.board.upright {
  cursor: ew-resize;
}
.board rect {
  fill: var(--oak-dark);
}
.board .hold {
  fill: transparent;
}
.board:focus-visible {
  outline: none;
}
.board:focus-visible rect:not(.hold) {
  fill: var(--spruce);
}
text {
  fill: var(--ink);
  pointer-events: none;
}
</style>
