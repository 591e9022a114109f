<script setup lang="ts">
/** What is wrong, how to be sure, what to do: the weekly look, what is seen, and the cases. */
const why = useWhyStore();
const cases = useCasesStore();
const { asked, symptom } = useWhyQuestion();
const ready = computed(() => why.why !== null && why.day !== null);
const known = computed(() => symptom.value !== '' && why.why?.book.symptom(symptom.value) !== null);
</script>

<template>
  <div>
    <p v-if="!ready" role="status" class="text-quiet">Fetching what is known of this garden …</p>
    <WhyAnswer v-else-if="known" :key="`${symptom} ${asked.of} ${asked.planting}`" />
    <template v-else>
      <h1>Why</h1>
      <p class="max-w-prose text-quiet">
        What is wrong, how to be sure, and what to do. It reasons from the plan, the place, the weather, the work and the log;
        often the answer is that all is well.
      </p>
      <p v-if="symptom !== ''" role="alert" class="my-2 border-l-4 border-gap pl-3">
        The library has no such symptom. Choose one of these.
      </p>
      <WhyNotices />
      <WhyCases :rows="cases.open" title="Open cases" />
      <WhyPick />
      <WhyCases :rows="cases.closed" title="Cases that are closed" />
      <WordsHere :words="['honeydew', 'frass', 'root ball', 'crown', 'harden off']" />
      <p class="no-print mt-4 max-w-prose text-sm text-quiet">
        Weights are the judgement of practitioners, in steps of doubling; the tables of symptoms, causes and checks stand in the
        library and can be corrected. Where it matters, ask your extension office.
      </p>
    </template>
  </div>
</template>
