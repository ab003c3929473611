<template>
  <!-- Each family of food has its tint and its pattern, so that colour alone never tells. -->
  <defs>
    <pattern id="tint-cream" width="7" height="7" patternUnits="userSpaceOnUse">
      <rect width="7" height="7" fill="#fbefd9" />
      <circle cx="1.8" cy="1.8" r="0.5" fill="#d9b98a" />
      <circle cx="5.3" cy="5.3" r="0.5" fill="#d9b98a" />
    </pattern>
    <pattern id="tint-cocoa" width="6" height="4" patternUnits="userSpaceOnUse">
      <rect width="6" height="4" fill="#a9785a" />
      <path d="M0 2H6" stroke="#6d4632" stroke-width="0.8" />
    </pattern>
    <pattern id="tint-fruit" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
      <rect width="5" height="5" fill="#f6cfa3" />
      <path d="M0 0V5" stroke="#d98d45" stroke-width="1" />
    </pattern>
    <pattern id="tint-caramel" width="6" height="6" patternUnits="userSpaceOnUse">
      <rect width="6" height="6" fill="#ecd0a4" />
      <path d="M0 3Q1.5 1 3 3T6 3" stroke="#a8763a" stroke-width="0.7" fill="none" />
    </pattern>
  </defs>
</template>
