<template>
  <NewRow file="targets.csv" word="creature" />
</template>
