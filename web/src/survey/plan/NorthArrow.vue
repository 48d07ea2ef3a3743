<script setup lang="ts">
/** Where north is on the plan, once somebody has said how the plan lies. */
defineProps<{ bearingDeg: number }>();
</script>

<template>
  <svg
    width="28"
    height="32"
    viewBox="-14 -16 28 32"
    role="img"
    :aria-label="`North: the plan’s upward edge points to ${bearingDeg}°`"
  >
    <g :transform="`rotate(${-bearingDeg})`">
      <path d="M0 -13L5 8L0 4L-5 8Z" fill="var(--ink)" />
      <text y="15" text-anchor="middle" font-size="9" fill="var(--ink-2)">N</text>
    </g>
  </svg>
</template>
