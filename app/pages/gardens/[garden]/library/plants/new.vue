<template>
  <NewRow file="plants.csv" word="plant" />
</template>
