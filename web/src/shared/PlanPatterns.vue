<template>
  <defs>
    <pattern id="bay-prepared" width="9" height="9" patternUnits="userSpaceOnUse"
      ><circle cx="4.5" cy="4.5" r="1.1" class="dot"
    /></pattern>
    <pattern id="bay-primed" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"
      ><path d="M0 0V9" class="hatch"
    /></pattern>
    <pattern id="bay-wet" width="16" height="8" patternUnits="userSpaceOnUse"
      ><path d="M0 5q4 -5 8 0t8 0" class="wave"
    /></pattern>
    <pattern
      id="bay-missed"
      width="10"
      height="10"
      patternUnits="userSpaceOnUse"
      patternTransform="rotate(45)"
      ><path d="M0 0V10M0 0H10" class="net"
    /></pattern>
    <pattern id="bay-cured" width="8" height="6" patternUnits="userSpaceOnUse"
      ><path d="M0 3H8" class="wave"
    /></pattern>
  </defs>
</template>

<style scoped>
.dot {
  fill: var(--ink-3);
}
.hatch {
  stroke: var(--ink-3);
  stroke-width: 1.6;
}
.wave {
  stroke: var(--violet);
  stroke-width: 1.6;
  fill: none;
}
.net {
  stroke: var(--red);
  stroke-width: 1.4;
}
</style>
