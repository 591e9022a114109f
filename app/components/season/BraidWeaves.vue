<template>
  <!-- The pattern of each strand, so that none is distinguished by its colour alone. -->
  <defs>
    <pattern id="weave-nectar" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
      <rect width="5" height="5" fill="var(--nectar)" />
      <rect width="1.3" height="5" fill="var(--ground)" opacity="0.5" />
    </pattern>
    <pattern id="weave-shelter" width="6" height="5" patternUnits="userSpaceOnUse">
      <rect width="6" height="5" fill="var(--shelter)" />
      <circle cx="3" cy="2.5" r="0.95" fill="var(--ground)" opacity="0.65" />
    </pattern>
    <pattern id="weave-special" width="5" height="5" patternUnits="userSpaceOnUse">
      <rect width="5" height="5" fill="var(--special)" />
      <path d="M0,2.5 h2.6" stroke="var(--ground)" stroke-width="1.2" opacity="0.6" />
    </pattern>
  </defs>
</template>
