<script setup lang="ts">
/** What Stube does, in three drawings: from the heap over what it reckons to the room in which everything is found. */
</script>

<template>
  <ol class="how" aria-label="What Stube does">
    <li>
      <svg viewBox="0 0 240 150" aria-hidden="true">
        <path class="floor" d="M6 132h228" />
        <g class="thing">
          <path d="M40 132V98h34v34Z" class="oak" />
          <path d="m70 132 22-40 40 18-14 22Z" class="slate" />
          <circle cx="146" cy="112" r="20" class="moss" />
          <path d="M131 99q15 12 28 26M146 92v40" class="thin" />
          <path d="M62 98 80 66l36 16-10 22-24-10-8 4Z" class="straw" />
          <path d="M168 132v-26h42v26Z" class="plum" />
          <path d="M168 118h42M172 106v-8h42v26l-4 8" class="thin" />
          <path d="M112 82 134 52l16 12-14 28Z" class="brick" />
          <path d="m96 66 10-24 8 3-8 26M104 38l6-8 4 9" class="thin" />
          <path d="M22 132c0-14 16-14 16 0Z" class="moss" />
        </g>
      </svg>
      <h2>Tell the heap</h2>
      <p>
        <i>3 shoeboxes wooden blocks</i>, one line a kind, as you would say it. Stube knows its litres, where it belongs
        and what is dangerous about it.
      </p>
    </li>
    <li>
      <svg viewBox="0 0 240 150" aria-hidden="true">
        <path class="floor" d="M6 132h228" />
        <path d="M26 132 22 84h66l-4 48Z" class="see" />
        <path d="m24 103 2 29h58l2-29Z" class="moss" />
        <path d="M112 132V72h50v60Z" class="oak thing" />
        <path d="M120 84h34v18h-34Z" class="paper thing" />
        <path d="M126 93h22" class="word" />
        <path d="M182 132v-30h42v30Z" class="slate thing" />
        <path d="M188 108h30v14h-30Z" class="paper thing" />
        <path d="M193 115h20" class="word" />
        <path d="M22 66h66M22 60v12M88 60v12M100 72v60M94 72h12M94 132h12" class="tick" />
        <text x="55" y="56" text-anchor="middle">34 cm</text>
        <text x="137" y="62" text-anchor="middle">15 l</text>
      </svg>
      <h2>Measure once, buy once</h2>
      <p>
        Your shelves and your boxes, in true size. What fits, how many, which ones you own already, and what is left to
        buy.
      </p>
    </li>
    <li>
      <svg viewBox="0 0 240 150" aria-hidden="true">
        <path class="floor" d="M6 132h228" />
        <path d="M46 132V16h148v116Z" class="carcass" />
        <path d="M46 54h148M46 92h148M120 16v116" class="board" />
        <g class="thing">
          <path d="M54 54V30h26v24Zm30 0V34h30v20Z" class="plum" />
          <path d="M128 54V28h40v26Z" class="slate" />
          <path d="M54 92V66h56v26Z" class="oak" />
          <path d="M128 92V70h28v22Z" class="straw" />
          <path d="M54 132v-28h26v28Zm32 0v-24h26v24Z" class="moss" />
          <path d="M128 132v-26h58v26Z" class="slate" />
          <path d="M159 92V70h28v22Z" class="brick lit" />
        </g>
        <path d="M173 62V12M166 52l7 10 7-10" class="arrow" />
      </svg>
      <h2>Everything has its place</h2>
      <p>
        Heavy things low, dangerous ones locked, what is used most at hand. Labels for all of it, and
        <i>Where is …?</i> for ever after.
      </p>
    </li>
  </ol>
</template>

<style scoped>
.how {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 22px;
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  flex-direction: column;
  gap: 4px;
}
svg {
  width: 100%;
  max-height: 170px;
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.5;
  stroke-linejoin: round;
}
.floor {
  stroke-width: 2;
}
.thin,
.tick {
  stroke-width: 1;
}
.word {
  stroke-width: 3;
  stroke: var(--ink-soft);
}
.paper {
  fill: var(--paper-card);
}
.see {
  fill: var(--paper-high);
}
.carcass {
  fill: var(--oak-pale);
  stroke-width: 2.5;
}
.board {
  stroke-width: 2.5;
}
.oak {
  fill: var(--oak);
}
.moss {
  fill: var(--space-target);
}
.slate {
  fill: var(--slate);
}
.straw {
  fill: var(--straw);
}
.plum {
  fill: var(--material-card);
}
.brick {
  fill: var(--brick-pale);
}
.lit {
  fill: var(--space-lit);
  stroke-width: 3;
}
.arrow {
  stroke: var(--spruce);
  stroke-width: 4;
  stroke-linecap: round;
}
text {
  fill: var(--ink);
  stroke: none;
  font-size: 13px;
  font-family: var(--reading);
}
@media (max-width: 760px) {
  .how {
    grid-template-columns: 1fr;
    gap: 12px;
  }
  li {
    display: grid;
    grid-template-columns: 116px 1fr;
    column-gap: 12px;
  }
  svg {
    grid-row: 1 / 3;
  }
}
</style>
