<template>
  <!-- Each family of food has its tint and its pattern, so that colour alone never tells. -->
  <defs>
    <pattern id="tint-cream" width="7" height="7" patternUnits="userSpaceOnUse">
      <rect width="7" height="7" fill="var(--cream-deep)" />
      <circle cx="1.8" cy="1.8" r="0.5" fill="var(--warm-edge)" />
      <circle cx="5.3" cy="5.3" r="0.5" fill="var(--warm-edge)" />
    </pattern>
    <pattern id="tint-cocoa" width="6" height="4" patternUnits="userSpaceOnUse">
      <rect width="6" height="4" fill="var(--chocolate)" />
      <path d="M0 2H6" stroke="var(--chocolate-ink)" stroke-width="0.8" />
    </pattern>
    <pattern id="tint-fruit" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
      <rect width="5" height="5" fill="var(--jelly)" />
      <path d="M0 0V5" stroke="var(--jelly-ink)" stroke-width="1" />
    </pattern>
    <pattern id="tint-caramel" width="6" height="6" patternUnits="userSpaceOnUse">
      <rect width="6" height="6" fill="var(--custard)" />
      <path d="M0 3Q1.5 1 3 3T6 3" stroke="var(--warm)" stroke-width="0.7" fill="none" />
    </pattern>
    <pattern id="tint-crumb" width="6" height="6" patternUnits="userSpaceOnUse">
      <rect width="6" height="6" fill="var(--crumb)" />
      <path d="M1 1l1.2 0.6-0.8 1zM4 3.4l1.3 0.3-0.7 1.1zM2 4.6l1 0.2-0.6 0.8z" fill="var(--crumb-ink)" />
    </pattern>
    <pattern id="tint-sponge" width="8" height="8" patternUnits="userSpaceOnUse">
      <rect width="8" height="8" fill="var(--mousse)" />
      <ellipse cx="2" cy="2.2" rx="1.2" ry="0.7" fill="none" stroke="var(--straw)" stroke-width="0.6" />
      <ellipse cx="6" cy="5.8" rx="1" ry="0.6" fill="none" stroke="var(--straw)" stroke-width="0.6" />
    </pattern>
    <pattern id="tint-pieces" width="9" height="9" patternUnits="userSpaceOnUse">
      <rect width="9" height="9" fill="var(--cream)" />
      <rect
        x="0.8"
        y="0.8"
        width="3.6"
        height="3.6"
        rx="1"
        fill="var(--brick)"
        stroke="var(--brick-ink)"
        stroke-width="0.4"
      />
      <rect
        x="5"
        y="4.8"
        width="3.2"
        height="3.2"
        rx="1"
        fill="var(--brick)"
        stroke="var(--brick-ink)"
        stroke-width="0.4"
      />
    </pattern>
  </defs>
</template>
